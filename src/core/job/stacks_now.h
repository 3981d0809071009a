// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/log.h"

namespace fairchalk {

/// The card with its stacks and its tin as they are by now: what was put in and taken out since they were
/// written on a card, pass by pass, as the picker (shim_picker.h) would have had it. A stack of which that
/// can't be said is empty, and so not known; one that is known to hold nothing has a kind of which there are
/// none. A card without a tin is left alone.
CarCard with_stacks_now(const Job& job, CarCard card);

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "job_desk.h"

namespace fairchalk::desk {

/// Another plan that this car could be worked by: about less, touching less, or toward another set-up.
struct PlanOffer {
    QString text;
    PlanChoice choice;
    std::string set_up;  ///< to change over to; empty: by the targets as they are
    bool chosen = false;
};

/// All there are for the open job's car, all of it first. At least that one.
std::vector<PlanOffer> plan_offers(const JobDesk& desk);

/// Takes an offer up.
void take_up(JobDesk& desk, const PlanOffer& offer);

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/node.h"
#include "core/job/log.h"

namespace fairchalk::book {

/// A shop's sheet, and what was taken off because of it, from and to an entry.
ShopSheet shop_sheet_from(const Node& n);
void shop_sheet_json(const ShopSheet& sheet, Json& j);
BiasTaken bias_from(const Node& n);
void bias_json(const BiasTaken& bias, Json& j);

}  // namespace fairchalk::book

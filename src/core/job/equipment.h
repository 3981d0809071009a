// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>
#include <string_view>
#include <vector>

#include "core/job/knowledge.h"

namespace fairchalk {

/// How many of each thing are at hand, by the ids of the table of things.
using Equipment = std::map<std::string, int, std::less<>>;

/// What was made of `I have: two stands, a tape, boards`.
struct EquipmentRead {
    Equipment have;
    std::vector<std::string> unknown;  ///< parts that name nothing in the table, as typed
};
/// Parts are parted by commas, semicolons, `and` or `+`; each is a count, in figures or words, and a name in
/// one or many. Without a count it is as many as there usually are. A count of none (`no stands`, `0 stands`)
/// takes it away.
EquipmentRead read_equipment(std::string_view text, const Knowledge& knowledge);

/// What a rig still lacks; nothing when it can be set up.
std::vector<Needed> lacking(const RigItem& rig, const Equipment& have);

/// As a book keeps it: `stands 4, tape 1`. Reads back with `equipment_of_ids`; what it does not know is left.
std::string ids_of(const Equipment& have);
Equipment equipment_of_ids(std::string_view text, const Knowledge& knowledge);

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "book/entry_json.h"

namespace fairchalk::book {

/// What the practice floor offers (data/knowledge/practice.json). `reason` says what it is good for.
struct PracticeItem {
    std::string id, text, reason;
    std::string note;                ///< cars: what they are; lessons: what to do
    Json card, targets;              ///< cars, as in a job file
    std::vector<std::string> rigs;   ///< cars: what they are read with
    std::vector<std::string> asked;  ///< stories: what the customer says, ids of the reasons table
};
struct PracticeTables {
    std::vector<PracticeItem> cars, stories, levels, lessons;
    std::vector<std::string> path;  ///< ids of lessons: the first half hour, before a whole car
};
const PracticeItem* item_named(const std::vector<PracticeItem>& items, std::string_view id);

/// Reads it. Throws FileError naming the place for anything missing, misspelt or said twice, and for a card
/// or targets that no job could begin with.
PracticeTables practice_from(const Json& json);

/// What ships with the application: built in, and validated when it is built.
const PracticeTables& practice_tables();

}  // namespace fairchalk::book

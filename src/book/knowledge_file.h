// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "book/entry_json.h"
#include "core/job/knowledge.h"

namespace fairchalk::book {

/// The tables of data/knowledge as JSON lists.
struct KnowledgeTables {
    Json reasons, checks, cautions, schools, things, rigs;
};

/// Reads them. Throws FileError naming the place (`checks[3].when[0]`) for anything missing, misspelt or said
/// twice: every item needs its text, its reason and a place where it appears.
Knowledge knowledge_from(const KnowledgeTables& tables);

/// What ships with the application: built in, and validated when it is built.
const Knowledge& shipped_knowledge();

}  // namespace fairchalk::book

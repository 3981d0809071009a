// SPDX-License-Identifier: GPL-3.0-or-later
// Run by the build: a knowledge table with a mistake in it stops the build and says where.
#include <cstdio>
#include <exception>

#include "book/knowledge_file.h"
#include "book/practice_file.h"
#include "words/words.h"

int main() {
    try {
        const auto& k = fairchalk::book::shipped_knowledge();
        return k.checks.empty() || k.cautions.empty() || k.reasons.empty() || k.schools.empty() ||
               fairchalk::book::practice_tables().lessons.empty();
    } catch (const fairchalk::book::FileError& e) {
        std::fprintf(stderr, "data/knowledge: %s: %s\n", e.place.c_str(),
                     fairchalk::words::sentence(e.message).c_str());
    } catch (const std::exception& e) {
        std::fprintf(stderr, "data/knowledge: %s\n", e.what());
    }
    return 1;
}

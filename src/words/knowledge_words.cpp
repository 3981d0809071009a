// SPDX-License-Identifier: GPL-3.0-or-later
// What people know, in the user's language.
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

void say(std::string& text) {
    if (!text.empty()) text = tr(text.c_str());
}

}  // namespace

Knowledge in_language(Knowledge k) {
    for (Caution& c : k.cautions)
        for (std::string* s : {&c.text, &c.reason}) say(*s);
    for (CheckItem& c : k.checks)
        for (std::string* s : {&c.text, &c.look, &c.test, &c.effect, &c.remedy, &c.reason}) say(*s);
    for (ReasonItem& r : k.reasons)
        for (std::string* s : {&r.text, &r.reason, &r.expect}) say(*s);
    for (School& s : k.schools)
        for (std::string* t : {&s.text, &s.reason, &s.how}) say(*t);
    for (RigItem& r : k.rigs) {
        for (std::string* s : {&r.text, &r.tells, &r.tells_not, &r.reason, &r.make, &r.alone}) say(*s);
        for (RigItem::Step& step : r.steps) say(step.text);
    }
    for (Thing& t : k.things) {
        // What is typed is understood in English too.
        const std::vector<std::string> english = t.words;
        for (const std::string& word : english) {
            // A wall's word is compared in small letters.
            std::string theirs = tr(word.c_str());
            for (char& c : theirs)
                if (c >= 'A' && c <= 'Z') c = static_cast<char>(c - 'A' + 'a');
            if (theirs != word) t.words.push_back(theirs);
        }
        for (std::string* s : {&t.text, &t.one}) say(*s);
    }
    return k;
}

}  // namespace fairchalk::words

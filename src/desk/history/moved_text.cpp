// SPDX-License-Identifier: GPL-3.0-or-later
#include "history/moved_text.h"

#include <QObject>

#include "look/html.h"
#include "words/record_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// Less likely than that, a second cause is not worth a line.
constexpr double not_worth_a_line = 0.05;

}  // namespace

QString movedText(const std::vector<MovedAngle>& moved,
                  const std::function<std::vector<Explained>(Axle)>& why, int most, const Show& how) {
    QString out;
    int stayed = 0, unsure = 0;
    for (const MovedAngle& m : moved) {
        stayed += m.call == HasMoved::stayed;
        unsure += m.call == HasMoved::cannot_tell;
        if (m.call == HasMoved::moved) out += line(strong(q(words::moved(m, how))));
    }
    if (out.isEmpty()) out = line(QObject::tr("Nothing moved that these readings could show."));
    out += line(soft(QObject::tr("As they were: %n angles; can't tell: %1.",
                                 "As it was: one angle; can't tell: %1.", static_cast<int>(stayed))
                         .arg(unsure)));
    for (Axle axle : both_axles) {
        if (!moved_at(moved, axle)) continue;
        int told = 0;
        for (const Explained& e : why(axle)) {
            if (told == most || (told > 0 && e.probability < not_worth_a_line)) break;
            if (told++ == 0) out += line(QObject::tr("Why, the likeliest first:"));
            out += line(q(words::cause(e, axle))) + line(soft(q(words::what_to_look_at(e.cause))));
        }
        if (told == 0)
            out += line(soft(QObject::tr("Why, is told where the card says how this axle is suspended.")));
    }
    return out;
}

}  // namespace fairchalk::desk

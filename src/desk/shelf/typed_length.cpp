// SPDX-License-Identifier: GPL-3.0-or-later
#include "shelf/typed_length.h"

#include <QObject>

#include "words/words.h"

namespace fairchalk::desk {

QString typedLength(const QString& text, const std::string& key, Bounded what, Bare bare,
                    std::map<std::string, std::string>& insisted, std::string& out) {
    const std::string typed = text.trimmed().toStdString();
    const auto q = read_quantity(typed, {Expect::Kind::length, bare, what == Bounded::thread_pitch});
    if (!q) return QString::fromStdString(words::sentence(q.error()));
    const auto doubt = doubt_of(what, *q, typed);
    if (doubt && (insisted[key] != typed || !(q->value > 0))) {
        insisted[key] = typed;
        const QString question = QString::fromStdString(words::sentence(doubt->question));
        return q->value > 0 ? question + QObject::tr(" Begin again keeps it as it stands.") : question;
    }
    out = q->text;
    return {};
}

}  // namespace fairchalk::desk

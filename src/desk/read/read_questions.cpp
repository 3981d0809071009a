// SPDX-License-Identifier: GPL-3.0-or-later
#include "read/read_questions.h"

#include <cmath>

#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

QString reasonWanted() {
    return StrikeQuestion::tr(
        "A reason of a word or two is kept with it, such as “rule slipped” or “inside, near enough”.");
}

QString reasonHint() {
    return StrikeQuestion::tr("A few words; Ctrl and Enter keep them, Escape goes back.");
}

QString SweepQuestion::hint() const {
    return tr("By the plate's scale or floor marks: 18.5. By the steering wheel: 0.9 turns.");
}

Understood SweepQuestion::understand(const QString& text) const {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    return {QStringLiteral("= %1").arg(quantity->kind == QuantityKind::turns
                                           ? q(show_turns(std::abs(quantity->value)))
                                           : q(fairchalk::show(abs(quantity->angle()), how_))),
            true};
}

QString SweepQuestion::keep(const QString& text) {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    const bool wheel = quantity->kind == QuantityKind::turns;
    const double by = std::abs(quantity->value);
    if ((!wheel && quantity->kind != QuantityKind::angle) || by == 0.0 || by > (wheel ? 4.0 : 60.0))
        return tr("“%1” is not how far a wheel is turned; right would be 18.5 degrees, or 0.9 turns of the "
                  "steering wheel.")
            .arg(text.trimmed());
    read_.sweptBy(*quantity);
    emit answered();
    return {};
}

const Reading& StrikeQuestion::struck() const {
    return std::get<Reading>(desk_.log()[entry_].event);
}

QString StrikeQuestion::number() const {
    return desk_.number(struck().spot);
}

QString StrikeQuestion::title() const {
    return q(words::spot(struck().spot));
}

QString StrikeQuestion::subtitle() const {
    return tr("strike out %1: why?").arg(q(words::as_read(struck())));
}

QString StrikeQuestion::say() const {
    return tr("Say why the reading is wrong; it stays in the record, struck out.");
}

QString StrikeQuestion::hint() const {
    return reasonHint();
}

Understood StrikeQuestion::understand(const QString&) const {
    return {soft(reasonHint()), true};
}

QString StrikeQuestion::keep(const QString& text) {
    const QString why = text.trimmed().isEmpty() ? reason_ : text.trimmed();
    if (why.isEmpty()) return reasonWanted();
    desk_.strike(entry_, why);
    emit answered();
    return {};
}

}  // namespace fairchalk::desk

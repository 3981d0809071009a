// SPDX-License-Identifier: GPL-3.0-or-later
#include "guide/guide.h"

#include <algorithm>
#include <cmath>

#include "core/quantity/typed_words.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

std::optional<practice::Held> Guide::held() const {
    const auto asked = onPracticeFloor() ? reads() : std::nullopt;
    return asked ? desk_.held(*asked) : std::nullopt;
}

Act goOn(Stage to) {
    return {QStringLiteral("go-on"), Guide::tr("Go on: %1").arg(q(words::to_begin(words::stage(to)))), true,
            false, Act::enter};
}

Act toRecord() {
    return {QStringLiteral("record"), Guide::tr("The record"), true, false, Act::enter};
}

std::size_t keyOf(const std::vector<Act>& acts, std::size_t which) {
    if (acts[which].key) return *acts[which].key;
    // In turn, past what another act has for its own.
    std::size_t before = static_cast<std::size_t>(
        std::count_if(acts.begin(), acts.begin() + static_cast<std::ptrdiff_t>(which),
                      [](const Act& a) { return !a.key; }));
    for (std::size_t at = 0;; ++at) {
        const bool taken = std::any_of(acts.begin(), acts.end(), [&](const Act& a) { return a.key == at; });
        if (!taken && before-- == 0) return at;
    }
}

std::vector<Act> Guide::offered() const {
    std::vector<Act> out = acts();
    const auto first = std::find_if(out.begin(), out.end(), [](const Act& a) { return a.main; });
    if (first != out.end()) std::for_each(first + 1, out.end(), [](Act& a) { a.main = false; });
    return out;
}

QString Guide::truthHint() const {
    return desk_.practice() ? line(soft(tr("Ctrl+R ends the practice and shows the truth."))) : QString();
}

QString Guide::hint() const {
    const bool metric = how_.lengths == Show::LengthStyle::mm;
    if (typesWords()) return {};
    switch (expected().kind) {
        case Expect::Kind::pressure:
            return tr("Like 2.2 bar or 32 psi; a bare number is %1.").arg(metric ? tr("bar") : tr("psi"));
        case Expect::Kind::temperature:
            return tr("Like 71 C or 160 F; a bare number is %1.").arg(metric ? tr("°C") : tr("°F"));
        case Expect::Kind::length:
        case Expect::Kind::length_or_angle:
            return metric ? tr("A bare number is mm, a bare fraction inches.")
                          : tr("A bare number is inches.");
        default:
            return {};
    }
}

std::optional<Doubt> Guide::doubt(const Quantity& typed, const std::string& text) const {
    const auto what = bounded();
    return what ? doubt_of(*what, typed, text) : std::nullopt;
}

Understood Guide::understand(const QString& text) const {
    if (typesWords()) return {soft(tr("Enter keeps it")), true};
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    QString value;
    switch (quantity->kind) {
        case QuantityKind::length:
            value = QStringLiteral("%1 mm (%2 in)")
                        .arg(q(show_number(quantity->value, 1)))
                        .arg(q(show_number(quantity->value / 25.4, 3)));
            break;
        case QuantityKind::pressure:
            value = QStringLiteral("%1 (%2)").arg(
                q(show_pressure(quantity->value)),
                q(show_pressure(quantity->value, {{}, Show::LengthStyle::inch})));
            break;
        case QuantityKind::temperature:
            value = QStringLiteral("%1 (%2)").arg(
                q(show_temperature(quantity->value)),
                q(show_temperature(quantity->value, {{}, Show::LengthStyle::inch})));
            break;
        default:
            value = q(fairchalk::show(*quantity, how_));
            break;
    }
    return {QStringLiteral("⟨b⟩= %1⟨/b⟩   %2").arg(value, soft(tr("Enter keeps it"))), true};
}

Result<Quantity> writtenLike(Result<Quantity> read, const char* one, const char* other) {
    if (!read && read.error().args.size() > 3) {
        read.error().args[2] = one;
        read.error().args[3] = other;
    }
    return read;
}

QString inBothUnits(const Quantity& quantity) {
    if (quantity.kind != QuantityKind::length)
        return QStringLiteral("%1 deg").arg(q(show_number(quantity.value, 3)));
    // As typed is on the entry line; here stand both millimetres and inches.
    return QStringLiteral("%1 mm (%2 in)")
        .arg(q(show_number(quantity.value, quantity.resolution < 0.1 ? 2 : 1)))
        .arg(q(show_number(quantity.value / 25.4, 3)));
}

QString within(Length by, const Show& how) {
    if (how.lengths == Show::LengthStyle::mm)
        return QStringLiteral("%1 mm").arg(q(show_number(by.mm(), by.mm() < 0.95 ? 2 : 1)));
    return by.in() < 1.0 / 64.0 ? QStringLiteral("%1 in").arg(q(show_number(by.in(), 3)))
                                : q(fairchalk::show(by, how));
}

QStringList looseThings(const Job& job) {
    QStringList out;
    for (const std::string& id : unlocked_adjusters(job))
        out << QObject::tr("%1: turned and not locked").arg(q(words::to_begin(words::adjuster(job.car, id))));
    for (const PartTouched& p : loose_list(job))
        out << QStringLiteral("%1: %2").arg(q(p.part), q(words::part_state(p.state)));
    return out;
}

ThreadTyped readThread(const QString& text, const Adjuster* rod, const Expect& expected) {
    // In whichever language it is typed.
    if (in_english(text.toStdString()).find("thread") == std::string::npos) {
        const auto quantity = read_quantity(text.toStdString(), expected);
        return quantity ? ThreadTyped{*quantity, {}, false}
                        : ThreadTyped{{}, q(words::sentence(quantity.error())), false};
    }
    bool number = false;
    const double n = text.trimmed().section(QLatin1Char(' '), 0, 0).toDouble(&number);
    if (!number || !rod || !rod->pitch)
        return {
            {}, Guide::tr("A count, like “14 threads”, needs the thread's pitch on the car's card."), true};
    const auto quantity = read_quantity(write_exact(*rod->pitch * n));
    return quantity ? ThreadTyped{*quantity, {}, true}
                    : ThreadTyped{{}, q(words::sentence(quantity.error())), true};
}

Result<Quantity> readSideAngle(const QString& text) {
    QString rest = q(in_english(text.trimmed().toStdString()));
    double side = 0.0;
    const std::pair<const char*, double> words[] = {{"right", 1.0}, {"left", -1.0}, {"r", 1.0}, {"l", -1.0}};
    for (const auto& [word, sign] : words)
        if (const QString w = QString::fromLatin1(word); rest.endsWith(w, Qt::CaseInsensitive)) {
            rest.chop(w.size());
            side = sign;
            break;
        }
    auto quantity = read_quantity(rest.trimmed().toStdString(), {Expect::Kind::angle, Bare::deg});
    if (!quantity) return writtenLike(quantity, "6 left", "3°30' right");
    if (side == 0.0 && quantity->value != 0.0)
        return fail(Code::text_not_understood, text.toStdString(), "the end: which side?", "6 left",
                    "3°30' right");
    if (side != 0.0) quantity->value = side * std::abs(quantity->value);
    quantity->text = write_exact(quantity->angle());
    return quantity;
}

}  // namespace fairchalk::desk

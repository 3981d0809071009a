// SPDX-License-Identifier: GPL-3.0-or-later
#include "slate/besides.h"

#include <array>

#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// What can happen to a car between two readings, in the order of its digits.
struct Happens {
    ChangeKind kind;
    std::optional<Axle> axle;
    const char* text;
};
const std::array<Happens, 10> happens = {{
    {ChangeKind::jacked, Axle::front, QT_TRANSLATE_NOOP("HappeningQuestion", "front jacked up")},
    {ChangeKind::jacked, Axle::rear, QT_TRANSLATE_NOOP("HappeningQuestion", "rear jacked up")},
    {ChangeKind::rolled, {}, QT_TRANSLATE_NOOP("HappeningQuestion", "rolled")},
    {ChangeKind::bounced, {}, QT_TRANSLATE_NOOP("HappeningQuestion", "bounced")},
    {ChangeKind::strings_moved, {}, QT_TRANSLATE_NOOP("HappeningQuestion", "strings moved")},
    {ChangeKind::steering_recentred, {}, QT_TRANSLATE_NOOP("HappeningQuestion", "steering moved")},
    {ChangeKind::pressures_changed, {}, QT_TRANSLATE_NOOP("HappeningQuestion", "pressures changed")},
    {ChangeKind::load_changed, {}, QT_TRANSLATE_NOOP("HappeningQuestion", "load changed")},
    {ChangeKind::locked, Axle::front, QT_TRANSLATE_NOOP("HappeningQuestion", "front locked")},
    {ChangeKind::locked, Axle::rear, QT_TRANSLATE_NOOP("HappeningQuestion", "rear locked")},
}};

}  // namespace

QString LooseQuestion::likely() const {
    const auto& turns = desk_.answer().plan.turns;
    if (stage_ == Stage::turn && !turns.empty()) {
        const QString name = q(words::adjuster(desk_.car(), turns.front().adjuster));
        return desk_.car().rod(turns.front().adjuster) ? tr("%1, locknut").arg(name) : name;
    }
    return stage_ == Stage::check_over ? tr("Left boot clip") : tr("Left tie rod, locknut");
}

QString LooseQuestion::body() const {
    QString out;
    for (const QString& one : looseThings(desk_.job())) out += line(one);
    return out;
}

QString LooseQuestion::say() const {
    return tr("Say what was loosened, taken off or left for later; the drive waits for it.");
}

QString LooseQuestion::hint() const {
    return tr("Enter keeps it as %1; it shows until it is refitted.").arg(q(words::part_state(state_)));
}

Understood LooseQuestion::understand(const QString&) const {
    return {soft(hint()), true};
}

QString LooseQuestion::keep(const QString& text) {
    const QString part = text.trimmed().isEmpty() ? likely() : text.trimmed();
    desk_.record(PartTouched{state_, part.toStdString()});
    emit answered();
    return {};
}

std::vector<Act> LooseQuestion::acts() const {
    std::vector<Act> out;
    for (PartState part : {PartState::loosened, PartState::removed, PartState::provisional})
        out.push_back(
            {QString::number(static_cast<int>(part)), q(words::part_state(part)), false, part == state_});
    return out;
}

void LooseQuestion::act(const QString& id) {
    state_ = static_cast<PartState>(id.toInt());
    emit said();
}

QString HappeningQuestion::body() const {
    return line(soft(tr("What it spoils is marked on the line, and asked for again.")));
}

QString HappeningQuestion::say() const {
    return tr("Say what happened to the car: it decides what is stale.");
}

std::vector<Act> HappeningQuestion::acts() const {
    std::vector<Act> out;
    for (const Happens& h : happens) out.push_back({QString::number(out.size()), tr(h.text)});
    return out;
}

void HappeningQuestion::act(const QString& id) {
    const Happens& h = happens[id.toUInt()];
    desk_.happened(h.kind, h.axle);
    emit answered();
}

}  // namespace fairchalk::desk

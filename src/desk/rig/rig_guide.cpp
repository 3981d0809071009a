// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/chalk.h"
#include "look/html.h"
#include "rig/lines_guide.h"
#include "rig/rig_drawing.h"
#include "words/words.h"

namespace fairchalk::desk {

RigGuide::RigGuide(JobDesk& desk, const std::string& rig, QObject* parent)
    : DrawnGuide(desk, parent), rig_(*desk.knowledge().rig(rig)) {}

void RigGuide::enter() {
    if (chosen_.isEmpty()) chosen_ = QStringLiteral("0");
}

std::size_t RigGuide::step_() const {
    return std::min(static_cast<std::size_t>(chosen_.toUInt()), rig_.steps.size() - 1);
}

std::vector<Place> RigGuide::places() const {
    std::vector<Place> out;
    for (std::size_t i = 0; i < rig_.steps.size(); ++i)
        out.push_back({QString::number(i),
                       {24, 680 + 46.0 * static_cast<double>(i), 912, 42},
                       tr("Step %1").arg(i + 1),
                       q(rig_.steps[i].text)});
    return out;
}

QString RigGuide::title() const {
    return q(rig_.text);
}
QString RigGuide::subtitle() const {
    return tr("step %1 of %2").arg(step_() + 1).arg(rig_.steps.size());
}

QString RigGuide::body() const {
    QString out = line(q(rig_.steps[step_()].text));
    if (!rig_.alone.empty()) out += head(tr("Alone")) + line(q(rig_.alone));
    out += head(tr("Tells")) + line(q(rig_.tells)) + head(tr("Does not tell")) + line(q(rig_.tells_not));
    return out;
}

QString RigGuide::say() const {
    return step_() + 1 < rig_.steps.size() ? tr("Page Down is the next step; Escape goes back.")
                                           : tr("That is all of it. Escape goes back.");
}

std::vector<Act> RigGuide::acts() const {
    std::vector<Act> out;
    if (step_() + 1 < rig_.steps.size()) out.push_back({"next", tr("Next step"), true, false, 0});
    out.push_back({"back", tr("Back"), step_() + 1 == rig_.steps.size(), false, 1});
    if (!rig_.making.empty()) out.push_back({"make", tr("The sums"), false, false, 2});
    return out;
}

void RigGuide::act(const QString& id) {
    if (id == "next") choose(QString::number(step_() + 1));
    if (id == "back") emit pageWanted({});
    if (id == "make") emit pageWanted({PageId::making, q(rig_.making)});
}

void RigGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {30, 24, 900, 39}, Qt::AlignLeft, q(rig_.text), 19, c.chalk, true);
    RigDrawing how;
    how.text = 17;
    how.sweep = desk_.lines().sweep.value_or(usual_sweep);
    how.weight = [this](std::string_view show) {
        for (std::size_t i = 0; i < rig_.steps.size(); ++i)
            if (rig_.steps[i].show == show)
                return i == step_() ? Weight::now : i < step_() ? Weight::there : Weight::later;
        return Weight::later;
    };
    drawRig(p, {30, 70, 900, 590}, *rig_named(rig_.id), how);
    const auto all = places();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const bool now = i == step_();
        drawText(p, all[i].at.adjusted(6, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, QString::number(i + 1),
                 15, now ? c.string : c.soft, true);
        drawText(p, all[i].at.adjusted(40, 0, -6, 0), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                 all[i].value, 11.5, now ? c.chalk : c.soft);
    }
}

}  // namespace fairchalk::desk

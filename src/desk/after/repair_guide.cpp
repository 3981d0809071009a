// SPDX-License-Identifier: GPL-3.0-or-later
#include "after/repair_guide.h"

#include <algorithm>

#include "core/job/baseline.h"
#include "core/judge/moved.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/season_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// Where a joint is on the drawing of a corner seen from behind, and where its name stands.
struct JointAt {
    QPointF at;
    QRectF name;
};
JointAt placeOf(Joint j, CornerKind kind) {
    const bool strut = kind == CornerKind::strut;
    const auto at = [](double x, double y, double nx, double ny) {
        return JointAt{{x, y}, {nx, ny, 360, 34}};
    };
    switch (j) {
        case Joint::wheel:
            return at(232, 640, 190, 716);
        case Joint::hub:
            return at(290, 520, 150, 286);
        case Joint::ball_joint:
            return at(330, 640, 300, 690);
        case Joint::tie_rod_end:
            return at(352, 560, 372, 586);
        case Joint::tie_rod_thread:
            return at(520, 556, 470, 516);
        case Joint::rack_clamps:
            return at(720, 552, 660, 580);
        case Joint::upper_arm_bolts:
            return at(640, 376, 620, 326);
        case Joint::lower_arm_bolts:
            return at(700, 664, 640, 690);
        case Joint::strut_top:
            return at(430, 130, 460, 112);
        case Joint::strut_to_upright:
            return at(346, 450, 372, 432);
        case Joint::spring:
            return strut ? at(408, 250, 440, 236) : at(520, 300, 470, 200);
        case Joint::damper:
            return at(546, 420, 570, 424);
        case Joint::subframe_bolts:
            return at(780, 740, 640, 770);
    }
    return at(0, 0, 0, 0);
}

}  // namespace

void RepairGuide::enter() {
    undone_.clear();
    chosen_ = q(std::string(name_of(Joint::lower_arm_bolts)));
}

std::optional<CornerKind> RepairGuide::kind() const {
    return corner_kind_of(desk_.car(), axle_of(wheel_));
}

RodSide RepairGuide::rods() const {
    const Adjuster* rod = desk_.car().rod_at(wheel_);
    return rod && rod->rod == RodSide::ahead_of_axle ? RodSide::ahead_of_axle : RodSide::behind_axle;
}

std::vector<Joint> RepairGuide::undone() const {
    return {undone_.begin(), undone_.end()};
}

QString RepairGuide::subtitle() const {
    return q(words::to_begin(words::wheel(wheel_)));
}

std::vector<Place> RepairGuide::places() const {
    std::vector<Place> out;
    const auto k = kind();
    if (!k) return out;
    for (Joint j : joints_of(*k)) {
        const JointAt at = placeOf(j, *k);
        out.push_back(
            {q(std::string(name_of(j))), at.name.united(QRectF(at.at - QPointF(16, 16), QSizeF(32, 32))),
             q(words::to_begin(words::joint(j))), undone_.contains(j) ? tr("undone") : tr("stays")});
    }
    return out;
}

void RepairGuide::point(const QString& place) {
    choose(place);
    act(QStringLiteral("undo"));
}

std::vector<Act> RepairGuide::acts() const {
    const auto here = joint_named(chosen_.toStdString());
    std::vector<Act> out;
    if (kind())
        out.push_back({QStringLiteral("undo"),
                       here && undone_.contains(*here) ? tr("It stays done up") : tr("It is undone"), true,
                       false, 0});
    out.push_back({QStringLiteral("wheel"), tr("Another wheel"), false, false, 1});
    if (!undone_.empty())
        out.push_back({QStringLiteral("list"), tr("Put on the take-apart list"), false, false, 2});
    return out;
}

void RepairGuide::act(const QString& id) {
    if (id == QLatin1String("wheel")) {
        wheel_ = all_wheels[static_cast<std::size_t>((index_of(wheel_) + 1) % 4)];
        undone_.clear();
    } else if (id == QLatin1String("list")) {
        std::vector<JobDesk::What> notes;
        for (Joint j : undone_)
            notes.push_back(BaselineNote{
                "joint " + std::string(name_of(j)) + " " + std::string(name_of(wheel_)), {}, {}, false});
        desk_.record(std::move(notes));
        emit pageWanted({PageId::baseline});
        return;
    } else if (const auto here = joint_named(chosen_.toStdString())) {
        if (!undone_.erase(*here)) undone_.insert(*here);
    }
    emit changed();
}

QString RepairGuide::body() const {
    const auto k = kind();
    if (!k)
        return line(soft(
            tr("The card says neither wishbones nor struts for this axle: what moves its angles is not known "
               "here. Read it before and after.")));
    if (undone_.empty())
        return line(soft(tr("Point at each thing that will be undone. What the others do stays as it is.")));
    const std::vector<Joint> all = undone();
    const Disturbed d = disturbed_by(*k, rods(), all);
    QString out = head(tr("May move, at most"));
    out += line(d.any() ? strong(q(words::to_begin(words::disturbed(d, how_)))) : strong(tr("No angle.")));
    if (d.any())
        out += line(soft(
            tr("With nothing marked, each bolt back anywhere in its hole, for a corner like this one. With "
               "marks it is far less; read it again all the same.")));
    out += head(tr("Before it is undone"));
    for (Joint j : all)
        out += line(tr("%1: %2").arg(q(words::to_begin(words::joint(j))), q(words::before_undoing(j))));
    QString other;
    for (Joint j : all)
        if (const auto s = spares(j, *k); s && !undone_.contains(*s))
            other += line(tr("%1: where that is enough, this stays: %2.")
                              .arg(q(words::to_begin(words::joint(*s))), q(words::joint(j))));
    if (!other.isEmpty()) out += head(tr("Another way there")) + other;
    QString reads;
    if (d.toe > 0.05) reads += line(tr("Toe of both wheels of this axle, and the steering wheel."));
    if (d.camber > 0.05) reads += line(tr("Camber on this wheel, left against right."));
    if (d.caster > 0.1) reads += line(tr("Caster of this wheel."));
    if (!reads.isEmpty()) out += head(tr("Afterwards, read again")) + reads;
    const Estimate& now = desk_.answer().now;
    const KnownAngle& toe = now.wheels[static_cast<std::size_t>(index_of(wheel_))].toe;
    out += line(soft(
        toe.known || now.axles[0].total_toe.known
            ? tr("This car's angles are in this job: the next one begins with them, and the turns that put "
                 "them back are planned from what is read then.")
            : tr("Nothing of this car is read yet: read it before, and the turns that put it back can be "
                 "planned.")));
    out += line(
        warn(tr("Torques and new nuts by the vehicle's manual. Arm bolts are tightened at ride height.")));
    return out;
}

QString RepairGuide::say() const {
    const auto here = joint_named(chosen_.toStdString());
    return here && kind() ? tr("%1: is it undone?").arg(q(words::to_begin(words::joint(*here)))) : title();
}

void RepairGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const auto k = kind();
    if (!k) {
        drawText(p, {80, 360, 800, 120}, Qt::AlignCenter | Qt::TextWordWrap,
                 tr("How this axle is suspended is not on the card (Ctrl+I)."), 18, c.soft);
        return;
    }
    drawText(p, {40, 24, 880, 34}, Qt::AlignLeft | Qt::AlignVCenter,
             tr("One corner, seen from behind, drawn as a left one"), 15, c.soft);
    // Wheel, upright, arms, rod and rack, frame.
    p.setBrush(c.well);
    p.setPen(c.stroke(c.soft, 3));
    p.drawRoundedRect(QRectF(196, 330, 74, 380), 22, 22);
    chalkLine(p, {270, 520}, {326, 520}, c.soft, 5);
    const bool strut = *k == CornerKind::strut;
    chalkLine(p, strut ? QPointF(338, 470) : QPointF(330, 400), {330, 640}, c.chalk, 6);
    chalkLine(p, {330, 640}, {700, 664}, c.chalk, 5);
    chalkLine(p, {352, 560}, {640, 552}, c.chalk, 3.5);
    p.setPen(c.stroke(c.chalk, 3));
    p.drawRoundedRect(QRectF(640, 538, 160, 28), 10, 10);
    p.setPen(c.stroke(c.faint, 3));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(QPolygonF{{800, 300}, {800, 740}, {680, 740}, {680, 700}});
    const auto coil = [&](QPointF a, QPointF b) {
        const QPointF d = (b - a) / 7.0, n(-d.y() * 0.9, d.x() * 0.9);
        QPolygonF z{a};
        for (int i = 0; i < 7; ++i) z << a + d * (i + 0.5) + n * (i % 2 ? 1.0 : -1.0);
        z << b;
        p.setPen(c.stroke(c.soft, 3));
        p.drawPolyline(z);
    };
    if (strut) {
        chalkLine(p, {338, 470}, {430, 130}, c.chalk, 5);
        coil({396, 300}, {426, 160});
        chalkLine(p, {380, 130}, {480, 130}, c.soft, 5);
    } else {
        chalkLine(p, {330, 400}, {640, 376}, c.chalk, 5);
        chalkLine(p, {520, 652}, {560, 330}, c.soft, 4);
        coil({527, 560}, {552, 350});
        chalkLine(p, {500, 326}, {620, 326}, c.faint, 4);
    }
    for (const Place& place : places()) {
        const auto j = joint_named(place.id.toStdString());
        const JointAt at = placeOf(*j, *k);
        const bool here = place.id == chosen_, off = undone_.contains(*j);
        p.setPen(c.stroke(here ? c.string : c.chalk, here ? 4 : 2.4));
        p.setBrush(off ? QBrush(c.caution) : QBrush(c.floor));
        p.drawEllipse(at.at, 11, 11);
        if (off) {
            p.setPen(c.stroke(c.floor, 2.4));
            p.drawLine(at.at - QPointF(5, 5), at.at + QPointF(5, 5));
            p.drawLine(at.at - QPointF(5, -5), at.at + QPointF(5, -5));
        }
        drawText(p, at.name, Qt::AlignLeft | Qt::AlignVCenter, place.name, 14, here || off ? c.chalk : c.soft,
                 here || off);
    }
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "evening/evening_guide.h"

#include <algorithm>

#include <QTime>

#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double row_height = 64.0, top = 74.0;

QString clockIn(double minutes) {
    return QTime::currentTime().addSecs(static_cast<int>(60.0 * minutes)).toString(QStringLiteral("HH:mm"));
}

/// Up to five minutes: nobody knows it better.
QString readyAt(double minutes) {
    const int now = QTime::currentTime().msecsSinceStartOfDay() / 60'000;
    const int then = (now + static_cast<int>(minutes) + 4) / 5 * 5;
    return QTime::fromMSecsSinceStartOfDay(then % 1440 * 60'000).toString(QStringLiteral("HH:mm"));
}

/// The car from the side, as it stands: on stands, on the floor, with a string along it.
void drawStanding(QPainter& p, QPointF at, CarState state) {
    const Chalk& c = Chalk::now();
    const double up = state == CarState::wheels_up ? 12.0 : 0.0;
    const QPointF o = at - QPointF(0, up);
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.chalk, 2));
    p.drawPolyline(QPolygonF({o + QPointF(-36, 8), o + QPointF(-34, -4), o + QPointF(-16, -8),
                              o + QPointF(-6, -22), o + QPointF(16, -22), o + QPointF(24, -8),
                              o + QPointF(36, -4), o + QPointF(36, 8), o + QPointF(-36, 8)}));
    p.setBrush(c.floor);
    for (double x : {-21.0, 21.0}) p.drawEllipse(o + QPointF(x, 9), 8, 8);
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.soft, 1.6));
    p.drawLine(at + QPointF(-44, 18), at + QPointF(44, 18));
    if (state == CarState::wheels_up)
        for (double x : {-8.0, 8.0})
            p.drawPolyline(
                QPolygonF({at + QPointF(x - 6, 18), at + QPointF(x, -3), at + QPointF(x + 6, 18)}));
    if (state == CarState::under_lines) {
        p.setPen(c.stroke(c.string, 1.6));
        p.drawLine(at + QPointF(-44, 9), at + QPointF(44, 9));
    }
}

}  // namespace

/// Ready is when it was driven: where a drive is still in the list, its minutes count here.
QString readyAbout(const JobDesk& desk) {
    if (!desk.hasJob() || !desk.showsMinutes()) return {};
    double minutes = 0.0;
    for (const EveningStep& s : desk.answer().evening.steps) minutes += s.minutes;
    return minutes < 1.0 ? QString() : EveningGuide::tr("ready about %1").arg(readyAt(minutes));
}

/// The drive is in the list and not in the minutes: it is for when all is tight.
QString EveningGuide::toGo(const Evening& e) {
    const QString m = q(words::minutes(e.minutes));
    return !e.steps.empty() && e.steps.back().what == EveningStep::What::drive
               ? tr("%1 to go, then the drive").arg(m)
               : tr("%1 to go").arg(m);
}

void EveningGuide::enter() {
    chosen_ = QStringLiteral("0");
}

const EveningStep* EveningGuide::current() const {
    const auto& steps = desk_.answer().evening.steps;
    const auto n = chosen_.toUInt();
    return n < steps.size() ? &steps[n] : nullptr;
}

std::vector<Place> EveningGuide::places() const {
    std::vector<Place> out;
    const auto& steps = desk_.answer().evening.steps;
    for (std::size_t i = 0; i < steps.size(); ++i)
        out.push_back({QString::number(i),
                       QRectF(130, top + row_height * static_cast<double>(i), 810, row_height - 6),
                       q(words::evening_step(steps[i], desk_.car(), desk_.knowledge())),
                       steps[i].minutes > 0.0 ? q(words::minutes(steps[i].minutes)) : QString()});
    return out;
}

QString EveningGuide::title() const {
    return tr("The evening");
}

QString EveningGuide::subtitle() const {
    const Evening& e = desk_.answer().evening;
    if (e.minutes < 1.0) return tr("nothing left but the drive");
    return toGo(e);
}

QString EveningGuide::body() const {
    QString out;
    if (const EveningStep* s = current()) {
        out += line(strong(q(words::evening_step(*s, desk_.car(), desk_.knowledge()))));
        const QString detail = q(words::evening_detail(*s, desk_.car(), desk_.knowledge()));
        if (!detail.isEmpty()) out += line(detail);
    }
    const Knowledge& k = desk_.knowledge();
    for (const std::string& id : {desk_.order(), desk_.reach()})
        if (const School* s = k.school(id)) {
            out += head(q(s->text));
            out += line(soft(q(s->reason)));
            out += line(soft(q(s->how)));
        }
    out += head(tr("Minutes"));
    out += line(soft(
        tr("As this garage's own log has them, where it does: a spot %1, a turn %2, a nut %3, up and down "
           "%4.")
            .arg(q(show_number(desk_.answer().times.spot, 1)))
            .arg(q(show_number(desk_.answer().times.turn, 1)))
            .arg(q(show_number(desk_.answer().times.lock, 1)))
            .arg(q(show_number(desk_.answer().times.jack, 0)))));
    return out;
}

QString EveningGuide::say() const {
    const Evening& e = desk_.answer().evening;
    if (!desk_.answerIsCurrent()) return tr("Working it out …");
    if (desk_.job().targets.empty())
        return tr(
            "No targets yet: what to aim at is said on the car's card (Ctrl+I), and what it takes then "
            "stands here.");
    if (e.steps.empty()) return tr("Nothing is left to do.");
    return e.jackings == 0 ? tr("Nothing in it wants the wheels up. F2 goes to what is chosen.")
                           : tr("All that wants the wheels up is done in one go. F2 goes to what is chosen.");
}

std::vector<Act> EveningGuide::acts() const {
    return {{QStringLiteral("go"), tr("Go there"), true},
            {QStringLiteral("order"), tr("My order …")},
            {QStringLiteral("reach"), tr("How I reach it …")}};
}

void EveningGuide::act(const QString& id) {
    if (id == QLatin1String("order") || id == QLatin1String("reach"))
        emit asks(new SchoolQuestion(desk_, id.toStdString()));
    else if (const EveningStep* s = current()) {
        if (s->what == EveningStep::What::lock) return emit pageWanted({PageId::lock});
        emit stageWanted(s->stage);
    }
}

void EveningGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const Evening& e = desk_.answer().evening;
    drawText(p, {130, 20, 560, 36}, Qt::AlignLeft | Qt::AlignVCenter,
             e.minutes < 1.0 ? title() : q(words::to_begin(toGo(e).toStdString())), 17, c.chalk, true);
    drawText(p, {600, 20, 340, 36}, Qt::AlignRight | Qt::AlignVCenter, readyAbout(desk_), 17, c.string, true);
    double passed = 0.0;
    std::optional<CarState> before;
    for (std::size_t i = 0; i < e.steps.size(); ++i) {
        const EveningStep& s = e.steps[i];
        const double y = top + row_height * static_cast<double>(i);
        if (before != s.car) {
            if (before) {
                p.setPen(c.stroke(c.faint, 1.2));
                p.drawLine(QPointF(20, y - 3), QPointF(940, y - 3));
            }
            drawStanding(p, {68, y + 23}, s.car);
            drawText(p, {8, y + 42, 124, 16}, Qt::AlignHCenter | Qt::AlignVCenter, q(words::car_state(s.car)),
                     10, c.soft);
        }
        before = s.car;
        const bool here = chosen_ == QString::number(i);
        if (here) {
            p.setPen(Qt::NoPen);
            p.setBrush(c.panel);
            p.drawRoundedRect(QRectF(134, y, 806, row_height - 6), 8, 8);
        }
        drawText(p, {148, y + 4, 590, 26}, Qt::AlignLeft | Qt::AlignVCenter,
                 q(words::evening_step(s, desk_.car(), desk_.knowledge())), 14, c.chalk, true);
        drawText(p, {148, y + 30, 590, 22}, Qt::AlignLeft | Qt::AlignVCenter,
                 q(words::evening_detail(s, desk_.car(), desk_.knowledge())), 11, c.soft);
        passed += s.minutes;
        if (s.minutes > 0.0) {
            drawText(p, {740, y + 4, 120, 26}, Qt::AlignRight | Qt::AlignVCenter,
                     q(words::minutes(s.minutes)), 13, c.chalk);
            drawText(p, {862, y + 4, 68, 26}, Qt::AlignRight | Qt::AlignVCenter, clockIn(passed), 13, c.soft);
        }
    }
}

QString SchoolQuestion::title() const {
    return topic_ == "order" ? tr("In which order?") : tr("How do you reach what is turned?");
}

QString SchoolQuestion::body() const {
    QString out;
    for (const School* s : desk_.knowledge().on(topic_))
        out += line(strong(q(s->text)) + QStringLiteral(": ") + soft(q(s->reason)));
    return out;
}

std::vector<Act> SchoolQuestion::acts() const {
    std::vector<Act> out;
    const std::string now = topic_ == "order" ? desk_.order() : desk_.reach();
    for (const School* s : desk_.knowledge().on(topic_))
        out.push_back({q(s->id), q(s->text), false, s->id == now});
    return out;
}

void SchoolQuestion::act(const QString& id) {
    if (topic_ == "order")
        desk_.keepOrder(id.toStdString());
    else
        desk_.keepReach(id.toStdString());
    emit answered();
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/truth_guide.h"

#include <cmath>

#include <QPainterPath>

#include "look/chalk.h"
#include "look/html.h"
#include "practice/practice_jobs.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double drawn_times = 24.0;  // angles are drawn so much larger than life
const QRectF truth_box(110, 170, 740, 400), time_box(60, 730, 840, 150);

using Kind = practice::Mishap::Kind;

QString passes(int n) {
    return QObject::tr("%n passes of turning", "one pass of turning", static_cast<int>(n));
}

}  // namespace

void TruthGuide::enter() {
    if (!desk_.practice()) return;
    if (hasEnded(desk_))
        tell();
    else
        told_.reset();
}

void TruthGuide::tell() {
    if (told_ && told_at_ == desk_.log().size()) return;
    told_ = practice::debrief(*desk_.practice(), desk_.log());
    told_at_ = desk_.log().size();
}

std::vector<Place> TruthGuide::places() const {
    std::vector<Place> out;
    if (!told_) return out;
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        const QPointF at = wheelOf(truth_box, w);
        out.push_back({q(std::string(name_of(w))), QRectF(at.x() - 90, at.y() - 34, 180, 68),
                       q(words::wheel(w)),
                       tr("believed %1, truly %2")
                           .arg(told_->believed[i].known ? known(told_->believed[i], how_) : tr("unknown"),
                                q(show_toe(told_->truth[i], how_)))});
    }
    return out;
}

QString TruthGuide::title() const {
    return told_ ? tr("The truth") : tr("End this practice?");
}
QString TruthGuide::subtitle() const {
    return desk_.practice() ? titleOf(desk_.practice()->play()) : QString();
}

QString TruthGuide::after(std::size_t entry) const {
    for (std::size_t i = entry + 1; i-- > 0;)
        if (const Reading* r = std::get_if<Reading>(&desk_.log()[i].event)) {
            int n = 0;
            for (std::size_t k = 0; k <= i; ++k) n += std::holds_alternative<Reading>(desk_.log()[k].event);
            return tr("reading %1 of the job, at the %2").arg(n).arg(q(words::spot(r->spot)));
        }
    return tr("the beginning");
}

QString TruthGuide::wordsOf(const practice::Mishap& m) const {
    const Reading* r = std::get_if<Reading>(&desk_.log()[m.entry].event);
    const auto amount = [&](double by) {
        return r && r->value.kind == QuantityKind::angle
                   ? q(fairchalk::show(abs(Angle::from_deg(by)), how_))
                   : q(fairchalk::show(Length::from_mm(std::abs(by)), how_));
    };
    QString out;
    switch (m.kind) {
        case Kind::misread:
            out = tr("Misread, by %1: %2.").arg(amount(m.by), after(m.entry));
            break;
        case Kind::askew:
            out = tr("The rule was held askew, by %1: %2.").arg(amount(m.by), after(m.entry));
            break;
        case Kind::kicked:
            out = tr("Somebody walked into the front stand of the %1 string, after %2: %3 off.")
                      .arg(desk_.practice()->kicked().empty() ||
                                   desk_.practice()->kicked().front().side == Side::left
                               ? tr("left")
                               : tr("right"),
                           after(m.entry), q(fairchalk::show(Length::from_mm(std::abs(m.by)), how_)));
            break;
        case Kind::other_turn: {
            const Turn& t = std::get<Turn>(desk_.log()[m.entry].event);
            const int place = desk_.car().place_of(t.adjuster);
            const QString name =
                place < 0 ? q(t.adjuster)
                          : q(words::adjuster(desk_.car().adjusters[static_cast<std::size_t>(place)]));
            out = desk_.car().rod(t.adjuster)
                      ? tr("Not as the sheet said: %1, %2 %3 than it.")
                            .arg(name, q(show_turns(std::abs(m.by))), q(words::way(m.by > 0)))
                      : tr("Not as the sheet said: %1, by %2.")
                            .arg(name, q(fairchalk::show(Length::from_mm(std::abs(m.by)), how_)));
            break;
        }
        case Kind::unsettled:
            out = tr("Read while the wheel still stood %1 off from jacking: %2. Rolling it comes first.")
                      .arg(q(fairchalk::show(abs(Angle::from_deg(m.by)), how_)), after(m.entry));
            break;
        case Kind::too_soon:
            out = tr("It was called good, and is %1 outside its band.")
                      .arg(q(fairchalk::show(abs(Angle::from_deg(m.by)), how_)));
            break;
    }
    if (m.mended)
        out += QLatin1Char(' ') + tr("It was put right.");
    else if (m.seen)
        out += QLatin1Char(' ') + tr("It could be seen after %1.").arg(after(*m.seen));
    else if (m.kind == Kind::misread || m.kind == Kind::askew)
        out += QLatin1Char(' ') + tr("Nothing checked it: the same spot read twice would have.");
    else if (m.kind == Kind::kicked)
        out += QLatin1Char(' ') + tr("The bars read again would have told.");
    return out;
}

QString TruthGuide::body() const {
    if (!told_)
        return line(
            tr("What the car really is will be shown, and with that the practice is over. It stays in "
               "the book, to be looked at."));
    QString out;
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        out += line(tr("%1: believed %2, truly ⟨b⟩%3⟨/b⟩")
                        .arg(q(words::wheel(w)),
                             told_->believed[i].known ? known(told_->believed[i], how_) : tr("unknown"),
                             q(show_toe(told_->truth[i], how_))));
    }
    for (const practice::Debrief::Lean& l : told_->leans)
        out += line(tr("%1, %2: believed %3, truly ⟨b⟩%4⟨/b⟩")
                        .arg(q(words::wheel(l.wheel)),
                             l.measure == Measure::camber ? tr("camber") : tr("caster"),
                             known(l.believed, how_), q(fairchalk::show(l.truth, how_))));
    if (told_->verdicts > 0)
        out += line(tr("%1 of %2 targets truly inside; %3 were believed to be.")
                        .arg(told_->inside_truly)
                        .arg(told_->verdicts)
                        .arg(told_->inside_believed));
    out += line(tr("The steering wheel sits %1 while it runs straight.")
                    .arg(abs(told_->wheel_off) < Angle::from_deg(0.5)
                             ? tr("straight")
                             : tr("%1 to the %2")
                                   .arg(QStringLiteral("%1°").arg(std::round(abs(told_->wheel_off).deg())),
                                        told_->wheel_off.deg() > 0 ? tr("right") : tr("left"))));
    out += head(tr("What went wrong"));
    if (told_->mishaps.empty()) out += line(tr("Nothing that mattered."));
    int n = 0;
    for (const practice::Mishap& m : told_->mishaps) out += line(tr("%1. %2").arg(++n).arg(wordsOf(m)));
    return out;
}

QString TruthGuide::say() const {
    if (!told_) return tr("Ctrl and Enter show the truth and end the practice; Escape goes on with it.");
    return tr("%1, %2 readings; by hand it would have taken some %3 minutes.")
        .arg(passes(told_->passes))
        .arg(told_->readings)
        .arg(std::lround(told_->minutes / 5.0) * 5);
}

std::vector<Act> TruthGuide::acts() const {
    if (!told_) return {{"back", tr("Not yet"), false, false}};
    return {{"floor", tr("The practice floor"), true, false}, {"back", tr("Back"), false, false}};
}

QString TruthGuide::sure() const {
    return told_ ? QString() : tr("Show me the truth");
}

void TruthGuide::act(const QString& id) {
    if (id == "back") return emit pageWanted({});
    if (id == "floor") return emit pageWanted({PageId::practice});
    tell();
    keepEnd(desk_, *told_);
    emit changed();
}

/// What was believed as a fan as wide as its ±, and the wheel as it truly stands through it.
void TruthGuide::drawWheel(QPainter& p, Wheel w) const {
    const Chalk& c = Chalk::now();
    const auto i = static_cast<std::size_t>(index_of(w));
    const QPointF at = wheelOf(truth_box, w);
    const double in = side_of(w) == Side::left ? 1.0 : -1.0;  // toe in points to the car's middle
    const auto tip = [&](double deg, double length) {
        const double a = in * std::clamp(deg * drawn_times, -70.0, 70.0) * 3.14159265 / 180;
        return QPointF(length * std::cos(a), length * std::sin(a));
    };
    const KnownAngle& believed = told_->believed[i];
    if (believed.known) {
        QColor dust = c.chalk;
        dust.setAlpha(70);
        p.setPen(Qt::NoPen);
        p.setBrush(dust);
        const double lo = (believed.value - believed.plus_minus()).deg(),
                     hi = (believed.value + believed.plus_minus()).deg();
        for (double way : {1.0, -1.0}) {
            QPainterPath fan(at);
            for (int k = 0; k <= 12; ++k) fan.lineTo(at + way * tip(lo + (hi - lo) * k / 12, 100));
            fan.closeSubpath();
            p.drawPath(fan);
        }
        p.setPen(c.stroke(c.chalk, 1.6, Qt::DashLine));
        p.drawLine(at - tip(believed.value.deg(), 100), at + tip(believed.value.deg(), 100));
    }
    chalkLine(p, at - tip(told_->truth[i].deg(), 112), at + tip(told_->truth[i].deg(), 112), c.string, 3);
    // Between the wheels, where no fan reaches.
    const double y = side_of(w) == Side::left ? at.y() + 66 : at.y() - 118;
    const QRectF words(at.x() - 190, y, 380, 26);
    drawText(p, words, Qt::AlignCenter, tr("truly %1").arg(q(show_toe(told_->truth[i], how_))), 14, c.string,
             true);
    drawText(p, words.translated(0, 28), Qt::AlignCenter,
             believed.known ? tr("believed %1 ±%2")
                                  .arg(q(show_toe(believed.value, how_)),
                                       q(show_plus_minus(believed.plus_minus(), how_)))
                            : tr("never known"),
             12, c.chalk);
}

/// The job from left to right: readings as dots, turns as strokes; what went wrong is ringed, and joined to
/// where it could be seen.
void TruthGuide::drawTimeline(QPainter& p, const QRectF& box) const {
    const Chalk& c = Chalk::now();
    std::vector<std::size_t> shown;
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (std::holds_alternative<Reading>(desk_.log()[i].event) ||
            std::holds_alternative<Turn>(desk_.log()[i].event) ||
            std::holds_alternative<Change>(desk_.log()[i].event))
            shown.push_back(i);
    if (shown.empty()) return;
    const double step = box.width() / static_cast<double>(shown.size() + 1);
    const auto x = [&](std::size_t entry) {
        const auto it = std::lower_bound(shown.begin(), shown.end(), entry);
        return box.left() +
               step * (1.0 + static_cast<double>(std::min<std::size_t>(
                                 static_cast<std::size_t>(it - shown.begin()), shown.size() - 1)));
    };
    const double y = box.top() + 70;
    stringLine(p, {box.left(), y}, {box.right(), y}, c.string, 2);
    for (std::size_t i : shown) {
        const Entry& e = desk_.log()[i];
        if (std::holds_alternative<Turn>(e.event))
            chalkLine(p, {x(i), y - 24}, {x(i), y + 24}, c.target, 4);
        else if (std::holds_alternative<Change>(e.event))
            chalkLine(p, {x(i), y - 9}, {x(i), y + 9}, c.soft, 2);
        else {
            p.setPen(Qt::NoPen);
            p.setBrush(desk_.job().live(i) ? c.chalk : c.faint);
            p.drawEllipse(QPointF(x(i), y), 3.5, 3.5);
        }
    }
    int n = 0;
    for (const practice::Mishap& m : told_->mishaps) {
        ++n;
        p.setPen(c.stroke(c.caution, 2));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(QPointF(x(m.entry), y), 9, 9);
        const double up = 34 + 9 * (n % 3);
        drawText(p, {x(m.entry) - 20, y - up - 12, 40, 18}, Qt::AlignCenter, QString::number(n), 11,
                 c.caution, true);
        if (m.seen && *m.seen != m.entry) {
            QPainterPath arc(QPointF(x(m.entry), y + 9));
            arc.quadTo((x(m.entry) + x(*m.seen)) / 2, y + 60, x(*m.seen), y + 9);
            p.setPen(c.stroke(c.caution, 1.4, Qt::DashLine));
            p.drawPath(arc);
        }
    }
    drawText(
        p, {box.left(), box.bottom() - 26, box.width(), 22}, Qt::AlignLeft,
        tr("dots are readings, strokes are turns; ringed is what went wrong, the dashed arc leads to where "
           "it could be seen"),
        11, c.soft);
}

void TruthGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawCar(p, truth_box);
    if (!told_) {
        drawText(p, {60, 60, 840, 40}, Qt::AlignCenter,
                 tr("What you believe stands on the floor; what is, is not told yet."), 16, c.chalk);
        return;
    }
    drawText(p, {40, 8, 880, 36}, Qt::AlignLeft, tr("Believed and true"), 20, c.chalk, true);
    drawText(p, {300, 14, 620, 30}, Qt::AlignRight,
             tr("angles drawn %1 times; fan: believed with its ±; yellow: the truth").arg(drawn_times), 12,
             c.soft);
    for (Wheel w : all_wheels) drawWheel(p, w);
    drawText(p, {40, 668, 880, 34}, Qt::AlignLeft,
             tr("%1 · %2 readings · some %3 minutes by hand · %4 of %5 targets truly inside")
                 .arg(passes(told_->passes))
                 .arg(told_->readings)
                 .arg(std::lround(told_->minutes / 5.0) * 5)
                 .arg(told_->inside_truly)
                 .arg(told_->verdicts),
             15, c.chalk, true);
    drawTimeline(p, time_box);
}

}  // namespace fairchalk::desk

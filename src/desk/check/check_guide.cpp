// SPDX-License-Identifier: GPL-3.0-or-later
#include "check/check_guide.h"

#include <algorithm>
#include <cmath>
#include <map>

#include <QLineF>
#include <QPainterPath>

#include "core/quantity/typed_words.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/record_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// What is measured for a sum, and how its answer is typed.
struct Sum {
    const char* name;
    ReadingId kind;
    Bounded bounded;
    bool rolled;  ///< twice at each wheel
    bool rods;    ///< at wheels with a rod only
};
constexpr std::array sums_known = {
    Sum{"runout", ReadingId::rim_runout, Bounded::hub_to_string, true, false},
    Sum{"bulge", ReadingId::tire_bulge, Bounded::hub_to_string, true, false},
    Sum{"thread", ReadingId::thread_exposed, Bounded::thread_exposed, false, true},
    Sum{"rod-length", ReadingId::rod_length, Bounded::rod_length, false, true},
    Sum{"height", ReadingId::ride_height, Bounded::ride_height, false, false},
    Sum{"pressure", ReadingId::pressure, Bounded::pressure, false, false},
};

const Sum* sum_of(const CheckItem* item) {
    if (!item || item->sum.empty()) return nullptr;
    const auto it =
        std::find_if(sums_known.begin(), sums_known.end(), [&](const Sum& s) { return item->sum == s.name; });
    return it == sums_known.end() ? nullptr : &*it;
}

/// How an item is tested, in a few strokes.
void drawTest(QPainter& p, QPointF at, const std::string& drawing) {
    const Chalk& c = Chalk::now();
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.chalk, 2.2));
    if (drawing == "nuts") {
        p.drawEllipse(at, 44, 44);
        for (int i = 0; i < 5; ++i) {
            const double a = i * 2 * M_PI / 5 - M_PI / 2;
            p.drawEllipse(at + 22 * QPointF(std::cos(a), std::sin(a)), 5, 5);
        }
        p.setPen(c.stroke(c.string, 3));
        p.drawLine(at + QPointF(0, -22), at + QPointF(70, -40));
    } else if (drawing == "rock" || drawing == "bulge" || drawing == "runout") {
        p.drawEllipse(at, 46, 46);
        p.drawEllipse(at, 28, 28);
        p.setPen(c.stroke(c.string, 2.6));
        if (drawing == "rock") {
            for (double s : {-1.0, 1.0}) {
                p.drawLine(at + QPointF(-10, s * 58), at + QPointF(10, s * 58));
                p.drawLine(at + QPointF(10, s * 58), at + QPointF(5, s * 58 - 5));
                p.drawLine(at + QPointF(-10, s * 58), at + QPointF(-5, s * 58 + 5));
            }
        } else {
            p.drawLine(at + QPointF(62, -30), at + QPointF(62, 40));
            p.drawLine(at + QPointF(62, 0), at + QPointF(drawing == "runout" ? 29 : 47, 0));
            p.drawLine(at + QPointF(50, 40), at + QPointF(74, 40));
            p.drawArc(QRectF(at.x() - 38, at.y() - 38, 76, 76), 60 * 16,
                      (drawing == "runout" ? 180 : 90) * 16);
        }
    } else if (drawing == "rod") {
        p.drawLine(at + QPointF(-70, -8), at + QPointF(40, -8));
        p.drawLine(at + QPointF(-70, 8), at + QPointF(40, 8));
        for (double x = 0; x < 40; x += 6) p.drawLine(at + QPointF(x, -10), at + QPointF(x + 5, 10));
        p.drawEllipse(at + QPointF(58, 0), 17, 17);
        p.drawRect(QRectF(at.x() - 8, at.y() - 14, 10, 28));
    } else if (drawing == "pressure") {
        p.drawEllipse(at, 34, 34);
        p.drawLine(at, at + QPointF(16, -20));
        p.drawLine(at + QPointF(0, 34), at + QPointF(0, 58));
        for (int i = 0; i < 7; ++i) {
            const double a = (150 + i * 40) * M_PI / 180;
            p.drawLine(at + 28 * QPointF(std::cos(a), std::sin(a)),
                       at + 33 * QPointF(std::cos(a), std::sin(a)));
        }
    } else {
        // A height: hub up to the arch.
        p.drawArc(QRectF(at.x() - 60, at.y() - 52, 120, 120), 20 * 16, 140 * 16);
        p.drawEllipse(at + QPointF(0, 20), 36, 36);
        p.setPen(c.stroke(c.target, 2));
        p.drawLine(at + QPointF(0, 20), at + QPointF(0, -50));
        p.drawLine(at + QPointF(-6, -50), at + QPointF(6, -50));
        p.drawLine(at + QPointF(-6, 20), at + QPointF(6, 20));
    }
}

}  // namespace

const CheckItem* CheckGuide::item() const {
    return desk_.knowledge().check(chosen_.toStdString());
}

bool CheckGuide::measured() const {
    return sum_of(item()) && nextSpot();
}

void CheckGuide::enter() {
    again_.reset();
    note_.clear();
    const auto list = checks_for(desk_.job(), desk_.knowledge());
    if (item()) return;
    for (const CheckItem* c : list)
        if (state_of(desk_.job(), c->id).state == CheckState::open) {
            chosen_ = q(c->id);
            return;
        }
    if (!list.empty()) chosen_ = q(list.front()->id);
}

void CheckGuide::choose(const QString& place) {
    again_.reset();
    note_.clear();
    DrawnGuide::choose(place);
}

namespace {

constexpr double mark_radius = 16.0;  // the radius of a number on the car
const QRectF car_box(40, 118, 640, 262);

QPointF onCar(const CheckItem::At& at) {
    return {car_box.left() + car_box.width() * at.along / 100,
            car_box.top() + car_box.height() * at.across / 100};
}

/// The list under the car, down its columns in the order in which one walks round.
QRectF rowOf(std::size_t n, std::size_t count) {
    constexpr std::size_t columns = 3;
    const std::size_t rows = (count + columns - 1) / columns;
    const double row = std::min(74.0, 452.0 / static_cast<double>(rows)), column = 932.0 / columns;
    return {14 + column * static_cast<double>(n / rows), 456 + row * static_cast<double>(n % rows),
            column - 8, row - 6};
}

}  // namespace

std::vector<Place> CheckGuide::places() const {
    std::vector<Place> out;
    const auto list = checks_for(desk_.job(), desk_.knowledge());
    for (std::size_t i = 0; i < list.size(); ++i)
        out.push_back({q(list[i]->id), rowOf(i, list.size()), q(list[i]->text),
                       q(words::check_state(state_of(desk_.job(), list[i]->id).state))});
    return out;
}

std::vector<Spot> CheckGuide::spots(const CheckItem& item) const {
    std::vector<Spot> out;
    const Sum* sum = sum_of(&item);
    if (!sum) return out;
    constexpr std::array walk = {Wheel::front_left, Wheel::front_right, Wheel::rear_right, Wheel::rear_left};
    for (Wheel w : walk) {
        if (sum->rods && !desk_.car().rod_at(w)) continue;
        Spot s = wheel_spot(sum->kind, w);
        out.push_back(s);
        if (sum->rolled) {
            s.rolled = true;
            out.push_back(s);
        }
    }
    return out;
}

std::optional<Spot> CheckGuide::nextSpot() const {
    const CheckItem* c = item();
    if (!c) return std::nullopt;
    if (again_) return again_;
    const bool stale = c->sum == "height" || c->sum == "pressure"
                           ? ride_check_of(desk_.job(), sum_of(c)->kind).stale
                           : false;
    for (const Spot& s : spots(*c))
        if (state_readings(desk_.job(), s).empty()) return s;
    const auto all = spots(*c);
    if (stale && !all.empty()) return all.front();
    return std::nullopt;
}

QString CheckGuide::title() const {
    const CheckItem* c = item();
    return c ? q(c->text) : tr("Check over");
}

QString CheckGuide::subtitle() const {
    if (const auto s = nextSpot(); s && measured()) return q(words::spot(*s));
    const CheckItem* c = item();
    return c ? q(words::check_state(state_of(desk_.job(), c->id).state)) : QString();
}

QString CheckGuide::prompt() const {
    return measured() ? QString() : tr("a note, if any");
}

Expect CheckGuide::expected() const {
    const Sum* sum = sum_of(item());
    if (sum && sum->kind == ReadingId::pressure) return {Expect::Kind::pressure, barePressure()};
    return {Expect::Kind::length, bareLength()};
}

std::optional<Bounded> CheckGuide::bounded() const {
    const Sum* sum = sum_of(item());
    return sum && measured() ? std::optional(sum->bounded) : std::nullopt;
}

Understood CheckGuide::understand(const QString& text) const {
    if (!measured()) return {soft(tr("F2 good, F3 failed or F4 keeps it with the note")), true};
    const Sum* sum = sum_of(item());
    if (sum->kind == ReadingId::thread_exposed) {
        const ThreadTyped typed = readThread(text, desk_.car().rod_at(*nextSpot()->wheel), expected());
        if (typed.counted)
            return typed.shows ? Understood{QStringLiteral("⟨b⟩= %1⟨/b⟩")
                                                .arg(q(fairchalk::show(typed.shows->length(), how_))),
                                            true}
                               : Understood{warn(typed.wrong), false};
    }
    return Guide::understand(text);
}

std::optional<Reading> CheckGuide::reads() const {
    return item() && measured() ? std::optional(desk_.blank(*nextSpot())) : std::nullopt;
}

QString CheckGuide::keep(const QString& text) {
    const CheckItem* c = item();
    if (!c) return {};
    if (!measured()) {
        note_ = text.trimmed();
        const Checked was = state_of(desk_.job(), c->id);
        if (note_.isEmpty())
            return tr("F2 it is good, F3 it failed, F4 it is not on this car; words are kept as a note.");
        tick(was.state, note_);
        return {};
    }
    const Spot s = *nextSpot();
    Reading r;
    r.spot = s;
    if (s.kind == ReadingId::thread_exposed) {
        const ThreadTyped typed = readThread(text, desk_.car().rod_at(*s.wheel), expected());
        if (!typed.shows) return typed.wrong;
        r.value = *typed.shows;
    } else {
        const auto quantity = read_quantity(text.toStdString(), expected());
        if (!quantity) return q(words::sentence(quantity.error()));
        r.value = *quantity;
    }
    // Taken again, all of them are: the next one follows.
    const auto all = spots(*c);
    const auto here = std::find(all.begin(), all.end(), s);
    const bool again = !state_readings(desk_.job(), s).empty();
    desk_.take(r);
    again_.reset();
    if (again && here + 1 != all.end()) again_ = *(here + 1);
    emit changed();
    return {};
}

void CheckGuide::tick(CheckState state, const QString& note) {
    const CheckItem* c = item();
    if (!c) return;
    Checked k;
    k.item = c->id;
    k.state = state;
    k.note = note.isEmpty() ? state_of(desk_.job(), c->id).note : note.toStdString();
    note_.clear();
    desk_.record(k);
}

std::vector<Act> CheckGuide::acts() const {
    const CheckItem* c = item();
    if (!c) return {};
    const CheckState s = state_of(desk_.job(), c->id).state;
    std::vector<Act> out{
        {"good", s == CheckState::failed ? tr("Mended: good now") : tr("Good"), true, s == CheckState::good},
        {"failed", tr("Failed"), false, s == CheckState::failed},
        {"none", tr("Not on this car"), false, s == CheckState::not_applicable}};
    if (!c->sum.empty() && !measured()) out.push_back({"again", tr("Measure again"), false, false});
    return out;
}

void CheckGuide::act(const QString& id) {
    const CheckItem* c = item();
    if (!c) return;
    if (id == "again") {
        if (const auto all = spots(*c); !all.empty()) again_ = all.front();
        emit changed();
        return;
    }
    tick(id == "good"     ? CheckState::good
         : id == "failed" ? CheckState::failed
                          : CheckState::not_applicable,
         note_);
    if (id == "failed") return;  // stay: what to do stands here
    moveOn([&](const QString& other) {
        return state_of(desk_.job(), other.toStdString()).state == CheckState::open;
    });
}

QString CheckGuide::sums(const CheckItem& c) const {
    const Sum* sum = sum_of(&c);
    if (!sum) return {};
    QString out, rows;
    for (const Spot& s : spots(c)) {
        const auto read = state_readings(desk_.job(), s);
        if (read.empty()) continue;
        rows += row(cell(q(words::spot(s)), 210) + rightCell(strong(q(words::as_typed(read.back()->value)))));
    }
    if (!rows.isEmpty()) out += head(tr("Measured")) + table(rows);
    if (c.sum == "height" || c.sum == "pressure") {
        const RideCheck corners = ride_check_of(desk_.job(), sum->kind);
        if (corners.stale)
            out += line(warn(tr("Something has happened since that changes them: measure again.")));
        for (const Message& m : corners.findings) out += line(warn(q(words::sentence(m))));
        if (corners.complete() && corners.findings.empty()) out += line(tr("All within the tolerance."));
        const bool card = std::any_of(corners.card.begin(), corners.card.end(),
                                      [](const auto& v) { return v.has_value(); });
        if (!card)
            out +=
                line(soft(tr("The card has no figures for it (Ctrl+I): left and right are compared only.")));
        if (!corners.tolerance)
            out += line(
                soft(tr("Tolerance taken as %1.")
                         .arg(sum->kind == ReadingId::pressure
                                  ? q(show_pressure(usual_tolerance(sum->kind), how_))
                                  : q(fairchalk::show(Length::from_mm(usual_tolerance(sum->kind)), how_)))));
    } else if (c.sum == "runout") {
        for (Wheel w : all_wheels)
            if (const RunOut r = run_out(desk_.job(), w); r.known) {
                const QString text = tr("%1: run-out %2; read at one lip it makes %3 of false toe.")
                                         .arg(q(words::wheel(w)), q(fairchalk::show(r.half_difference, how_)),
                                              q(fairchalk::show(r.as_toe, how_)));
                out += line(r.half_difference > run_out_limit ? warn(text) : text);
            }
    } else if (c.sum == "bulge") {
        for (Wheel w : all_wheels)
            if (const auto b = bulge(desk_.job(), w)) {
                const QString text =
                    tr("%1: %2 between the two.").arg(q(words::wheel(w)), q(fairchalk::show(*b, how_)));
                out += line(*b > bulge_limit ? warn(text + tr(" Look at this tire.")) : text);
            }
    } else {
        for (Axle a : both_axles)
            if (const SideDifference d = side_difference(desk_.job(), a, sum->kind); d.known) {
                const QString text = d.turns
                                         ? tr("%1: left %2 %3 than right, %4.")
                                               .arg(q(words::axle(a)), q(fairchalk::show(abs(d.by), how_)),
                                                    d.by.mm() >= 0 ? tr("more") : tr("less"),
                                                    q(show_turns(std::abs(*d.turns))))
                                         : tr("%1: left %2 %3 than right.")
                                               .arg(q(words::axle(a)), q(fairchalk::show(abs(d.by), how_)),
                                                    d.by.mm() >= 0 ? tr("more") : tr("less"));
                const bool much = d.turns && std::abs(*d.turns) > thread_limit_turns;
                out += line(much ? warn(text + tr(" That is a lot: a wheel set crooked, or something bent."))
                                 : text);
            }
    }
    return out;
}

QString CheckGuide::body() const {
    const CheckItem* c = item();
    if (!c) return {};
    const Checked state = state_of(desk_.job(), c->id);
    QString out;
    // What wears shows as the same cause again.
    if (const auto& twice = desk_.namedTwice())
        out += line(warn(tr("Twice in a row this car's angles were best explained so: %1. Look there first.")
                             .arg(q(words::cause(twice->cause, twice->axle))))) +
               line(soft(q(words::what_to_look_at(twice->cause.cause))));
    if (state.state == CheckState::failed)
        out += line(warn(c->blocks ? tr("⟨b⟩Failed: readings mean nothing until it is mended.⟨/b⟩")
                                   : tr("⟨b⟩Failed.⟨/b⟩"))) +
               line(tr("To do: %1").arg(q(c->remedy)));
    if (!state.note.empty()) out += line(tr("Note: %1").arg(q(state.note)));
    out += sums(*c);
    out += head(tr("Look at")) + line(q(c->look));
    out += head(tr("Test")) + line(q(c->test));
    out += head(tr("What a fault does to the readings")) + line(q(c->effect));
    if (state.state != CheckState::failed) out += head(tr("If it failed")) + line(q(c->remedy));
    if (c->id == "load" && !desk_.car().load.empty())
        out += head(tr("The card says")) + line(q(desk_.car().load));
    out += line(soft(q(c->reason)));
    return out;
}

QString CheckGuide::say() const {
    const auto marks = marks_on(desk_.job(), desk_.knowledge());
    if (!marks.empty())
        return tr("%1 failed: this job is marked until it is mended, and what is read means nothing.")
            .arg(q(marks.front()->text));
    const auto list = checks_for(desk_.job(), desk_.knowledge());
    const auto open = std::count_if(list.begin(), list.end(), [&](const CheckItem* c) {
        return state_of(desk_.job(), c->id).state == CheckState::open;
    });
    if (open == 0) return tr("All looked at. On to the floor (Ctrl+3).");
    const CheckItem* c = item();
    if (c && measured()) return tr("Measure it at the %1.").arg(q(words::spot(*nextSpot())));
    return tr("%n things are still to look at.", "One thing is still to look at.", static_cast<int>(open)) +
           tr(" F2 it is good, F3 it failed, F4 it is not on this car.");
}

QString CheckGuide::placeAt(QPointF at) const {
    for (const CheckItem* c : checks_for(desk_.job(), desk_.knowledge()))
        if (QLineF(onCar(c->at.front()), at).length() <= mark_radius + 3) return q(c->id);
    return {};
}

void CheckGuide::drawNumbers(QPainter& p, const std::vector<const CheckItem*>& list) const {
    const Chalk& c = Chalk::now();
    drawCar(p, car_box);
    for (std::size_t i = 0; i < list.size(); ++i) {
        const QPointF at = onCar(list[i]->at.front());
        const CheckState state = state_of(desk_.job(), list[i]->id).state;
        const bool open = state == CheckState::open, failed = state == CheckState::failed;
        p.setBrush(c.floor);
        p.setPen(c.stroke(failed ? c.caution
                          : open ? c.chalk
                                 : c.faint,
                          open || failed ? 2 : 1.4,
                          state == CheckState::not_applicable ? Qt::DashLine : Qt::SolidLine));
        p.drawEllipse(at, mark_radius, mark_radius);
        drawText(p, QRectF(at - QPointF(mark_radius, mark_radius), QSizeF(2 * mark_radius, 2 * mark_radius)),
                 Qt::AlignCenter, QString::number(i + 1), 12,
                 failed ? c.caution
                 : open ? c.chalk
                        : c.soft,
                 open || failed);
    }
}

/// Each item where it is looked at; the chosen one at every place that it has.
void CheckGuide::drawOnCar(QPainter& p, const std::vector<const CheckItem*>& list) const {
    const Chalk& c = Chalk::now();
    QString states;
    for (const CheckItem* i : list)
        states += q(i->id) + QString::number(static_cast<int>(state_of(desk_.job(), i->id).state));
    drawKept(p, on_car_, states, [&](QPainter& into) { drawNumbers(into, list); });
    if (const CheckItem* now = item()) {
        p.setBrush(Qt::NoBrush);
        p.setPen(c.stroke(c.string, 2.8));
        for (const CheckItem::At& at : now->at) {
            // Behind the numbers of others that lie close.
            const QPointF here = onCar(at);
            QPainterPath seen;
            seen.addRect(QRectF(here - QPointF(40, 40), QSizeF(80, 80)));
            for (const CheckItem* other : list) {
                const QPointF there = onCar(other->at.front());
                if (other == now || QLineF(here, there).length() > 2 * mark_radius + 10) continue;
                QPainterPath number;
                number.addEllipse(there, mark_radius + 1.5, mark_radius + 1.5);
                seen -= number;
            }
            p.save();
            p.setClipPath(seen);
            p.drawEllipse(here, mark_radius + 6, mark_radius + 6);
            p.restore();
        }
    }
}

void CheckGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const auto list = checks_for(desk_.job(), desk_.knowledge());
    const auto done = std::count_if(list.begin(), list.end(), [&](const CheckItem* i) {
        return state_of(desk_.job(), i->id).state != CheckState::open;
    });
    drawText(p, {14, 21, 600, 39}, Qt::AlignLeft,
             tr("Once round the car: %1 of %2 looked at").arg(done).arg(list.size()), 19, c.chalk, true);
    drawOnCar(p, list);
    if (const CheckItem* now = item()) drawTest(p, {826, 250}, now->drawing);
    for (std::size_t i = 0; i < list.size(); ++i) {
        const QRectF at = rowOf(i, list.size());
        const CheckState state = state_of(desk_.job(), list[i]->id).state;
        const bool chosen = q(list[i]->id) == chosen_;
        drawState(p, at.topLeft() + QPointF(18, at.height() / 2), state, chosen);
        drawText(p, {at.left() + 34, at.top(), 26, at.height()}, Qt::AlignRight | Qt::AlignVCenter,
                 QString::number(i + 1), 13, chosen ? c.string : c.soft, chosen);
        drawText(p, at.adjusted(66, 2, -4, -2), Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
                 q(list[i]->text), 14,
                 state == CheckState::failed ? c.caution
                 : state == CheckState::open ? c.chalk
                                             : c.soft,
                 chosen || state == CheckState::failed);
        if (list[i]->blocks && state == CheckState::failed)
            drawText(p, {at.right() - 30, at.top(), 26, at.height()}, Qt::AlignRight | Qt::AlignVCenter,
                     QStringLiteral("▲"), 15, c.caution, true);
    }
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/lesson_guide.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/car/steering_rod.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/language.h"
#include "practice/practice_jobs.h"
#include "practice/tool_face.h"
#include "turn/angle_scale.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

using practice::Task;

const QRectF takings_box(150, 190, 660, 520);

QString degrees(double deg, const Show& how) {
    return q(fairchalk::show(Angle::from_deg(deg), how));
}
QString toe(double deg, const Show& how) {
    return q(show_toe(Angle::from_deg(deg), how));
}

/// To half a division of the rule.
QString millimetres(double mm) {
    return QStringLiteral("%1 mm").arg(q(show_number(std::round(2 * mm) / 2, 1)));
}

/// As an inch rule has it, in lowest terms: `4 5/8 in`.
QString sixtyFourths(double mm) {
    const long n = std::lround(mm / 25.4 * 64), top = n % 64, common = std::gcd(top, 64L);
    return top == 0 ? QStringLiteral("%1 in").arg(n / 64)
                    : QStringLiteral("%1 %2/%3 in").arg(n / 64).arg(top / common).arg(64 / common);
}

/// Where a spot's two numbers stand on the floor of the lesson about the wrong one.
QPointF placeOf(const Spot& s) {
    const ReadingKind& kind = reading_kind(s.kind);
    if (kind.place() == PlaceKind::bar)
        return {*s.axle == Axle::front ? takings_box.right() + 40 : takings_box.left() - 40,
                takings_box.center().y()};
    const QPointF w = wheelOf(takings_box, *s.wheel);
    const double out = side_of(*s.wheel) == Side::left ? -1.0 : 1.0;
    return w + QPointF(96.0 * kind.end(), out * (kind.on_lip() ? 66 : 92));
}

}  // namespace

LessonGuide::LessonGuide(JobDesk& desk, const QString& lesson, QObject* parent)
    : DrawnGuide(desk, parent),
      item_(*book::item_named(practiceTables().lessons, lesson.toStdString())),
      lesson_(item_.id, 1) {}

void LessonGuide::enter() {
    lesson_ = practice::Lesson(item_.id, freshSeed(desk_));
    chosen_.clear();
}

std::vector<Place> LessonGuide::places() const {
    std::vector<Place> out;
    const Task* t = lesson_.task();
    if (!t || t->ask != Task::Ask::spot) return out;
    const std::size_t spots = t->faces.size() / 2;
    for (std::size_t i = 0; i < spots; ++i) {
        const QPointF at = placeOf(t->faces[i].spot);
        out.push_back({q(t->faces[i].spot.name()), QRectF(at.x() - 46, at.y() - 30, 92, 60),
                       q(words::spot(t->faces[i].spot)),
                       tr("%1 and %2").arg(t->faces[i].at).arg(t->faces[spots + i].at)});
    }
    return out;
}

void LessonGuide::point(const QString& place) {
    choose(place);
    act("here");
}

QString LessonGuide::title() const {
    return q(item_.text);
}
QString LessonGuide::subtitle() const {
    return lesson_.over()
               ? tr("%1 of %2 right").arg(lesson_.right()).arg(lesson_.of())
               : tr("%1 of %2, %3 right so far").arg(lesson_.number()).arg(lesson_.of()).arg(lesson_.right());
}

bool LessonGuide::typing() const {
    return lesson_.task() && lesson_.task()->ask == Task::Ask::value;
}

Expect LessonGuide::expected() const {
    const Task* t = lesson_.task();
    if (!t || t->ask != Task::Ask::value) return {};
    if (standard_tool(t->faces[t->face].tool)->quantity == QuantityKind::angle)
        return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, inInches() ? Bare::inch : Bare::mm};
}

bool LessonGuide::inInches() const {
    const Task* t = lesson_.task();
    return t && t->ask == Task::Ask::value && t->faces[t->face].tool == "steel-rule-inch";
}

/// By the rule that is held, whatever the window shows lengths in.
QString LessonGuide::hint() const {
    if (!typing() || expected().kind != Expect::Kind::length) return Guide::hint();
    return inInches() ? tr("This rule has inches: a bare number is inches.")
                      : tr("This rule has millimetres: a bare number is mm.");
}

QString LessonGuide::keep(const QString& text) {
    if (!typing()) return {};
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    lesson_.answer_value(quantity->value);
    answered();
    return {};
}

void LessonGuide::answered() {
    chosen_.clear();
    if (lesson_.over())
        keepLesson(desk_, item_.id, lesson_.right(), static_cast<int>(lesson_.of()), lesson_.passed());
    emit changed();
}

std::vector<Act> LessonGuide::acts() const {
    if (lesson_.over()) {
        std::vector<Act> out;
        // Not with the keys that answered: the last of them would go on by itself.
        if (const auto following = next())
            out.push_back({"next", following->isEmpty() ? tr("Now a whole car") : tr("The next lesson"),
                           lesson_.passed(), false, 4});
        out.push_back({"again", tr("Once more"), !lesson_.passed(), false, 5});
        out.push_back({"floor", tr("Practice floor"), false, false, 6});
        return out;
    }
    const Task* t = lesson_.task();
    if (t->ask == Task::Ask::spot) return {{"here", tr("I would read this again"), true, false}};
    std::vector<Act> out;
    for (const std::string& choice : t->choices) out.push_back({q(choice), choiceWords(choice), true, false});
    return out;
}

void LessonGuide::act(const QString& id) {
    if (id == "floor") return emit pageWanted({PageId::practice});
    if (id == "again") {
        enter();
        emit changed();
        return;
    }
    if (id == "next") {
        const auto following = next();
        return following && following->isEmpty() ? emit pageWanted({PageId::practice})
               : following                       ? emit pageWanted({PageId::lesson, *following})
                                                 : void();
    }
    if (id == "here") {
        if (chosen_.isEmpty()) return emit said();
        lesson_.answer_choice(chosen_.toStdString());
    } else {
        lesson_.answer_choice(id.toStdString());
    }
    answered();
}

/// The lesson after this one: along the path first, and empty where a whole car comes at its end.
std::optional<QString> LessonGuide::next() const {
    const auto& t = practiceTables();
    const auto step = std::find(t.path.begin(), t.path.end(), item_.id);
    if (step != t.path.end()) return step + 1 == t.path.end() ? QString() : q(*(step + 1));
    const auto here = std::find_if(t.lessons.begin(), t.lessons.end(),
                                   [&](const book::PracticeItem& i) { return i.id == item_.id; });
    if (here == t.lessons.end() || here + 1 == t.lessons.end()) return std::nullopt;
    return q((here + 1)->id);
}

QString LessonGuide::choiceWords(const std::string& choice) const {
    if (choice == "in") return item_.id == "string" ? tr("It has toed in") : tr("Toe in");
    if (choice == "out") return item_.id == "string" ? tr("It has toed out") : tr("Toe out");
    if (choice == "nothing") return tr("It has not moved");
    if (choice == "longer") return tr("Longer");
    if (choice == "shorter") return tr("Shorter");
    if (choice == "clockwise") return tr("Clockwise");
    if (choice == "counterclockwise") return tr("Counterclockwise");
    if (choice == "toe") return tr("Toe first");
    if (choice == "camber") return tr("Camber first");
    if (choice == "rearward") return tr("Its top leans rearward");
    if (choice == "more") return tr("More of it");
    if (choice == "there") return tr("Stop: shake it, read once more");
    if (choice == "past") return tr("Too far: back");
    if (choice == "other-way") return tr("The wrong way: stop, the other way");
    if (choice == "forward") return tr("Its top leans forward");
    if (choice == "inside") return tr("Inside");
    if (choice == "outside") return tr("Outside");
    if (choice == "too-close") return tr("Too close to call");
    if (choice == "mark") return tr("Chalk a mark across thread and nut");
    if (choice == "tighten") return tr("Tighten the nut");
    if (choice == "read") return tr("Read the lip once more");
    if (choice == "stayed") return tr("It stayed: that is the rule");
    if (choice == "moved") return tr("Locking moved it: loosen, hold, again");
    if (choice == "left-longer") return tr("Left rod longer, right rod shorter");
    if (choice == "left-shorter") return tr("Left rod shorter, right rod longer");
    if (choice == "rods") return tr("Turn both rods");
    if (choice == "tires") return tr("Swap the front tires over");
    if (choice == "top-in") return tr("Its top leans in");
    if (choice == "top-out") return tr("Its top leans out");
    for (const Spot& s : string_walk())
        if (s.name() == choice) return q(words::spot(s));
    return q(choice);
}

QString LessonGuide::asks(const Task& t) const {
    if (t.ask == Task::Ask::spot) return tr("One reading is wrong. Which spot would you read again?");
    if (t.ask == Task::Ask::value) {
        const Spot& s = t.faces[t.face].spot;
        if (item_.id == "rule") return tr("What does the thread stand at?");
        if (t.about == "sweep")
            return s.swept == Swept::straight ? tr("The gauge on the left front wheel, straight ahead:")
                   : s.swept == Swept::out    ? tr("The same wheel turned out by 20°:")
                                              : tr("The same wheel turned in by 20°:");
        if (t.about == "gauge") return tr("The gauge on the left front wheel: what does it show?");
        if (t.about == "boards-front")
            return tr("Between the boards, ahead of the wheels: what does the tape show?");
        if (t.about == "boards-rear")
            return tr("Between the boards, behind the wheels: what does the tape show?");
        if (t.about == "lock-before") return tr("The nut is loose: what does the thread stand at?");
        if (t.about == "lock-after") return tr("The nut is tight: what does the thread stand at now?");
        if (t.about == "quarter-before")
            return tr("Before anything is turned: what does the thread stand at?");
        if (t.about == "quarter-after")
            return tr("The rod is a quarter turn longer, the car was shaken: what does it stand at now?");
        const QString when =
            t.about == "after"
                ? (item_.id == "spoils" ? tr("after the shims") : tr("after the string was moved"))
                : (item_.id == "spoils" ? tr("before the shims") : tr("first"));
        return tr("%1, %2: what does the thread stand at?").arg(q(words::spot(s)), when);
    }
    if (t.about == "string") return tr("The string is outside the wheel. Which way does the wheel point?");
    if (t.about == "boards") return tr("Tapes between boards on both wheels. Which way do they point?");
    if (t.about == "wheel") return tr("Only the string was moved. What has the wheel done?");
    if (t.about == "until")
        return tr("It stood at %1. The sheet says: stop at %2, shaken it then shows %3. What now?")
            .arg(millimetres(t.numbers.at("before")), millimetres(t.numbers.at("stop")),
                 millimetres(t.numbers.at("shaken")));
    if (t.about == "quarter")
        return t.numbers.at("in") > 0 ? tr("The wheel is to toe in. Longer still, or shorter?")
                                      : tr("The wheel is to toe out. Longer still, or shorter?");
    if (t.about == "judge")
        return tr("Total toe %1 ±%2; %3 to %4 is wanted. What is it?")
            .arg(toe(t.numbers.at("toe"), how_),
                 q(show_plus_minus(Angle::from_deg(k95 * t.numbers.at("sigma")), how_)),
                 toe(t.numbers.at("lo"), how_), toe(t.numbers.at("hi"), how_));
    if (t.about == "lock-order") return tr("The rule shows what was wanted. What comes first?");
    if (t.about == "lock") return tr("What has locking done?");
    if (t.about == "drive") {
        const QString off = degrees(std::abs(t.numbers.at("off")), how_);
        return t.numbers.at("off") > 0
                   ? tr("It runs straight with the steering wheel %1 to the right. What brings it level?")
                         .arg(off)
                   : tr("It runs straight with the steering wheel %1 to the left. What brings it level?")
                         .arg(off);
    }
    if (t.about == "pull")
        return tr("Toe is right, the wheel sits level, and held level it drifts to the left. What first?");
    if (t.about == "gauge-lean") return tr("Which way does the wheel's top lean?");
    if (t.about == "first") return tr("Both are off. What is set first?");
    if (t.about == "lean")
        return tr("Turned out the wheel leans out, turned in it leans in. How does its axis stand?");
    if (t.rod) {
        const QString from =
            tr("%1 is, %2 is wanted.").arg(toe(t.numbers.at("now"), how_), toe(t.numbers.at("aim"), how_));
        return t.about == "length" ? from + QLatin1Char(' ') + tr("What has to become of the rod?")
                                   : tr("The rod has to get %1. Seen from the wheel, which way is it turned?")
                                         .arg(t.numbers.at("longer") > 0 ? tr("longer") : tr("shorter"));
    }
    return {};
}

QString LessonGuide::faceWords(const practice::Face& face) const {
    return q(words::spot(face.spot)) + QStringLiteral(" · ") + q(words::tool(face.tool));
}

QString LessonGuide::judged() const {
    const auto& last = lesson_.last();
    if (!last) return {};
    QString out;
    if (last->task.ask == Task::Ask::value) {
        const practice::Face& f = last->task.faces[last->task.face];
        const Tool& tool = *standard_tool(f.tool);
        const auto shown = [&](double v) {
            if (tool.quantity == QuantityKind::angle) return QStringLiteral("%1°").arg(q(show_number(v, 2)));
            if (f.tool != "steel-rule-inch") return QStringLiteral("%1 mm").arg(q(show_number(v, 2)));
            return sixtyFourths(v);
        };
        out = last->right ? tr("Right: it stood at %1.").arg(shown(f.at))
                          : tr("It stood at %1; you said %2.").arg(shown(f.at), shown(f.at + last->off));
    } else {
        out = last->right ? tr("Right: %1.").arg(inSentence(choiceWords(last->was)))
                          : tr("No: %1.").arg(inSentence(choiceWords(last->was)));
        if (last->task.about == "string")
            out += QLatin1Char(' ') +
                   tr("From a string outside, the larger distance is at the edge that points to the middle.");
        if (last->task.about == "until")
            out += QLatin1Char(' ') + tr("Before the shake the tires hold part of the turn back: who turns "
                                         "until the rule shows the "
                                         "last figure has gone too far.");
        if (last->task.about == "quarter")
            out += QLatin1Char(' ') +
                   tr("From a string outside, more at the front edge is toe in. Whether the rod runs "
                      "ahead or behind, its arm and its pitch need not be known.");
        if (last->task.about == "judge")
            out += QLatin1Char(' ') + tr("The bar is as long as its ±: the truth lies on it 19 times in 20.");
        if (last->task.about == "lock-order")
            out += QLatin1Char(' ') + tr("A mark shows what moved; then hold, tighten, read.");
        if (last->task.about == "drive")
            out += QLatin1Char(' ') +
                   tr("Both rods the same amount, one longer and one shorter: the total toe stays.");
        if (last->task.about == "pull")
            out += QLatin1Char(' ') +
                   tr("Does it drift the other way then, it was a tire; the angles have nothing to explain.");
        if (last->task.about == "gauge-lean")
            out += QLatin1Char(' ') + tr("Negative camber is in, toward the car.");
        if (last->task.about == "boards")
            out += QLatin1Char(' ') + tr("Between the wheels the larger distance at the rear is toe in.");
        if (last->task.rod && last->task.about == "length")
            out += QLatin1Char(' ') + (toe_sign(*last->task.rod) > 0
                                           ? tr("Behind the axle, longer is toe in.")
                                           : tr("Ahead of the axle, longer is toe out."));
        if (last->task.rod && last->task.about == "rotation")
            out += QLatin1Char(' ') +
                   (last->task.rod->thread == Thread::right
                        ? tr("On a right-hand thread clockwise runs it out of its end, seen from the wheel.")
                        : tr("On a left-hand thread counterclockwise runs it out of its end, seen from the "
                             "wheel."));
    }
    return line(last->right ? out : warn(out));
}

QString LessonGuide::cameTo() const {
    const auto o = lesson_.outcome();
    if (o.empty()) return {};
    QString out = head(tr("What it comes to"));
    if (item_.id == "string") {
        out += line(tr("If the string is believed: first %1, then %2.")
                        .arg(toe(o.at("toe_believed"), how_), toe(o.at("toe_believed_after"), how_)));
        out += line(tr("By all fourteen readings together: %1, then %2, each ±%3. Truly ⟨b⟩%4⟨/b⟩.")
                        .arg(toe(o.at("toe"), how_), toe(o.at("toe_after"), how_),
                             q(show_plus_minus(Angle::from_deg(k95 * o.at("toe_sigma_after")), how_)),
                             toe(o.at("toe_true"), how_)));
        out += line(
            tr("The strings need not be square: where they lie is solved for, as long as they are straight "
               "and nobody moves them in mid-round."));
    } else if (item_.id == "spoils") {
        out += line(
            tr("Camber went from %1 to %2, as meant. By your readings the toe went from %3 to ⟨b⟩%4⟨/b⟩, and "
               "nobody touched a rod.")
                .arg(degrees(o.at("camber"), how_), degrees(o.at("camber_after"), how_),
                     toe(o.at("toe"), how_), toe(o.at("toe_after"), how_)));
        out += line(tr("So: caster, then camber, then toe, and the rear before the front."));
    } else if (item_.id == "sweep") {
        out += line(tr("Caster by your readings %1 ±%2; truly ⟨b⟩%3⟨/b⟩.")
                        .arg(degrees(o.at("caster"), how_),
                             q(show_plus_minus(Angle::from_deg(k95 * o.at("caster_sigma")), how_)),
                             degrees(o.at("caster_true"), how_)));
        out += line(tr(
            "A caster's ± is many times that of the gauge: half of a small difference over the sine of the "
            "sweep. Wider sweeps and repeats narrow it."));
    }
    return out;
}

QString LessonGuide::body() const {
    QString out = judged();
    if (const Task* t = lesson_.task())
        out += line(QStringLiteral("⟨b⟩%1⟨/b⟩").arg(asks(*t)));
    else
        out += line(lesson_.passed() ? tr("⟨b⟩Done.⟨/b⟩ It stands in the book.")
                                     : tr("Three of four are wanted. Once more?"));
    out += cameTo();
    if (!lesson_.last()) out += line(q(item_.note)) + line(soft(q(item_.reason)));
    return out;
}

QString LessonGuide::say() const {
    const Task* t = lesson_.task();
    if (!t) return tr("%1 of %2 right.").arg(lesson_.right()).arg(lesson_.of());
    if (t->ask == Task::Ask::spot && chosen_.isEmpty())
        return tr("Point at the spot, or go along with Page Down and press F2.");
    return asks(*t);
}

/// Where the rule stands: the wheel from above, its string, and the three spots beside it.
void LessonGuide::drawWhere(QPainter& p, const Task& t, const QRectF& box) const {
    const Chalk& c = Chalk::now();
    const QPointF hub(box.center().x(), box.bottom() - 60);
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(c.floor_line);
    p.drawRoundedRect(QRectF(hub.x() - 150, hub.y() - 34, 300, 68), 28, 28);
    const double y = box.top() + 40, off = t.about == "after" ? 34.0 : -12.0;
    stringLine(p, {box.left(), y - off}, {box.right(), y + off}, c.string, 2.4);
    drawText(p, {box.right() - 190, y + off - 34, 190, 24}, Qt::AlignRight, tr("front →"), 13, c.soft);
    const auto string_at = [&](double x) { return y + off * (x - hub.x()) / (box.width() / 2); };
    for (double end : {-1.0, 0.0, 1.0}) {
        const bool here = reading_kind(t.faces[t.face].spot.kind).end() == end;
        const double x = hub.x() + 140.0 * end;
        chalkLine(p, {x, hub.y() - 34}, {x, string_at(x)}, here ? c.string : c.faint, here ? 5 : 1.6);
    }
}

void LessonGuide::drawFaces(QPainter& p, const Task& t, const QRectF& box) const {
    const Chalk& c = Chalk::now();
    if (t.faces.size() == 1 && reading_kind(t.faces[0].spot.kind).to_string() &&
        t.faces[0].tool == "steel-rule-mm" && item_.id != "rule")
        drawWhere(p, t, {box.left() + 40, box.top() + 330, box.width() - 80, box.height() - 380});
    const double each = std::min(300.0, (box.height() - 20) / static_cast<double>(t.faces.size()) - 44);
    double y = box.top();
    for (const practice::Face& f : t.faces) {
        drawText(p, {box.left(), y, box.width(), 30}, Qt::AlignLeft, faceWords(f), 14, c.chalk);
        const bool deep = f.tool == "vernier";
        drawToolFace(p, {box.left(), y + 36, box.width(), deep ? each : std::min(each, 220.0)},
                     *standard_tool(f.tool), f.at);
        y += each + 52;
    }
}

/// The rod from above, behind or ahead of its wheel; the car's nose to the right.
void LessonGuide::drawRod(QPainter& p, const Task& t, const QRectF& box) const {
    const Chalk& c = Chalk::now();
    const Adjuster& rod = *t.rod;
    const bool left = side_of(wheel_of(rod)) == Side::left;
    const double in = left ? 1.0 : -1.0;  // toward the car's middle, on the picture
    const QPointF hub(box.center().x(), left ? box.top() + 130 : box.bottom() - 130);
    const double toe_deg = std::clamp(t.numbers.at("now") * 22, -28.0, 28.0) * in;
    p.save();
    p.translate(hub);
    p.rotate(toe_deg);
    p.setPen(c.stroke(c.chalk, 2.4));
    p.setBrush(c.floor_line);
    p.drawRoundedRect(QRectF(-150, -34, 300, 68), 30, 30);
    p.restore();
    const double along = rod.rod == RodSide::ahead_of_axle ? 92.0 : -92.0;
    const QPointF outer = hub + QPointF(along, in * 66), inner = hub + QPointF(along * 0.9, in * 300);
    chalkLine(p, hub + QPointF(0, in * 40), outer, c.soft, 6);
    chalkLine(p, outer, inner, c.string, 5);
    p.setPen(c.stroke(c.chalk, 2));
    p.setBrush(c.floor);
    p.drawEllipse(outer, 9, 9);
    p.drawEllipse(inner, 9, 9);
    p.setPen(c.stroke(c.soft, 1.3, Qt::DashLine));
    p.drawLine(hub + QPointF(0, -in * 60), hub + QPointF(0, in * 320));
    drawText(p, {hub.x() + 170, hub.y() - 14, 200, 28}, Qt::AlignLeft, tr("front →"), 14, c.soft);
    drawText(p, {box.left(), box.center().y() - 40, 250, 100}, Qt::AlignLeft | Qt::TextWordWrap,
             (rod.rod == RodSide::ahead_of_axle
                  ? rod.thread == Thread::right
                        ? tr("%1; the rod runs ahead of the axle, with a right-hand thread at its outer end")
                        : tr("%1; the rod runs ahead of the axle, with a left-hand thread at its outer end")
              : rod.thread == Thread::right
                  ? tr("%1; the rod runs behind the axle, with a right-hand thread at its outer end")
                  : tr("%1; the rod runs behind the axle, with a left-hand thread at its outer end"))
                 .arg(q(words::wheel(wheel_of(rod)))),
             13, c.chalk);
}

/// A bar as long as its ±, in the band that is wanted.
void LessonGuide::drawBand(QPainter& p, const Task& t, const QRectF& box) const {
    const Chalk& c = Chalk::now();
    const auto angle = [&](const char* name) { return Angle::from_deg(t.numbers.at(name)); };
    KnownAngle measured;
    measured.known = true;
    measured.value = angle("toe");
    measured.sigma = angle("sigma");
    // Twice as large as on a sheet: there is nothing else to look at.
    p.save();
    p.translate(box.center());
    p.scale(2, 2);
    const AngleScale s =
        AngleScale::holding(QRectF(-box.width() / 4, -20, box.width() / 2, 40),
                            {angle("lo"), angle("hi"), measured.value + measured.plus_minus(),
                             measured.value - measured.plus_minus()});
    s.axis(p, 0, true);
    s.target(p, angle("lo"), angle("hi"), 0);
    s.bar(p, measured, 0, c.chalk, 150);
    p.restore();
}

void LessonGuide::drawTakings(QPainter& p, const Task& t) const {
    const Chalk& c = Chalk::now();
    drawCar(p, takings_box);
    const std::size_t spots = t.faces.size() / 2;
    for (std::size_t i = 0; i < spots; ++i) {
        const QPointF at = placeOf(t.faces[i].spot);
        for (int k = 0; k < 2; ++k)
            drawText(p, {at.x() - 46, at.y() - 26 + 26 * k, 92, 26}, Qt::AlignCenter,
                     q(show_number(t.faces[spots * static_cast<std::size_t>(k) + i].at, 1)), 13, c.chalk);
    }
    drawText(p, {60, 800, 840, 30}, Qt::AlignCenter,
             tr("mm from the string; at the bars from string to string; both takings one above the other"),
             12, c.soft);
}

void LessonGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {40, 14, 880, 40}, Qt::AlignLeft, q(item_.text), 22, c.chalk, true);
    drawText(p, {40, 62, 880, 70}, Qt::AlignLeft | Qt::TextWordWrap, q(item_.note), 14, c.soft);
    const Task* t = lesson_.task();
    if (!t) {
        drawText(p, {40, 380, 880, 60}, Qt::AlignCenter,
                 tr("%1 of %2 right").arg(lesson_.right()).arg(lesson_.of()), 30, c.string, true);
        return;
    }
    if (t->ask == Task::Ask::spot) {
        drawTakings(p, *t);
    } else if (t->about == "judge") {
        drawBand(p, *t, {180, 420, 600, 80});
    } else if (t->about == "drive" || t->about == "pull") {
        const double off = t->about == "drive" ? t->numbers.at("off") : 0.0;
        drawSteeringWheel(p, {480, 460}, 190, Angle::from_deg(off), c.chalk);
        if (t->rod)
            drawText(p, {60, 720, 840, 60}, Qt::AlignCenter | Qt::TextWordWrap,
                     t->rod->rod == RodSide::ahead_of_axle ? tr("its rods run ahead of the front axle")
                                                           : tr("its rods run behind the front axle"),
                     16, c.soft);
    } else if (t->rod) {
        drawRod(p, *t, {180, 190, 740, 560});
    } else if (!t->faces.empty()) {
        drawFaces(p, *t, {60, 190, 840, 660});
    }
    drawText(p, {40, 846, 880, 60}, Qt::AlignLeft | Qt::TextWordWrap, asks(*t), 17, c.string, true);
}

}  // namespace fairchalk::desk

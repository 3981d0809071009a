// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/record_words.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "core/car/adjuster.h"
#include "words/season_words.h"
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

std::string escaped(const std::string& s) {
    std::string out;
    for (char c : s) switch (c) {
            case '&':
                out += "&amp;";
                break;
            case '<':
                out += "&lt;";
                break;
            case '>':
                out += "&gt;";
                break;
            case '"':
                out += "&quot;";
                break;
            default:
                out += c;
        }
    return out;
}

std::string n(double v) {
    return show_number(v, 1);
}

std::string band(const Target& t, const Show& how) {
    const std::string aim = value_of(t.measure, t.aim, how);
    if (!t.has_tolerance) return aim;
    return fill(TR_NOOP("{0} ({1} to {2})"),
                {aim, value_of(t.measure, t.lo, how), value_of(t.measure, t.hi, how)});
}

std::string name(const CarAngle& a) {
    return to_begin(measure_of(a));
}

std::string cell(const std::string& text, const char* attributes = "") {
    return std::string("<td ") + attributes + ">" + escaped(text) + "</td>";
}
std::string heading(const char* source) {
    return "<h3>" + escaped(tr(source)) + "</h3>\n";
}
std::string paragraph(const std::string& text) {
    return "<p>" + escaped(text) + "</p>\n";
}

// The car on its floor from above, nose to the right as everywhere; each wheel's way as it came in (broken)
// and as it stands, with its ±. Drawn larger than they are, all by the same number, which is said below.

constexpr double width = 560, height = 300;
constexpr std::array<std::array<double, 2>, 4> hubs = {{{400, 84}, {400, 206}, {150, 84}, {150, 206}}};

std::string line(std::array<double, 4> at, const char* stroke, double wide, bool broken = false) {
    return "<line x1='" + n(at[0]) + "' y1='" + n(at[1]) + "' x2='" + n(at[2]) + "' y2='" + n(at[3]) +
           "' stroke='" + stroke + "' stroke-width='" + n(wide) + "'" +
           (broken ? " stroke-dasharray='5,4'" : "") + "/>";
}
std::string text(double x, double y, const char* anchor, const std::string& what, double size) {
    return "<text x='" + n(x) + "' y='" + n(y) + "' font-size='" + n(size) + "' text-anchor='" + anchor +
           "' font-family='DejaVu Sans, sans-serif' fill='#222222'>" + escaped(what) + "</text>";
}

struct Fan {
    KnownAngle before, after;
};

/// The two ends of a wheel's way at `deg` to the car's middle line, positive clockwise on the page.
std::array<double, 4> ends(std::array<double, 2> hub, double deg) {
    constexpr double half = 64;
    const double r = deg * one_degree, dx = half * std::cos(r), dy = half * std::sin(r);
    return {hub[0] - dx, hub[1] - dy, hub[0] + dx, hub[1] + dy};
}

std::string fans(const std::array<Fan, 4>& wheels, double times) {
    constexpr const char *now = "#1f5673", *then = "#a0641e";
    std::string out;
    for (std::size_t w = 0; w < 4; ++w) {
        // Toed in, the front of a left wheel, above, leans down on the page.
        const double side = w % 2 == 0 ? times : -times;
        const auto hub = hubs[w];
        out += "<rect x='" + n(hub[0] - 32) + "' y='" + n(hub[1] - 11) +
               "' width='64' height='22' rx='5' fill='#eeece6' stroke='#8a877e' stroke-width='1.2'/>";
        if (const KnownAngle& a = wheels[w].after; a.known) {
            const auto lo = ends(hub, side * (a.value - a.plus_minus()).deg()),
                       hi = ends(hub, side * (a.value + a.plus_minus()).deg());
            out += "<path d='";
            for (std::size_t end : {0u, 2u})
                out += "M" + n(hub[0]) + " " + n(hub[1]) + "L" + n(lo[end]) + " " + n(lo[end + 1]) + "L" +
                       n(hi[end]) + " " + n(hi[end + 1]) + "Z";
            out += std::string("' fill='") + now + "' fill-opacity='0.25'/>" +
                   line(ends(hub, side * a.value.deg()), now, 2.2);
        }
        if (wheels[w].before.known)
            out += line(ends(hub, side * wheels[w].before.value.deg()), then, 1.6, true);
    }
    return out;
}

const Record::Line* find(const Record& r, const CarAngle& angle) {
    for (const Record::Line& l : r.lines)
        if (l == angle) return &l;
    return nullptr;
}

std::string drawing(const Record& r, const Show& how) {
    std::array<Fan, 4> wheels;
    double most = 0.0;
    for (Wheel w : all_wheels)
        if (const Record::Line* l = find(r, {Measure::toe, w})) {
            wheels[static_cast<std::size_t>(index_of(w))] = {l->before, l->after};
            for (const KnownAngle* a : {&l->before, &l->after})
                if (a->known) most = std::max(most, std::abs(a->value.deg()));
        }
    // The widest goes to 20 degrees on the page, and nothing is drawn more than forty times as large.
    const double times = most > 0.0 ? std::min(40.0, std::max(1.0, std::floor(20.0 / most))) : 40.0;
    std::string out = "<svg xmlns='http://www.w3.org/2000/svg' width='" + n(width) + "' height='" +
                      n(height) + "' viewBox='0 0 " + n(width) + " " + n(height) + "'>";
    const double middle = (hubs[0][1] + hubs[1][1]) / 2;
    out += line({60, middle, 500, middle}, "#b9b5aa", 1, true);
    for (std::size_t axle : {0u, 2u})
        out += line({hubs[axle][0], hubs[axle][1] + 12, hubs[axle][0], hubs[axle + 1][1] - 12}, "#8a877e", 2);
    out += fans(wheels, times);
    if (const Record::Line* l = find(r, {Measure::thrust, {}}); l && l->after.known) {
        // To the left of the car is up.
        const double along = 130, up = along * std::tan(times * l->after.value.deg() * one_degree);
        out += line({hubs[2][0], middle, hubs[2][0] + along, middle - std::clamp(up, -50.0, 50.0)}, "#1f5673",
                    1.4);
    }
    for (Wheel w : all_wheels) {
        std::string said;
        for (Measure m : {Measure::toe, Measure::camber, Measure::caster})
            if (const Record::Line* l = find(r, {m, w}); l && l->after.known)
                said += (said.empty() ? "" : " · ") + value_of(m, l->after.value, how);
        const auto hub = hubs[static_cast<std::size_t>(index_of(w))];
        out += text(hub[0], side_of(w) == Side::left ? 26 : 272, "middle", said, 11);
    }
    // Where only both wheels together are known, no wheel is drawn as if it were straight ahead and known so.
    for (Axle a : both_axles) {
        const auto first = static_cast<std::size_t>(2 * index_of(a));
        const Record::Line* l = find(r, {Measure::total_toe, a});
        if (!l || !l->after.known || wheels[first].after.known || wheels[first + 1].after.known) continue;
        out += text(hubs[first][0] + 8, middle - 8, "start",
                    fill(TR_NOOP("together {0}"), {value_of(Measure::total_toe, l->after.value, how)}), 11);
    }
    out += text(504, middle + 4, "start", tr("front"), 10);
    if (most > 0.0)
        out += text(width / 2, 294, "middle",
                    fill(TR_NOOP("toe drawn {0} times as large; broken: as it came in"),
                         {std::to_string(static_cast<int>(times))}),
                    10);
    return out + "</svg>\n";
}

std::string angles_table(const Record& r, const Show& how) {
    std::string out = "<table cellspacing=\"0\" cellpadding=\"3\" border=\"1\" width=\"100%\">\n<tr>";
    for (const char* head : {TR_NOOP("Angle"), TR_NOOP("As it came in"), TR_NOOP("As it stands"),
                             TR_NOOP("Target"), TR_NOOP("Verdict")})
        out += "<th align=\"left\">" + escaped(tr(head)) + "</th>";
    out += "</tr>\n";
    for (const Record::Line& l : r.lines) {
        const bool said = l.verdict && l.verdict->target.has_tolerance;
        out += "<tr>" + cell(name(l)) + cell(known(l.measure, l.before, how)) +
               cell(known(l.measure, l.after, how)) +
               cell(l.verdict ? band(l.verdict->target, how) : std::string()) +
               cell(said ? call(l.verdict->call) : std::string()) + "</tr>\n";
    }
    return out + "</table>\n";
}

/// What was taken off them, and what toe does to the tires.
std::string beside_the_angles(const Record& r, const Show& how) {
    std::string out;
    if (const std::string taken = bias_taken(r.bias ? &*r.bias : nullptr, how); !taken.empty())
        out += "<b>" + escaped(taken) + "</b><br/>";
    for (Axle a : both_axles)
        if (const Record::Line* l = find(r, {Measure::total_toe, a}))
            if (const Sideways s = sideways_of(l->after); s.known)
                out += escaped(to_begin(axle(a)) + ": " + sideways(s, how)) + "<br/>";
    return out.empty() ? out : "<p>" + out + "</p>\n";
}

std::string turned(const Record& r, const CarCard& car, const Show& how) {
    if (r.passes.empty()) return paragraph(tr("Nothing was turned."));
    std::string out = "<ol>\n";
    for (const Record::Pass& p : r.passes) {
        out += "<li>";
        for (const Turn& t : p.turns) {
            const Adjuster* a = car.adjuster(t.adjuster);
            std::string made =
                !a           ? t.adjuster
                : !t.counted ? fill(TR_NOOP("{0}: turned by watching, not counted"), {to_begin(adjuster(*a))})
                             : turn_line(*a, t.turns, t.second, how);
            if (t.test) made += " " + tr("(test turn)");
            out += escaped(made) + "<br/>";
        }
        for (const Record::Pass::Did& d : p.did)
            out += escaped(fill(TR_NOOP("{0}: {1}, after it {2}"),
                                {name(d), known(d.measure, d.from, how), known(d.measure, d.to, how)})) +
                   "<br/>";
        if (p.did.empty()) out += escaped(tr("Nothing was read after it.")) + "<br/>";
        out += "</li>\n";
    }
    return out + "</ol>\n";
}

std::string locked(const Record& r, const CarCard& car) {
    std::string out;
    const auto torque = [&](const std::string& id) {
        const Adjuster* a = car.adjuster(id);
        const auto by_card = a ? words::torque(car, *a) : std::nullopt;
        return by_card ? fill(TR_NOOP("{0} by the card"), {*by_card}) : tr("torque from the manual");
    };
    for (const std::string& id : r.locked)
        out +=
            escaped(fill(TR_NOOP("{0}: locked, {1}"), {to_begin(adjuster(car, id)), torque(id)})) + "<br/>";
    if (!out.empty()) out = "<p>" + out + "</p>\n";
    if (r.unlocked.empty() && r.loose.empty()) return out + paragraph(tr("By the log nothing is loose."));
    out += "<p><b>" + escaped(tr("Still loose: not to be driven.")) + "</b><br/>";
    for (const std::string& id : r.unlocked)
        out += escaped(fill(TR_NOOP("{0}: turned and not locked"), {to_begin(adjuster(car, id))})) + "<br/>";
    for (const PartTouched& p : r.loose)
        out += escaped(to_begin(p.part) + ": " + part_state(p.state)) + "<br/>";
    return out + "</p>\n";
}

std::string driven(const Record& r, const Knowledge& knowledge, const Show& how) {
    if (r.drives.empty()) return paragraph(tr("Not driven."));
    std::string out = "<p>";
    for (const Driven& d : r.drives) {
        const std::vector<std::string> said = said_of(d, knowledge, how);
        std::string all;
        for (const std::string& s : said) all += (all.empty() ? "" : "; ") + s;
        out += escaped(to_begin(all)) + "<br/>";
    }
    return out + "</p>\n";
}

std::string left(const Record& r, const Show& how) {
    if (r.left.empty()) return {};
    std::string out = heading(TR_NOOP("Left as it is")) + "<p>";
    for (const Record::Left& l : r.left) {
        std::string why = l.why;
        if (why.empty() && !l.angle.known) why = tr("not measured");
        out += escaped(fill(TR_NOOP("{0}: {1}, target {2}: {3}"),
                            {to_begin(measure_of(l.target)), known(l.target.measure, l.angle, how),
                             band(l.target, how), call(l.call)}) +
                       (why.empty() ? "" : ". " + to_begin(why))) +
               "<br/>";
    }
    return out + "</p>\n";
}

std::string again(const Record& r) {
    if (r.again.empty()) return {};
    std::string out = heading(TR_NOOP("Look again")) + "<p>";
    for (const LookAgain& a : r.again)
        out += escaped(to_begin(a.when) + (a.why.empty() ? "" : ": " + a.why)) + "<br/>";
    return out + "</p>\n";
}

std::string top(const char* what, const Record& r, const CarCard& car, const RecordHead& head) {
    std::string title = fill(what, {car.name});
    std::string out = "<!DOCTYPE html>\n<html><head><meta charset=\"utf-8\"/><title>" +
                      escaped(title + (head.job.empty() ? "" : ", " + head.job)) +
                      "</title>\n<style>body{font-family:'DejaVu Sans',sans-serif;font-size:9pt;"
                      "color:#222222}h2{font-size:15pt;margin-bottom:2px}h3{font-size:10pt;margin-top:8px;"
                      "margin-bottom:1px}p,li,td,th{font-size:9pt}p{margin-top:2px;margin-bottom:2px}"
                      "p.foot{font-size:7pt}@page{margin:15mm;@bottom-right{content:counter(page) \"/\" "
                      "counter(pages)}}</style></head>\n<body>\n";
    out += "<h2>" + escaped(title) + "</h2>\n";
    std::vector<std::string> said;
    if (!head.job.empty()) said.push_back(head.job);
    if (!head.garage.empty()) said.push_back(head.garage);
    if (!r.begun.empty())
        said.push_back(show_day(r.begun) == show_day(r.ended)
                           ? show_day(r.begun)
                           : fill(TR_NOOP("{0} to {1}"), {show_day(r.begun), show_day(r.ended)}));
    if (r.odometer) said.push_back(r.odometer->text);
    std::string all;
    for (const std::string& s : said) all += (all.empty() ? "" : " · ") + s;
    return out + paragraph(all);
}

std::string foot(const Knowledge& knowledge) {
    std::string out = "<p class=\"foot\">";
    out += escaped(tr(
        TR_NOOP("± holds 95 in 100 times. Angles as they were measured by hand, not a roadworthiness test: "
                "the vehicle's manual, local rules and qualified technicians come first.")));
    for (const Caution& c : knowledge.cautions)
        if (c.id == "first-drive" || c.id == "steering-critical") out += " " + escaped(c.text);
    return out + " Fair Chalk " FAIRCHALK_VERSION "</p>\n</body></html>\n";
}

std::string doubtful(const Record& r) {
    return r.contradicts
               ? "<p><b>" +
                     escaped(tr("The readings contradict each other: these figures hold only as far as "
                                "that is settled.")) +
                     "</b></p>\n"
               : std::string();
}

}  // namespace

std::string record_in_a_line(const Record& r) {
    int inside = 0, judged = 0;
    for (const Record::Line& l : r.lines)
        if (l.verdict && l.verdict->target.has_tolerance) {
            ++judged;
            inside += l.verdict->call == Call::inside;
        }
    std::string out = fill(TR_NOOP("inside: {0} of {1}"), {std::to_string(inside), std::to_string(judged)});
    if (!r.unlocked.empty() || !r.loose.empty()) out += "; " + tr("something is still loose");
    return out;
}

std::string moved(const MovedAngle& m, const Show& how) {
    const char* said = m.call == HasMoved::moved    ? TR_NOOP("{0}: {1} ±{2}: moved")
                       : m.call == HasMoved::stayed ? TR_NOOP("{0}: {1} ±{2}: as it was")
                                                    : TR_NOOP("{0}: {1} ±{2}: can't tell");
    return fill(said, {name(m), way_of(m.measure, m.by, how), show_plus_minus(m.sigma * k95, how)});
}

namespace {

struct CauseWords {
    const char *what, *look;
};
/// In the order of `Cause`.
constexpr std::array<CauseWords, 18> cause_words = {{
    {TR_NOOP("nothing moved"), TR_NOOP("Nothing to look for.")},
    {TR_NOOP("none of these"),
     TR_NOOP("More than one thing, or something else: play at every joint, ride heights, and read again.")},
    {TR_NOOP("the rod's length"),
     TR_NOOP(
         "Measure the rod and the thread that shows against what was noted; a locknut that turned; a bent "
         "rod shows along a straightedge.")},
    {TR_NOOP("the upper arm, in or out"),
     TR_NOOP("Shims that fell out, a bolt that slipped: marks beside its bolts.")},
    {TR_NOOP("the upper arm, forward or back"),
     TR_NOOP("Rock the wheel fore and aft, and look at both bushes.")},
    {TR_NOOP("the upper arm's front pivot"),
     TR_NOOP("Lever at the front bush; a bolt or cam that slipped there.")},
    {TR_NOOP("the upper arm's rear pivot"),
     TR_NOOP("Lever at the rear bush; a bolt or cam that slipped there.")},
    {TR_NOOP("the lower arm, in or out"),
     TR_NOOP("Lever at both inner bushes, and at the ball joint with its load off; a bent arm.")},
    {TR_NOOP("the lower arm, forward or back"),
     TR_NOOP("Rock the wheel fore and aft with the brake held; the strut rod or its bush.")},
    {TR_NOOP("the lower arm's front pivot"),
     TR_NOOP("Lever at the front bush; a bolt or cam that slipped there.")},
    {TR_NOOP("the lower arm's rear pivot"),
     TR_NOOP("Lever at the rear bush; a bolt or cam that slipped there.")},
    {TR_NOOP("the strut's top, in or out"),
     TR_NOOP("Marks round its nuts; the mount while somebody rocks the wheel at the top.")},
    {TR_NOOP("the strut's top, forward or back"),
     TR_NOOP("Marks round its nuts; the mount while somebody turns the steering to and fro.")},
    {TR_NOOP("the upright or the strut is bent"),
     TR_NOOP(
         "Camber changed against the steering axis: compare the gap from rim to strut with the other side.")},
    {TR_NOOP("the spring has sagged"), TR_NOOP("Ride heights against those noted, left against right.")},
    {TR_NOOP("the rack, sideways"), TR_NOOP("Rock the wheel and watch the rack's housing in its clamps.")},
    {TR_NOOP("the sub-frame, sideways"),
     TR_NOOP("Witness marks at its bolts; measure it to the body on both sides.")},
    {TR_NOOP("the sub-frame, turned"), TR_NOOP("Witness marks at its bolts; diagonals across it.")},
}};

}  // namespace

std::string cause(const Explained& e, Axle axle) {
    const std::string what = tr(cause_words[static_cast<std::size_t>(e.cause)].what);
    if (e.cause == Cause::nothing || e.cause == Cause::none_of_these)
        return fill(TR_NOOP("{0}: {1} ({2})"), {to_begin(words::axle(axle)), what, chance(e.probability)});
    std::array<std::string, 2> mm;
    for (const auto& [k, v] : {std::pair(0u, std::abs(e.by)), {1u, e.sigma * k95}}) {
        mm[k] = show_number(std::max(v, 1.0), 0);
    }
    const std::string at = e.side ? wheel(wheel_at(axle, *e.side)) : words::axle(axle);
    return fill(TR_NOOP("{0}: {1}, by about {2} mm ±{3} ({4})"),
                {to_begin(at), what, mm[0], mm[1], chance(e.probability)});
}

std::string what_to_look_at(Cause c) {
    return tr(cause_words[static_cast<std::size_t>(c)].look);
}

std::string record_html(const Record& r, const CarCard& car, const RecordHead& head,
                        const Knowledge& knowledge, const Show& how) {
    std::string out = top(TR_NOOP("{0}: the record"), r, car, head);
    out += doubtful(r);
    out += "<div align=\"center\">" + drawing(r, how) + "</div>\n";
    out += angles_table(r, how);
    out += beside_the_angles(r, how);
    out += heading(TR_NOOP("What was turned, and what that did")) + turned(r, car, how);
    out += heading(TR_NOOP("Locked")) + locked(r, car);
    out += heading(TR_NOOP("Driven")) + driven(r, knowledge, how);
    out += left(r, how);
    out += again(r);
    return out + foot(knowledge);
}

namespace {

/// What this way of measuring leaves unknown, each in its words.
std::vector<std::string> not_seen(const Record& r) {
    std::vector<std::string> out;
    const auto known_after = [&](const CarAngle& angle) {
        const Record::Line* l = find(r, angle);
        return l && l->after.known;
    };
    for (Axle axle : both_axles) {
        const Wheel one = wheel_at(axle, Side::left), other = wheel_at(axle, Side::right);
        const bool singles = known_after({Measure::toe, one}) && known_after({Measure::toe, other});
        const std::string at = words::axle(axle);
        if (!singles && known_after({Measure::total_toe, axle}))
            out.push_back(
                fill(TR_NOOP("{0}: the toe of each wheel; only both together are known"), {to_begin(at)}));
        else if (!singles)
            out.push_back(fill(TR_NOOP("{0}: toe"), {to_begin(at)}));
        if (!known_after({Measure::camber, one}) || !known_after({Measure::camber, other}))
            out.push_back(fill(TR_NOOP("{0}: camber"), {to_begin(at)}));
    }
    if (!known_after({Measure::thrust, {}})) out.push_back(tr("Which way the rear axle points (thrust)"));
    if (!known_after({Measure::caster, Wheel::front_left}) ||
        !known_after({Measure::caster, Wheel::front_right}))
        out.push_back(tr("Caster"));
    return out;
}

}  // namespace

std::string shop_note_html(const Record& r, const Job& job, const RecordHead& head,
                           const Knowledge& knowledge, const Show& how) {
    const CarCard& car = job.car;
    std::string out = top(TR_NOOP("{0}: a note for the shop"), r, car, head);
    out += doubtful(r);
    out += heading(TR_NOOP("What is known, and how well")) + angles_table(r, how) + beside_the_angles(r, how);
    if (const auto unseen = not_seen(r); !unseen.empty()) {
        out += heading(TR_NOOP("What could not be seen here")) + "<p>";
        for (const std::string& s : unseen) out += escaped(s) + "<br/>";
        out += "</p>\n";
    }
    std::string threads;
    for (const Adjuster& a : car.adjusters)
        for (ReadingId kind : {ReadingId::thread_exposed, ReadingId::rod_length})
            if (const auto read = state_readings(job, wheel_spot(kind, wheel_of(a)));
                !read.empty() && is_rod(a))
                threads +=
                    escaped(to_begin(spot(read.back()->spot)) + ": " + read.back()->value.text) + "<br/>";
    if (!threads.empty()) out += heading(TR_NOOP("Rods and thread")) + "<p>" + threads + "</p>\n";
    out += heading(TR_NOOP("The steering wheel"));
    out +=
        paragraph(tr("The driver wants it level on a straight road. Please set single front toes "
                     "with it level and held."));
    if (!r.drives.empty()) out += driven(r, knowledge, how);
    out += heading(TR_NOOP("What was done here")) + turned(r, car, how) + locked(r, car);
    out += left(r, how);
    return out + foot(knowledge);
}

}  // namespace fairchalk::words

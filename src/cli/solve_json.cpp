// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/solve_json.h"

#include <array>
#include <cmath>
#include <cstdio>
#include <cstdlib>

#include "book/shop_json.h"
#include "core/analysis.h"
#include "core/job/floor.h"
#include "core/judge/cross_check.h"
#include "core/judge/slip.h"
#include "core/judge/still_readable.h"
#include "core/quantity/named.h"
#include "words/words.h"

namespace fairchalk::cli {
namespace {

using book::Json;

std::string why_of(const KnownAngle& a) {
    return words::sentence(a.why ? a.why : Message{Code::why_no_readings, {}});
}

Json angle_json(const KnownAngle& a) {
    Json j = Json::object();
    if (a.known) {
        j["deg"] = a.value.deg();
        j["sigma_deg"] = a.sigma.deg();
    } else {
        j["deg"] = nullptr;
        j["why"] = why_of(a);
    }
    return j;
}

Json spot_json(const Spot& s) {
    Json j = Json::object();
    const ReadingKind& info = reading_kind(s.kind);
    j["kind"] = info.name();
    if (s.wheel) j["wheel"] = name_of(*s.wheel);
    if (s.axle) j[info.place() == PlaceKind::bar ? "bar" : "axle"] = name_of(*s.axle);
    if (s.tread) j["place"] = name_of(*s.tread);
    if (s.side) j["side"] = name_of(*s.side);
    if (s.station) j["station"] = write_exact(*s.station);
    if (s.rolled) j["rolled"] = "1/2 turn";
    if (s.swept != Swept::straight) j["turned"] = s.swept == Swept::out ? "out" : "in";
    return j;
}

std::string detectable_text(double value, QuantityKind kind) {
    std::array<char, 64> text{};
    std::snprintf(text.data(), text.size(), kind == QuantityKind::length ? "%.1f mm" : "%.2f deg", value);
    return text.data();
}

Json verdict_json(const Verdict& v, const Job& job, const Estimate& e) {
    Json j = Json::object();
    j["what"] = v.target.name();
    j["verdict"] = v.call == Call::unknown ? Json() : Json(name_of(v.call));
    if (v.angle.known) {
        j["deg"] = v.angle.value.deg();
        j["sigma_deg"] = v.angle.sigma.deg();
    } else {
        j["deg"] = nullptr;
        j["why"] = why_of(v.angle);
    }
    j["lo_deg"] = v.target.lo.deg();
    j["hi_deg"] = v.target.hi.deg();
    j["settle"] = nullptr;
    if (const auto settling = what_settles(job, e, v)) {
        j["settle"] = spot_json(settling->first.spot);
        j["settle"]["readings"] = settling->readings;
    }
    return j;
}

/// What to read next: for an angle with a target that is not known, the first spot missing for it; then what
/// settles the widest call that is too close; without targets, the first spot missing for anything.
Json ask_next(const Job& job, const Estimate& e, const std::vector<Verdict>& all) {
    const auto ask = [&](const Spot& spot, const std::string& why) {
        Json j = spot_json(spot);
        j["why"] = why;
        return j;
    };
    for (const Verdict& v : all)
        if (!v.angle.known && !v.angle.needs.empty())
            return ask(v.angle.needs.front(), words::measure(v.target) + ": " + why_of(v.angle));
    const Verdict* worst = nullptr;
    for (const Verdict& v : all)
        if (v.call == Call::too_close &&
            (!worst || v.angle.sigma / v.target.half_band() > worst->angle.sigma / worst->target.half_band()))
            worst = &v;
    if (worst)
        if (const auto best = best_next_reading(job, e, worst->target))
            return ask(best->spot, words::measure(worst->target) + ": " + words::call(worst->call) +
                                       ", this reading narrows it most");
    if (e.steering_free && e.axles[0].total_toe.known) return nullptr;
    for (const WheelAngles& w : e.wheels)
        if (!w.toe.known && !w.toe.needs.empty()) return ask(w.toe.needs.front(), why_of(w.toe));
    return nullptr;
}

}  // namespace

/// To fifteen figures: what binary fractions add beyond them is not the typed value.
static double clean(double v) {
    std::array<char, 40> text{};
    std::snprintf(text.data(), text.size(), "%.15g", v);
    return std::strtod(text.data(), nullptr);
}

Json read_answer(const Quantity& q) {
    Json j = Json::object();
    switch (q.kind) {
        case QuantityKind::length:
            j["kind"] = "length";
            j["mm"] = clean(q.value);
            j["resolution_mm"] = clean(q.resolution);
            break;
        case QuantityKind::angle:
            j["kind"] = "angle";
            j["deg"] = clean(q.value);
            j["resolution_deg"] = clean(q.resolution);
            break;
        case QuantityKind::turns:
            j["kind"] = "turns";
            j["turns"] = clean(q.value);
            j["resolution_turns"] = clean(q.resolution);
            break;
        case QuantityKind::pressure:
            j["kind"] = "pressure";
            j["bar"] = clean(q.value);
            j["resolution_bar"] = clean(q.resolution);
            break;
        case QuantityKind::torque:
            j["kind"] = "torque";
            j["nm"] = clean(q.value);
            j["resolution_nm"] = clean(q.resolution);
            break;
        case QuantityKind::temperature:
            j["kind"] = "temperature";
            j["celsius"] = clean(q.value);
            j["resolution_celsius"] = clean(q.resolution);
            break;
    }
    return j;
}

/// The floor as surveyed: heights, what has to be added to readings against gravity, how the survey closes.
static Json floor_json(const Floor& floor, const book::JobFile& file, const CarCard& car) {
    Json j = Json::object();
    const FloorSolved solved = solve_floor(floor);
    j["method"] = name_of(floor.method);
    if (!floor.place.empty()) j["place"] = floor.place;
    if (!solved.known) {
        j["why"] = words::sentence(solved.why);
        return j;
    }
    const FloorEffect effect = effect_of(solved, car);
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        j["heights_mm"][std::string(name_of(w))] = solved.heights[i].mm();
        j["add_to_camber"][std::string(name_of(w))] = {{"deg", effect.camber[i].deg()},
                                                       {"sigma_deg", effect.camber_sigma[i].deg()}};
    }
    j["add_to_caster"] = {{"deg", effect.caster.deg()}, {"sigma_deg", effect.caster_sigma.deg()}};
    j["twist_mm"] = effect.twist.mm();
    if (solved.misclosure) {
        j["misclosure_mm"] = solved.misclosure->mm();
        j["misclosure_sigma_mm"] = solved.misclosure_sigma->mm();
    }
    if (solved.culprit) {
        j["suspect"] = file.label(*solved.culprit);
        j["because"] = words::sentence(solved.why);
    }
    return j;
}

/// What two rigs say of the same axle, and whether the bars were bumped.
static void cross_checks(const Job& job, int round, Json& out) {
    for (const Agreement& a : agreements(job, round))
        out["agreement"].push_back({{"axle", name_of(a.axle)},
                                    {"rigs", {a.one->id, a.other->id}},
                                    {"total_toe_deg", {a.first.deg(), a.second.deg()}},
                                    {"sigma_deg", a.sigma.deg()},
                                    {"agree", a.agree}});
    for (const Bumped& b : bumped(job, round))
        out["bars_read_again"].push_back({{"bar", name_of(b.bar)},
                                          {"moved_mm", b.moved.mm()},
                                          {"sigma_mm", b.sigma.mm()},
                                          {"bumped", b.yes}});
}

/// The angles as they would be with this one reading left out.
static Json without_json(const Job& job, const book::JobFile& file, std::optional<int> round,
                         std::size_t entry) {
    EstimateOptions options;
    options.round = round;
    options.without = entry;
    options.explain = false;
    const Estimate e = estimate(job, options);
    Json j = Json::object();
    j["reading"] = file.label(entry);
    for (Wheel w : all_wheels)
        for (const auto& [name, angle] : {std::pair{"toe", &WheelAngles::toe},
                                          {"camber", &WheelAngles::camber},
                                          {"caster", &WheelAngles::caster}})
            if (const KnownAngle& a = e.wheels[static_cast<std::size_t>(index_of(w))].*angle; a.known)
                j["wheels"][std::string(name_of(w))][name] = angle_json(a);
    j["weighted_sum"] = e.weighted_sum;
    return j;
}

namespace {

Json turn_doubt_json(const TurnDoubt& d, const book::JobFile& file, const CarCard& car) {
    Json j = Json::object();
    for (std::size_t i : d.turns) j["turns"].push_back(file.label(i));
    j["looks_like"] = name_of(d.what);
    j["probability"] = d.probability;
    j["in_force"] = d.in_force;
    j["adjuster"] = d.adjuster;
    j["wheel"] = name_of(d.wheel);
    j["angle"] = name_of(d.angle);
    j["expected_deg"] = d.expected.deg();
    j["happened_deg"] = d.happened.deg();
    j["say"] = words::turn_doubt(d, car);
    return j;
}

/// What the card says and seems not to be so.
void belief_json(const Belief& belief, const book::JobFile& file, const CarCard& car, Json& out) {
    if (const TurnDoubt* last = belief.last()) out["turn_doubt"] = turn_doubt_json(*last, file, car);
    for (const TurnDoubt& d : belief.doubts) out["turn_doubts"].push_back(turn_doubt_json(d, file, car));
    const auto put = [&](const CardDoubt& d, const std::string& say) {
        out["card_doubts"].push_back({{"adjusters", d.adjusters},
                                      {"field", d.field},
                                      {"seems", d.value},
                                      {"probability", d.probability},
                                      {"unsaid", d.unsaid},
                                      {"in_force", d.in_force},
                                      {"say", say}});
        if (d.field == "response") out["card_doubts"].back()["times"] = d.times;
    };
    for (const CardDoubt& d : belief.card) put(d, words::card_doubt(d, car));
    for (const CardDoubt& d : belief.open) put(d, words::open_doubt(d, car));
}

}  // namespace

Json solve_answer(const book::JobFile& file, std::optional<int> round) {
    const Job written = file.job();
    EstimateOptions options;
    options.round = round;
    const Belief belief = round ? Belief{} : believe(written);
    std::shared_ptr<const std::vector<Entry>> log;
    const Job job = believed(written, belief, log);
    options.doubted_turns = belief.freed;
    const Estimate e = estimate(job, options);
    Json out = Json::object();
    if (!job.rounds.empty()) belief_json(belief, file, written.rounds.back().car, out);
    out["round"] = e.round < 0 ? Json() : Json(e.round);
    for (Wheel w : all_wheels) {
        const WheelAngles& a = e.wheels[index_of(w)];
        Json& j = out["wheels"][std::string(name_of(w))];
        j["toe"] = angle_json(a.toe);
        j["toe_to_thrust"] = angle_json(a.toe_to_thrust);
        if (axle_of(w) == Axle::front) j["toe_to_rear"] = angle_json(a.toe_to_rear);
        j["camber"] = angle_json(a.camber);
        j["caster"] = angle_json(a.caster);
        j["sai"] = angle_json(a.sai);
        if (a.toe_runout.known) j["toe_runout"] = angle_json(a.toe_runout);
        if (a.camber_runout.known) j["camber_runout"] = angle_json(a.camber_runout);
    }
    for (Axle axle : both_axles) {
        const AxleAngles& a = e.axles[index_of(axle)];
        Json& j = out["axles"][std::string(name_of(axle))];
        j["total_toe"] = angle_json(a.total_toe);
        j["cross_camber"] = angle_json(a.cross_camber);
        j["cross_caster"] = angle_json(a.cross_caster);
    }
    out["thrust"] = angle_json(e.thrust);
    for (Side s : both_sides) {
        const KnownAngle& skew = e.strings[index_of(s)].skew;
        Json& j = out["strings"][std::string(name_of(s))];
        if (skew.known) {
            j["skew_deg"] = skew.value.deg();
            j["sigma_deg"] = skew.sigma.deg();
        } else {
            j["skew_deg"] = nullptr;
            j["why"] = why_of(skew);
        }
    }
    if (const auto floor = floor_now(job)) out["floor"] = floor_json(*floor, file, job.car);
    // What was taken off all angles of the last state: as it stands in the log.
    if (const BiasTaken* bias = last_of<BiasTaken>(job); bias && !bias->all.empty()) {
        out["bias_taken"] = Json::object();
        book::bias_json(*bias, out["bias_taken"]);
    }
    out["fit"] = {{"redundancy", e.redundancy}, {"weighted_sum", e.weighted_sum}, {"alarm", e.alarm}};
    out["reference"] = name_of(e.chassis_marks ? Reference::chassis_marks : Reference::centreline);
    cross_checks(job, e.round, out);
    const auto slips = slips_of(job, e);
    out["checks"] = Json::array();
    for (const Check& c : e.checks) {
        Json j = Json::object();
        j["reading"] = file.label(c.entry);
        j["w"] = c.w;
        j["redundancy"] = c.redundancy;
        const Reading& r = std::get<Reading>(file.entries()[c.entry].event);
        j["detectable"] =
            std::isfinite(c.detectable) ? Json(detectable_text(c.detectable, r.value.kind)) : Json();
        j["suspect"] = c.suspect;
        if (const Explanation* x = slip_of(slips, c.entry)) {
            j["looks_like"] = name_of(x->slip);
            if (x->other) j["swapped_with"] = file.label(*x->other);
            j["would_be"] = detectable_text(x->would_be, r.value.kind);
        }
        if (c.suspect) out["without"].push_back(without_json(job, file, round, c.entry));
        out["checks"].push_back(j);
    }
    if (!e.unused.empty()) {
        out["unused"] = Json::array();
        for (const Unused& u : e.unused)
            out["unused"].push_back({{"reading", file.label(u.entry)}, {"why", words::sentence(u.why)}});
    }
    const auto all = verdicts(job, e);
    out["verdicts"] = Json::array();
    for (const Verdict& v : all) out["verdicts"].push_back(verdict_json(v, job, e));
    if (const auto drive = drive_says(job, e)) {
        Json j = Json::object();
        if (drive->expected.known) j["expected"] = angle_json(drive->expected);
        if (drive->off) {
            j["off_deg"] = drive->off->deg();
            j["off_sigma_deg"] = drive->off_sigma->deg();
            j["fits"] = drive->fits;
        }
        if (drive->pull) j["pull"] = name_of(*drive->pull);
        j["say"] = words::drive(*drive);
        out["drive"] = j;
    }
    out["ask_next"] = e.round < 0 ? Json() : ask_next(job, e, all);
    return out;
}

namespace {

/// A rod's turn, or a device's: of one handle with its unit and way, of two each under its name.
Json turn_json(const PlannedTurn& t, const CarCard& car) {
    Json j = Json::object();
    j["adjuster"] = t.adjuster;
    if (const Adjuster* rod = car.rod(t.adjuster)) {
        j["amount"] = std::abs(t.turns);
        j["unit"] = "turn";
        j["way"] = t.longer() ? "longer" : "shorter";
        j["say"] = words::turn_line(*rod, t.turns);
        if (t.test) j["test"] = true;
        j["because"] = t.test ? words::why_test_turn() : words::why_this_way(*rod, t.longer());
        j["loosen"] = words::loosen(*rod);
        if (!rod->wrench.empty()) j["wrench"] = rod->wrench;
        if (rod->thread != Thread::unknown) j["rotate"] = words::how_to_rotate(*rod, t.longer());
        return j;
    }
    const Adjuster& d = *car.device(t.adjuster);
    if (!d.wrench.empty()) j["wrench"] = d.wrench;
    const AdjusterKind& kind = *adjuster_kind(d.kind);
    const auto handles = kind.handles(d);
    if (handles.size() == 1) {
        j["amount"] = std::abs(t.turns);
        j["unit"] = name_of(handles[0].unit);
        j["way"] = t.turns > 0 ? handles[0].more : handles[0].less;
        if (kind.exchanges()) {
            j["inner_mm"] = -t.turns;
            j["outer_mm"] = t.turns;
        }
    } else {
        j[std::string(handles[0].name) + '_' + std::string(name_of(handles[0].unit))] = t.turns;
        j[std::string(handles[1].name) + '_' + std::string(name_of(handles[1].unit))] = t.second;
    }
    j["say"] = words::turn_line(car, t);
    if (t.test) j["test"] = true;
    j["because"] = t.at_edge ? words::at_edge(t) : words::why_this_way(d, t.longer());
    j["loosen"] = words::loosen(d);
    if (const std::string rotate = words::how_to_rotate(d, t.longer()); !rotate.empty()) j["rotate"] = rotate;
    if (const std::string caution = words::caution(d, car); !caution.empty()) j["caution"] = caution;
    for (const ShimMove& m : t.shims) {
        Json move = {{"thickness_mm", m.shims.thickness.mm()},
                     {"count", m.shims.count},
                     {"from", m.from.name()},
                     {"to", m.to.name()}};
        if (m.shims.spans) move["spans"] = true;
        j["shims"].push_back(move);
    }
    return j;
}

std::vector<Target> targets_of_set_up(const book::JobFile& file, const Job& job, const std::string& name) {
    const Json card = file.last("car", job);
    const Json none = Json::object();
    const Json& all = card.contains("setups") && card["setups"].is_object() ? card["setups"] : none;
    std::vector<std::string> known;
    for (const auto& [key, value] : all.items()) known.push_back(key);
    if (!all.contains(name) || !all[name].is_object())
        throw book::FileError("car.setups", Message{Code::job_unknown_word, {name, listed(known)}});
    Json aims = all[name];
    aims.erase("source");
    return book::targets_from(aims, "car.setups." + name);
}

}  // namespace

namespace {
/// A small amount, finer than any rule: `0.34 mm`, `0.012 deg`.
std::string in_tenths(double value, QuantityKind kind) {
    return to_division(value, kind, kind == QuantityKind::length ? 0.01 : 0.001);
}
}  // namespace

Json plan_answer(const book::JobFile& file, const PlanOptions& choices, std::optional<Wheel> match,
                 const std::string& set_up) {
    const Job written = file.job();
    Question question;
    question.options = choices;
    question.options.times = times_of(*written.log);
    question.match = match;
    if (!set_up.empty()) question.targets = targets_of_set_up(file, written, set_up);
    const Analysis a = analyse(written, question);
    const Plan& plan = a.plan;
    Json out = Json::object();
    out["turns"] = Json::array();
    Json expect = Json::object();
    const CarCard& car = a.job.rounds.empty() ? a.job.car : a.job.rounds.back().car;
    for (const PlannedTurn& t : plan.turns) {
        out["turns"].push_back(turn_json(t, car));
        const Adjuster* d = car.device(t.adjuster);
        for (Wheel w : d ? wheels_of(*d) : std::vector<Wheel>{t.wheel}) {
            const auto& angles = plan.expect[static_cast<std::size_t>(index_of(w))];
            for (WheelAngle angle : wheel_angles)
                if (const KnownAngle& known = angles[index_of(angle)];
                    known.known && (angle == WheelAngle::toe || d))
                    expect[std::string(name_of(w))][std::string(name_of(angle))] = angle_json(known);
        }
    }
    for (const Verdict& v : plan.after) {
        if (!v.angle.known || v.target.measure == Measure::toe) continue;
        if (const Axle* axle = std::get_if<Axle>(&v.target.where))
            expect[std::string(name_of(*axle))][std::string(name_of(v.target.measure))] = angle_json(v.angle);
    }
    if (!a.job.rounds.empty()) belief_json(a.belief, file, written.rounds.back().car, out);
    out["expect"] = expect;
    out["probability_inside"] = plan.probability_inside;
    out["truly_inside"] = plan.truly_inside;
    if (!set_up.empty())
        out["without_reading"] = {{"good_enough", good_enough_unread(plan)},
                                  {"probability_inside", plan.truly_inside},
                                  {"say", words::without_reading(plan)}};
    out["spoils"] = plan.spoils;
    out["next"] = name_of(plan.next);
    for (const MovedAlong& m : plan.along)
        out["moves_along"].push_back(
            {{"what", std::string(name_of(m.wheel)) + "." + std::string(name_of(m.measure))},
             {"by_deg", m.by.deg()},
             {"sigma_deg", m.sigma.deg()},
             {"say", words::moved_along(m)}});
    if (plan.look)
        out["look"] = {{"adjuster", plan.look->adjuster},
                       {"field", plan.look->field},
                       {"say", words::look(*plan.look, car)}};
    if (plan.as_far_as) {
        Json left = Json::array();
        for (const Target& t : plan.as_far_as->left) left.push_back(t.name());
        out["as_far_as"] = {{"left", left},
                            {"why", words::sentence(plan.as_far_as->why)},
                            {"truly_inside", plan.as_far_as->truly_inside},
                            {"settle", plan.as_far_as->tool ? Json(plan.as_far_as->tool->name) : Json()},
                            {"say", words::as_far_as(*plan.as_far_as, car)}};
        if (const auto& facts = plan.as_far_as->facts; !facts.empty()) {
            for (WheelFact f : facts) out["as_far_as"]["tell"].push_back(name_of(f));
            out["as_far_as"]["tell_say"] = words::facts_that_settle(facts);
        }
    }
    for (const Until& u : a.until) {
        Json j = {{"adjuster", u.adjuster}};
        j.update(spot_json(u.spot));
        if (u.now) j["now"] = to_division(*u.now, u.kind, u.division);
        j["per_step"] = in_tenths(u.per_step, u.kind);
        j["say"] = words::until(u, car);
        for (bool shaken : {false, true}) {
            j["then"] = to_division(shaken ? u.then : u.stop, u.kind, u.division);
            j["then_sigma"] = in_tenths(shaken ? u.then_sigma : u.stop_sigma, u.kind);
            j["after_shake"] = shaken;
            out["until"].push_back(j);
        }
    }
    out["minutes"] = {{"to_done", std::round(a.to_go.to_done)}, {"this_pass", std::round(a.to_go.this_pass)}};
    if (!a.can_wait.empty()) {
        for (const Spot& s : a.can_wait) out["can_wait"]["spots"].push_back(spot_json(s));
        out["can_wait"]["say"] = words::can_wait(static_cast<int>(a.can_wait.size()));
    }
    out["remeasure"] = Json::array();
    for (const Spot& s : plan.remeasure) out["remeasure"].push_back(spot_json(s));
    out["cannot"] = Json::array();
    for (const Unreachable& u : plan.cannot) {
        Json j = {{"what", u.target.name()}, {"why", words::sentence(u.why)}};
        if (u.best.known) j["best"] = angle_json(u.best);
        for (const GivesWay& g : u.costs)
            j["costs"].push_back({{"what", g.target.name()},
                                  {"deg", g.with.value.deg()},
                                  {"instead_of_deg", g.without.value.deg()}});
        j["say"] = words::unreachable(u, car);
        out["cannot"].push_back(j);
    }
    if (plan.next == NextStep::read && plan.remeasure.empty() && a.now.round >= 0) {
        if (plan.again) {
            for (const Spot& s : a.read) {
                Json j = spot_json(s);
                j["why"] = words::sentence(plan.again->why);
                out["remeasure"].push_back(j);
            }
            out["again"] = words::sentence(plan.again->why);
        } else {
            // The same spots as in the window; with the reason, where it is the one that is known here.
            const Json next = ask_next(a.job, a.now, plan.before);
            for (const Spot& s : a.read) {
                Json j = spot_json(s);
                if (Json bare = next; bare.is_object() && bare.erase("why") > 0 && bare == j) j = next;
                out["remeasure"].push_back(j);
            }
        }
        if (a.untold) out["untold"] = {{"what", a.untold->target.name()}, {"rigs", a.untold->rigs}};
    }
    return out;
}

}  // namespace fairchalk::cli

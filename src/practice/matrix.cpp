// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/matrix.h"

#include <algorithm>
#include <cmath>
#include <memory>
#include <numeric>
#include <optional>
#include <random>
#include <set>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/job/rig.h"
#include "practice/debrief.h"
#include "practice/many_jobs.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {
namespace {

constexpr std::array<std::string_view, factors> factor_names = {"rig",    "lean", "front",  "rear",
                                                                "target", "tool", "trouble"};
const std::array<std::vector<std::string>, factors> all_values = {
    std::vector<std::string>{"string-bars", "string-stands", "string-left", "both-sides",
                             "chassis-centreline", "straightedge", "arm-jig", "toe-boards", "stud-bars",
                             "tread-tape", "toe-gauge", "boards+straightedge", "boards+strings"},
    {"no-lean", "camber-gauge", "camber-gap", "camber-plumb", "gauge+sweep", "gap+sweep", "plumb+sweep",
     "gauge+swing", "gauge+caster"},
    {"rods-behind", "rods-ahead", "one-rod", "tube", "tube+drag-link", "shim-pair", "spanning-shims",
     "strut-top", "strut-bolt-upper", "strut-bolt-lower", "cam", "upper-joint-slot", "adjustable-arm",
     "radius-rod", "fixed"},
    {"fixed", "links-behind", "links-ahead", "trailing-arm-shims", "toe-cams-behind", "toe-cams-ahead",
     "rear-shims", "rear-arms"},
    {"total-front", "total-both", "toe-each", "wide-total", "rear-toe", "thrust", "camber-only", "camber+toe",
     "all", "cross-camber"},
    {"steel-rule-mm", "vernier", "steel-rule-inch"},
    {"none", "one-wrong-way", "all-wrong-way", "misreads", "card-wrong", "card-silent", "far-off-drawing"}};

bool has(const std::string& text, std::string_view part) {
    return text.find(part) != std::string::npos;
}

constexpr int most_passes = 8, most_extra = 12;

/// A gauge, a tool and a rule for a cell's readings.
LinesSet lines_of(const Cell& cell, const SolidCar& solid) {
    const std::string &rig = cell.of(Factor::rig), &lean = cell.of(Factor::lean);
    std::vector<std::string> rigs;
    if (rig == "both-sides")
        rigs = {"string-left", "string-right"};
    else if (rig == "boards+straightedge")
        rigs = {"toe-boards", "straightedge"};
    else if (rig == "boards+strings")
        rigs = {"toe-boards", "string-bars"};
    else
        rigs = {rig};
    if (lean == "camber-gap" || lean == "camber-plumb")
        rigs.push_back(lean);
    else if (has(lean, "gauge"))
        rigs.push_back("camber-gauge");
    if (lean == "gauge+sweep") rigs.push_back("caster-sweep");
    if (lean == "gap+sweep") rigs.insert(rigs.end(), {"camber-gap", "sweep-gap"});
    if (lean == "plumb+sweep") rigs.insert(rigs.end(), {"camber-plumb", "sweep-plumb"});
    if (lean == "gauge+swing") rigs.push_back("caster-swing");
    if (lean == "gauge+caster") rigs.push_back("caster-gauge");
    LinesSet l = solid.lines(std::move(rigs));
    l.tool = cell.of(Factor::tool) == "vernier"           ? "vernier"
             : cell.of(Factor::tool) == "steel-rule-inch" ? "steel-rule-inch"
                                                          : "steel-rule-mm";
    l.gauge = "digital-angle-gauge";
    l.sweep = usual_sweep;
    if (rig == "chassis-centreline")
        l.stations = {Length::from_mm(200), Length::from_mm(solid.wheelbase - 200)};
    return l;
}

const Tool& tool_named(const std::string& name) {
    const Tool* t = standard_tool(name);
    return t ? *t : *standard_tool("steel-rule-mm");
}

Corner beam_corner() {
    Corner c = sample_wishbone();
    Corner b;
    b.kind = CornerKind::beam;
    for (Hardpoint p : points_of(CornerKind::beam)) b.at(p) = c.at(p);
    b.camber = c.camber;
    b.toe = c.toe;
    return b;
}

/// What there is to turn, and the car that it is on.
struct Built {
    CarCard card, truth;  ///< as the user wrote it, and as it is
    std::array<Corner, 4> corners;
};

Device device_at(const std::string& kind, const std::string& id, Wheel w) {
    Device d;
    d.id = id;
    d.kind = kind;
    d.wheel = w;
    return d;
}

std::string at(const char* what, Wheel w) {
    return std::string(what) + "-" + std::string(name_of(w));
}

Built built(const Cell& cell, const SolidCar& solid, Rng& rng) {
    const std::string &front = cell.of(Factor::front), &rear = cell.of(Factor::rear),
                      &trouble = cell.of(Factor::trouble);
    Built b;
    b.truth = solid.card();
    CarCard& card = b.truth;
    const bool strut = front == "strut-top" || has(front, "strut-bolt");
    const bool tube = has(front, "tube");
    card.axle(Axle::front).suspension = tube    ? Suspension::beam
                                        : strut ? Suspension::strut
                                                : Suspension::double_wishbone;
    const bool ahead = front == "rods-ahead" || (trouble == "card-wrong" && toss(rng));
    const auto rod = [&](Wheel w, bool runs_ahead, bool link) {
        Rod r;
        r.id = at(link ? "link" : "rod", w);
        r.wheel = w;
        r.toe_link = link;
        r.runs = runs_ahead ? RodSide::ahead_of_axle : RodSide::behind_axle;
        r.pitch = Length::from_mm(1.5);
        card.adjusters.emplace_back(r);
    };
    for (Side s : both_sides) {
        const Wheel w = wheel_at(Axle::front, s);
        if (front == "fixed" || tube) continue;
        if (front == "one-rod" && s == Side::left) continue;
        rod(w, ahead, false);
        if (has(front, "rod")) {
            if (front != "radius-rod") continue;
            Device d = device_at("radius-rod", at("radius", w), w);
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
            continue;
        }
        Device d = device_at(front, at("dev", w), w);
        if (has(front, "strut-bolt")) {
            d.kind = "cam";
            d.bolt = front == "strut-bolt-upper" ? "strut-upper" : "strut-lower";
            d.bolt_spacing = Length::from_mm(60);
            d.eccentricity = Length::from_mm(3);
        } else if (front == "cam") {
            d.bolt = "both";
            d.upper_arm = true;
            d.eccentricity = Length::from_mm(6);
        } else if (front == "adjustable-arm") {
            d.upper_arm = true;
            d.pitch = Length::from_mm(1.5);
        }
        card.adjusters.emplace_back(d);
    }
    if (tube) {
        Device t = device_at("cross-tube", "tube", Wheel::front_right);
        t.axle = Axle::front;
        t.rod = RodSide::behind_axle;
        t.pitch = Length::from_mm(1.5);
        t.double_ended = true;
        card.adjusters.emplace_back(t);
        if (front == "tube+drag-link") {
            Device d = device_at("drag-link", "drag", Wheel::front_left);
            d.rod = RodSide::behind_axle;
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
        }
    }
    for (Side s : both_sides) {
        const Wheel w = wheel_at(Axle::rear, s);
        if (rear == "links-behind" || rear == "links-ahead") rod(w, rear == "links-ahead", true);
        if (rear == "trailing-arm-shims") {
            Device d = device_at(rear, at("shims", w), w);
            d.pivot_to_hub = Length::from_mm(430);
            d.stacks = {std::vector<ShimsOf>{{Length::from_mm(1), 3}, {Length::from_mm(0.5), 2}},
                        std::vector<ShimsOf>{{Length::from_mm(1), 2}, {Length::from_mm(0.5), 2}}};
            card.adjusters.emplace_back(d);
        }
        if (has(rear, "toe-cams")) {
            Device d = device_at("cam", at("toecam", w), w);
            d.angle = "toe";
            d.bolt = "both";
            d.rod = rear == "toe-cams-ahead" ? RodSide::ahead_of_axle : RodSide::behind_axle;
            d.eccentricity = Length::from_mm(5);
            card.adjusters.emplace_back(d);
        }
        if (rear == "rear-shims") card.adjusters.emplace_back(device_at("shim-pair", at("shims", w), w));
        if (rear == "rear-arms") {
            Device d = device_at("adjustable-arm", at("arm", w), w);
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
            rod(w, false, true);
        }
    }
    // The corners: both sides of an axle built to one drawing, which is not the prior's.
    const double off = trouble == "far-off-drawing" ? 40.0 : 25.0;
    for (Axle axle : both_axles) {
        const Wheel w = wheel_at(axle, Side::left);
        Corner c;
        const Device* leaner = nullptr;
        for (const Adjuster& a : card.adjusters)
            if (const Device* d = std::get_if<Device>(&a); d && wheel_of(*d) == w) leaner = d;
        const Rod* r = card.rod_at(w);
        if (!r) r = card.rod_at(wheel_at(axle, Side::right));
        if (axle == Axle::front && tube) {
            c = beam_corner();
        } else if (leaner) {
            c = adjuster_kind(leaner->kind)->corner(*leaner, card);
        } else if (r) {
            c = strut && axle == Axle::front ? sample_strut() : sample_wishbone();
        } else {
            c.kind = CornerKind::fixed;
            c.at(Hardpoint::hub) = {0, 720, 305};
        }
        if (c.kind != CornerKind::fixed && c.kind != CornerKind::trailing_arm)
            for (Hardpoint p : points_of(c.kind))
                if (p != Hardpoint::hub && p != Hardpoint::strut_low && c.kind != CornerKind::beam)
                    c.at(p) += Eigen::Vector3d(between(rng, -off, off), between(rng, -off, off),
                                               between(rng, -off, off));
        if (c.kind == CornerKind::strut) {
            const Eigen::Vector3d top = c.at(Hardpoint::top), low = c.at(Hardpoint::lower);
            c.at(Hardpoint::strut_low) = low + Eigen::Vector3d(0, -40, 200);
            // The sample's axis: through the top.
            c.at(Hardpoint::strut_low) = top + (c.at(Hardpoint::strut_low) - top) * 0.9;
        }
        if (has_rod(c.kind)) {
            bool runs_ahead = r ? r->runs == RodSide::ahead_of_axle : false;
            if (leaner && leaner->rod != RodSide::unknown) runs_ahead = leaner->rod == RodSide::ahead_of_axle;
            const double arm =
                std::clamp(130.0 + normal(rng, trouble == "far-off-drawing" ? 35.0 : 22.0), 85.0, 200.0);
            place_rod(c, runs_ahead ? arm : -arm, between(rng, 0.3, 0.9), between(rng, 0, 15));
        }
        for (Side s : both_sides) {
            Corner one = c;
            one.toe =
                Angle::from_deg(axle == Axle::front ? between(rng, -0.8, 0.8) : between(rng, -0.35, 0.45));
            one.camber = Angle::from_deg(between(rng, -1.8, 0.2));
            b.corners[static_cast<std::size_t>(index_of(wheel_at(axle, s)))] = one;
        }
    }
    b.card = card;
    for (Adjuster& a : b.card.adjusters) {
        if (Device* d = std::get_if<Device>(&a); d && trouble == "card-silent") {
            if (d->bolt.starts_with("strut")) d->bolt = "strut";
            if (adjuster_kind(d->kind)->across() && adjuster_kind(d->kind)->takes_along() != 0.0)
                d->wheel.reset();
        }
        if (!has_side(a)) continue;
        if (trouble == "card-wrong" && axle_of(wheel_of(a)) == Axle::front)
            set_side(a,
                     side_of_axle(a) == RodSide::behind_axle ? RodSide::ahead_of_axle : RodSide::behind_axle);
        if (trouble == "card-silent") set_side(a, RodSide::unknown);
    }
    return b;
}

std::vector<Target> targets_of(const Cell& cell, const SolidCar& solid) {
    const std::string& form = cell.of(Factor::target);
    const double toe = cell.of(Factor::tool) == "vernier" ? 0.12 : 0.2;
    const double camber = std::round((solid.camber[0] + solid.camber[1]) * 5) / 10,
                 caster = std::round((solid.caster[0] + solid.caster[1]) * 5) / 10;
    std::vector<Target> out;
    if (form == "total-front" || form == "total-both" || form == "camber+toe" || form == "all")
        out.push_back(target_about(Measure::total_toe, Axle::front, 0.1, toe));
    if (form == "wide-total") out.push_back(target_about(Measure::total_toe, Axle::front, 0.1, 0.5));
    if (form == "total-both" || form == "rear-toe" || form == "all")
        out.push_back(target_about(Measure::total_toe, Axle::rear, 0.2, toe));
    if (form == "toe-each") out.push_back(target_about(Measure::toe, Axle::front, 0.05, toe));
    if (form == "thrust") {
        out.push_back(target_about(Measure::thrust, std::monostate{}, 0.0, 0.15));
        out.push_back(target_about(Measure::total_toe, Axle::rear, 0.2, toe));
    }
    if (form == "camber-only" || form == "camber+toe" || form == "all")
        out.push_back(target_about(Measure::camber, Axle::front, camber, 0.5));
    if (form == "all") out.push_back(target_about(Measure::caster, Axle::front, caster, 0.75));
    if (form == "cross-camber") out.push_back(target_about(Measure::cross_camber, Axle::front, 0.0, 0.4));
    return out;
}

/// A job under way: the log that the program sees, and the car that it does not.
class Work {
  public:
    Work(const Cell& cell, std::uint64_t seed, std::uint64_t number) : cell_(cell) {
        std::seed_seq seeds{static_cast<std::uint32_t>(seed), static_cast<std::uint32_t>(seed >> 32),
                            static_cast<std::uint32_t>(number), static_cast<std::uint32_t>(number >> 32)};
        rng_ = Rng(seeds);
        SolidCar shape = SolidCar::any(rng_);
        shape.track = 2 * shape.half_width[0];
        const double lip = between(rng_, 4, 9);
        shape.lip = {lip, lip + normal(rng_, 8.0)};
        for (double& w : shape.wobble) w = normal(rng_, 0.2 / shape.span / SolidCar::rad);
        Built b = built(cell, shape, rng_);
        truth_ = b.truth;
        car_ = std::make_unique<SimCar>(b.corners, shape, Nature{});
        for (const Adjuster& a : truth_.adjusters) car_->add(a);
        if (cell.of(Factor::target) == "all" || has(cell.of(Factor::target), "camber")) disturb();
        targets_ = targets_of(cell, car_->solid());
        if (has(cell.of(Factor::target), "camber") || cell.of(Factor::target) == "all") disturb();
        lines_ = lines_of(cell, car_->solid());
        put(CarEdit{b.card});
        put(TargetsEdit{targets_});
        put(Checked{"rims", CheckState::good, {}});
        put(ToolSet{tool_named("digital-angle-gauge")});
        put(lines_);
        put(RoundOpened{});
    }
    CellJob run();

  private:
    void put(decltype(Entry::event) what) {
        Entry e;
        e.id = std::to_string(log_.size());
        e.event = std::move(what);
        log_.push_back(std::move(e));
    }
    void disturb() {
        for (const Adjuster& a : truth_.adjusters) {
            const Device* d = std::get_if<Device>(&a);
            if (!d || axle_of(wheel_of(*d)) != Axle::front || (serves_of(a) & ~serves_toe) == 0) continue;
            const auto handles = adjuster_kind(d->kind)->handles(*d);
            std::array<double, 2> by{};
            for (std::size_t h = 0; h < handles.size(); ++h) {
                const double reach = handles[h].unit == HandleUnit::turn ? 2.0
                                     : handles[h].unit == HandleUnit::mm ? 3.0
                                                                         : 30.0;
                by[h] = std::round(between(rng_, -reach, reach) / handles[h].step) * handles[h].step;
            }
            car_->turn(d->id, by[0], rng_, by[1]);
        }
    }
    void read(const Spot& spot);
    Analysis read_on();
    void turn(const Plan& plan);
    double truth_of(const Target& t) const;
    std::vector<Target> judged() const;
    void judge_turns(const Analysis& before, const SolidCar& was);
    void judge_lines(const SolidCar& found);
    void note(int& counter, const std::string& what) {
        ++counter;
        done_.notes.push_back(what);
    }

    const Cell& cell_;
    Rng rng_;
    CarCard truth_;
    std::unique_ptr<SimCar> car_;
    std::vector<Target> targets_;
    LinesSet lines_;
    std::vector<Entry> log_;
    CellJob done_;
    std::map<Spot, double> dents_;
    bool slipped_ = false, rear_turned_ = false;
    double started_worst_ = 0.0, thrust_range_ = 0.0, steering_range_ = 0.0;
};

double shown(const SolidCar& car, const Spot& s, const LinesSet& lines) {
    if (s.kind == ReadingKind::toe_angle)
        return s.wheel ? car.toe[static_cast<std::size_t>(index_of(*s.wheel))]
                       : car.toe[static_cast<std::size_t>(index_of(*s.axle) * 2)] +
                             car.toe[static_cast<std::size_t>(index_of(*s.axle) * 2 + 1)];
    return car.exact(s, lines);
}

void Work::read(const Spot& spot) {
    Reading r = blank_reading(spot, lines_);
    const bool angle =
        info_of(spot.kind).quantity == QuantityKind::angle || spot.kind == ReadingKind::toe_angle;
    const Tool* named = standard_tool(r.tool);
    const Tool& tool = angle                                              ? tool_named("digital-angle-gauge")
                       : named && named->quantity == QuantityKind::length ? *named
                                                                          : tool_named(lines_.tool);
    r.tool = tool.name;
    r.value.kind = tool.quantity;
    r.value.resolution = tool.resolution;
    const auto [dent, fresh] = dents_.try_emplace(spot, 0.0);
    if (fresh && !angle) dent->second = normal(rng_, r.spot_sigma());
    const double exact = shown(car_->solid(), spot, lines_) + dent->second;
    if (spot.kind == ReadingKind::camber_gap) {
        r.top_in = car_->solid().leans(spot, lines_) < 0;
    }
    const double rate = cell_.of(Factor::trouble) == "misreads" && !angle ? 0.01 : 0.0;
    r.value.value = with_slips(shown_by(tool, exact, rng_), rate, rng_);
    if (spot.kind == ReadingKind::camber_gap) r.value.value = std::abs(r.value.value);
    put(r);
    ++done_.readings;
    done_.minutes += 0.5;
}

Analysis Work::read_on() {
    Question q;
    q.settling = false;
    int aside = 0;
    for (int extra = 0;; ++extra) {
        const Job job = job_of(log_);
        Analysis a = analyse(job, q);
        const bool contradicts = a.plan.again && a.plan.again->why.code == Code::again_contradicts;
        if (a.now.alarm && !contradicts && aside < 6) {
            if (const Check* worst = worst_suspect(a.now)) {
                put(Strike{Strike::Way::reasoned, {log_[worst->entry].id}, "read otherwise again"});
                ++aside;
                continue;
            }
        }
        if (a.plan.next != NextStep::read || a.read.empty() || extra >= most_extra) return a;
        for (const Spot& s : a.read) read(s);
    }
}

double Work::truth_of(const Target& t) const {
    const auto truth = true_angle(car_->solid(), t);
    return truth ? truth->deg() : 0.0;
}

/// The targets with those of an axle's wheels one by one.
std::vector<Target> Work::judged() const {
    std::vector<Target> out;
    for (const Target& t : targets_) {
        const Axle* axle = std::get_if<Axle>(&t.where);
        if (axle &&
            (t.measure == Measure::toe || t.measure == Measure::camber || t.measure == Measure::caster)) {
            for (Side s : both_sides) {
                Target one = t;
                one.where = wheel_at(*axle, s);
                out.push_back(one);
            }
        } else {
            out.push_back(t);
        }
    }
    return out;
}

double beyond(const Target& t, double deg) {
    return std::max({0.0, t.lo.deg() - deg, deg - t.hi.deg()});
}

void Work::turn(const Plan& plan) {
    const std::string& trouble = cell_.of(Factor::trouble);
    const bool slips = !slipped_ && plan.next == NextStep::turn &&
                       (trouble == "one-wrong-way" || trouble == "all-wrong-way");
    bool first = true, jacked = false;
    for (const PlannedTurn& t : plan.turns) {
        const double way = slips && (first || trouble == "all-wrong-way") ? -1.0 : 1.0;
        first = false;
        car_->turn(t.adjuster, way * t.turns, rng_, way * t.second);
        const Device* d = truth_.device(t.adjuster);
        jacked = jacked || (d && adjuster_kind(d->kind)->wants_jacking());
        done_.minutes += 7.0;
        if (!d) done_.most_turn = std::max(done_.most_turn, std::abs(t.turns));
    }
    slipped_ = slipped_ || slips;
    if (jacked) done_.minutes += 12.0;
    const Job job = job_of(log_);
    for (Entry& e : entries_after_turn(job, turns_as_written(plan))) put(std::move(e.event));
    done_.passes += plan.next == NextStep::test_turn ? 0.5 : 1.0;
}

/// What a pass did to the true car, against what was said of it.
void Work::judge_turns(const Analysis& before, const SolidCar& was) {
    const Plan& plan = before.plan;
    const std::string& trouble = cell_.of(Factor::trouble);
    const bool honest = trouble == "none" || trouble == "far-off-drawing" || trouble == "card-silent";
    if (!honest) return;
    const std::string who = cell_.name();
    for (const Verdict& v : plan.after) {
        if (!v.angle.known || !v.target.has_tolerance || plan.next != NextStep::turn) continue;
        const auto then = true_angle(was, v.target);
        if (!then) continue;
        const double outside = beyond(v.target, then->deg()), now = beyond(v.target, truth_of(v.target));
        if (outside > 0.0 && now > outside + 2.5 * v.angle.plus_minus().deg())
            note(done_.harm.made_worse, who + ": " + v.target.name() + " from " + std::to_string(outside) +
                                            " to " + std::to_string(now) + " beyond");
    }
    const auto moved = [&](Wheel w, int a) {
        const auto i = static_cast<std::size_t>(index_of(w));
        const SolidCar& now = car_->solid();
        return a == 0   ? now.toe[i] - was.toe[i]
               : a == 1 ? now.camber[i] - was.camber[i]
                        : now.caster[i] - was.caster[i];
    };
    constexpr std::array measures = {Measure::toe, Measure::camber, Measure::caster};
    for (Wheel w : all_wheels)
        for (int a = 0; a < 3; ++a) {
            const auto& change =
                plan.change[static_cast<std::size_t>(index_of(w))][static_cast<std::size_t>(a)];
            if (plan.next != NextStep::turn || !change || !change->untargeted) continue;
            const bool said = std::any_of(plan.along.begin(), plan.along.end(), [&](const MovedAlong& m) {
                return m.wheel == w && m.measure == measures[static_cast<std::size_t>(a)];
            });
            if (!said && std::abs(moved(w, a)) > 0.1 + 2.5 * k95 * change->sigma.deg())
                note(done_.harm.moved_unsaid,
                     who + ": " + std::string(name_of(w)) + "." +
                         std::string(name_of(measures[static_cast<std::size_t>(a)])) + " by " +
                         std::to_string(moved(w, a)) + ", one sigma " + std::to_string(change->sigma.deg()));
        }
    bool rear = false;
    for (const PlannedTurn& t : plan.turns) rear = rear || axle_of(t.wheel) == Axle::rear;
    rear_turned_ = rear_turned_ || rear;
    thrust_range_ = std::hypot(thrust_range_, plan.thrust_plus_minus.deg());
    steering_range_ = std::hypot(steering_range_, plan.steering_plus_minus.deg());
}

/// Thrust and steering wheel at the end, against how they were found.
void Work::judge_lines(const SolidCar& found) {
    const std::string& trouble = cell_.of(Factor::trouble);
    const bool honest = trouble == "none" || trouble == "far-off-drawing" || trouble == "card-silent";
    if (!honest || done_.passes == 0) return;
    const auto thrust = [](const SolidCar& c) { return (c.toe[3] - c.toe[2]) / 2; };
    const auto steering = [&](const SolidCar& c) { return (c.toe[1] - c.toe[0]) / 2 - thrust(c); };
    const auto worse = [](double then, double now) { return std::abs(now) - std::abs(then); };
    const SolidCar& now = car_->solid();
    if (rear_turned_) {
        const double by = worse(thrust(found), thrust(now));
        if (by > std::max(0.05, 2.5 * thrust_range_))
            note(done_.harm.thrust_worse, cell_.name() + ": thrust worse by " + std::to_string(by) + " ±" +
                                              std::to_string(thrust_range_));
    }
    // Each wheel's own target comes first; one tube, or one rod, has no choice.
    const std::string& front = cell_.of(Factor::front);
    const bool each_front = cell_.of(Factor::target) == "toe-each";
    if (!each_front && !has(front, "tube") && front != "one-rod" && front != "fixed") {
        const double by = worse(steering(found), steering(now));
        if (by > std::max(0.05, 2.5 * steering_range_))
            note(done_.harm.steering_worse, cell_.name() + ": steering worse by " + std::to_string(by) +
                                                " ±" + std::to_string(steering_range_));
    }
}

CellJob Work::run() {
    const std::vector<Target> all = judged();
    const auto worst = [&] {
        double w = 0.0;
        for (const Target& t : all) w = std::max(w, std::abs(truth_of(t) - t.aim.deg()));
        return w;
    };
    started_worst_ = worst();
    int turns = 0, looks = 0;
    bool tested = false;
    const SolidCar found = car_->solid();
    SolidCar was = found;
    Analysis a;
    for (;;) {
        const Job job = job_of(log_);
        for (const Spot& s : wanted_spots(job, static_cast<int>(job.rounds.size()) - 1))
            if (readings_at(job, static_cast<int>(job.rounds.size()) - 1, s).empty()) read(s);
        a = read_on();
        const Plan& plan = a.plan;
        if (!done_.given.empty() && !done_.given.back().ended)
            done_.given.back().ended = plan.next == NextStep::done;
        if (plan.next == NextStep::look && plan.look && looks++ < 4) {
            // Under the car, and seen.
            const int place = truth_.place_of(plan.look->adjuster);
            const Adjuster& own = truth_.adjusters[static_cast<std::size_t>(place)];
            const Device* device = std::get_if<Device>(&own);
            const std::string seen = plan.look->field == "bolt" && device ? device->bolt
                                     : plan.look->field == "wheel" && device
                                         ? std::string(name_of(*device->wheel))
                                     : side_of_axle(own) == RodSide::ahead_of_axle ? "ahead-of-axle"
                                                                                   : "behind-axle";
            for (const Looked& l : facts_alike(truth_, *plan.look, seen)) put(l);
            done_.minutes += 2.0;
            continue;
        }
        if (plan.turns.empty()) {
            done_.ended = std::string(name_of(plan.next));
            break;
        }
        if (turns >= most_passes) {
            done_.ended = "passes";
            break;
        }
        ++turns;
        if (a.belief.unexplained >= 2 && plan.next != NextStep::test_turn)
            note(done_.harm.no_test_turn, cell_.name());
        for (const PlannedTurn& t : plan.turns)
            if (const Rod* rod = truth_.rod(t.adjuster); rod && std::abs(t.turns) > 4.0) {
                const bool asked = std::any_of(log_.begin(), log_.end(), [&](const Entry& e) {
                    return std::holds_alternative<BaselineNote>(e.event);
                });
                if (!asked) note(done_.harm.many_turns, cell_.name() + ": " + std::to_string(t.turns));
            }
        // What a test turn disturbs the next pass sets right.
        if (!tested) was = car_->solid();
        tested = plan.next == NextStep::test_turn;
        if (std::any_of(plan.turns.begin(), plan.turns.end(),
                        [](const PlannedTurn& t) { return axle_of(t.wheel) == Axle::rear; }) &&
            plan.next == NextStep::turn) {
            done_.rear_planned = true;
            if (a.now.thrust.known) {
                done_.rear_thrust_worse =
                    done_.rear_thrust_worse ||
                    std::abs(plan.thrust_after.deg()) > std::abs(a.now.thrust.value.deg()) + 0.06;
            }
        }
        turn(plan);
        judge_turns(a, was);
        bool inside = true;
        for (const Target& t : all) inside = inside && beyond(t, truth_of(t)) == 0.0;
        const bool all_known = std::none_of(plan.before.begin(), plan.before.end(), [](const Verdict& v) {
            return v.target.has_tolerance && !v.angle.known;
        });
        if (plan.next == NextStep::turn && all_known)
            done_.given.push_back({plan.truly_inside, plan.probability_inside, inside, false});
        done_.worst = std::max(done_.worst, worst() - started_worst_);
    }
    judge_lines(found);
    done_.called_inside = a.plan.next == NextStep::done;
    if (done_.called_inside)
        for (const Verdict& v : a.plan.before)
            if (v.target.has_tolerance && v.call != Call::inside)
                note(done_.harm.done_outside, cell_.name() + ": " + v.target.name());
    done_.truly_inside = true;
    for (const Target& t : all) done_.truly_inside = done_.truly_inside && beyond(t, truth_of(t)) == 0.0;
    // What is reported at the end, against the truth.
    const SolidCar& solid = car_->solid();
    const auto held = [&](const KnownAngle& k, double truth) {
        if (!k.known) return;
        ++done_.angles;
        done_.held += std::abs(k.value.deg() - truth) <= k.plus_minus().deg();
    };
    const auto far_off = [&](const KnownAngle& k, double truth) {
        if (!k.known) return;
        ++done_.toes;
        done_.toes_far += std::abs(k.value.deg() - truth) > 4.0 * k.sigma.deg();
    };
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        held(a.now.wheels[i].toe, solid.toe[i]);
        far_off(a.now.wheels[i].toe, solid.toe[i]);
        held(a.now.wheels[i].camber, solid.camber[i]);
        held(a.now.wheels[i].caster, solid.caster[i]);
    }
    for (Axle axle : both_axles) {
        const auto i = static_cast<std::size_t>(index_of(axle));
        held(a.now.axles[i].total_toe, solid.toe[2 * i] + solid.toe[2 * i + 1]);
        far_off(a.now.axles[i].total_toe, solid.toe[2 * i] + solid.toe[2 * i + 1]);
    }
    if (cell_.of(Factor::trouble) == "card-wrong" && done_.worst > driven_further)
        done_.notes.push_back(cell_.name() + ": driven further off by " + std::to_string(done_.worst));
    if (!done_.notes.empty()) done_.log = std::move(log_);
    return done_;
}

}  // namespace

std::string_view name_of(Factor f) {
    return factor_names[static_cast<std::size_t>(f)];
}
const std::vector<std::string>& values_of(Factor f) {
    return all_values[static_cast<std::size_t>(f)];
}
const std::string& Cell::of(Factor f) const {
    return values_of(f)[static_cast<std::size_t>(value[static_cast<std::size_t>(f)])];
}
std::string Cell::name() const {
    std::string out;
    for (std::size_t f = 0; f < factors; ++f) out += (out.empty() ? "" : " · ") + of(static_cast<Factor>(f));
    return out;
}

bool possible(const Cell& cell) {
    const std::string &lean = cell.of(Factor::lean), &target = cell.of(Factor::target),
                      &front = cell.of(Factor::front), &rear = cell.of(Factor::rear),
                      &trouble = cell.of(Factor::trouble), &rig = cell.of(Factor::rig);
    const bool camber = has(target, "camber") || target == "all";
    if (camber && lean == "no-lean") return false;
    if (target == "all" && !has(lean, "+")) return false;
    const bool sides = front != "fixed" || has(rear, "links") || has(rear, "toe-cams");
    if (trouble == "card-silent" && !sides) return false;
    if (trouble == "card-wrong" && front == "fixed") return false;
    // Only the left side's toes, of no axle the total.
    if (rig == "string-left" && (has(target, "total") || target == "rear-toe" || target == "thrust"))
        return false;
    return true;
}

std::vector<Cell> covering_cells(std::uint64_t seed) {
    using Pair = std::array<int, 4>;  // factor, value, factor, value
    std::mt19937_64 rng(seed);
    const auto random_cell = [&](const Pair* fixed) {
        Cell c;
        for (std::size_t f = 0; f < factors; ++f)
            c.value[f] =
                std::uniform_int_distribution<int>(0, static_cast<int>(all_values[f].size()) - 1)(rng);
        if (fixed) {
            c.value[static_cast<std::size_t>((*fixed)[0])] = (*fixed)[1];
            c.value[static_cast<std::size_t>((*fixed)[2])] = (*fixed)[3];
        }
        return c;
    };
    const auto pairs_of = [](const Cell& c) {
        std::vector<Pair> out;
        for (int f = 0; f < static_cast<int>(factors); ++f)
            for (int g = f + 1; g < static_cast<int>(factors); ++g)
                out.push_back(
                    {f, c.value[static_cast<std::size_t>(f)], g, c.value[static_cast<std::size_t>(g)]});
        return out;
    };
    std::set<Pair> open;
    for (int f = 0; f < static_cast<int>(factors); ++f)
        for (int g = f + 1; g < static_cast<int>(factors); ++g)
            for (int a = 0; a < static_cast<int>(all_values[static_cast<std::size_t>(f)].size()); ++a)
                for (int b = 0; b < static_cast<int>(all_values[static_cast<std::size_t>(g)].size()); ++b)
                    open.insert({f, a, g, b});
    std::vector<Cell> out;
    while (!open.empty()) {
        const Pair first = *open.begin();
        std::optional<Cell> best;
        std::size_t most = 0;
        for (int n = 0; n < 300; ++n) {
            const Cell c = random_cell(&first);
            if (!possible(c)) continue;
            std::size_t news = 0;
            for (const Pair& p : pairs_of(c)) news += open.contains(p);
            if (news > most) most = news, best = c;
        }
        open.erase(first);
        if (!best) continue;  // these two never go together
        for (const Pair& p : pairs_of(*best)) open.erase(p);
        out.push_back(*best);
    }
    return out;
}

int Harm::all() const {
    return made_worse + many_turns + moved_unsaid + thrust_worse + steering_worse + no_test_turn +
           done_outside;
}
Harm& Harm::operator+=(const Harm& o) {
    made_worse += o.made_worse;
    many_turns += o.many_turns;
    moved_unsaid += o.moved_unsaid;
    thrust_worse += o.thrust_worse;
    steering_worse += o.steering_worse;
    no_test_turn += o.no_test_turn;
    done_outside += o.done_outside;
    return *this;
}

CellJob work_cell(const Cell& cell, std::uint64_t seed, std::uint64_t car) {
    return Work(cell, seed, car).run();
}

std::vector<CellResult> prove_cells(const MatrixOptions& options,
                                    const std::function<void(int, int)>& progress,
                                    const std::atomic<bool>* stop) {
    // A cell's cars are the same whichever others are worked.
    std::vector<std::pair<std::uint64_t, Cell>> cells;
    const std::vector<Cell> every = covering_cells(options.seed);
    for (std::size_t i = 0; i < every.size(); ++i)
        if ((!options.quick || i % 3 == 0) && every[i].name().find(options.only) != std::string::npos)
            cells.emplace_back(i, every[i]);
    const int count = static_cast<int>(cells.size()), jobs = count * options.cars;
    // All cells' first cars first: what is done when it is stopped is of all of them.
    const auto all = many_jobs<CellJob>(
        jobs, options.threads,
        [&](int n) {
            const auto& [number, one] = cells[static_cast<std::size_t>(n % count)];
            return work_cell(one, options.seed, number * 1'000'000u + static_cast<std::uint64_t>(n / count));
        },
        progress, stop);
    std::vector<CellResult> out;
    for (int c = 0; c < count; ++c) {
        CellResult r;
        r.cell = cells[static_cast<std::size_t>(c)].second;
        for (int k = 0; k < options.cars; ++k) {
            const auto& job = all[static_cast<std::size_t>(k * count + c)];
            if (!job) continue;
            ++r.jobs;
            ++r.ended[job->ended];
            r.passes += job->passes;
            r.readings += job->readings;
            r.minutes += job->minutes;
            r.called_inside += job->called_inside;
            r.truly_inside += job->called_inside && job->truly_inside;
            r.angles += job->angles;
            r.held += job->held;
            r.cars_held += job->angles == job->held;
            r.harm += job->harm;
            r.all.push_back(*job);
        }
        if (r.jobs > 0) {
            r.passes /= r.jobs;
            r.readings /= r.jobs;
            r.minutes /= r.jobs;
        }
        out.push_back(std::move(r));
    }
    return out;
}

bool Pool::stands() const {
    const bool covers = held + held_within >= 0.93 && held - held_within <= 0.97;
    return covers && inside + inside_within >= 0.975;
}

std::vector<Pool> pools_of(const std::vector<CellResult>& results) {
    constexpr double z999 = 3.2905;
    std::vector<Pool> out;
    for (Factor f : {Factor::rig, Factor::front, Factor::rear, Factor::target})
        for (const std::string& value : values_of(f)) {
            Pool p;
            p.factor = f;
            p.value = value;
            double angles = 0.0, held = 0.0, inside = 0.0;
            std::vector<const CellJob*> jobs;
            for (const CellResult& r : results)
                if (r.cell.of(f) == value && r.cell.of(Factor::trouble) != "misreads" &&
                    r.cell.of(Factor::trouble) != "far-off-drawing")
                    for (const CellJob& j : r.all) jobs.push_back(&j);
            for (const CellJob* j : jobs) {
                angles += j->angles;
                held += j->held;
                p.called += j->called_inside;
                inside += j->called_inside && j->truly_inside;
            }
            p.cars = static_cast<int>(jobs.size());
            if (angles > 0) {
                p.held = held / angles;
                double spread = 0.0;
                for (const CellJob* j : jobs) spread += std::pow(j->held - p.held * j->angles, 2);
                p.held_within = z999 * std::sqrt(spread) / angles;
            } else {
                p.held = 0.95;
            }
            p.inside = 1.0;
            if (p.called > 0) {
                p.inside = inside / p.called;
                // Wilson's interval is wide enough where none or all are inside.
                const double n = p.called, z2 = z999 * z999;
                p.inside_within =
                    z999 / (1 + z2 / n) * std::sqrt(p.inside * (1 - p.inside) / n + z2 / (4 * n * n));
            }
            out.push_back(p);
        }
    return out;
}

std::array<std::array<Tenth, 10>, 2> tenths_of(const std::vector<CellResult>& results) {
    std::array<std::array<Tenth, 10>, 2> out;
    const auto put = [](std::array<Tenth, 10>& tenths, double said, bool came) {
        Tenth& t = tenths[static_cast<std::size_t>(std::clamp(static_cast<int>(said * 10), 0, 9))];
        ++t.plans;
        t.said += said;
        t.came += came;
    };
    for (const CellResult& r : results) {
        const std::string& trouble = r.cell.of(Factor::trouble);
        if (trouble != "none" && trouble != "card-silent") continue;
        for (const CellJob& j : r.all)
            for (const CellJob::Given& g : j.given) {
                put(out[0], g.truly, g.inside);
                put(out[1], g.ends, g.ended);
            }
    }
    for (auto& tenths : out)
        for (Tenth& t : tenths)
            if (t.plans > 0) {
                t.said /= t.plans;
                t.came /= t.plans;
            }
    return out;
}

}  // namespace fairchalk::practice

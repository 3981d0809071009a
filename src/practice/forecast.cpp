// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/forecast.h"

#include <algorithm>
#include <cmath>

#include "core/car/adjuster.h"
#include "core/job/rig.h"
#include "practice/cell_car.h"
#include "practice/played_job.h"

namespace fairchalk::practice {
namespace {

constexpr int most_turned = 6;
/// A car built to a drawing that nobody has, as the proving ground's are.
constexpr double off_drawing_mm = 25.0, arm_sigma_mm = 22.0;

RigUse use_of(const Target& t) {
    switch (t.measure) {
        case Measure::camber:
        case Measure::cross_camber:
            return RigUse::camber;
        case Measure::caster:
        case Measure::cross_caster:
            return RigUse::caster;
        default:
            return RigUse::toe;
    }
}

std::vector<Target> targets_for(const Tonight& tonight, RigUse use) {
    std::vector<Target> out;
    for (const Target& t : tonight.targets)
        if (use_of(t) == use && t.has_tolerance) out.push_back(t);
    return out;
}

/// What the card does not say is one way or the other.
CarCard as_it_may_be(CarCard card, Rng& rng) {
    const bool ahead = toss(rng), upper = toss(rng);
    for (Adjuster& a : card.adjusters) {
        if (has_side(a) && a.rod == RodSide::unknown)
            a.rod = ahead ? RodSide::ahead_of_axle : RodSide::behind_axle;
        if (a.bolt == "strut") a.bolt = upper ? "strut-upper" : "strut-lower";
        if (!a.wheel) a.wheel = Wheel::front_left;
    }
    return card;
}

SolidCar shape_of(const CarCard& card, Rng& rng) {
    SolidCar shape = SolidCar::any(rng);
    if (card.wheelbase) shape.wheelbase = card.wheelbase->mm();
    const AxleCard& front = card.axle(Axle::front);
    if (front.rim_span) shape.span = front.rim_span->mm();
    shape.track = front.track ? front.track->mm() : 2 * shape.half_width[0];
    for (double& half : shape.half_width) half = shape.track / 2 + between(rng, -8, 8);
    const double lip = between(rng, 4, 9);
    // Where nobody said, its wheels are alike or not.
    const bool alike = card.same_wheels == Told::unknown ? toss(rng) : card.same_wheels == Told::yes;
    const double other = lip + normal(rng, 8.0);
    shape.lip = {lip, alike ? lip : other};
    return shape;
}

/// A car with this card, set out of what is aimed at.
PlayedJob twin_of(const Tonight& tonight, Rng rng) {
    Built b;
    b.card = tonight.card;
    // What this version only keeps is not turned.
    std::erase_if(b.card.adjusters, [](const Adjuster& a) { return !adjuster_kind(a.kind); });
    b.truth = as_it_may_be(b.card, rng);
    const SolidCar shape = shape_of(tonight.card, rng);
    for (Axle axle : both_axles) {
        const Corner c = corner_of(b.truth, axle, off_drawing_mm, arm_sigma_mm, rng);
        for (Side s : both_sides) {
            Corner one = c;
            one.toe =
                Angle::from_deg(axle == Axle::front ? between(rng, -0.8, 0.8) : between(rng, -0.35, 0.45));
            one.camber = Angle::from_deg(between(rng, -1.8, 0.2));
            b.corners[static_cast<std::size_t>(index_of(wheel_at(axle, s)))] = one;
        }
    }
    return PlayedJob(std::move(b), shape, rng);
}

/// Of a simulated corner's camber and caster nobody knows whether this car's aim can be had: its own middle
/// is aimed at, as close.
void aim_within_reach(std::vector<Target>& targets, const SolidCar& solid) {
    for (Target& t : targets) {
        const bool camber = t.measure == Measure::camber;
        if (!camber && t.measure != Measure::caster) continue;
        const Axle* axle = std::get_if<Axle>(&t.where);
        const Wheel* wheel = std::get_if<Wheel>(&t.where);
        const auto at = static_cast<std::size_t>(2 * index_of(axle    ? *axle
                                                              : wheel ? axle_of(*wheel)
                                                                      : Axle::front));
        const auto& all = camber ? solid.camber : solid.caster;
        const Angle by = Angle::from_deg((all[at] + all[at + 1]) / 2) - t.aim;
        t.aim = t.aim + by;
        t.lo = t.lo + by;
        t.hi = t.hi + by;
    }
}

struct Played {
    double minutes = 0.0;
    bool called = false;
    int readings = 0, passes = 0;
};

Played played(const Tonight& tonight, RigUse use, std::vector<std::string> rigs,
              const std::vector<std::string>& beside, std::uint64_t seed, int car) {
    rigs.insert(rigs.end(), beside.begin(), beside.end());
    std::seed_seq seeds{static_cast<std::uint32_t>(seed), static_cast<std::uint32_t>(seed >> 32),
                        static_cast<std::uint32_t>(car)};
    PlayedJob job = twin_of(tonight, Rng(seeds));
    std::vector<Target> targets = targets_for(tonight, use);
    if (use != RigUse::toe) job.disturb();
    aim_within_reach(targets, job.solid());
    if (use != RigUse::toe) job.disturb();
    LinesSet lines = job.solid().lines(rigs);
    lines.tool = tonight.tool.empty() ? "steel-rule-mm" : tonight.tool;
    lines.gauge = "digital-angle-gauge";
    lines.sweep = usual_sweep;
    lines.stations = {Length::from_mm(200), Length::from_mm(job.solid().wheelbase - 200)};
    job.begin(targets, lines);
    Played out;
    for (int looks = 0;;) {
        job.read_round();
        const Plan plan = job.read_on().plan;
        if (plan.next == NextStep::look && plan.look && looks++ < 4) {
            job.look(*plan.look);
            continue;
        }
        if (PlayedJob::asks(plan) && looks++ < 4) {
            job.tell(plan);
            continue;
        }
        out.called = plan.next == NextStep::done;
        if (plan.turns.empty() || out.passes >= most_turned) break;
        job.turn(plan);
        ++out.passes;
    }
    out.minutes = job.work().minutes(tonight.times);
    out.readings = job.work().spots;
    return out;
}

}  // namespace

std::vector<std::vector<std::string>> ways_of(const Tonight& tonight, RigUse use,
                                              const Knowledge& knowledge) {
    const std::vector<Target> targets = targets_for(tonight, use);
    std::vector<std::vector<std::string>> out;
    if (targets.empty()) return out;
    std::vector<const Rig*> there;
    for (const Rig* r : all_rigs()) {
        const RigItem* item = knowledge.rig(r->id);
        if (r->use == use && item && (tonight.have.empty() || lacking(*item, tonight.have).empty()))
            there.push_back(r);
    }
    LinesSet lines;
    lines.sweep = usual_sweep;
    const auto tell = [&](const std::vector<const Rig*>& rigs) {
        return std::all_of(targets.begin(), targets.end(), [&](const Target& t) {
            // What is about each wheel of an axle is told of both.
            std::vector<Wheel> wheels;
            if (const Axle* axle = std::get_if<Axle>(&t.where);
                axle &&
                (t.measure == Measure::toe || t.measure == Measure::camber || t.measure == Measure::caster))
                for (Side s : both_sides) wheels.push_back(wheel_at(*axle, s));
            const auto told = [&](const Target& one) {
                const Wheel* wheel = std::get_if<Wheel>(&one.where);
                return std::any_of(rigs.begin(), rigs.end(), [&](const Rig* r) {
                    if (!tells(*r, one, rigs)) return false;
                    const auto walk = r->walk(lines, tonight.card);
                    return !wheel || std::any_of(walk.begin(), walk.end(),
                                                 [&](const Spot& s) { return s.wheel == *wheel; });
                });
            };
            if (wheels.empty()) return told(t);
            return std::all_of(wheels.begin(), wheels.end(), [&](Wheel w) {
                Target one = t;
                one.where = w;
                return told(one);
            });
        });
    };
    for (const Rig* r : there)
        if (tell({r})) out.push_back({std::string(r->id)});
    for (std::size_t i = 0; i < there.size(); ++i)
        for (std::size_t k = i + 1; k < there.size(); ++k)
            if (!tell({there[i]}) && !tell({there[k]}) && tell({there[i], there[k]}))
                out.push_back({std::string(there[i]->id), std::string(there[k]->id)});
    return out;
}

std::vector<WayForecast> forecast(const Tonight& tonight, const Knowledge& knowledge, int cars,
                                  std::uint64_t seed, const std::atomic<bool>* stop) {
    std::vector<WayForecast> out;
    std::vector<std::string> camber;
    for (RigUse use : {RigUse::toe, RigUse::camber, RigUse::caster}) {
        const auto first = static_cast<std::ptrdiff_t>(out.size());
        // What tells caster alone leaves what moves it unknown: camber is read beside it, by the best way.
        const std::vector<std::string> beside = use == RigUse::caster ? camber : std::vector<std::string>();
        for (const auto& rigs : ways_of(tonight, use, knowledge)) {
            WayForecast way{use, rigs};
            for (int car = 0; car < cars; ++car) {
                if (stop && stop->load()) break;
                const Played p = played(tonight, use, rigs, beside, seed, car);
                way.minutes += p.minutes / cars;
                way.called += static_cast<double>(p.called) / cars;
                way.readings += static_cast<double>(p.readings) / cars;
                way.passes += static_cast<double>(p.passes) / cars;
            }
            if (stop && stop->load()) break;
            out.push_back(std::move(way));
        }
        std::stable_sort(out.begin() + first, out.end(),
                         [](const WayForecast& a, const WayForecast& b) { return a.score() < b.score(); });
        if (use == RigUse::camber && first < static_cast<std::ptrdiff_t>(out.size()))
            camber = out[static_cast<std::size_t>(first)].rigs;
    }
    return out;
}

}  // namespace fairchalk::practice

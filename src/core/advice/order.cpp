// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/order.h"

#include <algorithm>
#include <array>

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

using enum Measure;

/// Toe so far off that the car does not roll straight.
constexpr double rough_deg = 0.5;

constexpr std::array<std::string_view, 5> order_names = {"all-at-once", "caster-camber-toe", "toe-first",
                                                         "rough-toe-first", "rear-first"};

const std::vector<Measure>& toes() {
    static const std::vector<Measure> all = {total_toe, toe, thrust};
    return all;
}

/// How far an angle of these lies outside its band, at most.
double outside_by(const Plan& plan, const std::vector<Measure>& of) {
    double most = 0.0;
    for (const Verdict& v : plan.before)
        if (v.angle.known && std::find(of.begin(), of.end(), v.target.measure) != of.end())
            most = std::max({most, (v.target.lo - v.angle.value).deg(), (v.angle.value - v.target.hi).deg()});
    return most;
}

/// What may be turned in each group, one after the other.
std::vector<PlanOptions> groups_of(const CarCard& car, const PlanOptions& options, const Plan& whole) {
    std::vector<PlanOptions> out;
    const auto only = [&](std::vector<Measure> measures) {
        out.push_back(options);
        out.back().only = std::move(measures);
    };
    const std::vector<Measure> camber_first = {camber, cross_camber}, caster_first = {caster, cross_caster};
    switch (options.order) {
        case Order::all_at_once:
            break;
        case Order::rough_toe_first:
            if (outside_by(whole, toes()) > rough_deg) only(toes());
            [[fallthrough]];
        case Order::caster_camber_toe:
            only(caster_first);
            only(camber_first);
            only(toes());
            break;
        case Order::toe_first:
            only(toes());
            only({caster, cross_caster, camber, cross_camber});
            break;
        case Order::rear_first:
            out.push_back(options);
            for (const Adjuster& a : car.adjusters)
                if (axle_of(wheel_of(a)) == Axle::rear) out.back().touching.push_back(a.id);
            if (out.back().touching.empty()) out.clear();
            break;
    }
    return out;
}

}  // namespace

std::string_view name_of(Order order) {
    return order_names[static_cast<std::size_t>(order)];
}
std::optional<Order> order_named(std::string_view name) {
    return named<Order>(order_names, name);
}

Plan in_order(const Job& job, const Estimate& e, const PlanOptions& options, Plan whole) {
    if (whole.next != NextStep::turn || !options.only.empty() || !options.touching.empty() || e.round < 0)
        return whole;
    const CarCard& car = job.rounds[static_cast<std::size_t>(e.round)].car;
    for (const PlanOptions& group : groups_of(car, options, whole)) {
        Plan part = plan_turns(job, e, group);
        if (part.next == NextStep::turn && !part.turns.empty()) return part;
    }
    return whole;
}

}  // namespace fairchalk

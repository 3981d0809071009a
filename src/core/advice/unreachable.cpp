// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/unreachable.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/advice/search.h"
#include "core/advice/worth.h"

namespace fairchalk {

using namespace worth;

namespace {

double miss_of(const Verdict& v) {
    return std::abs((v.angle.value - v.target.aim).rad()) /
           std::max(v.target.half_band().rad(), 0.01 * one_degree);
}

}  // namespace

bool in_band(const Verdict& v) {
    return v.angle.value >= v.target.lo && v.angle.value <= v.target.hi;
}

std::vector<Unreachable> missed(const Posterior& p, const CarCard& car, const std::vector<Lever>& with,
                                const std::vector<double>& turns, const std::vector<Verdict>& about,
                                const std::vector<Verdict>& then, bool steering_known,
                                const Eigen::MatrixXd& readable, const MovedSoFar& so_far) {
    // What can be had in the end, however much of it at once.
    std::vector<Lever> whole = with;
    bool by_and_by = false;
    for (Lever& l : whole) {
        by_and_by = by_and_by || std::isfinite(l.handle.at_once);
        l.handle.at_once = std::numeric_limits<double>::infinity();
    }
    const auto planned_for = [&](const std::vector<Verdict>& of, const Verdict* before_all,
                                 std::vector<double>* amounts) {
        Aims aims = aims_of(of, p, whole, steering_known, so_far);
        if (before_all) {
            Miss m = miss_of_target(*before_all, p);
            m.half /= before_all_else;
            aims.targets.push_back(std::move(m));
        }
        Chooser chooser(car, p, whole, aims);
        const auto t = chooser.best(usual_weights);
        if (amounts) *amounts = t;
        return outcome_of(After{p, whole, t}, then, steering_known, readable).verdicts;
    };
    std::vector<Unreachable> out;
    const std::vector<Verdict> in_the_end =
        by_and_by ? planned_for(about, nullptr, nullptr) : std::vector<Verdict>{};
    for (std::size_t i = 0; i < then.size(); ++i) {
        const Verdict& v = then[i];
        if (!v.angle.known || !v.target.has_tolerance || in_band(v)) continue;
        int reaching = -1;
        for (std::size_t h = 0; h < with.size() && reaching < 0; ++h)
            if (reaches(with[h], v.target)) reaching = static_cast<int>(h);
        if (reaching < 0 || (by_and_by && in_band(in_the_end[i]))) continue;
        // This one before all else; and all else without it.
        const Verdict* one = nullptr;
        std::vector<Verdict> rest;
        for (const Verdict& o : about)
            if (o.target.name() == v.target.name())
                one = &o;
            else
                rest.push_back(o);
        if (!one) continue;
        std::vector<double> amounts;
        const std::vector<Verdict> had = planned_for(rest, one, &amounts);
        Unreachable u{v.target, {}, v.angle, {}};
        if (in_band(had[i])) {
            u.why = {Code::plan_given_up, {}};
            for (std::size_t k = 0; k < then.size(); ++k)
                if (k != i && then[k].angle.known && then[k].target.has_tolerance && !in_band(had[k]) &&
                    miss_of(had[k]) > miss_of(then[k]) + gives_way)
                    u.costs.push_back({then[k].target, had[k].angle, then[k].angle});
        } else {
            // Neither its end nor its steps hold it back: how far a turn goes is not known well, so less is
            // turned, and the rest once that has been read.
            const auto more_of = [&](std::size_t h) {
                const auto all = amounts_of(whole[h], car);
                return reaches(with[h], v.target) && std::any_of(all.begin(), all.end(), [&](double amount) {
                           std::vector<double> t = turns;
                           t[h] = amount;
                           return in_band(
                               outcome_of(After{p, whole, t}, then, steering_known, readable).verdicts[i]);
                       });
            };
            bool more = false;
            for (std::size_t h = 0; h < with.size() && !more; ++h) more = turns[h] != 0.0 && more_of(h);
            if (more) continue;
            // At its end, or between two of its steps.
            const auto at_end = [&](std::size_t h, double amount) {
                const auto all = amounts_of(whole[h], car);
                const auto [least, most] = std::minmax_element(all.begin(), all.end());
                return amount <= *least || amount >= *most;
            };
            u.why = {Code::plan_steps_too_coarse, {with[static_cast<std::size_t>(reaching)].id()}};
            for (std::size_t h = 0; h < with.size(); ++h)
                if (reaches(with[h], v.target) && (at_end(h, turns[h]) || at_end(h, amounts[h]))) {
                    u.why = {Code::plan_out_of_range, {with[h].id()}};
                    break;
                }
            const std::vector<Verdict> without = planned_for(rest, nullptr, nullptr);
            for (std::size_t k = 0; k < then.size(); ++k)
                if (k != i && then[k].angle.known && then[k].target.has_tolerance &&
                    miss_of(then[k]) > miss_of(without[k]) + gives_way)
                    u.costs.push_back({then[k].target, then[k].angle, without[k].angle});
        }
        out.push_back(std::move(u));
    }
    return out;
}

}  // namespace fairchalk

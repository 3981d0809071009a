// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/still_readable.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>

#include <Eigen/Dense>

#include "core/job/knowledge.h"
#include "core/job/rig.h"
#include "core/network/priors.h"

namespace fairchalk {

StillReadable::StillReadable(const Job& job, const Estimate& e) : e_(e), p_(*e.posterior) {
    std::vector<Eigen::VectorXd> rows;
    const Round& round = job.rounds[e.round];
    std::map<Spot, std::vector<const Reading*>> taken;
    for (std::size_t i : round.readings) {
        const Reading& r = std::get<Reading>((*job.log)[i].event);
        taken[r.spot].push_back(&r);
    }
    // Whatever this round's rigs can read, the tape over the hubs, and anything that was read already.
    std::vector<Spot> spots = round_walk(job, e.round, true);
    spots.insert(spots.end(), spots_without_rig().begin(), spots_without_rig().end());
    for (const auto& [spot, readings] : taken) {
        spots.push_back(spot);
        // Turned end for end it tells a zero that nobody has checked.
        const auto& tools = p_.standing.tools;
        if (std::find(tools.begin(), tools.end(), readings.back()->tool) != tools.end())
            for (const Spot& beside : reading_kind(spot.kind).besides(spot, round.car))
                if (reading_kind(beside.kind).end_for_end()) spots.push_back(beside);
    }
    std::sort(spots.begin(), spots.end());
    spots.erase(std::unique(spots.begin(), spots.end()), spots.end());
    // How a spot not read yet would be read: as the last of its kind of quantity was, else as the lines say,
    // else by a rule in mm or a gauge in tenths.
    std::array<std::optional<Reading>, 2> likely;
    for (std::size_t i : round.readings) {
        const Reading& r = std::get<Reading>((*job.log)[i].event);
        likely[r.value.kind == QuantityKind::angle] = r;
    }
    double swept_variance = 0.0;
    for (std::size_t i = 0; i < e.checks.size(); ++i)
        if (const Reading& r = std::get<Reading>((*job.log)[e.checks[i].entry].event);
            r.turned && r.value.kind == QuantityKind::angle)
            swept_variance = std::max(swept_variance, std::pow(p_.sigmas[static_cast<Eigen::Index>(i)], 2));
    for (const Spot& spot : spots) {
        const auto it = taken.find(spot);
        const bool angle = reading_kind(spot.kind).quantity() == QuantityKind::angle;
        Reading like = it != taken.end() ? *it->second.back() : blank_reading(spot, round.lines);
        const auto row = row_of(e, like);
        // A reading is only a gain in numbers if all that it depends on is known.
        if (!row || row->isZero() || !p_.estimable(*row)) continue;
        SpotState s;
        s.spot = spot;
        if (it == taken.end() && likely[angle] && rig_of(spot.kind).tool.empty()) {
            like.value = likely[angle]->value;
            like.tool = likely[angle]->tool;
            like.stated_sigma = likely[angle]->stated_sigma;
        } else if (it == taken.end()) {
            like.value.resolution = angle ? 0.1 : 1.0;
        }
        const double unit = angle ? std::numbers::pi / 180 : 1e-3;
        s.own_variance = std::pow(like.sigma(job.tool(like.tool), round.finest) * unit, 2);
        s.spot_variance = std::pow(like.spot_sigma() * unit, 2);
        // How far the wheel was really turned is as unsure the next time.
        if (spot.swept != Swept::straight || like.turned)
            s.own_variance = std::max(s.own_variance, swept_variance);
        s.taken = it == taken.end() ? 0 : static_cast<int>(it->second.size());
        spots_.push_back(s);
        rows.push_back(*row);
    }
    rows_.resize(p_.x.size(), static_cast<Eigen::Index>(rows.size()));
    for (std::size_t i = 0; i < rows.size(); ++i) rows_.col(static_cast<Eigen::Index>(i)) = rows[i];
    by_ = p_.covariance * rows_;
    shared_ = rows_.transpose() * by_;
    find_untold(job);
}

void StillReadable::find_untold(const Job& job) {
    const NetworkNeeds needs = needs_of(job, e_.round);
    const CarCard& car = job.rounds[e_.round].car;
    const auto unit = [&](int index) { return Eigen::VectorXd(Eigen::VectorXd::Unit(p_.x.size(), index)); };
    if (state_of(job, rims_check).state == CheckState::open) {
        Untold rims{WheelFact::rims, {}};
        for (const auto& [key, index] : p_.now) {
            const auto& [what, place] = key;
            if (what != Unknown::toe_runout && what != Unknown::camber_runout) continue;
            const auto& read = what == Unknown::toe_runout ? needs.rims : needs.cambers;
            const int w = place % 4;
            // What was read both ways round is told by that.
            if (const auto rim = read.find(place); rim != read.end() && rim->second.both_ways()) continue;
            const double now = untrue_rim_sigma(car, w, false), good = untrue_rim_sigma(car, w, true);
            rims.rows.emplace_back(unit(index), 1.0 / (1.0 / (good * good) - 1.0 / (now * now)));
        }
        if (!rims.rows.empty()) untold_.push_back(std::move(rims));
    }
    const auto lip = [&](int axle) { return p_.now.find({Unknown::lip_depth, axle}); };
    if (needs.jig && car.same_wheels == Told::unknown && lip(0) != p_.now.end() && lip(1) != p_.now.end()) {
        constexpr double alike = 1e-5;  // metres
        untold_.push_back(
            {WheelFact::same_wheels, {{unit(lip(0)->second) - unit(lip(1)->second), alike * alike}}});
    }
}

double StillReadable::Taking::variance_with(std::size_t i) const {
    const auto at = static_cast<Eigen::Index>(i);
    return variance - along[at] * along[at] / (1.0 / spots[i].gain() + shared(at, at));
}

std::size_t StillReadable::Taking::best() const {
    std::size_t at = 0;
    double least = 1e300;
    for (std::size_t i = 0; i < spots.size(); ++i)
        if (const double v = variance_with(i); v < least * (1 - 1e-9)) least = v, at = i;
    return at;
}

void StillReadable::Taking::take(std::size_t i) {
    const auto at = static_cast<Eigen::Index>(i);
    const double all = 1.0 / spots[i].gain() + shared(at, at);
    const Eigen::VectorXd of_it = shared.col(at);
    variance -= along[at] * along[at] / all;
    along -= of_it * (along[at] / all);
    shared -= of_it * of_it.transpose() / all;
    ++spots[i].taken;
}

StillReadable::Taking StillReadable::begin(const Target& target) const {
    const Eigen::VectorXd g = p_.gradient_of(target);
    return {spots_, shared_, by_.transpose() * g, g.dot(p_.covariance * g)};
}

StillReadable::Taking StillReadable::begin(const Target& target,
                                           const std::vector<const Untold*>& told) const {
    Eigen::MatrixXd c = p_.covariance;
    for (const Untold* one : told)
        for (const auto& [row, variance] : one->rows) {
            const Eigen::VectorXd by = c * row;
            c -= by * by.transpose() / (variance + row.dot(by));
        }
    const Eigen::VectorXd g = p_.gradient_of(target);
    const Eigen::MatrixXd by = c * rows_;
    return {spots_, rows_.transpose() * by, by.transpose() * g, g.dot(c * g)};
}

std::optional<Proposal> StillReadable::best_for(const Target& target) const {
    const KnownAngle* a = e_.find(target.measure, target.where);
    if (!a) return std::nullopt;
    if (!a->known) {
        if (a->needs.empty()) return std::nullopt;
        return Proposal{a->needs.front(), {}};
    }
    if (spots_.empty()) return std::nullopt;
    const Taking taking = begin(target);
    const std::size_t best = taking.best();
    return Proposal{spots_[best].spot, Angle::from_rad(std::sqrt(std::max(0.0, taking.variance_with(best))))};
}

std::optional<Settling> StillReadable::settle(Taking taking, const Verdict& verdict, int most) {
    Settling out;
    KnownAngle a = verdict.angle;
    while (out.readings < most) {
        const std::size_t best = taking.best();
        taking.take(best);
        ++out.readings;
        a.sigma = Angle::from_rad(std::sqrt(std::max(0.0, taking.variance)));
        if (out.readings == 1) out.first = {taking.spots[best].spot, a.sigma};
        if (call(a, verdict.target) != Call::too_close) return out;
    }
    return std::nullopt;
}

std::optional<Settling> StillReadable::settles(const Verdict& verdict, int most) const {
    if (verdict.call != Call::too_close || spots_.empty()) return std::nullopt;
    return settle(begin(verdict.target), verdict, most);
}

std::vector<WheelFact> StillReadable::facts_that_settle(const Verdict& verdict, int most) const {
    // To look at the wheels takes about as long as to read so many spots again.
    constexpr int about_as_soon = 4;
    // A share of half the band, within which an angle in its middle can be called.
    constexpr double well_inside = 0.7;
    if (verdict.call != Call::too_close || untold_.empty() || spots_.empty()) return {};
    const auto by_reading = settles(verdict, most);
    if (by_reading && by_reading->readings <= about_as_soon) return {};
    const int fewer = by_reading ? by_reading->readings - about_as_soon : most;
    std::vector<std::vector<const Untold*>> sets;
    for (const Untold& one : untold_) sets.push_back({&one});
    if (untold_.size() > 1) {
        sets.emplace_back();
        for (const Untold& one : untold_) sets.back().push_back(&one);
    }
    for (const auto& told : sets) {
        Taking taking = begin(verdict.target, told);
        KnownAngle a = verdict.angle;
        a.sigma = Angle::from_rad(std::sqrt(std::max(0.0, taking.variance)));
        // Or it lies at the edge, and once it is turned to the middle it can be called.
        const bool resolves =
            !by_reading && k95 * a.sigma.rad() < well_inside * verdict.target.half_band().rad();
        if (!resolves && call(a, verdict.target) == Call::too_close &&
            !settle(std::move(taking), verdict, fewer))
            continue;
        std::vector<WheelFact> out;
        for (const Untold* one : told) out.push_back(one->fact);
        return out;
    }
    return {};
}

int StillReadable::read_again(const Target& target) const {
    // Less than a thousandth of the variance is told by what has to do with other things.
    constexpr double tells = 1e-3;
    const Taking taking = begin(target);
    int out = 0;
    for (std::size_t i = 0; i < spots_.size(); ++i) {
        const auto at = static_cast<Eigen::Index>(i);
        const double along = taking.along[at];
        if (along * along > tells * taking.shared(at, at) * taking.variance)
            out += std::max(0, spots_[i].taken - 1);
    }
    return out;
}

Eigen::MatrixXd StillReadable::covariance(const std::vector<Target>& targets, int times) const {
    if (targets.empty()) return {};
    const auto n = static_cast<Eigen::Index>(targets.size());
    Eigen::MatrixXd g(p_.x.size(), n);
    for (Eigen::Index i = 0; i < n; ++i) g.col(i) = p_.gradient_of(targets[static_cast<std::size_t>(i)]);
    std::vector<Eigen::Index> used;
    std::vector<double> noise;
    for (std::size_t i = 0; i < spots_.size(); ++i) {
        const SpotState& s = spots_[i];
        const double gain = s.information(std::max(times, s.taken)) - s.information(s.taken);
        if (gain <= 0.0) continue;
        used.push_back(static_cast<Eigen::Index>(i));
        noise.push_back(1.0 / gain);
    }
    Eigen::MatrixXd out = g.transpose() * p_.covariance * g;
    if (used.empty()) return out;
    Eigen::MatrixXd s = shared_(used, used);
    s.diagonal() += Eigen::Map<const Eigen::VectorXd>(noise.data(), static_cast<Eigen::Index>(noise.size()));
    const Eigen::MatrixXd along = by_(Eigen::all, used).transpose() * g;
    out -= along.transpose() * s.ldlt().solve(along);
    return out;
}

std::optional<Proposal> best_next_reading(const Job& job, const Estimate& e, const Target& target) {
    if (e.round < 0 || !e.find(target.measure, target.where)) return std::nullopt;
    return StillReadable(job, e).best_for(target);
}

std::optional<Settling> what_settles(const Job& job, const Estimate& e, const Verdict& verdict, int most) {
    if (verdict.call != Call::too_close) return std::nullopt;
    return StillReadable(job, e).settles(verdict, most);
}

}  // namespace fairchalk

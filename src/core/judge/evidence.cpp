// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/evidence.h"

#include <cmath>

#include <Eigen/Dense>

#include "core/car/steering_rod.h"
#include "core/job/staleness.h"

namespace fairchalk {
namespace {

/// A steer beside the turns may be anything, and so may what nothing explains, and a misread angle: one
/// sigma.
constexpr double any_steer = 2.0 * one_degree, any_change = 2.0 * one_degree,
                 any_misreading = 0.7 * one_degree;

}  // namespace

template <typename Do>
void Evidence::each_pull(const MeasuredChange& row, const TurnPass& pass, const Amounts& amounts,
                         Do&& act) const {
    for (std::size_t h = 0; h < pass.levers.size(); ++h) {
        if (amounts[h] == 0.0) continue;
        for (const Lever::Pull& pull : pass.levers[h].pulls)
            for (const MeasuredChange::Part& part : row.of)
                if (part.wheel == pull.wheel && part.angle == pull.angle)
                    act(pass.levers[h], pull, part.share, amounts[h]);
    }
}

Evidence::Evidence(const Posterior& p, const std::vector<TurnPass>& passes, std::vector<MeasuredChange> rows,
                   bool no_springs)
    : p_(p), passes_(passes), rows_(std::move(rows)), no_springs_(no_springs) {
    std::set<int> all;
    for (const TurnPass& pass : passes)
        for (const Lever& l : pass.levers)
            for (const Lever::Pull& pull : l.pulls) all.insert(pull.response);
    responses_.assign(all.begin(), all.end());
    const auto n = static_cast<Eigen::Index>(rows_.size()), k = static_cast<Eigen::Index>(responses_.size());
    Eigen::MatrixXd d = Eigen::MatrixXd::Zero(n, p.x.size());
    change_ = Eigen::VectorXd::Zero(n);
    for (Eigen::Index i = 0; i < n; ++i)
        for (const auto& [unknown, c] : rows_[static_cast<std::size_t>(i)].by) {
            d(i, unknown) += c;
            change_[i] += c * p.x[unknown];
        }
    const Eigen::MatrixXd dc = d * p.covariance;
    states_ = dc * d.transpose();
    across_.resize(n, k);
    shared_.resize(k, k);
    for (Eigen::Index a = 0; a < k; ++a) {
        across_.col(a) = dc.col(responses_[static_cast<std::size_t>(a)]);
        for (Eigen::Index b = 0; b < k; ++b)
            shared_(a, b) = p.covariance(responses_[static_cast<std::size_t>(a)],
                                         responses_[static_cast<std::size_t>(b)]);
    }
}

void Evidence::reckon_with(const std::vector<CardGuess>& cards, const CarCard& assumed) {
    for (const CardGuess& guess : cards) {
        CarCard car = assumed;
        bool turned = false;
        for (int place : guess.other_side) {
            Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
            if (!is_rod(a)) continue;
            a.rod = a.rod == RodSide::behind_axle ? RodSide::ahead_of_axle : RodSide::behind_axle;
            turned = true;
        }
        of_card_.push_back({Eigen::VectorXd::Zero(shared_.rows()), shared_});
        if (turned) move_devices(car, assumed, of_card_.back());
    }
}

double Evidence::expected(std::size_t row, const TurnPass& pass, const Amounts& amounts) const {
    double sum = 0.0;
    each_pull(rows_[row], pass, amounts,
              [&](const Lever& l, const Lever::Pull& pull, double share, double amount) {
                  sum += share * l.effect(pull, amount, p_);
              });
    return sum;
}

double Evidence::of(const Story& story, const std::vector<std::vector<Guess>>& guesses,
                    const std::vector<CardGuess>& cards, double* misfit) const {
    std::vector<Eigen::Index> told;
    for (std::size_t i = 0; i < rows_.size(); ++i)
        if (rows_[i].pass < story.guesses.size()) told.push_back(static_cast<Eigen::Index>(i));
    const auto n = static_cast<Eigen::Index>(told.size());
    if (n == 0) return 0.0;
    Eigen::MatrixXd slopes = Eigen::MatrixXd::Zero(n, shared_.rows());
    Eigen::VectorXd off(n), free = Eigen::VectorXd::Zero(n);
    Eigen::MatrixXd cov(n, n), cross(n, shared_.rows());
    for (Eigen::Index i = 0; i < n; ++i) {
        cross.row(i) = across_.row(told[static_cast<std::size_t>(i)]);
        for (Eigen::Index k = 0; k < n; ++k)
            cov(i, k) = states_(told[static_cast<std::size_t>(i)], told[static_cast<std::size_t>(k)]);
    }
    const Spoils& rods = spoils_of(Happening::turned_toe, no_springs_);
    std::map<std::size_t, Eigen::VectorXd> steers;
    std::vector<Eigen::VectorXd> misread;
    const std::map<int, double>& does = cards[story.card].does;
    const OfCard& told_by = of_card_[story.card];
    Eigen::VectorXd unsure = Eigen::VectorXd::Zero(n);
    std::vector<Amounts> really;  // of each pass, by this card
    for (std::size_t k = 0; k < story.guesses.size(); ++k)
        really.push_back(with_card(passes_[k], guesses[k][story.guesses[k]].amounts, cards[story.card]));
    for (Eigen::Index i = 0; i < n; ++i) {
        const std::size_t at = static_cast<std::size_t>(told[static_cast<std::size_t>(i)]);
        const MeasuredChange& row = rows_[at];
        const TurnPass& pass = passes_[row.pass];
        const Guess& guess = guesses[row.pass][story.guesses[row.pass]];
        const Amounts& amounts = really[row.pass];
        double expects = 0.0;
        for (const MeasuredChange::Part& part : row.of)
            free[i] += part.share * part.share *
                       std::pow((part.angle == WheelAngle::toe ? rods.here : rods.elsewhere) * one_degree, 2);
        each_pull(row, pass, amounts,
                  [&](const Lever& l, const Lever::Pull& pull, double share, double amount) {
                      const auto it = does.find(l.place);
                      const double times = it == does.end() ? 1.0 : it->second;
                      const double effect = times * share * l.effect(pull, amount, p_);
                      expects += effect;
                      slopes(i, place_of(pull.response)) += times * share * l.slope(pull, amount, p_);
                      free[i] += times * times * share * share * l.settled_variance(pull, amount, p_);
                      if (it != does.end()) unsure[i] += does_sigma * effect;
                  });
        for (std::size_t h = 0; h < pass.levers.size(); ++h) {
            const Lever& l = pass.levers[h];
            if (!l.rod || amounts[h] == 0.0 || l.pulls.size() > 1) continue;
            for (const MeasuredChange::Part& part : row.of)
                if (part.wheel == l.wheel && part.angle == WheelAngle::camber)
                    free[i] += std::pow(
                        camber_by_toe(l.effect(l.pulls.front(), amounts[h], p_), axle_of(l.wheel), false), 2);
        }
        off[i] = change_[told[static_cast<std::size_t>(i)]] - expects - slopes.row(i).dot(told_by.shift);
        if (guess.what == OtherTurn::unexplained) free[i] += any_change * any_change;
        if (guess.what == OtherTurn::steering_moved) {
            auto& along = steers.try_emplace(row.pass, Eigen::VectorXd::Zero(n)).first->second;
            for (const MeasuredChange::Part& part : row.of)
                if (part.angle == WheelAngle::toe && axle_of(part.wheel) == Axle::front)
                    along[i] += part.share * (side_of(part.wheel) == Side::left ? 1.0 : -1.0);
        }
        if (guess.what == OtherTurn::misread && guess.misread == static_cast<int>(at)) {
            // Read wrong after this pass, and so before the next.
            Eigen::VectorXd along = Eigen::VectorXd::Zero(n);
            along[i] = 1.0;
            for (Eigen::Index k = 0; k < n; ++k) {
                const MeasuredChange& later =
                    rows_[static_cast<std::size_t>(told[static_cast<std::size_t>(k)])];
                if (later.pass == row.pass + 1 && later.of.size() == row.of.size() &&
                    later.of.front().wheel == row.of.front().wheel &&
                    later.of.front().angle == row.of.front().angle)
                    along[k] = -1.0;
            }
            misread.push_back(along);
        }
    }
    const Eigen::MatrixXd bent = slopes * cross.transpose();
    cov += slopes * told_by.shared * slopes.transpose() - bent - bent.transpose();
    cov.diagonal() += free;
    if (!does.empty()) cov += unsure * unsure.transpose();
    for (const auto& [pass, along] : steers) cov += any_steer * any_steer * along * along.transpose();
    for (const Eigen::VectorXd& along : misread)
        cov += any_misreading * any_misreading * along * along.transpose();
    const Eigen::LLT<Eigen::MatrixXd> llt(cov);
    if (llt.info() != Eigen::Success) return -1e9;
    double log_det = 0.0;
    for (Eigen::Index i = 0; i < n; ++i) log_det += 2.0 * std::log(llt.matrixL()(i, i));
    const double short_of = off.dot(llt.solve(off));
    if (misfit) *misfit = short_of;
    return -0.5 * (short_of + log_det);
}

Amounts Evidence::with_card(const TurnPass& pass, const Amounts& amounts, const CardGuess& card) {
    Amounts out = amounts;
    for (std::size_t h = 0; h < out.size(); ++h)
        if (const auto it = card.factor.find(pass.levers[h].place); it != card.factor.end())
            out[h] *= it->second;
    return out;
}

void Evidence::move_devices(const CarCard& car, const CarCard& assumed, OfCard& out) const {
    if (passes_.empty()) return;
    for (int place = 0; place < static_cast<int>(car.adjusters.size()); ++place) {
        const Adjuster* d = &car.adjusters[static_cast<std::size_t>(place)];
        if (is_rod(*d) || !adjuster_kind(d->kind)) continue;
        const auto then = response_prior(*d, car), now = response_prior(*d, assumed);
        if (!then || !now) continue;
        std::vector<std::pair<Eigen::Index, Eigen::Index>> at;  // place among the responses, effect
        for (const Lever& l : passes_.front().levers) {
            if (l.place != place) continue;
            for (const Lever::Pull& pull : l.pulls)
                for (std::size_t k = 0; k < now->effects.size(); ++k)
                    if (const Effect& e = now->effects[k];
                        e.handle == l.which && e.wheel == pull.wheel && e.angle == pull.angle)
                        at.emplace_back(place_of(pull.response), static_cast<Eigen::Index>(k));
        }
        for (const auto& [i, k] : at) {
            out.shift[i] = then->mean[k] - now->mean[k];
            for (const auto& [j, m] : at) out.shared(i, j) = then->covariance(k, m);
        }
    }
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/turn_doubt.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include <Eigen/Dense>

#include "core/lever.h"
#include "core/staleness.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 9> names = {"wrong-way",  "all-wrong-way",  "nothing",
                                                   "other-side", "other-handle",   "twice",
                                                   "half",       "steering-moved", "unexplained"};
/// An angle less well measured than this takes no part.
constexpr double too_vague = 0.5 * one_degree;
/// A steer beside the turns may be anything: one sigma.
constexpr double any_steer = 2.0 * one_degree;
/// A steer is one more thing that is free: it has to fit that much better.
constexpr double price_of_steer = 4.0;
constexpr double z_doubted = 3.0902, z_fits = 2.3263;  // of 99.9 % and 99 %

/// Quantile of chi-square by E. B. Wilson and M. M. Hilferty, The Distribution of Chi-Square, Proc. Nat.
/// Acad. Sci. 17 (1931): at these levels within 4 % for one degree of freedom, 1 % from three on.
double chi_square_quantile(int dof, double z) {
    const double a = 2.0 / (9.0 * dof);
    return dof * std::pow(1.0 - a + z * std::sqrt(a), 3);
}

/// The turns of the last pass, and whether angles were read after them.
struct LastPass {
    std::vector<std::size_t> turns;
    bool measured = false;
};
LastPass last_pass(const Job& job) {
    LastPass out;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        const Entry& e = (*job.log)[i];
        if (std::holds_alternative<Turn>(e.what)) {
            out.turns.insert(out.turns.begin(), i);
        } else if (reads_angle(e)) {
            if (!out.turns.empty()) break;
            out.measured = true;
        } else if (const Change* c = std::get_if<Change>(&e.what);
                   c && (c->kind == ChangeKind::locked || c->kind == ChangeKind::steering_recentred)) {
            return {};  // more has happened to the toes than the turns
        }
    }
    return out;
}

}  // namespace

std::string_view name_of(OtherTurn t) {
    return names[static_cast<std::size_t>(t)];
}

namespace {

/// Amounts by lever.
using Amounts = std::vector<double>;

/// One angle of one wheel, as it was before the pass and as it is now.
struct Moved {
    Wheel wheel;
    int angle;
    int before, after;  // unknowns
};

/// The changes that were measured, against what turns would make of them.
struct Comparison {
    const Posterior& p;
    const std::vector<Lever>& levers;
    std::vector<Moved> moved;
    bool no_springs;

    Eigen::VectorXd change() const {
        Eigen::VectorXd out(static_cast<Eigen::Index>(moved.size()));
        for (std::size_t i = 0; i < moved.size(); ++i)
            out[static_cast<Eigen::Index>(i)] = p.x[moved[i].after] - p.x[moved[i].before];
        return out;
    }
    Eigen::VectorXd expected(const Amounts& amounts) const {
        Eigen::VectorXd out = Eigen::VectorXd::Zero(static_cast<Eigen::Index>(moved.size()));
        each_pull(amounts, [&](Eigen::Index i, const Lever& l, const Lever::Pull& pull, double amount) {
            out[i] += l.effect(pull, amount, p);
        });
        return out;
    }
    /// How far the amounts fall short of explaining it; with a steer, one that fits best goes along.
    double misfit(const Amounts& amounts, bool steer = false) const {
        const auto n = static_cast<Eigen::Index>(moved.size());
        Eigen::MatrixXd by_unknown = Eigen::MatrixXd::Zero(n, p.x.size());
        Eigen::VectorXd settles = Eigen::VectorXd::Zero(n);
        const Spoils& rods = spoils_of(Happening::turned_toe, no_springs);
        for (Eigen::Index i = 0; i < n; ++i) {
            const Moved& m = moved[static_cast<std::size_t>(i)];
            by_unknown(i, m.after) += 1.0;
            by_unknown(i, m.before) -= 1.0;
            // What moved on its axle takes it along a little.
            settles[i] = std::pow((m.angle == 0 ? rods.here : rods.elsewhere) * one_degree, 2);
        }
        each_pull(amounts, [&](Eigen::Index i, const Lever& l, const Lever::Pull& pull, double amount) {
            by_unknown(i, pull.response) -= l.slope(pull, amount, p);
            settles[i] += l.settled_variance(pull, amount, p);
        });
        for (std::size_t h = 0; h < levers.size(); ++h) {
            if (!levers[h].rod || amounts[h] == 0.0) continue;
            const double toe = levers[h].effect(levers[h].pulls.front(), amounts[h], p);
            for (Eigen::Index i = 0; i < n; ++i)
                if (const Moved& m = moved[static_cast<std::size_t>(i)];
                    m.wheel == levers[h].wheel && m.angle == 1)
                    settles[i] += std::pow(camber_by_toe(toe), 2);
        }
        Eigen::MatrixXd covariance = by_unknown * p.covariance * by_unknown.transpose();
        covariance.diagonal() += settles;
        if (steer) {
            Eigen::VectorXd along = Eigen::VectorXd::Zero(n);
            for (Eigen::Index i = 0; i < n; ++i)
                if (const Moved& m = moved[static_cast<std::size_t>(i)];
                    m.angle == 0 && axle_of(m.wheel) == Axle::front)
                    along[i] = side_of(m.wheel) == Side::left ? 1.0 : -1.0;
            covariance += any_steer * any_steer * along * along.transpose();
        }
        const Eigen::VectorXd off = change() - expected(amounts);
        return off.dot(covariance.ldlt().solve(off));
    }

  private:
    template <typename Do>
    void each_pull(const Amounts& amounts, Do&& act) const {
        for (std::size_t h = 0; h < levers.size(); ++h) {
            if (amounts[h] == 0.0) continue;
            for (const Lever::Pull& pull : levers[h].pulls)
                for (std::size_t i = 0; i < moved.size(); ++i)
                    if (moved[i].wheel == pull.wheel && moved[i].angle == pull.angle)
                        act(static_cast<Eigen::Index>(i), levers[h], pull, amounts[h]);
        }
    }
};

/// The like of a lever on the other side of its axle, or -1.
int twin_of(const std::vector<Lever>& levers, const Lever& l) {
    for (std::size_t i = 0; i < levers.size(); ++i) {
        const Lever& o = levers[i];
        if (o.place != l.place && o.which == l.which && o.kind == l.kind &&
            index_of(o.wheel) == (index_of(l.wheel) ^ 1))
            return static_cast<int>(i);
    }
    return -1;
}

/// One slip that people make, and what was turned then.
struct Guess {
    OtherTurn what;
    std::vector<std::size_t> levers;  ///< that it is about
    Amounts amounts;
    bool steer = false;
};

std::vector<Guess> guesses_of(const std::vector<Lever>& levers, const Amounts& written) {
    std::vector<Guess> out;
    const auto scaled = [&](const std::vector<std::size_t>& which, OtherTurn what, double factor) {
        Guess g{what, which, written};
        for (std::size_t h : which) g.amounts[h] *= factor;
        out.push_back(std::move(g));
    };
    const auto misjudged = [&](const std::vector<std::size_t>& which) {
        scaled(which, OtherTurn::wrong_way, -1.0);
        scaled(which, OtherTurn::nothing, 0.0);
        scaled(which, OtherTurn::twice, 2.0);
        scaled(which, OtherTurn::half, 0.5);
    };
    std::vector<std::size_t> turned;
    for (std::size_t h = 0; h < levers.size(); ++h)
        if (written[h] != 0.0) turned.push_back(h);
    for (std::size_t h : turned) misjudged({h});
    for (std::size_t h = 0; h + 1 < levers.size(); ++h) {
        if (levers[h + 1].place != levers[h].place) continue;
        if (written[h] != 0.0 && written[h + 1] != 0.0) misjudged({h, h + 1});
        Guess g{OtherTurn::other_handle, {h, h + 1}, written};
        std::swap(g.amounts[h], g.amounts[h + 1]);
        if (g.amounts != written) out.push_back(std::move(g));
    }
    // All handles of an adjuster for those of its twin.
    for (std::size_t h : turned) {
        Guess g{OtherTurn::other_side, {h}, written};
        bool whole = true;
        for (std::size_t k = 0; k < levers.size(); ++k) {
            if (levers[k].place != levers[h].place) continue;
            const int twin = twin_of(levers, levers[k]);
            whole = whole && twin >= 0;
            if (twin >= 0) std::swap(g.amounts[k], g.amounts[static_cast<std::size_t>(twin)]);
        }
        if (whole && g.amounts != written) out.push_back(std::move(g));
    }
    if (turned.size() > 1) scaled(turned, OtherTurn::all_wrong_way, -1.0);
    return out;
}

}  // namespace

std::optional<TurnDoubt> turn_doubt(const Job& job) {
    const LastPass pass = last_pass(job);
    if (pass.turns.empty() || !pass.measured || job.rounds.empty()) return std::nullopt;
    const CarCard& car = job.rounds.back().car;
    for (std::size_t i : pass.turns)
        if (!std::get<Turn>((*job.log)[i].what).understood) return std::nullopt;
    EstimateOptions o;
    o.as_of_now = true;
    o.explain = false;
    o.doubted_turns = pass.turns;
    const Estimate e = estimate(job, o);
    if (!e.posterior || !e.converged || e.posterior->before_doubted.empty()) return std::nullopt;
    const Posterior& p = *e.posterior;

    std::vector<Lever> levers = levers_of(car, p);
    Amounts written(levers.size(), 0.0);
    for (std::size_t i : pass.turns) {
        const Turn& t = std::get<Turn>((*job.log)[i].what);
        bool known = false;
        for (std::size_t h = 0; h < levers.size(); ++h)
            if (levers[h].id() == t.adjuster) {
                written[h] += levers[h].which == 0 ? t.turns : t.second;
                known = true;
            }
        // What else moved is not to be told from what this one did.
        if (!known) return std::nullopt;
    }
    // As it stood before the pass.
    for (std::size_t h = 0; h < levers.size(); ++h) levers[h].so_far -= levers[h].device ? written[h] : 0.0;

    // The angles that the turned adjusters move, or their twins, as far as both ends of the change are known.
    Comparison c{p, levers, {}, car.no_springs};
    constexpr std::array angles = {Unknown::toe, Unknown::camber, Unknown::caster};
    for (Wheel w : all_wheels)
        for (int angle = 0; angle < 3; ++angle) {
            bool about = false, there = false;
            for (std::size_t h = 0; h < levers.size(); ++h)
                for (const Lever::Pull& pull : levers[h].pulls) {
                    if (pull.angle != angle) continue;
                    there = there || pull.wheel == w;
                    about = about || (written[h] != 0.0 && axle_of(pull.wheel) == axle_of(w));
                }
            const Unknown what = angles[static_cast<std::size_t>(angle)];
            const auto before = p.before_doubted.find({what, index_of(w)});
            const int after = p.index(what, index_of(w));
            if (!about || !there || after < 0 || before == p.before_doubted.end()) continue;
            Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
            g[after] += 1.0;
            g[before->second] -= 1.0;
            if (p.estimable(g) && p.variance(g) < too_vague * too_vague)
                c.moved.push_back({w, angle, before->second, after});
        }
    if (c.moved.empty()) return std::nullopt;
    const int n = static_cast<int>(c.moved.size());
    if (c.misfit(written) <= chi_square_quantile(n, z_doubted)) return std::nullopt;

    const Eigen::VectorXd change = c.change(), expected = c.expected(written);
    TurnDoubt out;
    out.turns = pass.turns;
    // Where it shows most: of all angles that these levers move, first those they are there for.
    const auto show_at = [&](const std::vector<std::size_t>& about) {
        int worst = -1;
        std::pair<bool, double> most;
        for (int i = 0; i < n; ++i) {
            const Moved& m = c.moved[static_cast<std::size_t>(i)];
            for (std::size_t h : about) {
                const Lever& l = levers[h];
                const bool its = std::any_of(l.pulls.begin(), l.pulls.end(), [&](const Lever::Pull& pull) {
                    return pull.wheel == m.wheel && pull.angle == m.angle;
                });
                const std::pair off((l.serves & (1 << m.angle)) != 0, std::abs(change[i] - expected[i]));
                if (!its || (worst >= 0 && off <= most)) continue;
                worst = i;
                most = off;
                out.adjuster = l.id();
            }
        }
        if (worst < 0) return;
        const Moved& m = c.moved[static_cast<std::size_t>(worst)];
        out.wheel = m.wheel;
        out.angle = m.angle;
        out.expected = Angle::from_rad(expected[worst]);
        out.happened = Angle::from_rad(change[worst]);
    };
    std::vector<std::size_t> turned;
    for (std::size_t h = 0; h < levers.size(); ++h)
        if (written[h] != 0.0) turned.push_back(h);
    show_at(turned);
    double best = chi_square_quantile(n, z_fits);
    const auto consider = [&](const Guess& guess) {
        const double m = c.misfit(guess.amounts, guess.steer) + (guess.steer ? price_of_steer : 0.0);
        if (m >= best) return;
        best = m;
        out.what = guess.what;
        show_at(guess.levers);
    };
    for (const Guess& guess : guesses_of(levers, written)) consider(guess);
    // A steer can stand in for anything on one wheel: only where both fronts' toes were read.
    const auto fronts = std::count_if(c.moved.begin(), c.moved.end(), [](const Moved& m) {
        return m.angle == 0 && axle_of(m.wheel) == Axle::front;
    });
    std::erase_if(turned, [&](std::size_t h) { return axle_of(levers[h].wheel) != Axle::front; });
    if (fronts > 1 && !turned.empty()) consider({OtherTurn::steering_moved, turned, written, true});
    return out;
}

}  // namespace fairchalk

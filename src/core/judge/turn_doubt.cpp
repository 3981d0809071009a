// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/turn_doubt.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <set>

#include <Eigen/Dense>

#include "core/car/steering_rod.h"
#include "core/job/staleness.h"
#include "core/network/lever.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 10> names = {
    "wrong-way", "all-wrong-way", "nothing",        "other-side", "other-handle",
    "twice",     "half",          "steering-moved", "misread",    "unexplained"};
/// An angle less well measured than this takes no part.
constexpr double too_vague = 0.5 * one_degree;
/// A steer beside the turns may be anything, and so may what nothing explains, and a misread angle: one
/// sigma.
constexpr double any_steer = 2.0 * one_degree, any_change = 2.0 * one_degree,
                 any_misreading = 0.7 * one_degree;
/// Prior odds of a pass, and of the card.
constexpr double as_written = 0.95, a_slip = 0.04, no_name = 0.01, card_right = 0.98, card_wrong = 0.02;
constexpr double in_force = 0.9, sure = 0.99, doubtful = 0.1;
/// What turns must have left of the odds that an adjuster lies on the other side, before they have shown it.
constexpr double shown_by = 0.1;
/// Joint hypotheses that are carried on from pass to pass.
constexpr std::size_t most_kept = 16;
/// Passes that are gone through: those before are taken as they are written. No garage makes as many in one
/// job.
constexpr std::size_t most_passes_doubted = 16;
constexpr int least_of_each_card = 3;
/// Of chi-square at 90 %: what fits better needs no other story.
constexpr double z_fits = 1.2816;

/// Quantile of chi-square by E. B. Wilson and M. M. Hilferty, The Distribution of Chi-Square, Proc. Nat.
/// Acad. Sci. 17 (1931): at these levels within 4 % for one degree of freedom, 1 % from three on.
double chi_square_quantile(double dof, double z) {
    const double a = 2.0 / (9.0 * dof);
    return dof * std::pow(1.0 - a + z * std::sqrt(a), 3);
}

using Amounts = std::vector<double>;

/// A change that was measured: a combination of angles, after a pass less before it.
struct MeasuredChange {
    std::size_t pass = 0;
    std::vector<std::pair<int, double>> by;  // unknowns
    struct Part {
        Wheel wheel;
        int angle;
        double share;
    };
    std::vector<Part> of;
};

/// The turns of a pass, by lever.
struct TurnPass {
    std::vector<std::size_t> entries;
    Amounts written;
    std::vector<Lever> levers;  // as they stood before it
};

/// One thing that may have been done in a pass.
struct Guess {
    std::optional<OtherTurn> what;    // none: as written
    std::vector<std::size_t> levers;  // that it is about
    Amounts amounts;
    double log_prior = 0.0;
    int misread = -1;  // which row
};

/// One thing that may be so of the card: what all amounts of an adjuster are to be multiplied by.
struct CardGuess {
    std::map<int, double> factor;  // by place
    std::set<int> other_side;      // of the axle than `assumed` has it
    std::map<int, double> does;    // by place: what its effects are to be multiplied by, known only so well
    double log_prior = 0.0;
    std::optional<CardDoubt> wrong;
    std::vector<CardDoubt> unsaid;
};

/// A whole story: the card's, and one guess for each pass so far.
struct Story {
    std::size_t card = 0;
    std::vector<std::size_t> guesses;
    double log_prior = 0.0, log_evidence = 0.0;
    double log_weight() const { return log_prior + log_evidence; }
};

/// What the measured changes say of stories.
class Evidence {
  public:
    Evidence(const Posterior& p, const std::vector<TurnPass>& passes, std::vector<MeasuredChange> rows,
             bool no_springs)
        : p_(p), passes_(passes), rows_(std::move(rows)), no_springs_(no_springs) {
        std::set<int> all;
        for (const TurnPass& pass : passes)
            for (const Lever& l : pass.levers)
                for (const Lever::Pull& pull : l.pulls) all.insert(pull.response);
        responses_.assign(all.begin(), all.end());
        const auto n = static_cast<Eigen::Index>(rows_.size()),
                   k = static_cast<Eigen::Index>(responses_.size());
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

    /// What a device does to the toe hangs on where the rod holds the wheel: with each card's rods.
    void reckon_with(const std::vector<CardGuess>& cards, const CarCard& assumed) {
        for (const CardGuess& guess : cards) {
            CarCard car = assumed;
            bool turned = false;
            for (int place : guess.other_side) {
                Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
                if (!std::holds_alternative<Rod>(a)) continue;
                set_side(a, side_of_axle(a) == RodSide::behind_axle ? RodSide::ahead_of_axle
                                                                    : RodSide::behind_axle);
                turned = true;
            }
            of_card_.push_back({Eigen::VectorXd::Zero(shared_.rows()), shared_});
            if (turned) move_devices(car, assumed, of_card_.back());
        }
    }

    const std::vector<MeasuredChange>& rows() const { return rows_; }
    double change(std::size_t row) const { return change_[static_cast<Eigen::Index>(row)]; }

    /// What these amounts should have done to a row.
    double expected(std::size_t row, const TurnPass& pass, const Amounts& amounts) const {
        double sum = 0.0;
        each_pull(rows_[row], pass, amounts,
                  [&](const Lever& l, const Lever::Pull& pull, double share, double amount) {
                      sum += share * l.effect(pull, amount, p_);
                  });
        return sum;
    }

    /// The logarithm of the density of all changes of the passes told so far.
    double of(const Story& story, const std::vector<std::vector<Guess>>& guesses,
              const std::vector<CardGuess>& cards, double* misfit = nullptr) const {
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
        for (Eigen::Index i = 0; i < n; ++i) {
            const std::size_t at = static_cast<std::size_t>(told[static_cast<std::size_t>(i)]);
            const MeasuredChange& row = rows_[at];
            const TurnPass& pass = passes_[row.pass];
            const Guess& guess = guesses[row.pass][story.guesses[row.pass]];
            const Amounts amounts = with_card(pass, guess.amounts, cards[story.card]);
            double expects = 0.0;
            for (const MeasuredChange::Part& part : row.of)
                free[i] += part.share * part.share *
                           std::pow((part.angle == 0 ? rods.here : rods.elsewhere) * one_degree, 2);
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
                    if (part.wheel == l.wheel && part.angle == 1)
                        free[i] += std::pow(
                            camber_by_toe(l.effect(l.pulls.front(), amounts[h], p_), axle_of(l.wheel), false),
                            2);
            }
            off[i] = change_[told[static_cast<std::size_t>(i)]] - expects - slopes.row(i).dot(told_by.shift);
            if (guess.what == OtherTurn::unexplained) free[i] += any_change * any_change;
            if (guess.what == OtherTurn::steering_moved) {
                auto& along = steers.try_emplace(row.pass, Eigen::VectorXd::Zero(n)).first->second;
                for (const MeasuredChange::Part& part : row.of)
                    if (part.angle == 0 && axle_of(part.wheel) == Axle::front)
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

    static Amounts with_card(const TurnPass& pass, const Amounts& amounts, const CardGuess& card) {
        Amounts out = amounts;
        for (std::size_t h = 0; h < out.size(); ++h)
            if (const auto it = card.factor.find(pass.levers[h].place); it != card.factor.end())
                out[h] *= it->second;
        return out;
    }

  private:
    /// What is thought of the responses under a card: how far from `p`, and their covariance.
    struct OfCard {
        Eigen::VectorXd shift;
        Eigen::MatrixXd shared;
    };
    void move_devices(const CarCard& car, const CarCard& assumed, OfCard& out) const {
        if (passes_.empty()) return;
        for (int place = 0; place < static_cast<int>(car.adjusters.size()); ++place) {
            const Device* d = std::get_if<Device>(&car.adjusters[static_cast<std::size_t>(place)]);
            if (!d || !adjuster_kind(d->kind)) continue;
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
    Eigen::Index place_of(int response) const {
        return std::lower_bound(responses_.begin(), responses_.end(), response) - responses_.begin();
    }
    template <typename Do>
    void each_pull(const MeasuredChange& row, const TurnPass& pass, const Amounts& amounts, Do&& act) const {
        for (std::size_t h = 0; h < pass.levers.size(); ++h) {
            if (amounts[h] == 0.0) continue;
            for (const Lever::Pull& pull : pass.levers[h].pulls)
                for (const MeasuredChange::Part& part : row.of)
                    if (part.wheel == pull.wheel && part.angle == pull.angle)
                        act(pass.levers[h], pull, part.share, amounts[h]);
        }
    }

    const Posterior& p_;
    const std::vector<TurnPass>& passes_;
    std::vector<MeasuredChange> rows_;
    bool no_springs_;
    std::vector<int> responses_;
    Eigen::VectorXd change_;
    Eigen::MatrixXd states_, across_, shared_;
    std::vector<OfCard> of_card_;
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

/// What may have been done in a pass, as written first.
std::vector<Guess> guesses_of(const TurnPass& pass, std::size_t number,
                              const std::vector<MeasuredChange>& rows) {
    const std::vector<Lever>& levers = pass.levers;
    const Amounts& written = pass.written;
    std::vector<Guess> out;
    out.push_back({std::nullopt, {}, written, std::log(as_written), -1});
    const auto add = [&](OtherTurn what, std::vector<std::size_t> which, Amounts amounts) {
        const bool there = std::any_of(out.begin(), out.end(), [&](const Guess& g) {
            return g.what != OtherTurn::misread && g.amounts == amounts;
        });
        if (!there) out.push_back({what, std::move(which), std::move(amounts), 0.0, -1});
    };
    const auto scaled = [&](const std::vector<std::size_t>& which, OtherTurn what, double factor) {
        Amounts amounts = written;
        for (std::size_t h : which) amounts[h] *= factor;
        add(what, which, std::move(amounts));
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
        Amounts swapped = written;
        std::swap(swapped[h], swapped[h + 1]);
        add(OtherTurn::other_handle, {h, h + 1}, std::move(swapped));
    }
    // All handles of an adjuster for those of its twin.
    for (std::size_t h : turned) {
        Amounts other = written;
        bool whole = true;
        for (std::size_t k = 0; k < levers.size(); ++k) {
            if (levers[k].place != levers[h].place) continue;
            const int twin = twin_of(levers, levers[k]);
            whole = whole && twin >= 0;
            if (twin >= 0) std::swap(other[k], other[static_cast<std::size_t>(twin)]);
        }
        if (whole) add(OtherTurn::other_side, {h}, std::move(other));
    }
    if (turned.size() > 1) {
        scaled(turned, OtherTurn::all_wrong_way, -1.0);
        scaled(turned, OtherTurn::nothing, 0.0);
    }
    // A steer can stand in for anything on one wheel: only where both fronts' toes were read.
    std::set<Wheel> fronts;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (rows[i].pass != number) continue;
        if (rows[i].of.size() == 1 && rows[i].of.front().angle == 0 &&
            axle_of(rows[i].of.front().wheel) == Axle::front)
            fronts.insert(rows[i].of.front().wheel);
        std::vector<std::size_t> about;
        for (std::size_t h : turned)
            for (const Lever::Pull& pull : levers[h].pulls)
                if (pull.wheel == rows[i].of.front().wheel && pull.angle == rows[i].of.front().angle &&
                    std::find(about.begin(), about.end(), h) == about.end())
                    about.push_back(h);
        out.push_back(
            {OtherTurn::misread, about.empty() ? turned : about, written, 0.0, static_cast<int>(i)});
    }
    std::vector<std::size_t> steered;
    for (std::size_t h : turned)
        if (axle_of(levers[h].wheel) == Axle::front) steered.push_back(h);
    if (fronts.size() > 1 && !steered.empty())
        out.push_back({OtherTurn::steering_moved, steered, written, 0.0, -1});
    for (std::size_t i = 1; i < out.size(); ++i)
        out[i].log_prior = std::log(a_slip / static_cast<double>(out.size() - 1));
    out.push_back({OtherTurn::unexplained, turned, written, std::log(no_name), -1});
    return out;
}

std::string side_value(bool ahead) {
    return ahead ? "ahead-of-axle" : "behind-axle";
}

/// What may be so of the card, as it stands first. `assumed` is it with every unknown side taken as behind.
std::vector<CardGuess> card_guesses(const CarCard& car, const std::set<int>& turned) {
    // Adjusters of one axle that are alike are alike: what turning the one shows holds for both.
    std::vector<std::vector<int>> groups;
    for (int place = 0; place < static_cast<int>(car.adjusters.size()); ++place) {
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
        if (!has_side(a)) continue;
        const auto like = std::find_if(groups.begin(), groups.end(), [&](const std::vector<int>& g) {
            const Adjuster& b = car.adjusters[static_cast<std::size_t>(g.front())];
            return a.index() == b.index() && axle_of(wheel_of(a)) == axle_of(wheel_of(b)) &&
                   side_of_axle(a) == side_of_axle(b) &&
                   (std::holds_alternative<Rod>(a) || std::get<Device>(a).kind == std::get<Device>(b).kind);
        });
        if (like != groups.end())
            like->push_back(place);
        else
            groups.push_back({place});
    }
    std::erase_if(groups, [&](const std::vector<int>& g) {
        return std::none_of(g.begin(), g.end(), [&](int p) { return turned.contains(p); });
    });
    std::vector<CardGuess> out(1);
    const auto ids = [&](const std::vector<int>& places) {
        std::vector<std::string> all;
        for (int p : places) all.push_back(id_of(car.adjusters[static_cast<std::size_t>(p)]));
        return all;
    };
    // What the card does not say may be either way.
    for (const std::vector<int>& g : groups) {
        if (side_of_axle(car.adjusters[static_cast<std::size_t>(g.front())]) != RodSide::unknown) continue;
        std::vector<CardGuess> both;
        for (const CardGuess& c : out)
            for (bool ahead : {false, true}) {
                CardGuess one = c;
                one.log_prior += std::log(0.5);
                for (int p : g) {
                    one.factor[p] = ahead ? -1.0 : 1.0;
                    if (ahead) one.other_side.insert(p);
                }
                CardDoubt d;
                d.adjusters = ids(g);
                d.field = "rod";
                d.value = side_value(ahead);
                d.unsaid = true;
                one.unsaid.push_back(d);
                both.push_back(std::move(one));
            }
        if (both.size() <= 8) out = std::move(both);
    }
    // One entry of it may be wrong.
    std::vector<CardGuess> wrong;
    const auto suppose = [&](const std::vector<int>& places, const char* field, const std::string& value,
                             double factor, double prior) {
        for (const CardGuess& c : out) {
            CardGuess one = c;
            for (int p : places) {
                one.factor.try_emplace(p, 1.0).first->second *= factor;
                if (std::string_view(field) == "rod" && !one.other_side.erase(p)) one.other_side.insert(p);
            }
            one.log_prior += std::log(prior);
            CardDoubt d;
            d.adjusters = ids(places);
            d.field = field;
            d.value = value;
            one.wrong = d;
            wrong.push_back(std::move(one));
        }
    };
    const auto usable = static_cast<double>(std::max<std::size_t>(groups.size(), 1));
    for (const std::vector<int>& g : groups) {
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(g.front())];
        const bool certain = std::any_of(g.begin(), g.end(), [&](int p) {
            return car.looked_at(id_of(car.adjusters[static_cast<std::size_t>(p)]), "rod");
        });
        const RodSide side = side_of_axle(a);
        if (side != RodSide::unknown && !certain) {
            const std::string other = side_value(side == RodSide::behind_axle);
            suppose(g, "rod", other, -1.0, 0.6 * card_wrong / usable);
            if (g.size() > 1)
                for (int p : g) suppose({p}, "rod", other, -1.0, 0.1 * card_wrong / usable);
        }
        // A thread of the other hand: longer was shorter.
        std::vector<int> threads;
        for (int p : g) {
            const Adjuster& one = car.adjusters[static_cast<std::size_t>(p)];
            if (thread_of(one) != Thread::unknown && thread_of(one) == thread_of(a) &&
                !car.looked_at(id_of(one), "thread"))
                threads.push_back(p);
        }
        if (!threads.empty()) {
            const char* other = thread_of(a) == Thread::right ? "left" : "right";
            suppose(threads, "thread", other, -1.0, 0.1 * card_wrong / usable);
            if (threads.size() > 1)
                for (int p : threads) suppose({p}, "thread", other, -1.0, 0.05 * card_wrong / usable);
        }
        if (const Rod* rod = std::get_if<Rod>(&a))
            suppose(g, "double_ended", rod->double_ended ? "false" : "true", rod->double_ended ? 0.5 : 2.0,
                    0.2 * card_wrong / usable);
    }
    // What a turn does may be anything from a tenth of it to ten times as much.
    std::set<int> grouped;
    for (int place : turned) {
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
        if (grouped.contains(place)) continue;
        std::vector<int> alike;
        for (int other = 0; other < static_cast<int>(car.adjusters.size()); ++other) {
            const Adjuster& b = car.adjusters[static_cast<std::size_t>(other)];
            if (a.index() == b.index() && axle_of(wheel_of(a)) == axle_of(wheel_of(b)) &&
                (std::holds_alternative<Rod>(a) || std::get<Device>(a).kind == std::get<Device>(b).kind))
                alike.push_back(other);
        }
        grouped.insert(alike.begin(), alike.end());
        for (double times : {0.1, 0.2, 0.4, 2.5, 5.0, 10.0}) {
            const std::size_t first = wrong.size();
            suppose(alike, "response", std::to_string(times), 1.0,
                    0.2 * card_wrong / (6.0 * static_cast<double>(turned.size())));
            for (std::size_t i = first; i < wrong.size(); ++i) {
                for (int p : alike) wrong[i].does[p] = times;
                wrong[i].wrong->times = times;
            }
        }
    }
    for (CardGuess& c : out) c.log_prior += std::log(card_right);
    out.insert(out.end(), wrong.begin(), wrong.end());
    return out;
}

/// The card with which hypotheses are reckoned: what it does not say taken as one of the two.
CarCard assumed(CarCard car) {
    for (Adjuster& a : car.adjusters)
        if (has_side(a) && side_of_axle(a) == RodSide::unknown) set_side(a, RodSide::behind_axle);
    return car;
}

/// The passes of turns that readings follow, in order: entries of the log. Turns that this version does not
/// understand are in none.
std::vector<std::vector<std::size_t>> measured_passes(const Job& job, const CarCard& car) {
    std::vector<std::vector<std::size_t>> out;
    std::vector<std::size_t> open;
    bool odd = false;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const Entry& e = (*job.log)[i];
        if (const Turn* t = std::get_if<Turn>(&e.what)) {
            const Device* d = car.device(t->adjuster);
            odd = odd || !t->understood || car.place_of(t->adjuster) < 0 || (d && !adjuster_kind(d->kind));
            open.push_back(i);
        } else if (reads_angle(e) && !open.empty()) {
            if (!odd) out.push_back(open);
            open.clear();
            odd = false;
        }
    }
    return out;
}

/// Those turned whose other side has lost by what was read: `left_of(c)` is what is left of the odds of a
/// card's hypothesis.
template <typename LeftOf>
std::vector<std::string> sides_shown(const CarCard& car, const std::set<int>& turned,
                                     const std::vector<CardGuess>& cards, LeftOf&& left_of) {
    std::vector<std::string> out;
    for (int place : turned) {
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
        if (!has_side(a) || side_of_axle(a) == RodSide::unknown) continue;
        bool told = false, lost = true;
        for (std::size_t c = 0; c < cards.size() && lost; ++c) {
            const auto& wrong = cards[c].wrong;
            if (!wrong || wrong->field != "rod" ||
                std::find(wrong->adjusters.begin(), wrong->adjusters.end(), id_of(a)) ==
                    wrong->adjusters.end())
                continue;
            told = true;
            lost = left_of(c) <= shown_by;
        }
        if (told && lost) out.push_back(id_of(a));
    }
    return out;
}

}  // namespace

std::string_view name_of(OtherTurn t) {
    return names[static_cast<std::size_t>(t)];
}

const TurnDoubt* Belief::last() const {
    return !doubts.empty() && doubts.back().turns.back() == last_turn ? &doubts.back() : nullptr;
}

Belief believe(const Job& job) {
    Belief out;
    if (job.rounds.empty()) return out;
    const CarCard car = assumed(job.rounds.back().car);
    auto entries = measured_passes(job, car);
    if (entries.size() > most_passes_doubted)
        entries.erase(entries.begin(), entries.end() - static_cast<std::ptrdiff_t>(most_passes_doubted));
    if (entries.empty()) return out;
    out.last_turn = entries.back().back();
    Job reckoned = job;
    reckoned.car = car;
    for (Round& r : reckoned.rounds) r.car = assumed(r.car);
    EstimateOptions o;
    o.as_of_now = true;
    o.explain = false;
    for (const auto& pass : entries) o.doubted_turns.insert(o.doubted_turns.end(), pass.begin(), pass.end());
    const Estimate e = estimate(reckoned, o);
    if (!e.posterior || !e.converged) return out;
    const Posterior& p = *e.posterior;

    // Each pass, its levers as they stood before it.
    std::vector<TurnPass> passes;
    const std::vector<Lever> levers = levers_of(car, p);
    if (levers.empty()) return out;
    std::vector<double> later(levers.size(), 0.0);
    for (std::size_t k = entries.size(); k-- > 0;) {
        TurnPass pass{entries[k], Amounts(levers.size(), 0.0), levers};
        bool known = true;
        for (std::size_t i : pass.entries) {
            const Turn& t = std::get<Turn>((*job.log)[i].what);
            bool found = false;
            for (std::size_t h = 0; h < levers.size(); ++h)
                if (levers[h].id() == t.adjuster) {
                    pass.written[h] += levers[h].which == 0 ? t.turns : t.second;
                    found = true;
                }
            known = known && found;
        }
        // What else moved is not to be told from what this one did.
        if (!known) return out;
        for (std::size_t h = 0; h < levers.size(); ++h) {
            later[h] += pass.written[h];
            if (levers[h].device) pass.levers[h].so_far -= later[h];
        }
        passes.insert(passes.begin(), std::move(pass));
    }

    // The changes that both sides of a pass are known well enough of.
    std::vector<MeasuredChange> rows;
    constexpr std::array angles = {Unknown::toe, Unknown::camber, Unknown::caster};
    const auto measured = [&](const MeasuredChange& row) {
        Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
        for (const auto& [unknown, c] : row.by) g[unknown] += c;
        return p.estimable(g) && p.variance(g) < too_vague * too_vague;
    };
    for (std::size_t k = 0; k < passes.size() && k < p.freed.size(); ++k) {
        const Posterior::Freed& freed = p.freed[k];
        const auto moved = [&](Wheel w, int angle) {
            bool about = false, there = false;
            for (std::size_t h = 0; h < levers.size(); ++h)
                for (const Lever::Pull& pull : levers[h].pulls) {
                    if (pull.angle != angle) continue;
                    there = there || pull.wheel == w;
                    about = about || (passes[k].written[h] != 0.0 && axle_of(pull.wheel) == axle_of(w));
                }
            return about && there;
        };
        const auto part = [&](MeasuredChange& row, Wheel w, int angle, double share) {
            const std::pair key(angles[static_cast<std::size_t>(angle)], index_of(w));
            const auto before = freed.before.find(key), after = freed.after.find(key);
            if (before == freed.before.end() || after == freed.after.end() || before->second == after->second)
                return false;
            row.by.emplace_back(after->second, share);
            row.by.emplace_back(before->second, -share);
            row.of.push_back({w, angle, share});
            return true;
        };
        for (Axle axle : both_axles)
            for (int angle = 0; angle < 3; ++angle) {
                int each = 0;
                for (Side side : both_sides) {
                    const Wheel w = wheel_at(axle, side);
                    MeasuredChange row{k, {}, {}};
                    if (!moved(w, angle) || !part(row, w, angle, 1.0) || !measured(row)) continue;
                    rows.push_back(std::move(row));
                    ++each;
                }
                const Wheel l = wheel_at(axle, Side::left), r = wheel_at(axle, Side::right);
                MeasuredChange total{k, {}, {}};
                if (each == 0 && angle == 0 && (moved(l, 0) || moved(r, 0)) && part(total, l, 0, 1.0) &&
                    part(total, r, 0, 1.0) && measured(total))
                    rows.push_back(std::move(total));
            }
    }
    if (rows.empty()) return out;

    Evidence evidence(p, passes, std::move(rows), car.no_springs);
    std::vector<std::vector<Guess>> guesses;
    for (std::size_t k = 0; k < passes.size(); ++k)
        guesses.push_back(guesses_of(passes[k], k, evidence.rows()));
    std::set<int> turned;
    for (const TurnPass& pass : passes)
        for (std::size_t h = 0; h < levers.size(); ++h)
            if (pass.written[h] != 0.0) turned.insert(levers[h].place);
    const std::vector<CardGuess> cards = card_guesses(job.rounds.back().car, turned);
    evidence.reckon_with(cards, car);

    // Where all is as written and fits, pass by pass and in all, no other story is looked for.
    if (cards.front().unsaid.empty()) {
        bool fits = true;
        Story plain{0, {}, 0.0, 0.0};
        double before = 0.0;
        for (std::size_t k = 0; k < passes.size() && fits; ++k) {
            plain.guesses.push_back(0);
            double misfit = before;
            evidence.of(plain, guesses, cards, &misfit);
            const auto here =
                static_cast<double>(std::count_if(evidence.rows().begin(), evidence.rows().end(),
                                                  [&](const MeasuredChange& row) { return row.pass == k; }));
            if (here > 0) fits = misfit - before <= chi_square_quantile(here, z_fits);
            before = misfit;
        }
        if (fits) {
            const double as_it_stands = evidence.of(plain, guesses, cards);
            out.side_shown = sides_shown(car, turned, cards, [&](std::size_t c) {
                return std::exp(evidence.of({c, plain.guesses, 0.0, 0.0}, guesses, cards) - as_it_stands);
            });
            return out;
        }
    }
    std::vector<Story> stories;
    for (std::size_t c = 0; c < cards.size(); ++c) stories.push_back({c, {}, cards[c].log_prior, 0.0});
    for (std::size_t k = 0; k < passes.size(); ++k) {
        std::vector<Story> next;
        for (const Story& s : stories)
            for (std::size_t g = 0; g < guesses[k].size(); ++g) {
                Story one = s;
                one.guesses.push_back(g);
                one.log_prior += guesses[k][g].log_prior;
                one.log_evidence = evidence.of(one, guesses, cards);
                next.push_back(std::move(one));
            }
        std::sort(next.begin(), next.end(),
                  [](const Story& a, const Story& b) { return a.log_weight() > b.log_weight(); });
        // What the card may be is kept open, however little a first pass said of it.
        std::vector<Story> kept;
        std::vector<int> of_card(cards.size(), 0);
        for (Story& one : next) {
            const bool likely = kept.size() < most_kept;
            if (!likely && of_card[one.card] >= least_of_each_card) continue;
            ++of_card[one.card];
            kept.push_back(std::move(one));
        }
        next = std::move(kept);
        stories = std::move(next);
    }
    double sum = 0.0;
    std::vector<double> weight;
    for (const Story& s : stories) {
        weight.push_back(std::exp(s.log_weight() - stories.front().log_weight()));
        sum += weight.back();
    }
    for (double& w : weight) w /= sum;

    // The card's entries, each by all stories that hold them so.
    const auto chance_of = [&](const auto& holds) {
        double all = 0.0;
        for (std::size_t i = 0; i < stories.size(); ++i)
            if (holds(cards[stories[i].card])) all += weight[i];
        return all;
    };
    out.side_shown = sides_shown(job.rounds.back().car, turned, cards, [&](std::size_t c) {
        double now = 0.0;
        for (std::size_t i = 0; i < stories.size(); ++i) now += stories[i].card == c ? weight[i] : 0.0;
        return now / std::exp(cards[c].log_prior);
    });
    std::vector<CardDoubt> considered;
    const auto consider = [&](const CardDoubt& d) {
        const auto same = [&](const CardDoubt& other) {
            return other.adjusters == d.adjusters && other.field == d.field &&
                   (other.value == d.value || d.field == "response");
        };
        const bool there = std::any_of(considered.begin(), considered.end(), same);
        if (there) return;
        CardDoubt one = d;
        one.probability = chance_of([&](const CardGuess& c) {
            return (c.wrong && same(*c.wrong)) || std::any_of(c.unsaid.begin(), c.unsaid.end(), same);
        });
        one.in_force = one.probability > in_force;
        one.sure = one.probability > sure;
        considered.push_back(one);
    };
    for (const Story& s : stories) {
        if (cards[s.card].wrong) consider(*cards[s.card].wrong);
        for (const CardDoubt& d : cards[s.card].unsaid) consider(d);
    }
    // Turned the wrong way, or a rod on the other side of the axle: alike after a pass, and opposite in what
    // to do. Eyes settle it.
    double wrong_way = 0.0;
    for (std::size_t i = 0; i < stories.size(); ++i) {
        const auto& what = guesses.back()[stories[i].guesses.back()].what;
        if (what == OtherTurn::wrong_way || what == OtherTurn::all_wrong_way || what == OtherTurn::other_side)
            wrong_way += weight[i];
    }
    const double worth_a_look = wrong_way > doubtful ? 0.2 * doubtful : doubtful;
    for (const CardDoubt& d : considered) {
        // A side that nobody said is taken for certain, or looked at; a thread's hand is always looked at.
        if (d.field != "thread" && d.probability > (d.unsaid ? sure : in_force)) {
            out.card.push_back(d);
        } else if (d.probability > worth_a_look && (d.field == "rod" || d.field == "thread") &&
                   (!out.look || d.probability > out.look->probability)) {
            out.look = d;
        }
    }
    // A side that is reckoned with has been shown.
    for (const CardDoubt& d : out.card)
        if (d.field == "rod" && d.sure)
            for (const std::string& id : d.adjusters)
                if (std::find(out.side_shown.begin(), out.side_shown.end(), id) == out.side_shown.end())
                    out.side_shown.push_back(id);
    // What both of two unsaid sides is possible is asked about as such.
    if (out.look && std::any_of(out.card.begin(), out.card.end(), [&](const CardDoubt& d) {
            return d.field == "rod" && d.adjusters == out.look->adjusters;
        }))
        out.look.reset();

    // Until somebody has looked, what its turns did is not reckoned with.
    if (out.look)
        for (const TurnPass& pass : passes)
            if (std::any_of(pass.entries.begin(), pass.entries.end(), [&](std::size_t i) {
                    const auto& about = out.look->adjusters;
                    return std::find(about.begin(), about.end(),
                                     std::get<Turn>((*job.log)[i].what).adjuster) != about.end();
                }))
                out.freed.insert(out.freed.end(), pass.entries.begin(), pass.entries.end());

    // Of each pass, what is likeliest to have been done in it.
    std::vector<std::size_t> in_doubt;
    for (std::size_t k = 0; k < passes.size(); ++k) {
        std::vector<double> chance(guesses[k].size(), 0.0);
        for (std::size_t i = 0; i < stories.size(); ++i) chance[stories[i].guesses[k]] += weight[i];
        if (chance[0] >= in_force) continue;
        const auto best =
            static_cast<std::size_t>(std::max_element(chance.begin() + 1, chance.end()) - chance.begin());
        const Guess& guess = guesses[k][best];
        TurnDoubt d;
        d.turns = passes[k].entries;
        d.what = *guess.what;
        d.probability = chance[best];
        const bool its_amounts = d.what != OtherTurn::steering_moved && d.what != OtherTurn::misread &&
                                 d.what != OtherTurn::unexplained;
        d.in_force = chance[best] > in_force && its_amounts;
        // Where it shows most: of all angles that these levers move, first those they are there for.
        const Amounts written =
            Evidence::with_card(passes[k], passes[k].written, cards[stories.front().card]);
        std::pair<bool, double> most(false, -1.0);
        for (std::size_t i = 0; i < evidence.rows().size(); ++i) {
            const MeasuredChange& row = evidence.rows()[i];
            if (row.pass != k) continue;
            const double expected = evidence.expected(i, passes[k], written), happened = evidence.change(i);
            for (std::size_t h : guess.levers) {
                const Lever& l = passes[k].levers[h];
                for (const MeasuredChange::Part& part : row.of) {
                    const bool its =
                        std::any_of(l.pulls.begin(), l.pulls.end(), [&](const Lever::Pull& pull) {
                            return pull.wheel == part.wheel && pull.angle == part.angle;
                        });
                    const std::pair off((l.serves & (1 << part.angle)) != 0, std::abs(happened - expected));
                    if (!its || off <= most) continue;
                    most = off;
                    d.adjuster = l.id();
                    d.wheel = part.wheel;
                    d.angle = part.angle;
                    d.expected = Angle::from_rad(expected);
                    d.happened = Angle::from_rad(happened);
                }
            }
        }
        if (d.adjuster.empty() && !guess.levers.empty()) d.adjuster = passes[k].levers[guess.levers[0]].id();
        if (d.what == OtherTurn::unexplained && d.probability > 0.5) ++out.unexplained;
        in_doubt.push_back(k);
        out.doubts.push_back(d);
        if (!d.in_force) {
            // A reading that lies is no reason to leave out the turn.
            if (d.what != OtherTurn::misread || d.probability < in_force)
                out.freed.insert(out.freed.end(), passes[k].entries.begin(), passes[k].entries.end());
            continue;
        }
        // Written over with what was done: each entry of the pass has its share, those of other adjusters
        // none.
        std::vector<std::pair<std::string, std::array<double, 2>>> done;
        for (std::size_t h = 0; h < levers.size(); ++h) {
            if (guess.amounts[h] == 0.0) continue;
            auto it = std::find_if(done.begin(), done.end(),
                                   [&](const auto& one) { return one.first == levers[h].id(); });
            if (it == done.end()) it = done.insert(done.end(), {levers[h].id(), {0.0, 0.0}});
            it->second[static_cast<std::size_t>(levers[h].which)] = guess.amounts[h];
        }
        for (std::size_t i : passes[k].entries) {
            const Turn& t = std::get<Turn>((*job.log)[i].what);
            auto own = std::find_if(done.begin(), done.end(),
                                    [&](const auto& one) { return one.first == t.adjuster; });
            if (own == done.end() && !done.empty() && d.what == OtherTurn::other_side) own = done.begin();
            if (own == done.end()) {
                out.instead[i] = {t.adjuster, 0.0, 0.0};
                continue;
            }
            out.instead[i] = {own->first, own->second[0], own->second[1]};
            done.erase(own);
        }
    }
    out.probing = out.unexplained >= 2;
    return out;
}

Job believed(const Job& job, const Belief& belief, std::shared_ptr<const std::vector<Entry>>& log) {
    Job out = job;
    if (!belief.instead.empty()) {
        auto entries = std::make_shared<std::vector<Entry>>(*job.log);
        for (const auto& [i, instead] : belief.instead) {
            Turn& t = std::get<Turn>((*entries)[i].what);
            t.adjuster = instead.adjuster;
            t.turns = instead.turns;
            t.second = instead.second;
        }
        out.log = entries.get();
        log = std::move(entries);
    }
    const auto correct = [&](CarCard& car) {
        for (const CardDoubt& d : belief.card) {
            if (!d.in_force) continue;
            for (const std::string& id : d.adjusters) {
                const int place = car.place_of(id);
                if (place < 0) continue;
                Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
                if (d.field == "response") {
                    if (Device* device = std::get_if<Device>(&a)) {
                        device->does = d.times;
                    } else {
                        Rod& rod = std::get<Rod>(a);
                        rod.arm = arm_prior(rod).mean / d.times;
                        rod.arm_sigma = *rod.arm * does_sigma;
                    }
                } else if (d.field == "rod") {
                    set_side(a, d.value == side_value(true) ? RodSide::ahead_of_axle : RodSide::behind_axle);
                } else if (Rod* rod = std::get_if<Rod>(&a))
                    rod->double_ended = d.value == "true";
            }
        }
    };
    correct(out.car);
    for (Round& r : out.rounds) correct(r.car);
    return out;
}

std::optional<TurnDoubt> turn_doubt(const Job& job) {
    const Belief b = believe(job);
    const TurnDoubt* last = b.last();
    return last ? std::optional(*last) : std::nullopt;
}

}  // namespace fairchalk

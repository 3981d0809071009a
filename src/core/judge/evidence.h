// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <cstddef>
#include <map>
#include <optional>
#include <set>
#include <utility>
#include <vector>

#include <Eigen/Core>

#include "core/judge/turn_doubt.h"
#include "core/network/lever.h"

namespace fairchalk {

// Stories of what was turned and of what is wrong on the card, and what the measured changes say of them.

using Amounts = std::vector<double>;  ///< by lever

/// A change that was measured: a combination of angles, after a pass less before it.
struct MeasuredChange {
    std::size_t pass = 0;
    std::vector<std::pair<int, double>> by;  ///< unknowns
    struct Part {
        Wheel wheel;
        WheelAngle angle;
        double share;
    };
    std::vector<Part> of;
};

/// The turns of a pass, by lever.
struct TurnPass {
    std::vector<std::size_t> entries;
    Amounts written;
    std::vector<Lever> levers;  ///< as they stood before it
};

/// One thing that may have been done in a pass.
struct Guess {
    std::optional<OtherTurn> what;    ///< none: as written
    std::vector<std::size_t> levers;  ///< that it is about
    Amounts amounts;
    double log_prior = 0.0;
    int misread = -1;  ///< which row
};

/// One thing that may be so of the card: what all amounts of an adjuster are to be multiplied by.
struct CardGuess {
    std::map<int, double> factor;  ///< by place
    std::set<int> other_side;      ///< of the axle than `assumed` has it
    std::map<int, double> does;    ///< by place: what its effects are to be multiplied by, known only so well
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
             bool no_springs);

    /// What a device does to the toe hangs on where the rod holds the wheel: with each card's rods.
    void reckon_with(const std::vector<CardGuess>& cards, const CarCard& assumed);

    const std::vector<MeasuredChange>& rows() const { return rows_; }
    double change(std::size_t row) const { return change_[static_cast<Eigen::Index>(row)]; }

    /// What these amounts should have done to a row.
    double expected(std::size_t row, const TurnPass& pass, const Amounts& amounts) const;

    /// The logarithm of the density of all changes of the passes told so far.
    double of(const Story& story, const std::vector<std::vector<Guess>>& guesses,
              const std::vector<CardGuess>& cards, double* misfit = nullptr) const;

    static Amounts with_card(const TurnPass& pass, const Amounts& amounts, const CardGuess& card);

  private:
    /// What is thought of the responses under a card: how far from `p`, and their covariance.
    struct OfCard {
        Eigen::VectorXd shift;
        Eigen::MatrixXd shared;
    };
    void move_devices(const CarCard& car, const CarCard& assumed, OfCard& out) const;
    Eigen::Index place_of(int response) const {
        return std::lower_bound(responses_.begin(), responses_.end(), response) - responses_.begin();
    }
    template <typename Do>
    void each_pull(const MeasuredChange& row, const TurnPass& pass, const Amounts& amounts, Do&& act) const;

    const Posterior& p_;
    const std::vector<TurnPass>& passes_;
    std::vector<MeasuredChange> rows_;
    bool no_springs_;
    std::vector<int> responses_;
    Eigen::VectorXd change_;
    Eigen::MatrixXd states_, across_, shared_;
    std::vector<OfCard> of_card_;
};

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <utility>
#include <vector>

#include <Eigen/Core>

#include "core/judge/verdict.h"

namespace fairchalk {

/// A reading that could be taken, and what the sigma of the angle asked about would then be.
struct Proposal {
    Spot spot;
    Angle sigma_after;
};

/// What would settle a verdict that is too close to call, if the value stays where it is: the first reading
/// to take, and how many in all, each the best at its turn.
struct Settling {
    Proposal first;
    int readings = 0;
};

/// Readings more than this are asked of nobody to settle one angle.
inline constexpr int most_settling = 24;

/// What readings can still do: the spots that can be read with the rigs of the round, a tape over the hubs
/// and whatever was read already, and what one more reading at each would take from the ± of any angle.
///
/// With rows A of the spots and the covariance C, all of it hangs on A C A' alone: reading spot i lowers the
/// variance of an angle g by (a_i' C g)^2 / (v_i + a_i' C a_i), where v_i is what the reading adds (a Kalman
/// update with one value).
class StillReadable {
  public:
    /// `job` and `e` must outlive it; `e` must have been solved.
    StillReadable(const Job& job, const Estimate& e);

    /// The reading that shrinks the sigma of the target's angle most; while the angle is not known, the first
    /// one still missing for it.
    std::optional<Proposal> best_for(const Target& target) const;

    /// Nothing where `most` readings do not settle it: this tool can't call it.
    std::optional<Settling> settles(const Verdict& verdict, int most = most_settling) const;

    /// The fewest facts with which fewer readings settle it, and at most `most`, or with which it could be
    /// called in the middle of its band; none where readings alone do
    /// about as soon, or where everything is told.
    std::vector<WheelFact> facts_that_settle(const Verdict& verdict, int most = most_settling) const;

    /// How often something that tells of that angle was read again, beyond once at each spot.
    int read_again(const Target& target) const;

    /// The covariance, rad², of the angles of targets once each spot has been read `times` in all.
    Eigen::MatrixXd covariance(const std::vector<Target>& targets, int times = 4) const;

  private:
    /// What another reading at a spot adds, in 1/m² or 1/rad². Takings at one spot share its error, so the
    /// second one adds less than the first.
    struct SpotState {
        Spot spot;
        double own_variance = 0.0, spot_variance = 0.0;
        int taken = 0;

        double information(int n) const { return n == 0 ? 0.0 : 1.0 / (own_variance / n + spot_variance); }
        double gain() const { return information(taken + 1) - information(taken); }
    };
    /// An angle while readings are taken in thought.
    struct Taking {
        std::vector<SpotState> spots;
        Eigen::MatrixXd shared;  ///< A C A'
        Eigen::VectorXd along;   ///< A C g
        double variance = 0.0;   ///< g' C g

        double variance_with(std::size_t i) const;
        std::size_t best() const;
        void take(std::size_t i);
    };
    /// A fact that is not told: as rows over the unknowns with the variance of each, were it told.
    struct Untold {
        WheelFact fact = WheelFact::rims;
        std::vector<std::pair<Eigen::VectorXd, double>> rows;
    };
    void find_untold(const Job& job);
    Taking begin(const Target& target) const;
    Taking begin(const Target& target, const std::vector<const Untold*>& told) const;
    static std::optional<Settling> settle(Taking taking, const Verdict& verdict, int most);

    const Estimate& e_;
    const Posterior& p_;
    std::vector<SpotState> spots_;
    Eigen::MatrixXd rows_;  ///< A', a column a spot
    std::vector<Untold> untold_;
    Eigen::MatrixXd by_;      ///< C A', a column a spot
    Eigen::MatrixXd shared_;  ///< A C A'
};

/// Of a job that was solved: one question alone.
std::optional<Proposal> best_next_reading(const Job& job, const Estimate& e, const Target& target);
std::optional<Settling> what_settles(const Job& job, const Estimate& e, const Verdict& verdict,
                                     int most = most_settling);

}  // namespace fairchalk

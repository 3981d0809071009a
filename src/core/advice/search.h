// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/advice/aims.h"
#include "core/advice/outcome.h"
#include "core/advice/whole_steps.h"
#include "core/car/shim_picker.h"

namespace fairchalk {

/// How much the lower tiers weigh beside the first.
struct Weights {
    double steering = 0.0, thrust = 0.0, untouched = 0.0;
};
inline constexpr Weights usual_weights{0.01, 0.003, 0.001};

/// What a handle can be set to from where it is: whole steps within its range, or what shims can make up.
std::vector<double> amounts_of(const Lever& l, const CarCard& car);
/// The stacks that these fill, with what is added to each.
std::vector<StackWanted> all_stacks(const std::vector<Lever>& levers, const std::vector<double>& turns);

/// The expected squared miss of all of them, in squares of half a band.
double expected_miss(const After& after, const std::vector<Miss>& targets);

/// Amounts by lever that make the expected misses least. Without a tin any step of a stack will do.
///
/// The rows of an integer least-squares problem (whole_steps.h), one for the mean of each target, and one for
/// each way in which unsure responses spread it; below them, weighted, those of the lower tiers.
class Chooser {
  public:
    Chooser(const CarCard& car, const Posterior& p, const std::vector<Lever>& levers, const Aims& aims);
    std::vector<double> best(const Weights& weights);

  private:
    void add_target_rows();
    void add_choices();
    Eigen::RowVectorXd row_of(const Miss& miss) const;
    std::vector<double> turns_of(const std::vector<std::size_t>& chosen) const;

    const CarCard& car_;
    const Posterior& p_;
    const std::vector<Lever>& levers_;
    const Aims& aims_;
    Eigen::MatrixXd first_rows_;
    Eigen::VectorXd first_b_;
    std::vector<Eigen::Index> target_rows_;  ///< where the mean of each target stands
    WholeSteps problem_;                     ///< its choices are made once, its rows for each question
    std::vector<std::vector<double>> amounts_;
    std::vector<StackWanted> stacks_;
    std::vector<std::optional<std::size_t>> stack_of_;
};

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/solve.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <vector>

#include <ceres/ceres.h>
#include <glog/logging.h>
#include <Eigen/Cholesky>

#include "core/network/gradient.h"
#include "core/network/priors.h"
#include "core/network/site.h"

namespace fairchalk {
namespace {

/// All residuals of a network, in sigmas, as one function of all its unknowns.
class AllResiduals final : public ceres::CostFunction {
  public:
    explicit AllResiduals(const Network& n) : n_(n) {
        set_num_residuals(static_cast<int>(n.observed.size() + n.links.size()));
        mutable_parameter_block_sizes()->push_back(static_cast<int>(n.x.size()));
    }

    bool Evaluate(double const* const* parameters, double* residuals, double** jacobians) const override {
        const double* x = *parameters;
        const auto unknowns = static_cast<Eigen::Index>(n_.x.size());
        double* row = jacobians ? *jacobians : nullptr;
        if (row) std::fill(row, row + num_residuals() * unknowns, 0.0);
        for (const Observed& o : n_.observed) {
            *residuals++ = row ? slopes(o, x, row) : residual(o, x);
            if (row) row += unknowns;
        }
        for (const Linked& l : n_.links) {
            const std::optional<double> r = link(l, x, row);
            if (!r) return false;
            *residuals++ = *r;
            if (row) row += unknowns;
        }
        return true;
    }

  private:
    static double latent(const Observed& o, const double* x) {
        return o.spot_latent >= 0 ? x[o.spot_latent] : 0.0;
    }

    static double residual(const Observed& o, const double* x) {
        struct Plain final : State<double> {
            const Current* current = nullptr;
            const double* x = nullptr;
            double operator()(Unknown what, int where) const override {
                return x[current->at({what, where})];
            }
        } state;
        state.current = o.current.get();
        state.x = x;
        return (predict<double>(o.site, state) + latent(o, x) - o.value) / o.sigma;
    }

    /// Its residual, and the derivatives into `row`.
    static double slopes(const Observed& o, const double* x, double* row) {
        const double shown = shown_and_slopes(o.site, *o.current, o.asked, x, row);
        for (int i : o.asked) row[i] /= o.sigma;
        if (o.spot_latent >= 0) row[o.spot_latent] += 1.0 / o.sigma;
        return (shown + latent(o, x) - o.value) / o.sigma;
    }

    /// A link's residual, and the derivatives into `row` where there is one. Nothing where a rod was turned
    /// by more than its arm is long.
    static std::optional<double> link(const Linked& l, const double* x, double* row) {
        const auto at = [&](std::size_t k) { return x[l.unknowns[k]]; };
        const auto slope = [&](std::size_t k, double by) {
            if (row) row[l.unknowns[k]] += by / l.sigma;
        };
        double sum = l.constant;
        std::size_t k = 0;
        for (; k < l.coefficients.size(); ++k) {
            sum += l.coefficients[k] * at(k);
            slope(k, l.coefficients[k]);
        }
        if (l.rod) {
            const double ratio = l.length_change / at(k);
            if (!(std::abs(ratio) < 0.99)) return std::nullopt;
            sum -= std::asin(ratio);
            slope(k, ratio / at(k) / std::sqrt(1.0 - ratio * ratio));
        }
        if (l.leans) {
            const double by = std::tan(at(k)), toe = at(k + 1) - at(k + 2);
            sum += by * toe;
            slope(k, (1.0 + by * by) * toe);
            slope(k + 1, by);
            slope(k + 2, -by);
        }
        if (l.sticks) {
            const double times = at(k), by = at(k + 1) - at(k + 2);
            sum -= times * by;
            slope(k, -by);
            slope(k + 1, -times);
            slope(k + 2, times);
        }
        return sum / l.sigma;
    }

    const Network& n_;
};

class Canceller : public ceres::IterationCallback {
  public:
    explicit Canceller(const std::atomic<bool>* flag) : flag_(flag) {}
    ceres::CallbackReturnType operator()(const ceres::IterationSummary&) override {
        return flag_ && flag_->load() ? ceres::SOLVER_ABORT : ceres::SOLVER_CONTINUE;
    }

  private:
    const std::atomic<bool>* flag_;
};

}  // namespace

Solution solve(Network& n, const std::atomic<bool>* cancel) {
    Solution out;
    const auto rows = static_cast<Eigen::Index>(n.observed.size() + n.links.size());
    const auto unknowns = static_cast<Eigen::Index>(n.x.size());
    out.residuals.setZero(rows);
    out.jacobian.setZero(rows, unknowns);
    out.converged = true;
    if (rows == 0 || unknowns == 0) return out;
    for (Observed& o : n.observed) {
        o.asked.clear();
        predict(o.site, Recorder(o.current.get(), n.x.data(), &o.asked));
    }
    // A small problem in which nearly all hangs together: one dense block costs less than keeping books of
    // who asks for what.
    AllResiduals all(n);
    ceres::Problem::Options kept;
    kept.cost_function_ownership = ceres::DO_NOT_TAKE_OWNERSHIP;
    ceres::Problem problem(kept);
    problem.AddResidualBlock(&all, nullptr, n.x.data());
    // What Ceres has to say goes into the summary, not onto the user's terminal.
    static const bool quiet = [] {
        FLAGS_minloglevel = google::GLOG_FATAL;
        return true;
    }();
    (void)quiet;
    ceres::Solver::Options options;
    options.linear_solver_type = ceres::DENSE_NORMAL_CHOLESKY;
    options.logging_type = ceres::SILENT;
    options.max_num_iterations = 60;
    options.function_tolerance = 1e-8;
    options.parameter_tolerance = 1e-12;
    options.gradient_tolerance = 1e-14;
    options.initial_trust_region_radius = 1e6;
    options.num_threads = 1;
    Canceller canceller(cancel);
    options.callbacks.push_back(&canceller);
    ceres::Solver::Summary summary;
    ceres::Solve(options, &problem, &summary);

    Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor> jacobian(rows, unknowns);
    const double* x = n.x.data();
    double* slopes = jacobian.data();
    out.converged = all.Evaluate(&x, out.residuals.data(), &slopes) && summary.IsSolutionUsable() &&
                    jacobian.allFinite() && out.residuals.allFinite();
    out.jacobian = jacobian;
    if (!out.converged) {
        out.jacobian.setZero();
        out.residuals.setZero();
    }
    return out;
}

void know_sweep_toes(Network& n, const Solution& solution) {
    if (!solution.converged || solution.jacobian.rows() == 0) return;
    Eigen::VectorXd scale = solution.jacobian.colwise().norm();
    for (double& v : scale) v = v > 0 ? v : 1.0;
    const Eigen::MatrixXd scaled = solution.jacobian * scale.cwiseInverse().asDiagonal();
    Eigen::MatrixXd normal = scaled.transpose() * scaled;
    normal.diagonal().array() += 1e-10;
    const Eigen::LDLT<Eigen::MatrixXd> ldlt(normal);
    for (int w = 0; w < 2; ++w) {
        const auto latent = n.current().find({Unknown::sweep_toe, w}),
                   toe = n.current().find({Unknown::toe, w});
        if (latent == n.current().end() || toe == n.current().end()) continue;
        Eigen::VectorXd unit = Eigen::VectorXd::Zero(normal.rows());
        unit[toe->second] = 1.0;
        const double variance = ldlt.solve(unit)[toe->second] / std::pow(scale[toe->second], 2);
        if (!(variance > 0.0) || variance > any_toe_sigma * any_toe_sigma) continue;
        n.believe(latent->second, n.x[static_cast<std::size_t>(toe->second)],
                  std::max(std::sqrt(variance), 1e-5));
    }
}

}  // namespace fairchalk

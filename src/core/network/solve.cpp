// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/solve.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include <ceres/ceres.h>
#include <glog/logging.h>
#include <Eigen/Cholesky>

#include "core/network/priors.h"
#include "core/network/site.h"

namespace fairchalk {
namespace {

template <class T>
struct Lookup final : State<T> {
    const Current* current;
    const std::vector<int>* asked;
    T const* const* parameters;
    Lookup(const Current* c, const std::vector<int>* a, T const* const* p)
        : current(c), asked(a), parameters(p) {}
    T operator()(Unknown what, int where) const override {
        const int i = current->at({what, where});
        for (std::size_t k = 0; k < asked->size(); ++k)
            if ((*asked)[k] == i) return *parameters[k];
        return T(0);
    }
};

struct ReadingResidual : Observed {
    template <class T>
    bool operator()(T const* const* parameters, T* residual) const {
        const Lookup<T> state(current.get(), &asked, parameters);
        T shown = predict<T>(site, state);
        if (spot_latent >= 0) shown += *parameters[asked.size()];
        residual[0] = (shown - value) / sigma;
        return true;
    }
};

struct LinkResidual : Linked {
    template <class T>
    bool operator()(T const* const* parameters, T* residual) const {
        T sum = T(constant);
        for (std::size_t k = 0; k < coefficients.size(); ++k) sum += coefficients[k] * *parameters[k];
        if (rod) {
            using std::asin;
            const T ratio = length_change / *parameters[coefficients.size()];
            if (!(ratio < 0.99) || !(ratio > -0.99)) return false;
            sum -= asin(ratio);
        }
        if (leans) {
            using std::tan;
            const std::size_t n = coefficients.size();
            sum += tan(*parameters[n]) * (*parameters[n + 1] - *parameters[n + 2]);
        }
        residual[0] = sum / sigma;
        return true;
    }
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
    ceres::Problem problem;
    for (double& v : n.x) problem.AddParameterBlock(&v, 1);
    for (Observed& o : n.observed) {
        o.asked.clear();
        predict(o.site, Recorder(o.current.get(), &n.x, &o.asked));
        auto* cost = new ceres::DynamicAutoDiffCostFunction<ReadingResidual, 4>(new ReadingResidual{o});
        std::vector<double*> blocks;
        for (int i : o.asked) blocks.push_back(&n.x[i]);
        if (o.spot_latent >= 0) blocks.push_back(&n.x[o.spot_latent]);
        for (std::size_t i = 0; i < blocks.size(); ++i) cost->AddParameterBlock(1);
        cost->SetNumResiduals(1);
        problem.AddResidualBlock(cost, nullptr, blocks);
    }
    for (Linked& l : n.links) {
        auto* cost = new ceres::DynamicAutoDiffCostFunction<LinkResidual, 4>(new LinkResidual{l});
        std::vector<double*> blocks;
        for (int i : l.unknowns) {
            blocks.push_back(&n.x[i]);
            cost->AddParameterBlock(1);
        }
        cost->SetNumResiduals(1);
        problem.AddResidualBlock(cost, nullptr, blocks);
    }
    // What Ceres has to say goes into the summary, not onto the user's terminal.
    static const bool quiet = [] {
        FLAGS_minloglevel = google::GLOG_FATAL;
        return true;
    }();
    (void)quiet;
    ceres::Solver::Options options;
    options.linear_solver_type = ceres::DENSE_QR;
    options.logging_type = ceres::SILENT;
    options.max_num_iterations = 60;
    options.function_tolerance = 1e-13;
    options.parameter_tolerance = 1e-12;
    options.gradient_tolerance = 1e-14;
    options.num_threads = 1;
    Canceller canceller(cancel);
    options.callbacks.push_back(&canceller);
    ceres::Solver::Summary summary;
    ceres::Solve(options, &problem, &summary);

    ceres::Problem::EvaluateOptions evaluate;
    for (double& v : n.x) evaluate.parameter_blocks.push_back(&v);
    std::vector<ceres::ResidualBlockId> ids;
    problem.GetResidualBlocks(&ids);
    evaluate.residual_blocks = ids;
    evaluate.num_threads = 1;
    double cost = 0.0;
    std::vector<double> residuals;
    ceres::CRSMatrix crs;
    problem.Evaluate(evaluate, &cost, &residuals, nullptr, &crs);
    out.residuals = Eigen::Map<Eigen::VectorXd>(residuals.data(), static_cast<int>(residuals.size()));
    out.jacobian = Eigen::MatrixXd::Zero(static_cast<int>(residuals.size()), static_cast<int>(n.x.size()));
    for (int row = 0; row + 1 < static_cast<int>(crs.rows.size()); ++row)
        for (int at = crs.rows[row]; at < crs.rows[row + 1]; ++at)
            out.jacobian(row, crs.cols[at]) = crs.values[at];
    out.converged = summary.IsSolutionUsable() && out.jacobian.allFinite() && out.residuals.allFinite();
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

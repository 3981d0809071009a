// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/chance.h"

#include <algorithm>
#include <array>
#include <cmath>

#include <Eigen/Dense>

#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

/// Halton's sequence: the i-th number in base b, reversed about the point.
double radical_inverse(int i, int base) {
    double f = 1.0, r = 0.0;
    while (i > 0) {
        f /= base;
        r += f * (i % base);
        i /= base;
    }
    return r;
}

}  // namespace

double joint_probability(const Eigen::VectorXd& mean, const Eigen::MatrixXd& covariance,
                         const Eigen::VectorXd& lo, const Eigen::VectorXd& hi) {
    const int n = static_cast<int>(mean.size());
    if (n == 0) return 1.0;
    if (n == 1) {
        const double s = std::sqrt(std::max(covariance(0, 0), 1e-18));
        return normal_probability((hi[0] - mean[0]) / s) - normal_probability((lo[0] - mean[0]) / s);
    }
    static constexpr int points = 2048, at_once = 256;
    // Single precision moves a point by less than a millionth of its sigma, and goes twice as fast.
    static const Eigen::ArrayXXf normals = [] {
        constexpr std::array primes = {2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37};
        Eigen::ArrayXXf z(points, static_cast<int>(primes.size()));
        for (int i = 0; i < points; ++i)
            for (int k = 0; k < z.cols(); ++k)
                z(i, k) = static_cast<float>(normal_quantile(
                    std::clamp(radical_inverse(i + 1, primes[static_cast<std::size_t>(k)]), 1e-9, 1 - 1e-9)));
        return z;
    }();
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> eigen(covariance);
    // The widest directions come last in the eigenvalues and get the most even of the sequences.
    Eigen::MatrixXd root = eigen.eigenvectors().rowwise().reverse();
    for (int k = 0; k < n; ++k) root.col(k) *= std::sqrt(std::max(0.0, eigen.eigenvalues()[n - 1 - k]));
    const Eigen::MatrixXf by = root.cast<float>();
    const Eigen::VectorXf low = (lo - mean).cast<float>(), high = (hi - mean).cast<float>();
    int inside = 0;
    Eigen::Array<float, at_once, 1> x, in;
    for (int from = 0; from < points; from += at_once) {
        in.setOnes();
        for (int i = 0; i < n; ++i) {
            x.setZero();
            for (int k = 0; k < n; ++k)
                x += by(i, k) * normals.col(k % normals.cols()).segment<at_once>(from);
            in *= (x >= low[i]).cast<float>() * (x <= high[i]).cast<float>();
        }
        inside += static_cast<int>(in.sum());
    }
    return static_cast<double>(inside) / points;
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/whole_steps.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>
#include <utility>

#include <Eigen/QR>

namespace fairchalk {
namespace {

constexpr double no_pivot = 1e-9;

class Search {
  public:
    Search(const WholeSteps& p, const std::function<bool(const std::vector<std::size_t>&)>& feasible,
           long most)
        : p_(p), feasible_(feasible), most_(most), n_(static_cast<int>(p.a.cols())) {
        // Who brings no order gets one here.
        const bool in_order = std::all_of(p.choices.begin(), p.choices.end(), [](const Choices& c) {
            return c.by_effect.size() == c.effect.size();
        });
        if (!in_order) {
            own_ = p.choices;
            for (Choices& c : own_) c.put_in_order();
        }
        choices_ = in_order ? &p.choices : &own_;
        order_ = ordered();
        Eigen::MatrixXd a(p.a.rows(), n_);
        for (int i = 0; i < n_; ++i) a.col(i) = p.a.col(order_[static_cast<std::size_t>(i)]);
        const Eigen::HouseholderQR<Eigen::MatrixXd> qr(a);
        rank_ = std::min<int>(n_, static_cast<int>(p.a.rows()));
        r_ = qr.matrixQR().topRows(rank_).template triangularView<Eigen::Upper>();
        Eigen::VectorXd y = p.b;
        y.applyOnTheLeft(qr.householderQ().adjoint());
        y_ = y.head(rank_);
        floor_ = y.tail(y.size() - rank_).squaredNorm();
        chosen_.assign(static_cast<std::size_t>(n_), undecided);
    }

    WholeStepsAnswer run() {
        // To leave all alone is always possible.
        best_.chosen.assign(static_cast<std::size_t>(n_), 0);
        best_.cost = p_.b.squaredNorm();
        improve_one_by_one();
        bound_rows();
        if (n_ > 0) at(n_ - 1, floor_, y_);
        best_.nodes = nodes_;
        best_.exact = nodes_ <= most_;
        return best_;
    }

  private:
    /// The smallest steps first, each less what those before it could do: so the last columns, which are
    /// decided first, have large pivots, and little is left to try (D. Wübben and others, Efficient algorithm
    /// for decoding layered space-time codes, Electronics Letters 37 (2001): sorted QR).
    std::vector<int> ordered() const {
        Eigen::MatrixXd left = p_.a;
        for (int c = 0; c < n_; ++c)
            if (const double step = choices(c).step; std::isfinite(step)) left.col(c) *= step;
        std::vector<int> order, open(static_cast<std::size_t>(n_));
        std::iota(open.begin(), open.end(), 0);
        while (!open.empty()) {
            const auto next = std::min_element(open.begin(), open.end(), [&](int x, int z) {
                return left.col(x).squaredNorm() < left.col(z).squaredNorm();
            });
            const int column = *next;
            order.push_back(column);
            open.erase(next);
            const double norm = left.col(column).norm();
            if (norm < no_pivot) continue;
            const Eigen::VectorXd along = left.col(column) / norm;
            for (int c : open) left.col(c) -= along * along.dot(left.col(c));
        }
        return order;
    }

    /// From nothing, one adjuster at a time to its best, as long as that helps: something to measure by.
    void improve_one_by_one() {
        std::vector<std::size_t> now = best_.chosen;
        Eigen::VectorXd miss = -p_.b;
        double work = 0.0;
        for (bool better = true; better;) {
            better = false;
            for (std::size_t c = 0; c < now.size(); ++c) {
                const Choices& all = choices(static_cast<int>(c));
                const auto column = p_.a.col(static_cast<Eigen::Index>(c));
                const double square = column.squaredNorm();
                double along = column.dot(miss);
                for (std::size_t k = 0; k < all.effect.size(); ++k) {
                    if (k == now[c]) continue;
                    const double by = all.effect[k] - all.effect[now[c]],
                                 more = all.work[k] - all.work[now[c]];
                    const double change = by * (2.0 * along + by * square) + more;
                    if (change > -1e-12) continue;
                    const std::size_t was = std::exchange(now[c], k);
                    if (feasible_ && !feasible_(now)) {
                        now[c] = was;
                        continue;
                    }
                    miss += by * column;
                    along = column.dot(miss);
                    work += more;
                    better = true;
                }
            }
        }
        if (const double cost = miss.squaredNorm() + work; cost < best_.cost - 1e-12) {
            best_.cost = cost;
            best_.chosen = now;
        }
    }

    /// What the columns up to a level can do to a row at the least and at the most.
    void bound_rows() {
        least_ = most_of_ = Eigen::MatrixXd::Zero(rank_, n_);
        for (int level = 0; level < n_; ++level) {
            const Choices& all = choices(order_[static_cast<std::size_t>(level)]);
            if (all.effect.empty()) continue;
            const double lo = all.effect[all.by_effect.front()], hi = all.effect[all.by_effect.back()];
            for (int row = 0; row < rank_; ++row) {
                const double a = r_(row, level) * lo, b = r_(row, level) * hi;
                least_(row, level) = (level > 0 ? least_(row, level - 1) : 0.0) + std::min(a, b);
                most_of_(row, level) = (level > 0 ? most_of_(row, level - 1) : 0.0) + std::max(a, b);
            }
        }
    }

    /// The least that the rows can still come to when all columns below `level` are free within their ranges.
    double still(int level, const Eigen::VectorXd& left) const {
        if (level == 0) return 0.0;
        double sum = 0.0;
        for (int row = 0; row < std::min(level, rank_); ++row) {
            const double lo = left[row] - most_of_(row, level - 1), hi = left[row] - least_(row, level - 1);
            if (lo > 0) sum += lo * lo;
            if (hi < 0) sum += hi * hi;
        }
        return sum;
    }

    /// Decides the column at `level` of the order, all later ones being decided; `left` is what they left of
    /// each row.
    void at(int level, double so_far, const Eigen::VectorXd& left) {
        if (level < 0) {
            if (so_far < best_.cost - 1e-12) {
                best_.chosen = chosen_;
                best_.cost = so_far;
            }
            return;
        }
        const int column = order_[static_cast<std::size_t>(level)];
        const Choices& all = choices(column);
        const bool has_row = level < rank_;
        const double pivot = has_row ? r_(level, level) : 0.0, here = has_row ? left[level] : 0.0;
        Eigen::VectorXd after(left.size());
        const auto take = [&](std::size_t choice) {
            if (++nodes_ > most_) return;
            const double miss = here - pivot * all.effect[choice];
            const double cost = so_far + (has_row ? miss * miss : 0.0) + all.work[choice];
            if (cost >= best_.cost - 1e-12) return;
            after = left - r_.col(level) * all.effect[choice];
            if (cost + still(level, after) >= best_.cost - 1e-12) return;
            chosen_[static_cast<std::size_t>(column)] = choice;
            const bool asked =
                feasible_ && (p_.limited.empty() || p_.limited[static_cast<std::size_t>(column)]);
            if (!asked || feasible_(chosen_)) at(level - 1, cost, after);
            chosen_[static_cast<std::size_t>(column)] = undecided;
        };
        if (!has_row || std::abs(pivot) < no_pivot) {
            // Nothing tells which: the least work first.
            const double cost = so_far + here * here;
            for (std::size_t choice : all.by_work) {
                if (cost + all.work[choice] >= best_.cost - 1e-12 || nodes_ > most_) break;
                take(choice);
            }
            return;
        }
        // Outward from the nearest effect on both sides.
        const auto& sorted = all.by_effect;
        const double ideal = here / pivot;
        auto up = static_cast<std::ptrdiff_t>(
            std::lower_bound(sorted.begin(), sorted.end(), ideal,
                             [&](std::size_t c, double v) { return all.effect[c] < v; }) -
            sorted.begin());
        auto down = up - 1;
        const auto size = static_cast<std::ptrdiff_t>(sorted.size());
        while ((up < size || down >= 0) && nodes_ <= most_) {
            const double to_up = up < size
                                     ? std::abs(all.effect[sorted[static_cast<std::size_t>(up)]] - ideal)
                                     : std::numeric_limits<double>::infinity();
            const double to_down = down >= 0
                                       ? std::abs(all.effect[sorted[static_cast<std::size_t>(down)]] - ideal)
                                       : std::numeric_limits<double>::infinity();
            const double nearer = std::min(to_up, to_down) * pivot;
            if (so_far + nearer * nearer >= best_.cost - 1e-12) break;
            take(sorted[static_cast<std::size_t>(to_up <= to_down ? up++ : down--)]);
        }
    }

    const Choices& choices(int column) const { return (*choices_)[static_cast<std::size_t>(column)]; }

    const WholeSteps& p_;
    const std::vector<Choices>* choices_ = nullptr;
    std::vector<Choices> own_;
    const std::function<bool(const std::vector<std::size_t>&)>& feasible_;
    long most_, nodes_ = 0;
    int n_, rank_ = 0;
    std::vector<int> order_;  // column by level
    Eigen::MatrixXd r_;
    Eigen::VectorXd y_;
    Eigen::MatrixXd least_, most_of_;  // of rows, by level
    double floor_ = 0.0;
    std::vector<std::size_t> chosen_;
    WholeStepsAnswer best_;
};

/// The places of `values` from least to most, equals as they stand. Choices come as a few runs up and down:
/// those are merged (natural merge sort, D. Knuth, The Art of Computer Programming 3, 5.2.4).
std::vector<std::size_t> order_of(const std::vector<double>& values) {
    std::vector<std::size_t> out(values.size());
    std::iota(out.begin(), out.end(), std::size_t{0});
    const auto less = [&](std::size_t x, std::size_t z) { return values[x] < values[z]; };
    const auto place = [&](std::size_t k) { return out.begin() + static_cast<std::ptrdiff_t>(k); };
    for (std::size_t from = 0, to = 0; from < out.size(); from = to) {
        to = from + 1;
        if (to < out.size() && values[to] < values[from]) {
            while (to < out.size() && values[to] < values[to - 1]) ++to;
            std::reverse(place(from), place(to));
        } else {
            while (to < out.size() && values[to] >= values[to - 1]) ++to;
        }
        std::inplace_merge(out.begin(), place(from), place(to), less);
    }
    return out;
}

}  // namespace

void Choices::put_in_order() {
    by_work = order_of(work);
    by_effect = order_of(effect);
    step = std::numeric_limits<double>::infinity();
    for (std::size_t k = 1; k < by_effect.size(); ++k)
        if (const double d = effect[by_effect[k]] - effect[by_effect[k - 1]]; d > 1e-12)
            step = std::min(step, d);
}

WholeStepsAnswer nearest_whole_steps(const WholeSteps& problem,
                                     const std::function<bool(const std::vector<std::size_t>&)>& feasible,
                                     long most_nodes) {
    return Search(problem, feasible, most_nodes).run();
}

}  // namespace fairchalk

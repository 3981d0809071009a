// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/gradient.h"

#include <algorithm>
#include <cstddef>

#include <ceres/jet.h>

namespace fairchalk {
namespace {

/// Derivatives are taken by so many unknowns at a time.
constexpr std::size_t stride = Jet::DIMENSION;

/// Reads unknowns for a prediction; `from` is the first of those asked that derivatives are taken by.
struct Lookup final : State<Jet> {
    const Current* current;
    const std::vector<int>* asked;
    const double* x;
    std::size_t from = 0;
    Lookup(const Current* c, const std::vector<int>* a, const double* values)
        : current(c), asked(a), x(values) {}
    Jet operator()(Unknown what, int where) const override {
        const int i = current->at({what, where});
        Jet out(x[i]);
        for (std::size_t k = from; k < std::min(asked->size(), from + stride); ++k)
            if ((*asked)[k] == i) out.v[static_cast<int>(k - from)] = 1.0;
        return out;
    }
};

}  // namespace

double shown_and_slopes(const Site& site, const Current& current, const std::vector<int>& asked,
                        const double* x, double* row) {
    Lookup state(&current, &asked, x);
    double shown = 0.0;
    do {
        const Jet here = predict<Jet>(site, state);
        shown = here.a;
        for (std::size_t k = state.from; k < std::min(asked.size(), state.from + stride); ++k)
            row[asked[k]] = here.v[static_cast<int>(k - state.from)];
        state.from += stride;
    } while (state.from < asked.size());
    return shown;
}

Eigen::VectorXd gradient_at(const Site& site, const Current& current, const Eigen::VectorXd& x) {
    Eigen::VectorXd row = Eigen::VectorXd::Zero(x.size());
    std::vector<int> asked;
    predict(site, Recorder{&current, x.data(), &asked});
    shown_and_slopes(site, current, asked, x.data(), row.data());
    return row;
}

}  // namespace fairchalk

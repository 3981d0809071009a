// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <map>
#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/network/standing.h"
#include "core/network/unknown.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {

// From a reading to what its prediction needs of it: where it was taken, in metres and radians.

/// Reads unknowns for a prediction while noting which were asked for.
struct Recorder final : State<double> {
    const Current* current;
    const double* x;
    std::vector<int>* asked;
    Recorder(const Current* c, const double* values, std::vector<int>* a) : current(c), x(values), asked(a) {}
    double operator()(Unknown what, int where) const override {
        const int i = current->at({what, where});
        if (std::find(asked->begin(), asked->end(), i) == asked->end()) asked->push_back(i);
        return x[i];
    }
};

/// Why such a reading can't be used as the car and lines stand; nothing where it can.
std::optional<Message> missing_for(const Reading& r, const Standing& now);

/// The same with the sizes that it does not say as the lines of its round have them: what is told once may be
/// told after the first reading.
Reading completed(Reading r, const LinesSet& lines);

/// Off a straightedge whose seat is not in a stated sigma.
bool lies_as_it_touches(const Reading& r);

/// Where it was taken, with the unknowns that there are.
Site site_of(const Reading& r, const Standing& now, const Current& current);

/// A sigma in mm or degrees, in metres or radians.
double to_base(double sigma, QuantityKind kind);

/// How a string rises over the hubs, from its heights over the floor at stations along the car, metres: a
/// level string from one, else the straight line through them by least squares. Where the card has no hub
/// heights, it passes hub height midway between the axles.
StringRise rise_over_hubs(const std::map<double, double>& heights, const CarCard& car);

/// What a reading there should show, metres or radians, by the unknowns as `state` gives them.
template <class T>
T predict(const Site& site, const State<T>& state) {
    return reading_kind(site.kind).predict(site, state);
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <map>
#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/network/observation.h"
#include "core/network/standing.h"
#include "core/network/unknown.h"

namespace fairchalk {

// From a reading to what `predict` needs of it: where it was taken, in metres and radians.

/// Reads unknowns for `predict` while noting which were asked for.
struct Recorder {
    const Current* current;
    const std::vector<double>* x;
    std::vector<int>* asked;
    double operator()(Unknown what, int where) const {
        const int i = current->at({what, where});
        if (std::find(asked->begin(), asked->end(), i) == asked->end()) asked->push_back(i);
        return (*x)[i];
    }
};

/// Why such a reading can't be used as the car and lines stand; nothing where it can.
std::optional<Message> missing_for(const Reading& r, const Standing& now);

/// Heading from straight ahead, radians: as stated, or the steering wheel's over the ratio.
double turned_of(const Reading& r, const CarCard& car);

/// Off a straightedge whose seat is not in a stated sigma.
bool lies_as_it_touches(const Reading& r);

/// Where it was taken, with the unknowns that there are.
Site site_of(const Reading& r, const Standing& now, const Current& current);

/// What was there by what the tool showed, in metres or radians.
double base_value(const Reading& r, const Tool* tool);
/// A sigma in mm or degrees, in metres or radians.
double to_base(double sigma, QuantityKind kind);

/// How a string rises over the hubs, from its heights over the floor at stations along the car, metres: a
/// level string from one, else the straight line through them by least squares. Where the card has no hub
/// heights, it passes hub height midway between the axles.
StringRise rise_over_hubs(const std::map<double, double>& heights, const CarCard& car);

/// Central differences of `predict`: candidates are not in the Ceres problem.
Eigen::VectorXd gradient_at(const Site& site, const Current& current, std::vector<double> x);

/// Whether all that such a reading depends on is among the unknowns.
bool depends_on_known(const Site& site, const Current& current);

}  // namespace fairchalk

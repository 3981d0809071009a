// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <memory>
#include <vector>

#include "core/network/standing.h"
#include "core/network/unknown.h"
#include "core/reading/site.h"

namespace fairchalk {

/// One reading as a residual.
struct Observed {
    std::size_t entry = 0;  ///< of the log, but for what the card states
    bool from_card = false;
    Site site;
    double value = 0.0;  ///< metres or radians
    double sigma = 1.0;
    std::shared_ptr<const Current> current;
    std::vector<int> asked;
    int spot_latent = -1;
    double turned_sigma = 0.0;  ///< radians
    bool set_by_eye = false;    ///< a string whose height nobody read, beside a wheel whose camber is known
};

/// sum of coefficient * unknown, plus what rods did, is zero within sigma.
struct Linked {
    std::vector<int> unknowns;
    std::vector<double> coefficients;
    double constant = 0.0;
    double sigma = 1.0;
    // A rod turned by this length: the effect is subtracted; the arm is the last unknown.
    bool rod = false;
    double length_change = 0.0;  // metres, signed by the way toe goes
    // Leaned as it was steered: tan(caster) of the toe's change; the last three are caster, toe after,
    // before.
    bool leans = false;
    // So many times what the rule shows before a shake is subtracted; the last three are times, toe as it
    // shows, toe before.
    bool sticks = false;
};

/// A weighted non-linear least-squares problem as it grows along the log: unknowns, readings of them, and
/// links between them (priors, and what happened from one state of the car to the next).
///
/// An unknown that changes is renewed: later readings see the new one, earlier ones keep the old. A canonical
/// case: toe before and after a turn are two unknowns, and the turn is a link between them.
class Network {
  public:
    std::vector<UnknownKey> keys;
    std::vector<double> x;  ///< starting values, then the solution; metres and radians
    std::vector<Observed> observed;
    std::vector<Linked> links;
    std::vector<Unused> unused;
    Standing standing;
    int epoch = 0;  ///< counts what happened
    int lie = 0;    ///< which laying of the strings and wheels: spots of another lie are other spots

    const Current& current() const { return *current_; }
    int at(Unknown what, int where) const { return current_->at({what, where}); }
    int add(Unknown what, int where, double start);
    /// One that is known under another name as well.
    void also(Unknown what, int where, int index) { editable()[{what, where}] = index; }
    int renew(Unknown what, int where);
    /// A Gaussian prior of one unknown.
    void believe(int unknown, double mean, double sigma);
    int with_prior(Unknown what, int where, double mean, double sigma);
    void link(Linked l) { links.push_back(std::move(l)); }
    /// It may have moved by that much, where it is an unknown.
    void link_step(Unknown what, int where, double sigma);
    /// A reading of the unknowns as they now are, but for those that `shown` has another for.
    void observe(Observed o, const Current& shown = {});

  private:
    Current& editable();

    std::shared_ptr<Current> current_ = std::make_shared<Current>();
    bool current_shared_ = false;
};

}  // namespace fairchalk

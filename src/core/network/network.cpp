// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/network.h"

namespace fairchalk {

Current& Network::editable() {
    // Observations made so far keep the map they were made with.
    if (current_shared_) {
        current_ = std::make_shared<Current>(*current_);
        current_shared_ = false;
    }
    return *current_;
}

int Network::add(Unknown what, int where, double start) {
    const int i = static_cast<int>(x.size());
    keys.push_back({what, where, epoch});
    x.push_back(start);
    editable()[{what, where}] = i;
    return i;
}

int Network::renew(Unknown what, int where) {
    return add(what, where, x[current().at({what, where})]);
}

void Network::believe(int unknown, double mean, double sigma) {
    Linked prior;
    prior.unknowns = {unknown};
    prior.coefficients = {1.0};
    prior.constant = -mean;
    prior.sigma = sigma;
    links.push_back(prior);
}

int Network::with_prior(Unknown what, int where, double mean, double sigma) {
    const int i = add(what, where, mean);
    believe(i, mean, sigma);
    return i;
}

void Network::link_step(Unknown what, int where, double sigma) {
    if (!current().contains({what, where})) return;
    const int before = current().at({what, where});
    const int after = renew(what, where);
    Linked l;
    l.unknowns = {after, before};
    l.coefficients = {1.0, -1.0};
    l.sigma = sigma;
    links.push_back(l);
}

void Network::observe(Observed o, const Current& shown) {
    if (shown.empty()) {
        o.current = current_;
        current_shared_ = true;
    } else {
        auto instead = std::make_shared<Current>(*current_);
        for (const auto& [key, index] : shown) (*instead)[key] = index;
        o.current = std::move(instead);
    }
    observed.push_back(std::move(o));
}

}  // namespace fairchalk

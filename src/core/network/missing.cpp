// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/missing.h"

#include <algorithm>

#include <Eigen/QR>

#include "core/job/rig.h"
#include "core/network/gradient.h"
#include "core/network/site.h"
#include "core/quantity/named.h"

namespace fairchalk {

void say_what_is_missing(KnownAngle& a, const Eigen::VectorXd& g, const Job& job, int round,
                         const std::vector<Unused>& unused, const Posterior& p) {
    for (const Unused& u : unused)
        if (u.why.code == Code::why_needs_wheelbase || u.why.code == Code::why_needs_rim_span ||
            u.why.code == Code::why_needs_bar)
            a.why = u.why;
    // Work in the null space: which unread spots together reach what the angle needs there?
    const Eigen::MatrixXd& n = p.null_space;
    const Eigen::VectorXd inverse_scale = p.scale.cwiseInverse();
    const Eigen::VectorXd wanted = n.transpose() * inverse_scale.cwiseProduct(g);
    struct Candidate {
        Spot spot;
        Eigen::VectorXd part;
    };
    std::vector<Candidate> candidates;
    std::optional<Message> lacking;
    // What this round reads; the widths over the hubs, which a string on one side alone wants; and strings.
    std::vector<Spot> spots = round_walk(job, round, true);
    const std::size_t own = spots.size();
    spots.insert(spots.end(), spots_without_rig().begin(), spots_without_rig().end());
    spots.insert(spots.end(), string_walk().begin(), string_walk().end());
    std::size_t of_own = 0;
    for (std::size_t i = 0; i < spots.size(); ++i) {
        if (std::find(spots.begin(), spots.begin() + static_cast<std::ptrdiff_t>(i), spots[i]) !=
            spots.begin() + static_cast<std::ptrdiff_t>(i))
            continue;
        const Reading r = blank_reading(spots[i], p.standing.lines);
        if (auto why = missing_for(r, p.standing)) {
            if (!lacking && why->code != Code::job_missing) lacking = std::move(why);
            continue;
        }
        const Site site = site_of(r, p.standing, p.now);
        if (!depends_on_known(site, p.now)) continue;
        Eigen::VectorXd part = n.transpose() * inverse_scale.cwiseProduct(gradient_at(site, p.now, p.x));
        if (part.norm() > 1e-7) candidates.push_back({spots[i], part});
        if (i < own) of_own = candidates.size();
    }
    const auto reached = [&](const std::vector<Candidate>& by) {
        if (by.empty()) return false;
        Eigen::MatrixXd m(wanted.size(), static_cast<int>(by.size()));
        for (std::size_t i = 0; i < by.size(); ++i) m.col(static_cast<int>(i)) = by[i].part.normalized();
        Eigen::CompleteOrthogonalDecomposition<Eigen::MatrixXd> qr;
        qr.setThreshold(1e-6);  // spots that say the same but for rounding are one
        qr.compute(m);
        const Eigen::VectorXd left = wanted - m * qr.solve(wanted);
        return left.norm() < 1e-5 * wanted.norm();
    };
    if (const std::vector<Candidate> owned(candidates.begin(),
                                           candidates.begin() + static_cast<std::ptrdiff_t>(of_own));
        reached(owned)) {
        candidates = owned;
    } else if (a.why.code != Code::why_no_readings) {
        // What was read waits for something to be told: nearer than a round with other things.
        return;
    }
    if (!reached(candidates)) {
        if (lacking && a.why.code == Code::why_no_readings) a.why = *lacking;
        return;
    }
    // Drop from the end of the walk what is not needed, so that what remains is met soonest.
    for (std::size_t i = candidates.size(); i-- > 0;) {
        auto fewer = candidates;
        fewer.erase(fewer.begin() + static_cast<std::ptrdiff_t>(i));
        if (reached(fewer)) candidates = std::move(fewer);
    }
    for (const Candidate& c : candidates) a.needs.push_back(c.spot);
    a.why = {Code::why_needs_spots, {listed(a.needs, [](const Spot& s) { return s.name(); })}};
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/missing.h"

#include <algorithm>

#include <Eigen/QR>

#include "core/job/rig.h"
#include "core/network/gradient.h"
#include "core/network/priors.h"
#include "core/network/site.h"
#include "core/quantity/named.h"

namespace fairchalk {

namespace {

/// What a reading of a kind that nothing was read of yet depends on, beside the unknowns that there are.
struct Extended {
    Current current;
    Eigen::VectorXd x;
    std::vector<bool> free;  ///< of what was added: no reading tells it yet, and nothing is known of it
};

/// About as large as it may be: where it stands only which way it goes matters.
double usual(Unknown what) {
    switch (what) {
        case Unknown::mid_width:
            return 1.6;
        case Unknown::string_offset:
            return 0.85;
        case Unknown::toe:
        case Unknown::camber:
        case Unknown::string_skew:
            return 0.0;
        default:
            return 0.1;
    }
}

/// Rims, zeros, seats and the like are believed to be near nothing; these are not.
bool is_free(Unknown what) {
    return what == Unknown::mid_width || what == Unknown::string_offset || what == Unknown::string_skew ||
           what == Unknown::toe || what == Unknown::camber || what == Unknown::caster ||
           what == Unknown::plumb || what == Unknown::axle_middle;
}

LinesSet with_all_sizes(LinesSet lines) {
    for (const SizeField& size : size_fields())
        if (auto& it = lines.sizes.*size.field; !it) it = Length::from_mm(600);
    return lines;
}

void extend(Extended& by, const Site& site) {
    struct Asked final : State<double> {
        const Current* current = nullptr;
        mutable std::vector<std::pair<Unknown, int>> fresh;
        double operator()(Unknown what, int where) const override {
            const std::pair key(what, where);
            if (!current->contains(key) && std::find(fresh.begin(), fresh.end(), key) == fresh.end())
                fresh.push_back(key);
            return usual(what);
        }
    } asked;
    asked.current = &by.current;
    predict(site, asked);
    for (const auto& key : asked.fresh) {
        by.current[key] = static_cast<int>(by.x.size());
        by.x.conservativeResize(by.x.size() + 1);
        by.x[by.x.size() - 1] = usual(key.first);
        by.free.push_back(is_free(key.first));
    }
}

}  // namespace

void say_what_is_missing(KnownAngle& a, const Eigen::VectorXd& g, const Job& job, int round,
                         const std::vector<Unused>& unused, const Posterior& p) {
    for (const Unused& u : unused)
        if (u.why.code == Code::why_needs_wheelbase || u.why.code == Code::why_needs_rim_span ||
            u.why.code == Code::why_needs_bar)
            a.why = u.why;
    struct Candidate {
        Spot spot;
        Site site;
        bool of_this_round, jig;
        std::optional<Message> waits;  ///< for a size to be told
        Eigen::VectorXd part{};
    };
    std::vector<Candidate> candidates;
    std::optional<Message> lacking;
    Extended all{p.now, p.x, {}};
    // What this round reads; the widths over the hubs, which a string on one side alone wants; and strings.
    std::vector<Spot> spots = round_walk(job, round, true);
    const std::size_t own = spots.size();
    spots.insert(spots.end(), spots_without_rig().begin(), spots_without_rig().end());
    spots.insert(spots.end(), string_walk().begin(), string_walk().end());
    for (std::size_t i = 0; i < spots.size(); ++i) {
        if (std::find(spots.begin(), spots.begin() + static_cast<std::ptrdiff_t>(i), spots[i]) !=
            spots.begin() + static_cast<std::ptrdiff_t>(i))
            continue;
        Reading r = blank_reading(spots[i], p.standing.lines);
        auto why = missing_for(r, p.standing);
        if (why) {
            // Read with any size: whether it would tell it, once its own is told.
            r = blank_reading(spots[i], with_all_sizes(p.standing.lines));
            if (i >= own || missing_for(r, p.standing)) {
                if (!lacking && why->code != Code::job_missing) lacking = std::move(why);
                continue;
            }
        }
        NetworkNeeds needs;
        reading_kind(r.spot.kind).ask(r, p.standing.car, needs);
        candidates.push_back({spots[i], site_of(r, p.standing, p.now), i < own, needs.jig, std::move(why)});
        extend(all, candidates.back().site);
    }
    // Work in the null space, and in what is new: which unread spots together reach what the angle needs
    // there?
    const Eigen::MatrixXd& n = p.null_space;
    const Eigen::VectorXd inverse_scale = p.scale.cwiseInverse();
    const Eigen::Index known = p.x.size();
    const auto fresh = std::count(all.free.begin(), all.free.end(), true);
    const auto in_null_space = [&](const Eigen::VectorXd& of) {
        Eigen::VectorXd out = Eigen::VectorXd::Zero(n.cols() + fresh);
        out.head(n.cols()) = n.transpose() * inverse_scale.cwiseProduct(of.head(known));
        Eigen::Index at = n.cols();
        for (std::size_t k = 0; k < all.free.size(); ++k)
            if (all.free[k]) out[at++] = of[known + static_cast<Eigen::Index>(k)];
        return out;
    };
    Eigen::VectorXd whole = Eigen::VectorXd::Zero(all.x.size());
    whole.head(known) = g;
    const Eigen::VectorXd wanted = in_null_space(whole);
    for (Candidate& c : candidates) {
        Eigen::VectorXd slope = gradient_at(c.site, all.current, all.x);
        // Rims that only jigs touch are taken to sit on their hubs alike.
        if (c.jig && needs_of(job, round).lips_read.empty())
            for (const int axle : {0, 1})
                if (const int lip = p.index(Unknown::lip_depth, axle); lip >= 0) slope[lip] = 0.0;
        c.part = in_null_space(slope);
    }
    std::erase_if(candidates, [](const Candidate& c) { return c.part.norm() <= 1e-7; });
    const auto of_own = std::count_if(candidates.begin(), candidates.end(),
                                      [](const Candidate& c) { return c.of_this_round; });
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
    if (const std::vector<Candidate> owned(candidates.begin(), candidates.begin() + of_own); reached(owned)) {
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
    for (const Candidate& c : candidates)
        if (c.waits) {
            a.why = *c.waits;
            return;
        }
    for (const Candidate& c : candidates) a.needs.push_back(c.spot);
    a.why = {Code::why_needs_spots, {listed(a.needs, [](const Spot& s) { return s.name(); })}};
}

}  // namespace fairchalk

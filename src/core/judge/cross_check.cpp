// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/cross_check.h"

#include <algorithm>
#include <cmath>

#include "core/job/rig.h"
#include "core/network/estimate.h"

namespace fairchalk {
namespace {

/// The rig that tells by itself what this reading tells: a scribed centreline is no rig without its strings.
const Rig& told_by(ReadingId kind) {
    const Rig& rig = rig_of(kind);
    return rig.reference == Reference::chassis_marks ? usual_rig() : rig;
}

}  // namespace

std::vector<Agreement> agreements(const Job& job, int round) {
    struct Alone {
        const Rig* rig;
        Estimate e;
    };
    std::vector<Alone> alone;
    if (round < 0 || round >= static_cast<int>(job.rounds.size())) return {};
    std::vector<const Rig*> rigs;
    for (std::size_t i : job.rounds[static_cast<std::size_t>(round)].readings) {
        const Rig& rig = told_by(std::get<Reading>((*job.log)[i].event).spot.kind);
        if (rig.use == RigUse::toe && rig.reference != Reference::same_side_rear &&
            std::find(rigs.begin(), rigs.end(), &rig) == rigs.end())
            rigs.push_back(&rig);
    }
    if (rigs.size() < 2) return {};
    for (const Rig* rig : rigs) {
        EstimateOptions options;
        options.round = round;
        options.explain = false;
        options.only = [rig](const Reading& r) {
            const Rig& of = told_by(r.spot.kind);
            return &of == rig || of.use != RigUse::toe || reading_kind(r.spot.kind).of_steering();
        };
        alone.push_back({rig, estimate(job, options)});
    }
    std::vector<Agreement> out;
    for (Axle axle : both_axles)
        for (std::size_t i = 0; i < alone.size(); ++i)
            for (std::size_t k = i + 1; k < alone.size(); ++k) {
                const KnownAngle& a = alone[i].e.axles[static_cast<std::size_t>(index_of(axle))].total_toe;
                const KnownAngle& b = alone[k].e.axles[static_cast<std::size_t>(index_of(axle))].total_toe;
                if (!a.known || !b.known) continue;
                Agreement out_of;
                out_of.axle = axle;
                out_of.one = alone[i].rig;
                out_of.other = alone[k].rig;
                out_of.first = a.value;
                out_of.second = b.value;
                out_of.sigma = Angle::from_rad(std::hypot(a.sigma.rad(), b.sigma.rad()));
                out_of.agree = std::abs((a.value - b.value).deg()) <= k95 * out_of.sigma.deg();
                out.push_back(out_of);
            }
    return out;
}

std::vector<Bumped> bumped(const Job& job, int round) {
    std::vector<Bumped> out;
    if (round < 0 || round >= static_cast<int>(job.rounds.size())) return out;
    const Round& now = job.rounds[static_cast<std::size_t>(round)];
    for (Axle bar : both_axles) {
        std::vector<const Reading*> read;
        for (std::size_t i : now.readings) {
            const Reading& r = std::get<Reading>((*job.log)[i].event);
            if (reading_kind(r.spot.kind).place() == PlaceKind::bar && r.spot.axle == bar) read.push_back(&r);
        }
        if (read.size() < 2) continue;
        double mean = 0.0, variance = 0.0;
        const double before = static_cast<double>(read.size() - 1);
        for (std::size_t i = 0; i + 1 < read.size(); ++i) {
            const double s = read[i]->sigma(job.tool(read[i]->tool), now.finest);
            mean += read[i]->value.value / before;
            variance += s * s / (before * before);
        }
        const double last = read.back()->sigma(job.tool(read.back()->tool), now.finest);
        Bumped b;
        b.bar = bar;
        b.moved = Length::from_mm(read.back()->value.value - mean);
        b.sigma = Length::from_mm(std::sqrt(variance + last * last));
        b.yes = std::abs(b.moved.mm()) > k95 * b.sigma.mm();
        out.push_back(b);
    }
    return out;
}

}  // namespace fairchalk

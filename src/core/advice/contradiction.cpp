// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/contradiction.h"

#include <algorithm>
#include <cmath>

#include "core/advice/other_way.h"
#include "core/advice/procedure.h"
#include "core/job/rig.h"

namespace fairchalk {
namespace {

/// Spots of readings that may be wrong and were read once in this round, where readings contradict.
std::vector<Spot> suspects_to_read(const Job& job, const Estimate& e) {
    std::vector<Spot> out;
    if (!e.alarm || e.round < 0) return out;
    const std::vector<Spot> walk = round_walk(job, e.round, true);
    for (const Check& c : e.checks) {
        if (!c.suspect) continue;
        const Spot& spot = std::get<Reading>((*job.log)[c.entry].event).spot;
        if (std::find(walk.begin(), walk.end(), spot) == walk.end() ||
            readings_at(job, e.round, spot).size() > 1 ||
            std::find(out.begin(), out.end(), spot) != out.end())
            continue;
        out.push_back(spot);
    }
    return out;
}

/// Readings without which all others agree, each at a spot that was read more than once in its round: of
/// several, nothing tells yet which is the slip.
std::vector<std::size_t> may_be_the_slip(const Job& job, const Estimate& e, EstimateOptions options) {
    std::vector<std::size_t> out;
    if (!e.alarm) return out;
    constexpr int most_tried = 6;
    int tried = 0;
    options.explain = false;
    for (const Check& c : e.checks) {
        // In its own round: what was read there since a turn says nothing of it.
        const auto round = job.round_of(c.entry);
        const bool again = round && readings_at(job, static_cast<int>(*round),
                                                std::get<Reading>((*job.log)[c.entry].event).spot)
                                            .size() > 1;
        if (!c.suspect || !again || ++tried > most_tried) continue;
        options.without = c.entry;
        if (!estimate(job, options).alarm) out.push_back(c.entry);
    }
    return out;
}

/// Where a third reading tells which of two is the slip; a few times at most.
std::vector<Spot> spots_to_tell(const Job& job, const Estimate& e, const std::vector<std::size_t>& slips) {
    constexpr std::size_t most_read = 4;
    std::vector<Spot> out;
    if (slips.size() < 2) return out;
    for (std::size_t i : slips) {
        const auto& now = job.rounds[static_cast<std::size_t>(e.round)].readings;
        if (std::find(now.begin(), now.end(), i) == now.end()) continue;
        const Spot& spot = std::get<Reading>((*job.log)[i].event).spot;
        if (readings_at(job, e.round, spot).size() < most_read &&
            std::find(out.begin(), out.end(), spot) == out.end())
            out.push_back(spot);
    }
    return out;
}

/// A reading like it at its spot was set aside in its round: it was read the same again.
bool read_as_before(const Job& job, std::size_t entry) {
    const Reading& r = std::get<Reading>((*job.log)[entry].event);
    const double sigma = r.sigma(job.tool(r.tool));
    std::size_t i = entry;
    while (i > 0 && !std::holds_alternative<RoundOpened>((*job.log)[i].event)) --i;
    for (; i < job.log->size(); ++i) {
        const Reading* before = std::get_if<Reading>(&(*job.log)[i].event);
        if (before && !job.live(i) && before->spot == r.spot && before->top_in == r.top_in &&
            std::abs(before->value.value - r.value.value) < 4.0 * sigma)
            return true;
    }
    return false;
}

/// Of readings that contradict, the one to set aside: the only one without which all others agree, else that
/// which stands out most. None that was set aside before and read the same again.
std::optional<std::size_t> contradicts_most(const Job& job, const Estimate& e,
                                            const std::vector<std::size_t>& slips) {
    if (slips.size() == 1 && !read_as_before(job, slips.front())) return slips.front();
    const Check* worst = worst_suspect(e, [&](const Check& c) { return !read_as_before(job, c.entry); });
    return worst ? std::optional(worst->entry) : std::nullopt;
}

/// A drive is in doubt where leaving it out lowers the weighted sum by this: 3.29 sigma, one in a thousand.
constexpr double drive_doubted = 10.8;

/// A drive that contradicts all else.
struct DoubtedDrive {
    std::size_t entry = 0;
    double rest = 0.0;  ///< the weighted sum without it
};

/// The last one since anything was turned without which all else agrees. It is tested by itself: a reading
/// that has only a part in what it contradicts may not stand out.
std::optional<DoubtedDrive> doubted_drive(const Job& job, const Estimate& e, EstimateOptions options) {
    options.explain = false;
    for (std::size_t i = job.log->size(); i-- > 0 && !(job.live(i) && is_turn((*job.log)[i]));) {
        const Driven* d = job.live(i) ? std::get_if<Driven>(&(*job.log)[i].event) : nullptr;
        if (!d || !d->wheel_off) continue;
        options.without = i;
        const Estimate rest = estimate(job, options);
        if (!rest.alarm && e.weighted_sum - rest.weighted_sum > drive_doubted)
            return DoubtedDrive{i, rest.weighted_sum};
    }
    return std::nullopt;
}

/// The wheel sat to the other side: all agrees then.
bool fits_the_other_side(const Job& job, const DoubtedDrive& drive, EstimateOptions options) {
    options.explain = false;
    std::vector<Entry> log = *job.log;
    Driven& d = std::get<Driven>(log[drive.entry].event);
    d.wheel_off = -*d.wheel_off;
    Job turned = job;
    turned.log = &log;
    const Estimate e = estimate(turned, options);
    return !e.alarm && e.weighted_sum - drive.rest < drive_doubted;
}

}  // namespace

std::optional<ReadAgain> read_what_contradicts(const Job& job, const Estimate& e,
                                               const EstimateOptions& options) {
    const bool alarm = e.alarm && worst_suspect(e);
    if (auto turned = alarm ? fit_the_other_way(job, e, options) : std::vector<std::size_t>();
        !turned.empty()) {
        std::vector<Spot> spots;
        for (std::size_t i : turned) spots.push_back(std::get<Reading>((*job.log)[i].event).spot);
        return ReadAgain{std::move(spots), {Code::again_other_way, {}}, std::move(turned)};
    }
    // A reading is taken again in less time than a drive, and shows by itself whether it was the slip.
    const auto drive = doubted_drive(job, e, options);
    if (drive && fits_the_other_side(job, *drive, options))
        return ReadAgain{{}, {Code::again_drive_side, {}}, {drive->entry}};
    std::vector<Spot> spots = suspects_to_read(job, e);
    if (drive && spots.empty()) return ReadAgain{{}, {Code::again_drive, {}}, {drive->entry}};
    if (!alarm) return std::nullopt;
    const std::vector<std::size_t> slips = may_be_the_slip(job, e, options);
    if (spots.empty()) spots = spots_to_tell(job, e, slips);
    if (!spots.empty()) return ReadAgain{std::move(spots), {Code::again_contradicts, {}}};
    // Nothing that is read tells more: what is planned with it in force would be turned to a slip.
    if (const auto aside = contradicts_most(job, e, slips))
        return ReadAgain{{}, {Code::again_set_aside, {}}, {*aside}};
    return ReadAgain{{}, {Code::again_as_before, {}}};
}

}  // namespace fairchalk

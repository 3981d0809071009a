// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/season.h"

#include <algorithm>
#include <map>
#include <set>

#include "book/season_memory.h"
#include "core/analysis.h"

namespace fairchalk::book {
namespace {

/// The log as it was before entry `end` was written, with all that was struck since; nothing taken off.
std::vector<Entry> up_to(const std::vector<Entry>& log, std::size_t end) {
    std::vector<Entry> out;
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (std::holds_alternative<BiasTaken>(log[i].event)) continue;
        if (i < end || std::holds_alternative<Strike>(log[i].event)) out.push_back(log[i]);
    }
    return out;
}

Estimate left(const std::vector<Entry>& log) {
    const std::vector<Entry> unbiased = with_bias(log, nullptr);
    return estimate_believed(job_of(unbiased));
}

/// By the readings of one round alone; the first that read something where none is named.
std::optional<Estimate> found(const std::vector<Entry>& log, std::size_t after) {
    const std::vector<Entry> unbiased = with_bias(log, nullptr);
    // Entries that were taken out stand before it no more.
    std::size_t from = after;
    for (std::size_t i = 0; i < after && i < log.size(); ++i)
        from -= std::holds_alternative<BiasTaken>(log[i].event);
    const Job job = job_of(unbiased);
    for (std::size_t k = 0; k < job.rounds.size(); ++k) {
        if (job.rounds[k].readings.empty() || job.rounds[k].readings.front() < from) continue;
        EstimateOptions options;
        options.round = static_cast<int>(k);
        options.explain = false;
        return estimate(job, options);
    }
    return std::nullopt;
}

std::optional<Estimate> own_beside(const std::vector<Visit>& season, std::size_t visit, std::size_t entry,
                                   const ShopSheet& sheet, std::string& whose) {
    const std::vector<Entry>& log = season[visit].file.entries();
    const auto last_job = [&]() -> std::optional<Estimate> {
        for (std::size_t k = visit; k-- > 0;)
            if (season[k].read) {
                whose = season[k].info.id;
                return left(season[k].file.entries());
            }
        return std::nullopt;
    };
    const auto so_far = [&](std::size_t end) -> std::optional<Estimate> {
        const std::vector<Entry> before = up_to(log, end);
        const Job job = job_of(before);
        const bool any = std::any_of(job.rounds.begin(), job.rounds.end(),
                                     [](const Round& r) { return !r.readings.empty(); });
        if (!any) return std::nullopt;
        whose = season[visit].info.id;
        return estimate_believed(job);
    };
    if (sheet.beside == ShopSheet::Beside::last_job) return last_job();
    if (sheet.beside == ShopSheet::Beside::this_job) {
        auto own = so_far(entry);
        return own ? own : so_far(log.size());
    }
    if (sheet.when == ShopSheet::When::before) {
        auto own = so_far(entry);
        return own ? own : last_job();
    }
    for (std::size_t k = visit; k < season.size(); ++k)
        if (auto own = found(season[k].file.entries(), k == visit ? entry : 0)) {
            whose = season[k].info.id;
            return own;
        }
    return std::nullopt;
}

}  // namespace

std::vector<Entry> with_bias(std::vector<Entry> log, const BiasTaken* bias) {
    std::erase_if(log, [](const Entry& e) { return std::holds_alternative<BiasTaken>(e.event); });
    if (bias) log.push_back(Entry{{}, {}, {}, {}, {}, *bias});
    return log;
}

namespace {

Visit worked_out(const Book& book, const JobInfo& info) {
    Visit v;
    v.info = info;
    v.file = book.job(info.id);
    const std::vector<Entry>& log = v.file.entries();
    const Job job = v.file.job();
    if (const auto first = std::find_if(log.begin(), log.end(), [](const Entry& e) { return !e.at.empty(); });
        first != log.end())
        v.info.created = first->at;
    v.angles.day = day_of(v.info.created).value_or(0);
    if (const Odometer* o = last_of<Odometer>(job)) v.km = o->km;
    v.tires = fairchalk::tires_of(job);
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (!job.live(i)) continue;
        v.turned += is_turn(log[i]);
        v.sheets += std::holds_alternative<ShopSheet>(log[i].event);
        if (const auto* a = std::get_if<LookAgain>(&log[i].event)) v.again.push_back(*a);
        if (const auto* r = std::get_if<ReasonsGiven>(&log[i].event))
            v.happened = std::any_of(r->reasons.begin(), r->reasons.end(),
                                     [](const std::string& id) { return id != "checking"; });
    }
    v.read =
        std::any_of(job.rounds.begin(), job.rounds.end(), [](const Round& r) { return !r.readings.empty(); });
    if (v.read) {
        EstimateOptions first;
        first.explain = false;
        first.round = 0;
        while (job.rounds[static_cast<std::size_t>(*first.round)].readings.empty()) ++*first.round;
        v.angles.found = estimate(job, first);
        v.angles.left = estimate_believed(job);
    }
    return v;
}

std::vector<Visit> in_order(const Book& book, const std::string& car, bool practice,
                            std::map<std::string, Visit> known) {
    std::vector<Visit> out;
    auto jobs = book.jobs(car);
    std::reverse(jobs.begin(), jobs.end());
    std::set<std::string> of_practice;
    for (const auto& [key, value] : book.facts("practice:")) of_practice.insert(key);
    for (const JobInfo& info : jobs) {
        if (of_practice.contains("practice:" + info.id) != practice) continue;
        try {
            const auto it = known.find(info.id);
            if (it == known.end() || it->second.info.last != info.last) {
                out.push_back(worked_out(book, info));
                continue;
            }
            const std::string at = it->second.info.created;
            out.push_back(std::move(it->second));
            out.back().info = info;
            out.back().info.created = at;
        } catch (const FileError&) {
            // An entry of a newer program: the other jobs still tell.
        }
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const Visit& a, const Visit& b) { return a.info.created < b.info.created; });
    return out;
}

}  // namespace

std::vector<Visit> season_of(const Book& book, const std::string& car, bool practice) {
    return in_order(book, car, practice, {});
}

std::vector<Visit> season_remembered(const Book& book, const std::string& car, bool practice) {
    return in_order(book, car, practice,
                    recalled(book.fact(season_fact(car, practice)).value_or(std::string())));
}

void make_whole(const Book& book, Visit& visit) {
    if (!visit.whole) visit = worked_out(book, visit.info);
}

std::vector<AngleDrift> drifts_of(const std::vector<Visit>& season) {
    std::vector<SeasonJob> jobs;
    for (const Visit& v : season)
        if (v.read) jobs.push_back(v.angles);
    return drifts(jobs);
}

std::vector<TireVisit> tires_of(const std::vector<Visit>& season) {
    std::vector<TireVisit> out;
    for (const Visit& v : season)
        if (any_read(v.tires)) out.push_back({v.angles.day, v.km, v.tires});
    return out;
}

std::vector<DueVisit> due_of(const std::vector<Visit>& season, std::string_view today) {
    std::size_t from = 0;
    std::optional<double> km;
    for (std::size_t k = 0; k < season.size(); ++k) {
        if (season[k].read) from = k;
        if (season[k].km) km = season[k].km;
    }
    std::vector<DueVisit> out;
    for (std::size_t k = from; k < season.size(); ++k)
        for (const LookAgain& a : season[k].again)
            out.push_back({k, fairchalk::due_of(a, today, season[k].km, km)});
    return out;
}

const Visit* read_before(const std::vector<Visit>& season, std::size_t visit) {
    for (std::size_t k = visit; k-- > 0;)
        if (season[k].read) return &season[k];
    return nullptr;
}

std::vector<Explained> explained(const std::vector<Visit>& season, std::size_t visit, Axle axle) {
    const Visit* before = read_before(season, visit);
    if (!before || !season[visit].read) return {};
    const Job then = before->file.job(), now = season[visit].file.job();
    return fairchalk::explained(now.car, before->angles.left, season[visit].angles.found, axle,
                                rods_at_end(then), rods_at_begin(now));
}

std::optional<NamedTwice> named_twice(const std::vector<Visit>& season) {
    for (Axle axle : both_axles) {
        std::optional<Explained> later;
        int seen = 0;
        for (std::size_t k = season.size(); k-- > 0 && seen < 2;) {
            const auto all = explained(season, k, axle);
            if (all.empty()) continue;
            ++seen;
            const Explained& first = all.front();
            if (first.cause == Cause::nothing || first.cause == Cause::none_of_these) break;
            if (!later)
                later = first;
            else if (later->cause == first.cause && later->side == first.side)
                return NamedTwice{*later, axle};
        }
    }
    return std::nullopt;
}

std::optional<NamedTwice> named_twice(const Book& book, const std::string& car, const std::string& without) {
    std::vector<Visit> season = season_remembered(book, car);
    std::erase_if(season, [&](const Visit& v) { return v.info.id == without || !v.read; });
    // Two moves are told by three jobs.
    if (season.size() > 3) season.erase(season.begin(), season.end() - 3);
    for (Visit& v : season) make_whole(book, v);
    return named_twice(season);
}

std::vector<Due> due_of_car(const Book& book, const std::string& car, std::string_view today) {
    std::vector<JobFile> files;
    std::optional<double> km;
    for (const JobInfo& info : book.jobs(car)) {
        if (book.fact("practice:" + info.id)) continue;
        try {
            files.push_back(book.job(info.id));
        } catch (const FileError&) {
            continue;
        }
        const Job job = files.back().job();
        if (const Odometer* o = last_of<Odometer>(job); o && !km) km = o->km;
        if (std::any_of(job.rounds.begin(), job.rounds.end(),
                        [](const Round& r) { return !r.readings.empty(); }))
            break;
    }
    std::vector<Due> out;
    for (const JobFile& file : files)
        for (Due& d : fairchalk::due_of(file.job(), today, km)) out.push_back(std::move(d));
    return out;
}

std::vector<SheetBeside> sheets_beside(const std::vector<Visit>& season) {
    std::vector<SheetBeside> out;
    for (std::size_t k = 0; k < season.size(); ++k) {
        const Job job = season[k].file.job();
        constexpr std::size_t none = static_cast<std::size_t>(-1);
        std::size_t first_of[2] = {none, none};
        for (std::size_t i = 0; i < job.log->size(); ++i) {
            const auto* sheet = job.live(i) ? std::get_if<ShopSheet>(&(*job.log)[i].event) : nullptr;
            if (!sheet) continue;
            // Typed figure by figure, it is one sheet.
            if (std::size_t n = first_of[index_of(sheet->when)]; n < out.size()) {
                ShopSheet& whole = out[n].sheet;
                if (!sheet->where.empty()) whole.where = sheet->where;
                for (const ShopSheet::Figure& f : sheet->figures) {
                    std::erase_if(whole.figures,
                                  [&](const ShopSheet::Figure& g) { return g == CarAngle(f); });
                    whole.figures.push_back(f);
                }
                continue;
            }
            first_of[index_of(sheet->when)] = out.size();
            SheetBeside beside{*sheet, {}, {}, season[k].info.id};
            if (auto own = own_beside(season, k, i, *sheet, beside.job)) beside.own = std::move(*own);
            out.push_back(std::move(beside));
        }
    }
    return out;
}

std::vector<SheetBeside> sheets_of(const Book& book, const std::string& car, bool practice) {
    std::vector<Visit> season = season_remembered(book, car, practice);
    if (std::none_of(season.begin(), season.end(), [](const Visit& v) { return v.sheets > 0; })) return {};
    for (Visit& v : season) make_whole(book, v);
    return sheets_beside(season);
}

}  // namespace fairchalk::book

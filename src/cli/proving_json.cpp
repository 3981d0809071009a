// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/proving_json.h"

#include <algorithm>
#include <array>
#include <cstdio>

namespace fairchalk::cli {

book::Json proving_answer(const practice::ProvingOptions& options,
                          const std::vector<practice::WayResult>& results, bool stopped) {
    book::Json out;
    out["cars"] = options.cars;
    out["seed"] = options.seed;
    out["tool"] = options.tool.name;
    out["tolerance_deg"] = options.tolerance;
    out["dents"] = options.dents;
    out["boards"] = options.boards;
    out["whole"] = options.whole;
    out["slips"] = options.slips;
    out["stopped"] = stopped;
    for (const practice::WayResult& r : results) {
        book::Json w;
        w["way"] = std::string(name_of(r.way));
        w["jobs"] = r.jobs;
        w["passes"] = {{"mean", r.mean_passes}, {"median", r.median_passes}, {"p95", r.passes_95}};
        w["readings_mean"] = r.mean_readings;
        w["minutes"]["mean"] = r.mean_minutes;
        for (const TimedStep& step : timed_steps())
            for (double as : {0.5, 1.5}) {
                StepTimes t;
                t.*step.minutes *= as;
                w["minutes"][std::string(step.name) + (as < 1 ? " at half" : " at one and a half")] =
                    r.minutes(t);
            }
        for (double as : {0.5, 1.5})
            w["minutes"][as < 1 ? "squaring at half" : "squaring at one and a half"] = r.minutes({}, as);
        w["never_arrived"] = r.never;
        w["truly_inside"] = r.truly_inside;
        w["worst_left_deg"] = r.worst_left;
        if (r.given_70_to_90 > 0)
            w["given_70_to_90"] = {{"turns", r.given_70_to_90},
                                   {"ended", r.ended_of_those},
                                   {"truly_inside", r.inside_of_those}};
        if (r.way == practice::Way::change_over)
            w["left_unread"] = {{"of_jobs", r.unread}, {"truly_inside", r.inside_unread}};
        out["ways"].push_back(w);
    }
    return out;
}

std::string cells_table(const std::vector<practice::CellResult>& results, bool notes) {
    using practice::Factor;
    std::string out;
    const auto put = [&](const char* format, auto... args) {
        std::array<char, 400> text{};
        std::snprintf(text.data(), text.size(), format, args...);
        out += text.data();
    };
    out +=
        "| rig | lean | front | rear | target | tool | trouble | jobs | passes | readings | minutes | done | "
        "as far as | other | truly inside | held | most turns | worse | many | unsaid | thrust | wheel | "
        "test "
        "| done? "
        "|\n|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|---|"
        "\n";
    practice::Harm harm;
    int jobs = 0;
    for (const practice::CellResult& r : results) {
        const auto ended = [&](const char* how) {
            const auto it = r.ended.find(how);
            return it == r.ended.end() ? 0 : it->second;
        };
        double turns = 0.0;
        for (const practice::CellJob& j : r.all) turns = std::max(turns, j.most_turn);
        out += "|";
        for (std::size_t f = 0; f < practice::factors; ++f)
            out += " " + r.cell.of(static_cast<Factor>(f)) + " |";
        const int other = r.jobs - ended("done") - ended("as-far-as");
        put(" %d | %.2f | %.1f | %.0f | %d | %d | %d | %d of %d | %.3f | %.3f | %d | %d | %d | %d | %d | %d "
            "| %d |\n",
            r.jobs, r.passes, r.readings, r.minutes, ended("done"), ended("as-far-as"), other, r.truly_inside,
            r.called_inside, r.angles > 0 ? static_cast<double>(r.held) / r.angles : 0.0, turns,
            r.harm.made_worse, r.harm.many_turns, r.harm.moved_unsaid, r.harm.thrust_worse,
            r.harm.steering_worse, r.harm.no_test_turn, r.harm.done_outside);
        harm += r.harm;
        jobs += r.jobs;
    }
    put("\n%zu cells, %d jobs, harm: made worse %d, many turns %d, moved unsaid %d, thrust %d, steering "
        "wheel %d, "
        "no test turn %d, done outside %d: %d in all\n\n",
        results.size(), jobs, harm.made_worse, harm.many_turns, harm.moved_unsaid, harm.thrust_worse,
        harm.steering_worse, harm.no_test_turn, harm.done_outside, harm.all());
    out +=
        "| pool | cars | within 95 % | ± | called inside | truly | ± | stands "
        "|\n|---|---|---|---|---|---|---|---|\n";
    for (const practice::Pool& p : practice::pools_of(results))
        put("| %s | %d | %.3f | %.3f | %d | %.3f | %.3f | %s |\n", p.value.c_str(), p.cars, p.held,
            p.held_within, p.called, p.inside, p.inside_within, p.stands() ? "yes" : "NO");
    out +=
        "\n| chance | plans | said | truly inside | plans | said | ended |\n|---|---|---|---|---|---|---|\n";
    const auto tenths = practice::tenths_of(results);
    for (std::size_t i = 0; i < 10; ++i)
        put("| %zu0 to %zu0 %% | %d | %.2f | %.2f | %d | %.2f | %.2f |\n", i, i + 1, tenths[0][i].plans,
            tenths[0][i].said, tenths[0][i].came, tenths[1][i].plans, tenths[1][i].said, tenths[1][i].came);
    out +=
        "\n| trouble | jobs | passes | of those done | most turns | driven further off by | jobs over "
        "1.2 | toes | beyond 4 sigma | rear plans | thrust expected worse by 0.06 "
        "|\n|---|---|---|---|---|---|---|---|---|---|---|\n";
    for (const std::string& value : practice::values_of(Factor::trouble)) {
        int of = 0, done = 0, rear = 0, worse = 0, driven = 0, toes = 0, far = 0;
        double passes = 0.0, passes_done = 0.0, most = 0.0, off = 0.0;
        for (const practice::CellResult& r : results) {
            if (r.cell.of(Factor::trouble) != value) continue;
            for (const practice::CellJob& j : r.all) {
                ++of;
                passes += j.passes;
                if (j.called_inside) ++done, passes_done += j.passes;
                most = std::max(most, j.most_turn);
                off = std::max(off, j.worst);
                driven += j.worst > practice::driven_further;
                toes += j.toes;
                far += j.toes_far;
                rear += j.rear_planned;
                worse += j.rear_thrust_worse;
            }
        }
        put("| %s | %d | %.2f | %d: %.2f | %.3f | %.2f | %d | %d | %d | %d | %d |\n", value.c_str(), of,
            of > 0 ? passes / of : 0.0, done, done > 0 ? passes_done / done : 0.0, most, off, driven, toes,
            far, rear, worse);
    }
    double said = 0.0, took = 0.0, planned = 0.0, after = 0.0;
    int more_jackings = 0;
    for (const practice::CellResult& r : results) {
        said += r.said_at_start, took += r.took_from_start;
        planned += r.said_at_plan, after += r.took_from_plan;
        for (const practice::CellJob& j : r.all) more_jackings += j.work.jackings > j.jackings_least + 1;
    }
    put("\nMinutes, as expected and as taken: from the first spot %.1f, %.1f a job; from the first plan %.0f "
        "and "
        "%.0f in all. Jobs with more than one jacking beyond the least: %d of %d\n",
        jobs > 0 ? said / jobs : 0.0, jobs > 0 ? took / jobs : 0.0, planned, after, more_jackings, jobs);
    if (notes)
        for (const practice::CellResult& r : results)
            for (const practice::CellJob& j : r.all)
                for (const std::string& n : j.notes) out += "\n- " + n;
    return out;
}

std::vector<std::pair<std::string, std::string>> harmed_jobs(
    const std::vector<practice::CellResult>& results) {
    std::vector<std::pair<std::string, std::string>> out;
    for (const practice::CellResult& r : results)
        for (const practice::CellJob& j : r.all) {
            if (j.log.empty()) continue;
            std::vector<book::Json> raw;
            for (const Entry& e : j.log) {
                if (const TargetsEdit* t = std::get_if<TargetsEdit>(&e.event)) {
                    book::Json entry = {{"kind", "targets"}, {"id", e.id}};
                    for (const Target& one : t->targets) {
                        const Axle* axle = std::get_if<Axle>(&one.where);
                        book::Json& at =
                            axle ? entry["targets"][std::string(name_of(*axle))] : entry["targets"];
                        at[std::string(name_of(one.measure))] = {{"aim", write_exact(one.aim)},
                                                                 {"minus", write_exact(one.aim - one.lo)},
                                                                 {"plus", write_exact(one.hi - one.aim)}};
                    }
                    raw.push_back(entry);
                    continue;
                }
                Entry written = e;
                if (Reading* read = std::get_if<Reading>(&written.event))
                    read->value.text = read->value.kind == QuantityKind::length
                                           ? write_exact(read->value.length())
                                           : write_exact(read->value.angle());
                raw.push_back(book::json_of(written));
            }
            const book::JobFile file = book::from_entries(std::move(raw), {{"title", j.notes.front()}});
            out.emplace_back(std::to_string(out.size() + 1) + ".json", book::full_form(file).dump(1));
        }
    return out;
}

}  // namespace fairchalk::cli

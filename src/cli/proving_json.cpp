// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/proving_json.h"

namespace fairchalk::cli {

book::Json proving_answer(const practice::ProvingOptions& options,
                          const std::vector<practice::WayResult>& results, bool stopped) {
    book::Json out;
    out["cars"] = options.cars;
    out["seed"] = options.seed;
    out["tool"] = options.tool.name;
    out["tolerance_deg"] = options.tolerance;
    out["dents"] = options.dents;
    out["whole"] = options.whole;
    out["slips"] = options.slips;
    out["stopped"] = stopped;
    for (const practice::WayResult& r : results) {
        book::Json w;
        w["way"] = std::string(name_of(r.way));
        w["jobs"] = r.jobs;
        w["passes"] = {{"mean", r.mean_passes}, {"median", r.median_passes}, {"p95", r.passes_95}};
        w["readings_mean"] = r.mean_readings;
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

}  // namespace fairchalk::cli

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/so_far.h"

#include "core/job/baseline.h"

namespace fairchalk {

bool accepted_since(const Job& job, std::size_t i, const Target& target) {
    for (std::size_t k = i; k < job.log->size(); ++k)
        if (const Accepted* a = job.live(k) ? std::get_if<Accepted>(&(*job.log)[k].event) : nullptr)
            if (a->what == target.name() || a->what.find('.') == std::string::npos) return true;
    return false;
}

std::size_t last_news(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (job.live(i) && (std::holds_alternative<Turn>((*job.log)[i].event) || reads_angle((*job.log)[i])))
            return i + 1;
    return 0;
}

bool thread_known(const Job& job, const Adjuster& rod) {
    for (std::size_t i = 0; i < job.log->size(); ++i)
        if (job.live(i) && thread_measured((*job.log)[i], rod)) return true;
    return false;
}

std::vector<TurnedOf> passes_read(const Job& job, std::size_t most) {
    std::vector<TurnedOf> out;
    bool read = false;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        if (const Turn* t = std::get_if<Turn>(&(*job.log)[i].event)) {
            if (read && out.size() == most) break;
            if (read || out.empty()) out.emplace_back();
            read = false;
            out.back()[t->adjuster][0] += t->turns;
            out.back()[t->adjuster][1] += t->second;
        } else if (reads_angle((*job.log)[i])) {
            read = true;
        }
    }
    return out;
}

TurnedOf turned_in_all(const Job& job) {
    TurnedOf out;
    for (std::size_t i = 0; i < job.log->size(); ++i)
        if (const Turn* t = job.live(i) ? std::get_if<Turn>(&(*job.log)[i].event) : nullptr) {
            out[t->adjuster][0] += t->turns;
            out[t->adjuster][1] += t->second;
        }
    return out;
}

}  // namespace fairchalk

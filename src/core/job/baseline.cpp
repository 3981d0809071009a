// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/baseline.h"

#include <algorithm>
#include <cmath>
#include <string_view>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"

namespace fairchalk {
namespace {

constexpr std::string_view joint_item = "joint ";

}

std::vector<BaselineItem> baseline_of(const Job& job) {
    using Kind = BaselineItem::Kind;
    std::vector<BaselineItem> out;
    const auto add = [&](Kind kind, const char* name, std::optional<Wheel> wheel,
                         const std::string& adjuster) {
        BaselineItem item;
        item.kind = kind;
        item.wheel = wheel;
        item.adjuster = adjuster;
        item.id = name + (wheel              ? " " + std::string(name_of(*wheel))
                          : adjuster.empty() ? ""
                                             : " " + adjuster);
        out.push_back(item);
    };
    for (const Adjuster& a : job.car.adjusters) {
        if (is_rod(a)) {
            add(Kind::rod_length, "rod-length", a.wheel, a.id);
            add(Kind::thread_exposed, "thread-exposed", a.wheel, a.id);
        } else if (a.kind != "none") {
            add(Kind::adjuster, "marks", std::nullopt, a.id);
        }
    }
    if (!job.car.no_springs)
        for (Wheel w : all_wheels) add(Kind::ride_height, "ride-height", w, "");
    add(Kind::wheel_on_shaft, "wheel-on-shaft", std::nullopt, "");
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        const auto* note = std::get_if<BaselineNote>(&(*job.log)[i].event);
        if (!note || !job.live(i)) continue;
        if (note->item.starts_with(joint_item) &&
            std::none_of(out.begin(), out.end(), [&](const BaselineItem& b) { return b.id == note->item; })) {
            // `joint ball-joint front-left`: where it is stands last.
            const std::size_t last = note->item.rfind(' ');
            const auto w = wheel_named(note->item.substr(last + 1));
            if (!w || last < joint_item.size()) continue;
            BaselineItem item;
            item.kind = Kind::joint;
            item.id = note->item;
            item.wheel = w;
            item.adjuster = note->item.substr(joint_item.size(), last - joint_item.size());
            out.push_back(item);
        }
        // On the list with nothing noted: it is still to be marked.
        if (note->item.starts_with(joint_item) && note->text.empty() && !note->value) continue;
        for (BaselineItem& item : out)
            if (item.id == note->item) (note->back ? item.back : item.found) = *note;
    }
    for (BaselineItem& item : out) {
        if (!item.found || !item.back || !item.found->value || !item.back->value) continue;
        item.difference = item.back->value->length() - item.found->value->length();
        const Adjuster* rod = job.car.rod(item.adjuster);
        if (rod && rod->pitch) item.turns = *item.difference / length_change(*rod, 1.0);
    }
    return out;
}

bool thread_measured(const Entry& entry, const Adjuster& rod) {
    if (const Reading* r = std::get_if<Reading>(&entry.event))
        return r->spot.kind == ReadingId::thread_exposed && r->spot.wheel == rod.wheel;
    const BaselineNote* note = std::get_if<BaselineNote>(&entry.event);
    const std::string at = " " + std::string(name_of(wheel_of(rod)));
    return note && note->value && (note->item == "thread-exposed" + at || note->item == "rod-length" + at);
}

double turned_since_thread(const Job& job, const Adjuster& rod) {
    double sum = rod.turned;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        if (const Turn* t = std::get_if<Turn>(&what); t && t->adjuster == rod.id) sum += t->turns;
        if (thread_measured((*job.log)[i], rod)) sum = 0.0;
    }
    return sum;
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/step_times.h"

#include <chrono>
#include <cmath>
#include <cstdio>
#include <string>

#include "core/job/rig.h"

namespace fairchalk {
namespace {

constexpr double as_if_met = 3.0, a_break = 4.0, typed_in_later = 0.1;

std::optional<double> minutes_of_day_count(std::string_view at) {
    int year = 0, month = 0, day = 0, hour = 0, minute = 0, off_hour = 0, off_minute = 0, used = 0;
    double second = 0.0;
    char way = 'Z';
    const std::string text(at);
    if (std::sscanf(text.c_str(), "%4d-%2d-%2dT%2d:%2d:%lf%n", &year, &month, &day, &hour, &minute, &second,
                    &used) != 6)
        return {};
    const std::string rest = text.substr(static_cast<std::size_t>(used));
    if (rest != "Z" && std::sscanf(rest.c_str(), "%c%2d:%2d", &way, &off_hour, &off_minute) != 3) return {};
    const std::chrono::year_month_day date{std::chrono::year(year),
                                           std::chrono::month(static_cast<unsigned>(month)),
                                           std::chrono::day(static_cast<unsigned>(day))};
    if (!date.ok()) return {};
    const auto days = std::chrono::sys_days(date).time_since_epoch().count();
    const double offset = (way == '-' ? -1.0 : 1.0) * (60.0 * off_hour + off_minute);
    return static_cast<double>(days) * 1440.0 + 60.0 * hour + minute + second / 60.0 - offset;
}

/// What one thing the user did was: the step, and how many of them it was.
struct Did {
    double StepTimes::*step = nullptr;
    double times_usual = 1.0;
};

bool sets_up(const Entry& e) {
    return std::holds_alternative<SteeringSet>(e.event) || std::holds_alternative<LinesSet>(e.event) ||
           std::holds_alternative<RoundOpened>(e.event);
}

}  // namespace

const std::array<TimedStep, 10>& timed_steps() {
    static const std::array<TimedStep, 10> all = {{{"check", &StepTimes::check},
                                                   {"floor", &StepTimes::floor},
                                                   {"steering", &StepTimes::steering},
                                                   {"set-up", &StepTimes::set_up},
                                                   {"spot", &StepTimes::spot},
                                                   {"turn", &StepTimes::turn},
                                                   {"lock", &StepTimes::lock},
                                                   {"jack", &StepTimes::jack},
                                                   {"look", &StepTimes::look},
                                                   {"drive", &StepTimes::drive}}};
    return all;
}

std::optional<double> minutes_between(std::string_view from, std::string_view to) {
    const auto a = minutes_of_day_count(from), b = minutes_of_day_count(to);
    if (!a || !b) return {};
    return *b - *a;
}

void TimesLearnt::add(const std::vector<Entry>& log) {
    const Job job = job_of(log);
    std::size_t before = log.size();  // the last thing that was done: its last entry
    bool up = false, read = false;    // jacked and not down yet; something was read
    std::string up_at;
    for (std::size_t i = 0; i < log.size();) {
        // One act of the user is one thing that was done.
        std::size_t end = i + 1;
        while (end < log.size() && !log[i].act.empty() && log[end].act == log[i].act) ++end;
        Did did;
        int turns = 0, locked = 0;
        for (std::size_t k = i; k < end; ++k) {
            const auto& event = log[k].event;
            const auto* change = std::get_if<Change>(&event);
            turns += std::holds_alternative<Turn>(event);
            locked += change && change->kind == ChangeKind::locked;
            if (std::holds_alternative<Checked>(event)) did.step = &StepTimes::check;
            if (std::holds_alternative<FloorSet>(event)) did.step = &StepTimes::floor;
            if (std::holds_alternative<SteeringSet>(event)) did.step = &StepTimes::steering;
            if (std::holds_alternative<Looked>(event)) did.step = &StepTimes::look;
            if (std::holds_alternative<Driven>(event)) did.step = &StepTimes::drive;
            if (reads_angle(log[k])) {
                const bool first = !read && before < log.size() && sets_up(log[before]);
                double usual = 0.0;
                if (first)
                    for (const Rig* r : rigs_of(job, 0, false)) usual += r->minutes;
                did = first ? Did{&StepTimes::set_up, usual} : Did{&StepTimes::spot, 1.0};
                read = true;
            }
            if (change && change->kind == ChangeKind::jacked) up = true, up_at = log[k].at;
            if (change && up &&
                (change->kind == ChangeKind::settled || change->kind == ChangeKind::rolled ||
                 change->kind == ChangeKind::bounced)) {
                did.step = &StepTimes::jack;
                up = false;
            }
        }
        if (turns > 0) did = {&StepTimes::turn, static_cast<double>(turns)};
        // Locking is one entry, of all that was turned.
        if (locked > 0) {
            std::vector<std::string> touched;
            for (std::size_t k = 0; k < i; ++k)
                if (const auto* t = std::get_if<Turn>(&log[k].event);
                    t && job.live(k) &&
                    std::find(touched.begin(), touched.end(), t->adjuster) == touched.end())
                    touched.push_back(t->adjuster);
            did = {&StepTimes::lock, static_cast<double>(std::max<std::size_t>(1, touched.size()))};
        }
        const std::string& since = did.step == &StepTimes::jack ? up_at
                                   : before < log.size()        ? log[before].at
                                                                : log[i].at;
        if (did.step && did.times_usual > 0.0 && before < log.size() && job.live(i)) {
            const auto& steps = timed_steps();
            for (std::size_t s = 0; s < steps.size(); ++s) {
                if (steps[s].minutes != did.step) continue;
                const double usual = StepTimes{}.*did.step * did.times_usual;
                const auto took = minutes_between(since, log[i].at);
                if (!took || *took < typed_in_later * usual || *took > a_break * usual) continue;
                sum_[s] += std::log(*took / usual);
                ++count_[s];
            }
        }
        before = end - 1;
        i = end;
    }
}

StepTimes TimesLearnt::times() const {
    StepTimes out;
    const auto& steps = timed_steps();
    for (std::size_t s = 0; s < steps.size(); ++s)
        out.*steps[s].minutes *= std::exp(sum_[s] / (as_if_met + count_[s]));
    return out;
}

int TimesLearnt::met(double StepTimes::*step) const {
    const auto& steps = timed_steps();
    for (std::size_t s = 0; s < steps.size(); ++s)
        if (steps[s].minutes == step) return count_[s];
    return 0;
}

StepTimes times_of(const std::vector<Entry>& log) {
    TimesLearnt learnt;
    learnt.add(log);
    return learnt.times();
}

}  // namespace fairchalk

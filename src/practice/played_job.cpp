// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/played_job.h"

#include <algorithm>
#include <cmath>

#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "practice/many_jobs.h"

namespace fairchalk::practice {
namespace {

constexpr int most_extra = 12, most_aside = 6;

const Tool& tool_named(const std::string& name) {
    const Tool* t = standard_tool(name);
    return t ? *t : *standard_tool("steel-rule-mm");
}

}  // namespace

PlayedJob::PlayedJob(Built car, const SolidCar& shape, Rng rng)
    : rng_(rng),
      card_(std::move(car.card)),
      truth_(std::move(car.truth)),
      car_(std::make_unique<SimCar>(car.corners, shape, Nature{})) {
    for (const Adjuster& a : truth_.adjusters) car_->add(a);
}

void PlayedJob::begin(const std::vector<Target>& targets, const LinesSet& lines) {
    lines_ = lines;
    put(CarEdit{card_});
    put(TargetsEdit{targets});
    // The rims were looked at, the gauge's zero was checked.
    put(Checked{"rims", CheckState::good, {}});
    put(ToolSet{tool_named("digital-angle-gauge")});
    put(lines_);
    put(RoundOpened{});
    work_.sets_up(lines_);
}

void PlayedJob::put(decltype(Entry::event) what) {
    Entry e;
    e.id = std::to_string(log_.size());
    e.event = std::move(what);
    log_.push_back(std::move(e));
}

void PlayedJob::disturb() {
    for (const Adjuster& a : truth_.adjusters) {
        if (axle_of(wheel_of(a)) != Axle::front || (serves_of(a) & ~serves_toe) == 0) continue;
        const auto handles = adjuster_kind(a.kind)->handles(a);
        std::array<double, 2> by{};
        for (std::size_t h = 0; h < handles.size(); ++h) {
            const double reach = handles[h].unit == HandleUnit::turn ? 2.0
                                 : handles[h].unit == HandleUnit::mm ? 3.0
                                                                     : 30.0;
            by[h] = std::round(between(rng_, -reach, reach) / handles[h].step) * handles[h].step;
        }
        car_->turn(a.id, by[0], rng_, by[1]);
    }
}

void PlayedJob::read(const Spot& spot, double misreads) {
    Reading r = blank_reading(spot, lines_);
    const ReadingKind& kind = reading_kind(spot.kind);
    const bool angle = kind.quantity() == QuantityKind::angle;
    const Tool* named = standard_tool(r.tool);
    const Tool& tool = angle                                              ? tool_named("digital-angle-gauge")
                       : named && named->quantity == QuantityKind::length ? *named
                                                                          : tool_named(lines_.tool);
    r.tool = tool.name;
    r.value.kind = tool.quantity;
    r.value.resolution = tool.resolution;
    const auto [dent, fresh] = dents_.try_emplace(spot, 0.0);
    if (fresh && !angle) dent->second = normal(rng_, r.spot_sigma());
    const double exact = solid().exact(spot, lines_) + dent->second;
    if (kind.asks_for_top()) r.top_in = solid().leans(spot, lines_) < 0;
    r.value.value = shown_by(tool, exact, rng_);
    slip(r, misreads, rng_);
    if (kind.asks_for_top()) r.value.value = std::abs(r.value.value);
    put(r);
    ++work_.spots;
}

void PlayedJob::read_round(double misreads) {
    const Job job = job_of(log_);
    const int round = static_cast<int>(job.rounds.size()) - 1;
    for (const Spot& s : unread_spots(job, round)) read(s, misreads);
}

Question PlayedJob::question(Order order) {
    Question q;
    q.options.order = order;
    q.settling = false;
    q.until = false;
    return q;
}

Analysis PlayedJob::read_on(double misreads) {
    int aside = 0;
    for (int extra = 0;; ++extra) {
        const Job job = job_of(log_);
        Analysis a = analyse(job, question(order_));
        if (const auto entry = to_set_aside(a); entry && aside < most_aside) {
            put(Strike{Strike::Way::reasoned, {log_[*entry].id}, "read otherwise again"});
            ++aside;
            continue;
        }
        if (const auto drive = drive_asked_about(a.plan)) {
            say_again(*drive, a.plan.again->why.code == Code::again_drive_side);
            continue;
        }
        if (a.plan.next != NextStep::read || a.read.empty() || extra >= most_extra) return a;
        for (const Spot& s : a.read) read(s, misreads);
    }
}

void PlayedJob::drive(bool to_the_wrong_side) {
    if (!ratio_) ratio_ = std::clamp(usual_steering_ratio + normal(rng_, 2.0), 12.0, 21.0);
    // The eye, the crown of the road.
    const double sat = std::round(car_->wheel_off(*ratio_) + normal(rng_, 1.5));
    Driven d;
    d.wheel_off = Angle::from_deg(to_the_wrong_side ? -sat : sat);
    put(d);
}

void PlayedJob::say_again(std::size_t drive, bool other_side_fits) {
    Driven d = std::get<Driven>(log_[drive].event);
    put(Strike{Strike::Way::reasoned, {log_[drive].id}, "it contradicts what was read"});
    const double sat = d.wheel_off->deg();
    if (!other_side_fits || sat * car_->wheel_off(*ratio_) > 0.0) return;
    d.wheel_off = -*d.wheel_off;
    put(d);
}

void PlayedJob::look(const Look& look) {
    const int place = truth_.place_of(look.adjuster);
    const Adjuster& own = truth_.adjusters[static_cast<std::size_t>(place)];
    const std::string seen = look.field == "bolt" && !is_rod(own)    ? own.bolt
                             : look.field == "wheel" && !is_rod(own) ? std::string(name_of(*own.wheel))
                             : own.rod == RodSide::ahead_of_axle     ? "ahead-of-axle"
                                                                     : "behind-axle";
    for (const Looked& l : facts_alike(truth_, look, seen)) put(l);
    ++work_.looks;
}

void PlayedJob::turn(const Plan& plan, const std::vector<double>& each) {
    bool jacked = false;
    for (std::size_t i = 0; i < plan.turns.size(); ++i) {
        const PlannedTurn& t = plan.turns[i];
        const double way = i < each.size() ? each[i] : 1.0;
        car_->turn(t.adjuster, way * t.turns, rng_, way * t.second);
        jacked = jacked || wants_jacking(truth_, t.adjuster);
        work_.turned(t.adjuster);
    }
    work_.jackings += jacked;
    const Job job = job_of(log_);
    for (Entry& e : entries_after_turn(job, turns_as_written(plan))) put(std::move(e.event));
}

}  // namespace fairchalk::practice

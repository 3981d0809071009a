// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/matrix.h"

#include <algorithm>
#include <cmath>
#include <memory>
#include <numeric>
#include <optional>
#include <random>
#include <set>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/job/rig.h"
#include "practice/cell_car.h"
#include "practice/debrief.h"
#include "practice/many_jobs.h"
#include "practice/played_job.h"

namespace fairchalk::practice {
namespace {

constexpr int most_passes = 8, most_drives = 2;
// Each value is a state of the car in the one estimate: more passes of them take minutes to work.
constexpr int most_watched_passes = 4;
constexpr double most_stick = 0.6;
/// Degrees of front total toe, beyond which nobody drives.
constexpr double most_toe_driven = 1.0;
/// How often somebody who misreads says that the wheel sat to the other side.
constexpr double other_side = 0.25;

/// A cell's job under way, and what is held against it.
class Work {
  public:
    Work(const Cell& cell, std::uint64_t seed, std::uint64_t number, WorkedAs as)
        : cell_(cell), watching_(as.watching), drives_(as.driven ? most_drives : 0) {
        std::seed_seq seeds{static_cast<std::uint32_t>(seed), static_cast<std::uint32_t>(seed >> 32),
                            static_cast<std::uint32_t>(number), static_cast<std::uint32_t>(number >> 32)};
        Rng rng(seeds);
        SolidCar shape = SolidCar::any(rng);
        shape.track = 2 * shape.half_width[0];
        const double lip = between(rng, 4, 9);
        shape.lip = {lip, lip + normal(rng, 8.0)};
        // A card that says little goes with rims that nobody looked at, good ones or any.
        const bool silent = cell.of(Factor::trouble) == "card-silent";
        const double untrue = silent && between(rng, 0, 1) < 0.5 ? 0.5 : 0.2;
        if (silent && between(rng, 0, 1) < 0.5) shape.lip[1] = shape.lip[0];
        for (auto* way : {&shape.wobble, &shape.lean_wobble})
            for (double& w : *way) w = normal(rng, untrue / shape.span / SolidCar::rad);
        Built b = built(cell, shape, rng);
        Nature nature;
        if (watching_) nature.stick = between(rng, 0.0, most_stick);
        job_.emplace(std::move(b), shape, rng, nature);
        job_->keep(as.order);
        const bool leans = cell.of(Factor::target) == "all" || has(cell.of(Factor::target), "camber");
        if (leans) job_->disturb();
        targets_ = targets_of(cell, job_->solid());
        if (leans) job_->disturb();
        job_->begin(targets_, lines_of(cell, job_->solid()), !silent);
    }
    CellJob run();

  private:
    double misreads() const { return cell_.of(Factor::trouble) == "misreads" ? 0.01 : 0.0; }
    void turn(const Plan& plan);
    bool drive(const Plan& plan);
    double truth_of(const Target& t) const;
    std::vector<Target> judged() const;
    void judge_turns(const Analysis& before, const SolidCar& was);
    void judge_lines(const Analysis& a, const SolidCar& found);
    void judge_end(const Analysis& a, const std::vector<Target>& all);
    void note(int& counter, const std::string& what) {
        ++counter;
        done_.notes.push_back(what);
    }

    const Cell& cell_;
    const bool watching_;
    std::optional<PlayedJob> job_;
    std::vector<Target> targets_;
    CellJob done_;
    bool slipped_ = false, rear_turned_ = false;
    int lifted_for_a_slip_ = 0;
    int drives_ = 0;                ///< that are still made
    std::vector<MovedAlong> said_;  ///< to move along, since the car stood as what is judged begins
    double started_worst_ = 0.0, thrust_range_ = 0.0, steering_range_ = 0.0;
};

double Work::truth_of(const Target& t) const {
    const auto truth = true_angle(job_->solid(), t);
    return truth ? truth->deg() : 0.0;
}

/// The targets with those of an axle's wheels one by one.
std::vector<Target> Work::judged() const {
    std::vector<Target> out;
    for (const Target& t : targets_) {
        const Axle* axle = std::get_if<Axle>(&t.where);
        if (axle &&
            (t.measure == Measure::toe || t.measure == Measure::camber || t.measure == Measure::caster)) {
            for (Side s : both_sides) {
                Target one = t;
                one.where = wheel_at(*axle, s);
                out.push_back(one);
            }
        } else {
            out.push_back(t);
        }
    }
    return out;
}

double beyond(const Target& t, double deg) {
    return std::max({0.0, t.lo.deg() - deg, deg - t.hi.deg()});
}

void Work::turn(const Plan& plan) {
    const std::string& trouble = cell_.of(Factor::trouble);
    const bool slips = !slipped_ && plan.next == NextStep::turn &&
                       (trouble == "one-wrong-way" || trouble == "all-wrong-way");
    std::vector<double> ways;
    for (const PlannedTurn& t : plan.turns) {
        ways.push_back(slips && (ways.empty() || trouble == "all-wrong-way") ? -1.0 : 1.0);
        if (is_rod(*job_->truth().adjuster(t.adjuster)))
            done_.most_turn = std::max(done_.most_turn, std::abs(t.turns));
    }
    slipped_ = slipped_ || slips;
    const int jackings = job_->work().jackings;
    if (watching_)
        job_->turn_by_watching(plan, misreads(), ways);
    else
        job_->turn(plan, ways);
    if (slips) lifted_for_a_slip_ = job_->work().jackings - jackings;
    done_.passes += plan.next == NextStep::test_turn ? 0.5 : 1.0;
}

/// On the road, once nothing is left to turn. False where it is not driven.
bool Work::drive(const Plan& plan) {
    const bool ends = plan.next == NextStep::done || plan.next == NextStep::as_far_as;
    const std::array<double, 4>& toe = job_->solid().toe;
    if (drives_ == 0 || !ends || std::abs(toe[0] + toe[1]) > most_toe_driven) return false;
    --drives_;
    job_->drive(misreads() > 0.0 && between(job_->rng(), 0, 1) < other_side);
    return true;
}

/// What a pass did to the true car, against what was said of it.
void Work::judge_turns(const Analysis& before, const SolidCar& was) {
    const Plan& plan = before.plan;
    const std::string& trouble = cell_.of(Factor::trouble);
    const bool honest = trouble == "none" || trouble == "far-off-drawing" || trouble == "card-silent";
    if (!honest) return;
    const std::string who = cell_.name();
    for (const Verdict& v : plan.after) {
        if (!v.angle.known || !v.target.has_tolerance || plan.next != NextStep::turn) continue;
        const auto then = true_angle(was, v.target);
        if (!then) continue;
        const double outside = beyond(v.target, then->deg()), now = beyond(v.target, truth_of(v.target));
        if (outside > 0.0 && now > outside + 2.5 * v.angle.plus_minus().deg())
            note(done_.harm.made_worse, who + ": " + v.target.name() + " from " + std::to_string(outside) +
                                            " to " + std::to_string(now) + " beyond");
    }
    const auto moved = [&](Wheel w, WheelAngle a) {
        const auto i = static_cast<std::size_t>(index_of(w));
        const SolidCar& now = job_->solid();
        return a == WheelAngle::toe      ? now.toe[i] - was.toe[i]
               : a == WheelAngle::camber ? now.camber[i] - was.camber[i]
                                         : now.caster[i] - was.caster[i];
    };
    for (Wheel w : all_wheels)
        for (WheelAngle a : wheel_angles) {
            const auto& change = plan.change[static_cast<std::size_t>(index_of(w))][index_of(a)];
            if (plan.next != NextStep::turn || !change || !change->untargeted) continue;
            const bool said = std::any_of(said_.begin(), said_.end(), [&](const MovedAlong& m) {
                return m.wheel == w && m.measure == measure_of(a);
            });
            if (!said && std::abs(moved(w, a)) > 0.1 + 2.5 * k95 * change->sigma.deg())
                note(done_.harm.moved_unsaid,
                     who + ": " + std::string(name_of(w)) + "." + std::string(name_of(a)) + " by " +
                         std::to_string(moved(w, a)) + ", one sigma " + std::to_string(change->sigma.deg()));
        }
    bool rear = false;
    for (const PlannedTurn& t : plan.turns) rear = rear || axle_of(t.wheel) == Axle::rear;
    rear_turned_ = rear_turned_ || rear;
    thrust_range_ = std::hypot(thrust_range_, plan.thrust_plus_minus.deg());
    steering_range_ = std::hypot(steering_range_, plan.steering_plus_minus.deg());
}

/// Thrust and steering wheel at the end, against how they were found.
void Work::judge_lines(const Analysis& a, const SolidCar& found) {
    const std::string& trouble = cell_.of(Factor::trouble);
    const bool honest = trouble == "none" || trouble == "far-off-drawing" || trouble == "card-silent";
    if (!honest || done_.passes == 0) return;
    const auto thrust = [](const SolidCar& c) { return (c.toe[3] - c.toe[2]) / 2; };
    const auto steering = [&](const SolidCar& c) { return (c.toe[1] - c.toe[0]) / 2 - thrust(c); };
    const auto worse = [](double then, double now) { return std::abs(now) - std::abs(then); };
    const SolidCar& now = job_->solid();
    // By watching what tells a total alone, which side went how far is known as well as that is read.
    const bool tells_thrust = !watching_ || a.now.thrust.known,
               tells_steering =
                   tells_thrust && (!watching_ || (a.now.wheels[0].toe.known && a.now.wheels[1].toe.known));
    if (rear_turned_ && tells_thrust) {
        const double by = worse(thrust(found), thrust(now));
        if (by > std::max(0.05, 2.5 * thrust_range_))
            note(done_.harm.thrust_worse, cell_.name() + ": thrust worse by " + std::to_string(by) + " ±" +
                                              std::to_string(thrust_range_));
    }
    // Each wheel's own target comes first; one tube, or one rod, has no choice.
    const std::string& front = cell_.of(Factor::front);
    const bool each_front = cell_.of(Factor::target) == "toe-each";
    if (tells_steering && !each_front && !has(front, "tube") && front != "one-rod" && front != "fixed") {
        const double by = worse(steering(found), steering(now));
        if (by > std::max(0.05, 2.5 * steering_range_))
            note(done_.harm.steering_worse, cell_.name() + ": steering worse by " + std::to_string(by) +
                                                " ±" + std::to_string(steering_range_));
    }
}

/// What is reported at the end, against the truth.
void Work::judge_end(const Analysis& a, const std::vector<Target>& all) {
    done_.called_inside = a.plan.next == NextStep::done;
    if (done_.called_inside)
        for (const Verdict& v : a.plan.before)
            if (v.target.has_tolerance && v.call != Call::inside)
                note(done_.harm.done_outside, cell_.name() + ": " + v.target.name());
    done_.truly_inside = true;
    for (const Target& t : all) done_.truly_inside = done_.truly_inside && beyond(t, truth_of(t)) == 0.0;
    const SolidCar& solid = job_->solid();
    const auto held = [&](const KnownAngle& k, double truth) {
        if (!k.known) return;
        ++done_.angles;
        done_.held += std::abs(k.value.deg() - truth) <= k.plus_minus().deg();
    };
    const auto far_off = [&](std::string_view of, const KnownAngle& k, double truth) {
        if (!k.known) return;
        ++done_.toes;
        const double by = std::abs(k.value.deg() - truth) / k.sigma.deg();
        if (by <= 4.0) return;
        ++done_.toes_far;
        done_.notes.push_back(cell_.name() + ": toe " + std::string(of) + " " +
                              std::to_string(k.value.deg() - truth) + ", " + std::to_string(by) +
                              " sigma from the truth");
    };
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        held(a.now.wheels[i].toe, solid.toe[i]);
        far_off(name_of(w), a.now.wheels[i].toe, solid.toe[i]);
        held(a.now.wheels[i].camber, solid.camber[i]);
        held(a.now.wheels[i].caster, solid.caster[i]);
    }
    for (Axle axle : both_axles) {
        const auto i = static_cast<std::size_t>(index_of(axle));
        held(a.now.axles[i].total_toe, solid.toe[2 * i] + solid.toe[2 * i + 1]);
        far_off(name_of(axle), a.now.axles[i].total_toe, solid.toe[2 * i] + solid.toe[2 * i + 1]);
    }
    if (cell_.of(Factor::trouble).starts_with("card-") && done_.worst > driven_further)
        done_.notes.push_back(cell_.name() + ": driven further off by " + std::to_string(done_.worst));
    if (!done_.notes.empty()) done_.log = job_->log();
}

CellJob Work::run() {
    const std::vector<Target> all = judged();
    const auto worst = [&] {
        double w = 0.0;
        for (const Target& t : all) w = std::max(w, std::abs(truth_of(t) - t.aim.deg()));
        return w;
    };
    started_worst_ = worst();
    int turns = 0, looks = 0;
    bool tested = false;
    const SolidCar found = job_->solid();
    SolidCar was = found;
    Analysis a;
    // Up to now nothing is turned: what was done is taken off what it comes to in the end.
    const auto expects = [&](const ToGo& to_go) {
        return CellJob::Expected{to_go.to_done, job_->work().minutes({})};
    };
    done_.from_start = expects(analyse(job_of(job_->log()), PlayedJob::question()).to_go);
    for (;;) {
        job_->read_round(misreads());
        a = job_->read_on(misreads());
        const Plan& plan = a.plan;
        if (!done_.from_plan && plan.next == NextStep::turn) done_.from_plan = expects(a.to_go);
        if (!done_.given.empty() && !done_.given.back().ended)
            done_.given.back().ended = plan.next == NextStep::done;
        if (plan.next == NextStep::look && plan.look && looks++ < 4) {
            job_->look(*plan.look);
            continue;
        }
        if (PlayedJob::asks(plan) && looks++ < 4) {
            job_->tell(plan);
            continue;
        }
        if (plan.turns.empty() && drive(plan)) continue;
        if (plan.turns.empty()) {
            done_.ended = std::string(name_of(plan.next));
            break;
        }
        if (turns >= (watching_ ? most_watched_passes : most_passes)) {
            done_.ended = "passes";
            break;
        }
        ++turns;
        if (a.belief.unexplained >= 2 && plan.next != NextStep::test_turn)
            note(done_.harm.no_test_turn, cell_.name());
        for (const PlannedTurn& t : plan.turns)
            if (const Adjuster* rod = job_->truth().rod(t.adjuster); rod && std::abs(t.turns) > 4.0) {
                const bool asked = std::any_of(job_->log().begin(), job_->log().end(), [&](const Entry& e) {
                    return std::holds_alternative<BaselineNote>(e.event);
                });
                if (!asked) note(done_.harm.many_turns, cell_.name() + ": " + std::to_string(t.turns));
            }
        // What a test turn disturbs the next pass sets right.
        if (!tested) was = job_->solid(), said_.clear();
        said_.insert(said_.end(), plan.along.begin(), plan.along.end());
        tested = plan.next == NextStep::test_turn;
        if (std::any_of(plan.turns.begin(), plan.turns.end(),
                        [](const PlannedTurn& t) { return axle_of(t.wheel) == Axle::rear; }) &&
            plan.next == NextStep::turn) {
            done_.rear_planned = true;
            if (a.now.thrust.known) {
                done_.rear_thrust_worse =
                    done_.rear_thrust_worse ||
                    std::abs(plan.thrust_after.deg()) > std::abs(a.now.thrust.value.deg()) + 0.06;
            }
        }
        turn(plan);
        judge_turns(a, was);
        bool inside = true;
        for (const Target& t : all) inside = inside && beyond(t, truth_of(t)) == 0.0;
        const bool all_known = std::none_of(plan.before.begin(), plan.before.end(), [](const Verdict& v) {
            return v.target.has_tolerance && !v.angle.known;
        });
        if (plan.next == NextStep::turn && all_known)
            done_.given.push_back({plan.truly_inside, plan.probability_inside, inside, false});
        done_.worst = std::max(done_.worst, worst() - started_worst_);
    }
    done_.work = job_->work();
    done_.readings = done_.work.spots;
    const double took = job_->work().minutes({});
    for (auto* e : {&done_.from_start, &done_.from_plan})
        if (*e) (*e)->took = took - (*e)->took;
    // What was turned the wrong way on stands is seen on the ground: it is lifted once more by whoever it is.
    done_.jackings_least = std::min(done_.work.jackings, 1 + lifted_for_a_slip_);
    if (done_.work.jackings > done_.jackings_least + 1)
        done_.notes.push_back(cell_.name() + ": lifted " + std::to_string(done_.work.jackings) + " times, " +
                              std::to_string(done_.jackings_least) + " would do");
    judge_lines(a, found);
    judge_end(a, all);
    return done_;
}

}  // namespace

CellJob work_cell(const Cell& cell, std::uint64_t seed, std::uint64_t car, WorkedAs as) {
    return Work(cell, seed, car, as).run();
}

std::vector<CellResult> prove_cells(const MatrixOptions& options,
                                    const std::function<void(int, int)>& progress,
                                    const std::atomic<bool>* stop) {
    // A cell's cars are the same whichever others are worked.
    std::vector<std::pair<std::uint64_t, Cell>> cells;
    const std::vector<Cell> every = covering_cells(options.seed);
    for (std::size_t i = 0; i < every.size(); ++i)
        if ((!options.quick || i % 3 == 0) && every[i].name().find(options.only) != std::string::npos)
            cells.emplace_back(i, every[i]);
    const int count = static_cast<int>(cells.size()), jobs = count * options.cars;
    // All cells' first cars first: what is done when it is stopped is of all of them.
    const auto all = many_jobs<CellJob>(
        jobs, options.threads,
        [&](int n) {
            const auto& [number, one] = cells[static_cast<std::size_t>(n % count)];
            return work_cell(one, options.seed, number * 1'000'000u + static_cast<std::uint64_t>(n / count),
                             options.as);
        },
        progress, stop);
    std::vector<CellResult> out;
    for (int c = 0; c < count; ++c) {
        CellResult r;
        r.cell = cells[static_cast<std::size_t>(c)].second;
        for (int k = 0; k < options.cars; ++k) {
            const auto& job = all[static_cast<std::size_t>(k * count + c)];
            if (!job) continue;
            ++r.jobs;
            ++r.ended[job->ended];
            r.passes += job->passes;
            r.readings += job->readings;
            r.minutes += job->work.minutes({});
            if (job->from_start)
                r.said_at_start += job->from_start->said, r.took_from_start += job->from_start->took;
            if (job->from_plan)
                r.said_at_plan += job->from_plan->said, r.took_from_plan += job->from_plan->took;
            r.called_inside += job->called_inside;
            r.truly_inside += job->called_inside && job->truly_inside;
            r.angles += job->angles;
            r.held += job->held;
            r.cars_held += job->angles == job->held;
            r.harm += job->harm;
            r.all.push_back(*job);
        }
        if (r.jobs > 0) {
            r.passes /= r.jobs;
            r.readings /= r.jobs;
            r.minutes /= r.jobs;
        }
        out.push_back(std::move(r));
    }
    return out;
}

}  // namespace fairchalk::practice

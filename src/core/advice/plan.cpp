// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/plan.h"

#include <algorithm>
#include <cmath>
#include <map>

#include <Eigen/Dense>

#include "core/advice/planner.h"
#include "core/advice/search.h"
#include "core/advice/so_far.h"
#include "core/advice/unreachable.h"
#include "core/advice/worth.h"
#include "core/job/baseline.h"
#include "core/job/stacks_now.h"
#include "core/network/lever.h"

namespace fairchalk {

using namespace worth;

namespace {

/// From hardly any to as much as the targets themselves: which of them the tiers allow is seen afterwards.
constexpr std::array<Weights, 3> all_weights = {Weights{3e-4, 1e-4, 3e-5}, usual_weights,
                                                Weights{0.3, 0.1, 0.03}};
/// Both sides alike, where a rear axle is turned whose thrust nobody knows.
constexpr Weights alike{0.3, 3.0, 0.03};
/// That spares what has no target.
constexpr Weights sparing{0.01, 0.003, 1.0};

Eigen::MatrixXd readable_of(const StillReadable& still, const std::vector<Verdict>& before) {
    std::vector<Target> judged;
    for (const Verdict& v : before)
        if (v.angle.known && v.target.has_tolerance) judged.push_back(v.target);
    return still.covariance(judged);
}

}  // namespace

std::string_view name_of(NextStep n) {
    constexpr std::array<std::string_view, 6> names = {"turn",      "read", "done",
                                                       "test-turn", "look", "as-far-as"};
    return names[static_cast<std::size_t>(n)];
}

bool good_enough_unread(const Plan& plan) {
    return plan.truly_inside >= 0.9;
}

Expected expect_after(const Job& job, const Estimate& e, const std::vector<std::array<double, 2>>& amounts) {
    Expected out;
    if (!e.posterior || e.round < 0) return out;
    const Posterior& p = *e.posterior;
    const std::vector<Lever> all = levers_of(job.rounds[e.round].car, p);
    After after{p, all, {}};
    for (const Lever& l : all)
        after.turns.push_back(
            static_cast<std::size_t>(l.place) < amounts.size()
                ? amounts[static_cast<std::size_t>(l.place)][static_cast<std::size_t>(l.which)]
                : 0.0);
    const std::vector<Verdict> before = verdicts(job, e);
    return outcome_of(after, before, p.well_known(steering_gradient(p)), readable_of({job, e}, before));
}

std::vector<Target> as_it_was(const Estimate& then) {
    std::vector<Target> out;
    const auto add = [&](const CarAngle& angle, double half) {
        const KnownAngle* a = then.find(angle);
        if (!a || !a->known) return false;
        Target t;
        static_cast<CarAngle&>(t) = angle;
        const Angle band = std::max(Angle::from_deg(half), a->plus_minus());
        t.aim = a->value;
        t.lo = a->value - band;
        t.hi = a->value + band;
        out.push_back(t);
        return true;
    };
    for (Axle axle : both_axles) {
        bool singles = false;
        for (Side side : both_sides) {
            const Wheel w = wheel_at(axle, side);
            singles = add({Measure::toe, w}, 0.1) || singles;
            add({Measure::camber, w}, 0.25);
            if (axle == Axle::front) add({Measure::caster, w}, 0.5);
        }
        if (!singles) add({Measure::total_toe, axle}, 0.1);
    }
    return out;
}

std::vector<Target> matching_other_side(const Job& job, const Estimate& e, Wheel wheel) {
    const Wheel other = static_cast<Wheel>(index_of(wheel) ^ 1);
    std::vector<Target> out;
    std::map<Measure, Angle> half;
    for (const Verdict& v : verdicts(job, e))
        if (v.target.has_tolerance && v.target.where == std::variant<std::monostate, Axle, Wheel>(wheel))
            half[v.target.measure] = v.target.half_band();
    for (Measure m : {Measure::toe, Measure::camber, Measure::caster}) {
        const KnownAngle* there = e.find(m, other);
        if (!there || !there->known) continue;
        Target t;
        t.measure = m;
        t.where = wheel;
        const Angle band = half.contains(m) ? half[m] : Angle::from_deg(0.25);
        t.lo = -band;
        t.hi = band;
        t.same_as = other;
        out.push_back(t);
    }
    return out;
}

Planner::Planner(const Job& job, const Estimate& e, const PlanOptions& options)
    : job_(job),
      e_(e),
      options_(options),
      p_(*e.posterior),
      car_(with_stacks_now(job, job.rounds[e.round].car)),
      all_(levers_of(car_, p_)),
      usable_(all_),
      still_readable_(job, e) {
    std::erase_if(usable_, [&](const Lever& l) { return !allowed(l.id(), l.kind); });
    steering_known_ = p_.well_known(steering_gradient(p_));
    blind_ = !p_.well_known(thrust_gradient(p_)) &&
             std::any_of(usable_.begin(), usable_.end(),
                         [](const Lever& l) { return axle_of(l.wheel) == Axle::rear && moves_toe(l); });
    if (const auto amounts = turned_in_all(job); !amounts.empty()) {
        After after{p_, all_, {}};
        for (const Lever& l : all_) {
            const auto it = amounts.find(l.id());
            after.turns.push_back(it == amounts.end() ? 0.0 : it->second[static_cast<std::size_t>(l.which)]);
        }
        // What is not known is to stay as it was found, not as it is now.
        for (Lever& l : after.levers)
            if (l.device) l.so_far -= after.turns[static_cast<std::size_t>(&l - after.levers.data())];
        so_far_ = {after.change(steering_gradient(p_)) + uncounted(steering_gradient(p_)),
                   after.change(thrust_gradient(p_)) + uncounted(thrust_gradient(p_))};
    }
}

/// What the turns that nobody counted did to a combination of toes, as the readings after them tell.
double Planner::uncounted(const Eigen::VectorXd& g) const {
    Eigen::VectorXd change = Eigen::VectorXd::Zero(p_.x.size());
    for (const Posterior::Freed& turn : p_.uncounted)
        for (int w = 0; w < 4; ++w) {
            const auto before = turn.before.find({Unknown::toe, w}),
                       after = turn.after.find({Unknown::toe, w});
            if (before == turn.before.end() || after == turn.after.end()) continue;
            const double weight = g[p_.last_toe[static_cast<std::size_t>(w)]];
            change[after->second] += weight;
            change[before->second] -= weight;
        }
    return p_.well_known(change) ? change.dot(p_.x) : 0.0;
}

void Planner::wait_for_reading() {
    std::vector<PlannedTurn> turned;
    for (std::size_t i : turns_since_reading(job_)) {
        PlannedTurn t;
        t.adjuster = std::get<Turn>((*job_.log)[i].event).adjuster;
        const Adjuster* a = car_.adjuster(t.adjuster);
        if (!a || !adjuster_kind(a->kind)) continue;
        if (is_rod(*a)) t.wheel = wheel_of(*a);
        turned.push_back(t);
    }
    plan_.remeasure = remeasure(turned);
    plan_.next = NextStep::read;
}

void Planner::look_at_targets() {
    const std::size_t since = last_news(job_);
    for (const Verdict& v : plan_.before) {
        const bool can = reached_by(v.target, usable_), toe = bit_of(v.target.measure) == serves_toe;
        const bool accepted = accepted_since(job_, since, v.target);
        if (!can && v.call == Call::outside && !accepted) {
            Message why{reached_by(v.target, all_) ? Code::plan_left_out : Code::plan_no_adjuster, {}};
            // There is one, and only its way is not known.
            for (const Adjuster& a : car_.adjusters)
                if (unsaid_of(a, car_) && reaches(like(a), v.target)) why = {Code::plan_way_unknown, {a.id}};
            plan_.cannot.push_back({v.target, why, v.angle, {}});
        }
        if (v.target.has_tolerance && v.call != Call::inside && !accepted) all_inside_ = false;
        if (!can && !toe) continue;
        about_.push_back(v);
        const Wheel* one = std::get_if<Wheel>(&v.target.where);
        if (v.target.measure == Measure::toe && one && axle_of(*one) == Axle::front) free_ = false;
        if (toe && v.call == Call::unknown && v.target.has_tolerance) any_unknown_ = true;
        if (v.call == Call::outside && can && !accepted) any_outside_ = true;
        if (v.call == Call::too_close && can && !accepted &&
            probability_inside(v.angle, v.target) < turn_below)
            likely_out_ = true;
    }
}

/// Rods that move a known angle with a target; what is there for camber and caster only where that angle is,
/// or likely is, out; then also the rods of its wheel, to leave its toe alone.
std::vector<Lever> Planner::active_for(bool close_too) const {
    std::vector<Lever> active;
    const bool any = options_.nearer;
    for (const Lever& l : usable_) {
        const bool wanted = std::any_of(about_.begin(), about_.end(), [&](const Verdict& v) {
            if (!v.angle.known || !reaches(l, v.target)) return false;
            if (any || bit_of(v.target.measure) == serves_toe) return true;
            return v.call == Call::outside ||
                   (v.call == Call::too_close &&
                    (close_too || probability_inside(v.angle, v.target) < turn_below));
        });
        if (wanted) active.push_back(l);
    }
    // Driven, it is known how the wheel sits: both rods set it straight, whatever else is aimed at.
    if (steering_known_ && driven_since_turn(job_))
        for (const Lever& l : usable_)
            if (l.rod && axle_of(l.wheel) == Axle::front &&
                std::none_of(active.begin(), active.end(), [&](const Lever& a) { return a.id() == l.id(); }))
                active.push_back(l);
    // A drag link serves the steering wheel alone: it goes with whatever else moves the fronts.
    const bool fronts = std::any_of(active.begin(), active.end(),
                                    [](const Lever& l) { return axle_of(l.wheel) == Axle::front; });
    for (const Lever& l : usable_)
        if (l.serves == 0 && steering_known_ && (fronts || active.empty())) active.push_back(l);
    // Where the rear axle's line is moved, the front wheels follow it.
    const bool rear = std::any_of(active.begin(), active.end(), [](const Lever& l) {
        return axle_of(l.wheel) == Axle::rear && moves_toe(l);
    });
    std::vector<Lever> holding;
    for (const Lever& l : usable_) {
        if (rear && steering_known_ && axle_of(l.wheel) == Axle::front && (l.rod || l.serves == 0) &&
            std::none_of(active.begin(), active.end(), [&](const Lever& a) { return a.id() == l.id(); })) {
            holding.push_back(l);
            continue;
        }
        if (!l.rod) continue;
        const auto same = [&](const Lever& a) { return a.id() == l.id(); };
        const auto leans = [&](const Lever& a) {
            return a.device && a.wheel == l.wheel && (a.serves & (serves_camber | serves_caster)) != 0;
        };
        if (std::none_of(active.begin(), active.end(), same) &&
            std::any_of(active.begin(), active.end(), leans))
            holding.push_back(l);
    }
    // The wheel that is known to sit off is set by both rods, and by no total.
    const auto front_rod = [](const Lever& l) { return l.rod && axle_of(l.wheel) == Axle::front; };
    if (steering_known_ && std::any_of(holding.begin(), holding.end(), front_rod))
        for (const Lever& l : usable_) {
            const auto same = [&](const Lever& a) { return a.id() == l.id(); };
            if (front_rod(l) && std::none_of(active.begin(), active.end(), same) &&
                std::none_of(holding.begin(), holding.end(), same))
                holding.push_back(l);
        }
    active.insert(active.end(), holding.begin(), holding.end());
    return active;
}

Alternative Planner::evaluated(std::vector<Lever> with, std::vector<double> turns, const Aims& aims) const {
    Alternative c{std::move(with), std::move(turns), {}};
    // What settling and locking will do is not for a plan to choose by: only how many are touched.
    const After after{p_, c.with, c.turns, false, false};
    c.then = outcome_of(after, plan_.before, steering_known_, readable_);
    c.miss = expected_miss(after, aims.targets);
    const auto off = [&](const Miss& m) { return std::abs(after.mean(m.g) - m.aim); };
    if (aims.steering) c.steering = off(*aims.steering);
    if (aims.thrust) c.thrust = off(*aims.thrust);
    for (const Miss& m : aims.untouched) {
        c.untouched = std::max(c.untouched, off(m));
        if (m.toe) c.untouched_toe = std::hypot(c.untouched_toe, off(m));
    }
    c.minutes = minutes_of(c, options_.times);
    return c;
}

std::vector<Alternative> Planner::alternatives(const std::vector<Lever>& with) const {
    const Aims aims = aims_of(about_, p_, with, steering_known_, so_far_);
    Chooser chooser(car_, p_, with, aims);
    std::vector<Alternative> out{evaluated(with, std::vector<double>(with.size(), 0.0), aims)};
    const auto add = [&](const Weights& weights) {
        std::vector<double> turns = chooser.best(weights);
        const bool there =
            std::any_of(out.begin(), out.end(), [&](const Alternative& c) { return c.turns == turns; });
        if (!there) out.push_back(evaluated(with, std::move(turns), aims));
    };
    for (const Weights& weights : all_weights) add(weights);
    if (blind_ && aims.thrust) add(alike);
    if (std::any_of(out.begin(), out.end(), [](const Alternative& c) { return c.untouched > worth_saying; }))
        add(sparing);
    return out;
}

/// The same, with all that turning does.
Alternative Planner::whole(Alternative c) const {
    const After after{p_, c.with, c.turns};
    c.then = outcome_of(after, plan_.before, steering_known_, readable_);
    c.miss = expected_miss(After{p_, c.with, c.turns, true, false},
                           aims_of(about_, p_, c.with, steering_known_, so_far_).targets);
    return c;
}

/// What is missed while nothing of these is turned.
double Planner::miss_now(const std::vector<Lever>& with) const {
    return expected_miss(After{p_, with, std::vector<double>(with.size(), 0.0)},
                         aims_of(about_, p_, with, steering_known_, so_far_).targets);
}

/// It brings the targets nearer, makes it likelier that it ends here, or sets the steering wheel straight.
bool Planner::helps(const Alternative& c) const {
    if (!c.any()) return false;
    const Aims aims = aims_of(about_, p_, c.with, steering_known_, so_far_);
    const After still{p_, c.with, std::vector<double>(c.with.size(), 0.0)};
    if (c.miss <= 0.9 * miss_now(c.with) || c.then.ends >= now_.ends + 0.02) return true;
    const auto off = [&](const Miss& m) { return std::abs(still.mean(m.g) - m.aim); };
    const bool tested = test_turn_stands(job_);
    if (tested && aims.thrust && off(*aims.thrust) > c.thrust + equal_thrust) return true;
    // Nobody read how it sits, and what was turned is in doubt: a drive will tell.
    if (!steering_known_ && options_.turns_doubted) return false;
    return aims.steering &&
           off(*aims.steering) > std::max(tested ? thrust_half_band : straight_half_band,
                                          c.steering + (tested ? equal_thrust : equal_steering));
}

TurnedOf Planner::turned_by(const Alternative& c) {
    TurnedOf out;
    for (std::size_t h = 0; h < c.with.size(); ++h)
        if (c.turns[h] != 0.0) out[c.with[h].id()][static_cast<std::size_t>(c.with[h].which)] = c.turns[h];
    return out;
}

/// Not near enough by it to be turned as it was turned already.
bool Planner::hardly_nearer(const Alternative& c) const {
    return c.then.ends < 0.5 && c.miss > 0.5 * miss_now(c.with);
}

/// The same nudge is not asked for twice, nor to and fro. Half of a turn made to watch what it does is no
/// nudge: the same again brings the targets much nearer.
bool Planner::asked_before(const Alternative& c) const {
    const auto last = passes_read(job_, 1);
    return (!last.empty() && hardly_nearer(c) && turned_by(c) == last.front()) || !to_and_fro(c).empty();
}

/// Those that it would turn as the last pass but one did, of which the last made nothing: there and back, and
/// there again. Both places were read, and neither would do.
std::set<std::string> Planner::to_and_fro(const Alternative& c) const {
    std::set<std::string> out;
    const auto passes = passes_read(job_, 2);
    if (passes.size() < 2 || !hardly_nearer(c)) return out;
    for (const auto& [id, amounts] : turned_by(c)) {
        const auto back = passes[0].find(id), there = passes[1].find(id);
        if (back != passes[0].end() && there != passes[1].end() && there->second == amounts &&
            back->second[0] == -amounts[0] && back->second[1] == -amounts[1])
            out.insert(id);
    }
    return out;
}

/// Makes it the plan, unless something has to be read again before. False where it turns nothing.
bool Planner::put(const Alternative& c) {
    const After after{p_, c.with, c.turns};
    std::vector<PlannedTurn> turns = turns_from(after, e_, steering_known_, car_);
    if (turns.empty()) return false;
    if (large(c)) return true;
    plan_.turns = std::move(turns);
    for (PlannedTurn& t : plan_.turns) {
        bool close = false, out = false;
        for (const Lever& l : c.with)
            for (const Verdict& v : about_)
                if (l.id() == t.adjuster && reaches(l, v.target)) {
                    close = close || v.call == Call::too_close;
                    out = out || v.call == Call::outside;
                }
        // A toe is set to the thrust line and by its total: its own edge is not what it is turned for.
        t.at_edge = close && !out && t.about != Measure::toe;
    }
    plan_.next = NextStep::turn;
    plan_.after = c.then.verdicts;
    plan_.steering_after = c.then.steering;
    plan_.probability_inside = c.then.ends;
    plan_.truly_inside = c.then.probability;
    expect(after);
    for (Wheel w : all_wheels)
        for (WheelAngle a : wheel_angles) {
            const Eigen::VectorXd g = angle_gradient(p_, w, a);
            if (g.isZero()) continue;
            const double by = after.change(g);
            if (by == 0.0) continue;
            const Angle sigma = after.change_sigma(g);
            const bool untargeted = !has_target(plan_.before, w, a);
            plan_.change[static_cast<std::size_t>(index_of(w))][index_of(a)] =
                Plan::Change{Angle::from_rad(by), sigma, untargeted};
            // Half of it expected, and all of it possible.
            const bool likely =
                std::abs(by) > 0.5 * worth_saying && std::abs(by) + k95 * sigma.rad() > worth_saying;
            if (untargeted && (likely || sigma.rad() * k95 > may_move))
                plan_.along.push_back({w, measure_of(a), Angle::from_rad(by), sigma});
        }
    // Rods would hold that toe, or follow the rear axle's line, and only their way is not known.
    const bool crooked = steering_known_ && std::abs(c.then.steering.value.rad()) >
                                                std::abs(now_.steering.value.rad()) + straight_half_band;
    for (const Adjuster& a : car_.adjusters) {
        const auto unsaid = unsaid_of(a, car_);
        if (!unsaid || (serves_of(a) & serves_toe) == 0 || !allowed(a.id, adjuster_kind(a.kind))) continue;
        const bool holds = std::any_of(plan_.along.begin(), plan_.along.end(), [&](const MovedAlong& m) {
            return m.measure == Measure::toe && m.wheel == wheel_of(a);
        });
        if (!holds && !(crooked && axle_of(wheel_of(a)) == Axle::front)) continue;
        plan_.turns.clear();
        plan_.along.clear();
        plan_.change = {};
        plan_.look = Look{a.id, std::string(unsaid->field)};
        plan_.next = NextStep::look;
        return true;
    }
    const auto range = [&](const Eigen::VectorXd& g) {
        return (p_.estimable(g) ? after.angle(g).sigma : after.change_sigma(g)) * k95;
    };
    const Eigen::VectorXd thrust = thrust_gradient(p_), steering = steering_gradient(p_);
    plan_.thrust_after = Angle::from_rad(after.mean(thrust));
    plan_.thrust_plus_minus = range(thrust);
    plan_.steering_plus_minus = range(steering);
    std::vector<Wheel> toe, lean;
    spoiled_by(plan_.turns, car_, toe, lean);
    const auto spoils = [&](Wheel w, const char* angle) {
        const std::string what = std::string(name_of(w)) + angle;
        if (std::find(plan_.spoils.begin(), plan_.spoils.end(), what) == plan_.spoils.end())
            plan_.spoils.push_back(what);
    };
    for (Wheel w : toe) spoils(w, ".toe");
    for (Wheel w : lean) {
        spoils(w, ".camber");
        if (axle_of(w) == Axle::front) spoils(w, ".caster");
    }
    plan_.remeasure = remeasure(plan_.turns);
    for (Unreachable& u : plan_.cannot)
        for (const Verdict& v : c.then.verdicts)
            if (v.target.name() == u.target.name()) u.best = v.angle;
    for (Unreachable& u :
         missed(p_, car_, c.with, c.turns, about_, c.then.verdicts, steering_known_, readable_, so_far_))
        plan_.cannot.push_back(std::move(u));
    return true;
}

/// As far as it goes: what is left, why, and what would settle it.
void Planner::finish() {
    // That it is as far as it goes is said of what stays.
    if (shake_is_due(job_)) {
        plan_.next = NextStep::read;
        return;
    }
    AsFarAs far;
    const std::size_t since = last_news(job_);
    const Verdict* worst = nullptr;
    for (const Verdict& v : plan_.before)
        if (v.target.has_tolerance && v.call != Call::inside && !accepted_since(job_, since, v.target)) {
            far.left.push_back(v.target);
            if (v.call == Call::too_close && (!worst || v.angle.sigma > worst->angle.sigma)) worst = &v;
        }
    far.truly_inside = now_.probability;
    far.why = stuck_                  ? *stuck_
              : !plan_.cannot.empty() ? plan_.cannot.front().why
              : worst                 ? Message{Code::plan_too_coarse_to_call, {}}
                                      : Message{Code::plan_nothing_gained, {}};
    if (worst) far.facts = still_readable_.facts_that_settle(*worst);
    if (worst && far.facts.empty() && options_.finer_tool)
        far.tool = tool_that_would(car_, job_.rounds[e_.round].lines, worst->target, 2, means_of(job_));
    plan_.as_far_as = std::move(far);
    plan_.next = NextStep::as_far_as;
}

/// The angles as they are, and what would come of doing nothing.
void Planner::look_at_now() {
    for (const Verdict& v : verdicts(job_, e_))
        if (options_.only.empty() ||
            std::find(options_.only.begin(), options_.only.end(), v.target.measure) != options_.only.end())
            plan_.before.push_back(v);
    const After still{p_, usable_, std::vector<double>(usable_.size(), 0.0)};
    readable_ = readable_of(still_readable_, plan_.before);
    now_ = outcome_of(still, plan_.before, steering_known_, readable_);
    plan_.after = now_.verdicts;
    plan_.steering_before = plan_.steering_after = now_.steering;
    plan_.probability_inside = plan_.truly_inside = now_.probability;
    expect(still);
    plan_.thrust_after = e_.thrust.value;
    plan_.thrust_plus_minus = e_.thrust.known ? e_.thrust.plus_minus() : Angle();
    plan_.steering_plus_minus = now_.steering.known ? now_.steering.plus_minus() : Angle();
    plan_.thrust_off = e_.thrust.known &&
                       std::abs(e_.thrust.value.rad()) - k95 * e_.thrust.sigma.rad() > thrust_worth_saying &&
                       std::none_of(plan_.before.begin(), plan_.before.end(),
                                    [](const Verdict& v) { return v.target.measure == Measure::thrust; });
}

/// Whether the steering wheel, or a thrust that test turns moved, is off enough to be turned for.
bool Planner::wheel_or_thrust_off(const std::vector<Lever>& active) const {
    // As known; and by what this job's own turns did to it, test turns among them.
    const double steered = now_.steering.value.rad();
    const double off = steering_known_ ? std::max(std::abs(steered) - k95 * now_.steering.sigma.rad(),
                                                  std::abs(steered) - std::abs(steered - so_far_.steering))
                       : options_.turns_doubted ? 0.0
                                                : std::abs(so_far_.steering);
    // What a test turn moved is set back.
    const bool tested = test_turn_stands(job_);
    const double thrust_now = thrust_gradient(p_).dot(p_.x);
    const double own_thrust = p_.well_known(thrust_gradient(p_))
                                  ? std::abs(thrust_now) - std::abs(thrust_now - so_far_.thrust)
                                  : std::abs(so_far_.thrust);
    const Aims aims = aims_of(about_, p_, active, steering_known_, so_far_);
    const bool thrust_off = tested && own_thrust > thrust_half_band && aims.thrust;
    const bool steering_off =
        off > (tested ? thrust_half_band : straight_half_band) && free_ && aims.steering;
    return (steering_off || thrust_off) && (!any_unknown_ || tested);
}

/// Brings in what is outside, or likely is. True where that is the next step.
bool Planner::bring_in(std::vector<Lever> active, std::vector<Lever> with_close) {
    if (active.empty() || !(any_outside_ || likely_out_ || wheel_or_thrust_off(active))) return false;
    const std::vector<Alternative> all = alternatives(active);
    Alternative chosen = whole(chosen_of(all, blind_, free_));
    // Under the car already: what lies at an edge is brought in with the rest where that makes it
    // likelier that this pass is the last.
    if (with_close.size() > active.size()) {
        const std::vector<Alternative> more = alternatives(with_close);
        if (Alternative c = whole(chosen_of(more, blind_, free_));
            c.then.ends > chosen.then.ends + worth_turning)
            chosen = std::move(c);
    }
    if (const auto again = to_and_fro(chosen); !again.empty()) {
        for (auto* levers : {&active, &with_close})
            std::erase_if(*levers, [&](const Lever& l) { return again.contains(l.id()); });
        stuck_ = Message{Code::plan_same_again, {}};
        return bring_in(std::move(active), std::move(with_close));
    }
    if (asked_before(chosen))
        stuck_ = Message{Code::plan_same_again, {}};
    else if (helps(chosen) && put(chosen))
        return true;
    else if (any_outside_ || likely_out_)
        for (const Verdict& v : about_)
            if (v.call == Call::outside && reached_by(v.target, active))
                plan_.cannot.push_back(
                    {v.target, {Code::plan_steps_too_coarse, {active.front().id()}}, v.angle, {}});
    return false;
}

/// A choice: what lies inside or at an edge is brought nearer to its aim, where that is worth a visit.
bool Planner::bring_nearer(const std::vector<Lever>& active) {
    if (!options_.nearer || any_outside_ || any_unknown_ || active.empty()) return false;
    const Alternative c = whole(chosen_of(alternatives(active), blind_, free_));
    return c.any() && c.miss <= worth_nearer * miss_now(active) && !asked_before(c) && put(c);
}

/// Whether it may turn the rear axle, whose thrust nobody knows, further aside than is to be left.
bool Planner::moves_unread_thrust(const Alternative& c) const {
    const Eigen::VectorXd thrust = thrust_gradient(p_);
    if (p_.well_known(thrust)) return false;
    const After after{p_, c.with, c.turns};
    const double by = std::abs(after.change(thrust));
    return by > equal_thrust && by + k95 * after.change_sigma(thrust).rad() > most_thrust_unread;
}

/// Nothing that could be read settles what is too close to call, and the middle of the band is a turn away:
/// worth it if that makes it likelier that all is inside, or if what lies at an edge gains so much that what
/// else it spoils may be set again.
bool Planner::bring_from_edge(const std::vector<Lever>& with_close) {
    if (with_close.empty() || stuck_) return false;
    std::vector<Alternative> all = alternatives(with_close);
    std::erase_if(all, [&](const Alternative& a) { return moves_unread_thrust(a); });
    const Alternative c = whole(chosen_of(all, blind_, free_));
    double gain = 0.0;
    for (std::size_t i = 0; i < plan_.before.size(); ++i)
        if (const Verdict& v = plan_.before[i]; v.call == Call::too_close && v.target.has_tolerance)
            gain = std::max(gain, probability_inside(c.then.verdicts[i].angle, v.target) -
                                      probability_inside(v.angle, v.target));
    return (c.then.probability >= now_.probability + worth_turning || gain >= worth_setting_again) &&
           !asked_before(c) && put(c);
}

/// An angle with a target is not known, and nobody has left it so; of any kind, or a toe.
bool Planner::unread(bool toe) const {
    const std::size_t since = last_news(job_);
    return std::any_of(plan_.before.begin(), plan_.before.end(), [&](const Verdict& v) {
        return v.call == Call::unknown && v.target.has_tolerance &&
               (!toe || bit_of(v.target.measure) == serves_toe) && !accepted_since(job_, since, v.target);
    });
}

/// Whether something too close to call is settled by reading on, in no more minutes than a turn would take.
bool Planner::find_what_settles() {
    const double worth_reading = std::round(options_.times.turn / std::max(options_.times.spot, 1e-3));
    const std::size_t since = last_news(job_);
    const Verdict* worst = nullptr;
    for (const Verdict& v : plan_.before) {
        if (v.call != Call::too_close || accepted_since(job_, since, v.target)) continue;
        const double left = worth_reading - still_readable_.read_again(v.target);
        const int most = static_cast<int>(std::clamp(left, 0.0, double{most_settling}));
        const auto settled = still_readable_.settles(v, most);
        if (!settled || (worst && worst->angle.sigma >= v.angle.sigma)) continue;
        worst = &v;
        plan_.settles = settled->first.spot;
    }
    return worst != nullptr;
}

Plan Planner::plan() {
    look_at_now();
    if (waits_for_reading(job_)) {
        wait_for_reading();
        return plan_;
    }
    look_at_targets();
    if (plan_.before.empty()) {
        plan_.next = NextStep::done;
        return plan_;
    }
    // What was turned is read by nothing that is chosen: a drive tells of it, not another turn.
    if (turned_since_reading(job_) && !driven_since_turn(job_)) {
        if (all_inside_)
            plan_.next = NextStep::done;
        else if (unread(false))
            plan_.next = NextStep::read;
        else
            finish();
        return plan_;
    }
    if (options_.probing) {
        if (!all_inside_ && probe()) return plan_;
        if (!all_inside_) {
            stuck_ = Message{Code::plan_nothing_gained, {}};
            finish();
            return plan_;
        }
    }
    const std::vector<Lever> active = active_for(false), with_close = active_for(true);
    if (look_first() || bring_in(active, with_close) || bring_nearer(active) || probe()) return plan_;
    if (set_back()) return plan_;
    const bool readable = find_what_settles();
    if (unread(true) || (all_inside_ && unread(false))) {
        plan_.next = NextStep::read;
        return plan_;
    }
    if (!all_inside_ && !readable && (bring_from_edge(with_close) || look_at_edge())) return plan_;
    if (!all_inside_ && readable)
        plan_.next = NextStep::read;
    else if (unread(false))
        plan_.next = NextStep::read;
    else if (all_inside_)
        plan_.next = NextStep::done;
    else
        finish();
    return plan_;
}

Plan plan_turns(const Job& job, const Estimate& e, const PlanOptions& options) {
    if (!e.posterior || e.round < 0) {
        Plan plan;
        plan.before = verdicts(job, e);
        return plan;
    }
    Plan plan = Planner(job, e, options).plan();
    if (plan.next == NextStep::read && plan.remeasure.empty() && shake_is_due(job))
        plan.remeasure = unread_spots(job, e.round);
    return plan;
}

}  // namespace fairchalk

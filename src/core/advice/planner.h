// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <array>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include <Eigen/Core>

#include "core/advice/aims.h"
#include "core/advice/alternatives.h"
#include "core/advice/outcome.h"
#include "core/advice/plan.h"
#include "core/advice/procedure.h"
#include "core/advice/sheet.h"
#include "core/advice/so_far.h"
#include "core/judge/still_readable.h"

namespace fairchalk {

/// Finds the plan of one question, step by step.
class Planner {
  public:
    Planner(const Job& job, const Estimate& e, const PlanOptions& options);
    Plan plan();

  private:
    bool allowed(const std::string& id, const AdjusterKind* kind) const {
        if (options_.without_jacking && kind && kind->wants_jacking()) return false;
        return options_.touching.empty() ||
               std::find(options_.touching.begin(), options_.touching.end(), id) != options_.touching.end();
    }
    /// As much of a lever as is known of an adjuster whose way is not.
    static Lever like(const Adjuster& a) {
        Lever l;
        l.kind = adjuster_kind(a.kind);
        l.wheel = wheel_of(a);
        l.serves = serves_of(a);
        return l;
    }
    std::vector<Spot> remeasure(const std::vector<PlannedTurn>& turns) const {
        std::vector<Wheel> toe, lean;
        spoiled_by(turns, car_, toe, lean);
        return spoiled_spots_of(job_, e_.round, toe, lean);
    }
    void expect(const After& after) {
        for (std::size_t w = 0; w < 4; ++w)
            for (WheelAngle a : wheel_angles)
                if (const Eigen::VectorXd g = angle_gradient(p_, all_wheels[w], a); !g.isZero())
                    plan_.expect[w][index_of(a)] = after.angle(g);
    }
    double uncounted(const Eigen::VectorXd& g) const;
    void look_at_now();
    void wait_for_reading();
    void look_at_targets();
    bool wheel_or_thrust_off(const std::vector<Lever>& active) const;
    bool bring_in(std::vector<Lever> active, std::vector<Lever> with_close);
    bool bring_nearer(const std::vector<Lever>& active);
    bool moves_unread_thrust(const Alternative& c) const;
    bool bring_from_edge(const std::vector<Lever>& with_close);
    bool find_what_settles();
    bool unread(bool toe) const;
    std::vector<Lever> active_for(bool close_too) const;
    std::vector<Alternative> alternatives(const std::vector<Lever>& with) const;
    Alternative evaluated(std::vector<Lever> with, std::vector<double> turns, const Aims& aims) const;
    Alternative whole(Alternative c) const;
    double miss_now(const std::vector<Lever>& with) const;
    bool helps(const Alternative& c) const;
    static TurnedOf turned_by(const Alternative& c);
    bool hardly_nearer(const Alternative& c) const;
    bool asked_before(const Alternative& c) const;
    std::set<std::string> to_and_fro(const Alternative& c) const;
    bool put(const Alternative& c);
    bool large(const Alternative& c);
    bool read_twice(Wheel w, bool lean) const;
    bool probe();
    bool look_for(const Target& target, bool eyes_only);
    bool look_first();
    bool look_at_edge();
    bool set_back();
    void finish();

    const Job& job_;
    const Estimate& e_;
    const PlanOptions& options_;
    const Posterior& p_;
    CarCard car_;
    std::vector<Lever> all_, usable_;
    bool steering_known_ = false, blind_ = false, free_ = true;
    MovedSoFar so_far_;
    Plan plan_;
    const StillReadable still_readable_;
    Eigen::MatrixXd readable_;  // what more readings would leave of the targets' covariance
    Expected now_;
    std::vector<Verdict> about_;
    bool all_inside_ = true, any_outside_ = false, any_unknown_ = false, likely_out_ = false;
    std::optional<Message> stuck_;
};

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/evening.h"

#include <algorithm>

#include "core/advice/procedure.h"
#include "core/car/adjuster.h"
#include "core/job/rig.h"
#include "core/job/wheel_only.h"

namespace fairchalk {
namespace {

using What = EveningStep::What;

/// Collects the steps state by state.
class Listing {
  public:
    Listing(const Job& job, const Plan& plan, const std::vector<Spot>& read, const ToGo& to_go,
            const Knowledge& knowledge, const PlanOptions& options)
        : job_(job),
          plan_(plan),
          read_(read),
          to_go_(to_go),
          knowledge_(knowledge),
          options_(options),
          t_(options.times),
          stages_(stages_of(job, knowledge)),
          car_(job.rounds.empty() ? job.car : job.rounds.back().car) {}

    Evening made() {
        sort_checks();
        sort_turns();
        wheels_up();
        on_ground();
        if (wanted(Stage::read))
            under_lines();
        else
            straighten();
        return std::move(out_);
    }

  private:
    const StageState& state(Stage s) const { return stages_[static_cast<std::size_t>(index_of(s))]; }
    bool wanted(Stage s) const { return state(s).wanted; }
    bool open(Stage s) const { return wanted(s) && state(s).progress != Progress::done; }
    /// In any round: what a turn opens anew stands on what was set up before.
    bool read_already() const {
        return std::any_of(job_.rounds.begin(), job_.rounds.end(),
                           [&](const Round& r) { return r.last_angle(*job_.log).has_value(); });
    }
    /// Still to be done before anything is read, or spoiled since.
    bool before_reading(Stage s) const {
        return state(s).progress == Progress::stale || (!read_already() && open(s));
    }
    EveningStep& put(What what, CarState car, Stage stage, double minutes) {
        EveningStep s;
        s.what = what;
        s.car = car;
        s.stage = stage;
        s.minutes = minutes;
        out_.steps.push_back(std::move(s));
        out_.minutes += minutes;
        return out_.steps.back();
    }
    double each(double minutes, std::size_t of) const { return minutes * static_cast<double>(of); }

    void sort_checks() {
        // Once the car is read, what nobody looked at is no part of the evening any more.
        if (!open(Stage::check_over) || read_already()) return;
        for (const CheckItem* c : checks_for(job_, knowledge_))
            if (state_of(job_, c->id).state == CheckState::open) (c->up ? up_ : down_).push_back(c);
    }
    void sort_turns() {
        if (!wanted(Stage::read)) return;
        for (const PlannedTurn& t : plan_.turns) {
            const Adjuster* a = car_.adjuster(t.adjuster);
            const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
            const bool up = options_.jacked_to_reach || (kind && kind->wants_jacking());
            (up ? turned_up_ : turned_down_).push_back(t.adjuster);
        }
    }
    void check(const std::vector<const CheckItem*>& items, CarState car) {
        if (items.empty()) return;
        EveningStep& s = put(What::check, car, Stage::check_over, each(t_.check, items.size()));
        for (const CheckItem* c : items) {
            s.about.push_back(c->id);
            s.two = s.two || c->two;
        }
    }
    void wheels_up() {
        if (up_.empty() && turned_up_.empty()) return;
        // What is built on blocks is up, and has nothing to settle.
        const bool lifted = !car_.no_springs;
        out_.jackings += lifted;
        if (lifted)
            put(What::jack, CarState::wheels_up, turned_up_.empty() ? Stage::check_over : Stage::turn,
                t_.jack / 2);
        check(up_, CarState::wheels_up);
        std::vector<std::string> free = turned_down_;
        if (plan_.turns.empty() && !read_already())
            for (const Adjuster& a : car_.adjusters)
                if (adjuster_kind(a.kind) && serves_of(a) != 0) free.push_back(a.id);
        if (!free.empty())
            // Each turn's minutes have the freeing in them.
            put(What::loosen, CarState::wheels_up, Stage::check_over, 0.0).about = free;
        if (!turned_up_.empty())
            put(What::turn, CarState::wheels_up, Stage::turn, each(t_.turn, turned_up_.size())).about =
                turned_up_;
        if (lifted) put(What::settle, CarState::on_ground, Stage::floor, t_.jack / 2).two = true;
    }
    void on_ground() {
        check(down_, CarState::on_ground);
        // A car that only has to settle again stands on the floor as it was surveyed.
        if (!read_already() && open(Stage::floor))
            put(What::floor, CarState::on_ground, Stage::floor, t_.floor);
        if (before_reading(Stage::steering))
            put(What::steering, CarState::on_ground, Stage::steering, t_.steering).two = true;
    }
    /// The wheel-only job: turns, nuts, a drive; nothing is strung up.
    void straighten() {
        const WheelOnly wheel = wheel_only(job_);
        std::vector<std::string> turned;
        for (const auto& [id, turns] : wheel.turns) turned.push_back(id);
        if (!turned.empty())
            put(What::turn, CarState::on_ground, Stage::turn, each(t_.turn, turned.size())).about = turned;
        tighten(CarState::on_ground, turned);
        drive();
    }
    void under_lines() {
        constexpr CarState here = CarState::under_lines;
        const int round = static_cast<int>(job_.rounds.size()) - 1;
        // Who asks for no angle has what was chosen, and nothing else, to set up and to read.
        const bool chosen = round >= 0 && !rigs_of(job_, round, false).empty();
        if ((!read_already() || state(Stage::lines).progress == Progress::stale) &&
            (!job_.targets.empty() || chosen)) {
            double usual = 0.0;
            std::vector<std::string> ids;
            if (job_.rounds.empty()) {
                usual = usual_rig().minutes;
                ids = {std::string(usual_rig().id)};
            } else {
                for (const Rig* r : rigs_of(job_, round, false)) {
                    usual += r->minutes;
                    ids.emplace_back(r->id);
                }
            }
            EveningStep& s = put(What::set_up, here, Stage::lines, t_.set_up * usual);
            s.about = ids;
            s.two = usual >= 8.0;
        }
        double to_read = static_cast<double>(read_.size());
        if (round >= 0) {
            to_read = std::max(to_read, static_cast<double>(unread_spots(job_, round).size()));
        } else if (!job_.targets.empty()) {
            to_read = static_cast<double>(string_walk().size());
        }
        const bool reads = plan_.next == NextStep::read || plan_.next == NextStep::look ||
                           (job_.targets.empty() && chosen) ||
                           (plan_.turns.empty() && state(Stage::read).progress == Progress::stale);
        if (reads && to_read > 0) {
            EveningStep& s = put(What::read, here, Stage::read, t_.spot * to_read);
            s.spots = static_cast<int>(to_read);
            s.two = to_read >= 6;
        }
        if (plan_.look) put(What::look, here, Stage::turn, t_.look).about = {plan_.look->adjuster};
        if (!turned_down_.empty())
            put(What::turn, here, Stage::turn, each(t_.turn, turned_down_.size())).about = turned_down_;
        if (!plan_.turns.empty() && !plan_.remeasure.empty()) {
            EveningStep& s = put(What::read_again, here, Stage::read, each(t_.spot, plan_.remeasure.size()));
            s.spots = static_cast<int>(plan_.remeasure.size());
        }
        more(here);
    }
    double nuts(const std::vector<std::string>& lock) const { return each(t_.lock, lock.size()); }
    /// What is turned already and not locked, and what will be.
    std::vector<std::string> to_lock(const std::vector<std::string>& turned) const {
        std::vector<std::string> out = unlocked_adjusters(job_);
        for (const std::string& id : turned)
            if (std::find(out.begin(), out.end(), id) == out.end()) out.push_back(id);
        return out;
    }
    void tighten(CarState here, const std::vector<std::string>& turned) {
        const std::vector<std::string> lock = to_lock(turned);
        if (!lock.empty()) put(What::lock, here, Stage::turn, nuts(lock)).about = lock;
    }
    void drive() {
        if (!open(Stage::drive)) return;
        // It is said, and is no part of the minutes until all is tight.
        put(What::drive, CarState::on_ground, Stage::drive, t_.drive);
        out_.minutes -= t_.drive;
    }
    /// What the plan alone does not show: other passes, the nuts at the end, the drive.
    void more(CarState here) {
        std::vector<std::string> turned = turned_up_;
        turned.insert(turned.end(), turned_down_.begin(), turned_down_.end());
        const double rest = to_go_.to_done - to_go_.this_pass - nuts(to_lock(turned));
        if (rest > 0.5) {
            EveningStep& s = put(What::once_more, here, Stage::turn, rest);
            s.likely = plan_.turns.empty() || plan_.next == NextStep::test_turn
                           ? 1.0
                           : 1.0 - plan_.probability_inside;
        }
        tighten(here, turned);
        drive();
    }

    const Job& job_;
    const Plan& plan_;
    const std::vector<Spot>& read_;
    const ToGo& to_go_;
    const Knowledge& knowledge_;
    const PlanOptions& options_;
    const StepTimes& t_;
    std::array<StageState, 8> stages_;
    const CarCard& car_;
    std::vector<const CheckItem*> up_, down_;
    std::vector<std::string> turned_up_, turned_down_;
    Evening out_;
};

}  // namespace

Evening evening_of(const Job& job, const Plan& plan, const std::vector<Spot>& read, const ToGo& to_go,
                   const Knowledge& knowledge, const PlanOptions& options) {
    return Listing(job, plan, read, to_go, knowledge, options).made();
}

}  // namespace fairchalk

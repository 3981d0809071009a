// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <vector>

#include <QObject>

#include "core/advice/evening.h"
#include "core/advice/plan.h"
#include "core/analysis.h"
#include "core/judge/cross_check.h"
#include "core/judge/slip.h"
#include "core/judge/squaring.h"

#include "beside.h"

namespace fairchalk::desk {

/// What the plan is asked for: all of it, toe tonight, nothing to be jacked, one side to match the other.
struct PlanChoice {
    PlanOptions options;
    std::optional<Wheel> match;
    std::string name;                                 ///< of the choice; empty: all of it
    std::optional<std::vector<Target>> targets = {};  ///< these instead of the job's own
};

/// How this garage works, whatever the job: what its other jobs tell of the time that steps take, the order
/// that somebody keeps, and whether each pass under the car wants the jack.
struct GarageWays {
    TimesLearnt times;
    bool own_times = true;  ///< false: the usual ones, whatever the logs say
    Order order = Order::all_at_once;
    bool jacked_to_reach = false;
};

/// Everything that is computed from a log, for one state of it.
struct JobAnalysis {
    int choice = 0;                  ///< which plan was asked for
    std::size_t sequence = 0;        ///< how many entries it answers
    Estimate now;                    ///< as the car stands, what was turned since included
    KnownAngle wheel;                ///< how the steering wheel sits on a straight road, right positive
    std::optional<DriveSays> drive;  ///< of the last drive
    Plan plan;
    std::vector<Until> until;  ///< what the rules will show, turn by turn
    ToGo to_go;                ///< how long it still takes
    StepTimes times;           ///< what steps take here
    Evening evening;           ///< what is left, in order and minutes
    std::vector<Verdict>
        expected;                ///< of the last pass of turns, once it was measured: what had been expected
    Belief belief;               ///< of turns that did something else, and of the card
    std::vector<Spot> read;      ///< what to read next, where the plan asks for it
    std::vector<Spot> can_wait;  ///< of the round, unread
    std::optional<Untold> untold;
    std::vector<Verdict> verdicts;
    std::vector<std::vector<WheelFact>> telling;    ///< what would settle each, were it told of the wheels
    std::vector<std::optional<Settling>> settling;  ///< of those too close to call; nothing: no number does
    std::vector<Estimate> rounds;                   ///< each round as it was read
    std::vector<Explanation> slips;                 ///< what suspects look like
    std::vector<std::pair<std::size_t, Estimate>>
        without;                        ///< each suspect (at most four), and all without it
    std::vector<Bumped> bars;           ///< read again
    std::vector<Agreement> agreements;  ///< of two rigs
    Squaring squaring;                  ///< for those who want their strings square
    std::optional<Plan> planned;        ///< what was expected of the turns before the last round
};

/// Has a worker compute what follows from a log. Whoever asks again before it is done gets the answer to the
/// later question only.
class Analyst : public QObject {
    Q_OBJECT
  public:
    explicit Analyst(QObject* parent = nullptr);
    ~Analyst() override;

    /// `job` tells one job's log from another's.
    void ask(const std::string& job, const std::vector<Entry>& log);
    /// Another plan of the log that is asked for next.
    void choose(PlanChoice choice);
    const PlanChoice& choice() const { return choice_; }
    /// Of the log that is asked for next; what was answered until then is no longer current.
    void setWays(GarageWays ways) {
        ways_ = std::move(ways);
        ++choice_number_;
    }
    const GarageWays& ways() const { return ways_; }
    /// Nothing is worked out until it is let go.
    void hold() { beside_.hold(); }
    void letGo() { beside_.letGo(); }
    /// Another job begins: nothing is known of it, and all of it is asked for.
    void forget();

    const JobAnalysis& answer() const { return answer_; }
    /// It answers a log of so many entries, by the plan that is chosen.
    bool isCurrent(std::size_t entries) const {
        return answer_.sequence == entries && answer_.choice == choice_number_;
    }

  signals:
    void answered();

  private:
    std::string job_;
    std::size_t asked_ = 0;  ///< entries of the log that was asked about last
    PlanChoice choice_;
    GarageWays ways_;
    int choice_number_ = 0;
    JobAnalysis answer_;
    std::shared_ptr<std::atomic<bool>> cancel_;
    Beside beside_;
};

}  // namespace fairchalk::desk

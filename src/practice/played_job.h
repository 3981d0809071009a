// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include "core/analysis.h"
#include "core/car/suspension.h"
#include "practice/chance.h"
#include "practice/sim_car.h"
#include "practice/work_count.h"

namespace fairchalk::practice {

/// What there is to turn, and the car that it is on.
struct Built {
    CarCard card, truth;  ///< as the user wrote it, and as it is
    std::array<Corner, 4> corners;
};

/// A job that is played by the program's advice: the log that the program sees, and the car that it does not.
class PlayedJob {
  public:
    PlayedJob(Built car, const SolidCar& shape, Rng rng, Nature nature = {});

    void begin(const std::vector<Target>& targets, const LinesSet& lines, bool rims_seen = true);
    /// The adjusters wander, as before a job that has something to set.
    void disturb();
    void put(decltype(Entry::event) what);
    /// Takes a reading as somebody would; `misreads` is the rate of their slips.
    void read(const Spot& spot, double misreads = 0.0);
    /// The spots of the round that are not read yet.
    void read_round(double misreads = 0.0);
    /// Reads on as the program asks, and sets aside what contradicts, until it says something else.
    Analysis read_on(double misreads = 0.0);
    /// Straight on, hands light: how the steering wheel sat, as somebody judges it; or its mirror image.
    void drive(bool to_the_wrong_side = false);
    /// Under the car, and seen.
    void look(const Look& look);
    /// Whether it ends short for want of what nobody told of the wheels; and that, looked at and told as it
    /// is.
    static bool asks(const Plan& plan) { return plan.as_far_as && !plan.as_far_as->facts.empty(); }
    void tell(const Plan& plan);
    /// Turns it as written; with -1 in `each` for those that are turned the wrong way.
    void turn(const Plan& plan, const std::vector<double>& each = {});
    /// The same while watching a rule, as far as one can stay in its place: about half of each adjuster's
    /// turn, then the rest by what is said of each value; before a shake, and once it is there, after one.
    /// What comes after shims is turned as written.
    void turn_by_watching(const Plan& plan, double misreads = 0.0, const std::vector<double>& each = {});

    const SolidCar& solid() const { return car_->solid(); }
    const CarCard& truth() const { return truth_; }
    const std::vector<Entry>& log() const { return log_; }
    const WorkCount& work() const { return work_; }
    Rng& rng() { return rng_; }

    /// Somebody's own order of setting angles.
    void keep(Order order) { order_ = order; }

    /// What each of them asks for.
    static Question question(Order order = Order::all_at_once);

  private:
    void tell(WheelFact fact);
    void watch(const Plan& plan, const PlannedTurn& planned, const Spot& spot,
               const std::optional<Until>& goal, double way, double misreads);
    /// How far somebody turns it, step by step and `most` at most, with an eye on the rule there until it
    /// shows `value`.
    double until_it_shows(const std::string& adjuster, double step, double most, const Spot& spot,
                          double value);
    /// A reading there as its tool shows it, with a person's slips.
    Reading taken(const Spot& spot, const SolidCar& shows, double misreads);

    Rng rng_;
    CarCard card_, truth_;
    std::unique_ptr<SimCar> car_;
    LinesSet lines_;
    std::vector<Entry> log_;
    std::map<Spot, double> dents_;  ///< mm: what all takings at one spot share
    /// Said anew, to the side where it sat; else it counts no more.
    void say_again(std::size_t drive, bool other_side_fits);

    WorkCount work_;
    bool counts_ = true;           ///< how far something is turned while the rule is watched
    std::optional<double> ratio_;  ///< of the steering gear, which nobody measured
    Order order_ = Order::all_at_once;
};

}  // namespace fairchalk::practice

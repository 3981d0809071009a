// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/job/log.h"
#include "practice/sim_car.h"
#include "practice/work_count.h"

namespace fairchalk::practice {

// The practice floor: a simulated car under a job that does not know it. The truth, too, is a function of the
// log: what was turned, jacked, rolled, moved there happens to the car, and each taking at a spot shows what
// a rule would. Nothing random depends on anything but the seed and on which entry or taking it is.

/// What makes a practice job.
struct Play {
    std::string car, story;  ///< ids of the practice tables
    int level = 1;           ///< 1 calm, 2 as it is, 3 Friday night
    std::uint64_t seed = 1;
    bool operator==(const Play&) const = default;
};
/// As a book keeps it: `tarnby new-rack 2 17`.
std::string text_of(const Play& play);
std::optional<Play> play_from(std::string_view text);
/// The stories that there are.
std::vector<std::string_view> stories();

/// How a level treats people.
struct Level {
    Nature nature;
    double give = 0.0;    ///< degrees, one sigma: worn joints, at each look
    double dents = 0.0;   ///< of `spot_error`
    double bulge = 0.0;   ///< mm, one sigma, of each tire's sidewall
    double play = 0.0;    ///< degrees of the steering wheel that the road wheels do not feel
    double hand = 0.0;    ///< of what a tool's sigma has beside its divisions
    double tilt = 0.0;    ///< mm, one sigma, of each floor spot
    double askew = 0.0;   ///< the rate of rules held askew
    bool kicked = false;  ///< somebody walks into a stand
    bool tells = false;   ///< after each reading, where the rule stood
};
Level level_of(int level);

/// What a rule or gauge shows where it is held.
struct Held {
    double at = 0.0;     ///< where the thread or pointer stands on its scale: mm or degrees, before the eye
    double exact = 0.0;  ///< what is there, in the same terms
    bool askew = false;  ///< the rule was held wrong
    std::optional<bool> top_in;  ///< which way the wheel leans, where the tool does not show it
};

/// Something that happened without anybody's doing.
struct Kick {
    Side side = Side::left;
    double mm = 0.0;          ///< outward, at the front stand
    std::size_t reading = 0;  ///< how many readings had been taken
    std::size_t entry = 0;    ///< the log stood so far
};

class PracticeFloor {
  public:
    /// A car as its card has it, with the story's fault in it.
    PracticeFloor(const CarCard& card, Play play);
    /// The one under a job's log, as the log now stands. The car is as its card first was, whatever is
    /// written on it later.
    static PracticeFloor under(const std::vector<Entry>& log, Play play);

    /// The car and the strings as they are at the end of a log.
    void follow(const std::vector<Entry>& log);

    const Play& play() const { return play_; }
    const Level& level() const { return level_; }
    const SimCar& car() const { return car_; }
    const std::vector<Kick>& kicked() const { return kicked_; }
    /// The next taking of this: `asked` is the reading all but its value, `tool` what it is read with. The
    /// same until something is kept there. Nothing where this floor has no such thing to read.
    std::optional<Held> hold(const Reading& asked, const LinesSet& lines, const Tool& tool) const;
    /// The same with something turned meanwhile that the log does not have yet.
    std::optional<Held> hold(const Reading& asked, const LinesSet& lines, const Tool& tool,
                             const Turn& turning) const;
    /// On the road: how far to the right the steering wheel sits while it runs straight.
    Angle wheel_off() const;
    /// What the job so far would have taken, by hand.
    double minutes() const { return work_.minutes({}); }

  private:
    std::optional<double> there(const Reading& asked, const LinesSet& lines, Rng& rng) const;
    Rng rng_of(std::string_view what, std::size_t n = 0) const;
    void begin();
    void lay_strings(Rng rng);

    CarCard card_;
    Play play_;
    Level level_;
    SimCar car_;
    std::vector<Kick> kicked_;
    std::map<Spot, std::size_t> taken_;
    WorkCount work_;
    LinesSet lines_;
};

}  // namespace fairchalk::practice

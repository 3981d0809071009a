// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/network/estimate.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {

// Short lessons in the order of work. Each is a row of tasks on a simulated car; what is right is computed
// from that car, by the same core that does the jobs.

/// A rule or gauge as it is held, to be read by eye.
struct Face {
    Spot spot;
    std::string tool;
    double at = 0.0;  ///< where the thread or pointer stands: mm or degrees
};

struct Task {
    enum class Ask {
        value,   ///< what does `faces[face]` show?
        choice,  ///< which of `choices`?
        spot     ///< which spot would you read again?
    };
    Ask ask = Ask::value;
    std::string about;  ///< what it is about: `before`, `after`, `string`, `boards`, `first`, …
    std::vector<Face> faces;
    std::size_t face = 0;
    double within = 0.0;                      ///< value: so far off is right
    std::vector<std::string> choices, right;  ///< ids; `right` of choices, or the names of spots
    std::map<std::string, double> numbers;    ///< what the words and the drawing need: mm, degrees
    std::optional<Adjuster> rod;              ///< of the task about turning
};

/// What became of the last answer.
struct Judged {
    bool right = false;
    double off = 0.0;  ///< value: typed less shown
    std::string was;   ///< the right choice, or what stood there
    Task task;         ///< that it was about
};

class Lesson {
  public:
    /// Throws std::invalid_argument for an id that is none of `lessons()`.
    Lesson(std::string_view id, std::uint64_t seed);

    const std::string& id() const { return id_; }
    /// The task that is asked now; nothing once it is over.
    const Task* task() const { return at_ < tasks_.size() ? &tasks_[at_] : nullptr; }
    std::size_t number() const { return at_ + 1; }
    std::size_t of() const { return tasks_.size(); }
    int right() const { return right_; }
    bool over() const { return at_ >= tasks_.size(); }
    /// Three of four are enough.
    bool passed() const { return over() && 4 * right_ >= 3 * static_cast<int>(tasks_.size()); }
    const std::optional<Judged>& last() const { return last_; }

    /// In mm or degrees, as the face shows it.
    void answer_value(double value);
    /// A choice's id, or the name of a spot.
    void answer_choice(const std::string& choice);

    /// What the lesson's readings as they were typed come to; empty until they are all there. Degrees:
    /// `toe_believed`, `toe`, `toe_true` with `_after`; `caster`, `caster_sigma`, `caster_true`; …
    std::map<std::string, double> outcome() const;

  private:
    void next(Judged judged);

    std::string id_;
    std::vector<Task> tasks_;
    std::size_t at_ = 0;
    int right_ = 0;
    std::optional<Judged> last_;
    std::vector<double> typed_;
    std::vector<SolidCar> cars_;  ///< as it stood at each reading
};

/// Their ids, in the order of work.
std::vector<std::string_view> lessons();

}  // namespace fairchalk::practice

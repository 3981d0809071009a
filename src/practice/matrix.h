// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <atomic>
#include <cstdint>
#include <functional>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/advice/plan.h"
#include "core/job/log.h"
#include "practice/work_count.h"

namespace fairchalk::practice {

// The proving ground over all that the window offers: ways of measuring, adjusters at both axles, forms of
// target, tools, and what goes wrong, in cells that together hold every pair of values of any two factors.
// Each is worked through `analyse` on simulated cars whose truth is known; what may never happen is counted.

/// The factors of a cell, each with the words for its values.
enum class Factor { rig, lean, front, rear, target, tool, trouble };
inline constexpr std::size_t factors = 7;
std::string_view name_of(Factor);
const std::vector<std::string>& values_of(Factor);

/// One combination: an index into `values_of` for each factor.
struct Cell {
    std::array<int, factors> value{};
    const std::string& of(Factor f) const;
    /// `string-bars · gauge · rods-behind · …`
    std::string name() const;
};
/// Whether that can be met in a garage at all: no camber target without anything that reads camber.
bool possible(const Cell& cell);

/// Cells in which every pair of values that is possible occurs, fewest first come (a greedy cover); the same
/// for the same seed.
std::vector<Cell> covering_cells(std::uint64_t seed);

/// What may never happen (docs/proof.md): how often it did.
struct Harm {
    int made_worse = 0;                        ///< a miss outside its band, by more than 2.5 times its own ±
    int many_turns = 0;                        ///< more than 4 turns of a rod without asking first
    int moved_unsaid = 0;                      ///< an angle without a target by more than 0.1 degrees
    int thrust_worse = 0, steering_worse = 0;  ///< by more than 2.5 times its own ± and 0.05 degrees
    int no_test_turn = 0;  ///< turned after a second unexplained pass otherwise than as a test
    int done_outside = 0;  ///< `done` with a verdict that is not inside
    int all() const;
    Harm& operator+=(const Harm& other);
};

/// Degrees that an angle may be driven further off by a card that is wrong.
inline constexpr double driven_further = 1.2;

/// Of one job on one car.
struct CellJob {
    std::string ended;    ///< `done`, `as-far-as`, `passes`, `read`
    double passes = 0.0;  ///< a test turn counts half
    int readings = 0;
    WorkCount work;
    /// Minutes that the advice expected, and what it then took: from the first spot to read, and from the
    /// first plan that had all of it.
    struct Expected {
        double said = 0.0, took = 0.0;
    };
    std::optional<Expected> from_start, from_plan;
    int jackings_least = 0;  ///< that nothing could have spared
    bool called_inside = false, truly_inside = false;
    int angles = 0, held = 0;        ///< reported at the end, and within their ±
    int toes = 0, toes_far = 0;      ///< of them toes, and those beyond four sigma
    double most_turn = 0.0;          ///< turns of a rod in one pass
    double worst = 0.0;              ///< degrees that a target's angle was ever off, beyond where it began
    bool rear_thrust_worse = false;  ///< the plan expected it worse by more than 0.06 degrees
    bool rear_planned = false;
    struct Given {
        double truly = 0.0, ends = 0.0;
        bool inside = false, ended = false;
    };
    std::vector<Given> given;
    Harm harm;
    std::vector<std::string> notes;  ///< of each harm, what it was; of each wrong card, how far it drove
    std::vector<Entry> log;          ///< of one with a note, what was done
};
/// How a cell's jobs are worked.
struct WorkedAs {
    Order order = Order::all_at_once;
    bool driven = false;    ///< once it is done, the car is driven, and the job goes on; twice at most
    bool watching = false;  ///< what can be turned with a rule in its place is, and the tires stick
};
CellJob work_cell(const Cell& cell, std::uint64_t seed, std::uint64_t car, WorkedAs as = {});

struct CellResult {
    Cell cell;
    int jobs = 0;
    std::map<std::string, int> ended;
    double passes = 0.0, readings = 0.0, minutes = 0.0;  ///< means
    /// Sums of minutes as expected and as taken, from the first spot and from the first plan.
    double said_at_start = 0.0, took_from_start = 0.0, said_at_plan = 0.0, took_from_plan = 0.0;
    int called_inside = 0, truly_inside = 0;  ///< of those called
    int angles = 0, held = 0;
    int cars_held = 0;  ///< cars all of whose angles were
    Harm harm;
    std::vector<CellJob> all;
};

struct MatrixOptions {
    int cars = 100;
    std::uint64_t seed = 1;
    bool quick = false;  ///< one cell in three
    int threads = 0;
    WorkedAs as;
    std::string only;  ///< cells whose name holds this
};
/// All cells that share a value of a factor: shares, each with the half-width of its 99.9 % interval, the
/// angles of one car counted together.
struct Pool {
    Factor factor = Factor::rig;
    std::string value;
    int cars = 0, called = 0;
    double held = 0.0, held_within = 0.0;      ///< of the reported angles, within their 95 %
    double inside = 0.0, inside_within = 0.0;  ///< of the jobs called inside, truly so
    /// Whether it may stand: not wholly outside 93 to 97 %, nor below 97.5 %.
    bool stands() const;
};
std::vector<Pool> pools_of(const std::vector<CellResult>& results);

/// Plans by the chance that they gave, in tenths.
struct Tenth {
    int plans = 0;
    double said = 0.0, came = 0.0;  ///< means
};
/// First the chance that all is truly inside, then the chance that it ends.
std::array<std::array<Tenth, 10>, 2> tenths_of(const std::vector<CellResult>& results);

std::vector<CellResult> prove_cells(const MatrixOptions& options,
                                    const std::function<void(int, int)>& progress = {},
                                    const std::atomic<bool>* stop = nullptr);

}  // namespace fairchalk::practice

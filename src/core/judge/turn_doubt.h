// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

// What was really done, by what was read after it.
//
// Each pass of turns that readings follow may have been another than is written, and an entry of the card may
// be wrong: these are hypotheses, compared over the whole log by their marginal likelihood with prior odds
// (H. Jeffreys, Theory of Probability (1939)): a pass as written 0.95, a slip 0.04 shared among its kinds,
// nothing that has a name 0.01, a wrong entry of the card 0.02. All of it is a function of the log: where the
// reading that made the doubt is struck, the pass is whole again.

/// What was done instead of what was written down, by what the readings after it say.
enum class OtherTurn {
    wrong_way,      ///< turned the other way
    all_wrong_way,  ///< all of the pass was
    nothing,        ///< it did not move: a seized thread, a rod that turned in its ends
    other_side,     ///< the left was turned for the right
    other_handle,   ///< the front bolt for the rear one
    twice,
    half,            ///< a count of turns, flats or shims that is off
    steering_moved,  ///< both fronts went the same way beside it
    misread,         ///< the turn was right, a reading after or before it is not
    unexplained      ///< none of these
};
std::string_view name_of(OtherTurn);  ///< `wrong-way`, …

/// A pass of turning, if the angles after it are not what it should have made them.
struct TurnDoubt {
    std::vector<std::size_t> turns;  ///< entries of the log
    OtherTurn what = OtherTurn::unexplained;
    double probability = 0.0;  ///< of `what`
    bool in_force = false;     ///< sure enough to be reckoned with; else the pass is left out
    std::string adjuster;      ///< the one it is about
    Wheel wheel = Wheel::front_left;
    WheelAngle angle = WheelAngle::toe;  ///< where it shows most
    Angle expected, happened;            ///< change of that angle of that wheel
};

/// What the card says of adjusters and seems not to be so; or does not say, and seems to be so.
struct CardDoubt {
    std::vector<std::string> adjusters;
    /// `rod`: the side of the axle; `double_ended`: both hands of thread; `response`: pitch, arm,
    /// eccentricity.
    std::string field;
    std::string value;   ///< as it seems to be: `ahead-of-axle`, `true`
    double times = 1.0;  ///< of `response`: what a turn does, against what the card's figures make it
    double sigma = 0.0;  ///< of `times`, a share of it
    double probability = 0.0;
    bool unsaid = false;    ///< the card says nothing of it
    bool in_force = false;  ///< reckoned with
    bool sure = false;      ///< enough for the card: above 0.99
};

/// All that is believed of the turns of a job and of its card.
struct Belief {
    std::vector<TurnDoubt> doubts;  ///< of passes, oldest first; none where all fits
    std::vector<CardDoubt> card;
    /// A side of the axle that looking settles at once, where readings alone do not yet.
    std::optional<CardDoubt> look;
    /// Adjusters whose turns have shown, by ten to one over the card alone, that they lie on the side of the
    /// axle that the card says.
    std::vector<std::string> side_shown;
    /// What turns may do, of adjusters whose figures are in doubt and none in force: each a `response`, the
    /// mean of all that it may be. Plans go by it.
    std::vector<CardDoubt> open;
    int unexplained = 0;             ///< passes that nothing explains
    bool probing = false;            ///< two of them or more: nothing is planned but a test turn
    std::vector<std::size_t> freed;  ///< turns that say nothing about what they did
    /// What was turned instead: by the entry, adjuster and amounts.
    struct Instead {
        std::string adjuster;
        double turns = 0.0, second = 0.0;
    };
    std::map<std::size_t, Instead> instead;

    /// Of the last pass that readings follow, or nothing while that fits.
    const TurnDoubt* last() const;
    std::size_t last_turn = 0;  ///< the last entry of that pass
};

/// Compares the hypotheses. One solve of the job with all passes left out, then linear algebra.
Belief believe(const Job& job);

/// The job as it is believed to have gone: turns and the card's entries as they are in force. Where nothing
/// is changed it is the job itself; else `log` holds its entries, in the same places.
Job believed(const Job& job, const Belief& belief, std::shared_ptr<const std::vector<Entry>>& log);

/// Passes that are believed to have been turned the wrong way, of each adjuster that was turned in them.
std::map<std::string, int> turned_wrong_way(const Job& job, const Belief& belief);

/// The last pass of turning, if it is in doubt.
std::optional<TurnDoubt> turn_doubt(const Job& job);

}  // namespace fairchalk

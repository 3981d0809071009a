// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/advice/to_go.h"
#include "core/job/knowledge.h"

namespace fairchalk {

/// How the car stands while something is done.
enum class CarState { wheels_up, on_ground, under_lines };

/// One line of what is left of a job.
struct EveningStep {
    enum class What {
        jack,        ///< up and on stands
        check,       ///< items of the check-over
        loosen,      ///< what will be turned, freed while the car is up anyway
        turn,        ///< adjusters
        settle,      ///< down, rolled and bounced
        floor,       ///< what the wheels stand on
        steering,    ///< straight and held
        set_up,      ///< ways of measuring
        read,        ///< spots
        look,        ///< at something under the car
        read_again,  ///< what the turns spoil
        once_more,   ///< another pass, as likely as it is
        lock,        ///< what was turned
        drive
    };
    What what = What::check;
    CarState car = CarState::on_ground;
    Stage stage = Stage::check_over;
    double minutes = 0.0;
    std::vector<std::string> about{};  ///< ids of check items, rigs or adjusters
    int spots = 0;
    double likely = 1.0;  ///< of another pass: the chance that there is one
    bool two = false;     ///< a second person saves time
};

/// All that is left of a job, in the order that needs the fewest jackings: what wants the wheels up is done
/// in one go, then what is done on the ground, then what is done between the lines. Minutes are
/// `options.times`; the whole is what `to_go` expects and the stages before it.
struct Evening {
    std::vector<EveningStep> steps;
    double minutes = 0.0;  ///< to the end, the drive not counted
    int jackings = 0;
};
Evening evening_of(const Job& job, const Plan& plan, const std::vector<Spot>& read, const ToGo& to_go,
                   const Knowledge& knowledge, const PlanOptions& options);

}  // namespace fairchalk

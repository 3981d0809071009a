// SPDX-License-Identifier: GPL-3.0-or-later
// What a drive and the angles say of each other.
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {

std::string wheel_expected(const KnownAngle& wheel, const Show& how) {
    if (!wheel.known) return {};
    return fill(TR_NOOP("By the angles the steering wheel sits {0} ±{1} on a straight road."),
                {wheel_off(wheel.value, how), show_plus_minus(wheel.sigma * k95, how)});
}

namespace {

const char* of_pull(PullBy by) {
    switch (by) {
        case PullBy::caster:
            return TR_NOOP("The angles explain the pull: that side has less caster than the other.");
        case PullBy::camber:
            return TR_NOOP(
                "The angles explain the pull: that side leans more outward at the top than the other.");
        case PullBy::neither:
            return TR_NOOP(
                "The angles do not explain the pull: caster and camber are alike on both sides. Swap the "
                "front "
                "tires over, unless they are directional or of unlike sizes: a pull that changes sides is in "
                "them. Else a brake that drags (feel near the hub, not on it), or play.");
        case PullBy::unknown:
            break;
    }
    return TR_NOOP(
        "Whether the angles explain the pull is not known: camber and caster of both front wheels would "
        "tell.");
}

}  // namespace

std::vector<std::string> drive(const DriveSays& drive, const Show& how) {
    std::vector<std::string> out;
    if (drive.off && drive.expected.known) {
        if (drive.fits)
            out.push_back(fill(
                TR_NOOP("The angles explain how the wheel sat: they make it {0} ±{1}."),
                {wheel_off(drive.expected.value, how), show_plus_minus(drive.expected.sigma * k95, how)}));
        else
            out.push_back(fill(
                TR_NOOP(
                    "The angles do not explain how the wheel sat: they make it {0} ±{1}. Was it level while "
                    "the toes were read? Set it level, hold it, and read the front spots again; where they "
                    "stay, look for play, and for a wheel on another tooth of its shaft."),
                {wheel_off(drive.expected.value, how), show_plus_minus(drive.expected.sigma * k95, how)}));
    }
    if (drive.pull) out.push_back(tr(of_pull(*drive.pull)));
    return out;
}

}  // namespace fairchalk::words

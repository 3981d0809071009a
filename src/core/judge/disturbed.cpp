// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/disturbed.h"

#include <array>
#include <cmath>

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 13> joint_names = {
    "tie-rod-end",    "tie-rod-thread",   "ball-joint", "upper-arm-bolts", "lower-arm-bolts",
    "strut-top-nuts", "strut-to-upright", "spring",     "damper",          "hub",
    "rack-clamps",    "subframe-bolts",   "wheel"};

/// The ways in which such a joint may come back elsewhere.
std::vector<Cause> ways(Joint joint) {
    using C = Cause;
    switch (joint) {
        case Joint::tie_rod_thread:
            return {C::rod_length};
        case Joint::upper_arm_bolts:
            return {C::upper_arm_in_out, C::upper_arm_fore_aft};
        case Joint::lower_arm_bolts:
            return {C::lower_arm_in_out, C::lower_arm_fore_aft};
        case Joint::strut_top:
            return {C::strut_top_in_out, C::strut_top_fore_aft};
        case Joint::strut_to_upright:
            return {C::upright_bent};
        case Joint::spring:
            return {C::sag};
        case Joint::rack_clamps:
            return {C::rack_shift};
        case Joint::subframe_bolts:
            return {C::subframe_sideways, C::subframe_turned};
        default:
            return {};
    }
}

}  // namespace

std::string_view name_of(Joint j) {
    return joint_names[static_cast<std::size_t>(index_of(j))];
}
std::optional<Joint> joint_named(std::string_view word) {
    return named<Joint>(joint_names, word);
}

std::vector<Joint> joints_of(CornerKind kind) {
    using J = Joint;
    if (kind == CornerKind::strut)
        return {J::wheel,           J::hub,         J::ball_joint,       J::tie_rod_end,
                J::tie_rod_thread,  J::strut_top,   J::strut_to_upright, J::spring,
                J::lower_arm_bolts, J::rack_clamps, J::subframe_bolts};
    return {J::wheel,           J::hub,         J::ball_joint,    J::tie_rod_end,
            J::tie_rod_thread,  J::damper,      J::spring,        J::upper_arm_bolts,
            J::lower_arm_bolts, J::rack_clamps, J::subframe_bolts};
}

double comes_back_within(Joint joint) {
    switch (joint) {
        case Joint::tie_rod_thread:
            return 1.5;  // a turn
        case Joint::upper_arm_bolts:
        case Joint::lower_arm_bolts:
        case Joint::rack_clamps:
            return 1.0;
        case Joint::strut_top:
        case Joint::strut_to_upright:
            return 2.0;
        case Joint::subframe_bolts:
            return 3.0;
        case Joint::spring:
            return 10.0;
        default:
            return 0.0;
    }
}

Disturbed disturbed_by(CornerKind kind, RodSide rods, std::span<const Joint> undone) {
    Disturbed out;
    for (Joint joint : undone)
        for (Cause way : ways(joint)) {
            const PerMm& mm = per_mm(kind, rods, way, Side::left);
            const double by = comes_back_within(joint);
            const auto most = [&](Eigen::Index k) {
                return by * (std::abs(mm.mean[k]) + 2.0 * std::sqrt(mm.covariance(k, k)));
            };
            out.toe += most(0);
            out.camber += most(1);
            out.caster += most(2);
            out.other_side = out.other_side || joint == Joint::rack_clamps || joint == Joint::subframe_bolts;
        }
    return out;
}

std::optional<Joint> spares(Joint joint, CornerKind kind) {
    switch (joint) {
        case Joint::upper_arm_bolts:
        case Joint::lower_arm_bolts:
            return Joint::ball_joint;
        case Joint::tie_rod_thread:
            return Joint::tie_rod_end;
        case Joint::strut_to_upright:
            return kind == CornerKind::strut ? std::optional(Joint::ball_joint) : std::nullopt;
        default:
            return std::nullopt;
    }
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string_view>

#include <Eigen/Core>

#include "core/quantity/message.h"
#include "core/quantity/units.h"

namespace fairchalk {

// Exact kinematics of one corner (docs/geometry.md). Always the left one: x forward, y outward to the
// left, z up, millimetres; a right corner is its mirror image. The upright is a rigid body with six degrees
// of freedom, held by six equations: each link keeps its length, a strut slides along its axis through its
// top, the hub keeps its height, the rack its place.

enum class CornerKind {
    double_wishbone,
    strut,
    beam,          ///< a wheel on its kingpin; the rod is the drag link, or the tube across
    trailing_arm,  ///< about a front pivot; the hub is held sideways behind it
    fixed
};
std::string_view name_of(CornerKind);  ///< `double-wishbone`, `strut`, …
std::optional<CornerKind> corner_kind_named(std::string_view);

/// Hardpoints, by their names in the file.
enum class Hardpoint {
    hub,
    uca_front,
    uca_rear,
    upper,  ///< upper joint, or the kingpin's upper end
    lca_front,
    lca_rear,
    lower,
    top,        ///< of the strut, on the body
    strut_low,  ///< fixed to the upright, on the strut's axis
    rod_inner,
    rod_outer,
    pivot  ///< of a trailing arm
};
inline constexpr int hardpoints = 12;
std::string_view name_of(Hardpoint);  ///< `uca_front`
std::optional<Hardpoint> hardpoint_named(std::string_view);
/// The points that a corner of that kind has.
std::span<const Hardpoint> points_of(CornerKind);
/// True for a point on the body, which shims, cams and plates move; others are on the upright.
bool on_chassis(CornerKind, Hardpoint);

/// True where a rod steers or holds the wheel.
bool has_rod(CornerKind);

/// A link between a body point and the upright; named after its body point.
enum class Link { uca_front, uca_rear, lca_front, lca_rear, rod };
inline constexpr int links = 5;

struct Corner {
    CornerKind kind = CornerKind::double_wishbone;
    std::array<Eigen::Vector3d, hardpoints> points{};
    Angle camber, toe;  ///< as the wheel stands with these points

    const Eigen::Vector3d& at(Hardpoint p) const { return points[static_cast<std::size_t>(p)]; }
    Eigen::Vector3d& at(Hardpoint p) { return points[static_cast<std::size_t>(p)]; }
};

/// What was adjusted, from the corner as it was drawn.
struct CornerMove {
    std::array<Eigen::Vector3d, hardpoints>
        points{};                         ///< body points moved; upright points moved on it (slots)
    std::array<double, links> lengths{};  ///< links made longer, mm
    double hub_height = 0.0;              ///< the hub raised against the body: lowered is positive
    /// The upright leaned outward against its strut, radians, about a point of the strut's axis so high over
    /// the lower joint, mm: one of the two bolts between them moved, and it turns about the other.
    double lean_on_strut = 0.0, lean_about = 0.0;

    CornerMove() { points.fill(Eigen::Vector3d::Zero()); }
    Eigen::Vector3d& at(Hardpoint p) { return points[static_cast<std::size_t>(p)]; }
    double& length(Link l) { return lengths[static_cast<std::size_t>(l)]; }
    CornerMove operator*(double k) const;
    /// Both moves at once.
    CornerMove& operator+=(const CornerMove& other);
};

struct CornerAngles {
    Angle toe, camber;    ///< toe in and top out are positive
    Angle caster, sai;    ///< of the steering axis; 0 where there is none
    Eigen::Vector3d hub;  ///< where it went
};

/// The corner as drawn.
CornerAngles angles_of(const Corner& corner);

/// The corner after `move`: Newton's method on the six equations, with the move in parts where it is large.
/// Fails with `link_too_short` or `link_too_long` (link, by how much) where the links do not meet, and
/// with `links_do_not_hold` where they do not hold the upright.
Result<CornerAngles> solve_corner(const Corner& corner, const CornerMove& move);

/// The wishbone and the strut that the tests are made on.
Corner sample_wishbone();
Corner sample_strut();

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/suspension.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>
#include <Eigen/Geometry>

#include "core/car/car.h"
#include "core/quantity/named.h"
#include "core/quantity/notation.h"

namespace fairchalk {
namespace {

using V = Eigen::Vector3d;
using H = Hardpoint;
using Six = Eigen::Matrix<double, 6, 1>;

constexpr std::array<std::string_view, 5> kind_names = {"double-wishbone", "strut", "beam", "trailing-arm",
                                                        "fixed"};
constexpr std::array<std::string_view, hardpoints> point_names = {
    "hub",   "uca_front", "uca_rear",  "upper",     "lca_front", "lca_rear",
    "lower", "top",       "strut_low", "rod_inner", "rod_outer", "pivot"};

constexpr std::array wishbone_points = {H::hub,      H::uca_front, H::uca_rear,  H::upper,    H::lca_front,
                                        H::lca_rear, H::lower,     H::rod_inner, H::rod_outer};
constexpr std::array strut_points = {H::hub,      H::top,   H::strut_low, H::lca_front,
                                     H::lca_rear, H::lower, H::rod_inner, H::rod_outer};
constexpr std::array beam_points = {H::hub, H::upper, H::lower, H::rod_inner, H::rod_outer};
constexpr std::array trailing_points = {H::hub, H::pivot};
constexpr std::array fixed_points = {H::hub};

constexpr int most_steps = 40;
constexpr double close_enough = 1e-9;  // mm
/// A move is taken in parts of at most this, so that it stays on the branch on which the car was built.
constexpr double part_of_move = 8.0;

struct LinkEnds {
    Link link;
    H inner, outer;
};
constexpr std::array all_links = {
    LinkEnds{Link::uca_front, H::uca_front, H::upper}, LinkEnds{Link::uca_rear, H::uca_rear, H::upper},
    LinkEnds{Link::lca_front, H::lca_front, H::lower}, LinkEnds{Link::lca_rear, H::lca_rear, H::lower},
    LinkEnds{Link::rod, H::rod_inner, H::rod_outer}};

bool has(CornerKind kind, H point) {
    const auto points = points_of(kind);
    return std::find(points.begin(), points.end(), point) != points.end();
}

V spindle(Angle toe, Angle camber) {
    const double t = toe.rad(), g = camber.rad();
    return {std::sin(t) * std::cos(g), std::cos(t) * std::cos(g), -std::sin(g)};
}

/// The upright: what was at `p` as drawn is at hub + turn * (p - hub as drawn).
struct Pose {
    Eigen::Matrix3d turn = Eigen::Matrix3d::Identity();
    V hub;
};

struct Equations {
    Six value;
    Eigen::Matrix<double, 6, 6> slope;
    std::array<int, 6> link{-1, -1, -1, -1, -1, -1};  ///< which link an equation is
};

class Solver {
  public:
    Solver(const Corner& corner, const CornerMove& move) : corner_(corner), move_(move) {}

    V body(H p) const { return corner_.at(p) + move_.points[static_cast<std::size_t>(p)]; }
    V on_upright(const Pose& pose, H p) const {
        return pose.hub + pose.turn * (body(p) - corner_.at(H::hub));
    }

    Equations at(const Pose& pose) const {
        Equations e;
        e.value.setZero();
        e.slope.setZero();
        int row = 0;
        const auto put = [&](double value, const V& by_hub, const V& by_turn) {
            e.value[row] = value;
            e.slope.row(row).head<3>() = by_hub;
            e.slope.row(row).tail<3>() = by_turn;
            ++row;
        };
        for (const LinkEnds& l : all_links) {
            if (!has(corner_.kind, l.inner) || !has(corner_.kind, l.outer)) continue;
            const double length = (corner_.at(l.outer) - corner_.at(l.inner)).norm() +
                                  move_.lengths[static_cast<std::size_t>(l.link)];
            const V p = on_upright(pose, l.outer), q = p - body(l.inner), r = p - pose.hub;
            const double now = std::max(q.norm(), 1e-9);
            e.link[static_cast<std::size_t>(row)] = static_cast<int>(l.link);
            put(now - length, q / now, r.cross(q) / now);
        }
        const V up = V::UnitZ();
        switch (corner_.kind) {
            case CornerKind::double_wishbone:
                put(pose.hub.z() - corner_.at(H::hub).z() - move_.hub_height, up, V::Zero());
                break;
            case CornerKind::strut: {
                put(pose.hub.z() - corner_.at(H::hub).z() - move_.hub_height, up, V::Zero());
                // The body's top lies on the strut's axis, which goes with the upright.
                const V drawn_axis = (corner_.at(H::top) - corner_.at(H::strut_low)).normalized();
                // Seen from the upright the strut leans inward by what the upright leans outward.
                const Eigen::Matrix3d lean =
                    Eigen::AngleAxisd(move_.lean_on_strut, V::UnitX()).toRotationMatrix();
                const V axis = lean * drawn_axis;
                const V across = axis.unitOrthogonal();
                const V about =
                    corner_.at(H::strut_low) + drawn_axis * ((corner_.at(H::lower).z() + move_.lean_about -
                                                              corner_.at(H::strut_low).z()) /
                                                             std::max(drawn_axis.z(), 0.1));
                const V drawn_low = about + lean * (body(H::strut_low) - about);
                const V low = pose.hub + pose.turn * (drawn_low - corner_.at(H::hub)), r = low - pose.hub,
                        reach = body(H::top) - low;
                for (const V& drawn : {across, V(axis.cross(across))}) {
                    const V side = pose.turn * drawn;
                    put(side.dot(reach), -side, side.cross(reach) - r.cross(side));
                }
                break;
            }
            case CornerKind::beam: {
                // Both ends of the kingpin stay on the axle.
                const V up_end = on_upright(pose, H::upper), r = up_end - pose.hub;
                const V off = up_end - corner_.at(H::upper);
                for (int i = 0; i < 3; ++i) put(off[i], V::Unit(i), r.cross(V::Unit(i)));
                const V axis = (corner_.at(H::upper) - corner_.at(H::lower)).normalized();
                const V across = axis.unitOrthogonal();
                const V low_end = on_upright(pose, H::lower), s = low_end - pose.hub;
                for (const V& side : {across, V(axis.cross(across))})
                    put(side.dot(low_end - corner_.at(H::lower)), side, s.cross(side));
                break;
            }
            case CornerKind::trailing_arm: {
                // The pivot is where the body holds it; the hub is held sideways and in height, and its lean.
                const V p = pose.hub + pose.turn * (corner_.at(H::pivot) - corner_.at(H::hub)),
                        r = p - pose.hub;
                const V off = p - body(H::pivot);
                for (int i = 0; i < 3; ++i) put(off[i], V::Unit(i), r.cross(V::Unit(i)));
                put(pose.hub.y() - corner_.at(H::hub).y(), V::UnitY(), V::Zero());
                put(pose.hub.z() - corner_.at(H::hub).z() - move_.hub_height, up, V::Zero());
                const V drawn = spindle(corner_.toe, corner_.camber), n = pose.turn * drawn;
                constexpr double reach = 100.0;  // so that a lean weighs as a length does
                put(reach * (n.z() - drawn.z()), V::Zero(), reach * n.cross(up));
                break;
            }
            case CornerKind::fixed:
                e.value.head<3>() = pose.hub - corner_.at(H::hub);
                e.slope.setIdentity();
                break;
        }
        return e;
    }

    /// Newton from `pose`; halves a step that makes it worse.
    bool run(Pose& pose) const {
        Equations e = at(pose);
        double size = e.value.norm();
        for (int n = 0; n < most_steps && size > close_enough; ++n) {
            const Eigen::FullPivLU<Eigen::Matrix<double, 6, 6>> lu(e.slope);
            const Six step = lu.solve(-e.value);
            if (!step.allFinite()) return false;
            double k = 1.0;
            bool better = false;
            for (int half = 0; half < 24 && !better; ++half, k *= 0.5) {
                Pose next = pose;
                next.hub += k * step.head<3>();
                const V turn = k * step.tail<3>();
                if (const double by = turn.norm(); by > 1.0)
                    continue;  // no upright turns so far at once
                else if (by > 0.0)
                    next.turn = Eigen::AngleAxisd(by, turn / by).toRotationMatrix() * next.turn;
                const Equations there = at(next);
                const double size_there = there.value.norm();
                if (size_there < size) {
                    pose = next;
                    e = there;
                    size = size_there;
                    better = true;
                }
            }
            if (!better) break;
        }
        return size <= 1e-6;
    }

  private:
    const Corner& corner_;
    const CornerMove& move_;
};

CornerAngles angles_at(const Corner& corner, const CornerMove& move, const Pose& pose) {
    CornerAngles out;
    const V n = pose.turn * spindle(corner.toe, corner.camber);
    out.toe = Angle::from_rad(std::atan2(n.x(), n.y()));
    out.camber = Angle::from_rad(-std::asin(std::clamp(n.z(), -1.0, 1.0)));
    out.hub = pose.hub;
    const Solver s(corner, move);
    V axis = V::Zero();
    if (corner.kind == CornerKind::double_wishbone || corner.kind == CornerKind::beam)
        axis = s.on_upright(pose, H::upper) - s.on_upright(pose, H::lower);
    if (corner.kind == CornerKind::strut) axis = s.body(H::top) - s.on_upright(pose, H::lower);
    if (axis.z() != 0.0) {
        out.caster = Angle::from_rad(std::atan2(-axis.x(), axis.z()));
        out.sai = Angle::from_rad(std::atan2(-axis.y(), axis.z()));
    }
    return out;
}

/// The link that stops it: from `pose`, the last on the way that was reached, the rest of the equations are
/// met as nearly as they come a little further on (`beyond`), and the link whose ends are then furthest from
/// its length is the one. By how much: over the whole move, the rest of the corner staying where it stopped.
Message unreachable(const Corner& corner, const CornerMove& move, const CornerMove& beyond,
                    const Pose& stopped) {
    Pose pose = stopped;
    const Solver s(corner, beyond);
    // Levenberg's damped steps, to the least squares of all six.
    double damping = 1.0;
    Equations e = s.at(pose);
    for (int n = 0; n < 300; ++n) {
        const Eigen::Matrix<double, 6, 6> normal =
            e.slope.transpose() * e.slope +
            damping * Eigen::Matrix<double, 6, 6>((e.slope.transpose() * e.slope).diagonal().asDiagonal());
        const Six step = normal.ldlt().solve(-e.slope.transpose() * e.value);
        Pose next = pose;
        next.hub += step.head<3>();
        const V turn = step.tail<3>();
        if (turn.norm() > 0)
            next.turn = Eigen::AngleAxisd(turn.norm(), turn.normalized()).toRotationMatrix() * next.turn;
        const Equations there = s.at(next);
        if (there.value.norm() < e.value.norm()) {
            pose = next;
            e = there;
            damping = std::max(damping / 3, 1e-9);
        } else {
            damping *= 4;
            if (damping > 1e12) break;
        }
    }
    int worst = -1;
    for (int i = 0; i < 6; ++i)
        if (e.link[static_cast<std::size_t>(i)] >= 0 &&
            (worst < 0 || std::abs(e.value[i]) > std::abs(e.value[worst])))
            worst = i;
    if (worst < 0 || std::abs(e.value[worst]) < 1e-6)
        return {Code::links_do_not_hold, {std::string(name_of(corner.kind))}};
    const LinkEnds& l = all_links[static_cast<std::size_t>(e.link[static_cast<std::size_t>(worst)])];
    const double by = Solver(corner, move).at(stopped).value[worst];
    return {e.value[worst] > 0 ? Code::link_too_short : Code::link_too_long,
            {l.link == Link::rod ? "rod" : std::string(name_of(l.inner)),
             write_exact(Length::from_mm(std::round(std::abs(by) * 10) / 10))}};
}

}  // namespace

std::string_view name_of(CornerKind k) {
    return kind_names[static_cast<std::size_t>(index_of(k))];
}
std::optional<CornerKind> corner_kind_named(std::string_view s) {
    return named<CornerKind>(kind_names, s);
}
std::string_view name_of(Hardpoint p) {
    return point_names[static_cast<std::size_t>(index_of(p))];
}
std::optional<Hardpoint> hardpoint_named(std::string_view s) {
    return named<Hardpoint>(point_names, s);
}

std::span<const Hardpoint> points_of(CornerKind kind) {
    switch (kind) {
        case CornerKind::double_wishbone:
            return wishbone_points;
        case CornerKind::strut:
            return strut_points;
        case CornerKind::beam:
            return beam_points;
        case CornerKind::trailing_arm:
            return trailing_points;
        case CornerKind::fixed:
            break;
    }
    return fixed_points;
}

bool on_chassis(CornerKind kind, Hardpoint p) {
    switch (p) {
        case H::uca_front:
        case H::uca_rear:
        case H::lca_front:
        case H::lca_rear:
        case H::top:
        case H::rod_inner:
        case H::pivot:
            return has(kind, p);
        default:
            return false;
    }
}

bool has_rod(CornerKind kind) {
    return has(kind, H::rod_inner);
}

CornerMove CornerMove::operator*(double k) const {
    CornerMove out = *this;
    for (V& p : out.points) p *= k;
    for (double& l : out.lengths) l *= k;
    out.hub_height *= k;
    out.lean_on_strut *= k;
    return out;
}

CornerMove& CornerMove::operator+=(const CornerMove& other) {
    for (std::size_t i = 0; i < points.size(); ++i) points[i] += other.points[i];
    for (std::size_t i = 0; i < lengths.size(); ++i) lengths[i] += other.lengths[i];
    hub_height += other.hub_height;
    lean_on_strut += other.lean_on_strut;
    if (other.lean_on_strut != 0.0) lean_about = other.lean_about;
    return *this;
}

CornerAngles angles_of(const Corner& corner) {
    Pose drawn;
    drawn.hub = corner.at(H::hub);
    return angles_at(corner, CornerMove(), drawn);
}

Result<CornerAngles> solve_corner(const Corner& corner, const CornerMove& move) {
    double largest = std::abs(move.hub_height);
    for (const V& p : move.points) largest = std::max(largest, p.norm());
    for (double l : move.lengths) largest = std::max(largest, std::abs(l));
    largest = std::max(largest, 100.0 * std::abs(move.lean_on_strut));
    Pose pose;
    pose.hub = corner.at(H::hub);
    int parts = std::max(1, static_cast<int>(std::ceil(largest / part_of_move)));
    // Near the end of a reach the steps have to be small.
    CornerMove beyond = move;
    for (int attempt = 0; attempt < 3; ++attempt, parts *= 8) {
        Pose at = pose;
        bool all = true;
        for (int i = 1; i <= parts && all; ++i) {
            beyond = move * (static_cast<double>(i) / parts);
            Pose next = at;
            all = Solver(corner, beyond).run(next);
            if (all) at = next;
        }
        if (all) return angles_at(corner, move, at);
        if (attempt == 2) return tl::unexpected(unreachable(corner, move, beyond, at));
    }
    return tl::unexpected(Message{Code::links_do_not_hold, {std::string(name_of(corner.kind))}});
}

Corner sample_wishbone() {
    Corner c;
    c.kind = CornerKind::double_wishbone;
    c.at(H::hub) = {0, 745, 310};
    c.at(H::uca_front) = {150, 380, 480};
    c.at(H::uca_rear) = {-130, 390, 470};
    c.at(H::upper) = {-18, 640, 500};
    c.at(H::lca_front) = {180, 330, 190};
    c.at(H::lca_rear) = {-200, 330, 195};
    c.at(H::lower) = {8, 700, 185};
    c.at(H::rod_inner) = {-120, 340, 230};
    c.at(H::rod_outer) = {-135, 690, 235};
    c.camber = Angle::from_deg(-0.5);
    c.toe = Angle::from_deg(0.1);
    return c;
}

Corner sample_strut() {
    Corner c;
    c.kind = CornerKind::strut;
    c.at(H::hub) = {0, 740, 305};
    c.at(H::top) = {-30, 560, 860};
    c.at(H::strut_low) = {-14.25, 623, 558.5};
    c.at(H::lca_front) = {120, 340, 200};
    c.at(H::lca_rear) = {-180, 345, 205};
    c.at(H::lower) = {5, 700, 190};
    c.at(H::rod_inner) = {-110, 330, 240};
    c.at(H::rod_outer) = {-140, 680, 245};
    c.camber = Angle::from_deg(-0.4);
    c.toe = Angle::from_deg(0.05);
    return c;
}

}  // namespace fairchalk

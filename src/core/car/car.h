// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/quantity/notation.h"
#include "core/quantity/units.h"

namespace fairchalk {

// Left and right are the car's, as the driver sits. Frame: ISO 8855, x forward, y left, z up, origin on the
// floor under the middle of the rear axle.
enum class Wheel { front_left, front_right, rear_left, rear_right };
enum class Axle { front, rear };
enum class Side { left, right };

inline constexpr std::array all_wheels = {Wheel::front_left, Wheel::front_right, Wheel::rear_left,
                                          Wheel::rear_right};
inline constexpr std::array both_axles = {Axle::front, Axle::rear};
inline constexpr std::array both_sides = {Side::left, Side::right};

constexpr Axle axle_of(Wheel w) {
    return w == Wheel::front_left || w == Wheel::front_right ? Axle::front : Axle::rear;
}
constexpr Side side_of(Wheel w) {
    return w == Wheel::front_left || w == Wheel::rear_left ? Side::left : Side::right;
}
constexpr Wheel wheel_at(Axle a, Side s) {
    return a == Axle::front ? (s == Side::left ? Wheel::front_left : Wheel::front_right)
                            : (s == Side::left ? Wheel::rear_left : Wheel::rear_right);
}
template <class E>
constexpr int index_of(E e) {
    return static_cast<int>(e);
}

/// The words of the job file: `front-left`, `front`, `left`.
std::string_view name_of(Wheel);
std::string_view name_of(Axle);
std::string_view name_of(Side);
std::optional<Wheel> wheel_named(std::string_view);
std::optional<Axle> axle_named(std::string_view);
std::optional<Side> side_named(std::string_view);

/// How an axle is sprung: which checks it wants, and later what its adjusters do.
enum class Suspension { unknown, double_wishbone, strut, beam, trailing_arm, semi_trailing, multi_link };
enum class Drive { unknown, front, rear, all };
enum class Steering { unknown, rack, box };
std::string_view name_of(Suspension);
std::string_view name_of(Drive);
std::string_view name_of(Steering);
std::optional<Suspension> suspension_named(std::string_view);
std::optional<Drive> drive_named(std::string_view);
std::optional<Steering> steering_named(std::string_view);

/// What each corner should show, in mm or bar, and by how much it may miss.
struct CornerSpec {
    std::array<std::optional<double>, 4> at;
    std::optional<double> tolerance;
    std::string measured_how;  ///< heights: from where to where
};

/// Of a car whose card does not say: steering wheel to road wheels.
inline constexpr double usual_steering_ratio = 16.0;
/// Of a car whose card has none, where only a slope depends on it.
inline constexpr Length usual_wheelbase = Length::from_mm(2500.0);
inline constexpr Length usual_rim_span = Length::from_mm(400.0);

/// A torque as the manual gives it.
struct TorqueOnCard {
    std::string part;
    std::string torque;
};

struct AxleCard {
    Suspension suspension = Suspension::unknown;
    std::optional<Length> rim_span;  ///< between the two rim edges that are read, at hub height
    std::optional<Length>
        track;  ///< between tire centers: for the picture and the floor's slope, never the network
    std::optional<Length> hub_width;  ///< over the hub faces, taped
    Length hub_width_sigma = Length::from_mm(1.0);
    std::optional<Length> hub_height;  ///< of the hub's middle over the floor
};

/// The angles of one wheel.
enum class WheelAngle : std::uint8_t { toe, camber, caster };
inline constexpr std::array wheel_angles = {WheelAngle::toe, WheelAngle::camber, WheelAngle::caster};
constexpr std::size_t index_of(WheelAngle a) {
    return static_cast<std::size_t>(a);
}
std::string_view name_of(WheelAngle);

enum class RodSide { unknown, ahead_of_axle, behind_axle };
enum class Thread { unknown, right, left };
/// What has two ways, and nobody may have said which.
enum class Told { unknown, no, yes };

/// What locking an adjuster was seen to do to an angle that it sets, degrees.
struct KnownLock {
    WheelAngle angle = WheelAngle::toe;
    double deg = 0.0, sigma_deg = 0.0;
};

/// What one unit of one of an adjuster's handles does to an angle of a wheel, in degrees, as it was learnt or
/// measured.
struct KnownResponse {
    std::string handle;  ///< as adjuster.h names it; empty where there is one
    Wheel wheel = Wheel::front_left;
    WheelAngle angle = WheelAngle::toe;
    double deg = 0.0, sigma_deg = 0.0;
};

/// Shims of one thickness.
struct ShimsOf {
    Length thickness;
    int count = 0;
    bool spans = false;  ///< a plate across both bolts: one shim in both stacks
    bool operator==(const ShimsOf&) const = default;
};

/// Something to turn; adjuster.h says what its kind does: a steering rod, a toe link, shims, a cam. A kind
/// that is not known there is kept and not planned with; `none` says that an angle has no adjuster. Its
/// fields are the dimensions and ways of all kinds; each kind reads its own.
struct Adjuster {
    std::string id;
    std::string kind;
    std::string angle;  ///< of `none`: toe, camber or caster
    std::optional<Wheel> wheel;
    std::optional<Axle> axle;

    Told pushes_in = Told::unknown;    ///< shims: more of them pull the arm inward
    Told runs_behind = Told::unknown;  ///< radius rod: its body end lies behind the axle
    Told upper_arm = Told::unknown;    ///< radius rod, arm, cam: of the upper arm
    RodSide rod = RodSide::unknown;    ///< rod, cross tube, drag link, cam of a toe link: where it runs
    /// Cam: `front`, `rear`, `both`; cam and slot between strut and upright: `strut-upper`, `strut-lower`, or
    /// `strut` where which of the two is not known.
    std::string bolt = {};
    std::optional<Length> pitch = {};  ///< of a thread; twice that a turn where `double_ended`
    bool double_ended = false;
    Thread thread = Thread::unknown;  ///< at its end toward the wheel
    std::optional<Length> eccentricity = {};
    std::optional<double> at_deg = {};        ///< cam: from the middle of its travel, where somebody looked
    std::optional<Length> joint_height = {};  ///< between the joints that the wheel leans about
    std::optional<Length> bolt_spacing = {};  ///< between the two bolts or pivots of the arm
    std::optional<Length> pivot_to_hub = {};
    /// Rod, cross tube, drag link: the steering arm, from the steering axis to the rod end, in plan.
    std::optional<Length> arm = {};
    std::optional<Length> arm_sigma = {};
    std::optional<double> step = {};              ///< in the unit of its handles
    std::optional<double> least = {}, most = {};  ///< how far it goes from where the card has it
    std::array<std::vector<ShimsOf>, 2> stacks =
        {};  ///< what is in there: front and rear, or inner and outer
    std::vector<KnownResponse> response = {};
    std::vector<KnownLock> lock = {};
    std::string wrench = {};  ///< the sizes that fit it, as somebody wrote them down
    bool proven = false;      ///< rod: turned before, and it went the way that its side of the axle says
    double turned = 0.0;      ///< rod: in earlier jobs, since its thread was last measured; longer positive
    /// What it seems to do, as a multiple of what the rest of it says (turn_doubt.h); never on a card.
    double does = 1.0;
};

struct CarCard {
    std::string name;
    std::optional<Length> wheelbase;
    std::array<AxleCard, 2> axles;
    Told same_wheels = Told::unknown;  ///< all four wheels alike: one lip depth serves both axles
    std::optional<double> steering_ratio;
    std::vector<Adjuster> adjusters;
    Drive drive = Drive::unknown;
    Steering steering = Steering::unknown;
    bool power_steering = false;
    bool no_springs = false;  ///< a chassis on blocks: nothing settles, nothing rolls
    CornerSpec pressures;     ///< bar
    CornerSpec heights;       ///< mm
    std::string load;         ///< what the maker wants on board
    std::vector<TorqueOnCard> torques;
    std::vector<ShimsOf> tin;  ///< shims at hand beside those in the stacks
    /// What somebody has looked at under the car, and is certain: adjuster and field.
    std::vector<std::pair<std::string, std::string>> looked;
    /// Something of it that was looked at was not as it says: so may the rest be.
    bool found_wrong = false;

    const AxleCard& axle(Axle a) const { return axles[index_of(a)]; }
    AxleCard& axle(Axle a) { return axles[index_of(a)]; }
    /// By its id: any, one that is a rod, one that is none; null where there is no such.
    const Adjuster* adjuster(std::string_view id) const;
    const Adjuster* rod(std::string_view id) const;
    const Adjuster* device(std::string_view id) const;
    /// Where an adjuster stands on the card; -1 where it does not.
    int place_of(std::string_view id) const;
    bool looked_at(std::string_view adjuster, std::string_view field) const;
    /// The torque the card has for a part, or nothing.
    std::optional<std::string> torque_of(std::string_view part) const;
    /// The rod that sets this wheel's toe, or null.
    const Adjuster* rod_at(Wheel w) const;
};

/// Which angle a target is about.
enum class Measure { total_toe, toe, camber, caster, cross_camber, cross_caster, thrust };
std::string_view name_of(Measure);
std::optional<Measure> measure_named(std::string_view);
Measure measure_of(WheelAngle);

/// One angle of a car: which, and of what.
struct CarAngle {
    Measure measure = Measure::total_toe;
    std::variant<std::monostate, Axle, Wheel> where;  ///< an axle, one wheel, or the car (thrust)

    /// `front.total_toe`, `front-left.toe`, `thrust`
    std::string name() const;
    bool operator==(const CarAngle&) const = default;
};
/// By that name.
std::optional<CarAngle> car_angle_named(std::string_view name);
/// All that a car has, in the order in which they are read out: axle by axle its wheels, then the axle, and
/// the thrust line last.
std::span<const CarAngle> angles_of_a_car();
/// Differences of two others: said only where somebody asked.
constexpr bool is_cross(Measure m) {
    return m == Measure::cross_camber || m == Measure::cross_caster;
}
constexpr bool is_toe(Measure m) {
    return m == Measure::toe || m == Measure::total_toe;
}

/// A target in the terms in which its source states it, and as the band it means.
struct Target : CarAngle {
    Angle aim, lo, hi;
    bool has_tolerance = true;
    std::optional<Wheel> same_as;

    /// Half the width of the band: the unit in which misses of different angles are compared.
    Angle half_band() const { return (hi - lo) / 2.0; }
};

/// How a toe stated as a length turns into an angle.
struct ToeAsLength {
    std::optional<Length> span;
    bool half_difference = false;  ///< half of front minus rear: the same angle over half the span
};

/// The angle that `q` means: itself, or asin(length / span) (docs/geometry.md: front minus rear over the
/// span). Fails with `text_span_missing` for a length without a span, `job_out_of_reach` for one longer than
/// its span.
Result<Angle> toe_angle_of(const Quantity& q, const ToeAsLength& terms);

/// The band of a target from its aim and tolerances, each stated in its own terms. Where only one of them is
/// given the band ends at the aim on the other side; with neither, the target has an aim but no verdict.
Result<Target> target_from(Measure measure, const Quantity& aim, const std::optional<Quantity>& minus,
                           const std::optional<Quantity>& plus, const ToeAsLength& terms);

}  // namespace fairchalk

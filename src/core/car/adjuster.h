// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <limits>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

#include <Eigen/Core>

#include "core/car/car.h"
#include "core/car/device_field.h"
#include "core/car/steering_rod.h"
#include "core/car/suspension.h"
#include "core/quantity/sketch.h"

namespace fairchalk {

// What there is to turn. An adjuster has one or two handles: a rod that is made longer, a stack of shims at
// each bolt, a plate that goes inward and rearward. What so much of a handle does to the angles of its wheel
// is taken as linear in what the handle really moves (an eccentric bolt: the sine of where it stands), with a
// prior from the exact kinematics of the likes of this suspension, and learnt on the car.

enum class HandleUnit { turn, mm, degree };
std::string_view name_of(HandleUnit);  ///< `turn`, `mm`, `deg`

/// One thing that the hand moves.
struct Handle {
    std::string_view name;  ///< `front`, `rear`, `in`, `back`, …; empty where there is one
    HandleUnit unit = HandleUnit::mm;
    std::string_view more, less;     ///< its two ways: `longer`, `shorter`
    double step = 0.5;               ///< what the hand can make
    double least = 0.0, most = 0.0;  ///< how far it goes from where the card has it
    /// No more of it than so much before it is read again.
    double at_once = std::numeric_limits<double>::infinity();
    /// The sentences for both ways, {0} an amount, and what tells it from the other handle (translatable.h).
    const char *says_more = nullptr, *says_less = nullptr, *says_where = nullptr;
};

/// An angle of a wheel that a handle moves.
struct Effect {
    int handle = 0;
    Wheel wheel = Wheel::front_left;
    WheelAngle angle = WheelAngle::toe;
};

/// What the handles of a device are thought to do before anything was turned: radians for a unit of a handle
/// (a degree of a cam: near the middle of its travel), with the covariance of all of it.
struct ResponsePrior {
    std::vector<Effect> effects;
    Eigen::VectorXd mean;
    Eigen::MatrixXd covariance;
};

/// The angles that an adjuster is there for: bits of `AdjusterKind::serves`, one by one `bit_of` an angle.
inline constexpr int serves_toe = 1, serves_camber = 2, serves_caster = 4;
constexpr int bit_of(WheelAngle a) {
    return 1 << index_of(a);
}

/// How well it is known what an adjuster does of which the card's figures seem wrong: one sigma, a share.
inline constexpr double does_sigma = 0.35;
/// No effect of a device is quite linear: one sigma, as a share of the effect.
inline constexpr double not_quite_linear = 0.05;
/// What locking a rod does differs so much from one time to the next: one sigma, degrees. Judgement.
inline constexpr double lock_scatter_deg = 0.02;

/// A front wheel that its rod turns leans as a steered one does: about its steering axis, camber changes by
/// -tan(caster) of what the toe did. Where nobody read the caster it is taken as about this.
inline constexpr Angle usual_caster = Angle::from_deg(4.0);
/// One sigma of what is beside that, in the unit of `toe_change` (radians): with the caster known, with it
/// taken as usual, and at a rear wheel, whose axis nobody knows.
double camber_by_toe(double toe_change, Axle axle, bool caster_known);

/// What is said of a kind (translatable.h).
struct KindWords {
    const char* noun;
    const char* why;         ///< what it does to the wheel
    const char* loosen;      ///< what comes loose first
    const char* locked;      ///< what holds it, and what locking does
    const char* caution;     ///< or null
    const char* seen_from;   ///< from where it is drawn; {0} the side to which the front of the car is
    bool of_spring = false;  ///< the caution is of a loaded spring: none where the car stands on blocks
};

/// What the card does not say of an adjuster and its direction hangs on.
struct Unsaid {
    std::string_view field;
    bool probe = false;  ///< a test turn tells, on the ground under load; else it has to be looked at
};

/// A kind of adjuster: all there is to know of it, for the estimate, the plan, the job file, the card, the
/// turn sheet and the simulated car. One small class for each, in adjusters/; nothing elsewhere asks for
/// a kind by its name.
class AdjusterKind {
  public:
    virtual ~AdjusterKind() = default;

    virtual std::string_view name() const = 0;  ///< as in the job file
    virtual std::vector<DeviceField> fields() const = 0;
    /// What the card offers; `strut` where the axle stands on struts.
    virtual std::vector<CardChoice> on_card(bool strut) const = 0;
    virtual KindWords words() const = 0;
    /// Of one that stands where other words fit.
    virtual KindWords words(const Adjuster&) const { return words(); }
    /// Its whole name where that is not its wheel and its noun; null where it is.
    virtual const char* whole_name(const Adjuster&) const { return nullptr; }
    /// Why it is turned that way.
    virtual const char* why(const Adjuster& d, bool /*more*/) const { return words(d).why; }
    /// How it is rotated; null where nothing is said of that.
    virtual const char* rotated(const Adjuster&, Rotation) const { return nullptr; }
    /// How it gets longer or shorter where it is not simply rotated; null where it is.
    virtual const char* nut_by_nut(const Adjuster&, bool /*longer*/) const { return nullptr; }
    /// What the noun is wrapped in, one after the other, {0} the noun: which of several of a wheel it is.
    virtual std::vector<const char*> which(const Adjuster&) const { return {}; }
    /// It as the mechanic sees it, with `by` done to its handles, in a box of this width and height.
    virtual Sketch sketch(const Adjuster& d, std::array<double, 2> by, Sketch::Point size) const = 0;

    virtual std::vector<Handle> handles(const Adjuster& d) const = 0;
    /// What `amount` of a handle moves on a left corner, from where the card has it.
    virtual CornerMove move(const Adjuster& d, int handle, double amount) const = 0;
    /// What the effect grows with: the amount itself, but for what turns in a circle.
    virtual double travel(const Adjuster& d, double amount) const;
    /// One sigma of how far from linear it is in what its handle really moves, as a share of the effect.
    virtual double bends(const Adjuster&) const { return not_quite_linear; }
    /// What else there is to the way of its handle between two amounts, as one sigma of what its effect grows
    /// with: to the side of it, or from a place that nobody saw.
    virtual double aside(const Adjuster&, double /*from*/, double /*to*/) const { return 0.0; }
    /// Two amounts of its handles between which it does most: what the prior is worked out from.
    virtual std::array<double, 2> works_best(const Adjuster&) const { return {-0.5, 0.5}; }
    /// A field without which nobody can say what it does; null where it is there.
    virtual const char* wanted_on_card(const Adjuster&) const { return nullptr; }
    /// Takes what the card states that a unit of a handle does. False where nothing of this kind can do that.
    virtual bool told(Adjuster& d, const KnownResponse& r) const;
    /// The card's device, once it was turned so.
    virtual void turned(Adjuster& d, std::array<double, 2> by) const;
    /// The likes of the corner that it works on.
    virtual Corner corner(const Adjuster& d, const CarCard& car) const;
    virtual ResponsePrior prior(const Adjuster& d, const CarCard& car) const;
    /// What it is there for: `serves_toe` and its like; 0: only the steering wheel.
    virtual int serves(const Adjuster& d) const = 0;
    /// It is there for camber or caster, and turning it spoils them.
    bool leans(const Adjuster& d) const { return (serves(d) & (serves_camber | serves_caster)) != 0; }
    /// One sigma of what locking it does to an angle, while nobody has seen it: what is drawn together by a
    /// bolt through a slot or an eccentric moves most. Degrees.
    virtual double lock_sigma_deg(WheelAngle angle) const;
    /// The weight has to come off it first.
    virtual bool wants_jacking() const { return true; }
    /// The upright turns as one piece: camber and inclination change by the same.
    virtual bool keeps_included_angle() const { return true; }

    /// How it is made up of shims: put in and taken out, or moved from its inner stack to its outer.
    enum class Shims { none, stacked, exchanged };
    virtual Shims shims() const { return Shims::none; }
    bool is_stack() const { return shims() != Shims::none; }
    bool from_tin() const { return shims() == Shims::stacked; }
    bool exchanges() const { return shims() == Shims::exchanged; }
    /// The names of its stacks in the job file.
    std::array<std::string_view, 2> stacks() const;

    /// Which way it works hangs on the side of the axle on which it runs (`Adjuster::rod`).
    virtual bool sided(const Adjuster&) const { return false; }
    /// What the card leaves open of the way in which it works; nothing where that is known.
    virtual std::optional<Unsaid> unsaid(const Adjuster&, const CarCard&) const { return std::nullopt; }

    /// One for both wheels of an axle: it stands on the wheel that it moves, or is fixed to.
    virtual bool across() const { return false; }
    /// Which that is where the card does not say.
    virtual Side usual_side() const { return Side::right; }
    /// What it does to the other wheel's rod for each millimetre at its own; 0: nothing.
    virtual double takes_along() const { return 0.0; }

  protected:
    /// It works on a corner with a strut.
    virtual bool on_strut(const Adjuster& d, const CarCard& car) const;
    /// The axle stands on struts, and it is at the arm below.
    static bool arm_below_strut(const Adjuster& d, const CarCard& car);
    /// At which arm it is, where nobody said: below a strut there is one.
    static std::optional<Unsaid> which_arm(const Adjuster& d, const CarCard& car);
    /// The bolts of its arm are the upper arm's.
    virtual bool at_upper_arm(const Adjuster& d) const { return d.upper_arm == Told::yes; }
};

/// One of the two bolts between strut and upright, or which of them is not known.
bool at_strut(const Adjuster& d);

/// All kinds, in the order in which the card offers them; `none` is none of them.
std::span<const AdjusterKind* const> adjuster_kinds();
/// Null for a kind that is only kept.
const AdjusterKind* adjuster_kind(std::string_view name);

/// Its kind as a turn writes it: of a rod nothing.
std::string turn_kind(const Adjuster& a);
/// What an adjuster is there for, as bits; 0 for a kind that is only kept.
int serves_of(const Adjuster& a);
/// Its wheel, or of those across an axle the one that it moves.
Wheel wheel_of(const Adjuster& a);
/// Whether it works the other way on the other side of the axle, on which it runs, and to say so.
bool has_side(const Adjuster& a);
/// What nobody said of the way in which it works: it is looked at, or tried, before it is planned with.
/// Nothing where the card states what it does.
std::optional<Unsaid> unsaid_of(const Adjuster& a, const CarCard& car);
/// What can be seen of it: the words that a field (`arm`, `rod`, `wheel`) may have; none where its kind has
/// no such field.
std::vector<std::string_view> words_of(const Adjuster& a, std::string_view field);
/// Which of them the card has, as the job file writes it, or how it stands (`30 deg`); empty: it does not
/// say.
std::string said_of(const Adjuster& a, std::string_view field);
/// Says that of it; false where that is none of them.
bool say_of(Adjuster& a, std::string_view field, std::string_view word);
/// What locking it does to an angle that it sets: as the card has it, else 0 and a sigma by its kind.
/// Degrees.
KnownLock lock_prior(const Adjuster& a, WheelAngle angle);

/// The wheels that a device moves something of.
std::vector<Wheel> wheels_of(const Adjuster& d);
/// The prior of a device: what the card knows (`Adjuster::response`) over what its kind expects. Nothing for
/// a kind that is only kept.
std::optional<ResponsePrior> response_prior(const Adjuster& d, const CarCard& car);

/// Of one kind, at one axle: made to one drawing, and what one shows holds of the other.
bool made_alike(const Adjuster& a, const Adjuster& b);

}  // namespace fairchalk

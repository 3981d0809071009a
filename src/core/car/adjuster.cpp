// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/adjuster.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <mutex>
#include <numbers>
#include <random>
#include <string>

#include "core/car/adjusters/common.h"

namespace fairchalk {
namespace {

/// How far the hardpoints of cars of one kind lie from those of the sample, one sigma, in mm, and how many
/// such cars the prior is taken from.
constexpr double scatter = 22.0;
constexpr int sampled_corners = 60;
/// No response is known better than this before it was seen: rubber, joints.
constexpr double least_sigma = 0.002 * one_degree;

double normal(std::mt19937_64& rng, double sigma) {
    return std::normal_distribution<>(0.0, sigma)(rng);
}

double usual_lock_sigma_deg(WheelAngle angle) {
    constexpr std::array by_angle = {0.045, 0.08, 0.1};
    return by_angle[index_of(angle)];
}

double angle_of(const CornerAngles& a, WheelAngle which) {
    return (which == WheelAngle::toe ? a.toe : which == WheelAngle::camber ? a.camber : a.caster).rad();
}

/// A corner of another car of that kind.
Corner scattered(Corner c, std::mt19937_64& rng, bool arm_known, double foot) {
    for (Hardpoint p : points_of(c.kind)) {
        if (p == Hardpoint::hub || p == Hardpoint::strut_low) continue;
        for (int k = 0; k < 3; ++k) c.at(p)[k] += normal(rng, scatter);
    }
    if (c.kind == CornerKind::strut) {
        // On the strut's axis again.
        const Eigen::Vector3d &top = c.at(Hardpoint::top), low = c.at(Hardpoint::strut_low);
        c.at(Hardpoint::strut_low) = top + (low - top) * foot;
    }
    if (has_rod(c.kind) && !arm_known) {
        const double was = c.at(Hardpoint::rod_outer).x() - c.at(Hardpoint::lower).x();
        const double arm = std::clamp(normal(rng, 22.0) + 130.0, 70.0, 200.0);
        c.at(Hardpoint::rod_outer).x() = c.at(Hardpoint::lower).x() + std::copysign(arm, was);
        c.at(Hardpoint::rod_inner).x() =
            c.at(Hardpoint::rod_outer).x() + std::copysign(std::abs(normal(rng, 15.0)), -was);
    }
    return c;
}

}  // namespace

double camber_by_toe(double toe_change, Axle axle, bool caster_known) {
    const double share = axle == Axle::rear ? 0.2 : caster_known ? 0.03 : 0.1;
    return share * std::abs(toe_change) + 0.01 * one_degree;
}

std::string_view name_of(HandleUnit u) {
    return u == HandleUnit::turn ? "turn" : u == HandleUnit::mm ? "mm" : "deg";
}

std::span<const AdjusterKind* const> adjuster_kinds() {
    static const std::vector<const AdjusterKind*> all = [] {
        std::vector<const AdjusterKind*> out;
        for (const auto file : {adjusters::rods(), adjusters::shims(), adjusters::cams_and_slots(),
                                adjusters::arms(), adjusters::tubes(), adjusters::bushes()})
            out.insert(out.end(), file.begin(), file.end());
        return out;
    }();
    return all;
}

const AdjusterKind* adjuster_kind(std::string_view name) {
    const auto kinds = adjuster_kinds();
    const auto it =
        std::find_if(kinds.begin(), kinds.end(), [&](const auto* k) { return k->name() == name; });
    return it == kinds.end() ? nullptr : *it;
}

bool AdjusterKind::told(Adjuster& d, const KnownResponse& r) const {
    d.response.push_back(r);
    return true;
}

Wheel wheel_of(const Adjuster& a) {
    if (a.wheel) return *a.wheel;
    const AdjusterKind* kind = adjuster_kind(a.kind);
    return wheel_at(a.axle.value_or(Axle::front), kind ? kind->usual_side() : Side::right);
}

std::string turn_kind(const Adjuster& a) {
    return is_rod(a) ? std::string() : a.kind;
}

int serves_of(const Adjuster& a) {
    const AdjusterKind* kind = adjuster_kind(a.kind);
    return kind ? kind->serves(a) : 0;
}

bool has_side(const Adjuster& a) {
    const AdjusterKind* kind = adjuster_kind(a.kind);
    return kind && kind->sided(a);
}

namespace {

/// Of each handle it is stated what it does to all that it serves: no direction is open.
bool response_stated(const Adjuster& a, const AdjusterKind& kind) {
    const auto handles = kind.handles(a);
    const auto stated = [&](const Handle& h, WheelAngle angle) {
        return std::any_of(a.response.begin(), a.response.end(), [&](const KnownResponse& r) {
            return r.handle == h.name && r.angle == angle && r.wheel == wheel_of(a);
        });
    };
    return std::all_of(handles.begin(), handles.end(), [&](const Handle& h) {
        return ((kind.serves(a) & serves_camber) == 0 || stated(h, WheelAngle::camber)) &&
               ((kind.serves(a) & serves_caster) == 0 || stated(h, WheelAngle::caster));
    });
}

constexpr std::array no_yes = {std::string_view("false"), std::string_view("true")};
constexpr std::array sides = {std::string_view("behind-axle"), std::string_view("ahead-of-axle")};
constexpr std::array hands = {std::string_view("right"), std::string_view("left")};
constexpr std::array knuckles = {std::string_view("front-left"), std::string_view("front-right")};

std::optional<DeviceField> field_of(const Adjuster& a, std::string_view field) {
    const AdjusterKind* kind = adjuster_kind(a.kind);
    if (!kind) return std::nullopt;
    for (const DeviceField& f : kind->fields())
        if (f.key == field) return f;
    return std::nullopt;
}

/// Of one that may be fixed to either wheel of its axle.
bool has_knuckle(const Adjuster& a, std::string_view field) {
    const AdjusterKind* kind = adjuster_kind(a.kind);
    return field == "wheel" && kind && kind->across();
}

}  // namespace

std::optional<Unsaid> unsaid_of(const Adjuster& a, const CarCard& car) {
    const AdjusterKind* kind = adjuster_kind(a.kind);
    if (!kind) return std::nullopt;
    const auto unsaid = kind->unsaid(a, car);
    return unsaid && kind->leans(a) && response_stated(a, *kind) ? std::nullopt : unsaid;
}

std::vector<std::string_view> words_of(const Adjuster& a, std::string_view field) {
    if (has_knuckle(a, field)) return {knuckles.begin(), knuckles.end()};
    const auto f = field_of(a, field);
    if (!f) return {};
    if (std::holds_alternative<DeviceField::Flag>(f->what)) return {no_yes.begin(), no_yes.end()};
    if (const auto* either = std::get_if<DeviceField::Either>(&f->what)) return {either->no, either->yes};
    if (const auto* word = std::get_if<DeviceField::Word>(&f->what)) return word->words;
    if (std::holds_alternative<DeviceField::SideOfAxle>(f->what)) return {sides.begin(), sides.end()};
    if (std::holds_alternative<DeviceField::Hand>(f->what)) return {hands.begin(), hands.end()};
    return {};
}

std::string said_of(const Adjuster& a, std::string_view field) {
    if (has_knuckle(a, field)) return a.wheel ? std::string(name_of(*a.wheel)) : std::string();
    const auto f = field_of(a, field);
    if (!f) return {};
    if (const auto* degrees = std::get_if<DeviceField::Degrees>(&f->what)) {
        const auto& stands = a.*degrees->in;
        return stands ? write_exact(Angle::from_deg(*stands)) : std::string();
    }
    // The first word, the second, or neither.
    int which = -1;
    if (const auto* flag = std::get_if<DeviceField::Flag>(&f->what))
        which = a.*flag->in ? 1 : 0;
    else if (const auto* either = std::get_if<DeviceField::Either>(&f->what))
        which = static_cast<int>(a.*either->in) - 1;
    else if (const auto* word = std::get_if<DeviceField::Word>(&f->what))
        return a.*word->in;
    else if (const auto* side = std::get_if<DeviceField::SideOfAxle>(&f->what))
        which = a.*side->in == RodSide::behind_axle ? 0 : a.*side->in == RodSide::ahead_of_axle ? 1 : -1;
    else if (const auto* hand = std::get_if<DeviceField::Hand>(&f->what))
        which = static_cast<int>(a.*hand->in) - 1;
    return which < 0 ? std::string() : std::string(words_of(a, field)[static_cast<std::size_t>(which)]);
}

bool say_of(Adjuster& a, std::string_view field, std::string_view word) {
    if (const auto f = field_of(a, field))
        if (const auto* degrees = std::get_if<DeviceField::Degrees>(&f->what)) {
            const auto angle = read_quantity(word, {Expect::Kind::angle});
            if (!angle || std::abs(angle->value) > degrees->most) return false;
            a.*degrees->in = angle->value;
            return true;
        }
    const auto words = words_of(a, field);
    const auto it = std::find(words.begin(), words.end(), word);
    if (it == words.end()) return false;
    const bool second = it != words.begin();
    if (has_knuckle(a, field)) {
        a.wheel = wheel_named(word);
        return true;
    }
    const auto f = field_of(a, field);
    if (const auto* flag = std::get_if<DeviceField::Flag>(&f->what))
        a.*flag->in = second;
    else if (const auto* either = std::get_if<DeviceField::Either>(&f->what))
        a.*either->in = second ? Told::yes : Told::no;
    else if (const auto* said = std::get_if<DeviceField::Word>(&f->what))
        a.*said->in = word;
    else if (const auto* side = std::get_if<DeviceField::SideOfAxle>(&f->what))
        a.*side->in = second ? RodSide::ahead_of_axle : RodSide::behind_axle;
    else if (const auto* hand = std::get_if<DeviceField::Hand>(&f->what))
        a.*hand->in = second ? Thread::left : Thread::right;
    return true;
}

KnownLock lock_prior(const Adjuster& a, WheelAngle angle) {
    for (const KnownLock& l : a.lock)
        if (l.angle == angle) return {angle, l.deg, std::max(l.sigma_deg, 1e-3)};
    const AdjusterKind* kind = adjuster_kind(a.kind);
    return {angle, 0.0, kind ? kind->lock_sigma_deg(angle) : usual_lock_sigma_deg(angle)};
}

std::vector<Wheel> wheels_of(const Adjuster& d) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind || kind->takes_along() == 0.0) return {wheel_of(d)};
    const Axle axle = axle_of(wheel_of(d));
    return {wheel_at(axle, Side::left), wheel_at(axle, Side::right)};
}

double AdjusterKind::travel(const Adjuster&, double amount) const {
    return amount;
}

void AdjusterKind::turned(Adjuster& d, std::array<double, 2> by) const {
    if (d.least) *d.least -= by[0];
    if (d.most) *d.most -= by[0];
}

double AdjusterKind::lock_sigma_deg(WheelAngle angle) const {
    return usual_lock_sigma_deg(angle);
}

std::array<std::string_view, 2> AdjusterKind::stacks() const {
    return exchanges() ? std::array<std::string_view, 2>{"inner", "outer"}
                       : std::array<std::string_view, 2>{"front", "rear"};
}

bool at_strut(const Adjuster& d) {
    return d.bolt.starts_with("strut");
}

bool AdjusterKind::on_strut(const Adjuster& d, const CarCard&) const {
    return at_strut(d);
}

bool AdjusterKind::arm_below_strut(const Adjuster& d, const CarCard& car) {
    return d.upper_arm != Told::yes && car.axle(axle_of(wheel_of(d))).suspension == Suspension::strut;
}

std::optional<Unsaid> AdjusterKind::which_arm(const Adjuster& d, const CarCard& car) {
    if (d.upper_arm == Told::unknown && !arm_below_strut(d, car)) return Unsaid{"arm"};
    return std::nullopt;
}

Corner AdjusterKind::corner(const Adjuster& d, const CarCard& car) const {
    const bool strut = on_strut(d, car);
    Corner c = strut ? sample_strut() : sample_wishbone();
    const Hardpoint high = strut ? Hardpoint::top : Hardpoint::upper;
    if (d.joint_height) {
        const double by = d.joint_height->mm() - (c.at(high).z() - c.at(Hardpoint::lower).z());
        for (Hardpoint p : {high, Hardpoint::uca_front, Hardpoint::uca_rear})
            if (p == high || !strut) c.at(p).z() += by;
    }
    // Between strut and upright it is those two bolts that are so far apart.
    if (d.bolt_spacing && !at_strut(d)) {
        const auto spread = [&](Hardpoint front, Hardpoint rear) {
            const double middle = (c.at(front).x() + c.at(rear).x()) / 2, half = d.bolt_spacing->mm() / 2;
            c.at(front).x() = middle + half;
            c.at(rear).x() = middle - half;
        };
        if (at_upper_arm(d))
            spread(Hardpoint::uca_front, Hardpoint::uca_rear);
        else
            spread(Hardpoint::lca_front, Hardpoint::lca_rear);
    }
    const Adjuster* rod = car.rod_at(wheel_of(d));
    const RodSide runs = d.rod != RodSide::unknown ? d.rod : rod ? rod->rod : RodSide::unknown;
    if (rod || runs != RodSide::unknown) {
        // Its rod is what couples toe to all else.
        const Length drawn = Length::from_mm(c.at(Hardpoint::lower).x() - c.at(Hardpoint::rod_outer).x());
        const double arm = (rod && rod->arm ? *rod->arm : drawn).mm();
        const double way = runs == RodSide::ahead_of_axle ? 1.0 : -1.0;
        c.at(Hardpoint::rod_outer).x() = c.at(Hardpoint::lower).x() + way * arm;
        c.at(Hardpoint::rod_inner).x() = c.at(Hardpoint::rod_outer).x() - way * 15.0;
    }
    return c;
}

ResponsePrior AdjusterKind::prior(const Adjuster& d, const CarCard& car) const {
    const std::size_t count = handles(d).size();
    ResponsePrior p;
    for (std::size_t h = 0; h < count; ++h)
        for (WheelAngle angle : wheel_angles) p.effects.push_back({static_cast<int>(h), wheel_of(d), angle});
    const int n = static_cast<int>(p.effects.size());
    const Corner base = corner(d, car);
    const bool rear_axle = axle_of(wheel_of(d)) == Axle::rear;
    const Adjuster* rod = car.rod_at(wheel_of(d));
    double foot = 1.0;
    if (base.kind == CornerKind::strut)
        foot = (base.at(Hardpoint::strut_low) - base.at(Hardpoint::top)).norm() /
               (base.at(Hardpoint::lower) - base.at(Hardpoint::top)).norm();
    std::mt19937_64 rng(20260);
    Eigen::MatrixXd all(n, sampled_corners);
    int good = 0;
    for (int k = 0; k < sampled_corners; ++k) {
        const Corner c = k == 0 ? base : scattered(base, rng, rod && rod->arm, foot);
        bool whole = true;
        for (std::size_t h = 0; h < count && whole; ++h) {
            const auto [down, up] = works_best(d);
            const auto a = solve_corner(c, move(d, static_cast<int>(h), up)),
                       b = solve_corner(c, move(d, static_cast<int>(h), down));
            whole = a && b;
            if (!whole) break;
            const double travelled = travel(d, up) - travel(d, down);
            for (WheelAngle angle : wheel_angles)
                all(static_cast<int>(h * wheel_angles.size() + index_of(angle)), good) =
                    rear_axle && angle == WheelAngle::caster
                        ? 0.0
                        : (angle_of(*a, angle) - angle_of(*b, angle)) / travelled;
        }
        good += whole;
    }
    if (good < 3) {
        p.mean = Eigen::VectorXd::Zero(n);
        p.covariance = Eigen::MatrixXd::Identity(n, n) * std::pow(0.2 * one_degree, 2);
        return p;
    }
    const Eigen::MatrixXd sample = all.leftCols(good);
    p.mean = sample.rowwise().mean();
    const Eigen::MatrixXd off = sample.colwise() - p.mean;
    p.covariance = off * off.transpose() / (good - 1);
    for (int i = 0; i < n; ++i)
        p.covariance(i, i) += std::pow(adjusters::least_share * p.mean[i], 2) + least_sigma * least_sigma;
    return p;
}

namespace {

/// All that a prior depends on.
std::string key_of(const Adjuster& d, const CarCard& car) {
    std::string key = d.kind + ' ' + d.bolt + ' ' + d.angle;
    const auto put = [&](double v) { key += ' ' + std::to_string(v); };
    const auto length = [&](const std::optional<Length>& l) { put(l ? l->mm() : -1.0); };
    put(index_of(wheel_of(d)));
    for (Told t : {d.pushes_in, d.runs_behind, d.upper_arm}) put(t == Told::yes);
    put(index_of(d.rod));
    put(d.double_ended);
    put(d.at_deg.value_or(-999.0));
    for (const auto* l :
         {&d.pitch, &d.eccentricity, &d.joint_height, &d.bolt_spacing, &d.pivot_to_hub, &d.arm, &d.arm_sigma})
        length(*l);
    put(index_of(car.axle(axle_of(wheel_of(d))).suspension));
    if (const Adjuster* rod = car.rod_at(wheel_of(d))) {
        put(index_of(rod->rod));
        length(rod->arm);
    }
    return key;
}

/// The kinematics of some sixty corners are worked out once for each device there is.
ResponsePrior expected_of(const AdjusterKind& kind, const Adjuster& d, const CarCard& car) {
    static std::mutex mutex;
    static std::map<std::string, ResponsePrior> known;
    const std::string key = key_of(d, car);
    const std::lock_guard lock(mutex);
    if (const auto it = known.find(key); it != known.end()) return it->second;
    if (known.size() > 500) known.clear();
    return known.emplace(key, kind.prior(d, car)).first->second;
}

}  // namespace

std::optional<ResponsePrior> response_prior(const Adjuster& d, const CarCard& car) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return std::nullopt;
    ResponsePrior p = expected_of(*kind, d, car);
    const auto handles = kind->handles(d);
    for (const KnownResponse& known : d.response) {
        for (std::size_t i = 0; i < p.effects.size(); ++i) {
            const Effect& e = p.effects[i];
            if (handles[static_cast<std::size_t>(e.handle)].name != known.handle || e.wheel != known.wheel ||
                e.angle != known.angle)
                continue;
            // What was learnt stands by itself.
            const int k = static_cast<int>(i);
            p.covariance.row(k).setZero();
            p.covariance.col(k).setZero();
            p.mean[k] = known.deg * one_degree;
            p.covariance(k, k) = std::pow(std::max(known.sigma_deg, 1e-4) * one_degree, 2);
        }
    }
    if (d.does != 1.0) {
        p.mean *= d.does;
        p.covariance *= d.does * d.does;
        const Eigen::VectorXd u = p.mean * does_sigma;
        p.covariance += u * u.transpose();
    }
    return p;
}

bool made_alike(const Adjuster& a, const Adjuster& b) {
    return axle_of(wheel_of(a)) == axle_of(wheel_of(b)) && (a.kind == b.kind || (is_rod(a) && is_rod(b)));
}

}  // namespace fairchalk

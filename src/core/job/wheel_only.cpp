// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/wheel_only.h"

#include <algorithm>
#include <cmath>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

// A wheel nobody measured, but which somebody noticed.
constexpr double off_prior_sigma = 8.0;
// What hands on a straight road notice, and how sharply.
constexpr double noticed_deg = 1.2, noticed_width = 0.8;
constexpr double near_enough = 2.0, sure_enough = 0.9;
constexpr double large_deg = 25.0;

/// A rod as it is reckoned with: what the card does not say is taken as usual.
Adjuster reckoned(const Adjuster& rod) {
    Adjuster r = rod;
    if (!r.pitch) r.pitch = Length::from_mm(1.5);
    return r;
}

struct Grid {
    static constexpr int offs = 241, scales = 47;
    std::vector<double> weight = std::vector<double>(offs * scales, 0.0);
    static double off(int i) { return -60.0 + 0.5 * i; }
    static double scale(int j) { return 0.4 + 0.03 * j; }
    double& at(int i, int j) { return weight[static_cast<std::size_t>(i * scales + j)]; }
    double at(int i, int j) const { return weight[static_cast<std::size_t>(i * scales + j)]; }
};

/// Moments and median of a - k * shift.
struct Spread {
    double mean = 0.0, sigma = 0.0, median = 0.0;
    double within(double limit) const {
        return normal_probability((limit - mean) / sigma) - normal_probability((-limit - mean) / sigma);
    }
};
Spread spread_of(const Grid& g, double shift) {
    std::vector<std::pair<double, double>> cells;
    cells.reserve(g.weight.size());
    double total = 0.0, mean = 0.0;
    for (int i = 0; i < Grid::offs; ++i)
        for (int j = 0; j < Grid::scales; ++j)
            if (const double w = g.at(i, j); w > 0) {
                const double v = Grid::off(i) - Grid::scale(j) * shift;
                cells.emplace_back(v, w);
                total += w;
                mean += w * v;
            }
    Spread s;
    if (!(total > 0)) return s;
    s.mean = mean / total;
    double square = 0.0;
    for (const auto& [v, w] : cells) square += w * (v - s.mean) * (v - s.mean);
    s.sigma = std::max(std::sqrt(square / total), 1e-3);
    std::sort(cells.begin(), cells.end());
    double run = 0.0;
    for (const auto& [v, w] : cells)
        if ((run += w) >= total / 2) {
            s.median = v;
            break;
        }
    return s;
}

}  // namespace

Angle unsure_by_ratio(Angle off, const CarCard& car) {
    constexpr double usual_ratio_sigma = 2.5;
    return car.steering_ratio ? Angle() : abs(off) * (usual_ratio_sigma / usual_steering_ratio);
}

Angle said_wheel_sigma(const Driven& d, const CarCard& car) {
    if (d.wheel_sigma) return *d.wheel_sigma;
    return Angle::from_deg(std::hypot(1.5, d.wheel_off ? unsure_by_ratio(*d.wheel_off, car).deg() : 0.0));
}

Angle wheel_off_sigma(const std::string& how) {
    // A level laid on the spokes reads to a degree; marks on the rim, over its diameter, to half of one.
    return Angle::from_deg(how == "rim-marks" ? 0.5 : how == "spokes-level" ? 1.0 : 1.5);
}

namespace {

/// The wheel-only job as it is worked: what is thought of the wheel's angle and of how much a turn does, on a
/// grid of both, by what was turned and driven.
class WheelWork {
  public:
    WheelWork(std::vector<const Adjuster*> links, const CarCard& car, WheelOnly& out);
    void turned(const Turn& t);
    void driven(const Driven& d);
    void conclude();

  private:
    /// What of the steering one link has.
    double part() const { return 1.0 / static_cast<double>(links_.size()); }
    double toe_of(const std::string& id, double turns) const;
    double steer_of(const std::string& id, double turns) const;
    /// A drag link steers both wheels alike: the tube holds their toe.
    bool moves_toe(const std::string& id) const {
        return std::any_of(links_.begin(), links_.end(), [&](const Adjuster* r) {
            return r->id == id && (serves_of(*r) & serves_toe) != 0;
        });
    }
    void weigh(const Driven& d);
    void say_what_a_turn_does();
    void plan(const Spread& now);

    std::vector<const Adjuster*> links_;  ///< the two rods, or a drag link, which takes both wheels along
    WheelOnly& out_;
    double ratio_;
    Grid grid_;
    double shift_ = 0.0;  ///< of the wheel, to the left, by the card
    double toe_ = 0.0;    ///< of both wheels
    bool turned_since_drive_ = false, said_ = false;
};

WheelWork::WheelWork(std::vector<const Adjuster*> links, const CarCard& car, WheelOnly& out)
    : links_(std::move(links)), out_(out), ratio_(car.steering_ratio.value_or(usual_steering_ratio)) {
    double share = std::pow(car.steering_ratio ? 0.02 : 0.16, 2);
    for (const Adjuster* r : links_) {
        const ArmPrior arm = arm_prior(*r);
        share += part() * part() * std::pow(arm.sigma / arm.mean, 2);
        if (!r->pitch) share += part() * part() * 0.2 * 0.2;
    }
    share = std::max(std::sqrt(share), 0.02);

    for (int i = 0; i < Grid::offs; ++i)
        for (int j = 0; j < Grid::scales; ++j)
            grid_.at(i, j) = std::exp(-0.5 * std::pow(Grid::off(i) / off_prior_sigma, 2) -
                                      0.5 * std::pow((Grid::scale(j) - 1.0) / share, 2));
}

/// What turns of a rod should have done to its wheel's toe, by the card, degrees.
double WheelWork::toe_of(const std::string& id, double turns) const {
    double toe = 0.0;
    for (const Adjuster* r : links_)
        if (r->id == id) {
            const Adjuster known = reckoned(*r);
            toe += toe_change(known, turns, arm_prior(known).mean).deg();
        }
    return toe;
}

/// Steered to the right is toe in on the left wheel and toe out on the right.
double way_of(const Adjuster& link) {
    return side_of(wheel_of(link)) == Side::left ? 1.0 : -1.0;
}

double WheelWork::steer_of(const std::string& id, double turns) const {
    for (const Adjuster* r : links_)
        if (r->id == id) return part() * way_of(*r) * toe_of(id, turns);
    return 0.0;
}

void WheelWork::turned(const Turn& t) {
    const double steer = steer_of(t.adjuster, t.turns);
    if (steer == 0.0) return;
    shift_ += ratio_ * steer;
    if (moves_toe(t.adjuster)) toe_ += toe_of(t.adjuster, t.turns);
    ++out_.turns_made;
    turned_since_drive_ = true;
}

void WheelWork::driven(const Driven& d) {
    if (!d.wheel_off && !d.drift) return;
    if (d.wheel_off && !out_.measured && !said_) {
        // A measured beginning needs no guess at how crooked wheels are.
        for (int i = 0; i < Grid::offs; ++i)
            for (int j = 0; j < Grid::scales; ++j)
                grid_.at(i, j) *= std::exp(0.5 * std::pow(Grid::off(i) / off_prior_sigma, 2));
    }
    said_ = true;
    ++out_.drives;
    turned_since_drive_ = false;
    out_.measured = out_.measured || d.wheel_off.has_value();
    weigh(d);
}

void WheelWork::weigh(const Driven& d) {
    const double sigma = wheel_off_sigma(d.how).deg();
    for (int i = 0; i < Grid::offs; ++i)
        for (int j = 0; j < Grid::scales; ++j) {
            const double off = Grid::off(i) - Grid::scale(j) * shift_;
            double& w = grid_.at(i, j);
            if (d.wheel_off) {
                const double z = (off - d.wheel_off->deg()) / sigma;
                // A blunder is possible: no drive may rule everything else out for good.
                w *= std::exp(-0.5 * z * z) + 1e-6;
            } else {
                const double to_right = normal_probability((-off - noticed_deg) / noticed_width);
                const double to_left = normal_probability((off - noticed_deg) / noticed_width);
                w *= 1e-4 + (*d.drift == Drift::right  ? to_right
                             : *d.drift == Drift::left ? to_left
                                                       : std::max(0.0, 1.0 - to_right - to_left));
            }
        }
    const double most = *std::max_element(grid_.weight.begin(), grid_.weight.end());
    for (double& w : grid_.weight) w /= most;
}

void WheelWork::say_what_a_turn_does() {
    double total = 0.0, scale = 0.0, square = 0.0;
    for (int i = 0; i < Grid::offs; ++i)
        for (int j = 0; j < Grid::scales; ++j) {
            total += grid_.at(i, j);
            scale += grid_.at(i, j) * Grid::scale(j);
            square += grid_.at(i, j) * Grid::scale(j) * Grid::scale(j);
        }
    out_.scale = scale / total;
    out_.toe_so_far = out_.toe_after = Angle::from_deg(toe_ * out_.scale);
    const double scale_sigma = std::sqrt(std::max(0.0, square / total - out_.scale * out_.scale));
    double one = 0.0;
    for (const Adjuster* r : links_) one += std::abs(steer_of(r->id, 1.0));
    out_.per_turn = Angle::from_deg(ratio_ * one * out_.scale);
    out_.per_turn_sigma = Angle::from_deg(ratio_ * one * scale_sigma);
}

void WheelWork::conclude() {
    say_what_a_turn_does();
    if (!said_) {
        out_.why = {Code::wheel_nothing_said, {}};
        return;
    }
    const Spread now = spread_of(grid_, shift_);
    out_.off = Angle::from_deg(now.mean);
    out_.off_sigma = Angle::from_deg(now.sigma);
    if (turned_since_drive_) {
        out_.next = WheelStep::drive;
        return;
    }
    if (now.within(near_enough) >= sure_enough) {
        out_.next = WheelStep::done;
        out_.why = {Code::wheel_straight, {}};
        return;
    }
    if (std::abs(now.mean) > large_deg)
        out_.why = {Code::wheel_large, {show(Angle::from_deg(std::abs(now.mean)))}};
    plan(now);
}

/// Each front wheel by off / R, in what one turn really does; the steps that a hand can make.
void WheelWork::plan(const Spread& now) {
    out_.steer = Angle::from_deg(now.median / (ratio_ * out_.scale));
    double planned = 0.0;
    const double made = toe_;
    for (const Adjuster* r : links_) {
        const Adjuster known = reckoned(*r);
        // What unequal turns did to the toe comes back with it, half at each wheel.
        const double wanted = out_.steer.rad() * way_of(*r) - part() * made * one_degree;
        const double mm = arm_prior(known).mean.mm() * std::sin(wanted) * toe_sign(known);
        const double exact = mm / length_change(known, 1.0).mm();
        const double turns = std::round(exact / step_of(*r)) * step_of(*r);
        if (turns == 0.0) continue;
        out_.turns.emplace_back(r->id, turns);
        planned += ratio_ * steer_of(r->id, turns);
        if (moves_toe(r->id)) toe_ += toe_of(r->id, turns);
    }
    if (out_.turns.empty()) {
        // Less than a hand can turn: as straight as these threads make it.
        out_.next = WheelStep::done;
        out_.why = {Code::wheel_straight, {}};
        return;
    }
    out_.toe_after = Angle::from_deg(toe_ * out_.scale);
    out_.next = WheelStep::turn;
    const Spread then = spread_of(grid_, shift_ + planned);
    out_.expect = Angle::from_deg(then.mean);
    out_.expect_sigma = Angle::from_deg(then.sigma);
}

/// What sets the steering wheel and leaves the toe: both front rods together, else a drag link.
std::vector<const Adjuster*> steering_links(const CarCard& car) {
    const Adjuster* left = car.rod_at(Wheel::front_left);
    const Adjuster* right = car.rod_at(Wheel::front_right);
    if (left && right) return {left, right};
    for (const Adjuster& a : car.adjusters)
        if (adjuster_kind(a.kind) && serves_of(a) == 0 && a.wheel && axle_of(*a.wheel) == Axle::front)
            return {&a};
    return {};
}

}  // namespace

WheelOnly wheel_only(const Job& job) {
    WheelOnly out;
    const std::vector<const Adjuster*> used = steering_links(job.car);
    if (used.empty()) {
        out.why = {Code::wheel_needs_rods, {}};
        return out;
    }
    for (const Adjuster* r : used)
        if (toe_sign(*r) == 0.0) {
            out.why = {Code::wheel_needs_direction, {r->id}};
            return out;
        }
    WheelWork work(used, job.car, out);
    for (std::size_t e = 0; e < job.log->size(); ++e) {
        if (!job.live(e)) continue;
        if (const Turn* t = std::get_if<Turn>(&(*job.log)[e].event)) work.turned(*t);
        if (const Driven* d = std::get_if<Driven>(&(*job.log)[e].event)) work.driven(*d);
    }
    work.conclude();
    return out;
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/report.h"

#include <cmath>

#include "core/car/steering_rod.h"
#include "core/network/missing.h"

namespace fairchalk {
namespace {

constexpr double too_vague_deg = 3.0;

class Report {
  public:
    Report(Estimate& out, const Job& job, const Posterior& p, const NetworkNeeds& needs,
           const Transitions& seen, bool explains)
        : out_(out), job_(job), p_(p), needs_(needs), seen_(seen), explains_(explains) {}
    void angles();
    void rods();
    void devices();

  private:
    Eigen::VectorXd gradient(std::initializer_list<std::pair<int, double>> terms) const;
    KnownAngle known(const Eigen::VectorXd& g) const;
    const Round& round() const { return job_.rounds[static_cast<std::size_t>(out_.round)]; }

    Estimate& out_;
    const Job& job_;
    const Posterior& p_;
    const NetworkNeeds& needs_;
    const Transitions& seen_;
    bool explains_;
};

Eigen::VectorXd Report::gradient(std::initializer_list<std::pair<int, double>> terms) const {
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p_.x.size());
    for (const auto& [i, c] : terms)
        if (i >= 0) g[i] += c;
    return g;
}

KnownAngle Report::known(const Eigen::VectorXd& g) const {
    KnownAngle a;
    if (!out_.converged) {
        a.why = {Code::why_no_solution, {}};
        return a;
    }
    if (g.isZero()) {
        a.why = {Code::why_no_readings, {}};
        return a;
    }
    if (!p_.estimable(g)) {
        a.why = {Code::why_no_readings, {}};
        if (explains_) say_what_is_missing(a, g, job_, out_.round, out_.unused, p_);
        return a;
    }
    a.value = Angle::from_rad(g.dot(p_.x));
    a.sigma = Angle::from_rad(std::sqrt(std::max(0.0, p_.variance(g))));
    // A sigma of nothing is a fault of the arithmetic, never knowledge.
    a.known = std::isfinite(a.value.deg()) && std::abs(a.value.deg()) < 90.0 &&
              a.sigma.deg() <= too_vague_deg && a.sigma.deg() > 0.0;
    if (!a.known) a.why = {Code::why_too_vague, {}};
    return a;
}

void Report::angles() {
    const auto& t = p_.last_toe;
    const auto thrust = gradient({{t[3], 0.5}, {t[2], -0.5}});
    out_.thrust = known(thrust);
    for (int w = 0; w < 4; ++w) {
        WheelAngles& a = out_.wheels[w];
        const double s = w % 2 == 0 ? 1.0 : -1.0;
        const auto toe = gradient({{t[w], 1.0}});
        a.toe = known(toe);
        a.toe_to_thrust = known(toe + s * thrust);
        a.toe_to_string = known(gradient({{t[w], 1.0}, {p_.last_skew[w % 2], 1.0}}));
        if (w < 2) a.toe_to_rear = known(gradient({{t[w], 1.0}, {t[w + 2], -1.0}}));
        // Told only where the wheel was rolled: else it is what any rim may be.
        const auto runout = [&](Unknown what, const std::map<int, RimRead>& rims) {
            const auto rim = rims.find(w);
            const auto it = p_.now.find({what, w});
            return it == p_.now.end() || rim == rims.end() || !rim->second.both_ways()
                       ? KnownAngle{}
                       : known(gradient({{it->second, 1.0}}));
        };
        a.toe_runout = runout(Unknown::toe_runout, needs_.rims);
        a.camber_runout = runout(Unknown::camber_runout, needs_.cambers);
        a.camber = known(gradient({{p_.last_camber[w], 1.0}}));
        a.caster = known(gradient({{p_.last_caster[w], 1.0}}));
        a.sai = known(gradient({{p_.last_sai[w], 1.0}}));
    }
    for (int axle = 0; axle < 2; ++axle) {
        AxleAngles& a = out_.axles[axle];
        const int l = axle * 2, r = l + 1;
        a.total_toe = known(gradient({{t[l], 1.0}, {t[r], 1.0}}));
        if (p_.last_camber[l] >= 0 && p_.last_camber[r] >= 0)
            a.cross_camber = known(gradient({{p_.last_camber[l], 1.0}, {p_.last_camber[r], -1.0}}));
        else
            a.cross_camber.why = {Code::why_no_readings, {}};
        if (p_.last_caster[l] >= 0 && p_.last_caster[r] >= 0)
            a.cross_caster = known(gradient({{p_.last_caster[l], 1.0}, {p_.last_caster[r], -1.0}}));
        else
            a.cross_caster.why = {Code::why_no_readings, {}};
    }
    if (!round().lines.steering_held) {
        out_.steering_free = true;
        for (int w = 0; w < 2; ++w)
            for (KnownAngle* a :
                 {&out_.wheels[w].toe, &out_.wheels[w].toe_to_thrust, &out_.wheels[w].toe_to_rear})
                if (!a->known && out_.axles[0].total_toe.known)
                    a->why = {Code::why_steering_free, {}}, a->needs.clear();
    }
    for (int s = 0; s < 2; ++s) {
        out_.strings[s].skew = known(gradient({{p_.last_skew[s], 1.0}}));
        out_.strings[s].offset_at_rear = Length::from_m(p_.x[p_.last_offset[s]]);
    }
}

void Report::rods() {
    const CarCard& car = round().car;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        const Adjuster* rod = &car.adjusters[i];
        if (!is_rod(*rod) || p_.arms[i] < 0) continue;
        RodResponse r;
        r.rod = rod->id;
        r.arm = Length::from_m(p_.x[p_.arms[i]]);
        r.arm_sigma = Length::from_m(std::sqrt(p_.covariance(p_.arms[i], p_.arms[i])));
        if (rod->pitch && r.arm.mm() > 0) {
            Adjuster learnt = *rod;
            learnt.arm = r.arm;
            r.per_turn = abs(toe_change(learnt, 1.0, r.arm));
            r.per_turn_sigma = r.per_turn * (r.arm_sigma / r.arm);
        }
        r.turns_seen = seen_.turns_seen.contains(rod->id) ? seen_.turns_seen.at(rod->id) : 0;
        out_.responses.push_back(r);
    }
}

void Report::devices() {
    const CarCard& car = round().car;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        const int place = static_cast<int>(i);
        for (WheelAngle angle : wheel_angles)
            if (const int lock = p_.index(Unknown::lock, place_of_lock(place, angle)); lock >= 0)
                out_.locks.push_back({car.adjusters[i].id, angle, Angle::from_rad(p_.x[lock]),
                                      Angle::from_rad(std::sqrt(p_.covariance(lock, lock))),
                                      seen_.locks_seen.contains(place) ? seen_.locks_seen.at(place) : 0});
        const Adjuster* d = &car.adjusters[i];
        const auto prior = is_rod(*d) ? std::nullopt : response_prior(*d, car);
        if (!prior) continue;
        const auto handles = adjuster_kind(d->kind)->handles(*d);
        for (std::size_t k = 0; k < prior->effects.size(); ++k) {
            const int at = p_.index(Unknown::response, place_of_response(place, static_cast<int>(k)));
            if (at < 0) continue;
            out_.device_responses.push_back(
                {d->id, std::string(handles[static_cast<std::size_t>(prior->effects[k].handle)].name),
                 prior->effects[k], Angle::from_rad(p_.x[at]),
                 Angle::from_rad(std::sqrt(p_.covariance(at, at))),
                 seen_.turns_seen.contains(d->id) ? seen_.turns_seen.at(d->id) : 0});
        }
    }
}

}  // namespace

void report(Estimate& out, const Job& job, const Posterior& p, const NetworkNeeds& needs,
            const Transitions& seen, bool explains) {
    Report r(out, job, p, needs, seen, explains);
    r.angles();
    r.rods();
    r.devices();
}

}  // namespace fairchalk

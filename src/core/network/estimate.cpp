// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/estimate.h"
#include "core/quantity/named.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <numbers>
#include <numeric>
#include <set>
#include <tuple>

#include <ceres/ceres.h>
#include <glog/logging.h>
#include <Eigen/QR>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"
#include "core/job/floor.h"
#include "core/job/rig.h"
#include "core/job/staleness.h"
#include "core/network/observation.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

constexpr double recentred_sum_deg = 0.01;     // both fronts went the same way: their sum stands
constexpr double string_pair_offset = 0.0002;  // metres: the strings stayed, the car moved between them
constexpr double string_pair_skew = 0.003 * one_degree;
constexpr double usual_ratio_sigma = 2.5;

constexpr double tape_zero_sigma = 0.5e-3;  // metres: a hook, a worn end
constexpr double gauge_zero_sigma = 2.0 * one_degree;
constexpr double runout_sigma = 1.0 * one_degree;
constexpr double like_lips_sigma = 8e-3;  // metres: of rims that nothing but an arm jig has read
constexpr double lip_sigma = 30e-3;
// Each rim carries an opposed error at its two edges, metres: not looked at, and looked at and good.
constexpr double rim_untrue = 0.25e-3, rim_seen_good = 0.1e-3;
constexpr const char* rims_check = "rims";
constexpr double unchecked_zero_sigma = 0.2 * one_degree;  // of a gauge whose zero nobody checked
constexpr double sweep_sigma = 1.0 * one_degree;           // of floor marks, a protractor, a steering wheel
constexpr double any_toe_sigma = 1.5 * one_degree;         // of a wheel whose toe nobody knows
constexpr double string_rise_unknown = 2.5e-3;             // metres at each lip: a string set by eye

constexpr double like_arms_sigma = 5e-3;  // metres: of the steering arms of one axle
constexpr double anything = 5.0;          // degrees: a turn of which nothing is known

constexpr double too_vague_deg = 3.0;
constexpr double sai_prior_deg = 11.0, sai_prior_sigma_deg = 4.0;
constexpr double detectable_factor = 5.25;  // alarm at 3.29, found with 95 %
constexpr double suspect_window = 10.0;

/// As `Effect::angle` counts them.
constexpr std::array angles = {Unknown::toe, Unknown::camber, Unknown::caster};

using Current = std::map<std::pair<Unknown, int>, int>;

/// Reads unknowns for `predict` while noting which were asked for.
struct Recorder {
    const Current* current;
    const std::vector<double>* x;
    std::vector<int>* asked;
    double operator()(Unknown what, int where) const {
        const int i = current->at({what, where});
        if (std::find(asked->begin(), asked->end(), i) == asked->end()) asked->push_back(i);
        return (*x)[i];
    }
};

template <class T>
struct Lookup {
    const Current* current;
    const std::vector<int>* asked;
    T const* const* parameters;
    T operator()(Unknown what, int where) const {
        const int i = current->at({what, where});
        for (std::size_t k = 0; k < asked->size(); ++k)
            if ((*asked)[k] == i) return *parameters[k];
        return T(0);
    }
};

/// One reading as a residual.
struct Observed {
    std::size_t entry = 0;  // or none for what the card states
    bool from_card = false;
    Site site;
    double value = 0.0;  // metres or radians
    double sigma = 1.0;
    std::shared_ptr<const Current> current;
    std::vector<int> asked;
    int spot_latent = -1;
    double turned_sigma = 0.0;  // radians
    bool set_by_eye = false;    // a string whose height nobody read, beside a wheel whose camber is known

    template <class T>
    bool operator()(T const* const* parameters, T* residual) const {
        const Lookup<T> state{current.get(), &asked, parameters};
        T shown = predict<T>(site, state);
        if (spot_latent >= 0) shown += *parameters[asked.size()];
        residual[0] = (shown - value) / sigma;
        return true;
    }
};

/// sum of coefficient * unknown, plus what rods did, is zero within sigma.
struct Linked {
    std::vector<int> unknowns;
    std::vector<double> coefficients;
    double constant = 0.0;
    double sigma = 1.0;
    // A rod turned by this length: the effect is subtracted; the arm is the last unknown.
    bool rod = false;
    double length_change = 0.0;  // metres, signed by the way toe goes
    // Leaned as it was steered: tan(caster) of the toe's change; the last three are caster, toe after,
    // before.
    bool leans = false;

    template <class T>
    bool operator()(T const* const* parameters, T* residual) const {
        T sum = T(constant);
        for (std::size_t k = 0; k < coefficients.size(); ++k) sum += coefficients[k] * *parameters[k];
        if (rod) {
            using std::asin;
            const T ratio = length_change / *parameters[coefficients.size()];
            if (!(ratio < 0.99) || !(ratio > -0.99)) return false;
            sum -= asin(ratio);
        }
        if (leans) {
            using std::tan;
            const std::size_t n = coefficients.size();
            sum += tan(*parameters[n]) * (*parameters[n + 1] - *parameters[n + 2]);
        }
        residual[0] = sum / sigma;
        return true;
    }
};

std::optional<Message> missing_for(const Reading& r, const Standing& now) {
    const ReadingKindInfo& info = info_of(r.spot.kind);
    if (!info.solved) return Message{Code::why_not_solved_yet, {std::string(info.name)}};
    const auto needs = [](std::string what) { return Message{Code::why_needs_sizes, {std::move(what)}}; };
    if ((r.turned || r.wheel_turned) && r.spot.wheel && axle_of(*r.spot.wheel) == Axle::rear)
        return Message{Code::why_rear_not_steered, {}};
    const auto needs_span = [&](Axle a) -> std::optional<Message> {
        if (now.car.axle(a).rim_span) return std::nullopt;
        return Message{Code::why_needs_rim_span, {std::string(name_of(a))}};
    };
    switch (r.spot.kind) {
        case ReadingKind::hub:
        case ReadingKind::centreline_to_string:
        case ReadingKind::string_height:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            return std::nullopt;
        case ReadingKind::rim_front:
        case ReadingKind::rim_rear:
        case ReadingKind::straightedge_front:
        case ReadingKind::straightedge_rear:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            return needs_span(axle_of(*r.spot.wheel));
        case ReadingKind::string_to_string: {
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            const auto& bar =
                *r.spot.axle == Axle::front ? now.lines.bars.front_ahead : now.lines.bars.rear_behind;
            if (!bar) return Message{Code::why_needs_bar, {std::string(name_of(*r.spot.axle))}};
            return std::nullopt;
        }
        case ReadingKind::boards_front:
        case ReadingKind::boards_rear:
        case ReadingKind::stud_bar_front:
        case ReadingKind::stud_bar_rear:
        case ReadingKind::tread_front:
        case ReadingKind::tread_rear:
        case ReadingKind::tape_difference:
            if (!r.span) return Message{Code::text_span_missing, {r.value.text}};
            return std::nullopt;
        case ReadingKind::toe_angle:
            if (r.value.kind == QuantityKind::length && !r.span)
                return Message{Code::text_span_missing, {r.value.text}};
            return std::nullopt;
        case ReadingKind::camber_gap:
            if (!r.height || !r.top_in) return Message{Code::job_missing, {r.height ? "top" : "height"}};
            return std::nullopt;
        case ReadingKind::arm_jig:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            if (!r.mark) return needs("mark");
            if (!r.arm_span) return needs("arm_span");
            return std::nullopt;
        case ReadingKind::camber_plumb_upper:
        case ReadingKind::camber_plumb_lower:
            return r.height ? std::nullopt : needs_span(axle_of(*r.spot.wheel));
        case ReadingKind::camber_swing:
            if (!r.turned && !r.wheel_turned) return needs("turned");
            if (!r.from) return needs("from");
            return std::nullopt;
        case ReadingKind::axis_offset:
            if (!r.height) return needs("height");
            return std::nullopt;
        default:
            return std::nullopt;
    }
}

/// Heading from straight ahead, radians: as stated, or the steering wheel's over the ratio.
double turned_of(const Reading& r, const CarCard& car) {
    if (r.turned) return r.turned->rad();
    return r.wheel_turned ? r.wheel_turned->rad() / car.steering_ratio.value_or(usual_steering_ratio) : 0.0;
}

/// Where a level rule from such a string meets the lip of a rim of radius `r`, from its hub at `x`: along the
/// car and up, metres; `end` +1 the front edge, -1 the rear. At hub height where the string misses the rim.
std::pair<double, double> lip_met(const StringRise& rise, bool front, double x, double r, double end) {
    double along = end * r, up = 0.0;
    for (int i = 0; i < 50; ++i) {
        up = rise.at_rear_axle + rise.slope * (x + along) - (front ? rise.front_hub_over_rear : 0.0);
        if (std::abs(up) >= r) return {end * r, 0.0};
        along = end * std::sqrt(r * r - up * up);
    }
    return {along, up};
}

/// Off a straightedge whose seat is not in a stated sigma.
bool lies_as_it_touches(const Reading& r) {
    return !r.stated_sigma &&
           (r.spot.kind == ReadingKind::straightedge_front || r.spot.kind == ReadingKind::straightedge_rear);
}

Site site_of(const Reading& r, const Standing& now, const Current& current) {
    const Spot& spot = r.spot;
    const CarCard& car = now.car;
    Site s;
    s.kind = spot.kind;
    if (spot.wheel) {
        s.wheel = index_of(*spot.wheel);
        s.axle = index_of(axle_of(*spot.wheel));
        s.side = index_of(side_of(*spot.wheel));
        s.of_wheel = true;
    } else if (spot.axle) {
        s.axle = index_of(*spot.axle);
    }
    if (spot.side) s.side = index_of(*spot.side);
    const Axle axle = s.axle == 0 ? Axle::front : Axle::rear;
    s.wheelbase = car.wheelbase.value_or(usual_wheelbase).m();
    s.track = slope_base(car, axle).m();
    s.ratio = car.steering_ratio.value_or(usual_steering_ratio);
    s.x = axle == Axle::front ? s.wheelbase : 0.0;
    s.other_x = s.wheelbase - s.x;
    if (spot.kind == ReadingKind::string_to_string)
        s.x = axle == Axle::front ? s.wheelbase + now.lines.bars.front_ahead.value_or(Length()).m()
                                  : -now.lines.bars.rear_behind.value_or(Length()).m();
    if (spot.station) s.x = spot.station->m();
    if (car.axle(axle).rim_span) s.span = car.axle(axle).rim_span->m();
    if (now.tiles && against_gravity(spot.kind) && !r.zeroed_on_floor) {
        s.floor = true;
        for (std::size_t w = 0; w < 4; ++w) s.tiles[w] = (*now.tiles)[w].m();
    }
    s.steered = now.steered;
    if (r.span) s.span = r.span->m();
    if (r.height) s.height = r.height->m();
    s.as_length = spot.kind == ReadingKind::toe_angle && r.value.kind == QuantityKind::length;
    s.turned = turned_of(r, car);
    if (r.from) s.from = r.from->rad();
    if (r.swept) {
        s.swept = r.swept->rad();
        s.scale_for = r.scale_for.value_or(usual_sweep).rad();
    }
    if (r.mark) s.mark = r.mark->m();
    if (r.arm_span) s.arm_span = r.arm_span->m();
    const auto has = [&](Unknown what, int where) { return current.contains({what, where}); };
    s.guessed_toe = against_gravity(spot.kind) && has(Unknown::sweep_toe, s.wheel);
    const auto tool = std::find(now.tools.begin(), now.tools.end(), r.tool);
    if (tool != now.tools.end() && !r.zeroed_on_floor) s.zero = static_cast<int>(tool - now.tools.begin());
    s.zero_sign = spot.kind == ReadingKind::camber_reversed ? -1.0 : 1.0;
    if (spot.wheel && has(against_gravity(spot.kind) ? Unknown::camber_runout : Unknown::toe_runout, s.wheel))
        s.runout = spot.rolled ? -1.0 : 1.0;
    s.centred = has(Unknown::axle_middle, s.axle);
    s.seated = lies_as_it_touches(r) && has(Unknown::seat, s.wheel ^ 2);
    s.cambered = has(Unknown::camber, s.wheel) && has(Unknown::camber, s.wheel ^ 2);
    const auto& rise = now.rise[static_cast<std::size_t>(s.side)];
    const bool rim = spot.kind == ReadingKind::rim_front || spot.kind == ReadingKind::rim_rear;
    if (rim && rise && has(Unknown::camber, s.wheel)) {
        s.heights = true;
        std::tie(s.edge_x, s.edge_z) = lip_met(*rise, axle == Axle::front, s.x, s.span / 2,
                                               spot.kind == ReadingKind::rim_front ? 1.0 : -1.0);
    }
    return s;
}

/// What was there by what the tool showed, in metres or radians.
double base_value(const Reading& r, const Tool* tool) {
    double v = r.value.value;
    const bool lean = r.spot.kind == ReadingKind::camber || r.spot.kind == ReadingKind::camber_reversed;
    const Side side = r.spot.wheel ? side_of(*r.spot.wheel) : Side::left;
    if (tool && tool->quantity == r.value.kind && r.value.kind == QuantityKind::length) {
        v = undone(v, *tool, side, r.top_in);
    } else if (tool && tool->quantity == r.value.kind && lean) {
        // Turned end for end its zero counts the other way.
        if (r.spot.kind == ReadingKind::camber_reversed) v += 2 * tool->zero;
        v = undone(v, *tool, side, r.top_in);
    } else if (tool && r.spot.kind == ReadingKind::camber_swing) {
        if (side == Side::left ? tool->more_is_in_left : tool->more_is_in_right) v = -v;
    }
    v = r.value.kind == QuantityKind::length ? v / 1000.0 : v * one_degree;
    if (r.spot.kind == ReadingKind::camber_gap) v = std::abs(v) * (r.top_in.value_or(false) ? -1.0 : 1.0);
    return v;
}

double to_base(double sigma, QuantityKind kind) {
    return kind == QuantityKind::length ? sigma / 1000.0 : sigma * one_degree;
}

/// Central differences of `predict`: candidates are not in the Ceres problem.
Eigen::VectorXd gradient_at(const Site& site, const Current& current, std::vector<double> x) {
    Eigen::VectorXd row = Eigen::VectorXd::Zero(static_cast<int>(x.size()));
    std::vector<int> asked;
    predict<double>(site, Recorder{&current, &x, &asked});
    constexpr double h = 1e-5;
    for (int i : asked) {
        std::vector<int> again;
        const double here = x[i];
        x[i] = here + h;
        const double up = predict<double>(site, Recorder{&current, &x, &again});
        x[i] = here - h;
        const double down = predict<double>(site, Recorder{&current, &x, &again});
        x[i] = here;
        row[i] = (up - down) / (2 * h);
    }
    return row;
}

/// Whether all that such a reading depends on is among the unknowns.
bool depends_on_known(const Site& site, const Current& current) {
    bool all = true;
    predict<double>(site, [&](Unknown what, int where) {
        all = all && current.contains({what, where});
        return 0.1;
    });
    return all;
}

class Network {
  public:
    Network(const Job& job, const EstimateOptions& options) : job_(job), options_(options) {}
    Estimate solve();

  private:
    int add(Unknown what, int where, double start);
    int renew(Unknown what, int where);
    const Current& current() { return *current_; }
    Current& editable();

    /// What the readings of a job ask the estimate to know, beside what every job does.
    struct Asked {
        std::set<int> gauge, sweep, plumb, seats;          // wheels
        std::map<int, std::set<bool>> rims, cambers;       // wheels, as they stood and half a turn on
        std::map<std::string, std::set<int>> lean, tapes;  // tools: as camber and reversed; by axle
        bool jig = false, chassis = false;
        std::set<int> lips_read;         // axles
        std::set<int> unrolled;          // wheels whose rims were read as they come, without a stated sigma
        std::set<std::string> unstated;  // gauges of whose readings nobody stated a sigma
    };
    Asked asked_of(int last) const;
    void first_state(const CarCard& car, const Asked& asked);
    int with_prior(Unknown what, int where, double mean, double sigma);
    void believe(int unknown, double mean, double sigma);
    void observe(std::size_t entry, const Round& round);
    void believe_arms(const CarCard& car);
    void observe_card(const CarCard& car);
    void link_step(Unknown what, int where, double sigma);
    void lean_by_toe(int w, int toe_before, Angle toe_by);
    void lay_floor(const Floor& floor);
    void steer();
    void steer_for_round(const Round& round);
    void raise_strings(int last);
    double slope_by_turned(const Observed& o) const;
    void turn(const Turn& t, const CarCard& car);
    void doubted_turn(const Turn& t, const CarCard& car);
    int lock_of(int place, int angle, const CarCard& car);
    void turn_device(const Turn& t, const Device& d, int place, const CarCard& car);
    void carry(const AnglesCarried& known);
    void locked(const Spoils& row, std::optional<Axle> axle, const CarCard& car);
    const ResponsePrior& responses_of(const Device& d, int place, const CarCard& car);
    void add_unturned(const CarCard& car);
    void happened(const Spoils& row, std::optional<Axle> axle);
    void car_moved_between_strings();
    void strings_moved();
    void anything_moved(const Spoils& row);
    void settle_repeats();
    void know_sweep_toes();
    void run();
    void analyse(Estimate& out);
    void report(Estimate& out);
    void explain(KnownAngle& a, const Eigen::VectorXd& g, const Estimate& e) const;
    Eigen::VectorXd gradient(std::initializer_list<std::pair<int, double>> terms) const;
    KnownAngle known(const Eigen::VectorXd& g, const Estimate& e, double constant = 0.0) const;

    const Job& job_;
    const EstimateOptions& options_;
    std::vector<UnknownKey> keys_;
    std::vector<double> x_;
    std::shared_ptr<Current> current_ = std::make_shared<Current>();
    bool current_shared_ = false;
    std::vector<Observed> observed_;
    std::vector<Linked> links_;
    std::vector<Unused> unused_;
    std::map<std::string, int> rod_turns_;
    std::map<int, ResponsePrior> responses_;        // of devices that were turned, by place
    std::map<int, std::array<double, 2>> amounts_;  // turned so far
    std::set<int> turned_unlocked_;                 // adjusters turned and not locked yet, by place
    std::map<int, int> locks_seen_;
    const Round* last_round_ = nullptr;
    int epoch_ = 0;
    int lie_ = 0;  // which laying of the strings and wheels: spots of another lie are other spots
    std::map<std::pair<int, Spot>, std::vector<std::size_t>> spots_;
    bool gauge_ = false;                // something is read against gravity
    std::optional<std::size_t> floor_;  // the floor laid: by the entry that began it
    Standing standing_;
    std::set<int> rolled_;         // wheels whose rims were read both ways round
    bool weakly_coupled_ = false;  // camber observations that use the toe
    std::shared_ptr<Posterior> posterior_ = std::make_shared<Posterior>();
    Eigen::MatrixXd jacobian_;  // weighted, readings first
    Eigen::VectorXd residuals_;
    bool converged_ = false;
};

Current& Network::editable() {
    // Observations made so far keep the map they were made with.
    if (current_shared_) {
        current_ = std::make_shared<Current>(*current_);
        current_shared_ = false;
    }
    return *current_;
}

int Network::add(Unknown what, int where, double start) {
    const int i = static_cast<int>(x_.size());
    keys_.push_back({what, where, epoch_});
    x_.push_back(start);
    editable()[{what, where}] = i;
    return i;
}

int Network::renew(Unknown what, int where) {
    return add(what, where, x_[current().at({what, where})]);
}

/// A Gaussian prior of one unknown.
void Network::believe(int unknown, double mean, double sigma) {
    Linked prior;
    prior.unknowns = {unknown};
    prior.coefficients = {1.0};
    prior.constant = -mean;
    prior.sigma = sigma;
    links_.push_back(prior);
}

int Network::with_prior(Unknown what, int where, double mean, double sigma) {
    const int i = add(what, where, mean);
    believe(i, mean, sigma);
    return i;
}

Network::Asked Network::asked_of(int last) const {
    using K = ReadingKind;
    Asked out;
    for (int k = 0; k <= last; ++k) {
        for (std::size_t i : job_.rounds[k].readings) {
            const Reading& r = std::get<Reading>((*job_.log)[i].what);
            const K kind = r.spot.kind;
            out.chassis = out.chassis || kind == K::centreline_to_string;
            out.jig = out.jig || kind == K::arm_jig;
            const bool across = kind == K::boards_front || kind == K::boards_rear ||
                                kind == K::stud_bar_front || kind == K::stud_bar_rear ||
                                kind == K::tread_front || kind == K::tread_rear;
            if (across && !r.tool.empty()) out.tapes[r.tool].insert(index_of(*r.spot.axle));
            if (!r.spot.wheel) continue;
            const int w = index_of(*r.spot.wheel);
            if (lies_as_it_touches(r)) out.seats.insert(w ^ 2);
            if (kind == K::rim_front || kind == K::rim_rear) {
                out.rims[w].insert(r.spot.rolled);
                out.lips_read.insert(w / 2);
                if (!r.stated_sigma) out.unrolled.insert(w);
            }
            if (!against_gravity(kind)) continue;
            if (kind != K::caster && kind != K::axis_offset) {
                out.gauge.insert(w);
                out.cambers[w].insert(r.spot.rolled);
            }
            if (kind == K::caster || kind == K::axis_offset || r.turned || r.wheel_turned)
                out.sweep.insert(w);
            if (kind == K::caster && r.swept) out.gauge.insert(w);
            if (kind == K::camber_plumb_upper || kind == K::camber_plumb_lower)
                out.plumb.insert(plumb_at(w, turned_of(r, job_.rounds[k].car)));
            if (kind == K::camber || kind == K::camber_reversed) {
                out.lean[r.tool].insert(kind == K::camber_reversed);
                if (!r.stated_sigma) out.unstated.insert(r.tool);
            }
        }
    }
    return out;
}

void Network::first_state(const CarCard& car, const Asked& asked) {
    for (int w = 0; w < 4; ++w) add(Unknown::toe, w, 0.0);
    for (int s = 0; s < 2; ++s) {
        add(Unknown::string_offset, s, 0.85);
        add(Unknown::string_skew, s, 0.0);
    }
    for (int a = 0; a < 2; ++a) {
        const AxleCard& card = car.axles[a];
        add(Unknown::half_width, a, card.hub_width ? card.hub_width->m() / 2 : 0.74);
        if (a == 1 && car.same_wheels)
            editable()[{Unknown::lip_depth, 1}] = current().at({Unknown::lip_depth, 0});
        else
            add(Unknown::lip_depth, a, 0.01);
        for (int kind = 0; kind < static_cast<int>(reading_kinds().size()); ++kind) {
            const auto k = static_cast<ReadingKind>(kind);
            if (k == ReadingKind::boards_front || k == ReadingKind::stud_bar_front ||
                k == ReadingKind::tread_front)
                if (std::any_of(job_.rounds.begin(), job_.rounds.end(), [&](const Round& r) {
                        return std::any_of(r.readings.begin(), r.readings.end(), [&](std::size_t i) {
                            const Spot& s = std::get<Reading>((*job_.log)[i].what).spot;
                            return s.axle && index_of(*s.axle) == a &&
                                   (s.kind == k || index_of(s.kind) == kind + 1);
                        });
                    }))
                    add(Unknown::mid_width, a * 100 + kind, 1.6);
        }
    }
    for (int w : asked.gauge) add(Unknown::camber, w, 0.0);
    for (int w : asked.sweep) {
        add(Unknown::caster, w, 3.0 * one_degree);
        with_prior(Unknown::sai, w, sai_prior_deg * one_degree, sai_prior_sigma_deg * one_degree);
        // The toe that the sweep starts from: as known, else any toe there is.
        with_prior(Unknown::sweep_toe, w, 0.0, any_toe_sigma);
    }
    for (int w : asked.plumb) add(Unknown::plumb, w, 0.1);
    // A bar touches both lips of the rear rim as well as any rule does; over the wheelbase that shows.
    for (int w : asked.seats)
        if (const auto span = car.axles[static_cast<std::size_t>(w / 2)].rim_span)
            with_prior(Unknown::seat, w, 0.0, std::numbers::sqrt2 * spot_error.m() / span->m());
    // Run-out is told from the angle only where a wheel was read both ways round.
    const bool good = std::any_of(job_.log->begin(), job_.log->end(), [&](const Entry& e) {
        const Checked* c = std::get_if<Checked>(&e.what);
        return c && c->item == rims_check && c->state == CheckState::good &&
               job_.live(static_cast<std::size_t>(&e - job_.log->data()));
    });
    for (const auto& [w, ways] : asked.rims) {
        if (ways.size() == 2) {
            rolled_.insert(w);
            with_prior(Unknown::toe_runout, w, 0.0, runout_sigma);
        } else if (const auto span = car.axles[static_cast<std::size_t>(w / 2)].rim_span;
                   span && asked.unrolled.contains(w)) {
            with_prior(Unknown::toe_runout, w, 0.0, 2.0 * (good ? rim_seen_good : rim_untrue) / span->m());
        }
    }
    for (const auto& [w, ways] : asked.cambers)
        if (ways.size() == 2) with_prior(Unknown::camber_runout, w, 0.0, runout_sigma);
    if (asked.chassis)
        for (int a = 0; a < 2; ++a) add(Unknown::axle_middle, a, 0.0);
    // A gauge's zero is an unknown once it was turned end for end; tapes' where one axle was taped with two.
    const auto zero_of = [&](const std::string& tool, double sigma) {
        with_prior(Unknown::tool_zero, static_cast<int>(standing_.tools.size()), 0.0, sigma);
        standing_.tools.push_back(tool);
    };
    for (const auto& [tool, ways] : asked.lean) {
        if (ways.contains(1)) {
            zero_of(tool, gauge_zero_sigma);
            continue;
        }
        // What was said of it in the drawer holds.
        const bool told = std::any_of(job_.tools.begin(), job_.tools.end(),
                                      [&, &name = tool](const Tool& t) { return t.name == name; });
        if (!told && !tool.empty() && asked.unstated.contains(tool)) zero_of(tool, unchecked_zero_sigma);
    }
    for (const auto& [tool, axles] : asked.tapes)
        if (std::any_of(asked.tapes.begin(), asked.tapes.end(), [&](const auto& other) {
                return other.first != tool && std::any_of(axles.begin(), axles.end(),
                                                          [&](int a) { return other.second.contains(a); });
            }))
            zero_of(tool, tape_zero_sigma);
    if (asked.jig && car.same_wheels && asked.lips_read.empty())
        believe(current().at({Unknown::lip_depth, 0}), 0.0, lip_sigma);
    if (asked.jig && !car.same_wheels && asked.lips_read.size() < 2) {
        // Rims that only arm jigs have touched: taken to sit on their hubs about alike, and not far off them.
        for (int a = 0; a < 2; ++a)
            if (!asked.lips_read.contains(a)) believe(current().at({Unknown::lip_depth, a}), 0.0, lip_sigma);
        Linked alike;
        alike.unknowns = {current().at({Unknown::lip_depth, 0}), current().at({Unknown::lip_depth, 1})};
        alike.coefficients = {1.0, -1.0};
        alike.sigma = like_lips_sigma;
        links_.push_back(alike);
    }
    believe_arms(car);
}

/// Arms of steering rods: each by its prior, both of an axle together where they are made to one drawing, so
/// that what one turn teaches of the left holds of the right.
void Network::believe_arms(const CarCard& car) {
    std::map<int, ArmPrior> priors;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i)
        if (const Rod* rod = std::get_if<Rod>(&car.adjusters[i])) {
            const int place = static_cast<int>(i);
            priors[place] = arm_prior(*rod);
            add(Unknown::arm, place, priors[place].mean.m());
        }
    for (Axle axle : both_axles) {
        const Rod *l = car.rod_at(wheel_at(axle, Side::left)), *r = car.rod_at(wheel_at(axle, Side::right));
        if (!l || !r || l->runs != r->runs) continue;
        const int a = car.place_of(l->id), b = car.place_of(r->id);
        const double sa = priors[a].sigma.m(), sb = priors[b].sigma.m();
        const double rho = (sa * sa + sb * sb - like_arms_sigma * like_arms_sigma) / (2 * sa * sb);
        if (!(rho > 0.0) || rho > 0.999) continue;
        // The right one given the left: their joint normal in two rows.
        believe(current().at({Unknown::arm, a}), priors[a].mean.m(), sa);
        Linked given;
        given.unknowns = {current().at({Unknown::arm, b}), current().at({Unknown::arm, a})};
        given.coefficients = {1.0, -rho * sb / sa};
        given.constant = -priors[b].mean.m() + rho * sb / sa * priors[a].mean.m();
        given.sigma = sb * std::sqrt(1 - rho * rho);
        links_.push_back(given);
        priors.erase(a);
        priors.erase(b);
    }
    for (const auto& [place, prior] : priors)
        believe(current().at({Unknown::arm, place}), prior.mean.m(), prior.sigma.m());
}

void Network::observe_card(const CarCard& car) {
    for (int a = 0; a < 2; ++a) {
        if (!car.axles[a].hub_width) continue;
        Observed o;
        o.from_card = true;
        o.site.kind = ReadingKind::hub_width;
        o.site.axle = a;
        o.value = car.axles[a].hub_width->m();
        o.sigma = std::max(car.axles[a].hub_width_sigma.m(), 1e-5);
        observed_.push_back(o);
        observed_.back().current = current_;
        current_shared_ = true;
    }
}

void Network::observe(std::size_t entry, const Round& round) {
    const Reading& r = std::get<Reading>((*job_.log)[entry].what);
    standing_.car = round.car;
    standing_.lines = round.lines;
    if (auto why = missing_for(r, standing_)) {
        unused_.push_back({entry, *why});
        return;
    }
    if (r.spot.kind == ReadingKind::string_height) {
        const int side = index_of(*r.spot.side);
        if (!current().contains({Unknown::camber, side}) && !current().contains({Unknown::camber, side + 2}))
            unused_.push_back({entry, {Code::why_needs_camber, {}}});
        return;
    }
    Observed o;
    o.entry = entry;
    o.site = site_of(r, standing_, current());
    const Tool* tool = job_.tool(r.tool);
    o.value = base_value(r, tool);
    o.sigma = to_base(r.sigma(tool, round.finest), r.value.kind);
    o.turned_sigma = r.turned_sigma                                ? r.turned_sigma->rad()
                     : o.site.turned != 0.0 || o.site.swept != 0.0 ? sweep_sigma
                                                                   : 0.0;
    if (r.wheel_turned && !round.car.steering_ratio)
        o.turned_sigma = std::hypot(o.turned_sigma, o.site.turned * usual_ratio_sigma / usual_steering_ratio);
    const bool rim = r.spot.kind == ReadingKind::rim_front || r.spot.kind == ReadingKind::rim_rear;
    o.set_by_eye =
        rim && !r.stated_sigma && !o.site.heights && current().contains({Unknown::camber, o.site.wheel});
    if (r.spot.kind == ReadingKind::steering_wheel) {
        if (r.since_now || !standing_.steered) steer();
        // A ratio nobody gave is a guess, and so is what follows from it.
        if (!round.car.steering_ratio)
            o.sigma = std::hypot(o.sigma, o.value * usual_ratio_sigma / usual_steering_ratio);
    }
    o.current = current_;
    current_shared_ = true;
    weakly_coupled_ =
        weakly_coupled_ || o.turned_sigma > 0 || o.set_by_eye ||
        (against_gravity(r.spot.kind) && (o.site.turned != 0.0 || o.site.swept != 0.0 || o.site.floor));
    spots_[{lie_, r.spot}].push_back(observed_.size());
    observed_.push_back(o);
}

/// The heights of the four spots and of the level line they were read from, with the survey's own readings as
/// residuals. They take no part in the checks: the survey has its own.
void Network::lay_floor(const Floor& floor) {
    if (floor_ == floor.begun) {
        standing_.tiles = floor.tiles;
        return;
    }
    if (!solve_floor(floor).known) return;
    floor_ = floor.begun;
    standing_.tiles = floor.tiles;
    for (int i = 0; i < 5; ++i) add(Unknown::floor, i, 0.0);
    const auto unknowns = [&] {
        std::vector<int> all;
        for (int i = 0; i < 5; ++i) all.push_back(current().at({Unknown::floor, i}));
        return all;
    }();
    for (const FloorRow& row : floor.rows) {
        Linked l;
        l.unknowns = unknowns;
        l.coefficients.assign(row.of.begin(), row.of.end());
        l.constant = -row.value;
        l.sigma = row.sigma;
        links_.push_back(l);
    }
    Linked datum;  // only differences are known
    datum.unknowns = {unknowns.begin(), unknowns.begin() + 4};
    datum.coefficients.assign(4, 0.25);
    datum.sigma = 1.0;
    links_.push_back(datum);
}

/// From here on the steering stands off straight, by what is about to be read off it.
void Network::steer() {
    standing_.steered = true;
    // Only so that what is read with it so stays solvable where the wheel's own reading is struck out.
    with_prior(Unknown::steer, 0, 0.0, 5.0 * one_degree);
}

/// A round read with the steering wheel off: all its readings are of wheels steered by the same.
void Network::steer_for_round(const Round& round) {
    standing_.steered = false;
    if (!round.lines.steering_held) {
        // Nobody held it: an unknown that nothing limits.
        standing_.steered = true;
        add(Unknown::steer, 0, 0.0);
        return;
    }
    for (std::size_t i : round.readings) {
        const Reading& r = std::get<Reading>((*job_.log)[i].what);
        if (r.spot.kind != ReadingKind::steering_wheel || r.since_now) continue;
        steer();
        return;
    }
}

/// Spot error: one more unknown where a spot was read more than once, part of the reading's sigma elsewhere.
void Network::settle_repeats() {
    for (const auto& [key, members] : spots_) {
        std::vector<std::size_t> sharing;
        for (std::size_t m : members)
            if (std::get<Reading>((*job_.log)[observed_[m].entry].what).spot_sigma() > 0)
                sharing.push_back(m);
        if (sharing.empty()) continue;
        const double spot_sigma = spot_error.m();
        if (sharing.size() == 1) {
            observed_[sharing.front()].sigma = std::hypot(observed_[sharing.front()].sigma, spot_sigma);
            continue;
        }
        const int latent = static_cast<int>(x_.size());
        keys_.push_back({Unknown::spot, static_cast<int>(members.front()), epoch_});
        x_.push_back(0.0);
        for (std::size_t m : sharing) observed_[m].spot_latent = latent;
        believe(latent, 0.0, spot_sigma);
    }
}

void Network::link_step(Unknown what, int where, double sigma) {
    if (!current().contains({what, where})) return;
    const int before = current().at({what, where});
    const int after = renew(what, where);
    Linked l;
    l.unknowns = {after, before};
    l.coefficients = {1.0, -1.0};
    l.sigma = sigma;
    links_.push_back(l);
}

/// The responses of a device as unknowns, from when it is first turned.
const ResponsePrior& Network::responses_of(const Device& d, int place, const CarCard& car) {
    const auto it = responses_.find(place);
    if (it != responses_.end()) return it->second;
    const ResponsePrior& p = responses_.emplace(place, *response_prior(d, car)).first->second;
    const int n = static_cast<int>(p.effects.size());
    std::vector<int> unknowns;
    for (int i = 0; i < n; ++i)
        unknowns.push_back(add(Unknown::response, place_of_response(place, i), p.mean[i]));
    // The joint prior, whitened: one row each.
    const Eigen::MatrixXd l = p.covariance.llt().matrixL();
    const Eigen::MatrixXd white = l.triangularView<Eigen::Lower>().solve(Eigen::MatrixXd::Identity(n, n));
    for (int row = 0; row < n; ++row) {
        Linked prior;
        prior.unknowns = unknowns;
        for (int k = 0; k < n; ++k) prior.coefficients.push_back(white(row, k));
        prior.constant = -white.row(row).dot(p.mean);
        links_.push_back(prior);
    }
    return p;
}

/// Angles after = angles before + what each handle's travel does, for each wheel that it moves.
void Network::turn_device(const Turn& t, const Device& d, int place, const CarCard& car) {
    const AdjusterKind& kind = *adjuster_kind(d.kind);
    const Spoils& row = spoils_of(Happening::turned_device, car.no_springs);
    const ResponsePrior& prior = responses_of(d, place, car);
    std::array<double, 2>& so_far = amounts_[place];
    std::array<double, 2> travelled{};
    const std::array<double, 2> by = {t.turns, t.second};
    for (std::size_t h = 0; h < 2; ++h) {
        travelled[h] = kind.travel(d, so_far[h] + by[h]) - kind.travel(d, so_far[h]);
        so_far[h] += by[h];
    }
    ++rod_turns_[d.id];
    turned_unlocked_.insert(place);
    const std::vector<Wheel> wheels = wheels_of(d);
    for (Wheel wheel : wheels) {
        const int w = index_of(wheel);
        std::optional<std::pair<int, int>> camber;
        for (int angle = 0; angle < 3; ++angle) {
            const Unknown what = angles[static_cast<std::size_t>(angle)];
            if (!current().contains({what, w})) continue;
            Linked l;
            const int before = current().at({what, w}), after = renew(what, w);
            l.unknowns = {after, before};
            l.coefficients = {1.0, -1.0};
            double size = 0.0;
            for (std::size_t i = 0; i < prior.effects.size(); ++i) {
                const Effect& e = prior.effects[i];
                const double by_handle = travelled[static_cast<std::size_t>(e.handle)];
                if (e.wheel != wheel || e.angle != angle || by_handle == 0.0) continue;
                const int r =
                    current().at({Unknown::response, place_of_response(place, static_cast<int>(i))});
                l.unknowns.push_back(r);
                l.coefficients.push_back(-by_handle);
                size += prior.mean[static_cast<Eigen::Index>(i)] * by_handle;
            }
            // It settles by itself, and no effect is quite linear.
            const double settles = (angle == 0 ? row.here : row.camber) * one_degree;
            l.sigma = std::hypot(settles, kind.bends(d) * size);
            links_.push_back(l);
            if (angle == 1) camber = {after, before};
        }
        if (camber && current().contains({Unknown::sai, w})) {
            // The upright leans as one piece: what the camber gained the inclination lost.
            const int before = current().at({Unknown::sai, w}), after = renew(Unknown::sai, w);
            Linked l;
            l.unknowns = {after, before, camber->first, camber->second};
            l.coefficients = {1.0, -1.0, 1.0, -1.0};
            l.sigma = (kind.keeps_included_angle() ? 0.05 : 1.0) * one_degree;
            links_.push_back(l);
        }
    }
    // The other wheel of a steered axle is taken along by what moved.
    if (wheels.size() == 1 && axle_of(wheels.front()) == Axle::front)
        link_step(Unknown::toe, index_of(wheels.front()) ^ 1, row.elsewhere * one_degree);
}

void Network::turn(const Turn& t, const CarCard& car) {
    const int place = car.place_of(t.adjuster);
    const Device* device = car.device(t.adjuster);
    ++epoch_;
    if (place >= 0 && t.understood && unsaid_of(car.adjusters[static_cast<std::size_t>(place)])) {
        turned_unlocked_.insert(place);
        return doubted_turn(t, car);
    }
    if (device && t.understood && adjuster_kind(device->kind)) return turn_device(t, *device, place, car);
    const Rod* known = car.rod(t.adjuster);
    if (!known || !t.understood) {
        // An adjuster this version does not know: say nothing about the angles of either axle.
        anything_moved(spoils_of(Happening::turned_other, car.no_springs));
        return;
    }
    const Rod& rod = *known;
    ++rod_turns_[rod.id];
    turned_unlocked_.insert(place);
    const int w = index_of(rod.wheel);
    const Spoils& row = spoils_of(Happening::turned_toe, car.no_springs);
    // More thread than the arm is long: whatever that was, it says nothing about the toe now.
    const bool absurd = std::abs(length_change(rod, t.turns) / arm_prior(rod).mean) > 0.5;
    const Angle toe_by = absurd ? Angle::from_deg(anything) : toe_change(rod, t.turns, arm_prior(rod).mean);
    const int toe_before = current().at({Unknown::toe, w});
    if (absurd || !current().contains({Unknown::arm, place})) {
        link_step(Unknown::toe, w, anything * one_degree);
    } else {
        const int before = current().at({Unknown::toe, w});
        const int after = renew(Unknown::toe, w);
        Linked l;
        l.unknowns = {after, before};
        l.coefficients = {1.0, -1.0};
        l.rod = true;
        l.length_change = length_change(rod, t.turns).m() * toe_sign(rod);
        l.sigma = row.here * one_degree;
        l.unknowns.push_back(current().at({Unknown::arm, place}));
        links_.push_back(l);
    }
    lean_by_toe(w, toe_before, toe_by);
    if (axle_of(rod.wheel) == Axle::front) link_step(Unknown::toe, w ^ 1, row.elsewhere * one_degree);
}

/// Its camber after a rod turned that wheel.
void Network::lean_by_toe(int w, int toe_before, Angle toe_by) {
    if (!current().contains({Unknown::camber, w})) return;
    const int toe_after = current().at({Unknown::toe, w}), before = current().at({Unknown::camber, w}),
              after = renew(Unknown::camber, w);
    const bool front = w < 2, known = front && current().contains({Unknown::caster, w});
    Linked l;
    l.unknowns = {after, before};
    l.coefficients = {1.0, -1.0};
    if (known) {
        l.leans = true;
        for (int i : {current().at({Unknown::caster, w}), toe_after, toe_before}) l.unknowns.push_back(i);
    } else if (front) {
        const double lean = std::tan(usual_caster.rad());
        for (const auto& [toe, c] : {std::pair(toe_after, lean), {toe_before, -lean}}) {
            l.unknowns.push_back(toe);
            l.coefficients.push_back(c);
        }
    }
    l.sigma = camber_by_toe(toe_by.rad(), front ? Axle::front : Axle::rear, known);
    links_.push_back(l);
}

/// Whatever was turned there, or on the other side of that axle: its angles are as they are read after it.
void Network::doubted_turn(const Turn& t, const CarCard& car) {
    const Device* device = car.device(t.adjuster);
    const Rod* rod = car.rod(t.adjuster);
    if (!rod && !(device && adjuster_kind(device->kind)))
        return anything_moved(spoils_of(Happening::turned_other, car.no_springs));
    ++epoch_;
    if (device) {
        std::array<double, 2>& so_far = amounts_[car.place_of(device->id)];
        so_far[0] += t.turns;
        so_far[1] += t.second;
    }
    const Axle axle = axle_of(rod ? rod->wheel : wheel_of(*device));
    for (Wheel w : all_wheels) {
        if (axle_of(w) != axle) continue;
        const int i = index_of(w);
        link_step(Unknown::toe, i, anything * one_degree);
        if (rod) {
            link_step(Unknown::camber, i,
                      spoils_of(Happening::turned_toe, car.no_springs).camber * one_degree);
            continue;
        }
        for (Unknown lean : {Unknown::camber, Unknown::caster, Unknown::sai})
            link_step(lean, i, anything * one_degree);
    }
}

/// What an earlier job left the car at.
void Network::carry(const AnglesCarried& known) {
    for (int w = 0; w < 4; ++w)
        for (std::size_t a = 0; a < 3; ++a)
            if (const auto& k = known.wheels[static_cast<std::size_t>(w)][a];
                k && current().contains({angles[a], w}))
                believe(current().at({angles[a], w}), k->deg * one_degree,
                        std::max(k->sigma_deg, 1e-3) * one_degree);
}

/// Nuts and bolts tightened: each adjuster that was turned moves by what it does when it is locked.
void Network::locked(const Spoils& row, std::optional<Axle> axle, const CarCard& car) {
    ++epoch_;
    for (int w = 0; w < 4; ++w) {
        const Wheel wheel = static_cast<Wheel>(w);
        if (axle && axle_of(wheel) != *axle) {
            link_step(Unknown::toe, w, row.elsewhere * one_degree);
            continue;
        }
        // Of each angle of it, what was turned and is drawn tight now.
        for (int angle = 0; angle < 3; ++angle) {
            const Unknown what = angles[static_cast<std::size_t>(angle)];
            if (!current().contains({what, w})) continue;
            std::vector<int> locks;
            for (int place : turned_unlocked_) {
                const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
                if (wheel_of(a) == wheel && (serves_of(a) & (1 << angle)) != 0)
                    locks.push_back(lock_of(place, angle, car));
            }
            if (locks.empty()) {
                const double toe = car.rod_at(wheel) ? row.here : row.elsewhere;
                link_step(what, w, (angle == 0 ? toe : row.camber) * one_degree);
                continue;
            }
            const int before = current().at({what, w}), after = renew(what, w);
            Linked l;
            l.unknowns = {after, before};
            l.coefficients = {1.0, -1.0};
            for (int lock : locks) {
                l.unknowns.push_back(lock);
                l.coefficients.push_back(-1.0);
            }
            l.sigma = lock_scatter_deg * one_degree * std::sqrt(static_cast<double>(locks.size()));
            links_.push_back(l);
        }
    }
    for (auto it = turned_unlocked_.begin(); it != turned_unlocked_.end();) {
        const Wheel wheel = wheel_of(car.adjusters[static_cast<std::size_t>(*it)]);
        if (axle && axle_of(wheel) != *axle) {
            ++it;
            continue;
        }
        ++locks_seen_[*it];
        it = turned_unlocked_.erase(it);
    }
}

/// What locking that does, as an unknown from when it is first locked.
int Network::lock_of(int place, int angle, const CarCard& car) {
    const std::pair key(Unknown::lock, place_of_lock(place, angle));
    if (!current().contains(key)) {
        const KnownLock prior = lock_prior(car.adjusters[static_cast<std::size_t>(place)], angle);
        with_prior(key.first, key.second, prior.deg * one_degree, prior.sigma_deg * one_degree);
    }
    return current().at(key);
}

void Network::anything_moved(const Spoils& row) {
    for (int w = 0; w < 4; ++w) {
        link_step(Unknown::toe, w, (w < 2 ? row.here : row.elsewhere) * one_degree);
        link_step(Unknown::camber, w, row.camber * one_degree);
    }
}

void Network::strings_moved() {
    ++lie_;
    for (int s = 0; s < 2; ++s) {
        renew(Unknown::string_offset, s);
        renew(Unknown::string_skew, s);
    }
}

/// The strings stay where they are, the car is elsewhere between them: each is new to the car, their sum is
/// not.
void Network::car_moved_between_strings() {
    ++lie_;
    for (Unknown what : {Unknown::string_offset, Unknown::string_skew}) {
        const int l0 = current().at({what, 0}), r0 = current().at({what, 1});
        const int l1 = renew(what, 0), r1 = renew(what, 1);
        Linked l;
        l.unknowns = {l1, r1, l0, r0};
        l.coefficients = {1.0, 1.0, -1.0, -1.0};
        l.sigma = what == Unknown::string_offset ? string_pair_offset : string_pair_skew;
        links_.push_back(l);
    }
}

/// What the table says of it: how far each angle may have moved, and what the strings did.
void Network::happened(const Spoils& row, std::optional<Axle> axle) {
    ++epoch_;
    if (row.what == Happening::steering_moved) {
        // Both front wheels went the same way: what one toes in the other toes out.
        standing_.steered = false;
        const int l0 = current().at({Unknown::toe, 0}), r0 = current().at({Unknown::toe, 1});
        link_step(Unknown::toe, 0, row.here * one_degree);
        const int l1 = current().at({Unknown::toe, 0});
        const int r1 = renew(Unknown::toe, 1);
        Linked l;
        l.unknowns = {l1, r1, l0, r0};
        l.coefficients = {1.0, 1.0, -1.0, -1.0};
        l.sigma = recentred_sum_deg * one_degree;
        links_.push_back(l);
        return;
    }
    for (int w = 0; w < 4; ++w) {
        const bool here = !axle || index_of(*axle) == w / 2;
        const double toe = here ? row.here : row.elsewhere;
        if (toe > 0) link_step(Unknown::toe, w, toe * one_degree);
        if (row.camber <= 0) continue;
        link_step(Unknown::camber, w, row.camber * one_degree);
        if (row.spoils(Fact::caster)) link_step(Unknown::caster, w, row.camber * one_degree);
    }
    if (row.strings == Strings::moved) strings_moved();
    if (row.strings == Strings::car_moves_between) car_moved_between_strings();
}

/// d(reading)/d(heading it was taken at): how an unsure sweep makes the reading unsure.
double Network::slope_by_turned(const Observed& o) const {
    constexpr double h = 1e-4;
    const auto at = [&](double by) {
        Site s = o.site;
        // A gauge's own scale turns it both ways.
        (s.swept != 0.0 && s.turned == 0.0 ? s.swept : s.turned) += by;
        std::vector<int> none;
        return predict<double>(s, Recorder{o.current.get(), &x_, &none});
    };
    return (at(h) - at(-h)) / (2 * h);
}

/// How a string rises over the hubs, from its heights over the floor at stations along the car, metres: a
/// level string from one, else the straight line through them by least squares. Where the card has no hub
/// heights, it passes hub height midway between the axles.
StringRise rise_over_hubs(const std::map<double, double>& heights, const CarCard& car) {
    const double n = static_cast<double>(heights.size());
    double mx = 0, mh = 0, xx = 0, xh = 0;
    for (const auto& [x, h] : heights) mx += x / n, mh += h / n;
    for (const auto& [x, h] : heights) xx += (x - mx) * (x - mx), xh += (x - mx) * (h - mh);
    const double slope = xx > 0 ? xh / xx : 0.0;
    const auto &front = car.axles[0].hub_height, &rear = car.axles[1].hub_height;
    // What makes camber show as toe is how the string rises in space, not against the line of the hubs; where
    // the lip is met is over each hub's own height.
    if (front && rear && heights.size() > 1)
        return {mh - slope * mx - rear->m(), slope, (*front - *rear).m()};
    return {-slope * car.wheelbase->m() / 2, slope, 0.0};
}

/// The heights of both strings, by the last reading at each station.
void Network::raise_strings(int last) {
    const CarCard& car = last_round_->car;
    if (!car.wheelbase) return;
    std::array<std::map<double, double>, 2> heights;
    for (int k = 0; k <= last; ++k)
        for (std::size_t i : job_.rounds[k].readings)
            if (const auto& r = std::get<Reading>((*job_.log)[i].what);
                r.spot.kind == ReadingKind::string_height)
                heights[index_of(*r.spot.side)][r.spot.station->m()] = base_value(r, job_.tool(r.tool));
    for (std::size_t s = 0; s < 2; ++s)
        if (!heights[s].empty()) standing_.rise[s] = rise_over_hubs(heights[s], car);
}

class Canceller : public ceres::IterationCallback {
  public:
    explicit Canceller(const std::atomic<bool>* flag) : flag_(flag) {}
    ceres::CallbackReturnType operator()(const ceres::IterationSummary&) override {
        return flag_ && flag_->load() ? ceres::SOLVER_ABORT : ceres::SOLVER_CONTINUE;
    }

  private:
    const std::atomic<bool>* flag_;
};

Estimate Network::solve() {
    Estimate out;
    if (job_.rounds.empty()) return out;
    const int last = options_.round
                         ? std::clamp<int>(*options_.round, 0, static_cast<int>(job_.rounds.size()) - 1)
                         : static_cast<int>(job_.rounds.size()) - 1;
    out.round = last;
    last_round_ = &job_.rounds[last];
    // As the car stood when the round was read: what was turned after it belongs to the next.
    const std::size_t end = options_.as_of_now              ? last_round_->end
                            : last_round_->readings.empty() ? last_round_->opened + 1
                                                            : last_round_->readings.back() + 1;

    Asked asked = asked_of(last);
    for (std::size_t i = 0; i < end; ++i)
        if (const AnglesCarried* c = std::get_if<AnglesCarried>(&(*job_.log)[i].what); c && job_.live(i))
            for (int w = 0; w < 4; ++w) {
                if (c->wheels[static_cast<std::size_t>(w)][1]) asked.gauge.insert(w);
                if (c->wheels[static_cast<std::size_t>(w)][2]) asked.sweep.insert(w);
            }
    gauge_ = !asked.gauge.empty() || !asked.sweep.empty();
    out.chassis_marks = asked.chassis;
    first_state(last_round_->car, asked);
    raise_strings(last);
    observe_card(last_round_->car);
    steer_for_round(job_.rounds.front());

    int k = 0;
    bool freeing = false;
    for (std::size_t i = job_.rounds.front().opened; i < end; ++i) {
        while (k < last && i >= job_.rounds[k + 1].opened) steer_for_round(job_.rounds[++k]);
        const Round& round = job_.rounds[k];
        if (!job_.live(i) || (options_.without && *options_.without == i)) continue;
        const auto& what = (*job_.log)[i].what;
        if (const Reading* r = std::get_if<Reading>(&what);
            r && info_of(r->spot.kind).use == ReadingUse::angles && (!options_.only || options_.only(*r))) {
            if (gauge_)
                if (const auto floor = floor_at(job_, i)) lay_floor(*floor);
            freeing = false;
            observe(i, round);
        }
        if (const AnglesCarried* known = std::get_if<AnglesCarried>(&what)) {
            carry(*known);
            continue;
        }
        if (const Turn* t = std::get_if<Turn>(&what)) {
            const auto& doubted = options_.doubted_turns;
            if (std::find(doubted.begin(), doubted.end(), i) != doubted.end()) {
                auto& freed = posterior_->freed;
                if (!freeing) freed.push_back({{}, current(), {}});
                freeing = true;
                doubted_turn(*t, last_round_->car);
                freed.back().turns.push_back(i);
                freed.back().after = current();
                continue;
            }
            turn(*t, last_round_->car);
        } else if (const auto h = happening_of((*job_.log)[i], last_round_->car)) {
            const Change* c = std::get_if<Change>(&what);
            if (*h == Happening::locked) {
                locked(spoils_of(*h, last_round_->car.no_springs), c->axle, last_round_->car);
                continue;
            }
            happened(spoils_of(*h, last_round_->car.no_springs), c ? c->axle : std::nullopt);
        }
    }
    settle_repeats();
    run();
    if (weakly_coupled_ && !(options_.cancel && options_.cancel->load())) {
        know_sweep_toes();
        for (Observed& o : observed_) {
            if (o.from_card) continue;
            o.site.zero_toe = x_[o.current->at({Unknown::toe, o.site.wheel})];
            if (o.turned_sigma > 0) o.sigma = std::hypot(o.sigma, o.turned_sigma * slope_by_turned(o));
            if (o.set_by_eye)
                o.sigma =
                    std::hypot(o.sigma, string_rise_unknown *
                                            std::tan(x_[o.current->at({Unknown::camber, o.site.wheel})]));
        }
        run();
    }
    out.cancelled = options_.cancel && options_.cancel->load();
    analyse(out);
    report(out);
    return out;
}

/// Sweeps start from the toes as they were found to be, as far as these are known: the ridge makes what no
/// reading tells as wide as can be.
void Network::know_sweep_toes() {
    if (!converged_ || jacobian_.rows() == 0) return;
    Eigen::VectorXd scale = jacobian_.colwise().norm();
    for (double& v : scale) v = v > 0 ? v : 1.0;
    const Eigen::MatrixXd scaled = jacobian_ * scale.cwiseInverse().asDiagonal();
    Eigen::MatrixXd normal = scaled.transpose() * scaled;
    normal.diagonal().array() += 1e-10;
    const Eigen::LDLT<Eigen::MatrixXd> ldlt(normal);
    for (int w = 0; w < 2; ++w) {
        const auto latent = current().find({Unknown::sweep_toe, w}), toe = current().find({Unknown::toe, w});
        if (latent == current().end() || toe == current().end()) continue;
        Eigen::VectorXd unit = Eigen::VectorXd::Zero(normal.rows());
        unit[toe->second] = 1.0;
        const double variance = ldlt.solve(unit)[toe->second] / std::pow(scale[toe->second], 2);
        if (!(variance > 0.0) || variance > any_toe_sigma * any_toe_sigma) continue;
        believe(latent->second, x_[static_cast<std::size_t>(toe->second)],
                std::max(std::sqrt(variance), 1e-5));
    }
}

void Network::run() {
    ceres::Problem problem;
    for (double& v : x_) problem.AddParameterBlock(&v, 1);
    for (Observed& o : observed_) {
        o.asked.clear();
        predict<double>(o.site, Recorder{o.current.get(), &x_, &o.asked});
        auto* cost = new ceres::DynamicAutoDiffCostFunction<Observed, 4>(new Observed(o));
        std::vector<double*> blocks;
        for (int i : o.asked) blocks.push_back(&x_[i]);
        if (o.spot_latent >= 0) blocks.push_back(&x_[o.spot_latent]);
        for (std::size_t i = 0; i < blocks.size(); ++i) cost->AddParameterBlock(1);
        cost->SetNumResiduals(1);
        problem.AddResidualBlock(cost, nullptr, blocks);
    }
    for (Linked& l : links_) {
        auto* cost = new ceres::DynamicAutoDiffCostFunction<Linked, 4>(new Linked(l));
        std::vector<double*> blocks;
        for (int i : l.unknowns) {
            blocks.push_back(&x_[i]);
            cost->AddParameterBlock(1);
        }
        cost->SetNumResiduals(1);
        problem.AddResidualBlock(cost, nullptr, blocks);
    }
    // What Ceres has to say goes into the summary, not onto the user's terminal.
    static const bool quiet = [] {
        FLAGS_minloglevel = google::GLOG_FATAL;
        return true;
    }();
    (void)quiet;
    ceres::Solver::Options options;
    options.linear_solver_type = ceres::DENSE_QR;
    options.logging_type = ceres::SILENT;
    options.max_num_iterations = 60;
    options.function_tolerance = 1e-13;
    options.parameter_tolerance = 1e-12;
    options.gradient_tolerance = 1e-14;
    options.num_threads = 1;
    Canceller canceller(options_.cancel);
    options.callbacks.push_back(&canceller);
    ceres::Solver::Summary summary;
    ceres::Solve(options, &problem, &summary);

    ceres::Problem::EvaluateOptions evaluate;
    for (double& v : x_) evaluate.parameter_blocks.push_back(&v);
    std::vector<ceres::ResidualBlockId> ids;
    problem.GetResidualBlocks(&ids);
    evaluate.residual_blocks = ids;
    evaluate.num_threads = 1;
    double cost = 0.0;
    std::vector<double> residuals;
    ceres::CRSMatrix crs;
    problem.Evaluate(evaluate, &cost, &residuals, nullptr, &crs);
    residuals_ = Eigen::Map<Eigen::VectorXd>(residuals.data(), static_cast<int>(residuals.size()));
    jacobian_ = Eigen::MatrixXd::Zero(static_cast<int>(residuals.size()), static_cast<int>(x_.size()));
    for (int row = 0; row + 1 < static_cast<int>(crs.rows.size()); ++row)
        for (int at = crs.rows[row]; at < crs.rows[row + 1]; ++at)
            jacobian_(row, crs.cols[at]) = crs.values[at];
    converged_ = summary.IsSolutionUsable() && jacobian_.allFinite() && residuals_.allFinite();
    if (!converged_) {
        jacobian_.setZero();
        residuals_.setZero();
    }
}

void Network::analyse(Estimate& out) {
    Posterior& p = *posterior_;
    const int n = static_cast<int>(jacobian_.rows()), m = static_cast<int>(jacobian_.cols());
    p.keys = keys_;
    p.x = Eigen::Map<const Eigen::VectorXd>(x_.data(), m);
    p.scale = Eigen::VectorXd::Ones(m);
    for (int i = 0; i < m; ++i)
        if (const double norm = jacobian_.col(i).norm(); norm > 0) p.scale[i] = norm;
    const Eigen::MatrixXd scaled = jacobian_ * p.scale.cwiseInverse().asDiagonal();
    // A = Q [T 0; 0 0] Z P': Q's columns are the readings' space, the last of (Z P')' are what no reading
    // tells. One row of zeros where nothing was read at all: then everything is in the null space.
    Eigen::CompleteOrthogonalDecomposition<Eigen::MatrixXd> split;
    split.setThreshold(1e-9);
    split.compute(n > 0 ? scaled : Eigen::MatrixXd::Zero(1, m));
    const int rank = static_cast<int>(split.rank());
    const Eigen::MatrixXd u = split.householderQ() * Eigen::MatrixXd::Identity(std::max(n, 1), rank);
    // Eigen leaves Z unset where nothing is unknown.
    const Eigen::MatrixXd z =
        rank < m ? Eigen::MatrixXd(split.matrixZ().transpose()) : Eigen::MatrixXd::Identity(m, m);
    const Eigen::MatrixXd v = split.colsPermutation() * z;
    const Eigen::MatrixXd t = split.matrixT().topLeftCorner(rank, rank).triangularView<Eigen::Upper>();
    const Eigen::MatrixXd vs =
        t.triangularView<Eigen::Upper>().solve<Eigen::OnTheRight>(Eigen::MatrixXd(v.leftCols(rank)));
    p.null_space = v.rightCols(m - rank);
    p.covariance =
        p.scale.cwiseInverse().asDiagonal() * (vs * vs.transpose()) * p.scale.cwiseInverse().asDiagonal();

    out.converged = converged_;
    out.redundancy = n - rank;
    out.weighted_sum = residuals_.squaredNorm();
    out.unused = unused_;

    std::size_t readings = 0;
    p.projection.resize(static_cast<int>(observed_.size()), rank);
    p.residuals.resize(static_cast<int>(observed_.size()));
    p.sigmas.resize(static_cast<int>(observed_.size()));
    for (std::size_t i = 0; i < observed_.size(); ++i) {
        const Observed& o = observed_[i];
        if (o.from_card) continue;
        const int row = static_cast<int>(readings++);
        p.projection.row(row) = u.row(static_cast<int>(i));
        p.residuals[row] = residuals_[static_cast<int>(i)];
        p.sigmas[row] = o.sigma;
        Check c;
        c.entry = o.entry;
        const double leverage = u.row(static_cast<int>(i)).squaredNorm();
        c.redundancy = std::clamp(1.0 - leverage, 0.0, 1.0);
        if (c.redundancy < 1e-6) {
            c.redundancy = 0.0;
            c.detectable = std::numeric_limits<double>::infinity();
        } else {
            c.w = residuals_[static_cast<int>(i)] / std::sqrt(c.redundancy);
            const Reading& r = std::get<Reading>((*job_.log)[o.entry].what);
            const double unit = r.value.kind == QuantityKind::length ? 1000.0 : 1.0 / one_degree;
            c.detectable = detectable_factor * o.sigma * unit / std::sqrt(c.redundancy);
        }
        out.checks.push_back(c);
    }
    p.projection.conservativeResize(static_cast<int>(readings), rank);
    p.residuals.conservativeResize(static_cast<int>(readings));
    p.sigmas.conservativeResize(static_cast<int>(readings));
    double worst = 0.0;
    for (const Check& c : out.checks) worst = std::max(worst, std::abs(c.w));
    if (readings > 0) out.alarm = worst > normal_quantile(1.0 - 0.005 / static_cast<double>(readings));
    // Taking one reading out lowers the weighted sum by w squared.
    if (out.alarm)
        for (Check& c : out.checks)
            c.suspect = c.redundancy > 0 && worst * worst - c.w * c.w <= suspect_window;

    const auto find = [&](Unknown what, int count) {
        std::vector<int> at(count, -1);
        for (int w = 0; w < count; ++w)
            if (const auto it = current().find({what, w}); it != current().end()) at[w] = it->second;
        return at;
    };
    p.last_toe = find(Unknown::toe, 4);
    p.last_camber = find(Unknown::camber, 4);
    p.last_caster = find(Unknown::caster, 4);
    p.last_sai = find(Unknown::sai, 4);
    p.last_offset = find(Unknown::string_offset, 2);
    p.last_skew = find(Unknown::string_skew, 2);
    p.now = current();
    // What is read next is read on the car and by the lines as they are now, though nothing was read yet.
    standing_.car = last_round_->car;
    standing_.lines = last_round_->lines;
    p.standing = standing_;
    p.arms = find(Unknown::arm, static_cast<int>(last_round_->car.adjusters.size()));
    p.amounts = amounts_;
    add_unturned(last_round_->car);
}

/// What devices do that were not turned yet, and locks not seen: their priors, beside the solved problem.
void Network::add_unturned(const CarCard& car) {
    Posterior& p = *posterior_;
    struct Block {
        std::vector<UnknownKey> keys;
        Eigen::VectorXd mean;
        Eigen::MatrixXd covariance;
    };
    std::vector<Block> blocks;
    Eigen::Index more = 0;
    for (std::size_t place = 0; place < car.adjusters.size(); ++place) {
        const int at = static_cast<int>(place);
        const Adjuster& adjuster = car.adjusters[place];
        const Device* device = std::get_if<Device>(&adjuster);
        for (const KnownLock& l : device ? device->lock : std::get<Rod>(adjuster).lock) {
            const int where = place_of_lock(at, l.angle);
            if (current().contains({Unknown::lock, where})) continue;
            const KnownLock known = lock_prior(adjuster, l.angle);
            blocks.push_back({{{Unknown::lock, where, epoch_}},
                              Eigen::VectorXd::Constant(1, known.deg * one_degree),
                              Eigen::MatrixXd::Constant(1, 1, std::pow(known.sigma_deg * one_degree, 2))});
        }
        if (device && !responses_.contains(at)) {
            const auto prior = response_prior(*device, car);
            if (!prior) continue;
            Block b{{}, prior->mean, prior->covariance};
            for (int i = 0; i < static_cast<int>(prior->effects.size()); ++i)
                b.keys.push_back({Unknown::response, place_of_response(at, i), epoch_});
            blocks.push_back(std::move(b));
        }
        if (!blocks.empty())
            more = std::accumulate(blocks.begin(), blocks.end(), Eigen::Index{0},
                                   [](Eigen::Index n, const Block& b) { return n + b.mean.size(); });
    }
    const std::array<const std::vector<int>*, 3> last = {&p.last_toe, &p.last_camber, &p.last_caster};
    for (std::size_t w = 0; w < 4; ++w)
        for (std::size_t a = 0; a < 3; ++a) p.state[w][a] = (*last[a])[w];
    // What devices move though nothing tells how it stands: in the null space, a column each.
    std::vector<std::pair<int, int>> unread;
    for (const Adjuster& adjuster : car.adjusters) {
        const Device* device = std::get_if<Device>(&adjuster);
        const auto prior = device ? response_prior(*device, car) : std::nullopt;
        if (!prior) continue;
        for (const Effect& e : prior->effects) {
            const std::pair at(index_of(e.wheel), e.angle);
            if (p.state[static_cast<std::size_t>(at.first)][static_cast<std::size_t>(at.second)] >= 0 ||
                (at.second == 2 && at.first >= 2) ||
                std::find(unread.begin(), unread.end(), at) != unread.end())
                continue;
            unread.push_back(at);
        }
    }
    for (const auto& [w, a] : unread)
        blocks.push_back({{{angles[static_cast<std::size_t>(a)], w, epoch_}},
                          Eigen::VectorXd::Zero(1),
                          Eigen::MatrixXd::Zero(1, 1)});
    more += static_cast<Eigen::Index>(unread.size());
    if (more == 0) return;
    const Eigen::Index was = p.x.size();
    p.x.conservativeResize(was + more);
    p.scale.conservativeResize(was + more);
    p.scale.tail(more).setOnes();
    const auto alone = static_cast<Eigen::Index>(unread.size());
    Eigen::Index nothing = p.null_space.cols();
    p.null_space.conservativeResize(was + more, nothing + alone);
    p.null_space.bottomRows(more).setZero();
    p.null_space.rightCols(alone).setZero();
    Eigen::MatrixXd covariance = Eigen::MatrixXd::Zero(was + more, was + more);
    covariance.topLeftCorner(was, was) = p.covariance;
    Eigen::Index at = was;
    for (const Block& b : blocks) {
        p.x.segment(at, b.mean.size()) = b.mean;
        covariance.block(at, at, b.mean.size(), b.mean.size()) = b.covariance;
        for (std::size_t i = 0; i < b.keys.size(); ++i) {
            p.keys.push_back(b.keys[i]);
            const int here = static_cast<int>(at + static_cast<Eigen::Index>(i));
            const auto angle = std::find(angles.begin(), angles.end(), b.keys[i].what);
            if (angle == angles.end()) {
                p.now[{b.keys[i].what, b.keys[i].where}] = here;
                continue;
            }
            p.state[static_cast<std::size_t>(b.keys[i].where)]
                   [static_cast<std::size_t>(angle - angles.begin())] = here;
            p.null_space(here, nothing++) = 1.0;
        }
        at += b.mean.size();
    }
    p.covariance = std::move(covariance);
}

Eigen::VectorXd Network::gradient(std::initializer_list<std::pair<int, double>> terms) const {
    Eigen::VectorXd g = Eigen::VectorXd::Zero(posterior_->x.size());
    for (const auto& [i, c] : terms)
        if (i >= 0) g[i] += c;
    return g;
}

void Network::explain(KnownAngle& a, const Eigen::VectorXd& g, const Estimate& e) const {
    a.why = {Code::why_no_readings, {}};
    if (!options_.explain) return;
    for (const Unused& u : e.unused)
        if (u.why.code == Code::why_needs_wheelbase || u.why.code == Code::why_needs_rim_span ||
            u.why.code == Code::why_needs_bar)
            a.why = u.why;
    // Work in the null space: which unread spots together reach what the angle needs there?
    const Eigen::MatrixXd& n = posterior_->null_space;
    const Eigen::VectorXd inverse_scale = posterior_->scale.cwiseInverse();
    const Eigen::VectorXd wanted = n.transpose() * inverse_scale.cwiseProduct(g);
    struct Candidate {
        Spot spot;
        Eigen::VectorXd part;
    };
    std::vector<Candidate> candidates;
    const std::vector<double> all(posterior_->x.data(), posterior_->x.data() + posterior_->x.size());
    std::optional<Message> lacking;
    // What this round reads; the widths over the hubs, which a string on one side alone wants; and strings.
    const int round = static_cast<int>(last_round_ - job_.rounds.data());
    std::vector<Spot> spots = round_walk(job_, round, true);
    const std::size_t own = spots.size();
    for (Axle axle : both_axles) spots.push_back(axle_spot(ReadingKind::hub_width, axle));
    spots.insert(spots.end(), string_walk().begin(), string_walk().end());
    std::size_t of_own = 0;
    for (std::size_t i = 0; i < spots.size(); ++i) {
        if (std::find(spots.begin(), spots.begin() + static_cast<std::ptrdiff_t>(i), spots[i]) !=
            spots.begin() + static_cast<std::ptrdiff_t>(i))
            continue;
        const Reading r = blank_reading(spots[i], standing_.lines);
        if (auto why = missing_for(r, standing_)) {
            if (!lacking && why->code != Code::job_missing) lacking = std::move(why);
            continue;
        }
        const Site site = site_of(r, standing_, *current_);
        if (!depends_on_known(site, *current_)) continue;
        Eigen::VectorXd part = n.transpose() * inverse_scale.cwiseProduct(gradient_at(site, *current_, all));
        if (part.norm() > 1e-7) candidates.push_back({spots[i], part});
        if (i < own) of_own = candidates.size();
    }
    const auto reached = [&](const std::vector<Candidate>& by) {
        if (by.empty()) return false;
        Eigen::MatrixXd m(wanted.size(), static_cast<int>(by.size()));
        for (std::size_t i = 0; i < by.size(); ++i) m.col(static_cast<int>(i)) = by[i].part.normalized();
        Eigen::CompleteOrthogonalDecomposition<Eigen::MatrixXd> qr;
        qr.setThreshold(1e-6);  // spots that say the same but for rounding are one
        qr.compute(m);
        const Eigen::VectorXd left = wanted - m * qr.solve(wanted);
        return left.norm() < 1e-5 * wanted.norm();
    };
    if (const std::vector<Candidate> owned(candidates.begin(),
                                           candidates.begin() + static_cast<std::ptrdiff_t>(of_own));
        reached(owned))
        candidates = owned;
    if (!reached(candidates)) {
        if (lacking && a.why.code == Code::why_no_readings) a.why = *lacking;
        return;
    }
    // Drop from the end of the walk what is not needed, so that what remains is met soonest.
    for (std::size_t i = candidates.size(); i-- > 0;) {
        auto fewer = candidates;
        fewer.erase(fewer.begin() + static_cast<std::ptrdiff_t>(i));
        if (reached(fewer)) candidates = std::move(fewer);
    }
    for (const Candidate& c : candidates) a.needs.push_back(c.spot);
    a.why = {Code::why_needs_spots, {listed(a.needs, [](const Spot& s) { return s.name(); })}};
}

KnownAngle Network::known(const Eigen::VectorXd& g, const Estimate& e, double constant) const {
    KnownAngle a;
    if (!converged_) {
        a.why = {Code::why_no_solution, {}};
        return a;
    }
    if (g.isZero()) {
        a.why = {Code::why_no_readings, {}};
        return a;
    }
    if (!posterior_->estimable(g)) {
        explain(a, g, e);
        return a;
    }
    a.value = Angle::from_rad(g.dot(posterior_->x) + constant);
    a.sigma = Angle::from_rad(std::sqrt(std::max(0.0, posterior_->variance(g))));
    // A sigma of nothing is a fault of the arithmetic, never knowledge.
    a.known = std::isfinite(a.value.deg()) && std::abs(a.value.deg()) < 90.0 &&
              a.sigma.deg() <= too_vague_deg && a.sigma.deg() > 0.0;
    if (!a.known) a.why = {Code::why_too_vague, {}};
    return a;
}

void Network::report(Estimate& out) {
    const Posterior& p = *posterior_;
    const auto& t = p.last_toe;
    const auto thrust = gradient({{t[3], 0.5}, {t[2], -0.5}});
    out.thrust = known(thrust, out);
    for (int w = 0; w < 4; ++w) {
        WheelAngles& a = out.wheels[w];
        const double s = w % 2 == 0 ? 1.0 : -1.0;
        const auto toe = gradient({{t[w], 1.0}});
        a.toe = known(toe, out);
        a.toe_to_thrust = known(toe + s * thrust, out);
        a.toe_to_string = known(gradient({{t[w], 1.0}, {p.last_skew[w % 2], 1.0}}), out);
        if (w < 2) a.toe_to_rear = known(gradient({{t[w], 1.0}, {t[w + 2], -1.0}}), out);
        const auto runout = [&](Unknown what) {
            const auto it = p.now.find({what, w});
            return it == p.now.end() ? KnownAngle{} : known(gradient({{it->second, 1.0}}), out);
        };
        if (rolled_.contains(w)) a.toe_runout = runout(Unknown::toe_runout);
        a.camber_runout = runout(Unknown::camber_runout);
        a.camber = known(gradient({{p.last_camber[w], 1.0}}), out);
        a.caster = known(gradient({{p.last_caster[w], 1.0}}), out);
        a.sai = known(gradient({{p.last_sai[w], 1.0}}), out);
    }
    for (int axle = 0; axle < 2; ++axle) {
        AxleAngles& a = out.axles[axle];
        const int l = axle * 2, r = l + 1;
        a.total_toe = known(gradient({{t[l], 1.0}, {t[r], 1.0}}), out);
        if (p.last_camber[l] >= 0 && p.last_camber[r] >= 0)
            a.cross_camber = known(gradient({{p.last_camber[l], 1.0}, {p.last_camber[r], -1.0}}), out);
        else
            a.cross_camber.why = {Code::why_no_readings, {}};
        if (p.last_caster[l] >= 0 && p.last_caster[r] >= 0)
            a.cross_caster = known(gradient({{p.last_caster[l], 1.0}, {p.last_caster[r], -1.0}}), out);
        else
            a.cross_caster.why = {Code::why_no_readings, {}};
    }
    if (!last_round_->lines.steering_held) {
        out.steering_free = true;
        for (int w = 0; w < 2; ++w)
            for (KnownAngle* a :
                 {&out.wheels[w].toe, &out.wheels[w].toe_to_thrust, &out.wheels[w].toe_to_rear})
                if (!a->known && out.axles[0].total_toe.known)
                    a->why = {Code::why_steering_free, {}}, a->needs.clear();
    }
    for (int s = 0; s < 2; ++s) {
        out.strings[s].skew = known(gradient({{p.last_skew[s], 1.0}}), out);
        out.strings[s].offset_at_rear = Length::from_m(p.x[p.last_offset[s]]);
    }
    const CarCard& car = last_round_->car;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        const Rod* rod = std::get_if<Rod>(&car.adjusters[i]);
        if (!rod || p.arms[i] < 0) continue;
        RodResponse r;
        r.rod = rod->id;
        r.arm = Length::from_m(p.x[p.arms[i]]);
        r.arm_sigma = Length::from_m(std::sqrt(p.covariance(p.arms[i], p.arms[i])));
        if (rod->pitch && r.arm.mm() > 0) {
            Rod learnt = *rod;
            learnt.arm = r.arm;
            r.per_turn = abs(toe_change(learnt, 1.0, r.arm));
            r.per_turn_sigma = r.per_turn * (r.arm_sigma / r.arm);
        }
        r.turns_seen = rod_turns_.contains(rod->id) ? rod_turns_.at(rod->id) : 0;
        out.responses.push_back(r);
    }
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        const int place = static_cast<int>(i);
        for (int angle = 0; angle < 3; ++angle)
            if (const int lock = p.index(Unknown::lock, place_of_lock(place, angle)); lock >= 0)
                out.locks.push_back({id_of(car.adjusters[i]), angle, Angle::from_rad(p.x[lock]),
                                     Angle::from_rad(std::sqrt(p.covariance(lock, lock))),
                                     locks_seen_.contains(place) ? locks_seen_.at(place) : 0});
        const Device* d = std::get_if<Device>(&car.adjusters[i]);
        const auto prior = d ? response_prior(*d, car) : std::nullopt;
        if (!prior) continue;
        const auto handles = adjuster_kind(d->kind)->handles(*d);
        for (std::size_t k = 0; k < prior->effects.size(); ++k) {
            const int at = p.index(Unknown::response, place_of_response(place, static_cast<int>(k)));
            if (at < 0) continue;
            out.device_responses.push_back(
                {d->id, std::string(handles[static_cast<std::size_t>(prior->effects[k].handle)].name),
                 prior->effects[k], Angle::from_rad(p.x[at]),
                 Angle::from_rad(std::sqrt(p.covariance(at, at))),
                 rod_turns_.contains(d->id) ? rod_turns_.at(d->id) : 0});
        }
    }
    out.posterior = posterior_;
}

}  // namespace

std::optional<Eigen::VectorXd> row_of(const Estimate& e, const Reading& like) {
    if (e.round < 0 || !e.posterior) return std::nullopt;
    const Posterior& p = *e.posterior;
    if (like.spot.kind == ReadingKind::string_height || missing_for(like, p.standing)) return std::nullopt;
    try {
        return gradient_at(site_of(like, p.standing, p.now), p.now,
                           std::vector<double>(p.x.data(), p.x.data() + p.x.size()));
    } catch (const std::out_of_range&) {
        return std::nullopt;  // it depends on something that this estimate does not know of
    }
}

Estimate estimate(const Job& job, const EstimateOptions& options) {
    return Network(job, options).solve();
}

}  // namespace fairchalk

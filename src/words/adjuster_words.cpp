// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>
#include <cmath>

#include "core/adjuster.h"
#include "core/named.h"
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

/// What is said of one kind. {0} is an amount.
struct KindWords {
    std::string_view kind;
    const char* noun;
    const char* more[2];  ///< of each handle
    const char* less[2];
    const char* why;      ///< what it does to the wheel
    const char* loosen;   ///< what comes loose first
    const char* locked;   ///< what holds it, and what locking does
    const char* caution;  ///< or null
};

constexpr const char* spring_flies =
    W("The arm may have a loaded spring behind it: hold it with a jack before the bolts are undone, and "
      "follow the manual.");

constexpr std::array kinds = {
    KindWords{"shim-pair",
              W("upper-arm shims"),
              {W("add {0} at the front bolt"), W("add {0} at the rear bolt")},
              {W("take out {0} at the front bolt"), W("take out {0} at the rear bolt")},
              W("The same at both bolts is camber; from one bolt to the other is caster."),
              W("Weight off the arm; both bolts loosened, not taken out."),
              W("Both bolts to the manual's torque; the stacks seat as they are tightened."),
              spring_flies},
    KindWords{"spanning-shims",
              W("shims across both bolts"),
              {W("add {0} across both bolts"), nullptr},
              {W("take out {0} across both bolts"), nullptr},
              W("A plate across both bolts is camber, and leaves caster alone."),
              W("Weight off the arm; both bolts loosened, not taken out."),
              W("Both bolts to the manual's torque; the plate seats as they are tightened."),
              spring_flies},
    KindWords{"cam",
              W("cam bolt"),
              {W("turn it {0} so that the arm goes out"), nullptr},
              {W("turn it {0} so that the arm comes in"), nullptr},
              W("An eccentric works most near the middle of its travel, and not at all at its end."),
              W("Mark where it stands, then free the nut while the head is held: it jumps."),
              W("Hold the head while the nut is tightened: it creeps."),
              nullptr},
    KindWords{"strut-top",
              W("strut top"),
              {W("{0} inward"), W("{0} rearward")},
              {W("{0} outward"), W("{0} forward")},
              W("Inward at the top is camber toward negative; rearward is caster."),
              W("Weight off the wheel; the plate's nuts loosened, never the middle nut of the strut."),
              W("The plate's nuts crosswise to the manual's torque."),
              W("The nut in the middle holds the spring together: it stays on.")},
    KindWords{"upper-joint-slot",
              W("slot"),
              {W("{0} outward along the slot"), nullptr},
              {W("{0} inward along the slot"), nullptr},
              W("Outward along the slot takes the top of the wheel out."),
              W("Weight off; mark where the joint stands, then free its nuts."),
              W("Hold the joint at its mark while the nuts are tightened."),
              spring_flies},
    KindWords{"adjustable-arm",
              W("arm"),
              {W("{0} longer"), nullptr},
              {W("{0} shorter"), nullptr},
              W("A longer upper arm takes the top of the wheel out; a longer lower one its foot."),
              W("Weight off; free the locknuts at both ends."),
              W("Both joints of the arm free to tilt, then the locknuts."),
              spring_flies},
    KindWords{"radius-rod",
              W("radius rod"),
              {W("{0} longer"), nullptr},
              {W("{0} shorter"), nullptr},
              W("It moves its arm's outer joint forward or rearward: caster."),
              W("Free the nuts on both sides of its bush."),
              W("Tighten the nuts against each other, the bush not twisted."),
              nullptr},
    KindWords{"trailing-arm-shims",
              W("trailing-arm shims"),
              {W("move {0} of shim so that the pivot goes inward"), nullptr},
              {W("move {0} of shim so that the pivot goes outward"), nullptr},
              W("The pivot moved toward the car's middle is toe in."),
              W("Weight off; the pivot bolt loosened."),
              W("The pivot bolt to the manual's torque at ride height, so that the bush is not twisted."),
              W("The arm may have a loaded spring behind it: hold it before the bolt is undone.")},
    KindWords{"cross-tube",
              W("tie tube"),
              {W("{0} longer"), nullptr},
              {W("{0} shorter"), nullptr},
              W("One tube for both wheels: it sets total toe, and the wheel that the drag link does not hold "
                "moves."),
              W("Free both clamps."),
              W("Both ends free to tilt, clamp bolts where nothing touches them, then tighten."),
              nullptr},
    KindWords{"drag-link",
              W("drag link"),
              {W("{0} longer"), nullptr},
              {W("{0} shorter"), nullptr},
              W("It turns both front wheels the same way: the steering wheel, not the toe."),
              W("Free its clamps."),
              W("Both ends free to tilt, then the clamps."),
              nullptr},
};

const KindWords& of(std::string_view kind) {
    const auto it =
        std::find_if(kinds.begin(), kinds.end(), [&](const KindWords& k) { return k.kind == kind; });
    return it == kinds.end() ? kinds.front() : *it;
}

std::string capital(std::string s) {
    if (!s.empty() && s[0] >= 'a' && s[0] <= 'z') s[0] = static_cast<char>(s[0] - 'a' + 'A');
    return s;
}

}  // namespace

std::string thickness(Length l, const Show& how) {
    if (how.lengths == Show::LengthStyle::inch) return show(l, how);
    // Shims count in hundredths.
    std::string text = std::to_string(std::lround(l.mm() * 100));
    while (text.size() < 3) text.insert(0, "0");
    text.insert(text.size() - 2, ".");
    while (text.back() == '0') text.pop_back();
    if (text.back() == '.') text.pop_back();
    return text + " mm";
}

std::string amount(double by, HandleUnit unit, const Show& how) {
    const double a = std::abs(by);
    if (unit == HandleUnit::turn) return show_turns(a);
    if (unit == HandleUnit::mm) return thickness(Length::from_mm(a), how);
    const long whole = std::lround(a);
    return std::abs(a - static_cast<double>(whole)) < 0.05 ? std::to_string(whole) + "°"
                                                           : show(Angle::from_deg(a), how);
}

std::string device(const Device& d) {
    const KindWords& k = of(d.kind);
    if (!adjuster_kind(d.kind)) return d.id;
    std::string noun = tr(k.noun);
    if (d.kind == "cam" && !d.bolt.empty() && d.bolt != "strut")
        noun = fill(d.bolt == "rear"   ? W("rear {0}")
                    : d.bolt == "both" ? W("both {0}s")
                                       : W("front {0}"),
                    {noun});
    if (d.kind == "cam" || d.kind == "adjustable-arm" || d.kind == "radius-rod")
        noun = fill(d.upper_arm ? W("upper {0}") : W("lower {0}"), {noun});
    if (d.kind == "cross-tube" || d.kind == "drag-link") return capital(noun);
    return capital(wheel(wheel_of(d))) + ' ' + noun;
}

std::string adjuster(const Adjuster& a) {
    if (const Rod* r = std::get_if<Rod>(&a)) return rod(*r);
    return device(std::get<Device>(a));
}

std::string device_amounts(const Device& d, double first, double second, const Show& how) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return {};
    const KindWords& k = of(d.kind);
    const auto handles = kind->handles(d);
    std::vector<std::string> parts;
    const std::array by = {first, second};
    for (std::size_t h = 0; h < handles.size() && h < 2; ++h)
        if (by[h] != 0.0)
            parts.push_back(fill(by[h] > 0 ? k.more[h] : k.less[h], {amount(by[h], handles[h].unit, how)}));
    return listed(parts);
}

std::string handle_name(const Device& d, int handle) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return {};
    const auto handles = kind->handles(d);
    const std::string_view name = handles[static_cast<std::size_t>(handle)].name;
    if (name == "front") return tr(W("front bolt"));
    if (name == "rear") return tr(W("rear bolt"));
    if (name == "in") return tr(W("inward"));
    if (name == "back") return tr(W("rearward"));
    return {};
}

std::string turn_line(const CarCard& car, const PlannedTurn& t, const Show& how) {
    if (const Rod* r = car.rod(t.adjuster)) return turn_line(*r, t.turns);
    const Device* d = car.device(t.adjuster);
    return d ? device(*d) + ": " + device_amounts(*d, t.turns, t.second, how) : t.adjuster;
}

std::string adjuster(const CarCard& car, const std::string& id) {
    const int place = car.place_of(id);
    return place < 0 ? id : adjuster(car.adjusters[static_cast<std::size_t>(place)]);
}

std::string why_device(const Device& d) {
    return tr(of(d.kind).why);
}
std::string loosen_device(const Device& d) {
    return tr(of(d.kind).loosen);
}
std::string lock_shift(const LockShift& l, const Show& how) {
    static constexpr const char* angles[] = {W("toe {0} ±{1}"), W("camber {0} ±{1}"), W("caster {0} ±{1}")};
    return fill(angles[l.angle],
                {l.angle == 0 ? show_toe(l.by, how) : show(l.by, how), show_plus_minus(l.sigma * k95, how)});
}
std::string lock_device(const Device& d) {
    return tr(of(d.kind).locked);
}
std::string caution_device(const Device& d) {
    const char* c = of(d.kind).caution;
    return c ? tr(c) : std::string();
}

std::string turn_doubt(const TurnDoubt& doubt, const CarCard& car, const Show& how) {
    const auto by = [&](Angle change) {
        static constexpr const char* ways[3][2] = {
            {W("toed in by {0}"), W("toed out by {0}")},
            {W("leaned out by {0} at its top"), W("leaned in by {0} at its top")},
            {W("gained {0} of caster"), W("lost {0} of caster")}};
        return std::abs(change.deg()) < 0.03
                   ? tr(W("did not move"))
                   : fill(ways[doubt.angle][change.deg() > 0 ? 0 : 1], {show(abs(change), how)});
    };
    const Device* device_there = car.device(doubt.adjuster);
    const auto fits = [&]() -> std::string {
        switch (doubt.what) {
            case OtherTurn::wrong_way:
                return tr(W("It would fit if it was turned the other way."));
            case OtherTurn::all_wrong_way:
                return tr(W("It would fit if all of this pass was turned the other way."));
            case OtherTurn::nothing:
                if (device_there)
                    return tr(W("It would fit if nothing was changed there, or it slipped back."));
                return tr(
                    W("It would fit if it did not turn at all: a seized thread, or a rod that turned in its "
                      "ends."));
            case OtherTurn::other_side:
                return device_there ? tr(W("It would fit if it was done on the other side instead."))
                                    : tr(W("It would fit if the rod of the other side was turned instead."));
            case OtherTurn::other_handle:
                return adjuster_kind(device_there ? device_there->kind : "") &&
                               adjuster_kind(device_there->kind)->is_stack()
                           ? tr(W("It would fit if front and rear bolt were swapped."))
                           : tr(W("It would fit if its two ways were swapped."));
            case OtherTurn::twice:
                return tr(W("It would fit if it was twice as much."));
            case OtherTurn::half:
                return tr(W("It would fit if it was half as much."));
            case OtherTurn::steering_moved:
                return tr(
                    W("It would fit if the steering moved: both front wheels went the same way beside it."));
            case OtherTurn::unexplained:
                break;
        }
        return device_there
                   ? tr(W("None of the usual slips explains it: look at the adjuster, its bolts and the "
                          "readings."))
                   : tr(W("None of the usual slips explains it: look at the rod, its nut and the readings."));
    };
    const std::string what = adjuster(car, doubt.adjuster);
    const std::string should = std::abs(doubt.expected.deg()) < 0.03
                                   ? tr(W("the wheel should have stayed as it was"))
                                   : fill(W("the wheel should have {0}"), {by(doubt.expected)});
    return fill(W("{0}: {1}, and {2}."), {what, should, by(doubt.happened)}) + " " + fits();
}

namespace {

std::string with_first(std::string s, int (*letter)(int)) {
    if (!s.empty()) s[0] = static_cast<char>(letter(static_cast<unsigned char>(s[0])));
    return s;
}

std::string shown(const Target& t, const KnownAngle& a, const Show& how) {
    const bool toe = t.measure == Measure::toe || t.measure == Measure::total_toe;
    return t.measure == Measure::thrust ? thrust(a, how) : toe ? show_toe(a.value, how) : show(a.value, how);
}

}  // namespace

std::string to_begin(std::string s) {
    return with_first(std::move(s), std::toupper);
}

std::string measure_of(const Target& t) {
    std::string s = measure(t);
    if (const std::size_t comma = s.find(", "); comma != std::string::npos) s.erase(comma, 1);
    return s;
}

std::string unreachable(const Unreachable& what, const CarCard& car, const Show& how) {
    // By its name, not by what the job file calls it.
    Message why = what.why;
    const bool reaches = why.code == Code::plan_out_of_range || why.code == Code::plan_steps_too_coarse;
    if (reaches)
        for (std::string& arg : why.args)
            arg = fill(W("the {0}"), {with_first(adjuster(car, arg), std::tolower)});
    std::string out = to_begin(measure_of(what.target)) + ": " + sentence(why) + ".";
    if (what.best.known) {
        out += " " + fill(reaches ? W("The nearest is {0} ±{1}.") : W("It comes out at {0} ±{1}."),
                          {shown(what.target, what.best, how), show_plus_minus(what.best.plus_minus(), how)});
    }
    for (const GivesWay& g : what.costs)
        out +=
            " " + fill(why.code == Code::plan_given_up ? W("Having it would take {0} from {2} to {1}.")
                                                       : W("For it, {0} comes to {1} instead of {2}."),
                       {measure_of(g.target), shown(g.target, g.with, how), shown(g.target, g.without, how)});
    return out;
}

std::string without_reading(const Plan& plan, const Show& how) {
    if (good_enough_unread(plan))
        return fill(W("Good enough without reading (all inside: {0}). Read when there is time."),
                    {chance(plan.truly_inside)});
    const Verdict* worst = nullptr;
    for (const Verdict& v : plan.after)
        if (v.angle.known && v.target.has_tolerance &&
            (!worst ||
             probability_inside(v.angle, v.target) < probability_inside(worst->angle, worst->target)))
            worst = &v;
    if (!worst) return tr(W("Not good enough without reading: too little is known of this car."));
    return fill(
        W("Not good enough without reading (all inside: {0}). The {1} would come out at {2} ±{3}, "
          "and its target leaves ±{4}."),
        {chance(plan.truly_inside), measure_of(worst->target), shown(worst->target, worst->angle, how),
         show_plus_minus(worst->angle.plus_minus(), how), show_plus_minus(worst->target.half_band(), how)});
}

std::vector<std::string> shim_moves(const PlannedTurn& turn, const CarCard& car, const Show& how) {
    const auto place = [&](const std::string& p) {
        if (p == "tin") return tr(W("tin"));
        const std::size_t space = p.rfind(' ');
        const std::string id = space == std::string::npos ? p : p.substr(0, space);
        const Device* d = car.device(id);
        if (!d) return p;
        const std::string stack = space == std::string::npos ? std::string() : p.substr(space + 1);
        const std::string bolt = stack == "front"  ? tr(W("front bolt"))
                                 : stack == "rear" ? tr(W("rear bolt"))
                                                   : tr(W("across both bolts"));
        // Of its own corner that needs no saying.
        return id == turn.adjuster ? bolt : fill(W("{0}, {1}"), {wheel(wheel_of(*d)), bolt});
    };
    std::vector<std::pair<std::pair<std::string, std::string>, std::string>> ways;
    for (const ShimMove& m : turn.shims) {
        const std::string what =
            m.shims.count == 1
                ? thickness(m.shims.thickness, how)
                : fill(W("{0} of {1}"), {std::to_string(m.shims.count), thickness(m.shims.thickness, how)});
        const std::pair way(place(m.from), place(m.to));
        const auto it = std::find_if(ways.begin(), ways.end(), [&](const auto& w) { return w.first == way; });
        if (it == ways.end())
            ways.emplace_back(way, what);
        else
            it->second = fill(W("{0}, {1}"), {it->second, what});
    }
    std::vector<std::string> out;
    for (const auto& [way, what] : ways)
        out.push_back(fill(W("{1} → {2}: {0}"), {what, way.first, way.second}));
    return out;
}

}  // namespace fairchalk::words

// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/season_words.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "core/car/adjuster.h"
#include "core/quantity/named.h"
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

constexpr double km_in_a_mile = 1.609344;

}  // namespace

std::string way_of(Measure m, Angle by, const Show& how) {
    const bool more = by.deg() >= 0.0;
    const std::string amount = show(abs(by), how);
    if (is_toe(m)) return fill(more ? TR_NOOP("{0} further in") : TR_NOOP("{0} further out"), {amount});
    if (m == Measure::camber)
        return fill(more ? TR_NOOP("{0} further out at the top") : TR_NOOP("{0} further in at the top"),
                    {amount});
    if (m == Measure::thrust)
        return fill(more ? TR_NOOP("{0} further to the left") : TR_NOOP("{0} further to the right"),
                    {amount});
    return fill(more ? TR_NOOP("{0} more") : TR_NOOP("{0} less"), {amount});
}

std::vector<std::string> said_of(const Driven& d, const Knowledge& knowledge, const Show& how) {
    std::vector<std::string> said;
    if (d.wheel_off) said.push_back(fill(TR_NOOP("steering wheel {0}"), {wheel_off(*d.wheel_off, how)}));
    if (d.drift)
        said.push_back(*d.drift == Drift::straight ? tr("runs straight")
                       : *d.drift == Drift::left   ? tr("drifts to the left")
                                                   : tr("drifts to the right"));
    for (const std::string& f : d.feels)
        if (const ReasonItem* item = knowledge.reason(f)) said.push_back(item->text);
    if (!d.note.empty()) said.push_back(d.note);
    return said;
}

std::vector<std::string> what_happened(const Job& job, const Knowledge& knowledge, const Show& how) {
    std::vector<std::string> out;
    const auto say = [&](std::string s) {
        if (!s.empty()) out.push_back(to_begin(std::move(s)));
    };
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        if (const auto* r = std::get_if<ReasonsGiven>(&what)) {
            for (const std::string& id : r->reasons)
                if (const ReasonItem* item = knowledge.reason(id)) say(item->text);
            say(r->note);
        } else if (const auto* t = std::get_if<Turn>(&what)) {
            const Adjuster* a = job.car.adjuster(t->adjuster);
            say(!a            ? t->adjuster
                : !t->counted ? fill(TR_NOOP("{0}: turned by watching, not counted"), {adjuster(*a)})
                              : turn_line(*a, t->turns, t->second, how));
        } else if (const auto* d = std::get_if<Driven>(&what)) {
            if (const auto said = said_of(*d, knowledge, how); !said.empty())
                say(fill(TR_NOOP("Driven: {0}"), {listed(said)}));
        } else if (const auto* p = std::get_if<PartTouched>(&what)) {
            say(p->part + ": " + part_state(p->state));
        } else if (const auto* o = std::get_if<Odometer>(&what)) {
            say(fill(TR_NOOP("Odometer: {0}"), {o->text}));
        } else if (const auto* s = std::get_if<ShopSheet>(&what)) {
            say(fill(s->when == ShopSheet::When::before ? TR_NOOP("A shop's sheet, as it came in there: {0}")
                                                        : TR_NOOP("A shop's sheet, as it was set there: {0}"),
                     {s->where.empty() ? tr("no name on it") : s->where}));
        } else if (const auto* c = std::get_if<Checked>(&what); c && c->state == CheckState::failed) {
            say(fill(TR_NOOP("Failed the check-over: {0}"), {c->note.empty() ? c->item : c->note}));
        }
    }
    return out;
}

std::string drift(const AngleDrift& d, const Show& how) {
    return fill(
        TR_NOOP("{0} drifts: {1} a week ±{2}"),
        {to_begin(measure_of(d)), way_of(d.measure, d.per_week, how), show_plus_minus(d.sigma * k95, how)});
}

std::string response(const RodResponse& r, int turns, const CarCard& car, const Show& how) {
    return filled(tr_n("{0}: one turn is {1} of toe ±{2}, seen in %n turns",
                       "{0}: one turn is {1} of toe ±{2}, seen in one turn", turns),
                  {to_begin(adjuster(car, r.rod)), show(r.per_turn, how),
                   show_plus_minus(r.per_turn_sigma * k95, how)});
}

std::string response(const DeviceResponse& r, int turns, const CarCard& car, const Show& how) {
    const Adjuster* a = car.adjuster(r.device);
    if (!a) return {};
    Measure m = measure_of(r.effect.angle);
    return filled(tr_n("{0}: one unit is {1} ±{2}, {3}, seen in %n turns",
                       "{0}: one unit is {1} ±{2}, {3}, seen in one turn", turns),
                  {to_begin(adjuster(*a)), way_of(m, r.per_unit, how), show_plus_minus(r.sigma * k95, how),
                   measure_of(CarAngle{m, r.effect.wheel})});
}

std::string due(const Due& d) {
    std::string when = d.what.when;
    if (d.days && *d.days < 0)
        when = tr_n("due since %n days", "due since one day", -*d.days);
    else if (d.days && *d.days == 0)
        when = tr("due today");
    else if (d.days)
        when = tr_n("in %n days", "in one day", *d.days);
    else if (d.km && *d.km <= 0.0)
        when = fill(TR_NOOP("due since {0} km"), {show_number(-*d.km, 0)});
    else if (d.km)
        when = fill(TR_NOOP("in {0} km"), {show_number(*d.km, 0)});
    return fill(TR_NOOP("look again {0}"), {when}) + (d.what.why.empty() ? "" : ": " + d.what.why);
}

std::string tread(const std::array<std::optional<double>, 3>& of, QuantityKind kind, const Show& how) {
    std::string out;
    const bool inches = how.lengths == Show::LengthStyle::inch;
    for (const auto& v : of) {
        if (!out.empty()) out += " · ";
        if (!v)
            out += "–";
        else if (kind == QuantityKind::temperature)
            out += show_number(inches ? *v * 1.8 + 32.0 : *v, 0);
        else
            out += inches ? show_number(*v / 25.4 * 32.0, 1) : show_number(*v, 1);
    }
    return out + (kind == QuantityKind::temperature ? (inches ? " °F" : " °C") : inches ? "/32 in" : " mm");
}

std::string worn_at(TirePattern p) {
    switch (p) {
        case TirePattern::even:
            return tr("worn evenly");
        case TirePattern::outer:
            return tr("worn most at its outer edge");
        case TirePattern::inner:
            return tr("worn most at its inner edge");
        case TirePattern::edges:
            return tr("worn at both edges");
        case TirePattern::middle:
            return tr("worn in the middle");
    }
    return {};
}

std::string hot_at(TirePattern p) {
    switch (p) {
        case TirePattern::even:
            return tr("evenly warm");
        case TirePattern::outer:
            return tr("hottest at its outer edge");
        case TirePattern::inner:
            return tr("hottest at its inner edge");
        case TirePattern::edges:
            return tr("hottest at both edges");
        case TirePattern::middle:
            return tr("hottest in the middle");
    }
    return {};
}

std::string tire_verdict(TirePattern p, const AnglesWear& angles) {
    if (p == TirePattern::edges)
        return tr(
            TR_NOOP("Both edges: too little air, or it is driven hard round bends. No angle does that."));
    if (p == TirePattern::middle) return tr("The middle: too much air. No angle does that.");
    const auto by = [&]() -> std::string {
        if (angles.by_camber && angles.by_toe) return tr("camber and toe");
        return tr(angles.by_camber ? TR_NOOP("camber") : TR_NOOP("toe"));
    };
    switch (against_angles(p, angles)) {
        case TireVerdict::agrees:
            if (p == TirePattern::even) return tr("As the angles say: nothing in them wears one edge first.");
            return fill(TR_NOOP("As the angles say: {0} as it stands would wear that edge."), {by()});
        case TireVerdict::cannot_tell:
            return tr(
                p == TirePattern::even
                    ? TR_NOOP("The angles here are not known.")
                    : TR_NOOP("Camber or toe; which, the angles would tell, and they are not known: a hand "
                              "across the tread feels feathers where it is toe."));
        default:
            break;
    }
    if (p == TirePattern::even)
        return fill(TR_NOOP("By the angles one edge should wear first ({0}). Either they are new, or the car "
                            "is driven so that it evens out."),
                    {by()});
    return tr(
        TR_NOOP("The angles as they stand do not explain it: it was driven with others, or something gives "
                "under load. Look for play; cups and patches speak for a damper or balance."));
}

std::string wear(const TireWear& w, const Show& how) {
    // Who reads a tread in 32nds of an inch drives miles.
    const bool inches = how.lengths == Show::LengthStyle::inch;
    const double k = inches ? 32.0 / 25.4 * km_in_a_mile : 1.0;
    std::string out =
        fill(inches ? TR_NOOP("{0}: {1} · {2} · {3} 32nds in 1000 mi ±{4}, over {5} mi")
                    : TR_NOOP("{0}: {1} · {2} · {3} mm in 1000 km ±{4}, over {5} km"),
             {to_begin(wheel(w.wheel)), show_number(k * w.per_1000_km[0], 2),
              show_number(k * w.per_1000_km[1], 2), show_number(k * w.per_1000_km[2], 2),
              show_number(k * w.sigma * k95, 2), show_number(inches ? w.km / km_in_a_mile : w.km, 0)});
    if (std::abs(w.across) > k95 * w.across_sigma)
        out += "; " + (w.across > 0 ? tr("the outer edge goes faster") : tr("the inner edge goes faster"));
    return out;
}

std::string sideways(const Sideways& s, const Show& how) {
    const bool inches = how.lengths == Show::LengthStyle::inch;
    const double k = inches ? 5.28 : 1.0, within = k * s.sigma * k95;
    // Two figures of its ±, and what that leaves of it.
    const int places =
        within > 0.0 ? std::clamp(1 - static_cast<int>(std::floor(std::log10(within))), 0, 2) : 2;
    return fill(inches ? TR_NOOP("each dragged {0} ft sideways in a mile ±{1}")
                       : TR_NOOP("each dragged {0} m sideways in a kilometer ±{1}"),
                {show_number(k * std::abs(s.m_per_km), places), show_number(within, places)});
}

std::string compared(const ComparedAngle& c, const Show& how) {
    const char* said =
        c.call == ComparedAngle::Call::agrees    ? TR_NOOP("{0}: the sheet {1}, here {2}: they agree")
        : c.call == ComparedAngle::Call::differs ? TR_NOOP("{0}: the sheet {1}, here {2}: they do not")
                                                 : TR_NOOP("{0}: the sheet {1}, here {2}: can't tell");
    return fill(said,
                {to_begin(measure_of(c)), value_of(c.measure, c.shop, how), known(c.measure, c.own, how)});
}

std::string bias_source(BiasSource s) {
    switch (s) {
        case BiasSource::gauge_zero:
            return tr("Likeliest: the gauge's zero. Check it end for end.");
        case BiasSource::floor:
            return tr("Likeliest: a floor that falls off to one side. Survey it.");
        case BiasSource::straight_ahead:
            return tr("Likeliest: what counts as straight ahead, here or there.");
        case BiasSource::toe_reading:
            return tr("Likeliest: how the rule meets the rim, or the boards' span.");
        case BiasSource::rear_strings:
            return tr("Likeliest: the line that the rear wheels are measured to.");
        case BiasSource::sweep:
            return tr("Likeliest: how far the wheels are really swept.");
    }
    return {};
}

namespace {
std::string where_it_acts(const BiasTaken::One& b) {
    const std::string at = b.axle ? axle(*b.axle) : tr("all wheels");
    return b.sided ? fill(TR_NOOP("{0}, left; the other way on the right"), {at}) : at;
}
}  // namespace

std::string garage_bias(const GarageBias& b, const Show& how) {
    const Measure m = measure_of(b.by.angle);
    return fill(b.stands_out ? TR_NOOP("{0} ({1}): read {2} here than the sheets say, ±{3}")
                             : TR_NOOP("{0} ({1}): {2} than the sheets, ±{3}: no more than chance"),
                {to_begin(measure(CarAngle{m, {}})), where_it_acts(b.by), way_of(m, b.by.value, how),
                 show_plus_minus(b.by.sigma * k95, how)});
}

std::string bias_taken(const BiasTaken* bias, const Show& how) {
    if (!bias || bias->all.empty()) return {};
    std::vector<std::string> all;
    for (const BiasTaken::One& b : bias->all) {
        const Measure m = measure_of(b.angle);
        all.push_back(
            fill(TR_NOOP("{0} {1} ±{2} ({3})"), {measure(CarAngle{m, {}}), value_of(m, b.value, how),
                                                 show_plus_minus(b.sigma * k95, how), where_it_acts(b)}));
    }
    return fill(TR_NOOP("Taken off by {0} sheets: {1}"), {std::to_string(bias->sheets), listed(all)});
}

std::string joint(Joint j) {
    switch (j) {
        case Joint::tie_rod_end:
            return tr("tie-rod end, off its taper");
        case Joint::tie_rod_thread:
            return tr("tie rod, turned or taken off its thread");
        case Joint::ball_joint:
            return tr("ball joint");
        case Joint::upper_arm_bolts:
            return tr("upper arm's inner bolts");
        case Joint::lower_arm_bolts:
            return tr("lower arm's inner bolts");
        case Joint::strut_top:
            return tr("strut's top nuts");
        case Joint::strut_to_upright:
            return tr("strut to upright bolts");
        case Joint::spring:
            return tr("spring");
        case Joint::damper:
            return tr("damper");
        case Joint::hub:
            return tr("hub, bearing or brake");
        case Joint::rack_clamps:
            return tr("rack's clamps");
        case Joint::subframe_bolts:
            return tr("sub-frame's bolts");
        case Joint::wheel:
            return tr("wheel");
    }
    return {};
}

std::string before_undoing(Joint j) {
    switch (j) {
        case Joint::tie_rod_thread:
            return tr("Measure the rod and the thread that shows; count the turns off, and put as many on.");
        case Joint::tie_rod_end:
            return tr("Leave its locknut where it is: then the length stays.");
        case Joint::ball_joint:
            return tr("One seat: it goes back where it was. A new one need not have the old one's height.");
        case Joint::upper_arm_bolts:
        case Joint::lower_arm_bolts:
            return tr("Count and note the shims at each bolt, or mark the cams; paint across each washer.");
        case Joint::strut_top:
            return tr("Scribe round its nuts and plate on both axes.");
        case Joint::strut_to_upright:
            return tr("Scribe the upright's edge on the strut, and read camber before.");
        case Joint::spring:
            return tr("Ride heights of all four, before and after it has settled.");
        case Joint::rack_clamps:
            return tr("Mark the rack's housing at both clamps, and the wheel on its shaft.");
        case Joint::subframe_bolts:
            return tr(
                TR_NOOP("Paint or drill witness marks at each bolt; measure to the body on both sides."));
        case Joint::damper:
        case Joint::hub:
        case Joint::wheel:
            return tr("It has one seat, and moves no angle.");
    }
    return {};
}

std::string disturbed(const Disturbed& d, const Show& how) {
    std::vector<std::string> all;
    const auto say = [&](const char* what, double deg) {
        if (deg > 0.02) all.push_back(fill(what, {show(Angle::from_deg(deg), how)}));
    };
    say(TR_NOOP("toe up to {0}"), d.toe);
    say(TR_NOOP("camber up to {0}"), d.camber);
    say(TR_NOOP("caster up to {0}"), d.caster);
    if (all.empty()) return tr("no angle");
    return listed(all) + (d.other_side ? tr("; the other side as well") : std::string());
}

}  // namespace fairchalk::words

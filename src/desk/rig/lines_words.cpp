// SPDX-License-Identifier: GPL-3.0-or-later
// What Lines says beside its drawing: what the chosen ways tell together, tolerances, each way.
#include "rig/lines_guide.h"

#include <algorithm>
#include <cmath>

#include "core/job/knowledge.h"
#include "core/judge/verdict.h"
#include "core/network/priors.h"
#include "look/chalk.h"
#include "look/html.h"
#include "rig/rig_drawing.h"
#include "words/words.h"

namespace fairchalk::desk {

/// What the chosen ways tell between them, and from what.
QString LinesGuide::together() const {
    if (rigs().empty()) return line(soft(tr("Nothing is chosen yet, so nothing is told.")));
    bool each = false, total = false, thrust = false, camber = false, caster = false, rear_only = false;
    QStringList from;
    std::vector<const Rig*> all;
    for (const std::string& id : rigs()) all.push_back(rig_named(id));
    const auto told = [&](const Rig& r, Measure m) {
        Target of;
        of.measure = m;
        of.where = Axle::front;
        return tells(r, of, all);
    };
    for (const std::string& id : rigs()) {
        const Rig& r = *rig_named(id);
        camber = camber || r.use == RigUse::camber || r.swept;
        caster = caster || r.use == RigUse::caster;
        if (r.use != RigUse::toe) continue;
        if (r.reference == Reference::same_side_rear) {
            rear_only = true;
            continue;
        }
        each = each || r.each_wheel;
        total = total || told(r, Measure::total_toe);
        thrust = thrust || told(r, Measure::thrust);
        const QString reference = q(words::reference(r.reference));
        if (r.each_wheel && !from.contains(reference)) from << reference;
    }
    QStringList says, not_told;
    (each ? says : not_told) << (each ? tr("toe of each wheel") : tr("which wheel the toe is on"));
    (total ? says : not_told) << tr("total toe");
    (thrust ? says : not_told) << tr("where the rear axle points");
    (camber ? says : not_told) << tr("camber");
    (caster ? says : not_told) << tr("caster");
    if (rear_only) says << tr("front toe against the rear wheel of the same side");
    says.front()[0] = says.front().at(0).toUpper();
    QString out = head(tr("What this will tell")) + line(says.join(QStringLiteral(", ")) + QLatin1Char('.'));
    if (!not_told.isEmpty()) out += line(soft(tr("Not: %1.").arg(not_told.join(QStringLiteral(", ")))));
    // After which work it matters that this can't see it.
    if (!thrust)
        out += line(
            soft(tr("Where the rear axle points matters after a hit, after work on the rear suspension or a "
                    "sub-frame, and where the wheel will not come straight.")));
    if (!camber || !caster)
        out += line(soft(tr("Camber and caster matter after arms, struts, springs or a kerb.")));
    if (!from.isEmpty()) out += line(soft(tr("Toes are measured from %1.").arg(from.join(tr(" and ")))));
    if (!desk_.lines().steering_held)
        out += line(
            warn(tr("The steering is not held: total toe stands, each front wheel by itself is known only up "
                    "to how far both are steered.")));
    return out;
}

QString LinesGuide::bodyForTolerances() const {
    const QString state = QStringLiteral("%1 %2 %3")
                              .arg(q(desk_.jobId()))
                              .arg(desk_.log().size())
                              .arg(static_cast<int>(how_.angles));
    if (tolerances_.first == state) return tolerances_.second;
    LinesSet l = desk_.lines();
    l.tool = desk_.tool();
    l.gauge = desk_.gauge();
    const auto own = desk_.tools();
    const Means means{own, means_of(desk_.job()).rims_good};
    QString out;
    // A tolerance that the tools can't resolve, said before the work begins.
    for (const Target& t : desk_.job().targets) {
        if (!t.has_tolerance) continue;
        const auto once = reachable_sigma(desk_.car(), l, t, 1, means);
        if (!once) continue;
        const Angle half = t.half_band();
        const QString name = q(words::measure(t)), band = q(show_plus_minus(half, how_)),
                      reach = q(show_plus_minus(*once * k95, how_));
        if (*once * k95 < half * 0.5) {
            out += line(
                tr("%1: one round gives ±%2, the tolerance is ±%3. Good enough.").arg(name, reach, band));
            continue;
        }
        const auto times_that_do = [&](const CarCard& car, const Means& with) {
            for (int n : {1, 2, 3, 4})
                if (const auto s = reachable_sigma(car, l, t, n, with); s && *s * k95 < half * 0.7) return n;
            return 0;
        };
        out += line(warn(*once * k95 < half
                             ? tr("%1: one round gives ±%2 of a tolerance of ±%3: only a value near the "
                                  "middle can be called.")
                                   .arg(name, reach, band)
                             : tr("%1: one round gives ±%2, which is wider than the tolerance of ±%3.")
                                   .arg(name, reach, band)));
        if (const int repeats = times_that_do(desk_.car(), means)) {
            if (repeats > 1) out += line(soft(tr("Each spot read %1 times would do.").arg(repeats)));
            continue;
        }
        // What nobody has told of the wheels comes before a finer tool.
        CarCard alike = desk_.car();
        alike.same_wheels = fairchalk::Told::yes;
        const Means seen{own, true};
        const bool looked = state_of(desk_.job(), rims_check).state != CheckState::open,
                   said = desk_.car().same_wheels != fairchalk::Told::unknown;
        std::vector<WheelFact> facts;
        if (!looked && times_that_do(desk_.car(), seen))
            facts = {WheelFact::rims};
        else if (!said && times_that_do(alike, means))
            facts = {WheelFact::same_wheels};
        else if (!looked && !said && times_that_do(alike, seen))
            facts = {WheelFact::rims, WheelFact::same_wheels};
        if (!facts.empty()) {
            out += line(soft(q(words::facts_that_settle(facts))));
            continue;
        }
        const auto finer = tool_that_would(desk_.car(), l, t, 2, means);
        out += line(soft(finer ? tr("This can't resolve it in a few rounds: %1, each spot twice, would.")
                                     .arg(q(words::tool(finer->name)))
                               : tr("This can't resolve it in a few rounds, and no finer tool would: widen "
                                    "the tolerance or use another way of measuring.")));
    }
    if (!out.isEmpty()) out = head(tr("Against the tolerances")) + out;
    tolerances_ = {state, out};
    return out;
}

QString LinesGuide::bodyForRig(const std::string& id) const {
    const RigItem& r = *desk_.knowledge().rig(id);
    const Rig& info = *rig_named(id);
    QString out = head(tr("Tells")) + line(q(r.tells));
    if (info.use == RigUse::toe && info.reference != Reference::none)
        out += line(soft(tr("Measured from %1.").arg(q(words::reference(info.reference)))));
    out += head(tr("Does not tell")) + line(q(r.tells_not));
    QStringList needs;
    for (const Needed& n : r.needs) needs << countOf(n, desk_.knowledge());
    out += head(tr("Takes")) + line(needs.join(QStringLiteral(", ")));
    if (const Equipment have = atHand(); !have.empty()) {
        QStringList lacks;
        for (const Needed& n : lacking(r, have)) lacks << countOf(n, desk_.knowledge());
        if (!lacks.isEmpty()) out += line(warn(tr("Not at hand: %1").arg(lacks.join(QStringLiteral(", ")))));
    }
    out += head(tr("Made from")) + line(q(r.make));
    out += head(tr("Why this one")) + line(soft(q(r.reason)));
    if (!r.alone.empty()) out += head(tr("Alone")) + line(q(r.alone));
    return out;
}

QString LinesGuide::body() const {
    if (chosen_.startsWith("rig:")) return bodyForRig(part());
    if (chosen_ == "wall" || chosen_.startsWith("thing:")) {
        const Equipment have = atHand();
        QStringList there, possible;
        for (const auto& [id, n] : have) there << countOf({id, n}, desk_.knowledge());
        for (const RigItem& r : desk_.knowledge().rigs)
            if (!have.empty() && lacking(r, have).empty()) possible << q(r.text);
        QString out =
            head(tr("At hand")) +
            line(there.isEmpty() ? soft(tr("Nothing taken down yet: say what there is, or choose a way of "
                                           "measuring directly."))
                                 : there.join(QStringLiteral(", ")));
        if (!have.empty()) {
            out += head(tr("With that"));
            out += possible.isEmpty() ? line(soft(tr("Not enough yet for any of the ways below.")))
                                      : line(possible.join(QStringLiteral("⟨br⟩")));
        }
        return out;
    }
    QString out;
    if (chosen_ == "rule" && !desk_.isOwn(desk_.tool()))
        out += line(soft(
            tr("Its numbers are taken to run from its end. The nudge test in the drawer proves it, once.")));
    if (chosen_ == "gauge" && !desk_.isOwn(desk_.gauge()))
        out +=
            line(soft(tr("It is taken to show minus where the top leans in. The lean test in the drawer "
                         "fixes that, once.")));
    if (chosen_ == "held")
        out += line(
            soft(tr("Held straight by a holder, a strap or clamps, each front wheel is known by itself. Not "
                    "held, only their total is.")));
    if (chosen_ == "square")
        out += line(soft(
            tr("Nothing needs it: how the strings lie is solved from the readings. Who wants them square "
               "is told after the hubs and bars which end to move, which way and how far, once.")));
    out += together() + bodyForTolerances();
    if (chosen_.startsWith("bar-"))
        out += line(
            soft(tr("The strings need not be square to the car: how they lie is solved from the readings. "
                    "Strings at hub height, tight, touching nothing.")));
    return out;
}

}  // namespace fairchalk::desk

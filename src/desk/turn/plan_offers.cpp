// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/plan_offers.h"

#include <algorithm>

#include <QCoreApplication>

#include "card/card_items.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

QString tr(const char* text) {
    return QCoreApplication::translate("Slate", text);
}

std::vector<std::string> adjusters_of(const CarCard& car, auto&& is) {
    std::vector<std::string> out;
    for (const Adjuster& a : car.adjusters) {
        if (adjuster_kind(a.kind) && is(wheel_of(a))) out.push_back(a.id);
    }
    return out;
}

}  // namespace

std::vector<PlanOffer> plan_offers(const JobDesk& desk) {
    std::vector<PlanOffer> out;
    const CarCard& car = desk.car();
    const auto offer = [&](const QString& text, PlanChoice choice) {
        const bool chosen = choice.name == desk.planChoice().name;
        out.push_back({text, std::move(choice), {}, chosen});
    };
    offer(tr("all of it"), {});
    PlanChoice nearer;
    nearer.options.nearer = true;
    nearer.name = "nearer";
    offer(tr("nearer the aim, while I am here"), nearer);
    const auto any = [&](auto&& is) {
        return std::any_of(car.adjusters.begin(), car.adjusters.end(), [&](const Adjuster& a) {
            const AdjusterKind* kind = adjuster_kind(a.kind);
            return kind && is(a, *kind);
        });
    };
    if (any([](const Adjuster& d, const AdjusterKind& k) { return k.leans(d); }))
        offer(tr("toe only tonight"),
              {{{Measure::total_toe, Measure::toe, Measure::thrust}, false, {}}, {}, "toe"});
    if (any([](const Adjuster&, const AdjusterKind& k) { return k.wants_jacking(); }))
        offer(tr("without jacking"), {{{}, true, {}}, {}, "no-jacking"});
    const auto sided = [&](Side side) {
        return adjusters_of(car, [side](Wheel w) { return side_of(w) == side; });
    };
    const std::array both = {sided(Side::left), sided(Side::right)};
    if (!both[0].empty() && !both[1].empty()) {
        offer(tr("left side only"), {{{}, false, both[0]}, {}, "left"});
        offer(tr("right side only"), {{{}, false, both[1]}, {}, "right"});
        for (Wheel w : {Wheel::front_left, Wheel::front_right})
            if (const auto its = adjusters_of(car, [w](Wheel at) { return at == w; }); !its.empty())
                offer(w == Wheel::front_left ? tr("left front as the right") : tr("right front as the left"),
                      {{{}, false, its}, w, "match " + std::string(name_of(w))});
    }
    // After a repair: the turns that put it back.
    if (desk.leftAt()) {
        PlanChoice back;
        back.name = "as-left";
        back.targets = as_it_was(desk.leftAt()->angles);
        if (!back.targets->empty()) offer(tr("as the last job left it"), back);
    }
    const book::WrittenCard card = desk.writtenCard();
    for (const std::string& name : card.set_ups())
        if (name != card.set_up())
            out.push_back({tr("change over to %1").arg(setUpName(name)), {}, name, false});
    return out;
}

void take_up(JobDesk& desk, const PlanOffer& offer) {
    if (!offer.set_up.empty()) {
        book::WrittenCard card = desk.writtenCard();
        card.put({"setup_in_use"}, offer.set_up);
        desk.editCard(card);
        desk.editTargets(card.aims_of(offer.set_up));
    }
    desk.choosePlan(offer.choice);
}

}  // namespace fairchalk::desk

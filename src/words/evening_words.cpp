// SPDX-License-Identifier: GPL-3.0-or-later
// What is left of an evening, and how long it takes.
#include <algorithm>
#include <cmath>

#include "core/advice/evening.h"
#include "core/quantity/named.h"
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

using What = EveningStep::What;

std::string of_adjusters(const EveningStep& s, const CarCard& car) {
    std::vector<std::string> names;
    for (const std::string& id : s.about) names.push_back(adjuster(car, id));
    return listed(names);
}

}  // namespace

std::string minutes(double m) {
    const long whole = std::max(1L, std::lround(m));
    // To five minutes above half an hour: nobody knows it better.
    const long said = whole > 30 ? (whole + 2) / 5 * 5 : whole;
    return fill(TR_NOOP("about {0} min"), {std::to_string(said)});
}

std::string held_back(double most, QuantityKind kind) {
    return kind == QuantityKind::length ? to_division(most, kind, 0.1) : to_division(most, kind, 0.05);
}

std::string can_wait(int spots) {
    return tr_n("The other %n spots can wait: readings there would hardly change what is said.",
                "The last spot can wait: a reading there would hardly change what is said.", spots);
}

std::string car_state(CarState s) {
    switch (s) {
        case CarState::wheels_up:
            return tr("wheels up");
        case CarState::on_ground:
            return tr("on the ground");
        case CarState::under_lines:
            return tr("under the lines");
    }
    return {};
}

std::string evening_step(const EveningStep& s, const CarCard& car, const Knowledge& knowledge) {
    const auto count = [](std::size_t n) { return std::to_string(n); };
    switch (s.what) {
        case What::jack:
            return tr("Up, and on stands at the maker's points");
        case What::check:
            return tr_n("Look over %n things", "Look over one thing", static_cast<int>(s.about.size()));
        case What::loosen:
            return tr("Clean and oil what will be turned, while it is up");
        case What::turn:
            return s.about.size() == 1 ? fill(TR_NOOP("Turn: {0}"), {of_adjusters(s, car)})
                                       : fill(TR_NOOP("Turn {0} things"), {count(s.about.size())});
        case What::settle:
            return tr("Down; roll it a car's length and back, bounce each end");
        case What::floor:
            return tr("The floor: level, or found flat enough");
        case What::steering:
            return tr("The steering straight, and held");
        case What::set_up: {
            std::vector<std::string> names;
            for (const std::string& id : s.about)
                if (const RigItem* r = knowledge.rig(id)) names.push_back(tr(r->text.c_str()));
            return fill(TR_NOOP("Set up: {0}"), {listed(names)});
        }
        case What::read:
            return tr_n("Read %n spots", "Read one spot", s.spots);
        case What::look:
            return fill(TR_NOOP("Look: {0}"), {of_adjusters(s, car)});
        case What::read_again:
            return tr_n("Shake it, and read %n spots again", "Shake it, and read one spot again", s.spots);
        case What::once_more:
            return s.likely >= 0.995 ? tr("Turn, shake, read again, tighten")
                                     : fill(TR_NOOP("Once more, if need be: {0}"), {chance(s.likely)});
        case What::lock:
            return tr("Tighten to the manual's torque");
        case What::drive:
            return tr("Drive: straight, light hands, a flat road");
    }
    return {};
}

std::string evening_detail(const EveningStep& s, const CarCard& car, const Knowledge& knowledge) {
    std::vector<std::string> out;
    if (s.what == What::check)
        for (const std::string& id : s.about)
            if (const CheckItem* c = knowledge.check(id)) out.push_back(tr(c->text.c_str()));
    if (s.what == What::set_up)
        for (const std::string& id : s.about)
            if (const RigItem* r = knowledge.rig(id))
                for (const Needed& n : r->needs)
                    if (const Thing* t = knowledge.thing(n.thing))
                        out.push_back(n.count == 1 ? tr(t->one.c_str())
                                                   : std::to_string(n.count) + " " + tr(t->text.c_str()));
    if (s.what == What::loosen || s.what == What::lock || (s.what == What::turn && s.about.size() > 1))
        out.push_back(of_adjusters(s, car));
    std::string text = listed(out);
    std::vector<std::string> wrenches_of;
    if (s.what == What::turn || s.what == What::lock || s.what == What::loosen)
        for (const std::string& id : s.about)
            if (const Adjuster* a = car.adjuster(id); a && !a->wrench.empty())
                if (std::find(wrenches_of.begin(), wrenches_of.end(), a->wrench) == wrenches_of.end())
                    wrenches_of.push_back(a->wrench);
    const auto add = [&](const std::string& sentence) { text += (text.empty() ? "" : ". ") + sentence; };
    if (!wrenches_of.empty()) add(fill(TR_NOOP("Wrenches: {0}"), {listed(wrenches_of)}));
    if (s.what == What::jack) add(tr("Jack, stands, chocks; everything below is done in this one go"));
    if (s.what == What::lock) add(tr("With a torque wrench"));
    if (s.what == What::read && s.two) {
        add(tr("Two save half the walking: one reads, one types"));
    } else if (s.two) {
        add(tr("Quicker with a second person"));
    }
    return text;
}

}  // namespace fairchalk::words

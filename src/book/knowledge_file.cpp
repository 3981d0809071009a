// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/knowledge_file.h"

#include <algorithm>
#include <cstdlib>
#include <set>
#include <sstream>

#include "book/job_file.h"
#include "book/table.h"
#include "core/job/rig.h"
#include "core/quantity/named.h"

namespace fairchalk::book {

// Made from data/knowledge when the build is configured.
extern const char* const shipped_reasons;
extern const char* const shipped_checks;
extern const char* const shipped_cautions;
extern const char* const shipped_schools;
extern const char* const shipped_things;
extern const char* const shipped_rigs;

namespace {

/// What the drawings of rigs can show.
const std::set<std::string>& drawn_steps() {
    static const std::set<std::string> all = [] {
        std::set<std::string> out;
        for (const Rig* r : all_rigs())
            for (const std::string& part : r->parts()) out.insert(part);
        return out;
    }();
    return all;
}

/// A stroke of a thing's picture: its word and as many numbers as it takes.
Thing::Stroke stroke_from(const std::string& text, const std::string& place) {
    Thing::Stroke s;
    std::istringstream in(text);
    in >> s.what;
    for (double v = 0; in >> v;) s.numbers.push_back(v);
    const std::size_t n = s.numbers.size();
    const bool right = s.what == "line" || s.what == "oval" ? n == 4
                       : s.what == "box"                    ? n == 5
                       : s.what == "arc"                    ? n == 6
                                                            : s.what == "shape" && n >= 6 && n % 2 == 0;
    if (!right || !in.eof())
        wrong(place + ".picture",
              {Code::job_unknown_word, {text, "a stroke: line 0 -40 0 40, box, oval, arc or shape"}});
    return s;
}

/// A place on the car from above: `81 0` is the left front wheel.
CheckItem::At place_from(const std::string& text, const std::string& place) {
    CheckItem::At at;
    std::istringstream in(text);
    if (!(in >> at.along >> at.across) || !(in >> std::ws).eof() || at.along < 0 || at.along > 100 ||
        at.across < -20 || at.across > 120)
        wrong(place + ".at", {Code::job_unknown_word, {text, "a place on the car, in hundredths: 81 0"}});
    return at;
}

/// A way of measuring without its guide could not be chosen.
Knowledge complete(Knowledge k) {
    for (const Rig* r : all_rigs())
        if (!k.rig(r->id)) wrong("rigs", {Code::job_missing, {std::string(r->id)}});
    return k;
}

}  // namespace

Knowledge knowledge_from(const KnowledgeTables& tables) {
    Knowledge k;
    each(tables.reasons, "reasons", [&](Item& i) {
        ReasonItem r;
        r.id = i.id;
        r.text = i.needed("text");
        r.reason = i.needed("reason");
        r.symptom = i.yes("symptom");
        const std::string path = i.one_of("path", {"full", "wheel-only", "baseline"});
        r.path = path == "full" ? Path::full : path == "baseline" ? Path::baseline : Path::wheel_only;
        r.expect = i.needed("expect");
        r.stages = i.stages();
        k.reasons.push_back(r);
    });
    each(tables.checks, "checks", [&](Item& i) {
        CheckItem c;
        c.id = i.id;
        c.text = i.needed("text");
        c.look = i.needed("look");
        c.test = i.needed("test");
        c.effect = i.needed("effect");
        c.remedy = i.needed("remedy");
        c.reason = i.needed("reason");
        for (const std::string& where : i.list("at")) c.at.push_back(place_from(where, i.place()));
        if (c.at.empty()) wrong(i.place() + ".at", {Code::job_missing, {"at"}});
        c.drawing = i.one_of("drawing", {"nuts", "rock", "rod", "bulge", "runout", "pressure", "height"});
        c.sum = i.text("sum");
        if (!c.sum.empty())
            i.one_of("sum", {"runout", "bulge", "thread", "rod-length", "height", "pressure"});
        c.when = i.conditions();
        c.blocks = i.yes("blocks");
        c.up = i.yes("up");
        c.two = i.yes("two");
        k.checks.push_back(c);
    });
    each(tables.cautions, "cautions", [&](Item& i) {
        Caution c;
        c.id = i.id;
        c.text = i.needed("text");
        c.reason = i.needed("reason");
        c.stages = i.stages();
        c.when = i.conditions();
        k.cautions.push_back(c);
    });
    each(tables.schools, "schools", [&](Item& i) {
        School s;
        s.id = i.id;
        s.topic = i.one_of("topic", {"steering", "slip", "settle", "targets", "order", "reach"});
        s.text = i.needed("text");
        s.reason = i.needed("reason");
        s.how = i.needed("how");
        k.schools.push_back(s);
    });
    each(tables.things, "things", [&](Item& i) {
        Thing t{i.id, i.needed("text"), i.needed("one"), i.number("usual"), i.list("words"), {}};
        for (const std::string& s : i.list("picture")) t.picture.push_back(stroke_from(s, i.place()));
        k.things.push_back(std::move(t));
    });
    each(tables.rigs, "rigs", [&](Item& i) {
        if (!rig_named(i.id)) wrong(i.place() + ".id", {Code::job_unknown_word, {i.id, known_rigs()}});
        RigItem r;
        r.id = i.id;
        r.text = i.needed("text");
        r.tells = i.needed("tells");
        r.tells_not = i.needed("tells_not");
        r.reason = i.needed("reason");
        r.make = i.needed("make");
        r.making = i.text("making");
        if (!r.making.empty()) i.one_of("making", {"bars", "boards", "sweep", "gauge"});
        r.alone = i.text("alone");
        for (const std::string& n : i.list("needs")) {
            const std::size_t space = n.find(' ');
            const std::string id = space == std::string::npos ? n : n.substr(space + 1);
            const int count = std::atoi(n.c_str());
            if (!k.thing(id) || count < 1)
                wrong(i.place() + ".needs", {Code::job_unknown_word, {n, "a count and a thing: 2 stands"}});
            r.needs.push_back({id, count});
        }
        i.items("steps", [&](Item& step) {
            r.steps.push_back({step.needed("text"), step.one_of("show", drawn_steps())});
        });
        k.rigs.push_back(r);
    });
    // A condition on a reason that nobody can give would never hold.
    const auto known_reason = [&](const std::vector<std::string>& when, const std::string& place) {
        for (const std::string& condition : when)
            for (std::size_t at = condition.find("reason="); at != std::string::npos;
                 at = condition.find("reason=", at + 1)) {
                const std::string id = condition.substr(at + 7, condition.find('|', at) - at - 7);
                if (!k.reason(id)) wrong(place, {Code::job_unknown_word, {id, "an id of the reasons table"}});
            }
    };
    for (const CheckItem& c : k.checks) known_reason(c.when, "checks." + c.id + ".when");
    for (const Caution& c : k.cautions) known_reason(c.when, "cautions." + c.id + ".when");
    return k;
}

const Knowledge& shipped_knowledge() {
    static const Knowledge k = complete(
        knowledge_from({parse_json(shipped_reasons), parse_json(shipped_checks), parse_json(shipped_cautions),
                        parse_json(shipped_schools), parse_json(shipped_things), parse_json(shipped_rigs)}));
    return k;
}

}  // namespace fairchalk::book

// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/practice_file.h"

#include "book/knowledge_file.h"
#include "book/table.h"
#include "core/job/rig.h"

namespace fairchalk::book {

// Made from data/knowledge when the build is configured.
extern const char* const shipped_practice;

const PracticeItem* item_named(const std::vector<PracticeItem>& items, std::string_view id) {
    const auto it =
        std::find_if(items.begin(), items.end(), [&](const PracticeItem& i) { return i.id == id; });
    return it == items.end() ? nullptr : &*it;
}

PracticeTables practice_from(const Json& json) {
    PracticeTables t;
    const auto table = [&](const char* name, std::vector<PracticeItem>& into, auto&& more) {
        if (!json.contains(name)) wrong(name, {Code::job_missing, {name}});
        each(json[name], name, [&](Item& i) {
            PracticeItem p;
            p.id = i.id;
            p.text = i.needed("text");
            p.reason = i.needed("reason");
            more(i, p);
            into.push_back(std::move(p));
        });
    };
    table("cars", t.cars, [](Item& i, PracticeItem& p) {
        p.note = i.needed("note");
        p.card = i.object("card");
        p.targets = i.object("targets");
        car_from(p.card, i.place() + ".card");
        targets_from(p.targets, i.place() + ".targets");
        p.rigs = i.list("rigs");
        for (const std::string& rig : p.rigs)
            if (!rig_named(rig))
                wrong(i.place() + ".rigs", {Code::job_unknown_word, {rig, "a way of measuring"}});
    });
    table("stories", t.stories, [](Item& i, PracticeItem& p) {
        p.asked = i.list("asked");
        for (const std::string& reason : p.asked)
            if (!shipped_knowledge().reason(reason))
                wrong(i.place() + ".asked", {Code::job_unknown_word, {reason, "an id of the reasons table"}});
    });
    table("levels", t.levels, [](Item&, PracticeItem&) {});
    table("lessons", t.lessons, [](Item& i, PracticeItem& p) { p.note = i.needed("intro"); });
    if (!json.contains("path") || !json["path"].is_array()) wrong("path", {Code::job_missing, {"path"}});
    for (const Json& id : json["path"]) {
        const std::string lesson = id.is_string() ? id.get<std::string>() : id.dump();
        if (!item_named(t.lessons, lesson))
            wrong("path", {Code::job_unknown_word, {lesson, "an id of the lessons table"}});
        t.path.push_back(lesson);
    }
    return t;
}

const PracticeTables& practice_tables() {
    static const PracticeTables t = practice_from(parse_json(shipped_practice));
    return t;
}

}  // namespace fairchalk::book

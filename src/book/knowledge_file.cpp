// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/knowledge_file.h"

#include <algorithm>
#include <set>

#include "book/job_file.h"

namespace fairchalk::book {

// Made from data/knowledge when the build is configured.
extern const char* const shipped_reasons;
extern const char* const shipped_checks;
extern const char* const shipped_cautions;
extern const char* const shipped_schools;

namespace {

[[noreturn]] void wrong(const std::string& place, Message what) {
    throw FileError{place, std::move(what)};
}

/// One item of a table; every name in it has to be asked for, so that a misspelt one is found.
class Item {
  public:
    Item(const Json& json, std::string place, std::set<std::string>& ids)
        : json_(json), place_(std::move(place)) {
        if (!json.is_object()) wrong(place_, {Code::job_wrong_type, {"something else", "an object"}});
        id = needed("id");
        if (!ids.insert(id).second) wrong(place_ + ".id", {Code::job_duplicate_id, {id}});
    }
    std::string id;
    const std::string& place() const { return place_; }

    std::string text(const char* key) {
        asked_.insert(key);
        if (!json_.contains(key)) return {};
        if (!json_[key].is_string())
            wrong(place_ + "." + key, {Code::job_wrong_type, {"something else", "a text"}});
        return json_[key].get<std::string>();
    }
    std::string needed(const char* key) {
        std::string t = text(key);
        if (t.empty()) wrong(place_ + "." + key, {Code::job_missing, {key}});
        return t;
    }
    std::string one_of(const char* key, std::initializer_list<std::string_view> words) {
        const std::string t = needed(key);
        if (std::find(words.begin(), words.end(), t) == words.end()) {
            std::string known;
            for (auto w : words) known += (known.empty() ? "" : ", ") + std::string(w);
            wrong(place_ + "." + key, {Code::job_unknown_word, {t, known}});
        }
        return t;
    }
    bool yes(const char* key) {
        asked_.insert(key);
        if (!json_.contains(key)) wrong(place_ + "." + key, {Code::job_missing, {key}});
        if (!json_[key].is_boolean())
            wrong(place_ + "." + key, {Code::job_wrong_type, {"something else", "true or false"}});
        return json_[key].get<bool>();
    }
    std::vector<std::string> list(const char* key) {
        asked_.insert(key);
        if (!json_.contains(key) || !json_[key].is_array())
            wrong(place_ + "." + key, {Code::job_missing, {key}});
        std::vector<std::string> out;
        for (const Json& j : json_[key]) {
            if (!j.is_string())
                wrong(place_ + "." + key, {Code::job_wrong_type, {"something else", "a text"}});
            out.push_back(j.get<std::string>());
        }
        return out;
    }
    std::vector<std::string> conditions() {
        const auto out = list("when");
        for (std::size_t i = 0; i < out.size(); ++i)
            if (!is_condition(out[i]))
                wrong(place_ + ".when[" + std::to_string(i) + "]",
                      {Code::job_unknown_word,
                       {out[i], "springs, blocks, marked, steering=rack, reason=… and the like"}});
        return out;
    }
    std::vector<Stage> stages() {
        std::vector<Stage> out;
        for (const std::string& s : list("stages")) {
            const auto stage = stage_named(s);
            if (!stage) wrong(place_ + ".stages", {Code::job_unknown_word, {s, "ask, check-over, floor, …"}});
            out.push_back(*stage);
        }
        if (out.empty()) wrong(place_ + ".stages", {Code::job_missing, {"stages"}});
        return out;
    }
    void done() const {
        for (const auto& [key, value] : json_.items())
            if (!asked_.contains(key))
                wrong(place_ + "." + key, {Code::job_unknown_word, {key, "the table's own names"}});
    }

  private:
    const Json& json_;
    std::string place_;
    std::set<std::string> asked_;
};

template <class F>
void each(const Json& table, const char* name, F&& read) {
    if (!table.is_array()) wrong(name, {Code::job_wrong_type, {"something else", "a list"}});
    std::set<std::string> ids;
    for (std::size_t i = 0; i < table.size(); ++i) {
        Item item(table[i], std::string(name) + "[" + std::to_string(i) + "]", ids);
        read(item);
        item.done();
    }
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
        c.place = i.one_of("place", {"all", "front", "rear", "cabin"});
        c.drawing = i.one_of("drawing", {"nuts", "rock", "rod", "bulge", "runout", "pressure", "height"});
        c.sum = i.text("sum");
        if (!c.sum.empty())
            i.one_of("sum", {"runout", "bulge", "thread", "rod-length", "height", "pressure"});
        c.when = i.conditions();
        c.blocks = i.yes("blocks");
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
        s.topic = i.one_of("topic", {"steering", "slip", "settle"});
        s.text = i.needed("text");
        s.reason = i.needed("reason");
        s.how = i.needed("how");
        k.schools.push_back(s);
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
    static const Knowledge k = knowledge_from({parse_json(shipped_reasons), parse_json(shipped_checks),
                                               parse_json(shipped_cautions), parse_json(shipped_schools)});
    return k;
}

}  // namespace fairchalk::book

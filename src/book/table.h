// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <set>
#include <string>
#include <vector>

#include "book/job_file.h"
#include "book/node.h"
#include "core/job/knowledge.h"
#include "core/quantity/named.h"

namespace fairchalk::book {

/// One item of a table; every name in it has to be asked for, so that a misspelt one is found.
class Item {
  public:
    Item(const Json& json, std::string place, std::set<std::string>& ids)
        : json_(json), place_(std::move(place)) {
        if (!json.is_object()) wrong(place_, {Code::job_wrong_type, {"something else", "an object"}});
        id = needed("id");
        if (!ids.insert(id).second) wrong(place_ + ".id", {Code::job_duplicate_id, {id}});
    }
    /// One without an id.
    Item(const Json& json, std::string place) : json_(json), place_(std::move(place)) {
        if (!json.is_object()) wrong(place_, {Code::job_wrong_type, {"something else", "an object"}});
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
    template <class Words = std::initializer_list<std::string_view>>
    std::string one_of(const char* key, const Words& words) {
        const std::string t = needed(key);
        if (std::find(words.begin(), words.end(), t) == words.end())
            wrong(place_ + "." + key, {Code::job_unknown_word, {t, listed(words)}});
        return t;
    }
    int number(const char* key) {
        asked_.insert(key);
        if (!json_.contains(key)) wrong(place_ + "." + key, {Code::job_missing, {key}});
        if (!json_[key].is_number_integer() || json_[key].get<int>() < 1)
            wrong(place_ + "." + key, {Code::job_wrong_type, {"something else", "a whole number from 1"}});
        return json_[key].get<int>();
    }
    /// Objects in a list, each of texts.
    template <class F>
    void items(const char* key, F&& read) {
        asked_.insert(key);
        if (!json_.contains(key) || !json_[key].is_array() || json_[key].empty())
            wrong(place_ + "." + key, {Code::job_missing, {key}});
        for (std::size_t i = 0; i < json_[key].size(); ++i) {
            Item item(json_[key][i], place_ + "." + key + "[" + std::to_string(i) + "]");
            read(item);
            item.done();
        }
    }
    const Json& object(const char* key) {
        asked_.insert(key);
        if (!json_.contains(key) || !json_[key].is_object())
            wrong(place_ + "." + key, {Code::job_missing, {key}});
        return json_[key];
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

/// Every item of a list, each with an id of its own.
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

}  // namespace fairchalk::book

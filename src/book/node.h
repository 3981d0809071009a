// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <cmath>
#include <initializer_list>
#include <string>
#include <utility>

#include "book/bounds.h"
#include "book/entry_json.h"
#include "core/quantity/named.h"
#include "core/quantity/translatable.h"

namespace fairchalk::book {

// Reading JSON with its place at hand, for messages. Everything throws FileError.

[[noreturn]] inline void wrong(const std::string& place, Message what) {
    throw FileError{place, std::move(what)};
}

inline std::string kind_in_words(const Json& j) {
    switch (j.type()) {
        case Json::value_t::null:
            return TR_NOOP("null");
        case Json::value_t::object:
            return TR_NOOP("an object");
        case Json::value_t::array:
            return TR_NOOP("a list");
        case Json::value_t::string:
            return TR_NOOP("a text");
        case Json::value_t::boolean:
            return TR_NOOP("true or false");
        default:
            return TR_NOOP("a number");
    }
}

/// Something in the file and where it stands.
class Node {
  public:
    Node(const Json& json, std::string place) : json_(&json), place_(std::move(place)) {}

    const Json& json() const { return *json_; }
    const std::string& place() const { return place_; }
    const Node& object() const {
        if (!json_->is_object())
            wrong(place_, {Code::job_wrong_type, {kind_in_words(*json_), TR_NOOP("an object")}});
        return *this;
    }
    bool has(const char* key) const {
        return json_->is_object() && json_->contains(key) && !(*json_)[key].is_null();
    }
    Node operator[](const char* key) const {
        object();
        const std::string where = place_.empty() ? key : place_ + "." + key;
        if (!has(key)) wrong(where, {Code::job_missing, {key}});
        return {(*json_)[key], where};
    }
    Node operator[](std::size_t i) const { return {(*json_)[i], place_ + "[" + std::to_string(i) + "]"}; }
    std::size_t list() const {
        if (!json_->is_array())
            wrong(place_, {Code::job_wrong_type, {kind_in_words(*json_), TR_NOOP("a list")}});
        return json_->size();
    }
    std::string text(const char* belongs = TR_NOOP("a text")) const {
        if (!json_->is_string()) wrong(place_, {Code::job_wrong_type, {kind_in_words(*json_), belongs}});
        return json_->get<std::string>();
    }
    bool yes_no() const {
        if (!json_->is_boolean())
            wrong(place_, {Code::job_wrong_type, {kind_in_words(*json_), TR_NOOP("true or false")}});
        return json_->get<bool>();
    }
    double number() const {
        if (!json_->is_number())
            wrong(place_, {Code::job_wrong_type, {kind_in_words(*json_), TR_NOOP("a number")}});
        const double v = json_->get<double>();
        if (!std::isfinite(v))
            wrong(place_, {Code::job_wrong_type, {TR_NOOP("a number out of bounds"), TR_NOOP("a number")}});
        return v;
    }
    Quantity quantity(Expect::Kind kind) const {
        const auto q = read_quantity(text(kind == Expect::Kind::angle ? TR_NOOP("a text like \"0.2 deg\"")
                                                                      : TR_NOOP("a text like \"113.1 mm\"")),
                                     {kind});
        if (!q) wrong(place_, q.error());
        return *q;
    }
    /// One of these words.
    std::string word(std::initializer_list<const char*> words) const {
        return word(std::vector<std::string_view>(words.begin(), words.end()));
    }
    std::string word(const std::vector<std::string_view>& words) const {
        const std::string found = text();
        if (std::find(words.begin(), words.end(), found) == words.end())
            wrong(place_, {Code::job_unknown_word, {cut_to(found, 60), listed(words)}});
        return found;
    }
    /// Above zero; two examples of what would be right.
    Quantity positive(Expect::Kind kind, const char* one, const char* another) const {
        const Quantity q = quantity(kind);
        if (!(q.value > 0)) wrong(place_, {Code::text_must_be_positive, {q.text, "", one, another}});
        return q;
    }
    Length length() const { return quantity(Expect::Kind::length).length(); }
    Length positive_length() const { return positive(Expect::Kind::length, "2 9/16 in", "65.1 mm").length(); }
    Angle angle() const { return quantity(Expect::Kind::angle).angle(); }
    template <class T, class Named>
    T named(Named lookup, const char* known) const {
        const std::string word = text();
        const auto found = lookup(word);
        if (!found) wrong(place_, {Code::job_unknown_word, {cut_to(word, 60), known}});
        return *found;
    }
    Wheel wheel() const {
        return named<Wheel>(wheel_named, "front-left, front-right, rear-left, rear-right");
    }
    double in(Expect::Kind kind) const {
        const Quantity q = quantity(kind);
        return q.value;
    }
    Axle axle() const { return named<Axle>(axle_named, "front, rear"); }
    Side side() const { return named<Side>(side_named, "left, right"); }

  private:
    const Json* json_;
    std::string place_;
};

}  // namespace fairchalk::book

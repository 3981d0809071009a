// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/target_text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>

#include "core/quantity/typed_words.h"

namespace fairchalk::book {
namespace {

std::string trimmed(std::string s) {
    const auto first = s.find_first_not_of(' ');
    if (first == std::string::npos) return {};
    return s.substr(first, s.find_last_not_of(' ') - first + 1);
}

/// Cuts `s` at `word`; gives what came after it.
std::optional<std::string> cut(std::string& s, const std::string& word) {
    const auto at = s.find(word);
    if (at == std::string::npos) return std::nullopt;
    std::string rest = trimmed(s.substr(at + word.size()));
    s = trimmed(s.substr(0, at));
    return rest;
}

/// What a toe is of, cut out from wherever it stands: total, each, half (of the difference of both tapes).
std::string cut_basis(std::string& s) {
    for (const std::string basis : {"total", "each", "half"}) {
        const std::string words = " " + s + " ";
        const auto at = words.find(" " + basis + " ");
        if (at == std::string::npos) continue;
        s = trimmed(trimmed(words.substr(0, at)) + " " + trimmed(words.substr(at + basis.size() + 2)));
        return basis;
    }
    return {};
}

std::string shown(const Json& j, const char* key) {
    return j.contains(key) && j[key].is_string() ? j[key].get<std::string>() : std::string();
}

}  // namespace

Bare unit_beside(const Quantity& q) {
    const auto has = [&](const char* unit) { return q.text.find(unit) != std::string::npos; };
    if (q.kind == QuantityKind::angle) {
        const bool minutes = has("'") || has("min");
        // 8 after 0°08' may be either.
        return !minutes ? Bare::deg : has("°") || has("deg") ? Bare::refused : Bare::arcmin;
    }
    return has("mm") ? Bare::mm : has("cm") ? Bare::cm : Bare::inch;
}

Expect toe_written_as(const std::vector<std::string>& parts) {
    Expect expect{Expect::Kind::length_or_angle, Bare::refused};
    bool fraction = false;
    for (const std::string& part : parts) {
        if (const auto q = read_quantity(part)) expect.bare = unit_beside(*q);
        fraction = fraction || part.find('/') != std::string::npos;
    }
    if (expect.bare == Bare::refused && fraction) expect.bare = Bare::inch;
    return expect;
}

Result<Quantity> read_tolerance(const std::string& text, const Quantity& aim, const Expect& expect) {
    auto alone = read_quantity(text, expect);
    if (aim.kind != QuantityKind::angle || (alone && alone->kind == QuantityKind::angle)) return alone;
    auto angle = read_quantity(text, {Expect::Kind::angle, expect.bare});
    if (!angle) return alone;
    // Written so that it is read alike without its aim.
    const double minutes = angle->value * 60;
    const long whole = std::lround(minutes);
    std::array<char, 48> written{};
    if (whole >= 0 && std::abs(minutes - static_cast<double>(whole)) < 1e-9)
        std::snprintf(written.data(), written.size(), "%ld°%02ld'", whole / 60, whole % 60);
    else
        std::snprintf(written.data(), written.size(), "%.12g min", minutes);
    angle->text = written.data();
    return angle;
}

Result<TargetText> target_from_text(const std::string& measure, const std::string& text, bool of_wheel) {
    TargetText out;
    out.measure = measure == "toe" && !of_wheel ? "total_toe" : measure;
    std::string rest = trimmed(as_in_a_file(text));
    const std::string basis = measure == "toe" ? cut_basis(rest) : std::string();
    if (basis == "total" && of_wheel) return tl::unexpected(Message{Code::text_total_of_wheel, {text}});
    if (basis == "each" || basis == "half") out.measure = "toe";
    if (basis == "half") out.target["basis"] = "half-difference";
    const auto span = cut(rest, " over ");
    std::optional<std::string> both, minus, plus;
    for (const char* mark : {"±", "+/-", "+-"})
        if (!both) both = cut(rest, mark);
    if (!both) {
        plus = cut(rest, " plus ");
        minus = cut(rest, " minus ");
    }
    const Expect expect = measure == "toe" ? toe_written_as({span.value_or(""), minus.value_or(""),
                                                             plus.value_or(""), both.value_or(""), rest})
                                           : Expect{Expect::Kind::angle, Bare::deg};
    Json target = Json::object();
    const auto put = [&](const char* key, Result<Quantity> quantity) -> Result<Quantity> {
        if (quantity) target[key] = quantity->text;
        return quantity;
    };
    auto aim = put("aim", read_quantity(rest, expect));
    if (!aim) {
        // What would be right here is a target.
        if (aim.error().code == Code::text_unit_missing)
            aim.error().args = {text, aim.error().args[1], "0°08' in ±0°15'", "2 mm in ±1.5 mm over 416 mm"};
        return tl::unexpected(aim.error());
    }
    if (both) minus = plus = both;
    for (const auto& [key, value] : {std::pair("minus", minus), std::pair("plus", plus)})
        if (value)
            if (const auto quantity = put(key, read_tolerance(*value, *aim, expect)); !quantity)
                return tl::unexpected(quantity.error());
    if (span)
        if (const auto quantity = put("span", read_quantity(*span, {Expect::Kind::length, expect.bare}));
            !quantity)
            return tl::unexpected(quantity.error());
    for (const auto& [key, value] : out.target.items()) target[key] = value;
    out.target = target;
    try {
        Json all = Json::object();
        (measure == "thrust" ? all["thrust"] : all["front"][out.measure]) = target;
        out.band = targets_from(all, "").front();
    } catch (const FileError& e) {
        return tl::unexpected(e.message);
    }
    return out;
}

/// A toe is never a bare sign: which way it was taken is said.
static std::string with_its_way(const std::string& aim) {
    const auto q = read_quantity(aim, {Expect::Kind::length_or_angle, Bare::refused});
    if (!q || q->toe_word || q->value == 0.0) return aim;
    return q->text.substr(q->text.find_first_not_of("+- ")) + (q->value > 0.0 ? " in" : " out");
}

std::string text_of_target(const std::string& measure, const Json& t, bool of_wheel) {
    std::string out = shown(t, "aim");
    if (measure == "toe" || measure == "total_toe") out = with_its_way(out);
    const std::string minus = shown(t, "minus"), plus = shown(t, "plus");
    if (!minus.empty() && (minus == plus || plus.empty()))
        out += " ±" + minus;
    else if (!minus.empty() || !plus.empty())
        out += " minus " + (minus.empty() ? plus : minus) + " plus " + plus;
    if (const std::string span = shown(t, "span"); !span.empty()) out += " over " + span;
    if (shown(t, "basis") == "half-difference")
        out += " half";
    else if (measure == "toe" && !of_wheel)
        out += " each";
    return out;
}

}  // namespace fairchalk::book

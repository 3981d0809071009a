// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/target_text.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <cstdio>
#include <cstring>
#include <map>

#include "core/quantity/typed_words.h"

namespace fairchalk::book {
namespace {

std::string trimmed(std::string s) {
    const auto first = s.find_first_not_of(' ');
    if (first == std::string::npos) return {};
    return s.substr(first, s.find_last_not_of(' ') - first + 1);
}

/// What stands after each mark, in whichever order they were written; before the first of them, the aim. A
/// mark that comes twice is left where it stands.
std::map<std::string, std::string> parts_of(const std::string& s) {
    static constexpr std::array<std::pair<const char*, const char*>, 7> marks = {{{" over ", "over"},
                                                                                  {" plus or minus ", "both"},
                                                                                  {"±", "both"},
                                                                                  {"+/-", "both"},
                                                                                  {"+-", "both"},
                                                                                  {" plus ", "plus"},
                                                                                  {" minus ", "minus"}}};
    std::map<std::string, std::string> parts;
    std::string of = "aim";
    std::size_t begin = 0, at = 0;
    while (at < s.size()) {
        const auto mark = std::find_if(marks.begin(), marks.end(), [&](const auto& m) {
            return s.compare(at, std::strlen(m.first), m.first) == 0 && m.second != of &&
                   !parts.contains(m.second);
        });
        if (mark == marks.end()) {
            ++at;
            continue;
        }
        parts[of] = at > begin ? trimmed(s.substr(begin, at - begin)) : std::string();
        of = mark->second;
        begin = at + std::strlen(mark->first);
        // The space after one mark may be the one before the next.
        at = begin - (s[begin - 1] == ' ' ? 1 : 0);
    }
    parts[of] = begin < s.size() ? trimmed(s.substr(begin)) : std::string();
    return parts;
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
    const auto parts = parts_of(rest);
    const auto part = [&](const char* of) {
        const auto found = parts.find(of);
        return found == parts.end() ? std::optional<std::string>() : found->second;
    };
    rest = parts.at("aim");
    const auto span = part("over"), both = part("both");
    auto plus = part("plus"), minus = part("minus");
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

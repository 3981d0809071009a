// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/notation.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <cstdint>
#include <numeric>
#include <optional>
#include <vector>

#include "core/quantity/tokens.h"
#include "core/quantity/typed_words.h"
#include "core/quantity/unit_words.h"

namespace fairchalk {

namespace notation {
namespace {

constexpr std::size_t longest_text = 10'000;
constexpr double longest_mm = 100'000.0;
constexpr double widest_deg = 360.0;
constexpr double most_turns = 1'000.0;
constexpr double hottest = 1'000.0;
constexpr double most_bar = 1'000.0;
constexpr double most_nm = 10'000.0;

/// A number as typed, before its unit is known.
struct Number {
    double value = 0.0;
    double step = 1.0;  // its finest division
    bool fraction = false;
    bool decimals = false;
    std::string_view text;
};

struct Term {
    Number number;
    Unit unit = Unit::none;
    int sign = +1;
    double value = 0.0;   // compound terms: the value of the earlier parts, in base units
    std::size_t end = 0;  // where a missing unit would be written
    std::size_t start = 0;
};

class Reader {
  public:
    Reader(std::string_view typed, const Expect& expect) : typed_(typed), expect_(expect) {}

    Result<Quantity> read();

  private:
    const Token& peek(std::size_t ahead = 0) const {
        return tokens_[std::min(next_ + ahead, tokens_.size() - 1)];
    }
    const Token& take() { return tokens_[next_ < tokens_.size() - 1 ? next_++ : next_]; }
    std::string word_ahead(std::size_t ahead = 0) const {
        return peek(ahead).kind == TokenKind::word ? lower(peek(ahead).text) : std::string();
    }

    template <class... More>
    tl::unexpected<Message> stop(Code code, std::string_view where, More&&... more) const;
    tl::unexpected<Message> stop_here(Code code) const { return stop(code, rest(peek().at)); }
    std::string_view rest(std::size_t at) const { return std::string_view(plain_).substr(at); }

    void find_marks_meaning();
    bool joiner_ahead() const;
    Result<Number> number();
    std::optional<Unit> unit();
    Result<Term> term();
    Result<Quantity> sum_up(std::vector<Term> terms);
    Unit bare_unit(const std::vector<Term>& terms) const;

    std::string_view typed_;
    Expect expect_;
    std::string plain_;
    std::vector<Token> tokens_;
    std::size_t next_ = 0;
    bool marks_are_arc_ = false;
    bool has_degree_ = false;
    bool has_toe_word_ = false;
};

std::string clipped(std::string_view s) {
    std::string out;
    for (char c : s) out += static_cast<unsigned char>(c) < 0x20 || c == 0x7f ? ' ' : c;
    constexpr std::size_t most = 60;
    if (out.size() > most) {
        std::size_t cut = most;
        while (cut > 0 && (static_cast<unsigned char>(out[cut]) & 0xC0) == 0x80)
            --cut;  // not inside a character
        out = out.substr(0, cut) + "…";
    }
    return out;
}

template <class... More>
tl::unexpected<Message> Reader::stop(Code code, std::string_view where, More&&... more) const {
    // As they are written in the language of whoever reads it.
    std::string first = "2 9/16 in", second = show_number(65.1, 1) + " mm";
    const bool angle =
        expect_.kind == Expect::Kind::angle || (expect_.kind == Expect::Kind::any && has_degree_);
    if (angle) first = "0°12'", second = show_number(0.2, 1) + " deg";
    if (expect_.kind == Expect::Kind::length_or_angle) first = "0°08'", second = "2 mm";
    if (expect_.kind == Expect::Kind::pressure) first = show_number(2.1, 1) + " bar", second = "30 psi";
    if (expect_.kind == Expect::Kind::torque) first = "65 Nm", second = "48 lb ft";
    if (expect_.kind == Expect::Kind::turns) first = "7/8 turn", second = "2 flats";
    if (expect_.kind == Expect::Kind::temperature) first = "71 C", second = "160 F";
    return fail(code, clipped(typed_), clipped(where), std::move(first), std::move(second),
                std::string(std::forward<More>(more))...);
}

bool Reader::joiner_ahead() const {
    const std::string w = word_ahead();
    if (w == "and" || w == "less" || w == "minus") return true;
    if (w == "plus") return peek(1).kind == TokenKind::number;
    return peek().kind == TokenKind::plus || peek().kind == TokenKind::minus;
}

void Reader::find_marks_meaning() {
    for (std::size_t i = 0; i < tokens_.size(); ++i) {
        if (tokens_[i].text == "°") has_degree_ = true;
        if (tokens_[i].kind != TokenKind::word) continue;
        const std::string w = lower(tokens_[i].text);
        const bool after_number = i > 0 && tokens_[i - 1].kind == TokenKind::number;
        if (w == "out" || (w == "in" && i > 0 && !after_number)) has_toe_word_ = true;
        if (unit_word(w) && kind_of(*unit_word(w)) == QuantityKind::angle)
            has_degree_ = has_degree_ || w[0] == 'd';
    }
    marks_are_arc_ = has_degree_ || has_toe_word_ || expect_.kind == Expect::Kind::angle;
}

Result<Number> Reader::number() {
    if (peek().kind != TokenKind::number) return stop_here(Code::text_not_understood);
    const Token first = take();
    Number n;
    n.text = first.text;
    const auto fraction = [&](const Token& top) -> Result<double> {
        take();  // the slash
        const Token bottom = take();
        const std::string_view whole_text =
            std::string_view(plain_).substr(top.at, bottom.at + bottom.text.size() - top.at);
        constexpr std::array legal = {2.0, 4.0, 8.0, 16.0, 32.0, 64.0};
        // Sixths and thirds are flats of a hexagon: they belong to turns alone, and turns are checked later.
        constexpr std::array turn_only = {3.0, 6.0, 12.0};
        // Threads an inch, as a pitch.
        constexpr std::array threads = {10.0, 11.0, 12.0, 13.0, 14.0, 18.0, 20.0, 24.0, 28.0, 40.0};
        const bool pitch = top.value == 1.0 && top.at == first.at && word_ahead() == "in" &&
                           expect_.kind != Expect::Kind::angle && expect_.kind != Expect::Kind::turns &&
                           std::count(threads.begin(), threads.end(), bottom.value) > 0;
        const bool bottom_ok =
            bottom.kind == TokenKind::number && bottom.decimals < 0 && top.decimals < 0 &&
            (pitch || std::count(legal.begin(), legal.end(), bottom.value) > 0 ||
             (expect_.kind != Expect::Kind::length && expect_.kind != Expect::Kind::angle &&
              std::count(turn_only.begin(), turn_only.end(), bottom.value) > 0 &&
              word_ahead().starts_with("turn")));
        if (!bottom_ok || peek().kind == TokenKind::slash || top.value > 1e6)
            return stop(Code::text_bad_fraction, peek().kind == TokenKind::slash ? rest(top.at) : whole_text);
        n.step = 1.0 / bottom.value;
        n.fraction = true;
        return top.value / bottom.value;
    };
    if (first.doubtful_comma) {
        std::string decimal(first.text), thousands(first.text);
        std::replace(decimal.begin(), decimal.end(), ',', '.');
        std::erase(thousands, ',');
        const std::string after(rest(first.at + first.text.size()));
        return stop(Code::text_thousands_or_decimal, first.text, clipped(decimal + after),
                    clipped(thousands + after));
    }
    if (peek().kind == TokenKind::slash) {
        auto f = fraction(first);
        if (!f) return tl::unexpected(f.error());
        n.value = *f;
        return n;
    }
    n.value = first.value;
    if (first.decimals >= 0) {
        n.decimals = true;
        n.step = std::pow(10.0, -first.decimals);
        if (peek().kind == TokenKind::number && peek(1).kind == TokenKind::slash)
            return stop(Code::text_fraction_before_part, rest(peek().at));
    }
    // "2 9/16", "2-9/16"; but "2 - 9/16" could be either of two numbers.
    const bool dash = peek().kind == TokenKind::minus && peek(1).kind == TokenKind::number &&
                      peek(2).kind == TokenKind::slash;
    if (dash && first.decimals < 0) {
        const Token top = peek(1);
        if (peek().space_before || top.space_before) {
            const double under = peek(3).kind == TokenKind::number ? peek(3).value : 0;
            if (under > 0 && top.value < under) {
                const std::string frac = std::string(top.text) + "/" + std::string(peek(3).text);
                return stop(Code::text_dash_or_minus, rest(peek().at), std::string(first.text) + " " + frac,
                            std::string(first.text) + " less " + frac);
            }
            return n;
        }
        take();
    }
    if (first.decimals < 0 && peek().kind == TokenKind::number && peek(1).kind == TokenKind::slash) {
        const Token top = take();
        const std::string_view from = rest(top.at);
        auto f = fraction(top);
        if (!f) return tl::unexpected(f.error());
        if (*f >= 1.0) return stop(Code::text_bad_fraction, from);
        n.value += *f;
    }
    return n;
}

std::optional<Unit> Reader::unit() {
    const Token& t = peek();
    if (t.kind == TokenKind::mark) {
        const Unit u = t.text == "°"   ? Unit::deg
                       : t.text == "'" ? (marks_are_arc_ ? Unit::arcmin : Unit::foot)
                                       : (marks_are_arc_ ? Unit::arcsec : Unit::inch);
        take();
        return u;
    }
    if (t.kind == TokenKind::word) {
        const auto u = unit_word(lower(t.text));
        if (u) take();
        return u;
    }
    return std::nullopt;
}

Result<Term> Reader::term() {
    Term term;
    term.start = peek().at;
    auto n = number();
    if (!n) return tl::unexpected(n.error());
    term.number = *n;
    const Token& before_unit = tokens_[next_ - 1];
    term.end = before_unit.at + before_unit.text.size();
    if (peek().kind == TokenKind::word && lower(peek().text) == "e" && !peek().space_before &&
        (peek(1).kind == TokenKind::number || peek(1).kind == TokenKind::minus ||
         peek(1).kind == TokenKind::plus))
        return stop_here(Code::text_exponent);
    const std::size_t unit_at = peek().at;
    const bool quote = peek().text == "\"";
    if (auto u = unit()) term.unit = *u;
    // 1/8" in: seconds of arc by the letter, an eighth of an inch by sense. Ask rather than guess.
    if (quote && has_toe_word_ && !has_degree_ && n->fraction)
        return stop(Code::text_inch_mark_with_word, rest(unit_at));

    // Feet take inches after them; degrees take minutes, minutes take seconds.
    while (term.unit == Unit::foot || term.unit == Unit::deg || term.unit == Unit::arcmin) {
        if (peek().kind != TokenKind::number) break;
        const std::size_t part_at = peek().at;
        if (term.number.decimals || term.number.fraction)
            return stop(Code::text_fraction_before_part, rest(part_at));
        auto part = number();
        if (!part) return tl::unexpected(part.error());
        const Unit finer = term.unit == Unit::foot  ? Unit::inch
                           : term.unit == Unit::deg ? Unit::arcmin
                                                    : Unit::arcsec;
        const Token& last = tokens_[next_ - 1];
        const std::size_t part_end = last.at + last.text.size();
        auto u = unit();
        if (!u) {
            if (expect_.bare == Bare::refused) return stop(Code::text_unit_missing, rest(part_at));
            u = finer;
            plain_.insert(part_end, finer == Unit::inch ? " in" : finer == Unit::arcmin ? "'" : "\"");
            // Token positions after the insertion are only used for messages; the text ends here in practice.
            for (Token& t : tokens_)
                if (t.at >= part_end) t.at = std::min(t.at + (finer == Unit::inch ? 3 : 1), plain_.size());
        }
        if (*u != finer) return stop(Code::text_two_quantities, rest(part_at));
        const double limit = finer == Unit::inch ? 12.0 : 60.0;
        if (part->value >= limit)
            return stop(finer == Unit::inch ? Code::text_inches_from_12 : Code::text_minutes_from_60,
                        rest(part_at));
        term.value += to_base(term.number.value, term.unit);
        term.number = *part;
        term.unit = finer;
        if (finer == Unit::inch || finer == Unit::arcsec) break;
    }
    return term;
}

Unit Reader::bare_unit(const std::vector<Term>& terms) const {
    switch (expect_.bare) {
        case Bare::deg:
            return Unit::deg;
        case Bare::arcmin:
            return Unit::arcmin;
        case Bare::turns:
            return Unit::turn;
        case Bare::bar:
            return Unit::bar;
        case Bare::psi:
            return Unit::psi;
        case Bare::nm:
            return Unit::nm;
        case Bare::celsius:
            return Unit::celsius;
        case Bare::fahrenheit:
            return Unit::fahrenheit;
        default:
            break;
    }
    // On a rule only inches come in fractions.
    if (std::any_of(terms.begin(), terms.end(), [](const Term& t) { return t.number.fraction; }))
        return Unit::inch;
    return expect_.bare == Bare::inch ? Unit::inch : expect_.bare == Bare::cm ? Unit::cm : Unit::mm;
}

Result<Quantity> Reader::sum_up(std::vector<Term> terms) {
    // A term without a unit takes that of the next one that has one; the last one takes the field's.
    if (terms.back().unit == Unit::none) {
        if (expect_.bare == Bare::refused) return stop(Code::text_unit_missing, rest(terms.back().start));
        const Unit unit = bare_unit(terms);
        terms.back().unit = unit;
        const char* word = unit == Unit::mm           ? " mm"
                           : unit == Unit::cm         ? " cm"
                           : unit == Unit::inch       ? " in"
                           : unit == Unit::deg        ? " deg"
                           : unit == Unit::arcmin     ? " min"
                           : unit == Unit::bar        ? " bar"
                           : unit == Unit::psi        ? " psi"
                           : unit == Unit::nm         ? " Nm"
                           : unit == Unit::celsius    ? " C"
                           : unit == Unit::fahrenheit ? " F"
                                                      : " turn";
        plain_.insert(terms.back().end, word);
    }
    for (std::size_t i = terms.size() - 1; i-- > 0;)
        if (terms[i].unit == Unit::none) terms[i].unit = terms[i + 1].unit;

    Quantity q;
    q.kind = kind_of(terms.front().unit);
    q.resolution = 1e300;
    for (const Term& t : terms) {
        if (kind_of(t.unit) != q.kind) return stop(Code::text_mixed_kinds, rest(t.start));
        q.value += t.sign * (t.value + to_base(t.number.value, t.unit));
        q.resolution = std::min(q.resolution, to_base(t.number.step, t.unit));
    }
    q.resolution = std::max(q.resolution, 1e-9);
    return q;
}

Result<Quantity> Reader::read() {
    if (typed_.size() > longest_text) return stop(Code::text_too_long, "");
    // What is typed may be in another language; a file, where no unit may be missing, is in one.
    plain_ = to_plain(expect_.bare == Bare::refused ? std::string(typed_) : as_in_a_file(typed_));
    const std::size_t first = plain_.find_first_not_of(' ');
    if (first == std::string::npos) return stop(Code::text_empty, "");
    plain_ = plain_.substr(first, plain_.find_last_not_of(' ') - first + 1);
    const std::string scanned = plain_;  // tokens view this; plain_ may get units written into it
    tokens_ = tokens_of(scanned);
    find_marks_meaning();

    bool signed_text = false;
    int sign = +1;
    if (peek().kind == TokenKind::minus || peek().kind == TokenKind::plus) {
        signed_text = true;
        sign = take().kind == TokenKind::minus ? -1 : +1;
    }

    std::vector<Term> terms;
    bool only_and = true;
    int next_sign = +1;
    for (;;) {
        auto t = term();
        if (!t) return tl::unexpected(t.error());
        t->sign = next_sign;
        terms.push_back(*t);
        if (!joiner_ahead()) break;
        const Token joiner = take();
        const std::string w = joiner.kind == TokenKind::word ? lower(joiner.text) : std::string(joiner.text);
        next_sign = w == "less" || w == "minus" || w == "-" ? -1 : +1;
        only_and = only_and && w == "and";
        if (signed_text && !only_and) return stop(Code::text_sign_and_word, joiner.text);
        if (terms.size() > 1000) return stop(Code::text_too_long, "");
    }

    Strength strength = Strength::none;
    int toe = 0;
    while (peek().kind == TokenKind::word) {
        const Token token = peek();
        const std::string w = lower(token.text);
        if (strength_word(w) != Strength::none) {
            if (strength != Strength::none) return stop(Code::text_word_twice, token.text);
            strength = strength_word(w);
        } else if (w == "in" || w == "out") {
            if (toe != 0) return stop(Code::text_word_twice, token.text);
            if (signed_text) return stop(Code::text_sign_and_word, token.text);
            toe = w == "in" ? +1 : -1;
        } else {
            break;
        }
        take();
    }
    if (peek().kind == TokenKind::number)
        return stop(terms.back().unit == Unit::none ? Code::text_not_understood : Code::text_two_quantities,
                    rest(peek().at));
    if (peek().kind != TokenKind::end) return stop_here(Code::text_not_understood);

    const Unit last = terms.back().unit == Unit::none ? bare_unit(terms) : terms.back().unit;
    auto q = sum_up(std::move(terms));
    if (!q) return q;
    if (q->kind != QuantityKind::length && q->kind != QuantityKind::angle && toe != 0)
        return stop(Code::text_word_on_wrong_kind, toe > 0 ? "in" : "out");
    q->strength = strength;
    if (strength == Strength::strong) q->value += q->resolution / 4.0;
    if (strength == Strength::weak) q->value -= q->resolution / 4.0;
    q->value *= sign * (toe == 0 ? 1 : toe);
    q->value += zero_of(last);
    if (q->value == 0.0) q->value = 0.0;  // no minus zero
    q->toe_word = toe != 0;
    q->text = plain_;
    if (const auto at = plain_.find("lbft"); q->kind == QuantityKind::torque && at != std::string::npos)
        q->text.replace(at, 4, "lb ft");

    if (q->kind == QuantityKind::length && !(std::abs(q->value) <= longest_mm))
        return stop(Code::text_too_large, typed_, "100 m");
    if (q->kind == QuantityKind::angle && !(std::abs(q->value) <= widest_deg))
        return stop(Code::text_too_large, typed_, "360°");
    if (q->kind == QuantityKind::turns && !(std::abs(q->value) <= most_turns))
        return stop(Code::text_too_large, typed_, "1000 turns");
    if (q->kind == QuantityKind::pressure && !(std::abs(q->value) <= most_bar))
        return stop(Code::text_too_large, typed_, "1000 bar");
    if (q->kind == QuantityKind::torque && !(std::abs(q->value) <= most_nm))
        return stop(Code::text_too_large, typed_, "10 000 Nm");
    if (q->kind == QuantityKind::temperature && !(std::abs(q->value) <= hottest))
        return stop(Code::text_too_large, typed_, "1000 °C");

    using K = Expect::Kind;
    if (expect_.kind == K::length && q->kind != QuantityKind::length)
        return stop(Code::text_wanted_length, "");
    if (expect_.kind == K::angle && q->kind != QuantityKind::angle) return stop(Code::text_wanted_angle, "");
    if (expect_.kind == K::turns && q->kind != QuantityKind::turns) return stop(Code::text_wanted_turns, "");
    if (expect_.kind == K::length_or_angle && q->kind != QuantityKind::length &&
        q->kind != QuantityKind::angle)
        return stop(Code::text_wanted_length, "");
    if (expect_.kind == K::pressure && q->kind != QuantityKind::pressure)
        return stop(Code::text_wanted_pressure, "");
    if (expect_.kind == K::torque && q->kind != QuantityKind::torque)
        return stop(Code::text_wanted_torque, "");
    if (expect_.kind == K::temperature && q->kind != QuantityKind::temperature)
        return stop(Code::text_wanted_temperature, "");
    return q;
}

/// Threads counted over a length: how many, and what stands after it.
std::optional<std::pair<double, std::string_view>> counted(std::string_view text) {
    const auto blanks = [&] {
        const std::size_t first = text.find_first_not_of(' ');
        text.remove_prefix(first == std::string_view::npos ? text.size() : first);
    };
    blanks();
    double count = 0.0;
    const auto number = std::from_chars(text.data(), text.data() + text.size(), count);
    if (number.ec != std::errc() || !(count > 0.0) || !(count < 1000.0)) return std::nullopt;
    text.remove_prefix(static_cast<std::size_t>(number.ptr - text.data()));
    const auto word = [&]() -> std::string {
        blanks();
        const std::size_t end = std::min(text.find(' '), text.size());
        return lower(text.substr(0, end));
    };
    for (const char* of : {"threads", "thread", "turns"})
        if (word() == of) text.remove_prefix(std::string_view(of).size());
    for (const char* over : {"in", "over", "on"})
        if (word() == over) {
            text.remove_prefix(std::string_view(over).size());
            blanks();
            if (text.empty()) return std::nullopt;
            return std::pair(count, text);
        }
    return std::nullopt;
}

}  // namespace
}  // namespace notation

bool is_inch_division(double mm) {
    const double sixtyfourths = Length::from_mm(mm).in() * 64.0;
    return sixtyfourths > 0.5 && std::abs(sixtyfourths - std::round(sixtyfourths)) < 1e-6;
}

Result<Quantity> read_quantity(std::string_view text, Expect expect) {
    using namespace notation;
    if (expect.pitch)
        if (const auto threads = counted(text)) {
            auto over = Reader(threads->second, {Expect::Kind::length, expect.bare}).read();
            if (!over) return over;
            over->value /= threads->first;
            over->resolution /= threads->first;
            over->text = write_exact(over->length());
            return over;
        }
    return Reader(text, expect).read();
}

}  // namespace fairchalk

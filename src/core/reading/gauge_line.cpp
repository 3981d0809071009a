// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/gauge_line.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace fairchalk {
namespace {

constexpr std::string_view header = "FC1";
constexpr std::size_t longest = 96;  // bytes of a line, without its end

constexpr std::array<std::uint16_t, 256> table = [] {
    std::array<std::uint16_t, 256> t{};
    for (unsigned n = 0; n < 256; ++n) {
        auto crc = static_cast<std::uint16_t>(n << 8);
        for (int bit = 0; bit < 8; ++bit)
            crc = static_cast<std::uint16_t>(crc & 0x8000 ? (crc << 1) ^ 0x1021 : crc << 1);
        t[n] = crc;
    }
    return t;
}();

std::string hex(std::uint16_t v) {
    constexpr std::string_view digits = "0123456789ABCDEF";
    std::string out;
    for (int shift = 12; shift >= 0; shift -= 4) out += digits[(v >> shift) & 0xF];
    return out;
}

tl::unexpected<Message> not_understood(std::string_view line, std::string_view at) {
    return fail(Code::gauge_line_not_understood, std::string(line.substr(0, longest)),
                std::string(at.empty() ? "the end" : at.substr(0, 40)));
}

}  // namespace

std::uint16_t gauge_checksum(std::string_view text) {
    std::uint16_t crc = 0xFFFF;
    for (char c : text)
        crc = static_cast<std::uint16_t>((crc << 8) ^
                                         table[((crc >> 8) ^ static_cast<unsigned char>(c)) & 0xFF]);
    return crc;
}

std::string write_gauge_line(std::uint32_t number, std::string_view value, std::string_view unit, bool stable,
                             bool send, bool low_battery) {
    std::string out = std::string(header) + " " + std::to_string(number) + " " + std::string(value) + " " +
                      std::string(unit) + " ";
    if (stable) out += "stable ";
    if (send) out += "send ";
    if (low_battery) out += "low-battery ";
    return out + "*" + hex(gauge_checksum(out));
}

Result<GaugeLine> read_gauge_line(std::string_view line) {
    const auto star = line.rfind('*');
    if (star == std::string_view::npos || !line.starts_with(header)) return not_understood(line, line);
    if (line.substr(star + 1) != hex(gauge_checksum(line.substr(0, star))))
        return fail(Code::gauge_checksum_wrong, std::string(line.substr(0, longest)));
    std::vector<std::string_view> words;
    for (std::size_t at = header.size(); at < star;) {
        const auto from = line.find_first_not_of(' ', at);
        if (from >= star) break;
        const auto to = std::min(star, line.find(' ', from));
        words.push_back(line.substr(from, to - from));
        at = to;
    }
    if (words.size() < 3) return not_understood(line, {});
    GaugeLine out;
    const auto [end, error] = std::from_chars(words[0].data(), words[0].data() + words[0].size(), out.number);
    if (error != std::errc() || end != words[0].data() + words[0].size())
        return not_understood(line, words[0]);
    const std::string_view unit = words[2];
    if (unit != "mm" && unit != "in" && unit != "deg") return not_understood(line, unit);
    out.shown = std::string(words[1]) + " " + std::string(unit);
    const auto quantity =
        read_quantity(out.shown, {unit == "deg" ? Expect::Kind::angle : Expect::Kind::length, Bare::refused});
    // A gauge shows a plain number: no fractions, no words.
    if (!quantity || words[1].find_first_not_of("+-.0123456789") != std::string_view::npos)
        return not_understood(line, words[1]);
    out.kind = quantity->kind;
    out.value = quantity->value;
    out.resolution = quantity->resolution;
    for (std::size_t i = 3; i < words.size(); ++i) {
        if (words[i] == "stable")
            out.stable = true;
        else if (words[i] == "send")
            out.send = true;
        else if (words[i] == "low-battery")
            out.low_battery = true;
        else
            return not_understood(line, words[i]);
    }
    return out;
}

std::vector<GaugeLine> GaugeReader::take(std::string_view bytes) {
    std::vector<GaugeLine> out;
    for (char c : bytes) {
        if (c != '\n' && c != '\r') {
            if (line_.size() >= longest) too_long_ = true;
            if (!too_long_) line_ += c;
            continue;
        }
        if (line_.empty() && !too_long_) continue;  // the other half of an end of line
        auto read = too_long_ ? tl::unexpected<Message>(Message{Code::gauge_line_not_understood, {}})
                              : read_gauge_line(line_);
        if (!read) {
            ++bad_;
        } else if (is_new(read->number)) {
            ++good_;
            out.push_back(std::move(*read));
        }
        line_.clear();
        too_long_ = false;
    }
    return out;
}

bool GaugeReader::is_new(std::uint32_t number) {
    constexpr std::size_t remembered = 64;
    // A gauge that was switched on again begins at 0; a line 0 sent twice is no beginning.
    if (number == 0 && !given_.empty() && given_.back() != 0) given_.clear();
    if (std::find(given_.begin(), given_.end(), number) != given_.end()) return false;
    given_.push_back(number);
    if (given_.size() > remembered) given_.pop_front();
    return true;
}

void GaugeReader::unplugged() {
    if (!line_.empty() || too_long_) ++bad_;
    line_.clear();
    too_long_ = false;
    given_.clear();
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/calendar.h"

#include <algorithm>

namespace fairchalk::book {
namespace {

std::string escaped(std::string_view text) {
    std::string out;
    for (char c : text) {
        if (c == '\n' || c == '\r') {
            out += "\\n";
            continue;
        }
        if (c == '\\' || c == ';' || c == ',') out += '\\';
        out += c;
    }
    return out;
}

/// No line is longer than 75 octets; what goes on begins with a space.
std::string folded(const std::string& line) {
    constexpr std::size_t longest = 75;
    std::string out;
    std::size_t room = longest;
    for (std::size_t i = 0; i < line.size();) {
        std::size_t next = i + 1;
        while (next < line.size() && (static_cast<unsigned char>(line[next]) & 0xC0) == 0x80) ++next;
        if (next - i > room) {
            out += "\r\n ";
            room = longest - 1;
        }
        out.append(line, i, next - i);
        room -= next - i;
        i = next;
    }
    return out + "\r\n";
}

std::string digits_of(std::string_view iso) {
    std::string out;
    std::copy_if(iso.begin(), iso.end(), std::back_inserter(out),
                 [](char c) { return c >= '0' && c <= '9'; });
    return out;
}

}  // namespace

std::string calendar_of(const std::vector<CalendarDay>& days, std::string_view stamp) {
    std::string out =
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//Fair Chalk//Fair Chalk//EN\r\nCALSCALE:GREGORIAN\r\n";
    const std::string now = digits_of(stamp.substr(0, 10)) + "T" +
                            (stamp.size() >= 19 ? digits_of(stamp.substr(11, 8)) : "000000") + "Z";
    for (const CalendarDay& d : days) {
        out += "BEGIN:VEVENT\r\n";
        out += folded("UID:" + escaped(d.uid));
        out += "DTSTAMP:" + now + "\r\n";
        out += "DTSTART;VALUE=DATE:" + digits_of(d.day) + "\r\n";
        out += folded("SUMMARY:" + escaped(d.summary));
        out += "TRANSP:TRANSPARENT\r\nEND:VEVENT\r\n";
    }
    return out + "END:VCALENDAR\r\n";
}

}  // namespace fairchalk::book

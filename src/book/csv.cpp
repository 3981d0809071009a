// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/csv.h"

#include <algorithm>
#include <array>
#include <map>

#include "book/bounds.h"
#include "core/quantity/translatable.h"

namespace fairchalk::book {
namespace {

// Columns of a reading are named as in the job file.
constexpr std::array columns = {"round",  "id",      "kind",         "wheel",  "axle", "bar",
                                "side",   "station", "value",        "sigma",  "tool", "turned",
                                "rolled", "height",  "top",          "span",   "mark", "arm_span",
                                "to",     "since",   "before_shake", "pushed", "at",   "struck"};

std::string quoted(const std::string& s) {
    if (s.find_first_of(",;\t\"\r\n") == std::string::npos) return s;
    std::string out = "\"";
    for (char c : s) out += c == '"' ? std::string("\"\"") : std::string(1, c);
    return out + "\"";
}

/// A code point as UTF-8.
void put_utf8(std::string& out, char32_t c) {
    const auto tail = [&](int shift) { out += static_cast<char>(0x80 | ((c >> shift) & 0x3F)); };
    if (c < 0x80) {
        out += static_cast<char>(c);
    } else if (c < 0x800) {
        out += static_cast<char>(0xC0 | (c >> 6));
        tail(0);
    } else if (c < 0x10000) {
        out += static_cast<char>(0xE0 | (c >> 12));
        tail(6);
        tail(0);
    } else {
        out += static_cast<char>(0xF0 | (c >> 18));
        tail(12);
        tail(6);
        tail(0);
    }
}

bool is_utf8(const std::string& text) {
    // JSON is UTF-8; what it would have escaped says nothing of the encoding.
    std::string plain = "\"";
    for (const char c : text) plain += static_cast<unsigned char>(c) >= 0x80 ? c : ' ';
    return Json::accept(plain + '"');
}

/// Text as spreadsheets write it, as UTF-8: with a byte order mark or without, UTF-16 of either order, or the
/// Windows and Latin-1 code pages, of which the letters above 0x9f agree.
std::string as_utf8(const std::string& bytes) {
    const auto at = [&](std::size_t i) {
        return static_cast<char32_t>(static_cast<unsigned char>(bytes[i]));
    };
    if (bytes.size() >= 3 && at(0) == 0xEF && at(1) == 0xBB && at(2) == 0xBF) return as_utf8(bytes.substr(3));
    const bool little = bytes.size() >= 2 && at(0) == 0xFF && at(1) == 0xFE,
               big = bytes.size() >= 2 && at(0) == 0xFE && at(1) == 0xFF;
    std::string out;
    if (little || big) {
        char32_t high = 0;
        for (std::size_t i = 2; i + 1 < bytes.size(); i += 2) {
            const char32_t c = little ? at(i) | at(i + 1) << 8 : at(i) << 8 | at(i + 1);
            if (c >= 0xD800 && c < 0xDC00) {
                high = c;
            } else if (c >= 0xDC00 && c < 0xE000) {
                put_utf8(out, high ? 0x10000 + ((high - 0xD800) << 10) + (c - 0xDC00) : U'?');
                high = 0;
            } else {
                put_utf8(out, c);
            }
        }
        return out;
    }
    if (is_utf8(bytes)) return bytes;
    for (std::size_t i = 0; i < bytes.size(); ++i) put_utf8(out, at(i));
    return out;
}

std::vector<std::vector<std::string>> rows_of(const std::string& text, char separator) {
    std::vector<std::vector<std::string>> rows(1);
    std::string cell;
    bool in_quotes = false;
    const auto end_cell = [&] { rows.back().push_back(std::exchange(cell, {})); };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (in_quotes) {
            if (c == '"' && i + 1 < text.size() && text[i + 1] == '"')
                cell += text[++i];
            else if (c == '"')
                in_quotes = false;
            else
                cell += c;
        } else if (c == '"' && cell.empty()) {
            in_quotes = true;
        } else if (c == separator) {
            end_cell();
        } else if (c == '\n') {
            end_cell();
            rows.emplace_back();
        } else if (c != '\r') {
            cell += c;
        }
    }
    end_cell();
    return rows;
}

}  // namespace

std::string csv_of(const JobFile& job) {
    std::string out;
    for (std::size_t i = 0; i < columns.size(); ++i) out += (i ? "," : "") + std::string(columns[i]);
    out += "\r\n";
    const Job read = job.job();
    const auto row = [&](const std::map<std::string, std::string>& cells) {
        for (std::size_t i = 0; i < columns.size(); ++i) {
            const auto it = cells.find(columns[i]);
            out += (i ? "," : "") + (it == cells.end() ? std::string() : quoted(it->second));
        }
        out += "\r\n";
    };
    const auto length_row = [&](const std::string& round, const char* kind, const char* place,
                                std::string_view at, const std::optional<Length>& l) {
        if (l) row({{"round", round}, {"kind", kind}, {place, std::string(at)}, {"value", write_exact(*l)}});
    };
    length_row("", "wheelbase", "axle", "", read.car.wheelbase);
    for (Axle a : both_axles) length_row("", "rim-span", "axle", name_of(a), read.car.axle(a).rim_span);
    int round = -1;
    for (std::size_t i = 0; i < job.entries().size(); ++i) {
        const Entry& e = job.entries()[i];
        if (std::holds_alternative<RoundOpened>(e.event) && read.live(i)) {
            ++round;
            const Bars& bars = read.rounds[static_cast<std::size_t>(round)].lines.bars;
            length_row(std::to_string(round), "bar-stands", "bar", "front", bars.front_ahead);
            length_row(std::to_string(round), "bar-stands", "bar", "rear", bars.rear_behind);
        }
        if (!std::holds_alternative<Reading>(e.event)) continue;
        std::map<std::string, std::string> cells;
        for (const auto& [key, value] : job.raw()[i].items())
            if (value.is_string())
                cells[key] = value.get<std::string>();
            else if (value == Json(true))
                cells[key] = "true";
        cells["id"] = e.label();
        cells["round"] = std::to_string(std::max(round, 0));
        if (read.struck[i]) cells["struck"] = read.struck[i]->empty() ? "taken back" : *read.struck[i];
        row(cells);
    }
    return out;
}

JobFile job_from_csv(const std::string& text, const JobFile* onto, UuidSource& ids) {
    const std::string body = as_utf8(text);
    const std::string first = body.substr(0, body.find('\n'));
    const char separator = first.find(';') != std::string::npos    ? ';'
                           : first.find('\t') != std::string::npos ? '\t'
                                                                   : ',';
    const auto rows = rows_of(body, separator);
    const auto& header = rows.front();
    const auto column = [&](const char* name) {
        return std::find(header.begin(), header.end(), name) - header.begin();
    };
    for (const char* needed : {"kind", "value"})
        if (column(needed) == static_cast<std::ptrdiff_t>(header.size()))
            throw FileError{"line 1", {Code::job_missing, {needed}}};

    Json top = Json::object();
    top["format"] = "fairchalk-job";
    top["version"] = 1;
    top["car"] = Json::object();
    top["car"]["name"] = "";
    std::map<long, Json> rounds;
    std::map<long, std::vector<std::string>> lines;
    for (std::size_t r = 1; r < rows.size(); ++r) {
        const std::string place = "line " + std::to_string(r + 1);
        const auto cell = [&](const char* name) {
            const auto c = static_cast<std::size_t>(column(name));
            return c < rows[r].size() ? rows[r][c] : std::string();
        };
        if (std::all_of(rows[r].begin(), rows[r].end(), [](const std::string& s) { return s.empty(); }))
            continue;
        const std::string kind = cell("kind");
        if (kind == "wheelbase") {
            top["car"]["wheelbase"] = cell("value");
            continue;
        }
        if (kind == "rim-span") {
            if (!axle_named(cell("axle")))
                throw FileError{place + ".axle", {Code::job_unknown_word, {cell("axle"), "front, rear"}}};
            top["car"][cell("axle")]["rim_span"] = cell("value");
            continue;
        }
        long round = 0;
        if (const std::string n = cell("round"); !n.empty()) {
            if (n.size() > 4 || n.find_first_not_of("0123456789") != std::string::npos)
                throw FileError{
                    place + ".round",
                    {Code::job_wrong_type, {cut_to(n, 60), TR_NOOP("a number of a round, from 0")}}};
            round = std::stol(n);
        }
        Json& here = rounds.try_emplace(round, Json::object()).first->second;
        if (!here.contains("readings")) here["readings"] = Json::array();
        if (kind == "bar-stands") {
            const auto bar = axle_named(cell("bar"));
            if (!bar) throw FileError{place + ".bar", {Code::job_unknown_word, {cell("bar"), "front, rear"}}};
            here["bars"][*bar == Axle::front ? "front_ahead" : "rear_behind"] = cell("value");
            continue;
        }
        Json reading = Json::object();
        for (std::size_t c = 0; c < header.size(); ++c)
            if (header[c] != "round" && c < rows[r].size() && !rows[r][c].empty())
                reading[header[c]] =
                    header[c] == "before_shake" ? Json(rows[r][c] == "true") : Json(rows[r][c]);
        reading_from(reading, place);
        here["readings"].push_back(reading);
    }
    Json list = Json::array();
    for (auto& [n, round] : rounds) list.push_back(round);
    if (!onto) {
        top["rounds"] = list;
        return parse_job(top.dump(), ids);
    }
    Json joined = full_form(*onto);
    Json piece = top;
    piece["rounds"] = list;
    // Further rounds of a job: its own card stands, only the rounds come over.
    const JobFile more = parse_job(piece.dump(), ids);
    for (std::size_t i = 0; i < more.raw().size(); ++i)
        if (more.raw()[i]["kind"] != "car") joined["log"].push_back(more.raw()[i]);
    return parse_job(joined.dump(), ids);
}

}  // namespace fairchalk::book

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/equipment.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <optional>
#include <sstream>

namespace fairchalk {
namespace {

std::vector<std::string> words_of(std::string_view text) {
    std::vector<std::string> out;
    std::string word;
    const auto end = [&] {
        if (!word.empty()) out.push_back(std::move(word));
        word.clear();
    };
    for (char ch : text) {
        const auto c = static_cast<unsigned char>(ch);
        if (ch == ',' || ch == ';' || ch == '+' || ch == '&') {
            end();
            out.emplace_back(",");
        } else if (std::isspace(c) || ch == ':' || ch == '.') {
            end();
        } else {
            word += static_cast<char>(std::tolower(c));
        }
    }
    end();
    return out;
}

std::optional<int> count_of(const std::string& word) {
    constexpr std::array<std::pair<std::string_view, int>, 23> names = {
        {{"no", 0},    {"a", 1},     {"an", 1},    {"one", 1},  {"two", 2},   {"both", 2},
         {"three", 3}, {"four", 4},  {"five", 5},  {"six", 6},  {"seven", 7}, {"eight", 8},
         {"ten", 10},  {"kein", 0},  {"keine", 0}, {"ein", 1},  {"eine", 1},  {"einen", 1},
         {"zwei", 2},  {"beide", 2}, {"drei", 3},  {"vier", 4}, {"sechs", 6}}};
    for (const auto& [name, n] : names)
        if (word == name) return n;
    if (word.size() > 2 || word.empty() ||
        !std::all_of(word.begin(), word.end(), [](unsigned char c) { return std::isdigit(c); }))
        return std::nullopt;
    return std::stoi(word);
}

/// One or many of the same: stand, stands; Brett, Bretter. What is said is in small letters.
bool names(const std::string& said, std::string word) {
    std::transform(word.begin(), word.end(), word.begin(),
                   [](unsigned char c) { return c < 0x80 ? std::tolower(c) : c; });
    if (!said.starts_with(word)) return false;
    const std::string_view many = std::string_view(said).substr(word.size());
    return many.empty() || many == "s" || many == "es" || many == "e" || many == "er" || many == "n" ||
           many == "en";
}

const Thing* thing_called(const std::string& said, const Knowledge& knowledge) {
    for (const Thing& t : knowledge.things) {
        if (names(said, t.id) || names(said, t.text) || names(said, t.one)) return &t;
        for (const std::string& w : t.words)
            if (names(said, w)) return &t;
    }
    return nullptr;
}

}  // namespace

EquipmentRead read_equipment(std::string_view text, const Knowledge& knowledge) {
    EquipmentRead out;
    std::vector<std::string> part;
    const auto end = [&] {
        std::vector<std::string> words = std::move(part);
        part.clear();
        while (!words.empty() &&
               (words.front() == "i" || words.front() == "have" || words.front() == "the" ||
                words.front() == "and" || words.front() == "i've" || words.front() == "got" ||
                words.front() == "ich" || words.front() == "habe" || words.front() == "und" ||
                words.front() == "der" || words.front() == "die" || words.front() == "das"))
            words.erase(words.begin());
        if (words.empty()) return;
        std::string whole;
        for (const std::string& w : words) whole += (whole.empty() ? "" : " ") + w;
        auto count = count_of(words.front());
        if (count) words.erase(words.begin());
        if (words.size() > 2 && words[0] == "pair" && words[1] == "of") {
            count = 2;
            words.erase(words.begin(), words.begin() + 2);
        }
        if (!words.empty() && (words.front() == "some" || words.front() == "my")) words.erase(words.begin());
        // Longest name first; words before it, as in `old steel rule`, say which one and not what.
        for (std::size_t skip = 0; skip < words.size(); ++skip) {
            std::string name;
            for (std::size_t i = skip; i < words.size(); ++i) name += (name.empty() ? "" : " ") + words[i];
            if (const Thing* t = thing_called(name, knowledge)) {
                out.have[t->id] = count.value_or(t->usual);
                return;
            }
        }
        out.unknown.push_back(whole);
    };
    for (std::string& word : words_of(text)) {
        if (word == "," || word == "and" || word == "und") {
            end();
            continue;
        }
        part.push_back(std::move(word));
    }
    end();
    return out;
}

std::vector<Needed> lacking(const RigItem& rig, const Equipment& have) {
    std::vector<Needed> out;
    for (const Needed& n : rig.needs) {
        const auto it = have.find(n.thing);
        const int there = it == have.end() ? 0 : it->second;
        if (there < n.count) out.push_back({n.thing, n.count - there});
    }
    return out;
}

std::string ids_of(const Equipment& have) {
    std::string out;
    for (const auto& [id, n] : have)
        if (n > 0) out += (out.empty() ? "" : ", ") + id + " " + std::to_string(n);
    return out;
}

Equipment equipment_of_ids(std::string_view text, const Knowledge& knowledge) {
    Equipment out;
    std::istringstream in{std::string(text)};
    std::string id;
    int n = 0;
    while (in >> id >> n) {
        if (knowledge.thing(id) && n > 0) out[id] = n;
        if (in.peek() == ',') in.get();
    }
    return out;
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/job_file.h"

#include <fstream>
#include <map>
#include <set>
#include <sstream>
#include <utility>
#include "core/reading/reading_kind.h"

#include "book/node.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {
namespace {

constexpr int format_version = 1;

bool top_name(const std::string& key) {
    for (const char* known : {"format", "version", "car", "targets", "tools", "rounds", "events", "log"})
        if (key == known) return true;
    return false;
}

std::string clip(std::string s) {
    for (char& c : s)
        if (static_cast<unsigned char>(c) < 0x20) c = ' ';
    return cut_to(s, 60);
}

/// Appends entries one by one, keeping the card as it stands.
struct Builder {
    JobFile file;
    CarCard car;
    std::set<std::string> ids;
    std::map<std::string, std::string> named;  // what a person called an entry, and its id
    UuidSource* source = nullptr;
    /// The car and the targets are read: entry_from names the place inside them, which is the top itself.
    bool of_top = false;

    /// As it stands in a book: what can't be read is set aside and kept.
    void keep(Json raw, const std::string& place) {
        try {
            add(raw, place, false);
            return;
        } catch (const std::exception&) {
        }
        Entry e;
        if (raw.is_object() && raw.contains("id") && raw["id"].is_string()) {
            e.id = raw["id"].get<std::string>();
            ids.insert(e.id);
        }
        e.event = Kept{kind_of(raw)};
        file.append_set_aside(std::move(raw), std::move(e), place);
    }

    void add(Json raw, const std::string& place, bool named_by_hand) {
        if (!raw.is_object())
            wrong(place, {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("an object")}});
        if (raw.contains("id") && !raw["id"].is_string())
            wrong(place + ".id", {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a text")}});
        if (raw.contains("id")) {
            const std::string id = raw["id"].get<std::string>();
            if (!ids.insert(id).second) wrong(place + ".id", {Code::job_duplicate_id, {clip(id)}});
            if (named_by_hand && !is_uuid7(id)) {
                raw.erase("id");
                raw["name"] = id;
            }
        }
        if (!raw.contains("id") && source) {
            Json with_id = Json::object();
            with_id["id"] = source->next();
            for (const auto& [k, v] : raw.items()) with_id[k] = v;
            raw = std::move(with_id);
            ids.insert(raw["id"].get<std::string>());
        }
        // A strike may name a reading as its writer did.
        if (raw.value("kind", Json()) == "strike" && raw.contains("strikes") && raw["strikes"].is_array())
            for (Json& id : raw["strikes"])
                if (id.is_string())
                    if (const auto it = named.find(id.get<std::string>()); it != named.end()) id = it->second;
        if (raw.contains("name") && raw["name"].is_string())
            named.try_emplace(raw["name"].get<std::string>(), raw.value("id", Json("")).get<std::string>());
        Entry e = entry_from(raw, place, car);
        if (const auto* edit = std::get_if<CarEdit>(&e.event)) car = edit->car;
        if (const auto* strike = std::get_if<Strike>(&e.event))
            for (const std::string& id : strike->ids)
                if (!ids.contains(id)) wrong(place + ".strikes", {Code::job_no_such_entry, {clip(id)}});
        file.append(std::move(raw), std::move(e), of_top && !place.starts_with("tools[") ? "" : place);
    }
};

Json with_kind(const char* kind, const char* key, const Json& value) {
    Json j = Json::object();
    j["kind"] = kind;
    j[key] = value;
    return j;
}

void read_short(const Json& top, Builder& b) {
    const Json empty = Json::array();
    const Json& rounds = top.contains("rounds") ? top["rounds"] : empty;
    const Json& events = top.contains("events") ? top["events"] : empty;
    if (!rounds.is_array())
        wrong("rounds", {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a list")}});
    if (!events.is_array())
        wrong("events", {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a list")}});
    std::vector<std::vector<std::size_t>> after(rounds.size());
    for (std::size_t i = 0; i < events.size(); ++i) {
        const std::string place = "events[" + std::to_string(i) + "]";
        if (!events[i].is_object())
            wrong(place, {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("an object")}});
        if (!events[i].contains("after_round"))
            wrong(place + ".after_round", {Code::job_missing, {"after_round"}});
        const Json& n = events[i]["after_round"];
        if (!n.is_number_integer() || n.get<double>() < 0 ||
            n.get<double>() >= static_cast<double>(rounds.size()))
            wrong(place + ".after_round",
                  {Code::job_no_such_round, {clip(n.dump()), std::to_string(rounds.size())}});
        after[n.get<std::size_t>()].push_back(i);
    }
    for (std::size_t k = 0; k < rounds.size(); ++k) {
        const std::string place = "rounds[" + std::to_string(k) + "]";
        if (!rounds[k].is_object())
            wrong(place, {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("an object")}});
        Json opened = Json::object();
        opened["kind"] = "round";
        for (const auto& [key, value] : rounds[k].items()) {
            if (key == "readings") continue;
            if (key == "taken" && !value.is_string())
                wrong(place + ".taken",
                      {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a text")}});
            if (key == "kind") continue;
            opened[key == "taken" ? "at" : key] = value;
        }
        b.add(opened, place, true);
        if (rounds[k].contains("readings")) {
            const Json& readings = rounds[k]["readings"];
            if (!readings.is_array())
                wrong(place + ".readings",
                      {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a list")}});
            for (std::size_t i = 0; i < readings.size(); ++i) {
                const std::string where = place + ".readings[" + std::to_string(i) + "]";
                reading_from(readings[i], where);  // only readings belong here
                b.add(readings[i], where, true);
            }
        }
        for (std::size_t i : after[k]) {
            Json e = events[i];
            e.erase("after_round");
            const std::string where = "events[" + std::to_string(i) + "]";
            if (e.contains("kind") && e["kind"].is_string() && e["kind"] == "round")
                wrong(where + ".kind",
                      {Code::job_unknown_word,
                       {"round", TR_NOOP("turn, jacked, strings-moved, note and the like")}});
            b.add(e, where, true);
        }
    }
}

}  // namespace

void JobFile::append(Json raw, Entry read, std::string place) {
    raw_.push_back(std::move(raw));
    entries_.push_back(std::move(read));
    places_.push_back(std::move(place));
}

void JobFile::append_set_aside(Json raw, Entry kept, std::string place) {
    set_aside_.insert(size());
    append(std::move(raw), std::move(kept), std::move(place));
}

void JobFile::cut(std::size_t to) {
    if (to >= size()) return;
    raw_.resize(to);
    entries_.resize(to);
    places_.resize(to);
    set_aside_.erase(set_aside_.lower_bound(to), set_aside_.end());
}

std::string JobFile::label(std::size_t i) const {
    const Entry& e = entries_[i];
    const std::string& at = places_[i];
    if (!e.name.empty()) return e.name;
    return e.id.empty() || at.starts_with("rounds[") || at.starts_with("events[") ? at : e.id;
}

Json JobFile::last(const std::string& name, const Job& of_this) const {
    for (std::size_t i = size(); i-- > 0;)
        if (of_this.live(i) && !set_aside_.contains(i) && kind_of(raw_[i]) == name && raw_[i].contains(name))
            return raw_[i][name];
    return Json::object();
}

std::string read_file(const std::filesystem::path& path) {
    const auto cannot = [&](const char* why) { wrong("", {Code::job_cannot_read, {path.string(), why}}); };
    std::error_code error;
    if (std::filesystem::is_directory(path, error)) cannot("it is a folder");
    std::ifstream in(path, std::ios::binary);
    if (!in) cannot("there is no such file, or it is not yours to read");
    std::string text;
    std::string block(1 << 16, '\0');
    while (in.read(block.data(), static_cast<std::streamsize>(block.size())) || in.gcount() > 0) {
        text.append(block, 0, static_cast<std::size_t>(in.gcount()));
        if (text.size() > largest_file) wrong("", {Code::job_too_big, {std::to_string(text.size())}});
    }
    return text;
}

namespace {

std::string place_of(const std::vector<std::string>& path) {
    std::string place;
    for (const std::string& p : path)
        if (!p.empty()) place += (place.empty() ? "" : ".") + p;
    return place;
}

/// Before anything of it is read: as much as one job may hold.
void within_bounds(const Json& top) {
    const auto few = [](const std::string& place, const char* what, std::size_t found, std::size_t most) {
        if (found > most)
            wrong(place, {Code::job_wrong_type,
                          {std::to_string(found) + " " + what,
                           words::fill(TR_NOOP("at most {0} of them in one job"), {std::to_string(most)})}});
    };
    std::size_t rounds = 0, readings = 0, turns = 0;
    const auto count = [&](const Json& e) {
        const std::string kind = kind_of(e);
        rounds += kind == "round";
        turns += kind == "turn";
        readings += reading_kind_named(kind).has_value();
    };
    for (const char* list : {"log", "events"})
        if (top.contains(list) && top[list].is_array()) {
            few(list, "entries", top[list].size(), most_entries);
            for (const Json& e : top[list]) count(e);
        }
    if (top.contains("rounds") && top["rounds"].is_array()) {
        rounds += top["rounds"].size();
        for (const Json& r : top["rounds"])
            if (r.is_object() && r.contains("readings") && r["readings"].is_array())
                readings += r["readings"].size();
    }
    few("", "rounds", rounds, most_rounds);
    few("", "readings", readings, most_readings);
    few("", "turns", turns, most_turns_made);
}

}  // namespace

namespace {

/// Reads text as JSON without making anything of it: nothing too deep, too long, or said twice. (The
/// library's own way to watch while it makes values takes the square of the time for a long list.)
class Watch : public nlohmann::json_sax<Json> {
  public:
    bool null() override { return true; }
    bool boolean(bool) override { return true; }
    bool number_integer(number_integer_t) override { return true; }
    bool number_unsigned(number_unsigned_t) override { return true; }
    bool number_float(number_float_t, const string_t&) override { return true; }
    bool binary(binary_t&) override { return true; }
    bool string(string_t& text) override {
        if (const std::size_t n = characters_in(text); n > longest_text)
            wrong(place_of(path_),
                  {Code::job_wrong_type,
                   {words::fill(TR_NOOP("a text of {0} characters"), {std::to_string(n)}),
                    words::fill(TR_NOOP("one of at most {0}"), {std::to_string(longest_text)})}});
        return true;
    }
    bool start_object(std::size_t) override {
        names_.emplace_back();
        return deeper();
    }
    bool end_object() override {
        names_.pop_back();
        path_.pop_back();
        return true;
    }
    bool start_array(std::size_t) override { return deeper(); }
    bool end_array() override {
        path_.pop_back();
        return true;
    }
    bool key(string_t& name) override {
        path_.back() = name;
        if (names_.back().size() == most_keys)
            wrong(place_of(path_),
                  {Code::job_wrong_type,
                   {TR_NOOP("an object of more names than that"),
                    words::fill(TR_NOOP("one of at most {0} names"), {std::to_string(most_keys)})}});
        if (!names_.back().insert(name).second)
            wrong(place_of(path_), {Code::job_duplicate_key, {clip(name)}});
        return true;
    }
    bool parse_error(std::size_t, const std::string&, const nlohmann::detail::exception&) override {
        return false;  // said when it is parsed
    }

  private:
    bool deeper() {
        path_.emplace_back();
        if (static_cast<int>(path_.size()) > deepest)
            wrong(path_.front(), {Code::job_too_deep, {std::to_string(deepest)}});
        return true;
    }
    std::vector<std::set<std::string>> names_;
    std::vector<std::string> path_;
};

}  // namespace

Json parse_json(const std::string& text) {
    try {
        Watch watch;
        Json::sax_parse(text, &watch);
        return Json::parse(text);
    } catch (const Json::parse_error& e) {
        std::string why = e.what();
        // "[json.exception.parse_error.101] parse error at line 1, column 5: …": the part that says what.
        if (const auto at = why.find("]"); at != std::string::npos) why = why.substr(at + 2);
        std::string plain;
        for (char c : why)
            plain += static_cast<unsigned char>(c) < 0x20 || static_cast<unsigned char>(c) > 0x7e ? '?' : c;
        wrong("", {Code::job_not_json, {std::to_string(e.byte), plain.substr(0, 200)}});
    } catch (const Json::exception& e) {
        std::string why = e.what();
        if (const auto at = why.find("]"); at != std::string::npos) why = why.substr(at + 2);
        wrong("", {Code::job_not_json, {"?", clip(why)}});
    }
}

JobFile parse_job(const std::string& text, UuidSource& ids) {
    const Json top = parse_json(text);
    if (!top.is_object())
        wrong("", {Code::job_wrong_type,
                   {top.is_array() ? TR_NOOP("a list") : TR_NOOP("something else"),
                    TR_NOOP("an object with format \"fairchalk-job\"")}});
    if (!top.contains("format")) wrong("format", {Code::job_missing, {"format"}});
    if (top["format"] != "fairchalk-job")
        wrong("format", {Code::job_not_a_job, {clip(top["format"].dump())}});
    if (!top.contains("version")) wrong("version", {Code::job_missing, {"version"}});
    if (!top["version"].is_number_integer() || top["version"].get<double>() < 1)
        wrong("version", {Code::job_wrong_type, {clip(top["version"].dump()), TR_NOOP("the number 1")}});
    if (top["version"].get<double>() > format_version)
        wrong("version", {Code::job_newer, {clip(top["version"].dump()), std::to_string(format_version)}});
    if (top.contains("log") && (top.contains("rounds") || top.contains("events")))
        wrong("log", {Code::job_two_forms, {}});
    if (!top.contains("car")) wrong("car", {Code::job_missing, {"car"}});

    within_bounds(top);
    Builder b;
    b.source = &ids;
    b.of_top = true;
    for (const auto& [key, value] : top.items())
        if (!top_name(key)) b.file.extras[key] = value;
    const bool full = top.contains("log");
    if (full && !top["log"].is_array())
        wrong("log", {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a list")}});

    // The log of a full form begins with the card and targets as entries; the names at the top show them to
    // readers.
    const auto in_log = [&](const char* kind) {
        if (!full) return false;
        for (const Json& e : top["log"])
            if (e.is_object() && e.contains("kind") && e["kind"] == kind)
                return e.contains(kind) && e[kind] == top[kind];
        return false;
    };
    car_from(top["car"], "car");
    if (!in_log("car")) b.add(with_kind("car", "car", top["car"]), "car", false);
    if (top.contains("targets")) {
        targets_from(top["targets"], "targets");
        if (!in_log("targets")) b.add(with_kind("targets", "targets", top["targets"]), "targets", false);
    }
    if (top.contains("tools")) {
        if (!top["tools"].is_array())
            wrong("tools", {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("a list")}});
        for (std::size_t i = 0; i < top["tools"].size(); ++i) {
            Json tool = Json::object();
            tool["kind"] = "tool";
            if (!top["tools"][i].is_object())
                wrong("tools[" + std::to_string(i) + "]",
                      {Code::job_wrong_type, {TR_NOOP("something else"), TR_NOOP("an object")}});
            tool.update(top["tools"][i]);
            b.add(tool, "tools[" + std::to_string(i) + "]", true);
        }
    }
    b.of_top = false;
    if (full) {
        for (std::size_t i = 0; i < top["log"].size(); ++i)
            b.add(top["log"][i], "log[" + std::to_string(i) + "]", false);
    } else {
        read_short(top, b);
    }
    return std::move(b.file);
}

JobFile read_job(const std::filesystem::path& path, UuidSource& ids) {
    return parse_job(read_file(path), ids);
}

JobFile from_entries(std::vector<Json> raw, Json extras) {
    Builder b;
    b.file.extras = std::move(extras);
    for (std::size_t i = 0; i < raw.size(); ++i) b.keep(std::move(raw[i]), "log[" + std::to_string(i) + "]");
    return std::move(b.file);
}

std::string kind_of(const Json& raw) {
    return raw.is_object() && raw.contains("kind") && raw["kind"].is_string() ? raw["kind"].get<std::string>()
                                                                              : std::string();
}

namespace {

/// What was set aside goes into a file whole, under a kind that every version only keeps.
Json written(const JobFile& job, std::size_t i) {
    if (!job.set_aside().contains(i)) return job.raw()[i];
    Json out = Json::object();
    if (!job.entries()[i].id.empty()) out["id"] = job.entries()[i].id;
    out["kind"] = "set-aside";
    out["entry"] = job.raw()[i];
    return out;
}

Json head(const JobFile& job) {
    Json top = Json::object();
    top["format"] = "fairchalk-job";
    top["version"] = format_version;
    for (const char* kind : {"car", "targets"})
        for (std::size_t i = 0; i < job.raw().size(); ++i)
            if (kind_of(job.raw()[i]) == kind && !job.set_aside().contains(i)) {
                top[kind] = job.raw()[i][kind];
                break;
            }
    if (!top.contains("car")) top["car"] = Json::object();
    return top;
}

void put_extras(const JobFile& job, Json& top) {
    for (const auto& [k, v] : job.extras.items()) top[k] = v;
}

/// As a person writes it: the name as id, where only one has it, and no UUID that nothing in the file refers
/// to.
class ByName {
  public:
    explicit ByName(const JobFile& job) {
        std::set<std::string> taken;
        for (const Entry& e : job.entries()) {
            if (const Strike* s = std::get_if<Strike>(&e.event))
                referred_.insert(s->ids.begin(), s->ids.end());
            if (!e.name.empty() && !is_uuid7(e.name) && taken.insert(e.name).second) names_[e.id] = e.name;
        }
    }
    Json operator()(const Json& raw) const {
        Json out = Json::object();
        const std::string id =
            raw.contains("id") && raw["id"].is_string() ? raw["id"].get<std::string>() : "";
        const auto it = names_.find(id);
        if (it != names_.end()) out["id"] = it->second;
        for (const auto& [k, v] : raw.items()) {
            if (it != names_.end() && (k == "name" || k == "id")) continue;
            if (k == "id" && is_uuid7(id) && !referred_.contains(id) && !raw.contains("name")) continue;
            out[k] = v;
        }
        if (kind_of(raw) == "strike" && out.contains("strikes"))
            for (Json& struck : out["strikes"])
                if (const auto name = names_.find(struck.get<std::string>()); name != names_.end())
                    struck = name->second;
        return out;
    }

  private:
    std::set<std::string> referred_;
    std::map<std::string, std::string> names_;  // of an id
};

}  // namespace

Json full_form(const JobFile& job) {
    Json top = head(job);
    put_extras(job, top);
    top["log"] = Json::array();
    for (std::size_t i = 0; i < job.raw().size(); ++i) top["log"].push_back(written(job, i));
    return top;
}

Json short_form(const JobFile& job) {
    Json top = head(job);
    put_extras(job, top);
    Json rounds = Json::array(), events = Json::array();
    bool first_car = true, first_targets = true;
    const ByName unnamed(job);
    for (std::size_t i = 0; i < job.entries().size(); ++i) {
        const Entry& e = job.entries()[i];
        const Json raw = written(job, i);
        if (std::holds_alternative<CarEdit>(e.event) && std::exchange(first_car, false)) continue;
        if (std::holds_alternative<TargetsEdit>(e.event) && std::exchange(first_targets, false)) continue;
        if (std::holds_alternative<RoundOpened>(e.event)) {
            Json r = Json::object();
            for (const auto& [k, v] : raw.items())
                if (k != "kind" && k != "id" && (k != "at" || v.is_string())) r[k == "at" ? "taken" : k] = v;
            r["readings"] = Json::array();
            rounds.push_back(r);
            continue;
        }
        if (rounds.empty() && std::holds_alternative<ToolSet>(e.event)) {
            Json tool = unnamed(raw);
            tool.erase("kind");
            top["tools"].push_back(tool);
            continue;
        }
        if (rounds.empty()) {
            Json r = Json::object();
            r["readings"] = Json::array();
            rounds.push_back(r);
        }
        if (std::holds_alternative<Reading>(e.event)) {
            rounds.back()["readings"].push_back(unnamed(raw));
        } else {
            Json event = Json::object();
            event["after_round"] = rounds.size() - 1;
            const Json named = unnamed(raw);
            for (const auto& [k, v] : named.items()) event[k] = v;
            events.push_back(event);
        }
    }
    top["rounds"] = rounds;
    if (!events.empty()) top["events"] = events;
    return top;
}

}  // namespace fairchalk::book

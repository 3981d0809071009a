// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/car_file.h"

#include <fstream>

#include "book/node.h"
#include "core/quantity/translatable.h"

namespace fairchalk::book {
namespace {

constexpr const char *car_format = "fairchalk-car", *figures_format = "fairchalk-figures",
                     *job_format = "fairchalk-job";

/// The file as an object of that format.
Json of_format(const std::string& text, const char* format) {
    Json j = parse_json(text);
    const Node n(j, "");
    n.object();
    n["format"].word({format});
    if (n["version"].number() != 1.0)
        wrong("version", {Code::job_unknown_word, {n["version"].json().dump(), "1"}});
    return j;
}

}  // namespace

Json car_file(const Json& card) {
    return {{"format", car_format}, {"version", 1}, {"car", card}};
}

Json card_in(const std::string& text) {
    const Json j = parse_json(text);
    const Node n(j, "");
    n.object();
    n["format"].word({car_format, job_format});
    car_from(n["car"].json(), "car");
    return j["car"];
}

Figures figures_in(const std::string& text) {
    const Json j = of_format(text, figures_format);
    const Node n(j, "");
    Figures f{n["name"].text(), n.has("source") ? n["source"].text() : std::string(), n["targets"].json()};
    if (f.name.empty())
        wrong("name", {Code::job_wrong_type, {TR_NOOP("an empty text"), TR_NOOP("a name, like road")}});
    targets_from(f.targets, "targets");
    return f;
}

Json with_figures(Json card, const Figures& figures) {
    Json targets = figures.targets;
    if (!figures.source.empty()) targets["source"] = figures.source;
    card["setups"][figures.name] = std::move(targets);
    card["setup_in_use"] = figures.name;
    car_from(card, "car");
    return card;
}

FileIs what_is(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::string head(15, '\0');
    in.read(head.data(), 15);
    if (in && head == "SQLite format 3") return FileIs::book;
    const auto ends = [&](std::string_view with) {
        return path.size() > with.size() && path.ends_with(with);
    };
    if (ends(".csv") || ends(".CSV")) return FileIs::readings;
    try {
        const Json j = parse_json(read_file(path));
        if (!j.is_object()) return FileIs::unknown;
        const std::string format =
            j.contains("format") && j["format"].is_string() ? j["format"].get<std::string>() : "";
        if (format == car_format) return FileIs::car;
        if (format == figures_format) return FileIs::figures;
        if (j.contains("kind") && j["kind"] == "shop-sheet") return FileIs::sheet;
        return format == job_format || j.contains("rounds") || j.contains("log") ? FileIs::job
                                                                                 : FileIs::unknown;
    } catch (const FileError&) {
        return FileIs::unknown;
    }
}

}  // namespace fairchalk::book

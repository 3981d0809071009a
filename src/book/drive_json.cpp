// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/drive_json.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

#include <string>
#include <string_view>
#include <utility>

namespace fairchalk::book {
namespace {

/// A bare sign is right positive; `7 deg left` says it too.
Angle wheel_off_from(const Node& n) {
    if (!n.json().is_string()) return n.angle();
    std::string text = n.text();
    for (const auto& [word, sign] : {std::pair(" left", -1.0), {" right", 1.0}}) {
        if (!text.ends_with(word)) continue;
        text.resize(text.size() - std::string_view(word).size());
        const Json alone = text;
        const Angle off = Node(alone, n.place()).angle();
        // Both a sign and a side: nobody knows which was meant.
        if (text.find('-') != std::string::npos)
            wrong(n.place(), {Code::job_wrong_type,
                              {words::fill(TR_NOOP("a sign and a side: {0}"), {n.text()}),
                               TR_NOOP("7 deg left or -7 deg")}});
        return off * sign;
    }
    return n.angle();
}

/// Which way it goes with the wheel held level: `left`, `right`, `no`.
Drift pull_from(const Node& n) {
    const std::string word = n.word({"left", "right", "no"});
    return word == "left" ? Drift::left : word == "right" ? Drift::right : Drift::straight;
}

}  // namespace

Driven drive_from(const Node& n) {
    Driven d;
    if (n.has("wheel_off")) d.wheel_off = wheel_off_from(n["wheel_off"]);
    if (n.has("how")) d.how = n["how"].text();
    if (n.has("drifts")) d.drift = n["drifts"].named<Drift>(drift_named, "left, straight, right");
    if (n.has("pulls")) d.drift = pull_from(n["pulls"]);
    if (n.has("wheel_sigma")) {
        d.wheel_sigma = n["wheel_sigma"].angle();
        if (!(d.wheel_sigma->deg() > 0.0))
            wrong(n["wheel_sigma"].place(),
                  {Code::text_must_be_positive, {n["wheel_sigma"].text(), "", "1.5 deg", "0.5 deg"}});
    }
    if (n.has("feels"))
        for (std::size_t i = 0; i < n["feels"].list(); ++i) d.feels.push_back(n["feels"][i].text());
    if (n.has("note")) d.note = n["note"].text();
    return d;
}

void drive_json(const Driven& d, Json& j) {
    if (d.wheel_off) j["wheel_off"] = write_exact(*d.wheel_off);
    if (!d.how.empty()) j["how"] = d.how;
    if (d.drift) j["drifts"] = name_of(*d.drift);
    if (d.wheel_sigma) j["wheel_sigma"] = write_exact(*d.wheel_sigma);
    if (!d.feels.empty()) j["feels"] = d.feels;
    if (!d.note.empty()) j["note"] = d.note;
}

}  // namespace fairchalk::book

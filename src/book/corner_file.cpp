// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/corner_file.h"

#include "book/node.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {
namespace {

constexpr double furthest = 100'000.0;  // mm: nothing on a car lies further away

/// A number of at most `most` either way.
double within(const Node& n, double most, const char* in_words) {
    const double v = n.number();
    if (std::abs(v) > most) wrong(n.place(), {Code::job_out_of_reach, {n.json().dump(), in_words}});
    return v;
}

Eigen::Vector3d vector_from(const Node& n) {
    if (n.list() != 3)
        wrong(n.place(), {Code::job_wrong_type,
                          {words::fill(TR_NOOP("{0} numbers"), {std::to_string(n.list())}),
                           TR_NOOP("three: forward, outward, up")}});
    Eigen::Vector3d v;
    for (std::size_t i = 0; i < 3; ++i) v[static_cast<Eigen::Index>(i)] = within(n[i], furthest, "100 m");
    return v;
}

std::string names_of(CornerKind kind, bool moved) {
    std::vector<std::string_view> names;
    for (Hardpoint p : points_of(kind))
        if (!moved || on_chassis(kind, p)) names.push_back(name_of(p));
    if (moved && has_rod(kind)) names.emplace_back("rod");
    return listed(names);
}

Json json_of(const CornerAngles& a) {
    return {{"toe_deg", a.toe.deg()},
            {"camber_deg", a.camber.deg()},
            {"caster_deg", a.caster.deg()},
            {"sai_deg", a.sai.deg()}};
}

}  // namespace

CornerJob corner_from(const Json& json) {
    const Node root(json, "");
    root.object();
    CornerJob job;
    Corner& c = job.corner;
    c.kind = root["kind"].named<CornerKind>(corner_kind_named,
                                            "double-wishbone, strut, beam, trailing-arm, fixed");
    const Node points = root["points"];
    points.object();
    for (const auto& [key, value] : points.json().items()) {
        const auto p = hardpoint_named(key);
        const auto all = points_of(c.kind);
        if (!p || std::find(all.begin(), all.end(), *p) == all.end())
            wrong("points." + cut_to(key, 60),
                  {Code::job_unknown_word, {cut_to(key, 60), names_of(c.kind, false)}});
    }
    for (Hardpoint p : points_of(c.kind)) c.at(p) = vector_from(points[std::string(name_of(p)).c_str()]);
    if (root.has("camber_deg")) c.camber = Angle::from_deg(within(root["camber_deg"], 60.0, "60 degrees"));
    if (root.has("toe_deg")) c.toe = Angle::from_deg(within(root["toe_deg"], 60.0, "60 degrees"));
    if (!root.has("moves")) return job;
    const Node moves = root["moves"];
    moves.object();
    for (const auto& [key, value] : moves.json().items()) {
        const Node n(value, "moves." + cut_to(key, 60));
        if (key == "rod" && has_rod(c.kind)) {
            job.move.length(Link::rod) = within(n, furthest, "100 m");
            continue;
        }
        const auto p = hardpoint_named(key);
        if (!p || !on_chassis(c.kind, *p))
            wrong(n.place(), {Code::job_unknown_word, {cut_to(key, 60), names_of(c.kind, true)}});
        job.move.at(*p) = vector_from(n);
    }
    return job;
}

Json corner_answer(const CornerJob& job) {
    const auto after = solve_corner(job.corner, job.move);
    if (!after) wrong("moves", after.error());
    return {{"before", json_of(angles_of(job.corner))}, {"after", json_of(*after)}};
}

}  // namespace fairchalk::book

// SPDX-License-Identifier: GPL-3.0-or-later
#include "drawer.h"

#include <algorithm>

#include "book/entry_json.h"
#include "book/job_file.h"

namespace fairchalk::desk {
namespace {

/// The garage's tools as the book keeps them: entries of a log, in a list.
std::string textOf(const std::vector<Tool>& tools) {
    book::Json all = book::Json::array();
    for (const Tool& t : tools) all.push_back(book::json_of(Entry{t.name, {}, {}, {}, {}, ToolSet{t}}));
    return all.dump();
}
std::vector<Tool> toolsOf(const std::optional<std::string>& text) {
    std::vector<Tool> out;
    if (!text || text->empty()) return out;
    try {
        for (const book::Json& j : book::parse_json(*text)) {
            const Entry e = book::entry_from(j, "tools", {});
            if (const ToolSet* set = std::get_if<ToolSet>(&e.event)) out.push_back(set->tool);
        }
    } catch (const book::FileError&) {
        // Kept by a newer version: what it knows of a tool is not known here.
    }
    return out;
}

template <class Tools>
auto by_name(Tools& tools, const std::string& name) {
    return std::find_if(tools.begin(), tools.end(), [&](const Tool& t) { return t.name == name; });
}

}  // namespace

void Drawer::open(const std::optional<std::string>& kept) {
    garage_ = toolsOf(kept);
}

void Drawer::beginJob() {
    taken_up_.clear();
    set_here_.clear();
}

std::vector<Tool> Drawer::all(const Job& job) const {
    std::vector<Tool> out(standard_tools().begin(), standard_tools().end());
    for (const auto* own : {&job.tools, &garage_})
        for (const Tool& t : *own) {
            if (const auto it = by_name(out, t.name); it != out.end())
                *it = t;
            else
                out.push_back(t);
        }
    std::stable_sort(out.begin(), out.end(),
                     [](const Tool& a, const Tool& b) { return a.quantity < b.quantity; });
    return out;
}

const Tool* Drawer::named(const std::string& name, const Job& job) const {
    const auto it = by_name(garage_, name);
    return it != garage_.end() ? &*it : job.tool(name);
}

bool Drawer::isOwn(const std::string& name, const Job& job) const {
    return by_name(garage_, name) != garage_.end() || by_name(job.tools, name) != job.tools.end();
}

void Drawer::set(const std::string& name) {
    const auto it = by_name(garage_, name);
    set_here_.try_emplace(name, it != garage_.end() ? std::optional(*it) : std::nullopt);
}

std::optional<std::string> Drawer::follow(const Job& job) {
    const auto before = garage_;
    for (const auto& [name, was] : set_here_) {
        std::erase_if(garage_, [&, &called = name](const Tool& t) { return t.name == called; });
        if (const auto own = by_name(job.tools, name); own != job.tools.end())
            garage_.push_back(*own);
        else if (was)
            garage_.push_back(*was);
    }
    return garage_ != before ? std::optional(textOf(garage_)) : std::nullopt;
}

std::string Drawer::lengthTool(const Job& job, const LinesSet& lines, const std::string& usual) const {
    if (!lines.tool.empty()) return lines.tool;
    if (job.log)
        for (std::size_t i = job.log->size(); i-- > 0;)
            if (const Reading* r = std::get_if<Reading>(&(*job.log)[i].event); r && !r->tool.empty())
                // What reads angles, or one rig alone, is not what lengths are read with; nor what a way of
                // measuring has of its own.
                if (const Tool* t = named(r->tool, job);
                    t && job.live(i) && rig_of(r->spot.kind).tool.empty() &&
                    t->quantity == QuantityKind::length && !serves_one_rig(r->tool))
                    return r->tool;
    return usual;
}

std::string Drawer::gauge(const LinesSet& lines) {
    return lines.gauge.empty() ? "digital-angle-gauge" : lines.gauge;
}

std::string Drawer::toolFor(const Spot& spot, const Job& job, const LinesSet& lines,
                            const std::string& usual) const {
    const Rig& rig = rig_of(spot.kind);
    const auto it = taken_up_.find(std::string(rig.id));
    if (it != taken_up_.end()) return it->second;
    const bool angle = reading_kind(spot.kind).quantity() == QuantityKind::angle;
    if (rig.tool.empty()) return angle ? gauge(lines) : lengthTool(job, lines, usual);
    if (job.log)
        for (std::size_t i = job.log->size(); i-- > 0;)
            if (const Reading* r = std::get_if<Reading>(&(*job.log)[i].event);
                r && job.live(i) && &rig_of(r->spot.kind) == &rig && !r->tool.empty())
                return r->tool;
    return std::string(rig.tool);
}

void Drawer::takeUp(const Spot& spot, const std::string& tool) {
    taken_up_[std::string(rig_of(spot.kind).id)] = tool;
}

}  // namespace fairchalk::desk

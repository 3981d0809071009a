// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <optional>
#include <string>
#include <vector>

#include "core/job/rig.h"

namespace fairchalk::desk {

/// The drawer: the standard tools, and this garage's own as they were last said to be in any job of the book.
/// What is said of a tool in the open job holds for the garage too, and is taken back with it.
class Drawer {
  public:
    /// The garage's own tools as the book keeps them; nothing where it keeps none.
    void open(const std::optional<std::string>& kept);
    /// Another job: no tool is taken up, and nothing was said of any.
    void beginJob();

    /// Lengths before angles.
    std::vector<Tool> all(const Job& job) const;
    const Tool* named(const std::string& name, const Job& job) const;
    bool isOwn(const std::string& name, const Job& job) const;

    /// Something is about to be said of a tool in this job.
    void set(const std::string& name);
    /// What the book is to keep of the garage's tools as this job now has them; nothing where that is so
    /// already.
    std::optional<std::string> follow(const Job& job);

    /// What lengths are read with: as chosen, else as last used, else a rule in the units that are shown.
    std::string lengthTool(const Job& job, const LinesSet& lines, const std::string& usual) const;
    /// What angles are read with: as chosen, else a digital gauge.
    static std::string gauge(const LinesSet& lines);
    /// What a spot is read with: what was taken up for its rig, else what it was last read with, else its
    /// own.
    std::string toolFor(const Spot& spot, const Job& job, const LinesSet& lines,
                        const std::string& usual) const;
    void takeUp(const Spot& spot, const std::string& tool);

  private:
    std::vector<Tool> garage_;
    std::map<std::string, std::optional<Tool>> set_here_;  ///< in this job, and as they were before
    std::map<std::string, std::string> taken_up_;          ///< by rig, until the job is left
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include <QString>

#include "core/job/stage.h"

namespace fairchalk::desk {

class Guide;
class GaugeWire;
class JobDesk;

/// Pages that are no stage of a job.
enum class PageId {
    none,
    evening,
    record,
    tires,
    shop,
    repair,
    card,
    baseline,
    rig,
    tools,
    lock,
    truth,
    lesson,
    wire,
    making,
    practice
};

/// A page, and what it is about: a rig's id, a tool's name, a lesson, what is made.
struct Page {
    PageId id = PageId::none;
    QString about = {};

    bool none() const { return id == PageId::none; }
    bool operator==(const Page&) const = default;
    bool operator<(const Page& o) const { return id != o.id ? id < o.id : about < o.about; }
};

/// What pages are made with. The gauge's wire is opened only by the page that needs it.
struct PageMaker {
    JobDesk& desk;
    QObject* parent;
    std::function<GaugeWire&()> wire;
};

/// The guide of a page that is one.
Guide* guide_of(const Page& page, const PageMaker& with);
/// The guide of a stage; those that read and turn by readings are the window's own. `wheel_only`: the turns
/// of the job that only straightens the wheel.
Guide* guide_of(Stage stage, bool wheel_only, const PageMaker& with);

}  // namespace fairchalk::desk

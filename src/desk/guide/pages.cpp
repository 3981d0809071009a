// SPDX-License-Identifier: GPL-3.0-or-later
#include <array>

#include "after/repair_guide.h"
#include "after/shop_guide.h"
#include "after/tires_guide.h"
#include "ask/ask_guide.h"
#include "card/card_guide.h"
#include "check/check_guide.h"
#include "drive/drive_guide.h"
#include "evening/evening_guide.h"
#include "ground/ground_guide.h"
#include "guide/page.h"
#include "lock/lock_guide.h"
#include "practice/lesson_guide.h"
#include "practice/truth_guide.h"
#include "record/record_guide.h"
#include "rig/lines_guide.h"
#include "rig/making_guide.h"
#include "rig/tools_guide.h"
#include "steering/steering_guide.h"
#include "wire/wire_guide.h"

namespace fairchalk::desk {
namespace {

using Make = Guide* (*)(const PageMaker& with, const QString& about);

/// A guide that is about nothing but the job.
template <class G>
Guide* plain(const PageMaker& with, const QString&) {
    return new G(with.desk, with.parent);
}
/// One that is about something told by its name.
template <class G>
Guide* about(const PageMaker& with, const QString& what) {
    return new G(with.desk, what, with.parent);
}
Guide* rig(const PageMaker& with, const QString& id) {
    return new RigGuide(with.desk, id.toStdString(), with.parent);
}
Guide* wire(const PageMaker& with, const QString&) {
    return new WireGuide(with.desk, with.wire(), with.parent);
}

struct OfPage {
    PageId id;
    Make make;
};
constexpr std::array pages = {
    OfPage{PageId::evening, plain<EveningGuide>},
    OfPage{PageId::record, plain<RecordGuide>},
    OfPage{PageId::tires, plain<TiresGuide>},
    OfPage{PageId::shop, plain<ShopGuide>},
    OfPage{PageId::repair, plain<RepairGuide>},
    OfPage{PageId::card, about<CardGuide>},
    OfPage{PageId::baseline, plain<BaselineGuide>},
    OfPage{PageId::rig, rig},
    OfPage{PageId::tools, about<ToolsGuide>},
    OfPage{PageId::lock, plain<LockGuide>},
    OfPage{PageId::truth, plain<TruthGuide>},
    OfPage{PageId::lesson, about<LessonGuide>},
    OfPage{PageId::wire, wire},
    OfPage{PageId::making, about<MakingGuide>},
};

struct OfStage {
    Stage stage;
    Make make;
};
constexpr std::array stages = {
    OfStage{Stage::ask, plain<AskGuide>},      OfStage{Stage::check_over, plain<CheckGuide>},
    OfStage{Stage::floor, plain<GroundGuide>}, OfStage{Stage::steering, plain<SteeringGuide>},
    OfStage{Stage::lines, plain<LinesGuide>},  OfStage{Stage::drive, plain<DriveGuide>},
};

}  // namespace

Guide* guide_of(const Page& page, const PageMaker& with) {
    for (const OfPage& p : pages)
        if (p.id == page.id) return p.make(with, page.about);
    return nullptr;
}

Guide* guide_of(Stage stage, bool wheel_only, const PageMaker& with) {
    if (stage == Stage::turn && wheel_only) return new WheelGuide(with.desk, with.parent);
    for (const OfStage& s : stages)
        if (s.stage == stage) return s.make(with, {});
    return nullptr;
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rigs/common.h"

// How a wheel leans, and by sweeping it how its steering axis does.

namespace fairchalk::rigs {
namespace {

/// Camber, as it stands.
class CamberRig : public Rig {
  public:
    using Rig::Rig;

  protected:
    virtual void tool(RigPen& pen, const BehindView& v) const = 0;

  private:
    void drawing(RigPen& pen) const final {
        const BehindView v(pen);
        tool(pen, v);
        v.half_turn(pen);
    }
};

class CamberGauge final : public CamberRig {
  public:
    using CamberRig::CamberRig;

  private:
    void tool(RigPen& pen, const BehindView& v) const override {
        const auto x = [&](double at) { return v.x(at); };
        if (pen.part("camber-gauge", 6)) {
            pen.line({x(BehindView::lip_upper - 4), 92}, {x(BehindView::lip_lower - 12), 330});
            pen.cover();
            pen.box({x(240) - 30, 180}, 60, 64, 8);
            pen.line({x(240) - 14, 212}, {x(240) + 14, 212});
        }
        if (pen.part("lean-test", 3) && pen.now()) {
            pen.arc({x(240) - 70, 60}, 140, 80, 30, 120);
            pen.arrow({x(180), 74}, {x(178), 92});
            pen.say({x(110), 66}, TR_NOOP("lean it: which way?"));
        }
        const bool reversed = pen.at() && reading_kind(pen.at()->kind).end_for_end();
        if (pen.part("end-for-end", 3) && (pen.now() || reversed)) {
            pen.arc({x(170) - 40, 130}, 80, 164, 90, v.left ? 180 : -180);
            pen.arrow({x(140), 286}, {x(172), 294});
            pen.say({x(100), 212}, TR_NOOP("end for end"));
        }
    }
};

class CamberGap final : public CamberRig {
  public:
    using CamberRig::CamberRig;

  private:
    void tool(RigPen& pen, const BehindView& v) const override {
        const auto x = [&](double at) { return v.x(at); };
        if (pen.part("level", 7)) {
            pen.line({x(BehindView::lip_lower - 5), 60}, {x(BehindView::lip_lower - 5), 330});
            pen.box({x(BehindView::lip_lower - 5) - 7, 190}, 14, 40);
        }
        if (pen.part("gap", 3)) {
            pen.measure({x(BehindView::lip_lower - 2), 108}, {x(BehindView::lip_upper + 2), 108});
            pen.say({x(150), 108}, TR_NOOP("the gap"));
        }
    }
};

class CamberPlumb final : public CamberRig {
  public:
    using CamberRig::CamberRig;

  private:
    void tool(RigPen& pen, const BehindView& v) const override {
        const auto x = [&](double at) { return v.x(at); };
        const auto& at = pen.at();
        const bool upper = at && at->kind == kinds.front();
        if (pen.part("plumb", 3)) {
            pen.line({x(200), 20}, {x(200), 330});
            pen.polygon({{x(200) - 9, 330}, {x(200) + 9, 330}, {x(200), 356}});
        }
        if (pen.part("plumb-gaps", !at || upper, 3)) {
            pen.measure({x(202), 108}, {x(BehindView::lip_upper), 108});
            pen.say({x(190), 108}, TR_NOOP("upper"), v.left ? Align::right : Align::left);
        }
        if (pen.part("plumb-gaps", !at || !upper, 3)) {
            pen.measure({x(202), 316}, {x(BehindView::lip_lower), 316});
            pen.say({x(190), 316}, TR_NOOP("lower"), v.left ? Align::right : Align::left);
        }
    }
};

/// Caster by a sweep: three stands of one kind of reading, or one that has both ends in it.
class Sweep final : public Rig {
  public:
    using Rig::Rig;

  private:
    void drawing(RigPen& pen) const override {
        draw_sweep(pen, whole_sweep && pen.at().has_value() && reads(pen.at()->kind), swept);
    }
};

/// The steering axis of a bare upright, from the side.
class CasterAxis final : public Rig {
  public:
    using Rig::Rig;

  private:
    void drawing(RigPen& pen) const override {
        const Point lower(330, 320), upper(270, 90);
        pen.plain(3);
        pen.circle({300, 205}, 130);
        pen.guide(3, RigPen::Dashes::dash, true);
        pen.line(lower, upper);
        pen.plain(4);
        pen.circle(lower, 10);
        pen.circle(upper, 10);
        front_is(pen, {590, 370});
        if (!pen.part("axis", 3)) return;
        pen.line({330, 30}, lower);
        pen.measure({upper.x(), 90}, {330, 90});
        pen.say({250, 60}, TR_NOOP("upper behind lower"), Align::right);
        pen.measure({470, 90}, {470, 320});
        pen.say({480, 205}, TR_NOOP("height"), Align::left);
    }
};

RigFacts leaning(std::string_view id, Over over, std::vector<ReadingId> kinds, RigUse use = RigUse::camber) {
    RigFacts f{.id = id, .use = use, .reference = Reference::gravity, .each_wheel = true, .over = over};
    f.kinds = std::move(kinds);
    f.minutes = 1.0;
    return f;
}
RigFacts swept(std::string_view id, std::vector<ReadingId> kinds) {
    RigFacts f = leaning(id, Over::its_own_walk, std::move(kinds), RigUse::caster);
    f.swept = true;
    f.minutes = 6.0;
    return f;
}
RigFacts with(RigFacts f, std::string_view tool, std::vector<SizeField> sizes) {
    f.tool = tool;
    f.sizes = std::move(sizes);
    return f;
}

const std::vector<ReadingId>& plumb_kinds() {
    static const std::vector<ReadingId> kinds = {ReadingId::camber_plumb_upper,
                                                 ReadingId::camber_plumb_lower};
    return kinds;
}

}  // namespace

const Rig& camber_gauge() {
    static const CamberGauge rig([] {
        RigFacts f = leaning("camber-gauge", Over::wheels, {ReadingId::camber});
        f.also = {ReadingId::camber_reversed};
        return f;
    }());
    return rig;
}
const Rig& camber_gap() {
    static const CamberGap rig(with(leaning("camber-gap", Over::wheels, {ReadingId::camber_gap}),
                                    "spirit-level-gap", {size_of("gap_height")}));
    return rig;
}
const Rig& camber_plumb() {
    static const CamberPlumb rig(
        with(leaning("camber-plumb", Over::wheels, plumb_kinds()), "plumb-line", {size_of("plumb_height")}));
    return rig;
}
const Rig& caster_sweep() {
    static const Sweep rig(swept("caster-sweep", {ReadingId::camber}));
    return rig;
}
const Rig& sweep_gap() {
    static const Sweep rig(
        with(swept("sweep-gap", {ReadingId::camber_gap}), "spirit-level-gap", {size_of("gap_height")}));
    return rig;
}
const Rig& sweep_plumb() {
    static const Sweep rig(
        with(swept("sweep-plumb", plumb_kinds()), "plumb-line", {size_of("plumb_height")}));
    return rig;
}
const Rig& caster_swing() {
    static const Sweep rig([] {
        RigFacts f = leaning("caster-swing", Over::fronts, {ReadingId::camber_swing}, RigUse::caster);
        f.whole_sweep = true;
        return f;
    }());
    return rig;
}
const Rig& caster_gauge() {
    static const Sweep rig([] {
        RigFacts f = leaning("caster-gauge", Over::fronts, {ReadingId::caster}, RigUse::caster);
        f.tool = "caster-gauge";
        f.whole_sweep = f.own_scale = true;
        return f;
    }());
    return rig;
}
const Rig& caster_axis() {
    static const CasterAxis rig([] {
        RigFacts f = leaning("caster-axis", Over::fronts, {ReadingId::axis_offset}, RigUse::caster);
        f.sizes = {size_of("axis_height")};
        return f;
    }());
    return rig;
}

}  // namespace fairchalk::rigs

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <initializer_list>
#include <span>

#include "core/car/adjuster.h"
#include "core/quantity/translatable.h"

namespace fairchalk::adjusters {

// What the classes of several kinds are made with.

/// No response is known better than this share of itself before it was seen.
inline constexpr double least_share = 0.05;

CornerMove moved(Hardpoint p, double x, double y);
CornerMove longer(std::initializer_list<Link> which, double mm);

/// A handle with the step and range of the card, or else these.
Handle handle(const Adjuster& d, std::string_view name, HandleUnit unit, std::string_view more,
              std::string_view less, double step, double range);
/// The same with its sentences; `where` tells it from the other.
Handle with_words(Handle h, const char* more, const char* less, const char* where = nullptr);
/// What is made longer and shorter by turning it.
Handle threaded_handle(const Adjuster& d, double step);
/// How much longer a turn makes it, mm.
double pitch_of(const Adjuster& d);

DeviceField length_field(const char* key, std::optional<Length> Adjuster::*in, const char* asks,
                         const char* hint);
DeviceField pitch_field();
DeviceField thread_field();
DeviceField double_ended_field();
/// Where its link runs: ahead of the axle or behind.
DeviceField side_field(const char* asks);
/// Of the upper or of the lower arm.
DeviceField arm_field();

/// A rod or arm between its ends, which part or come together.
Sketch threaded_sketch(double by, Sketch::Point size);
/// What was drawn at a right wheel, from above with the wheel toward the viewer: there the car's front is to
/// the right, at a left one to the left.
Sketch on_its_side(const Sketch& of_right, const Adjuster& d, Sketch::Point size);
/// "front", with an arrow to the right.
void front_mark(Sketch& s, Sketch::Point at);
/// What is put in is filled, what comes out dashed.
void shim(Sketch& s, Sketch::Point corner, double width, double height, bool added);

inline constexpr Sketch::Pen outline{Sketch::Ink::thing, 2.2};
inline constexpr Sketch::Pen detail{Sketch::Ink::part, 1.6};
using Point = Sketch::Point;
inline constexpr Sketch::Pen change{Sketch::Ink::change, 2.6};

inline constexpr const char* spring_flies = TR_NOOP(
    "The arm may have a loaded spring behind it: hold it with a jack before the bolts are undone, and "
    "follow the manual.");

/// The kinds of each file.
std::span<const AdjusterKind* const> rods();
std::span<const AdjusterKind* const> shims();
std::span<const AdjusterKind* const> cams_and_slots();
std::span<const AdjusterKind* const> arms();
std::span<const AdjusterKind* const> tubes();
std::span<const AdjusterKind* const> bushes();

}  // namespace fairchalk::adjusters

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <utility>
#include <variant>
#include <vector>

#include "core/car/car.h"

namespace fairchalk {

/// One thing that is said of an adjuster: how the job file writes it, where it goes, and how the card asks
/// for it. Its texts are marked (translatable.h).
struct DeviceField {
    /// `false` or `true`.
    struct Flag {
        bool Adjuster::*in;
        const char *says_false, *says_true;
    };
    /// One of two words, or not said.
    struct Either {
        Told Adjuster::*in;
        std::string_view no, yes;
        const char *says_no, *says_yes;
    };
    struct Word {
        std::string Adjuster::*in;
        std::vector<std::string_view> words;
        std::vector<const char*> says = {};  ///< of each word that the card offers, from the first on
    };
    /// `behind-axle`, `ahead-of-axle`, or neither.
    struct SideOfAxle {
        RodSide Adjuster::*in;
    };
    /// A thread's hand: `right` or `left`.
    struct Hand {
        Thread Adjuster::*in;
    };
    struct Long {
        std::optional<Length> Adjuster::*in;
    };
    /// Written where it is so.
    struct Mark {
        bool Adjuster::*in;
    };
    /// Written where there are any.
    struct Turns {
        double Adjuster::*in;
    };
    struct Degrees {
        std::optional<double> Adjuster::*in;
        double most;  ///< beyond it is no such thing
    };
    /// What every kind has, and the card asks of this one: a stack, the step, an end of the range.
    struct Stack {
        int which;
    };
    struct Step {};
    struct End {
        bool most;
    };

    const char* key;
    std::variant<Flag, Either, Word, SideOfAxle, Hand, Long, Mark, Turns, Degrees, Stack, Step, End> what;
    const char* asks = nullptr;  ///< null: kept, not asked for
    const char* hint = "";
    bool (*when)(const Adjuster&) = nullptr;  ///< the card asks for it only then
};

/// What an angle may be said to be adjusted by, on the card, and that an adjuster of this kind is there then.
struct CardChoice {
    std::string_view word;
    const char* says;
    std::string_view angle = {};  ///< for this angle, before all choices for any
    std::string_view tag = {};    ///< tells apart several adjusters that one choice means
    std::vector<std::pair<std::string_view, std::string_view>> set = {};  ///< fields that follow from it
};

}  // namespace fairchalk

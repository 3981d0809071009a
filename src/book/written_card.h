// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "book/node.h"
#include "book/target_text.h"
#include "core/car/adjuster.h"

namespace fairchalk::book {

/// An adjuster that is meant by what an angle is said to be adjusted by.
struct Meant {
    const AdjusterKind* kind;
    CardChoice choice;

    Json json(Wheel w) const;
    bool serves(Wheel w, WheelAngle angle) const;
};

/// The set-up of a card that names none.
inline constexpr const char* usual_set_up = "road";

/// A car's card as it was written: what was typed in its own terms, and names that this version does not
/// know. It is edited by what is meant, never by where that stands.
class WrittenCard {
  public:
    explicit WrittenCard(Json written) : json_(std::move(written)) {}
    const Json& json() const { return json_; }
    /// Throws FileError where what is written can't be.
    CarCard card() const;

    using Path = std::vector<std::string>;
    /// What stands at a path, or null.
    const Json* at(const Path& path) const;
    void put(const Path& path, Json value);

    /// The same of one adjuster.
    const Json* of_adjuster(const std::string& id, const Path& path) const;
    void put_of_adjuster(const std::string& id, const Path& path, const Json& value);
    /// Of the front rods together, as the first of them has it; they are made where the card has none.
    const Json* of_rods(const std::string& field) const;
    void put_of_rods(const std::string& field, const Json& value);
    void looked(const std::vector<Looked>& facts);

    /// All that can be said of what adjusts this angle; one word may mean several adjusters.
    std::vector<Meant> choices_for(Wheel w, const std::string& angle) const;
    /// Makes the adjusters that are meant. Those that nothing means any more are kept under `unmade`, and
    /// come back as they were; what joins both wheels of an axle is said of both.
    void adjusted_by(Wheel w, const std::string& angle, const std::string& word);

    void put_torque(const std::string& part, const std::string& torque);
    void add_note(const std::string& note);

    std::string set_up() const;  ///< the one in use
    std::vector<std::string> set_ups() const;
    /// What a set-up aims at; an empty object where it says nothing.
    Json aims_of(const std::string& set_up) const;
    void put_aim(const std::string& set_up, const std::string& where, const TargetText& aim);

  private:
    Json json_;
};

/// Puts an aim among others, under the name of its axle or wheel, or at the top where `where` is empty. A toe
/// is either total or each: the other name goes.
void put_aim(Json& aims, const std::string& where, const TargetText& aim);

/// `4 of 0.5 mm, 2 of 1 mm, 2 mm across`, or `none`: shims as one says them; or what is wrong with it.
Result<Json> shims_of(const std::string& text, Bare bare);
std::string text_of_shims(const Json& list);

}  // namespace fairchalk::book

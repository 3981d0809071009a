// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <utility>
#include <vector>

#include <QRectF>
#include <QString>

#include "book/written_card.h"
#include "core/car/adjuster.h"
#include "core/reading/plausible.h"

namespace fairchalk::desk {

/// One thing on the card: where it stands on it, how it is typed.
struct CardItem {
    enum class Type { length, angle, pressure, number, words, choice, target, torque, note, picture, shims };
    QString id, name;
    Type type = Type::words;
    std::vector<std::string> path;
    std::optional<Bounded> bounded;
    std::vector<std::pair<std::string, QString>> choices;
    QString hint;
    std::string device = {};   ///< of this adjuster; `path` is its field
    std::string of_rods = {};  ///< this field of both front rods
};

/// A place on the drawing of the card, and all that is asked there.
struct CardGroup {
    QString id, name;
    QRectF at;
    std::vector<CardItem> items;
};

/// As it was named; the usual one in the language of the window.
QString setUpName(const std::string& name);

/// All that this card is asked, in the order in which it is walked.
std::vector<CardGroup> card_groups(const book::WrittenCard& written, const CarCard& car);

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <stdexcept>
#include <string>
#include <utility>

#include <nlohmann/json.hpp>

#include "core/job/log.h"

namespace fairchalk::book {

/// Keeps the order in which names stand in a file.
using Json = nlohmann::ordered_json;

/// Something in a file is wrong: where, and what.
struct FileError : std::runtime_error {
    FileError(std::string at, Message wrong);
    std::string place;  ///< `rounds[0].readings[3].value`
    Message message;
};

/// Reads the parts of the job file. Each throws FileError naming the place; names it does not know are left
/// alone.
CarCard car_from(const Json& json, const std::string& place);
std::vector<Target> targets_from(const Json& json, const std::string& place);
Reading reading_from(const Json& json, const std::string& place);
/// One entry of a log in full form. `car` is the card as it stands there, to check adjusters against.
Entry entry_from(const Json& json, const std::string& place, const CarCard& car);

/// Writes them, for what the application makes itself.
Json json_of(const CarCard& car);
Json json_of(const Reading& reading);
/// An entry in full form; `targets` entries keep the terms they were typed in, so they are made as JSON by
/// who asks.
Json json_of(const Entry& entry);

}  // namespace fairchalk::book

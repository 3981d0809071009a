// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <deque>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/quantity/message.h"
#include "core/quantity/notation.h"

namespace fairchalk {

// A gauge on a wire: one reading a line of plain text (docs/gauge-line.md).
//
//     FC1 17 -1.25 deg stable send *9C3E
//
// its number, what it shows, the unit, flags in any order, and the checksum of all before the star.

/// One line as read.
struct GaugeLine {
    std::uint32_t number = 0;  ///< counts up by one a line; a line sent twice keeps its number
    QuantityKind kind = QuantityKind::length;
    double value = 0.0;       ///< mm or degrees
    double resolution = 0.0;  ///< of the last digit shown
    bool stable = false;      ///< it no longer moves
    bool send = false;        ///< its button was pressed for this line
    bool low_battery = false;
    std::string shown;  ///< as it stands in the line: `-1.25 deg`
};

/// CRC-16/CCITT-FALSE (polynomial 0x1021, from 0xFFFF) of the text before the star.
std::uint16_t gauge_checksum(std::string_view text);

/// `value` and `unit` as they are to be shown: mm, in or deg.
std::string write_gauge_line(std::uint32_t number, std::string_view value, std::string_view unit, bool stable,
                             bool send, bool low_battery = false);

/// Refuses whatever is not a whole, true line: `gauge_checksum_wrong`, `gauge_line_not_understood` ({0} the
/// line, {1} where it stopped).
Result<GaugeLine> read_gauge_line(std::string_view line);

/// Takes what comes off the wire, in whatever pieces, and gives each good line once.
class GaugeReader {
  public:
    /// The good lines that these bytes completed. Bad lines are counted and dropped; so is a line longer than
    /// any true one, to its end; a number that was among the last 64 given is not
    /// given again, until a gauge begins anew at 0.
    std::vector<GaugeLine> take(std::string_view bytes);
    /// The cable came off: what was half said is not completed by what comes after.
    void unplugged();

    std::uint64_t good() const { return good_; }
    std::uint64_t bad() const { return bad_; }

  private:
    bool is_new(std::uint32_t number);

    std::string line_;
    bool too_long_ = false;
    std::deque<std::uint32_t> given_;  ///< the last numbers, oldest first
    std::uint64_t good_ = 0, bad_ = 0;
};

}  // namespace fairchalk

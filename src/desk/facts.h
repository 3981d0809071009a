// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>
#include <optional>
#include <string>

namespace fairchalk::desk {

/// Small facts of the book, each under a key: as kept, or as about to be. What was asked once is not read
/// again in this run; what is written is the writer's to keep.
class Facts {
  public:
    using Read = std::function<std::optional<std::string>(const std::string& key)>;
    using Write = std::function<void(const std::string& key, const std::string& value)>;
    Facts(Read read, Write write) : read_(std::move(read)), write_(std::move(write)) {}

    /// Empty where nothing was kept.
    const std::string& at(const std::string& key) const {
        auto it = known_.find(key);
        if (it == known_.end()) it = known_.emplace(key, read_(key).value_or("")).first;
        return it->second;
    }
    /// `usual` where nothing was kept.
    std::string at(const std::string& key, const std::string& usual) const {
        const std::string& kept = at(key);
        return kept.empty() ? usual : kept;
    }
    void keep(const std::string& key, const std::string& value) {
        known_[key] = value;
        write_(key, value);
    }
    /// Another book stands in the place of the last.
    void forget() { known_.clear(); }

  private:
    Read read_;
    Write write_;
    mutable std::map<std::string, std::string> known_;
};

}  // namespace fairchalk::desk

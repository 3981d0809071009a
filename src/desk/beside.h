// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <vector>

#include <QThreadPool>

namespace fairchalk::desk {

/// One thread beside the window's: what is begun there goes in turn. Held, nothing begins until it is let go:
/// at the start the window is drawn first, and what is worked out would take time from that.
class Beside {
  public:
    Beside() { pool_.setMaxThreadCount(1); }
    /// What has begun is ended; what has not never begins.
    ~Beside();

    void begin(std::function<void()> work);
    void hold() { held_ = true; }
    void letGo();
    /// What has not begun never does.
    void clear();
    /// All of it, what was held too.
    void waitForDone();

  private:
    bool held_ = false;
    std::vector<std::function<void()>> later_;
    QThreadPool pool_;
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "beside.h"

#include <utility>

namespace fairchalk::desk {

Beside::~Beside() {
    clear();
    pool_.waitForDone();
}

void Beside::begin(std::function<void()> work) {
    if (held_)
        later_.push_back(std::move(work));
    else
        pool_.start(std::move(work));
}

void Beside::letGo() {
    held_ = false;
    for (auto& work : std::exchange(later_, {})) pool_.start(std::move(work));
}

void Beside::clear() {
    later_.clear();
    pool_.clear();
}

void Beside::waitForDone() {
    letGo();
    pool_.waitForDone();
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <utility>

#include <QCoreApplication>

namespace fairchalk::desk {

/// Has the window's thread do it, from any thread.
template <class F>
void onWindow(F&& act) {
    QMetaObject::invokeMethod(QCoreApplication::instance(), std::forward<F>(act), Qt::QueuedConnection);
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QSizeF>

#include "job_desk.h"

namespace fairchalk::desk {

/// A card to pin to toe boards: for each tape a broad arrow from where it stands to where each turn of the
/// sheet brings it, with the figures to stop at large enough to be read from under the car.
bool wantsArrowCard(const JobDesk& desk);
/// On a sheet of `size`, 960 units wide.
void drawArrowCard(QPainter& p, const QSizeF& size, const JobDesk& desk);

}  // namespace fairchalk::desk

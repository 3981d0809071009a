// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QSizeF>

#include "job_desk.h"

namespace fairchalk::desk {

/// A card to pin to toe boards: for each tape, in its true size, arrows from where it stands to where the
/// turns of the sheet bring it, one after the other. A mark on the tape beside its first line then tells
/// where to stop, and nobody has to read the tape from under the car.
bool wantsArrowCard(const JobDesk& desk);
/// On a sheet of `size`, of which `per_mm` units are a millimeter on paper.
void drawArrowCard(QPainter& p, const QSizeF& size, double per_mm, const JobDesk& desk);

}  // namespace fairchalk::desk

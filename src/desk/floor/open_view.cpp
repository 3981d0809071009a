// SPDX-License-Identifier: GPL-3.0-or-later
#include "floor/open_view.h"

#include <QPainter>

#include "line/line_view.h"
#include "look/chalk.h"
#include "words/words.h"

namespace fairchalk::desk {

void OpenView::setStage(Stage stage) {
    stage_ = stage;
    setAccessibleName(QString::fromStdString(words::stage(stage)) + tr(": not built yet. ") +
                      stagePromise(stage));
    update();
}

void OpenView::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.fillRect(rect(), c.floor);
    p.setRenderHint(QPainter::Antialiasing);
    const QPointF at(width() / 2.0, height() * 0.36);
    stringLine(p, {at.x(), 0}, at - QPointF(0, 26), c.string, 3);
    p.setPen(c.stroke(c.soft, 3));
    p.drawEllipse(at, 26, 26);
    p.setPen(c.stroke(c.string, 2, Qt::DashLine));
    p.drawLine(at + QPointF(0, 26), at + QPointF(0, 60));
    p.setPen(c.chalk);
    p.setFont(type(24, true));
    p.drawText(QRectF(0, at.y() + 70, width(), 34), Qt::AlignCenter,
               QString::fromStdString(words::stage(stage_)));
    p.setFont(type(16));
    p.drawText(QRectF(width() * 0.17, at.y() + 112, width() * 0.66, 90), Qt::AlignHCenter | Qt::TextWordWrap,
               stagePromise(stage_));
    p.setPen(c.soft);
    p.setFont(type(14));
    p.drawText(QRectF(width() * 0.17, at.y() + 206, width() * 0.66, 60), Qt::AlignHCenter | Qt::TextWordWrap,
               tr("This knot is still open: the program does not keep this stage yet. Do it by your own "
                  "list; lines, read and turn are here."));
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "desk_style.h"

#include <algorithm>

#include <QIconEngine>
#include <QPainter>
#include <QPushButton>

#include "chalk.h"

namespace fairchalk::desk {
namespace {

/// "There is more": two strokes down, in the colours of the floor that is chosen then.
class MoreIcon : public QIconEngine {
  public:
    void paint(QPainter* p, const QRect& in, QIcon::Mode mode, QIcon::State) override {
        const Chalk& chalk = Chalk::now();
        const double half = 0.28 * std::min(in.width(), in.height());
        const QPointF middle = QRectF(in).center();
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        p->setPen(chalk.stroke(mode == QIcon::Disabled ? chalk.faint : chalk.chalk));
        for (const double down : {-0.6 * half, 0.4 * half}) {
            const QPointF tip = middle + QPointF(0, down + 0.6 * half);
            p->drawLine(tip, tip - QPointF(half, half));
            p->drawLine(tip, tip + QPointF(half, -half));
        }
        p->restore();
    }
    QPixmap pixmap(const QSize& size, QIcon::Mode mode, QIcon::State state) override {
        QPixmap out(size);
        out.fill(Qt::transparent);
        QPainter p(&out);
        paint(&p, QRect(QPoint(), size), mode, state);
        return out;
    }
    QIconEngine* clone() const override { return new MoreIcon; }
};

}  // namespace

void DeskStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                              const QWidget* widget) const {
    if (element == PE_FrameFocusRect && qobject_cast<const QPushButton*>(widget)) return;
    QProxyStyle::drawPrimitive(element, option, painter, widget);
}

QIcon DeskStyle::standardIcon(StandardPixmap which, const QStyleOption* option, const QWidget* widget) const {
    if (which == SP_ToolBarHorizontalExtensionButton) return QIcon(new MoreIcon);
    return QProxyStyle::standardIcon(which, option, widget);
}

}  // namespace fairchalk::desk

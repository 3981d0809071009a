// SPDX-License-Identifier: GPL-3.0-or-later
#include "big_figures.h"

#include <algorithm>

#include <QPainter>

#include "look/chalk.h"
#include "look/heard.h"

namespace fairchalk::desk {
namespace {

void large(QPainter& p, const QRectF& box, const QString& text, double size, bool strong, int flags) {
    p.setFont(chalked(size, strong));
    writeIn(p, box, flags, text);
}

}  // namespace

void BigFigures::say(std::vector<Block> blocks) {
    blocks_ = std::move(blocks);
    QStringList all;
    for (const Block& b : blocks_) all << b.above << b.figure << b.below;
    all.removeAll(QString());
    nameIt(this, all.join(QStringLiteral(". ")));
    update();
}

void BigFigures::list(const QString& heading, const QString& text) {
    say({{heading, QString(), text}});
}

void BigFigures::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.fillRect(rect(), c.floor);
    const double each = static_cast<double>(height()) / std::max<std::size_t>(1, blocks_.size());
    for (std::size_t i = 0; i < blocks_.size(); ++i) {
        const Block& b = blocks_[i];
        const double top = each * static_cast<double>(i), w = width() - 40;
        if (i > 0) {
            p.setPen(QPen(c.floor_line, 3));
            p.drawLine(QPointF(20, top), QPointF(20 + w, top));
        }
        p.setPen(c.chalk);
        large(p, QRectF(20, top + each * 0.04, w, each * (b.figure.isEmpty() ? 0.18 : 0.27)), b.above,
              each * 0.12, true, Qt::AlignCenter | Qt::TextWordWrap);
        if (b.figure.isEmpty()) {
            // A list, not a figure.
            p.setFont(chalked(std::min(22.0, height() / 32.0)));
            p.drawText(QRectF(width() * 0.2, top + each * 0.26, width() * 0.75, each * 0.72),
                       Qt::AlignLeft | Qt::AlignTop, b.below);
            continue;
        }
        p.setPen(c.string);
        large(p, QRectF(20, top + each * 0.32, w, each * 0.38), b.figure, each * 0.3, true, Qt::AlignCenter);
        p.setPen(c.soft);
        large(p, QRectF(20, top + each * 0.72, w, each * 0.25), b.below, each * 0.07, false,
              Qt::AlignCenter | Qt::TextWordWrap);
    }
}

}  // namespace fairchalk::desk

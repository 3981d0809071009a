// SPDX-License-Identifier: GPL-3.0-or-later
#include "slate/keypad_drawing.h"

#include <array>

#include <QPainter>

#include "look/chalk.h"

namespace fairchalk::desk {
namespace {

constexpr double key = 25.0, gap = 4.0, grid = key + gap;

/// A key: where it stands, how large, what is on it.
struct Key {
    double column, row, wide, high;
    const char* label;
    bool own;  ///< means something of its own here
};
constexpr std::array keys = {
    Key{1, 0, 1, 1, "/", true},  Key{2, 0, 1, 1, "*", true},  Key{3, 0, 1, 1, "-", true},
    Key{0, 1, 1, 1, "7", false}, Key{1, 1, 1, 1, "8", false}, Key{2, 1, 1, 1, "9", false},
    Key{3, 1, 1, 2, "+", true},  Key{0, 2, 1, 1, "4", false}, Key{1, 2, 1, 1, "5", false},
    Key{2, 2, 1, 1, "6", false}, Key{0, 3, 1, 1, "1", false}, Key{1, 3, 1, 1, "2", false},
    Key{2, 3, 1, 1, "3", false}, Key{3, 3, 1, 2, "↵", true},  Key{0, 4, 2, 1, "0", false},
    Key{2, 4, 1, 1, ".", true}};

}  // namespace

KeypadDrawing::KeypadDrawing(QWidget* parent) : QWidget(parent) {
    setFixedHeight(static_cast<int>(5 * grid + 2));
    setAccessibleName(
        tr("Keypad: slash a fraction, minus joins a whole and a fraction or is a sign, plus strong, "
           "star weak, Enter keeps and with nothing typed goes on, Del clears and then takes back"));
}

void KeypadDrawing::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Chalk& c = Chalk::now();
    for (const Key& k : keys) {
        const QRectF at(1 + k.column * grid, 1 + k.row * grid, k.wide * grid - gap, k.high * grid - gap);
        p.setPen(c.stroke(k.own ? c.string : c.faint, k.own ? 1.6 : 1.0));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(at, 5, 5);
        p.setPen(k.own ? c.chalk : c.soft);
        p.setFont(chalked(12, k.own));
        writeIn(p, at, Qt::AlignCenter, QString::fromUtf8(k.label));
    }
    const std::array says = {tr("/  a fraction   *  weak"),
                             tr("−  2-9/16, or a sign in front"),
                             tr("+  strong"),
                             tr("↵  keeps; empty: goes on"),
                             tr("Del  clears; empty: takes back"),
                             tr("lock off: ↑ ↓ another spot")};
    double y = 0.0;
    for (const QString& text : says) {
        p.setPen(c.soft);
        p.setFont(chalked(11.5));
        writeIn(p, QRectF(4 * grid + 10, y, width() - 4 * grid - 10, 22), Qt::AlignLeft | Qt::AlignVCenter,
                text);
        y += 24.0;
    }
}

}  // namespace fairchalk::desk

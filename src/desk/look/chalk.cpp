// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/chalk.h"

#include <algorithm>
#include <cmath>

#include <QApplication>
#include <QFontDatabase>
#include <QHash>
#include <QRegularExpression>
#include <QSettings>

#include "desk_style.h"

static void initResources() {
    Q_INIT_RESOURCE(desk);
}  // linked from a static library

namespace fairchalk::desk {
namespace {

const Chalk slate = {QColor(0x27, 0x2c, 0x2e),
                     QColor(0x1d, 0x21, 0x23),
                     QColor(0x1b, 0x1f, 0x21),
                     QColor(0x3a, 0x42, 0x45),
                     QColor(0x0e, 0x10, 0x11),
                     QColor(0xf3, 0xf1, 0xea),
                     QColor(0xb6, 0xbb, 0xb8),
                     QColor(0x93, 0x9b, 0x9b),
                     QColor(0xf4, 0xc9, 0x5d),
                     QColor(0x82, 0xc4, 0xd6),
                     QColor(0xf0, 0x96, 0x6a),
                     QColor(0x17, 0x19, 0x1a),
                     true};
const Chalk daylight = {QColor(0xe9, 0xe6, 0xde),
                        QColor(0xd6, 0xd2, 0xc7),
                        QColor(0xf5, 0xf3, 0xee),
                        QColor(0xc4, 0xbf, 0xb2),
                        QColor(0xff, 0xff, 0xff),
                        QColor(0x22, 0x26, 0x28),
                        QColor(0x4a, 0x50, 0x52),
                        QColor(0x62, 0x67, 0x6a),
                        QColor(0x7a, 0x54, 0x00),
                        QColor(0x0f, 0x62, 0x7c),
                        QColor(0xa0, 0x3c, 0x10),
                        QColor(0xff, 0xff, 0xff),
                        false};
const Chalk* chosen = &slate;

}  // namespace

const Chalk& Chalk::now() {
    return *chosen;
}
void Chalk::choose(bool dark) {
    chosen = dark ? &slate : &daylight;
}

QPen Chalk::stroke(const QColor& c, double width, Qt::PenStyle style) const {
    // Dashes with round ends are stroked one by one; with flat ones a straight line has a quick way of its
    // own. A dot needs its round end.
    const bool dashed = style == Qt::DashLine || style == Qt::DashDotLine;
    return QPen(c, width, style, dashed ? Qt::FlatCap : Qt::RoundCap, Qt::RoundJoin);
}

QString Chalk::styleSheet() const {
    QString sheet =
        QStringLiteral(
            "QWidget { color: %1; font-family: 'B612'; }"
            "QMainWindow, QStackedWidget, #panel { background: %2; }"
            "QLineEdit { background: %3; color: %1; border: 2px solid %6; border-radius: 8px; padding: "
            "4px 12px;"
            " selection-background-color: %4; selection-color: %7; }"
            "QLineEdit:focus { border-color: %4; } QLineEdit:disabled { border-color: %5; color: %6; }"
            "QPushButton { background: transparent; color: %1; border: 1px solid %6; border-radius: 8px; "
            "padding: 9px 10px;"
            " font-size: 14px; }"
            "QPushButton:focus, QPushButton:hover { border: 2px solid %4; padding: 8px 9px; }"
            "QPushButton:disabled { color: %6; border-color: %5; }"
            "QPushButton#main { background: %4; color: %7; border: 0; font-weight: bold; padding: 13px; }"
            "QPushButton#main:focus { border: 3px solid %1; padding: 10px; }"
            "QPushButton:checked { border: 2px solid %8; color: %8; }"
            "QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: 0; }"
            "QScrollBar:vertical { background: transparent; width: 8px; } "
            "QScrollBar:horizontal { background: transparent; height: 8px; } "
            "QScrollBar::handle { background: %6; border-radius: 4px; }"
            "QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }"
            "QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }"
            "QAbstractScrollArea::corner { background: transparent; border: 0; }"
            "QDialog, QMessageBox, QMenuBar, QMenu { background: %2; } QMenuBar { border-bottom: 1px "
            "solid %5; }"
            "QMenuBar, QMenu, QToolTip { font-size: 14px; }"
            "QMenuBar::item { padding: 4px 12px; background: transparent; }"
            "QMenuBar::item:selected, QMenu::item:selected { background: %4; color: %7; }"
            "QMenu { border: 1px solid %6; padding: 4px; } QMenu::item { padding: 5px 24px; }"
            "QMenu::separator { height: 1px; background: %5; margin: 4px 10px; }"
            "QDialog QAbstractItemView, QDialog QComboBox, QDialog QToolButton { background: %3; color: "
            "%1; }"
            "QHeaderView::section { background: %2; color: %1; border: 0; padding: 4px; }"
            "QToolTip { background: %3; color: %1; border: 1px solid %6; padding: 6px; }")
            .arg(chalk.name(), panel.name(), well.name(), string.name(), panel_edge.name(), soft.name(),
                 on_string.name(), target.name());
    // All its lengths at the zoom.
    static const QRegularExpression px(QStringLiteral("(\\d+)px"));
    for (qsizetype from = 0;;) {
        const QRegularExpressionMatch m = px.match(sheet, from);
        if (zoom() == 1.0 || !m.hasMatch()) return sheet;
        const QString now = QStringLiteral("%1px").arg(std::lround(m.captured(1).toInt() * zoom()));
        sheet.replace(m.capturedStart(), m.capturedLength(), now);
        from = m.capturedStart() + now.size();
    }
}

namespace {
double times_as_large = 1.0;
}

double zoom() {
    return times_as_large;
}
int px(double at_one) {
    return static_cast<int>(std::lround(at_one * zoom()));
}

double zoomOfSystem() {
    constexpr double usual_points = 11.0, usual_pixels = usual_points * 96.0 / 72.0;
    const QFont font = QGuiApplication::font();
    const double share =
        font.pointSizeF() > 0 ? font.pointSizeF() / usual_points : font.pixelSize() / usual_pixels;
    return std::clamp(share, 1.0, most_zoom);
}

void setZoom(double times) {
    times_as_large = times;
}

namespace {

/// The system's own ground, before this program put its style over it.
bool systemIsDark() {
    static const bool dark = qApp->palette().color(QPalette::Window).lightness() < 128;
    return dark;
}

}  // namespace

bool isDark(const QString& theme) {
    return theme == QLatin1String("system") ? systemIsDark() : theme != QLatin1String("daylight");
}

void dress() {
    const QSettings chosen;
    Chalk::choose(isDark(chosen.value(QStringLiteral("theme")).toString()));
    setZoom(
        std::clamp(chosen.value(QStringLiteral("zoom"), zoomOfSystem()).toDouble(), least_zoom, most_zoom));
    qApp->setStyleSheet(Chalk::now().styleSheet());
}

QFont type(double pixels, bool bold) {
    return chalked(std::max(smallest_type, pixels * zoom()), bold);
}

QFont chalked(double pixels, bool bold) {
    QFont f(QStringLiteral("B612"));
    f.setPixelSize(static_cast<int>(std::lround(pixels)));
    f.setBold(bold);
    f.setHintingPreference(QFont::PreferNoHinting);  // hinting each glyph is a good part of the start
    return f;
}

void loadLook() {
    QApplication::setStyle(new DeskStyle);
    initResources();
    QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/B612-Regular.otf"));
    QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/B612-Bold.otf"));
}

void chalkLine(QPainter& p, QPointF a, QPointF b, const QColor& c, double width) {
    QColor dust = c;
    dust.setAlpha(60);
    p.setPen(QPen(dust, width * 2.2, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(a, b);
    p.setPen(QPen(c, width, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(a, b);
}

void stringLine(QPainter& p, QPointF a, QPointF b, const QColor& c, double width) {
    p.setPen(QPen(c, width, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(a, b);
    QPen twist(c.darker(160), width * 0.6);
    twist.setDashPattern({1.5, 4.0});
    p.setPen(twist);
    p.drawLine(a, b);
}

TextWatch* TextWatch::watching = nullptr;

namespace {

/// How a text goes into a place.
struct Fitted {
    QString text;
    int pixels = 0, flags = 0;
    bool narrow = false, cut = false;
};

Fitted fit(const QFont& given, const QSizeF& room, int flags, const QString& text, double least) {
    const auto fits = [&](const QFontMetricsF& m, const QSizeF& in) {
        if (!(flags & Qt::TextWordWrap)) return m.horizontalAdvance(text) <= in.width();
        // A word that is longer than its line is broken nowhere.
        const QRectF takes = m.boundingRect(QRectF(QPointF(), in), flags, text);
        return takes.height() <= in.height() + 2 && takes.width() <= in.width() + 1;
    };
    Fitted out{text, given.pixelSize(), flags};
    QFont font = given;
    const auto smaller = [&](double by) {
        out.pixels =
            std::max({1, static_cast<int>(std::ceil(least - 0.5)), static_cast<int>(out.pixels * by)});
        font.setPixelSize(out.pixels);
    };
    // Type that is not hinted scales: the size is found by the metrics that are there already. Each size that
    // is only tried would first be made, which costs more than all else here.
    const QFontMetricsF metrics(given);
    const auto too_small = [&] { return out.pixels <= least + 0.5; };
    while (!fits(metrics, room * (static_cast<double>(given.pixelSize()) / out.pixels)) && !too_small())
        smaller(0.99);
    while (!fits(QFontMetricsF(font), room) && !too_small()) smaller(0.99);
    if (fits(QFontMetricsF(font), room)) return out;
    font.setStretch(85);
    out.narrow = true;
    const QFontMetricsF narrow(font);
    if (fits(narrow, room)) return out;
    if (!(flags & Qt::TextWordWrap) &&
        narrow.boundingRect(QRectF(QPointF(), room), flags | Qt::TextWordWrap, text).height() <=
            room.height()) {
        out.flags |= Qt::TextWordWrap;
        return out;
    }
    out.cut = true;
    if (!(flags & Qt::TextWordWrap)) out.text = narrow.elidedText(text, Qt::ElideRight, room.width());
    return out;
}

/// The same text goes into the same place at each picture: laid out once. Bounded, since values change.
const Fitted& fitted(const QFont& font, const QSizeF& room, int flags, const QString& text, double least) {
    static QHash<QString, Fitted> known;
    constexpr qsizetype most = 2000;
    if (known.size() > most) known.clear();
    const QString key = QStringLiteral("%1|%2|%3|%4|%5|%6|%7")
                            .arg(font.pixelSize())
                            .arg(font.bold())
                            .arg(room.width(), 0, 'f', 1)
                            .arg(room.height(), 0, 'f', 1)
                            .arg(flags)
                            .arg(least, 0, 'f', 2)
                            .arg(text);
    const auto it = known.constFind(key);
    return it != known.constEnd() ? *it : *known.insert(key, fit(font, room, flags, text, least));
}

}  // namespace

QRectF writeIn(QPainter& p, const QRectF& at, int flags, QString text) {
    const QFont before = p.font();
    const double times = p.transform().m11(), least = times > 0.0 ? smallest_type / times : 0.0;
    const Fitted& how = fitted(before, at.size(), flags, text, least);
    QFont font = before;
    font.setPixelSize(how.pixels);
    if (how.narrow) font.setStretch(85);
    if (TextWatch* w = TextWatch::watching) {
        w->written << text;
        if (how.cut) w->cut << text;
        w->smallest = std::min(w->smallest, font.pixelSize() * times);
    }
    p.setFont(font);
    QRectF used;
    p.drawText(at, how.flags, how.text, &used);
    p.setFont(before);
    if (TextWatch* w = TextWatch::watching) w->places.append({text, p.transform().mapRect(used)});
    return used;
}

void chalkWord(QPainter& p, const QRectF& floor, const QString& word) {
    p.save();
    p.setFont(chalked(floor.height() * 0.15, true));
    QColor dust = Chalk::now().chalk;
    dust.setAlpha(Chalk::now().dark ? 26 : 30);
    p.setPen(dust);
    p.translate(floor.center());
    p.rotate(-9);
    p.drawText(QRectF(-floor.width(), -floor.height() / 4, floor.width() * 2, floor.height() / 2),
               Qt::AlignCenter, word);
    p.restore();
}

QBrush hatch(const QColor& c) {
    return QBrush(c, Qt::BDiagPattern);
}

}  // namespace fairchalk::desk

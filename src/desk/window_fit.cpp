// SPDX-License-Identifier: GPL-3.0-or-later
// The window at any size: what shrinks, what scrolls, what stays in view.
#include "window.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QScrollArea>
#include <QScrollBar>
#include <QTimer>
#include <QVBoxLayout>
#include <QWheelEvent>

#include "look/chalk.h"
#include "look/html.h"
#include "look/preference.h"

namespace fairchalk::desk {

/// A drawing is never so small that its text can't be read: then it is scrolled, what is pointed at in view.
void Window::fitPane() {
    constexpr double least_width = 710, least_height = 660, folds_below = 1150, low = 330;
    const bool least = height() < low * zoom();
    head_->setFixedHeight(static_cast<int>((least ? 24 : 44) * zoom()));
    foot_->setFixedHeight(static_cast<int>((least ? 36 : 44) * zoom()));
    line_->fold(width() < folds_below * zoom());
    middle_->setMinimumSize((QSizeF(least_width, least_height) * zoom()).toSize());
    if (car_page_) car_page_->setMinimumSize((QSizeF(1250, 730) * zoom()).toSize());
    slate_->fit();
    if (desk_.hasJob()) fitHead(), say();
    // Once all has its place.
    QTimer::singleShot(0, this, &Window::keepInView);
}

void Window::keepInView() {
    QWidget* const at = middle_->currentWidget() == guide_view_ ? guide_view_->pointedAt()
                        : middle_->currentWidget() == floor_    ? floor_->pointedAt()
                                                                : nullptr;
    if (!at) return;
    pane_->ensureWidgetVisible(at, 30, 30);
    // What is wider than the pane is read from its beginning.
    if (at->width() > pane_->viewport()->width())
        pane_->horizontalScrollBar()->setValue(at->mapTo(pane_->widget(), QPoint()).x() - 30);
}

/// The head line is written smaller where it is too long for the window; then units and title go. What it is
/// aimed at stays, since it may say that readings mean nothing.
void Window::fitHead() {
    const std::initializer_list<QLabel*> all = {name_, title_, aim_, units_, kept_};
    for (QLabel* l : all) l->setVisible(true);
    const auto fits = [&] {
        int wide = 32;
        for (const QLabel* l : all)
            if (!l->isHidden()) wide += l->sizeHint().width() + 24;
        return wide <= width();
    };
    for (double share = 1.0; share > 0.6; share -= 0.08) {
        for (QLabel* l : all) l->setFont(type((l == name_ ? 17 : 14) * share, l == name_));
        if (fits()) return;
    }
    units_->hide();
    if (!fits()) title_->hide();
}

/// In one line; a long one in two, smaller, down to what can still be read.
void Window::fitSay() {
    hint_->setVisible(trouble_.isEmpty());
    const auto room = [&] {
        return width() - 32 - (hint_->isVisibleTo(this) ? hint_->sizeHint().width() + 10 : 0);
    };
    const bool one = QFontMetrics(type(16)).horizontalAdvance(say_->text()) < room();
    double size = one ? 16 : 13;
    const auto lines = [&] {
        const QFontMetrics m(type(size));
        return m.boundingRect(QRect(0, 0, room(), 10'000), Qt::TextWordWrap, say_->text()).height() /
               m.lineSpacing();
    };
    while (!one && size > smallest_type && lines() > 2) size -= 1;
    if (!one && lines() > 2) hint_->setVisible(false);
    say_->setFont(type(size));
    say_->setWordWrap(!one);
}

void Window::zoomTo(double times) {
    keepPreference(QStringLiteral("zoom"), std::clamp(times, least_zoom, most_zoom));
    drawAt(times);
}

/// Until another is chosen, as large as the system's own text.
void Window::zoomAsSystem() {
    QSettings().remove(QStringLiteral("zoom"));
    drawAt(zoomOfSystem());
}

void Window::drawAt(double times) {
    const double before = zoom();
    setZoom(std::clamp(times, least_zoom, most_zoom));
    if (zoom() == before) return;
    qApp->setStyleSheet(Chalk::now().styleSheet());
    // What has a type of its own keeps its share.
    for (QWidget* w : findChildren<QWidget*>()) {
        if (w->testAttribute(Qt::WA_SetFont)) {
            QVariant base = w->property("type_at_one");
            if (!base.isValid()) {
                base = w->font().pixelSize() / before;
                w->setProperty("type_at_one", base);
            }
            w->setFont(type(base.toDouble(), w->font().bold()));
        }
    }
    fitPane();
    refresh();
}

void Window::resizeEvent(QResizeEvent* e) {
    QMainWindow::resizeEvent(e);
    fitPane();
}

void Window::wheelEvent(QWheelEvent* e) {
    if (e->modifiers() != Qt::ControlModifier) return QMainWindow::wheelEvent(e);
    zoomTo(zoom() * (e->angleDelta().y() > 0 ? 1.1 : 1 / 1.1));
    e->accept();
}

bool Window::event(QEvent* e) {
    if (e->type() == QEvent::ApplicationFontChange && !QSettings().contains(QStringLiteral("zoom")))
        drawAt(zoomOfSystem());
    return QMainWindow::event(e);
}

/// With Ctrl a scrolled pane leaves the wheel to the window.
bool Window::eventFilter(QObject* watched, QEvent* e) {
    if (auto* wheel = e->type() == QEvent::Wheel ? static_cast<QWheelEvent*>(e) : nullptr;
        wheel && wheel->modifiers() == Qt::ControlModifier)
        return wheelEvent(wheel), true;
    return QMainWindow::eventFilter(watched, e);
}

}  // namespace fairchalk::desk

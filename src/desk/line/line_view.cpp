// SPDX-License-Identifier: GPL-3.0-or-later
#include "line/line_view.h"

#include <QPainter>
#include <QPainterPath>

#include "look/chalk.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {
constexpr int string_x = 34;
}

QString stagePromise(Stage stage) {
    switch (stage) {
        case Stage::ask:
            return QObject::tr(
                "What is wrong with the car and what was changed on it, and so which of the other stages "
                "matter.");
        case Stage::check_over:
            return QObject::tr(
                "The walk round the car before anything is measured: wheel nuts, bearings, joints, tires, "
                "pressures, ride height.");
        case Stage::floor:
            return QObject::tr(
                "The survey of the four wheel spots, what it does to camber and caster, and the tiles that "
                "level it.");
        case Stage::steering:
            return QObject::tr("How the steering was set straight, and how it is held there.");
        case Stage::drive:
            return QObject::tr("The first slow drive, what the car does on it, and what that says.");
        default:
            return {};
    }
}

StageKnot::StageKnot(Stage stage, QWidget* parent) : QAbstractButton(parent), stage_(stage) {
    setFocusPolicy(Qt::TabFocus);
    setCursor(Qt::PointingHandCursor);
}

void StageKnot::set(const StageState& state, const QString& note, bool here) {
    state_ = state;
    note_ = note;
    here_ = here;
    const QString knot = state.knot == Knot::tight   ? tr("done")
                         : state.knot == Knot::slack ? tr("spoiled")
                                                     : tr("to do");
    const QString name = QString::fromStdString(words::stage(stage_));
    setText(name);
    setAccessibleName(
        QStringLiteral("%1: %2, %3%4").arg(name, knot, note, here ? tr(", you are here") : QString()));
    setToolTip(tr("%1 (Ctrl+%2)\n%3").arg(name).arg(index_of(stage_) + 1).arg(stagePromise(stage_)));
    update();
}

void StageKnot::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double y = height() / 2.0;
    if (here_ || hasFocus()) {
        p.setPen(hasFocus() ? c.stroke(c.string, 1.5, Qt::DashLine) : Qt::NoPen);
        p.setBrush(here_ ? c.floor : QColor(Qt::transparent));
        p.drawRoundedRect(QRectF(5, y - 29, width() - 10, 58), 8, 8);
    }
    // The string runs on above and below; slack where the stage is spoiled.
    p.setBrush(Qt::NoBrush);
    if (state_.knot == Knot::slack) {
        QPainterPath slack(QPointF(string_x, 0));
        slack.cubicTo(string_x - 16, y * 0.4, string_x + 26, y * 0.7, string_x + 4, y);
        slack.cubicTo(string_x - 22, y * 1.35, string_x + 16, y * 1.6, string_x, height());
        p.setPen(c.stroke(c.caution, 2));
        p.drawPath(slack);
        p.drawEllipse(QPointF(string_x + 4, y), 8, 6);
    } else {
        stringLine(p, {string_x, 0}, {string_x, static_cast<double>(height())}, c.string, 2.4);
        if (here_) {
            // The plumb bob hangs where you are.
            QPolygonF bob({{string_x - 7.0, y - 12},
                           {string_x + 7.0, y - 12},
                           {string_x + 6.0, y + 2},
                           {string_x * 1.0, y + 15},
                           {string_x - 6.0, y + 2}});
            p.setPen(c.stroke(c.panel, 1));
            p.setBrush(c.string);
            p.drawPolygon(bob);
        }
        if (state_.knot == Knot::tight && !here_) {
            p.setPen(c.stroke(c.string, 2.4));
            p.drawEllipse(QPointF(string_x - 3, y - 2), 6.5, 5);
            p.drawEllipse(QPointF(string_x + 3, y + 3), 6.5, 5);
        } else if (!here_) {
            p.setPen(c.stroke(c.soft, 1.8));
            p.setBrush(c.panel);
            p.drawEllipse(QPointF(string_x, y), 6.5, 6.5);
        }
    }
    p.setPen(state_.knot == Knot::open && !here_ ? c.soft : c.chalk);
    p.setFont(type(15, here_));
    const QRectF text(58, y - 22, width() - 60, 20);
    p.drawText(text, Qt::AlignLeft | Qt::AlignVCenter, this->text());
    p.setPen(state_.knot == Knot::slack ? c.caution : c.soft);
    p.setFont(type(12));
    p.drawText(text.translated(0, 19), Qt::AlignLeft | Qt::AlignVCenter,
               QFontMetrics(p.font()).elidedText(note_, Qt::ElideRight, static_cast<int>(text.width())));
}

LineView::LineView(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setFixedWidth(180);
    for (Stage s : all_stages) {
        auto* knot = new StageKnot(s, this);
        knots_[index_of(s)] = knot;
        connect(knot, &QAbstractButton::clicked, this, [this, s] { emit chosen(s); });
    }
}

void LineView::setStage(Stage stage) {
    here_ = stage;
    refresh();
}

void LineView::refresh() {
    if (!desk_.hasJob()) return;
    const auto states = stages_of(desk_.job());
    for (Stage s : all_stages) {
        const StageState& st = states[index_of(s)];
        QString note;
        if (s == Stage::lines) note = st.knot == Knot::open ? tr("bars not placed") : tr("strings and bars");
        if (s == Stage::read) note = tr("%1 of %2 spots").arg(st.done).arg(st.of);
        if (s == Stage::turn) note = st.done == 0 ? tr("nothing turned") : tr("%n turned", nullptr, st.done);
        if (s == Stage::turn && st.knot == Knot::tight) note = tr("left as it is");
        if (note.isEmpty()) note = tr("not built yet");
        if (st.knot == Knot::slack && s == Stage::lines) note = tr("moved: string again");
        if (st.knot == Knot::slack && s == Stage::read)
            note = tr("turned: %1 of %2 again").arg(st.done).arg(st.of);
        knots_[index_of(s)]->set(st, note, s == here_);
    }
}

void LineView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().panel);
    p.setPen(Chalk::now().soft);
    p.setFont(type(12));
    p.drawText(QRect(16, height() - 34, width() - 20, 20), Qt::AlignLeft, tr("F1 keys · Ctrl O book"));
}

void LineView::resizeEvent(QResizeEvent*) {
    const int each = std::min(86, (height() - 44) / 8);
    for (int i = 0; i < 8; ++i) knots_[i]->setGeometry(0, 4 + i * each, width(), each);
}

}  // namespace fairchalk::desk

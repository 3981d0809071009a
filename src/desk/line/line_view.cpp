// SPDX-License-Identifier: GPL-3.0-or-later
#include "line/line_view.h"

#include <cmath>

#include <QPainter>
#include <QPainterPath>

#include "guide/drawn_guide.h"
#include "look/chalk.h"
#include "look/heard.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {
constexpr int string_x = 34;
constexpr double folded_width = 64, whole_width = 192;

/// How it is measured, or how much has to be told before that counts.
QString linesNote(const JobDesk& desk, bool open) {
    const LinesSet lines = desk.lines();
    const std::size_t sizes = lines.rigs.empty() ? 0 : sizes_missing(lines).size();
    if (open)
        return sizes ? LineView::tr("%n to be told", nullptr, static_cast<int>(sizes))
                     : LineView::tr("not set up yet");
    if (lines.rigs.size() > 1) return LineView::tr("%1 ways at once").arg(lines.rigs.size());
    if (lines.rigs.empty() || lines.rigs[0] == usual_rig().id) return LineView::tr("strings and bars");
    return QString::fromStdString(desk.knowledge().rig(lines.rigs[0])->text);
}

}  // namespace

StageKnot::StageKnot(Stage stage, QWidget* parent) : QAbstractButton(parent), stage_(stage) {
    setFocusPolicy(Qt::TabFocus);
    setCheckable(true);
    setCursor(Qt::PointingHandCursor);
}

void StageKnot::set(const StageState& state, const QString& note, bool here, double minutes) {
    const QString minutes_now = minutes < 0.5 ? QString() : tr("%1 min").arg(std::lround(minutes));
    const QString knot = state.progress == Progress::done    ? tr("done")
                         : state.progress == Progress::stale ? tr("spoiled")
                                                             : tr("to do");
    const QString name = QString::fromStdString(words::stage(stage_));
    const QString heard =
        QStringLiteral("%1: %2, %3%4%5")
            .arg(name, knot, note, minutes_now.isEmpty() ? QString() : QStringLiteral(", ") + minutes_now,
                 here ? tr(", you are here") : QString());
    state_ = state;
    // What is as it was is not drawn again.
    if (heard == accessibleName()) return;
    minutes_ = minutes_now;
    note_ = note;
    here_ = here;
    setText(name);
    setChecked(here);
    nameIt(this, heard);
    setToolTip(plainTip(tr("%1 (Ctrl+%2)\n%3").arg(name).arg(index_of(stage_) + 1).arg(note)));
    update();
}

void StageKnot::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    const double wide = width() / zoom(), tall = height() / zoom(), y = tall / 2.0;
    if (here_ || hasFocus()) {
        p.setPen(hasFocus() ? c.stroke(c.string, 1.5, Qt::DashLine) : Qt::NoPen);
        p.setBrush(here_ ? c.floor : QColor(Qt::transparent));
        p.drawRoundedRect(QRectF(5, y - 29, wide - 10, 58), 8, 8);
    }
    // The string runs on above and below; slack where the stage is spoiled.
    p.setBrush(Qt::NoBrush);
    if (state_.progress == Progress::stale) {
        QPainterPath slack(QPointF(string_x, 0));
        slack.cubicTo(string_x - 16, y * 0.4, string_x + 26, y * 0.7, string_x + 4, y);
        slack.cubicTo(string_x - 22, y * 1.35, string_x + 16, y * 1.6, string_x, tall);
        p.setPen(c.stroke(c.caution, 2));
        p.drawPath(slack);
        p.drawEllipse(QPointF(string_x + 4, y), 8, 6);
    } else {
        stringLine(p, {string_x, 0}, {string_x, tall}, c.string, 2.4);
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
        if (state_.progress == Progress::done && !here_) {
            p.setPen(c.stroke(c.string, 2.4));
            p.drawEllipse(QPointF(string_x - 3, y - 2), 6.5, 5);
            p.drawEllipse(QPointF(string_x + 3, y + 3), 6.5, 5);
        } else if (!here_) {
            p.setPen(c.stroke(c.soft, 1.8));
            p.setBrush(c.panel);
            p.drawEllipse(QPointF(string_x, y), 6.5, 6.5);
        }
    }
    p.setPen(state_.progress == Progress::to_do && !here_ ? c.soft : c.chalk);
    p.setFont(chalked(15, here_));
    if (wide < folded_width + 1) return;  // the tip says the rest
    const QRectF text(58, y - 22, wide - 60, 20);
    writeIn(p, text, Qt::AlignLeft | Qt::AlignVCenter, this->text());
    // What it still takes, as expected.
    p.setFont(chalked(11.5));
    p.setPen(c.soft);
    writeIn(p, text.adjusted(0, 1, -5, 0), Qt::AlignRight | Qt::AlignVCenter, minutes_);
    p.setPen(state_.progress == Progress::stale ? c.caution : c.soft);
    p.setFont(chalked(12));
    writeIn(p, text.translated(0, 19), Qt::AlignLeft | Qt::AlignVCenter, note_);
}

LineView::LineView(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    fold(false);
    for (Stage s : all_stages) {
        auto* knot = new StageKnot(s, this);
        knots_[index_of(s)] = knot;
        connect(knot, &QAbstractButton::clicked, this, [this, s] { emit chosen(s); });
    }
}

void LineView::fold(bool folded) {
    folded_ = folded;
    setFixedWidth(static_cast<int>(std::lround((folded ? folded_width : whole_width) * zoom())));
}

void LineView::setStage(Stage stage) {
    here_ = stage;
    refresh();
}

void LineView::refresh() {
    if (!desk_.hasJob()) return;
    const Job& job = desk_.job();
    const auto states = stages_of(job, desk_.knowledge());
    for (Stage s : all_stages) {
        const StageState& st = states[static_cast<std::size_t>(index_of(s))];
        double minutes = 0.0;
        for (const EveningStep& step : desk_.answer().evening.steps)
            if (step.stage == s && desk_.showsMinutes()) minutes += step.minutes;
        const bool open = st.progress == Progress::to_do;
        QString note;
        switch (s) {
            case Stage::ask:
                note = open ? tr("what is wrong?") : tr("said");
                break;
            case Stage::check_over:
                note = marks_on(job, desk_.knowledge()).empty()
                           ? tr("%1 of %2 looked at").arg(st.done).arg(st.of)
                           : tr("a check has failed");
                break;
            case Stage::floor:
                note = open ? (st.done > 0 ? tr("known; settle the car") : tr("not surveyed"))
                            : tr("known, settled");
                break;
            case Stage::steering:
                note = open ? tr("not set straight") : tr("straight, held");
                break;
            case Stage::lines:
                note = linesNote(desk_, open);
                break;
            case Stage::read:
                note = tr("%1 of %2 spots").arg(st.done).arg(st.of);
                break;
            case Stage::turn:
                note = st.progress == Progress::done
                           ? (path_of(job, desk_.knowledge()) == Path::wheel_only ? tr("straight")
                                                                                  : tr("left as it is"))
                       : st.done == 0 ? tr("nothing turned")
                                      : tr("%n turned", nullptr, st.done);
                break;
            case Stage::drive:
                note = st.of > 0 ? tr("%n things loose", "one thing loose", st.of)
                       : open    ? tr("not driven")
                                 : tr("driven");
                break;
        }
        if (st.progress == Progress::stale) {
            const QString by = st.spoiled_by ? q(words::happening(*st.spoiled_by)) : QString();
            if (s == Stage::floor) note = tr("%1: settle again").arg(by);
            if (s == Stage::steering) note = tr("%1: look again").arg(by);
            if (s == Stage::lines) note = tr("%1: string again").arg(by);
            if (s == Stage::read)
                note = tr("%1: %2 of %3").arg(by.isEmpty() ? tr("turned") : by).arg(st.done).arg(st.of);
            if (s == Stage::check_over && st.spoiled_by) note = tr("%1: heights again").arg(by);
            if (s == Stage::drive && st.of == 0) note = tr("turned since");
        }
        if (!st.wanted && open) note = tr("not needed for this");
        knots_[static_cast<std::size_t>(index_of(s))]->set(st, note, s == here_, minutes);
    }
}

void LineView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().panel);
    p.setPen(Chalk::now().soft);
    p.scale(zoom(), zoom());
    const double wide = width() / zoom();
    if (wide < folded_width + 1) return;
    p.setFont(chalked(12));
    writeIn(p, QRectF(16, height() / zoom() - 34, wide - 20, 20), Qt::AlignLeft, tr("F1 help · Ctrl O book"));
}

void LineView::resizeEvent(QResizeEvent*) {
    const int each = std::min(static_cast<int>(86 * zoom()), (height() - static_cast<int>(44 * zoom())) / 8);
    for (int i = 0; i < 8; ++i) knots_[i]->setGeometry(0, 4 + i * each, width(), each);
}

}  // namespace fairchalk::desk

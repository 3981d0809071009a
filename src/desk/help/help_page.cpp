// SPDX-License-Identifier: GPL-3.0-or-later
#include "help/help_page.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>

#include "help/terms.h"
#include "look/chalk.h"
#include "look/html.h"

namespace fairchalk::desk {

namespace {

QString helpOn(PageId page) {
    switch (page) {
        case PageId::none:
            break;
        case PageId::evening:
            return HelpPage::tr(
                "The whole evening as one list, in three states of the car, so that it is jacked as seldom "
                "as can be. Minutes are those of your own jobs where there are some. Point at a step and go "
                "there.");
        case PageId::record:
            return HelpPage::tr(
                "One job on a sheet: as it came in and as it stands, against its targets. The odometer, and "
                "when to look again, are typed here. It is printed or kept as a PDF; a note for the shop "
                "says what is known and what this way of measuring can't see.");
        case PageId::tires:
            return HelpPage::tr(
                "Depth or temperature at three places of each tread. The pattern stands beside what the "
                "angles say, and says whether they agree.");
        case PageId::shop:
            return HelpPage::tr(
                "A shop's sheet, typed as it stands there, beside your own readings of that time. Over "
                "several sheets a bias of your own tools comes out; it is taken off only where you say so.");
        case PageId::repair:
            return HelpPage::tr(
                "Point at the joints that will be undone: what may move by that, how far at most, what to "
                "mark or measure before, and which other way spares it.");
        case PageId::card:
            return HelpPage::tr(
                "All that is known of this car. Only what is needed has to be there; the rest is asked where "
                "it is first needed.");
        case PageId::baseline:
            return HelpPage::tr("How it was before it was taken apart, to be put back so.");
        case PageId::rig:
            return HelpPage::tr("How this way of measuring is set up, step by step.");
        case PageId::tools:
            return HelpPage::tr(
                "Your rules and gauges: their division, their zero, how well they repeat. The tests here "
                "find out what nobody printed on them.");
        case PageId::lock:
            return HelpPage::tr(
                "Each nut where it sits: held, tightened to the manual's torque, marked. What locking moves "
                "is read afterwards.");
        case PageId::truth:
            return HelpPage::tr(
                "On the practice floor alone: how the car truly stood, beside what was believed. It ends the "
                "practice, so it is asked for twice.");
        case PageId::lesson:
            return HelpPage::tr(
                "One thing at a time on the simulated car: read what is drawn, type it, and see how far off "
                "it was.");
        case PageId::wire:
            return HelpPage::tr(
                "A gauge that sends what it shows: choose where it hangs, and its values go on the line.");
        case PageId::making:
            return HelpPage::tr("The sums of rigs you make yourself: bars, boards, cards.");
        case PageId::practice:
            return HelpPage::tr("A simulated car to learn on. Nothing here is about a real one.");
    }
    return {};
}

QString helpOn(Stage stage) {
    switch (stage) {
        case Stage::ask:
            return HelpPage::tr(
                "Point at what is wrong with the car and at what was changed on it. That decides which "
                "stages matter, and in what order.");
        case Stage::check_over:
            return HelpPage::tr(
                "The walk round the car before anything is measured: what is worn or loose makes every "
                "reading worthless. Point at an item, test it as the drawing says, and mark it.");
        case Stage::floor:
            return HelpPage::tr(
                "How level the four wheels stand. Camber and caster are against gravity: an uneven floor is "
                "measured once and taken off.");
        case Stage::steering:
            return HelpPage::tr(
                "Straight ahead, as you define it, and how much play there is. Everything at the front is "
                "set from there.");
        case Stage::lines:
            return HelpPage::tr(
                "What you have hangs on the wall; what you take down stands on the floor. The strings need "
                "not be square: one estimate over all readings finds out how they lie. What this way can't "
                "see is said.");
        case Stage::read:
            return HelpPage::tr(
                "One spot after the other, in the order of the shortest walk. Type what the rule shows, as "
                "it shows it: 4 1/16, 103.5, 2 9/16 strong. What was understood stands under the line before "
                "you keep it. A reading that contradicts the others is named.");
        case Stage::turn:
            return HelpPage::tr(
                "What to turn, by how much and which way, and what the rule will show when you are there. "
                "Where too little is known, nothing is asked of you but to read on, look, or make a small "
                "test turn.");
        case Stage::drive:
            return HelpPage::tr(
                "The drive is a reading too: how the steering wheel sits while it runs straight, and what "
                "the car does. Look once, stop, then type.");
    }
    return {};
}

}  // namespace

QString helpOn(Stage stage, const Page& page) {
    return page.id == PageId::none ? helpOn(stage) : helpOn(page.id);
}

HelpPage::HelpPage(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(30, 14, 30, 14);
    title_ = plainLabel(this);
    title_->setFont(type(24, true));
    column->addWidget(title_);
    auto* across = new QHBoxLayout;
    across->setSpacing(20);
    drawing_ = new QLabel(this);
    drawing_->setAlignment(Qt::AlignTop | Qt::AlignHCenter);
    drawing_->setMinimumSize(1, 1);
    drawing_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Ignored);
    across->addWidget(drawing_, 5);
    scroll_ = new QScrollArea(this);
    scroll_->setWidgetResizable(true);
    scroll_->setFocusPolicy(Qt::NoFocus);
    text_ = new QLabel(scroll_);
    text_->setWordWrap(true);
    text_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    text_->setFont(type(15));
    scroll_->setWidget(text_);
    across->addWidget(scroll_, 4);
    column->addLayout(across, 1);
    auto* words = plainLabel(this);
    words->setText(tr("The words, each with a drawing that moves:"));
    words->setFont(type(14));
    column->addWidget(words);
    auto* row = new QGridLayout;
    row->setSpacing(6);
    int n = 0;
    for (const Term& t : terms()) {
        auto* b = new QPushButton(t.name, this);
        b->setAccessibleName(t.name);
        b->setToolTip(plainTip(t.text));
        connect(b, &QPushButton::clicked, this,
                [this, id = QString::fromLatin1(t.id)] { emit termWanted(id); });
        row->addWidget(b, n / 5, n % 5);
        ++n;
    }
    column->addLayout(row);
    auto* foot = plainLabel(this);
    foot->setFont(type(13));
    foot->setText(
        tr("↑ ↓ the text   ·   Esc or F1 back   ·   the menus above have every action, with its key"));
    column->addWidget(foot);
}

void HelpPage::show(const QString& title, const QString& text, const QPixmap& drawing,
                    const std::vector<Slate::Offered>& can) {
    title_->setText(title);
    QString body = line(text);
    if (!can.empty()) body += head(tr("What can be done here now"));
    for (const Slate::Offered& o : can)
        body += line(o.key.isEmpty() ? o.text : strong(o.key) + QStringLiteral("  ") + o.text);
    body += head(tr("Everywhere"));
    for (const QString& l :
         {tr("Enter keeps what is on the line; on an empty line it goes on, where that is offered."),
          tr("Ctrl and Enter end, accept or strike: those keys mean nothing else."),
          tr("Page Up and Page Down go to another spot, Ctrl+1 to Ctrl+8 to another stage."),
          tr("Shift with Page Up and Page Down moves the text at the right."),
          tr("Escape clears the line, leaves a question, goes back."),
          tr("Ctrl+Z undoes; what shows as kept is on the disk.")})
        body += line(soft(l));
    setMarked(text_, body);
    whole_ = drawing;
    drawing_->setVisible(!whole_.isNull());
    fit();
    setAccessibleName(title + QStringLiteral(". ") + text);
    setFocus();
}

void HelpPage::fit() {
    if (whole_.isNull() || drawing_->width() < 2 || drawing_->height() < 2) return;
    drawing_->setPixmap(whole_.scaled(drawing_->size(), Qt::KeepAspectRatio, Qt::SmoothTransformation));
}

void HelpPage::resizeEvent(QResizeEvent* e) {
    QWidget::resizeEvent(e);
    fit();
}

void HelpPage::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Down || e->key() == Qt::Key_Up)
        scroll_->verticalScrollBar()->triggerAction(
            e->key() == Qt::Key_Down ? QScrollBar::SliderSingleStepAdd : QScrollBar::SliderSingleStepSub);
    else
        QWidget::keyPressEvent(e);
}

void HelpPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Chalk::now().floor);
}

}  // namespace fairchalk::desk

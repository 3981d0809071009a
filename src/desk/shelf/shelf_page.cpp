// SPDX-License-Identifier: GPL-3.0-or-later
#include "shelf/shelf_page.h"

#include <algorithm>

#include <QKeyEvent>
#include <QPainter>
#include <QPointer>

#include "guide/drawn_guide.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/season_words.h"

namespace fairchalk::desk {

ShelfLine::ShelfLine(Kind kind, const QString& text, const QString& note, QWidget* parent)
    : QAbstractButton(parent), kind_(kind), note_(note) {
    setText(text);
    setAccessibleName(text);
    setAccessibleDescription(note);
    setToolTip(plainTip(note.isEmpty() ? text : text + QLatin1Char('\n') + note));
    fit();
    setFocusPolicy(kind == Kind::car ? Qt::NoFocus : Qt::StrongFocus);
    if (kind != Kind::car) setCursor(Qt::PointingHandCursor);
}

void ShelfLine::setBelow(const QString& below) {
    below_ = below;
    setAccessibleDescription(below);
    setToolTip(plainTip(below));
    fit();
}

double ShelfLine::wide() const {
    return width() / zoom();
}

QRectF ShelfLine::underneath() const {
    return {60, 28, wide() - 74,
            QFontMetricsF(chalked(12))
                .boundingRect(QRectF(0, 0, wide() - 74, 400), Qt::TextWordWrap, below_)
                .height()};
}

/// As high as the second line is long.
void ShelfLine::fit() {
    const double high = !below_.isEmpty()       ? std::max(50.0, underneath().bottom() + 6)
                        : kind_ == Kind::car    ? 54
                        : kind_ == Kind::choice ? 34
                                                : 40;
    setFixedHeight(px(high));
}

void ShelfLine::changeEvent(QEvent* e) {
    if (e->type() == QEvent::StyleChange) fit();
    QAbstractButton::changeEvent(e);
}

void ShelfLine::resizeEvent(QResizeEvent*) {
    fit();
}

void ShelfLine::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Down || e->key() == Qt::Key_Up)
        focusNextPrevChild(e->key() == Qt::Key_Down);
    else if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        click();
    else
        QAbstractButton::keyPressEvent(e);
}

void ShelfLine::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    const double w = wide(), high = height() / zoom(), y = high / 2.0;
    if (kind_ == Kind::car) {
        chalkLine(p, {0, high - 3.0}, {w, high - 3.0}, c.faint, 2);
        p.setPen(c.chalk);
        p.setFont(chalked(19, true));
        writeIn(p, QRectF(2, 10, w * 0.5, 34), Qt::AlignLeft | Qt::AlignVCenter, text());
        p.setPen(c.soft);
        p.setFont(chalked(13));
        writeIn(p, QRectF(w * 0.5, 10, w * 0.5 - 8, 34), Qt::AlignRight | Qt::AlignVCenter, note_);
        return;
    }
    if (hasFocus()) {
        p.setPen(c.stroke(c.string, 2));
        p.setBrush(c.well);
        p.drawRoundedRect(QRectF(20, 2, w - 22, high - 4), 8, 8);
    }
    p.setPen(kind_ == Kind::begin ? c.stroke(c.soft, 1.6, Qt::DashLine) : c.stroke(c.string, 2));
    p.setBrush(done_ ? QBrush(c.string) : QBrush(Qt::NoBrush));
    p.drawEllipse(QPointF(42, y), 6, 6);
    p.setPen(kind_ == Kind::begin ? c.soft : c.chalk);
    p.setFont(chalked(15));
    const double tall = below_.isEmpty() ? high : 26;
    // What the note leaves is the name's.
    const double noted =
        note_.isEmpty() ? 0.0 : std::min(w * 0.4, QFontMetricsF(chalked(13)).horizontalAdvance(note_) + 20);
    const double name = w - 60 - 14 - noted;
    writeIn(p, QRectF(60, below_.isEmpty() ? 0 : 4, name, tall), Qt::AlignLeft | Qt::AlignVCenter, text());
    p.setPen(c.soft);
    p.setFont(chalked(13));
    writeIn(p, QRectF(60 + name, 0, noted, tall), Qt::AlignRight | Qt::AlignVCenter, note_);
    if (below_.isEmpty()) return;
    p.setFont(chalked(12));
    writeIn(p, underneath(), Qt::AlignLeft | Qt::TextWordWrap, below_);
}

WelcomeDrawing::WelcomeDrawing(QWidget* parent) : QWidget(parent) {
    setFixedHeight(px(230));
    setAccessibleName(tr("A car between two strings, and a rule from a string to a wheel"));
}

void WelcomeDrawing::changeEvent(QEvent* e) {
    if (e->type() == QEvent::StyleChange) setFixedHeight(px(230));
    QWidget::changeEvent(e);
}

void WelcomeDrawing::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    const QRectF car(width() / zoom() / 2.0 - 210, 62, 420, 112);
    drawCar(p, car);
    // The strings are not square, and need not be.
    stringLine(p, {car.left() - 110, 30}, {car.right() + 110, 18}, c.string, 2);
    stringLine(p, {car.left() - 110, 206}, {car.right() + 110, 214}, c.string, 2);
    const QPointF wheel = wheelOf(car, Wheel::front_left);
    for (double at : {-30.0, 30.0}) {
        const double x = wheel.x() + at, top = 30.0 - 12.0 * (x - car.left() + 110) / (car.width() + 220);
        chalkLine(p, {x, top}, {x, wheel.y() - 12}, c.chalk, 2);
        drawText(p, QRectF(at < 0 ? x - 114 : x - 6, top - 24, 120, 20),
                 (at < 0 ? Qt::AlignRight : Qt::AlignLeft) | Qt::AlignVCenter,
                 at < 0 ? QStringLiteral("119 mm") : QStringLiteral("4 5/8 in"), 13, c.soft);
    }
    drawText(p, QRectF(car.right() + 16, wheel.y() + 20, 260, 24), Qt::AlignLeft | Qt::AlignVCenter,
             tr("%1 ±%2").arg(q(show_toe(Angle::from_deg(0.2), {})),
                              q(show_plus_minus(Angle::from_deg(1.0 / 12), {}))),
             17, c.string, true);
}

ShelfPage::ShelfPage(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(90, 30, 90, 20);
    title_ = plainLabel(this);
    title_->setFont(type(26, true));
    column->addWidget(title_);
    note_ = plainLabel(this);
    note_->setFont(type(14));
    note_->setWordWrap(true);
    column->addWidget(note_);
    welcome_ = new WelcomeDrawing(this);
    welcome_->hide();
    column->addWidget(welcome_);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    column->addWidget(scroll, 1);
    list_ = new QWidget(scroll);
    new QVBoxLayout(list_);
    scroll->setWidget(list_);
}

namespace {

/// How soon a car wants looking at: what is due first, then by days, then the rest.
int urgency(const std::vector<Due>& dues) {
    constexpr int never = 1'000'000;
    int soonest = never;
    for (const Due& d : dues)
        soonest = std::min(soonest,
                           d.due ? -100'000 + d.days.value_or(0) : d.days.value_or(d.km ? 500 : never - 1));
    return soonest;
}

}  // namespace

void ShelfPage::refresh() {
    fill();
    askWhatIsDue();
}

/// Worked out beside the window; where it says anything new the shelf is filled again.
void ShelfPage::askWhatIsDue() {
    desk_.dues([self = QPointer(this)](std::map<std::string, std::vector<Due>> dues) {
        if (!self) return;
        const auto said = [](const std::map<std::string, std::vector<Due>>& all) {
            std::string out;
            for (const auto& [car, list] : all)
                for (const Due& d : list) out += car + words::due(d);
            return out;
        };
        const bool other = said(dues) != said(self->dues_);
        self->dues_ = std::move(dues);
        if (!other || !self->isVisible()) return;
        // Whoever has gone along the lines meanwhile stays where they are.
        const auto* at = qobject_cast<ShelfLine*>(self->focusWidget());
        const QString line = at ? at->text() + at->accessibleDescription() : QString();
        self->fill();
        // Those in the layout: the ones before them are not gone yet.
        const QLayout* column = self->list_->layout();
        for (int i = 0; i < column->count(); ++i)
            if (auto* l = qobject_cast<ShelfLine*>(column->itemAt(i)->widget());
                l && l->text() + l->accessibleDescription() == line)
                return l->takeFocus();
    });
}

ShelfLine* ShelfPage::addLine(ShelfLine::Kind kind, const QString& text, const QString& note) {
    auto* l = new ShelfLine(kind, text, note, list_);
    list_->layout()->addWidget(l);
    if (!first_ && kind != ShelfLine::Kind::car) first_ = l;
    return l;
}

/// An empty book says what this is, and how one begins.
void ShelfPage::waysIn() {
    title_->setText(tr("Fair Chalk"));
    note_->setText(
        tr("Go round a car with a rule, strings or boards, and type what you read. The strings need not be "
           "square.\nIt says each wheel's angle with its ±, which reading is wrong, what to turn, how far "
           "and "
           "which way.\nThe vehicle's manual, local rules and qualified technicians come first."));
    const auto way = [&](const QString& text, const QString& note, auto signal) {
        connect(addLine(ShelfLine::Kind::job, text, note), &QAbstractButton::clicked, this, signal);
    };
    way(tr("try it on the demo garage: three cars with a season of jobs, a copy of your own"), {},
        &ShelfPage::demoWanted);
    way(tr("learn on the practice floor: lessons, and a simulated car"), tr("Ctrl+T"),
        &ShelfPage::practiceWanted);
    way(tr("my first car"), tr("Ctrl+N"), &ShelfPage::newCarWanted);
    way(tr("open another book, or bring in a job as a file"), {}, &ShelfPage::fileWanted);
}

/// A car, what is due of it, its jobs and what can be begun.
void ShelfPage::addCar(const book::CarInfo& car) {
    const auto jobs = desk_.book().jobs(car.id);
    addLine(ShelfLine::Kind::car, QString::fromStdString(car.name),
            tr("%n jobs", "one job", static_cast<int>(car.jobs)));
    for (const Due& d : dues_[car.id]) {
        auto* due = plainLabel(list_);
        due->setText((d.due ? tr("▲ %1") : tr("%1")).arg(q(words::due(d))));
        due->setFont(type(13, d.due));
        due->setContentsMargins(20, 2, 8, 2);
        due->setWordWrap(true);
        if (d.due) colorIt(due, Chalk::now().caution);
        list_->layout()->addWidget(due);
    }
    constexpr std::size_t newest = 3;
    const bool whole = whole_.contains(car.id) || jobs.size() <= newest + 1;
    for (std::size_t n = 0; n < (whole ? jobs.size() : newest); ++n) {
        const book::JobInfo& job = jobs[n];
        auto* l = addLine(ShelfLine::Kind::job, QString::fromStdString(job.title),
                          tr("%1, %2, %n readings", "%1, %2, one reading", static_cast<int>(job.readings))
                              .arg(q(show_day(job.created)))
                              .arg(tr("%n rounds", "one round", static_cast<int>(job.rounds))));
        connect(l, &QAbstractButton::clicked, this,
                [this, id = QString::fromStdString(job.id)] { emit jobChosen(id); });
    }
    if (!whole) {
        auto* more =
            addLine(ShelfLine::Kind::begin,
                    tr("%n older jobs", "one older job", static_cast<int>(jobs.size() - newest)), {});
        connect(more, &QAbstractButton::clicked, this, [this, id = car.id] {
            whole_.insert(id);
            fill();
        });
    }
    if (!jobs.empty()) {
        auto* through =
            addLine(ShelfLine::Kind::begin, tr("through its jobs: what moved, drifts, wears"), {});
        connect(through, &QAbstractButton::clicked, this,
                [this, id = QString::fromStdString(car.id)] { emit historyWanted(id); });
    }
    auto* l = addLine(ShelfLine::Kind::begin, tr("begin a new job on this car"), {});
    connect(l, &QAbstractButton::clicked, this,
            [this, id = QString::fromStdString(car.id)] { emit newJobWanted(id); });
    auto* copy = addLine(ShelfLine::Kind::begin, tr("copy this car"), {});
    connect(copy, &QAbstractButton::clicked, this, [this, id = car.id] { copyCar(id); });
}

void ShelfPage::fill() {
    title_->setText(QString::fromStdString(desk_.book().name()));
    const auto waiting = static_cast<int>(desk_.waiting().entries);
    note_->setText(desk_.book().read_only()
                       ? QString::fromStdString(desk_.book().read_only_reason())
                       : tr("Arrow keys and Enter open a job, Ctrl+N begins a new car.") + QLatin1Char(' ') +
                             (waiting > 0 ? tr("%1 to be written yet.").arg(entriesInWords(waiting))
                                          : tr("All that is here is kept.")));
    auto* column = static_cast<QVBoxLayout*>(list_->layout());
    while (QLayoutItem* item = column->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    column->setSpacing(2);
    first_ = nullptr;
    std::vector<book::CarInfo> cars = desk_.book().cars();
    std::erase_if(cars, [this](const book::CarInfo& car) {
        // Practice cars stand on their own floor.
        const auto jobs = desk_.book().jobs(car.id);
        return !jobs.empty() && desk_.isPractice(jobs.front().id);
    });
    // A book that can't be written to says why instead.
    const bool empty = cars.empty() && !desk_.book().read_only();
    welcome_->setVisible(empty);
    if (empty) {
        waysIn();
        column->addStretch(1);
        return first_->takeFocus();
    }
    std::stable_sort(cars.begin(), cars.end(), [this](const book::CarInfo& a, const book::CarInfo& b) {
        return urgency(dues_[a.id]) < urgency(dues_[b.id]);
    });
    for (const book::CarInfo& car : cars) addCar(car);
    auto* l = addLine(ShelfLine::Kind::begin, tr("a new car"), tr("Ctrl+N"));
    connect(l, &QAbstractButton::clicked, this, &ShelfPage::newCarWanted);
    auto* practice =
        addLine(ShelfLine::Kind::begin, tr("the practice floor: lessons, and a simulated car"), tr("Ctrl+T"));
    connect(practice, &QAbstractButton::clicked, this, &ShelfPage::practiceWanted);
    auto* copies = addLine(ShelfLine::Kind::begin, tr("copies of this book"), tr("Ctrl+S"));
    connect(copies, &QAbstractButton::clicked, this, &ShelfPage::copiesWanted);
    column->addStretch(1);
    if (first_) first_->takeFocus();
}

void ShelfPage::copyCar(const std::string& car) {
    auto card = desk_.book().card(car);
    if (!card) return;
    (*card)["name"] = card->value("name", "") + tr(" (copy)").toStdString();
    desk_.make([&ids = desk_.ids(),
                card = *card](book::Book& book) { return QString::fromStdString(book.add_car(card, ids)); },
               [this](const QString&, const QString& error) {
                   refresh();
                   if (!error.isEmpty()) title_->setText(error);
               });
}

void ShelfPage::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().floor);
}

}  // namespace fairchalk::desk

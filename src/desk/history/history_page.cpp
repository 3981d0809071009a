// SPDX-License-Identifier: GPL-3.0-or-later
#include "history/history_page.h"

#include <algorithm>
#include <cmath>

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QPointer>
#include <QScrollArea>
#include <QVBoxLayout>

#include "core/judge/moved.h"
#include "floor/toe_fan.h"
#include "guide/drawn_guide.h"
#include "history/moved_text.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/record_words.h"
#include "words/season_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// The same words as on a record, with the car's own name.
QString dayOf(const book::Visit& v) {
    return q(show_day(v.info.created));
}

const Estimate& leftBy(const book::Visit& v) {
    return v.angles.left;
}

Angle widestOf(const std::vector<book::Visit>& season) {
    Angle most;
    for (const book::Visit& v : season)
        for (const WheelAngles& w : leftBy(v).wheels)
            if (w.toe.known) most = std::max(most, abs(w.toe.value));
    return most;
}

}  // namespace

SeasonFloor::SeasonFloor(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(250);
    setObjectName(QStringLiteral("season-floor"));
}

void SeasonFloor::show(const std::vector<book::Visit>* season, std::size_t chosen) {
    season_ = season;
    chosen_ = chosen;
    update();
}

QRectF SeasonFloor::slider() const {
    return {30.0, height() / zoom() - 34.0, width() / zoom() - 60.0, 20.0};
}

double SeasonFloor::at(std::size_t visit) const {
    const QRectF r = slider();
    const double from = season_->front().angles.day, to = season_->back().angles.day;
    // Jobs of one day stand beside each other all the same.
    const double by_day = to > from ? ((*season_)[visit].angles.day - from) / (to - from) : 0.5;
    const double by_count =
        season_->size() > 1 ? static_cast<double>(visit) / static_cast<double>(season_->size() - 1) : 0.5;
    return r.left() + r.width() * (0.5 * by_day + 0.5 * by_count);
}

void SeasonFloor::pick(double x) {
    if (!season_ || season_->empty()) return;
    std::size_t best = 0;
    for (std::size_t k = 1; k < season_->size(); ++k)
        if (std::abs(at(k) - x) < std::abs(at(best) - x)) best = k;
    emit chosen(best);
}

void SeasonFloor::mousePressEvent(QMouseEvent* e) {
    pick(e->position().x() / zoom());
}
void SeasonFloor::mouseMoveEvent(QMouseEvent* e) {
    if (e->buttons() & Qt::LeftButton) pick(e->position().x() / zoom());
}

void SeasonFloor::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), c.floor);
    if (!season_ || season_->empty()) return;
    p.scale(zoom(), zoom());
    const double across = width() / zoom(), down = height() / zoom();
    // Where no job knew a toe there is no way to draw.
    if (std::none_of(season_->begin(), season_->end(), [](const book::Visit& v) { return v.read; }))
        return drawText(p, QRectF(0, 0, across, down), Qt::AlignCenter | Qt::TextWordWrap,
                        tr("No wheel's angle was read on this car yet."), 16, c.soft);
    const double tall = down - 56.0, wide = std::min(across - 40.0, tall * 2.1);
    const QRectF car((across - wide) / 2, 40, wide, tall - 56);
    drawCar(p, car);
    const ToeFan fan{ToeFan::timesFor(widestOf(*season_)), tall * 0.22};
    for (std::size_t k = 0; k < season_->size(); ++k) {
        if (k == chosen_) continue;
        for (Wheel w : all_wheels) {
            const KnownAngle& toe = leftBy((*season_)[k]).wheels[static_cast<std::size_t>(index_of(w))].toe;
            if (!toe.known) continue;
            p.setPen(c.stroke(c.faint, 1.4));
            fan.line(p, wheelOf(car, w), side_of(w), toe.value);
        }
    }
    const Estimate& now = leftBy((*season_)[chosen_]);
    for (Wheel w : all_wheels) {
        const KnownAngle& toe = now.wheels[static_cast<std::size_t>(index_of(w))].toe;
        if (toe.known) fan.known(p, wheelOf(car, w), side_of(w), toe, c.string);
    }
    drawText(p, QRectF(8, tall + 4, across - 16.0, 18), Qt::AlignHCenter | Qt::AlignVCenter,
             tr("toe as each job left it, drawn %1 times as large").arg(static_cast<int>(fan.times)), 12,
             c.soft);
    // The line of days: a knot for each job.
    const QRectF r = slider();
    stringLine(p, {r.left(), r.center().y()}, {r.right(), r.center().y()}, c.string, 2);
    for (std::size_t k = 0; k < season_->size(); ++k) {
        p.setPen(c.stroke(c.string, 2));
        p.setBrush(k == chosen_ ? QBrush(c.string) : QBrush(c.floor));
        p.drawEllipse(QPointF(at(k), r.center().y()), k == chosen_ ? 8 : 5, k == chosen_ ? 8 : 5);
    }
}

HistoryPage::HistoryPage(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 14, 24, 12);
    column->setSpacing(4);
    const auto label = [&](double size, bool bold) {
        auto* l = plainLabel(this);
        l->setFont(type(size, bold));
        return l;
    };
    title_ = label(24, true);
    note_ = label(14, false);
    note_->setWordWrap(true);
    column->addWidget(title_);
    column->addWidget(note_);
    auto* across = new QHBoxLayout;
    across->setSpacing(18);
    auto* drawings = new QVBoxLayout;
    floor_ = new SeasonFloor(this);
    drawings->addWidget(floor_, 5);
    auto* over = new QHBoxLayout;
    angle_title_ = label(16, true);
    read_off_ = label(13, false);
    read_off_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    over->addWidget(angle_title_);
    over->addWidget(read_off_, 1);
    drawings->addLayout(over);
    plot_ = new AnglePlot(this);
    drawings->addWidget(plot_, 6);
    across->addLayout(drawings, 3);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    text_ = new QLabel(scroll);
    text_->setWordWrap(true);
    text_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    text_->setFont(type(14));
    text_->setContentsMargins(10, 4, 10, 4);
    scroll->setWidget(text_);
    across->addWidget(scroll, 2);
    column->addLayout(across, 1);
    keys_ = label(12, false);
    keys_->setText(
        tr("← → another job   ↑ ↓ another angle   + − 0 zoom   Enter opens the job   Esc back to the book"));
    column->addWidget(keys_);
    connect(floor_, &SeasonFloor::chosen, this, &HistoryPage::chooseVisit);
    connect(plot_, &AnglePlot::chosen, this, &HistoryPage::chooseVisit);
    connect(plot_, &AnglePlot::pointed, read_off_, &QLabel::setText);
}

void HistoryPage::begin(const std::string& car) {
    car_ = car;
    ready_ = false;
    season_.clear();
    title_->setText(tr("Working it out …"));
    note_->clear();
    setMarked(text_, QString());
    for (QWidget* w : std::initializer_list<QWidget*>{plot_, angle_title_, read_off_}) w->hide();
    floor_->show(nullptr, 0);
    desk_.season(car, [self = QPointer(this), car](JobDesk::Season season) {
        if (!self || self->car_ != car) return;
        self->season_ = std::move(season.visits);
        self->drifts_ = std::move(season.drifts);
        self->due_ = std::move(season.due);
        self->sheets_ = std::move(season.sheets);
        self->ready_ = true;
        self->visit_ = self->season_.empty() ? 0 : self->season_.size() - 1;
        const auto all = self->known();
        if (!all.empty() && std::find(all.begin(), all.end(), self->angle_) == all.end())
            self->angle_ = all.front();
        self->refresh();
    });
    setFocus();
}

void HistoryPage::setShow(const Show& how) {
    how_ = how;
    if (ready_) refresh();
}

/// The angles that any of the jobs knew.
std::vector<CarAngle> HistoryPage::known() const {
    std::vector<CarAngle> out;
    for (const CarAngle& a : angles_of_a_car())
        if (!is_cross(a.measure) && std::any_of(season_.begin(), season_.end(), [&](const book::Visit& v) {
                const KnownAngle* k = leftBy(v).find(a);
                return k && k->known;
            }))
            out.push_back(a);
    return out;
}

void HistoryPage::chooseVisit(std::size_t visit) {
    if (visit >= season_.size()) return;
    visit_ = visit;
    // What was only remembered is worked out where it is looked at.
    for (std::size_t k : {visit_, before(visit_)}) try {
            book::make_whole(desk_.book(), season_[k]);
        } catch (const std::exception&) {
            // It stays as it was remembered.
        }
    floor_->show(&season_, visit_);
    plot_->choose(visit_);
    setMarked(text_, ofTheVisit() + ofTheCar());
}

/// The job before it that read something; itself where there is none.
std::size_t HistoryPage::before(std::size_t visit) const {
    const book::Visit* v = book::read_before(season_, visit);
    return v ? static_cast<std::size_t>(v - season_.data()) : visit;
}

void HistoryPage::chooseAngle(const CarAngle& angle) {
    angle_ = angle;
    refresh();
}

void HistoryPage::stepAngle(int by) {
    const auto all = known();
    if (all.empty()) return;
    const auto it = std::find(all.begin(), all.end(), angle_);
    const auto n = static_cast<int>(all.size());
    const int i = it == all.end() ? 0 : static_cast<int>(it - all.begin());
    chooseAngle(all[static_cast<std::size_t>(((i + by) % n + n) % n)]);
}

void HistoryPage::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
        case Qt::Key_Left:
            return visit_ > 0 ? chooseVisit(visit_ - 1) : void();
        case Qt::Key_Right:
            return chooseVisit(visit_ + 1);
        case Qt::Key_Home:
            return chooseVisit(0);
        case Qt::Key_End:
            return season_.empty() ? void() : chooseVisit(season_.size() - 1);
        case Qt::Key_Up:
            return stepAngle(-1);
        case Qt::Key_Down:
            return stepAngle(+1);
        case Qt::Key_Plus:
        case Qt::Key_Equal:
            return plot_->zoom(0.6);
        case Qt::Key_Minus:
            return plot_->zoom(1.0 / 0.6);
        case Qt::Key_0:
            return plot_->whole();
        case Qt::Key_Return:
        case Qt::Key_Enter:
            if (!season_.empty()) emit jobChosen(q(season_[visit_].info.id));
            return;
        default:
            QWidget::keyPressEvent(e);
    }
}

void HistoryPage::refresh() {
    const auto card = desk_.book().card(car_);
    title_->setText(tr("%1 through its jobs").arg(card ? q(card->value("name", "")) : QString()));
    // Nothing is drawn of what nobody read.
    const bool drawn = !known().empty();
    for (QWidget* w : std::initializer_list<QWidget*>{plot_, angle_title_, read_off_}) w->setVisible(drawn);
    if (season_.empty()) {
        note_->setText(tr("There is no job on this car yet that this program can read."));
        return;
    }
    QStringList said{tr("%n jobs", "one job", static_cast<int>(season_.size()))};
    for (const book::DueVisit& d : due_) said << q(words::due(d.due));
    note_->setText(said.join(QStringLiteral(" · ")));
    std::vector<AnglePlot::Point> points;
    std::optional<Target> target;
    for (const Target& t : season_.back().file.job().targets)
        if (t == angle_ || (t.measure == angle_.measure && std::holds_alternative<Axle>(t.where) &&
                            std::holds_alternative<Wheel>(angle_.where) &&
                            std::get<Axle>(t.where) == axle_of(std::get<Wheel>(angle_.where))))
            target = t;
    for (std::size_t k = 0; k < season_.size(); ++k) {
        const book::Visit& v = season_[k];
        AnglePlot::Point p;
        p.visit = k;
        p.day = v.angles.day;
        if (const KnownAngle* a = v.angles.found.find(angle_)) p.found = *a;
        if (const KnownAngle* a = v.angles.left.find(angle_)) p.left = *a;
        p.turned = v.turned > 0;
        p.happened = v.happened;
        points.push_back(std::move(p));
    }
    angle_title_->setText(q(words::to_begin(words::measure_of(angle_))));
    read_off_->setText(tr("ring: found   disc: left   ▵ turned   ✕ something happened"));
    plot_->show(angle_.measure, std::move(points), target, how_);
    chooseVisit(visit_);
}

QString HistoryPage::ofTheVisit() const {
    const book::Visit& v = season_[visit_];
    const Job job = v.file.job();
    QString out = head(tr("%1: %2").arg(dayOf(v), q(v.info.title)));
    for (const std::string& s : words::what_happened(job, desk_.knowledge(), how_)) out += line(q(s));
    if (!v.read) out += line(soft(tr("No angle was read in it.")));
    if (const KnownAngle* a = v.angles.left.find(angle_); a && a->known)
        out += line(tr("%1: %2").arg(q(words::to_begin(words::measure_of(angle_))),
                                     strong(q(words::known(angle_.measure, *a, how_)))));
    if (any_read(v.tires)) {
        out += head(tr("Tires"));
        for (Wheel w : all_wheels) {
            const TireRead& t = v.tires[static_cast<std::size_t>(index_of(w))];
            if (const auto p = worn(t))
                out += line(tr("%1: %2, %3")
                                .arg(q(words::to_begin(words::wheel(w))),
                                     q(words::tread(t.depth, QuantityKind::length, how_)),
                                     q(words::worn_at(*p))));
        }
    }
    const book::Visit* since = book::read_before(season_, visit_);
    if (!v.read || !since) return out;
    out += head(tr("Since %1").arg(dayOf(*since)));
    return out + movedText(
                     what_moved(since->angles.left, v.angles.found),
                     [this](Axle axle) { return book::explained(season_, visit_, axle); }, 2, how_);
}

QString HistoryPage::ofTheCar() const {
    QString out;
    if (!drifts_.empty()) out += head(tr("Drifts"));
    for (const AngleDrift& d : drifts_) out += line(warn(q(words::drift(d, how_))));
    // What its adjusters do, as the newest job knows it, and in how many turns that was seen.
    std::map<std::string, int> seen;
    const book::Visit* newest = nullptr;
    for (const book::Visit& v : season_) {
        if (!v.read) continue;
        if (v.whole) newest = &v;
        for (const RodResponse& r : v.angles.left.responses) seen[r.rod] += r.turns_seen;
        for (const DeviceResponse& r : v.angles.left.device_responses)
            if (r.effect.handle == 0)
                seen[r.device + name_of(measure_of(r.effect.angle)).data()] += r.turns_seen;
    }
    QString learnt;
    if (newest) {
        const CarCard car = newest->file.job().car;
        for (const RodResponse& r : newest->angles.left.responses)
            if (seen[r.rod] > 0) learnt += line(q(words::response(r, seen[r.rod], car, how_)));
        for (const DeviceResponse& r : newest->angles.left.device_responses)
            if (r.turns_seen > 0)
                learnt += line(q(words::response(
                    r, seen[r.device + name_of(measure_of(r.effect.angle)).data()], car, how_)));
    }
    if (!learnt.isEmpty()) out += head(tr("What its adjusters do")) + learnt;
    QString wear;
    for (const TireWear& w : wear_of(book::tires_of(season_))) wear += line(q(words::wear(w, how_)));
    if (!wear.isEmpty()) out += head(tr("How its tires wear")) + wear;
    QString sheets;
    for (const SheetBeside& s : sheets_)
        for (const ComparedAngle& c : compared(s))
            if (c.call == ComparedAngle::Call::differs) sheets += line(q(words::compared(c, how_)));
    if (!sheets_.empty())
        out += head(tr("Beside a shop's sheets")) +
               (sheets.isEmpty() ? line(soft(tr("Within both ± wherever it can be told."))) : sheets);
    return out;
}

void HistoryPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Chalk::now().floor);
}

void HistoryPage::resizeEvent(QResizeEvent* e) {
    QWidget::resizeEvent(e);
    if (ready_) plot_->replot();
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "shelf/first_car.h"

#include <algorithm>

#include <QKeyEvent>
#include <QPainter>
#include <QVBoxLayout>

#include "guide/drawn_guide.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/scrolled.h"
#include "look/type_line.h"
#include "rig/rig_drawing.h"
#include "shelf/typed_length.h"

namespace fairchalk::desk {
namespace {

constexpr int columns = 4;
constexpr CardPlace wheelbase{"wheelbase", Bounded::wheelbase};
constexpr std::array spans = {CardPlace{"front_span", Bounded::rim_span},
                              CardPlace{"rear_span", Bounded::rim_span}};

}  // namespace

std::set<CardPlace> places_for(const Rig& rig) {
    std::set<CardPlace> out;
    LinesSet lines;
    lines.rigs = {std::string(rig.id)};
    for (const Spot& s : rig.walk(lines, CarCard{})) {
        const Axle axle = s.wheel ? axle_of(*s.wheel) : s.axle.value_or(Axle::front);
        for (const Lack l : reading_kind(s.kind).needs(blank_reading(s, lines))) {
            if (l == Lack::wheelbase) out.insert(wheelbase);
            if (l == Lack::rim_span) out.insert(spans[index_of(axle)]);
        }
    }
    return out;
}

WayMark::WayMark(const Rig& rig, const QString& name, QWidget* parent) : QAbstractButton(parent), rig_(rig) {
    setText(name);
    setAccessibleName(name);
    setCheckable(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setObjectName(QStringLiteral("way:") + q(std::string(rig.id)));
}

QSize WayMark::sizeHint() const {
    return {px(250), px(104)};
}

QSize WayMark::minimumSizeHint() const {
    return {px(190), px(104)};
}

void WayMark::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
        case Qt::Key_Left:
            return emit stepped(-1, 0);
        case Qt::Key_Right:
            return emit stepped(+1, 0);
        case Qt::Key_Up:
            return emit stepped(0, -1);
        case Qt::Key_Down:
            return emit stepped(0, +1);
        case Qt::Key_Space:
            return QAbstractButton::keyPressEvent(e);
        default:
            e->ignore();
    }
}

void WayMark::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    const double w = width() / zoom(), high = height() / zoom();
    // The outline is where typing goes; what was chosen has a tick.
    if (hasFocus()) {
        p.setPen(c.stroke(c.string, 2));
        p.setBrush(c.well);
        p.drawRoundedRect(QRectF(1, 1, w - 2, high - 2), 8, 8);
    }
    RigDrawing how;
    how.text = 0.1;  // only its shape, at this size
    drawRig(p, QRectF(8, 4, w - 16, high - 30), rig_, how);
    if (isChecked()) drawState(p, {18, high - 15.0}, CheckState::good, false);
    p.setPen(isChecked() ? c.chalk : c.soft);
    p.setFont(chalked(13, isChecked()));
    writeIn(p, QRectF(isChecked() ? 34 : 10, high - 26, w - (isChecked() ? 40 : 16), 22),
            Qt::AlignLeft | Qt::AlignVCenter, text());
}

FirstCarPage::FirstCarPage(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    QWidget* const page = scrolledPage(this);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(40, 18, 40, 16);
    column->setSpacing(6);
    const auto label = [&](const QString& text, double size, bool bold = false) {
        auto* l = plainLabel(page);
        l->setText(text);
        l->setFont(type(size, bold));
        l->setWordWrap(true);
        return l;
    };
    const auto line = [&](const QString& name) {
        auto* f = new TypeLine(page);
        f->setFont(type(18));
        f->setAccessibleName(name);
        connect(f, &QLineEdit::textEdited, this, [this] { problem_->clear(); });
        return f;
    };
    column->addWidget(label(tr("A new car"), 24, true));
    name_ = line(tr("The car's name"));
    name_->setObjectName(QStringLiteral("first-name"));
    name_->setPlaceholderText(tr("what it is called"));
    name_->setMaximumWidth(px(460));
    column->addWidget(name_);
    column->addSpacing(6);
    column->addWidget(
        label(tr("How will its toe be measured? It can be changed, and others added, later."), 15));
    auto* grid = new QGridLayout;
    grid->setSpacing(4);
    int n = 0;
    for (const Rig* rig : all_rigs()) {
        if (rig->use != RigUse::toe) continue;
        const RigItem* item = desk.knowledge().rig(rig->id);
        auto* mark = new WayMark(*rig, item ? q(item->text) : q(std::string(rig->id)), page);
        connect(mark, &QAbstractButton::clicked, this, [this, rig] { choose(std::string(rig->id)); });
        connect(mark, &WayMark::stepped, this,
                [this](int across, int down) { step(across + columns * down); });
        grid->addWidget(mark, n / columns, n % columns);
        ways_.push_back(mark);
        ++n;
    }
    stopAt(ways_.front());
    column->addLayout(grid, 1);
    tells_ = label({}, 14);
    column->addWidget(tells_);
    auto* row = new QGridLayout;
    row->setHorizontalSpacing(14);
    const std::pair<const char*, QString> names[] = {{"wheelbase", tr("Wheelbase, hub to hub")},
                                                     {"front_span", tr("Front rim, lip to lip")},
                                                     {"rear_span", tr("Rear rim, lip to lip")}};
    int at = 0;
    for (const auto& [key, name] : names) {
        labels_[key] = label(name, 13);
        fields_[key] = line(name);
        fields_[key]->setObjectName(QStringLiteral("first-") + QString::fromLatin1(key));
        row->addWidget(labels_[key], 0, at);
        row->addWidget(fields_[key], 1, at++);
    }
    column->addLayout(row);
    problem_ = label({}, 14);
    column->addWidget(problem_);
    auto* foot = new QHBoxLayout;
    keep_ = new QPushButton(tr("Begin the job  (Ctrl+Return)"), page);
    keep_->setObjectName(QStringLiteral("main"));
    keep_->setFont(type(15, true));
    connect(keep_, &QPushButton::clicked, this, &FirstCarPage::keep);
    auto* card = new QPushButton(tr("All of its card first  (Ctrl+I)"), page);
    connect(card, &QPushButton::clicked, this, &FirstCarPage::wholeCardWanted);
    foot->addWidget(keep_);
    foot->addWidget(card);
    foot->addStretch(1);
    auto* later = label(tr("Left empty, it is asked where it is first needed."), 13);
    later->setWordWrap(false);
    foot->addWidget(later);
    column->addLayout(foot);
    empty();
}

void FirstCarPage::begin() {
    problem_->clear();
    name_->setFocus();
}

void FirstCarPage::empty() {
    name_->clear();
    for (auto& [key, f] : fields_) f->clear();
    insisted_.clear();
    choose({});
}

BegunCar FirstCarPage::typed() const {
    BegunCar out{name_->text(), q(way_), {}};
    for (const CardPlace& place : needed()) out.sizes[place.key] = fields_.at(place.key)->text();
    return out;
}

void FirstCarPage::setShow(const Show& how) {
    const bool metric = how.lengths == Show::LengthStyle::mm;
    bare_ = metric ? Bare::mm : Bare::inch;
    for (auto& [key, f] : fields_)
        f->setPlaceholderText(key == "wheelbase" ? (metric ? tr("2565 mm") : tr("101 in"))
                                                 : (metric ? tr("416 mm") : tr("16 3/8 in")));
}

/// Nothing is chosen for anybody; chosen again, it is open again.
void FirstCarPage::choose(const std::string& way) {
    way_ = way == way_ ? std::string() : way;
    for (WayMark* m : ways_) {
        m->setChecked(m->rig().id == way_);
        m->update();
        if (m->isChecked()) stopAt(m);
    }
    const std::set<CardPlace> places = needed();
    const auto needs = [&](const std::string& key) {
        return std::any_of(places.begin(), places.end(), [&](const CardPlace& p) { return key == p.key; });
    };
    for (auto& [key, f] : fields_) {
        f->setVisible(needs(key));
        labels_[key]->setVisible(needs(key));
    }
    const RigItem* item = way_.empty() ? nullptr : desk_.knowledge().rig(way_);
    tells_->setText(!item ? tr("None chosen: it is asked on “Lines”, where what you have hangs on a wall.")
                    : places.empty()
                        ? tr("It tells: %1 Nothing of the car has to be measured for it.").arg(q(item->tells))
                        : tr("It tells: %1 For that it needs:").arg(q(item->tells)));
}

void FirstCarPage::step(int by) {
    const auto it = std::find(ways_.begin(), ways_.end(), focusWidget());
    if (it == ways_.end()) return;
    const auto n = static_cast<int>(ways_.size());
    const int at = static_cast<int>(it - ways_.begin());
    if (at + by < 0 || at + by >= n) return;
    stopAt(ways_[static_cast<std::size_t>(at + by)]);
    ways_[static_cast<std::size_t>(at + by)]->setFocus();
}

/// The ways are one stop of the Tab key: the arrows go along them, Tab on to what is typed.
void FirstCarPage::stopAt(const WayMark* stop) {
    for (WayMark* m : ways_) m->setFocusPolicy(m == stop ? Qt::StrongFocus : Qt::ClickFocus);
}

void FirstCarPage::complain(QLineEdit* at, const QString& what) {
    problem_->setText(QStringLiteral("▲ %1: %2").arg(at->accessibleName(), what));
    colorIt(problem_, Chalk::now().caution);
    at->setFocus();
    at->selectAll();
}

std::optional<std::string> FirstCarPage::sizeIn(const CardPlace& place) {
    QLineEdit* f = fields_.at(place.key);
    std::string value;
    if (f->text().trimmed().isEmpty()) return value;
    if (const QString wrong = typedLength(f->text(), place.key, place.what, bare_, insisted_, value);
        !wrong.isEmpty())
        return complain(f, wrong), std::nullopt;
    return value;
}

std::set<CardPlace> FirstCarPage::needed() const {
    return way_.empty() ? std::set<CardPlace>() : places_for(*rig_named(way_));
}

bool FirstCarPage::make(book::Json& card) {
    if (name_->text().trimmed().isEmpty())
        return complain(name_, tr("a car needs a name to be found by.")), false;
    card = {{"name", name_->text().trimmed().toStdString()}};
    for (const char* axle : {"front", "rear"}) card[axle] = book::Json::object();
    for (const CardPlace& place : needed()) {
        const auto value = sizeIn(place);
        if (!value) return false;
        if (value->empty()) continue;
        const std::string_view key = place.key;
        if (key == wheelbase.key)
            card["wheelbase"] = *value;
        else
            card[key.starts_with("front") ? "front" : "rear"]["rim_span"] = *value;
    }
    // Most cars are set by a rod at each front wheel; which way it runs is asked where the first turn hangs
    // on it, and another kind of adjuster is said on the card.
    book::Json rods = book::Json::array();
    for (const auto& [id, wheel] : {std::pair("rod-fl", "front-left"), {"rod-fr", "front-right"}})
        rods.push_back({{"id", id}, {"kind", "steering-rod"}, {"wheel", wheel}, {"step", "1/8 turn"}});
    card["adjusters"] = rods;
    return true;
}

void FirstCarPage::keep() {
    book::Json card;
    if (!make(card)) return;
    const QString way = q(way_);
    desk_.make(
        [&ids = desk_.ids(), card, title = tr("Alignment").toStdString()](book::Book& book) {
            return QString::fromStdString(
                book.add_job(book.add_car(card, ids), title, book::Json::object(), ids));
        },
        [this, way](const QString& job, const QString& error) {
            if (error.isEmpty())
                emit jobMade(job, way);
            else
                problem_->setText(QStringLiteral("▲ %1").arg(error));
        });
}

void FirstCarPage::keyPressEvent(QKeyEvent* e) {
    const bool enter = e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter;
    if (enter && e->modifiers().testFlag(Qt::ControlModifier)) return keep();
    if (enter) {
        if (focusWidget() == keep_) return keep();
        if (auto* way = qobject_cast<WayMark*>(focusWidget())) {
            if (!way->isChecked()) choose(std::string(way->rig().id));
            for (const char* key : {"wheelbase", "front_span", "rear_span"})
                if (fields_.at(key)->isVisibleTo(this)) return fields_.at(key)->setFocus();
            return keep_->setFocus();
        }
        // Asked about while its reader looks at it, and not when all is done.
        for (const CardPlace& place : needed())
            if (fields_.at(place.key) == focusWidget() && !sizeIn(place)) return;
        focusNextChild();
        return;
    }
    if (e->key() == Qt::Key_Escape) return emit givenUp();
    QWidget::keyPressEvent(e);
}

void FirstCarPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Chalk::now().floor);
}

}  // namespace fairchalk::desk

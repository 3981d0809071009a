// SPDX-License-Identifier: GPL-3.0-or-later
#include "shelf/car_page.h"

#include <algorithm>

#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <QPointer>

#include "book/target_text.h"
#include "core/car/steering_rod.h"
#include "core/quantity/typed_words.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/type_line.h"
#include "shelf/typed_length.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr const char* none = "none";

// Where each field lies on the drawing, in parts of the page.
struct FieldPlace {
    const char* key;
    double x, y, w;
};
constexpr FieldPlace field_places[] = {
    {"name", 0.03, 0.055, 0.27},
    {"title", 0.33, 0.055, 0.27},
    {"wheelbase", 0.25, 0.385, 0.13},
    {"rear_span", 0.05, 0.17, 0.12},
    {"front_span", 0.44, 0.17, 0.12},
    {"rear_hub_width", 0.05, 0.385, 0.12},
    {"front_hub_width", 0.44, 0.385, 0.12},
    {"pitch", 0.84, 0.285, 0.11},
    {"arm", 0.84, 0.345, 0.11},
    {"front_aim", 0.385, 0.74, 0.12},
    {"front_minus", 0.515, 0.74, 0.10},
    {"front_plus", 0.625, 0.74, 0.10},
    {"front_over", 0.735, 0.74, 0.10},
    {"rear_aim", 0.385, 0.86, 0.12},
    {"rear_minus", 0.515, 0.86, 0.10},
    {"rear_plus", 0.625, 0.86, 0.10},
    {"rear_over", 0.735, 0.86, 0.10},
};

/// A threaded end seen from the side. Along a level rod the flanks of a right-hand thread that face the
/// viewer lean back at the top, those of a left-hand one forward.
void drawThread(QPainter& p, QLineF along, bool right_hand, const QColor& ink) {
    constexpr double radius = 6, lean = 3, pitch = 6;
    p.setPen(QPen(ink, 1.6, Qt::SolidLine, Qt::RoundCap));
    p.setBrush(Qt::NoBrush);
    p.drawLine(along.translated(0, -radius + 1.5));
    p.drawLine(along.translated(0, radius - 1.5));
    const double side = right_hand ? lean : -lean;
    for (double x = along.x1() + pitch; x < along.x2() - 2; x += pitch)
        p.drawLine(QPointF(x - side, along.y1() - radius), QPointF(x + side, along.y1() + radius));
    p.drawLine(along.p2() - QPointF(0, radius - 1.5), along.p2() + QPointF(0, radius - 1.5));
}

}  // namespace

void CarPage::setShow(const Show& how) {
    const bool metric = how.lengths == Show::LengthStyle::mm;
    bare_ = metric ? Bare::mm : Bare::inch;
    fields_.at("wheelbase")->setPlaceholderText(metric ? tr("2565 mm") : tr("101 in"));
    for (const char* key : {"rear_span", "front_span"})
        fields_.at(key)->setPlaceholderText(metric ? tr("416 mm") : tr("16 3/8 in"));
    for (const char* key : {"front_aim", "rear_aim"})
        fields_.at(key)->setPlaceholderText(metric ? tr("0°08' in, 2 mm") : tr("0°08' in, 1/16 in"));
}

QLineEdit* CarPage::field(const char* key, const QString& name, const QString& hint) {
    auto* f = new TypeLine(this);
    f->setObjectName(QString::fromLatin1(key));
    f->setFont(type(16));
    f->setPlaceholderText(hint);
    f->setAccessibleName(name);
    f->setToolTip(plainTip(name));
    f->setStyleSheet(QStringLiteral("padding: 2px 8px; border-width: 1px;"));
    fields_[key] = f;
    names_[key] = name;
    connect(f, &QLineEdit::textEdited, this, [this] {
        problem_->clear();
        update();
    });
    return f;
}

QPushButton* CarPage::choice(const char* group, const char* value, const QString& text) {
    auto* b = new QPushButton(text, this);
    b->setCheckable(true);
    b->setAutoExclusive(false);
    b->setProperty("group", QString::fromLatin1(group));
    b->setProperty("value", QString::fromLatin1(value));
    b->setStyleSheet(QStringLiteral("padding: 5px 6px; font-size: 13px;"));
    choices_.push_back(b);
    // Chosen again, it is left open again.
    connect(b, &QPushButton::clicked, this, [this, b, g = std::string(group), v = std::string(value)] {
        choose(g.c_str(), b->isChecked() ? v : std::string());
    });
    return b;
}

std::string CarPage::chosen(const char* group) const {
    for (const QPushButton* b : choices_)
        if (b->isChecked() && b->property("group").toString() == QLatin1String(group))
            return b->property("value").toString().toStdString();
    return {};
}

void CarPage::choose(const char* group, const std::string& value) {
    for (QPushButton* b : choices_)
        if (b->property("group").toString() == QLatin1String(group))
            b->setChecked(b->property("value").toString().toStdString() == value);
    update();
}

CarPage::CarPage(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    problem_ = plainLabel(this);
    problem_->setFont(type(14));
    problem_->setWordWrap(true);
    field("name", tr("The car's name"), tr("name of the car"));
    field("title", tr("What this job is"), tr("what this job is"));
    field("wheelbase", tr("Wheelbase, hub to hub"), tr("2565 mm"));
    field("rear_span", tr("Rear rim span, between the two lips that are read"), tr("416 mm"));
    field("front_span", tr("Front rim span, between the two lips that are read"), tr("416 mm"));
    field("rear_hub_width", tr("Width over the rear hub faces, if taped"), tr("if taped"));
    field("front_hub_width", tr("Width over the front hub faces, if taped"), tr("if taped"));
    choice("rods", "behind-axle", tr("behind the axle"));
    choice("rods", "ahead-of-axle", tr("ahead of the axle"));
    choice("rods", "none", tr("no tie rods"));
    field("pitch", tr("Thread pitch of the tie rods"), tr("if counted"));
    field("arm", tr("Steering arm, if measured: steering axis to rod end"), tr("if measured"));
    choice("thread", "right", tr("right-hand"));
    choice("thread", "left", tr("left-hand"));
    choice("ends", "both", tr("sleeve, both ends"));
    choice("links", "none", tr("rear not adjustable"));
    choice("links", "ahead-of-axle", tr("toe links ahead"));
    choice("links", "behind-axle", tr("toe links behind"));
    for (const char* axle : {"front", "rear"}) {
        const bool front = std::string(axle) == "front";
        const std::string a(axle);
        choice(axle, "total", tr("total"));
        choice(axle, "each", tr("each wheel"));
        choice(axle, "half", tr("half the difference"));
        field((a + "_aim").c_str(), front ? tr("Front toe to aim at") : tr("Rear toe to aim at"),
              tr("0°08' in, 2 mm"));
        field((a + "_minus").c_str(), tr("tolerance, minus"), tr("0°15'"));
        field((a + "_plus").c_str(), tr("tolerance, plus"), tr("0°15'"));
        field((a + "_over").c_str(), tr("For a toe in mm or inches: over what span it is stated"),
              tr("span"));
        choose(axle, "total");
    }
    keep_ = new QPushButton(tr("Begin the job  (Ctrl+Return)"), this);
    keep_->setObjectName(QStringLiteral("main"));
    keep_->setFont(type(15, true));
    connect(keep_, &QPushButton::clicked, this, &CarPage::keep);
}

void CarPage::begin(const QString& car, const BegunCar& typed) {
    car_ = car;
    learns_ = keeps_ = false;
    old_card_ = old_targets_ = book::Json::object();
    for (auto& [key, f] : fields_) f->clear();
    problem_->clear();
    for (const char* group : {"rods", "thread", "ends"}) choose(group, "");
    choose("links", none);
    for (const char* axle : {"front", "rear"}) choose(axle, "total");
    fields_["title"]->setText(tr("Alignment"));
    if (const auto card = car.isEmpty() ? std::nullopt : desk_.book().card(car.toStdString())) {
        old_card_ = *card;
        learns_ = true;
        // With what the last job on it taught, as soon as that is worked out.
        desk_.taught(car.toStdString(), [self = QPointer<CarPage>(this), car](const book::Json& taught) {
            if (!self || self->car_ != car || !self->learns_) return;
            self->learns_ = false;
            self->old_card_ = taught;
            if (std::exchange(self->keeps_, false)) self->keep();
        });
        const CarCard c = book::car_from(old_card_, "car");
        // In the words of whoever wrote it.
        const auto put = [&](const char* key, const book::Json& in, const char* name) {
            if (in.contains(name) && in[name].is_string())
                fields_[key]->setText(q(in[name].get<std::string>()));
        };
        fields_["name"]->setText(q(c.name));
        put("wheelbase", old_card_, "wheelbase");
        for (Axle a : both_axles) {
            const std::string n(name_of(a));
            if (!old_card_.contains(n)) continue;
            put((n + "_span").c_str(), old_card_[n], "rim_span");
            put((n + "_hub_width").c_str(), old_card_[n], "hub_width");
        }
        const auto rod_of = [&](Axle a) {
            const Adjuster* left = c.rod_at(wheel_at(a, Side::left));
            return left ? left : c.rod_at(wheel_at(a, Side::right));
        };
        if (const Adjuster* r = rod_of(Axle::front)) {
            choose("rods", r->rod == RodSide::behind_axle     ? "behind-axle"
                           : r->rod == RodSide::ahead_of_axle ? "ahead-of-axle"
                                                              : "");
            choose("thread", r->thread == Thread::right ? "right" : r->thread == Thread::left ? "left" : "");
            choose("ends", r->double_ended ? "both" : "");
            for (const book::Json& a : old_card_["adjusters"])
                if (a.value("id", "") == r->id) {
                    put("pitch", a, "pitch");
                    put("arm", a, "arm");
                }
        } else if (!c.adjusters.empty()) {
            choose("rods", none);
        }
        if (const Adjuster* r = rod_of(Axle::rear))
            choose("links", r->rod == RodSide::behind_axle     ? "behind-axle"
                            : r->rod == RodSide::ahead_of_axle ? "ahead-of-axle"
                                                               : "");
        old_targets_ = JobDesk::lastTargets(desk_.book(), car.toStdString());
        for (const char* axle : {"front", "rear"})
            for (const char* measure : {"total_toe", "toe"}) {
                const book::Json at = old_targets_.value(axle, book::Json::object());
                const book::Json t = at.value(measure, book::Json::object());
                const std::string n(axle);
                put((n + "_aim").c_str(), t, "aim");
                put((n + "_minus").c_str(), t, "minus");
                put((n + "_plus").c_str(), t, "plus");
                put((n + "_over").c_str(), t, "span");
                if (t.contains("aim"))
                    choose(axle, measure == std::string("total_toe")                      ? "total"
                                 : t.value("basis", "") == std::string("half-difference") ? "half"
                                                                                          : "each");
            }
        fields_["title"]->setFocus();
        fields_["title"]->selectAll();
    } else {
        fields_["name"]->setText(typed.name);
        for (const auto& [key, text] : typed.sizes) fields_.at(key)->setText(text);
        fields_["name"]->setFocus();
    }
    way_ = typed.way;
    begun_ = rods();
    for (const char* axle : {"front", "rear"}) aims_begun_[axle] = aim(axle);
    update();
}

QString CarPage::text(const char* key) const {
    return fields_.at(key)->text().trimmed();
}

bool CarPage::complain(const char* key, const QString& what) {
    problem_->setText(QStringLiteral("▲ %1: %2").arg(names_.at(key), what));
    colorIt(problem_, Chalk::now().caution);
    fields_.at(key)->setFocus();
    fields_.at(key)->selectAll();
    return false;
}

/// A length as it was typed, or nothing; false where something is said about it.
bool CarPage::length(const char* key, std::string& out, Bounded what, Bare bare) {
    if (text(key).isEmpty()) return true;
    // Questioned once; whoever begins the job again with the same insists.
    const QString wrong = typedLength(text(key), key, what, bare, insisted_, out);
    return wrong.isEmpty() || complain(key, wrong);
}

/// The same, put where it belongs; what was left empty stays as it was.
bool CarPage::put(book::Json& at, const char* name, const char* key, Bounded what) {
    std::string value;
    if (!length(key, value, what, bare_)) return false;
    if (!value.empty()) at[name] = value;
    return true;
}

CarPage::Rods CarPage::rods() const {
    return {chosen("rods"),
            chosen("thread"),
            chosen("ends"),
            chosen("links"),
            text("pitch").toStdString(),
            text("arm").toStdString()};
}

/// One rod or link: what is said otherwise than as the page began. All else of it stays as it is.
bool CarPage::put(book::Json& rod, bool link) {
    const Rods now = rods();
    const auto put = [&](const char* key, const std::string& is, const std::string& was) {
        if (is == was) return;
        // Left open it is asked for, under the car, where the first turn hangs on it.
        if (is.empty())
            rod.erase(key);
        else
            rod[key] = is;
    };
    if (link) return put("rod", now.links, begun_.links), true;
    put("rod", now.runs, begun_.runs);
    put("thread", now.thread, begun_.thread);
    if (now.ends != begun_.ends) rod["double_ended"] = now.ends == "both";
    if (now.pitch != begun_.pitch && !this->put(rod, "pitch", "pitch", Bounded::thread_pitch)) return false;
    if (now.arm != begun_.arm) {
        if (!this->put(rod, "arm", "arm", Bounded::steering_arm)) return false;
        rod.erase("arm_sigma");
    }
    return true;
}

/// Rods and links as they were chosen, beside all else that the card has.
bool CarPage::makeRods(book::Json& card) {
    const Rods now = rods();
    book::Json adjusters = book::Json::array();
    bool rod_there = false, link_there = false;
    if (card.contains("adjusters"))
        for (book::Json a : card["adjusters"]) {
            const bool rod = a.value("kind", "") == steering_rod_kind,
                       link = a.value("kind", "") == toe_link_kind;
            if ((rod && now.runs == none) || (link && now.links == none)) continue;
            if ((rod || link) && !put(a, link)) return false;
            rod_there = rod_there || rod;
            link_there = link_there || link;
            adjusters.push_back(a);
        }
    const auto pair = [&](std::string_view kind, bool link, const char* axle, const char* id) {
        for (const char* side : {"left", "right"}) {
            book::Json rod = {{"id", id + std::string(1, side[0])},
                              {"kind", kind},
                              {"wheel", axle + std::string("-") + side},
                              {"step", "1/8 turn"}};
            if (!put(rod, link)) return false;
            adjusters.push_back(rod);
        }
        return true;
    };
    // Most cars are set by a rod at each front wheel.
    if (now.runs != none && !rod_there && (car_.isEmpty() || now.runs != begun_.runs) &&
        !pair(steering_rod_kind, false, "front", "rod-f"))
        return false;
    if (now.links != none && !link_there && !pair(toe_link_kind, true, "rear", "link-r")) return false;
    if (card.contains("adjusters") || !adjusters.empty()) card["adjusters"] = adjusters;
    return true;
}

CarPage::Aim CarPage::aim(const std::string& axle) const {
    Aim out{q(chosen(axle.c_str()))};
    for (const char* part : {"_aim", "_minus", "_plus", "_over"}) out << text((axle + part).c_str());
    return out;
}

Expect CarPage::written(const std::string& axle) const {
    std::vector<std::string> parts;
    for (const char* part : {"_over", "_minus", "_plus", "_aim"})
        parts.push_back(as_in_a_file(text((axle + part).c_str()).toStdString()));
    return book::toe_written_as(parts);
}

/// A span beside an angle is in the garage's own unit.
Bare CarPage::spanUnit(const Expect& toe) const {
    const bool length = toe.bare == Bare::mm || toe.bare == Bare::cm || toe.bare == Bare::inch;
    return length ? toe.bare : bare_;
}

/// The toe of both axles as it was typed, for the job and its card; what is not said otherwise than in the
/// last job stays.
bool CarPage::makeTargets(book::Json& card, book::Json& targets) {
    targets = old_targets_;
    // The card's set-up in use says the same.
    book::Json set_ups = card.value("setups", book::Json::object());
    const std::string in_use = book::WrittenCard(card).set_up();
    book::Json on_card = set_ups.value(in_use, book::Json::object());
    for (const char* axle : {"front", "rear"}) {
        const std::string a(axle);
        if (aim(a) == aims_begun_.at(a)) continue;
        for (book::Json* aims : {&targets, &on_card}) {
            if (!aims->contains(axle)) continue;
            for (const char* measure : {"total_toe", "toe"}) (*aims)[axle].erase(measure);
            if ((*aims)[axle].empty()) aims->erase(axle);
        }
        if (text((a + "_aim").c_str()).isEmpty()) continue;
        book::Json t = book::Json::object();
        const std::string basis = chosen(axle);
        bool as_length = false;
        std::optional<Quantity> aim;  // it comes first
        const Expect expect = written(a);
        for (const char* part : {"aim", "minus", "plus"}) {
            const std::string key = a + "_" + part;
            if (text(key.c_str()).isEmpty()) {
                if (std::string(part) != "aim" && text((a + "_minus").c_str()).isEmpty() &&
                    text((a + "_plus").c_str()).isEmpty())
                    return complain((a + "_minus").c_str(),
                                    tr("a target needs its tolerance, like 0°15' or 1.5 mm."));
                continue;
            }
            const std::string typed = text(key.c_str()).toStdString();
            const auto q = aim ? book::read_tolerance(typed, *aim, expect) : read_quantity(typed, expect);
            if (!q) return complain(key.c_str(), QString::fromStdString(words::sentence(q.error())));
            if (!aim) aim = *q;
            as_length = as_length || q->kind == QuantityKind::length;
            t[part] = q->text;
        }
        std::string span;
        if (as_length && text((a + "_over").c_str()).isEmpty())
            return complain(
                (a + "_over").c_str(),
                tr("toe as a length means nothing without the diameter it is stated over, like 416 mm."));
        if (as_length && !length((a + "_over").c_str(), span, Bounded::rim_span, spanUnit(expect)))
            return false;
        if (!span.empty()) t["span"] = span;
        if (basis == "half") t["basis"] = "half-difference";
        for (book::Json* aims : {&targets, &on_card})
            book::put_aim(*aims, axle, {basis == "total" ? "total_toe" : "toe", t, {}});
    }
    if (on_card.empty())
        set_ups.erase(in_use);
    else
        set_ups[in_use] = on_card;
    if (set_ups.empty())
        card.erase("setups");
    else
        card["setups"] = set_ups;
    return true;
}

bool CarPage::make(book::Json& card, book::Json& targets) {
    if (text("name").isEmpty()) return complain("name", tr("a car needs a name to be found by."));
    card = old_card_;
    card["name"] = text("name").toStdString();
    // What is left empty is asked where it is first needed.
    if (!put(card, "wheelbase", "wheelbase", Bounded::wheelbase)) return false;
    for (const char* axle : {"front", "rear"}) {
        const std::string a(axle);
        if (!card.contains(axle)) card[axle] = book::Json::object();
        if (!put(card[axle], "rim_span", (a + "_span").c_str(), Bounded::rim_span)) return false;
        if (!put(card[axle], "hub_width", (a + "_hub_width").c_str(), Bounded::hub_width)) return false;
    }
    if (!makeRods(card) || !makeTargets(card, targets)) return false;
    try {
        book::car_from(card, "car");
        book::targets_from(targets, "targets");
    } catch (const book::FileError& e) {
        problem_->setText(
            QStringLiteral("▲ %1: %2")
                .arg(QString::fromStdString(e.place), QString::fromStdString(words::sentence(e.message))));
        return false;
    }
    return true;
}

void CarPage::keep() {
    if (learns_) {
        // The new job begins with what the last one taught.
        keeps_ = true;
        problem_->setText(tr("What the last job on this car taught is being worked out …"));
        return;
    }
    book::Json card, targets;
    if (!make(card, targets)) return;
    const QString title = text("title").isEmpty() ? tr("Alignment") : text("title");
    // On the writer's thread: the window does not wait for the disk.
    desk_.make(
        [&ids = desk_.ids(), car = car_.toStdString(), card, targets, title](book::Book& book) {
            const bool fresh = car.empty();
            const std::string its = fresh ? book.add_car(card, ids) : car;
            const std::string job = book.add_job(its, title.toStdString(), targets, ids);
            if (!fresh && card != book.card(its)) {
                // The card as it was edited here stands at the head of the new job.
                book::Json e = book::Json::object();
                e["id"] = ids.next();
                e["at"] = ids.now();
                e["kind"] = "car";
                e["car"] = card;
                book.append(job, {e});
            }
            return QString::fromStdString(job);
        },
        [this](const QString& job, const QString& error) {
            if (error.isEmpty())
                emit jobMade(job, way_);
            else
                problem_->setText(QStringLiteral("▲ %1").arg(error));
        });
}

void CarPage::keyPressEvent(QKeyEvent* e) {
    if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && (e->modifiers() & Qt::ControlModifier))
        keep();
    else if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        focusNextChild();
    else if (e->key() == Qt::Key_Escape)
        emit givenUp();
    else
        QWidget::keyPressEvent(e);
}

void CarPage::resizeEvent(QResizeEvent*) {
    const double w = width(), h = height();
    for (const FieldPlace& p : field_places)
        fields_.at(p.key)->setGeometry(QRectF(w * p.x, h * p.y, w * p.w, 34).toRect());
    const auto row = [&](const char* group, double x, double y, double each) {
        double at = w * x;
        for (QPushButton* b : choices_)
            if (b->property("group").toString() == QLatin1String(group)) {
                b->setGeometry(QRectF(at, h * y, w * each - 6, 32).toRect());
                at += w * each;
            }
    };
    row("rods", 0.63, 0.17, 0.115);
    row("thread", 0.63, 0.43, 0.115);
    row("ends", 0.86, 0.43, 0.115);
    row("links", 0.63, 0.565, 0.115);
    row("front", 0.03, 0.74, 0.115);
    row("rear", 0.03, 0.86, 0.115);
    keep_->setGeometry(QRectF(w * 0.74, h * 0.925, w * 0.24, 46).toRect());
    problem_->setGeometry(QRectF(w * 0.03, h * 0.92, w * 0.68, 50).toRect());
    tabAsRead();
}

/// Line by line, each from the left.
void CarPage::tabAsRead() {
    std::vector<QWidget*> all(choices_.begin(), choices_.end());
    for (const auto& [key, f] : fields_) all.push_back(f);
    all.push_back(keep_);
    constexpr int line = 24;
    std::sort(all.begin(), all.end(), [](const QWidget* a, const QWidget* b) { return a->y() < b->y(); });
    for (auto from = all.begin(); from != all.end();) {
        const auto to =
            std::find_if(from, all.end(), [&](const QWidget* x) { return x->y() - (*from)->y() > line; });
        std::sort(from, to, [](const QWidget* a, const QWidget* b) { return a->x() < b->x(); });
        from = to;
    }
    for (std::size_t i = 1; i < all.size(); ++i) setTabOrder(all[i - 1], all[i]);
}

void CarPage::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.fillRect(rect(), c.floor);
    p.setRenderHint(QPainter::Antialiasing);
    const double w = width(), h = height();
    // The car from above, nose to the right: its lengths are typed where they lie.
    const double l = w * 0.11, r = w * 0.50, top = h * 0.265, bottom = h * 0.545;
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.faint, 1.6));
    p.drawRoundedRect(QRectF(l - 54, top - 4, r - l + 124, bottom - top + 8), 60, 50);
    p.setPen(c.stroke(c.chalk, 2.4));
    for (double x : {l, r})
        for (double y : {top, bottom}) p.drawRoundedRect(QRectF(x - 40, y - 14, 80, 28), 7, 7);
    const auto measure = [&](QPointF a, QPointF b) {
        p.setPen(c.stroke(c.target, 1.4));
        p.drawLine(a, b);
        const bool flat = std::abs(a.y() - b.y()) < 1;
        for (const QPointF& e : {a, b})
            p.drawLine(e - (flat ? QPointF(0, 6) : QPointF(6, 0)),
                       e + (flat ? QPointF(0, 6) : QPointF(6, 0)));
    };
    measure({l, h * 0.475}, {r, h * 0.475});
    measure({l - 40, top - 26}, {l + 40, top - 26});
    measure({r - 40, top - 26}, {r + 40, top - 26});
    measure({l - 30, top + 16}, {l - 30, bottom - 16});
    measure({r + 30, top + 16}, {r + 30, bottom - 16});
    p.setFont(chalked(13));
    p.setPen(c.soft);
    const auto say = [&](double x, double y, const QString& s) {
        writeIn(p, QRectF(w * x, h * y, w * 0.5, 18), Qt::AlignLeft, s);
    };
    say(0.03, 0.025, tr("The car"));
    say(0.33, 0.025, tr("This job"));
    say(0.05, 0.14, tr("rim span, rear"));
    say(0.44, 0.14, tr("rim span, front"));
    say(0.25, 0.355, tr("wheelbase"));
    say(0.05, 0.355, tr("over the hubs"));
    say(0.44, 0.355, tr("over the hubs"));
    say(0.63, 0.14, tr("The tie rods, from above, front to the right (or leave it open)"));
    say(0.63, 0.297, tr("thread pitch, a full turn:"));
    say(0.63, 0.357, tr("steering arm, axis to rod end:"));
    say(0.63, 0.403, tr("The thread at the outer end (or leave it open)"));
    say(0.63, 0.535, tr("The rear axle"));
    // How the rods run decides which way is which.
    const double rx = w * 0.63;
    int i = 0;
    for (const char* runs : {"behind-axle", "ahead-of-axle"}) {
        const double x = rx + w * 0.0575 + i * w * 0.115, y = h * 0.255;
        const bool on = chosen("rods") == runs;
        p.setPen(c.stroke(on ? c.chalk : c.faint, 2));
        p.drawRoundedRect(QRectF(x - 26, y - 16, 52, 13), 4, 4);
        p.drawLine(QPointF(x, y - 3), QPointF(x, y + 22));
        const double rod = x + (i == 0 ? -18 : 18);
        p.setPen(c.stroke(on ? c.string : c.soft, 3));
        p.drawLine(QPointF(rod, y - 2), QPointF(rod, y + 22));
        p.drawEllipse(QPointF(rod, y - 2), 3, 3);
        ++i;
    }
    // The thread's hand by the lean of its flanks; a sleeve has one of each and a tube to turn between them.
    const auto ink = [&](bool on) { return on ? c.string : c.soft; };
    const double ty = h * 0.5;
    drawThread(p, {QPointF(rx + 14, ty), QPointF(rx + w * 0.115 - 24, ty)}, true,
               ink(chosen("thread") == "right"));
    drawThread(p, {QPointF(rx + w * 0.115 + 14, ty), QPointF(rx + w * 0.23 - 24, ty)}, false,
               ink(chosen("thread") == "left"));
    const double sx = rx + w * 0.23, half = w * 0.0575;
    const QColor sleeve = ink(chosen("ends") == "both");
    drawThread(p, {QPointF(sx + 8, ty), QPointF(sx + half - 26, ty)}, true, sleeve);
    drawThread(p, {QPointF(sx + half + 20, ty), QPointF(sx + 2 * half - 14, ty)}, false, sleeve);
    p.setPen(c.stroke(sleeve, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(sx + half - 28, ty - 9, 50, 18));
    p.drawLine(QPointF(sx + half - 28, ty), QPointF(sx + half + 22, ty));
    p.setPen(QPen(c.floor_line, 2));
    p.drawLine(QPointF(w * 0.02, h * 0.645), QPointF(w * 0.98, h * 0.645));
    p.setPen(c.soft);
    say(0.03, 0.66, tr("What to aim at, in the terms of the car's manual, which comes first:"));
    if (!old_targets_.empty()) say(0.54, 0.66, tr("as before; camber and the rest stay too"));
    say(0.03, 0.71, tr("Front toe, as"));
    say(0.03, 0.83, tr("Rear toe, as"));
    say(0.385, 0.71, tr("aim"));
    say(0.515, 0.71, tr("minus"));
    say(0.625, 0.71, tr("plus"));
    say(0.735, 0.71, tr("if a length, over"));
    // What each target was understood as, before it is kept.
    for (const char* axle : {"front", "rear"}) {
        const double y = h * (std::string(axle) == "front" ? 0.74 : 0.86);
        p.setPen(c.stroke(c.target, 1.2));
        p.setBrush(hatch(c.target));
        const auto band = understood(axle);
        if (!band) continue;
        p.drawRect(QRectF(w * 0.855, y - 12, w * 0.13, 12));
        p.setFont(chalked(13));
        p.setPen(c.chalk);
        writeIn(
            p, QRectF(w * 0.845, y + 2, w * 0.15, 32), Qt::AlignCenter | Qt::TextWordWrap,
            tr("%1 to\n%2")
                .arg(QString::fromStdString(show_toe(band->lo)), QString::fromStdString(show_toe(band->hi))));
    }
}

std::optional<Target> CarPage::understood(const std::string& axle) const {
    std::optional<Quantity> aim;
    const Expect expect = written(axle);
    const auto read = [&](const char* part) -> std::optional<Quantity> {
        const std::string typed = text((axle + part).c_str()).toStdString();
        const auto q = aim ? book::read_tolerance(typed, *aim, expect) : read_quantity(typed, expect);
        return q ? std::optional<Quantity>(*q) : std::nullopt;
    };
    aim = read("_aim");
    if (!aim) return std::nullopt;
    const std::string basis = chosen(axle.c_str());
    ToeAsLength terms;
    terms.half_difference = basis == "half";
    const auto span =
        read_quantity(text((axle + "_over").c_str()).toStdString(), {Expect::Kind::length, spanUnit(expect)});
    if (span && span->value > 0) terms.span = span->length();
    const auto target = target_from(basis == "total" ? Measure::total_toe : Measure::toe, *aim,
                                    read("_minus"), read("_plus"), terms);
    if (!target || !target->has_tolerance) return std::nullopt;
    return *target;
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "slate/slate.h"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QStyle>
#include <QVBoxLayout>

#include "core/job/rig.h"
#include "line/line_view.h"
#include "look/chalk.h"
#include "look/html.h"
#include "slate/plan_offers.h"
#include "slate/read_text.h"
#include "slate/turn_text.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

QString otherUnit(const Quantity& quantity) {
    if (quantity.kind != QuantityKind::length) return QStringLiteral("%1 deg").arg(quantity.value, 0, 'f', 3);
    // As typed is on the entry line; here stand both millimetres and inches.
    return QStringLiteral("%1 mm (%2 in)")
        .arg(quantity.value, 0, 'f', quantity.resolution < 0.1 ? 2 : 1)
        .arg(quantity.value / 25.4, 0, 'f', 3);
}

/// can't, cant, cannot, can not: it does not turn.
bool saysCannot(const QString& text) {
    const QString word = text.trimmed().toLower();
    return word.startsWith(QLatin1String("can")) || word == QCoreApplication::translate("Slate", "can't");
}

/// Rich text whose size is set by who holds it: finding a hint of its own would lay it out several times.
class BodyText : public QLabel {
  public:
    using QLabel::QLabel;
    QSize sizeHint() const override { return size(); }
    QSize minimumSizeHint() const override { return {1, 1}; }
};

/// What can happen to a car between two readings, each with its key.
struct Happens {
    ChangeKind kind;
    std::optional<Axle> axle;
    const char* text;
};
const std::array<Happens, 10> happens = {{
    {ChangeKind::jacked, Axle::front, QT_TRANSLATE_NOOP("Slate", "front jacked up")},
    {ChangeKind::jacked, Axle::rear, QT_TRANSLATE_NOOP("Slate", "rear jacked up")},
    {ChangeKind::rolled, {}, QT_TRANSLATE_NOOP("Slate", "rolled")},
    {ChangeKind::bounced, {}, QT_TRANSLATE_NOOP("Slate", "bounced")},
    {ChangeKind::strings_moved, {}, QT_TRANSLATE_NOOP("Slate", "strings moved")},
    {ChangeKind::steering_recentred, {}, QT_TRANSLATE_NOOP("Slate", "steering moved")},
    {ChangeKind::pressures_changed, {}, QT_TRANSLATE_NOOP("Slate", "pressures changed")},
    {ChangeKind::load_changed, {}, QT_TRANSLATE_NOOP("Slate", "load changed")},
    {ChangeKind::locked, Axle::front, QT_TRANSLATE_NOOP("Slate", "front locked")},
    {ChangeKind::locked, Axle::rear, QT_TRANSLATE_NOOP("Slate", "rear locked")},
}};

}  // namespace

Slate::Slate(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setObjectName(QStringLiteral("panel"));
    setFixedWidth(366);
    setFocusPolicy(Qt::ClickFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 10, 16, 10);
    column->setSpacing(6);
    auto* top = new QHBoxLayout;
    number_ = plainLabel(this);
    number_->setFont(type(28, true));
    title_ = plainLabel(this);
    title_->setFont(type(17, true));
    subtitle_ = plainLabel(this);
    subtitle_->setFont(type(13));
    auto* titles = new QVBoxLayout;
    titles->setSpacing(1);
    titles->addWidget(title_);
    titles->addWidget(subtitle_);
    top->addWidget(number_);
    top->addSpacing(6);
    top->addLayout(titles, 1);
    column->addLayout(top);
    close_up_ = new CloseUp(this);
    column->addWidget(close_up_);
    as_written_ = new QPushButton(tr("Turned as written   F2"), this);
    as_written_->setObjectName(QStringLiteral("main"));
    as_written_->setFont(type(15, true));
    i_turned_ = new QPushButton(tr("I turned …  F3"), this);
    leave_ = new QPushButton(tr("Leave it …  F4"), this);
    column->addWidget(as_written_);
    auto* pair = new QHBoxLayout;
    pair->addWidget(i_turned_);
    pair->addWidget(leave_);
    column->addLayout(pair);
    connect(as_written_, &QPushButton::clicked, this, &Slate::turnedAsWritten);
    connect(i_turned_, &QPushButton::clicked, this, &Slate::startTurned);
    connect(leave_, &QPushButton::clicked, this, &Slate::startAccept);

    act_area_ = new QWidget(this);
    new QGridLayout(act_area_);
    act_area_->layout()->setContentsMargins(0, 0, 0, 0);
    static_cast<QGridLayout*>(act_area_->layout())->setSpacing(6);
    act_area_->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
    column->addWidget(act_area_);

    entry_ = new QLineEdit(this);
    entry_->setFont(type(32, true));
    entry_->setFixedHeight(70);
    entry_->setMaxLength(10'000);
    entry_->installEventFilter(this);
    column->addWidget(entry_);
    understood_ = plainLabel(this);
    understood_->setFont(type(14));
    understood_->setWordWrap(true);
    understood_->setMinimumHeight(40);
    understood_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    column->addWidget(understood_);

    body_ = new BodyText(this);
    body_->setFont(type(14));
    body_->setWordWrap(true);
    body_->setTextFormat(Qt::RichText);
    body_->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    auto* scroll = new QScrollArea(this);
    scroll_ = scroll;
    scroll->setWidget(body_);
    // The text is measured once, here: a layout would ask it for its height at many widths.
    scroll->setWidgetResizable(false);
    scroll->viewport()->installEventFilter(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    column->addWidget(scroll, 1);

    connect(entry_, &QLineEdit::returnPressed, this, &Slate::enter);
    connect(entry_, &QLineEdit::textEdited, this, [this] {
        error_.clear();
        insisted_.clear();
        meant_.clear();
        understand();
    });
}

/// Buttons for what can be done here: a wide one first where one is meant, then two in a row.
void Slate::showActs(const std::vector<Act>& acts, bool keys, std::size_t first_key) {
    if (acts == shown_acts_ && keys == shown_keys_ && first_key == first_key_) return;
    shown_acts_ = acts;
    shown_keys_ = keys;
    first_key_ = first_key;
    auto* grid = static_cast<QGridLayout*>(act_area_->layout());
    while (act_buttons_.size() < acts.size()) {
        auto* b = new QPushButton(act_area_);
        b->setFocusPolicy(Qt::TabFocus);  // pointed at, it leaves the line its focus
        b->setMinimumHeight(38);          // its own hint is not known before it is first shown
        const std::size_t n = act_buttons_.size();
        connect(b, &QPushButton::clicked, this, [this, n] { actOfGuide(n + first_key_); });
        act_buttons_.push_back(b);
    }
    // A list to choose from keeps one width.
    const bool list = !keys && std::any_of(acts.begin(), acts.end(),
                                           [](const Act& a) { return a.text.size() > widest_half; });
    int row = 0, column = 0;
    for (std::size_t i = 0; i < act_buttons_.size(); ++i) {
        QPushButton* b = act_buttons_[i];
        grid->removeWidget(b);
        b->setVisible(i < acts.size());
        if (i >= acts.size()) continue;
        const Act& a = acts[i];
        const std::size_t at = i + first_key;
        const QString key = !keys    ? QStringLiteral("  %1").arg((at + 1) % 10)
                            : at < 3 ? QStringLiteral("  F%1").arg(at + 2)
                            : at < 9 ? QStringLiteral("  Alt %1").arg(at + 1)
                                     : QString();
        b->setText(a.text + (a.text.contains(QStringLiteral("  F")) && keys ? QString() : key));
        b->setAccessibleName(a.text);
        b->setCheckable(a.chosen);
        b->setChecked(a.chosen);
        const QString name = a.main ? QStringLiteral("main") : QString();
        if (b->objectName() != name) {
            b->setObjectName(name);
            b->style()->unpolish(b);  // styled by its name
            b->style()->polish(b);
        }
        b->ensurePolished();
        const bool wide = a.main || list || a.text.size() + key.size() > widest_half + 3;
        if (wide && column == 1) ++row, column = 0;
        grid->addWidget(b, row, column, 1, wide ? 2 : 1);
        if (wide || column == 1)
            ++row, column = 0;
        else
            column = 1;
    }
    act_area_->setVisible(!acts.empty());
    // At once, not with the next event: the last list may have had other rows.
    grid->activate();
    act_area_->setFixedHeight(grid->sizeHint().height());
}

bool Slate::actOfGuide(std::size_t n) {
    if (mode_ == Mode::happening) {
        if (n >= happens.size()) return false;
        const Happens& h = happens[n];
        desk_.happened(h.kind, h.axle);
        setStage(stage_, guide_);
        return true;
    }
    if (mode_ == Mode::plans) {
        const auto offers = plan_offers(desk_);
        if (n >= offers.size()) return false;
        take_up(desk_, offers[n]);
        setStage(stage_, guide_);
        return true;
    }
    if (mode_ == Mode::loose) {
        loose_state_ = static_cast<PartState>(n);
        refresh();
        return true;
    }
    if (mode_ == Mode::reading && stage_ == Stage::read && !guide_) {
        const auto acts = readActs();
        if (n >= acts.size()) return false;
        acts[n].run();
        if (mode_ == Mode::reading) entry_->setFocus();  // where it was clicked, the line has lost it
        return true;
    }
    if (mode_ == Mode::idle && stage_ == Stage::turn && !guide_) {
        // F2 to F4 are the sheet's own.
        const auto acts = turnActs();
        if (n < first_turn_key || n - first_turn_key >= acts.size()) return false;
        acts[n - first_turn_key].run();
        return true;
    }
    if (!guide_) return false;
    const auto acts = guide_->acts();
    if (n >= acts.size()) return false;
    entry_->clear();
    error_.clear();
    guide_->act(acts[n].id);
    return true;
}

void Slate::setBody(const QString& html) {
    body_html_ = desk::html(html);
    layOutBody();
}

/// Laying out rich text is slow: before the window shows, only the last of several is worth it.
void Slate::layOutBody() {
    if (!isVisible()) return;
    const int width = scroll_->viewport()->width();
    if (body_html_ == body_->text() && width == body_->width()) return;
    if (body_html_ != body_->text()) body_->setText(body_html_);
    body_->resize(width, std::max(1, body_->heightForWidth(width)));
}

void Slate::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    layOutBody();
}

bool Slate::eventFilter(QObject* watched, QEvent* event) {
    if (watched == scroll_->viewport() && event->type() == QEvent::Resize) layOutBody();
    if (watched == entry_ && event->type() == QEvent::ShortcutOverride && entry_->text().isEmpty()) {
        // With nothing typed, undo is about the job and not about the line.
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo))
            return event->ignore(), true;
    }
    if (watched == entry_ && event->type() == QEvent::ShortcutOverride) {
        // Where a line edit has a meaning of its own for one of the window's keys (Ctrl+E under X11), the
        // window's comes first.
        const auto* key = static_cast<QKeyEvent*>(event);
        constexpr std::array windows = {Qt::Key_E, Qt::Key_K, Qt::Key_L, Qt::Key_I, Qt::Key_D,
                                        Qt::Key_O, Qt::Key_N, Qt::Key_P, Qt::Key_R, Qt::Key_T};
        if (key->modifiers() == Qt::ControlModifier &&
            std::find(windows.begin(), windows.end(), key->key()) != windows.end())
            return event->ignore(), true;
        // Escape is the line's own while there is something to leave or to clear.
        if (key->key() == Qt::Key_Escape && (asksBesides() || !entry_->text().isEmpty()))
            return event->accept(), true;
    }
    if (watched == entry_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Tab && !meant_.isEmpty()) {
            entry_->setText(meant_.takeFirst());
            error_.clear();
            insisted_.clear();
            understand();
            return true;
        }
        if (key->key() == Qt::Key_Space && desk_.practice() && mode_ == Mode::reading &&
            entry_->text().isEmpty())
            return holdThere(), true;
        if (key->key() == Qt::Key_PageDown || (key->key() == Qt::Key_Down)) return step(+1), true;
        if (key->key() == Qt::Key_PageUp || (key->key() == Qt::Key_Up)) return step(-1), true;
        if (key->key() == Qt::Key_Escape) {
            if (asksBesides())
                setStage(stage_, guide_);
            else if (mode_ == Mode::guide && entry_->text().isEmpty())
                return false;  // the window's: back from a page
            else
                entry_->clear(), error_.clear(), understand();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

void Slate::setShow(const Show& how) {
    how_ = how;
    refresh();
}

void Slate::setStage(Stage stage, Guide* guide) {
    held_.reset();
    if (stage_ == Stage::lines && stage == Stage::read) spot_.reset();  // other lines, another walk
    stage_ = stage;
    guide_ = guide;
    turned_so_far_.clear();
    error_.clear();
    insisted_.clear();
    meant_.clear();
    if (guide_) {
        guide_->setShow(how_);
        setMode(Mode::guide);
    } else if (stage == Stage::read) {
        if (!spot_) spot_ = nextToRead();
        setMode(Mode::reading);
    } else {
        setMode(Mode::idle);
    }
}

void Slate::setMode(Mode mode) {
    mode_ = mode;
    entry_->clear();
    entry_->setEnabled(!chooses(mode));
    const bool words = mode == Mode::strike_reason || mode == Mode::accept_reason || mode == Mode::loose ||
                       (mode == Mode::guide && guide_->typesWords());
    entry_->setFont(type(words ? 18 : 32, !words));
    const QString prompt = mode == Mode::strike_reason   ? tr("why is it wrong?")
                           : mode == Mode::accept_reason ? tr("why leave it?")
                           : mode == Mode::loose         ? suggestedPart()
                           : mode == Mode::guide         ? guide_->prompt()
                                                         : QString();
    entry_->setPlaceholderText(prompt);
    refresh();
    if (mode == Mode::guide ? guide_->typing() : !chooses(mode))
        entry_->setFocus();
    else if (mode == Mode::guide || byDigit(mode))
        setFocus();
    else if (stage_ == Stage::turn)
        // Never on what ends or accepts: a word typed ahead would press it.
        (as_written_->isVisibleTo(this) ? static_cast<QWidget*>(as_written_) : this)->setFocus();
    else
        setFocus();
    emit spotAsked(stage_ == Stage::read && !guide_ ? spot_ : std::nullopt);
}

/// Walks to the spot and holds the rule: on the practice floor there is something to be read then.
void Slate::holdThere() {
    if (!desk_.practice() || mode_ != Mode::reading || !spot_) return;
    held_ = desk_.held(blank());
    error_ =
        held_ ? QString() : tr("The practice car has nothing to read there; the strings and gauges it has.");
    if (held_ && held_->top_in) top_in_ = *held_->top_in;
    refresh();
    entry_->setFocus();
}

void Slate::showFace() {
    std::optional<practice::Held> held = held_;
    std::optional<Reading> asked;
    if (mode_ == Mode::reading && spot_)
        asked = blank();
    else if (mode_ == Mode::guide && desk_.practice() && (asked = guide_->reads()))
        held = desk_.held(*asked);
    if (!held || !asked) return close_up_->setFace(std::nullopt);
    const Tool* tool = desk_.toolNamed(asked->tool);
    if (!tool || tool->quantity != reading_kind(asked->spot.kind).quantity())
        tool = standard_tool("steel-rule-mm");
    QString beside;
    if (held->top_in) beside = *held->top_in ? tr("the top leans in") : tr("the top leans out");
    close_up_->setFace(CloseUp::Face{*tool, held->at, how_.lengths == Show::LengthStyle::inch, beside});
}

void Slate::ask(const std::optional<Spot>& spot) {
    spot_ = spot;
    held_.reset();
    top_in_.reset();
    beside_.reset();
    if (stage_ == Stage::read && !guide_) setMode(Mode::reading);
}

void Slate::step(int by) {
    if (mode_ == Mode::guide) {
        entry_->clear();
        error_.clear();
        guide_->step(by);
        return;
    }
    if (mode_ != Mode::reading) return;
    const auto& walk = desk_.walk();
    if (walk.empty()) return;
    // Beside the walk, from where the walk goes on.
    const auto it = spot_ ? std::find(walk.begin(), walk.end(), *spot_) : walk.end();
    const int size = static_cast<int>(walk.size());
    int at = it != walk.end() ? static_cast<int>(it - walk.begin()) : (by > 0 ? -1 : 0);
    if (it == walk.end() && beside_)
        if (const auto from = std::find(walk.begin(), walk.end(), *beside_); from != walk.end())
            at = static_cast<int>(from - walk.begin()) + (by > 0 ? 0 : 1);
    at = (at + by + size) % size;
    ask(walk[static_cast<std::size_t>(at)]);
}

std::vector<Slate::TurnAsked> Slate::turnsAsked() const {
    std::vector<TurnAsked> out;
    for (const PlannedTurn& t : desk_.answer().plan.turns) {
        const AdjusterKind* kind = adjuster_kind(t.kind);
        const Adjuster* d = desk_.car().device(t.adjuster);
        const std::size_t handles = kind && d ? kind->handles(*d).size() : 1;
        for (std::size_t h = 0; h < handles; ++h) out.push_back({&t, static_cast<int>(h)});
    }
    return out;
}

std::optional<Slate::TurnAsked> Slate::turnInTurn() const {
    const auto all = turnsAsked();
    return turned_so_far_.size() < all.size() ? std::optional(all[turned_so_far_.size()]) : std::nullopt;
}

std::optional<HandleUnit> Slate::unitInTurn() const {
    const auto t = turnInTurn();
    const Adjuster* d = t ? desk_.car().device(t->turn->adjuster) : nullptr;
    const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
    if (!kind) return t ? std::optional(HandleUnit::turn) : std::nullopt;
    return kind->handles(*d)[static_cast<std::size_t>(t->handle)].unit;
}

Expect Slate::expected() const {
    switch (mode_) {
        case Mode::sweep:
            return {Expect::Kind::any, Bare::deg};
        case Mode::turned:
            switch (unitInTurn().value_or(HandleUnit::turn)) {
                case HandleUnit::turn:
                    return {Expect::Kind::turns, Bare::turns};
                case HandleUnit::mm:
                    return {Expect::Kind::length,
                            how_.lengths == Show::LengthStyle::mm ? Bare::mm : Bare::inch};
                case HandleUnit::degree:
                    return {Expect::Kind::angle, Bare::deg};
            }
            return {};
        case Mode::reading:
            if (spot_ && reading_kind(spot_->kind).quantity() == QuantityKind::angle)
                return {Expect::Kind::angle, Bare::deg};
            return {Expect::Kind::length, how_.lengths == Show::LengthStyle::mm ? Bare::mm : Bare::inch};
        case Mode::guide:
            return guide_->expected();
        default:
            return {};
    }
}

void Slate::understand() {
    const QString text = entry_->text();
    if (!error_.isEmpty()) {
        setMarked(understood_, warn(error_));
        return;
    }
    if (chooses(mode_)) {
        understood_->clear();
        return;
    }
    if (mode_ == Mode::loose) {
        setMarked(understood_, soft(tr("Enter keeps it as %1; it shows until it is refitted.")
                                        .arg(q(words::part_state(loose_state_)))));
        return;
    }
    if (mode_ == Mode::guide) {
        if (text.trimmed().isEmpty())
            setMarked(understood_,
                      soft(guide_->typesWords() ? QString()
                           : guide_->expected().kind == Expect::Kind::pressure
                               ? tr("Like 2.2 bar or 32 psi; a bare number is %1.")
                                     .arg(how_.lengths == Show::LengthStyle::mm ? tr("bar") : tr("psi"))
                           : guide_->expected().kind == Expect::Kind::length ||
                                   guide_->expected().kind == Expect::Kind::length_or_angle
                               ? (how_.lengths == Show::LengthStyle::mm
                                      ? tr("A bare number is mm, a bare fraction inches.")
                                      : tr("A bare number is inches."))
                               : QString()));
        else
            setMarked(understood_, guide_->understand(text).html);
        return;
    }
    if (mode_ == Mode::strike_reason || mode_ == Mode::accept_reason) {
        setMarked(understood_, soft(tr("A few words; Enter keeps them, Escape goes back.")));
        return;
    }
    if (text.trimmed().isEmpty()) {
        setMarked(
            understood_,
            soft(mode_ == Mode::sweep
                     ? tr("By the plate's scale or floor marks: 18.5. By the steering wheel: 0.9 turns.")
                 : mode_ == Mode::turned
                     ? (unitInTurn() == HandleUnit::turn
                            ? tr("Turns longer, or with a minus shorter: 7/8, "
                                 "-1/4, 2 flats. 0 if it was not turned, can't if it does not turn.")
                            : tr("Added or the way written as plus, the other "
                                 "way with a minus; 0 if it was left alone, can't if it does not turn."))
                 : expected().kind == Expect::Kind::angle
                     ? (reading_kind(spot_->kind).example_words()
                            ? q(words::fill(reading_kind(spot_->kind).example_words(), {}))
                        : asksLean()
                            ? tr("What the gauge shows, like 1.2 or 1°10'; which way it leans is said below.")
                            : tr("What the gauge shows, like -1.2 or 88.8 or -1°10'."))
                 : how_.lengths == Show::LengthStyle::mm ? tr("A bare number is mm, a bare fraction inches.")
                                                         : tr("A bare number is inches.")));
        return;
    }
    if (mode_ == Mode::turned && saysCannot(text)) {
        setMarked(understood_, soft(tr("Enter: it can't be turned; the rest is planned without it.")));
        return;
    }
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) {
        setMarked(understood_, warn(q(words::sentence(quantity.error()))));
        return;
    }
    if (mode_ == Mode::sweep) {
        setMarked(understood_,
                  quantity->kind == QuantityKind::turns
                      ? QStringLiteral("= %1").arg(q(show_turns(std::abs(quantity->value))))
                      : QStringLiteral("= %1").arg(q(fairchalk::show(abs(quantity->angle()), how_))));
        return;
    }
    if (mode_ == Mode::turned) {
        const auto asked = turnInTurn();
        const Adjuster* d = asked ? desk_.car().device(asked->turn->adjuster) : nullptr;
        const QString means =
            quantity->value == 0 ? tr("(not turned)")
            : d                  ? q(words::device_amounts(*d, asked->handle == 0 ? quantity->value : 0.0,
                                          asked->handle == 1 ? quantity->value : 0.0, how_))
                : q(show_turns(std::abs(quantity->value)) + ' ' + words::way(quantity->value > 0));
        setMarked(understood_, QStringLiteral("= %1").arg(means));
        return;
    }
    Reading r = spot_ ? desk_.blank(*spot_) : Reading();
    r.value = *quantity;
    const Tool* tool = desk_.toolNamed(r.tool);
    const double sigma =
        std::hypot(r.sigma(tool && tool->quantity == quantity->kind ? tool : nullptr), r.spot_sigma());
    const bool angle = quantity->kind == QuantityKind::angle;
    QString means = angle ? q(quantity->toe_word ? show_toe(quantity->angle(), how_)
                                                 : fairchalk::show(quantity->angle(), how_))
                          : otherUnit(*quantity);
    // What the gauge shows, and what it means there.
    if (angle && tool && tool->quantity == QuantityKind::angle && spot_ && spot_->wheel &&
        reading_kind(spot_->kind).shown_as_lean()) {
        const Angle lean = Angle::from_deg(undone(quantity->value, *tool, side_of(*spot_->wheel), topIn()));
        means =
            tr("%1, top %2").arg(q(fairchalk::show(abs(lean), how_)), lean.deg() < 0 ? tr("in") : tr("out"));
    }
    setMarked(
        understood_,
        QStringLiteral("⟨b⟩= %1⟨/b⟩ %2   %3")
            .arg(means,
                 angle ? QStringLiteral("±%1").arg(q(show_plus_minus(Angle::from_deg(sigma * k95), how_)))
                       : QStringLiteral("±%1").arg(sigma * k95, 0, 'f', 1),
                 // A + may have been meant for another key.
                 soft(text.contains(QLatin1Char('+')) && text.trimmed().indexOf(QLatin1Char('+')) > 0
                          ? tr("the sum; Enter keeps it")
                          : tr("Enter keeps it"))));
}

void Slate::moveOn() {
    // To the next spot of the walk that has not been read; after the last, stay with what was done.
    spot_ = next_spot(desk_.job(), desk_.round());
    // One after the other of what is to be read again, as long as it was asked for before this was kept.
    if (!spot_ && !again_.empty()) {
        spot_ = again_.front();
        again_.erase(again_.begin());
    }
    setMode(Mode::reading);
    if (!spot_) emit stageWanted(Stage::turn);
}

/// The first that the round wants and that is not read; else the first of what is to be read again.
std::optional<Spot> Slate::nextToRead() {
    if (!desk_.hasJob()) return std::nullopt;
    again_.clear();
    if (const auto wanted = next_spot(desk_.job(), desk_.round())) return wanted;
    const JobAnalysis& a = desk_.answer();
    if (!desk_.answerIsCurrent() || !a.plan.again || a.read.empty()) return std::nullopt;
    again_.assign(a.read.begin() + 1, a.read.end());
    return a.read.front();
}

bool Slate::doubted(const std::optional<Bounded>& what, const QString& text, const Expect& expect) {
    if (!what || text == insisted_) return false;
    const auto quantity = read_quantity(text.toStdString(), expect);
    if (!quantity) return false;
    const auto doubt = doubt_of(*what, *quantity, text.trimmed().toStdString());
    if (!doubt) return false;
    insisted_ = text;
    meant_.clear();
    for (const std::string& m : doubt->meant) meant_ << q(m);
    error_ = q(words::sentence(doubt->question)) +
             (meant_.isEmpty() ? tr(" Enter again keeps it as it stands.")
                               : tr(" Tab takes %1, Enter again keeps it as it stands.").arg(meant_.first()));
    understand();
    return true;
}

/// What is most likely being loosened where one is.
QString Slate::suggestedPart() const {
    const auto& turns = desk_.answer().plan.turns;
    if (stage_ == Stage::turn && !turns.empty())
        return desk_.car().rod(turns.front().adjuster)
                   ? tr("%1, locknut").arg(q(words::adjuster(desk_.car(), turns.front().adjuster)))
                   : q(words::adjuster(desk_.car(), turns.front().adjuster));
    if (stage_ == Stage::check_over) return tr("Left boot clip");
    return tr("Left tie rod, locknut");
}

void Slate::clearLine() {
    if (mode_ != Mode::guide) return;
    entry_->clear();
    error_.clear();
    insisted_.clear();
    meant_.clear();
}

void Slate::focusLine() {
    if (mode_ != Mode::guide) return;
    if (guide_->typing())
        entry_->setFocus();
    else
        setFocus();
}

bool Slate::asksBesides() const {
    return mode_ != Mode::reading && mode_ != Mode::idle && mode_ != Mode::guide;
}

bool Slate::leaveQuestion() {
    if (!byDigit(mode_) && mode_ != Mode::loose) return false;
    setStage(stage_, guide_);
    return true;
}

void Slate::startLoose() {
    if (!desk_.hasJob()) return;
    loose_state_ = PartState::loosened;
    setMode(Mode::loose);
}

void Slate::startHappening() {
    if (!desk_.hasJob()) return;
    setMode(Mode::happening);
}

void Slate::acknowledge() {
    if (!desk_.hasJob()) return;
    std::vector<JobDesk::What> seen;
    for (const Caution* c : cautions_at(stage_, desk_.job(), desk_.knowledge()))
        seen.push_back(CautionSeen{c->id});
    if (!seen.empty()) desk_.record(std::move(seen));
}

QString Slate::bodyForCautions() const {
    const auto all = cautions_at(stage_, desk_.job(), desk_.knowledge());
    QString out;
    for (const Caution* c : all) out += line(warn(q(c->text)));
    if (!all.empty()) out += line(soft(tr("Ctrl+K: read and understood.")));
    return out;
}

void Slate::keyPressEvent(QKeyEvent* e) {
    // Digits choose while a choice is asked.
    if (byDigit(mode_) && e->key() >= Qt::Key_0 && e->key() <= Qt::Key_9) {
        actOfGuide(e->key() == Qt::Key_0 ? 9 : static_cast<std::size_t>(e->key() - Qt::Key_1));
        return;
    }
    if (mode_ == Mode::idle && stage_ == Stage::turn && !guide_ &&
        (e->key() == Qt::Key_PageDown || e->key() == Qt::Key_PageUp)) {
        emit sheetWanted(e->key() == Qt::Key_PageDown ? +1 : -1);
        return;
    }
    if (mode_ == Mode::guide && (e->key() == Qt::Key_PageDown || e->key() == Qt::Key_Down)) return step(+1);
    if (mode_ == Mode::guide && (e->key() == Qt::Key_PageUp || e->key() == Qt::Key_Up)) return step(-1);
    QWidget::keyPressEvent(e);
}

void Slate::enter() {
    const QString text = entry_->text();
    error_.clear();
    if (desk_.book().read_only()) {
        error_ = q(desk_.book().read_only_reason());
        understand();
        return;
    }
    switch (mode_) {
        case Mode::idle:
        case Mode::happening:
        case Mode::plans:
            return;
        case Mode::guide: {
            if (!text.trimmed().isEmpty() && !guide_->typesWords() &&
                doubted(guide_->bounded(), text, guide_->expected()))
                return;
            Guide* guide = guide_;
            const QString wrong = guide->keep(text);
            if (!wrong.isEmpty()) {
                error_ = wrong;
                understand();
                entry_->selectAll();
                return;
            }
            if (guide_ == guide && mode_ == Mode::guide) setMode(Mode::guide);
            insisted_.clear();
            meant_.clear();
            return;
        }
        case Mode::loose: {
            const QString part = text.trimmed().isEmpty() ? suggestedPart() : text.trimmed();
            desk_.record(PartTouched{loose_state_, part.toStdString()});
            setStage(stage_, guide_);
            return;
        }
        case Mode::strike_reason:
        case Mode::accept_reason: {
            if (text.trimmed().isEmpty()) {
                error_ =
                    tr("A reason of a word or two is kept with it, such as “rule slipped” or “inside, near "
                       "enough”.");
                understand();
                return;
            }
            if (mode_ == Mode::accept_reason) {
                desk_.accept(text.trimmed());
                setStage(stage_);
                return;
            }
            const auto here =
                spot_ ? readings_at(desk_.job(), desk_.round(), *spot_) : std::vector<std::size_t>{};
            if (!here.empty()) desk_.strike(here.back(), text.trimmed());
            setMode(Mode::reading);
            return;
        }
        case Mode::turned: {
            // It does not turn: the rest is planned without it.
            const auto asked = turnInTurn();
            if (asked && saysCannot(text)) {
                cannot_.push_back(asked->turn->adjuster);
                turnedSoFar(0.0);
                return;
            }
            break;
        }
        default:
            break;
    }
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) {
        // What was typed stays on the line, to be mended.
        error_ = q(words::sentence(quantity.error()));
        understand();
        entry_->selectAll();
        return;
    }
    switch (mode_) {
        case Mode::reading:
            if (!spot_) {
                error_ = tr("Every spot of this round is read. Page Up goes back to one, to read it again.");
                understand();
                return;
            }
            // A gauge on a wire holds itself there.
            if (desk_.practice() && !held_ && text != from_gauge_) {
                error_ = tr("Nothing is held there yet: the space bar walks to the spot and holds the %1.")
                             .arg(q(words::tool(desk_.toolFor(*spot_))));
                understand();
                return;
            }
            if (const Tool* tool = desk_.toolNamed(desk_.toolFor(*spot_)); doubted(
                    reading_kind(spot_->kind).bounded(tool ? tool->shows : Shows::leaning), text, expected()))
                return;
            told_.clear();
            if (held_ && desk_.practice()->level().tells)
                told_ =
                    tr("You kept %1; it stood at ⟨b⟩%2⟨/b⟩.")
                        .arg(q(quantity->text), quantity->kind == QuantityKind::angle
                                                    ? q(fairchalk::show(Angle::from_deg(held_->at), how_))
                                                    : q(fairchalk::show(Length::from_mm(held_->at), how_)));
            desk_.take(blank(), *quantity);
            held_.reset();
            moveOn();
            return;
        case Mode::sweep: {
            const bool wheel = quantity->kind == QuantityKind::turns;
            const double by = std::abs(quantity->value);
            if ((!wheel && quantity->kind != QuantityKind::angle) || by == 0.0 || by > (wheel ? 4.0 : 60.0)) {
                error_ = tr("“%1” is not how far a wheel is turned; right would be 18.5 degrees, or 0.9 "
                            "turns of the "
                            "steering wheel.")
                             .arg(text.trimmed());
                understand();
                entry_->selectAll();
                return;
            }
            if (const std::pair here(desk_.jobId(), desk_.round()); here != swept_in_) {
                swept_.clear();
                swept_in_ = here;
            }
            swept_[*spot_] = *quantity;
            setMode(Mode::reading);
            return;
        }
        case Mode::turned:
            turnedSoFar(quantity->value);
            return;
        default:
            return;
    }
}

/// One more amount of what was really turned; after the last of them it goes into the log. What can't be
/// turned is left out of the next plan.
void Slate::turnedSoFar(double amount) {
    const auto all = turnsAsked();
    turned_so_far_.push_back(amount);
    if (turned_so_far_.size() < all.size()) {
        setMode(Mode::turned);
        return;
    }
    std::vector<Turn> made;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (made.empty() || made.back().adjuster != all[i].turn->adjuster) {
            Turn t;
            t.adjuster = all[i].turn->adjuster;
            t.kind = all[i].turn->kind;
            t.test = all[i].turn->test;
            made.push_back(std::move(t));
        }
        (all[i].handle == 0 ? made.back().turns : made.back().second) = turned_so_far_[i];
    }
    std::erase_if(made, [](const Turn& t) { return t.turns == 0.0 && t.second == 0.0; });
    turned_so_far_.clear();
    if (!cannot_.empty()) {
        PlanChoice others = desk_.planChoice();
        others.name = "cannot";
        std::vector<std::string> may = others.options.touching;
        if (may.empty())
            for (const Adjuster& a : desk_.car().adjusters) may.push_back(a.id);
        std::erase_if(may, [&](const std::string& id) {
            return std::find(cannot_.begin(), cannot_.end(), id) != cannot_.end();
        });
        others.options.touching = may;
        cannot_.clear();
        desk_.choosePlan(others);
    }
    const bool none = made.empty();
    if (!none) desk_.turned(std::move(made));
    spot_.reset();
    emit stageWanted(none ? Stage::turn : Stage::read);
}

QString Slate::takeFromGauge(const QString& shown, QuantityKind kind) {
    const bool asks = (mode_ == Mode::reading && spot_) ||
                      (mode_ == Mode::guide && guide_->typing() && !guide_->typesWords());
    if (!asks) return tr("The gauge sent %1; nothing is asked for here.").arg(shown);
    const Expect::Kind wanted = expected().kind;
    const bool fits = wanted == Expect::Kind::any || wanted == Expect::Kind::length_or_angle ||
                      (wanted == Expect::Kind::angle && kind == QuantityKind::angle) ||
                      (wanted == Expect::Kind::length && kind == QuantityKind::length);
    if (!fits)
        return kind == QuantityKind::angle ? tr("The gauge sent %1; a length is asked for here.").arg(shown)
                                           : tr("The gauge sent %1; an angle is asked for here.").arg(shown);
    // What a hand has begun to type is not written over.
    if (!entry_->text().isEmpty() && entry_->text() != from_gauge_)
        return tr("The gauge sent %1; clear or keep what is on the line first.").arg(shown);
    if (entry_->text() != shown) insisted_.clear();
    entry_->setText(shown);
    from_gauge_ = shown;
    enter();
    return {};
}

void Slate::startStrike() {
    if (stage_ != Stage::read || !spot_ || readings_at(desk_.job(), desk_.round(), *spot_).empty()) {
        error_ = tr("Go to the spot whose reading is wrong (Page Up, Page Down), then strike it out.");
        understand();
        return;
    }
    setMode(Mode::strike_reason);
}

void Slate::startAccept() {
    if (guide_) return;
    if (stage_ != Stage::turn) emit stageWanted(Stage::turn);
    setMode(Mode::accept_reason);
}

void Slate::startTurned() {
    if (guide_) return;
    if (desk_.answer().plan.turns.empty()) return;
    turned_so_far_.clear();
    setMode(Mode::turned);
}

void Slate::turnedAsWritten() {
    if (guide_ || stage_ != Stage::turn || !desk_.answerIsCurrent()) return;
    std::vector<Turn> turns = turns_as_written(desk_.answer().plan);
    if (turns.empty()) return;
    desk_.turned(std::move(turns));
    spot_.reset();
    emit stageWanted(Stage::read);
}

void Slate::refresh() {
    const Chalk& c = Chalk::now();
    number_->setStyleSheet(QStringLiteral("color:%1").arg(c.string.name()));
    subtitle_->setStyleSheet(QStringLiteral("color:%1").arg(c.soft.name()));
    if (!desk_.hasJob()) return;
    if (left_for_ != desk_.jobId()) left_for_.clear();  // another job may add to what was left
    const bool guided = mode_ == Mode::guide || mode_ == Mode::loose || byDigit(mode_);
    const bool turning = stage_ == Stage::turn && !guide_ && !guided;
    const auto& turns = desk_.answer().plan.turns;
    as_written_->setVisible(turning && !turns.empty() && mode_ == Mode::idle);
    i_turned_->setVisible(turning && !turns.empty() && mode_ == Mode::idle);
    leave_->setVisible(turning && mode_ == Mode::idle);
    showFace();
    close_up_->setVisible((!guided && stage_ == Stage::read) || (guided && close_up_->showsFace()));
    const bool types = mode_ == Mode::guide ? guide_->typing() : !chooses(mode_);
    entry_->setVisible(types);
    entry_->setEnabled(types);
    understood_->setVisible(types);
    number_->setVisible(!guided && stage_ == Stage::read && spot_);
    std::vector<Act> acts;
    if (mode_ == Mode::guide) acts = guide_->acts();
    if (mode_ == Mode::reading && stage_ == Stage::read)
        for (const ReadAct& a : readActs()) acts.push_back(a.act);
    if (mode_ == Mode::happening)
        for (const Happens& h : happens) acts.push_back({QString(), tr(h.text), false, false});
    if (mode_ == Mode::plans)
        for (const PlanOffer& o : plan_offers(desk_)) acts.push_back({QString(), o.text, false, o.chosen});
    if (mode_ == Mode::loose)
        for (PartState part : {PartState::loosened, PartState::removed, PartState::provisional})
            acts.push_back({QString(), q(words::part_state(part)), false, part == loose_state_});
    if (turning && mode_ == Mode::idle)
        for (const ReadAct& a : turnActs()) acts.push_back(a.act);
    showActs(acts, !byDigit(mode_), turning && mode_ == Mode::idle ? first_turn_key : 0);
    if (mode_ == Mode::guide && types) {
        entry_->setFont(type(guide_->typesWords() ? 18 : 32, !guide_->typesWords()));
        entry_->setPlaceholderText(guide_->prompt());
    }
    QString body;
    if (mode_ == Mode::guide) {
        title_->setText(guide_->title());
        subtitle_->setText(guide_->subtitle());
        body = guide_->body();
    } else if (mode_ == Mode::loose) {
        title_->setText(tr("What is loose now?"));
        subtitle_->setText(tr("it stands on the list until it is refitted"));
        for (const QString& one : looseThings(desk_.job())) body += line(one);
    } else if (mode_ == Mode::happening) {
        title_->setText(tr("What happened?"));
        subtitle_->setText(tr("a digit chooses, Escape leaves it"));
        body = line(soft(tr("What it spoils is marked on the line, and asked for again.")));
    } else if (mode_ == Mode::plans) {
        title_->setText(tr("Which plan?"));
        subtitle_->setText(tr("a digit chooses, Escape leaves it"));
        body =
            line(soft(tr("What is left out stays as it is, and the sheet says what that leaves. One side "
                         "as the other takes the other side's angles as its aim.")));
    } else if (stage_ == Stage::read) {
        if (spot_) {
            number_->setText(desk_.number(*spot_));
            title_->setText(q(words::spot(*spot_)));
            subtitle_->setText(
                mode_ == Mode::strike_reason ? tr("strike out the last reading here: why?")
                : mode_ == Mode::sweep       ? tr("how far is it really turned?")
                : spot_->swept != Swept::straight
                    ? tr("%1, with the %2").arg(sweepWords(), q(words::tool(desk_.toolFor(*spot_))))
                : reading_kind(spot_->kind).place() == PlaceKind::bar
                    ? tr("from string to string, along the bar")
                : reading_kind(spot_->kind).to_string()
                    ? tr("to the string, at hub height")
                    : tr("with the %1").arg(q(words::tool(desk_.toolFor(*spot_)))));
        } else {
            title_->setText(tr("All spots read"));
            subtitle_->setText(tr("Page Up and Page Down go back to one"));
        }
        close_up_->setSpot(spot_, desk_.lines().sweep.value_or(usual_sweep));
        body = ReadText(desk_, how_, spot_, unleaned()).text();
    } else if (turning) {
        const auto asked = mode_ == Mode::turned ? turnInTurn() : std::nullopt;
        QString what = asked ? q(words::adjuster(desk_.car(), asked->turn->adjuster)) : QString();
        if (const Adjuster* d = asked ? desk_.car().device(asked->turn->adjuster) : nullptr)
            if (const QString handle = q(words::handle_name(*d, asked->handle)); !handle.isEmpty())
                what += QStringLiteral(", ") + handle;
        title_->setText(asked                          ? what
                        : mode_ == Mode::accept_reason ? tr("Leave it as it is")
                        : turns.empty()                ? tr("Turn")
                        : turns.size() == 2            ? tr("Both, then read again")
                                                       : tr("In this order, then read again"));
        if (turns.size() == 1 && mode_ == Mode::idle) title_->setText(tr("One to turn, then read again"));
        subtitle_->setText(mode_ == Mode::turned          ? tr("what did you really turn?")
                           : mode_ == Mode::accept_reason ? tr("kept in the record with its ±")
                                                          : QString());
        body = TurnText(desk_, how_, mode_ == Mode::turned).text();
    }
    if (!byDigit(mode_) && mode_ != Mode::loose && (!guide_ || guide_->isStage()))
        body = bodyForPractice() + bodyForCautions() + body;
    // A long name is written smaller, not cut.
    for (double size : {17.0, 15.0, 13.0}) {
        title_->setFont(type(size, true));
        if (title_->fontMetrics().horizontalAdvance(title_->text()) < width() - 90) break;
    }
    entry_->setAccessibleName(title_->text() + QStringLiteral(", ") + subtitle_->text());
    setBody(body);
    understand();
    emit sayChanged();
}

QString Slate::bodyForPractice() const {
    const practice::PracticeFloor* floor = desk_.practice();
    if (!floor) return {};
    QString out;
    if (stage_ == Stage::read && !told_.isEmpty()) out += line(told_);
    if (stage_ == Stage::drive) {
        const Angle off = floor->wheel_off();
        out += line(
            abs(off) < Angle::from_deg(0.5)
                ? tr("On the practice road: it runs straight, and the steering wheel sits straight.")
                : tr("On the practice road: it runs straight with the steering wheel ⟨b⟩%1⟨/b⟩ to the %2.")
                      .arg(q(fairchalk::show(Angle::from_deg(std::round(abs(off).deg())), how_)),
                           off.deg() > 0 ? tr("right") : tr("left")));
    }
    if (stage_ == Stage::turn || (stage_ == Stage::read && !spot_))
        out += line(soft(tr("Ctrl+R ends the practice and shows the truth.")));
    return out;
}

bool Slate::unleaned() const {
    if (!spot_ || !reading_kind(spot_->kind).shown_as_lean() ||
        reading_kind(spot_->kind).quantity() != QuantityKind::angle)
        return false;
    return !desk_.isOwn(desk_.toolFor(*spot_));
}

const std::optional<AnglesCarried>& Slate::left() {
    if (left_for_ != desk_.jobId()) {
        left_for_ = desk_.jobId();
        left_.reset();
        desk_.leftByLastJob(
            [self = QPointer<Slate>(this), job = left_for_](std::optional<AnglesCarried> left) {
                if (!self || self->left_for_ != job || !left) return;
                self->left_ = std::move(left);
                self->refresh();
            });
    }
    return left_;
}

/// What can be done beside the sheets.
std::vector<Slate::ReadAct> Slate::turnActs() {
    std::vector<ReadAct> out;
    // Nothing read in this job, and the car known from an earlier one: from set-up to set-up without strings.
    const bool unread = desk_.job().rounds.empty() ||
                        (desk_.job().rounds.size() == 1 && desk_.job().rounds[0].readings.empty());
    if (unread && !last_of<AnglesCarried>(desk_.job()) && left())
        out.push_back(
            {{"carry", tr("Take over what is known"), true, false}, [this] { desk_.record(*left()); }});
    const auto offers = plan_offers(desk_);
    const auto chosen =
        std::find_if(offers.begin(), offers.end(), [](const PlanOffer& o) { return o.chosen; });
    if (offers.size() > 1)
        out.push_back(
            {{"plans", tr("Plan: %1 …").arg(chosen == offers.end() ? tr("without some") : chosen->text),
              false, false},
             [this] { setMode(Mode::plans); }});
    if (desk_.planChoice().name == "cannot")
        out.push_back(
            {{"all", tr("With all adjusters again"), false, false}, [this] { desk_.choosePlan({}); }});
    const JobAnalysis& a = desk_.answer();
    if (a.plan.look && desk_.answerIsCurrent()) {
        // What was seen under the car, of all that are alike.
        const Look look = *a.plan.look;
        const auto seen = [&](const char* id, const QString& says, const std::string& value) {
            out.push_back({{QString::fromLatin1(id), says, false, false},
                           [this, look, value] { desk_.looked(facts_alike(desk_.car(), look, value)); }});
        };
        if (look.field == "bolt") {
            seen("upper", tr("Looked: it is the upper bolt"), "strut-upper");
            seen("lower", tr("Looked: it is the lower bolt"), "strut-lower");
        } else if (look.field == "wheel") {
            seen("left", tr("Looked: at the left knuckle"), "front-left");
            seen("right", tr("Looked: at the right knuckle"), "front-right");
        } else if (look.field == "thread") {
            seen("right", tr("Looked: a right-hand thread"), "right");
            seen("left", tr("Looked: a left-hand thread"), "left");
        } else {
            seen("behind", tr("Looked: it runs behind the axle"), "behind-axle");
            seen("ahead", tr("Looked: it runs ahead of the axle"), "ahead-of-axle");
        }
    }
    for (const CardDoubt& d : a.belief.card)
        // What a turn does goes onto the card by itself, once it is learnt.
        if (d.sure && d.field != "response" && desk_.answerIsCurrent())
            out.push_back({{"card", tr("Put that on the card"), false, false}, [this, d] {
                               std::vector<Looked> facts;
                               for (const std::string& adjuster : d.adjusters)
                                   facts.push_back({adjuster, d.field, d.value});
                               desk_.looked(facts);
                           }});
    if (turned_unlocked(desk_.job()))
        out.push_back({{"lock", tr("Lock what was turned"), false, false},
                       [this] { emit pageWanted({PageId::lock}); }});
    return out;
}

std::optional<std::size_t> Slate::suspect() const {
    std::optional<std::size_t> first;
    for (const Check& c : desk_.answer().now.checks) {
        if (!c.suspect || !desk_.job().live(c.entry)) continue;
        if (spot_ && std::get<Reading>(desk_.log()[c.entry].event).spot == *spot_) return c.entry;
        if (!first) first = c.entry;
    }
    return first;
}

/// A gap, and a gauge without a sign, do not tell which way the wheel leans.
bool Slate::asksLean() const {
    if (!spot_) return false;
    if (reading_kind(spot_->kind).asks_for_top()) return true;
    const Tool* tool = desk_.toolNamed(desk_.toolFor(*spot_));
    return tool && tool->quantity == QuantityKind::angle && tool->shows == Shows::unsigned_ &&
           reading_kind(spot_->kind).shown_as_lean();
}

Reading Slate::blank() const {
    Reading r = desk_.blank(*spot_);
    r.top_in = topIn();
    if (const Quantity* swept = sweptAt(*spot_)) {
        const double way = spot_->swept == Swept::in ? -1.0 : 1.0;
        const bool wheel = swept->kind == QuantityKind::turns;
        const Angle by = Angle::from_deg(way * std::abs(swept->value) * (wheel ? 360.0 : 1.0));
        r.turned.reset();
        (wheel ? r.wheel_turned : r.turned) = by;
    }
    return r;
}

/// Of this car and this round only.
const Quantity* Slate::sweptAt(const Spot& spot) const {
    const auto it = swept_.find(spot);
    return it != swept_.end() && swept_in_ == std::pair(desk_.jobId(), desk_.round()) ? &it->second : nullptr;
}

/// How far the wheel is turned for this reading.
QString Slate::sweepWords() const {
    const Quantity* swept = sweptAt(*spot_);
    if (swept && swept->kind == QuantityKind::turns)
        return tr("%1 of the steering wheel").arg(q(show_turns(std::abs(swept->value))));
    const Angle by = swept ? swept->angle() : desk_.lines().sweep.value_or(usual_sweep);
    return tr("turned by %1").arg(q(fairchalk::show(abs(by), how_)));
}

/// As said; else as that wheel leaned last; else in, as most do.
bool Slate::topIn() const {
    if (top_in_) return *top_in_;
    for (std::size_t i = desk_.log().size(); i-- > 0;)
        if (const Reading* r = std::get_if<Reading>(&desk_.log()[i].event);
            r && desk_.job().live(i) && spot_ && r->spot.wheel == spot_->wheel && r->top_in)
            return *r->top_in;
    return true;
}

std::vector<Slate::ReadAct> Slate::readActs() {
    std::vector<ReadAct> out;
    if (desk_.practice() && spot_ && !held_)
        out.push_back({{"hold", tr("Walk there and hold it"), true, false}, [this] { holdThere(); }});
    if (const auto entry = suspect()) {
        const Spot at = std::get<Reading>(desk_.log()[*entry].event).spot;
        const QString n = desk_.number(at);
        if (!spot_ || !(at == *spot_))
            out.push_back({{"again", tr("Read %1 again").arg(n), true, false}, [this, at] { ask(at); }});
        out.push_back({{"aside", tr("Set %1 aside").arg(n), false, false}, [this, entry = *entry] {
                           desk_.strike(entry, tr("set aside: it contradicts the others"));
                           setMode(Mode::reading);
                       }});
    }
    if (!spot_) return out;
    if (asksLean())
        out.push_back({{"lean", topIn() ? tr("Top leans in") : tr("Top leans out"), false, true}, [this] {
                           top_in_ = !topIn();
                           refresh();
                       }});
    if (unleaned())
        out.push_back({{"lean-test", tr("Lean test …"), false, false}, [this] {
                           emit pageWanted({PageId::tools, q(desk_.toolFor(*spot_))});
                       }});
    if (spot_->swept != Swept::straight)
        out.push_back({{"sweep", tr("Turned by …"), false, false}, [this] { setMode(Mode::sweep); }});
    for (const Spot& s : reading_kind(spot_->kind).besides(*spot_, desk_.car())) {
        const char* more = reading_kind(s.kind).more_words();
        const QString text = more && s.kind != spot_->kind ? q(words::fill(more, {})) : tr("Half a turn on");
        out.push_back({{"besides", text, false, false}, [this, s, from = *spot_] {
                           ask(s);
                           beside_ = from;
                       }});
    }
    const auto tools = toolsFor(*spot_);
    if (tools.size() > 1)
        out.push_back({{"tool", tr("With: %1").arg(q(words::tool(desk_.toolFor(*spot_)))), false, false},
                       [this, tools] {
                           const auto at = std::find(tools.begin(), tools.end(), desk_.toolFor(*spot_));
                           desk_.takeUp(*spot_,
                                        at == tools.end() || at + 1 == tools.end() ? tools.front() : at[1]);
                       }});
    return out;
}

/// What this garage could read that with: its own rules or gauges, and the standard ones.
std::vector<std::string> Slate::toolsFor(const Spot& spot) const {
    const QuantityKind quantity = reading_kind(spot.kind).quantity();
    std::vector<std::string> out;
    for (const Tool& t : desk_.tools())
        if (t.quantity == quantity && (!serves_one_rig(t.name) || rig_of(spot.kind).tool == t.name))
            out.push_back(t.name);
    return out;
}

QString Slate::say() const {
    const JobAnalysis& a = desk_.answer();
    if (mode_ == Mode::loose)
        return tr("Say what was loosened, taken off or left for later; the drive waits for it.");
    if (mode_ == Mode::happening) return tr("Say what happened to the car: it decides what is stale.");
    if (mode_ == Mode::plans) return tr("Say what tonight's work is to be about.");
    if (guide_) return guide_->say();
    switch (stage_) {
        case Stage::read:
            if (mode_ == Mode::strike_reason)
                return tr("Say why the reading is wrong; it stays in the record, struck out.");
            if (const auto st = stages_of(desk_.job(),
                                          desk_.knowledge())[static_cast<std::size_t>(index_of(Stage::read))];
                st.progress == Progress::stale && st.spoiled_by && spot_)
                return tr("%1 since the last reading: %2 spots are read again, beginning with the %3.")
                    .arg(q(words::happening(*st.spoiled_by)))
                    .arg(st.of)
                    .arg(q(words::spot(*spot_)));
            if (!spot_)
                return desk_.answerIsCurrent() && a.plan.again
                           ? tr("%1 (Ctrl+7).").arg(q(words::to_begin(words::sentence(a.plan.again->why))))
                       : desk_.answerIsCurrent() && a.untold
                           ? untold(desk_)
                           : tr("This round is read. Ctrl+7 shows what to turn; any spot can be read again.");
            return q(words::how_to_read(*spot_));
        case Stage::turn:
            if (mode_ == Mode::accept_reason)
                return tr(
                    "Leaving it is a decision like any other: it goes into the record with its ± and your "
                    "reason.");
            if (!desk_.answerIsCurrent()) return tr("Working it out …");
            if (desk_.job().targets.empty())
                return tr("No targets yet: what to aim at is said on the car's card (Ctrl+I).");
            if (a.plan.next == NextStep::look && a.plan.look)
                return q(words::look(*a.plan.look, desk_.car()));
            if (a.plan.next == NextStep::test_turn)
                return tr("Not known yet which way it works: turn so much, read %1 spots again, and it is.")
                    .arg(a.plan.remeasure.size());
            if (a.plan.again)
                return tr("%1 (Ctrl+6).").arg(q(words::to_begin(words::sentence(a.plan.again->why))));
            // What stays outside whatever is turned.
            if (!a.plan.turns.empty()) {
                const QString stays =
                    a.plan.cannot.empty()
                        ? QString()
                        : tr(" %1 stays outside.")
                              .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))));
                if (a.now.thrust.known)
                    return tr("The rear axle points %1 and the fronts are set to follow it. Turn %2, then "
                              "read %3 spots.")
                               .arg(q(words::thrust(a.now.thrust, how_)), a.plan.turns.size() > 2 ? tr("all")
                                                                          : a.plan.turns.size() > 1
                                                                              ? tr("both")
                                                                              : tr("it"))
                               .arg(a.plan.remeasure.size()) +
                           stays;
                return tr("Turn as drawn, then read again.") + stays;
            }
            if (!a.plan.cannot.empty())
                return desk_.planChoice().name.empty()
                           ? tr("%1 stays outside, and nothing here can be turned for it: leave it with a "
                                "reason (F4), or see what the manual offers.")
                                 .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))))
                           : tr("Nothing to turn on this plan. %1 stays outside: Alt+4 chooses another plan.")
                                 .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))));
            if (a.plan.as_far_as) return q(words::as_far_as(*a.plan.as_far_as));
            if (a.plan.next == NextStep::done && !a.verdicts.empty())
                return tr(
                    "Nothing left to turn. Lock the nuts to the manual's torque, then read again: tightening "
                    "moves things.");
            if (turned_since_reading(desk_.job()))
                return tr("Turned, and not read since: what it spoiled is read first, %n spot(s) (Ctrl+6).",
                          nullptr, static_cast<int>(a.plan.remeasure.size()));
            if (a.untold) return untold(desk_);
            return tr("Not enough is known yet to turn anything: read on (Ctrl+6).");
        default:
            return {};
    }
}

}  // namespace fairchalk::desk

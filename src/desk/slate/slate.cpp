// SPDX-License-Identifier: GPL-3.0-or-later
#include "slate/slate.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include <QEvent>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollBar>
#include <QStyle>
#include <QVBoxLayout>

#include "line/line_view.h"
#include "look/chalk.h"
#include "look/heard.h"
#include "look/html.h"
#include "look/type_line.h"
#include "slate/besides.h"
#include "slate/body_text.h"
#include "words/words.h"

namespace fairchalk::desk {

Slate::Slate(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setObjectName(QStringLiteral("panel"));
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
    for (QLabel* l : {title_, subtitle_}) l->setWordWrap(true);
    titles->addWidget(title_);
    titles->addWidget(subtitle_);
    top->addWidget(number_);
    top->addSpacing(6);
    top->addLayout(titles, 1);
    column->addLayout(top);
    close_up_ = new CloseUp(this);
    column->addWidget(close_up_);
    act_area_ = new QWidget(this);
    new QGridLayout(act_area_);
    act_area_->layout()->setContentsMargins(0, 0, 0, 0);
    static_cast<QGridLayout*>(act_area_->layout())->setSpacing(6);
    acts_scroll_ = new QScrollArea(this);
    acts_scroll_->setWidget(act_area_);
    acts_scroll_->setWidgetResizable(true);
    acts_scroll_->setFrameShape(QFrame::NoFrame);
    acts_scroll_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    acts_scroll_->setFocusPolicy(Qt::NoFocus);
    column->addWidget(acts_scroll_);

    entry_ = new TypeLine(this);
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
    keypad_drawing_ = new KeypadDrawing(this);
    keypad_drawing_->hide();
    column->addWidget(keypad_drawing_);

    body_ = new BodyText(this);
    body_->setFont(type(14));
    auto* scroll = new QScrollArea(this);
    scroll_ = scroll;
    scroll->setObjectName(QStringLiteral("words"));
    scroll->setWidget(body_);
    // The text is measured once, here: a layout would ask it for its height at many widths.
    scroll->setWidgetResizable(false);
    scroll->viewport()->installEventFilter(this);
    acts_scroll_->installEventFilter(this);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setFocusPolicy(Qt::NoFocus);
    column->addWidget(scroll, 1);

    connect(entry_, &QLineEdit::textEdited, this, [this] {
        error_.clear();
        insisted_.clear();
        meant_.clear();
        understand();
    });
}

namespace {

/// As it stands on the button: F2 to F4, then Alt and a digit; a list has the digits alone.
QString keyText(std::size_t at, bool list) {
    return at == Act::enter      ? Slate::tr("Enter")
           : at == Act::sure     ? Slate::tr("Ctrl Enter")
           : list                ? QString::number((at + 1) % 10)
           : at < 3              ? QStringLiteral("F%1").arg(at + 2)
           : at < Act::spare     ? QStringLiteral("Alt %1").arg(at + 1)
           : at < Act::spare + 3 ? QStringLiteral("Alt %1").arg(at + 1 - Act::spare)
                                 : QString();
}

/// What is too long for a button stands in two lines, the first as long as it can be.
QString inTwoLines(const QString& text, const QFontMetrics& metrics, int room) {
    if (metrics.horizontalAdvance(text) <= room) return text;
    for (qsizetype at = text.lastIndexOf(QLatin1Char(' ')); at > 0;
         at = text.lastIndexOf(QLatin1Char(' '), at - 1))
        if (metrics.horizontalAdvance(text.left(at)) <= room)
            return text.left(at).trimmed() + QLatin1Char('\n') + text.mid(at + 1).trimmed();
    return text;
}

}  // namespace

std::vector<Slate::Offered> Slate::offered() const {
    std::vector<Offered> out;
    for (std::size_t i = 0; desk_.hasJob() && i < shown_acts_.size(); ++i) {
        const std::size_t at = keyOf(shown_acts_, i);
        out.push_back({shown_acts_[i].text, keyText(at, !shown_keys_), at});
    }
    return out;
}

/// Buttons for what can be done here: a wide one first where one is meant, then two in a row.
void Slate::showActs(const std::vector<Act>& acts, bool keys) {
    if (acts == shown_acts_ && keys == shown_keys_) return;
    shown_acts_ = acts;
    shown_keys_ = keys;
    auto* grid = static_cast<QGridLayout*>(act_area_->layout());
    while (act_buttons_.size() < acts.size()) {
        auto* b = new QPushButton(act_area_);
        b->installEventFilter(this);
        b->setFocusPolicy(Qt::TabFocus);  // pointed at, it leaves the line its focus
        b->setMinimumHeight(
            static_cast<int>(38 * zoom()));  // its own hint is not known before it is first shown
        const std::size_t n = act_buttons_.size();
        connect(b, &QPushButton::clicked, this, [this, n] { act(keyOf(shown_acts_, n)); });
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
        const std::size_t at = keyOf(acts, i);
        const QString name_of_key = keyText(at, !keys);
        const QString key = name_of_key.isEmpty() ? QString() : QStringLiteral("  ") + name_of_key;
        b->setText(a.text + (a.text.contains(QStringLiteral("  F")) && keys ? QString() : key));
        nameIt(b, a.text);
        b->setToolTip(plainTip(name_of_key.isEmpty() ? a.text : tr("%1: %2").arg(a.text, name_of_key)));
        b->setCheckable(a.chosen);
        b->setChecked(a.chosen);
        const QString name = a.main ? QStringLiteral("main") : QString();
        if (b->objectName() != name) {
            b->setObjectName(name);
            b->style()->unpolish(b);  // styled by its name
            b->style()->polish(b);
        }
        b->ensurePolished();
        b->setText(inTwoLines(b->text(), b->fontMetrics(), static_cast<int>(whole_button * zoom())));
        const bool wide = a.main || list || b->text().contains(QLatin1Char('\n')) ||
                          a.text.size() + key.size() > widest_half + 3 ||
                          b->fontMetrics().horizontalAdvance(b->text()) > half_button * zoom();
        if (wide && column == 1) ++row, column = 0;
        grid->addWidget(b, row, column, 1, wide ? 2 : 1);
        if (wide || column == 1)
            ++row, column = 0;
        else
            column = 1;
    }
    acts_scroll_->setVisible(!acts.empty());
    // At once, not with the next event: the last list may have had other rows.
    grid->activate();
    act_area_->setMinimumHeight(grid->sizeHint().height());
}

/// All buttons, where there is room for them beside the line and a little of the words; else they scroll.
void Slate::fitActs() {
    const QMargins around = layout()->contentsMargins();
    int others = around.top() + around.bottom();
    for (int i = 0; i < layout()->count(); ++i) {
        QLayoutItem* item = layout()->itemAt(i);
        if (item->isEmpty() || item->widget() == acts_scroll_) continue;
        const int words = static_cast<int>(least_words * zoom() / std::max(1, fitted_.second));
        others +=
            layout()->spacing() + (item->widget() == scroll_ ? std::max(words, item->minimumSize().height())
                                                             : item->sizeHint().height());
    }
    // One of them whole.
    int least = static_cast<int>(one_button * zoom());
    for (const QPushButton* b : act_buttons_)
        if (b->isVisibleTo(this)) least = std::max(least, b->sizeHint().height());
    acts_scroll_->setFixedHeight(
        std::clamp(height() - others, least, std::max(least, act_area_->minimumHeight())));
}

Guide& Slate::shown() const {
    return question_ ? *question_ : *guide_;
}

bool Slate::act(std::size_t n) {
    if (!guide_) return false;
    Guide& g = shown();
    if (n == Act::sure) return sure();
    const auto acts = g.offered();
    for (std::size_t i = 0; i < acts.size(); ++i) {
        if (keyOf(acts, i) != n) continue;
        strayed_ = false;
        if (!g.keepsLine()) {
            entry_->clear();
            error_.clear();
        }
        g.act(acts[i].id);
        // Where it was clicked, the line has lost it.
        if (g.keepsLine() && &shown() == &g && g.typing()) entry_->setFocus();
        return true;
    }
    return false;
}

/// What ends, accepts or strikes: with Ctrl and Enter, or its button, and by no other way.
bool Slate::sure() {
    if (!guide_ || shown().sure().isEmpty()) return false;
    if (desk_.book().read_only()) return refuse(q(desk_.book().read_only_reason())), true;
    if (!shown().typing()) return shown().act(QStringLiteral("sure")), true;
    keepTyped(entry_->text());
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
    body_->resize(width, std::max(1, body_->layOut(body_html_, width)));
    body_->update();
}

void Slate::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
    layOutBody();
}

void Slate::setShow(const Show& how) {
    how_ = how;
    if (!guide_) return;
    guide_->setShow(how);
    if (question_) question_->setShow(how);
    refresh();
}

void Slate::setStage(Stage stage, Guide* guide) {
    if (guide_ != guide) {
        if (guide_) disconnect(guide_, nullptr, this, nullptr);
        connect(guide, &Guide::asks, this, &Slate::put);
        connect(guide, &Guide::refused, this, &Slate::refuse);
    }
    stage_ = stage;
    strayed_ = strayed_ && guide_ == guide;
    guide_ = guide;
    put(nullptr);
}

void Slate::put(Question* question) {
    // It may be its own answer that closes it.
    if (question_) question_->deleteLater();
    question_ = question;
    if (question_) {
        question_->setParent(this);
        question_->setShow(how_);
        connect(question_, &Question::answered, this, [this] { put(nullptr); });
        connect(question_, &Guide::said, this, &Slate::refresh);
        connect(question_, &Guide::stageWanted, this, &Slate::stageWanted);
    }
    begin();
}

bool Slate::leaveQuestion() {
    if (!question_) return false;
    put(nullptr);
    return true;
}

/// Shows a guide or a question anew, with nothing typed.
void Slate::begin() {
    error_.clear();
    insisted_.clear();
    meant_.clear();
    entry_->clear();
    refresh();
    focusLine();
    emit spotAsked(guide_->spot());
}

void Slate::refuse(const QString& why) {
    error_ = why;
    emit doubtRaised(error_);
    understand();
}

void Slate::showFace() {
    const Guide& g = shown();
    const auto held = g.held();
    const auto asked = held ? g.reads() : std::nullopt;
    if (!held || !asked) return close_up_->setFace(std::nullopt);
    const Tool* tool = desk_.toolNamed(asked->tool);
    if (!tool || tool->quantity != reading_kind(asked->spot.kind).quantity())
        tool = standard_tool("steel-rule-mm");
    QString beside;
    if (held->top_in) beside = *held->top_in ? tr("the top leans in") : tr("the top leans out");
    close_up_->setFace(CloseUp::Face{*tool, held->at, how_.lengths == Show::LengthStyle::inch, beside});
}

void Slate::step(int by) {
    if (question_) return question_->step(by);
    if (!guide_) return;
    entry_->clear();
    error_.clear();
    guide_->step(by);
}

void Slate::across(int by) {
    if (guide_) shown().across(by);
}

void Slate::understand() {
    const QString text = entry_->text();
    if (!guide_ || !desk_.hasJob()) return;
    const Guide& g = shown();
    if (!error_.isEmpty())
        setMarked(understood_, warn(error_));
    else if (!g.typing())
        understood_->clear();
    else if (text.trimmed().isEmpty())
        setMarked(understood_, soft(g.hint()));
    else
        setMarked(understood_, g.understand(text).html);
}

bool Slate::doubted(const QString& text) {
    const Guide& g = shown();
    if (g.typesWords() || text.trimmed().isEmpty() || text == insisted_) return false;
    const auto quantity = read_quantity(text.toStdString(), g.expected());
    if (!quantity) return false;
    const auto doubt = g.doubt(*quantity, text.trimmed().toStdString());
    if (!doubt) return false;
    insisted_ = text;
    meant_.clear();
    for (const std::string& m : doubt->meant) meant_ << q(m);
    error_ = q(words::sentence(doubt->question)) +
             (meant_.isEmpty() ? tr(" Enter again keeps it as it stands.")
                               : tr(" Tab takes %1, Enter again keeps it as it stands.").arg(meant_.first()));
    // Whoever meant another value types it in its place.
    entry_->selectAll();
    emit doubtRaised(error_);
    understand();
    return true;
}

void Slate::clearLine() {
    if (question_ || !guide_) return;
    entry_->clear();
    error_.clear();
    insisted_.clear();
    meant_.clear();
    emit spotAsked(guide_->spot());
}

int Slate::lowness() const {
    return height() < 190 * zoom() ? 3 : height() < 300 * zoom() ? 2 : height() < 560 * zoom() ? 1 : 0;
}

/// Its own height is known only after the window's.
void Slate::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    fit();
    fitActs();
}

void Slate::fit() {
    // A window that is dragged larger asks for it again and again.
    const std::pair now(zoom(), lowness());
    if (now == fitted_) return;
    fitted_ = now;
    const auto by = [&](std::array<double, 4> each) {
        return px(each[static_cast<std::size_t>(now.second)]);
    };
    setFixedWidth(px(its_width));
    entry_->setFixedHeight(by({70, 50, 40, 34}));
    understood_->setMinimumHeight(by({40, 40, 20, 17}));
    layout()->setSpacing(by({6, 6, 3, 1}));
    layout()->setContentsMargins(16, now.second > 2 ? 2 : 10, 16, now.second > 2 ? 2 : 10);
    close_up_->setFixedHeight(by({204, 110, 110, 92}));
    for (QPushButton* b : act_buttons_) b->setMinimumHeight(px(38));
    shown_acts_.clear();
    if (guide_) refresh();
}

/// A click beside everything puts typing back where it goes.
void Slate::mousePressEvent(QMouseEvent*) {
    focusLine();
}

void Slate::focusLine() {
    const Guide& g = shown();
    const auto on = std::find_if(shown_acts_.begin(), shown_acts_.end(),
                                 [](const Act& a) { return a.key == Act::enter; });
    if (g.typing())
        entry_->setFocus();
    else if (on != shown_acts_.end())
        act_buttons_[static_cast<std::size_t>(on - shown_acts_.begin())]->setFocus();
    else if (g.actHasFocus() && !act_buttons_.empty() && act_buttons_.front()->isVisibleTo(this))
        act_buttons_.front()->setFocus();
    else
        setFocus();
}

void Slate::startLoose() {
    if (desk_.hasJob() && guide_) put(new LooseQuestion(desk_, stage_));
}

void Slate::startHappening() {
    if (desk_.hasJob() && guide_) put(new HappeningQuestion(desk_));
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

/// Those that were read take one line, under what is to be done.
QString Slate::cautionsRead() const {
    const auto all = cautions_at(stage_, desk_.job(), desk_.knowledge(), true);
    const auto unread = cautions_at(stage_, desk_.job(), desk_.knowledge());
    const auto read = static_cast<int>(all.size() - std::min(all.size(), unread.size()));
    return read == 0 ? QString()
                     : line(soft(QStringLiteral("▲ ") +
                                 tr("%n cautions of this stage were read; they stand on every print",
                                    "one caution of this stage was read; it stands on every print", read)));
}

void Slate::enter() {
    const QString text = entry_->text();
    error_.clear();
    if (desk_.book().read_only()) return refuse(q(desk_.book().read_only_reason()));
    const Guide& g = shown();
    if (text.trimmed().isEmpty() && act(Act::enter)) return;
    if (!g.typing() || doubted(text)) return;
    if (!g.sure().isEmpty())
        return refuse(tr("%1: Ctrl and Enter, or the button. Escape goes back.").arg(g.sure()));
    keepTyped(text);
}

void Slate::keepTyped(const QString& text) {
    Guide* const g = &shown();
    const QString wrong = text == from_gauge_ ? g->keepFromGauge(text) : g->keep(text);
    if (!wrong.isEmpty()) {
        // What was typed stays on the line, to be mended.
        refuse(wrong);
        entry_->selectAll();
    } else if (&shown() == g) {
        begin();
    }
}

QString Slate::takeFromGauge(const QString& shown_there, QuantityKind kind) {
    if (!shown().takesGauge()) return tr("The gauge sent %1; nothing is asked for here.").arg(shown_there);
    const Expect::Kind wanted = shown().expected().kind;
    const bool fits = wanted == Expect::Kind::any || wanted == Expect::Kind::length_or_angle ||
                      (wanted == Expect::Kind::angle && kind == QuantityKind::angle) ||
                      (wanted == Expect::Kind::length && kind == QuantityKind::length);
    if (!fits)
        return kind == QuantityKind::angle
                   ? tr("The gauge sent %1; a length is asked for here.").arg(shown_there)
                   : tr("The gauge sent %1; an angle is asked for here.").arg(shown_there);
    // What a hand has begun to type is not written over.
    if (!entry_->text().isEmpty() && entry_->text() != from_gauge_)
        return tr("The gauge sent %1; clear or keep what is on the line first.").arg(shown_there);
    if (entry_->text() != shown_there) insisted_.clear();
    entry_->setText(shown_there);
    from_gauge_ = shown_there;
    enter();
    return {};
}

void Slate::refresh() {
    const Chalk& c = Chalk::now();
    colorIt(number_, c.string);
    colorIt(subtitle_, c.soft);
    // Nobody sees it before the window is shown: then it is filled once.
    if (!desk_.hasJob() || !guide_ || !window()->isVisible()) return;
    const Guide& g = shown();
    showFace();
    if (g.showsSpot()) close_up_->setSpot(g.spot(), desk_.lines().sweep.value_or(usual_sweep));
    // In a low window the line and the words come first; the say-line tells where the rule goes.
    close_up_->setVisible((g.showsSpot() && fitted_.second < 1) || close_up_->showsFace());
    entry_->setVisible(g.typing());
    keypad_drawing_->setVisible(keypad_ && g.typing() && !g.typesWords());
    entry_->setEnabled(g.typing());
    entry_->setFont(
        type(g.typesWords() ? 18 : std::array{32, 32, 24, 20}[static_cast<std::size_t>(fitted_.second)],
             !g.typesWords()));
    entry_->setPlaceholderText(g.prompt());
    auto acts = g.offered();
    if (!g.sure().isEmpty()) acts.push_back({QStringLiteral("sure"), g.sure(), true, false, Act::sure});
    showActs(acts, !g.byDigits());
    // What has to be read off comes before what else could be done, which has its keys, and before the words.
    const bool only_face = fitted_.second > 2 && close_up_->showsFace();
    if (only_face) acts_scroll_->setVisible(false);
    understood_->setVisible(g.typing() && !only_face);
    scroll_->setVisible(!only_face);
    number_->setVisible(!g.number().isEmpty());
    number_->setText(g.number());
    title_->setText(g.title());
    subtitle_->setText(g.subtitle());
    subtitle_->setVisible(fitted_.second < 2);
    // A long name is written smaller, not cut.
    for (double size : {17.0, 15.0, 13.0}) {
        title_->setFont(type(size, true));
        if (title_->fontMetrics().horizontalAdvance(title_->text()) < width() - 90) break;
    }
    nameIt(entry_, title_->text() + QStringLiteral(", ") + subtitle_->text());
    setBody(g.isStage() ? g.first() + bodyForCautions() + g.body() + cautionsRead() : g.first() + g.body());
    understand();
    fitActs();
    emit sayChanged();
}

QString Slate::say() const {
    return guide_ ? shown().say() : QString();
}

}  // namespace fairchalk::desk

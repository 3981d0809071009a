// SPDX-License-Identifier: GPL-3.0-or-later
#include "help/terms_page.h"

#include <algorithm>

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

#include "look/chalk.h"
#include "look/html.h"

namespace fairchalk::desk {

TermView::TermView(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::SizeHorCursor);
    setMinimumSize(420, 270);
}

void TermView::setTerm(const Term* term) {
    term_ = term;
    setToolTip(plainTip(tr("Drag across, or ← and →: %1").arg(term->drag)));
    setAt(term->start);
}

void TermView::setAt(double at) {
    at_ = std::clamp(at, -1.0, 1.0);
    update();
    emit moved();
}

void TermView::mousePressEvent(QMouseEvent* e) {
    mouseMoveEvent(e);
}
void TermView::mouseMoveEvent(QMouseEvent* e) {
    if (e->buttons() & Qt::LeftButton) setAt(2.0 * e->position().x() / std::max(1, width()) - 1.0);
}
void TermView::wheelEvent(QWheelEvent* e) {
    setAt(at_ + (e->angleDelta().y() > 0 ? 0.05 : -0.05));
}
void TermView::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
        case Qt::Key_Left:
            return setAt(at_ - 0.05);
        case Qt::Key_Right:
            return setAt(at_ + 0.05);
        case Qt::Key_Up:
        case Qt::Key_PageUp:
            return emit leafed(-1);
        case Qt::Key_Down:
        case Qt::Key_PageDown:
            return emit leafed(+1);
        default:
            QWidget::keyPressEvent(e);
    }
}

void TermView::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(c.stroke(hasFocus() ? c.string : c.floor_line, 2));
    p.setBrush(c.panel);
    p.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 8, 8);
    if (!term_) return;
    const double bar = 30, k = std::min((width() - 16) / term_width, (height() - 16 - bar) / term_height);
    p.save();
    p.translate((width() - k * term_width) / 2, 8);
    p.scale(k, k);
    term_->draw(p, at_);
    p.restore();
    // How far it is dragged, as a bead on a string.
    const double y = height() - bar / 2 - 4, x = 30 + (width() - 60) * (at_ + 1) / 2;
    stringLine(p, {30, y}, {width() - 30.0, y}, c.string, 2);
    p.setPen(Qt::NoPen);
    p.setBrush(c.string);
    p.drawEllipse(QPointF(x, y), 8, 8);
}

TermsPage::TermsPage(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(30, 14, 30, 14);
    auto* head = plainLabel(this);
    head->setText(tr("The words, and what they are"));
    head->setFont(type(24, true));
    column->addWidget(head);
    auto* across = new QHBoxLayout;
    across->setSpacing(20);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setFixedWidth(px(230));
    auto* list = new QWidget(scroll);
    auto* names = new QVBoxLayout(list);
    names->setSpacing(4);
    for (const Term& t : terms()) {
        auto* b = new QPushButton(t.name, list);
        b->setCheckable(true);
        b->setAccessibleName(t.name);
        b->setToolTip(plainTip(t.text));
        connect(b, &QPushButton::clicked, this, [this, term = &t] { choose(*term); });
        names->addWidget(b);
        names_.push_back(b);
    }
    names->addStretch(1);
    scroll->setWidget(list);
    across->addWidget(scroll);
    auto* right = new QVBoxLayout;
    const auto label = [&](double size, bool bold) {
        auto* l = plainLabel(this);
        l->setFont(type(size, bold));
        l->setWordWrap(true);
        right->addWidget(l);
        return l;
    };
    title_ = label(20, true);
    text_ = label(15, false);
    view_ = new TermView(this);
    right->addWidget(view_, 1);
    says_ = label(16, true);
    says_->setMinimumHeight(46);
    across->addLayout(right, 1);
    column->addLayout(across, 1);
    auto* foot = plainLabel(this);
    foot->setFont(type(13));
    foot->setText(tr("Drag across the drawing, or ← →   ·   ↑ ↓ another word   ·   Esc back"));
    column->addWidget(foot);
    connect(view_, &TermView::moved, this, &TermsPage::say);
    connect(view_, &TermView::leafed, this, [this](int by) {
        const auto n = static_cast<int>(terms().size());
        const int here = term_ ? static_cast<int>(term_ - terms().data()) : 0;
        choose(terms()[static_cast<std::size_t>((here + by + n) % n)]);
    });
}

void TermsPage::begin(const QString& id) {
    const Term* wanted = term_named(id);
    choose(wanted ? *wanted : term_ ? *term_ : terms().front());
    view_->setFocus();
}

void TermsPage::setShow(const Show& how) {
    how_ = how;
    say();
}

void TermsPage::choose(const Term& term) {
    term_ = &term;
    for (std::size_t i = 0; i < names_.size(); ++i) names_[i]->setChecked(&terms()[i] == &term);
    title_->setText(term.name);
    text_->setText(term.text);
    view_->setTerm(&term);
    view_->setFocus();
}

void TermsPage::say() {
    if (!term_) return;
    says_->setText(term_->says(view_->at(), how_));
    view_->setAccessibleName(tr("%1: %2").arg(term_->name, says_->text()));
}

void TermsPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Chalk::now().floor);
}

}  // namespace fairchalk::desk

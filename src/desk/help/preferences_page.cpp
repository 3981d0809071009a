// SPDX-License-Identifier: GPL-3.0-or-later
#include "help/preferences_page.h"

#include <QGridLayout>
#include <QPainter>

#include "look/chalk.h"
#include "look/html.h"
#include "look/scrolled.h"
#include "look/type_line.h"

namespace fairchalk::desk {

PreferencesPage::PreferencesPage(std::vector<Preference> all, QWidget* parent)
    : QWidget(parent), all_(std::move(all)) {
    QWidget* const page = scrolledPage(this);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(60, 24, 60, 20);
    const auto label = [&](const QString& text, double size, bool bold = false) {
        auto* l = plainLabel(page);
        l->setText(text);
        l->setFont(type(size, bold));
        return l;
    };
    column->addWidget(label(tr("Preferences"), 24, true));
    column->addWidget(label(tr("Each holds at once. Esc goes back."), 14));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(10);
    int row = 0;
    grid->addWidget(label(tr("The garage's name"), 15), row, 0);
    garage_ = new TypeLine(page);
    garage_->setFont(type(16));
    garage_->setAccessibleName(tr("The garage's name"));
    garage_->setToolTip(plainTip(tr("It stands at the head of the book and on each record.")));
    connect(garage_, &QLineEdit::editingFinished, this, [this] {
        if (garage_->isModified() && !garage_->text().trimmed().isEmpty()) {
            garage_->setModified(false);
            emit garageNamed(garage_->text().trimmed());
        }
    });
    grid->addWidget(garage_, row++, 1, 1, 4);
    for (std::size_t i = 0; i < all_.size(); ++i) {
        grid->addWidget(label(all_[i].name, 15), row, 0);
        std::vector<QPushButton*> buttons;
        int at = 1;
        for (const auto& [value, words] : all_[i].choices) {
            auto* b = new QPushButton(words, page);
            b->setCheckable(true);
            b->setAccessibleName(tr("%1: %2").arg(all_[i].name, words));
            b->setToolTip(plainTip(b->accessibleName()));
            connect(b, &QPushButton::clicked, this, [this, i, value = value] {
                all_[i].choose(value);
                refresh();
            });
            grid->addWidget(b, row, at++);
            buttons.push_back(b);
        }
        buttons_.push_back(std::move(buttons));
        ++row;
    }
    grid->setColumnStretch(6, 1);
    column->addLayout(grid);
    column->addStretch(1);
}

void PreferencesPage::begin(const QString& garage) {
    garage_->setText(garage);
    garage_->setModified(false);
    refresh();
    garage_->setFocus();
}

void PreferencesPage::refresh() {
    for (std::size_t i = 0; i < all_.size(); ++i) {
        const QString now = all_[i].now();
        for (std::size_t n = 0; n < buttons_[i].size(); ++n)
            buttons_[i][n]->setChecked(all_[i].choices[n].first == now);
    }
}

void PreferencesPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), Chalk::now().floor);
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QPixmap>
#include <QScrollArea>
#include <QWidget>

#include "guide/page.h"
#include "slate/slate.h"

namespace fairchalk::desk {

/// What a screen is for and how it is worked on, in a few sentences: of a stage, or of a page beside it.
QString helpOn(Stage stage, const Page& page);

/// Explains a screen with its own drawing: what it is for, what can be done there and by which key, and the
/// words that it uses.
class HelpPage : public QWidget {
    Q_OBJECT
  public:
    explicit HelpPage(QWidget* parent = nullptr);
    void show(const QString& title, const QString& text, const QPixmap& drawing,
              const std::vector<Slate::Offered>& can);
    QString text() const { return text_->text(); }

  signals:
    void termWanted(const QString& id);

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    void fit();
    QLabel* title_;
    QLabel* drawing_;
    QLabel* text_;
    QScrollArea* scroll_;
    QPixmap whole_;
};

}  // namespace fairchalk::desk

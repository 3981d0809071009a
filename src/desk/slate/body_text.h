// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

#include <QAbstractTextDocumentLayout>
#include <QLabel>
#include <QPaintEvent>
#include <QPainter>
#include <QTextDocument>

#include "look/chalk.h"

namespace fairchalk::desk {

/// Rich text whose size is set by who holds it. A label would lay it out for its hint, for its height and
/// once more to draw it; here it is done once. For those who hear it, it is a label with that text.
class BodyText : public QLabel {
  public:
    explicit BodyText(QWidget* parent = nullptr) : QLabel(parent) {
        setTextFormat(Qt::RichText);
        text_.setDocumentMargin(0);
        text_.setUndoRedoEnabled(false);
    }
    QSize sizeHint() const override { return size(); }
    QSize minimumSizeHint() const override { return {1, 1}; }
    /// How high it is, so wide.
    int layOut(const QString& html, int width) {
        if (text_.defaultFont() != font()) text_.setDefaultFont(font());
        if (text_.textWidth() != width) text_.setTextWidth(width);
        if (html != text()) {
            setText(html);
            text_.setHtml(html);
        }
        return static_cast<int>(std::ceil(text_.size().height()));
    }

  protected:
    void paintEvent(QPaintEvent* e) override {
        QPainter p(this);
        QAbstractTextDocumentLayout::PaintContext how;
        how.palette = palette();
        how.palette.setColor(QPalette::Text, Chalk::now().chalk);
        how.clip = e->rect();
        text_.documentLayout()->draw(&p, how);
    }

  private:
    QTextDocument text_;
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include <QString>
#include <QWidget>

namespace fairchalk::desk {

/// Across the floor: the next spot and the last value kept, or what the sheet says to turn, in figures that
/// are read from three metres.
class BigFigures : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
    struct Block {
        QString above, figure, below;
    };
    /// Blocks under one another.
    void say(std::vector<Block> blocks);
    /// A list under a heading, in smaller type.
    void list(const QString& heading, const QString& text);
    const std::vector<Block>& blocks() const { return blocks_; }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    std::vector<Block> blocks_;
};

}  // namespace fairchalk::desk

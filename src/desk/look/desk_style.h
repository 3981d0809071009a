// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QProxyStyle>

namespace fairchalk::desk {

/// The same look on every system. The one picture that it needs, the arrow of a menu bar that is too long, is
/// drawn: for a picture from a file Qt would load every reader of pictures there is, at the start.
class DeskStyle : public QProxyStyle {
    Q_OBJECT
  public:
    DeskStyle() : QProxyStyle(QStringLiteral("fusion")) {}
    /// A button shows by its edge that typing goes there: a second frame inside says nothing more.
    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    QIcon standardIcon(StandardPixmap which, const QStyleOption* option,
                       const QWidget* widget) const override;
};

}  // namespace fairchalk::desk

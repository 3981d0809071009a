// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

class QPagedPaintDevice;

namespace fairchalk::desk {

/// Puts a page of HTML as the words layer writes it (its drawings are SVG in it) onto paper, with
/// `page x of y` at the foot of each.
void printHtml(const QString& html, QPagedPaintDevice& onto);

/// Into a PDF that carries the page's title. False where it can't be written.
bool writePdf(const QString& html, const QString& file);

/// The title of such a page.
QString titleOf(const QString& html);
/// Its first drawing, as SVG; empty where it has none.
QByteArray drawingOf(const QString& html);

}  // namespace fairchalk::desk

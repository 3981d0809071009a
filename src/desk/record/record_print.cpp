// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/record_print.h"

#include <QAbstractTextDocumentLayout>
#include <QFile>
#include <QImage>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QPdfWriter>
#include <QRegularExpression>
#include <QSvgRenderer>
#include <QTextDocument>
#include <QUrl>

#include "look/html.h"

namespace fairchalk::desk {
namespace {

/// Images are drawn so many times as large as they stand on the page, for the printer's sake.
constexpr int finer = 4;
constexpr double foot_mm = 9.0;

}  // namespace

QString titleOf(const QString& html) {
    static const QRegularExpression title(QStringLiteral("<title>(.*?)</title>"));
    QTextDocument plain;
    plain.setHtml(title.match(html).captured(1));
    return plain.toPlainText();
}

QByteArray drawingOf(const QString& html) {
    const auto from = html.indexOf(QLatin1String("<svg")), to = html.indexOf(QLatin1String("</svg>"));
    return from < 0 || to < from ? QByteArray() : html.mid(from, to + 6 - from).toUtf8();
}

void printHtml(const QString& html, QPagedPaintDevice& onto) {
    QTextDocument page;
    QString text = html;
    // A text document knows pictures, and no drawings that stand in the page.
    for (int n = 0;; ++n) {
        const QByteArray svg = drawingOf(text);
        if (svg.isEmpty()) break;
        QSvgRenderer drawing(svg);
        const QSize size = drawing.defaultSize();
        QImage image(size * finer, QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::transparent);
        QPainter p(&image);
        drawing.render(&p);
        p.end();
        const QString name = QStringLiteral("drawing-%1").arg(n);
        page.addResource(QTextDocument::ImageResource, QUrl(name), image);
        const auto from = text.indexOf(QLatin1String("<svg")), to = text.indexOf(QLatin1String("</svg>"));
        text.replace(from, to + 6 - from,
                     QStringLiteral("<img src=\"%1\" width=\"%2\" height=\"%3\"/>")
                         .arg(name)
                         .arg(size.width())
                         .arg(size.height()));
    }
    QPainter p(&onto);
    page.documentLayout()->setPaintDevice(&onto);
    // Headings are sized from the type of the document.
    page.setDefaultFont(QFont(QStringLiteral("DejaVu Sans"), 9));
    page.setHtml(text);
    QFont small = p.font();
    small.setPointSizeF(7.5);
    p.setFont(small);
    const double foot = foot_mm / 25.4 * onto.logicalDpiY();
    const QSizeF paper(onto.width(), onto.height() - foot);
    page.setPageSize(paper);
    const int pages = page.pageCount();
    for (int n = 0; n < pages; ++n) {
        if (n > 0) onto.newPage();
        p.save();
        p.translate(0, -n * paper.height());
        page.drawContents(&p, QRectF(0, n * paper.height(), paper.width(), paper.height()));
        p.restore();
        p.drawText(QRectF(0, paper.height(), paper.width(), foot), Qt::AlignRight | Qt::AlignBottom,
                   QObject::tr("%1, page %2 of %3").arg(titleOf(html)).arg(n + 1).arg(pages));
    }
}

bool writePdf(const QString& html, const QString& file) {
    QFile probe(file);
    if (!probe.open(QIODevice::WriteOnly)) return false;
    probe.close();
    QPdfWriter pdf(file);
    pdf.setTitle(titleOf(html));
    pdf.setCreator(QStringLiteral("Fair Chalk"));
    pdf.setPageSize(QPageSize(QPageSize::A4));
    pdf.setPageMargins(QMarginsF(15, 12, 15, 12), QPageLayout::Millimeter);
    pdf.setResolution(300);
    printHtml(html, pdf);
    return QFile(file).size() > 0;
}

}  // namespace fairchalk::desk

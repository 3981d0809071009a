// SPDX-License-Identifier: GPL-3.0-or-later
// What the window prints: the stage as it is drawn, on paper, with its cautions.
#include <algorithm>

#include <QDate>
#include <QFile>
#include <QPainter>
#include <QPrintDialog>
#include <QPrinter>
#include <QSvgGenerator>

#include "documents.h"
#include "look/chalk.h"
#include "look/html.h"
#include "record/record_guide.h"
#include "record/record_print.h"
#include "turn/arrow_card.h"
#include "window.h"

namespace fairchalk::desk {

void Window::print() {
    auto* dialog = new QPrintDialog(this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->printer()->setPageOrientation(QPageLayout::Landscape);
    const bool record = page_.id == PageId::record;
    if (record) dialog->printer()->setPageOrientation(QPageLayout::Portrait);
    connect(dialog, qOverload<QPrinter*>(&QPrintDialog::accepted), this, [this, record](QPrinter* printer) {
        if (record) {
            printer->setDocName(titleOf(recordHtml(desk_, how_)));
            return printHtml(recordHtml(desk_, how_), *printer);
        }
        QPainter p(printer);
        const QSizeF paper = printer->pageRect(QPrinter::DevicePixel).size();
        const int sheets = sheetsToPrint();
        for (int n = 0; n < sheets; ++n) {
            if (n > 0) printer->newPage();
            p.save();
            drawSheet(p, paper, n);
            p.restore();
        }
    });
    dialog->open();
}

/// What there is to turn, and with boards the card that is pinned to them.
int Window::sheetsToPrint() const {
    if (!page_.none() || slate_->guide() != turning_) return 1;
    return turn_->sheets() + (wantsArrowCard(desk_) ? 1 : 0);
}

void Window::drawSheet(QPainter& p, const QSizeF& paper, int number) {
    const bool dark = Chalk::now().dark;
    Chalk::choose(false);  // paper is pale
    const QSizeF sheet(960, 960 * paper.height() / paper.width());
    // The cautions of the stage stand at the foot of its sheet, read or not.
    constexpr double name = 22;
    const QSizeF drawing(sheet.width(), sheet.height() - 84 - name);
    p.scale(paper.width() / sheet.width(), paper.width() / sheet.width());
    p.setRenderHint(QPainter::Antialiasing);
    // A sheet that lies about says whose it is.
    drawText(p, {20, 0, sheet.width() - 40, name}, Qt::AlignLeft | Qt::AlignVCenter,
             QStringLiteral("%1 · %2 · %3")
                 .arg(q(desk_.car().name), desk_.title(), QDate::currentDate().toString(Qt::ISODate)),
             11, Chalk::now().chalk);
    p.translate(0, name);
    Guide* const guide = guideFor(stage_);
    if (const auto* drawn = qobject_cast<DrawnGuide*>(guide)) {
        const double k = std::min(drawing.width() / DrawnGuide::width, drawing.height() / DrawnGuide::height);
        p.save();
        p.scale(k, k);
        drawn->draw(p);
        p.restore();
    } else if (guide == turning_ && number >= turn_->sheets()) {
        drawArrowCard(p, drawing, desk_);
    } else if (guide == turning_) {
        turn_->drawSheet(p, drawing, number);
    } else {
        floor_->draw(p, drawing, true);
    }
    QStringList cautions;
    for (const Caution* c : cautions_at(stage_, desk_.job(), desk_.knowledge(), true)) cautions << q(c->text);
    drawText(p, {20, drawing.height(), sheet.width() - 40, 80}, Qt::AlignLeft | Qt::TextWordWrap,
             cautions.join(QStringLiteral("  ")), 9, Chalk::now().chalk);
    Chalk::choose(dark);
}

QString Window::drawingTo(const QString& path) {
    QSvgGenerator svg;
    const QSize size(1280, 900);
    svg.setFileName(path);
    svg.setSize(size);
    svg.setViewBox(QRect(QPoint(0, 0), size));
    svg.setTitle(QStringLiteral("%1 · %2").arg(q(desk_.car().name), desk_.title()));
    QPainter p;
    if (!p.begin(&svg)) return tr("%1 can't be written.").arg(path);
    drawSheet(p, size);
    p.end();
    return QFile::exists(path) ? QString() : tr("%1 can't be written.").arg(path);
}

/// Beside the documents, and never over one that is there.
void Window::saveDrawing() {
    if (!desk_.hasJob()) return;
    const QString file =
        freeFile(QStringLiteral("%1 %2").arg(q(desk_.car().name), desk_.title()), QStringLiteral(".svg"));
    const QString wrong = drawingTo(file);
    tell(wrong.isEmpty() ? tr("Written: %1").arg(file) : wrong);
}

}  // namespace fairchalk::desk

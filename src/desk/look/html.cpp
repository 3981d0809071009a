// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/html.h"

#include <cmath>

#include <QTextDocument>

#include "look/chalk.h"

namespace fairchalk::desk {

QString q(const std::string& s) {
    QString out = QString::fromStdString(s);
    out.replace(QChar(0x27E8), QLatin1Char('<'));
    out.replace(QChar(0x27E9), QLatin1Char('>'));
    return out;
}
QString html(const QString& marked) {
    QString out = marked.toHtmlEscaped();
    out.replace(QChar(0x27E8), QLatin1Char('<'));
    out.replace(QChar(0x27E9), QLatin1Char('>'));
    return out;
}
void setMarked(QLabel* label, const QString& marked) {
    label->setTextFormat(Qt::RichText);
    const QString text = html(marked);
    if (label->text() != text) label->setText(text);
}
QLabel* plainLabel(QWidget* parent) {
    auto* l = new QLabel(parent);
    l->setTextFormat(Qt::PlainText);
    return l;
}
void colorIt(QWidget* what, const QColor& color) {
    const QString sheet = QStringLiteral("color:%1").arg(color.name());
    if (what->styleSheet() != sheet) what->setStyleSheet(sheet);
}
QString plainTip(const QString& text) {
    return Qt::mightBeRichText(text) ? QStringLiteral("<p>%1</p>").arg(text.toHtmlEscaped()) : text;
}
namespace {
QString colored(const QString& text, const QColor& color) {
    return QStringLiteral("⟨span style='color:%1'⟩%2⟨/span⟩").arg(color.name(), text);
}
}  // namespace

QString soft(const QString& text) {
    return colored(text, Chalk::now().soft);
}
QString cautious(const QString& text) {
    return colored(text, Chalk::now().caution);
}
QString strong(const QString& text) {
    return QStringLiteral("⟨b⟩%1⟨/b⟩").arg(text);
}
QString warn(const QString& text) {
    return cautious(QStringLiteral("▲ ") + text);
}
QString head(const QString& text) {
    return QStringLiteral("⟨p style='margin:10px 0 3px 0;color:%1'⟩%2⟨/p⟩")
        .arg(Chalk::now().soft.name(), text);
}
QString line(const QString& text) {
    return QStringLiteral("⟨p style='margin:2px 0'⟩%1⟨/p⟩").arg(text);
}
QString cell(const QString& text, double width) {
    return width > 0.0 ? QStringLiteral("⟨td width='%1'⟩%2⟨/td⟩").arg(std::lround(width * zoom())).arg(text)
                       : QStringLiteral("⟨td⟩%1⟨/td⟩").arg(text);
}
QString rightCell(const QString& text) {
    return QStringLiteral("⟨td align='right'⟩%1⟨/td⟩").arg(text);
}
QString wideCell(const QString& text, int columns) {
    return QStringLiteral("⟨td colspan='%1'⟩%2⟨/td⟩").arg(columns).arg(text);
}
QString row(const QString& cells) {
    return QStringLiteral("⟨tr⟩%1⟨/tr⟩").arg(cells);
}
QString table(const QString& rows, int padding) {
    return QStringLiteral("⟨table cellspacing='0' cellpadding='%1'⟩%2⟨/table⟩").arg(padding).arg(rows);
}
QString known(const KnownAngle& a, const Show& how) {
    return q(show_toe(a.value, how)) +
           soft(QStringLiteral("  ±%1").arg(q(show_plus_minus(a.plus_minus(), how))));
}

}  // namespace fairchalk::desk

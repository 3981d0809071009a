// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/html.h"

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
QString plainTip(const QString& text) {
    return Qt::mightBeRichText(text) ? QStringLiteral("<p>%1</p>").arg(text.toHtmlEscaped()) : text;
}
QString soft(const QString& text) {
    return QStringLiteral("⟨span style='color:%1'⟩%2⟨/span⟩").arg(Chalk::now().soft.name(), text);
}
QString strong(const QString& text) {
    return QStringLiteral("⟨b⟩%1⟨/b⟩").arg(text);
}
QString warn(const QString& text) {
    return QStringLiteral("⟨span style='color:%1'⟩▲ %2⟨/span⟩").arg(Chalk::now().caution.name(), text);
}
QString head(const QString& text) {
    return QStringLiteral("⟨p style='margin:10px 0 3px 0;color:%1'⟩%2⟨/p⟩")
        .arg(Chalk::now().soft.name(), text);
}
QString line(const QString& text) {
    return QStringLiteral("⟨p style='margin:2px 0'⟩%1⟨/p⟩").arg(text);
}
QString known(const KnownAngle& a, const Show& how) {
    return q(show_toe(a.value, how)) +
           soft(QStringLiteral("  ±%1").arg(q(show_plus_minus(a.plus_minus(), how))));
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/html.h"

#include "look/chalk.h"

namespace fairchalk::desk {

QString q(const std::string& s) {
    return QString::fromStdString(s);
}
QString soft(const QString& text) {
    return QStringLiteral("<span style='color:%1'>%2</span>").arg(Chalk::now().soft.name(), text);
}
QString warn(const QString& text) {
    return QStringLiteral("<span style='color:%1'>▲ %2</span>").arg(Chalk::now().caution.name(), text);
}
QString head(const QString& text) {
    return QStringLiteral("<p style='margin:10px 0 3px 0;color:%1'>%2</p>")
        .arg(Chalk::now().soft.name(), text);
}
QString line(const QString& text) {
    return QStringLiteral("<p style='margin:2px 0'>%1</p>").arg(text);
}
QString known(const KnownAngle& a, const Show& how) {
    return q(show_toe(a.value, how)) +
           soft(QStringLiteral("  ±%1").arg(q(show_plus_minus(a.plus_minus(), how))));
}

}  // namespace fairchalk::desk

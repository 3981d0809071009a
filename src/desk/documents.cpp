// SPDX-License-Identifier: GPL-3.0-or-later
#include "documents.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>

namespace fairchalk::desk {

QString documents() {
    const QString folder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    QDir().mkpath(folder);
    return folder;
}

QString freeFile(const QString& name, const QString& ending, const QString& folder) {
    QString plain = name;
    for (QChar& c : plain)
        if (c == QLatin1Char('/') || c == QLatin1Char(':')) c = QLatin1Char(' ');
    const QString begin = folder + QLatin1Char('/') + plain;
    QString file = begin + ending;
    for (int n = 2; QFile::exists(file); ++n) file = begin + QStringLiteral(" %1").arg(n) + ending;
    return file;
}

}  // namespace fairchalk::desk

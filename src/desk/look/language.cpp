// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/language.h"

#include <memory>

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// Every text stands once, whoever says it: what class asks for it does not matter.
struct Texts : QTranslator {
    QString translate(const char*, const char* source, const char* one, int n) const override {
        return QTranslator::translate("text", source, one, n);
    }
};

std::unique_ptr<QTranslator> own, of_qt;

}  // namespace

std::vector<std::pair<QString, QString>> languages() {
    return {{QStringLiteral("en"), QStringLiteral("English")},
            {QStringLiteral("en_GB"), QStringLiteral("English (UK)")},
            {QStringLiteral("de"), QStringLiteral("Deutsch")}};
}

QString languageWanted() {
    const QString preferred = QSettings().value(QStringLiteral("language")).toString();
    const QString system = QLocale::system().name();
    for (const QString& wanted : {preferred, system, system.section(QLatin1Char('_'), 0, 0)})
        for (const auto& [code, name] : languages())
            if (code == wanted) return code;
    return languages().front().first;
}

void takeLanguage(const QString& code) {
    own.reset();
    of_qt.reset();
    auto texts = std::make_unique<Texts>();
    if (texts->load(QStringLiteral(":/i18n/%1.qm").arg(code))) own = std::move(texts);
    auto qt = std::make_unique<QTranslator>();
    if (qt->load(QStringLiteral("qtbase_%1").arg(code), QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        of_qt = std::move(qt);
    // The last one is asked first: Qt's own texts are not among ours.
    if (of_qt) QCoreApplication::installTranslator(of_qt.get());
    if (own) QCoreApplication::installTranslator(own.get());
    words::set_translator([](const char* source, const char* one, int n) {
        return QCoreApplication::translate("text", source, one, n).toStdString();
    });
    const QLocale locale(code == QLatin1String("en") ? QStringLiteral("en_US") : code);
    QLocale::setDefault(locale);
    const auto said = [](const char* source) {
        return QCoreApplication::translate("text", source).toStdString();
    };
    say_quantities({said(QT_TRANSLATE_NOOP("text", "in")), said(QT_TRANSLATE_NOOP("text", "out")),
                    said(QT_TRANSLATE_NOOP("text", "turn")), said(QT_TRANSLATE_NOOP("text", "turns")),
                    locale.decimalPoint().front().toLatin1(), locale.language() == QLocale::German});
}

QString inSentence(const QString& text) {
    return QLocale().language() == QLocale::German ? text : text.left(1).toLower() + text.mid(1);
}

}  // namespace fairchalk::desk

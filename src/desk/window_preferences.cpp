// SPDX-License-Identifier: GPL-3.0-or-later
// All that can be preferred.
#include <QSettings>

#include "help/preferences_page.h"
#include "look/html.h"
#include "look/language.h"
#include "look/preference.h"
#include "read/read_guide.h"
#include "speech/speaker.h"
#include "window.h"

namespace fairchalk::desk {

std::vector<Preference> Window::preferences() {
    const auto theme = [] {
        return QSettings().value(QStringLiteral("theme"), QStringLiteral("slate")).toString();
    };
    std::vector<std::pair<QString, QString>> spoken{{QStringLiteral("system"), tr("as the system")}};
    for (const auto& language : languages()) spoken.push_back(language);
    return {
        {tr("Language"), spoken,
         [] { return QSettings().value(QStringLiteral("language"), QStringLiteral("system")).toString(); },
         [this](const QString& v) {
             keepPreference(QStringLiteral("language"), v);
             // All that is said is said anew: a window made again, on the same book.
             emit bookWanted(q(desk_.book().path().string()));
         }},
        {tr("Lengths"),
         {{QStringLiteral("mm"), tr("mm")}, {QStringLiteral("inch"), tr("inches")}},
         [this] {
             return how_.lengths == Show::LengthStyle::inch ? QStringLiteral("inch") : QStringLiteral("mm");
         },
         [this](const QString& v) {
             if ((how_.lengths == Show::LengthStyle::inch) != (v == QLatin1String("inch"))) nextLengths();
         }},
        {tr("Angles"),
         {{QStringLiteral("minutes"), tr("degrees and minutes")},
          {QStringLiteral("decimal"), tr("decimals")}},
         [this] {
             return how_.angles == Show::AngleStyle::decimal ? QStringLiteral("decimal")
                                                             : QStringLiteral("minutes");
         },
         [this](const QString& v) {
             if ((how_.angles == Show::AngleStyle::decimal) != (v == QLatin1String("decimal"))) nextAngles();
         }},
        {tr("Rule"),
         {{QStringLiteral("units"), tr("as the lengths")},
          {QStringLiteral("steel-rule-mm"), tr("mm rule")},
          {QStringLiteral("steel-rule-inch"), tr("inch rule")},
          {QStringLiteral("vernier"), tr("vernier")}},
         [this] { return q(desk_.rule()); },
         [this](const QString& v) { takeRule(v.toStdString()); }},
        {tr("The floor"),
         {{QStringLiteral("slate"), tr("dark")},
          {QStringLiteral("daylight"), tr("pale")},
          {QStringLiteral("system"), tr("as the system")}},
         theme,
         [this](const QString& v) { chooseTheme(v); }},
        {tr("Size"),
         {{QStringLiteral("system"), tr("as the system")},
          {QStringLiteral("1"), QStringLiteral("100 %")},
          {QStringLiteral("1.25"), QStringLiteral("125 %")},
          {QStringLiteral("1.5"), QStringLiteral("150 %")},
          {QStringLiteral("2"), QStringLiteral("200 %")}},
         [] { return QSettings().value(QStringLiteral("zoom"), QStringLiteral("system")).toString(); },
         [this](const QString& v) { v == QLatin1String("system") ? zoomAsSystem() : zoomTo(v.toDouble()); }},
        {tr("Speech"),
         {{QStringLiteral("off"), tr("silent")}, {QStringLiteral("on"), tr("it speaks")}},
         [this] { return speaker_->on() ? QStringLiteral("on") : QStringLiteral("off"); },
         [this](const QString& v) {
             if (speaker_->on() != (v == QLatin1String("on"))) tell(speaker_->toggle());
         }},
        {tr("A wheel is reached"),
         {{QStringLiteral("under-it"), tr("from under it, on its wheels")},
          {QStringLiteral("jack"), tr("jacked up for it")}},
         [this] {
             return q(desk_.reach()) == QLatin1String("jack") ? QStringLiteral("jack")
                                                              : QStringLiteral("under-it");
         },
         [this](const QString& v) { desk_.keepReach(v.toStdString()); }},
        {tr("Minutes"),
         {{QStringLiteral("own"), tr("by your own jobs")},
          {QStringLiteral("usual"), tr("as usual")},
          {QStringLiteral("none"), tr("not shown")}},
         [this] { return q(desk_.minutes()); },
         [this](const QString& v) {
             desk_.keepMinutes(v.toStdString());
             refresh();
         }}};
}

/// From here on, and for what is read now.
void Window::takeRule(const std::string& rule) {
    desk_.keepRule(rule);
    const auto spot = desk_.hasJob() ? read_->spot() : std::nullopt;
    if (!spot || reading_kind(spot->kind).quantity() != QuantityKind::length) return;
    desk_.takeUp(*spot, desk_.usualRule());
}

void Window::showPreferences() {
    if (!preferences_) {
        preferences_ = new PreferencesPage(preferences(), pages_);
        pages_->addWidget(preferences_);
        connect(preferences_, &PreferencesPage::garageNamed, this, [this](const QString& name) {
            desk_.make(
                [name = name.toStdString()](book::Book& book) {
                    book.set_name(name);
                    return QString();
                },
                [this](const QString&, const QString& error) {
                    if (!error.isEmpty()) tell(error);
                });
        });
    }
    putBeside(preferences_);
    preferences_->begin(q(desk_.book().name()));
}

}  // namespace fairchalk::desk

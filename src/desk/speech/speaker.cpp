// SPDX-License-Identifier: GPL-3.0-or-later
#include "speech/speaker.h"

#include <utility>

#include <QTextDocument>

#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

Speaker::Speaker(JobDesk& desk, MakeVoice make, QObject* parent)
    : QObject(parent), desk_(desk), make_(std::move(make)) {
    connect(&desk_, &JobDesk::keptAt, this, &Speaker::kept);
    // What was in a job before it was opened is no news.
    connect(&desk_, &JobDesk::changed, this, [this] {
        if (std::exchange(job_, desk_.jobId()) != desk_.jobId()) told_ = desk_.log().size();
    });
}

QString Speaker::toggle() {
    if (on_) {
        on_ = false;
        voice_->hush();
        return tr("It is silent again (Ctrl+B).");
    }
    if (!voice_) voice_ = make_();
    if (const QString why = voice_->trouble(); !why.isEmpty()) return why;
    on_ = true;
    job_ = desk_.jobId();
    told_ = desk_.log().size();
    spot_.reset();
    sheet_.clear();
    say(tr("Fair Chalk speaks."));
    return tr("It speaks (Ctrl+B): the next spot, what was kept, what to turn.");
}

void Speaker::say(const QString& sentence) {
    if (sentence.isEmpty()) return;
    if (on_) voice_->say(sentence);
    emit said(sentence);
}

/// What is said to be kept is on the disk.
void Speaker::kept() {
    for (; told_ < desk_.log().size() && desk_.isKept(told_); ++told_) {
        const Reading* r = std::get_if<Reading>(&desk_.log()[told_].event);
        if (r && desk_.job().live(told_)) say(q(words::said_kept(*r)));
    }
}

void Speaker::asked(const std::optional<Spot>& spot) {
    if (spot == spot_) return;
    spot_ = spot;
    if (spot) say(tr("Next: %1.").arg(q(words::spot(*spot))));
}

void Speaker::doubted(const QString& question) {
    QTextDocument plain;
    plain.setHtml(html(question));
    say(plain.toPlainText());
}

void Speaker::turns() {
    if (!desk_.answerIsCurrent()) return;
    const JobAnalysis& a = desk_.answer();
    QStringList out;
    for (const PlannedTurn& t : a.plan.turns) {
        out << q(words::spoken(words::turn_line(desk_.car(), t))) + QLatin1Char('.');
        for (const Until& u : a.until)
            if (u.adjuster == t.adjuster) {
                out << tr("Stop when the %1 shows %2.")
                           .arg(q(words::spot(u.spot)),
                                q(words::spoken(to_division(u.stop, u.kind, u.division))));
                break;
            }
    }
    const QString sheet = out.join(QLatin1Char(' '));
    if (sheet == sheet_) return;
    sheet_ = sheet;
    say(sheet);
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
// What the window says around its panes: the head line, the say-line, the big figures.
#include "window.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QTimer>
#include <QVBoxLayout>

#include "evening/evening_guide.h"
#include "help/preferences_page.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

/// What is not on the disk comes before what to do next.
void Window::say() {
    say_->setText(!trouble_.isEmpty() ? trouble_ : !aside_.isEmpty() ? aside_ : slate_->say());
    hint_->setVisible(trouble_.isEmpty());
    if (!desk_.hasJob()) return fitSay();
    const auto cautions =
        page_.none() ? cautions_at(stage_, desk_.job(), desk_.knowledge()) : std::vector<const Caution*>();
    hint_->setText(cautions.empty()  ? tr("F8 big figures")
                   : line_->folded() ? tr("▲ Ctrl+K")
                                     : tr("▲ cautions at the right · Ctrl+K"));
    fitSay();
    colorIt(hint_, (cautions.empty() ? Chalk::now().soft : Chalk::now().caution));
}

void Window::toggleBigFigures() {
    big_->setGeometry(rect());
    big_->setVisible(!big_->isVisible());
    big_->raise();
    refresh();
}

void Window::refresh() {
    if (preferences_ && preferences_->isVisible()) preferences_->refresh();
    if (!desk_.hasJob()) return;
    name_->setText(q(desk_.job().car.name));
    const QString ready = page_.id == PageId::lesson ? QString() : readyAbout(desk_);
    title_->setText(tr("%1 · round %2").arg(desk_.title()).arg(desk_.round() + 1) +
                    (ready.isEmpty() ? QString() : QStringLiteral(" · ") + ready));
    const auto marks = marks_on(desk_.job(), desk_.knowledge());
    aim_->setText(!marks.empty() ? tr("▲ %1 failed: readings mean nothing").arg(q(marks.front()->text))
                  : desk_.job().targets.empty() ? tr("no targets")
                  : desk_.aimsAsOnCard()        ? tr("aim: as on the car's card")
                                                : tr("aim: this job's own"));
    if (const BiasTaken* bias = last_of<BiasTaken>(desk_.job()); bias && !bias->all.empty() && marks.empty())
        aim_->setText(aim_->text() + tr(" · less this garage's bias"));
    colorIt(aim_, (marks.empty() ? Chalk::now().target : Chalk::now().caution));
    // Nothing is said to be kept that is not.
    const auto waiting = desk_.waiting();
    if (waiting.entries > 0)
        kept_->setText(waiting.error.empty()
                           ? tr("being written …")
                           : tr("▲ %n not kept · Ctrl+S", nullptr, static_cast<int>(waiting.entries)));
    else
        kept_->setText(last_kept_.isEmpty() ? tr("all kept") : last_kept_);
    if (const int odd = desk_.notUnderstood(); odd > 0)
        kept_->setText(tr("%1 that this version does not understand · ").arg(entriesInWords(odd)) +
                       kept_->text());
    if (desk_.book().read_only()) kept_->setText(tr("reading only"));
    fitHead();
    line_->refresh();
    floor_->refresh();
    if (stage_ == Stage::turn) turn_->refresh();
    if (middle_->currentWidget() == guide_view_) guide_view_->refresh();
    keepInView();
    slate_->refresh();
    say();
    if (big_->isVisible()) big_->say(bigFigures());
}

/// What is done next, where one is now: the sheets of the page on the floor, else the spot to read.
std::vector<BigFigures::Block> Window::bigFigures() const {
    const Plan& plan = desk_.answer().plan;
    if (stage_ == Stage::turn && middle_->currentWidget() == turn_ && !plan.turns.empty()) {
        std::vector<BigFigures::Block> out;
        for (std::size_t i : turn_->onSheet()) {
            const PlannedTurn& t = plan.turns[i];
            BigFigures::Block b;
            b.above = QStringLiteral("%1  %2").arg(i + 1).arg(q(words::adjuster(desk_.car(), t.adjuster)));
            if (const Adjuster* d = desk_.car().adjuster(t.adjuster)) {
                b.figure = q(words::device_amounts(*d, t.turns, t.second, how_));
                b.figure.replace(QStringLiteral(", "), QStringLiteral("\n"));
                b.below = t.shims.empty() ? q(words::loosen(*d)) : QString();
                if (const std::string rotate = words::how_to_rotate(*d, t.longer()); !rotate.empty())
                    b.below = tr("Rotate: %1.").arg(q(rotate));
                for (const std::string& s : words::shim_moves(t, desk_.car(), how_))
                    b.below += q(s) + QLatin1Char('\n');
                b.below = b.below.trimmed();
                // Where to stop, at the spot that tells most.
                for (const Until& u : desk_.answer().until)
                    if (u.adjuster == t.adjuster && desk_.answerIsCurrent()) {
                        b.below += QLatin1Char('\n') +
                                   tr("until spot %1 shows %2")
                                       .arg(desk_.number(u.spot), q(to_division(u.then, u.kind, u.division)));
                        break;
                    }
            }
            out.push_back(std::move(b));
        }
        if (out.size() < plan.turns.size())
            out.back().below +=
                QLatin1Char('\n') + tr("%1 to turn in all; Page Down shows the next.").arg(plan.turns.size());
        return out;
    }
    const auto spot = read_->spot();
    BigFigures::Block b{spot ? q(words::spot(*spot)) : tr("all spots read"), QStringLiteral("–"), QString()};
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const Reading* r = std::get_if<Reading>(&desk_.log()[i].event);
            r && desk_.job().live(i) && desk_.isKept(i)) {
            b.figure = q(words::as_read(*r));
            b.below = tr("last kept: %1").arg(q(words::spot(r->spot)));
        }
    return {b};
}

}  // namespace fairchalk::desk

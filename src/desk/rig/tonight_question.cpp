// SPDX-License-Identifier: GPL-3.0-or-later
#include "rig/tonight_question.h"

#include <algorithm>
#include <cmath>

#include <QPointer>

#include "core/job/equipment.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr int cars = 12;
constexpr std::uint64_t seed = 1;
/// As many as have digits.
constexpr std::size_t most = 9;

}  // namespace

TonightQuestion::TonightQuestion(JobDesk& desk, QObject* parent)
    : ListQuestion(desk, parent), stop_(std::make_shared<std::atomic<bool>>(false)) {
    practice::Tonight tonight;
    tonight.card = desk.car();
    tonight.targets = desk.job().targets;
    tonight.have = equipment_of_ids(desk.facts().at("at_hand"), desk.knowledge());
    tonight.tool = desk.tool();
    tonight.times = desk.answer().times;
    desk.forecast(tonight, cars, seed, stop_,
                  [self = QPointer(this)](std::vector<practice::WayForecast> ways) {
                      if (!self) return;
                      self->ways_ = std::move(ways);
                      self->ready_ = true;
                      emit self->said();
                  });
}

TonightQuestion::~TonightQuestion() {
    stop_->store(true);
}

QString TonightQuestion::name(const practice::WayForecast& way) const {
    QStringList out;
    for (const std::string& id : way.rigs)
        if (const RigItem* item = desk_.knowledge().rig(id)) out << q(item->text);
    return out.join(QStringLiteral(" + "));
}

QString TonightQuestion::body() const {
    if (desk_.job().targets.empty())
        return line(tr("What is to be measured is not said: there are no targets yet (Ctrl+I)."));
    if (!ready_) return line(soft(tr("Each way is played to its end on %1 cars with this card …").arg(cars)));
    if (ways_.empty())
        return line(tr("Nothing on the wall tells these targets. Say what else you have, or make a rig."));
    QString out;
    const practice::WayForecast* best = nullptr;
    for (std::size_t i = 0; i < std::min(ways_.size(), most); ++i) {
        const practice::WayForecast& w = ways_[i];
        if (best && best->use == w.use) continue;
        best = &w;
        out += head(w.use == RigUse::toe ? tr("Toe") : w.use == RigUse::camber ? tr("Camber") : tr("Caster"));
        out += line(tr("%1 first: %2, some %3 readings and %4 passes; %5 of %6 jobs could be called.")
                        .arg(strong(name(w)), q(words::minutes(w.minutes)))
                        .arg(std::lround(w.readings))
                        .arg(q(show_number(w.passes, 1)))
                        .arg(std::lround(w.called * cars))
                        .arg(cars));
        if (w.called < 0.5)
            out += line(warn(
                tr("Too coarse for these targets more often than not: a finer tool, or a wider tolerance.")));
    }
    out += line(soft(
        tr("Minutes from setting up to the last nut, with the times of this garage, %1 and the chosen tool; "
           "in how many of %2 jobs all could be called inside. One that can't be called is another evening: "
           "that weighs an hour.")
            .arg(desk_.facts().at("at_hand").empty() ? tr("whatever the wall may have")
                                                     : tr("what hangs on the wall"))
            .arg(cars)));
    return out;
}

QString TonightQuestion::say() const {
    if (!ready_) return tr("Playing it forward …");
    if (ways_.empty()) return tr("Nothing here measures what has a target.");
    return tr("%1 first: a digit sets it up.").arg(name(ways_.front()));
}

std::vector<Act> TonightQuestion::acts() const {
    std::vector<Act> out;
    const std::vector<std::string> now = desk_.lines().rigs;
    for (std::size_t i = 0; i < std::min(ways_.size(), most); ++i)
        out.push_back({QString::number(i),
                       tr("%1: %2 min, %3 of %4")
                           .arg(name(ways_[i]))
                           .arg(std::lround(ways_[i].minutes))
                           .arg(std::lround(ways_[i].called * cars))
                           .arg(cars),
                       i == 0,
                       std::all_of(ways_[i].rigs.begin(), ways_[i].rigs.end(), [&](const std::string& id) {
                           return std::find(now.begin(), now.end(), id) != now.end();
                       })});
    return out;
}

/// In the place of what measured the same; the others stay.
void TonightQuestion::act(const QString& id) {
    const auto n = id.toUInt();
    if (n >= ways_.size()) return;
    LinesSet lines = desk_.lines();
    std::erase_if(lines.rigs, [&](const std::string& rig) {
        const Rig* r = rig_named(rig);
        return r && r->use == ways_[n].use;
    });
    lines.rigs.insert(ways_[n].use == RigUse::toe ? lines.rigs.begin() : lines.rigs.end(),
                      ways_[n].rigs.begin(), ways_[n].rigs.end());
    desk_.setLines(lines);
    emit answered();
}

}  // namespace fairchalk::desk

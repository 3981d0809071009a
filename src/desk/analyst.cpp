// SPDX-License-Identifier: GPL-3.0-or-later
#include "analyst.h"

#include <algorithm>
#include <array>

#include <QPointer>

#include "book/knowledge_file.h"
#include "on_window.h"

namespace fairchalk::desk {
namespace {

/// What the last pass of turns had been expected to do, by what was known before it; empty while nothing was
/// read after it.
std::vector<Verdict> expected_of_last_pass(const std::vector<Entry>& log, const Job& job) {
    std::size_t first = log.size();
    bool measured = false;
    for (std::size_t n = log.size(); n-- > 0;) {
        if (!job.live(n)) continue;
        if (std::holds_alternative<Turn>(log[n].event)) {
            first = n;
        } else if (reads_angle(log[n])) {
            if (first < log.size()) break;
            measured = true;
        }
    }
    if (first == log.size() || !measured) return {};
    const std::vector<Entry> before(log.begin(), log.begin() + static_cast<std::ptrdiff_t>(first));
    const Job then = job_of(before);
    if (then.rounds.empty()) return {};
    EstimateOptions o;
    o.as_of_now = true;
    o.explain = false;
    std::vector<std::array<double, 2>> amounts(then.car.adjusters.size());
    for (std::size_t i = first; i < log.size(); ++i) {
        const Turn* t = job.live(i) ? std::get_if<Turn>(&log[i].event) : nullptr;
        const int place = t ? then.car.place_of(t->adjuster) : -1;
        // Nobody knows what was to be expected of what nobody counted.
        if (t && !t->counted) return {};
        if (place < 0) continue;
        amounts[static_cast<std::size_t>(place)][0] += t->turns;
        amounts[static_cast<std::size_t>(place)][1] += t->second;
    }
    return expect_after(then, estimate(then, o), amounts).verdicts;
}

JobAnalysis answer_to(const std::vector<Entry>& log, const PlanChoice& choice, GarageWays ways,
                      const std::atomic<bool>* cancel) {
    JobAnalysis a;
    a.sequence = log.size();
    const Job job = job_of(log);
    EstimateOptions options;
    options.cancel = cancel;
    for (int k = 0; k < static_cast<int>(job.rounds.size()); ++k) {
        if (cancel->load()) return a;
        options.round = k;
        options.explain = false;
        a.rounds.push_back(estimate(job, options));
    }
    a.expected = expected_of_last_pass(log, job);
    Question question;
    question.options = choice.options;
    if (ways.own_times) {
        ways.times.add(log);
        a.times = ways.times.times();
    }
    question.options.times = a.times;
    question.options.order = ways.order;
    question.options.jacked_to_reach = ways.jacked_to_reach;
    question.match = choice.match;
    question.targets = choice.targets;
    question.cancel = cancel;
    Analysis analysis = analyse(job, question);
    a.belief = std::move(analysis.belief);
    a.now = std::move(analysis.now);
    a.verdicts = std::move(analysis.verdicts);
    a.settling = std::move(analysis.settling);
    a.settling.resize(a.verdicts.size());
    a.telling = std::move(analysis.telling);
    a.telling.resize(a.verdicts.size());
    a.wheel = analysis.wheel;
    a.drive = std::move(analysis.drive);
    a.plan = std::move(analysis.plan);
    a.until = std::move(analysis.until);
    a.to_go = analysis.to_go;
    a.evening =
        evening_of(job, a.plan, analysis.read, analysis.to_go, book::shipped_knowledge(), question.options);
    a.read = std::move(analysis.read);
    a.untold = std::move(analysis.untold);
    a.can_wait = std::move(analysis.can_wait);
    options = {};
    options.cancel = cancel;
    options.as_of_now = true;
    options.doubted_turns = a.belief.freed;
    a.slips = slips_of(job, a.now);
    for (const Check& c : a.now.checks) {
        if (!c.suspect || a.without.size() == 4 || cancel->load()) continue;
        options.without = c.entry;
        options.explain = false;
        a.without.emplace_back(c.entry, estimate(analysis.job, options));
    }
    const int last = static_cast<int>(job.rounds.size()) - 1;
    a.bars = bumped(job, last);
    a.agreements = agreements(job, last);
    a.squaring = squaring_of(job, a.now);
    return a;
}

}  // namespace

Analyst::Analyst(QObject* parent) : QObject(parent), cancel_(std::make_shared<std::atomic<bool>>(false)) {}

Analyst::~Analyst() {
    cancel_->store(true);
}

void Analyst::choose(PlanChoice choice) {
    choice_ = std::move(choice);
    ++choice_number_;
}

void Analyst::forget() {
    answer_ = {};
    choice_ = {};
}

void Analyst::ask(const std::string& job, const std::vector<Entry>& log) {
    cancel_->store(true);
    cancel_ = std::make_shared<std::atomic<bool>>(false);
    job_ = job;
    asked_ = log.size();
    QPointer<Analyst> self(this);
    beside_.begin([self, job, log = std::make_shared<std::vector<Entry>>(log), cancel = cancel_,
                   choice = choice_, ways = ways_, number = choice_number_] {
        auto answer = std::make_shared<JobAnalysis>(answer_to(*log, choice, ways, cancel.get()));
        answer->choice = number;
        if (cancel->load()) return;
        onWindow([self, answer, job] {
            // Only the answer to the log as it is now is shown.
            if (!self || self->job_ != job || answer->sequence != self->asked_ ||
                answer->choice != self->choice_number_)
                return;
            self->answer_ = std::move(*answer);
            emit self->answered();
        });
    });
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
// What the desk has worked out beside the window: what other jobs of the book tell, and ways played forward.
#include <QPointer>

#include "book/adjuster_json.h"
#include "book/demo.h"
#include "book/places.h"
#include "book/season_memory.h"
#include "core/judge/card_after_job.h"
#include "core/judge/moved.h"
#include "documents.h"
#include "job_desk.h"
#include "on_window.h"

namespace fairchalk::desk {

void JobDesk::learnTimes() {
    constexpr std::size_t newest = 20;
    beside([this, book = book_, here = job_id_]() -> std::function<void()> {
        auto learnt = std::make_shared<TimesLearnt>();
        std::size_t met = 0;
        try {
            for (const book::JobInfo& j : book->jobs()) {
                if (j.id == here || met == newest || book->fact("practice:" + j.id)) continue;
                learnt->add(book->job(j.id).entries());
                ++met;
            }
        } catch (const std::exception&) {
            // Nothing is learnt from what can't be read.
        }
        if (met == 0) return [] {};
        return [this, here, learnt] {
            if (job_id_ != here) return;
            GarageWays ways = analyst_.ways();
            ways.times = *learnt;
            analyst_.setWays(std::move(ways));
            compute();
        };
    });
}

void JobDesk::takeWays() {
    GarageWays ways = analyst_.ways();
    ways.order = order_named(order()).value_or(Order::all_at_once);
    ways.jacked_to_reach = reach() == "jack";
    ways.own_times = minutes() != "usual";
    analyst_.setWays(std::move(ways));
}

std::string JobDesk::order() {
    return facts_.at("order", std::string(name_of(Order::all_at_once)));
}

std::string JobDesk::reach() {
    return facts_.at("reach", "under-it");
}

void JobDesk::keepOrder(const std::string& school) {
    facts_.keep("order", school);
    takeWays();
    compute();
}

std::string JobDesk::minutes() {
    return facts_.at("minutes", "own");
}

void JobDesk::keepMinutes(const std::string& how) {
    facts_.keep("minutes", how);
    takeWays();
    compute();
}

std::string JobDesk::rule() {
    return facts_.at("rule", "units");
}

void JobDesk::keepRule(const std::string& tool) {
    facts_.keep("rule", tool);
    emit changed();
}

void JobDesk::keepReach(const std::string& school) {
    facts_.keep("reach", school);
    takeWays();
    compute();
}

namespace {

/// The newest job of a car that read something, before that one where one is named, and none of practice; as
/// it now stands.
struct LastJob {
    std::vector<Entry> log;
    std::string title, begun;
};
std::optional<LastJob> last_job(const book::Book& book, const std::string& car, const std::string& before) {
    bool older = before.empty();
    for (const book::JobInfo& info : book.jobs(car)) {
        if (!older) {
            older = info.id == before;
            continue;
        }
        if (info.readings == 0 || book.fact("practice:" + info.id)) continue;
        try {
            LastJob out{book.job(info.id).entries(), info.title, info.created};
            // One that was brought in is as old as its own entries.
            for (const Entry& e : out.log)
                if (!e.at.empty()) {
                    out.begun = e.at;
                    break;
                }
            return out;
        } catch (const std::exception&) {
            // An entry of a newer program, or a broken one: an older job may still tell.
        }
    }
    return std::nullopt;
}

}  // namespace

void JobDesk::leftByLastJob(std::function<void(std::optional<LeftByLastJob>)> then) {
    beside([book = book_, job = job_id_, then]() -> std::function<void()> {
        std::optional<LeftByLastJob> out;
        try {
            if (const auto last = last_job(*book, book->car_of(job), job)) {
                // As the garage reads: what is taken off is taken off these too, and must not be twice.
                const std::vector<Entry> as_read = book::with_bias(last->log, nullptr);
                if (auto angles = carried_over(estimate_believed(job_of(as_read)))) {
                    angles->from = last->title;
                    out = {std::move(*angles), {}};
                    const Job before = job_of(last->log);
                    if (const auto* bias = last_of<BiasTaken>(before)) out->bias = *bias;
                }
            }
        } catch (const std::exception&) {
            // Nothing is taken over from what can't be read.
        }
        return [then, out] { then(out); };
    });
}

int JobDesk::biasesTaken() const {
    int n = 0;
    for (std::size_t i = 0; i < log().size(); ++i)
        n += job_.live(i) && std::holds_alternative<BiasTaken>(log()[i].event);
    return n;
}

void JobDesk::lookBack() {
    left_at_.reset();
    named_twice_.reset();
    const BiasTaken* taken = last_of<BiasTaken>(job_);
    looked_back_by_ = biasesTaken();
    beside([this, book = book_, here = job_id_, by = looked_back_by_,
            bias = taken ? std::optional(*taken) : std::nullopt]() -> std::function<void()> {
        std::optional<LeftAt> left;
        std::optional<book::NamedTwice> twice;
        try {
            const std::string car = book->car_of(here);
            const bool practice = book->fact("practice:" + here).has_value();
            if (const auto last = practice ? std::nullopt : last_job(*book, car, here)) {
                const std::vector<Entry> alike = book::with_bias(last->log, bias ? &*bias : nullptr);
                const Job before = job_of(alike);
                left = LeftAt{last->title, last->begun, estimate_believed(before), rods_at_end(before)};
                // What each cause does is worked out once, and takes long enough to be seen on the window's
                // thread.
                for (Axle axle : both_axles) (void)explained(before.car, left->angles, left->angles, axle);
                twice = book::named_twice(*book, car, here);
            }
        } catch (const std::exception&) {
            // Nothing is compared with what can't be read.
        }
        return [this, here, by, left = std::move(left), twice] {
            if (job_id_ != here || looked_back_by_ != by) return;
            left_at_ = left;
            named_twice_ = twice;
            if (left_at_) emit answered();
        };
    });
}

void JobDesk::season(const std::string& car, std::function<void(Season)> then) {
    beside([this, book = book_, car, today = ids_.now(), then]() -> std::function<void()> {
        auto out = std::make_shared<Season>();
        std::string memory;
        bool practice = false;
        try {
            // A practice car's jobs are about its own floor.
            const auto jobs = book->jobs(car);
            practice = !jobs.empty() && book->fact("practice:" + jobs.front().id).has_value();
            out->visits = book::season_remembered(*book, car, practice);
            auto& visits = out->visits;
            if (std::any_of(visits.begin(), visits.end(), [](const book::Visit& v) { return v.whole; }))
                memory = book::remembered(visits);
            out->drifts = book::drifts_of(visits);
            out->due = book::due_of(visits, today);
            if (std::any_of(visits.begin(), visits.end(),
                            [](const book::Visit& v) { return v.sheets > 0; })) {
                for (book::Visit& v : visits) book::make_whole(*book, v);
                out->sheets = book::sheets_beside(visits);
            }
            // Its adjusters have their names on the card of the newest.
            if (!visits.empty()) book::make_whole(*book, visits.back());
        } catch (const std::exception&) {
            // What can't be read is left out.
        }
        return [this, car, practice, then, out, memory] {
            // Worked out once for each state of the logs.
            if (!memory.empty() && !book_->read_only()) facts_.keep(book::season_fact(car, practice), memory);
            then(std::move(*out));
        };
    });
}

void JobDesk::makeDemo(std::function<void(const QString&, const QString&)> then) {
    beside([then]() -> std::function<void()> {
        QString path, error;
        try {
            const auto data = book::demo_data();
            if (!data)
                throw book::BookError(
                    tr("The demo garage was not installed with this program.").toStdString());
            // Each time a fresh one: it is for trying things out.
            path = freeFile(QStringLiteral("demo garage"), QStringLiteral(".fairchalk"),
                            QString::fromStdString(book::default_book().parent_path().string()));
            UuidSource ids(book::system_sources());
            book::make_demo(path.toStdString(), *data, ids);
        } catch (const std::exception& e) {
            error = QString::fromUtf8(e.what());
        }
        return [then, path, error] { then(path, error); };
    });
}

void JobDesk::sheets(std::function<void(std::vector<SheetBeside>, std::vector<GarageBias>)> then) {
    const auto work = [this, then] {
        beside([book = book_, job = job_id_, then]() -> std::function<void()> {
            auto ours = std::make_shared<std::vector<SheetBeside>>();
            auto bias = std::make_shared<std::vector<GarageBias>>();
            try {
                // A practice car's sheets are about its own floor alone.
                const std::string here = book->car_of(job);
                const bool practice = book->fact("practice:" + job).has_value();
                std::vector<SheetBeside> all;
                for (const book::CarInfo& car : book->cars()) {
                    if (practice && car.id != here) continue;
                    auto of = book::sheets_of(*book, car.id, practice);
                    if (car.id == here) *ours = of;
                    for (SheetBeside& s : of) all.push_back(std::move(s));
                }
                *bias = garage_bias(all);
            } catch (const std::exception&) {
                // Nothing is compared with what can't be read.
            }
            return [then, ours, bias] { then(std::move(*ours), std::move(*bias)); };
        });
    };
    // What was just typed is in the book once it is written.
    if (waiting().entries == 0) return work();
    auto* once = new QObject(this);
    connect(this, &JobDesk::keptAt, once, [this, once, work] {
        if (waiting().entries > 0) return;
        once->deleteLater();
        work();
    });
}

void JobDesk::dues(std::function<void(std::map<std::string, std::vector<Due>>)> then) {
    beside([book = book_, today = ids_.now(), then]() -> std::function<void()> {
        auto out = std::make_shared<std::map<std::string, std::vector<Due>>>();
        try {
            for (const book::CarInfo& car : book->cars())
                (*out)[car.id] = book::due_of_car(*book, car.id, today);
        } catch (const std::exception&) {
            // Nothing is due that can't be read.
        }
        return [then, out] { then(std::move(*out)); };
    });
}

void JobDesk::taught(const std::string& car, std::function<void(book::Json card)> then) {
    // Only the newest is still wanted.
    const int number = ++taught_number_;
    beside([this, book = book_, car, then, number]() -> std::function<void()> {
        if (taught_number_ != number) return [] {};
        return [then, card = taughtCard(*book, car)] { then(card); };
    });
}

void JobDesk::forecast(practice::Tonight tonight, int cars, std::uint64_t seed,
                       std::shared_ptr<std::atomic<bool>> stop,
                       std::function<void(std::vector<practice::WayForecast>)> then) {
    beside([tonight = std::move(tonight), cars, seed, stop, then]() -> std::function<void()> {
        auto ways = practice::forecast(tonight, book::shipped_knowledge(), cars, seed, stop.get());
        return [then, ways = std::move(ways)] { then(ways); };
    });
}

void JobDesk::beside(std::function<std::function<void()>()> work) {
    QPointer<JobDesk> self(this);
    ++making_;
    beside_.begin([self, work] {
        const auto then = work();
        onWindow([self, then] {
            if (!self) return;
            --self->making_;
            then();
        });
    });
}

book::Json JobDesk::lastTargets(const book::Book& book, const std::string& car) {
    for (const book::JobInfo& info : book.jobs(car)) {
        if (book.fact("practice:" + info.id)) continue;
        try {
            const book::JobFile file = book.job(info.id);
            if (book::Json targets = file.last("targets", file.job()); !targets.empty()) return targets;
        } catch (const std::exception&) {
            // An older job may still tell.
        }
    }
    // A card that was copied or brought in has its aims, and no job yet.
    const book::WrittenCard card(book.card(car).value_or(book::Json::object()));
    return card.aims_of(card.set_up());
}

book::Json JobDesk::taughtCard(const book::Book& book, const std::string& car) {
    book::Json card = book.card(car).value_or(book::Json::object());
    try {
        const auto last = last_job(book, car, {});
        if (!last) return card;
        const Job job = job_of(last->log);
        const CarCard taught = card_after_job(job, estimate_believed(job));
        book::Json list = book::Json::array();
        for (const Adjuster& a : taught.adjusters) list.push_back(book::taught_json(a, card));
        if (list.empty()) return card;
        card["adjusters"] = list;
        if (!taught.tin.empty()) card["tin"] = book::shims_json(taught.tin);
        book::car_from(card, "car");
    } catch (const std::exception&) {
        return book.card(car).value_or(book::Json::object());  // begins with what the card says
    }
    return card;
}

}  // namespace fairchalk::desk

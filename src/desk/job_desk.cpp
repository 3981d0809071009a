// SPDX-License-Identifier: GPL-3.0-or-later
#include "job_desk.h"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QPointer>
#include <QTime>

#include "book/bounds.h"
#include "book/copies.h"
#include "on_window.h"

namespace fairchalk::desk {

JobDesk::JobDesk(book::Book book, Sources sources, Begins begins, QObject* parent)
    : QObject(parent),
      book_(std::make_shared<book::Book>(std::move(book))),
      ids_(std::move(sources)),
      facts_([this](const std::string& key) { return book_->fact(key); },
             [this](const std::string& key, const std::string& value) {
                 if (writer_ && !book_->read_only()) writer_->post_fact(key, value);
             }) {
    connect(&analyst_, &Analyst::answered, this, &JobDesk::answered);
    if (begins == Begins::when_let_go) {
        analyst_.hold();
        beside_.hold();
    }
    openWriter();
}

JobDesk::~JobDesk() {
    ++taught_number_;
    beside_.clear();
    closeWriter();
}

void JobDesk::letGo() {
    analyst_.letGo();
    beside_.letGo();
}

void JobDesk::openWriter() {
    drawer_.open(book_->fact("tools"));
    QPointer<JobDesk> self(this);
    if (!book_->read_only()) {
        book::Writer::Options options;
        options.copies = book::copies_of(book_->path());
        options.said = [self](const book::Writer::Waiting& w) {
            onWindow([self, w] {
                if (!self) return;
                if (!w.error.empty())
                    emit self->notKept(QString::fromStdString(w.error));
                else if (w.entries == 0)
                    emit self->keptAt(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")));
            });
        };
        writer_ = std::make_unique<book::Writer>(*book_, std::move(options));
    }
    // Whether it is whole is looked at beside the start.
    beside_.begin([self, book = book_] {
        const std::string found = book->integrity(true);
        if (found == "ok") return;
        onWindow([self, book, found] {
            if (!self || self->book_ != book || book->read_only()) return;
            book->close_for_writing(book->damage(found));
            emit self->notKept(QString::fromStdString(book->read_only_reason()));
            emit self->bookChanged();
        });
    });
}

void JobDesk::closeWriter() {
    beside_.waitForDone();
    writer_.reset();
}

void JobDesk::openJob(const std::string& id) {
    // What waits to be written is part of the job; it is asked for first, since it may go in meanwhile.
    const std::vector<book::Json> waiting = writer_ ? writer_->waiting_of(id) : std::vector<book::Json>();
    book::JobFile file = book_->job(id);
    const std::size_t kept = file.raw().size();
    std::vector<book::Json> raw = file.raw();
    for (const book::Json& e : waiting)
        if (std::find(raw.begin(), raw.end(), e) == raw.end()) raw.push_back(e);
    if (raw.size() > kept) file = book::from_entries(std::move(raw), file.extras);
    file_ = std::move(file);
    kept_ = kept;
    job_id_ = id;
    title_.clear();
    for (const book::JobInfo& j : book_->jobs())
        if (j.id == id) title_ = QString::fromStdString(j.title);
    job_ = job_of(file_.entries());
    wheel_only_.reset();
    walk_.reset();
    drawer_.beginJob();
    analyst_.forget();
    practice_.reset();
    if (const auto play = practice::play_from(facts_.at("practice:" + id)))
        practice_ =
            std::make_unique<practice::PracticeFloor>(practice::PracticeFloor::under(file_.entries(), *play));
    if (writer_) writer_->post_fact("open_job", id);
    takeWays();  // before anything is asked: the first plan is in this garage's order too
    if (job_.rounds.empty() && writer_)
        append({Entry{{}, {}, {}, {}, {}, RoundOpened{}}});
    else
        compute();
    learnTimes();
    lookBack();
    emit changed();
}

void JobDesk::append(std::vector<Entry> entries) {
    append(std::move(entries), {});
}

/// With `raw`, those are what is kept, one for each entry: they hold more than the entry was read from them.
void JobDesk::append(std::vector<Entry> entries, std::vector<book::Json> raw) {
    if (!writer_ || book_->read_only() || entries.empty()) {
        if (!entries.empty()) emit notKept(QString::fromStdString(book_->read_only_reason()));
        return;
    }
    // What is kept can be written out, and read again: as much as a job file may hold.
    const auto opens = std::count_if(entries.begin(), entries.end(), [](const Entry& e) {
        return std::holds_alternative<RoundOpened>(e.event);
    });
    if (file_.size() + entries.size() > book::most_entries ||
        job_.rounds.size() + static_cast<std::size_t>(opens) > book::most_rounds) {
        emit notKept(
            tr("This job is full: it has %1 rounds and %2 entries. Begin a new job on this car; what is "
               "here stays as it is.")
                .arg(job_.rounds.size())
                .arg(file_.size()));
        return;
    }
    const std::string at = ids_.now();
    const std::size_t from = file_.size();
    std::string act;
    for (std::size_t i = 0; i < entries.size(); ++i) {
        Entry& e = entries[i];
        e.id = ids_.next();
        e.at = at;
        if (act.empty()) act = e.id;
        if (entries.size() > 1) e.act = act;
        book::Json j = book::json_of(e);
        if (!raw.empty())
            for (const auto& [key, value] : raw[i].items()) j[key] = value;
        file_.append(std::move(j), std::move(e));
    }
    job_ = job_of(file_.entries());
    wheel_only_.reset();
    walk_.reset();
    // What is undone or done again of a tool in this job is so in the garage.
    if (!practice_)
        if (const auto tools = drawer_.follow(job_)) facts_.keep("tools", *tools);
    if (practice_) practice_->follow(file_.entries());
    post(from);
    compute();
    emit changed();
}

/// One act of the user is one transaction; the writer keeps their order.
void JobDesk::post(std::size_t from) {
    std::vector<book::Json> batch(file_.raw().begin() + static_cast<std::ptrdiff_t>(from), file_.raw().end());
    QPointer<JobDesk> self(this);
    writer_->post(job_id_, std::move(batch), [self, upto = file_.size(), job = job_id_] {
        onWindow([self, upto, job] {
            if (!self) return;
            if (self->job_id_ == job) self->kept_ = std::max(self->kept_, upto);
            emit self->keptAt(QTime::currentTime().toString(QStringLiteral("HH:mm:ss")));
        });
    });
}

QString entriesInWords(int n) {
    return QObject::tr("%n entries", "1 entry", static_cast<int>(n));
}

void JobDesk::retry() {
    if (writer_) writer_->try_again();
}

book::Writer::Waiting JobDesk::waiting() const {
    return writer_ ? writer_->waiting() : book::Writer::Waiting{};
}

void JobDesk::giveUp() {
    if (!writer_) return;
    writer_->give_up();
    if (hasJob() && kept_ < file_.size()) {
        file_.cut(kept_);
        job_ = job_of(file_.entries());
        wheel_only_.reset();
        walk_.reset();
        if (practice_) practice_->follow(file_.entries());
        compute();
    }
    emit changed();
}

void JobDesk::saveCopy(const QString& path, std::function<void(const QString& error)> then) {
    // Both outlive it: they are let go of behind what was begun before.
    beside([book = book_, writer = writer_.get(), then,
            to = std::filesystem::path(path.toStdString())]() -> std::function<void()> {
        QString error;
        try {
            if (writer)
                writer->copy_with_waiting(to);
            else
                book->copy_to(to);
        } catch (const std::exception& e) {
            error = QString::fromUtf8(e.what());
        }
        return [then, error] { then(error); };
    });
}

void JobDesk::restore(const QString& copy, std::function<void(const QString&, const QString&)> then) {
    if (const auto w = waiting(); w.entries > 0)
        return then(
            {},
            tr("%1 not on the disk yet: that comes first.").arg(entriesInWords(static_cast<int>(w.entries))));
    const std::filesystem::path path = book_->path();
    // From here on there is no book, until one is back; what is under way with the old one comes to its end.
    auto old = std::make_shared<std::pair<std::shared_ptr<book::Book>, std::unique_ptr<book::Writer>>>(
        std::exchange(book_, std::make_shared<book::Book>(book::Book::closed(
                                 path, tr("A copy is being put in the place of the book.").toStdString()))),
        std::exchange(writer_, nullptr));
    facts_.forget();
    drawer_.open({});
    job_id_.clear();
    file_ = {};
    job_ = {};
    emit bookChanged();
    beside([this, old, path, copy, then]() -> std::function<void()> {
        old->second.reset();
        old->first.reset();
        QString error, aside;
        try {
            aside = QString::fromStdString(book::restore(copy.toStdString(), path).string());
        } catch (const std::exception& e) {
            error = QString::fromUtf8(e.what());
        }
        std::shared_ptr<book::Book> now;
        try {
            now = std::make_shared<book::Book>(path, book::Book::Mode::existing);
        } catch (const std::exception& e) {
            now = std::make_shared<book::Book>(book::Book::closed(path, e.what()));
        }
        return [this, now, then, aside, error] {
            book_ = now;
            openWriter();
            emit bookChanged();
            then(aside, error);
        };
    });
}

void JobDesk::make(std::function<QString(book::Book&)> work,
                   std::function<void(const QString&, const QString&)> then) {
    if (!writer_ || book_->read_only()) return then({}, QString::fromStdString(book_->read_only_reason()));
    const auto made = std::make_shared<QString>();
    QPointer<JobDesk> self(this);
    ++making_;
    writer_->once([made, work](book::Book& b) { *made = work(b); },
                  [self, made, then](const std::string& error) {
                      onWindow([self, made, then, error] {
                          if (!self) return;
                          --self->making_;
                          then(*made, QString::fromStdString(error));
                      });
                  });
}

void JobDesk::compute() {
    if (looked_back_by_ != biasesTaken()) lookBack();
    analyst_.ask(job_id_, file_.entries());
}

void JobDesk::settle() {
    letGo();
    QElapsedTimer clock;
    clock.start();
    while ((making_ > 0 || (writer_ && writer_->busy()) ||
            (hasJob() && (!answerIsCurrent() || (writer_ && kept_ < file_.size())))) &&
           clock.elapsed() < 20'000)
        QCoreApplication::processEvents(QEventLoop::AllEvents, 5);
}

void JobDesk::settleMaking() {
    letGo();
    QElapsedTimer clock;
    clock.start();
    while (making_ > 0 && clock.elapsed() < 20'000) QCoreApplication::processEvents(QEventLoop::AllEvents, 5);
}

std::string JobDesk::tool() const {
    return drawer_.lengthTool(job_, lines(), usualRule());
}

std::string JobDesk::usualRule() const {
    const std::string kept = facts_.at("rule", "units");
    if (standard_tool(kept)) return kept;
    return in_inches_ ? "steel-rule-inch" : "steel-rule-mm";
}

std::vector<Tool> JobDesk::tools() const {
    return drawer_.all(job_);
}

const Tool* JobDesk::toolNamed(const std::string& name) const {
    return drawer_.named(name, job_);
}

bool JobDesk::isOwn(const std::string& name) const {
    return drawer_.isOwn(name, job_);
}

void JobDesk::setTool(const Tool& tool) {
    drawer_.set(tool.name);
    record(ToolSet{tool});
}

std::string JobDesk::gauge() const {
    return Drawer::gauge(lines());
}

std::string JobDesk::toolFor(const Spot& spot) const {
    return drawer_.toolFor(spot, job_, lines(), usualRule());
}

void JobDesk::takeUp(const Spot& spot, const std::string& tool) {
    drawer_.takeUp(spot, tool);
    emit changed();
}

const std::vector<Spot>& JobDesk::walk() const {
    if (!walk_) {
        walk_ = round_walk(job_, round(), true);
        if (round() >= 0)
            for (std::size_t i : job_.rounds.back().readings) {
                const Spot& s = std::get<Reading>(log()[i].event).spot;
                if (reads_angle(log()[i]) && std::find(walk_->begin(), walk_->end(), s) == walk_->end())
                    walk_->push_back(s);
            }
    }
    return *walk_;
}

QString JobDesk::number(const Spot& spot) const {
    const auto at = [&](const Spot& s) {
        const auto it = std::find(walk().begin(), walk().end(), s);
        return it == walk().end() ? 0 : static_cast<int>(it - walk().begin()) + 1;
    };
    Spot plain = spot;
    plain.rolled = false;
    if (spot.rolled)
        if (const int n = at(plain)) return QString::number(n) + QStringLiteral("½");
    if (reading_kind(spot.kind).end_for_end())
        for (const Spot& s : walk()) {
            const auto beside = reading_kind(s.kind).besides(s, car());
            if (std::find(beside.begin(), beside.end(), spot) != beside.end())
                return QString::number(at(s)) + QStringLiteral("r");
        }
    const int n = at(spot);
    return n ? QString::number(n) : QStringLiteral("+");
}

bool JobDesk::isNumbered(const Spot& spot) const {
    return number(spot) != QStringLiteral("+");
}

/// What it is read with on the practice floor.
const Tool& JobDesk::toolHeld(const Reading& asked) const {
    const Tool* tool = toolNamed(asked.tool);
    // Where no tool is chosen for it, a rule in the units of the job's.
    if (!tool || tool->quantity != reading_kind(asked.spot.kind).quantity())
        tool = standard_tool(reading_kind(asked.spot.kind).quantity() == QuantityKind::angle
                                 ? "digital-angle-gauge"
                                 : "steel-rule-mm");
    return *tool;
}

std::optional<practice::Held> JobDesk::held(const Reading& asked) const {
    return practice_ ? practice_->hold(asked, lines(), toolHeld(asked)) : std::nullopt;
}

std::optional<practice::Held> JobDesk::held(const Reading& asked, const Turn& turning) const {
    return practice_ ? practice_->hold(asked, lines(), toolHeld(asked), turning) : std::nullopt;
}

Reading JobDesk::blank(const Spot& spot) const {
    Reading r = blank_reading(spot, lines());
    r.tool = toolFor(spot);
    return r;
}

void JobDesk::take(Reading blank, const Quantity& value) {
    append(taking(std::move(blank), value));
}

std::vector<Entry> JobDesk::taking(Reading r, const Quantity& value) const {
    r.value = value;
    // A value on a coarse mark is as fine as its rule; but sixteenths were not read off a rule in
    // millimetres. A tape's inches, marked in sixteenths, are as fine as its millimetres.
    const Tool* tool = toolNamed(r.tool);
    constexpr double as_on_a_tape = 1.0;
    const bool its_own = tool && (tool->zero != 0.0 || tool->inward || tool->shows != Shows::leaning ||
                                  tool->more_is_in_left || tool->more_is_in_right);
    if (!tool || tool->quantity != value.kind ||
        (!its_own && tool->resolution < as_on_a_tape && value.resolution > 2.01 * tool->resolution &&
         is_inch_division(value.resolution) != is_inch_division(tool->resolution)))
        r.tool.clear();
    if (!reading_kind(r.spot.kind).asks_for_top() && !(tool && tool->shows == Shows::unsigned_))
        r.top_in.reset();
    std::vector<Entry> entries;
    // What the garage knows of the tool goes into this job with the first reading by it.
    const Tool* here = job_.tool(r.tool);
    if (tool && !r.tool.empty() && (!here || *here != *tool))
        entries.push_back(Entry{{}, {}, {}, {}, {}, ToolSet{*tool}});
    entries.push_back(Entry{{}, {}, {}, {}, {}, std::move(r)});
    return entries;
}

void JobDesk::watched(const Turn& turn, Reading blank, const Quantity& value) {
    std::vector<Entry> entries = entries_after_turn(job_, {turn});
    for (Entry& e : taking(std::move(blank), value)) entries.push_back(std::move(e));
    append(std::move(entries));
}

void JobDesk::take(const Reading& reading) {
    append({Entry{{}, {}, {}, {}, {}, reading}});
}

void JobDesk::record(std::vector<What> what) {
    std::vector<Entry> entries;
    for (What& w : what) entries.push_back(Entry{{}, {}, {}, {}, {}, std::move(w)});
    append(std::move(entries));
}

book::WrittenCard JobDesk::writtenCard() const {
    return book::WrittenCard(file_.last("car", job_));
}

book::Json JobDesk::targetsJson() const {
    return file_.last("targets", job_);
}

bool JobDesk::aimsAsOnCard() const {
    const book::WrittenCard card = writtenCard();
    return targetsJson() == card.aims_of(card.set_up());
}

void JobDesk::editCard(const book::WrittenCard& card) {
    append({Entry{{}, {}, {}, {}, {}, CarEdit{card.card()}}}, {book::Json{{"car", card.json()}}});
}

void JobDesk::editTargets(const book::Json& targets) {
    append({Entry{{}, {}, {}, {}, {}, TargetsEdit{book::targets_from(targets, "targets")}}},
           {book::Json{{"kind", "targets"}, {"targets", targets}}});
}

const WheelOnly& JobDesk::wheelOnly() const {
    if (!wheel_only_) wheel_only_ = wheel_only(job_);
    return *wheel_only_;
}

void JobDesk::strike(const std::vector<std::size_t>& entries, const QString& why) {
    Strike s{Strike::Way::reasoned, {}, why.toStdString()};
    for (std::size_t i : entries) s.ids.push_back(file_.entries()[i].id);
    record(s);
}

bool JobDesk::undo() {
    std::size_t from = 0;
    while (from < file_.entries().size() && !std::holds_alternative<RoundOpened>(file_.entries()[from].event))
        ++from;
    const auto id = undoable(file_.entries(), from + 1);
    if (!id) return false;
    Strike s{Strike::Way::undo, {*id}, "undo"};
    for (const Entry& e : file_.entries())
        if (e.id == *id && !e.act.empty()) {
            s.ids.clear();
            for (const Entry& other : file_.entries())
                if (other.act == e.act) s.ids.push_back(other.id);
            break;
        }
    append({Entry{{}, {}, {}, {}, {}, s}});
    return true;
}

bool JobDesk::redo() {
    const auto id = redoable(file_.entries());
    if (!id) return false;
    append({Entry{{}, {}, {}, {}, {}, Strike{Strike::Way::redo, {*id}, "redo"}}});
    return true;
}

void JobDesk::setLines(const LinesSet& lines) {
    append({Entry{{}, {}, {}, {}, {}, lines}});
}

void JobDesk::turned(const std::vector<std::pair<std::string, double>>& turns, bool as_written) {
    std::vector<Turn> all;
    for (const auto& [rod, amount] : turns) {
        Turn t;
        t.adjuster = rod;
        if (const Adjuster* a = car().adjuster(rod); a && !is_rod(*a)) t.kind = a->kind;
        t.turns = amount;
        t.as_written = as_written;
        all.push_back(std::move(t));
    }
    turned(std::move(all));
}

void JobDesk::choosePlan(PlanChoice choice) {
    analyst_.choose(std::move(choice));
    compute();
    emit changed();
}

void JobDesk::turned(std::vector<Turn> turns) {
    append(entries_after_turn(job_, std::move(turns)));
}

void JobDesk::looked(const std::vector<Looked>& facts) {
    std::vector<Entry> entries;
    for (const Looked& l : facts) entries.push_back(Entry{{}, {}, {}, {}, {}, l});
    append(std::move(entries));
    book::WrittenCard card = writtenCard();
    if (!card.at({"adjusters"})) return;
    card.looked(facts);
    editCard(card);
}

void JobDesk::happened(ChangeKind kind, std::optional<Axle> axle) {
    std::vector<Entry> entries{Entry{{}, {}, {}, {}, {}, Change{kind, axle}}};
    if (!job_.rounds.empty() && job_.rounds.back().last_angle(file_.entries()))
        entries.push_back(Entry{{}, {}, {}, {}, {}, RoundOpened{}});
    append(std::move(entries));
}

void JobDesk::accept(const QString& why) {
    append({Entry{{}, {}, {}, {}, {}, Accepted{accepted_all, why.toStdString()}}});
}

}  // namespace fairchalk::desk

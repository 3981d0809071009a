// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <functional>
#include <map>
#include <memory>
#include <utility>
#include <vector>

#include <QObject>
#include <QString>

#include "book/book.h"
#include "book/knowledge_file.h"
#include "book/season.h"
#include "book/writer.h"
#include "book/written_card.h"
#include "core/advice/plan.h"
#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/job/rig.h"
#include "core/job/wheel_only.h"
#include "practice/forecast.h"
#include "practice/practice_floor.h"
#include "words/words.h"

#include "analyst.h"
#include "beside.h"
#include "drawer.h"
#include "facts.h"

namespace fairchalk::desk {

/// `1 entry`, `3 entries`
QString entriesInWords(int n);

/// The open job: appends entries to its log, hands them to the writer, and has a worker compute what follows.
/// The window never waits for either.
class JobDesk : public QObject {
    Q_OBJECT
  public:
    enum class Begins { at_once, when_let_go };  ///< what is worked out beside the window

    JobDesk(book::Book book, Sources sources, Begins begins = Begins::at_once, QObject* parent = nullptr);
    ~JobDesk() override;

    /// What is worked out beside the window begins, where it was held.
    void letGo();

    book::Book& book() { return *book_; }
    const book::Book& book() const { return *book_; }
    UuidSource& ids() { return ids_; }

    void openJob(const std::string& id);
    bool hasJob() const { return !job_id_.empty(); }
    const std::string& jobId() const { return job_id_; }
    QString title() const { return title_; }

    /// The simulated car under this job, where it is practice; else null.
    const practice::PracticeFloor* practice() const { return practice_.get(); }
    /// What the practice car shows where this is read next; nothing on a real one.
    std::optional<practice::Held> held(const Reading& asked) const;
    /// The same with something turned meanwhile that is not kept yet.
    std::optional<practice::Held> held(const Reading& asked, const Turn& turning) const;
    /// Practice jobs are listed apart, and teach nothing about this garage's tools.
    bool isPractice(const std::string& job) { return !facts_.at("practice:" + job).empty(); }

    const Job& job() const { return job_; }
    const std::vector<Entry>& log() const { return file_.entries(); }
    /// Entries that this version does not understand; they are kept as they are.
    int notUnderstood() const { return static_cast<int>(file_.set_aside().size()); }
    const CarCard& car() const { return job_.rounds.empty() ? job_.car : job_.rounds.back().car; }
    int round() const { return static_cast<int>(job_.rounds.size()) - 1; }
    LinesSet lines() const { return job_.rounds.empty() ? LinesSet{} : job_.rounds.back().lines; }
    /// The rule that is read with: as chosen, else as last used, else one in the units that are shown.
    std::string tool() const;
    void showInches(bool inches) { in_inches_ = inches; }
    /// True once the entry is on the disk.
    bool isKept(std::size_t entry) const { return entry < kept_; }

    const JobAnalysis& answer() const { return analyst_.answer(); }
    /// The drive that contradicts what was read, an entry of the log; nothing where none is asked about.
    std::optional<std::size_t> driveAsked() const {
        return answerIsCurrent() ? drive_asked_about(answer().plan) : std::nullopt;
    }
    bool answerIsCurrent() const { return analyst_.isCurrent(file_.entries().size()); }
    /// For tests and pictures: waits until all is kept and answered.
    void settle();
    /// For tests: waits until what was begun by `make` is made.
    void settleMaking();

    /// Entries, of whichever job, that are not on the disk though they should be, and why.
    book::Writer::Waiting waiting() const;
    /// Lets go of them; the open job is then as it is on the disk.
    void giveUp();
    /// A copy of the book, with all that waits; `then` gets nothing, or why there is none. Nobody waits for
    /// it.
    void saveCopy(const QString& path, std::function<void(const QString& error)> then);
    /// Puts a rolling copy in the place of the book, which is kept beside it: `then` gets its name, or why
    /// not.
    void restore(const QString& copy, std::function<void(const QString& aside, const QString& error)> then);
    /// Work on the book that makes something: tried once, `then` gets what it made, or why it did not.
    void make(std::function<QString(book::Book&)> work,
              std::function<void(const QString& made, const QString& error)> then);

    /// The drawer: the standard tools and this garage's own, lengths before angles.
    std::vector<Tool> tools() const;
    /// A tool as this garage has it: what was last said of it in any job of the book, else as it comes.
    const Tool* toolNamed(const std::string& name) const;
    /// Something was said of it here: its zero, its way of showing.
    bool isOwn(const std::string& name) const;
    /// Says something of a tool, in this job and for all that come.
    void setTool(const Tool& tool);
    /// The gauge that angles are read with: as chosen, else a digital one.
    std::string gauge() const;
    /// What a spot is read with: what was taken up for its rig, else what it was last read with, else its
    /// own.
    std::string toolFor(const Spot& spot) const;
    void takeUp(const Spot& spot, const std::string& tool);
    /// The round's spots in walking order, and after them what was read beside the walk; numbered from 1.
    const std::vector<Spot>& walk() const;
    /// As it is numbered on the floor: `4`; `4½` half a turn on, `4r` end for end; `+` for what has no
    /// number.
    QString number(const Spot& spot) const;
    bool isNumbered(const Spot& spot) const;
    /// A reading there as it would be kept, all but its value.
    Reading blank(const Spot& spot) const;
    void take(const Spot& spot, const Quantity& value) { take(blank(spot), value); }
    /// With all but its value: `top_in` is left out again where the tool shows it.
    void take(Reading blank, const Quantity& value);
    void take(const Reading& reading);
    /// Appends what was done, as one act of the user.
    using What = decltype(Entry::event);
    void record(std::vector<What> what);
    void record(What what) { record(std::vector<What>{std::move(what)}); }
    /// The card as it was written, with all that this version does not compute with; and an edit of it.
    book::WrittenCard writtenCard() const;
    void editCard(const book::WrittenCard& card);
    /// Targets as JSON, in the terms in which they were typed.
    book::Json targetsJson() const;
    /// What the job aims at is what its card's set-up in use says.
    bool aimsAsOnCard() const;
    void editTargets(const book::Json& targets);
    /// How the job before this one left the car, or nothing; called later, on this thread.
    struct LeftAt {
        std::string title, begun;
        Estimate angles;
        RodLengths rods;
    };
    /// Nothing while it is worked out, and where there is none; `answered` says when it has come.
    const std::optional<LeftAt>& leftAt() const { return left_at_; }
    /// A cause that the car's last two jobs both named first.
    const std::optional<book::NamedTwice>& namedTwice() const { return named_twice_; }
    /// A car through its jobs, worked out beside the window.
    struct Season {
        std::vector<book::Visit> visits;
        std::vector<AngleDrift> drifts;
        std::vector<book::DueVisit> due;
        std::vector<SheetBeside> sheets;
    };
    void season(const std::string& car, std::function<void(Season)> then);
    /// A copy of the demo garage beside the usual book; `then` gets where, or why not.
    void makeDemo(std::function<void(const QString& path, const QString& error)> then);
    /// This car's sheets beside one's own, and what all of the garage say of it, worked out beside the
    /// window.
    void sheets(std::function<void(std::vector<SheetBeside> ofThisCar, std::vector<GarageBias>)> then);
    /// What is to be looked at again, by car, worked out beside the window.
    void dues(std::function<void(std::map<std::string, std::vector<Due>>)> then);
    /// What the last job on this car left its angles at, a little less sure for what was driven since;
    /// nothing where there is none.
    struct LeftByLastJob {
        AnglesCarried angles;           ///< as the garage reads
        std::optional<BiasTaken> bias;  ///< what that job had taken off
    };
    void leftByLastJob(std::function<void(std::optional<LeftByLastJob>)> then);
    /// What the last job on a car that had targets aims at; an empty object where none had any.
    static book::Json lastTargets(const book::Book& book, const std::string& car);
    /// The card of a car with what its last job taught: arms, responses, what is left in stacks and tin.
    static book::Json taughtCard(const book::Book& book, const std::string& car);
    /// The same, worked out beside the window.
    void taught(const std::string& car, std::function<void(book::Json card)> then);
    /// Each way of measuring played forward beside the window, until `stop` is set.
    void forecast(practice::Tonight tonight, int cars, std::uint64_t seed,
                  std::shared_ptr<std::atomic<bool>> stop,
                  std::function<void(std::vector<practice::WayForecast>)> then);
    /// The wheel-only job as it stands, reckoned once for each state of the log.
    const WheelOnly& wheelOnly() const;
    Facts& facts() { return facts_; }
    const Facts& facts() const { return facts_; }
    /// In the language of the window.
    const Knowledge& knowledge() const { return knowledge_; }
    void strike(std::size_t entry, const QString& why) { strike(std::vector<std::size_t>{entry}, why); }
    void strike(const std::vector<std::size_t>& entries, const QString& why);
    bool undo();
    bool redo();
    void setLines(const LinesSet& lines);
    /// Turned rods (longer positive); opens the next round.
    void turned(const std::vector<std::pair<std::string, double>>& turns, bool as_written);
    /// Turned adjusters of any kind; as above.
    void turned(std::vector<Turn> turns);
    /// A value that was read while an adjuster was turned: the turn, and the reading after it, as one act.
    void watched(const Turn& turn, Reading blank, const Quantity& value);
    /// Another plan of the same log.
    void choosePlan(PlanChoice choice);
    const PlanChoice& planChoice() const { return analyst_.choice(); }
    /// The order in which this garage sets angles, and how it reaches what is turned: ids of the schools.
    std::string order();
    std::string reach();
    void keepOrder(const std::string& school);
    void keepReach(const std::string& school);
    /// Where the minutes of steps come from: `own` (this garage's logs), `usual`, or `none`: they are not
    /// shown.
    std::string minutes();
    void keepMinutes(const std::string& how);
    bool showsMinutes() const { return facts_.at("minutes") != "none"; }
    /// What lengths are read with where nothing else was chosen: `units` (a rule in those shown), or a tool.
    std::string rule();
    void keepRule(const std::string& tool);
    /// And what that comes to, as a tool.
    std::string usualRule() const;
    void happened(ChangeKind kind, std::optional<Axle> axle = {});
    /// What was looked at under the car: kept, and put on the card.
    void looked(const std::vector<Looked>& facts);
    void accept(const QString& why);
    /// What is not on the disk is tried again now.
    void retry();

  signals:
    void changed();                    ///< the log grew
    void answered();                   ///< the worker's answer is new
    void keptAt(const QString& time);  ///< all entries are on the disk
    void notKept(const QString& why);  ///< they are not; tried again by itself
    void bookChanged();                ///< another stands in its place, or it is to look at only now

  private:
    /// A reading as it is kept, and before it what has to be said of its tool.
    std::vector<Entry> taking(Reading blank, const Quantity& value) const;
    const Tool& toolHeld(const Reading& asked) const;
    void append(std::vector<Entry> entries);
    void append(std::vector<Entry> entries, std::vector<book::Json> raw);
    void post(std::size_t from);
    /// Works beside the window; what it gives is done on the window's thread.
    void beside(std::function<std::function<void()>()> work);
    void openWriter();
    void closeWriter();
    void compute();
    /// What the book's other jobs tell of the time that steps take, worked out beside the window.
    void learnTimes();
    /// And how the job before this one left the car.
    void lookBack();
    /// How often this job said what is taken off, or that nothing is any more.
    int biasesTaken() const;
    void takeWays();

    std::shared_ptr<book::Book> book_;  ///< shared with what works on it beside the window
    UuidSource ids_;
    std::unique_ptr<book::Writer> writer_;
    std::string job_id_;
    QString title_;
    book::JobFile file_;
    Job job_;
    mutable std::optional<WheelOnly> wheel_only_;
    mutable std::optional<std::vector<Spot>> walk_;
    Drawer drawer_;
    Facts facts_;
    std::unique_ptr<practice::PracticeFloor> practice_;
    const Knowledge knowledge_ = words::in_language(book::shipped_knowledge());
    std::optional<LeftAt> left_at_;
    int looked_back_by_ = 0;  ///< `biasesTaken` then: the car before is shown with the same taken off
    std::optional<book::NamedTwice> named_twice_;
    std::size_t kept_ = 0;
    int making_ = 0;
    std::atomic<int> taught_number_ = 0;
    bool in_inches_ = false;
    Analyst analyst_;
    Beside beside_;  ///< checks and copies
};

}  // namespace fairchalk::desk

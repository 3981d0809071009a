// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <fstream>
#include <memory>
#include <ostream>
#include <stdexcept>

#include "book/book.h"
#include "book/demo.h"
#include "book/knowledge_file.h"
#include "book/season.h"
#include "cli/command.h"
#include "core/analysis.h"
#include "core/quantity/named.h"
#include "words/record_words.h"
#include "words/words.h"

namespace fairchalk::cli {

BadInput bad(const std::string& file, const book::FileError& e) {
    return {file + ": " + (e.place.empty() ? "" : e.place + ": ") + words::sentence(e.message)};
}

book::JobFile job_in(const std::string& path, UuidSource& ids) {
    try {
        return book::read_job(path, ids);
    } catch (const book::FileError& e) {
        throw bad(path, e);
    }
}

bool is_book(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::string head(15, '\0');
    in.read(head.data(), 15);
    return in && head == "SQLite format 3";
}

void write_out(const std::string& text, const std::string& path, std::ostream& out) {
    if (path.empty()) {
        out << text;
        return;
    }
    std::ofstream file(path, std::ios::binary);
    file << text;
    if (!file.flush()) throw std::runtime_error(path + " can't be written");
}

std::string pretty(const book::Json& j) {
    return j.dump(1) + "\n";
}

JobGiven job_given(Context& with, const std::string& named) {
    if (with.path == "-" || !is_book(with.path)) {
        book::JobFile job = job_in(with.path, with.ids);
        std::string title = job.extras.value("title", std::string());
        if (!named.empty() && title != named)
            throw BadInput{with.path + " is one job and not a book: there is no job \"" + named + "\" in it"};
        return {std::move(job), std::move(title), {}};
    }
    const book::Book garage(with.path, book::Book::Mode::read);
    for (const book::JobInfo& j : garage.jobs())
        if (named.empty() || j.id == named || j.title == named)
            return {garage.job(j.id), j.title, garage.name()};
    throw BadInput{with.path + ": there is no job \"" + named + "\" in this book"};
}

void add_job_options(CLI::App& command, Context& with, std::string& named) {
    command.add_option("job", with.path, "a job file, or a book")->required();
    command.add_option("--job", named, "which job of a book: its id or title; the newest without it");
}

bool ends_in(const std::string& path, std::string_view with) {
    return path.size() > with.size() && path.ends_with(with);
}

Command report_command(CLI::App& program, Context& with) {
    struct Given {
        std::string job, out;
        bool shop = false, inches = false, decimal = false;
    };
    const auto given = std::make_shared<Given>();
    auto* report = program.add_subcommand(
        "report",
        "The record of a job, to print or hand over: before and after, what was turned, what is left");
    add_job_options(*report, with, given->job);
    report->add_option("-o,--output", given->out, "sheet.html or sheet.pdf; HTML to standard output without");
    report->add_flag("--shop-note", given->shop, "a note for the shop that is to set the rest");
    report->add_flag("--inches", given->inches, "lengths in inches");
    report->add_flag("--decimal", given->decimal, "angles in decimal degrees");
    report->footer("Example: fairchalk-cli report garage.db --job \"After the bushes\" -o sheet.pdf");
    return {report, [given, &with] {
                const bool pdf = ends_in(given->out, ".pdf");
                if (!given->out.empty() && given->out != "-" && !pdf && !ends_in(given->out, ".html"))
                    throw BadInput{"-o: “" + given->out + "” is neither a .html nor a .pdf"};
                const JobGiven one = job_given(with, given->job);
                const Job job = one.file.job();
                Show how;
                if (given->inches) how.lengths = Show::LengthStyle::inch;
                if (given->decimal) how.angles = Show::AngleStyle::decimal;
                const Record record = record_believed(job);
                const words::RecordHead head{one.garage, one.title};
                const std::string html =
                    given->shop ? words::shop_note_html(record, job, head, book::shipped_knowledge(), how)
                                : words::record_html(record, job.car, head, book::shipped_knowledge(), how);
                if (pdf)
                    print_pdf(html, given->out);
                else
                    write_out(html, given->out == "-" ? std::string() : given->out, with.out);
                return 0;
            }};
}

Command list_command(CLI::App& program, Context& with) {
    auto* list = program.add_subcommand("list", "The cars and jobs of a book, in JSON");
    list->add_option("book", with.path, "a book")->required();
    list->footer("Example: fairchalk-cli list garage.db");
    return {list, [&with] {
                if (!is_book(with.path)) throw BadInput{with.path + ": this is no garage book"};
                const book::Book garage(with.path, book::Book::Mode::read);
                book::Json out = {{"answer", "list"}, {"version", 1}, {"garage", garage.name()}};
                out["cars"] = book::Json::array();
                for (const book::CarInfo& c : garage.cars()) {
                    book::Json car = {{"id", c.id}, {"name", c.name}, {"jobs", book::Json::array()}};
                    for (const book::JobInfo& j : garage.jobs(c.id))
                        car["jobs"].push_back({{"job", j.id},
                                               {"title", j.title},
                                               {"at", j.created},
                                               {"rounds", j.rounds},
                                               {"readings", j.readings}});
                    out["cars"].push_back(std::move(car));
                }
                with.out << pretty(out);
                return 0;
            }};
}

namespace {

book::Json history_json(const std::vector<book::Visit>& season, std::string_view today) {
    book::Json out = {{"answer", "history"}, {"version", 1}, {"jobs", book::Json::array()}};
    for (std::size_t k = 0; k < season.size(); ++k) {
        const book::Visit& one = season[k];
        const book::Visit* before = book::read_before(season, k);
        book::Json j = {{"job", one.info.id}, {"title", one.info.title}, {"at", one.info.created}};
        if (one.km) j["odometer"] = *one.km;
        j["angles"] = book::Json::object();
        for (const CarAngle& angle : angles_of_a_car())
            if (const KnownAngle* a = one.angles.left.find(angle); a && a->known && !is_cross(angle.measure))
                j["angles"][angle.name()] = {{"deg", a->value.deg()}, {"sigma_deg", a->sigma.deg()}};
        j["moved"] = book::Json::array();
        j["explained_by"] = book::Json::array();
        if (before && one.read) {
            for (const MovedAngle& m : what_moved(before->angles.left, one.angles.found))
                j["moved"].push_back({{"what", m.name()},
                                      {"by_deg", m.by.deg()},
                                      {"sigma_deg", m.sigma.deg()},
                                      {"since", before->info.id},
                                      {"call", name_of(m.call)}});
            for (Axle axle : both_axles)
                for (const Explained& e : book::explained(season, k, axle)) {
                    if (e.probability < 0.01) break;
                    book::Json cause = {{"cause", name_of(e.cause)}, {"say", words::cause(e, axle)}};
                    if (e.side)
                        cause["wheel"] = name_of(wheel_at(axle, *e.side));
                    else
                        cause["axle"] = name_of(axle);
                    cause["by_mm"] = e.by;
                    cause["probability"] = e.probability;
                    j["explained_by"].push_back(std::move(cause));
                }
        }
        out["jobs"].push_back(std::move(j));
    }
    out["drift"] = book::Json::array();
    for (const AngleDrift& d : book::drifts_of(season))
        out["drift"].push_back({{"what", d.name()},
                                {"deg_per_week", d.per_week.deg()},
                                {"sigma_deg", d.sigma.deg()},
                                {"intervals", d.intervals}});
    out["due"] = book::Json::array();
    for (const book::DueVisit& d : book::due_of(season, today)) {
        book::Json due = {{"job", season[d.visit].info.id}, {"when", d.due.what.when}, {"due", d.due.due}};
        if (!d.due.what.why.empty()) due["why"] = d.due.what.why;
        if (d.due.days) due["days"] = *d.due.days;
        if (d.due.km) due["km"] = *d.due.km;
        out["due"].push_back(std::move(due));
    }
    out["tires"] = book::Json::array();
    for (const TireWear& t : wear_of(book::tires_of(season)))
        out["tires"].push_back(
            {{"wheel", name_of(t.wheel)},
             {"mm_per_1000_km",
              {{"outer", t.per_1000_km[0]}, {"middle", t.per_1000_km[1]}, {"inner", t.per_1000_km[2]}}},
             {"sigma", t.sigma},
             {"across", t.across},
             {"across_sigma", t.across_sigma},
             {"km", t.km}});
    return out;
}

}  // namespace

Command history_command(CLI::App& program, Context& with) {
    const auto car = std::make_shared<std::string>();
    auto* history = program.add_subcommand(
        "history",
        "A car through its jobs: its angles, what moved between them and why, drifts, what is due");
    history->add_option("book", with.path, "a book")->required();
    history->add_option("--car", *car, "its name")->required();
    history->footer("Example: fairchalk-cli history garage.db --car \"Tarnby estate\"");
    return {history, [car, &with] {
                if (!is_book(with.path)) throw BadInput{with.path + ": this is no garage book"};
                const book::Book garage(with.path, book::Book::Mode::read);
                std::vector<std::string> names;
                for (const book::CarInfo& c : garage.cars()) {
                    names.push_back(c.name);
                    if (c.name != *car && c.id != *car) continue;
                    const std::string today = with.ids.now();
                    with.out << pretty(history_json(book::season_of(garage, c.id), today));
                    return 0;
                }
                throw BadInput{"--car: " + words::sentence({Code::job_unknown_word, {*car, listed(names)}})};
            }};
}

Command demo_command(CLI::App& program, Context& with) {
    auto* demo = program.add_subcommand("demo", "Makes a book of the demo garage, to try things out on");
    demo->add_option("book", with.path, "where; nothing may be there yet")->required();
    demo->footer("Example: fairchalk-cli demo /tmp/dunmere-lane.fairchalk");
    return {demo, [&with] {
                const auto data = book::demo_data();
                if (!data) throw BadInput{"demo: its data was not installed with this program"};
                book::make_demo(with.path, *data, with.ids);
                with.out << with.path << "\n";
                return 0;
            }};
}

Command merge_command(CLI::App& program, Context& with) {
    struct Given {
        std::string into, cards = "ours";
    };
    const auto given = std::make_shared<Given>();
    auto* merge = program.add_subcommand(
        "merge", "Brings all of another book that is not there yet into a book: both logs are kept");
    merge->add_option("book", with.path, "the other book; it is not touched")->required();
    merge->add_option("--into", given->into, "the book that it goes into")->required();
    merge
        ->add_option("--cards", given->cards,
                     "of a card that both have changed, which stands: ours or theirs")
        ->check(CLI::IsMember({"ours", "theirs"}));
    merge->footer("Example: fairchalk-cli merge laptop.fairchalk --into garage.fairchalk");
    return {merge, [given, &with] {
                for (const std::string& path : {with.path, given->into})
                    if (!is_book(path)) throw BadInput{path + ": this is no garage book"};
                book::Book into(given->into, book::Book::Mode::existing);
                const book::Book other(with.path, book::Book::Mode::read);
                const auto merged = into.merge(
                    other, given->cards == "ours" ? book::Book::CardsOf::ours : book::Book::CardsOf::theirs,
                    with.ids);
                book::Json out = {{"answer", "merge"},
                                  {"version", 1},
                                  {"cars", merged.cars},
                                  {"jobs", merged.jobs},
                                  {"entries", merged.entries},
                                  {"pictures", merged.pictures},
                                  {"conflicts", book::Json::array()}};
                for (const auto& c : merged.conflicts)
                    out["conflicts"].push_back(
                        {{"car", c.car}, {"ours", c.ours}, {"theirs", c.theirs}, {"stands", given->cards}});
                with.out << pretty(out);
                return 0;
            }};
}

}  // namespace fairchalk::cli

// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <fstream>
#include <memory>
#include <ostream>
#include <stdexcept>

#include "book/book.h"
#include "book/knowledge_file.h"
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

}  // namespace fairchalk::cli

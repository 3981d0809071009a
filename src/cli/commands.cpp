// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include <algorithm>
#include <atomic>
#include <charconv>
#include <cmath>
#include <csignal>
#include <fstream>
#include <ostream>
#include <sstream>

#include <CLI/CLI.hpp>

#include "book/book.h"
#include "book/corner_file.h"
#include "book/csv.h"
#include "book/places.h"
#include "book/salvage.h"
#include "cli/proving_json.h"
#include "cli/solve_json.h"
#include "core/quantity/named.h"
#include "words/words.h"

namespace fairchalk::cli {
namespace {

std::atomic<bool> stop_asked{false};

/// Ctrl+C while this lives ends the work and not the program: what is done by then is printed.
class Stoppable {
  public:
    Stoppable() {
        stop_asked = false;
        before_ = std::signal(SIGINT, [](int) { stop_asked = true; });
    }
    ~Stoppable() { std::signal(SIGINT, before_); }
    Stoppable(const Stoppable&) = delete;
    Stoppable& operator=(const Stoppable&) = delete;

  private:
    void (*before_)(int);
};

/// Bad input: exit 2.
/// No comparison holds for what is no number, and so no range refuses it.
const CLI::Validator a_number(
    [](const std::string& text) {
        double v = 0.0;
        const auto read = std::from_chars(text.data(), text.data() + text.size(), v);
        return read.ec == std::errc() && std::isfinite(v) ? std::string() : "“" + text + "” is no number";
    },
    "", "number");

struct BadInput {
    std::string line;
};

std::string one_line(std::string s) {
    for (char& c : s)
        if (static_cast<unsigned char>(c) < 0x20 || c == 0x7f) c = ' ';
    constexpr std::size_t most = 500;
    return s.size() > most ? s.substr(0, most) + "…" : s;
}

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

bool is_csv(const std::string& path) {
    return path.size() > 4 && path.substr(path.size() - 4) == ".csv";
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

/// "-2 mm" is a quantity to `read` and not an option: everything that is no option of it goes behind a "--".
std::vector<std::string> with_quantities_last(const std::vector<std::string>& arguments) {
    if (arguments.empty() || arguments.front() != "read") return arguments;
    std::vector<std::string> options = {"read"}, quantities;
    bool only_quantities = false;
    for (std::size_t i = 1; i < arguments.size(); ++i) {
        const std::string& a = arguments[i];
        const auto named = [&](const char* option) {
            return a == option || a.starts_with(std::string(option) + "=");
        };
        const bool word_option = a.size() > 2 && a.starts_with("--") && a[2] >= 'a' && a[2] <= 'z';
        if (only_quantities || !(word_option || a == "-h" || a == "--")) {
            quantities.push_back(a);
        } else if (a == "--") {
            only_quantities = true;
        } else {
            options.push_back(a);
            if ((named("--as") || named("--bare")) && a.find('=') == std::string::npos &&
                i + 1 < arguments.size())
                options.push_back(arguments[++i]);
        }
    }
    if (!quantities.empty()) options.emplace_back("--");
    options.insert(options.end(), quantities.begin(), quantities.end());
    return options;
}

std::string pretty(const book::Json& j) {
    return j.dump(1) + "\n";
}

}  // namespace

int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err,
        const Sources& sources, const std::function<bool(const std::string& question)>& ask) {
    CLI::App app{
        "Fair Chalk, headless: reads job files and answers in JSON. The vehicle's manual comes first.",
        "fairchalk-cli"};
    app.require_subcommand(1);
    UuidSource ids(sources);

    std::string text, as, path, target, form, job_id, title;
    std::string bare;
    int round = -1;
    bool make_new = false;

    auto* read = app.add_subcommand("read", "What a quantity as people type it means");
    read->add_option("text", text, "the quantity, such as \"2 9/16 in\"")->required();
    read->add_option("--as", as, "what is asked for: length, angle or turns")
        ->check(CLI::IsMember({"length", "angle", "turns", "pressure", "torque"}));
    read->add_option("--bare", bare, "what a number without a unit means, as in a field of the window")
        ->check(CLI::IsMember({"mm", "cm", "in", "deg", "min", "turn", "bar", "psi", "Nm"}));
    read->footer(
        "Example: fairchalk-cli read \"2 9/16 in\"\n"
        "         fairchalk-cli read --as angle -- \"-27'\"");

    auto* solve = app.add_subcommand(
        "solve", "The angles of a job, each with its sigma, and what is wrong with the readings");
    solve->add_option("job", path, "a job file")->required();
    auto* round_option =
        solve->add_option("--round", round, "solve this round, counted from 0, instead of the last");
    solve->footer("Example: fairchalk-cli solve job.json --round 0");

    auto* plan = app.add_subcommand("plan", "What to turn next, how much and which way");
    plan->add_option("job", path, "a job file")->required();
    std::string only, match, set_up;
    PlanOptions choices;
    plan->add_option("--only", only, "these alone: toe, camber or caster")
        ->check(CLI::IsMember({"toe", "camber", "caster"}));
    plan->add_flag("--without-jacking", choices.without_jacking,
                   "nothing that the weight has to come off for");
    plan->add_flag("--nearer", choices.nearer, "nearer to the aims while one is there, though all is inside");
    plan->add_option("--touching", choices.touching, "these adjusters alone, by their ids");
    plan->add_option("--match", match,
                     "bring this wheel to the other side's angles, touching only its adjusters")
        ->check(CLI::IsMember({"front-left", "front-right", "rear-left", "rear-right"}));
    plan->add_option("--set-up", set_up,
                     "change over to this set-up of the card, and whether that can be left unread");
    plan->footer("Example: fairchalk-cli plan job.json --set-up track");

    auto* corner =
        app.add_subcommand("corner", "Exact kinematics of one corner: its angles before and after a move");
    corner->add_option("file", path, "a corner: kind, points, camber_deg, toe_deg, moves")->required();
    corner->footer("Example: fairchalk-cli corner wishbone.json");

    auto* practice = app.add_subcommand("practice", "A simulated car whose truth is known");
    practice->require_subcommand(1);
    practice::ProvingOptions proving;
    std::string tool_name = "steel-rule-mm";
    auto* bench = practice->add_subcommand(
        "bench",
        "Whole jobs on simulated cars: by the program's advice and by the rules of hand, on the same cars");
    bench->add_option("--cars", proving.cars, "how many cars; 1000")->check(CLI::Range(1, 1'000'000));
    bench->add_option("--seed", proving.seed, "the same seed, the same cars and readings; 1")
        ->check(CLI::NonNegativeNumber & a_number);
    bench->add_option("--tool", tool_name, "what the strings are read with; steel-rule-mm");
    bench->add_option("--tolerance", proving.tolerance, "degrees each way, of each front wheel; 0.167")
        ->check(CLI::Range(0.01, 2.0) & a_number);
    bench->add_flag("!--no-dents", proving.dents, "no dented lips: the tool's own spread is all there is");
    bench->add_flag("--whole", proving.whole, "toe, camber and caster of the front axle, not toe alone");
    bench->add_option("--slips", proving.slips, "the rate of a person's slips, in each reading; 0")
        ->check(CLI::Range(0.0, 0.2) & a_number);
    bench->footer("Example: fairchalk-cli practice bench --cars 200 --seed 7 --tool vernier");

    practice::MatrixOptions matrix;
    std::string cells = "all";
    bool notes = false;
    auto* prove = practice->add_subcommand(
        "prove", "Whole jobs in every cell of what the window offers, and what may never happen, counted");
    prove->add_option("--cells", cells, "all, or quick: one cell in three")
        ->check(CLI::IsMember({"all", "quick"}));
    prove->add_option("--cars", matrix.cars, "how many cars in each; 100")->check(CLI::Range(1, 100'000));
    prove->add_option("--seed", matrix.seed, "the same seed, the same cells, cars and readings; 1")
        ->check(CLI::NonNegativeNumber & a_number);
    prove->add_option("--only", matrix.only, "cells in whose name this stands");
    prove->add_option("--threads", matrix.threads, "0: one for each core")->check(CLI::Range(0, 64));
    std::string harmed;
    prove->add_option("--harmed", harmed, "a folder for the jobs that were harmed, as job files");
    prove->add_flag("--notes", notes, "each harm in a line of its own, after the tables");
    prove->footer(
        "Example: fairchalk-cli practice prove --cells quick --cars 3 --seed 1\n"
        "Ends with 1 where a harm counter is not zero.");

    auto* import = app.add_subcommand("import", "Brings a job file or a CSV of readings in");
    import->add_option("file", path, "a job file (.json) or readings (.csv)")->required();
    import->add_option("--book", target,
                       "the book it goes into; without one, the job is printed in full form");
    import->add_flag("--new", make_new, "where there is no book yet, makes it without a question");
    import->add_option("--onto", job_id, "for readings: the job file that they are further rounds of");
    import->add_option("--title", title, "what to call the job in the book");
    import->footer(
        "Example: fairchalk-cli import readings.csv > job.json\n"
        "         fairchalk-cli import job.json --book garage.fairchalk");

    auto* export_ = app.add_subcommand("export", "Writes a job out: its readings as CSV, or the whole job");
    export_->add_option("source", path, "a job file, or a book")->required();
    export_->add_option("--job", job_id, "which job of a book: its id or title; the newest without it");
    export_
        ->add_option("--as", form,
                     "csv (readings), full or short (job file); by default csv, or what -o's name says")
        ->check(CLI::IsMember({"csv", "full", "short"}));
    export_->add_option("-o,--output", target, "where to; standard output without it");
    export_->footer(
        "Example: fairchalk-cli export job.json > readings.csv\n"
        "         fairchalk-cli export garage.fairchalk --job \"New steering rack\" --as full -o job.json");

    auto* backup =
        app.add_subcommand("backup", "A whole copy of a book; safe while it is open in the window");
    backup->add_option("book", path, "the book")->required();
    backup->add_option("to", target, "where the copy goes; nothing may be there yet")->required();
    backup->footer("Example: fairchalk-cli backup garage.fairchalk /media/stick/garage-2026-11-27.fairchalk");

    auto* salvage = app.add_subcommand(
        "salvage", "Brings all that is whole out of a damaged book, as job files, and says what is not");
    salvage->add_option("book", path, "the book; it is not touched")->required();
    salvage->add_option("to", target, "a folder for the job files")->required();
    salvage->footer(
        "Example: fairchalk-cli salvage garage.fairchalk saved/\nEnds with 3 where something is not whole.");

    try {
        try {
            const std::vector<std::string> plain = with_quantities_last(arguments);
            std::vector<std::string> reversed(plain.rbegin(), plain.rend());
            app.parse(std::move(reversed));
        } catch (const CLI::CallForHelp&) {
            const auto chosen = app.get_subcommands();
            out << (chosen.empty() ? app.help() : chosen.front()->help());
            return 0;
        } catch (const CLI::CallForAllHelp&) {
            out << app.help("", CLI::AppFormatMode::All);
            return 0;
        } catch (const CLI::ParseError& e) {
            throw BadInput{"arguments: " + std::string(e.what()) + ". See fairchalk-cli --help"};
        }

        if (read->parsed()) {
            Expect expect;
            using Kind = Expect::Kind;
            expect.kind = as == "length"     ? Kind::length
                          : as == "angle"    ? Kind::angle
                          : as == "turns"    ? Kind::turns
                          : as == "pressure" ? Kind::pressure
                          : as == "torque"   ? Kind::torque
                                             : Kind::any;
            expect.bare = bare == "bar"   ? Bare::bar
                          : bare == "psi" ? Bare::psi
                          : bare == "Nm"  ? Bare::nm
                          : bare == "mm"  ? Bare::mm
                          : bare == "cm"  ? Bare::cm
                          : bare == "in"  ? Bare::inch
                          : bare == "deg" ? Bare::deg
                          : bare == "min" ? Bare::arcmin
                          : bare.empty()  ? Bare::refused
                                          : Bare::turns;
            const auto q = read_quantity(text, expect);
            if (!q) throw BadInput{words::sentence(q.error())};
            out << read_answer(*q).dump() << "\n";
        } else if (solve->parsed()) {
            const book::JobFile job = job_in(path, ids);
            std::optional<int> wanted;
            if (round_option->count() > 0) {
                const auto rounds = job.job().rounds.size();
                if (round < 0 || static_cast<std::size_t>(round) >= rounds)
                    throw BadInput{"--round: " +
                                   words::sentence({Code::job_no_such_round,
                                                    {std::to_string(round), std::to_string(rounds)}})};
                wanted = round;
            }
            out << pretty(solve_answer(job, wanted));
        } else if (plan->parsed()) {
            if (only == "toe") choices.only = {Measure::total_toe, Measure::toe, Measure::thrust};
            if (only == "camber") choices.only = {Measure::camber, Measure::cross_camber};
            if (only == "caster") choices.only = {Measure::caster, Measure::cross_caster};
            const book::JobFile job = job_in(path, ids);
            std::vector<std::string> known;
            for (const Adjuster& a : job.job().car.adjusters) known.push_back(a.id);
            for (const std::string& id : choices.touching)
                if (std::find(known.begin(), known.end(), id) == known.end())
                    throw BadInput{"--touching: " +
                                   words::sentence({Code::job_unknown_word, {id, listed(known)}})};
            out << pretty(plan_answer(job, choices, wheel_named(match), set_up));
        } else if (bench->parsed()) {
            const Tool* tool = standard_tool(tool_name);
            if (!tool || tool->quantity != QuantityKind::length) {
                std::vector<std::string> known;
                for (const Tool& t : standard_tools())
                    if (t.quantity == QuantityKind::length) known.push_back(t.name);
                throw BadInput{"--tool: " +
                               words::sentence({Code::job_unknown_word, {tool_name, listed(known)}})};
            }
            proving.tool = *tool;
            const Stoppable stoppable;
            int percent = -1;
            const auto results = practice::prove(
                proving,
                [&](int done, int of) {
                    if (const int now = static_cast<int>(100LL * done / of) / 5 * 5; now != percent)
                        err << "\r" << (percent = now) << " %" << (done == of ? "\n" : "") << std::flush;
                },
                &stop_asked);
            out << pretty(proving_answer(proving, results, stop_asked));
        } else if (prove->parsed()) {
            const Stoppable stoppable;
            int percent = -1;
            matrix.quick = cells == "quick";
            const auto named = practice::covering_cells(matrix.seed);
            if (std::none_of(named.begin(), named.end(), [&](const practice::Cell& c) {
                    return c.name().find(matrix.only) != std::string::npos;
                }))
                throw BadInput{"--only: no cell has “" + matrix.only + "” in its name, like “" +
                               named.front().name() + "”"};
            const auto results = practice::prove_cells(
                matrix,
                [&](int done, int of) {
                    if (const int now = static_cast<int>(100LL * done / of) / 5 * 5; now != percent)
                        err << "\r" << (percent = now) << " %" << (done == of ? "\n" : "") << std::flush;
                },
                &stop_asked);
            out << cells_table(results, notes);
            if (!harmed.empty()) {
                std::filesystem::create_directories(harmed);
                for (const auto& [name, job] : harmed_jobs(results))
                    std::ofstream(std::filesystem::path(harmed) / name) << job;
            }
            for (const practice::CellResult& r : results)
                if (r.harm.all() > 0) return 1;
        } else if (corner->parsed()) {
            out << pretty(book::corner_answer(book::corner_from(book::parse_json(book::read_file(path)))));
        } else if (import->parsed()) {
            book::JobFile job;
            if (is_csv(path)) {
                try {
                    std::optional<book::JobFile> onto;
                    if (!job_id.empty()) onto = job_in(job_id, ids);
                    job = book::job_from_csv(book::read_file(path), onto ? &*onto : nullptr, ids);
                } catch (const book::FileError& e) {
                    throw bad(path, e);
                }
            } else {
                job = job_in(path, ids);
            }
            if (target.empty()) {
                out << pretty(book::full_form(job));
            } else {
                std::error_code error;
                const bool fresh = !make_new && !std::filesystem::exists(target, error);
                if (fresh && ask &&
                    !ask("There is no book at " + target + ". Is a new one to be made there?"))
                    throw BadInput{"--book: there is no book at " + target + ": nothing was brought in"};
                book::Book book(target);
                if (fresh && !ask)
                    err << "fairchalk-cli: there was no book at " << target << ": a new one was made\n";
                const std::string name = title.empty() ? std::filesystem::path(path).stem().string() : title;
                out << book.import_job(job, name, ids) << "\n";
            }
        } else if (backup->parsed()) {
            book::Book(path, book::Book::Mode::read).copy_to(target);
        } else if (salvage->parsed()) {
            const book::Salvaged found = book::salvage(path);
            for (const std::string& name : book::write_salvaged(found, target)) out << name << "\n";
            for (const std::string& said : found.said) err << "fairchalk-cli: " << said << "\n";
            if (!found.said.empty()) return 3;
        } else if (export_->parsed()) {
            book::JobFile job;
            if (is_book(path)) {
                const book::Book book(path, book::Book::Mode::read);
                std::string id;
                for (const book::JobInfo& j : book.jobs())
                    if (id.empty() && (job_id.empty() || j.id == job_id || j.title == job_id)) id = j.id;
                if (id.empty()) throw BadInput{path + ": there is no job \"" + job_id + "\" in this book"};
                job = book.job(id);
            } else {
                job = job_in(path, ids);
                if (!job_id.empty() && job.extras.value("title", std::string()) != job_id)
                    throw BadInput{path + " is one job and not a book: there is no job \"" + job_id +
                                   "\" in it"};
            }
            if (form.empty()) form = target.size() > 5 && target.ends_with(".json") ? "full" : "csv";
            write_out(form == "csv" ? book::csv_of(job)
                                    : pretty(form == "full" ? book::full_form(job) : book::short_form(job)),
                      target, out);
        }
        if (!out.flush()) throw std::runtime_error("the answer could not be written");
        return 0;
    } catch (const BadInput& e) {
        err << "fairchalk-cli: " << one_line(e.line) << "\n";
        return 2;
    } catch (const book::FileError& e) {
        err << "fairchalk-cli: " << one_line(bad(path, e).line) << "\n";
        return 2;
    } catch (const std::bad_alloc&) {
        err << "fairchalk-cli: this needs more memory than there is here\n";
        return 1;
    } catch (const std::exception& e) {
        err << "fairchalk-cli: " << one_line(e.what()) << "\n";
        return 1;
    }
}

}  // namespace fairchalk::cli

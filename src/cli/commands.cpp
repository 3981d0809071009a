// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"

#include <algorithm>
#include <atomic>
#include <charconv>
#include <cmath>
#include <csignal>
#include <filesystem>
#include <fstream>
#include <memory>
#include <ostream>
#include <sstream>

#include <CLI/CLI.hpp>

#include "book/book.h"
#include "book/corner_file.h"
#include "book/csv.h"
#include "book/knowledge_file.h"
#include "book/places.h"
#include "book/salvage.h"
#include "cli/command.h"
#include "cli/proving_json.h"
#include "cli/solve_json.h"
#include "core/job/equipment.h"
#include "core/quantity/named.h"
#include "practice/first_offered.h"
#include "practice/forecast.h"
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

/// No comparison holds for what is no number, and so no range refuses it.
const CLI::Validator a_number(
    [](const std::string& text) {
        double v = 0.0;
        const auto read = std::from_chars(text.data(), text.data() + text.size(), v);
        return read.ec == std::errc() && std::isfinite(v) ? std::string() : "“" + text + "” is no number";
    },
    "", "number");

std::string one_line(std::string s) {
    for (char& c : s)
        if (static_cast<unsigned char>(c) < 0x20 || c == 0x7f) c = ' ';
    constexpr std::size_t most = 500;
    return s.size() > most ? s.substr(0, most) + "…" : s;
}

bool is_csv(const std::string& path) {
    return path.size() > 4 && path.substr(path.size() - 4) == ".csv";
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

/// How far a long piece of work is, in steps of 5 %, on one line that is written over.
auto percent_on(std::ostream& err) {
    return [&err, percent = -1](int done, int of) mutable {
        if (const int now = static_cast<int>(100LL * done / of) / 5 * 5; now != percent)
            err << "\r" << (percent = now) << " %" << (done == of ? "\n" : "") << std::flush;
    };
}

Expect::Kind kind_named(const std::string& as) {
    using Kind = Expect::Kind;
    return as == "length"        ? Kind::length
           : as == "angle"       ? Kind::angle
           : as == "turns"       ? Kind::turns
           : as == "pressure"    ? Kind::pressure
           : as == "torque"      ? Kind::torque
           : as == "temperature" ? Kind::temperature
                                 : Kind::any;
}

Bare bare_named(const std::string& unit) {
    return unit == "bar"   ? Bare::bar
           : unit == "psi" ? Bare::psi
           : unit == "Nm"  ? Bare::nm
           : unit == "C"   ? Bare::celsius
           : unit == "F"   ? Bare::fahrenheit
           : unit == "mm"  ? Bare::mm
           : unit == "cm"  ? Bare::cm
           : unit == "in"  ? Bare::inch
           : unit == "deg" ? Bare::deg
           : unit == "min" ? Bare::arcmin
           : unit.empty()  ? Bare::refused
                           : Bare::turns;
}

Command read_command(CLI::App& program, Context& with) {
    struct Given {
        std::string text, as, bare;
    };
    const auto given = std::make_shared<Given>();
    auto* read = program.add_subcommand("read", "What a quantity as people type it means");
    read->add_option("text", given->text, "the quantity, such as \"2 9/16 in\"")->required();
    read->add_option("--as", given->as, "what is asked for: length, angle or turns")
        ->check(CLI::IsMember({"length", "angle", "turns", "pressure", "torque", "temperature"}));
    read->add_option("--bare", given->bare, "what a number without a unit means, as in a field of the window")
        ->check(CLI::IsMember({"mm", "cm", "in", "deg", "min", "turn", "bar", "psi", "Nm", "C", "F"}));
    read->footer(
        "Example: fairchalk-cli read \"2 9/16 in\"\n"
        "         fairchalk-cli read --as angle -- \"-27'\"");
    return {read, [given, &with] {
                Expect expect;
                expect.kind = kind_named(given->as);
                expect.bare = bare_named(given->bare);
                const auto q = read_quantity(given->text, expect);
                if (!q) throw BadInput{words::sentence(q.error())};
                with.out << read_answer(*q).dump() << "\n";
                return 0;
            }};
}

Command solve_command(CLI::App& program, Context& with) {
    const auto round = std::make_shared<int>(-1);
    const auto named = std::make_shared<std::string>();
    auto* solve = program.add_subcommand(
        "solve", "The angles of a job, each with its sigma, and what is wrong with the readings");
    add_job_options(*solve, with, *named);
    auto* round_option =
        solve->add_option("--round", *round, "solve this round, counted from 0, instead of the last");
    solve->footer("Example: fairchalk-cli solve job.json --round 0");
    return {solve, [round, round_option, named, &with] {
                const book::JobFile job = job_given(with, *named).file;
                std::optional<int> wanted;
                if (round_option->count() > 0) {
                    const auto rounds = job.job().rounds.size();
                    if (*round < 0 || static_cast<std::size_t>(*round) >= rounds)
                        throw BadInput{"--round: " +
                                       words::sentence({Code::job_no_such_round,
                                                        {std::to_string(*round), std::to_string(rounds)}})};
                    wanted = *round;
                }
                with.out << pretty(solve_answer(job, wanted));
                return 0;
            }};
}

Command plan_command(CLI::App& program, Context& with) {
    struct Given {
        std::string only, match, set_up, order, job;
        PlanOptions choices;
    };
    const auto given = std::make_shared<Given>();
    auto* plan = program.add_subcommand("plan", "What to turn next, how much and which way");
    add_job_options(*plan, with, given->job);
    plan->add_option("--only", given->only, "these alone: toe, camber or caster")
        ->check(CLI::IsMember({"toe", "camber", "caster"}));
    plan->add_flag("--without-jacking", given->choices.without_jacking,
                   "nothing that the weight has to come off for");
    plan->add_flag("--nearer", given->choices.nearer,
                   "nearer to the aims while one is there, though all is inside");
    plan->add_option("--touching", given->choices.touching, "these adjusters alone, by their ids");
    plan->add_option("--order", given->order, "what comes first: all at once unless told otherwise")
        ->check(CLI::IsMember(
            {"all-at-once", "caster-camber-toe", "toe-first", "rough-toe-first", "rear-first"}));
    plan->add_option("--match", given->match,
                     "bring this wheel to the other side's angles, touching only its adjusters")
        ->check(CLI::IsMember({"front-left", "front-right", "rear-left", "rear-right"}));
    plan->add_option("--set-up", given->set_up,
                     "change over to this set-up of the card, and whether that can be left unread");
    plan->footer("Example: fairchalk-cli plan job.json --set-up track");
    return {plan, [given, &with] {
                PlanOptions choices = given->choices;
                if (given->only == "toe") choices.only = {Measure::total_toe, Measure::toe, Measure::thrust};
                if (given->only == "camber") choices.only = {Measure::camber, Measure::cross_camber};
                if (given->only == "caster") choices.only = {Measure::caster, Measure::cross_caster};
                choices.order = order_named(given->order).value_or(Order::all_at_once);
                const book::JobFile job = job_given(with, given->job).file;
                std::vector<std::string> known;
                for (const Adjuster& a : job.job().car.adjusters) known.push_back(a.id);
                for (const std::string& id : choices.touching)
                    if (std::find(known.begin(), known.end(), id) == known.end())
                        throw BadInput{"--touching: " +
                                       words::sentence({Code::job_unknown_word, {id, listed(known)}})};
                with.out << pretty(plan_answer(job, choices, wheel_named(given->match), given->set_up));
                return 0;
            }};
}

Command corner_command(CLI::App& program, Context& with) {
    auto* corner = program.add_subcommand(
        "corner", "Exact kinematics of one corner: its angles before and after a move");
    corner->add_option("file", with.path, "a corner: kind, points, camber_deg, toe_deg, moves")->required();
    corner->footer("Example: fairchalk-cli corner wishbone.json");
    return {corner, [&with] {
                with.out << pretty(
                    book::corner_answer(book::corner_from(book::parse_json(book::read_file(with.path)))));
                return 0;
            }};
}

Tool length_tool_named(const std::string& name) {
    const Tool* tool = standard_tool(name);
    if (tool && tool->quantity == QuantityKind::length) return *tool;
    std::vector<std::string> known;
    for (const Tool& t : standard_tools())
        if (t.quantity == QuantityKind::length) known.push_back(t.name);
    throw BadInput{"--tool: " + words::sentence({Code::job_unknown_word, {name, listed(known)}})};
}

Command bench_command(CLI::App& practice, Context& with) {
    struct Given {
        practice::ProvingOptions proving;
        std::string tool = "steel-rule-mm";
    };
    const auto given = std::make_shared<Given>();
    practice::ProvingOptions& proving = given->proving;
    auto* bench = practice.add_subcommand(
        "bench",
        "Whole jobs on simulated cars: by the program's advice and by the rules of hand, on the same cars");
    bench->add_option("--cars", proving.cars, "how many cars; 1000")->check(CLI::Range(1, 1'000'000));
    bench->add_option("--seed", proving.seed, "the same seed, the same cars and readings; 1")
        ->check(CLI::NonNegativeNumber & a_number);
    bench->add_option("--tool", given->tool, "what the strings are read with; steel-rule-mm");
    bench->add_option("--tolerance", proving.tolerance, "degrees each way, of each front wheel; 0.167")
        ->check(CLI::Range(0.01, 2.0) & a_number);
    bench->add_flag("!--no-dents", proving.dents, "no dented lips: the tool's own spread is all there is");
    bench->add_flag("--boards", proving.boards, "total toe by boards, and no string");
    bench->add_flag("--whole", proving.whole, "toe, camber and caster of the front axle, not toe alone");
    bench->add_option("--slips", proving.slips, "the rate of a person's slips, in each reading; 0")
        ->check(CLI::Range(0.0, 0.2) & a_number);
    bench->footer("Example: fairchalk-cli practice bench --cars 200 --seed 7 --tool vernier");
    return {bench, [given, &with] {
                given->proving.tool = length_tool_named(given->tool);
                const Stoppable stoppable;
                const auto results = practice::prove(given->proving, percent_on(with.err), &stop_asked);
                with.out << pretty(proving_answer(given->proving, results, stop_asked));
                return 0;
            }};
}

Command prove_command(CLI::App& practice, Context& with) {
    struct Given {
        practice::MatrixOptions matrix;
        std::string cells = "all", harmed, order;
        bool notes = false;
    };
    const auto given = std::make_shared<Given>();
    practice::MatrixOptions& matrix = given->matrix;
    auto* prove = practice.add_subcommand(
        "prove", "Whole jobs in every cell of what the window offers, and what may never happen, counted");
    prove->add_option("--cells", given->cells, "all, or quick: one cell in three")
        ->check(CLI::IsMember({"all", "quick"}));
    prove->add_option("--cars", matrix.cars, "how many cars in each; 100")->check(CLI::Range(1, 100'000));
    prove->add_option("--seed", matrix.seed, "the same seed, the same cells, cars and readings; 1")
        ->check(CLI::NonNegativeNumber & a_number);
    prove->add_option("--only", matrix.only, "cells in whose name this stands");
    prove->add_option("--threads", matrix.threads, "0: one for each core")->check(CLI::Range(0, 64));
    prove
        ->add_option("--order", given->order,
                     "worked in an order of one's own: all at once unless told otherwise")
        ->check(CLI::IsMember(
            {"all-at-once", "caster-camber-toe", "toe-first", "rough-toe-first", "rear-first"}));
    prove->add_flag("--watching", matrix.as.watching,
                    "what can be turned with a rule in its place is turned by what that shows");
    prove->add_flag("--driven", matrix.as.driven, "once it is done, each car is driven, and the job goes on");
    prove->add_option("--harmed", given->harmed, "a folder for the jobs that were harmed, as job files");
    prove->add_flag("--notes", given->notes, "each harm in a line of its own, after the tables");
    prove->footer(
        "Example: fairchalk-cli practice prove --cells quick --cars 3 --seed 1\n"
        "Ends with 1 where a harm counter is not zero.");
    return {prove, [given, &with] {
                practice::MatrixOptions& cells = given->matrix;
                const Stoppable stoppable;
                cells.quick = given->cells == "quick";
                cells.as.order = order_named(given->order).value_or(Order::all_at_once);
                const auto named = practice::covering_cells(cells.seed);
                if (std::none_of(named.begin(), named.end(), [&](const practice::Cell& c) {
                        return c.name().find(cells.only) != std::string::npos;
                    }))
                    throw BadInput{"--only: no cell has “" + cells.only + "” in its name, like “" +
                                   named.front().name() + "”"};
                const auto results = practice::prove_cells(cells, percent_on(with.err), &stop_asked);
                with.out << cells_table(results, given->notes);
                if (!given->harmed.empty()) {
                    std::filesystem::create_directories(given->harmed);
                    for (const auto& [name, job] : harmed_jobs(results))
                        std::ofstream(std::filesystem::path(given->harmed) / name) << job;
                }
                return std::any_of(results.begin(), results.end(),
                                   [](const practice::CellResult& r) { return r.harm.all() > 0; })
                           ? 1
                           : 0;
            }};
}

Command tonight_command(CLI::App& practice, Context& with) {
    struct Given {
        std::string have;
        int cars = 12;
        std::uint64_t seed = 1;
    };
    const auto given = std::make_shared<Given>();
    auto* tonight = practice.add_subcommand(
        "tonight", "Which way of measuring: each played forward on cars with this job's card");
    tonight->add_option("job", with.path, "a job file: its card, its targets")->required();
    tonight->add_option("--have", given->have, "what hangs on the wall, as \"two stands, a tape, boards\"");
    tonight->add_option("--cars", given->cars, "how many cars each is played on; 12")
        ->check(CLI::Range(1, 10'000));
    tonight->add_option("--seed", given->seed, "the same seed, the same cars; 1")
        ->check(CLI::NonNegativeNumber & a_number);
    tonight->footer("Example: fairchalk-cli practice tonight job.json --have \"boards, a tape\"");
    return {tonight, [given, &with] {
                const book::JobFile file = job_in(with.path, with.ids);
                const Job job = file.job();
                practice::Tonight t{job.car, job.targets, {}, {}, times_of(*job.log)};
                if (!given->have.empty()) {
                    const EquipmentRead read = read_equipment(given->have, book::shipped_knowledge());
                    if (!read.unknown.empty())
                        throw BadInput{"--have: nothing here is called “" + read.unknown.front() + "”"};
                    t.have = read.have;
                }
                if (!job.rounds.empty()) t.tool = job.rounds.back().lines.tool;
                const Stoppable stoppable;
                book::Json out = {{"ways", book::Json::array()}};
                for (const practice::WayForecast& w :
                     practice::forecast(t, book::shipped_knowledge(), given->cars, given->seed, &stop_asked))
                    out["ways"].push_back({{"for", name_of(w.use)},
                                           {"rigs", w.rigs},
                                           {"minutes", w.minutes},
                                           {"called", w.called},
                                           {"readings", w.readings},
                                           {"passes", w.passes}});
                with.out << pretty(out);
                return 0;
            }};
}

Command first_command(CLI::App& practice, Context& with) {
    const auto given = std::make_shared<practice::FirstOfferedOptions>();
    auto* first = practice.add_subcommand(
        "first",
        "Whether the way of measuring that is offered first is among the best, on evenings of all sorts");
    first->add_option("--jobs", given->jobs, "how many evenings; 300")->check(CLI::Range(1, 10'000));
    first->add_option("--cars", given->cars, "how many cars a way is forecast on; 12")
        ->check(CLI::Range(1, 10'000));
    first->add_option("--others", given->others, "and on how many others it is then played; 40")
        ->check(CLI::Range(1, 10'000));
    first->add_option("--seed", given->seed, "the same seed, the same evenings; 1")
        ->check(CLI::NonNegativeNumber & a_number);
    first->add_option("--threads", given->threads, "0: one for each core")->check(CLI::Range(0, 64));
    first->footer("Example: fairchalk-cli practice first --jobs 10 --others 20");
    return {first, [given, &with] {
                const Stoppable stoppable;
                const auto choices = practice::first_offered(*given, book::shipped_knowledge(),
                                                             percent_on(with.err), &stop_asked);
                book::Json out = {{"choices", choices.size()}, {"good", 0}, {"others", book::Json::array()}};
                for (const practice::FirstChoice& c : choices) {
                    if (c.good) {
                        out["good"] = out["good"].get<int>() + 1;
                        continue;
                    }
                    out["others"].push_back({{"for", name_of(c.use)},
                                             {"first", c.first},
                                             {"score", c.first_score},
                                             {"best", c.best},
                                             {"best_score", c.best_score}});
                }
                out["stopped"] = stop_asked.load();
                with.out << pretty(out);
                return 0;
            }};
}

book::JobFile job_of_readings(const std::string& path, const std::string& onto, UuidSource& ids) {
    try {
        std::optional<book::JobFile> before;
        if (!onto.empty()) before = job_in(onto, ids);
        return book::job_from_csv(book::read_file(path), before ? &*before : nullptr, ids);
    } catch (const book::FileError& e) {
        throw bad(path, e);
    }
}

Command import_command(CLI::App& program, Context& with) {
    struct Given {
        std::string book, onto, title;
        bool make_new = false;
    };
    const auto given = std::make_shared<Given>();
    auto* import = program.add_subcommand("import", "Brings a job file or a CSV of readings in");
    import->add_option("file", with.path, "a job file (.json) or readings (.csv)")->required();
    import->add_option("--book", given->book,
                       "the book it goes into; without one, the job is printed in full form");
    import->add_flag("--new", given->make_new, "where there is no book yet, makes it without a question");
    import->add_option("--onto", given->onto, "for readings: the job file that they are further rounds of");
    import->add_option("--title", given->title, "what to call the job in the book");
    import->footer(
        "Example: fairchalk-cli import readings.csv > job.json\n"
        "         fairchalk-cli import job.json --book garage.fairchalk");
    return {
        import, [given, &with] {
            const book::JobFile job = is_csv(with.path) ? job_of_readings(with.path, given->onto, with.ids)
                                                        : job_in(with.path, with.ids);
            if (given->book.empty()) {
                with.out << pretty(book::full_form(job));
                return 0;
            }
            std::error_code error;
            const bool fresh = !given->make_new && !std::filesystem::exists(given->book, error);
            if (fresh && with.ask &&
                !with.ask("There is no book at " + given->book + ". Is a new one to be made there?"))
                throw BadInput{"--book: there is no book at " + given->book + ": nothing was brought in"};
            book::Book book(given->book);
            if (fresh && !with.ask)
                with.err << "fairchalk-cli: there was no book at " << given->book << ": a new one was made\n";
            const std::string name =
                !given->title.empty()
                    ? given->title
                    : job.extras.value("title", std::filesystem::path(with.path).stem().string());
            with.out << book.import_job(job, name, with.ids) << "\n";
            return 0;
        }};
}

Command export_command(CLI::App& program, Context& with) {
    struct Given {
        std::string job, form, target;
    };
    const auto given = std::make_shared<Given>();
    auto* export_ =
        program.add_subcommand("export", "Writes a job out: its readings as CSV, or the whole job");
    add_job_options(*export_, with, given->job);
    export_
        ->add_option("--as", given->form,
                     "csv (readings), full or short (job file); by default csv, or what -o's name says")
        ->check(CLI::IsMember({"csv", "full", "short"}));
    export_->add_option("-o,--output", given->target, "where to; standard output without it");
    export_->footer(
        "Example: fairchalk-cli export job.json > readings.csv\n"
        "         fairchalk-cli export garage.fairchalk --job \"New steering rack\" --as full -o job.json");
    return {export_, [given, &with] {
                const book::JobFile job = job_given(with, given->job).file;
                std::string form = given->form;
                if (form.empty())
                    form = given->target.size() > 5 && given->target.ends_with(".json") ? "full" : "csv";
                write_out(form == "csv"
                              ? book::csv_of(job)
                              : pretty(form == "full" ? book::full_form(job) : book::short_form(job)),
                          given->target, with.out);
                return 0;
            }};
}

Command backup_command(CLI::App& program, Context& with) {
    const auto target = std::make_shared<std::string>();
    auto* backup =
        program.add_subcommand("backup", "A whole copy of a book; safe while it is open in the window");
    backup->add_option("book", with.path, "the book")->required();
    backup->add_option("to", *target, "where the copy goes; nothing may be there yet")->required();
    backup->footer("Example: fairchalk-cli backup garage.fairchalk /media/stick/garage-2026-11-27.fairchalk");
    return {backup, [target, &with] {
                book::Book(with.path, book::Book::Mode::read).copy_to(*target);
                return 0;
            }};
}

Command salvage_command(CLI::App& program, Context& with) {
    const auto target = std::make_shared<std::string>();
    auto* salvage = program.add_subcommand(
        "salvage", "Brings all that is whole out of a damaged book, as job files, and says what is not");
    salvage->add_option("book", with.path, "the book; it is not touched")->required();
    salvage->add_option("to", *target, "a folder for the job files")->required();
    salvage->footer(
        "Example: fairchalk-cli salvage garage.fairchalk saved/\nEnds with 3 where something is not whole.");
    return {salvage, [target, &with] {
                const book::Salvaged found = book::salvage(with.path);
                for (const std::string& name : book::write_salvaged(found, *target)) with.out << name << "\n";
                for (const std::string& said : found.said) with.err << "fairchalk-cli: " << said << "\n";
                return found.said.empty() ? 0 : 3;
            }};
}

/// Reads the arguments; false where only help was asked for, which is printed then.
bool parse(CLI::App& program, const std::vector<std::string>& arguments, std::ostream& out) {
    try {
        const std::vector<std::string> plain = with_quantities_last(arguments);
        program.parse(std::vector<std::string>(plain.rbegin(), plain.rend()));
        return true;
    } catch (const CLI::CallForHelp&) {
        const auto chosen = program.get_subcommands();
        out << (chosen.empty() ? program.help() : chosen.front()->help());
    } catch (const CLI::CallForAllHelp&) {
        out << program.help("", CLI::AppFormatMode::All);
    } catch (const CLI::ParseError& e) {
        throw BadInput{"arguments: " + std::string(e.what()) + ". See fairchalk-cli --help"};
    }
    return false;
}

}  // namespace

int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err,
        const Sources& sources, const std::function<bool(const std::string& question)>& ask) {
    CLI::App program{
        "Fair Chalk, headless: reads job files and answers in JSON. The vehicle's manual comes first.",
        "fairchalk-cli"};
    program.require_subcommand(1);
    Context with{out, err, ask, UuidSource(sources), {}};
    std::vector<Command> commands = {read_command(program, with),  solve_command(program, with),
                                     plan_command(program, with),  report_command(program, with),
                                     list_command(program, with),  history_command(program, with),
                                     corner_command(program, with)};
    auto* practice = program.add_subcommand("practice", "A simulated car whose truth is known");
    practice->require_subcommand(1);
    for (const auto add : {bench_command, prove_command, tonight_command, first_command})
        commands.push_back(add(*practice, with));
    for (const auto add :
         {import_command, export_command, merge_command, demo_command, backup_command, salvage_command})
        commands.push_back(add(program, with));

    try {
        if (!parse(program, arguments, out)) return 0;
        int exit = 0;
        for (const Command& command : commands)
            if (command.app->parsed()) exit = command.run();
        if (!out.flush()) throw std::runtime_error("the answer could not be written");
        return exit;
    } catch (const BadInput& e) {
        err << "fairchalk-cli: " << one_line(e.line) << "\n";
        return 2;
    } catch (const book::FileError& e) {
        err << "fairchalk-cli: " << one_line(bad(with.path, e).line) << "\n";
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

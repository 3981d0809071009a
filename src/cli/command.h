// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <iosfwd>
#include <string>

#include <CLI/CLI.hpp>

#include "book/job_file.h"
#include "core/quantity/uuid.h"

namespace fairchalk::cli {

// What the commands of fairchalk-cli share.

/// Bad input: exit 2.
struct BadInput {
    std::string line;
};

/// What every command works with.
struct Context {
    std::ostream& out;
    std::ostream& err;
    const std::function<bool(const std::string& question)>& ask;
    UuidSource ids;
    std::string path;  ///< The file that a command is given: what is wrong with it is said with its name.
};

/// A command as it is declared and what it does, returning how the program exits.
struct Command {
    CLI::App* app;
    std::function<int()> run;
};

BadInput bad(const std::string& file, const book::FileError& e);
book::JobFile job_in(const std::string& path, UuidSource& ids);
bool is_book(const std::string& path);
bool ends_in(const std::string& path, std::string_view with);
void write_out(const std::string& text, const std::string& path, std::ostream& out);
std::string pretty(const book::Json& j);

/// A job, and the book it stands in where it was given one.
struct JobGiven {
    book::JobFile file;
    std::string title, garage;
};

/// From a job file or, of a book, the job of that title or id; its newest where none is named.
JobGiven job_given(Context& with, const std::string& named);
void add_job_options(CLI::App& command, Context& with, std::string& named);

/// Commands on books: the record of a job, and what stands in a book.
Command report_command(CLI::App& program, Context& with);
Command list_command(CLI::App& program, Context& with);
Command history_command(CLI::App& program, Context& with);
Command demo_command(CLI::App& program, Context& with);
Command merge_command(CLI::App& program, Context& with);

/// By the desktop program beside this one, which alone loads Qt. Throws std::runtime_error where it is not
/// there or the file can't be written.
void print_pdf(const std::string& html, const std::string& to);

}  // namespace fairchalk::cli

// SPDX-License-Identifier: GPL-3.0-or-later
// fairchalk-gauge: a simulated gauge on a pseudo-terminal, for trying and testing without one.
#include <fcntl.h>
#include <poll.h>
#include <termios.h>
#include <unistd.h>

#include <cstdlib>
#include <iostream>
#include <optional>
#include <sstream>
#include <stdexcept>

#include <CLI/CLI.hpp>

#include "book/book.h"
#include "practice/practice_floor.h"
#include "practice/sim_gauge.h"

using namespace fairchalk;
using namespace fairchalk::practice;

namespace {

/// The master of a fresh pseudo-terminal in raw mode, its other end's path printed.
int opened() {
    const int fd = ::posix_openpt(O_RDWR | O_NOCTTY);
    if (fd < 0 || ::grantpt(fd) != 0 || ::unlockpt(fd) != 0) return -1;
    termios t{};
    ::tcgetattr(fd, &t);
    ::cfmakeraw(&t);
    ::tcsetattr(fd, TCSANOW, &t);
    ::fcntl(fd, F_SETFL, O_NONBLOCK);
    std::cout << ::ptsname(fd) << std::endl;
    return fd;
}

/// A spot by its name: `front-left camber`, `front-left camber turned out`.
std::optional<Spot> spot_called(const std::string& name) {
    const auto is = [&](const Spot& s) { return s.name() == name; };
    for (const ReadingId id : all_readings()) {
        for (Axle a : both_axles)
            if (const Spot s = axle_spot(id, a); is(s)) return s;
        for (Wheel w : all_wheels)
            for (Swept swept : {Swept::straight, Swept::out, Swept::in})
                for (bool rolled : {false, true}) {
                    Spot s = swept_spot(id, w, swept);
                    s.rolled = rolled;
                    if (is(s)) return s;
                }
    }
    return std::nullopt;
}

/// What is there on the practice car under the open job of a book, as that job now stands. Throws where there
/// is none, or nothing like that to be read on it.
double there(const std::string& path, const std::string& name, QuantityKind kind) {
    const auto spot = spot_called(name);
    if (!spot) throw std::runtime_error("no spot is called '" + name + "'; one is 'front-left camber'");
    const book::Book b(path, book::Book::Mode::read);
    const std::string job = b.fact("open_job").value_or("");
    const auto play = play_from(b.fact("practice:" + job).value_or(""));
    if (!play) throw std::runtime_error("the job open in " + path + " is no practice");
    const auto log = b.job(job).entries();
    const Job now = job_of(log);
    const LinesSet lines = now.rounds.empty() ? LinesSet{} : now.rounds.back().lines;
    Tool itself;  // its noise is the gauge's own
    itself.quantity = kind;
    const auto held = PracticeFloor::under(log, *play).hold(blank_reading(*spot, lines), lines, itself);
    if (!held || reading_kind(spot->kind).quantity() != kind)
        throw std::runtime_error("this gauge has nothing to read at '" + name + "'");
    return held->at;
}

}  // namespace

int main(int argc, char** argv) {
    CLI::App app{
        "A simulated angle gauge or caliper on a pseudo-terminal. It prints the port's path, then takes "
        "commands, one a line: hold VALUE, at SPOT (on the practice car of --book), zero, send, low, unplug, "
        "plug, quit.",
        "fairchalk-gauge"};
    GaugeNature nature;
    std::string kind = "angle";
    double value = 0.0;
    int every_ms = 200;
    std::uint64_t seed = 1;
    app.add_option("kind", kind, "angle or caliper")->check(CLI::IsMember({"angle", "caliper"}));
    app.add_option("--value", value, "what it is held against, in degrees or mm");
    app.add_option("--noise", nature.noise, "one sigma, in its unit");
    app.add_option("--drift", nature.drift, "in its unit, a line");
    app.add_option("--every", every_ms, "milliseconds from line to line; 0 sends only on `send`")
        ->check(CLI::Range(0, 60000));
    app.add_option("--seed", seed, "of its noise");
    std::string book_path;
    app.add_option("--book", book_path, "a garage book whose open job is practice: `at SPOT` reads its car");
    app.footer("Example: fairchalk-gauge angle --book garage.fairchalk, and then: at front-left camber");
    CLI11_PARSE(app, argc, argv);
    if (kind == "caliper") nature.unit = "mm";
    SimGauge gauge(nature, seed);
    gauge.hold(value);

    int fd = opened();
    if (fd < 0) {
        std::cerr << "fairchalk-gauge: no pseudo-terminal could be opened\n";
        return 1;
    }
    const auto say = [&](bool send) {
        if (fd < 0) return;
        const std::string line = gauge.line(send) + "\r\n";
        // Nobody listening is no reason to stop.
        if (::write(fd, line.data(), line.size()) < 0) return;
    };
    std::string typed;
    for (;;) {
        pollfd in{STDIN_FILENO, POLLIN, 0};
        const int ready = ::poll(&in, 1, every_ms > 0 ? every_ms : -1);
        if (ready == 0) {
            say(false);
            continue;
        }
        char buffer[256];
        const ssize_t n = ::read(STDIN_FILENO, buffer, sizeof buffer);
        if (n <= 0) return 0;
        typed.append(buffer, static_cast<std::size_t>(n));
        for (std::size_t end = typed.find('\n'); end != std::string::npos; end = typed.find('\n')) {
            std::istringstream words(typed.substr(0, end));
            typed.erase(0, end + 1);
            std::string command;
            words >> command;
            if (command == "quit") return 0;
            if (command == "hold" && words >> value) gauge.hold(value);
            if (command == "at") {
                std::string spot;
                std::getline(words >> std::ws, spot);
                try {
                    gauge.hold(there(book_path, spot,
                                     kind == "caliper" ? QuantityKind::length : QuantityKind::angle));
                    std::cout << "at " << spot << std::endl;
                } catch (const std::exception& e) {
                    std::cerr << "fairchalk-gauge: " << e.what() << '\n';
                }
            }
            if (command == "zero") gauge.zero();
            if (command == "low") gauge.set_low_battery(true);
            if (command == "send") say(true);
            if (command == "plug" && fd < 0) fd = opened();
            if (command == "unplug" && fd >= 0) {
                // In mid-line, as cables come off.
                const std::string line = gauge.line(true);
                if (::write(fd, line.data(), line.size() / 2) < 0) std::cerr << "nobody listens\n";
                ::close(fd);
                fd = -1;
            }
        }
    }
}

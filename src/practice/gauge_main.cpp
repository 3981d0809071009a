// SPDX-License-Identifier: GPL-3.0-or-later
// fairchalk-gauge: a simulated gauge on a pseudo-terminal, for trying and testing without one.
#include <fcntl.h>
#include <poll.h>
#include <termios.h>
#include <unistd.h>

#include <cstdlib>
#include <iostream>
#include <sstream>

#include <CLI/CLI.hpp>

#include "practice/sim_gauge.h"

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

}  // namespace

int main(int argc, char** argv) {
    CLI::App app{
        "A simulated angle gauge or caliper on a pseudo-terminal. It prints the port's path, then takes "
        "commands, one a line: hold VALUE, zero, send, low, unplug, plug, quit.",
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
    app.footer("Example: fairchalk-gauge angle --value -1.2");
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

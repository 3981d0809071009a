// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>

#include <benchmark/benchmark.h>
#include <QApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QPainter>
#include <QProcess>
#include <QTest>

#include "book/places.h"
#include "look/chalk.h"
#include "start.h"
#include "window.h"

namespace fairchalk::desk {
namespace {

std::filesystem::path bookWithDemo() {
    const auto path = std::filesystem::temp_directory_path() /
                      ("fairchalk-bench-" + std::to_string(QCoreApplication::applicationPid())) /
                      "b.fairchalk";
    std::filesystem::remove_all(path.parent_path());
    UuidSource ids(book::system_sources());
    book::Book b(path);
    b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/tarnby-estate.json", ids), "rack", ids);
    return path;
}

/// From a key press to the new picture in the window's backing store, what became dirty painted: under 16.7
/// ms is one frame at 60 Hz.
void KeyPressToNewPicture(benchmark::State& state) {
    JobDesk desk(book::Book(bookWithDemo()), book::system_sources());
    Window window(desk);
    openWhereItWas(desk, window);
    window.show();
    QApplication::setActiveWindow(&window);
    desk.settle();
    int n = 0;
    for (auto _ : state) {
        QTest::keyClick(window.slate().findChild<QLineEdit*>(), ++n % 12 ? Qt::Key_1 : Qt::Key_Escape);
        QApplication::sendPostedEvents();
        QApplication::processEvents();
    }
}
BENCHMARK(KeyPressToNewPicture)->Unit(benchmark::kMillisecond);

/// The same where the whole check-over is drawn, with its list and its sums.
void KeyPressInTheCheckOver(benchmark::State& state) {
    JobDesk desk(book::Book(bookWithDemo()), book::system_sources());
    Window window(desk);
    openWhereItWas(desk, window);
    window.show();
    window.setStage(Stage::check_over);
    desk.settle();
    int n = 0;
    for (auto _ : state) {
        QTest::keyClick(window.slate().findChild<QLineEdit*>(), ++n % 2 ? Qt::Key_PageDown : Qt::Key_PageUp);
        QApplication::sendPostedEvents();
        QApplication::processEvents();
    }
}
BENCHMARK(KeyPressInTheCheckOver)->Unit(benchmark::kMillisecond);

/// The whole window drawn anew, on each stage.
void WindowDrawn(benchmark::State& state) {
    JobDesk desk(book::Book(bookWithDemo()), book::system_sources());
    Window window(desk);
    openWhereItWas(desk, window);
    window.show();
    const Stage stage = all_stages[static_cast<std::size_t>(state.range(0))];
    window.setStage(stage);
    desk.settle();
    QPixmap picture(window.size());
    for (auto _ : state) window.render(&picture);
    state.SetLabel(std::string(name_of(stage)));
}
BENCHMARK(WindowDrawn)->DenseRange(0, 7)->Unit(benchmark::kMillisecond);

/// A car's page with so many jobs, from asking for it to its picture; what was worked out is remembered.
void CarThroughItsJobs(benchmark::State& state) {
    const auto path = bookWithDemo();
    UuidSource ids(book::system_sources());
    {
        book::Book b(path);
        const book::JobFile one =
            book::read_job(std::string(DATA_DIR) + "/demo/season/brask-hillclimb-1.json", ids);
        for (int n = 0; n < state.range(0); ++n) b.import_job(one, "one of many", ids);
    }
    JobDesk desk(book::Book(path), book::system_sources());
    Window window(desk);
    openWhereItWas(desk, window);
    window.show();
    desk.settle();
    const auto cars = desk.book().cars();
    const auto page = [&] {
        window.showHistory(QString::fromStdString(cars.back().id));
        desk.settleMaking();
        QApplication::processEvents();
        benchmark::DoNotOptimize(window.grab());
    };
    page();
    desk.settle();
    for (auto _ : state) page();
}
BENCHMARK(CarThroughItsJobs)->Arg(1)->Arg(100)->Unit(benchmark::kMillisecond);

double started(const QString& program, const QStringList& arguments) {
    QElapsedTimer clock;
    clock.start();
    QProcess::execute(program, arguments);
    return static_cast<double>(clock.nsecsElapsed()) / 1e9;
}

/// Cold start to the first paint, in starts of an empty Qt Widgets window: both measured in turn.
void StartAgainstAnEmptyWindow(benchmark::State& state) {
    const auto book = QString::fromStdString(bookWithDemo().string());
    double ours = 0, empty = 0;
    for (auto _ : state) {
        empty += started(QStringLiteral(EMPTY), {});
        ours += started(QStringLiteral(DESK), {QStringLiteral("--first-paint"), book});
    }
    state.counters["ratio"] = ours / empty;
}
BENCHMARK(StartAgainstAnEmptyWindow)->Unit(benchmark::kMillisecond)->Iterations(15);

}  // namespace
}  // namespace fairchalk::desk

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    fairchalk::desk::loadLook();
    benchmark::Initialize(&argc, argv);
    benchmark::RunSpecifiedBenchmarks();
    return 0;
}

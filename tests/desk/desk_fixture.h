// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <unistd.h>

#include <filesystem>
#include <memory>
#include <random>

#include <gtest/gtest.h>
#include <QApplication>
#include <QLabel>
#include <QLineEdit>
#include <QSettings>
#include <QTest>

#include "shots.h"
#include "start.h"
#include "window.h"

namespace fairchalk::desk {

namespace fs = std::filesystem;

inline const QStringList tarnby_rest = {"119", "113",   "119.5", "1682", "101.5", "95.5",
                                        "102", "115.5", "110",   "117",  "1674"};

/// The real window on a book of its own, driven by key events.
struct DeskTest : ::testing::Test {
    fs::path folder = fs::temp_directory_path() / ("fairchalk-desk-" + std::to_string(::getpid()));
    fs::path path = folder / "garage.fairchalk";
    std::unique_ptr<JobDesk> desk;
    std::unique_ptr<Window> window;
    bool waits = true;  ///< until what a key began to make is made
    std::mt19937_64 chance{1};
    std::uint64_t clock_ms = 1'777'709'640'000;  ///< a morning in May

    DeskTest() {
        QSettings().clear();  // each test begins with the preferences of a new user
        fs::remove_all(folder);
        fs::create_directories(folder);
        // Copies of the last days go here too.
        qputenv("XDG_STATE_HOME", QByteArray::fromStdString((folder / "state").string()));
    }
    ~DeskTest() override {
        close();
        fs::remove_all(folder);
    }
    /// The same times and chance at each run: what is played on the practice floor comes of them.
    Sources sources() {
        return {[this] { return clock_ms += 40; }, [this] { return chance(); }, 60};
    }
    void open() {
        desk = std::make_unique<JobDesk>(book::Book(path), sources());
        window = std::make_unique<Window>(*desk);
        openWhereItWas(*desk, *window);
        window->show();
        QApplication::setActiveWindow(window.get());
        // Not for it to be active: a bare X server has nobody who would make it so.
        (void)QTest::qWaitForWindowExposed(window.get(), 2000);
    }
    void close() {
        window.reset();
        desk.reset();
    }
    void demo() {
        UuidSource ids(sources());
        book::Book b(path);
        for (const char* file : {"brask-hillclimb", "ollerby-pickup", "tarnby-estate"})
            b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/" + file + ".json", ids), file, ids);
    }
    void key(Qt::Key k, Qt::KeyboardModifiers m = Qt::NoModifier) {
        QWidget* at = window->focusWidget() ? window->focusWidget() : window.get();
        // Of what is not seen yet the window remembers that it wants the focus; no key would reach it.
        if (QApplication::activeWindow() == window.get() && at->isVisible()) {
            EXPECT_TRUE(at->hasFocus() || at == window.get()) << at->metaObject()->className();
        }
        QTest::keyClick(at, k, m);
        // What is made is made by the writer.
        if (k == Qt::Key_Return && waits) desk->settleMaking();
    }
    void type(const QString& text) { QTest::keyClicks(window->focusWidget(), text); }
    void enter(const QString& text) {
        type(text);
        key(Qt::Key_Return);
    }
    /// To the stage that follows: Enter on an empty line, and nothing else.
    void goOn() {
        key(Qt::Key_Return);
        desk->settle();
    }
    /// What ends, accepts or strikes.
    void sure(const QString& why = {}) {
        type(why);
        key(Qt::Key_Return, Qt::ControlModifier);
        desk->settle();
    }
    /// A round or a part of one; where it is the last of it, on to what to turn.
    void readAll(const QStringList& values) {
        for (const QString& v : values) enter(v);
        desk->settle();
        if (window->slate().guide() == &window->reading() && !window->reading().spot()) goOn();
    }
    QString slateText() {
        QString all;
        for (const QLabel* l : window->slate().findChildren<QLabel*>())
            if (l->isVisibleTo(&window->slate())) all += l->text() + QLatin1Char('\n');
        return all;
    }
    std::size_t readings() const {
        std::size_t n = 0;
        for (const Round& r : desk->job().rounds) n += r.readings.size();
        return n;
    }
    const QAbstractButton* named(const QString& start) {
        for (const QAbstractButton* b : window->findChildren<QAbstractButton*>())
            if (b->accessibleName().startsWith(start)) return b;
        return nullptr;
    }
};

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
// An empty Qt Widgets window that ends at its first paint: what the desk's start is compared with.
#include <cstdlib>

#include <QApplication>
#include <QMainWindow>
#include <QTimer>

class Empty : public QMainWindow {
    void paintEvent(QPaintEvent*) override {
        QTimer::singleShot(0, qApp, [] { std::_Exit(0); });
    }
};

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    Empty window;
    window.resize(1280, 800);
    window.show();
    return QApplication::exec();
}

// SPDX-License-Identifier: GPL-3.0-or-later
#include "wire/gauge_wire.h"

#include <QFileInfo>
#include <QSerialPortInfo>

namespace fairchalk::desk {

GaugeWire::GaugeWire(QObject* parent) : QObject(parent) {
    again_.setInterval(500);
    connect(&again_, &QTimer::timeout, this, [this] {
        if (!serial_.isOpen()) return open();
        // A pseudo-terminal that is gone does not always say so.
        if (!QFileInfo::exists(port_) && port_.startsWith(QLatin1Char('/'))) lost();
    });
    connect(&serial_, &QSerialPort::readyRead, this, [this] {
        const QByteArray bytes = serial_.readAll();
        for (const GaugeLine& line :
             reader_.take({bytes.constData(), static_cast<std::size_t>(bytes.size())})) {
            last_ = line;
            if (line.send && line.stable) emit sent(line);
        }
        emit changed();
    });
    connect(&serial_, &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
        if (error == QSerialPort::ResourceError || error == QSerialPort::ReadError ||
            error == QSerialPort::DeviceNotFoundError)
            lost();
    });
}

QStringList GaugeWire::ports() {
    QStringList out;
    for (const QSerialPortInfo& info : QSerialPortInfo::availablePorts()) out << info.systemLocation();
    return out;
}

void GaugeWire::listen(const QString& port) {
    if (serial_.isOpen()) serial_.close();
    reader_.unplugged();
    last_.reset();
    port_ = port;
    again_.stop();
    if (!port_.isEmpty()) {
        open();
        again_.start();
    }
    emit changed();
}

void GaugeWire::open() {
    if (port_.isEmpty()) return;
    serial_.setPortName(port_);
    serial_.setBaudRate(QSerialPort::Baud9600);
    if (serial_.open(QIODevice::ReadOnly)) {
        serial_.clear();
        reader_.unplugged();  // what was said before is another's
        emit changed();
    }
}

void GaugeWire::lost() {
    if (!serial_.isOpen()) return;
    serial_.close();
    reader_.unplugged();
    last_.reset();
    emit changed();
}

}  // namespace fairchalk::desk

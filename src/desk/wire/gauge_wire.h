// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include <QObject>
#include <QSerialPort>
#include <QTimer>

#include "core/reading/gauge_line.h"

namespace fairchalk::desk {

/// A gauge on a serial port: opened by its path, lost and found again by itself, whatever comes off it read
/// by the line protocol of docs/gauge-line.md.
class GaugeWire : public QObject {
    Q_OBJECT
  public:
    explicit GaugeWire(QObject* parent = nullptr);

    /// Ports there are, as the system names them.
    static QStringList ports();
    /// Listens there from now on; empty: to nothing.
    void listen(const QString& port);
    const QString& port() const { return port_; }
    bool connected() const { return serial_.isOpen(); }
    /// What the gauge said last.
    const std::optional<GaugeLine>& last() const { return last_; }
    const GaugeReader& reader() const { return reader_; }

  signals:
    void sent(const fairchalk::GaugeLine& line);  ///< its button was pressed, and it is steady
    void changed();                               ///< it shows something else, or came or went

  private:
    void open();
    void lost();

    QSerialPort serial_;
    QString port_;
    QTimer again_;
    GaugeReader reader_;
    std::optional<GaugeLine> last_;
};

}  // namespace fairchalk::desk

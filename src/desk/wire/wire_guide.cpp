// SPDX-License-Identifier: GPL-3.0-or-later
#include "wire/wire_guide.h"

#include <QFileInfo>
#include <QPainterPath>

#include "look/chalk.h"
#include "look/html.h"
#include "rig/rig_drawing.h"

namespace fairchalk::desk {

WireGuide::WireGuide(JobDesk& desk, GaugeWire& wire, QObject* parent)
    : DrawnGuide(desk, parent), wire_(wire) {
    // Only what it says: what is being typed stays.
    connect(&wire_, &GaugeWire::changed, this, &Guide::said);
}

void WireGuide::enter() {
    const auto ports = GaugeWire::ports();
    chosen_ = !wire_.port().isEmpty() && ports.contains(wire_.port()) ? "port:" + wire_.port()
              : ports.isEmpty()                                       ? QStringLiteral("path")
                                                                      : "port:" + ports.first();
}

std::vector<Place> WireGuide::places() const {
    std::vector<Place> out;
    double y = 480;
    for (const QString& port : GaugeWire::ports()) {
        if (out.size() == 8) break;
        out.push_back(
            {"port:" + port,
             {60, y, 840, 38},
             port,
             port == wire_.port() ? (wire_.connected() ? tr("listening") : tr("not there now")) : QString()});
        y += 42;
    }
    const bool by_path = !wire_.port().isEmpty() && !GaugeWire::ports().contains(wire_.port());
    out.push_back({"path",
                   {60, y, 840, 38},
                   tr("another port, by its path"),
                   !by_path            ? QString()
                   : wire_.connected() ? tr("listening at %1").arg(wire_.port())
                                       : tr("%1 is not there now").arg(wire_.port())});
    return out;
}

QString WireGuide::subtitle() const {
    if (wire_.port().isEmpty()) return tr("no port chosen");
    return wire_.connected() ? tr("listening at %1").arg(wire_.port())
                             : tr("%1 is not there; looked for again by itself").arg(wire_.port());
}

QString WireGuide::keep(const QString& text) {
    const QString path = text.trimmed();
    if (path.isEmpty())
        return tr("The path of a port, such as /dev/ttyUSB0, or what fairchalk-gauge printed.");
    if (path.startsWith(QLatin1Char('/')) && !QFileInfo::exists(path))
        return tr("“%1” is not there. Right would be the path of a port, such as /dev/ttyUSB0.").arg(path);
    wire_.listen(path);
    return {};
}

std::vector<Act> WireGuide::acts() const {
    std::vector<Act> out;
    if (chosen_.startsWith("port:")) out.push_back({"listen", tr("Listen to it"), true, false});
    if (!wire_.port().isEmpty()) out.push_back({"leave", tr("No gauge"), false, false});
    out.push_back({"back", tr("Back"), false, false});
    return out;
}

void WireGuide::act(const QString& id) {
    if (id == "listen") wire_.listen(chosen_.mid(5));
    if (id == "leave") wire_.listen({});
    if (id == "back") return emit pageWanted({});
    emit changed();
}

QString WireGuide::body() const {
    QString out;
    if (const auto& l = wire_.last()) {
        out += head(tr("It shows")) +
               line(QStringLiteral("⟨b⟩%1⟨/b⟩ %2").arg(q(l->shown), l->stable ? tr("steady") : tr("moving")));
        if (l->low_battery) out += line(warn(tr("Its battery is low: its figures may wander.")));
    }
    out += line(soft(tr(
        "Its button keeps what it shows as the reading that is asked for, with the same questions as a typed "
        "one. It waits until the gauge is steady.")));
    out += line(soft(tr("%1 lines were good, %2 damaged and dropped.")
                         .arg(wire_.reader().good())
                         .arg(wire_.reader().bad())));
    out += line(soft(tr("Without one to hand, fairchalk-gauge plays one and prints its port.")));
    return out;
}

QString WireGuide::say() const {
    return wire_.connected() ? tr("Go to the readings (Ctrl+6) and press the gauge's button at each spot.")
                             : tr("Choose the gauge's port, or type its path.");
}

void WireGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {30, 24, 700, 39}, Qt::AlignLeft, title(), 19, c.chalk, true);
    drawThing(p, {110, 120, 220, 220}, "camber-gauge", wire_.connected());
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(wire_.connected() ? c.string : c.faint, 4,
                      wire_.connected() ? Qt::SolidLine : Qt::DashLine));
    QPainterPath cable(QPointF(320, 250));
    cable.cubicTo(420, 380, 470, 160, 570, 250);
    p.drawPath(cable);
    p.drawRoundedRect(QRectF(570, 190, 320, 120), 14, 14);
    const auto& l = wire_.last();
    drawText(p, {580, 200, 300, 100}, Qt::AlignCenter, l ? q(l->shown) : tr("nothing yet"), l ? 30 : 16,
             l && l->stable ? c.chalk : c.soft, true);
    drawText(p, {570, 316, 320, 30}, Qt::AlignCenter,
             l ? (l->stable ? tr("steady") : tr("moving")) : QString(), 14, c.soft);
    drawText(p, {60, 440, 500, 30}, Qt::AlignLeft, tr("Ports"), 14, c.soft);
    for (const Place& place : places()) {
        drawState(p, {place.at.x() + 20, place.at.center().y()},
                  !place.value.isEmpty() && wire_.connected() ? CheckState::good : CheckState::open,
                  place.id == chosen_);
        drawText(p, place.at.adjusted(44, 0, -240, 0), Qt::AlignLeft | Qt::AlignVCenter, place.name, 14,
                 c.chalk);
        drawText(p, place.at.adjusted(500, 0, -10, 0), Qt::AlignRight | Qt::AlignVCenter, place.value, 13,
                 c.soft);
    }
}

}  // namespace fairchalk::desk

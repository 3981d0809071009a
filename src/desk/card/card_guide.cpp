// SPDX-License-Identifier: GPL-3.0-or-later
#include "card/card_guide.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <cstdlib>
#include <map>

#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QImage>

#include "book/adjuster_json.h"
#include "book/target_text.h"
#include "core/car/adjuster.h"
#include "look/chalk.h"
#include "look/html.h"
#include "read/read_text.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

using Type = CardItem::Type;
constexpr qint64 largest_picture = 20 << 20;

}  // namespace

const std::vector<CardGroup>& CardGuide::groups() const {
    const std::pair now(desk_.jobId(), desk_.log().size());
    if (groups_.empty() || groups_of_ != now) {
        groups_ = card_groups(desk_.writtenCard(), desk_.car());
        groups_of_ = now;
    }
    return groups_;
}

std::optional<CardGroup> CardGuide::group() const {
    for (const CardGroup& g : groups())
        if (g.id == chosen_) return g;
    return std::nullopt;
}

std::optional<CardItem> CardGuide::item() const {
    const auto g = group();
    if (!g || g->items.empty()) return std::nullopt;
    return g->items[static_cast<std::size_t>(std::clamp(item_, 0, static_cast<int>(g->items.size()) - 1))];
}

void CardGuide::enter() {
    if (chosen_.isEmpty()) chosen_ = QStringLiteral("body");
    item_ = 0;
    pictures_.reset();
    if (begins_at_.isEmpty()) return;
    // A place, and what is asked there: `front-axle:rim_span`; else the first that is not told yet.
    chosen_ = begins_at_.section(QLatin1Char(':'), 0, 0);
    const QString asked = begins_at_.section(QLatin1Char(':'), 1);
    const auto g = group();
    const book::WrittenCard card = desk_.writtenCard();
    for (int i = 0; g && i < static_cast<int>(g->items.size()); ++i) {
        const CardItem& one = g->items[static_cast<std::size_t>(i)];
        if (asked.isEmpty() ? valueOf(card, one).isEmpty() : one.id == asked) {
            item_ = i;
            break;
        }
    }
}

namespace {

/// Where something is asked on the card: its place and the thing.
QString askedAt(const CardGroup& place, const CardItem& item) {
    return place.id + QLatin1Char(':') + item.id;
}

}  // namespace

void CardGuide::choose(const QString& place) {
    item_ = 0;
    DrawnGuide::choose(place);
    // What readings wait for comes first there.
    const QString waited = waitedFor();
    if (const auto g = group(); g && !waited.isEmpty())
        for (std::size_t i = 0; i < g->items.size(); ++i)
            if (waited == askedAt(*g, g->items[i])) item_ = static_cast<int>(i);
    if (item_ > 0) emit changed();
}

QString CardGuide::waitedFor() const {
    const auto waits = desk_.hasJob() ? waitsForCard(desk_) : std::nullopt;
    return waits ? waits->card : QString();
}

void CardGuide::step(int by) {
    const auto g = group();
    const int n = g ? static_cast<int>(g->items.size()) : 0;
    if (item_ + by >= 0 && item_ + by < n) {
        item_ += by;
        emit changed();
        return;
    }
    DrawnGuide::step(by);
    if (by < 0)
        if (const auto now = group()) item_ = static_cast<int>(now->items.size()) - 1;
    emit changed();
}

QString CardGuide::valueOf(const book::WrittenCard& card, const CardItem& i) const {
    if (i.type == Type::torque || i.type == Type::note) {
        const book::Json* list = card.at(i.path);
        QStringList out;
        if (list && list->is_array())
            for (const book::Json& t : *list)
                out << (i.type == Type::torque ? q(t.value("part", "") + " " + t.value("torque", ""))
                                               : q(t.is_string() ? t.get<std::string>() : ""));
        else if (list && list->is_string())
            out << q(list->get<std::string>());
        return out.join(QStringLiteral("; "));
    }
    if (i.type == Type::picture) {
        const auto n = pictures().size();
        return n == 0 ? QString() : tr("%1 kept").arg(n);
    }
    if (i.type == Type::target) {
        // A toe is under its own name, as total or each.
        std::vector<std::string> path = i.path;
        for (const char* name : {"total_toe", "toe"}) {
            if (path.back() == "toe" || path.back() == "total_toe") path.back() = name;
            if (const book::Json* t = card.at(path))
                return q(book::text_of_target(path.back(), *t, wheel_named(i.path[2]).has_value()));
        }
        const book::Json* t = card.at(i.path);
        return t ? q(book::text_of_target(i.path.back(), *t)) : QString();
    }
    const book::Json* v = !i.of_rods.empty()  ? card.of_rods(i.of_rods)
                          : !i.device.empty() ? card.of_adjuster(i.device, i.path)
                                              : card.at(i.path);
    if (i.type == Type::shims) return v ? q(book::text_of_shims(*v)) : QString();
    if (i.id == "setup") return setUpName(card.set_up());
    if (!v) return {};
    std::string s = v->is_string() ? v->get<std::string>() : v->dump();
    for (const auto& [value, name] : i.choices)
        if (value == s) return name;
    return q(s);
}

QString CardGuide::shownOf(const book::WrittenCard& card, const CardItem& i) const {
    const QString value = valueOf(card, i);
    return i.type == Type::target ? q(words::target_as_typed(value.toStdString())) : inUnits(i, value);
}

/// A length in the units that are shown; what is none, and a thread's pitch, as it is written.
QString CardGuide::inUnits(const CardItem& i, const QString& written) const {
    if (i.type != Type::length || i.bounded == Bounded::thread_pitch) return written;
    const auto quantity = read_quantity(written.toStdString(), {Expect::Kind::length, Bare::mm});
    return quantity && quantity->kind == QuantityKind::length ? q(fairchalk::show(quantity->length(), how_))
                                                              : written;
}

std::vector<Place> CardGuide::places() const {
    std::vector<Place> out;
    const book::WrittenCard card = desk_.writtenCard();
    for (const CardGroup& g : groups()) {
        int known = 0;
        for (const CardItem& i : g.items) known += !valueOf(card, i).isEmpty();
        out.push_back({g.id, g.at, g.name, tr("%1 of %2 known").arg(known).arg(g.items.size())});
    }
    return out;
}

QString CardGuide::title() const {
    const auto g = group();
    return g ? g->name : tr("The car's card");
}
QString CardGuide::subtitle() const {
    const auto i = item();
    return i ? i->name : QString();
}
bool CardGuide::typing() const {
    const auto i = item();
    return i && i->type != Type::choice;
}
bool CardGuide::typesWords() const {
    const auto i = item();
    return i && (i->type == Type::words || i->type == Type::note || i->type == Type::picture ||
                 i->type == Type::torque || i->type == Type::target || i->type == Type::shims);
}
QString CardGuide::prompt() const {
    const auto i = item();
    if (!i) return {};
    if (how_.lengths != Show::LengthStyle::inch || i->type != Type::length ||
        i->bounded == Bounded::thread_pitch)
        return i->hint;
    // An example in the hand's own units, in round figures.
    const auto quantity = read_quantity(i->hint.toStdString(), {Expect::Kind::length, Bare::mm});
    if (!quantity || quantity->kind != QuantityKind::length) return i->hint;
    const double in = quantity->length().in(), parts = in > 20.0 ? 1.0 : 8.0;
    return q(fairchalk::show(Length::from_in(std::round(in * parts) / parts), how_));
}
Expect CardGuide::expected() const {
    const auto i = item();
    if (i && i->type == Type::pressure) return {Expect::Kind::pressure, barePressure()};
    if (i && i->type == Type::number) return {Expect::Kind::turns, Bare::turns};
    if (i && i->type == Type::angle) return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength(),
            i && (i->id == "rods-pitch" || (!i->path.empty() && i->path.back() == "pitch"))};
}
std::optional<Bounded> CardGuide::bounded() const {
    const auto i = item();
    return i ? i->bounded : std::nullopt;
}

Result<book::TargetText> CardGuide::targetFrom(const CardItem& i, const QString& text) const {
    const bool of_wheel = i.path.size() > 3 && wheel_named(i.path[2]);
    return book::target_from_text(i.path.back(), text.toStdString(), of_wheel);
}

Understood CardGuide::understand(const QString& text) const {
    const auto i = item();
    if (!i) return {};
    if (i->type == Type::target) {
        const auto t = targetFrom(*i, text);
        if (!t) return {warn(q(words::sentence(t.error()))), false};
        const Target& band = t->band;
        const bool toe = t->measure == "total_toe" || t->measure == "toe";
        const auto shown = [&](Angle a) { return toe ? q(show_toe(a, how_)) : q(fairchalk::show(a, how_)); };
        return {QStringLiteral("⟨b⟩= %1 … %2⟨/b⟩ %3")
                    .arg(shown(band.lo), shown(band.hi),
                         soft(t->measure == "total_toe" ? tr("total")
                              : toe                     ? tr("each wheel")
                                                        : QString())),
                true};
    }
    if (i->type == Type::shims) {
        const auto list = book::shims_of(text.toStdString(), bareLength());
        if (!list) return {warn(q(words::sentence(list.error()))), false};
        return {QStringLiteral("⟨b⟩= %1⟨/b⟩").arg(q(book::text_of_shims(*list))), true};
    }
    if (i->type == Type::number) {
        bool good = false;
        QString plain = text.trimmed();
        const double v = plain.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&good);
        return good && v > 0 ? Understood{QStringLiteral("⟨b⟩= %1 : 1⟨/b⟩").arg(v), true}
                             : Understood{warn(tr("“%1” is not a ratio, like 16.2.").arg(text)), false};
    }
    return Guide::understand(text);
}

void CardGuide::write(const CardItem& i, const book::Json& value) {
    book::WrittenCard card = desk_.writtenCard();
    const auto angle_of =
        i.path.size() == 3 && i.path.front() == "adjust" ? wheel_named(i.path[1]) : std::nullopt;
    if (!i.of_rods.empty())
        card.put_of_rods(i.of_rods, value);
    else if (!i.device.empty())
        card.put_of_adjuster(i.device, i.path, value);
    else if (angle_of)
        card.adjusted_by(*angle_of, i.path[2], value);
    else
        card.put(i.path, value);
    desk_.editCard(card);
}

QString CardGuide::writeTarget(const CardItem& i, const QString& text) {
    const auto t = targetFrom(i, text);
    if (!t) return q(words::sentence(t.error()));
    // An axle's under its name, the thrust line's at the top.
    const std::string where = i.path.size() > 3 ? i.path[2] : "";
    book::WrittenCard card = desk_.writtenCard();
    card.put_aim(i.path[1], where, *t);
    desk_.editCard(card);
    // The set-up in use is what this job aims at.
    book::Json targets = desk_.targetsJson();
    book::put_aim(targets, where, *t);
    desk_.editTargets(targets);
    return {};
}

QString CardGuide::addPicture(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return tr("“%1” can't be opened: %2.").arg(path, file.errorString());
    if (file.size() > largest_picture)
        return tr("“%1” is %2 MB; a picture here may have 20.").arg(path).arg(file.size() >> 20);
    const QByteArray bytes = file.readAll();
    if (QImage::fromData(bytes).isNull())
        return tr("“%1” is not a picture that can be shown: PNG, JPEG or the like.").arg(path);
    desk_.make(
        [&ids = desk_.ids(), car = desk_.book().car_of(desk_.jobId()),
         name = QFileInfo(path).fileName().toStdString(), all = bytes.toStdString()](book::Book& book) {
            book.add_picture(car, name, all, ids);
            return QString();
        },
        [this](const QString&, const QString& error) {
            picture_trouble_ = error;
            pictures_.reset();
            emit changed();
        });
    return {};
}

const std::vector<book::Book::Picture>& CardGuide::pictures() const {
    if (!pictures_) pictures_ = desk_.book().pictures(desk_.book().car_of(desk_.jobId()));
    return *pictures_;
}

QString CardGuide::keep(const QString& text) {
    const auto i = item();
    if (!i) return {};
    const std::string s = text.trimmed().toStdString();
    if (s.empty()) {
        step(+1);  // not known yet: it can wait
        return {};
    }
    try {
        switch (i->type) {
            case Type::shims: {
                const auto list = book::shims_of(s, bareLength());
                if (!list) return q(words::sentence(list.error()));
                write(*i, *list);
                break;
            }
            case Type::length:
            case Type::angle:
            case Type::pressure: {
                const auto quantity = read_quantity(s, expected());
                if (!quantity) return q(words::sentence(quantity.error()));
                write(*i, quantity->text);
                break;
            }
            case Type::number: {
                if (const Understood u = understand(text); !u.good)
                    return tr("“%1” is not a ratio, like 16.2.").arg(text);
                write(*i, QString::fromStdString(s).replace(QLatin1Char(','), QLatin1Char('.')).toDouble());
                break;
            }
            case Type::target:
                if (const QString wrong = writeTarget(*i, text.trimmed()); !wrong.isEmpty()) return wrong;
                break;
            case Type::torque: {
                // The part's name, then the torque: it begins at the last number.
                const auto number = s.find_last_of("0123456789");
                auto from = number;
                while (from != std::string::npos && from > 0 && s[from - 1] != ' ') --from;
                const std::string part = from == std::string::npos || from == 0 ? "" : s.substr(0, from - 1);
                const auto torque = read_quantity(from == std::string::npos ? s : s.substr(from),
                                                  {Expect::Kind::torque, Bare::nm});
                if (part.empty() || !torque)
                    return tr("Say the part, then its torque: “tie rod locknut 55 Nm”.");
                book::WrittenCard card = desk_.writtenCard();
                card.put_torque(part, torque->text);
                desk_.editCard(card);
                return {};
            }
            case Type::note: {
                book::WrittenCard card = desk_.writtenCard();
                card.add_note(s);
                desk_.editCard(card);
                return {};
            }
            case Type::picture:
                return addPicture(text.trimmed());
            case Type::words:
                write(*i, s);
                if (i->id == "setup") {
                    // Another set-up: its figures are what this job aims at from here on.
                    const book::WrittenCard card = desk_.writtenCard();
                    if (card.at({"setups", s})) desk_.editTargets(card.aims_of(s));
                }
                break;
            case Type::choice:
                return {};
        }
    } catch (const book::FileError& e) {
        return q(words::sentence(e.message));
    }
    if (begins_at_ != chosen_ + QLatin1Char(':') + i->id) {
        step(+1);
        return {};
    }
    // What a stage waited for is told: on to what else it waits for, or back to it.
    begins_at_ = waitedFor();
    if (begins_at_.isEmpty()) {
        emit pageWanted({});
    } else {
        enter();
        emit changed();
    }
    return {};
}

std::vector<Act> CardGuide::acts() const {
    std::vector<Act> out;
    const auto i = item();
    if (!i) return out;
    const QString now = valueOf(desk_.writtenCard(), *i);
    if (i->type == Type::choice)
        for (const auto& [value, name] : i->choices) out.push_back({q(value), name, false, name == now});
    if (i->type == Type::picture) out.push_back({"browse", tr("Choose a file …"), false, false});
    out.push_back({"next", tr("Next"), false, false, 7});
    out.push_back({"done", tr("Back to the job"), false, false, 8});
    return out;
}

void CardGuide::act(const QString& id) {
    const auto i = item();
    if (id == "done") {
        emit pageWanted({});
    } else if (id == "next") {
        step(+1);
    } else if (id == "browse") {
        auto* dialog = new QFileDialog(nullptr, tr("A picture of the car"), {},
                                       tr("Pictures (*.png *.jpg *.jpeg *.webp)"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::ExistingFile);
        connect(dialog, &QFileDialog::fileSelected, this, [this](const QString& path) {
            picture_trouble_ = addPicture(path);
            emit changed();
        });
        dialog->open();
    } else if (i && i->type == Type::choice) {
        book::Json value = id.toStdString();
        if (id == "true" || id == "false") value = id == "true";
        write(*i, value);
        step(+1);
    }
}

QString CardGuide::body() const {
    const auto g = group();
    if (!g) return {};
    const book::WrittenCard card = desk_.writtenCard();
    QString rows;
    const auto now = item();
    const QString waited = waitedFor();
    for (const CardItem& i : g->items) {
        const QString v = shownOf(card, i);
        const bool here = now && now->id == i.id;
        rows += row(cell((here ? strong(QStringLiteral("› ")) : QString()) + i.name, 160) +
                    cell(waited == askedAt(*g, i) ? warn(tr("readings wait for it"))
                         : v.isEmpty()            ? soft(tr("can wait"))
                                                  : strong(v)));
    }
    QString out = table(rows, 3);
    if (!picture_trouble_.isEmpty()) out += line(picture_trouble_);
    if (g->id == "targets")
        out += line(soft(tr(
            "In the manual's own terms: 0°08' in ±0°15', or 2 mm in ±1.5 mm over 416 mm, with total, each or "
            "half at the end. The manual comes before anything said here.")));
    if (g->id == "targets") {
        out += head(tr("Where the manual has none: schools of thought, never a figure for your car"));
        for (const School* s : desk_.knowledge().on("targets"))
            out += line(QStringLiteral("⟨b⟩%1.⟨/b⟩ %2 %3").arg(q(s->text), q(s->reason), soft(q(s->how))));
    }
    if (g->id == "torques") out += line(soft(tr("From the manual only; they show at the loose list.")));
    out +=
        line(soft(tr("Enter with nothing typed goes on: only what the next step needs is asked for again.")));
    return out;
}

QString CardGuide::say() const {
    return tr(
        "Point at a place of the car and say what belongs there; the rest can wait. Escape goes back to the "
        "job.");
}

void CardGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const book::WrittenCard card = desk_.writtenCard();
    drawText(p, {40, 26, 700, 39}, Qt::AlignLeft, tr("The card of %1").arg(q(desk_.car().name)), 19, c.chalk,
             true);
    drawText(p, {40, 68, 800, 32}, Qt::AlignLeft,
             tr("every place says what is known of it; what is not known can wait"), 14, c.soft);
    drawCar(p, {300, 258, 360, 329});
    const QString waited = waitedFor();
    for (const CardGroup& g : groups()) {
        drawText(p, {g.at.left() + 12, g.at.top() + 6, g.at.width() - 20, 26}, Qt::AlignLeft, g.name, 15,
                 c.chalk, true);
        double y = g.at.top() + 36;
        int more = 0;
        for (const CardItem& i : g.items) {
            const QString v = shownOf(card, i);
            if (v.isEmpty() || i.id == "setup") continue;  // the heading names that
            if (y + 24 > g.at.bottom()) {
                ++more;
                continue;
            }
            const QString text =
                i.type == Type::target ? i.name + QStringLiteral(": ") + v
                : !i.path.empty() && i.path.front() == "adjust"
                    ? q(words::fill(i.id.toLatin1().constData(), {})) + QStringLiteral(": ") + v
                    : v;
            // A long one takes more lines.
            const QFontMetricsF m(chalked(std::max(13 * 1.25, smallest_type / p.transform().m11())));
            const bool two = m.horizontalAdvance(text) > g.at.width() - 20;
            const double high =
                two ? m.boundingRect(QRectF(0, 0, g.at.width() - 20, 400), Qt::TextWordWrap, text).height()
                    : 24.0;
            drawText(p, {g.at.left() + 12, y, g.at.width() - 20, high},
                     two ? Qt::AlignLeft | Qt::TextWordWrap : Qt::AlignLeft, text, 13, c.soft);
            y += high;
        }
        for (const CardItem& i : g.items) {
            if (waited != askedAt(g, i)) continue;
            drawText(p, {g.at.left() + 12, y, g.at.width() - 20, 48}, Qt::AlignLeft | Qt::TextWordWrap,
                     tr("▲ readings wait"), 13, c.caution);
            y += 24;
        }
        if (y < g.at.top() + 37)
            drawText(p, {g.at.left() + 12, y, g.at.width() - 20, 24}, Qt::AlignLeft, tr("not said yet"), 13,
                     c.faint);
        if (more > 0)
            drawText(p, {g.at.left() + 12, g.at.top() + 6, g.at.width() - 20, 26}, Qt::AlignRight,
                     tr("+%1").arg(more), 13, c.soft);
    }
    // The first picture, small.
    if (!pictures().empty()) {
        const QImage image = QImage::fromData(QByteArray::fromStdString(pictures().front().bytes));
        if (!image.isNull()) {
            const QSizeF size = QSizeF(image.size()).scaled(108, 62, Qt::KeepAspectRatio);
            p.drawImage(QRectF({804, 804}, size), image);
        }
    }
}

}  // namespace fairchalk::desk

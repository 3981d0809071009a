// SPDX-License-Identifier: GPL-3.0-or-later
#include "after/shop_guide.h"

#include <algorithm>

#include <QFile>
#include <QPointer>

#include "book/shop_json.h"
#include "documents.h"
#include "look/chalk.h"
#include "look/html.h"
#include "practice/shop.h"
#include "words/season_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// The lines of a sheet: what shops print.
std::vector<CarAngle> linesOfASheet() {
    std::vector<CarAngle> out;
    for (const CarAngle& a : angles_of_a_car())
        if (!is_cross(a.measure)) out.push_back(a);
    return out;
}

constexpr double sheet_row = 50.0, sheet_top = 108.0;

}  // namespace

void ShopGuide::enter() {
    job_ = desk_.jobId();
    written_.clear();
    chosen_ = q(linesOfASheet().front().name());
    workOut();
}

void ShopGuide::workOut() {
    desk_.sheets(
        [self = QPointer(this), job = job_](std::vector<SheetBeside> car, std::vector<GarageBias> all) {
            if (!self || self->job_ != job) return;
            self->beside_ = std::move(car);
            self->bias_ = std::move(all);
            emit self->said();
        });
}

std::optional<ShopSheet::Figure> ShopGuide::kept(const CarAngle& angle) const {
    std::optional<ShopSheet::Figure> out;
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const auto* s = desk_.job().live(i) ? std::get_if<ShopSheet>(&desk_.log()[i].event) : nullptr;
            s && s->when == when_)
            for (const ShopSheet::Figure& f : s->figures)
                if (f == angle) out = f;
    return out;
}

std::string ShopGuide::where() const {
    std::string out;
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const auto* s = desk_.job().live(i) ? std::get_if<ShopSheet>(&desk_.log()[i].event) : nullptr;
            s && !s->where.empty())
            out = s->where;
    return out;
}

std::vector<Place> ShopGuide::places() const {
    std::vector<Place> out;
    const auto lines = linesOfASheet();
    for (std::size_t i = 0; i < lines.size(); ++i) {
        const auto f = kept(lines[i]);
        out.push_back({q(lines[i].name()),
                       QRectF(40, sheet_top + sheet_row * static_cast<double>(i), 880, sheet_row - 4),
                       q(words::to_begin(words::measure_of(lines[i]))),
                       f ? q(f->text) : tr("as the sheet has it")});
    }
    out.push_back({QStringLiteral("where"), QRectF(40, 48, 880, sheet_row - 4), tr("Whose sheet"),
                   where().empty() ? tr("the shop's name") : q(where())});
    return out;
}

QString ShopGuide::subtitle() const {
    return when_ == ShopSheet::When::before ? tr("as it came in there, before anything was set")
                                            : tr("after it was set there");
}

QString ShopGuide::prompt() const {
    return chosen_ == QLatin1String("where") ? tr("the shop's name") : tr("0°06' in");
}

QString ShopGuide::keep(const QString& text) {
    written_.clear();
    ShopSheet sheet;
    sheet.when = when_;
    sheet.where = where();
    if (chosen_ == QLatin1String("where")) {
        sheet.where = text.trimmed().toStdString();
    } else {
        const auto angle = car_angle_named(chosen_.toStdString());
        const auto quantity = read_quantity(text.toStdString(), expected());
        if (!angle) return tr("Point at a line of the sheet first.");
        if (!quantity) return q(words::sentence(quantity.error()));
        if (std::abs(quantity->value) > 25.0)
            return tr("“%1” is no wheel's angle. A sheet says such as 0°06' or -0.55 degrees.").arg(text);
        ShopSheet::Figure f;
        static_cast<CarAngle&>(f) = *angle;
        f.value = quantity->angle();
        f.text = quantity->text;
        sheet.figures.push_back(f);
    }
    desk_.record(sheet);
    moveOn([this](const QString& id) {
        const auto a = car_angle_named(id.toStdString());
        return a && !kept(*a);
    });
    workOut();
    emit changed();
    return {};
}

std::vector<Act> ShopGuide::acts() const {
    std::vector<Act> out{{QStringLiteral("when"),
                          when_ == ShopSheet::When::before ? tr("Its figures after it was set")
                                                           : tr("Its figures as it came in"),
                          false, false, 0}};
    const BiasTaken* taken = last_of<BiasTaken>(desk_.job());
    if (taken && !taken->all.empty())
        out.push_back({QStringLiteral("stop"), tr("Take nothing off any more"), false, false, 1});
    else if (std::any_of(bias_.begin(), bias_.end(), [](const GarageBias& b) { return b.stands_out; }))
        out.push_back(
            {QStringLiteral("take"), tr("Take off what stands out, from here on"), false, false, 2});
    if (onPracticeFloor())
        out.push_back({QStringLiteral("practice"), tr("To the practice shop"), false, false, 3});
    return out;
}

void ShopGuide::act(const QString& id) {
    if (id == QLatin1String("when")) {
        when_ = when_ == ShopSheet::When::before ? ShopSheet::When::after : ShopSheet::When::before;
        chosen_ = q(linesOfASheet().front().name());
    } else if (id == QLatin1String("take") || id == QLatin1String("stop")) {
        BiasTaken taken;
        for (const GarageBias& b : bias_)
            if (id == QLatin1String("take") && b.stands_out) {
                taken.all.push_back(b.by);
                taken.sheets = std::max(taken.sheets, b.sheets);
            }
        desk_.record(taken);
    } else if (const QString wrong = toThePracticeShop(); !wrong.isEmpty()) {
        emit refused(wrong);
        return;
    }
    workOut();
    emit changed();
}

/// It measures the car as it stands, and leaves its sheet as text and as a file beside the entry.
QString ShopGuide::toThePracticeShop() {
    const auto* floor = desk_.practice();
    if (!floor) return {};
    const practice::Shop shop = practice::shop_of(floor->play().seed);
    practice::Rng rng(floor->play().seed * 31 + desk_.log().size());
    const ShopSheet sheet = practice::measured(shop, floor->car().solid(), when_, rng);
    desk_.record(sheet);
    book::Json j = {{"kind", "shop-sheet"}};
    book::shop_sheet_json(sheet, j);
    const QString name = QStringLiteral("%1 %2").arg(q(shop.name), q(desk_.car().name));
    for (const auto& [ending, text] : {std::pair(".json", j.dump(1) + "\n"),
                                       {".txt", practice::sheet_text(shop, sheet, desk_.car().name)}}) {
        QFile file(freeFile(name, QString::fromLatin1(ending)));
        if (!file.open(QIODevice::WriteOnly) || file.write(QByteArray::fromStdString(text)) < 0)
            return tr("%1 can't be written.").arg(file.fileName());
        written_ = file.fileName();
    }
    return {};
}

QString ShopGuide::body() const {
    QString out;
    const QString taken = q(words::bias_taken(last_of<BiasTaken>(desk_.job()), how_));
    if (!taken.isEmpty()) out += line(warn(taken));
    bool any = false;
    for (const SheetBeside& s : beside_) {
        if (s.sheet.figures.empty() || s.sheet.when != when_ || s.typed_in != desk_.jobId()) continue;
        const auto all = compared(s);
        any = true;
        out += head(s.sheet.where.empty() ? tr("Beside one's own")
                                          : tr("%1, beside one's own").arg(q(s.sheet.where)));
        for (const ComparedAngle& c : all)
            out += c.call == ComparedAngle::Call::differs ? line(warn(q(words::compared(c, how_))))
                                                          : line(q(words::compared(c, how_)));
        if (all.empty())
            out +=
                line(soft(when_ == ShopSheet::When::before
                              ? tr("There is nothing of one's own beside it: nothing was read before it.")
                              : tr("Read the car now, before anything is turned: that stands beside it.")));
    }
    if (!any)
        out += line(
            soft(tr("Type each figure as the sheet has it: toe in, a top that leans out, a steering axis "
                    "that leans back are positive; in and out may be said in words.")));
    if (!bias_.empty()) {
        out += head(tr("This garage against its sheets: %1").arg(bias_.front().sheets));
        for (const GarageBias& b : bias_) {
            out += line(b.stands_out ? strong(q(words::garage_bias(b, how_)))
                                     : soft(q(words::garage_bias(b, how_))));
            if (b.stands_out) out += line(soft(q(words::bias_source(b.source))));
        }
    }
    return out;
}

QString ShopGuide::say() const {
    if (!written_.isEmpty()) return tr("Written: %1").arg(written_);
    if (chosen_ == QLatin1String("where")) return tr("Whose sheet is it?");
    const auto a = car_angle_named(chosen_.toStdString());
    return a ? tr("What does the sheet say: %1?").arg(q(words::measure_of(*a))) : title();
}

void ShopGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    for (const Place& place : places()) {
        const bool here = place.id == chosen_, where = place.id == QLatin1String("where");
        const auto a = car_angle_named(place.id.toStdString());
        const bool have = where ? !this->where().empty() : a && kept(*a).has_value();
        drawState(p, place.at.topLeft() + QPointF(18, place.at.height() / 2),
                  have ? CheckState::good : CheckState::open, here);
        drawText(p, place.at.adjusted(44, 0, -420, 0), Qt::AlignLeft | Qt::AlignVCenter, place.name, 17,
                 here ? c.chalk : c.soft, here);
        drawText(p, place.at.adjusted(400, 0, -240, 0), Qt::AlignLeft | Qt::AlignVCenter, place.value, 17,
                 have ? c.chalk : c.faint, have);
        if (!a) continue;
        // One's own of that time, beside it.
        for (const SheetBeside& s : beside_)
            if (const KnownAngle* own =
                    s.sheet.when == when_ && s.typed_in == desk_.jobId() ? s.own.find(*a) : nullptr;
                own && own->known) {
                drawText(p, place.at.adjusted(650, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter,
                         q(words::known(a->measure, *own, how_)), 15, c.string);
                break;
            }
    }
    drawText(p, {440, 14, 240, 28}, Qt::AlignLeft | Qt::AlignVCenter, tr("the sheet"), 14, c.soft);
    drawText(p, {690, 14, 240, 28}, Qt::AlignLeft | Qt::AlignVCenter, tr("one's own, then"), 14, c.soft);
}

}  // namespace fairchalk::desk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "record/record_guide.h"

#include <QRegularExpression>

#include <algorithm>

#include <QSvgRenderer>

#include "core/job/look_again.h"
#include "core/judge/moved.h"
#include "core/quantity/distance.h"
#include "documents.h"
#include "history/moved_text.h"
#include "look/chalk.h"
#include "look/html.h"
#include "record/record_print.h"
#include "words/record_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double line_height = 30.0, table_top = 396.0;

Record recordOf(const JobDesk& desk) {
    const JobAnalysis& a = desk.answer();
    return record_of(desk.job(), a.now, a.rounds);
}

words::RecordHead headOf(const JobDesk& desk) {
    return {desk.book().name(), desk.title().toStdString()};
}

}  // namespace

QString recordHtml(const JobDesk& desk, const Show& how) {
    return q(words::record_html(recordOf(desk), desk.car(), headOf(desk), desk.knowledge(), how));
}
QString shopNoteHtml(const JobDesk& desk, const Show& how) {
    return q(words::shop_note_html(recordOf(desk), desk.job(), headOf(desk), desk.knowledge(), how));
}

Record RecordGuide::record() const {
    return recordOf(desk_);
}

void RecordGuide::enter() {
    written_.clear();
    chosen_ = last_of<Odometer>(desk_.job()) ? QStringLiteral("again") : QStringLiteral("odometer");
}

bool RecordGuide::inMiles() const {
    return how_.lengths == Show::LengthStyle::inch;
}

/// A distance that says its unit: a bare number is of what this garage reads its roads in.
QString RecordGuide::withUnit(const QString& text) const {
    static const QRegularExpression bare(QStringLiteral("^\\s*(in\\s+)?(\\d+|\\d{1,3}([ ,.]\\d{3})+)\\s*$"));
    if (!bare.match(text).hasMatch()) return text;
    return text.trimmed() + (inMiles() ? QStringLiteral(" mi") : QStringLiteral(" km"));
}

std::vector<Place> RecordGuide::places() const {
    const Odometer* o = last_of<Odometer>(desk_.job());
    const LookAgain* a = last_of<LookAgain>(desk_.job());
    return {{"odometer",
             {690, 40, 250, 90},
             tr("Odometer"),
             o           ? q(o->text)
             : inMiles() ? tr("like 52300 mi")
                         : tr("like 84210 km")},
            {"again",
             {690, 146, 250, 110},
             tr("Look again"),
             a ? q(a->when) : tr("a day, a distance, an event")}};
}

QString RecordGuide::title() const {
    return tr("The record");
}
QString RecordGuide::subtitle() const {
    return desk_.answerIsCurrent() ? q(words::to_begin(words::record_in_a_line(record()))) : QString();
}

QString RecordGuide::prompt() const {
    if (inMiles()) return chosen_ == "odometer" ? tr("52300 mi") : tr("100 mi: new bushes");
    return chosen_ == "odometer" ? tr("84210 km") : tr("100 km: new bushes");
}

QString RecordGuide::keep(const QString& typed) {
    // Where decimals stand after a comma, a point parts the thousands; what is kept has none.
    static const QRegularExpression thousands(QStringLiteral("(\\d)\\.(\\d{3})(?!\\d)"));
    QString text = typed;
    if (sayings().decimal == ',') text.replace(thousands, QStringLiteral("\\1\\2"));
    written_.clear();
    if (chosen_ == "odometer") {
        text = withUnit(text);
        const auto km = read_distance(text.toStdString());
        if (!km) return q(words::sentence(km.error()));
        desk_.record(Odometer{*km, text.trimmed().toStdString()});
        choose(QStringLiteral("again"));
        return {};
    }
    // When, and after a colon why.
    const int colon = static_cast<int>(text.indexOf(QLatin1Char(':')));
    auto again = look_again_from(withUnit(colon < 0 ? text : text.left(colon)).toStdString());
    if (!again) return q(words::sentence(again.error()));
    if (colon >= 0) again->why = text.mid(colon + 1).trimmed().toStdString();
    desk_.record(*again);
    emit changed();
    return {};
}

std::vector<Act> RecordGuide::acts() const {
    return {{QStringLiteral("pdf"), tr("Save as PDF")}, {QStringLiteral("shop"), tr("A note for the shop")}};
}

void RecordGuide::act(const QString& id) {
    const bool shop = id == QLatin1String("shop");
    const QString html = shop ? shopNoteHtml(desk_, how_) : recordHtml(desk_, how_);
    const QString file = freeFile(titleOf(html), QStringLiteral(".pdf"));
    if (!writePdf(html, file)) return emit refused(tr("%1 can't be written.").arg(file));
    written_ = file;
    emit said();
}

/// What moved since the job before, and why; nothing where there was none, or nothing was read yet.
QString RecordGuide::sinceLastTime() const {
    const auto& left = desk_.leftAt();
    if (!left) return {};
    // As the car came in: what was turned here is no news.
    const auto& rounds = desk_.answer().rounds;
    if (rounds.empty()) return {};
    const Estimate& found = rounds.front();
    const std::vector<MovedAngle> all = what_moved(left->angles, found);
    if (all.empty()) return {};
    return head(tr("Since “%1”, %2").arg(q(left->title), q(show_day(left->begun)))) +
           movedText(
               all,
               [&](Axle axle) {
                   return explained(desk_.car(), left->angles, found, axle, left->rods,
                                    rods_at_begin(desk_.job()));
               },
               3, how_);
}

/// Which side is bent after a kerb; nothing while both are as alike as cars are.
QString RecordGuide::leftAgainstRight() const {
    QString out;
    for (Axle axle : both_axles) {
        const auto all = left_against_right(desk_.car(), desk_.answer().now, axle);
        if (all.empty() || all.front().cause == Cause::nothing) continue;
        out += head(tr("Left against right"));
        for (std::size_t i = 0; i < std::min<std::size_t>(all.size(), 2); ++i)
            out += line(q(words::cause(all[i], axle))) + line(soft(q(words::what_to_look_at(all[i].cause))));
        out += line(
            soft(tr("Or the right side's, as far the other way. Toe takes no part in this: rods set it.")));
    }
    return out;
}

QString RecordGuide::body() const {
    if (!desk_.answerIsCurrent()) return line(soft(tr("Working it out …")));
    const Record r = record();
    QString out = sinceLastTime() + leftAgainstRight();
    out += head(tr("What was turned, and what that did"));
    if (r.passes.empty()) out += line(soft(tr("Nothing was turned.")));
    for (const Record::Pass& p : r.passes) {
        for (const Turn& t : p.turns)
            if (const Adjuster* a = desk_.car().adjuster(t.adjuster))
                out += line(t.counted
                                ? q(words::turn_line(*a, t.turns, t.second, how_))
                                : tr("%1: turned by watching").arg(q(words::to_begin(words::adjuster(*a)))));
        for (const Record::Pass::Did& d : p.did)
            out += line(soft(tr("%1: %2, after it %3")
                                 .arg(q(words::to_begin(words::measure_of(d))),
                                      q(words::known(d.measure, d.from, how_)),
                                      q(words::known(d.measure, d.to, how_)))));
        if (p.did.empty()) out += line(soft(tr("Nothing was read after it.")));
    }
    if (const QStringList loose = looseThings(desk_.job()); !loose.isEmpty()) {
        out += head(tr("Still loose"));
        for (const QString& l : loose) out += line(warn(l));
    }
    if (!r.again.empty()) out += head(tr("Look again"));
    for (const LookAgain& a : r.again)
        out += line(q(words::to_begin(a.when) + (a.why.empty() ? "" : ": " + a.why)));
    return out + line(soft(tr("Ctrl+P prints it. The same as a file: fairchalk-cli report.")));
}

QString RecordGuide::say() const {
    if (!written_.isEmpty()) return tr("Written: %1").arg(written_);
    return chosen_ == "odometer" ? tr("What does the odometer show?")
                                 : tr("When should this car be looked at again, and why?");
}

void RecordGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    if (!desk_.answerIsCurrent()) return;
    const Record r = record();
    // The drawing of the sheet itself, on its paper.
    QSvgRenderer sheet(drawingOf(recordHtml(desk_, how_)));
    const QRectF paper(24, 24, 640, 344);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(QStringLiteral("#fbfaf6")));
    p.drawRect(paper);
    sheet.render(&p, paper);
    for (const Place& place : places()) {
        drawText(p, place.at.adjusted(14, 8, -8, -48), Qt::AlignLeft | Qt::AlignVCenter, place.name, 16,
                 c.chalk, place.id == chosen_);
        drawText(p, place.at.adjusted(14, 44, -8, -6), Qt::AlignLeft | Qt::AlignVCenter, place.value, 14,
                 c.soft);
    }
    double y = table_top;
    const auto cells = [&](const QString& what, const QString& before, const QString& after,
                           const QString& verdict, const QColor& ink, bool strong) {
        drawText(p, {24, y, 220, line_height}, Qt::AlignLeft | Qt::AlignVCenter, what, 14, ink, strong);
        drawText(p, {250, y, 210, line_height}, Qt::AlignLeft | Qt::AlignVCenter, before, 14, c.soft);
        drawText(p, {466, y, 210, line_height}, Qt::AlignLeft | Qt::AlignVCenter, after, 14, ink, strong);
        drawText(p, {686, y, 250, line_height}, Qt::AlignLeft | Qt::AlignVCenter, verdict, 14, ink);
        y += line_height;
    };
    cells(tr("Angle"), tr("as it came in"), tr("as it stands"), tr("against its target"), c.soft, false);
    for (const Record::Line& l : r.lines) {
        if (y > height - line_height) break;
        const bool judged = l.verdict && l.verdict->target.has_tolerance;
        cells(q(words::to_begin(words::measure_of(l))), q(words::known(l.measure, l.before, how_)),
              q(words::known(l.measure, l.after, how_)), judged ? q(words::call(l.verdict->call)) : QString(),
              judged && l.verdict->call == Call::outside ? c.caution : c.chalk, judged);
    }
}

}  // namespace fairchalk::desk

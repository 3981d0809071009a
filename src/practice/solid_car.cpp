// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/solid_car.h"

namespace fairchalk::practice {

double SolidCar::leans(const Spot& s, const LinesSet& lines) const {
    const int w = index_of(*s.wheel);
    const double sweep = lines.sweep.value_or(usual_sweep).deg();
    const double out = s.swept == Swept::out ? sweep : s.swept == Swept::in ? -sweep : 0;
    return gauge(w, out == 0 ? spindle(w, s.rolled) : turned(w, out, s.rolled));
}

double SolidCar::exact(const Spot& s, const LinesSet& lines) const {
    const int w = s.wheel ? index_of(*s.wheel) : 0, side = s.wheel ? w % 2 : s.side ? index_of(*s.side) : 0;
    const double sweep = lines.sweep.value_or(usual_sweep).deg();
    const double out = s.swept == Swept::out ? sweep : s.swept == Swept::in ? -sweep : 0;
    switch (s.kind) {
        case ReadingKind::hub:
            return from_string(side, hub(w));
        case ReadingKind::rim_front:
        case ReadingKind::rim_rear:
            return from_string(side, edge(w, s.kind == ReadingKind::rim_front ? 1 : -1, s.rolled));
        case ReadingKind::string_to_string: {
            const double x = *s.axle == Axle::front ? wheelbase + front_bar : -rear_bar;
            return offset[0] + offset[1] + x * (std::tan(skew[0] * rad) + std::tan(skew[1] * rad));
        }
        case ReadingKind::hub_width:
            return 2 * half_width[index_of(*s.axle)];
        case ReadingKind::centreline_to_string:
            return offset[side] + s.station->mm() * std::tan(skew[side] * rad);
        case ReadingKind::boards_front:
        case ReadingKind::tread_front:
        case ReadingKind::boards_rear:
        case ReadingKind::tread_rear:
        case ReadingKind::stud_bar_front:
        case ReadingKind::stud_bar_rear: {
            using K = ReadingKind;
            const bool ahead =
                s.kind == K::boards_front || s.kind == K::tread_front || s.kind == K::stud_bar_front;
            const bool studs = s.kind == K::stud_bar_front || s.kind == K::stud_bar_rear;
            return width_at(*s.axle, ahead ? 1 : -1, board_span, !studs);
        }
        case ReadingKind::tape_difference:
            return width_at(*s.axle, -1, board_span, true) - width_at(*s.axle, 1, board_span, true);
        case ReadingKind::string_height:
            return hub_height + rise[side] * (s.station->mm() - wheelbase / 2);
        case ReadingKind::straightedge_front:
        case ReadingKind::straightedge_rear: {
            // The bar through both edges of the other wheel's lip, at hub height.
            const V n = spindle(w ^ 2), along = forward(n), c = lip_centre(w ^ 2, n), up = along.cross(n);
            const V from = c + (hub_height - c.z()) / up.z() * up;
            const V here = edge(w, s.kind == ReadingKind::straightedge_front ? 1 : -1, false);
            const V across(-along.y(), along.x(), 0);
            return (from - here).dot(across);
        }
        case ReadingKind::arm_jig: {
            const double towards = w < 2 ? -1 : 1;
            const auto arm = [&](int wheel, double end) {
                const V n = spindle(wheel);
                return V(lip_centre(wheel, n) + end * arm_span / 2 * forward(n));
            };
            const V a = arm(w, -towards) + mark * spindle(w);
            const V b = arm(w ^ 2, towards) + mark * spindle(w ^ 2);
            const V q = arm(w, towards), n = spindle(w);
            // Seen from above: q + v n on the line from a to b.
            Eigen::Matrix2d m;
            m << n.x(), -(b - a).x(), n.y(), -(b - a).y();
            const Eigen::Vector2d at = m.inverse() * (a - q).head<2>();
            return at.x();
        }
        case ReadingKind::camber:
            return leans(s, lines) + gauge_zero;
        case ReadingKind::camber_reversed:
            return gauge(w, spindle(w)) - gauge_zero;
        case ReadingKind::camber_gap:
            return std::abs(gap_height * std::tan(leans(s, lines) * rad));
        // Hung anew for each stand of a swept wheel.
        case ReadingKind::camber_plumb_upper:
            return 90 + out / 2 - gap_height / 2 * std::tan(leans(s, lines) * rad);
        case ReadingKind::camber_plumb_lower:
            return 90 + out / 2 + gap_height / 2 * std::tan(leans(s, lines) * rad);
        case ReadingKind::camber_swing:
            return gauge(w, turned(w, -sweep)) - gauge(w, turned(w, sweep));
        case ReadingKind::caster:
            return (gauge(w, turned(w, sweep)) - gauge(w, turned(w, -sweep))) / (2 * std::sin(20 * rad));
        case ReadingKind::axis_offset: {
            const double p = (floor[0] + floor[1] - floor[2] - floor[3]) / (2 * wheelbase);
            return gap_height * std::tan(caster[w] * rad + std::atan(p));
        }
        default:
            return 0;
    }
}

CarCard SolidCar::card() const {
    CarCard card;
    card.name = "a solid car";
    card.wheelbase = Length::from_mm(wheelbase);
    for (auto& a : card.axles) {
        a.rim_span = Length::from_mm(span);
        a.track = Length::from_mm(track);
    }
    return card;
}

LinesSet SolidCar::lines(std::vector<std::string> rigs) const {
    LinesSet l;
    l.rigs = std::move(rigs);
    l.bars = {Length::from_mm(front_bar), Length::from_mm(rear_bar)};
    const Length boards = Length::from_mm(board_span), gap = Length::from_mm(gap_height);
    l.sizes = {boards, boards, boards, gap, gap, Length::from_mm(mark), Length::from_mm(arm_span), gap};
    return l;
}

}  // namespace fairchalk::practice

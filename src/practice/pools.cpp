// SPDX-License-Identifier: GPL-3.0-or-later
// What cells come to, counted together.
#include <algorithm>
#include <cmath>

#include "practice/matrix.h"

namespace fairchalk::practice {

int Harm::all() const {
    return made_worse + many_turns + moved_unsaid + thrust_worse + steering_worse + no_test_turn +
           done_outside;
}
Harm& Harm::operator+=(const Harm& o) {
    made_worse += o.made_worse;
    many_turns += o.many_turns;
    moved_unsaid += o.moved_unsaid;
    thrust_worse += o.thrust_worse;
    steering_worse += o.steering_worse;
    no_test_turn += o.no_test_turn;
    done_outside += o.done_outside;
    return *this;
}

bool Pool::stands() const {
    const bool covers = held + held_within >= 0.93 && held - held_within <= 0.97;
    return covers && inside + inside_within >= 0.975;
}

std::vector<Pool> pools_of(const std::vector<CellResult>& results) {
    constexpr double z999 = 3.2905;
    std::vector<Pool> out;
    for (Factor f : {Factor::rig, Factor::front, Factor::rear, Factor::target})
        for (const std::string& value : values_of(f)) {
            Pool p;
            p.factor = f;
            p.value = value;
            double angles = 0.0, held = 0.0, inside = 0.0;
            std::vector<const CellJob*> jobs;
            for (const CellResult& r : results)
                if (r.cell.of(f) == value && r.cell.of(Factor::trouble) != "misreads" &&
                    r.cell.of(Factor::trouble) != "far-off-drawing")
                    for (const CellJob& j : r.all) jobs.push_back(&j);
            for (const CellJob* j : jobs) {
                angles += j->angles;
                held += j->held;
                p.called += j->called_inside;
                inside += j->called_inside && j->truly_inside;
            }
            p.cars = static_cast<int>(jobs.size());
            if (angles > 0) {
                p.held = held / angles;
                double spread = 0.0;
                for (const CellJob* j : jobs) spread += std::pow(j->held - p.held * j->angles, 2);
                // Few cars may all hold by chance: never taken for surer than so many angles can be.
                p.held_within = z999 * std::max(std::sqrt(spread) / angles, std::sqrt(0.95 * 0.05 / angles));
            } else {
                p.held = 0.95;
            }
            p.inside = 1.0;
            if (p.called > 0) {
                p.inside = inside / p.called;
                // Wilson's interval is wide enough where none or all are inside.
                const double n = p.called, z2 = z999 * z999;
                p.inside_within =
                    z999 / (1 + z2 / n) * std::sqrt(p.inside * (1 - p.inside) / n + z2 / (4 * n * n));
            }
            out.push_back(p);
        }
    return out;
}

std::array<std::array<Tenth, 10>, 2> tenths_of(const std::vector<CellResult>& results) {
    std::array<std::array<Tenth, 10>, 2> out;
    const auto put = [](std::array<Tenth, 10>& tenths, double said, bool came) {
        Tenth& t = tenths[static_cast<std::size_t>(std::clamp(static_cast<int>(said * 10), 0, 9))];
        ++t.plans;
        t.said += said;
        t.came += came;
    };
    for (const CellResult& r : results) {
        const std::string& trouble = r.cell.of(Factor::trouble);
        if (trouble != "none" && trouble != "card-silent") continue;
        for (const CellJob& j : r.all)
            for (const CellJob::Given& g : j.given) {
                put(out[0], g.truly, g.inside);
                put(out[1], g.ends, g.ended);
            }
    }
    for (auto& tenths : out)
        for (Tenth& t : tenths)
            if (t.plans > 0) {
                t.said /= t.plans;
                t.came /= t.plans;
            }
    return out;
}

}  // namespace fairchalk::practice

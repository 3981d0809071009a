// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/turn_doubt.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <set>

#include <Eigen/Dense>

#include "core/car/steering_rod.h"
#include "core/judge/evidence.h"
#include "core/judge/guesses.h"
#include "core/network/lever.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 10> names = {
    "wrong-way", "all-wrong-way", "nothing",        "other-side", "other-handle",
    "twice",     "half",          "steering-moved", "misread",    "unexplained"};
constexpr double in_force = 0.9, sure = 0.99, doubtful = 0.1;
/// What turns must have left of the odds that an adjuster lies on the other side, before they have shown it.
constexpr double shown_by = 0.1;
/// Joint hypotheses that are carried on from pass to pass.
constexpr std::size_t most_kept = 16;
/// Passes that are gone through: those before are taken as they are written. No garage makes as many in one
/// job.
constexpr std::size_t most_passes_doubted = 16;
constexpr int least_of_each_card = 3;
/// Of chi-square at 90 %: what fits better needs no other story.
constexpr double z_fits = 1.2816;

/// Quantile of chi-square by E. B. Wilson and M. M. Hilferty, The Distribution of Chi-Square, Proc. Nat.
/// Acad. Sci. 17 (1931): at these levels within 4 % for one degree of freedom, 1 % from three on.
double chi_square_quantile(double dof, double z) {
    const double a = 2.0 / (9.0 * dof);
    return dof * std::pow(1.0 - a + z * std::sqrt(a), 3);
}

/// The passes of turns that readings follow, in order: entries of the log. Turns that this version does not
/// understand, or that nobody counted, are in none.
std::vector<std::vector<std::size_t>> measured_passes(const Job& job, const CarCard& car) {
    std::vector<std::vector<std::size_t>> out;
    std::vector<std::size_t> open;
    bool odd = false;
    for (std::size_t i = begin_of(job); i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const Entry& e = (*job.log)[i];
        if (const Turn* t = std::get_if<Turn>(&e.event)) {
            const Adjuster* d = car.device(t->adjuster);
            odd = odd || !t->understood || !t->counted || car.place_of(t->adjuster) < 0 ||
                  (d && !adjuster_kind(d->kind));
            open.push_back(i);
        } else if (reads_angle(e) && !open.empty()) {
            if (!odd) out.push_back(open);
            open.clear();
            odd = false;
        }
    }
    return out;
}

/// What eyes settle under the car.
bool is_seen(std::string_view field) {
    return field == "rod" || field == "thread" ||
           std::find(built_in.begin(), built_in.end(), field) != built_in.end();
}

/// Those turned whose other side has lost by what was read: `left_of(c)` is what is left of the odds of a
/// card's hypothesis.
template <typename LeftOf>
std::vector<std::string> sides_shown(const CarCard& car, const std::set<int>& turned,
                                     const std::vector<CardGuess>& cards, LeftOf&& left_of) {
    std::vector<std::string> out;
    for (int place : turned) {
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
        bool told = false, lost = true;
        for (std::size_t c = 0; c < cards.size() && lost; ++c) {
            const auto& wrong = cards[c].wrong;
            if (!wrong || !is_seen(wrong->field) || wrong->field == "thread" ||
                std::find(wrong->adjusters.begin(), wrong->adjusters.end(), a.id) == wrong->adjusters.end())
                continue;
            told = true;
            lost = left_of(c) <= shown_by;
        }
        if (told && lost) out.push_back(a.id);
    }
    return out;
}

/// From the changes that were measured to what is believed, step by step.
class Doubting {
  public:
    Doubting(const Job& job, const CarCard& car, const Posterior& p,
             const std::vector<std::vector<std::size_t>>& entries, Belief& out)
        : job_(job), car_(car), p_(p), entries_(entries), out_(out), levers_(levers_of(car, p)) {}
    void run();

  private:
    bool gather_passes();
    std::vector<MeasuredChange> measured_changes() const;
    bool fits_as_written();
    void tell_stories();
    std::vector<CardDoubt> considered() const;
    void doubt_card();
    void open_responses();
    void look_first();
    void doubt_passes();
    void leave_open_what_only_a_hand_explains();
    void look_at_what_goes_wrong_again();
    void show_where(std::size_t k, const Guess& guess, TurnDoubt& d) const;
    void write_over(std::size_t k, const Guess& guess, const TurnDoubt& d);

    const Job& job_;
    const CarCard& car_;  ///< with each side that it does not say taken as one of the two
    const Posterior& p_;
    const std::vector<std::vector<std::size_t>>& entries_;
    Belief& out_;
    const std::vector<Lever> levers_;
    std::vector<TurnPass> passes_;
    std::optional<Evidence> evidence_;
    std::vector<std::vector<Guess>> guesses_;  ///< of each pass
    std::set<int> turned_;                     ///< places on the card
    std::vector<CardGuess> cards_;
    std::vector<Story> stories_;  ///< likeliest first
    std::vector<double> weight_;  ///< of each, all together 1
};

/// Each pass, its levers as they stood before it. False where one of them is of something unknown.
bool Doubting::gather_passes() {
    if (levers_.empty()) return false;
    std::vector<double> later(levers_.size(), 0.0);
    for (std::size_t k = entries_.size(); k-- > 0;) {
        TurnPass pass{entries_[k], Amounts(levers_.size(), 0.0), levers_};
        bool known = true;
        for (std::size_t i : pass.entries) {
            const Turn& t = std::get<Turn>((*job_.log)[i].event);
            bool found = false;
            for (std::size_t h = 0; h < levers_.size(); ++h)
                if (levers_[h].id() == t.adjuster) {
                    pass.written[h] += levers_[h].which == 0 ? t.turns : t.second;
                    found = true;
                }
            known = known && found;
        }
        // What else moved is not to be told from what this one did.
        if (!known) return false;
        for (std::size_t h = 0; h < levers_.size(); ++h) {
            later[h] += pass.written[h];
            if (levers_[h].device) pass.levers[h].so_far -= later[h];
        }
        passes_.insert(passes_.begin(), std::move(pass));
    }
    return true;
}

/// The changes that both sides of a pass are known well enough of.
std::vector<MeasuredChange> Doubting::measured_changes() const {
    std::vector<MeasuredChange> rows;
    const auto measured = [&](const MeasuredChange& row) {
        Eigen::VectorXd g = Eigen::VectorXd::Zero(p_.x.size());
        for (const auto& [unknown, c] : row.by) g[unknown] += c;
        return p_.well_known(g);
    };
    for (std::size_t k = 0; k < passes_.size() && k < p_.freed.size(); ++k) {
        const Posterior::Freed& freed = p_.freed[k];
        const auto moved = [&](Wheel w, WheelAngle angle) {
            bool about = false, there = false;
            for (std::size_t h = 0; h < levers_.size(); ++h)
                for (const Lever::Pull& pull : levers_[h].pulls) {
                    if (pull.angle != angle) continue;
                    there = there || pull.wheel == w;
                    about = about || (passes_[k].written[h] != 0.0 && axle_of(pull.wheel) == axle_of(w));
                }
            return about && there;
        };
        // A camber that nobody read again is what the toe makes it, and witnesses nothing.
        const auto read_again = [&](Wheel w, WheelAngle angle) {
            if (angle == WheelAngle::toe) return true;
            const std::size_t from = passes_[k].entries.back() + 1,
                              to = k + 1 < passes_.size() ? passes_[k + 1].entries.front() : job_.log->size();
            for (std::size_t i = from; i < to; ++i)
                if (const Reading* r = std::get_if<Reading>(&(*job_.log)[i].event);
                    r && job_.live(i) && r->spot.wheel == w && reading_kind(r->spot.kind).against_gravity())
                    return true;
            return false;
        };
        const auto part = [&](MeasuredChange& row, Wheel w, WheelAngle angle, double share) {
            const std::pair key(angle_unknowns[index_of(angle)], index_of(w));
            const auto before = freed.before.find(key), after = freed.after.find(key);
            if (before == freed.before.end() || after == freed.after.end() || before->second == after->second)
                return false;
            row.by.emplace_back(after->second, share);
            row.by.emplace_back(before->second, -share);
            row.of.push_back({w, angle, share});
            return true;
        };
        for (Axle axle : both_axles)
            for (WheelAngle angle : wheel_angles) {
                int each = 0;
                for (Side side : both_sides) {
                    const Wheel w = wheel_at(axle, side);
                    MeasuredChange row{k, {}, {}};
                    if (!moved(w, angle) || !read_again(w, angle) || !part(row, w, angle, 1.0) ||
                        !measured(row))
                        continue;
                    rows.push_back(std::move(row));
                    ++each;
                }
                const Wheel l = wheel_at(axle, Side::left), r = wheel_at(axle, Side::right);
                MeasuredChange total{k, {}, {}};
                if (each == 0 && angle == WheelAngle::toe && (moved(l, angle) || moved(r, angle)) &&
                    part(total, l, angle, 1.0) && part(total, r, angle, 1.0) && measured(total))
                    rows.push_back(std::move(total));
            }
    }
    return rows;
}

/// Where all is as written and fits, pass by pass and in all, no other story is looked for.
bool Doubting::fits_as_written() {
    if (!cards_.front().unsaid.empty()) return false;
    bool fits = true;
    Story plain{0, {}, 0.0, 0.0};
    double before = 0.0;
    for (std::size_t k = 0; k < passes_.size() && fits; ++k) {
        plain.guesses.push_back(0);
        double misfit = before;
        evidence_->of(plain, guesses_, cards_, &misfit);
        const auto here =
            static_cast<double>(std::count_if(evidence_->rows().begin(), evidence_->rows().end(),
                                              [&](const MeasuredChange& row) { return row.pass == k; }));
        if (here > 0) fits = misfit - before <= chi_square_quantile(here, z_fits);
        before = misfit;
    }
    if (!fits) return false;
    const double as_it_stands = evidence_->of(plain, guesses_, cards_);
    out_.side_shown = sides_shown(car_, turned_, cards_, [&](std::size_t c) {
        return std::exp(evidence_->of({c, plain.guesses, 0.0, 0.0}, guesses_, cards_) - as_it_stands);
    });
    return true;
}

void Doubting::tell_stories() {
    for (std::size_t c = 0; c < cards_.size(); ++c) stories_.push_back({c, {}, cards_[c].log_prior, 0.0});
    for (std::size_t k = 0; k < passes_.size(); ++k) {
        std::vector<Story> next;
        for (const Story& s : stories_)
            for (std::size_t g = 0; g < guesses_[k].size(); ++g) {
                Story one = s;
                one.guesses.push_back(g);
                one.log_prior += guesses_[k][g].log_prior;
                one.log_evidence = evidence_->of(one, guesses_, cards_);
                next.push_back(std::move(one));
            }
        std::sort(next.begin(), next.end(),
                  [](const Story& a, const Story& b) { return a.log_weight() > b.log_weight(); });
        // What the card may be is kept open, however little a first pass said of it.
        std::vector<Story> kept;
        std::vector<int> of_card(cards_.size(), 0);
        for (Story& one : next) {
            const bool likely = kept.size() < most_kept;
            if (!likely && of_card[one.card] >= least_of_each_card) continue;
            ++of_card[one.card];
            kept.push_back(std::move(one));
        }
        next = std::move(kept);
        stories_ = std::move(next);
    }
    double sum = 0.0;
    for (const Story& s : stories_) {
        weight_.push_back(std::exp(s.log_weight() - stories_.front().log_weight()));
        sum += weight_.back();
    }
    for (double& w : weight_) w /= sum;
}

/// The card's entries, each by all stories that hold them so.
std::vector<CardDoubt> Doubting::considered() const {
    const auto chance_of = [&](const auto& holds) {
        double sum = 0.0;
        for (std::size_t i = 0; i < stories_.size(); ++i)
            if (holds(cards_[stories_[i].card])) sum += weight_[i];
        return sum;
    };
    std::vector<CardDoubt> all;
    const auto consider = [&](const CardDoubt& d) {
        const auto same = [&](const CardDoubt& other) {
            return other.adjusters == d.adjusters && other.field == d.field &&
                   (other.value == d.value || d.field == "response");
        };
        const bool there = std::any_of(all.begin(), all.end(), same);
        if (there) return;
        CardDoubt one = d;
        one.probability = chance_of([&](const CardGuess& c) {
            return (c.wrong && same(*c.wrong)) || std::any_of(c.unsaid.begin(), c.unsaid.end(), same);
        });
        one.in_force = one.probability > in_force;
        one.sure = one.probability > sure;
        all.push_back(one);
    };
    for (const Story& s : stories_) {
        if (cards_[s.card].wrong) consider(*cards_[s.card].wrong);
        for (const CardDoubt& d : cards_[s.card].unsaid) consider(d);
    }
    return all;
}

void Doubting::doubt_card() {
    out_.side_shown = sides_shown(job_.rounds.back().car, turned_, cards_, [&](std::size_t c) {
        double now = 0.0;
        for (std::size_t i = 0; i < stories_.size(); ++i) now += stories_[i].card == c ? weight_[i] : 0.0;
        return now / std::exp(cards_[c].log_prior);
    });
    // Turned the wrong way, or a rod on the other side of the axle: alike after a pass, and opposite in what
    // to do. Eyes settle it.
    double wrong_way = 0.0;
    for (std::size_t i = 0; i < stories_.size(); ++i) {
        const auto& what = guesses_.back()[stories_[i].guesses.back()].what;
        if (what == OtherTurn::wrong_way || what == OtherTurn::all_wrong_way || what == OtherTurn::other_side)
            wrong_way += weight_[i];
    }
    const double worth_a_look = wrong_way > doubtful ? 0.2 * doubtful : doubtful;
    for (const CardDoubt& d : considered()) {
        // A side that nobody said is taken for certain, or looked at; a thread's hand is always looked at.
        if (d.field != "thread" && d.probability > (d.unsaid ? sure : in_force)) {
            out_.card.push_back(d);
        } else if (d.probability > worth_a_look && is_seen(d.field) &&
                   (!out_.look || d.probability > out_.look->probability)) {
            out_.look = d;
        }
    }
    // A side that is reckoned with has been shown.
    for (const CardDoubt& d : out_.card)
        if (d.field == "rod" && d.sure)
            for (const std::string& id : d.adjusters)
                if (std::find(out_.side_shown.begin(), out_.side_shown.end(), id) == out_.side_shown.end())
                    out_.side_shown.push_back(id);
    // What both of two unsaid sides is possible is asked about as such.
    if (out_.look && std::any_of(out_.card.begin(), out_.card.end(), [&](const CardDoubt& d) {
            return d.field == "rod" && d.adjusters == out_.look->adjusters;
        }))
        out_.look.reset();
}

/// A figure that may be wrong is neither right nor another: the next turn is of all that it may be, by their
/// weights, so that one that seems to do more than was thought is not asked for as much as if it did not.
void Doubting::open_responses() {
    for (std::size_t place = 0; place < car_.adjusters.size(); ++place) {
        const std::string& id = car_.adjusters[place].id;
        double doubted = 0.0, mean = 0.0, square = 0.0;
        for (std::size_t i = 0; i < stories_.size(); ++i) {
            const CardGuess& card = cards_[stories_[i].card];
            const auto does = card.does.find(static_cast<int>(place));
            const auto factor = card.factor.find(static_cast<int>(place));
            double times = 1.0, spread = 0.0;
            if (does != card.does.end()) times = does->second, spread = does_sigma;
            // Which way it goes is another question.
            if (factor != card.factor.end()) times *= std::abs(factor->second);
            if (times != 1.0) doubted += weight_[i];
            mean += weight_[i] * times;
            square += weight_[i] * times * times * (1.0 + spread * spread);
        }
        const bool reckoned_with = std::any_of(out_.card.begin(), out_.card.end(), [&](const CardDoubt& d) {
            return d.in_force && (d.field == "response" || d.field == "double_ended") &&
                   std::find(d.adjusters.begin(), d.adjusters.end(), id) != d.adjusters.end();
        });
        if (doubted <= doubtful || reckoned_with) continue;
        // Those that are alike are in the same doubt.
        const auto alike = std::find_if(out_.open.begin(), out_.open.end(), [&](const CardDoubt& d) {
            const auto first = static_cast<std::size_t>(car_.place_of(d.adjusters.front()));
            return d.times == mean && made_alike(car_.adjusters[first], car_.adjusters[place]);
        });
        if (alike != out_.open.end()) {
            alike->adjusters.push_back(id);
            continue;
        }
        CardDoubt d;
        d.adjusters = {id};
        d.field = "response";
        d.times = mean;
        d.sigma = std::sqrt(std::max(square - mean * mean, 0.0)) / mean;
        d.probability = doubted;
        out_.open.push_back(d);
    }
}

/// Until somebody has looked, what its turns did is not reckoned with.
void Doubting::look_first() {
    for (const TurnPass& pass : passes_)
        if (std::any_of(pass.entries.begin(), pass.entries.end(), [&](std::size_t i) {
                const auto& about = out_.look->adjusters;
                return std::find(about.begin(), about.end(), std::get<Turn>((*job_.log)[i].event).adjuster) !=
                       about.end();
            }))
            out_.freed.insert(out_.freed.end(), pass.entries.begin(), pass.entries.end());
}

/// Where it shows most: of all angles that these levers move, first those they are there for.
void Doubting::show_where(std::size_t k, const Guess& guess, TurnDoubt& d) const {
    const Amounts written =
        Evidence::with_card(passes_[k], passes_[k].written, cards_[stories_.front().card]);
    std::pair<bool, double> most(false, -1.0);
    for (std::size_t i = 0; i < evidence_->rows().size(); ++i) {
        const MeasuredChange& row = evidence_->rows()[i];
        if (row.pass != k) continue;
        const double expected = evidence_->expected(i, passes_[k], written), happened = evidence_->change(i);
        for (std::size_t h : guess.levers) {
            const Lever& l = passes_[k].levers[h];
            for (const MeasuredChange::Part& part : row.of) {
                const bool its = std::any_of(l.pulls.begin(), l.pulls.end(), [&](const Lever::Pull& pull) {
                    return pull.wheel == part.wheel && pull.angle == part.angle;
                });
                const std::pair off((l.serves & (bit_of(part.angle))) != 0, std::abs(happened - expected));
                if (!its || off <= most) continue;
                most = off;
                d.adjuster = l.id();
                d.wheel = part.wheel;
                d.angle = part.angle;
                d.expected = Angle::from_rad(expected);
                d.happened = Angle::from_rad(happened);
            }
        }
    }
}

/// Written over with what was done: each entry of the pass has its share, those of other adjusters none.
void Doubting::write_over(std::size_t k, const Guess& guess, const TurnDoubt& d) {
    std::vector<std::pair<std::string, std::array<double, 2>>> done;
    for (std::size_t h = 0; h < levers_.size(); ++h) {
        if (guess.amounts[h] == 0.0) continue;
        auto it = std::find_if(done.begin(), done.end(),
                               [&](const auto& one) { return one.first == levers_[h].id(); });
        if (it == done.end()) it = done.insert(done.end(), {levers_[h].id(), {0.0, 0.0}});
        it->second[static_cast<std::size_t>(levers_[h].which)] = guess.amounts[h];
    }
    for (std::size_t i : passes_[k].entries) {
        const Turn& t = std::get<Turn>((*job_.log)[i].event);
        auto own =
            std::find_if(done.begin(), done.end(), [&](const auto& one) { return one.first == t.adjuster; });
        if (own == done.end() && !done.empty() && d.what == OtherTurn::other_side) own = done.begin();
        if (own == done.end()) {
            out_.instead[i] = {t.adjuster, 0.0, 0.0};
            continue;
        }
        out_.instead[i] = {own->first, own->second[0], own->second[1]};
        done.erase(own);
    }
}

/// Of each pass, what is likeliest to have been done in it.
void Doubting::doubt_passes() {
    for (std::size_t k = 0; k < passes_.size(); ++k) {
        std::vector<double> chance(guesses_[k].size(), 0.0);
        for (std::size_t i = 0; i < stories_.size(); ++i) chance[stories_[i].guesses[k]] += weight_[i];
        if (chance[0] >= in_force) continue;
        const auto best =
            static_cast<std::size_t>(std::max_element(chance.begin() + 1, chance.end()) - chance.begin());
        const Guess& guess = guesses_[k][best];
        TurnDoubt d;
        d.turns = passes_[k].entries;
        d.what = *guess.what;
        d.probability = chance[best];
        const bool its_amounts = d.what != OtherTurn::steering_moved && d.what != OtherTurn::misread &&
                                 d.what != OtherTurn::unexplained;
        d.in_force = chance[best] > in_force && its_amounts;
        show_where(k, guess, d);
        if (d.adjuster.empty() && !guess.levers.empty()) d.adjuster = passes_[k].levers[guess.levers[0]].id();
        if (d.what == OtherTurn::unexplained && d.probability > 0.5) ++out_.unexplained;
        out_.doubts.push_back(d);
        if (!d.in_force) {
            // A reading that lies is no reason to leave out_ the turn.
            if (d.what != OtherTurn::misread || d.probability < in_force)
                out_.freed.insert(out_.freed.end(), passes_[k].entries.begin(), passes_[k].entries.end());
            continue;
        }
        write_over(k, guess, d);
    }
    out_.probing = out_.unexplained >= 2;
}

/// A card that is wrong in all that it says looks as a hand that went the wrong way in all: only what went as
/// the card says more often than not has shown where it lies.
void Doubting::leave_open_what_only_a_hand_explains() {
    for (const auto& [id, wrong] : turned_wrong_way(job_, out_)) {
        const auto turned =
            std::count_if(passes_.begin(), passes_.end(), [&, &one = id](const TurnPass& pass) {
                return std::any_of(pass.entries.begin(), pass.entries.end(), [&](std::size_t i) {
                    return std::get<Turn>((*job_.log)[i].event).adjuster == one;
                });
            });
        if (2 * wrong >= turned) std::erase(out_.side_shown, id);
    }
}

/// Once is a slip; what goes the other way a second time is not turned by the card again before somebody has
/// looked: more than one thing of it may be wrong.
void Doubting::look_at_what_goes_wrong_again() {
    const CarCard& car = job_.rounds.back().car;
    for (const auto& [id, n] : turned_wrong_way(job_, out_)) {
        const int place = car.place_of(id);
        if (n < 2 || place < 0) continue;
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
        std::vector<std::string_view> fields(built_in.begin(), built_in.end());
        std::erase_if(fields, [&](std::string_view f) { return !hangs_on(a, f, car); });
        if (has_side(a)) fields.insert(fields.begin(), "rod");
        for (std::string_view field : fields) {
            if (car.looked_at(id, field)) continue;
            CardDoubt d;
            d.adjusters = {id};
            d.field = field;
            d.probability = 0.5;
            out_.look = d;
            return look_first();
        }
    }
}

void Doubting::run() {
    if (!gather_passes()) return;
    std::vector<MeasuredChange> rows = measured_changes();
    if (rows.empty()) return;
    evidence_.emplace(p_, passes_, std::move(rows), car_.no_springs);
    for (std::size_t k = 0; k < passes_.size(); ++k)
        guesses_.push_back(guesses_of(passes_[k], k, evidence_->rows()));
    for (const TurnPass& pass : passes_)
        for (std::size_t h = 0; h < levers_.size(); ++h)
            if (pass.written[h] != 0.0) turned_.insert(levers_[h].place);
    cards_ = card_guesses(job_.rounds.back().car, turned_);
    evidence_->reckon_with(cards_, car_);
    if (fits_as_written()) return;
    tell_stories();
    doubt_card();
    open_responses();
    if (out_.look) look_first();
    doubt_passes();
    leave_open_what_only_a_hand_explains();
    if (!out_.look) look_at_what_goes_wrong_again();
}

}  // namespace

std::string_view name_of(OtherTurn t) {
    return names[static_cast<std::size_t>(t)];
}

const TurnDoubt* Belief::last() const {
    return !doubts.empty() && doubts.back().turns.back() == last_turn ? &doubts.back() : nullptr;
}

Belief believe(const Job& job) {
    Belief out;
    if (job.rounds.empty()) return out;
    const CarCard car = assumed(job.rounds.back().car);
    auto entries = measured_passes(job, car);
    if (entries.size() > most_passes_doubted)
        entries.erase(entries.begin(), entries.end() - static_cast<std::ptrdiff_t>(most_passes_doubted));
    if (entries.empty()) return out;
    out.last_turn = entries.back().back();
    Job reckoned = job;
    reckoned.car = car;
    for (Round& r : reckoned.rounds) r.car = assumed(r.car);
    EstimateOptions o;
    o.as_of_now = true;
    o.posterior_only = true;
    for (const auto& pass : entries) o.doubted_turns.insert(o.doubted_turns.end(), pass.begin(), pass.end());
    const Estimate e = estimate(reckoned, o);
    if (!e.posterior || !e.converged) return out;
    Doubting(job, car, *e.posterior, entries, out).run();
    return out;
}

Job believed(const Job& job, const Belief& belief, std::shared_ptr<const std::vector<Entry>>& log) {
    Job out = job;
    if (!belief.instead.empty()) {
        auto entries = std::make_shared<std::vector<Entry>>(*job.log);
        for (const auto& [i, instead] : belief.instead) {
            Turn& t = std::get<Turn>((*entries)[i].event);
            t.adjuster = instead.adjuster;
            t.turns = instead.turns;
            t.second = instead.second;
        }
        out.log = entries.get();
        log = std::move(entries);
    }
    const auto responds = [](Adjuster& a, double times, double sigma) {
        if (!is_rod(a)) {
            a.does = times;
            return;
        }
        const ArmPrior by_card = arm_prior(a);
        a.arm = by_card.mean / times;
        a.arm_sigma = *a.arm * std::hypot(sigma, by_card.sigma / by_card.mean);
    };
    const auto correct = [&](CarCard& car) {
        for (const CardDoubt& d : belief.open)
            for (const std::string& id : d.adjusters)
                if (const int place = car.place_of(id); place >= 0)
                    responds(car.adjusters[static_cast<std::size_t>(place)], d.times, d.sigma);
        for (const CardDoubt& d : belief.card) {
            if (!d.in_force) continue;
            for (const std::string& id : d.adjusters) {
                const int place = car.place_of(id);
                if (place < 0) continue;
                Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
                if (d.field == "response") {
                    responds(a, d.times, does_sigma);
                } else if (is_rod(a) || d.field != "double_ended") {
                    say_of(a, d.field, d.value);
                }
            }
        }
    };
    correct(out.car);
    for (Round& r : out.rounds) correct(r.car);
    return out;
}

std::map<std::string, int> turned_wrong_way(const Job& job, const Belief& belief) {
    std::map<std::string, int> times;
    for (const TurnDoubt& d : belief.doubts) {
        if (!d.in_force || (d.what != OtherTurn::wrong_way && d.what != OtherTurn::all_wrong_way)) continue;
        std::set<std::string> turned;
        for (std::size_t i : d.turns) turned.insert(std::get<Turn>((*job.log)[i].event).adjuster);
        for (const std::string& id : turned) ++times[id];
    }
    return times;
}

std::optional<TurnDoubt> turn_doubt(const Job& job) {
    const Belief b = believe(job);
    const TurnDoubt* last = b.last();
    return last ? std::optional(*last) : std::nullopt;
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/guesses.h"

#include <algorithm>
#include <cmath>
#include <string_view>

namespace fairchalk {
namespace {

/// Prior odds of a pass, and of the card.
constexpr double as_written = 0.95, a_slip = 0.04, no_name = 0.01, card_right = 0.98, card_wrong = 0.02;

/// The like of a lever on the other side of its axle, or -1.
int twin_of(const std::vector<Lever>& levers, const Lever& l) {
    for (std::size_t i = 0; i < levers.size(); ++i) {
        const Lever& o = levers[i];
        if (o.place != l.place && o.which == l.which && o.kind == l.kind &&
            index_of(o.wheel) == (index_of(l.wheel) ^ 1))
            return static_cast<int>(i);
    }
    return -1;
}

/// The hypotheses of a card, as they are put together.
class CardGuesses {
  public:
    CardGuesses(const CarCard& car, const std::set<int>& turned);
    std::vector<CardGuess> all();

  private:
    using Group = std::vector<int>;  ///< places of adjusters that are alike
    std::vector<std::string> ids(const Group& places) const;
    void either_way(const Group& g);
    void suppose(const Group& places, const char* field, const std::string& value, double factor,
                 double prior);
    void wrong_of(const Group& g);
    void other_response(const Group& alike);
    void other_word(const Group& alike);

    const CarCard& car_;
    const std::set<int>& turned_;
    std::vector<Group> groups_;
    std::vector<CardGuess> out_, wrong_;
};

CardGuesses::CardGuesses(const CarCard& car, const std::set<int>& turned)
    : car_(car), turned_(turned), out_(1) {
    // Adjusters of one axle that are alike are alike: what turning the one shows holds for both.
    for (int place = 0; place < static_cast<int>(car.adjusters.size()); ++place) {
        const Adjuster& a = car.adjusters[static_cast<std::size_t>(place)];
        if (!has_side(a)) continue;
        const auto like = std::find_if(groups_.begin(), groups_.end(), [&](const std::vector<int>& g) {
            const Adjuster& b = car.adjusters[static_cast<std::size_t>(g.front())];
            return made_alike(a, b) && a.rod == b.rod;
        });
        if (like != groups_.end())
            like->push_back(place);
        else
            groups_.push_back({place});
    }
    std::erase_if(groups_, [&](const std::vector<int>& g) {
        return std::none_of(g.begin(), g.end(), [&](int p) { return turned.contains(p); });
    });
}

std::vector<std::string> CardGuesses::ids(const Group& places) const {
    std::vector<std::string> all;
    for (int p : places) all.push_back(car_.adjusters[static_cast<std::size_t>(p)].id);
    return all;
}

/// What the card does not say may be either way.
void CardGuesses::either_way(const Group& g) {
    if (car_.adjusters[static_cast<std::size_t>(g.front())].rod != RodSide::unknown) return;
    std::vector<CardGuess> both;
    for (const CardGuess& c : out_)
        for (bool ahead : {false, true}) {
            CardGuess one = c;
            one.log_prior += std::log(0.5);
            for (int p : g) {
                one.factor[p] = ahead ? -1.0 : 1.0;
                if (ahead) one.other_side.insert(p);
            }
            CardDoubt d;
            d.adjusters = ids(g);
            d.field = "rod";
            d.value = side_value(ahead);
            d.unsaid = true;
            one.unsaid.push_back(d);
            both.push_back(std::move(one));
        }
    if (both.size() <= 8) out_ = std::move(both);
}

/// One entry of it may be wrong.
void CardGuesses::suppose(const Group& places, const char* field, const std::string& value, double factor,
                          double prior) {
    for (const CardGuess& c : out_) {
        CardGuess one = c;
        for (int p : places) {
            one.factor.try_emplace(p, 1.0).first->second *= factor;
            if (std::string_view(field) == "rod" && !one.other_side.erase(p)) one.other_side.insert(p);
        }
        one.log_prior += std::log(prior);
        CardDoubt d;
        d.adjusters = ids(places);
        d.field = field;
        d.value = value;
        one.wrong = d;
        wrong_.push_back(std::move(one));
    }
}

void CardGuesses::wrong_of(const Group& g) {
    const auto usable = static_cast<double>(std::max<std::size_t>(groups_.size(), 1));
    const Adjuster& a = car_.adjusters[static_cast<std::size_t>(g.front())];
    const bool certain = std::any_of(g.begin(), g.end(), [&](int p) {
        return car_.looked_at(car_.adjusters[static_cast<std::size_t>(p)].id, "rod");
    });
    const RodSide side = a.rod;
    if (side != RodSide::unknown && !certain) {
        const std::string other = side_value(side == RodSide::behind_axle);
        suppose(g, "rod", other, -1.0, 0.6 * card_wrong / usable);
        if (g.size() > 1)
            for (int p : g) suppose({p}, "rod", other, -1.0, 0.1 * card_wrong / usable);
    }
    // A thread of the other hand: longer was shorter.
    std::vector<int> threads;
    for (int p : g) {
        const Adjuster& one = car_.adjusters[static_cast<std::size_t>(p)];
        if (one.thread != Thread::unknown && one.thread == a.thread && !car_.looked_at(one.id, "thread"))
            threads.push_back(p);
    }
    if (!threads.empty()) {
        const char* other = a.thread == Thread::right ? "left" : "right";
        suppose(threads, "thread", other, -1.0, 0.1 * card_wrong / usable);
        if (threads.size() > 1)
            for (int p : threads) suppose({p}, "thread", other, -1.0, 0.05 * card_wrong / usable);
    }
    if (is_rod(a))
        suppose(g, "double_ended", a.double_ended ? "false" : "true", a.double_ended ? 0.5 : 2.0,
                0.2 * card_wrong / usable);
}

/// What a turn does may be anything from a tenth of it to ten times as much.
void CardGuesses::other_response(const Group& alike) {
    for (double times : {0.1, 0.2, 0.4, 2.5, 5.0, 10.0}) {
        const std::size_t first = wrong_.size();
        suppose(alike, "response", std::to_string(times), 1.0,
                0.2 * card_wrong / (6.0 * static_cast<double>(turned_.size())));
        for (std::size_t i = first; i < wrong_.size(); ++i) {
            for (int p : alike) wrong_[i].does[p] = times;
            wrong_[i].wrong->times = times;
        }
    }
}

/// At the other arm, its body end on the other side of the axle, pushing the other way: all that it does is
/// turned round, near enough to be told from what the card says.
void CardGuesses::other_word(const Group& alike) {
    const Adjuster& a = car_.adjusters[static_cast<std::size_t>(alike.front())];
    for (const char* field : built_in) {
        if (!hangs_on(a, field, car_)) continue;
        const std::vector<std::string_view> words = words_of(a, field);
        const std::string said = said_of(a, field);
        Group same;
        for (int p : alike) {
            const Adjuster& one = car_.adjusters[static_cast<std::size_t>(p)];
            if (said_of(one, field) == said && !car_.looked_at(one.id, field)) same.push_back(p);
        }
        if (std::none_of(same.begin(), same.end(), [&](int p) { return turned_.contains(p); })) continue;
        suppose(same, field, std::string(said == words[0] ? words[1] : words[0]), -1.0,
                0.6 * card_wrong / static_cast<double>(turned_.size()));
    }
}

std::vector<CardGuess> CardGuesses::all() {
    for (const Group& g : groups_) either_way(g);
    for (const Group& g : groups_) wrong_of(g);
    std::set<int> grouped;
    for (int place : turned_) {
        if (grouped.contains(place)) continue;
        Group alike;
        for (int other = 0; other < static_cast<int>(car_.adjusters.size()); ++other)
            if (made_alike(car_.adjusters[static_cast<std::size_t>(place)],
                           car_.adjusters[static_cast<std::size_t>(other)]))
                alike.push_back(other);
        grouped.insert(alike.begin(), alike.end());
        other_response(alike);
        other_word(alike);
    }
    for (CardGuess& c : out_) c.log_prior += std::log(card_right);
    out_.insert(out_.end(), wrong_.begin(), wrong_.end());
    return std::move(out_);
}

}  // namespace

std::vector<Guess> guesses_of(const TurnPass& pass, std::size_t number,
                              const std::vector<MeasuredChange>& rows) {
    const std::vector<Lever>& levers = pass.levers;
    const Amounts& written = pass.written;
    std::vector<Guess> out;
    out.push_back({std::nullopt, {}, written, std::log(as_written), -1});
    const auto add = [&](OtherTurn what, std::vector<std::size_t> which, Amounts amounts) {
        const bool there = std::any_of(out.begin(), out.end(), [&](const Guess& g) {
            return g.what != OtherTurn::misread && g.amounts == amounts;
        });
        if (!there) out.push_back({what, std::move(which), std::move(amounts), 0.0, -1});
    };
    const auto scaled = [&](const std::vector<std::size_t>& which, OtherTurn what, double factor) {
        Amounts amounts = written;
        for (std::size_t h : which) amounts[h] *= factor;
        add(what, which, std::move(amounts));
    };
    const auto misjudged = [&](const std::vector<std::size_t>& which) {
        scaled(which, OtherTurn::wrong_way, -1.0);
        scaled(which, OtherTurn::nothing, 0.0);
        scaled(which, OtherTurn::twice, 2.0);
        scaled(which, OtherTurn::half, 0.5);
    };
    std::vector<std::size_t> turned;
    for (std::size_t h = 0; h < levers.size(); ++h)
        if (written[h] != 0.0) turned.push_back(h);
    for (std::size_t h : turned) misjudged({h});
    for (std::size_t h = 0; h + 1 < levers.size(); ++h) {
        if (levers[h + 1].place != levers[h].place) continue;
        if (written[h] != 0.0 && written[h + 1] != 0.0) misjudged({h, h + 1});
        Amounts swapped = written;
        std::swap(swapped[h], swapped[h + 1]);
        add(OtherTurn::other_handle, {h, h + 1}, std::move(swapped));
    }
    // All handles of an adjuster for those of its twin.
    for (std::size_t h : turned) {
        Amounts other = written;
        bool whole = true;
        for (std::size_t k = 0; k < levers.size(); ++k) {
            if (levers[k].place != levers[h].place) continue;
            const int twin = twin_of(levers, levers[k]);
            whole = whole && twin >= 0;
            if (twin >= 0) std::swap(other[k], other[static_cast<std::size_t>(twin)]);
        }
        if (whole) add(OtherTurn::other_side, {h}, std::move(other));
    }
    if (turned.size() > 1) {
        scaled(turned, OtherTurn::all_wrong_way, -1.0);
        scaled(turned, OtherTurn::nothing, 0.0);
    }
    // A steer can stand in for anything on one wheel: only where both fronts' toes were read.
    std::set<Wheel> fronts;
    for (std::size_t i = 0; i < rows.size(); ++i) {
        if (rows[i].pass != number) continue;
        if (rows[i].of.size() == 1 && rows[i].of.front().angle == WheelAngle::toe &&
            axle_of(rows[i].of.front().wheel) == Axle::front)
            fronts.insert(rows[i].of.front().wheel);
        std::vector<std::size_t> about;
        for (std::size_t h : turned)
            for (const Lever::Pull& pull : levers[h].pulls)
                if (pull.wheel == rows[i].of.front().wheel && pull.angle == rows[i].of.front().angle &&
                    std::find(about.begin(), about.end(), h) == about.end())
                    about.push_back(h);
        out.push_back(
            {OtherTurn::misread, about.empty() ? turned : about, written, 0.0, static_cast<int>(i)});
    }
    std::vector<std::size_t> steered;
    for (std::size_t h : turned)
        if (axle_of(levers[h].wheel) == Axle::front) steered.push_back(h);
    if (fronts.size() > 1 && !steered.empty())
        out.push_back({OtherTurn::steering_moved, steered, written, 0.0, -1});
    for (std::size_t i = 1; i < out.size(); ++i)
        out[i].log_prior = std::log(a_slip / static_cast<double>(out.size() - 1));
    out.push_back({OtherTurn::unexplained, turned, written, std::log(no_name), -1});
    return out;
}

bool hangs_on(const Adjuster& a, std::string_view field, const CarCard& car) {
    const AdjusterKind* kind = adjuster_kind(a.kind);
    if (!kind) return false;
    for (const DeviceField& f : kind->fields()) {
        const auto* either = std::get_if<DeviceField::Either>(&f.what);
        if (!either || f.key != field || a.*either->in == Told::unknown) continue;
        Adjuster silent = a;
        silent.*either->in = Told::unknown;
        const auto unsaid = unsaid_of(silent, car);
        return unsaid && unsaid->field == field;
    }
    return false;
}

std::string side_value(bool ahead) {
    return ahead ? "ahead-of-axle" : "behind-axle";
}

std::vector<CardGuess> card_guesses(const CarCard& car, const std::set<int>& turned) {
    return CardGuesses(car, turned).all();
}

CarCard assumed(CarCard car) {
    for (Adjuster& a : car.adjusters)
        if (has_side(a) && a.rod == RodSide::unknown) (a.rod = RodSide::behind_axle);
    return car;
}

}  // namespace fairchalk

// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/advice/evening.h"
#include "core/advice/plan.h"
#include "core/advice/procedure.h"
#include "core/advice/until.h"
#include "core/job/rig.h"
#include "core/job/staleness.h"
#include "core/judge/drive.h"
#include "core/judge/slip.h"
#include "core/judge/turn_doubt.h"
#include "words/texts.h"

namespace fairchalk::words {

/// What people know, with all that is said of it in the user's language; typed words of both.
Knowledge in_language(Knowledge knowledge);

/// One sentence for a message of the core. Never more than one line.
std::string sentence(const Message& message);
/// The same of a car: its adjusters by their names, not by what the job file calls them.
std::string sentence(const Message& message, const CarCard& car);

/// The source text of a code, for tests and translators.
const char* source_text(Code code);

/// What was typed, as it is kept in English, in the user's language: `99,5 mm reichlich`.
std::string as_typed(const Quantity& kept);
/// A reading as it was understood: what was typed, and where a gap or a gauge shows no sign, which way the
/// top leans: `1/4 in, top out`.
std::string as_read(const Reading& reading);
/// The same of what a card aims at: `0°08' Vorspur ±0°15', je Rad`.
std::string target_as_typed(const std::string& kept);
/// A typed or shown value as one says it: "two and nine sixteenths inches strong".
std::string spoken(const std::string& value);
/// What was kept, as it was understood: "two and nine sixteenths inches, kept; left front, front lip".
std::string said_kept(const Reading& reading);

std::string wheel(Wheel w);       ///< left front
std::string axle(Axle a);         ///< front axle
std::string spot(const Spot& s);  ///< left front, back lip
std::string spot_short(const Spot& s);
/// One sentence: how the reading at this spot is taken.
std::string how_to_read(const Spot& s);
std::string reference(Reference r);                        ///< the car's centerline
std::string size(std::string_view field);                  ///< of RigSizes: slot to slot of a toe board
std::string tool(std::string_view name);                   ///< rule in mm
std::string measure(const CarAngle& a);                    ///< left front, toe
std::string measure_of(const CarAngle& a);                 ///< left front toe
std::string to_begin(std::string s);                       ///< with a capital
std::string way(bool longer);                              ///< longer, shorter
std::string amount_in_words(double turns);                 ///< three quarters of a turn
std::string flats(double turns);                           ///< 4 1/2 flats
std::string thrust(const KnownAngle& a, const Show& how);  ///< 0°05' to the right
/// As one says it: toe and thrust with their words, the rest with a sign.
std::string value_of(Measure m, Angle a, const Show& how = {});
/// `0°08' in ±3'`, or "not known".
std::string known(Measure m, const KnownAngle& a, const Show& how = {});
std::string call(Call c);  ///< inside, outside, too close to call
/// "it is an inch off": what a suspect would have to be for the readings to fit.
std::string slip(Slip s);
std::string stage(Stage s);
std::string happening(Happening h);     ///< jacked, strings moved
std::string check_state(CheckState s);  ///< good, failed
std::string part_state(PartState s);    ///< loosened, taken off
std::string suspension(Suspension s);
std::string wheel_off(Angle off, const Show& how);  ///< 6°00' to the left
std::string chance(double p);                       ///< 3 in 4
/// Why this way, for this car: "The rod runs behind the axle: longer pushes the back of the wheel out, so it
/// toes in."
std::string why_this_way(const Adjuster& r, bool longer);
/// How to rotate what turns on its thread; empty for all else. Where the thread's hand is not known, of a rod
/// how to find out, else nothing.
std::string how_to_rotate(const Adjuster& d, bool longer);
/// "Left tie rod: 7/8 turn longer"
std::string turn_line(const Adjuster& a, double first, double second = 0.0, const Show& how = {});
std::string turn_line(const CarCard& car, const PlannedTurn& turn, const Show& how = {});

/// "Left tie rod: should have toed in 0°29', and toed out 0°28'. It would fit if it was turned the other
/// way."
/// What the card says and seems not to be so, or does not say and seems to be so.
std::string card_doubt(const CardDoubt& doubt, const CarCard& car);
/// Of one that is in doubt still (`Belief::open`).
std::string open_doubt(const CardDoubt& doubt, const CarCard& car);
/// What an untargeted angle does all the same.
std::string moved_along(const MovedAlong& m, const Show& how = {});
/// By how far the plan moves a steering wheel that nothing read tells of; empty where that is known, or
/// hardly shows.
std::string wheel_moved_along(const Plan& plan, const CarCard& car);
/// What to look at under the car.
std::string look(const Look& look, const CarCard& car);
/// Where it ends short, and why; what would settle it.
std::string as_far_as(const AsFarAs& far, const CarCard& car);
/// What somebody could look at or say of the wheels, so that an angle can be called.
std::string facts_that_settle(const std::vector<WheelFact>& facts);
/// The ± that is said of it: 95 %, in whole divisions, never surer than the tool can show.
double sure_to(const Until& u);
/// `1/8 turn moves it 0.3 mm`
std::string one_step(const Until& u, const CarCard& car);
/// `left front, front lip: stop at 4 9/64 in ±1/64 in. Now 4 3/64 in. 1/8 turn moves it 1/64 in.`
std::string until(const Until& u, const CarCard& car);
/// "Another 1/4 turn longer, until it shows about 4 9/64 in; shaken, 4 5/32 in."; empty where the plan has
/// the word.
std::string watch(const Watch& w, const CarCard& car, const Show& how = {});
/// What a tire holds back, as the tool shows it: 0.4 mm, 0.1°.
std::string held_back(double most, QuantityKind kind);
std::string why_test_turn();
std::string turn_doubt(const TurnDoubt& doubt, const CarCard& car, const Show& how = {});

/// "Left front camber: the shims do not reach so far. The nearest is -1°12' ±0°06'. For it, left front caster
/// comes to 3°50' instead of 4°10'."
std::string unreachable(const Unreachable& what, const CarCard& car, const Show& how = {});

/// "By the angles the steering wheel sits 5°12' to the right ±2°10' on a straight road."
std::string wheel_expected(const KnownAngle& wheel, const Show& how = {});
/// What the angles say of a drive, sentence by sentence; empty where it was only noted.
std::vector<std::string> drive(const DriveSays& drive, const Show& how = {});
/// Whether turns may be left unread: "Good enough without reading (all inside: 19 in 20)." or which
/// angle is not, and its ±.
std::string without_reading(const Plan& plan, const Show& how = {});

/// "The other 5 spots can wait: …"
std::string can_wait(int spots);
std::string minutes(double m);      ///< about 25 min
std::string car_state(CarState s);  ///< wheels up, on the ground, under the lines
/// One line of what is left of an evening; and what it takes: tools, wrenches, things, a second person.
std::string evening_step(const EveningStep& s, const CarCard& car, const Knowledge& knowledge);
std::string evening_detail(const EveningStep& s, const CarCard& car, const Knowledge& knowledge);

std::string adjuster(const Adjuster& d);       ///< Left front upper-arm shims, Left tie rod
std::string adjuster_noun(const Adjuster& d);  ///< upper-arm shims
std::string seen_from(const Adjuster& d);      ///< from where it is drawn
/// By its name on the card; as it is where the card has no such one.
std::string adjuster(const CarCard& car, const std::string& id);
/// What the card has for its nut, as written there: under its own name, or, of a steering rod, as the tie rod
/// locknut in whatever language.
std::optional<std::string> torque(const CarCard& car, const Adjuster& d);
/// The part under which such a torque goes onto the card: one locknut for both steering rods.
std::string nut_on_card(const Adjuster& d);
std::string thickness(Length l, const Show& how = {});                 ///< 0.25 mm
std::string amount(double by, HandleUnit unit, const Show& how = {});  ///< without its sign: 1.5 mm, 15°
/// "add 1.5 mm at the front bolt, take out 0.5 mm at the rear bolt"
std::string device_amounts(const Adjuster& d, double first, double second, const Show& how = {});
std::string handle_name(const Adjuster& d, int handle);  ///< front bolt; empty where there is one
/// Why something is turned though nothing it sets is called outside.
std::string at_edge(const PlannedTurn& turn);
std::string loosen(const Adjuster& d);  ///< what comes loose first
/// `toe 0°04' in ±0°02'`; empty where it does not stand out of its own doubt.
std::string lock_shift(const LockShift& l, const Show& how = {});
std::string locking(const Adjuster& d);                      ///< what holds it again
std::string caution(const Adjuster& d, const CarCard& car);  ///< or nothing
std::string wrenches(const Adjuster& a);                     ///< that fit it; or nothing
std::string count_turns();                                   ///< how turns are kept count of
/// The shims of a turn, a line for each way they go: "tin → front bolt: 2 of 0.5 mm, 1 mm"
std::vector<std::string> shim_moves(const PlannedTurn& turn, const CarCard& car, const Show& how = {});

}  // namespace fairchalk::words

#include "support/faulty_drums.h"

#include "core/acoustics/pitches.h"
#include "core/procedure/head_work.h"
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "core/units/median.h"
#include "support/drums.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <numeric>
#include <stdexcept>

namespace bombo::testing {
namespace {

double over(double value, double from) {
    return std::max(0.0, value - from);
}

/// Tensions in N/m that the tone asks for.
constexpr double kBatterWanted = 3000;
constexpr double kSnareWanted = 1900;

} // namespace

FaultyDrum::FaultyDrum(const std::string& planted, std::uint64_t seed) : cause(planted), drum(plover()) {
    Dice dice(seed);
    const std::array<int, 3> rods{6, 8, 10};
    drum.rods = rods.at(static_cast<std::size_t>(dice.uniform(0, 3)));
    drum.shell.diameter = inches(dice.uniform(12.0, 14.0));
    nature = drawNature(drum, seed * 7919 + 11);
    // What nobody would complain of.
    ails.snareTension = std::exp(0.1 * dice.normal());
    ails.batterTension = std::exp(0.1 * dice.normal());
    ails.hours = std::exp(std::log(30.0) + 0.9 * dice.normal());
    ails.dish = 0.1 + 0.004 * ails.hours * std::exp(0.3 * dice.normal());
    ails.days = 5 + ails.hours * dice.uniform(1, 5);
    const double from = nature.rattle.value;
    const double to = chokeOf(nature, StrokePlace::Edge, Dynamic::Whisper).value;
    ails.knob = dice.uniform(from + 0.15 * (to - from), from + 0.85 * (to - from));
    ails.plateAside = std::abs(1.5 * dice.normal());
    ails.plateUp = std::abs(0.25 * dice.normal());
    ails.stretch = std::abs(0.12 * dice.normal());
    ails.clamped = 1.0 * dice.normal();
    ails.rodDrag = std::abs(0.05 * dice.normal());
    ails.rodBow = std::abs(0.1 * dice.normal());
    ails.hoopOut = std::abs(0.25 * dice.normal());
    ails.headAside = std::abs(0.5 * dice.normal());
    ails.grit = std::abs(0.04 * dice.normal());
    ails.lostTurns = std::abs(0.06 * dice.normal());
    ails.colder = std::abs(2.5 * dice.normal());
    ails.apart = dice.uniform(90, 400);
    ails.neighbourRings = dice.uniform(0.4, 0.9);
    ails.play = std::abs(0.08 * dice.normal());
    ails.strokeDb = dice.uniform(0.7, 2.2);
    ails.strokePlace = dice.uniform(0.02, 0.16);
    ails.padsTurned = std::abs(0.12 * dice.normal());
    ails.microphoneDb = std::abs(1.5 * dice.normal());
    ails.roomDb = std::abs(1.5 * dice.normal());
    ails.poor = std::abs(0.12 * dice.normal());
    ails.padTakes = std::abs(0.1 * dice.normal());
    double uneven = dice.uniform(3, 9);
    if (cause == "uneven")
        uneven = dice.uniform(22, 45);
    plant(dice);
    bringTo(HeadSide::Batter, kBatterWanted * ails.batterTension, uneven, dice);
    while (cause == "uneven" && complaint("wavers", ails) < 0.6) // what opposite rods hide is no complaint
        bringTo(HeadSide::Batter, kBatterWanted * ails.batterTension, uneven *= 1.1, dice);
    bringTo(HeadSide::SnareSide, kSnareWanted * ails.snareTension, dice.uniform(4, 12), dice);
    state.strainer = Turns{ails.knob};
}

void FaultyDrum::plant(Dice& dice) {
    const double much = dice.uniform(0.7, 1.5); // how bad it is
    const double to = chokeOf(nature, StrokePlace::Edge, Dynamic::Whisper).value;
    const std::map<std::string, std::function<void()>> plants{
        {"snare_side_slack", [&] { ails.snareTension = std::exp(-0.8 * much); }},
        {"batter_worn",
         [&] {
             ails.hours = 140 * much * dice.uniform(0.8, 1.5);
             ails.dish = 2.2 * much;
             ails.days = ails.hours * dice.uniform(1, 5);
         }},
        {"uneven", [] {}},
        {"tuned_low", [&] { ails.batterTension = std::exp(-0.7 * much); }},
        {"wires_tight", [&] { ails.knob = to + 0.7 * much; }},
        {"wires_loose", [&] { ails.knob = nature.rattle.value - 0.55 * much; }},
        {"wires_off_centre", [&] { ails.plateAside = 9 * much; }},
        {"plate_stands_up", [&] { ails.plateUp = 2.2 * much; }},
        {"strand_bent", [&] { ails.bent = 1 + static_cast<int>(1.5 * much); }},
        {"wires_stretched", [&] { ails.stretch = 1.3 * much; }},
        {"clamped_short", [&] { ails.clamped = -7 * much; }},
        {"clamped_long", [&] { ails.clamped = 8 * much; }},
        {"rod_rough", [&] { ails.rodDrag = 0.4 * much; }},
        {"rod_bent", [&] { ails.rodBow = 0.9 * much; }},
        {"hoop_bent", [&] { ails.hoopOut = 1.5 * much; }},
        {"head_off_centre", [&] { ails.headAside = 3 * much; }},
        {"dirt_under", [&] { ails.grit = 0.5 * much; }},
        {"settling",
         [&] {
             ails.hours = 3 * dice.uniform(0.2, 1);
             ails.days = dice.uniform(0.2, 1.8);
             ails.dish = 0.05;
         }},
        {"rods_back_off",
         [&] {
             ails.lostRods = 1 + static_cast<int>(1.8 * much);
             ails.lostTurns = 0.35 * much * ails.lostRods;
         }},
        {"weather", [&] { ails.colder = 11 * much; }},
        {"shared_pitch", [&] { ails.apart = 30 * dice.uniform(0, 1) / much; }},
        {"neighbour_rings", [&] { ails.neighbourRings = 1.5 + 0.7 * much; }},
        {"loose_fittings", [&] { ails.play = 0.6 * much; }},
        {"strokes_uneven", [&] { ails.strokeDb = 4.0 * much; }},
        {"struck_off_centre", [&] { ails.strokePlace = 0.3 + 0.15 * much; }},
        {"pad_angle", [&] { ails.padsTurned = 0.7 * much; }},
        {"microphone_close", [&] { ails.microphoneDb = 9 * much; }},
        {"room", [&] { ails.roomDb = 9 * much; }},
        {"drum_limits", [&] { ails.poor = 0.8 * much; }},
        {"over_muffled", [&] { ails.padTakes = 0.9 * much; }}};
    plants.at(cause)();
}

/// Turned until the head is as tight as that, unequal by so many cents (rms) and by what ails it.
void FaultyDrum::bringTo(HeadSide side, double tension, double uneven, Dice& dice) {
    HiddenHead& hidden = side == HeadSide::Batter ? nature.batter : nature.snareSide;
    std::vector<Turns>& turns = side == HeadSide::Batter ? state.batterTurns : state.snareSideTurns;
    const auto rods = static_cast<std::size_t>(drum.rods);
    turns.clear();
    std::vector<double> cents(rods);
    for (double& one : cents)
        one = dice.normal();
    const double mean = std::accumulate(cents.begin(), cents.end(), 0.0) / static_cast<double>(rods);
    double square = 0.0;
    for (double& one : cents) {
        one -= mean;
        square += one * one / static_cast<double>(rods);
    }
    const double toTurns = std::numbers::ln2 / 600.0 * tension / hidden.perTurn;
    for (std::size_t rod = 0; rod < rods; ++rod) {
        double turned = (tension - hidden.fingerTension) / hidden.perTurn;
        turned += cents[rod] * uneven / std::sqrt(square) * toTurns;
        turns.push_back(Turns{(turned - hidden.unevenTurns[rod]) / (1.0 - hidden.friction[rod])});
    }
    if (side != HeadSide::Batter)
        return;
    const std::size_t sick = static_cast<std::size_t>(dice.uniform(0, static_cast<double>(rods)));
    const double much = turns[sick].value;
    turns[sick].value -= 0.25 * ails.rodDrag * much + 0.12 * ails.rodBow;
    for (int i = 0; i < ails.lostRods; ++i)
        turns[(sick + 2 * static_cast<std::size_t>(i)) % rods].value -= ails.lostTurns / ails.lostRods;
    for (std::size_t rod = 0; rod < rods; ++rod) {
        const double angle = rodAngle(static_cast<int>(rod), drum.rods).value;
        turns[rod].value += 0.11 * ails.hoopOut * std::cos(2.0 * angle) +
                            0.035 * ails.headAside * std::cos(angle) +
                            (rod == (sick + 1) % rods ? 0.25 * ails.grit : 0.0);
    }
}

std::vector<double> FaultyDrum::rodCents() const {
    std::vector<double> cents;
    for (const Cents one : trueEdgeDeviation(nature, state, HeadSide::Batter))
        cents.push_back(one.value);
    return cents;
}

double FaultyDrum::choke(StrokePlace place) const {
    return chokeOf(nature, place, Dynamic::Whisper).value;
}
double FaultyDrum::rattle(const Ailments& as) const {
    return nature.rattle.value + 0.9 * over(-std::log(as.snareTension), 0.15);
}
/// Where the knob would have to stand, with sound wires clamped right, to pull as this does.
double FaultyDrum::pull(const Ailments& as) const {
    return as.knob - as.stretch - 0.2 * over(as.clamped, 1.5);
}

double FaultyDrum::complaint(const std::string& id, const Ailments& as, bool leverOff) const {
    const double slack = over(-std::log(as.snareTension), 0.15) / 0.6;
    const double low = over(-std::log(as.batterTension), 0.15) / 0.55;
    const double wear = over(as.dish, 0.7) / 1.5;
    const std::vector<double> rods = rodCents();
    double square = 0.0;
    for (const double one : rods)
        square += one * one / static_cast<double>(rods.size());
    const double uneven = over(std::sqrt(square), 7.0) / 18.0;
    const double wires = leverOff ? 0.0 : 1.0;
    const double loose = wires * over(rattle(as), pull(as)) / 0.5;
    const double choked = wires * over(pull(as), choke(StrokePlace::Edge)) / 0.6;
    const double aside = wires * over(as.plateAside, 3.0) / 6.0;
    const double up = wires * over(as.plateUp, 0.6) / 1.5;
    const double bent = wires * 0.5 * as.bent;
    const double stretched = over(as.stretch, 0.4) / 0.9;
    const double play = over(as.play, 0.2) / 0.4;
    const double place = over(as.strokePlace, 0.17) / 0.22;
    const double near = over(as.microphoneDb, 3.0) / 6.0;
    const double room = over(as.roomDb, 3.0) / 6.0;
    const double hands = over(as.strokeDb, 2.3) / 2.0;
    const double poor = over(as.poor, 0.25) / 0.5;
    const double muffled = over(as.padTakes, 0.3) / 0.5;
    const double turned = over(as.padsTurned, 0.3) / 0.4;
    if (id == "dull")
        return slack + 0.8 * wear + 0.5 * uneven + 0.5 * stretched * wires + 0.9 * poor + muffled +
               0.3 * low + 0.2 * room;
    if (id == "papery")
        return 1.1 * slack + 0.7 * wear + 0.5 * uneven + 0.6 * stretched * wires + 0.8 * poor + 0.3 * loose;
    if (id == "rings")
        return 0.6 * uneven + low + 0.7 * wear + place + 0.8 * near + 0.2 * turned + 0.2 * room;
    if (id == "wavers")
        return 1.1 * uneven + 0.3 * low + 0.3 * wear + 0.4 * place + 0.3 * near;
    if (id == "late_wires")
        return 0.9 * slack * wires + 0.5 * choked + 0.7 * loose + 0.9 * aside + up + 0.8 * bent;
    if (id == "no_soft_answer")
        return 0.8 * slack * wires + 0.8 * choked + 0.5 * loose + 0.6 * aside + 0.8 * up + 0.5 * bent;
    if (id == "tom_at_edge")
        return choked;
    if (id == "buzz_with_others")
        return wires * (1.4 * std::exp(-std::pow(as.apart / 50.0, 2)) + over(as.neighbourRings, 1.1) / 0.8 +
                        0.4 * slack) +
               0.4 * loose;
    if (id == "buzz_always")
        return loose + bent + 0.5 * up + 1.1 * play + 0.5 * slack * wires;
    if (id == "loose_at_full_travel")
        return 1.2 * over(as.clamped, 3.0) / 4.5 + 0.6 * stretched;
    if (id == "lever_will_not_close")
        return 1.4 * over(-as.clamped, 3.0) / 3.5 + 0.05 * play;
    if (id == "wrinkle")
        return over(as.hoopOut, 0.7) / 0.9 + over(as.headAside, 1.5) / 2.0 + over(as.grit, 0.15) / 0.3;
    if (id == "rod_tight_low")
        return 1.3 * over(as.rodDrag, 0.15) / 0.25 + 1.2 * over(as.rodBow, 0.35) / 0.5 +
               0.4 * over(as.hoopOut, 0.7) / 0.9 + 0.3 * poor;
    if (id == "out_of_tune")
        return (over(50.0 * std::exp(-as.hours / 4.0), 8.0) + 90.0 * over(as.lostTurns, 0.15) +
                over(3.2 * as.colder, 16.0) + 6.0 * over(as.dish, 0.7)) /
               22.0;
    if (id == "bad_in_microphone")
        return turned + 0.8 * near + room + 0.35 * hands + 0.2 * place;
    if (id == "never_same")
        return hands + 0.35 * place + 0.3 * play + 0.2 * over(as.lostTurns, 0.15) / 0.3;
    return 0.0;
}

std::string FaultyDrum::complains(Dice& dice) const {
    static const std::array<const char*, 16> all{"dull",
                                                 "papery",
                                                 "rings",
                                                 "wavers",
                                                 "late_wires",
                                                 "no_soft_answer",
                                                 "tom_at_edge",
                                                 "buzz_with_others",
                                                 "buzz_always",
                                                 "loose_at_full_travel",
                                                 "lever_will_not_close",
                                                 "wrinkle",
                                                 "rod_tight_low",
                                                 "out_of_tune",
                                                 "bad_in_microphone",
                                                 "never_same"};
    std::vector<double> loud;
    for (const char* id : all)
        loud.push_back(std::pow(complaint(id, ails), 3.0));
    double at = dice.uniform(0.0, std::accumulate(loud.begin(), loud.end(), 0.0));
    for (std::size_t i = 0; i < loud.size(); ++i)
        if ((at -= loud[i]) <= 0.0)
            return all.at(i);
    return all.back();
}

/// The quantity that a test shows, and from where on it is a little, or plainly, to be seen.
double FaultyDrum::finds(const std::string& test, const std::string& about, Dice& dice, double& low,
                         double& high) const {
    const double now = complaint(about, ails);
    /// Share of what is complained of that is gone when something is changed.
    const auto gone = [&](auto change, bool leverOff = false) {
        Ailments then = ails;
        change(then);
        low = 0.3;
        high = 0.7;
        return now > 0.0 ? 1.0 - complaint(about, then, leverOff) / now : 0.0;
    };
    const auto plain = [&](double value, double from, double plainly) {
        low = from;
        high = plainly;
        return value;
    };
    const auto strays = [&](double cents) {
        std::vector<double> rods = rodCents();
        for (double& one : rods)
            one += 5.0 * dice.normal();
        const double middle = medianOf(rods);
        return static_cast<double>(std::count_if(rods.begin(), rods.end(),
                                                 [&](double one) { return std::abs(one - middle) > cents; }));
    };
    if (test == "thumb_snare")
        return plain(1.0 / ails.snareTension, 1.35, 1.9);
    if (test == "thumb_batter")
        return plain(1.0 / ails.batterTension * (1.0 + 0.1 * ails.dish), 1.4, 1.9);
    if (test == "round_of_taps")
        return plain(strays(15.0), 0.7, 2.6);
    if (test == "waver_listen") {
        const std::vector<double> rods = rodCents();
        double c = 0.0;
        double s = 0.0;
        for (std::size_t i = 0; i < rods.size(); ++i) {
            const double angle = 2.0 * rodAngle(static_cast<int>(i), drum.rods).value;
            c += 2.0 / static_cast<double>(rods.size()) * rods[i] * std::cos(angle);
            s += 2.0 / static_cast<double>(rods.size()) * rods[i] * std::sin(angle);
        }
        return plain(300.0 * (std::exp2(2.0 * std::hypot(c, s) / 1200.0) - 1.0), 2.2, 5.0); // Hz
    }
    if (test == "coating_look")
        return plain(ails.hours, 45.0, 130.0);
    if (test == "head_shows")
        return plain(ails.hours / 2.5, 15.0, 45.0);
    if (test == "head_fresh")
        return plain(1.0 / ails.days, 0.5, 0.5);
    if (test == "slack_dish")
        return plain(ails.dish, 1.2, 1.2);
    if (test == "lever_off")
        return gone([](Ailments&) {}, true);
    if (test == "knob_looser")
        return gone([](Ailments& a) { a.knob -= 0.75; });
    if (test == "knob_tighter")
        return gone([](Ailments& a) { a.knob += 0.75; });
    if (test == "soft_middle")
        return plain(0.6 * complaint("late_wires", ails) + over(pull(ails), choke(StrokePlace::Middle)), 0.3,
                     0.8);
    if (test == "soft_edge")
        return plain(complaint("tom_at_edge", ails) + 0.4 * complaint("late_wires", ails), 0.25, 0.65);
    if (test == "loud_rattle")
        return plain(over(rattle(ails), pull(ails)) / 0.5 + 0.4 * ails.bent + 0.3 * over(ails.plateUp, 0.6) +
                         0.4 * over(ails.play, 0.2),
                     0.25, 0.8);
    if (test == "strands_look")
        return plain(ails.bent + 0.6 * over(ails.stretch, 0.5), 0.6, 2.4);
    if (test == "plates_centred")
        return plain(ails.plateAside, 3.0, 6.5);
    if (test == "plates_flat")
        return plain(ails.plateUp, 0.7, 1.6);
    if (test == "knob_travel")
        return plain(0.8 * over(ails.clamped, 0.0) / 5.0 + ails.stretch / 1.1, 0.5, 0.9);
    if (test == "clamp_anew")
        return plain(ails.stretch, 0.7, 0.7);
    if (test == "lever_force")
        return plain(-ails.clamped + 0.5 * over(pull(ails), choke(StrokePlace::Middle)), 3.0, 5.5);
    if (test == "lever_at_loose_end")
        return plain(-ails.clamped, 4.0, 4.0);
    if (test == "screws_snug")
        return plain(ails.play, 0.25, 0.7);
    if (test == "hand_on_wires") {
        const double held = 1.1 * over(ails.play, 0.2) / 0.4; // what does not come from the wires
        return plain(now > 0.0 ? held / now : 0.0, 0.5, 0.5);
    }
    if (test == "others_in_turn")
        return plain(std::exp(-std::pow(ails.apart / 60.0, 2)) + 0.3 * over(ails.neighbourRings, 1.1), 0.4,
                     0.4);
    if (test == "other_damped")
        return gone([](Ailments& a) {
            a.neighbourRings = 0.2;
            a.apart += 15;
        });
    if (test == "other_pressed")
        return gone([](Ailments& a) { a.apart += 70; });
    if (test == "hoop_gap")
        return plain(ails.hoopOut + 0.25 * over(ails.headAside, 1.0) + 0.3 * ails.rodBow, 0.6, 1.2);
    if (test == "collar_look")
        return plain(ails.headAside + 0.4 * ails.hoopOut, 1.2, 2.4);
    if (test == "edge_felt")
        return plain(ails.grit, 0.2, 0.2);
    if (test == "hoop_on_table")
        return plain(ails.hoopOut, 0.7, 0.7);
    if (test == "rod_by_hand")
        return plain(ails.rodDrag + 0.35 * over(ails.rodBow, 0.3), 0.14, 0.42);
    if (test == "rod_rolled")
        return plain(ails.rodBow, 0.35, 0.35);
    if (test == "rod_swapped")
        return plain(over(ails.hoopOut, 0.4) / 0.6 + over(ails.headAside, 1.0) + over(ails.grit, 0.15) / 0.2 +
                         over(ails.poor, 0.3) / 0.3 - ails.rodDrag / 0.3 - ails.rodBow / 0.6,
                     0.4, 0.4);
    if (test == "rods_felt")
        return plain(ails.lostRods > 0 ? ails.lostRods : 0.12 * strays(25.0), 0.6, 1.6);
    if (test == "one_way") {
        const double all = 50.0 * std::exp(-ails.hours / 4.0) + 3.2 * ails.colder;
        return plain(all / (all + 200.0 * ails.lostTurns + 4.0), 0.6, 0.6);
    }
    if (test == "weather_moved")
        return plain(ails.colder, 4.5, 8.0);
    if (test == "ten_strokes")
        return plain(ails.strokeDb + 3.0 * over(ails.strokePlace, 0.17) + over(ails.play, 0.3), 2.6, 4.2);
    if (test == "marks_look")
        return plain(ails.strokePlace + 0.03 * over(ails.strokeDb, 2.5), 0.19, 0.42);
    if (test == "struck_in_middle")
        return gone([](Ailments& a) { a.strokePlace = 0.03; });
    if (test == "from_away")
        return gone([](Ailments& a) {
            a.microphoneDb = 0;
            a.padsTurned = 0;
        });
    if (test == "microphone_up")
        return gone([](Ailments& a) { a.microphoneDb -= 6; });
    if (test == "microphone_round")
        return gone([](Ailments& a) {
            a.padsTurned = 0.1;
            a.microphoneDb -= 1;
        });
    if (test == "another_room")
        return gone([](Ailments& a) { a.roomDb = 0.5; });
    if (test == "pads_off")
        return gone([](Ailments& a) {
            a.padTakes = 0;
            a.padsTurned *= 0.6;
        });
    if (test == "batter_up")
        return gone([](Ailments& a) { a.batterTension *= 1.35; });
    if (test == "snare_side_up")
        return gone([](Ailments& a) { a.snareTension *= 1.4; });
    if (test == "another_drum") {
        Ailments other;
        other.strokeDb = ails.strokeDb;
        other.strokePlace = ails.strokePlace;
        other.microphoneDb = ails.microphoneDb;
        other.roomDb = ails.roomDb;
        other.knob = 0.5 * (nature.rattle.value + choke(StrokePlace::Edge));
        other.stretch = 0;
        // Its rods are even: what this one's unevenness adds is taken off.
        Ailments sound = other;
        sound.strokeDb = sound.strokePlace = sound.microphoneDb = sound.roomDb = 0;
        return plain(now > 0.0 ? (complaint(about, other) - complaint(about, sound)) / now : 0.0, 0.35, 0.7);
    }
    if (test == "fittings_look")
        return plain(ails.poor + 0.2 * over(ails.play, 0.3), 0.35, 0.75);
    throw std::logic_error("no drum knows of " + test);
}

int FaultyDrum::answer(const FaultTest& test, const std::string& about, Dice& dice, double wrong) const {
    double low = 0.0;
    double high = 0.0;
    double found = finds(test.id, about, dice, low, high);
    found *= std::exp(0.15 * dice.normal()); // eyes and ears
    const int levels = static_cast<int>(test.answers.size());
    int level = found > high ? levels - 1 : found > low ? 1 : 0;
    if (dice.uniform(0, 1) < wrong)
        level = (level + 1 + static_cast<int>(dice.uniform(0, levels - 1))) % levels;
    return level;
}

std::vector<FaultFigure> FaultyDrum::figures(Dice& dice) const {
    std::vector<FaultFigure> figures;
    PracticeSound sound;
    sound.room = {.kind = RoomKind::Rehearsal, .seed = static_cast<std::uint64_t>(dice.uniform(1, 1e6))};
    const auto pitches = [&](HeadSide side) {
        std::vector<double> heard;
        Expectation expected; // of a head found standing nothing is known but its kind
        const auto expecting = [&](double tension, double spread) {
            const Tension both{tension};
            expected.modes = expectedModes(mutedModes(drumState(drum, both, both), side));
            expected.spread = Cents{spread};
            expected.furthest = std::max(expected.furthest, 2.0 * expected.spread);
        };
        expecting(side == HeadSide::Batter ? kBatterWanted : kSnareWanted, 1200.0);
        for (int rod = 0; rod < drum.rods; ++rod) {
            const auto samples = practiceTap(
                drum, nature, state,
                {.side = side, .rod = rod, .stroke = static_cast<std::uint64_t>(dice.uniform(0, 1e9))},
                kPracticeWeather, sound);
            const auto taps = tapsIn(samples, sound.sampleRate);
            if (taps.empty())
                continue;
            if (const Reading reading = readTap(taps[0], {.expected = expected}); reading.hasFigure()) {
                heard.push_back(reading.frequency->value);
                if (heard.size() == 1)
                    expecting(tensionFromHeard(drum, side, *reading.frequency, {}).value, 200.0);
            }
        }
        return heard;
    };
    const auto centsOver = [](double hz, double from) { return 1200.0 * std::log2(hz / from); };
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
        const std::vector<double> heard = pitches(side);
        if (heard.size() < 4)
            continue;
        const double wanted =
            edgePitch(drumState(drum, Tension{kBatterWanted}, Tension{kSnareWanted}), side).value;
        const double mean =
            std::accumulate(heard.begin(), heard.end(), 0.0) / static_cast<double>(heard.size());
        figures.push_back(
            {side == HeadSide::Batter ? "batter_pitch" : "snare_side_pitch", centsOver(mean, wanted), 5.0});
        if (side == HeadSide::SnareSide)
            continue;
        double square = 0.0;
        for (const double hz : heard)
            square += std::pow(centsOver(hz, mean), 2) / static_cast<double>(heard.size());
        figures.push_back({"batter_evenness", std::log2(std::max(1.0, std::sqrt(square)) / 8.0), 0.3});
    }
    figures.push_back(
        {"batter_hours", std::log10(std::max(1.0, ails.hours * std::exp(0.2 * dice.normal()))), 0.15});
    figures.push_back({"batter_days", std::log10(std::max(0.25, ails.days)), 0.05});
    figures.push_back({"ring_longer", 0.13 * ails.dish - 0.05 + 0.1 * dice.normal(), 0.1});
    const double pulled = pull(ails) + 0.25 * dice.normal();
    figures.push_back({"knob_above_choke", pulled - choke(StrokePlace::Edge), 0.25});
    figures.push_back({"knob_below_rattle", rattle(ails) - pulled, 0.25});
    return figures;
}

} // namespace bombo::testing

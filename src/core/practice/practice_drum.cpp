#include "core/practice/practice_drum.h"

#include "core/acoustics/coupled_modes.h"
#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"
#include "core/acoustics/tension_field.h"
#include "core/practice/padded_drum.h"
#include "core/practice/practice_nature.h"
#include "core/practice/practice_sound.h"
#include "core/tuning/gauge.h"
#include "core/units/dice.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kTapRadius = 0.86;

/// How strongly unequal rods split (1,1) on a usual drum with such a hoop: in round figures of its own, not
/// those of the advice.
double throughHoop(const std::string& kind, HeadSide side) {
    const double batter = kind == "cast" ? 0.35 : kind == "wood" ? 0.55 : 0.85;
    return side == HeadSide::Batter ? batter : 0.75 * batter; // thinner film has less say against the hoop
}

HiddenHead drawHead(const Drum& drum, HeadSide side, Dice& dice) {
    const int rods = drum.rods;
    HiddenHead hidden;
    hidden.fingerTension = dice.uniform(180.0, 340.0);
    hidden.perTurn = tensionPerTurnPrior(drum, side).value * dice.uniform(0.75, 1.3);
    const double oval = dice.uniform(0.16, 0.28);
    const double ovalAngle = dice.uniform(0.0, std::numbers::pi);
    for (int rod = 0; rod < rods; ++rod) {
        hidden.unevenTurns.push_back(oval * std::cos(2.0 * (rodAngle(rod, rods).value - ovalAngle)) +
                                     0.06 * dice.normal());
        hidden.friction.push_back(dice.uniform(0.0, 0.06));
    }
    hidden.neighbourShare = dice.uniform(0.02, 0.10);
    hidden.anisotropy1 = throughHoop(drum.hoop.kind, side) * dice.uniform(0.85, 1.15);
    hidden.anisotropy2 = dice.uniform(0.01, 0.16);
    hidden.damping = dice.uniform(0.85, 1.25);
    hidden.glide = 3.0 + 6.0 * std::fmod(hidden.damping * 1e4, 1.0);
    return hidden;
}

/// Turns by which the hoop sits lower at a rod than at finger-tight, friction and a hoop that is not flat in.
double drawnDown(const HiddenHead& hidden, const PracticeState& state, HeadSide side, std::size_t rod) {
    const std::vector<Turns>& turns = state.turns(side);
    const double turned =
        (state.stood(side) ? hidden.standing.value : 0.0) + (rod < turns.size() ? turns[rod].value : 0.0);
    return turned * (1.0 - hidden.friction[rod]) + hidden.unevenTurns[rod];
}

/// Tension in front of each rod, N/m, after neighbours have shared the pull.
Eigen::VectorXd rodTensions(const HiddenHead& hidden, const PracticeState& state, HeadSide side) {
    const auto rods = static_cast<Eigen::Index>(hidden.unevenTurns.size());
    Eigen::VectorXd own(rods);
    for (Eigen::Index j = 0; j < rods; ++j)
        own[j] =
            std::max(40.0, hidden.fingerTension +
                               hidden.perTurn * drawnDown(hidden, state, side, static_cast<std::size_t>(j)));
    Eigen::VectorXd shared(rods);
    for (Eigen::Index j = 0; j < rods; ++j)
        shared[j] = (1.0 - 2.0 * hidden.neighbourShare) * own[j] +
                    hidden.neighbourShare * (own[(j + 1) % rods] + own[(j + rods - 1) % rods]);
    return shared;
}

/// Own deviation of each rod in cents of pitch against the mean tension.
Eigen::VectorXd deviationCents(const Eigen::VectorXd& tensions) {
    const double mean = tensions.mean();
    return tensions.unaryExpr([mean](double t) { return 600.0 * std::log2(t / mean); });
}

} // namespace

DrumState meanState(const Drum& drum, const HiddenNature& nature, const PracticeState& state,
                    const Weather& weather) {
    Drum swelling = drum;
    swelling.shell.expansionPerHumidity = nature.swells;
    auto tension = [&](HeadSide side) {
        return tensionInWeather(swelling, side, Tension{trueMeanTension(nature, state, side)},
                                kPracticeWeather, weather, ShellFollows::AfterDays)
            .tension;
    };
    return drumState(drum, tension(HeadSide::Batter), tension(HeadSide::SnareSide), airAt(weather));
}

std::vector<CoupledMode> trueModes(const DrumState& drum, const HiddenNature& nature,
                                   const ModeOptions& options) {
    std::vector<CoupledMode> modes = coupledModes(drum, options);
    for (CoupledMode& mode : modes)
        mode.frequency =
            mode.frequency * (1.0 + (mode.m == 0 ? nature.centreOff
                                                 : mode.batterShare * nature.batter.pitchOff +
                                                       mode.snareSideShare * nature.snareSide.pitchOff));
    return modes;
}

std::uint64_t mix(std::uint64_t a, std::uint64_t b) {
    return (a + 0x9E3779B97F4A7C15ULL) * 0xBF58476D1CE4E5B9ULL ^ b;
}

std::uint64_t natureSeed(const HiddenNature& nature) {
    return static_cast<std::uint64_t>(nature.batter.fingerTension * 1e9);
}

PracticeSound soundIn(const PracticeRoom& room, double sampleRate, std::uint64_t seed) {
    PracticeSound sound;
    sound.sampleRate = sampleRate;
    sound.room = room;
    sound.room.seed = seed % 1000 + 1;
    return sound;
}

HiddenNature drawNature(const Drum& drum, std::uint64_t seed) {
    Dice dice(seed);
    HiddenNature nature;
    nature.batter = drawHead(drum, HeadSide::Batter, dice);
    nature.snareSide = drawHead(drum, HeadSide::SnareSide, dice);
    nature.whisperChoke = Turns{dice.uniform(1.25, 2.6) + drum.wires.slackTurns};
    nature.rattle = Turns{dice.uniform(0.45, 0.95) + drum.wires.slackTurns};
    nature.batter.standing = Turns{dice.uniform(1.6, 2.4)};
    nature.snareSide.standing = Turns{dice.uniform(1.6, 2.4)};
    nature.padLoss = dice.uniform(0.75, 1.35);
    nature.padLossSlope = dice.uniform(-0.2, 0.2);
    nature.gaugeGain = dice.uniform(0.015, 0.03);
    nature.gaugePower = dice.uniform(0.85, 1.15);
    nature.dynamicDb = dice.uniform(8.0, 12.0);
    nature.edgeDb = dice.uniform(5.0, 10.0);
    // What two solutions for the air around a drum and the drum itself may differ by: vent, stand, stool,
    // wires.
    nature.batter.pitchOff = dice.uniform(-0.003, 0.003);
    nature.snareSide.pitchOff = dice.uniform(-0.005, 0.005);
    nature.centreOff = dice.uniform(-0.015, 0.015);
    nature.filmGives = dice.uniform(0.7, 1.4);
    nature.strainer = {Turns{dice.uniform(-0.25, 0.25) + drum.wires.slackTurns}, dice.uniform(0.0, 0.8),
                       dice.uniform(0.8, 1.3)};
    nature.swells = drum.shell.expansionPerHumidity * dice.uniform(0.4, 1.6) * dice.uniform(0.0, 0.25);
    return nature;
}

double HiddenStrainer::pullAt(Turns knob) const {
    const double drawn = std::max(0.0, (knob - begins).value);
    return drawn > 0.0 ? std::pow(drawn * drawn / (drawn + slack), power) : 0.0;
}

Turns HiddenStrainer::knobAt(double pull) const {
    const double half = 0.5 * std::pow(pull, 1.0 / power);
    return begins + Turns{half + std::sqrt(half * half + 2.0 * half * slack)};
}

namespace {

Turns chokeBeside(const HiddenNature& nature, double strongerDb) {
    const double whisper = nature.strainer.pullAt(nature.whisperChoke);
    return nature.strainer.knobAt(whisper * std::pow(10.0, strongerDb / 20.0));
}

} // namespace

Turns chokeOf(const HiddenNature& nature, StrokePlace place, Dynamic dynamic) {
    return chokeBeside(nature, nature.dynamicDb * static_cast<int>(dynamic) +
                                   (place == StrokePlace::Middle ? nature.edgeDb : 0.0));
}

Turns voiceChokeOf(const HiddenNature& nature) {
    return chokeBeside(nature, nature.edgeDb - nature.dynamicDb);
}

double practiceGauge(const HiddenNature& nature, const PracticeState& state, HeadSide side, int rod,
                     std::uint64_t stroke) {
    Dice dice(mix(natureSeed(nature), stroke));
    const double tension = rodTensions(nature.head(side), state, side)[rod];
    const double mark = 100.0 * std::pow(nature.gaugeGain * tension / 100.0, nature.gaugePower) *
                        (1.0 + 0.005 * dice.normal());
    return std::max(0.5, std::round(2.0 * mark) / 2.0);
}

double practiceGap(const HiddenNature& nature, const PracticeState& state, HeadSide side, int rod,
                   std::uint64_t stroke) {
    constexpr double atFingerTight = 12.0; // mm
    Dice dice(mix(natureSeed(nature), stroke));
    const double drawn = drawnDown(nature.head(side), state, side, static_cast<std::size_t>(rod));
    const double gap = atFingerTight - 1e3 * kThreadPitch.value * drawn + 0.03 * dice.normal();
    return std::max(0.1, std::round(100.0 * gap) / 100.0);
}

double practiceFeel(const HiddenNature& nature, const PracticeState& state, HeadSide side, int rod,
                    std::uint64_t stroke) {
    Dice dice(mix(natureSeed(nature), stroke));
    const double cents =
        deviationCents(rodTensions(nature.head(side), state, side))[rod] + 20.0 * dice.normal();
    return std::clamp(std::round(cents / kFeelStep.value), kLoosestFeel, kTightestFeel);
}

double trueMeanTension(const HiddenNature& nature, const PracticeState& state, HeadSide side) {
    return rodTensions(nature.head(side), state, side).mean();
}

std::vector<Turns> evenTurns(const HiddenNature& nature, const PracticeState& state, HeadSide side,
                             Tension tension) {
    const HiddenHead& hidden = nature.head(side);
    const double drawn = (tension.value - hidden.fingerTension) / hidden.perTurn;
    std::vector<Turns> turns;
    for (std::size_t rod = 0; rod < hidden.unevenTurns.size(); ++rod)
        turns.push_back(Turns{(drawn - hidden.unevenTurns[rod]) / (1.0 - hidden.friction[rod]) -
                              (state.stood(side) ? hidden.standing.value : 0.0)});
    return turns;
}

std::vector<Tension> trueRodTensions(const HiddenNature& nature, const PracticeState& state, HeadSide side) {
    std::vector<Tension> tensions;
    for (const double one : rodTensions(nature.head(side), state, side))
        tensions.push_back(Tension{one});
    return tensions;
}

std::vector<Cents> trueOwnDeviation(const HiddenNature& nature, const PracticeState& state, HeadSide side) {
    std::vector<Cents> result;
    for (const double own : deviationCents(rodTensions(nature.head(side), state, side)))
        result.push_back(Cents{own});
    return result;
}

std::vector<Cents> trueEdgeDeviation(const HiddenNature& nature, const PracticeState& state, HeadSide side) {
    const HiddenHead& hidden = nature.head(side);
    const Eigen::VectorXd deviation = deviationCents(rodTensions(hidden, state, side));
    const int rods = static_cast<int>(deviation.size());
    const Eigen::VectorXd heard = heardKernel(rods, 1, hidden.anisotropy1) * deviation;
    std::vector<Cents> result;
    for (double value : heard)
        result.push_back(Cents{value - heard.mean()});
    return result;
}

namespace {

struct Slip {
    bool again = false; ///< the hand falls back: a second blow
    double strength = 1.0;
    double aside = 0.0; ///< in rods
};

/// One tap in eight of hurried hands goes wrong.
Slip slipOf(const PracticeHands& hands, Dice& dice) {
    if (hands.sloppiness < 2.0 || dice.uniform(0.0, 1.0) > 0.125)
        return {};
    const double which = dice.uniform(0.0, 3.0);
    if (which < 1.0)
        return {.again = true};
    if (which < 2.0)
        return {.strength = 0.004};
    return {.aside = 0.5};
}

} // namespace

namespace {

/// Share by which a blow of this strength starts sharp: the film's extra tension goes with the square.
double bendOf(const HiddenHead& head, double peak, double usual) {
    return std::exp2(head.glide / 1200.0 * std::pow(peak / usual, 2)) - 1.0;
}

} // namespace

namespace {

/// Share by which a mode of the head that is tapped moves on the way to where it lies with the other head
/// free.
double givenWay(const CoupledMode& held, const std::vector<CoupledMode>& open, HeadSide side,
                double loosely) {
    for (const CoupledMode& mode : open)
        if (mode.m == held.m && (mode.batterShare > 0.5) == (side == HeadSide::Batter))
            return held.order == 1 ? std::pow(mode.frequency / held.frequency, loosely) : 1.0;
    return 1.0;
}

} // namespace

std::vector<float> practiceTap(const Drum& drum, const HiddenNature& nature, const PracticeState& state,
                               const PracticeTap& tap, const Weather& weather, const PracticeSound& sound) {
    const HiddenHead& hidden = nature.head(tap.side);
    Dice dice(mix(natureSeed(nature), tap.stroke));
    const double sloppy = tap.hands.sloppiness;
    const Eigen::VectorXd deviation = deviationCents(rodTensions(hidden, state, tap.side));
    double angle = rodAngle(tap.rod.value_or(0), drum.rods).value + 0.02 * sloppy * dice.normal();
    const double radius = tap.radius.value_or(tap.rod ? kTapRadius : 0.05) + 0.01 * sloppy * dice.normal();
    double peak = 0.35 * std::exp(0.15 * sloppy * dice.normal());
    const Slip slip = slipOf(tap.hands, dice);
    angle += slip.aside * 2.0 * std::numbers::pi / drum.rods;
    peak *= slip.strength;

    const Held held = !tap.hands.mutes               ? Held::Neither
                      : tap.side == HeadSide::Batter ? Held::SnareSide
                                                     : Held::Batter;
    const double bend = bendOf(hidden, peak, 0.35);
    const DrumState stands = meanState(drum, nature, state, weather);
    const bool gives = held != Held::Neither && tap.hands.loosely > 0.0;
    const auto open = gives ? trueModes(stands, nature) : std::vector<CoupledMode>{};
    std::vector<Voice> voices;
    for (const CoupledMode& mode : trueModes(stands, nature, {.held = held})) {
        const ShapeVector& shape = tap.side == HeadSide::Batter ? mode.batterShape : mode.snareSideShape;
        const double deflection = shapeAt(mode.m, shape, std::abs(radius));
        const double strength = deflection * deflection *
                                throughContact(tap.hands.striker, mode.frequency.value) /
                                mode.modalMass.value;
        const double pitch = mode.frequency.value * givenWay(mode, open, tap.side, tap.hands.loosely);
        // A hand that gives takes of what moves under it.
        const double rate = hidden.damping * decayRate(mode, drum) + (gives ? 8.0 * tap.hands.loosely : 0.0);
        if (mode.m == 0) {
            if (tap.hands.finger && tap.rod) // it takes most of the body tone
                voices.push_back({pitch, 3.0 * rate, 0.15 * strength, bend});
            else
                voices.push_back({pitch, rate, strength, bend});
            continue;
        }
        const double anisotropy = mode.m == 1 ? hidden.anisotropy1 : hidden.anisotropy2;
        const PairSplit split = pairSplit(deviation, mode.m, anisotropy);
        const double facing = mode.m * (angle - split.angle.value);
        const double up = std::exp2(split.half.value / 1200.0);
        voices.push_back({pitch * up, rate, strength * std::pow(std::cos(facing), 2), bend});
        voices.push_back({pitch / up, rate, strength * std::pow(std::sin(facing), 2), bend});
    }
    std::vector<float> samples = scaledTo(peak, voicesSummed(voices, sound));
    if (slip.again) {
        const auto later = static_cast<std::size_t>(0.07 * sound.sampleRate);
        for (std::size_t i = samples.size(); i-- > later;)
            samples[i] += 0.8F * samples[i - later];
    }
    addContact(samples, sound, tap.hands.striker, peak, dice);
    if (tap.hands.fidgets)
        addHandling(samples, sound, peak / slip.strength, dice);
    // The struck place sounds most: it moves with the rod.
    hearHere(samples, sound, tap.rod ? kTapRadius * drum.shell.radius().value : 0.0, angle, tap.stroke,
             peak / slip.strength, dice);
    return samples;
}

} // namespace bombo

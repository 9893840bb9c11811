#include "core/practice/practice_drum.h"

#include "core/acoustics/coupled_modes.h"
#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"
#include "core/acoustics/tension_field.h"
#include "core/units/dice.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kTwoPi = 2.0 * std::numbers::pi;
constexpr double kTapRadius = 0.86;

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
    hidden.anisotropy1 = dice.uniform(0.85, 1.10);
    hidden.anisotropy2 = dice.uniform(0.80, 1.10);
    hidden.damping = dice.uniform(0.85, 1.25);
    return hidden;
}

const std::vector<Turns>& turnsOf(const PracticeState& state, HeadSide side) {
    return side == HeadSide::Batter ? state.batterTurns : state.snareSideTurns;
}

/// Tension in front of each rod, N/m, after neighbours have shared the pull.
Eigen::VectorXd rodTensions(const HiddenHead& hidden, const std::vector<Turns>& turns) {
    const auto rods = static_cast<Eigen::Index>(hidden.unevenTurns.size());
    Eigen::VectorXd own(rods);
    for (Eigen::Index j = 0; j < rods; ++j) {
        const auto at = static_cast<std::size_t>(j);
        const double turned = at < turns.size() ? turns[at].value : 0.0;
        own[j] =
            std::max(40.0, hidden.fingerTension + hidden.perTurn * (turned * (1.0 - hidden.friction[at]) +
                                                                    hidden.unevenTurns[at]));
    }
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

double fromDb(double db) {
    return std::pow(10.0, db / 20.0);
}

struct Voice {
    double frequency;
    double rate; ///< 1/s
    double amplitude;
};

/// Sum of damped sines, peak-normalised to `peak`.
std::vector<float> render(const std::vector<Voice>& voices, const PracticeSound& sound, double peak) {
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    const auto length = static_cast<std::size_t>(sound.length.value * sound.sampleRate);
    std::vector<double> sum(lead + length, 0.0);
    for (const Voice& voice : voices) {
        if (voice.frequency > 0.45 * sound.sampleRate)
            continue;
        const double decay = std::exp(-voice.rate / sound.sampleRate);
        const double angle = kTwoPi * voice.frequency / sound.sampleRate;
        double re = 0.0; // recursive rotation of (re, im)
        double im = voice.amplitude;
        const double c = decay * std::cos(angle);
        const double s = decay * std::sin(angle);
        for (std::size_t i = lead; i < sum.size(); ++i) {
            sum[i] += re;
            const double next = re * c + im * s;
            im = im * c - re * s;
            re = next;
        }
    }
    double highest = 1e-12;
    for (double value : sum)
        highest = std::max(highest, std::abs(value));
    std::vector<float> samples(sum.size());
    for (std::size_t i = 0; i < sum.size(); ++i)
        samples[i] = static_cast<float>(sum[i] * peak / highest);
    return samples;
}

void addRoom(std::vector<float>& samples, const PracticeSound& sound, double peak, Dice& dice) {
    const double noise = peak * fromDb(sound.noiseDb);
    const double hum = peak * fromDb(sound.humDb);
    for (float& sample : samples)
        sample += static_cast<float>(noise * dice.normal());
    if (sound.humDb < -150.0)
        return; // below what a float can hold beside the tap
    for (std::size_t i = 0; i < samples.size(); ++i) {
        const double t = static_cast<double>(i) / sound.sampleRate;
        samples[i] +=
            static_cast<float>(hum * (std::sin(kTwoPi * 50.0 * t) + 0.5 * std::sin(kTwoPi * 150.0 * t) +
                                      0.3 * std::sin(kTwoPi * 250.0 * t)));
    }
}

/// The click of finger or key on film, two milliseconds of noise.
void addContact(std::vector<float>& samples, const PracticeSound& sound, double level, Dice& dice) {
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    const auto length = static_cast<std::size_t>(0.002 * sound.sampleRate);
    for (std::size_t i = 0; i < length && lead + i < samples.size(); ++i) {
        const double envelope =
            std::sin(std::numbers::pi * static_cast<double>(i) / static_cast<double>(length));
        samples[lead + i] += static_cast<float>(level * envelope * dice.normal());
    }
}

DrumState meanState(const Drum& drum, const HiddenNature& nature, const PracticeState& state,
                    const Weather& weather) {
    auto tension = [&](HeadSide side) {
        return tensionInWeather(drum, side, Tension{trueMeanTension(nature, state, side)}, kPracticeWeather,
                                weather);
    };
    return drumState(drum, tension(HeadSide::Batter), tension(HeadSide::SnareSide), airAt(weather));
}

std::uint64_t mix(std::uint64_t a, std::uint64_t b) {
    return (a + 0x9E3779B97F4A7C15ULL) * 0xBF58476D1CE4E5B9ULL ^ b;
}

std::uint64_t natureSeed(const HiddenNature& nature) {
    return static_cast<std::uint64_t>(nature.batter.fingerTension * 1e9);
}

} // namespace

HiddenNature drawNature(const Drum& drum, std::uint64_t seed) {
    Dice dice(seed);
    HiddenNature nature;
    nature.batter = drawHead(drum, HeadSide::Batter, dice);
    nature.snareSide = drawHead(drum, HeadSide::SnareSide, dice);
    nature.whisperChoke = Turns{dice.uniform(1.9, 3.2) + drum.wires.slackTurns};
    nature.rattle = Turns{dice.uniform(0.45, 0.95) + drum.wires.slackTurns};
    return nature;
}

double trueMeanTension(const HiddenNature& nature, const PracticeState& state, HeadSide side) {
    return rodTensions(nature.head(side), turnsOf(state, side)).mean();
}

std::vector<Cents> trueEdgeDeviation(const HiddenNature& nature, const PracticeState& state, HeadSide side) {
    const HiddenHead& hidden = nature.head(side);
    const Eigen::VectorXd deviation = deviationCents(rodTensions(hidden, turnsOf(state, side)));
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

std::vector<float> practiceTap(const Drum& drum, const HiddenNature& nature, const PracticeState& state,
                               const PracticeTap& tap, const Weather& weather, const PracticeSound& sound) {
    const HiddenHead& hidden = nature.head(tap.side);
    Dice dice(mix(natureSeed(nature), tap.stroke));
    const double sloppy = tap.hands.sloppiness;
    const Eigen::VectorXd deviation = deviationCents(rodTensions(hidden, turnsOf(state, tap.side)));
    double angle = rodAngle(tap.rod.value_or(0), drum.rods).value + 0.02 * sloppy * dice.normal();
    const double radius = (tap.rod ? kTapRadius : 0.05) + 0.01 * sloppy * dice.normal();
    double peak = 0.35 * std::exp(0.15 * sloppy * dice.normal());
    const Slip slip = slipOf(tap.hands, dice);
    angle += slip.aside * 2.0 * std::numbers::pi / drum.rods;
    peak *= slip.strength;

    const Held held = !tap.hands.mutes               ? Held::Neither
                      : tap.side == HeadSide::Batter ? Held::SnareSide
                                                     : Held::Batter;
    std::vector<Voice> voices;
    for (const CoupledMode& mode : coupledModes(meanState(drum, nature, state, weather), {.held = held})) {
        const ShapeVector& shape = tap.side == HeadSide::Batter ? mode.batterShape : mode.snareSideShape;
        const double deflection = shapeAt(mode.m, shape, std::abs(radius));
        const double softTip = std::exp(-std::pow(mode.frequency.value / 700.0, 2)); // a fingertip
        const double strength = deflection * deflection * softTip / mode.modalMass.value;
        const double rate = hidden.damping * decayRate(mode, drum);
        if (mode.m == 0) {
            if (tap.hands.finger && tap.rod) // it takes most of the body tone
                voices.push_back({mode.frequency.value, 3.0 * rate, 0.15 * strength});
            else
                voices.push_back({mode.frequency.value, rate, strength});
            continue;
        }
        const double anisotropy = mode.m == 1 ? hidden.anisotropy1 : hidden.anisotropy2;
        const PairSplit split = pairSplit(deviation, mode.m, anisotropy);
        const double facing = mode.m * (angle - split.angle.value);
        const double up = std::exp2(split.half.value / 1200.0);
        voices.push_back({mode.frequency.value * up, rate, strength * std::pow(std::cos(facing), 2)});
        voices.push_back({mode.frequency.value / up, rate, strength * std::pow(std::sin(facing), 2)});
    }
    std::vector<float> samples = render(voices, sound, peak);
    if (slip.again) {
        const auto later = static_cast<std::size_t>(0.07 * sound.sampleRate);
        for (std::size_t i = samples.size(); i-- > later;)
            samples[i] += 0.8F * samples[i - later];
    }
    addContact(samples, sound, 0.3 * peak, dice);
    addRoom(samples, sound, peak / slip.strength, dice);
    return samples;
}

PracticeWireStroke practiceWireStroke(const Drum& drum, const HiddenNature& nature,
                                      const PracticeState& state, StrokePlace place, Dynamic dynamic,
                                      std::uint64_t stroke, const Weather& weather,
                                      const PracticeSound& sound) {
    Dice dice(mix(natureSeed(nature), stroke ^ 0x5717E5ULL));
    const double radius = place == StrokePlace::Middle ? 0.08 : 0.75;
    const double peak = 0.02 * std::pow(10.0, 0.5 * static_cast<int>(dynamic) * 0.8);
    std::vector<Voice> voices;
    for (const CoupledMode& mode : coupledModes(meanState(drum, nature, state, weather))) {
        const double deflection = shapeAt(mode.m, mode.batterShape, radius);
        const double softTip = std::exp(-std::pow(mode.frequency.value / 1800.0, 2));
        voices.push_back({mode.frequency.value, nature.batter.damping * decayRate(mode, drum),
                          std::abs(deflection) * softTip / mode.modalMass.value});
    }
    PracticeWireStroke result;
    result.samples = render(voices, sound, peak);
    addContact(result.samples, sound, 0.3 * peak, dice);

    // Contact: strands leave the head while its motion (here its level, in turns of the knob) exceeds the
    // pull.
    const double drive = chokeTurns(nature.whisperChoke, place, dynamic).value - state.strainer.value;
    result.answered = drive > 0.0;
    result.rattled = dynamic == Dynamic::Loud && state.strainer < nature.rattle;
    if (result.answered) {
        const double fall = result.rattled ? 2.5 : 9.0; // turns of drive lost in a second
        const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
        float before = 0.0F;
        for (std::size_t i = lead; i < result.samples.size(); ++i) {
            const double t = static_cast<double>(i - lead) / sound.sampleRate;
            const double left = drive - fall * t;
            if (left <= 0.0)
                break;
            const auto noise = static_cast<float>(dice.normal());
            const double level = 0.5 * peak * std::min(1.0, left);
            result.samples[i] += static_cast<float>(level) * 0.5F * (noise - before); // high-passed: bright
            before = noise;
        }
    }
    addRoom(result.samples, sound, 0.35, dice);
    return result;
}

} // namespace bombo

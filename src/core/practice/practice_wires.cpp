/// The practice drum with its wires on.
#include "core/acoustics/damping.h"
#include "core/practice/padded_drum.h"
#include "core/practice/practice_nature.h"
#include "core/practice/practice_sound.h"
#include "core/practice/wire_contact.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kWhisperDrive = 100.0;  ///< m/s^2 under the wires by a whisper in the middle; estimate
constexpr double kWiresThatMove = 0.15;  ///< share of the strands' mass that the head carries; estimate
constexpr double kWireLoudness = 1.8;    ///< against the drum's own sound; estimate
constexpr double kBackbeat = 0.2;        ///< of the radius out: where a backbeat lands
constexpr double kStillContact = 2000.0; ///< Hz; faster modes are too small under the wires to matter

/// Acceleration of the head under the wires, outward, at its highest within 30 ms.
double driveOf(const std::array<ContactMode, kContactModes>& modes) {
    double highest = 1e-30;
    for (int i = 0; i < 300; ++i) {
        const double t = 1e-4 * i;
        std::array<double, kWirePlaces.size()> acceleration{};
        for (const ContactMode& mode : modes) {
            const double omega = kTwoPi * mode.frequency;
            const double swing = mode.blow * omega * std::sin(omega * t) * std::exp(-mode.rate * t);
            for (std::size_t k = 0; k < acceleration.size(); ++k)
                acceleration[k] += mode.under[k] * swing;
        }
        highest = std::max(highest, *std::max_element(acceleration.begin(), acceleration.end()));
    }
    return highest;
}

/// The blow split into the modes that the wires feel and those that only sound.
struct Blow {
    std::array<ContactMode, kContactModes> felt{};
    std::vector<Voice> others;
};

/// What a mode of that amplitude along the wires makes of the snare side there.
double snareSideUnder(const CoupledMode& mode, double amplitude, double x) {
    return amplitude * shapeAt(mode.m, mode.snareSideShape, std::abs(x)) * (x < 0 && mode.m % 2 ? -1 : 1);
}

/// @param blow of a stroke on the modal mass, in shapes
template <class Under>
ContactMode contactOf(double omega, double rate, double mass, double blow, const Under& under) {
    const double hertz = omega / kTwoPi;
    ContactMode contact{.frequency = hertz,
                        .rate = rate,
                        .mass = mass,
                        .blow = blow * std::exp(-std::pow(hertz / 1800.0, 2)) / mass};
    for (std::size_t k = 0; k < kWirePlaces.size(); ++k)
        contact.under[k] = under(kWirePlaces[k]);
    return contact;
}

/// @param angle of the stroke from the wires' own diameter
Blow blowAt(const Drum& drum, const HiddenNature& nature, const DrumState& state,
            const std::vector<Pad>& pads, double radius, double angle) {
    const std::vector<DampedMode> modes = dampedModes(trueModes(state, nature), drum, nature.batter.damping);
    std::vector<ContactMode> all;
    if (pads.empty())
        // A pair has no place of its own: it lies as it is struck.
        for (const DampedMode& own : modes)
            all.push_back(contactOf(own.omega, own.rate, own.mode.modalMass.value,
                                    shapeAt(own.mode.m, own.mode.batterShape, radius), [&](double x) {
                                        return snareSideUnder(own.mode, std::cos(own.mode.m * angle), x);
                                    }));
    else
        for (const PaddedMotion& motion : paddedMotions(modes, nature, pads, state)) {
            double blow = 0.0;
            for (std::size_t k = 0; k < modes.size(); ++k) {
                const CoupledMode& mode = modes[k].mode;
                const auto at = 2 * static_cast<Eigen::Index>(k);
                blow += shapeAt(mode.m, mode.batterShape, radius) *
                        (motion.moves[at] * std::cos(mode.m * angle) +
                         motion.moves[at + 1] * std::sin(mode.m * angle));
            }
            all.push_back(contactOf(motion.omega, motion.rate, 1.0, blow, [&](double x) {
                double under = 0.0; // the wires lie along angle 0
                for (std::size_t k = 0; k < modes.size(); ++k)
                    under += snareSideUnder(modes[k].mode, motion.moves[2 * static_cast<Eigen::Index>(k)], x);
                return under;
            }));
        }
    const auto weight = [](const ContactMode& mode) {
        const double largest = std::max(std::abs(mode.under[2]), std::abs(mode.under[3]));
        return mode.frequency < kStillContact ? std::abs(mode.blow) * largest * mode.frequency : 0.0;
    };
    std::sort(all.begin(), all.end(),
              [&](const ContactMode& a, const ContactMode& b) { return weight(a) > weight(b); });
    Blow blow;
    std::copy_n(all.begin(), kContactModes, blow.felt.begin());
    for (std::size_t i = kContactModes; i < all.size(); ++i)
        blow.others.push_back({all[i].frequency, all[i].rate, all[i].blow});
    return blow;
}

} // namespace

/// Beside that which chokes a whisper in the middle.
double wirePull(Turns strainer, const HiddenNature& nature) {
    constexpr double hanging =
        0.03; // what bends the strands over the film though the knob does not draw them
    const Turns whisper = chokeOf(nature, StrokePlace::Middle, Dynamic::Whisper);
    return kWhisperDrive *
           std::max(hanging, nature.strainer.pullAt(strainer) / nature.strainer.pullAt(whisper));
}

double movingWires(const Drum& drum) {
    return kWiresThatMove * drum.wires.mass.value;
}

PracticeWireStroke practiceWireStroke(const Drum& drum, const HiddenNature& nature,
                                      const PracticeState& state, StrokePlace place, Dynamic dynamic,
                                      std::uint64_t stroke, const Weather& weather,
                                      const PracticeSound& sound, const PracticeHands& hands) {
    Dice dice(mix(natureSeed(nature), stroke ^ 0x5717E5ULL));
    Dice hand(mix(natureSeed(nature), stroke ^ 0xBACBEAULL));
    const double peak = 0.02 * std::pow(10.0, 0.5 * static_cast<int>(dynamic) * 0.8) *
                        std::exp(0.12 * hands.sloppiness * hand.normal());
    const double aimed = place == StrokePlace::Edge         ? 0.75
                         : state.leverOn && !hands.backbeat ? 0.08
                                                            : kBackbeat;
    const double radius = std::clamp(aimed + 0.04 * hands.sloppiness * hand.normal(), 0.02, 0.9);
    Blow blow = blowAt(drum, nature, meanState(drum, nature, state, weather), state.pads, radius,
                       state.leverOn ? 0.0 : dice.uniform(0.0, kTwoPi));
    PracticeWireStroke result;
    if (!state.leverOn) {
        for (const ContactMode& mode : blow.felt)
            blow.others.push_back({mode.frequency, mode.rate, mode.blow});
        result.samples = scaledTo(peak, voicesSummed(blow.others, sound));
        addContact(result.samples, sound, Striker::Stick, peak, dice);
        hearHere(result.samples, sound, 0.0, 0.0, stroke, 0.35, dice);
        return result;
    }
    const Turns choke = chokeOf(nature, place, dynamic);
    const double drive = wirePull(choke, nature);
    const double toMetres = drive / driveOf(blow.felt);
    for (ContactMode& mode : blow.felt)
        mode.blow *= toMetres;
    const WireContact contact = wireContact(blow.felt,
                                            {.mass = movingWires(drum),
                                             .pull = wirePull(state.strainer, nature),
                                             .seed = mix(natureSeed(nature), stroke)},
                                            sound.sampleRate, sound.length.value);

    std::vector<double> sum = voicesSummed(blow.others, sound);
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    for (std::size_t i = 0; i < contact.head.size() && lead + i < sum.size(); ++i)
        sum[lead + i] += contact.head[i] / toMetres;
    result.samples = scaledTo(peak, sum);
    for (std::size_t i = 0; i < contact.wires.size() && lead + i < sum.size(); ++i)
        result.samples[lead + i] += static_cast<float>(kWireLoudness * peak * contact.wires[i] / drive);
    addContact(result.samples, sound, Striker::Stick, peak, dice);
    result.answered = state.strainer < choke;
    result.rattled = dynamic == Dynamic::Loud && state.strainer < nature.rattle;
    hearHere(result.samples, sound, 0.0, 0.0, stroke, 0.35, dice);
    return result;
}

std::vector<float> practiceVoice(const HiddenNature& nature, const PracticeState& state, std::uint64_t stroke,
                                 const PracticeSound& sound) {
    constexpr double seconds = 3.0;
    constexpr double pitch = 165.0; // Hz
    constexpr double peak = 0.15;
    Dice dice(mix(natureSeed(nature), stroke ^ 0x501CEULL));
    const bool answers = state.leverOn && state.strainer < voiceChokeOf(nature);
    std::vector<float> samples;
    double before = 0.0; // of the noise, for a first difference: hiss lies high
    for (int i = 0; i < static_cast<int>(seconds * sound.sampleRate); ++i) {
        const double t = i / sound.sampleRate;
        double value = 0.0;
        for (int harmonic = 1; harmonic <= 8; ++harmonic) // an "oo": each a third of the one below
            value += std::pow(3.0, 1 - harmonic) * std::sin(kTwoPi * pitch * harmonic * t);
        const double noise = dice.normal();
        if (answers) // comes and goes with the hum
            value += 0.02 * (noise - before) * (1.0 + std::sin(kTwoPi * pitch * t));
        before = noise;
        samples.push_back(static_cast<float>(peak * value));
    }
    addRoom(samples, sound, peak, dice);
    return samples;
}

} // namespace bombo

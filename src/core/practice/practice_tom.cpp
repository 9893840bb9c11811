#include "core/practice/practice_tom.h"

#include "core/acoustics/damping.h"
#include "core/practice/practice_nature.h"
#include "core/practice/practice_sound.h"
#include "core/practice/wire_contact.h"

#include <algorithm>
#include <cmath>
#include <complex>

namespace bombo {
namespace {

constexpr double kAbove = 0.3; ///< sine of the height that the sound comes from
constexpr int kRings = 20;     ///< of points on a head
constexpr int kPointsARing = 32;
constexpr double kBuzzFor = 0.45;       ///< s: a tom has spoken by then
constexpr double kBuzzRate = 24000.0;   ///< Hz
constexpr double kHighestDriven = 900;  ///< Hz
constexpr double kWithinTheBlow = 0.03; ///< s: what ticks before is not heard apart from the tom itself
constexpr double kWiresInIt = 2.5;      ///< loudness of the wires against the tom's own; estimate

/// Force of a plane wave of unit pressure on a mode, m^2, as the head points add up.
/// The mode's own cosine lies along the wires' diameter.
std::complex<double> forceOn(const CoupledMode& mode, const DrumState& heads, double omega, double bearing) {
    const double k = omega / heads.air.soundSpeed;
    const double along = std::sqrt(1.0 - kAbove * kAbove);
    const std::complex<double> later = std::polar(1.0, -k * heads.depth.value * kAbove);
    std::complex<double> sum;
    for (int ring = 0; ring < kRings; ++ring) {
        const double r = (ring + 0.5) / kRings;
        const double area = 2.0 * std::acos(-1.0) * r / kRings / kPointsARing;
        const double batter = shapeAt(mode.m, mode.batterShape, r);
        const double snareSide = shapeAt(mode.m, mode.snareSideShape, r);
        for (int point = 0; point < kPointsARing; ++point) {
            const double angle = 2.0 * std::acos(-1.0) * (point + 0.5) / kPointsARing;
            const std::complex<double> wave =
                std::polar(area * std::cos(mode.m * angle),
                           -k * heads.radius.value * r * along * std::cos(angle - bearing));
            sum += wave * (batter - snareSide * later); // pressure presses both inwards
        }
    }
    return sum * heads.radius.value * heads.radius.value;
}

struct Driven {
    std::array<ContactMode, kContactModes> modes{};
    std::vector<ContactDrive> drives;
};

/// One direction of a mode and what each partial does to it.
struct DrivenMode {
    ContactMode mode;
    std::vector<std::complex<double>> push;
    double weight = 0;
};

/// @param wiresOn the wires as mass on the film; else they come on as bodies of their own
Driven drivenBy(const DrumUnderTom& under, const TomBeside& beside, bool wiresOn) {
    std::vector<DrivenMode> all;
    for (const CoupledMode& free : under.modes) {
        const CoupledMode mode = wiresOn ? withWiresOn(free, under.drum) : free;
        if (mode.frequency.value > kHighestDriven)
            continue;
        // The half of a pair whose sine lies along the wires does not move them.
        DrivenMode own{{.frequency = mode.frequency.value,
                        .rate = under.nature.batter.damping * decayRate(mode, under.drum),
                        .mass = mode.modalMass.value},
                       {}};
        double moves = 0.0;
        for (std::size_t place = 0; place < kWirePlaces.size(); ++place) {
            const double x = kWirePlaces[place];
            own.mode.under[place] =
                shapeAt(mode.m, mode.snareSideShape, std::abs(x)) * (x < 0 && mode.m % 2 ? -1 : 1);
            moves = std::max(moves, std::abs(own.mode.under[place]));
        }
        for (const NeighbourPartial& partial : beside.tom.partials) {
            const double omega = kTwoPi * partial.frequency.value;
            const double pressure = beside.loudness * std::pow(10.0, partial.levelDb / 20.0);
            own.push.push_back(pressure / mode.modalMass.value *
                               forceOn(mode, under.heads, omega, beside.bearing));
            const double apart = kTwoPi * mode.frequency.value - omega;
            own.weight += std::abs(own.push.back()) * moves * omega /
                          std::hypot(apart, own.mode.rate + rateOfT60(partial.t60));
        }
        all.push_back(std::move(own));
    }
    std::sort(all.begin(), all.end(),
              [](const DrivenMode& one, const DrivenMode& other) { return one.weight > other.weight; });
    all.resize(kContactModes, {{.frequency = kHighestDriven, .rate = 100.0, .mass = 1.0},
                               std::vector<std::complex<double>>(beside.tom.partials.size())});
    Driven driven;
    for (std::size_t m = 0; m < kContactModes; ++m)
        driven.modes[m] = all[m].mode;
    for (std::size_t p = 0; p < beside.tom.partials.size(); ++p) {
        const NeighbourPartial& partial = beside.tom.partials[p];
        ContactDrive drive{partial.frequency.value, rateOfT60(partial.t60), {}};
        for (std::size_t m = 0; m < kContactModes; ++m)
            drive.push[m] = all[m].push[p];
        driven.drives.push_back(drive);
    }
    return driven;
}

WireBodies wiresOf(const DrumUnderTom& under) {
    return {.mass = movingWires(under.drum),
            .pull = wirePull(under.state.strainer, under.nature),
            .seed = natureSeed(under.nature)};
}

} // namespace

DrumUnderTom::DrumUnderTom(const Drum& ofDrum, const HiddenNature& ofNature, const PracticeState& ofState)
    : drum(ofDrum), nature(ofNature), state(ofState),
      heads(meanState(ofDrum, ofNature, ofState, kPracticeWeather)), modes(trueModes(heads, ofNature)) {}

double tomThrow(const DrumUnderTom& under, const TomBeside& beside) {
    const Driven driven = drivenBy(under, beside, true);
    double highest = 0.0;
    for (int i = 1; i <= 90; ++i) { // envelopes of driven and dying modes, added up at each place
        const double t = kBuzzFor * i / 90.0;
        std::array<std::complex<double>, kWirePlaces.size()> sum{};
        for (const ContactDrive& drive : driven.drives)
            for (std::size_t m = 0; m < kContactModes; ++m) {
                const ContactMode& mode = driven.modes[m];
                const std::complex<double> own(mode.rate - drive.rate,
                                               kTwoPi * (mode.frequency - drive.frequency));
                const std::complex<double> swing =
                    std::polar(1.0, kTwoPi * drive.frequency * t) *
                    (std::exp(-drive.rate * t) - std::exp(-drive.rate * t) * std::exp(-own * t)) / own;
                for (std::size_t place = 0; place < sum.size(); ++place)
                    sum[place] += 0.5 * kTwoPi * mode.frequency * drive.push[m] * mode.under[place] * swing;
            }
        for (const std::complex<double>& place : sum)
            highest = std::max(highest, std::abs(place));
    }
    return highest;
}

Seconds tomBuzz(const DrumUnderTom& under, const TomBeside& beside) {
    const Driven driven = drivenBy(under, beside, false);
    const double last =
        wireContact(driven.modes, wiresOf(under), kBuzzRate, kBuzzFor, driven.drives).lastStrike;
    return Seconds{last < kWithinTheBlow ? 0.0 : last};
}

PracticeTomStroke practiceTom(const DrumUnderTom& under, const TomBeside& beside, std::uint64_t stroke,
                              const PracticeSound& sound) {
    constexpr double peak = 0.3;
    Dice dice(mix(natureSeed(under.nature), stroke ^ 0x70A0ULL));
    const Driven driven = drivenBy(under, beside, false);
    const WireContact contact =
        wireContact(driven.modes, wiresOf(under), sound.sampleRate, sound.length.value, driven.drives);
    std::vector<Voice> voices;
    for (const NeighbourPartial& partial : beside.tom.partials)
        voices.push_back(
            {partial.frequency.value, rateOfT60(partial.t60), std::pow(10.0, partial.levelDb / 20.0)});
    PracticeTomStroke result{scaledTo(peak, voicesSummed(voices, sound)), tomBuzz(under, beside)};
    const auto lead = static_cast<std::size_t>(sound.leadIn.value * sound.sampleRate);
    const double usual = wirePull(chokeOf(under.nature, StrokePlace::Middle, Dynamic::Whisper), under.nature);
    for (std::size_t i = 0; i < contact.wires.size() && lead + i < result.samples.size(); ++i)
        result.samples[lead + i] += static_cast<float>(kWiresInIt * peak * contact.wires[i] / usual);
    addContact(result.samples, sound, Striker::Stick, peak, dice);
    hearHere(result.samples, sound, 0.0, 0.0, stroke, peak, dice);
    return result;
}

} // namespace bombo

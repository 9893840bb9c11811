#include "core/reading/microphone_check.h"

#include "core/reading/clarity.h"
#include "core/reading/gate.h"
#include "core/reading/steady_sound.h"
#include "core/units/median.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kLowPeak = -36.0;      // dB full scale: the input's own noise comes near
constexpr double kLowOverFloor = 26.0;  // dB from the peak down to the floor: less and decays drown
constexpr double kHumUnderPeak = -46.0; // dB: weaker lines are taken away without a trace
constexpr double kMainsWithin = 0.7;    // Hz at the second to tenth multiple, as fits over 100 ms allow
constexpr double kFarClarity =
    7.0; // dB: within a hand's width rooms leave 11 to 16, from an arm's length 2 to 4
constexpr int kShowsTwice = 2;

double decibels(double power) {
    return 10.0 * std::log10(power + 1e-20);
}

std::optional<Hertz> mainsOf(std::span<const SteadyLine> lines, double peakDb) {
    for (const SteadyLine& line : lines) {
        const double amplitude = std::hypot(line.cosine, line.sine);
        if (2.0 * decibels(amplitude) - peakDb < kHumUnderPeak)
            continue;
        for (const double mains : {50.0, 60.0}) {
            const double multiple = std::round(line.frequency.value / mains);
            if (multiple >= 1.0 && multiple <= 12.0 &&
                std::abs(line.frequency.value - multiple * mains) < kMainsWithin)
                return Hertz{mains};
        }
    }
    return std::nullopt;
}

template <class Figure> std::vector<double> each(std::span<const TapAtMicrophone> taps, Figure figure) {
    std::vector<double> values;
    for (const TapAtMicrophone& tap : taps)
        values.push_back(figure(tap));
    return values;
}

} // namespace

bool MicrophoneCheck::has(MicrophoneFault fault) const {
    return std::find(faults.begin(), faults.end(), fault) != faults.end();
}

TapAtMicrophone lookAt(const Tap& tap, const Reading& reading) {
    TapAtMicrophone look;
    look.peakDb = reading.levelDb;
    double sum = 0.0;
    for (const float s : tap.before)
        sum += static_cast<double>(s) * s;
    look.floorDb = decibels(tap.before.empty() ? 0.0 : sum / static_cast<double>(tap.before.size()));
    look.clipped = reading.verdict == Verdict::Clipped;
    look.gated = goesDeadAt(tap).has_value();
    look.gainFollows = !look.gated && floorSinks(tap);
    look.mains = mainsOf(steadyLinesBefore(tap), look.peakDb);
    if (reading.hasFigure()) {
        look.error = reading.error();
        look.pitch = reading.frequency;
    }
    look.clarityDb = clarityOf(tap).value_or(look.clarityDb);
    return look;
}

MicrophoneCheck checkMicrophone(std::span<const TapAtMicrophone> taps) {
    MicrophoneCheck check;
    check.taps = static_cast<int>(taps.size());
    check.peakDb = medianOf(each(taps, [](const auto& t) { return t.peakDb; }));
    check.overFloorDb = medianOf(each(taps, [](const auto& t) { return t.peakDb - t.floorDb; }));
    std::vector<double> errors;
    for (const TapAtMicrophone& tap : taps)
        if (tap.error)
            errors.push_back(tap.error->value);
    if (2 * errors.size() > taps.size())
        check.error = Cents{medianOf(errors)};
    check.clarityDb = medianOf(each(taps, [](const auto& t) { return t.clarityDb; }));
    const auto shows = [&](auto has) {
        return std::count_if(taps.begin(), taps.end(), has) >=
               std::min<std::ptrdiff_t>(kShowsTwice, check.taps);
    };
    const auto name = [&](MicrophoneFault fault, bool there) {
        if (there)
            check.faults.push_back(fault);
    };
    for (const TapAtMicrophone& tap : taps)
        if (tap.mains && !check.mains)
            check.mains = tap.mains;
    const bool hums = shows([](const auto& t) { return t.mains.has_value(); });
    const bool clips = shows([](const auto& t) { return t.clipped; });
    const bool gated = shows([](const auto& t) { return t.gated; });
    if (!hums)
        check.mains.reset();
    name(MicrophoneFault::TooLoud, clips);
    name(MicrophoneFault::TooQuiet, check.peakDb < kLowPeak);
    name(MicrophoneFault::Gated, gated);
    name(MicrophoneFault::GainFollows, shows([](const auto& t) { return t.gainFollows; }));
    name(MicrophoneFault::Hum, hums);
    name(MicrophoneFault::Noisy, !hums && check.overFloorDb < kLowOverFloor);
    // What cuts or drowns a tap blurs its click too: the distance is judged when nothing else is left. A
    // slack or uneven head is read roughly from any distance, so that the error accuses nobody.
    name(MicrophoneFault::TooFar, check.faults.empty() && check.clarityDb < kFarClarity);
    return check;
}

} // namespace bombo

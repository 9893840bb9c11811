#include "core/log/what_moved.h"

#include "core/acoustics/film.h"
#include "core/tuning/evening_share.h"
#include "core/tuning/targets.h"

#include <array>
#include <cmath>

namespace bombo {
namespace {

constexpr double kRodError = 2.5;       // cents that a rod's figure scatters by from one round to another
constexpr double kHiddenBackOff = 2.0;  // cents a rod pattern does not show: rods that lost alike
constexpr double kUnseenBackOff = 5.0;  // where no round tells rod by rod
constexpr double kUnexplained = 5.0;    // cents, of what is in no list (estimates)
constexpr double kNamedFrom = 3.0;      // standard errors,
constexpr double kLeastNamed = 3.0;     // and cents of the mean, before a rod is accused
constexpr std::size_t kFewestRods2 = 5; // that tell mean and second harmonic apart

double hoursBetween(std::int64_t from, std::int64_t to) {
    return static_cast<double>(to - from) / kSecondsAnHour;
}

Cents pitchStep(Tension from, Tension to) {
    return {0.5 * kCentsOfFrequency * std::log(to / from)};
}
Cents pitchError(Tension at, Tension error) {
    return {kCentsPerShare * (error / at)};
}

struct Pattern {
    double amplitude = 0; // cents of the second harmonic of what changed
    double error = 0;
    double lowestAt = 0; // rad, modulo pi
};

/// The second harmonic of the change, which a rod that lost turns makes: lowest in front of it.
std::optional<Pattern> patternOf(const HeardHead& before, const HeardHead& after) {
    const std::size_t rods = before.rods.size();
    if (rods < kFewestRods2 || after.rods.size() != rods)
        return std::nullopt;
    double c = 0.0;
    double s = 0.0;
    for (std::size_t i = 0; i < rods; ++i) {
        const double twice = 2.0 * rodAngle(static_cast<int>(i), static_cast<int>(rods)).value;
        const double change = (after.rods[i] - before.rods[i]).value;
        c += change * std::cos(twice) * 2.0 / static_cast<double>(rods);
        s += change * std::sin(twice) * 2.0 / static_cast<double>(rods);
    }
    Pattern pattern;
    pattern.amplitude = std::hypot(c, s);
    pattern.error = kRodError * std::sqrt(2.0) * std::sqrt(2.0 / static_cast<double>(rods));
    pattern.lowestAt = 0.5 * std::atan2(-s, -c);
    return pattern;
}

int rodNearest(double angle, int rods, int among) {
    int nearest = 0;
    double least = 10.0;
    for (int rod = 0; rod < among; ++rod) {
        const double apart = std::abs(std::sin(rodAngle(rod, rods).value - angle));
        if (apart < least) {
            least = apart;
            nearest = rod;
        }
    }
    return nearest;
}

struct LostTurns {
    Share mean{Cents{-1.0}, Cents{kUnseenBackOff}};
    std::optional<BackedOff> rod;
};

LostTurns lostTurns(const Drum& drum, HeadSide side, const HeadReading& before, const HeadReading& after,
                    Tension tension, Tension perTurn) {
    const auto pattern = patternOf(before.heard, after.heard);
    if (!pattern)
        return {};
    const EveningShare heard = eveningPrior(drum, side);
    // Noise alone makes an amplitude: what is over it counts.
    const double over = std::sqrt(
        std::max(0.0, pattern->amplitude * pattern->amplitude - 2.0 * pattern->error * pattern->error));
    const double drop = over / heard.mean;
    LostTurns lost;
    lost.mean = {Cents{-drop}, Cents{std::hypot(std::hypot(pattern->error / heard.mean, kHiddenBackOff),
                                                drop * heard.spread / heard.mean)}};
    const bool isPlain = pattern->amplitude > kNamedFrom * pattern->error && drop > kLeastNamed;
    if (isPlain) {
        const int rods = static_cast<int>(before.heard.rods.size());
        const int among = rods % 2 == 0 ? rods / 2 : rods;
        BackedOff one;
        one.rod = rodNearest(pattern->lowestAt, rods, among);
        if (rods % 2 == 0)
            one.orOpposite = one.rod + rods / 2;
        const double turnsACent = rods / kCentsPerShare * (tension / perTurn);
        one.lost = Turns{drop * turnsACent};
        one.error = Turns{lost.mean.error.value * turnsACent};
        lost.rod = one;
    }
    return lost;
}

/// What film that was put on at `fittedAt` is expected to do between two hours.
Fall settlesBetween(std::int64_t fittedAt, std::int64_t from, std::int64_t to,
                    const SettlingBelief& settling) {
    if (fittedAt <= 0 || fittedAt > from + static_cast<std::int64_t>(kSecondsADay))
        return {Cents{0.0}, Cents{2.0}};
    const double age = std::max(0.0, hoursBetween(fittedAt, from));
    return settling.between(age, std::max(age, hoursBetween(fittedAt, to)));
}

} // namespace

Moved whatMoved(const Drum& drum, HeadSide side, const HeadReading& before, const HeadReading& after,
                std::int64_t fittedAt, const SettlingBelief& settling, Tension perTurn) {
    Moved moved;
    moved.hours = std::max(0.0, hoursBetween(before.at, after.at));
    const Tension then = tensionFromHeard(drum, side, before.heard.edge, airAt(before.weather.weather));
    const Tension now = tensionFromHeard(drum, side, after.heard.edge, airAt(after.weather.weather));
    moved.total = {centsBetween(before.heard.edge, after.heard.edge),
                   Cents{std::hypot(before.heard.error.value, after.heard.error.value)}};

    // Air that is thicker on the film moves the pitch at the same tension: it is the weather's, too.
    const CarriedTension carried =
        carriedBetween(drum, side, then, before.weather, after.weather, moved.hours);
    const Cents byAir = moved.total.cents - pitchStep(then, now);
    const Fall fall = settlesBetween(fittedAt, before.at, after.at, settling);
    const LostTurns lost = lostTurns(drum, side, before, after, now, perTurn);

    std::array<Share, 4> parts{Share{pitchStep(then, std::max(carried.tension, Tension{1.0})) + byAir,
                                     pitchError(then, carried.standardError)},
                               Share{-fall.cents, fall.error}, lost.mean,
                               Share{Cents{0.0}, Cents{kUnexplained}}};
    double expected = 0.0;
    double variance = moved.total.error.value * moved.total.error.value;
    for (const Share& part : parts) {
        expected += part.cents.value;
        variance += part.error.value * part.error.value;
    }
    const double leftOver = moved.total.cents.value - expected;
    double sum = 0.0;
    for (Share& part : parts) {
        const double own = part.error.value * part.error.value;
        part.cents += Cents{leftOver * own / variance};
        part.error = Cents{std::sqrt(std::max(0.0, own - own * own / variance))};
        sum += part.cents.value;
    }
    parts[3].cents += Cents{moved.total.cents.value - sum}; // what the taps themselves may be off
    moved.weather = parts[0];
    moved.settled = parts[1];
    moved.backedOff = parts[2];
    moved.unexplained = parts[3];
    moved.rod = lost.rod;
    return moved;
}

Expected expectedAt(const Drum& drum, HeadSide side, const HeadReading& now, std::int64_t at,
                    const WeatherThen& weather, std::int64_t fittedAt, const SettlingBelief& settling) {
    const double hours = std::max(0.0, hoursBetween(now.at, at));
    const Tension tension = tensionFromHeard(drum, side, now.heard.edge, airAt(now.weather.weather));
    const CarriedTension carried = carriedBetween(drum, side, tension, now.weather, weather, hours);
    const Fall fall = settlesBetween(fittedAt, now.at, at, settling);
    Expected expected;
    expected.settled = {-fall.cents, fall.error};
    const Tension later = std::max(Tension{1.0}, carried.tension);
    const auto pitchAt = [&](Tension t, const Weather& in) {
        return edgePitch(drumState(drum, t, t, airAt(in)), side);
    };
    const Hertz inWeather = pitchAt(later, weather.weather);
    expected.weather = {centsBetween(now.heard.edge, inWeather), pitchError(later, carried.standardError)};
    expected.edge = moved(inWeather, expected.settled.cents);
    expected.moves = expected.weather.cents + expected.settled.cents;
    // What nobody can foretell grows with the days: a rod, a knock on the stairs.
    const double days = std::min(1.0, hours / 24.0);
    const double other = std::hypot(kUnexplained, kUnseenBackOff) * std::sqrt(days);
    expected.error = Cents{std::hypot(std::hypot(expected.weather.error.value, fall.error.value),
                                      std::hypot(other, now.heard.error.value))};
    expected.tension = later * std::exp2(expected.settled.cents.value / 600.0);
    expected.tensionError = expected.tension * (expected.error.value / kCentsPerShare);
    return expected;
}

std::vector<Stay> staysOf(const std::vector<Entry>& entries, HeadSide side) {
    std::vector<Stay> stays;
    const Entry* before = nullptr;
    for (const Entry& entry : entries) {
        const HeadFigures& head = entry.figures.head(side);
        if (before != nullptr && head.found) {
            const HeadFigures& was = before->figures.head(side);
            const bool isSameHead = was.kind == head.kind && was.fittedAt == head.fittedAt;
            if (isSameHead && was.left && entry.at >= before->at)
                stays.push_back({{before->at, *was.left, weatherThen(before->figures.weather, before->at)},
                                 {entry.at, *head.found, weatherThen(entry.figures.weather, entry.at)},
                                 head.fittedAt});
        }
        if (head.left)
            before = &entry;
    }
    return stays;
}

SettlingBelief settlingOf(const Drum& drum, HeadSide side, const std::vector<Stay>& stays, Tension perTurn) {
    SettlingBelief belief;
    for (const Stay& stay : stays) {
        if (stay.fittedAt <= 0 || stay.fittedAt > stay.left.at)
            continue;
        const Tension then =
            tensionFromHeard(drum, side, stay.left.heard.edge, airAt(stay.left.weather.weather));
        const Tension now =
            tensionFromHeard(drum, side, stay.found.heard.edge, airAt(stay.found.weather.weather));
        const double hours = hoursBetween(stay.left.at, stay.found.at);
        const CarriedTension carried =
            carriedBetween(drum, side, then, stay.left.weather, stay.found.weather, hours);
        const LostTurns lost = lostTurns(drum, side, stay.left, stay.found, now, perTurn);
        const Cents fell = pitchStep(now, std::max(carried.tension, Tension{1.0})) + lost.mean.cents;
        const double error = std::hypot(
            std::hypot(pitchError(then, carried.standardError).value, lost.mean.error.value),
            std::hypot(kUnexplained, std::hypot(stay.left.heard.error.value, stay.found.heard.error.value)));
        belief.learn({hoursBetween(stay.fittedAt, stay.left.at), hoursBetween(stay.fittedAt, stay.found.at),
                      fell, Cents{error}});
    }
    return belief;
}

} // namespace bombo

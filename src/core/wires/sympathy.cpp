#include "core/wires/sympathy.h"

#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"
#include "core/drum/beds.h"
#include "core/wires/wire_response.h"
#include "core/wires/wire_sweep.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>
#include <optional>

namespace bombo {
namespace {

constexpr Hertz kHighestMeeting{1000.0};
constexpr int kSteps = 48; // of the integrals over a radius
constexpr int kTerms = 12;

/// Moments of a head's shape: the integral of shape times (r/2)^(m + 2i) over the head, r in radii.
using Moments = std::array<double, kTerms>;

Moments momentsOf(int m, const ShapeVector& shape) {
    Moments moments{};
    for (int i = 0; i < kSteps; ++i) { // midpoints
        const double r = (i + 0.5) / kSteps;
        double power = shapeAt(m, shape, r) * r * std::pow(0.5 * r, m);
        for (double& moment : moments) {
            moment += 2.0 * std::numbers::pi * power / kSteps;
            power *= 0.25 * r * r;
        }
    }
    return moments;
}

/// Of a plane wave along the head on a mode of m diameters: the integral of shape times J_m(x r) over the
/// head, in squared radii, by the series of J_m. @param x wavenumber times radius, up to 4
double pressureOn(int m, const Moments& moments, double x) {
    double factor = std::pow(x, m);
    for (int i = 2; i <= m; ++i)
        factor /= i;
    double sum = 0.0;
    for (int i = 0; i < kTerms; ++i) {
        sum += factor * moments[static_cast<std::size_t>(i)];
        factor *= -x * x / ((i + 1.0) * (i + 1.0 + m));
    }
    return sum;
}

/// Mean square of the snare-side shape along the wires.
double alongWires(int m, const ShapeVector& shape) {
    double sum = 0.0;
    for (int i = 0; i < kSteps; ++i)
        sum += std::pow(shapeAt(m, shape, (i + 0.5) / kSteps), 2);
    return sum / kSteps;
}

/// The same of what a sound from elsewhere excites. A pair turns to where the sound comes from, and
/// nobody knows where that is against the wires: the mean of its cos^2 over all bearings.
double underWires(int m, const ShapeVector& shape) {
    return (m == 0 ? 1.0 : 0.5) * alongWires(m, shape);
}

struct OwnMode {
    CoupledMode mode; ///< with the wires lying on
    double rate;      ///< of decay, 1/s
    double wires;     ///< see underWires
    Moments batter;
    Moments snareSide;
};

std::vector<OwnMode> ownModes(const Drum& drum, const DrumState& state) {
    std::vector<OwnMode> own;
    for (const CoupledMode& free : coupledModes(state))
        if (const CoupledMode mode = withWiresOn(free, drum); mode.frequency < kHighestMeeting)
            own.push_back({mode, decayRate(mode, drum), underWires(mode.m, mode.snareSideShape),
                           momentsOf(mode.m, mode.batterShape), momentsOf(mode.m, mode.snareSideShape)});
    return own;
}

/// Mean square of the force of a plane wave of unit pressure, from anywhere above, in squared (squared
/// radii). Pressure presses both heads inwards, so that where they move the same way the forces work against
/// each other; a wave from above meets the snare side later by its way along the shell.
double meanSquareForce(const OwnMode& own, double waveNumber, double radius, double depth) {
    constexpr int heights = 4; // of the source, cosines evenly over the upper half
    double sum = 0.0;
    for (int i = 0; i < heights; ++i) {
        const double up = (i + 0.5) / heights;
        const double along = waveNumber * radius * std::sqrt(1.0 - up * up);
        const double batter = pressureOn(own.mode.m, own.batter, along);
        const double snareSide = pressureOn(own.mode.m, own.snareSide, along);
        const double late = waveNumber * depth * up;
        sum += batter * batter + snareSide * snareSide - 2.0 * batter * snareSide * std::cos(late);
    }
    return sum / heights;
}

/// Energy that the wires get from one partial through one mode.
double throughMode(const OwnMode& own, const DrumState& state, const NeighbourPartial& partial) {
    const double omega = 2.0 * std::numbers::pi * partial.frequency.value;
    const double radius = state.radius.value;
    const double force2 =
        std::pow(radius, 4) * meanSquareForce(own, omega / state.air.soundSpeed, radius, state.depth.value);
    const double apart = omega - 2.0 * std::numbers::pi * own.mode.frequency.value;
    const double yields = omega / (2.0 * own.mode.modalMass.value);
    return force2 * yields * yields * own.wires * std::pow(10.0, 0.1 * partial.levelDb) *
           drivenEnergy(own.rate, rateOfT60(partial.t60), apart);
}

std::vector<Meeting> meetingsOf(const std::vector<OwnMode>& own, const DrumState& state,
                                const std::vector<Neighbour>& neighbours) {
    std::vector<Meeting> found;
    for (std::size_t n = 0; n < neighbours.size(); ++n)
        for (std::size_t p = 0; p < neighbours[n].partials.size(); ++p)
            for (const OwnMode& mode : own) {
                const NeighbourPartial& partial = neighbours[n].partials[p];
                found.push_back({static_cast<int>(n), static_cast<int>(p), mode.mode.m, mode.mode.order,
                                 partial.frequency, mode.mode.frequency, throughMode(mode, state, partial)});
            }
    std::sort(found.begin(), found.end(),
              [](const Meeting& a, const Meeting& b) { return a.energy > b.energy; });
    return found;
}

double gainDb(double before, double after) {
    return 10.0 * std::log10(before / std::max(after, 1e-300));
}

/// The smallest step, either way, that gains enough; else the best there is within `furthest`.
template <class Energy>
std::optional<std::pair<double, double>> smallestThatCalms(double before, double furthest, double step,
                                                           double enough, Energy energy) {
    std::optional<std::pair<double, double>> best; // step and gain
    for (double by = step; by <= furthest + 1e-9; by += step) {
        for (const double signedBy : {-by, by}) {
            const double gain = gainDb(before, energy(signedBy));
            if (!best || gain > best->second)
                best = {signedBy, gain};
        }
        if (best->second >= enough)
            break;
    }
    return best;
}

DrumState movedBy(DrumState state, Cents by) {
    const double factor = std::exp2(by.value / 600.0); // tension goes with the square of pitch
    state.batter.tension = factor * state.batter.tension;
    state.snareSide.tension = factor * state.snareSide.tension;
    return state;
}

} // namespace

CoupledMode withWiresOn(CoupledMode mode, const Drum& drum) {
    const double carried = kWiresThatPress * drum.wires.mass.value;
    const double heavier = 1.0 + carried * alongWires(mode.m, mode.snareSideShape) / mode.modalMass.value;
    mode.frequency = mode.frequency * (1.0 / std::sqrt(heavier));
    mode.modalMass = heavier * mode.modalMass;
    return mode;
}

std::optional<InputProblem> checkNeighbour(const Neighbour& neighbour) {
    constexpr std::size_t mostPartials = 16;
    if (neighbour.partials.empty() || neighbour.partials.size() > mostPartials)
        return InputProblem{"partials", "must be 1 to 16"};
    for (const NeighbourPartial& partial : neighbour.partials) {
        if (!(partial.frequency.value >= 20.0 && partial.frequency.value <= 4000.0))
            return InputProblem{"frequency_hz", "must lie between 20 and 4000"};
        if (!(partial.t60.value >= 0.01 && partial.t60.value <= 30.0))
            return InputProblem{"t60_s", "must lie between 0.01 and 30"};
        if (!(partial.levelDb >= -80.0 && partial.levelDb <= 40.0))
            return InputProblem{"level_db", "must lie between -80 and 40"};
    }
    return std::nullopt;
}

Neighbour neighbourAt(std::string name, NeighbourKind kind, Hertz pitch) {
    struct Part {
        double ratio;
        double t60;
        double levelDb;
    };
    std::vector<Part> parts;
    switch (kind) {
    case NeighbourKind::Tom:
        parts = {{1.0, 0.9, 0.0}, {1.5, 0.6, -6.0}, {2.0, 0.4, -12.0}};
        break;
    case NeighbourKind::BassDrum:
        parts = {{1.0, 0.5, 0.0}, {1.6, 0.4, -8.0}};
        break;
    case NeighbourKind::BassNote:
        parts = {{1.0, 3.0, 0.0}, {2.0, 2.5, -3.0}, {3.0, 2.0, -8.0}, {4.0, 1.5, -14.0}};
        break;
    case NeighbourKind::Voice:
        parts = {{1.0, 4.0, -3.0}, {2.0, 4.0, 0.0}, {3.0, 4.0, -5.0}, {4.0, 4.0, -9.0}};
        break;
    case NeighbourKind::Other:
        parts = {{1.0, 1.0, 0.0}};
        break;
    }
    Neighbour neighbour{std::move(name), kind, {}};
    for (const Part& part : parts)
        neighbour.partials.push_back({part.ratio * pitch, Seconds{part.t60}, part.levelDb});
    return neighbour;
}

Neighbour retuned(Neighbour neighbour, Cents by) {
    for (NeighbourPartial& partial : neighbour.partials)
        partial.frequency = moved(partial.frequency, by);
    return neighbour;
}

Neighbour shortened(Neighbour neighbour, double factor) {
    for (NeighbourPartial& partial : neighbour.partials)
        partial.t60 = factor * partial.t60;
    return neighbour;
}

double drivenEnergy(double modeRate, double soundRate, double apart) {
    const double both = modeRate + soundRate;
    return both / (2.0 * modeRate * soundRate * (apart * apart + both * both));
}

std::vector<Meeting> meetings(const Drum& drum, const DrumState& state,
                              const std::vector<Neighbour>& neighbours) {
    return meetingsOf(ownModes(drum, state), state, neighbours);
}

double wireEnergy(const std::vector<Meeting>& meetings) {
    double sum = 0.0;
    for (const Meeting& meeting : meetings)
        sum += meeting.energy;
    return sum;
}

std::vector<Calming> calmings(const Drum& drum, const DrumState& state,
                              const std::vector<Neighbour>& neighbours, const CalmingLimits& limits) {
    constexpr double cents = 10.0;
    constexpr double shorter = 0.5;
    constexpr Turns bedTurns{-0.25};
    std::vector<Calming> found;
    if (neighbours.empty())
        return found;
    const std::vector<OwnMode> own = ownModes(drum, state);
    const double before = wireEnergy(meetingsOf(own, state, neighbours));
    const auto keep = [&](const Calming& calming) {
        if (calming.gainDb >= limits.leastDb)
            found.push_back(calming);
    };
    const auto energyOf = [&](const Neighbour& one) { return wireEnergy(meetingsOf(own, state, {one})); };
    for (std::size_t n = 0; n < neighbours.size(); ++n) {
        const Neighbour& neighbour = neighbours[n];
        if (neighbour.partials.empty())
            continue;
        const bool isDrum = neighbour.kind == NeighbourKind::Tom || neighbour.kind == NeighbourKind::BassDrum;
        if (!isDrum)
            continue; // notes and voices are what the piece asks for
        const double alone = energyOf(neighbour);
        if (const auto best =
                smallestThatCalms(alone, limits.furthest.value, cents, limits.enoughDb,
                                  [&](double by) { return energyOf(retuned(neighbour, Cents{by})); }))
            keep({.kind = CalmingKind::RetuneNeighbour,
                  .neighbour = static_cast<int>(n),
                  .by = Cents{best->first},
                  .to = moved(neighbour.partials.front().frequency, Cents{best->first}),
                  .turns = {},
                  .gainDb = best->second});
        keep({.kind = CalmingKind::ShortenNeighbour,
              .neighbour = static_cast<int>(n),
              .by = {},
              .to = neighbour.partials.front().frequency,
              .turns = {},
              .factor = shorter,
              .gainDb = gainDb(alone, energyOf(shortened(neighbour, shorter)))});
    }
    const double steps = std::floor(8.0 * limits.tighter.value + 1e-9);
    const double needed =
        std::ceil(8.0 * limits.pulled.value * (std::pow(10.0, limits.enoughDb / 20.0) - 1.0));
    const Turns tighter{std::min(steps, needed) / 8.0};
    keep({.kind = CalmingKind::TightenWires,
          .by = {},
          .to = {},
          .turns = tighter,
          .gainDb = pullDb(limits.pulled + tighter, limits.pulled, Turns{})});
    const auto withOwn = [&](double by) {
        const DrumState there = movedBy(state, Cents{by});
        return wireEnergy(meetingsOf(ownModes(drum, there), there, neighbours));
    };
    if (const auto best =
            smallestThatCalms(before, limits.furthestOwn.value, 2.0 * cents, limits.enoughDb, withOwn)) {
        const auto there = coupledModes(movedBy(state, Cents{best->first}), {.highestM = 1, .perM = 1});
        keep({.kind = CalmingKind::RetuneBoth,
              .by = Cents{best->first},
              .to = there.back().frequency,
              .turns = {},
              .gainDb = best->second});
    }
    // A quarter turn off the rods beside the beds: to first order the modes of the snare side feel the mean.
    const auto beds = static_cast<double>(rodsBesideBeds(drum.rods).size());
    DrumState slack = state;
    const double perTurn = tensionPerTurnPrior(drum, HeadSide::SnareSide).value;
    slack.snareSide.tension =
        Tension{std::max(0.5 * state.snareSide.tension.value,
                         state.snareSide.tension.value + perTurn * bedTurns.value * beds / drum.rods)};
    keep({.kind = CalmingKind::SlackenBedRods,
          .by = {},
          .to = {},
          .turns = bedTurns,
          .gainDb = gainDb(before, wireEnergy(meetingsOf(ownModes(drum, slack), slack, neighbours)))});
    std::stable_sort(found.begin(), found.end(),
                     [](const Calming& a, const Calming& b) { return a.kind < b.kind; });
    found.push_back({.kind = CalmingKind::LeverOff, .by = {}, .to = {}, .turns = {}, .gainDb = 200.0});
    return found;
}

} // namespace bombo

#include "core/practice/tom_job.h"

#include "core/acoustics/pitches.h"
#include "core/practice/practice_nature.h"
#include "core/units/dice.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr Turns kTomKnobEnd{5.0};
/// What the tom throws the wires with, against their pull; less where no move of it would help.
constexpr double kThrownBeyondPull = 2.2;
constexpr double kThrownAtLeast = 1.4;
constexpr Seconds kPlainBuzz{0.08};
constexpr std::array kMovesTried{-0.5, 0.5, -0.75, 0.75, -1.0, 1.0}; ///< turns of the tom: whether any helps
constexpr int kPlantings = 12;
constexpr Hertz kLowestTom{70.0};
constexpr Hertz kHighestTom{260.0};

PracticeSound drySound(double sampleRate) {
    return {.sampleRate = sampleRate, .length = Seconds{1.1}, .leadIn = Seconds{0.05}};
}

} // namespace

TomJob::TomJob(const Drum& drum, Tension batter, Tension snareSide, std::uint64_t seed)
    : m_drum(drum), m_batter(batter), m_snareSide(snareSide), m_stroke(seed * 1000) {
    for (std::uint64_t draw = 0; draw < kPlantings; ++draw)
        if (plant(seed + 1'000'003 * draw,
                  std::max(kThrownAtLeast, kThrownBeyondPull - 0.1 * static_cast<double>(draw))))
            return;
}

/// @return false where no move of the tom within its reach would help
bool TomJob::plant(std::uint64_t seed, double thrown) {
    Dice dice(seed ^ 0x70AULL);
    m_nature = drawNature(m_drum, seed);
    m_state = {};
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        m_state.turns(side) =
            evenTurns(m_nature, m_state, side, side == HeadSide::Batter ? m_batter : m_snareSide);
    const Turns choke = chokeOf(m_nature, StrokePlace::Edge, Dynamic::Whisper);
    m_knobBegin = m_state.strainer =
        Turns{std::round(8.0 * (choke.value + std::min(m_nature.rattle, choke).value)) / 16.0};
    m_planted.bearing = dice.uniform(0.0, kTwoPi);
    m_planted.loudness = 1.0;
    const DrumUnderTom under(m_drum, m_nature, m_state);
    const double highest = tuneTom(under, dice);
    m_planted.loudness = thrown * wirePull(m_state.strainer, m_nature) / highest;
    return tomBuzz(under, m_planted) > kPlainBuzz &&
           std::any_of(kMovesTried.begin(), kMovesTried.end(),
                       [&](double turns) { return tomBuzz(under, beside(Turns{turns})).value == 0.0; });
}

/// One of the tom's partials on one of the drum's own, where the wires are thrown most, or nearly so.
/// @return acceleration under the wires at a loudness of 1
double TomJob::tuneTom(const DrumUnderTom& under, Dice& dice) {
    struct Place {
        Hertz pitch;
        double thrown;
    };
    std::vector<Place> places;
    double most = 0.0;
    for (const CoupledMode& free : under.modes)
        for (const NeighbourPartial& partial :
             neighbourAt({}, NeighbourKind::Tom, Hertz{1.0}).partials) { // by their ratios
            const Hertz pitch = withWiresOn(free, m_drum).frequency * (1.0 / partial.frequency.value);
            if (pitch < kLowestTom || pitch > kHighestTom)
                continue;
            m_planted.tom = neighbourAt({}, NeighbourKind::Tom, pitch);
            places.push_back({pitch, tomThrow(under, m_planted)});
            most = std::max(most, places.back().thrown);
        }
    std::erase_if(places, [&](const Place& place) { return place.thrown < 0.6 * most; });
    const auto which = static_cast<std::size_t>(dice.uniform(0.0, static_cast<double>(places.size())));
    const Place chosen = places[std::min(which, places.size() - 1)];
    m_planted.tom = neighbourAt({}, NeighbourKind::Tom, chosen.pitch);
    return chosen.thrown;
}

TomBeside TomJob::beside(Turns tomTurned) const {
    TomBeside now = m_planted;
    now.tom = retuned(m_planted.tom, tomTurned.value * kTomPerTurn);
    return now;
}

PracticeState TomJob::stateNow() const {
    PracticeState now = m_state;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        for (Turns& rod : now.turns(side))
            rod = rod + turned(TomHandle::DrumRods);
    return now;
}

Turns TomJob::turned(TomHandle handle) const {
    return m_turned.at(static_cast<std::size_t>(handle));
}

Neighbour TomJob::tom() const {
    return beside(turned(TomHandle::TomRods)).tom;
}

DrumState TomJob::heads() const {
    const Turns all = turned(TomHandle::DrumRods);
    const auto now = [&](HeadSide side, Tension begin) {
        return Tension{
            std::max(0.3 * begin.value, begin.value + all.value * tensionPerTurnPrior(m_drum, side).value)};
    };
    return drumState(m_drum, now(HeadSide::Batter, m_batter), now(HeadSide::SnareSide, m_snareSide),
                     airAt(kPracticeWeather));
}

bool TomJob::turn(TomHandle handle, Turns turns) {
    Turns& all = m_turned.at(static_cast<std::size_t>(handle));
    const Turns there = all + turns;
    if (handle == TomHandle::Knob) {
        const Turns knob = m_knobBegin + there;
        if (knob.value < 0.0 || knob > kTomKnobEnd)
            return false;
        m_state.strainer = knob;
    } else if (there > kTomReach || there < -kTomReach) {
        return false;
    }
    all = there;
    const int at = static_cast<int>(handle);
    if (m_placements.empty() || m_hasStruck || m_placements.back().rod != at)
        m_placements.push_back({at, {}, m_hasStruck});
    m_placements.back().turns = m_placements.back().turns + turns;
    m_hasStruck = false;
    return true;
}

PracticeTomStroke TomJob::strikeTom(double sampleRate) {
    m_hasStruck = true;
    const PracticeState now = stateNow();
    return practiceTom(DrumUnderTom(m_drum, m_nature, now), beside(turned(TomHandle::TomRods)), ++m_stroke,
                       drySound(sampleRate));
}

PracticeWireStroke TomJob::strikeDrum(Dynamic dynamic, double sampleRate) {
    m_hasStruck = true;
    const StrokePlace place = dynamic == Dynamic::Loud ? StrokePlace::Middle : StrokePlace::Edge;
    return practiceWireStroke(m_drum, m_nature, stateNow(), place, dynamic, ++m_stroke, kPracticeWeather,
                              drySound(sampleRate));
}

std::vector<Calming> TomJob::advice() const {
    // How far the knob may go nobody has heard here: a little.
    std::vector<Calming> ways =
        calmings(m_drum, heads(), {tom()},
                 {.tighter = Turns{0.25}, .pulled = Turns{std::max(0.25, knob().value)}, .leastDb = 0.5});
    std::erase_if(ways, [](const Calming& way) { // what no hand here can do
        return way.kind == CalmingKind::ShortenNeighbour || way.kind == CalmingKind::SlackenBedRods ||
               way.kind == CalmingKind::LeverOff;
    });
    return ways;
}

/// Of the tom alone, from where it was found, the snare drum as it was found.
std::optional<Turns> TomJob::leastMove() const {
    PracticeState found = m_state;
    found.strainer = m_knobBegin;
    const DrumUnderTom under(m_drum, m_nature, found);
    for (int steps = 1; kSmallestTurn.value * steps <= kTomReach.value; ++steps)
        for (const int signedSteps : {steps, -steps}) {
            const Turns turns = signedSteps * kSmallestTurn;
            if (tomBuzz(under, beside(turns)).value == 0.0)
                return turns;
        }
    return std::nullopt;
}

TomScore TomJob::score() const {
    TomScore score;
    const PracticeState now = stateNow();
    score.buzzes =
        tomBuzz(DrumUnderTom(m_drum, m_nature, now), beside(turned(TomHandle::TomRods))).value > 0.0;
    score.answers = now.strainer < chokeOf(m_nature, StrokePlace::Edge, Dynamic::Whisper);
    score.rattles = now.strainer < m_nature.rattle;
    score.turned = m_turned;
    score.tomMoved = turned(TomHandle::TomRods).value * kTomPerTurn;
    const auto edge = [&](const PracticeState& state) {
        const auto tension = [&](HeadSide side) { return Tension{trueMeanTension(m_nature, state, side)}; };
        return edgePitch(drumState(m_drum, tension(HeadSide::Batter), tension(HeadSide::SnareSide),
                                   airAt(kPracticeWeather)),
                         HeadSide::Batter);
    };
    score.drumMoved = centsBetween(edge(m_state), edge(now));
    score.least = leastMove();
    score.placements = static_cast<int>(m_placements.size());
    score.passes = static_cast<int>(std::count_if(m_placements.begin(), m_placements.end(),
                                                  [](const KeyPlacement& one) { return one.beginsPass; }));
    score.isDone = !score.buzzes && score.answers && !score.rattles;
    return score;
}

} // namespace bombo

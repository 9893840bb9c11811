#include "core/practice/tuning_job.h"

#include "core/acoustics/damping.h"
#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/procedure/head_rounds.h"
#include "core/tap/taps_in.h"
#include "core/units/dice.h"
#include "core/units/median.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace bombo {
namespace {

constexpr Turns kLowRod{-0.3};
constexpr double kStickingLoss = 0.5; ///< of what the sticking rod is turned
constexpr Turns kStickingLow{-0.35};
constexpr double kUneven = 0.16; ///< turns, one standard deviation
constexpr double kMostUneven = 0.5;
constexpr int kMostDraws = 60;
constexpr Cents kWorthIt{20.0}; ///< of the rod that sounds farthest off
constexpr Cents kHardly{45.0};  ///< beyond it half the rods beat too much to be read
constexpr Turns kSlack{-1.0};
constexpr Turns kALittleLow{-0.25};
constexpr double kWornLoss = 2.5; ///< factor on the decay rates of a head that is worn out
constexpr std::size_t kTapsOfARing = 4;
constexpr int kTriesAtARod = 3; ///< then its opposite speaks for it
constexpr Turns kKnobEnd{5.0};
constexpr Turns kTooFar{1.0}; ///< of the knob, beyond where the softest strokes still answer

Turns toSixteenth(Turns turns) {
    return Turns{std::round(turns.value / kSmallestTurn.value) * kSmallestTurn.value};
}

} // namespace

const char* tuningTaskName(TuningTask task) {
    static constexpr std::array names{"one_rod",      "uneven",    "choked_wires", "slack_snare_side",
                                      "sticking_rod", "worn_head", "five_minutes"};
    return names.at(static_cast<std::size_t>(task));
}

const char* tuningHelpName(TuningHelp help) {
    static constexpr std::array names{"advice", "figures", "ear"};
    return names.at(static_cast<std::size_t>(help));
}

TuningJob::TuningJob(TuningTask task, const Drum& drum, Tension batter, Tension snareSide, std::uint64_t seed)
    : m_task(task), m_drum(drum), m_nature(drawNature(drum, seed)),
      m_tension(side() == HeadSide::Batter ? batter : snareSide),
      m_other(side() == HeadSide::Batter ? snareSide : batter), m_stroke(seed * 1000),
      m_turned(static_cast<std::size_t>(drum.rods)), m_tries(static_cast<std::size_t>(drum.rods)),
      m_readings(static_cast<std::size_t>(drum.rods)) {
    plant(seed);
    m_goal = pitchAt(m_tension);
    m_sweep.slackTurns = m_drum.wires.slackTurns;
    m_sweep.snareSideFilmLoad = filmLoad(m_drum.snareSideHead, snareSide);
    m_sweep.current = m_state.strainer;
    m_widestBefore = widestIn(m_state);
    m_begin = m_wasWorn ? m_fresh : m_state;
    m_load = highestLoad();
}

/// Even and at its goal first, then the flaw.
void TuningJob::plant(std::uint64_t seed) {
    Dice dice(seed ^ 0x7A5CULL);
    HiddenHead& head = side() == HeadSide::Batter ? m_nature.batter : m_nature.snareSide;
    head.pitchOff = 0.0; // the goal is stated in Hz
    const auto rods = static_cast<std::size_t>(m_drum.rods);
    const auto one = static_cast<std::size_t>(dice.uniform(0.0, static_cast<double>(rods)));
    if (m_task == TuningTask::StickingRod)
        head.friction[one] = kStickingLoss;
    for (const HeadSide which : {HeadSide::Batter, HeadSide::SnareSide})
        m_state.turns(which) = evenTurns(m_nature, m_state, which, which == side() ? m_tension : m_other);
    std::vector<Turns>& turns = m_state.turns(side());
    const auto strew = [&](Turns all) {
        const std::vector<Turns> even = turns;
        double spread = kUneven; // a stiff hoop hides more
        for (int draws = 0; draws < kMostDraws; ++draws) {
            for (std::size_t rod = 0; rod < rods; ++rod)
                turns[rod] =
                    even[rod] + all + Turns{std::clamp(spread * dice.normal(), -kMostUneven, kMostUneven)};
            const Cents widest = widestIn(m_state);
            if (widest >= kWorthIt && widest <= kHardly)
                return;
            spread = std::clamp(spread * (widest < kWorthIt ? 1.1 : 0.95), 0.05, kMostUneven);
        }
    };
    const auto lower = [&](Turns by) {
        turns[one] = turns[one] + by;
        for (int more = 0; more < 5 && widestIn(m_state) < kWorthIt; ++more)
            turns[one] = turns[one] + by * 0.25;
    };
    switch (m_task) {
    case TuningTask::OneRod:
        lower(kLowRod);
        break;
    case TuningTask::Uneven:
        strew({});
        break;
    case TuningTask::StickingRod:
        lower(Turns{kStickingLow.value / (1.0 - kStickingLoss)});
        break;
    case TuningTask::SlackSnareSide:
        strew(kSlack);
        break;
    case TuningTask::FiveMinutes:
        strew(kALittleLow);
        break;
    case TuningTask::WornHead: {
        head.damping = 1.0;
        const std::vector<Turns> even = turns;
        strew(kALittleLow);
        m_fresh = m_state;
        turns = even;
        m_wasWorn = dice.uniform(0.0, 1.0) < 0.5;
        strew(m_wasWorn ? kALittleLow : kSlack);
        if (m_wasWorn)
            head.damping = kWornLoss;
        break;
    }
    case TuningTask::ChokedWires:
        m_state.strainer = toSixteenth(chokeOf(m_nature, StrokePlace::Edge, Dynamic::Whisper) + kTooFar);
        break;
    }
}

std::optional<Seconds> TuningJob::within() const {
    return m_task == TuningTask::FiveMinutes ? std::optional(kFiveMinutes) : std::nullopt;
}

DrumState TuningJob::stateAt(Tension tension) const {
    const bool isBatter = side() == HeadSide::Batter;
    return drumState(m_drum, isBatter ? tension : m_other, isBatter ? m_other : tension,
                     airAt(kPracticeWeather));
}

Hertz TuningJob::pitchAt(Tension tension) const {
    return edgePitch(stateAt(tension), side());
}

double TuningJob::highestLoad() const {
    double highest = 0.0;
    for (const Tension tension : trueRodTensions(m_nature, m_state, side()))
        highest = std::max(highest, filmLoad(m_drum.head(side()), tension));
    return highest;
}

bool TuningJob::turn(int rod, Turns turns) {
    if (isTorn())
        return false;
    if (isWires()) {
        const Turns knob = m_state.strainer + turns;
        if (knob.value < 0.0 || knob > kKnobEnd)
            return false;
        m_state.strainer = knob;
        m_sweep.current = knob;
        rod = 0;
    } else {
        std::vector<Turns>& all = m_state.turns(side());
        const auto at = static_cast<std::size_t>(rod);
        const Turns before = all[at];
        const Tension pulled = trueRodTensions(m_nature, m_state, side())[at];
        all[at] = before + turns;
        if (turns.value < 0.0 && trueRodTensions(m_nature, m_state, side())[at] == pulled) {
            all[at] = before; // it is loose already
            return false;
        }
        m_turned[at] = m_turned[at] + turns;
        m_load = std::max(m_load, highestLoad());
    }
    if (m_placements.empty() || m_hasTapped || m_placements.back().rod != rod)
        m_placements.push_back({rod, {}, m_hasTapped});
    m_placements.back().turns = m_placements.back().turns + turns;
    m_hasTapped = false;
    m_hasTurned = true;
    return true;
}

bool TuningJob::fitFreshHead() {
    if (m_task != TuningTask::WornHead || m_isFreshHead)
        return false;
    m_isFreshHead = true;
    m_nature.batter.damping = 1.0;
    m_state = m_begin = m_fresh;
    std::fill(m_turned.begin(), m_turned.end(), Turns{});
    m_load = highestLoad();
    m_rounds.clear(); // what turns did to another head
    forgetRound();
    m_hasTurned = false;
    m_hasTapped = true;
    return true;
}

void TuningJob::forgetRound() {
    std::fill(m_readings.begin(), m_readings.end(), std::nullopt);
    std::fill(m_tries.begin(), m_tries.end(), 0);
}

Turns TuningJob::turnedAt(int rod) const {
    if (isWires())
        return m_state.strainer - m_begin.strainer;
    return m_turned[static_cast<std::size_t>(rod)];
}

std::vector<float> TuningJob::tap(int rod, const PracticeRoom& room, double sampleRate) {
    if (m_hasTurned) {
        if (isWhole())
            m_rounds.push_back({m_readings, m_heardAt});
        forgetRound();
    }
    m_hasTurned = false;
    m_hasTapped = true;
    m_heardAt = m_turned;
    m_lastRod = rod;
    PracticeTap tap{.side = side(), .rod = rod, .stroke = ++m_stroke};
    return practiceTap(m_drum, m_nature, m_state, tap, kPracticeWeather, soundIn(room, sampleRate, m_stroke));
}

std::vector<float> TuningJob::goalTap(const PracticeRoom& room, double sampleRate) {
    PracticeState even = m_state;
    even.turns(side()) = evenTurns(m_nature, even, side(), m_tension);
    HiddenNature sound = m_nature;
    if (m_task == TuningTask::WornHead)
        sound.batter.damping = 1.0;
    const PracticeTap tap{.side = side(), .rod = m_lastRod, .stroke = ++m_stroke};
    return practiceTap(m_drum, sound, even, tap, kPracticeWeather, soundIn(room, sampleRate, m_stroke));
}

PracticeWireStroke TuningJob::strike(Dynamic dynamic, const PracticeRoom& room, double sampleRate) {
    m_hasTapped = true;
    ++m_stroke;
    const StrokePlace place = dynamic == Dynamic::Loud ? StrokePlace::Middle : StrokePlace::Edge;
    PracticeWireStroke stroke = practiceWireStroke(m_drum, m_nature, m_state, place, dynamic, m_stroke,
                                                   kPracticeWeather, soundIn(room, sampleRate, m_stroke));
    const Turns here = m_state.strainer;
    std::erase_if(m_sweep.tests, [&](const WireTest& test) {
        return test.turns == here && test.place == place && test.dynamic == dynamic;
    });
    m_sweep.tests.push_back({here, place, dynamic, stroke.answered});
    if (dynamic == Dynamic::Loud) {
        std::erase_if(m_sweep.rattles, [&](const RattleTest& test) { return test.turns == here; });
        m_sweep.rattles.push_back({here, stroke.rattled});
    }
    return stroke;
}

/// What the task says of the pitch and what was counted since, at what a turn usually does.
Expectation TuningJob::expectation() const {
    double turned = 0.0;
    for (int rod = 0; rod < m_drum.rods; ++rod)
        turned += turnedAt(rod).value / m_drum.rods;
    // Of a dull head nobody says how low it stands: half way.
    const Turns planted = m_task == TuningTask::SlackSnareSide               ? kSlack
                          : m_task == TuningTask::WornHead && !m_isFreshHead ? 0.5 * kSlack
                                                                             : Turns{0.0};
    const double perTurn = tensionPerTurnPrior(m_drum, side()).value;
    const Tension now{std::max(0.3 * m_tension.value, m_tension.value + (planted.value + turned) * perTurn)};
    return {.modes = expectedModes(mutedModes(stateAt(now), side()))};
}

std::optional<RodReading> TuningJob::hear(std::span<const float> samples, double sampleRate) {
    ReadingOptions options;
    options.expected = expectation();
    ++m_tries[static_cast<std::size_t>(m_lastRod)];
    for (const Tap& tap : tapsIn(samples, sampleRate)) {
        const Reading reading = readTap(tap, options);
        if (reading.hasFigure() && reading.error() <= kUsable)
            return m_readings[static_cast<std::size_t>(m_lastRod)] = rodReadingFrom(reading);
    }
    return std::nullopt;
}

bool TuningJob::isWhole() const {
    const std::size_t rods = m_readings.size();
    for (std::size_t rod = 0; rod < rods; ++rod)
        if (!m_readings[rod] &&
            (rods % 2 == 1 || m_tries[rod] < kTriesAtARod || !m_readings[(rod + rods / 2) % rods]))
            return false;
    return true;
}

std::optional<RoundRing> TuningJob::ring() const {
    std::vector<double> rings;
    std::vector<double> pitches;
    for (const auto& reading : m_readings)
        if (reading && reading->t60) {
            rings.push_back(reading->t60->value);
            pitches.push_back(reading->frequency.value);
        }
    if (rings.size() < kTapsOfARing)
        return std::nullopt;
    const double up = std::exp2(centsBetween(m_goal, Hertz{medianOf(pitches)}).value / 600.0);
    const std::vector<CoupledMode> modes = mutedModes(stateAt(m_tension * up), side());
    const auto edge =
        std::find_if(modes.begin(), modes.end(), [](const CoupledMode& mode) { return mode.m == 1; });
    return RoundRing{Seconds{medianOf(rings)}, t60OfRate(decayRate(*edge, m_drum))};
}

bool TuningJob::isRoundWhole() const {
    return !m_hasTurned && isWhole();
}

/// What the turns between whole rounds did, against what they should have done.
EveningShare TuningJob::learnedShare() const {
    const EveningShare prior = eveningPrior(m_drum, side());
    const double centsPerTurn = kCentsPerShare * tensionPerTurnPrior(m_drum, side()) / m_tension;
    std::vector<EveningObservation> seen;
    for (std::size_t i = 0; i < m_rounds.size(); ++i) {
        const Round now{m_readings, m_turned};
        const Round& before = m_rounds[i];
        const Round& after = i + 1 < m_rounds.size() ? m_rounds[i + 1] : now;
        seen.push_back(observationOf(estimateEvenness(pitchesOf(before.readings), {}, prior),
                                     estimateEvenness(pitchesOf(after.readings), {}, prior), before.turned,
                                     after.turned, centsPerTurn));
    }
    return learnEvening(seen, prior);
}

MovePlan TuningJob::advice(Cents tolerance) const {
    const EveningShare share = learnedShare();
    const EvennessEstimate now = estimateEvenness(pitchesOf(m_readings), {}, share);
    // Nobody counted before: the count begins at the tension that is heard now.
    const double up = std::exp2(centsBetween(m_goal, now.mean).value / 600.0);
    const TurnResponse response =
        learnTurnResponse(m_drum, side(), {}, {m_tension * up, Tension{0.05 * m_tension.value}});
    const std::vector<Turns> none(m_readings.size());
    return planMoves(now, m_goal, none, response, m_drum.head(side()),
                     {.tolerance = tolerance, .evening = share, .floor = Turns{-2.0}});
}

/// The largest of the turns back to even at the goal, as many as it takes; in sixteenths.
std::vector<Turns> TuningJob::shortestWay(Cents tolerance) const {
    if (isWires()) {
        const Turns choke = chokeOf(m_nature, StrokePlace::Edge, Dynamic::Whisper);
        const Turns middle{0.5 * (choke.value + std::min(m_nature.rattle, choke).value)};
        return {toSixteenth(middle - m_begin.strainer)};
    }
    const std::vector<Turns> even = evenTurns(m_nature, m_begin, side(), m_tension);
    const std::vector<Turns>& begin = m_begin.turns(side());
    std::vector<std::size_t> order(even.size());
    std::iota(order.begin(), order.end(), std::size_t{0});
    const auto need = [&](std::size_t rod) { return std::abs((even[rod] - begin[rod]).value); };
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return need(a) > need(b); });
    std::vector<Turns> best(even.size());
    PracticeState state = m_begin;
    for (const std::size_t rod : order) {
        if (isWithin(state, tolerance))
            break;
        best[rod] = toSixteenth(even[rod] - begin[rod]);
        state.turns(side())[rod] = begin[rod] + best[rod];
    }
    return best;
}

Cents TuningJob::offGoal(const PracticeState& state) const {
    return centsBetween(m_goal, pitchAt(Tension{trueMeanTension(m_nature, state, side())}));
}

bool TuningJob::isWithin(const PracticeState& state, Cents tolerance) const {
    return widestIn(state) <= tolerance && std::abs(offGoal(state).value) <= tolerance.value;
}

Cents TuningJob::widestIn(const PracticeState& state) const {
    Cents widest{0.0};
    for (const Cents one : trueEdgeDeviation(m_nature, state, side()))
        widest = std::max(widest, Cents{std::abs(one.value)});
    return widest;
}

TuningScore TuningJob::score(Cents tolerance) const {
    TuningScore score;
    score.isWires = isWires();
    score.best = shortestWay(tolerance);
    score.fewest = static_cast<int>(
        std::count_if(score.best.begin(), score.best.end(), [](Turns turns) { return turns.value != 0.0; }));
    score.placements = static_cast<int>(m_placements.size());
    score.passes = static_cast<int>(std::count_if(m_placements.begin(), m_placements.end(),
                                                  [](const KeyPlacement& one) { return one.beginsPass; }));
    for (std::size_t rod = 0; rod < score.best.size(); ++rod)
        score.turned.push_back(turnedAt(static_cast<int>(rod)));
    if (isWires()) {
        score.answers = m_state.strainer < chokeOf(m_nature, StrokePlace::Edge, Dynamic::Whisper);
        score.rattles = m_state.strainer < m_nature.rattle;
        score.isDone = score.answers && !score.rattles;
        return score;
    }
    score.load = m_load;
    score.widestBefore = m_widestBefore;
    score.wasWorn = m_wasWorn;
    score.isFreshHead = m_isFreshHead;
    score.widestAfter = widestIn(m_state);
    score.offAfter = offGoal(m_state);
    score.isDone = isWithin(m_state, tolerance) && (!m_wasWorn || m_isFreshHead);
    return score;
}

} // namespace bombo

/// The promises that have a time in them. Run: build/release/bench/bombo-bench
#include "core/log/set_list.h"
#include "core/muffling/muffling.h"
#include "core/practice/practice_session.h"
#include "core/reading/read_tap.h"
#include "core/record/heads_say.h"
#include "core/record/proof.h"
#include "core/record/session_sound.h"
#include "core/record/stations.h"
#include "core/tap/taps_in.h"
#include "core/tuning/evenness.h"
#include "core/units/dice.h"
#include "support/sessions.h"

#include <benchmark/benchmark.h>

namespace {

using namespace bombo;
using bombo::testing::chase;
using bombo::testing::fresh;
using bombo::testing::plover;

void modesOfADrum(benchmark::State& state) { // promise: 1 ms
    const DrumState drum = drumState(plover(), Tension{3700}, Tension{3600});
    for (auto _ : state)
        benchmark::DoNotOptimize(coupledModes(drum));
}
BENCHMARK(modesOfADrum)->Unit(benchmark::kMillisecond);

void toneToBothTensions(benchmark::State& state) { // promise: 10 ms
    for (auto _ : state)
        benchmark::DoNotOptimize(targetsFor(plover(), chase()));
}
BENCHMARK(toneToBothTensions)->Unit(benchmark::kMillisecond);

void inverseOfCentreAndRatio(benchmark::State& state) { // promise: 10 ms
    const Drum drum = plover();
    for (auto _ : state)
        benchmark::DoNotOptimize(solveTensions(drum, CentreAndRatio{Hertz{200}, 1.5}));
}
BENCHMARK(inverseOfCentreAndRatio)->Unit(benchmark::kMillisecond);

void impossibleRatio(benchmark::State& state) { // promise: 10 ms
    const Drum drum = plover();
    for (auto _ : state)
        benchmark::DoNotOptimize(solveTensions(drum, CentreAndRatio{Hertz{190}, 1.9}));
}
BENCHMARK(impossibleRatio)->Unit(benchmark::kMillisecond);

/// A long evening: sixty numbers in twelve tones on five drums.
void choiceOfDrums(benchmark::State& state) { // promise: 500 ms
    Dice dice(7);
    std::vector<DrumInShow> drums(5);
    for (DrumInShow& drum : drums) {
        drum.drum = plover();
        drum.turns = turnModelPrior(drum.drum);
        drum.now = {Tension{2600}, Tension{2000}, {}, {}};
        for (int tone = 0; tone < 12; ++tone)
            drum.tones.push_back(
                DrumInTone{Tension{dice.uniform(2000, 3200)}, Tension{dice.uniform(1700, 2600)}, {}, {}});
    }
    std::vector<ShowNumber> show(60);
    for (ShowNumber& number : show)
        number = {static_cast<std::size_t>(dice.uniform(0, 11.99)), dice.uniform(0, 4)};
    for (auto _ : state)
        benchmark::DoNotOptimize(planShow(drums, show));
}
BENCHMARK(choiceOfDrums)->Unit(benchmark::kMillisecond);

/// A whole job with an instrument beside the drum: what a page asks of it.
Session wholeJob() {
    Session s = bombo::testing::fullSession();
    s.neighbours = {neighbourAt("tom", NeighbourKind::Tom, Hertz{140})};
    s.station = Station::Proof;
    return s;
}

void proofOfASession(benchmark::State& state) { // promise: 8 ms
    const Session s = wholeJob();
    for (auto _ : state)
        benchmark::DoNotOptimize(proofLines(Reckoned(s)));
}
BENCHMARK(proofOfASession)->Unit(benchmark::kMillisecond);

void pageOnceReckoned(benchmark::State& state) { // as when a key is typed into the note
    const Session s = wholeJob();
    const Reckoned reckoned(s);
    for (auto _ : state) {
        benchmark::DoNotOptimize(proofLines(reckoned));
        for (const Station station : kStations)
            benchmark::DoNotOptimize(stationState(reckoned, station));
    }
}
BENCHMARK(pageOnceReckoned)->Unit(benchmark::kMillisecond);

void everySchool(benchmark::State& state) {
    const Session s = fresh();
    for (auto _ : state)
        for (int level = 0; level <= static_cast<int>(SnareSideLevel::CountedTurns); ++level) {
            Session other = s;
            other.school.level = static_cast<SnareSideLevel>(level);
            benchmark::DoNotOptimize(targetsOf(other));
        }
}
BENCHMARK(everySchool)->Unit(benchmark::kMillisecond);

void previewStroke(benchmark::State& state) {
    const Session s = fresh();
    const PreviewStroke stroke = wantedStroke(s);
    for (auto _ : state)
        benchmark::DoNotOptimize(strokeSound(s.drum, stroke));
}
BENCHMARK(previewStroke)->Unit(benchmark::kMillisecond);

PracticeState turned(double turns) {
    const std::vector<Turns> all(8, Turns{turns});
    return {all, all, Turns{1}};
}

void tapToReading(benchmark::State& state) { // promise: 10 ms of one core
    const Drum drum = plover();
    const auto sound = practiceTap(drum, drawNature(drum, 8), turned(2), {.rod = 2, .stroke = 5});
    const auto taps = tapsIn(sound);
    Session s = bombo::testing::done(fresh(), FingerTight{HeadSide::Batter});
    const ReadingOptions options{.expected = expectationNow(s.batter, briefFor(s, HeadSide::Batter))};
    for (auto _ : state)
        benchmark::DoNotOptimize(readTap(taps.at(0), options));
}
BENCHMARK(tapToReading)->Unit(benchmark::kMillisecond);

void practiceTap(benchmark::State& state) { // promise: 100 times real time; a tap is 1.05 s of sound
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 8);
    std::uint64_t stroke = 0;
    for (auto _ : state)
        benchmark::DoNotOptimize(practiceTap(drum, nature, turned(2), {.rod = 2, .stroke = stroke++}));
    state.counters["times_real"] =
        benchmark::Counter(1.05 * static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(practiceTap)->Unit(benchmark::kMillisecond);

void practiceWires(benchmark::State& state) { // the same promise, with the wires in contact
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 8);
    PracticeState hands = turned(2);
    hands.strainer = Turns{1.4};
    std::uint64_t stroke = 0;
    for (auto _ : state)
        benchmark::DoNotOptimize(
            practiceWireStroke(drum, nature, hands, StrokePlace::Middle, Dynamic::Medium, stroke++));
    state.counters["times_real"] =
        benchmark::Counter(1.05 * static_cast<double>(state.iterations()), benchmark::Counter::kIsRate);
}
BENCHMARK(practiceWires)->Unit(benchmark::kMillisecond);

void planOfMoves(benchmark::State& state) {
    const int rods = static_cast<int>(state.range(0));
    const Drum drum = plover(rods);
    std::vector<std::optional<RodPitches>> readings;
    for (int rod = 0; rod < rods; ++rod)
        readings.push_back(
            RodPitches{Hertz{295.0 + 3.0 * std::sin(2.0 * rod)}, Hertz{404.0 + 4.0 * std::cos(3.0 * rod)}});
    const EvennessEstimate now = estimateEvenness(readings);
    const TurnResponse response = learnTurnResponse(
        drum, HeadSide::Batter, {{Turns{2}, tensionFromHeard(drum, HeadSide::Batter, now.mean, {})}});
    const std::vector<Turns> turns(static_cast<std::size_t>(rods), Turns{2});
    for (auto _ : state)
        benchmark::DoNotOptimize(planMoves(now, Hertz{300}, turns, response, drum.batterHead));
}
BENCHMARK(planOfMoves)->Arg(6)->Arg(8)->Arg(10)->Arg(12)->Arg(11)->Unit(benchmark::kMillisecond);

void muffling(benchmark::State& state) {
    const DrumState drum = drumState(plover(), Tension{3700}, Tension{3600});
    const std::vector<Pad> pads{{Metres{0.13}, Radians{1}, {}}, {Metres{0.13}, Radians{2}, {}}};
    for (auto _ : state)
        benchmark::DoNotOptimize(predictMuffling(plover(), drum, pads));
}
BENCHMARK(muffling)->Unit(benchmark::kMillisecond);

} // namespace

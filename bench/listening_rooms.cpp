/// How well taps are read in rooms, as a table for docs/performance.md: a synthesis of the tests' own
/// (another drum, a tail of noise) and the practice drum in its rooms (image sources). Seeds from 900000 on:
/// nothing was tuned on them. Run: build/release/bench/bombo-rooms [taps a row]
#include "core/acoustics/pitches.h"
#include "core/practice/practice_session.h"
#include "core/procedure/head_work.h"
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "core/units/dice.h"
#include "core/units/median.h"
#include "support/rooms.h"
#include "support/sessions.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <cstdlib>

namespace {

using namespace bombo;

constexpr std::uint64_t kJudging = 900'000;

struct Row {
    int taps = 0;
    int read = 0;
    int clear = 0;
    int wrongAndClear = 0;
    int withinOne = 0;
    int withinTwo = 0;
    std::vector<double> off;
    std::vector<double> hannOff;
    double seconds = 0;
};

double quantile(std::vector<double> values, double share) {
    if (values.empty())
        return 0.0;
    std::sort(values.begin(), values.end());
    return values[std::min(values.size() - 1,
                           static_cast<std::size_t>(share * static_cast<double>(values.size())))];
}

Reading judge(Row& row, const std::vector<float>& sound, double rate, double truth,
              const Expectation& expected) {
    ++row.taps;
    const auto taps = tapsIn(sound, rate);
    if (taps.empty())
        return {};
    const auto before = std::chrono::steady_clock::now();
    const Reading reading = readTap(taps[0], {.expected = expected});
    row.seconds += std::chrono::duration<double>(std::chrono::steady_clock::now() - before).count();
    const auto off = [&](double hz) { return std::abs(1200.0 * std::log2(hz / truth)); };
    row.hannOff.push_back(off(bombo::testing::hannPeak(taps[0], truth)));
    if (!reading.hasFigure())
        return reading;
    const double away = off(reading.frequency->value);
    ++row.read;
    row.clear += reading.verdict == Verdict::Clear;
    row.off.push_back(away);
    row.wrongAndClear += away > 30.0 && reading.verdict == Verdict::Clear;
    row.withinOne += away < reading.error().value;
    row.withinTwo += away < 2.0 * reading.error().value;
    return reading;
}

void print(const char* name, const Row& row) {
    const double read = std::max(1, row.read);
    std::printf("| %s | %.1f %% | %.0f %% | %d of %d | %.1f, %.0f | %.1f, %.0f | %.0f, %.0f %% | %.1f |\n",
                name, 100.0 * row.read / row.taps, 100.0 * row.clear / row.taps, row.wrongAndClear, row.taps,
                quantile(row.off, 0.5), quantile(row.off, 0.9), quantile(row.hannOff, 0.5),
                quantile(row.hannOff, 0.9), 100.0 * row.withinOne / read, 100.0 * row.withinTwo / read,
                1000.0 * row.seconds / row.taps);
    std::fflush(stdout);
}

void testRooms(const char* name, double rt60, double directDb, double rate, int taps) {
    Row row;
    for (int i = 0; i < taps; ++i) {
        const std::uint64_t seed = kJudging + static_cast<std::uint64_t>(i);
        Dice dice(seed);
        const double glides[]{0.0, 0.0, 5.0, 15.0, 40.0};
        const bombo::testing::RoomTap tap{.edge = dice.uniform(150.0, 450.0),
                                          .t60 = std::exp(dice.uniform(std::log(0.12), std::log(0.8))),
                                          .glide = glides[static_cast<std::size_t>(dice.uniform(0.0, 4.999))],
                                          .pair = dice.uniform(0.0, 1.0) < 0.3 ? dice.uniform(1.5, 5.0) : 0.0,
                                          .secondCents = 25.0 * dice.normal(),
                                          .seed = seed};
        const auto sound = tapInRoom(tap, {rt60, directDb, dice.uniform(25.0, 45.0), rate, seed});
        Expectation expected = bombo::testing::expectingInRoom(tap.edge, dice.uniform(-120.0, 120.0));
        expected.spread = Cents{150.0};
        judge(row, sound, rate, tap.edge, expected);
    }
    print(name, row);
}

/// Whole rounds on practice drums; `errors` gets each rod against its round, as the round's estimate has it.
void practiceRooms(const char* name, const PracticeRoom& where, int taps, const PracticeHands& hands = {}) {
    Row row;
    std::vector<double> errors;
    int rounds = 0;
    int whole = 0;
    for (int i = 0; row.taps < taps; ++i) {
        const Session session = newSession(bombo::testing::plover(), bombo::testing::chase(),
                                           kJudging + static_cast<std::uint64_t>(i));
        HiddenNature nature = drawNature(session.drum, session.practiceSeed);
        for (double& turns : nature.batter.unevenTurns)
            turns *= 0.25; // after the first pass of evening
        const std::vector<Turns> turns(static_cast<std::size_t>(session.drum.rods),
                                       Turns{1.0 + 0.2 * (i % 8)});
        const PracticeState state{turns, turns, {}};
        const DrumState drum =
            drumState(session.drum, Tension{trueMeanTension(nature, state, HeadSide::Batter)},
                      Tension{trueMeanTension(nature, state, HeadSide::SnareSide)}, airAt(kPracticeWeather));
        const double mean = edgePitch(drum, HeadSide::Batter).value * (1.0 + nature.batter.pitchOff);
        const auto deviation = trueEdgeDeviation(nature, state, HeadSide::Batter);
        Expectation expected;
        expected.modes = expectedModes(mutedModes(drum, HeadSide::Batter));
        expected.spread = Cents{150.0};
        PracticeSound sound;
        sound.room = where;
        sound.room.seed = kJudging + static_cast<std::uint64_t>(i);
        std::vector<std::optional<RodPitches>> round;
        int again = 0;
        for (int rod = 0; rod < session.drum.rods; ++rod) {
            const auto samples =
                practiceTap(session.drum, nature, state,
                            {.rod = rod, .stroke = static_cast<std::uint64_t>(rod), .hands = hands},
                            kPracticeWeather, sound);
            const double truth = mean * std::exp2(deviation[static_cast<std::size_t>(rod)].value / 1200.0);
            const Reading reading = judge(row, samples, sound.sampleRate, truth, expected);
            again += !reading.hasFigure() || reading.error() > kUsable;
            round.push_back(reading.hasFigure() ? std::optional(RodPitches{
                                                      *reading.frequency, std::nullopt, reading.error(), {}})
                                                : std::nullopt);
        }
        ++rounds;
        whole += again <= 1;
        if (std::count_if(round.begin(), round.end(), [](const auto& r) { return bool(r); }) < 5)
            continue;
        const EvennessEstimate estimate = estimateEvenness(round);
        for (std::size_t rod = 0; rod < round.size(); ++rod)
            errors.push_back(std::abs(estimate.heard[rod].value - deviation[rod].value));
    }
    print(name, row);
    std::printf("| ... its rounds | asked again once at most: %.0f %% | | | a rod in its round, 95 of 100 "
                "within %.1f cents | | | |\n",
                100.0 * whole / rounds, quantile(errors, 0.95));
    std::fflush(stdout);
}

} // namespace

int main(int argc, char** argv) {
    const int taps = argc > 1 ? std::max(8, std::atoi(argv[1])) : 200;
    std::printf("| room | read | clear | wrong by 30 cents and clear | off, cents: median, nine in ten | "
                "Hann peak, likewise | "
                "within one, two stated errors | ms |\n|---|---|---|---|---|---|---|---|\n");
    testRooms("0.25 s, direct sound 20 dB over the tail", 0.25, 20.0, 48000.0, taps);
    testRooms("0.25 s, 12 dB", 0.25, 12.0, 48000.0, taps);
    testRooms("0.45 s, 12 dB", 0.45, 12.0, 44100.0, taps);
    testRooms("0.45 s, 6 dB", 0.45, 6.0, 48000.0, taps);
    testRooms("0.8 s, 6 dB", 0.8, 6.0, 16000.0, taps);
    testRooms("0.25 s, 0 dB", 0.25, 0.0, 48000.0, taps);
    testRooms("0.8 s, 0 dB", 0.8, 0.0, 48000.0, taps);
    practiceRooms("practice drum, dry", {.kind = RoomKind::Dry}, taps);
    practiceRooms("practice drum, bedroom", {.kind = RoomKind::Bedroom}, taps);
    practiceRooms("practice drum, rehearsal room", {.kind = RoomKind::Rehearsal}, taps);
    practiceRooms("... with a key", {.kind = RoomKind::Rehearsal}, taps, {.striker = Striker::Key});
    practiceRooms("... with a stick", {.kind = RoomKind::Rehearsal}, taps, {.striker = Striker::Stick});
    practiceRooms("... with a mallet", {.kind = RoomKind::Rehearsal}, taps, {.striker = Striker::Mallet});
    practiceRooms("... hands that knock and rustle beside", {.kind = RoomKind::Rehearsal}, taps,
                  {.fidgets = true});
    practiceRooms("practice drum, rehearsal room, far",
                  {.kind = RoomKind::Rehearsal, .distance = RoomDistance::Far}, taps);
    practiceRooms("practice drum, rehearsal room, built-in microphone",
                  {.kind = RoomKind::Rehearsal, .microphone = MicrophoneKind::BuiltIn}, taps);
    practiceRooms("practice drum, hall", {.kind = RoomKind::Hall}, taps);
    practiceRooms("practice drum, hall, far", {.kind = RoomKind::Hall, .distance = RoomDistance::Far}, taps);
    return 0;
}

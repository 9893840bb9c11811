#include "core/acoustics/pitches.h"
#include "core/reading/read_tap.h"
#include "support/drums.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace read_tap_test {

using testing::addNoise;
using testing::addSteady;
using testing::addTones;
using testing::edgeTap;
using testing::expecting;
using testing::silence;
using testing::tapOf;

constexpr double kOnset = 0.3;

std::vector<float> tapSound(double edge, double t60 = 0.4, double level = 0.3) {
    auto sound = silence(1.2);
    addTones(sound, edgeTap(edge, t60, level), kOnset);
    return sound;
}

Reading read(const std::vector<float>& sound, const ReadingOptions& options = {}) {
    return readTap(tapOf(sound, kOnset), options);
}

TEST(ReadTap, CleanTapsToAFifthOfACent) {
    for (double edge : {150.0, 201.7, 262.0, 333.3, 450.0})
        for (double t60 : {0.12, 0.4, 0.9}) {
            const Reading reading = read(tapSound(edge, t60), {.expected = expecting(edge, 40.0)});
            ASSERT_EQ(reading.verdict, Verdict::Clear) << edge << ' ' << t60;
            EXPECT_NEAR(centsBetween(Hertz{edge}, *reading.frequency).value, 0.0, 0.2) << edge << ' ' << t60;
            EXPECT_NEAR(reading.t60->value / t60, 1.0, 0.1) << edge << ' ' << t60;
        }
}

TEST(ReadTap, NoWrongPartialAtTwentyDecibels) {
    int wrong = 0;
    int unclear = 0;
    for (unsigned seed = 1; seed <= 30; ++seed) {
        const double edge = 160.0 + 9.5 * seed;
        auto sound = tapSound(edge, 0.25);
        addNoise(sound, 0.3 / std::sqrt(2.0) / 10.0, seed); // 20 dB below the partial at its start
        const Reading reading = read(sound, {.expected = expecting(edge, 60.0)});
        if (reading.verdict != Verdict::Clear)
            ++unclear;
        else
            wrong += std::abs(centsBetween(Hertz{edge}, *reading.frequency).value) > 50.0;
    }
    EXPECT_EQ(wrong, 0);
    EXPECT_LE(unclear, 6); // asking again is allowed, guessing is not
}

TEST(ReadTap, LouderOvertonesDoNotMislead) {
    auto sound = silence(1.2);
    addTones(sound, {{262.0, 0.4, 0.05}, {262.0 * 1.37, 0.4, 0.3, 1.0}, {262.0 * 1.74, 0.3, 0.2, 2.0}},
             kOnset);
    const Reading reading = read(sound, {.expected = expecting(262.0, -70.0)});
    ASSERT_EQ(reading.verdict, Verdict::Clear);
    EXPECT_NEAR(reading.frequency->value, 262.0, 0.1);
    ASSERT_TRUE(reading.second);
    EXPECT_NEAR(reading.second->value, 262.0 * 1.37, 0.3);
}

TEST(ReadTap, WorksWithoutAnExpectation) {
    const Reading reading = read(tapSound(300.0));
    ASSERT_EQ(reading.verdict, Verdict::Clear);
    EXPECT_NEAR(reading.frequency->value, 300.0, 0.1); // the partial with most energy
    EXPECT_GE(reading.partials.size(), 4U);
    EXPECT_FALSE(reading.second);
}

TEST(ReadTap, ASplitPairGivesItsMeanAndBeat) {
    auto sound = silence(1.2);
    addTones(sound, {{298.0, 0.6, 0.2}, {304.0, 0.6, 0.2, 1.2}, {410.0, 0.4, 0.1}}, kOnset);
    const Reading reading = read(sound, {.expected = expecting(300.0)});
    ASSERT_EQ(reading.verdict, Verdict::Clear);
    EXPECT_NEAR(reading.frequency->value, 301.0, 0.3);
    ASSERT_TRUE(reading.beat);
    EXPECT_NEAR(reading.beat->value, 6.0, 0.1);
}

TEST(ReadTap, HumAndBleedThatWereThereBeforeAreDropped) {
    auto sound = tapSound(262.0);
    addSteady(sound, 50.0, 0.05);
    addSteady(sound, 250.0, 0.05); // a harmonic of the mains, 81 cents below the edge pitch
    addSteady(sound, 392.0, 0.05);
    const Reading reading = read(sound, {.expected = expecting(262.0, 30.0)});
    ASSERT_EQ(reading.verdict, Verdict::Clear);
    EXPECT_NEAR(centsBetween(Hertz{262.0}, *reading.frequency).value, 0.0, 3.0);
}

TEST(ReadTap, TooQuiet) {
    auto sound = tapSound(262.0, 0.4, 0.002);
    addNoise(sound, 0.02, 7);
    EXPECT_EQ(read(sound).verdict, Verdict::TooQuiet);
    EXPECT_EQ(read(silence(1.2)).verdict, Verdict::TooQuiet);
}

TEST(ReadTap, Clipped) {
    auto sound = tapSound(262.0, 0.6, 1.5);
    for (float& s : sound)
        s = std::clamp(s, -0.98F, 0.98F); // a converter need not reach full scale to clip
    EXPECT_EQ(read(sound).verdict, Verdict::Clipped);
}

TEST(ReadTap, StruckTwice) {
    Tap tap = tapOf(tapSound(262.0), kOnset);
    tap.struckTwice = true;
    EXPECT_EQ(readTap(tap).verdict, Verdict::StruckTwice);
}

TEST(ReadTap, WiresOn) {
    auto sound = tapSound(262.0);
    addNoise(sound, 0.05, 8, kOnset, kOnset + 0.3);
    const Reading reading = read(sound); // they do not hide it: a figure, with a caution
    EXPECT_EQ(reading.caution, Caution::WiresOn);
    ASSERT_TRUE(reading.hasFigure());
    EXPECT_LT(std::abs(centsBetween(Hertz{262.0}, *reading.frequency).value), 3.0 * reading.error().value);
    EXPECT_GT(reading.error(), read(tapSound(262.0)).error());
}

TEST(ReadTap, AKnockHasNoTone) {
    auto sound = silence(1.2);
    addTones(sound, {{500.0, 0.006, 0.8}, {1300.0, 0.005, 0.6}}, kOnset);
    addNoise(sound, 1e-4, 9);
    const Verdict verdict = read(sound, {.expected = expecting(262.0)}).verdict;
    EXPECT_NE(verdict, Verdict::Clear);
}

TEST(ReadTap, NotThisHead) {
    // A tone two octaves above where the head can be.
    auto sound = silence(1.2);
    addTones(sound, {{1180.0, 0.4, 0.3}}, kOnset);
    EXPECT_EQ(read(sound, {.expected = expecting(262.0)}).verdict, Verdict::NotThisHead);
}

TEST(ReadTap, AToneThatFallsForLongIsNotClear) {
    auto sound = silence(1.2);
    for (std::size_t i = static_cast<std::size_t>(kOnset * 48000); i < sound.size(); ++i) {
        const double t = static_cast<double>(i) / 48000.0 - kOnset;
        const double phase = 2.0 * std::numbers::pi * (300.0 * t - 60.0 * t * t); // falls by 120 Hz a second
        sound[i] = static_cast<float>(0.3 * std::exp(-7.0 * t) * std::sin(phase));
    }
    EXPECT_NE(read(sound).verdict, Verdict::Clear);
}

TEST(ReadTap, EveryVerdictHasAStableName) {
    std::vector<std::string> names;
    for (Verdict v :
         {Verdict::Clear, Verdict::Rough, Verdict::TooQuiet, Verdict::Clipped, Verdict::StruckTwice,
          Verdict::WiresOn, Verdict::NoTone, Verdict::Ambiguous, Verdict::NotThisHead, Verdict::Drowned})
        names.emplace_back(verdictName(v));
    EXPECT_EQ(names.front(), "clear");
    std::sort(names.begin(), names.end());
    EXPECT_EQ(std::unique(names.begin(), names.end()), names.end());
}

TEST(ReadTap, AModelOfAnotherTensionStillNamesTheRightPartial) {
    // The model expects a head a fourth lower than it is: ratios of the modes carry it.
    const Drum drum = testing::plover();
    const DrumState truth = drumState(drum, Tension{4000}, Tension{3600});
    const DrumState guess = drumState(drum, Tension{2500}, Tension{3600});
    auto sound = silence(1.2);
    std::vector<testing::Tone1> tones;
    for (const CoupledMode& mode : mutedModes(truth, HeadSide::Batter))
        if (mode.order == 1)
            tones.push_back({mode.frequency.value, 0.3, mode.m == 2 ? 0.3 : 0.15, 0.5 * mode.m});
    addTones(sound, tones, kOnset);
    addNoise(sound, 5e-4, 11);
    Expectation expected;
    for (const CoupledMode& mode : mutedModes(guess, HeadSide::Batter))
        expected.modes.push_back({{mode.m, mode.order}, mode.frequency});
    const Reading reading = read(sound, {.expected = expected});
    ASSERT_EQ(reading.verdict, Verdict::Clear);
    EXPECT_NEAR(reading.frequency->value, edgePitch(truth, HeadSide::Batter).value, 0.1);
}

TEST(NamePartials, ShiftIsThatOfThePattern) {
    const Expectation expected = expecting(262.0);
    std::vector<Partial> partials;
    for (const auto& mode : expected.modes)
        partials.push_back(
            {moved(mode.frequency, Cents{150.0}), Hertz{0.1}, Seconds{0.3}, 0.2, std::nullopt});
    const Naming naming = namePartials(partials, expected);
    EXPECT_EQ(naming.wanted, WantedMode::Found);
    EXPECT_NEAR(naming.shift.value, 150.0, 1e-6);
    for (std::size_t i = 0; i < partials.size(); ++i)
        EXPECT_EQ(partials[i].mode, expected.modes[i].mode);
}

TEST(NamePartials, NothingToName) {
    std::vector<Partial> none;
    EXPECT_EQ(namePartials(none, expecting(262.0)).wanted, WantedMode::Absent);
    std::vector<Partial> one{{Hertz{262.0}, Hertz{0.1}, Seconds{0.3}, 0.2, std::nullopt}};
    EXPECT_EQ(namePartials(one, Expectation{}).wanted, WantedMode::Absent);
}

TEST(NamePartials, ALineOnTheWantedModeDrownsIt) {
    const Expectation expected = expecting(262.0);
    std::vector<Partial> partials;
    for (const auto& mode : expected.modes)
        if (mode.mode != Mode{1, 1})
            partials.push_back({mode.frequency, Hertz{0.1}, Seconds{0.3}, 0.2, std::nullopt});
    std::vector<Partial> again = partials;
    const Naming drowned = namePartials(partials, expected, {Hertz{268.0}});
    EXPECT_EQ(drowned.wanted, WantedMode::Drowned);
    EXPECT_NEAR(drowned.shift.value, 0.0, 1e-6);
    EXPECT_EQ(partials[1].mode, (Mode{2, 1})); // the others keep their names
    // Without such a line nothing can be hidden, wherever other lines are.
    EXPECT_NE(namePartials(again, expected, {Hertz{50.0}, Hertz{120.0}}).wanted, WantedMode::Drowned);
    // And where the wanted partial is heard, a line beside it does no harm.
    std::vector<Partial> all;
    for (const auto& mode : expected.modes)
        all.push_back({mode.frequency, Hertz{0.1}, Seconds{0.3}, 0.2, std::nullopt});
    EXPECT_EQ(namePartials(all, expected, {Hertz{268.0}}).wanted, WantedMode::Found);
}

} // namespace read_tap_test
} // namespace bombo

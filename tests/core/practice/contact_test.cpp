/// What touches the film, and whether the ear reads through it in a room.
#include "core/acoustics/pitches.h"
#include "core/practice/contact.h"
#include "core/practice/practice_drum.h"
#include "core/reading/read_tap.h"
#include "core/tap/taps_in.h"
#include "core/units/median.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <cmath>
#include <numbers>

namespace bombo {
namespace contact_test {

constexpr std::array<Striker, 4> kAll{Striker::Finger, Striker::Key, Striker::Stick, Striker::Mallet};

TEST(Contact, AHalfSineOfForceHasTheSpectrumOfOne) {
    // The integral of sin(pi t / T) exp(-i 2 pi f t) from 0 to T against that at 0, by sums.
    for (const auto& [striker, lasts] :
         {std::pair{Striker::Key, 0.0010}, {Striker::Stick, 0.0018}, {Striker::Mallet, 0.0035}})
        for (const double hertz : {50.0, 140.0, 290.0, 500.0, 900.0, 1700.0}) {
            std::complex<double> sum{};
            constexpr int steps = 4000;
            for (int i = 0; i < steps; ++i) {
                const double t = lasts * (i + 0.5) / steps;
                sum += std::sin(std::numbers::pi * t / lasts) *
                       std::polar(1.0, -2.0 * std::numbers::pi * hertz * t);
            }
            const double atZero = 2.0 / std::numbers::pi;
            EXPECT_NEAR(throughContact(striker, hertz), std::abs(sum) / steps / atZero, 1e-4) << hertz;
        }
    EXPECT_GT(throughContact(Striker::Finger, 200.0), throughContact(Striker::Finger, 900.0));
}

struct Heard {
    int found = 0;    ///< taps with exactly one onset
    int invented = 0; ///< figures of what was no tap
    int read = 0;
    int wrongAndClear = 0;
    std::vector<double> off; ///< cents
    int withinTwo = 0;
};

/// Taps before the rods of practice drums in the rehearsal room, after some evening.
Heard heardWith(const PracticeHands& hands, int taps) {
    Heard heard;
    const Drum drum = testing::plover();
    for (int i = 0; i < taps; ++i) {
        HiddenNature nature = drawNature(drum, 7100U + static_cast<std::uint64_t>(i) / 8);
        for (double& turns : nature.batter.unevenTurns)
            turns *= 0.25;
        const std::vector<Turns> turns(static_cast<std::size_t>(drum.rods), Turns{1.8});
        const PracticeState state{turns, turns, {}};
        const DrumState stands =
            drumState(drum, Tension{trueMeanTension(nature, state, HeadSide::Batter)},
                      Tension{trueMeanTension(nature, state, HeadSide::SnareSide)}, airAt(kPracticeWeather));
        PracticeSound sound;
        sound.room = {.kind = RoomKind::Rehearsal, .seed = 7100U + static_cast<std::uint64_t>(i)};
        const int rod = i % drum.rods;
        const auto samples = practiceTap(
            drum, nature, state, {.rod = rod, .stroke = static_cast<std::uint64_t>(i), .hands = hands},
            kPracticeWeather, sound);
        const auto found = tapsIn(samples, sound.sampleRate);
        heard.found += found.size() == 1;
        if (found.empty())
            continue;
        Expectation expected;
        expected.modes = expectedModes(mutedModes(stands, HeadSide::Batter));
        expected.spread = Cents{150.0};
        // Of several, the one at the blow.
        const auto blow = std::min_element(found.begin(), found.end(), [&](const Tap& a, const Tap& b) {
            return std::abs((a.onset - sound.leadIn).value) < std::abs((b.onset - sound.leadIn).value);
        });
        for (auto other = found.begin(); other != found.end(); ++other)
            heard.invented += other != blow && readTap(*other, {.expected = expected}).hasFigure();
        const Reading reading = readTap(*blow, {.expected = expected});
        if (!reading.hasFigure())
            continue;
        // A hand that gives lets the pitch go half way to that of the free head.
        const NamedPitches pitches = namedPitches(stands);
        const double free = (1.0 + nature.batter.pitchOff) *
                            std::pow(pitches.batterEdgeOpen / pitches.batterEdge, hands.loosely);
        const double truth =
            free * edgePitch(stands, HeadSide::Batter).value *
            std::exp2(
                trueEdgeDeviation(nature, state, HeadSide::Batter)[static_cast<std::size_t>(rod)].value /
                1200.0);
        const double away = std::abs(centsBetween(Hertz{truth}, *reading.frequency).value);
        ++heard.read;
        heard.off.push_back(away);
        heard.wrongAndClear += away > 30.0 && reading.verdict == Verdict::Clear;
        heard.withinTwo += away < 2.0 * reading.error().value;
    }
    return heard;
}

TEST(Contact, FingerKeyStickAndMalletAreReadInTheRehearsalRoom) {
    for (const Striker striker : kAll) {
        const Heard heard = heardWith({.striker = striker}, 48);
        const auto name = kStrikerNames[static_cast<std::size_t>(striker)];
        EXPECT_GE(heard.found, 47) << name;
        EXPECT_GE(heard.read, 46) << name;
        EXPECT_EQ(heard.wrongAndClear, 0) << name;
        EXPECT_LT(medianOf(heard.off), 4.0) << name;
        // 95 of 100; of 46 fewer than 39 once in a hundred.
        EXPECT_GE(heard.withinTwo, 39) << name;
        std::printf("%s: found %d read %d median %.1f within two %d\n", std::string(name).c_str(),
                    heard.found, heard.read, medianOf(heard.off), heard.withinTwo);
    }
}

TEST(Contact, HandsThatKnockBesideTheTapAreNotTakenForIt) {
    const Heard heard = heardWith({.fidgets = true}, 48);
    std::printf("fidgets: invented %d found %d read %d median %.1f within two %d\n", heard.invented,
                heard.found, heard.read, medianOf(heard.off), heard.withinTwo);
    // Knocks are heard as blows of their own, but the head's pitch is not in them.
    EXPECT_LE(heard.invented, 2);
    EXPECT_GE(heard.read, 46);
    EXPECT_EQ(heard.wrongAndClear, 0);
    EXPECT_LT(medianOf(heard.off), 4.0);
}

TEST(Contact, AHandThatMutesLooselyBlursAndMisleadsNobody) {
    // The pitch itself lies elsewhere then, the same for every rod; no tap falls to another partial.
    const Heard heard = heardWith({.loosely = 0.5}, 48);
    std::printf("loosely: read %d median %.1f within two %d\n", heard.read, medianOf(heard.off),
                heard.withinTwo);
    EXPECT_GE(heard.read, 46);
    EXPECT_EQ(heard.wrongAndClear, 0);
    EXPECT_LT(medianOf(heard.off), 4.0);
}

TEST(Contact, SoundsOfItsOwnForEach) {
    const Drum drum = testing::plover();
    const HiddenNature nature = drawNature(drum, 3);
    const std::vector<Turns> turns(static_cast<std::size_t>(drum.rods), Turns{2.0});
    const auto tapped = [&](Striker striker) {
        return practiceTap(drum, nature, {turns, turns, {}}, {.rod = 1, .hands = {.striker = striker}});
    };
    /// Share of the energy that is differences from sample to sample: the brighter, the more.
    const auto brightness = [](const std::vector<float>& s) {
        double steps = 0.0;
        double all = 0.0;
        for (std::size_t i = 1; i < s.size(); ++i) {
            steps += std::pow(static_cast<double>(s[i]) - s[i - 1], 2);
            all += std::pow(static_cast<double>(s[i]), 2);
        }
        return steps / all;
    };
    EXPECT_GT(brightness(tapped(Striker::Key)), brightness(tapped(Striker::Stick)));
    EXPECT_GT(brightness(tapped(Striker::Stick)), brightness(tapped(Striker::Mallet)));
}

} // namespace contact_test
} // namespace bombo

/// The check of a microphone against what is known of the sound: the practice rooms with their microphones,
/// and sounds made here with one fault each.
#include "core/drum/drum.h"
#include "core/practice/practice_drum.h"
#include "core/reading/microphone_check.h"
#include "core/tap/taps_in.h"
#include "support/drums.h"
#include "support/synthesis.h"

#include <gtest/gtest.h>

namespace bombo {
namespace microphone_check_test {

TapAtMicrophone looked(const Tap& tap) {
    return lookAt(tap, readTap(tap));
}

/// Five taps at the edge of a practice drum.
MicrophoneCheck fiveTaps(const PracticeSound& sound, std::uint64_t seed, float gain = 1.0F) {
    const Drum drum = testing::plover();
    const std::vector<Turns> turns(static_cast<std::size_t>(drum.rods), Turns{2.0});
    const PracticeState state{turns, turns, {}};
    std::vector<TapAtMicrophone> taps;
    for (int i = 0; i < kTapsOfACheck; ++i) {
        PracticeTap tap{.rod = i, .stroke = seed * 100 + static_cast<std::uint64_t>(i)};
        tap.hands.sloppiness = 0.0;
        auto samples = practiceTap(drum, drawNature(drum, seed), state, tap, {}, sound);
        for (float& s : samples)
            s = std::clamp(gain * s, -1.0F, 1.0F);
        for (const Tap& heard : tapsIn(samples, sound.sampleRate))
            taps.push_back(looked(heard));
    }
    return checkMicrophone(taps);
}

PracticeSound inRoom(RoomKind kind, RoomDistance distance, MicrophoneKind microphone, std::uint64_t seed) {
    PracticeSound sound;
    sound.room = {kind, distance, microphone, seed};
    return sound;
}

TEST(MicrophoneCheck, AGoodOneNearTheDrumIsGood) {
    int good = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed)
        for (const RoomKind kind : {RoomKind::Bedroom, RoomKind::Rehearsal})
            good += fiveTaps(inRoom(kind, RoomDistance::Near, MicrophoneKind::Good, seed), seed).isGood();
    EXPECT_GE(good, 22) << "of 24";
}

TEST(MicrophoneCheck, TooFarInAHall) {
    int far = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        const auto check =
            fiveTaps(inRoom(RoomKind::Hall, RoomDistance::Far, MicrophoneKind::Good, seed), seed);
        far += check.has(MicrophoneFault::TooFar) || check.has(MicrophoneFault::Noisy);
    }
    EXPECT_GE(far, 10) << "of 12";
}

TEST(MicrophoneCheck, DriversAreKnownByWhatTheyDo) {
    int gated = 0;
    int follows = 0;
    int wronglyFollows = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        gated +=
            fiveTaps(inRoom(RoomKind::Rehearsal, RoomDistance::Near, MicrophoneKind::BuiltIn, seed), seed)
                .has(MicrophoneFault::Gated);
        follows +=
            fiveTaps(inRoom(RoomKind::Rehearsal, RoomDistance::Near, MicrophoneKind::FollowsGain, seed), seed)
                .has(MicrophoneFault::GainFollows);
        wronglyFollows +=
            fiveTaps(inRoom(RoomKind::Rehearsal, RoomDistance::Far, MicrophoneKind::Good, seed), seed)
                .has(MicrophoneFault::GainFollows);
    }
    EXPECT_GE(gated, 11);
    EXPECT_GE(follows, 11);
    EXPECT_EQ(wronglyFollows, 0);
}

TEST(MicrophoneCheck, MainsHumByItsFrequency) {
    PracticeSound sound = inRoom(RoomKind::Rehearsal, RoomDistance::Near, MicrophoneKind::Good, 3);
    sound.humDb = -24.0;
    const auto check = fiveTaps(sound, 3);
    ASSERT_TRUE(check.has(MicrophoneFault::Hum));
    EXPECT_EQ(check.mains, Hertz{50.0});
    for (const double mains : {50.0, 60.0}) {
        auto sound60 = testing::silence(1.4);
        testing::addTones(sound60, testing::edgeTap(271.0, 0.4), 0.3);
        for (std::size_t i = 0; i < sound60.size(); ++i)
            sound60[i] += static_cast<float>(0.02 * std::sin(kTwoPi * 3.0 * mains * double(i) / 48000.0));
        const std::vector<TapAtMicrophone> taps(5, looked(testing::tapOf(sound60, 0.3)));
        EXPECT_EQ(checkMicrophone(taps).mains, Hertz{mains});
    }
}

TEST(MicrophoneCheck, LevelTooHighAndTooLow) {
    const auto sound = inRoom(RoomKind::Rehearsal, RoomDistance::Near, MicrophoneKind::Good, 5);
    EXPECT_EQ(fiveTaps(sound, 5, 12.0F).faults.front(), MicrophoneFault::TooLoud);
    const auto low = fiveTaps(sound, 5, 0.005F);
    ASSERT_FALSE(low.isGood());
    EXPECT_EQ(low.faults.front(), MicrophoneFault::TooQuiet);
    EXPECT_LT(low.peakDb, -40.0);
}

TEST(MicrophoneCheck, OneClumsyTapAccusesNobody) {
    TapAtMicrophone well;
    well.peakDb = -12.0;
    well.floorDb = -60.0;
    well.error = Cents{3.0};
    std::vector<TapAtMicrophone> taps(5, well);
    taps[2].clipped = taps[2].gated = taps[2].gainFollows = true;
    taps[2].mains = Hertz{50.0};
    taps[2].error.reset();
    const auto check = checkMicrophone(taps);
    EXPECT_TRUE(check.isGood());
    EXPECT_FALSE(check.mains);
    EXPECT_EQ(check.error, Cents{3.0});
    taps[4].clipped = true;
    EXPECT_EQ(checkMicrophone(taps).faults, std::vector{MicrophoneFault::TooLoud});
}

} // namespace microphone_check_test
} // namespace bombo

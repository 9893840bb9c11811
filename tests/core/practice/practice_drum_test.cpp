#include "core/acoustics/film.h"
#include "core/practice/practice_session.h"
#include "core/procedure/head_work.h"
#include "core/reading/hit_portrait.h"
#include "core/reading/read_tap.h"
#include "core/record/heads_say.h"
#include "core/tap/taps_in.h"
#include "core/tuning/targets.h"
#include "support/drums.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace practice_drum_test {

using testing::plover;

PracticeState turned(int rods, double turns) {
    const std::vector<Turns> all(static_cast<std::size_t>(rods), Turns{turns});
    return {all, all, Turns{1.0}};
}

TEST(PracticeDrum, SameSeedSameSound) {
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 8);
    const PracticeTap tap{.rod = 3, .stroke = 17};
    const auto once = practiceTap(drum, nature, turned(8, 2), tap);
    EXPECT_EQ(once, practiceTap(drum, drawNature(drum, 8), turned(8, 2), tap));
    EXPECT_NE(once, practiceTap(drum, nature, turned(8, 2), {.rod = 3, .stroke = 18})); // no two are the same
    EXPECT_NE(once, practiceTap(drum, drawNature(drum, 9), turned(8, 2), tap));
}

TEST(PracticeDrum, TurningTightensAndMovesThePlace) {
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 8);
    PracticeState state = turned(8, 2);
    const double before = trueMeanTension(nature, state, HeadSide::Batter);
    const auto unevenBefore = trueEdgeDeviation(nature, state, HeadSide::Batter);
    state.batterTurns[2] = Turns{2.25};
    state.batterTurns[6] = Turns{2.25};
    EXPECT_GT(trueMeanTension(nature, state, HeadSide::Batter), before);
    const auto unevenAfter = trueEdgeDeviation(nature, state, HeadSide::Batter);
    EXPECT_GT(unevenAfter[2].value, unevenBefore[2].value);
    EXPECT_LT(unevenAfter[0].value, unevenBefore[0].value);
    EXPECT_EQ(trueMeanTension(nature, state, HeadSide::SnareSide),
              trueMeanTension(nature, turned(8, 2), HeadSide::SnareSide));
}

TEST(PracticeDrum, StartsUneven) {
    for (std::uint64_t seed = 1; seed <= 20; ++seed) {
        double widest = 0.0;
        for (Cents c : trueEdgeDeviation(drawNature(plover(), seed), turned(8, 2), HeadSide::Batter))
            widest = std::max(widest, std::abs(c.value));
        EXPECT_GT(widest, 8.0) << seed;
        EXPECT_LT(widest, 150.0) << seed;
    }
}

TEST(PracticeDrum, IsHeardAsItIs) {
    // Read a round blind and compare with the hidden truth: the practice drum, the splitter and the reader
    // together.
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 4);
    const PracticeState state = turned(8, 2);
    HeadBrief brief;
    brief.drum = drum;
    brief.target = Hertz{300};
    brief.targetTension = *tensionForEdgePitch(drum, HeadSide::Batter, brief.target, {});
    HeadWork work = freshHead(8);
    work.rodTurns = state.batterTurns;
    const Expectation expected = expectationNow(work, brief);
    std::vector<double> heard;
    for (int rod = 0; rod < 8; ++rod) {
        const auto taps =
            tapsIn(practiceTap(drum, nature, state, {.rod = rod, .stroke = static_cast<std::uint64_t>(rod)}));
        ASSERT_EQ(taps.size(), 1U);
        const Reading reading = readTap(taps[0], {.expected = expected});
        ASSERT_EQ(reading.verdict, Verdict::Clear) << rod;
        heard.push_back(1200.0 * std::log2(reading.frequency->value));
    }
    double mean = 0.0;
    for (double h : heard)
        mean += h / 8.0;
    const auto truth = trueEdgeDeviation(nature, state, HeadSide::Batter);
    for (std::size_t i = 0; i < 8; ++i)
        // A split pair is heard as its weighted mean, which follows the kernel to first order: 2 cents and a
        // tenth.
        EXPECT_NEAR(heard[i] - mean, truth[i].value, 2.0 + 0.1 * std::abs(truth[i].value)) << i;
}

TEST(PracticeDrum, WiresAnswerUntilTheyChoke) {
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 8);
    for (StrokePlace place : kPlaces)
        for (Dynamic dynamic : kDynamics) {
            bool before = true;
            for (double turns = 0.0; turns <= 6.0; turns += 0.25) {
                PracticeState state = turned(8, 2);
                state.strainer = Turns{turns};
                const auto stroke = practiceWireStroke(drum, nature, state, place, dynamic, 1);
                EXPECT_LE(stroke.answered, before); // once choked, tighter never answers again
                before = stroke.answered;
                if (dynamic != Dynamic::Loud) {
                    EXPECT_FALSE(stroke.rattled);
                }
            }
        }
}

/// A stroke in the middle as the program hears it, in a quiet room.
Tap wireTap(double strainer, Dynamic dynamic) {
    const Drum drum = plover();
    PracticeState state = turned(8, 2);
    state.strainer = Turns{strainer};
    const auto stroke = practiceWireStroke(drum, drawNature(drum, 8), state, StrokePlace::Middle, dynamic, 3,
                                           kPracticeWeather, {.noiseDb = -60});
    const auto taps = tapsIn(stroke.samples);
    EXPECT_GE(taps.size(), 1U) << strainer;
    return taps.empty() ? Tap{} : taps[0];
}

TEST(PracticeDrum, ItsStrainerPullsInAWayOfItsOwn) {
    int bent = 0;
    for (std::uint64_t seed = 1; seed <= 20; ++seed) {
        const HiddenNature nature = drawNature(plover(), seed);
        for (const double turns : {0.6, 1.5, 4.0})
            EXPECT_NEAR(nature.strainer.knobAt(nature.strainer.pullAt(Turns{turns})).value, turns, 1e-9);
        for (const StrokePlace place : kPlaces)
            for (int d = 1; d < 4; ++d) // louder strokes choke further on
                EXPECT_GT(chokeOf(nature, place, static_cast<Dynamic>(d)),
                          chokeOf(nature, place, static_cast<Dynamic>(d - 1)));
        EXPECT_LT((chokeOf(nature, StrokePlace::Edge, Dynamic::Whisper) - nature.whisperChoke).value, 1e-9);
        // Twice the way is not twice the pull: not the straight line that the advice takes it for.
        const auto pull = [&](double x) { return nature.strainer.pullAt(nature.strainer.begins + Turns{x}); };
        bent += std::abs(pull(2.0) / pull(1.0) / 2.0 - 1.0) > 0.1;
    }
    EXPECT_GT(bent, 10);
}

TEST(PracticeDrum, AnsweringWiresAreHeardAsWires) {
    const HiddenNature nature = drawNature(plover(), 8);
    for (const Dynamic dynamic : {Dynamic::Medium, Dynamic::Loud})
        for (const double beforeDb : {30.0, 20.0}) { // of pull before that stroke is choked
            const Turns choke = chokeOf(nature, StrokePlace::Middle, dynamic);
            const double strainer =
                nature.strainer.knobAt(nature.strainer.pullAt(choke) * std::pow(10.0, -beforeDb / 20.0))
                    .value;
            EXPECT_EQ(readTap(wireTap(strainer, dynamic)).caution, Caution::WiresOn)
                << strainer << ' ' << static_cast<int>(dynamic);
        }
}

TEST(PracticeDrum, ChokedWiresAreSilent) {
    const HiddenNature nature = drawNature(plover(), 8);
    for (const Dynamic dynamic : {Dynamic::Medium, Dynamic::Loud}) {
        const double beyond = 2.0 * chokeOf(nature, StrokePlace::Middle, dynamic).value;
        EXPECT_EQ(readTap(wireTap(beyond, dynamic)).caution, Caution::None);
    }
}

TEST(PracticeDrum, LooserWiresBuzzForLonger) {
    const auto loose = lengthsOf(wireTap(1.0, Dynamic::Loud)).buzz;
    const auto tight = lengthsOf(wireTap(6.0, Dynamic::Loud)).buzz;
    ASSERT_TRUE(loose);
    EXPECT_GT(loose->value, 1.5 * (tight ? tight->value : 0.0));
}

TEST(PracticeDrum, FollowsTheLedgerOfASession) {
    Session s = testing::done(testing::fresh(), FingerTight{HeadSide::Batter});
    s = testing::done(s, GroupTurned{HeadSide::Batter});
    s = testing::done(s, SetStrainer{Turns{1.5}});
    const PracticeState state = practiceStateOf(s);
    EXPECT_EQ(state.batterTurns, s.batter.rodTurns);
    EXPECT_GT(state.batterTurns[0].value, 0.0);
    EXPECT_EQ(state.strainer, Turns{1.5});
}

/// The whole loop on drums the advice has never seen, with their own stiffness, friction and kernel.
TEST(PracticeDrum, AdviceBringsStrangeDrumsHome) {
    for (const auto& [rods, seed] : {std::pair{6, 101}, {8, 102}, {8, 103}, {10, 104}, {7, 105}}) {
        Session s = newSession(plover(rods), testing::chase(), static_cast<std::uint64_t>(seed));
        const HiddenNature nature = drawNature(s.drum, s.practiceSeed);
        s = testing::done(s, FingerTight{HeadSide::Batter});
        std::uint64_t stroke = 0;
        int presses = 0;
        while (s.batter.stage != HeadStage::Done && ++presses < 600) {
            if (s.batter.stage == HeadStage::Raising) {
                s = testing::done(s, GroupTurned{HeadSide::Batter});
            } else if (s.batter.stage == HeadStage::Turning) {
                s = testing::done(s, MoveMade{HeadSide::Batter});
            } else {
                const int rod = *nextRodToTap(s.batter);
                const auto taps =
                    tapsIn(practiceTap(s.drum, nature, practiceStateOf(s), {.rod = rod, .stroke = stroke++}));
                const HeadBrief brief = briefFor(s, HeadSide::Batter);
                for (const Tap& tap : taps) {
                    const Reading reading = readTap(tap, {.expected = expectationNow(s.batter, brief)});
                    if (reading.hasFigure())
                        s = testing::done(s, TapHeard{HeadSide::Batter, rodReadingFrom(reading)});
                }
            }
        }
        ASSERT_EQ(s.batter.stage, HeadStage::Done) << rods << ' ' << seed;
        EXPECT_LE(s.batter.history.size(), 4U) << rods << ' ' << seed;
        const Hertz target = briefFor(s, HeadSide::Batter).target;
        EXPECT_NEAR(centsBetween(target, lastEstimate(s.batter)->mean).value, 0.0, 8.0)
            << rods << ' ' << seed;
        for (Cents c : trueEdgeDeviation(nature, practiceStateOf(s), HeadSide::Batter))
            EXPECT_NEAR(c.value, 0.0, 13.0) << rods << ' ' << seed; // the hidden truth, not what was heard
    }
}

/// Ring as the ear of the program measures it, mean over backbeats that land all round.
double toneLength(const PracticeState& state) {
    const Drum drum = plover();
    PracticeSound sound;
    sound.noiseDb = -70.0;
    double sum = 0.0;
    constexpr int strokes = 16;
    for (std::uint64_t stroke = 0; stroke < strokes; ++stroke) {
        const auto made = practiceWireStroke(drum, drawNature(drum, 8), state, StrokePlace::Middle,
                                             Dynamic::Medium, stroke, kPracticeWeather, sound);
        const auto taps = tapsIn(made.samples, sound.sampleRate);
        sum += taps.empty() ? 0.0 : lengthsOf(taps.front()).tone.value_or(Seconds{}).value / strokes;
    }
    return sum;
}

TEST(PracticeDrum, PadsShortenItAndHardlyAtTheHoop) {
    PracticeState state = turned(8, 2);
    state.leverOn = false;
    const double open = toneLength(state);
    const double hoop = plover().shell.radius().value;
    for (const double angle : {0.3, 2.2, 4.7}) { // a single one leaves a member of every pair alone
        Pad pad;
        pad.fromCentre = Metres{0.75 * hoop};
        pad.angle = Radians{angle};
        state.pads.push_back(pad);
    }
    const double padded = toneLength(state);
    for (Pad& pad : state.pads)
        pad.fromCentre = Metres{hoop}; // where no mode moves, but for the inner half of its face
    EXPECT_GT(open, 0.1);
    EXPECT_LT(padded, 0.7 * open);
    EXPECT_NEAR(toneLength(state), open, 0.15 * open);
}

TEST(PracticeDrum, ItsGaugeFollowsEachRodsOwnTension) {
    const Drum drum = plover();
    const HiddenNature nature = drawNature(drum, 8);
    PracticeState state = turned(8, 2);
    const auto mark = [&](int rod) { return practiceGauge(nature, state, HeadSide::Batter, rod, 1); };
    EXPECT_EQ(mark(2), mark(2));
    EXPECT_NEAR(2.0 * mark(2), std::round(2.0 * mark(2)), 1e-9); // to half a mark
    const double before = mark(2);
    const double opposite = mark(6);
    state.batterTurns[2] = Turns{2.5};
    EXPECT_GT(mark(2), 1.05 * before);
    EXPECT_NEAR(mark(6), opposite, 0.02 * opposite); // the opposite rod hears it, but its gauge does not
}

} // namespace practice_drum_test
} // namespace bombo

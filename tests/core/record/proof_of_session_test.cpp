#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "core/record/muffling_says.h"
#include "core/record/proof.h"
#include "core/record/state_text.h"
#include "core/record/strokes_say.h"
#include "core/record/wires_say.h"
#include "support/sessions.h"

#include <algorithm>
#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace proof_of_session_test {

using testing::done;
using testing::fresh;
using testing::fullSession;

HeardStroke lever(bool on, double tone, double buzz = 0.3) {
    HeardStroke heard{Hertz{190}, Seconds{tone}, std::nullopt, -12.0, on, {}, {}};
    if (on)
        heard.buzz = Seconds{buzz};
    return heard;
}
std::optional<ProofLine> lineOf(const Session& session, ProofItem item) {
    for (const ProofLine& line : proofLines(session))
        if (line.item == item)
            return line;
    return std::nullopt;
}
Pad padAt(double degrees) {
    return {Metres{0.13}, Radians{degrees * 0.0174533}, {}};
}

TEST(StrokesSay, ErrorsAreWhatStrokesShowAndWhatTheyHaveInCommon) {
    Session s = fullSession();
    HeardStroke heard = lever(false, 0.40);
    heard.toneError = Seconds{0.02};
    s = done(s, StrokeHeard{heard});
    EXPECT_NEAR(strokesSay(s).ringError->value, 0.02, 1e-12); // one alone is as sure as it says
    for (const double tone : {0.44, 0.36, 0.42, 0.38}) {
        heard.tone = Seconds{tone};
        s = done(s, StrokeHeard{heard});
    }
    // Median 0.40, median deviation 0.02, five strokes; half of the variance of 0.02 is common to all.
    EXPECT_NEAR(strokesSay(s).ringError->value, std::hypot(1.48 * 0.02 / std::sqrt(5.0), 0.71 * 0.02), 1e-12);
    EXPECT_NEAR(*lineOf(s, ProofItem::Ring)->error,
                strokesSay(s).ringError->value / lineOf(s, ProofItem::Ring)->wanted / 0.10, 1e-9);
    // Kept and read again with its errors; a stroke of before they were kept counts with a usual one.
    const auto back = workFromText(workText(s));
    ASSERT_TRUE(back);
    EXPECT_EQ(back->strokes, s.strokes);
    for (HeardStroke& old : s.strokes)
        old.toneError.reset();
    EXPECT_GT(strokesSay(s).ringError->value, 0.02);
}

TEST(StrokesSay, AChangeThatStrokesCannotTellIsNone) {
    StrokesSay before;
    before.ring = Seconds{0.40};
    before.ringError = Seconds{0.03};
    StrokesSay after = before;
    after.ring = Seconds{0.435}; // the error of the difference is 0.042, half of it common
    EXPECT_FALSE(differ(before, after));
    after.ring = Seconds{0.45};
    EXPECT_TRUE(differ(before, after));
    after.ring = std::nullopt;
    EXPECT_FALSE(differ(before, after));
    after.buzz = Seconds{0.3}; // of what was not heard before nothing is known
    EXPECT_FALSE(differ(before, after));
}

TEST(Proof, TheMarginInsideTheSpanAndWhatMakesItStale) {
    Session s = fullSession();
    EXPECT_FALSE(lineOf(fresh(), ProofItem::WireMargin)->reached);
    const auto margin = lineOf(s, ProofItem::WireMargin);
    const WireAdvice advice = wireAdviceOf(s);
    EXPECT_NEAR(*margin->reached, std::min(1.25 - advice.rattleBelow.value, advice.chokeAbove.value - 1.25),
                1e-12);
    EXPECT_FALSE(margin->isStale);
    s = done(s, BothTurned{Turns{0.125}, Turns{}});
    EXPECT_TRUE(lineOf(s, ProofItem::WireMargin)->isStale);
    s = done(s, SetStrainer{Turns{4.5}});
    EXPECT_EQ(lineOf(s, ProofItem::WireMargin)->verdict, ProofVerdict::Off);
}

TEST(Proof, BuzzIsMeasuredOrNotKnown) {
    Session s = fullSession();
    EXPECT_EQ(lineOf(s, ProofItem::Buzz)->verdict, ProofVerdict::NotMeasured);
    const double wanted = lineOf(s, ProofItem::Buzz)->wanted;
    s = done(s, StrokeHeard{lever(true, 0.4, 1.1 * wanted)});
    EXPECT_EQ(lineOf(s, ProofItem::Buzz)->verdict, ProofVerdict::Settled);
    s = done(s, StrokeHeard{lever(true, 0.4, 3.0 * wanted)});
    s = done(s, StrokeHeard{lever(true, 0.4, 3.0 * wanted)});
    EXPECT_EQ(lineOf(s, ProofItem::Buzz)->verdict, ProofVerdict::Off);
    Tone off = s.tone;
    off.wiresOff = true;
    EXPECT_FALSE(lineOf(done(s, ChooseTone{off}), ProofItem::Buzz));
}

TEST(Proof, InstrumentsThatMeetAModeAreCounted) {
    Session s = fullSession();
    EXPECT_FALSE(lineOf(s, ProofItem::Sympathy));
    const Hertz mode = namedPitches(knownState(s)).centre;
    s = done(s, SetNeighbours{{neighbourAt("tom", NeighbourKind::Tom, mode)}});
    EXPECT_EQ(lineOf(s, ProofItem::Sympathy)->reached, 1.0);
    EXPECT_EQ(lineOf(s, ProofItem::Sympathy)->verdict, ProofVerdict::Off);
}

TEST(OpenRing, TeachesTheDrumsOwnDamping) {
    Session s = testing::finishHead(fresh(), HeadSide::Batter);
    // Elsewhere choked wires may lie on the head.
    EXPECT_EQ(dampingLearned(done(s, StrokeHeard{lever(false, 0.1)})), 1.0);
    s = done(s, GoTo{Station::Muffling});
    const Seconds predicted = mufflingOf(s).ringBefore;
    s = done(s, StrokeHeard{lever(false, 0.8 * predicted.value)});
    EXPECT_NEAR(dampingLearned(s), 1.25, 1e-9);
    // The prediction then starts from what was heard: every rate by the same factor.
    EXPECT_NEAR(mufflingOf(s).ringBefore.value, 0.8 * predicted.value, 1e-3 * predicted.value);
    // With something on the head nothing more is learned of it, and what was learned stays.
    s = done(s, AddPad{padAt(30)});
    s = done(s, StrokeHeard{lever(false, 0.1)});
    EXPECT_NEAR(dampingLearned(s), 1.25, 1e-9);
    // Retuned, it is another drum.
    s = done(s, BothTurned{Turns{0.25}, Turns{}});
    EXPECT_EQ(dampingLearned(s), 1.0);
}

TEST(LayPads, AllAtOnceOrNone) {
    Session s = done(fresh(), AddPad{padAt(10)});
    s = done(s, LayPads{{padAt(90), padAt(150)}});
    ASSERT_EQ(s.pads.size(), 2U);
    EXPECT_EQ(apply(s, LayPads{{padAt(90), padAt(91)}}).fault(), Refusal::PadsOverlap);
    EXPECT_EQ(apply(s, LayPads{std::vector<Pad>(kMostPads + 1)}).fault(), Refusal::TooManyPads);
    EXPECT_TRUE(done(s, LayPads{}).pads.empty());
}

TEST(OwnKinds, ANewerOneOfTheSameNameReplaces) {
    PadKind sponge{.id = "own:sponge", .mass = Kilograms{0.004}};
    Session s = done(fresh(), KeepKind{sponge});
    sponge.mass = Kilograms{0.005};
    s = done(s, KeepKind{sponge});
    ASSERT_EQ(s.ownKinds.size(), 1U);
    EXPECT_EQ(s.ownKinds.front().mass, Kilograms{0.005});
    EXPECT_EQ(apply(s, KeepKind{PadKind{}}).fault(), Refusal::KindOutOfRange); // not the user's to change
    sponge.lossFactor = 40.0;
    EXPECT_EQ(apply(s, KeepKind{sponge}).fault(), Refusal::KindOutOfRange);
}

TEST(PlaceMicrophone, WithinReach) {
    MicrophonePlace place;
    EXPECT_EQ(done(fresh(), PlaceMicrophone{place}).microphone, place);
    EXPECT_FALSE(done(done(fresh(), PlaceMicrophone{place}), PlaceMicrophone{}).microphone);
    place.height = Metres{0.0};
    EXPECT_EQ(apply(fresh(), PlaceMicrophone{place}).fault(), Refusal::MicrophoneOutOfRange);
}

TEST(Experiments, OneChangeHeardAndKept) {
    EXPECT_EQ(apply(fresh(), BeginExperiment{"pad"}).fault(), Refusal::NothingHeardYet);
    EXPECT_EQ(apply(fresh(), EndExperiment{}).fault(), Refusal::NoExperiment);
    Session s = done(fullSession(), StrokeHeard{lever(true, 0.5)});
    s = done(s, BeginExperiment{"pad to 3 o'clock"});
    EXPECT_EQ(apply(s, BeginExperiment{"again"}).fault(), Refusal::ExperimentUnderWay);
    EXPECT_EQ(changedSince(s), Changed::Nothing);
    s = done(s, AddPad{padAt(200)});
    EXPECT_EQ(changedSince(s), Changed::Pads);
    s = done(s, StrokeHeard{lever(true, 0.35)});
    const Session kept = done(s, EndExperiment{true});
    ASSERT_EQ(kept.experiments.size(), 1U);
    EXPECT_EQ(kept.experiments[0].before.tone, Seconds{0.5});
    EXPECT_EQ(kept.experiments[0].after.tone, Seconds{0.35});
    EXPECT_TRUE(kept.experiments[0].kept);
    EXPECT_EQ(kept.pads.size(), 2U);
    EXPECT_FALSE(kept.experiment);
    // Put back: the head is as it was, and what was heard with the change no longer holds.
    const Session back = done(s, EndExperiment{false});
    EXPECT_EQ(back.pads, fullSession().pads);
    EXPECT_FALSE(strokesHold(back));
    EXPECT_EQ(back.experiments[0].after.tone, Seconds{0.35});
}

TEST(Experiments, TwoChangesAreSaidAndHeadsCannotBePutBack) {
    Session s = done(fullSession(), StrokeHeard{lever(true, 0.5)});
    s = done(s, BeginExperiment{"looser"});
    s = done(s, SetStrainer{Turns{1.0}});
    EXPECT_EQ(changedSince(s), Changed::Strainer);
    const Session back = done(s, EndExperiment{false});
    EXPECT_EQ(back.wires.strainer, Turns{1.25});
    s = done(s, BothTurned{Turns{0.125}, Turns{}});
    EXPECT_EQ(changedSince(s), Changed::Several);
    EXPECT_EQ(apply(s, EndExperiment{false}).fault(), Refusal::HeadsTurnedInIt);
    EXPECT_TRUE(done(s, EndExperiment{true}).experiments.back().kept);
}

TEST(Scatter, PlacesComeFromTheBalanceOfPartials) {
    Session s = fullSession();
    for (std::size_t i = 0; i < kBackbeats; ++i) {
        HeardStroke heard = lever(true, 0.4);
        const double edge = i % 2 == 0 ? -18.0 : 0.0; // now in the middle, now far out
        heard.partials = {{0, 1, Hertz{190}, Seconds{0.4}, 0.0}, {1, 1, Hertz{300}, Seconds{0.4}, edge}};
        s = done(s, StrokeHeard{heard});
    }
    const StrokeScatter scatter = scatterOf(s);
    EXPECT_EQ(scatter.strokes, kBackbeats);
    EXPECT_EQ(scatter.verdict, PlayerOrDrum::StrokesWander);
    s = done(s, AddPad{padAt(200)});
    EXPECT_EQ(scatterOf(s).strokes, 0U); // of the drum as it was
}

TEST(RingEvidence, TakesWhatTheSessionKnows) {
    Session s = fullSession();
    RingEvidence evidence = ringEvidence(s);
    EXPECT_TRUE(evidence.widest);
    EXPECT_FALSE(evidence.damping);
    EXPECT_FALSE(evidence.atMicrophone);
    s = done(s, PlaceMicrophone{MicrophonePlace{}});
    s = done(s, LayPads{});
    s = done(s, GoTo{Station::Muffling});
    s = done(s, StrokeHeard{lever(false, 0.7)});
    EXPECT_TRUE(ringEvidence(s).damping);
    evidence = ringEvidence(s);
    EXPECT_EQ(evidence.ring, Seconds{0.7});
    EXPECT_TRUE(evidence.atMicrophone && evidence.inRoom);
}

TEST(Setup, SaysWhatWasMeasuredPredictedOrOnlySaid) {
    Session s = done(fullSession(), StrokeHeard{lever(true, 0.5, 0.3)});
    s = done(s, SetStars{4});
    s = done(s, JudgeBlind{{5, 1, 3}});
    s = done(s, PlaceMicrophone{MicrophonePlace{}});
    const Json summary = setupSummary(s);
    std::vector<std::string> known;
    for (const Json& line : summary["proof"]) {
        EXPECT_TRUE(line["item"].is_string());
        if (line["known"].is_string())
            known.push_back(line["known"]);
    }
    for (const char* one : {"measured", "predicted", "said"})
        EXPECT_NE(std::find(known.begin(), known.end(), one), known.end()) << one;
    EXPECT_EQ(summary["stars"], 4);
    EXPECT_EQ(summary["blind"]["after"], 3);
    EXPECT_NEAR(summary["heard"]["buzz_s"].get<double>(), 0.3, 1e-12);
    EXPECT_NEAR(summary["microphone"]["height_m"].get<double>(), 0.05, 1e-12);
    EXPECT_EQ(apply(s, SetStars{6}).fault(), Refusal::StarsOutOfRange);
}

TEST(Session, NewFieldsSurviveTheTextAndOldTextsLackThem) {
    Session s = done(done(fullSession(), LayPads{}), GoTo{Station::Muffling});
    s = done(s, StrokeHeard{lever(false, 0.5)});
    EXPECT_TRUE(s.openRing);
    s = done(s, VoiceHeard{9.0});
    s = done(s, PlaceMicrophone{MicrophonePlace{Radians{0.5}, Metres{0.1}, Metres{0.06}}});
    s = done(s, KeepKind{PadKind{.id = "own:sponge", .mass = Kilograms{0.004}}});
    s = done(s, JudgeWires{WireJudging::Dry});
    s = done(s, LayPads{{Pad{Metres{}, Radians{}, padKindNamed("hoop-cloth").value()}}});
    s = done(s, StrokeHeard{lever(true, 0.4)});
    s = done(s, BeginExperiment{"dry"});
    s = done(s, SetStars{3});
    EXPECT_TRUE(testing::readAgain(s) == s);
    Json older = Json::parse(workText(s));
    for (const char* field : {"openRing", "experiment", "experiments", "blind", "stars"})
        older.erase(field);
    older["wires"].erase("judging");
    older["wires"].erase("voice");
    for (Json& pad : older["pads"])
        for (const char* field :
             {"footprint", "resistance", "stiffness", "delay", "withTension", "beneath", "partOfHead"})
            pad["kind"].erase(field);
    const auto old = workFromText(older.dump());
    ASSERT_TRUE(old);
    EXPECT_EQ(old->stars, 0);
    EXPECT_EQ(old->pads.size(), 1U);
}

} // namespace proof_of_session_test
} // namespace bombo

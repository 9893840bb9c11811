#include "core/record/heads_say.h"
#include "core/record/proof.h"

#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace proof_test {

using testing::done;
using testing::fresh;

ProofLine lineOf(const Session& session, ProofItem item) {
    for (const ProofLine& line : proofLines(session))
        if (line.item == item)
            return line;
    throw std::runtime_error("no such line");
}

RodReading heardAt(Hertz frequency) {
    RodReading heard;
    heard.frequency = frequency;
    heard.standardError = Hertz{0.1};
    heard.t60 = Seconds{0.4};
    return heard;
}

/// The whole pitch card, heard on a drum that stands just as the session believes, its centre off by this.
Session withCard(Session session, Cents centreOff = {}) {
    const NamedPitches now = namedPitches(knownState(session));
    while (const auto place = nextPlace(session.card)) {
        const Hertz edge = headOf(*place) == HeadSide::Batter ? now.batterEdge : now.snareSideEdge;
        const Hertz centre = now.centre * std::exp2(centreOff.value / 1200.0);
        session = done(session, CardTapHeard{heardAt(isMiddle(*place) ? centre : edge)});
    }
    return session;
}

TEST(Proof, NothingMeasuredIsSaidSo) {
    for (const ProofLine& line : proofLines(fresh())) {
        EXPECT_EQ(line.verdict, ProofVerdict::NotMeasured) << proofItemName(line.item);
        EXPECT_FALSE(line.reached);
    }
}

TEST(Proof, AFinishedJobIsSettled) {
    const Session s = testing::fullSession();
    const auto lines = proofLines(s);
    ASSERT_EQ(lines.size(), 10U);
    for (const ProofLine& line : lines) {
        EXPECT_EQ(line.reached.has_value(), line.item != ProofItem::Buzz) << proofItemName(line.item);
        if (line.item == ProofItem::BatterPitch || line.item == ProofItem::SnareSidePitch) {
            EXPECT_EQ(line.verdict, ProofVerdict::Settled);
            EXPECT_EQ(line.known, Known::Measured);
        }
        if (line.item == ProofItem::CentrePitch || line.item == ProofItem::Ring) {
            EXPECT_EQ(line.known, Known::Predicted);
        }
        EXPECT_STRNE(proofItemName(line.item), "");
        EXPECT_STRNE(proofVerdictName(line.verdict), "");
    }
}

TEST(Proof, WhereAMarkStandsAndItsVerdictAgree) {
    int looked = 0;
    for (const Session& session : {testing::fresh(), testing::fullSession(),
                                   testing::done(testing::fullSession(), SetStrainer{Turns{4.0}}),
                                   testing::done(testing::fullSession(), SetStrainer{Turns{0.5}})})
        for (const ProofLine& line : proofLines(session)) {
            EXPECT_EQ(line.off.has_value(), line.reached.has_value()) << proofItemName(line.item);
            if (!line.off || line.known == Known::ByGauge)
                continue;
            const double off = line.isOneSided ? *line.off : std::abs(*line.off);
            EXPECT_EQ(off <= 1.0 + 1e-9, line.verdict == ProofVerdict::Settled)
                << proofItemName(line.item) << ' ' << *line.off;
            ++looked;
        }
    EXPECT_GT(looked, 20);
}

TEST(Proof, RetunedHeadsMakeTheRestStale) {
    const Session s = done(testing::fullSession(), CorrectCount{HeadSide::Batter, 0, Turns{0.25}});
    for (const ProofLine& line : proofLines(s))
        if (line.item == ProofItem::Strainer || line.item == ProofItem::Ring) {
            EXPECT_TRUE(line.isStale) << proofItemName(line.item);
        }
}

TEST(Proof, TheCardTurnsThePredictedCentreIntoAMeasuredOne) {
    const Session before = testing::fullSession();
    const Session s = withCard(before, Cents{20.0});
    const ProofLine centre = lineOf(s, ProofItem::CentrePitch);
    EXPECT_EQ(centre.known, Known::Measured);
    EXPECT_FALSE(centre.isStale);
    EXPECT_NEAR(*centre.reached, *lineOf(before, ProofItem::CentrePitch).reached * std::exp2(20.0 / 1200.0),
                1e-6);
    EXPECT_EQ(centre.verdict, ProofVerdict::Near); // settled to 12 cents, near to 30
    const ProofLine ratio = lineOf(s, ProofItem::EdgeOverCentre);
    EXPECT_EQ(ratio.known, Known::Measured);
    EXPECT_NEAR(*ratio.reached,
                *lineOf(before, ProofItem::EdgeOverCentre).reached * std::exp2(-20.0 / 1200.0), 1e-3);
}

TEST(Proof, ACardFromBeforeTheLastTurnIsNotTakenForTheDrumAsItStands) {
    const Session s = done(withCard(testing::fullSession()), CorrectCount{HeadSide::Batter, 0, Turns{0.25}});
    EXPECT_EQ(lineOf(s, ProofItem::CentrePitch).known, Known::Predicted);
}

TEST(Proof, ACardOfADrumWithoutRoundsIsMeasured) {
    const Session s = withCard(done(fresh(), ChooseTone{testing::chase()}));
    const ProofLine centre = lineOf(s, ProofItem::CentrePitch);
    EXPECT_EQ(centre.known, Known::Measured);
    EXPECT_NE(centre.verdict, ProofVerdict::NotMeasured);
    EXPECT_EQ(lineOf(s, ProofItem::BatterEvenness).verdict, ProofVerdict::NotMeasured); // one rod is no round
}

} // namespace proof_test
} // namespace bombo

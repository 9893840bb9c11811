#include "core/faults/ring_causes.h"

#include <gtest/gtest.h>

namespace bombo {
namespace ring_causes_test {

RingEvidence tooLong() {
    RingEvidence evidence;
    evidence.ring = Seconds{0.8};
    evidence.wanted = Seconds{0.4};
    evidence.centre = Hertz{230};
    return evidence;
}
RingCause likeliest(const RingEvidence& evidence) {
    return ringCauses(evidence).front().cause;
}

TEST(RingCauses, NothingIsSaidOfARingAsWanted) {
    RingEvidence evidence = tooLong();
    evidence.ring = Seconds{0.42};
    evidence.widest = Cents{40};
    EXPECT_TRUE(ringCauses(evidence).empty());
}

TEST(RingCauses, WithoutAFaultItIsTaste) {
    RingEvidence evidence = tooLong();
    evidence.widest = Cents{5};
    evidence.damping = 1.0;
    evidence.meanPlace = 0.2;
    evidence.atMicrophone = Seconds{0.5};
    evidence.inRoom = Seconds{0.5};
    ASSERT_EQ(ringCauses(evidence).size(), 1U);
    EXPECT_EQ(likeliest(evidence), RingCause::Taste);
    EXPECT_EQ(likeliest(tooLong()), RingCause::Taste); // what is not known is not held against it
}

TEST(RingCauses, EachByItsOwnEvidence) {
    RingEvidence evidence = tooLong();
    evidence.widest = Cents{30};
    EXPECT_EQ(likeliest(evidence), RingCause::SplitPair);
    evidence = tooLong();
    evidence.beat = Hertz{5};
    EXPECT_EQ(likeliest(evidence), RingCause::SplitPair);
    evidence = tooLong();
    evidence.dished = true;
    EXPECT_EQ(likeliest(evidence), RingCause::WornHead);
    evidence = tooLong();
    evidence.damping = 0.6;
    EXPECT_EQ(likeliest(evidence), RingCause::WornHead);
    evidence = tooLong();
    evidence.meanPlace = 0.45;
    EXPECT_EQ(likeliest(evidence), RingCause::OffCentreStrokes);
    evidence = tooLong();
    evidence.atMicrophone = Seconds{0.9};
    evidence.inRoom = Seconds{0.6};
    EXPECT_EQ(likeliest(evidence), RingCause::CloseMicrophone);
    evidence = tooLong();
    evidence.centre = Hertz{150};
    EXPECT_EQ(likeliest(evidence), RingCause::LowTuning);
}

TEST(RingCauses, AFaintSuspicionIsNotSaid) {
    RingEvidence evidence = tooLong();
    evidence.damping = 1.0 / 1.18; // drums of a kind differ by as much
    evidence.meanPlace = 0.29;
    EXPECT_EQ(likeliest(evidence), RingCause::Taste);
}

TEST(RingCauses, TheLikeliestComesFirst) {
    RingEvidence evidence = tooLong();
    evidence.widest = Cents{14};
    evidence.meanPlace = 0.5;
    const auto findings = ringCauses(evidence);
    ASSERT_EQ(findings.size(), 2U);
    EXPECT_EQ(findings[0].cause, RingCause::OffCentreStrokes);
    EXPECT_EQ(findings[1].cause, RingCause::SplitPair);
    EXPECT_GT(findings[0].weight, findings[1].weight);
}

} // namespace ring_causes_test
} // namespace bombo

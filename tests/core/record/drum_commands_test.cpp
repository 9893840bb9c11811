#include "core/record/commands/command.h"
#include "core/record/json_values.h"
#include "core/record/strokes_say.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace drum_commands_test {

using testing::done;
using testing::fresh;
using testing::fullSession;

TEST(FitHead, BeginsThatSideAnewAndLeavesTheOther) {
    const Session before = fullSession();
    HeadSpec other = before.drum.batterHead;
    other.id = "other";
    other.arealDensity = ArealDensity{0.45};
    const Session after = done(before, FitHead{HeadSide::Batter, other, 1790000000});
    EXPECT_EQ(after.drum.batterHead, other);
    EXPECT_EQ(after.drum.fittedAt.batter, 1790000000);
    EXPECT_EQ(after.batter.stage, HeadStage::FingerTight);
    EXPECT_EQ(after.batter.condition, HeadCondition::New);
    EXPECT_TRUE(after.batter.history.empty()); // what the old one taught stays with it
    EXPECT_TRUE(after.batter.ledger.empty());
    EXPECT_EQ(after.batter.way, before.batter.way); // a habit of the hands
    EXPECT_EQ(after.snareSide, before.snareSide);
    EXPECT_EQ(after.drum.snareSideHead, before.drum.snareSideHead);
    EXPECT_FALSE(strokesHold(after));
    const Work again = workFromText(workText(after)).value();
    EXPECT_EQ(again.drum, after.drum);
    EXPECT_EQ(workText(again), workText(after));
}

TEST(FitHead, AUsedOneBringsItsHoursAndTheNextNewOneNone) {
    const HeadSpec head = fullSession().drum.batterHead;
    const Session used = done(fullSession(), FitHead{HeadSide::Batter, head, 1790000000, 37.5});
    EXPECT_EQ(used.drum.playedBefore.batter, 37.5);
    EXPECT_EQ(used.drum.playedBefore.snareSide, 0.0);
    EXPECT_EQ(workFromText(workText(used)).value().drum, used.drum);
    EXPECT_EQ(drumFromJson(toJson(used.drum), {}).value(), used.drum);
    EXPECT_EQ(done(used, FitHead{HeadSide::Batter, head, 1790000001}).drum.playedBefore.batter, 0.0);
    EXPECT_EQ(apply(fresh(), FitHead{HeadSide::Batter, head, 0, -3.0}).fault(), Refusal::NoSuchDrum);
}

TEST(FitHead, RefusesWhatCannotBeComputed) {
    HeadSpec none = fresh().drum.batterHead;
    none.arealDensity = ArealDensity{0.0};
    EXPECT_EQ(apply(fresh(), FitHead{HeadSide::Batter, none, 0}).fault(), Refusal::NoSuchDrum);
}

TEST(FitWires, BeginsTheStrainerAnewAndNothingElse) {
    const Session before = fullSession();
    ASSERT_TRUE(before.wires.begun);
    WireSet gut = before.drum.wires;
    gut.material = "gut";
    gut.strands = 12;
    const Session after = done(before, FitWires{gut, 1790000000});
    EXPECT_FALSE(after.wires.begun);
    EXPECT_EQ(after.drum.wires, gut);
    EXPECT_EQ(after.drum.fittedAt.wires, 1790000000);
    EXPECT_EQ(after.batter, before.batter);
    EXPECT_EQ(after.pads, before.pads);
}

TEST(DescribeDrum, ANameLeavesTheWorkAndOtherRodsBeginItAnew) {
    const Session before = fullSession();
    Drum renamed = before.drum;
    renamed.name = "Plover the second";
    renamed.guessed.hoop = true;
    renamed.markedRod = 2;
    const Session named = done(before, DescribeDrum{renamed});
    EXPECT_EQ(named.batter, before.batter);
    EXPECT_EQ(named.pads, before.pads);
    EXPECT_EQ(named.drum, renamed);
    Session skipping = before;
    skipping.nearestRod = 7;
    Drum six = before.drum;
    six.rods = 6;
    const Session other = done(skipping, DescribeDrum{six});
    EXPECT_EQ(other.batter.rodTurns.size(), 6U);
    EXPECT_EQ(other.snareSide.stage, HeadStage::FingerTight);
    EXPECT_TRUE(other.pads.empty());
    EXPECT_FALSE(other.nearestRod); // there is no such rod any more
    EXPECT_TRUE(workFromText(workText(other)));
    Drum stranger = before.drum;
    stranger.id = "wren";
    EXPECT_EQ(apply(before, DescribeDrum{stranger}).fault(), Refusal::NoSuchDrum);
    six.markedRod = 7;
    EXPECT_EQ(apply(before, DescribeDrum{six}).fault(), Refusal::NoSuchDrum);
}

TEST(OnDrumAsItIs, DropsOnlyTheWorkOnWhatWasReplaced) {
    const Session then = fullSession();
    EXPECT_EQ(onDrumAsItIs(then, then.drum), then);
    Drum now = then.drum;
    now.fittedAt.batter = 1790000000; // the same kind, but another one
    const Session after = onDrumAsItIs(then, now);
    EXPECT_EQ(after.batter.meanTurns(), Turns{});
    EXPECT_EQ(after.snareSide, then.snareSide);
    EXPECT_EQ(after.wires, then.wires);
    EXPECT_EQ(after.drum, now);
    // Another count of rods: what the hands were told of the old one does not come along.
    Session skipping = then;
    skipping.path = Path::OwnSkip;
    for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide})
        skipping.head(side).skip = 3;
    now = then.drum;
    now.rods = 6; // every third of six misses four
    const Session other = onDrumAsItIs(skipping, now);
    EXPECT_EQ(other.path, Path::OppositePairs);
    EXPECT_EQ(other.batter.rodTurns.size(), 6U);
    EXPECT_TRUE(other.pads.empty());
    EXPECT_TRUE(workFromText(workText(other)));
}

TEST(DrumJson, KeepsWhatIsKnownOfItsParts) {
    Drum drum = testing::plover();
    EXPECT_FALSE(toJson(drum).contains("guessed")); // files of before say the same as ever
    drum.fittedAt = {1780000000, 0, 1790000000};
    drum.guessed.hoop = true;
    drum.markedRod = 4;
    EXPECT_EQ(drumFromJson(toJson(drum), {}).value(), drum);
    for (const auto& [key, value] :
         std::vector<std::pair<const char*, Json>>{{"fitted_at", 7},
                                                   {"fitted_at", {{"batter", -3}}},
                                                   {"fitted_at", {{"batter", 1.5}}},
                                                   {"guessed", {{"hoop", "yes"}}},
                                                   {"marked_rod", 40},
                                                   {"marked_rod", -1}}) {
        Json json = toJson(drum);
        json[key] = value;
        EXPECT_FALSE(drumFromJson(json, {})) << key << value.dump();
    }
}

} // namespace drum_commands_test
} // namespace bombo

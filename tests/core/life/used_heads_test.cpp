#include "core/life/used_heads.h"

#include "core/life/life.h"
#include "support/drums.h"

#include <gtest/gtest.h>

namespace bombo {
namespace used_heads_test {

constexpr std::int64_t kBegin = 1'780'000'000;
constexpr std::int64_t kDay = 86400;

Entry evening(const char* drum, int day, const std::string& kind, std::int64_t fittedAt) {
    Entry entry;
    entry.drumId = drum;
    entry.at = kBegin + day * kDay;
    entry.figures.batter.kind = kind;
    entry.figures.batter.fittedAt = fittedAt;
    return entry;
}

struct Shelf {
    std::vector<Drum> drums;
    std::vector<Entry> entries;
    std::vector<HeadSpec> kinds{testing::coated25(), testing::film76()};

    Shelf() {
        Drum one = testing::plover();
        one.id = "one";
        one.batterHead = testing::coated25();
        one.fittedAt.batter = kBegin + 10 * kDay;
        Drum two = one;
        two.id = "two";
        two.fittedAt.batter = kBegin;
        two.playedBefore.batter = 12.0;
        Drum small = two;
        small.id = "small";
        small.shell.diameter = inches(12);
        drums = {one, two, small};
        // On the first drum a head for ten evenings, then another for five; on the second one all along.
        for (int day = 0; day < 15; ++day) {
            entries.push_back(evening("one", day, "coated-25", day < 10 ? kBegin : kBegin + 10 * kDay));
            entries.back().figures.batter.kind = testing::coated25().id;
        }
        for (int day = 0; day < 4; ++day)
            entries.push_back(evening("two", day, testing::coated25().id, kBegin));
        std::stable_sort(entries.begin(), entries.end(),
                         [](const Entry& a, const Entry& b) { return a.at < b.at; });
    }
    std::vector<UsedHead> offered(std::size_t onto) const {
        return usedHeads(drums[onto], HeadSide::Batter, drums, entries, kinds, kBegin + 20 * kDay);
    }
};

TEST(UsedHeads, OfOtherDrumsOfTheSizeAndWhatWasTakenOff) {
    const Shelf shelf;
    const auto found = shelf.offered(0);
    ASSERT_EQ(found.size(), 2U);
    // What hangs on the other drum, with what it was played before it came there.
    EXPECT_EQ(found[0].drumId, "two");
    EXPECT_TRUE(found[0].isOn);
    EXPECT_EQ(found[0].hours, 12.0 + 4 * kShowHours);
    // The one before on this drum: ten evenings; not the five of what is on now.
    EXPECT_EQ(found[1].drumId, "one");
    EXPECT_FALSE(found[1].isOn);
    EXPECT_EQ(found[1].hours, 10 * kShowHours);
    // The small drum is offered none, and gives none.
    EXPECT_TRUE(shelf.offered(2).empty());
}

TEST(UsedHeads, WhoseKindNobodyKnowsIsNotOffered) {
    Shelf shelf;
    shelf.drums[1].guessed.batter = true;
    for (Entry& entry : shelf.entries)
        entry.figures.batter.kind = "not in the catalogue";
    EXPECT_TRUE(shelf.offered(0).empty());
}

TEST(UsedHeads, HoursFromElsewhereBringTheEndNearer) {
    Shelf shelf;
    std::vector<Entry> own;
    for (const Entry& entry : shelf.entries)
        if (entry.drumId == "one")
            own.push_back(entry);
    const auto plays = playsOf(own);
    Drum drum = shelf.drums[0];
    const PartLife fresh = lifeOf(drum, Part::Batter, own, plays, own.back().at);
    drum.playedBefore.batter = 25.0;
    const PartLife used = lifeOf(drum, Part::Batter, own, plays, own.back().at);
    EXPECT_EQ(used.hours, fresh.hours + 25.0);
    EXPECT_EQ(used.shows, fresh.shows + 10);
    EXPECT_NEAR(fresh.high - used.high, 25.0 / kShowHours, 1e-9);
    EXPECT_EQ(lifeOf(drum, Part::SnareSide, own, plays, own.back().at).hours,
              lifeOf(shelf.drums[0], Part::SnareSide, own, plays, own.back().at).hours);
}

} // namespace used_heads_test
} // namespace bombo

#include "core/procedure/preparation.h"

#include <gtest/gtest.h>

#include <algorithm>

namespace bombo {
namespace preparation_test {

std::vector<PrepKind> kinds(HeadCondition condition, HeadSide side, Seating seating = Seating::Palm) {
    std::vector<PrepKind> list;
    for (const PrepStep& step : preparation(condition, side, seating, 8, Path::OppositePairs))
        list.push_back(step.kind);
    return list;
}

TEST(Preparation, ANewHeadGoesThroughEveryStepInOrder) {
    EXPECT_EQ(kinds(HeadCondition::New, HeadSide::Batter),
              (std::vector<PrepKind>{PrepKind::WiresAway, PrepKind::LookOver, PrepKind::LetDown,
                                     PrepKind::TakeOff, PrepKind::PutOn, PrepKind::Touch,
                                     PrepKind::FingerTight, PrepKind::Centre, PrepKind::Seat}));
}

TEST(Preparation, ThinFilmIsNeverPressed) {
    for (const HeadCondition condition :
         {HeadCondition::New, HeadCondition::FromSlack, HeadCondition::AsItStands})
        for (const Seating seating : {Seating::Palm, Seating::RestOvernight, Seating::None}) {
            const auto list = kinds(condition, HeadSide::SnareSide, seating);
            EXPECT_EQ(std::count(list.begin(), list.end(), PrepKind::Seat), 0);
        }
}

TEST(Preparation, AHeadThatStandsIsNotSlackened) {
    for (const PrepStep& step :
         preparation(HeadCondition::AsItStands, HeadSide::Batter, Seating::Palm, 10, Path::Star))
        EXPECT_TRUE(step.rods.empty());
}

TEST(Preparation, EveryTurningStepVisitsEachRodOnce) {
    for (const int rods : {5, 6, 7, 8, 10, 12})
        for (const Path path : {Path::OppositePairs, Path::Star, Path::OnceRound})
            for (const PrepStep& step :
                 preparation(HeadCondition::New, HeadSide::Batter, Seating::Palm, rods, path)) {
                if (step.rods.empty())
                    continue;
                std::vector<int> seen;
                for (const auto& group : step.rods)
                    seen.insert(seen.end(), group.begin(), group.end());
                std::sort(seen.begin(), seen.end());
                ASSERT_EQ(static_cast<int>(seen.size()), rods);
                for (int rod = 0; rod < rods; ++rod)
                    EXPECT_EQ(seen[static_cast<std::size_t>(rod)], rod);
            }
}

} // namespace preparation_test
} // namespace bombo

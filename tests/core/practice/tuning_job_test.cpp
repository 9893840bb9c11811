/// Tasks on practice drums: what is planted, that the shortest way ends it, that the ear's advice does, and
/// what is counted.
#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/practice/tuning_job.h"
#include "support/drums.h"

#include <gtest/gtest.h>

#include <cmath>

namespace bombo {
namespace tuning_job_test {

constexpr double kRate = 48000.0;
constexpr Cents kTolerance{8.0};
const PracticeRoom kRoom;

Drum wide() {
    Drum drum = testing::plover();
    drum.shell.diameter = inches(14);
    drum.shell.depth = inches(5.5);
    return drum;
}

TuningJob jobOf(TuningTask task, std::uint64_t seed) {
    return TuningJob(task, testing::plover(), Tension{2600.0}, Tension{2100.0}, seed);
}

void turnAll(TuningJob& job, const std::vector<Turns>& turns) {
    for (std::size_t rod = 0; rod < turns.size(); ++rod)
        if (turns[rod].value != 0.0) {
            EXPECT_TRUE(job.turn(static_cast<int>(rod), turns[rod]));
        }
}

TEST(TuningJob, NoTaskIsDoneBeforeItBegins) {
    for (const TuningTask task : kTuningTasks)
        for (std::uint64_t seed = 1; seed <= 12; ++seed) {
            const TuningScore score = jobOf(task, seed).score(kTolerance);
            EXPECT_FALSE(score.isDone) << tuningTaskName(task) << ' ' << seed;
            EXPECT_EQ(score.wasWorn && task != TuningTask::WornHead, false);
            EXPECT_GE(score.fewest, 1) << tuningTaskName(task) << ' ' << seed;
            if (task == TuningTask::Uneven || task == TuningTask::FiveMinutes) {
                EXPECT_GE(score.widestBefore.value, 20.0) << "else there is nothing to hear";
            }
            EXPECT_EQ(score.placements, 0);
            EXPECT_LT(score.load, kFilmLoadLimit);
        }
}

TEST(TuningJob, TheShortestWayEndsItInOnePass) {
    for (const TuningTask task : kTuningTasks)
        for (std::uint64_t seed = 1; seed <= 12; ++seed) {
            TuningJob job = jobOf(task, seed);
            const TuningScore before = job.score(kTolerance);
            if (before.wasWorn) {
                EXPECT_TRUE(job.fitFreshHead());
            }
            turnAll(job, before.best);
            const TuningScore after = job.score(kTolerance);
            EXPECT_TRUE(after.isDone) << tuningTaskName(task) << ' ' << seed << ' ' << after.widestAfter.value
                                      << ' ' << after.offAfter.value;
            EXPECT_EQ(after.placements, before.fewest);
            EXPECT_EQ(after.passes, 1);
            EXPECT_EQ(after.turned, before.best);
        }
}

TEST(TuningJob, OneRodIsOneRodAndAStickingOneTakesTwice) {
    const TuningScore one = jobOf(TuningTask::OneRod, 3).score(kTolerance);
    EXPECT_EQ(one.fewest, 1);
    const TuningScore sticking = jobOf(TuningTask::StickingRod, 3).score(kTolerance);
    ASSERT_EQ(sticking.fewest, 1);
    const auto turnsACent = [](const TuningScore& score) {
        double turns = 0.0;
        for (const Turns rod : score.best)
            turns += rod.value;
        return turns / score.widestBefore.value;
    };
    EXPECT_NEAR(turnsACent(sticking) / turnsACent(one), 2.0, 0.2) << "half of each turn is lost";
}

TEST(TuningJob, AWornHeadStaysDullUntilAFreshOneIsFitted) {
    int worn = 0;
    int judged = 0;
    for (std::uint64_t seed = 1; seed <= 12; ++seed) {
        TuningJob job = jobOf(TuningTask::WornHead, seed);
        const bool wasWorn = job.score(kTolerance).wasWorn;
        worn += wasWorn ? 1 : 0;
        EXPECT_FALSE(job.ring()) << "nothing was heard";
        for (int rod = 0; rod < job.drum().rods; ++rod)
            for (int again = 0; again < 3 && !job.readings()[static_cast<std::size_t>(rod)]; ++again)
                job.hear(job.tap(rod, kRoom, kRate), kRate);
        const auto ring = job.ring();
        judged += ring && ring->isWorn() == wasWorn ? 1 : 0;
        if (!wasWorn) { // its own rods are enough
            turnAll(job, job.score(kTolerance).best);
            EXPECT_TRUE(job.score(kTolerance).isDone) << seed;
            continue;
        }
        job.turn(0, kSmallestTurn);
        EXPECT_FALSE(job.score(kTolerance).isDone);
        EXPECT_TRUE(job.fitFreshHead());
        EXPECT_FALSE(job.fitFreshHead()) << "one is at hand";
        EXPECT_EQ(job.turnedAt(0).value, 0.0) << "counts begin anew";
        EXPECT_FALSE(job.ring()) << "of the head before";
        turnAll(job, job.score(kTolerance).best);
        EXPECT_TRUE(job.score(kTolerance).isDone) << seed;
    }
    EXPECT_GE(worn, 3);
    EXPECT_LE(worn, 9);
    EXPECT_GE(judged, 11) << "by how long the taps ring, in a room";
    EXPECT_FALSE(jobOf(TuningTask::OneRod, 1).fitFreshHead());
}

// On any drum that can be described there is something to hear and to put right.
TEST(TuningJob, StiffHoopsAndFewRodsHaveTasksToo) {
    for (const int rods : {5, 6, 8, 10})
        for (const char* hoop : {"flanged", "cast", "wood"}) {
            Drum drum = testing::plover();
            drum.rods = rods;
            drum.hoop.kind = hoop;
            for (const TuningTask task : kTuningTasks) {
                const TuningScore score =
                    TuningJob(task, drum, Tension{2600.0}, Tension{2100.0}, 3).score(kTolerance);
                EXPECT_FALSE(score.isDone) << tuningTaskName(task) << ' ' << hoop << ' ' << rods;
                EXPECT_LT(score.load, kFilmLoadLimit);
            }
        }
}

TEST(TuningJob, TheGoalIsWhatAnEvenHeadSoundsLike) {
    TuningJob job = jobOf(TuningTask::Uneven, 5);
    const auto heard = job.hear(job.goalTap(kRoom, kRate), kRate);
    ASSERT_TRUE(heard);
    EXPECT_NEAR(centsBetween(job.goal(), heard->frequency).value, 0.0, 10.0);
}

/// Who follows the advice of the ear in a room is through in three passes, whatever was planted.
TEST(TuningJob, AdviceFromWhatIsHeardEndsIt) {
    int ended = 0;
    int begun = 0;
    for (const TuningTask task : {TuningTask::OneRod, TuningTask::Uneven, TuningTask::SlackSnareSide})
        for (std::uint64_t seed = 21; seed <= 23; ++seed) {
            TuningJob job(task, seed == 22 ? wide() : testing::plover(), Tension{2600.0}, Tension{2100.0},
                          seed);
            for (int pass = 0; pass < 4; ++pass) {
                for (int rod = 0; rod < job.drum().rods; ++rod)
                    for (int again = 0; again < 4 && !job.readings()[static_cast<std::size_t>(rod)]; ++again)
                        job.hear(job.tap(rod, kRoom, kRate), kRate);
                if (!job.isRoundWhole())
                    break;
                const MovePlan plan = job.advice(kTolerance);
                if (plan.moves.empty())
                    break;
                for (const RodMove& move : plan.moves)
                    for (const int rod : move.rods)
                        job.turn(rod, move.turns);
                EXPECT_FALSE(job.isRoundWhole()) << "what was heard before the turns is of before";
                job.hear(job.tap(0, kRoom, kRate), kRate); // a new round has begun
            }
            ++begun;
            const TuningScore score = job.score(Cents{12.0});
            ended += score.isDone ? 1 : 0;
            EXPECT_LE(score.widestAfter.value, 20.0) << tuningTaskName(task) << ' ' << seed;
        }
    EXPECT_GE(ended, begun - 1) << "of " << begun;
}

TEST(TuningJob, PlacementsAndPassesAreCounted) {
    TuningJob job = jobOf(TuningTask::Uneven, 7);
    job.turn(2, kSmallestTurn);
    job.turn(2, kSmallestTurn); // the key stays where it is
    job.turn(5, kSmallestTurn);
    EXPECT_EQ(job.placements().size(), 2U);
    job.tap(5, kRoom, kRate);
    job.turn(5, -kSmallestTurn); // put on anew
    const TuningScore score = job.score(kTolerance);
    EXPECT_EQ(score.placements, 3);
    EXPECT_EQ(score.passes, 2);
    EXPECT_DOUBLE_EQ(score.turned[2].value, 0.125);
    EXPECT_DOUBLE_EQ(score.turned[5].value, 0.0);
}

TEST(TuningJob, AHeadTearsAndARodComesLoose) {
    TuningJob job = jobOf(TuningTask::OneRod, 9);
    while (job.turn(0, Turns{-0.25}))
        ASSERT_GT(job.turnedAt(0).value, -10.0);
    EXPECT_FALSE(job.isTorn());
    int turns = 0;
    while (job.turn(0, Turns{0.5}))
        ASSERT_LT(++turns, 200);
    EXPECT_TRUE(job.isTorn());
    EXPECT_FALSE(job.turn(1, Turns{-0.5})) << "a torn head is not tuned";
    EXPECT_GE(job.score(kTolerance).load, 1.0);
}

TEST(TuningJob, ChokedWiresSpeakAgainWhenTheKnobGoesBack) {
    TuningJob job = jobOf(TuningTask::ChokedWires, 11);
    EXPECT_FALSE(job.strike(Dynamic::Whisper, kRoom, kRate).answered);
    turnAll(job, job.score(kTolerance).best);
    EXPECT_TRUE(job.strike(Dynamic::Whisper, kRoom, kRate).answered);
    EXPECT_FALSE(job.strike(Dynamic::Loud, kRoom, kRate).rattled);
    while (job.turn(0, Turns{-0.25}))
        ;
    EXPECT_TRUE(job.score(kTolerance).rattles);
    EXPECT_FALSE(job.turn(0, Turns{-0.25})) << "the knob ends there";
}

} // namespace tuning_job_test
} // namespace bombo

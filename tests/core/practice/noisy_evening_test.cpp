/// A drum whose taps in the room differ by more than the finest steps do.
#include "core/practice/practice_session.h"
#include "core/procedure/head_rounds.h"
#include "core/reading/read_tap.h"
#include "core/record/heads_say.h"
#include "core/tap/taps_in.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace noisy_evening_test {

using testing::done;

/// Ten rods, 13 by 5.5 inches, at 307 Hz: in a whole window it went to and fro between two places for as long
/// as somebody pressed.
Session kestrel() {
    Drum drum = testing::plover();
    drum.rods = 10;
    drum.shell.depth = Metres{0.1397};
    drum.shell.material = "wood";
    drum.shell.expansionPerHumidity = 0.0013;
    drum.batterHead = testing::coated25();
    drum.hoop = Hoop{"pressed steel", Tension{1800.0}};
    Tone concert = testing::chase();
    concert.batterEdgeAt14 = Hertz{285.0};
    return newSession(drum, concert, 16511);
}

TEST(NoisyEvening, AHeadThatDoesNotComeNearerIsLeftAtItsBest) {
    constexpr HeadSide side = HeadSide::Batter;
    Session session = kestrel();
    const HiddenNature nature = drawNature(session.drum, session.practiceSeed);
    session = done(session, FingerTight{side});
    PracticeSound sound;
    sound.room = {.kind = RoomKind::Rehearsal, .seed = session.practiceSeed};
    std::uint64_t stroke = 0;
    int presses = 0;
    while (session.head(side).stage != HeadStage::Done && ++presses < 400) {
        const HeadWork& work = session.head(side);
        if (work.stage == HeadStage::Raising) {
            session = done(session, GroupTurned{side});
        } else if (work.stage == HeadStage::Turning) {
            session = done(session, MoveMade{side});
        } else {
            const auto taps = tapsIn(practiceTap(
                session.drum, nature, practiceStateOf(session),
                {.side = side, .rod = nextRodToTap(work), .stroke = stroke++}, kPracticeWeather, sound));
            const Reading reading =
                taps.empty() ? Reading{}
                             : readTap(taps[0], {.expected = expectationNow(work, briefFor(session, side))});
            if (reading.hasFigure())
                session = done(session, TapHeard{side, rodReadingFrom(reading)});
        }
    }
    const HeadWork& work = session.head(side);
    ASSERT_EQ(work.stage, HeadStage::Done);
    EXPECT_LE(work.history.size(), 12U);
    const Hertz target = briefFor(session, side).target;
    const double here = farthestHeard(estimateOf(work.history.back()), target).value;
    for (const FinishedRound& round : work.history)
        EXPECT_LE(here, farthestHeard(estimateOf(round), target).value + 1.0); // a cent
}

} // namespace noisy_evening_test
} // namespace bombo

/// The check of a microphone in its dialog, and a stream that runs over.
#include "driver.h"

#include "app/listening/ear.h"
#include "app/listening/microphone_dialog.h"
#include "app/listening/tap_reader.h"
#include "store/demo.h"
#include "support/synthesis.h"

#include <QLabel>
#include <QSignalSpy>
#include <gtest/gtest.h>

namespace bombo {
namespace microphone_test {

using testing::Program;

/// The demo's drum with its batter raised, so that it has a tone.
void raise(Program& p) {
    const QString book = p.path(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    ASSERT_TRUE(p.controller.openWorkbook(book));
    p.controller.goTo(Station::Batter);
    ASSERT_TRUE(p.controller.perform(FingerTight{HeadSide::Batter}));
    while (p.session().batter.stage == HeadStage::Raising)
        ASSERT_TRUE(p.controller.perform(GroupTurned{HeadSide::Batter}));
}

QString checked(Program& p, MicrophoneDialog& dialog) {
    auto* strike = dialog.findChild<QPushButton*>(QStringLiteral("checkStrike"));
    auto* verdict = dialog.findChild<QLabel*>(QStringLiteral("checkVerdict"));
    auto* marks = dialog.findChild<TapMarks*>();
    for (int tap = 1; tap <= kTapsOfACheck; ++tap) {
        EXPECT_TRUE(strike->isEnabled());
        QTest::mouseClick(strike, Qt::LeftButton);
        EXPECT_TRUE(p.waitFor([&] {
            // The next stroke counts once this one is read to its end.
            return marks->accessibleDescription().startsWith(QString::number(tap)) &&
                   !p.controller.ear().isReading();
        })) << marks->accessibleDescription().toStdString();
    }
    EXPECT_FALSE(strike->isEnabled());
    return verdict->text();
}

TEST(MicrophoneDialogTest, ThePracticeRoomsMicrophonesAreToldApart) {
    Program p;
    raise(p);
    p.settings.setPracticeRoom({.kind = RoomKind::Rehearsal});
    MicrophoneDialog dialog(p.controller, &p.window);
    dialog.show();
    auto* device = dialog.findChild<QComboBox*>(QStringLiteral("checkDevice"));
    device->setCurrentIndex(device->count() - 1); // the practice drum's, after those of the machine
    emit device->activated(device->count() - 1);
    const QString near = checked(p, dialog);
    EXPECT_TRUE(near.startsWith(QStringLiteral("Good"))) << near.toStdString();

    p.settings.setPracticeRoom({.microphone = MicrophoneKind::BuiltIn});
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("checkAgain")), Qt::LeftButton);
    const QString gated = checked(p, dialog);
    EXPECT_TRUE(gated.contains(QStringLiteral("shuts"))) << gated.toStdString();
    EXPECT_TRUE(dialog.findChild<QLabel*>(QStringLiteral("checkRemedy"))
                    ->text()
                    .contains(QStringLiteral("noise suppression")));

    p.settings.setPracticeRoom({.distance = RoomDistance::Far});
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("checkAgain")), Qt::LeftButton);
    const QString far = checked(p, dialog);
    EXPECT_TRUE(far.startsWith(QStringLiteral("Too far"))) << far.toStdString();
}

TEST(MicrophoneDialogTest, AfterwardsTheRoundGoesOn) {
    Program p;
    raise(p);
    {
        MicrophoneDialog dialog(p.controller, &p.window);
        dialog.show();
        auto* device = dialog.findChild<QComboBox*>(QStringLiteral("checkDevice"));
        device->setCurrentIndex(device->count() - 1);
        emit device->activated(device->count() - 1);
        checked(p, dialog);
        EXPECT_FALSE(p.controller.ear().isTapDue());
        EXPECT_EQ(p.session().batter.rodsHeard(), 0);
    }
    EXPECT_TRUE(p.controller.ear().isTapDue());
    EXPECT_TRUE(p.spaceUntil(HeadSide::Batter, [](const HeadWork& work) { return work.rodsHeard() == 2; }));
}

TEST(TapReaderTest, AStreamThatRanOverIsToldAndSplicesNoTap) {
    SampleRing ring(48000);
    TapReader reader(ring);
    QSignalSpy lost(&reader, &TapReader::soundLost);
    QSignalSpy heard(&reader, &TapReader::heard);
    reader.startStream(48000.0);
    auto sound = testing::silence(3.0);
    testing::addNoise(sound, 1e-4, 5);
    testing::addTones(sound, testing::edgeTap(280.0, 0.3, 0.3), 0.2);
    EXPECT_EQ(ring.push(sound), ring.capacity()); // the reader was busy all the while
    ASSERT_TRUE(QTest::qWaitFor([&] { return lost.count() == 1; }));
    EXPECT_NEAR(lost[0][0].value<Seconds>().value, 3.0 - static_cast<double>(ring.capacity()) / 48000.0,
                1e-6);
    // What comes after the gap is read as ever.
    auto next = testing::silence(1.0);
    testing::addNoise(next, 1e-4, 6);
    testing::addTones(next, testing::edgeTap(291.0, 0.3, 0.3), 0.3);
    const auto before = heard.count();
    auto quiet = testing::silence(0.35);
    testing::addNoise(quiet, 1e-4, 7);
    next.insert(next.end(), quiet.begin(), quiet.end());
    ASSERT_EQ(ring.push(next), next.size());
    ASSERT_TRUE(QTest::qWaitFor([&] { return heard.count() > before; }));
    ASSERT_EQ(heard.count(), before + 1);
    EXPECT_NEAR(heard.back()[0].value<HeardTap>().heard.reading.frequency->value, 291.0, 0.5);
    EXPECT_EQ(lost.count(), 1);
}

} // namespace microphone_test
} // namespace bombo

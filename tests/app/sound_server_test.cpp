/// End to end through a real sound server: with_sound_server.sh starts a private one with a null sink and a
/// microphone on its monitor.
#include "driver.h"

#include "store/demo.h"
#include "store/sound_file.h"
#include "support/synthesis.h"

#include <QMediaDevices>
#include <QProcess>
#include <gtest/gtest.h>

namespace bombo {
namespace {

using testing::Program;

TEST(SoundServer, AWholeRoundIsHeardThroughTheMicrophone) {
    ASSERT_FALSE(Microphone::devices().isEmpty()) << "the sound server has no microphone";
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    auto sound = testing::silence(8.2);
    for (int i = 0; i < 8; ++i)
        testing::addTones(sound, testing::edgeTap(280.0 + i, 0.4, 0.3), 0.8 + 0.9 * i);
    const QString wav = folder.filePath(QStringLiteral("round.wav"));
    ASSERT_TRUE(writeSoundFile(wav.toStdString(), sound, 48000));

    Program p(book);
    p.controller.goTo(Station::Batter);
    ASSERT_TRUE(p.controller.perform(FingerTight{HeadSide::Batter}));
    while (p.session().batter.stage == HeadStage::Raising)
        ASSERT_TRUE(p.controller.perform(GroupTurned{HeadSide::Batter}));
    QSignalSpy started(&p.controller.listener(), &Listener::microphoneStarted);
    QSignalSpy level(&p.controller.listener(), &Listener::level);
    p.controller.chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return started.count() == 1 && level.count() > 2; }, 20000));
    EXPECT_TRUE(p.controller.listener().microphoneName().contains(QStringLiteral("Stage")));
    EXPECT_FALSE(p.find<QPushButton>(QStringLiteral("primary"))->isEnabled()); // the taps themselves go on

    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(play.waitForStarted());
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.history.size() == 1; }, 30000))
        << p.session().batter.tapsHeard() << " taps heard";
    play.waitForFinished();
    const auto& readings = p.session().batter.history[0].readings;
    for (std::size_t i = 0; i < 8; ++i)
        EXPECT_NEAR(readings[i].frequency.value, 280.0 + static_cast<double>(i), 0.2) << i;
    EXPECT_EQ(*p.controller.workbook()->readingCount(p.controller.sessionId()), 8);
}

TEST(SoundServer, UnpluggedInMidRoundKeepsTheRound) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    auto sound = testing::silence(3.0);
    for (int i = 0; i < 2; ++i)
        testing::addTones(sound, testing::edgeTap(281.0, 0.4, 0.3), 0.8 + 0.9 * i);
    const QString wav = folder.filePath(QStringLiteral("two.wav"));
    ASSERT_TRUE(writeSoundFile(wav.toStdString(), sound, 48000));

    // A second microphone that can be pulled.
    QProcess load;
    load.start(QStringLiteral("pactl"),
               {QStringLiteral("load-module"), QStringLiteral("module-remap-source"),
                QStringLiteral("source_name=second"), QStringLiteral("master=stage.monitor"),
                QStringLiteral("source_properties=device.description=Second-microphone")});
    ASSERT_TRUE(load.waitForFinished());
    const QString module = QString::fromUtf8(load.readAllStandardOutput()).trimmed();
    auto second = [] {
        for (const InputDevice& d : Microphone::devices())
            if (d.name.contains(QStringLiteral("Second")))
                return d.id;
        return QByteArray();
    };
    ASSERT_TRUE(QTest::qWaitFor([&] { return !second().isEmpty(); }, 10000));

    Program p(book);
    p.controller.goTo(Station::Batter);
    ASSERT_TRUE(p.controller.perform(FingerTight{HeadSide::Batter}));
    while (p.session().batter.stage == HeadStage::Raising)
        ASSERT_TRUE(p.controller.perform(GroupTurned{HeadSide::Batter}));
    p.settings.setInputDevice(second());
    QSignalSpy level(&p.controller.listener(), &Listener::level);
    p.controller.chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.tapsHeard() == 2; }, 20000));
    play.waitForFinished();

    QProcess unload;
    unload.start(QStringLiteral("pactl"), {QStringLiteral("unload-module"), module});
    ASSERT_TRUE(unload.waitForFinished());
    ASSERT_TRUE(
        p.waitFor([&] { return p.window.noticeBar()->text().contains(QStringLiteral("is gone")); }, 20000));
    EXPECT_EQ(p.session().batter.tapsHeard(), 2);
    EXPECT_EQ(p.session().source, SoundSource::File);
    // The other microphone goes on with the same round.
    p.settings.setInputDevice({});
    level.clear();
    p.controller.chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.tapsHeard() == 4; }, 20000));
    play.waitForFinished();
}

} // namespace
} // namespace bombo

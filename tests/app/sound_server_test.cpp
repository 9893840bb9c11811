/// End to end through a real sound server: with_sound_server.sh starts a private one with a null sink and a
/// microphone on its monitor.
#include "app/listening/ear.h"
#include "driver.h"

#include "app/listening/clock_dialog.h"
#include "app/listening/microphone_dialog.h"
#include "app/practice/practice_page.h"
#include "app/proof/blind_panel.h"
#include "core/practice/practice_session.h"
#include "core/tuning/evenness.h"
#include "core/units/dice.h"
#include "store/demo.h"
#include "store/sound_file.h"
#include "support/synthesis.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMediaDevices>
#include <QProcess>
#include <QTabBar>
#include <gtest/gtest.h>

namespace bombo {
namespace sound_server_test {

using testing::Program;

/// To the first round of taps.
void raiseBatter(Program& p) {
    p.controller.goTo(Station::Batter);
    ASSERT_TRUE(p.controller.perform(FingerTight{HeadSide::Batter}));
    while (p.session().batter.stage == HeadStage::Raising)
        ASSERT_TRUE(p.controller.perform(GroupTurned{HeadSide::Batter}));
}

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
    ASSERT_NO_FATAL_FAILURE(raiseBatter(p));
    QSignalSpy started(&p.controller.ear().listener(), &Listener::microphoneStarted);
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return started.count() == 1 && level.count() > 2; }, 20000));
    EXPECT_TRUE(p.controller.ear().listener().microphoneName().contains(QStringLiteral("Stage")));
    EXPECT_FALSE(p.find<QPushButton>(QStringLiteral("primary"))->isEnabled()); // the taps themselves go on

    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(play.waitForStarted());
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.history.size() == 1; }, 30000))
        << p.session().batter.rodsHeard() << " taps heard";
    play.waitForFinished();
    const auto& readings = p.session().batter.history[0].readings;
    for (std::size_t i = 0; i < 8; ++i)
        EXPECT_NEAR(readings[i]->frequency.value, 280.0 + static_cast<double>(i), 0.2) << i;
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
    const QStringList secondMicrophone{
        QStringLiteral("load-module"), QStringLiteral("module-remap-source"),
        QStringLiteral("source_name=second"), QStringLiteral("master=stage.monitor"),
        QStringLiteral("source_properties=device.description=Second-microphone")};
    QProcess load;
    load.start(QStringLiteral("pactl"), secondMicrophone);
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
    ASSERT_NO_FATAL_FAILURE(raiseBatter(p));
    p.settings.setInputDevice(second());
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.rodsHeard() == 2; }, 20000));
    play.waitForFinished();

    QProcess unload;
    unload.start(QStringLiteral("pactl"), {QStringLiteral("unload-module"), module});
    ASSERT_TRUE(unload.waitForFinished());
    ASSERT_TRUE(
        p.waitFor([&] { return p.window.noticeBar()->text().contains(QStringLiteral("is gone")); }, 20000));
    EXPECT_EQ(p.session().batter.rodsHeard(), 2);
    EXPECT_TRUE(
        p.find<QLabel>(QStringLiteral("verdict"))->text().contains(QStringLiteral("Waiting for Second")));
    EXPECT_EQ(p.session().source, SoundSource::Microphone);

    // Plugged in again: the same round goes on.
    QSignalSpy started(&p.controller.ear().listener(), &Listener::microphoneStarted);
    load.start(QStringLiteral("pactl"), secondMicrophone);
    ASSERT_TRUE(load.waitForFinished());
    ASSERT_TRUE(p.waitFor([&] { return started.count() == 1; }, 20000));
    EXPECT_TRUE(p.waitFor([&] { return p.window.noticeBar()->text().contains(QStringLiteral("is back")); }));
    level.clear();
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.rodsHeard() == 4; }, 20000));
    play.waitForFinished();

    // Pulled once more: any other microphone will do, too.
    unload.start(QStringLiteral("pactl"), {QStringLiteral("unload-module"),
                                           QString::fromUtf8(load.readAllStandardOutput()).trimmed()});
    ASSERT_TRUE(unload.waitForFinished());
    ASSERT_TRUE(p.waitFor([&] { return p.controller.ear().listener().isMicrophoneAway(); }, 20000));
    level.clear();
    p.controller.ear().chooseMicrophone({});
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.rodsHeard() == 6; }, 20000));
    play.waitForFinished();
}

/// The private server's pactl; its answer.
QString pactl(const QStringList& words) {
    QProcess process;
    process.start(QStringLiteral("pactl"), words);
    process.waitForFinished();
    return QString::fromUtf8(process.readAllStandardOutput()).trimmed();
}

QByteArray microphoneNamed(const QString& part) {
    for (const InputDevice& device : Microphone::devices())
        if (device.name.contains(part))
            return device.id;
    return {};
}

/// Taps of the practice drum, one after the other at the rods given, as a microphone in its room hears them.
std::vector<float> tapsInTheRoom(const Session& session, const std::vector<int>& rods, PracticeSound sound) {
    std::vector<float> all(static_cast<std::size_t>(0.5 * sound.sampleRate), 0.0F);
    for (const int rod : rods) {
        PracticeTap tap{.rod = rod, .stroke = 500 + static_cast<std::uint64_t>(rod)};
        tap.hands.sloppiness = 0.0;
        const auto one = practiceTap(session.drum, drawNature(session.drum, session.practiceSeed),
                                     practiceStateOf(session), tap, session.weather, sound);
        all.insert(all.end(), one.begin(), one.end());
    }
    all.resize(all.size() + static_cast<std::size_t>(0.3 * sound.sampleRate));
    return all;
}

/// A stereo sink at 44.1 kHz with a microphone on its monitor, while it lives.
struct Booth {
    QString sink = pactl({QStringLiteral("load-module"), QStringLiteral("module-null-sink"),
                          QStringLiteral("sink_name=booth"), QStringLiteral("norewinds=1"),
                          QStringLiteral("rate=44100"), QStringLiteral("channels=2")});
    QString remap = pactl({QStringLiteral("load-module"), QStringLiteral("module-remap-source"),
                           QStringLiteral("source_name=boothmic"), QStringLiteral("master=booth.monitor"),
                           QStringLiteral("source_properties=device.description=Booth-microphone")});
    Booth() = default;
    Booth(const Booth&) = delete;
    Booth& operator=(const Booth&) = delete;
    ~Booth() {
        pactl({QStringLiteral("unload-module"), remap});
        pactl({QStringLiteral("unload-module"), sink});
    }
};

/// A stereo sink at 44.1 kHz beside the usual one: another microphone in the same room, chosen in mid-round.
TEST(SoundServer, ARoundInARoomAcrossTwoMicrophones) {
    const Booth booth; // goes after the program: it is another microphone, none that is pulled
    ASSERT_TRUE(QTest::qWaitFor([] { return !microphoneNamed(QStringLiteral("Booth")).isEmpty(); }, 10000));

    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    ASSERT_NO_FATAL_FAILURE(raiseBatter(p));
    PracticeSound sound;
    sound.room = {RoomKind::Rehearsal, RoomDistance::Near, MicrophoneKind::Good, 4};
    sound.sampleRate = 44100.0;
    const auto truth = trueEdgeDeviation(drawNature(p.session().drum, p.session().practiceSeed),
                                         practiceStateOf(p.session()), HeadSide::Batter);
    const QString wav = p.path(QStringLiteral("tap.wav"));
    // Taps whatever rod is due, as a drummer does.
    const auto tapHere = [&](const QString& sinkName) {
        const int due = *nextRodToTap(p.session().batter);
        if (!writeSoundFile(wav.toStdString(), tapsInTheRoom(p.session(), {due}, sound), 44100))
            return false;
        const int before = p.session().clock;
        QProcess play;
        play.start(QStringLiteral("paplay"), {QStringLiteral("--device=") + sinkName, wav});
        const bool heard = p.waitFor([&] { return p.session().clock != before; }, 20000);
        play.waitForFinished();
        return heard;
    };
    const int rods = p.session().drum.rods;
    p.settings.setInputDevice(microphoneNamed(QStringLiteral("Booth")));
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    int taps = 0;
    for (; p.session().batter.rodsHeard() < rods / 2; ++taps)
        ASSERT_TRUE(tapHere(QStringLiteral("booth"))) << taps;

    // Another microphone in mid-round: the rods that were heard stay heard.
    p.controller.ear().chooseMicrophone(microphoneNamed(QStringLiteral("Stage")));
    level.clear();
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    EXPECT_EQ(p.session().batter.rodsHeard(), rods / 2);
    for (; p.session().batter.history.empty(); ++taps)
        ASSERT_TRUE(tapHere(QStringLiteral("stage"))) << taps;
    EXPECT_LE(taps, rods + 4) << "rods of a head just raised are asked again now and then";

    const auto& readings = p.session().batter.history[0].readings;
    std::vector<std::optional<RodPitches>> heard;
    for (const auto& reading : readings)
        heard.push_back(
            RodPitches{reading->frequency, std::nullopt, errorOf(*reading).value_or(Cents{}), {}});
    const EvennessEstimate estimate = estimateEvenness(heard);
    for (std::size_t rod = 0; rod < readings.size(); ++rod)
        EXPECT_NEAR(estimate.heard[rod].value, truth[rod].value, 12.0) << "rod " << rod + 1;
}

TEST(SoundServer, TheMicrophoneIsCheckedOnce) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    p.controller.goTo(Station::Batter);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return p.controller.ear().listener().isMicrophoneOn(); }, 20000));
    // Never checked: the strip offers it.
    ASSERT_TRUE(p.waitFor([&] { return p.find<QPushButton>(QStringLiteral("check"))->isVisible(); }));
    PracticeSound sound;
    sound.room = {RoomKind::Rehearsal, RoomDistance::Near, MicrophoneKind::Good, 4};
    const int before = p.session().clock;
    const auto five = tapsInTheRoom(p.session(), {0, 1, 2, 3, 4}, sound);
    ASSERT_TRUE(writeSoundFile(p.path(QStringLiteral("five.wav")).toStdString(), five, 48000));
    {
        MicrophoneDialog dialog(p.controller, &p.window);
        dialog.show();
        auto* device = dialog.findChild<QComboBox*>(QStringLiteral("checkDevice"));
        ASSERT_TRUE(device->currentText().contains(QStringLiteral("microphone")));
        QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
        ASSERT_TRUE(p.waitFor([&] { return level.count() > 4; }, 20000));
        QProcess play;
        play.start(QStringLiteral("paplay"), {p.path(QStringLiteral("five.wav"))});
        const auto* verdict = dialog.findChild<QLabel*>(QStringLiteral("checkVerdict"));
        ASSERT_TRUE(p.waitFor([&] { return verdict->text().startsWith(QStringLiteral("Good")); }, 30000))
            << verdict->text().toStdString();
        play.waitForFinished();
    }
    EXPECT_EQ(p.settings.checkOf(p.controller.ear().listener().microphoneId()), QStringLiteral("good"));
    for (const QPushButton* offer : p.window.findChildren<QPushButton*>(QStringLiteral("check")))
        EXPECT_FALSE(offer->isVisible()) << "what was found good is not offered again";
    EXPECT_EQ(p.session().clock, before) << "taps of a check are nobody's reading";
}

TEST(SoundServer, TheClockIsComparedWithATone) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    auto tone = testing::silence(12.0);
    testing::addSteady(tone, 440.5, 0.3); // this microphone would read two cents sharp
    const QString wav = folder.filePath(QStringLiteral("tone.wav"));
    ASSERT_TRUE(writeSoundFile(wav.toStdString(), tone, 48000));

    Program p(book);
    ClockDialog dialog(p.controller, &p.window);
    dialog.show();
    auto* measure = dialog.findChild<QPushButton*>(QStringLiteral("clockMeasure"));
    auto* save = dialog.findChild<QPushButton*>(QStringLiteral("clockSave"));
    auto* result = dialog.findChild<QLabel*>(QStringLiteral("clockResult"));
    ASSERT_TRUE(p.waitFor([&] { return measure->isEnabled(); }, 20000)); // the microphone is open
    QTest::mouseClick(measure, Qt::LeftButton);                          // silence
    ASSERT_TRUE(p.waitFor([&] { return result->text().contains(QStringLiteral("No steady tone")); }, 20000));
    EXPECT_FALSE(save->isEnabled());

    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(play.waitForStarted());
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    ASSERT_TRUE(p.waitFor([&] { return !level.isEmpty() && level.last()[0].toDouble() > -20.0; }, 20000));
    QTest::mouseClick(measure, Qt::LeftButton);
    ASSERT_TRUE(p.waitFor([&] { return save->isEnabled(); }, 20000)) << result->text().toStdString();
    EXPECT_TRUE(result->text().contains(QStringLiteral("1.97 cents sharp"))) << result->text().toStdString();
    QTest::mouseClick(save, Qt::LeftButton);
    const QByteArray id = p.controller.ear().listener().microphoneId();
    EXPECT_NEAR(p.settings.clockOf(id).value, 1.97, 0.02);
    EXPECT_TRUE(
        dialog.findChild<QLabel*>(QStringLiteral("clockKept"))->text().contains(QStringLiteral("sharp")));
    play.waitForFinished();
    auto* forget = dialog.findChild<QPushButton*>(QStringLiteral("clockForget"));
    QTest::mouseClick(forget, Qt::LeftButton);
    EXPECT_EQ(p.settings.clockOf(id).value, 0.0);
}

TEST(SoundServer, AKeptClockCorrectsTheRound) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    auto sound = testing::silence(2.0);
    testing::addTones(sound, testing::edgeTap(281.0, 0.4, 0.3), 0.8);
    const QString wav = folder.filePath(QStringLiteral("one.wav"));
    ASSERT_TRUE(writeSoundFile(wav.toStdString(), sound, 48000));
    Program p(book);
    p.settings.setClockOf(Microphone::devices().first().id, Cents{10.0});
    ASSERT_NO_FATAL_FAILURE(raiseBatter(p));
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return level.count() > 2; }, 20000));
    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(p.waitFor([&] { return p.session().batter.rodsHeard() == 1; }, 20000));
    play.waitForFinished();
    const Hertz heard = p.session().batter.taps[0][0].frequency;
    EXPECT_NEAR(centsBetween(Hertz{281.0}, heard).value, -10.0, 0.5);
}

TEST(SoundServer, BeforeAndAfterAreJudgedBlind) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    p.controller.goTo(Station::Proof);
    auto* views = p.find<QTabBar>(QStringLiteral("proofViews"));
    QTest::mouseClick(views, Qt::LeftButton, {}, views->tabRect(2).center());
    for (const char* keep : {"keepBefore", "keepAfter"}) {
        const int before = p.session().clock;
        p.click(QStringLiteral("stroke"));
        ASSERT_TRUE(p.waitFor(
            [&] { return p.session().clock != before && !p.controller.ear().listener().isReading(); }));
        p.click(QString::fromLatin1(keep));
    }
    auto* panel = p.window.findChild<BlindPanel*>();
    int afterLiked = 0;
    for (int trial = 0; trial < 6; ++trial) {
        EXPECT_FALSE(p.find<QPushButton>(QStringLiteral("firstBetter"))->isEnabled()); // not heard yet
        p.click(QStringLiteral("playFirst"));
        EXPECT_FALSE(p.find<QPushButton>(QStringLiteral("firstBetter"))->isEnabled());
        p.click(QStringLiteral("playSecond"));
        ASSERT_TRUE(p.find<QPushButton>(QStringLiteral("firstBetter"))->isEnabled());
        afterLiked += panel->firstTake() == Take::After; // the first is always liked better here
        p.click(QStringLiteral("firstBetter"));
    }
    p.click(QStringLiteral("reveal"));
    ASSERT_TRUE(p.session().blind);
    EXPECT_EQ(p.session().blind->trials, 6);
    EXPECT_EQ(p.session().blind->after, afterLiked);
    EXPECT_EQ(p.session().blind->before, 6 - afterLiked);
    EXPECT_TRUE(p.find<QLabel>(QStringLiteral("blindResult"))->text().contains(QStringLiteral("6 times")));
}

TEST(SoundServer, AVoiceIsHeardWithTheLeverOffAndOn) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Program p(book);
    p.controller.goTo(Station::Wires);
    const HiddenNature nature = drawNature(p.session().drum, p.session().practiceSeed);
    PracticeState state;
    state.strainer = Turns{0.5};
    QSignalSpy started(&p.controller.ear().listener(), &Listener::microphoneStarted);
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return started.count() == 1 && level.count() > 2; }, 20000));
    auto* views = p.find<QTabBar>(QStringLiteral("wireViews"));
    QTest::mouseClick(views, Qt::LeftButton, {}, views->tabRect(2).center());
    for (const bool on : {false, true}) {
        state.leverOn = on;
        const QString wav = folder.filePath(on ? QStringLiteral("on.wav") : QStringLiteral("off.wav"));
        std::vector<float> hum = practiceVoice(nature, state, 1);
        const std::vector<float> once = hum; // it goes on for longer than is listened
        hum.insert(hum.end(), once.begin(), once.end());
        ASSERT_TRUE(writeSoundFile(wav.toStdString(), hum, 48000));
        QProcess play;
        play.start(QStringLiteral("paplay"), {wav});
        ASSERT_TRUE(play.waitForStarted());
        p.click(on ? QStringLiteral("voiceOn") : QStringLiteral("voiceOff"));
        EXPECT_TRUE(p.controller.ear().isHearingVoice());
        ASSERT_TRUE(p.waitFor([&] { return !p.controller.ear().isHearingVoice(); }, 30000));
        play.kill();
        play.waitForFinished();
    }
    ASSERT_TRUE(p.session().wires.voice) << p.window.noticeBar()->text().toStdString();
    EXPECT_TRUE(p.session().wires.voice->answers()) << p.session().wires.voice->gainDb;
}

// Pairs are played and answered rightly from 10 cents on, below by guess: the threshold is kept, by name, and
// is there after a restart.
TEST(SoundServer, ARoundForTheEarIsPlayedAndKept) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("season.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    Dice guess(4);
    {
        Program p(book);
        p.click(QStringLiteral("practice"));
        p.find<QLineEdit>(QStringLiteral("practiceWho"))->setText(QStringLiteral("Ida"));
        p.click(QStringLiteral("primary")); // one tap for the loudness
        p.click(QStringLiteral("ear-higher"));
        auto* page = p.window.findChild<PracticePage*>();
        ASSERT_NE(page, nullptr);
        for (int pair = 0; pair < kMostTrials && p.session().earResults.empty(); ++pair) {
            const bool isTold = page->ear().difference() >= 10.0 || guess.uniform(0, 1) < 0.5;
            p.press((page->ear().due() == 1) == isTold ? Qt::Key_2 : Qt::Key_1);
        }
        ASSERT_EQ(p.session().earResults.size(), 1U);
        EXPECT_TRUE(
            p.find<QLabel>(QStringLiteral("earSaid"))->text().contains(QStringLiteral("three of four")));
    }
    Program p(book);
    ASSERT_EQ(p.session().earResults.size(), 1U);
    const EarResult& kept = p.session().earResults[0];
    EXPECT_EQ(kept.who, "Ida");
    EXPECT_EQ(kept.exercise, "higher");
    EXPECT_GT(kept.threshold, 4.0);
    EXPECT_LT(kept.threshold, 20.0);
    EXPECT_GE(kept.trials, kFewestTrials);
}

TEST(SoundServer, TimePlayedIsCounted) {
    QTemporaryDir folder;
    const QString book = folder.filePath(QStringLiteral("played.bombo"));
    ASSERT_TRUE(createDemoWorkbook(book));
    constexpr int strokes = 24;
    auto sound = testing::silence(1.0 + 0.4 * strokes);
    for (int i = 0; i < strokes; ++i)
        testing::addTones(sound, testing::edgeTap(300.0, 0.1, 0.3), 0.5 + 0.4 * i);
    const QString wav = folder.filePath(QStringLiteral("beat.wav"));
    ASSERT_TRUE(writeSoundFile(wav.toStdString(), sound, 48000));
    Program p(book);
    p.controller.goTo(Station::Proof);
    QSignalSpy started(&p.controller.ear().listener(), &Listener::microphoneStarted);
    QSignalSpy level(&p.controller.ear().listener(), &Listener::level);
    p.controller.ear().chooseSource(SoundSource::Microphone);
    ASSERT_TRUE(p.waitFor([&] { return started.count() == 1 && level.count() > 2; }, 20000));
    QProcess play;
    play.start(QStringLiteral("paplay"), {wav});
    ASSERT_TRUE(play.waitForStarted());
    const auto seconds = [&] { return kSecondsAnHour * p.controller.ear().played().sinceEntry(); };
    EXPECT_TRUE(p.waitFor([&] { return seconds() > 0.3 * strokes; }, 30000)) << seconds();
    EXPECT_LT(seconds(), 0.4 * strokes + 2.0);
    p.controller.ear().chooseSource(SoundSource::Practice);
    play.waitForFinished();
}

} // namespace sound_server_test
} // namespace bombo

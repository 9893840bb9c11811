/// The Tone station driven as a person would.
#include "app/listening/ear.h"
#include "driver.h"

#include "app/session/wording.h"
#include "app/tone/blind_dialog.h"
#include "app/tone/cutaway_view.h"
#include "app/tone/name_tone_dialog.h"
#include "core/record/heads_say.h"
#include "core/record/session_sound.h"
#include "store/demo.h"
#include "store/sound_file.h"
#include "support/sessions.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalSpy>
#include <QSlider>
#include <QTabWidget>
#include <QTableWidget>
#include <gtest/gtest.h>

namespace bombo {
namespace tone_test {

using testing::Program;

class ToneStation : public ::testing::Test {
protected:
    ToneStation() : m_program(book()) {
        p().click(QStringLiteral("station-1"));
        p().click(QStringLiteral("tone-chase"));
    }
    Program& p() { return m_program; }
    void tab(int index) { p().find<QTabWidget>(QStringLiteral("toneTabs"))->setCurrentIndex(index); }
    Targets targets() { return targetsOf(p().session()).value(); }
    QString text(const char* label) { return p().find<QLabel>(QLatin1String(label))->text(); }

private:
    QString book() {
        const QString path = QDir(m_folder.path()).filePath(QStringLiteral("demo.bombo"));
        EXPECT_TRUE(createDemoWorkbook(path));
        return path;
    }
    QTemporaryDir m_folder;
    Program m_program;
};

TEST_F(ToneStation, OffersTheWorkbooksTonesAndTheTen) {
    EXPECT_EQ(p().controller.ownTones(), 5U);
    EXPECT_EQ(p().controller.tones().size(), 15U);
    p().click(QStringLiteral("tone-ballad"));
    EXPECT_EQ(p().session().tone.id, "ballad");
    EXPECT_LT(targets().batter.edgePitch.value, 240.0);
}

TEST_F(ToneStation, AKeyOnAQuestionMovesTheTargets) {
    const Hertz before = targets().batter.edgePitch;
    auto* high = p().find<QSlider>(QStringLiteral("wishHigh"));
    high->setFocus();
    p().press(Qt::Key_Right);
    EXPECT_GT(p().session().wish.high, 0.0);
    EXPECT_GT(targets().batter.edgePitch, before);
    EXPECT_TRUE(high->accessibleDescription().contains(hertzText(targets().batter.edgePitch)));
    p().press(Qt::Key_Space); // the space bar still leads on
    EXPECT_EQ(p().session().station, Station::SnareSide);
}

TEST_F(ToneStation, DraggingTriesAndLettingGoDecides) {
    auto* longer = p().find<QSlider>(QStringLiteral("wishLonger"));
    const QPoint middle = longer->rect().center();
    QTest::mousePress(longer, Qt::LeftButton, Qt::NoModifier, middle);
    QTest::mouseMove(longer, QPoint(longer->width() - 14, middle.y()));
    EXPECT_EQ(p().session().wish.longer, 0.0); // only tried
    EXPECT_GT(longer->value(), 0);
    QTest::mouseRelease(longer, Qt::LeftButton, Qt::NoModifier, QPoint(longer->width() - 14, middle.y()));
    EXPECT_GT(p().session().wish.longer, 0.5);
    p().controller.undoStack().undo();
    EXPECT_EQ(p().session().wish.longer, 0.0);
    EXPECT_EQ(longer->value(), 0);
}

TEST_F(ToneStation, SchoolsSayWhatTheyGiveAndCost) {
    tab(1);
    auto* table = p().find<QTableWidget>(QStringLiteral("schools"));
    ASSERT_EQ(table->rowCount(), 7);
    for (int row = 0; row < 7; ++row)
        for (int column = 0; column < 4; ++column)
            EXPECT_FALSE(table->item(row, column)->text().isEmpty()) << row << ' ' << column;
    table->setFocus();
    const QRect matched = table->visualItemRect(table->item(3, 0));
    QTest::mouseClick(table->viewport(), Qt::LeftButton, Qt::NoModifier, matched.center());
    EXPECT_EQ(p().session().school.level, SnareSideLevel::Matched);
    EXPECT_NEAR(centsBetween(targets().batter.edgePitch, targets().snareSide.edgePitch).value, 0.0, 0.5);
    EXPECT_TRUE(text("schoolCost").contains(QStringLiteral("−500 cents")))
        << text("schoolCost").toStdString();
    QTest::keyClick(table, Qt::Key_Down);
    EXPECT_EQ(p().session().school.level, SnareSideLevel::NearLimit);
    EXPECT_NEAR(targets().snareSide.filmLoad, kNearLimitLoad, 1e-6);
}

TEST_F(ToneStation, TheOrderOfTheHeadsLeadsOn) {
    tab(1);
    auto* order = p().find<QComboBox>(QStringLiteral("headOrder"));
    order->setFocus();
    QTest::keyClick(order, Qt::Key_Down);
    ASSERT_TRUE(p().waitFor([&] { return p().session().school.order == HeadOrder::BatterFirst; }));
    p().click(QStringLiteral("primary"));
    EXPECT_EQ(p().session().station, Station::Batter);
}

TEST_F(ToneStation, WeatherHereIsKeptAndElsewhereCompared) {
    tab(2);
    EXPECT_TRUE(text("weatherSoon1").contains(QStringLiteral("cents")));
    auto* there = p().find<QSpinBox>(QStringLiteral("thereTemperature"));
    const QString cold = text("weatherSoon1");
    EXPECT_TRUE(
        text("weatherChange").contains(QRegularExpression(QStringLiteral("tighter \\(± 0[.,]\\d\\d"))))
        << text("weatherChange").toStdString();
    there->setValue(35);
    EXPECT_TRUE(text("weatherChange").contains(QStringLiteral("looser")))
        << text("weatherChange").toStdString();
    EXPECT_NE(text("weatherSoon1"), cold);
    // Damp counts for a wooden shell this evening and in days, each with its error; without it there is one.
    auto* damp = p().find<QSpinBox>(QStringLiteral("thereHumidity"));
    damp->setValue(90);
    EXPECT_TRUE(text("weatherDays1").contains(QStringLiteral("±")));
    EXPECT_NE(text("weatherDays1"), text("weatherSoon1"));
    EXPECT_TRUE(p().find<QLabel>(QStringLiteral("weatherDays1"))->isVisible());
    damp->setValue(p().find<QSpinBox>(QStringLiteral("hereHumidity"))->value());
    EXPECT_FALSE(p().window.findChild<QLabel*>(QStringLiteral("weatherDays1"))->isVisible());
    EXPECT_FALSE(text("weatherSoon1").contains(QStringLiteral("±")));
    there->setValue(20); // as here: nothing to turn
    EXPECT_EQ(text("weatherChange"), QStringLiteral("Tuned here and taken there, no rod turned:"));
    EXPECT_EQ(p().session().weather.temperature, Celsius{20}); // a question, not a fact
    p().find<QSpinBox>(QStringLiteral("hereTemperature"))->setValue(8);
    EXPECT_EQ(p().session().weather.temperature, Celsius{8});
}

TEST_F(ToneStation, BothHeadsAreCorrectedInOneGo) {
    for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
        ASSERT_TRUE(p().controller.perform(FingerTight{side}));
        ASSERT_TRUE(p().controller.perform(BeginTapping{side, 0, Direction::CounterClockwise}));
    }
    tab(3);
    auto* done = p().find<QPushButton>(QStringLiteral("bothTurned"));
    EXPECT_FALSE(done->isEnabled());
    p().find<QDoubleSpinBox>(QStringLiteral("heardBatterEdge"))->setValue(280.0);
    EXPECT_FALSE(done->isEnabled()); // one pitch does not tell two tensions
    p().find<QDoubleSpinBox>(QStringLiteral("heardCentre"))->setValue(190.0);
    ASSERT_TRUE(done->isEnabled());
    EXPECT_TRUE(text("correction").contains(QStringLiteral("tighter"))) << text("correction").toStdString();
    EXPECT_TRUE(text("correction").contains(QStringLiteral("Batter alone")));
    const Turns before = p().session().batter.rodTurns[0];
    p().click(QStringLiteral("bothTurned"));
    EXPECT_GT(p().session().batter.rodTurns[0], before);
    // The figures were of the drum before those turns: the same correction is not offered again.
    EXPECT_FALSE(done->isEnabled());
    EXPECT_EQ(p().find<QDoubleSpinBox>(QStringLiteral("heardBatterEdge"))->value(), 0.0);
    p().find<QDoubleSpinBox>(QStringLiteral("heardBatterEdge"))->setValue(280.0);
    p().find<QDoubleSpinBox>(QStringLiteral("heardCentre"))->setValue(190.0);
    ASSERT_TRUE(done->isEnabled());
    p().controller.chooseDrum("wren"); // nor are they those of another drum
    p().controller.goTo(Station::Tone);
    tab(3);
    EXPECT_FALSE(done->isEnabled());
    EXPECT_EQ(p().find<QDoubleSpinBox>(QStringLiteral("heardCentre"))->value(), 0.0);
    p().controller.chooseDrum("plover");
    tab(3);
    p().find<QDoubleSpinBox>(QStringLiteral("heardBatterEdge"))->setValue(280.0);
    p().find<QDoubleSpinBox>(QStringLiteral("heardCentre"))->setValue(900.0);
    EXPECT_FALSE(done->isEnabled());
    EXPECT_TRUE(text("correction").contains(QStringLiteral("misread"))) << text("correction").toStdString();
}

TEST_F(ToneStation, HeadsSwingOnDemandAndRestWhenLeft) {
    auto* cutaway = p().find<CutawayView>(QStringLiteral("cutaway"));
    EXPECT_FALSE(cutaway->motion());
    const QImage still = cutaway->grab().toImage();
    p().click(QStringLiteral("motionAgainst"));
    EXPECT_EQ(cutaway->motion(), MotionKind::Against);
    const QImage first = cutaway->grab().toImage();
    EXPECT_NE(first, still);
    EXPECT_TRUE(p().waitFor([&] { return cutaway->grab().toImage() != first; }));
    p().click(QStringLiteral("station-0"));
    EXPECT_FALSE(cutaway->motion());
}

TEST(HeadMotions, SameWayOppositeWaysAndHalfUpHalfDown) {
    const auto targets = targetsFor(testing::plover(), testing::chase()).value();
    const auto motions =
        headMotions(drumState(testing::plover(), targets.batter.tension, targets.snareSide.tension));
    ASSERT_EQ(motions.size(), kMotions.size());
    const std::size_t middle = motions[0].batter.size() / 2;
    EXPECT_GT(motions[0].batter[middle] * motions[0].snareSide[middle], 0.0);
    EXPECT_LT(motions[1].batter[middle] * motions[1].snareSide[middle], 0.0);
    EXPECT_GT(motions[1].frequency, motions[0].frequency);
    EXPECT_NEAR(motions[2].batter[middle], 0.0, 1e-9);
    EXPECT_NEAR(motions[2].batter[5], -motions[2].batter[motions[2].batter.size() - 6], 1e-9);
    for (const HeadMotion& motion : motions)
        EXPECT_NEAR(motion.batter.front(), 0.0, 1e-9); // clamped at the hoop
}

TEST_F(ToneStation, ARecordingBecomesATone) {
    const QString path = p().path(QStringLiteral("rain.wav"));
    PreviewStroke stroke = wantedStroke(p().session());
    const StrokeSound sound{.leadIn = Seconds{0.2}};
    ASSERT_TRUE(writeSoundFile(path.toStdString(), strokeSound(p().session().drum, stroke, sound), 48000));
    p().controller.ear().readHits(path);
    NameToneDialog* dialog = nullptr;
    ASSERT_TRUE(p().waitFor([&] {
        dialog = p().window.findChild<NameToneDialog*>();
        return dialog != nullptr && dialog->isVisible();
    }));
    auto* name = dialog->findChild<QLineEdit*>(QStringLiteral("toneName"));
    EXPECT_EQ(name->text(), QStringLiteral("rain"));
    name->clear();
    dialog->accept();
    EXPECT_TRUE(dialog->isVisible()); // a tone needs a name
    EXPECT_FALSE(dialog->findChild<QLabel*>(QStringLiteral("toneProblem"))->text().isEmpty());
    QTest::keyClicks(name, QStringLiteral("Rain: blurred, long wire"));
    dialog->accept();
    EXPECT_EQ(p().controller.ownTones(), 6U);
    EXPECT_EQ(p().session().tone.name, "Rain: blurred, long wire");
    EXPECT_EQ(p().session().tone.origin, "recording");
    // The hit was this drum's own prediction: the tone leads back to it.
    const auto was = targetsFor(p().session().drum, p().controller.tones()[1], airAt(p().session().weather));
    EXPECT_NEAR(centsBetween(was->batter.edgePitch, targets().batter.edgePitch).value, 0.0, 10.0);
}

TEST_F(ToneStation, AFileWithoutAHitIsRefusedInWords) {
    const QString path = p().path(QStringLiteral("silence.wav"));
    ASSERT_TRUE(writeSoundFile(path.toStdString(), std::vector<float>(48000, 0.0F), 48000));
    QSignalSpy notices(&p().controller, &SessionController::notice);
    p().controller.ear().readHits(path);
    ASSERT_TRUE(p().waitFor([&] { return !notices.isEmpty(); }));
    EXPECT_TRUE(notices[0][0].value<Notice>().text.contains(QStringLiteral("silence.wav")));
    p().controller.ear().readHits(p().path(QStringLiteral("missing.wav")));
    ASSERT_TRUE(p().waitFor([&] { return notices.size() == 2; }));
    EXPECT_EQ(p().controller.ownTones(), 5U);
}

TEST_F(ToneStation, ASetupIsKeptAsATone) {
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("keepSetup"))->isEnabled());
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("hearPresent"))->isEnabled());
    p().controller.goTo(Station::Batter);
    ASSERT_TRUE(p().spaceUntil(HeadSide::Batter, [](const HeadWork& w) { return !w.history.empty(); }));
    p().controller.goTo(Station::Tone);
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("hearPresent"))->isEnabled());
    p().click(QStringLiteral("keepSetup"));
    auto* dialog = p().window.findChild<NameToneDialog*>();
    ASSERT_NE(dialog, nullptr);
    QTest::keyClicks(dialog->findChild<QLineEdit*>(QStringLiteral("toneName")), QStringLiteral("Good night"));
    dialog->accept();
    EXPECT_EQ(p().session().tone.name, "Good night");
    EXPECT_EQ(p().session().tone.origin, "own");
}

TEST_F(ToneStation, LengthsAndReferencePitchFollowTheSettings) {
    UnitsShown units;
    units.millimetres = true;
    units.a4 = Hertz{442};
    setUnitsShown(units);
    EXPECT_EQ(sizeText(p().session().drum.shell), QStringLiteral("330 × 152 mm"));
    EXPECT_TRUE(noteWords(Hertz{442}).startsWith(QStringLiteral("A4")));
    EXPECT_FALSE(noteWords(Hertz{442}).contains(QLatin1Char('+')) &&
                 noteWords(Hertz{442}).endsWith(QLatin1Char('8')));
    setUnitsShown({});
    EXPECT_EQ(sizeText(p().session().drum.shell), QStringLiteral("13 × 6 in"));
    p().settings.setUnits(units);
    EXPECT_EQ(p().settings.units(), units);
}

TEST(BlindComparison, KeepsAnHonestTally) {
    PreviewStroke wanted;
    wanted.ring = Seconds{0.3};
    const PreviewStroke present;
    BlindDialog dialog(wanted, present, 7);
    bool heardWanted = false;
    QObject::connect(&dialog, &BlindDialog::play, &dialog,
                     [&](const PreviewStroke& stroke) { heardWanted = stroke.ring.has_value(); });
    bool bothOrders[2] = {false, false};
    for (int i = 0; i < 12; ++i) {
        bothOrders[dialog.wantedIsFirst() ? 0 : 1] = true;
        dialog.findChild<QPushButton*>(QStringLiteral("hearFirst"))->click();
        EXPECT_EQ(heardWanted, dialog.wantedIsFirst());
        dialog
            .findChild<QPushButton*>(heardWanted ? QStringLiteral("chooseFirst")
                                                 : QStringLiteral("chooseSecond"))
            ->click();
    }
    EXPECT_TRUE(bothOrders[0] && bothOrders[1]);
    EXPECT_EQ(dialog.tries(), 12);
    EXPECT_EQ(dialog.right(), 12);
    dialog
        .findChild<QPushButton*>(dialog.wantedIsFirst() ? QStringLiteral("chooseSecond")
                                                        : QStringLiteral("chooseFirst"))
        ->click();
    EXPECT_EQ(dialog.right(), 12);
    EXPECT_TRUE(
        dialog.findChild<QLabel*>(QStringLiteral("tally"))->text().contains(QStringLiteral("12 of 13")));
}

} // namespace tone_test
} // namespace bombo

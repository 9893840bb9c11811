/// From things on the head to the proof and the saved setup, through the real window on a practice drum.
#include "answer_next.h"

#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/proof/change_picture.h"
#include "audio/player.h"
#include "driver.h"

#include "app/muffling/head_from_above.h"
#include "app/muffling/ring_picture.h"
#include "app/muffling/ways_panel.h"
#include "app/proof/proof_page.h"
#include "app/proof/proof_sheet.h"
#include "app/proof/scatter_picture.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "core/record/muffling_says.h"
#include "core/record/stations.h"
#include "core/record/strokes_say.h"
#include "store/demo.h"
#include "store/sound_file.h"

#include "support/full_disk.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QSignalSpy>
#include <QTabBar>
#include <QTableWidget>
#include <gtest/gtest.h>

namespace bombo {
namespace muffling_and_proof_test {

using testing::Program;

class MufflingAndProof : public ::testing::Test {
protected:
    MufflingAndProof() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        m_program = std::make_unique<Program>(book());
        for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter})
            raise(side);
        p().controller.goTo(Station::Muffling);
    }
    /// By the count, and heard once: the practice drum stands near its pitch.
    void raise(HeadSide side) {
        p().controller.goTo(side == HeadSide::Batter ? Station::Batter : Station::SnareSide);
        p().controller.perform(FingerTight{side});
        while (p().session().head(side).stage == HeadStage::Raising)
            p().controller.perform(GroupTurned{side});
        p().spaceUntil(side, [](const HeadWork& work) { return !work.history.empty(); });
    }
    Program& p() { return *m_program; }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("season.bombo")); }
    QString path(const char* name) const { return QDir(m_folder.path()).filePath(QString::fromLatin1(name)); }
    QString text(const char* label) { return p().find<QLabel>(QString::fromLatin1(label))->text(); }
    void view(const char* bar, int index) { // a click on the tab, as a hand would
        auto* views = p().find<QTabBar>(QString::fromLatin1(bar));
        QTest::mouseClick(views, Qt::LeftButton, {}, views->tabRect(index).center());
        ASSERT_EQ(views->currentIndex(), index);
    }
    void strike(int strokes) {
        for (int i = 0; i < strokes; ++i) {
            const int before = p().session().clock;
            p().click(QStringLiteral("stroke"));
            ASSERT_TRUE(p().waitFor([&] {
                return p().session().clock != before && !p().controller.ear().listener().isReading();
            }));
        }
    }
    void chooseKind(const char* id) {
        int index = 0;
        for (const PadKind& kind : padKinds()) {
            if (kind.id == id)
                p().choose(QStringLiteral("padKind"), index);
            ++index;
        }
    }
    QString reached(const char* what) {
        const auto* table =
            p().window.findChild<QTableWidget*>(QStringLiteral("proof")); // behind the picture
        for (int row = 0; row < table->rowCount(); ++row)
            if (table->item(row, 0)->text() == QString::fromLatin1(what))
                return table->item(row, 2)->text() + QLatin1Char('|') + table->item(row, 3)->text();
        return {};
    }

private:
    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(MufflingAndProof, ThingsOfEveryShapeAreLaidChosenAndTakenOff) {
    auto* head = p().find<HeadFromAbove>(QStringLiteral("head"));
    for (const char* id : {"film-ring", "hoop-cloth", "felt-strip", "gel-pad"}) {
        const std::size_t before = p().session().pads.size();
        chooseKind(id);
        p().click(QStringLiteral("addPad"));
        if (std::string(id) == "hoop-cloth") { // the ring takes its place
            EXPECT_EQ(p().session().pads.size(), before);
            EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("overlap")));
            continue;
        }
        ASSERT_EQ(p().session().pads.size(), before + 1) << id;
        EXPECT_EQ(p().session().pads.back().kind.id, id);
    }
    EXPECT_TRUE(head->accessibleDescription().contains(QStringLiteral("film ring: all round the hoop")));
    // The strip turns under the arrows and has no other place; the pad lies on top and is chosen by its
    // number.
    head->setFocus();
    QTest::keyClick(head, Qt::Key_2);
    EXPECT_TRUE(text("padPlace").startsWith(QStringLiteral("2, felt strip")));
    const Radians angle = p().session().pads[1].angle;
    QTest::keyClick(head, Qt::Key_Left);
    QTest::keyClick(head, Qt::Key_Up);
    EXPECT_NEAR((p().session().pads[1].angle - angle).value, std::numbers::pi / 36.0, 1e-9);
    EXPECT_EQ(p().session().pads[1].fromCentre, Metres{});
    p().click(QStringLiteral("removePad"));
    EXPECT_EQ(p().session().pads.size(), 2U);
}

TEST_F(MufflingAndProof, TheMicrophoneIsDraggedAndNudged) {
    auto* head = p().find<HeadFromAbove>(QStringLiteral("head"));
    p().click(QStringLiteral("closeMicrophone"));
    ASSERT_TRUE(p().session().microphone);
    EXPECT_TRUE(p().find<RingView>(QStringLiteral("ring"))
                    ->accessibleDescription()
                    .contains(QStringLiteral("at the microphone")));
    const HeadMap map = head->map();
    const QPoint from =
        map.toPixel(p().session().microphone->fromCentre, p().session().microphone->angle).toPoint();
    const QPoint to = map.toPixel(Metres{0.10}, Radians{2.5}).toPoint();
    QTest::mousePress(head, Qt::LeftButton, Qt::NoModifier, from);
    QMouseEvent move(QEvent::MouseMove, to, head->mapToGlobal(to), Qt::NoButton, Qt::LeftButton,
                     Qt::NoModifier);
    QApplication::sendEvent(head, &move);
    QTest::mouseRelease(head, Qt::LeftButton, Qt::NoModifier, to);
    EXPECT_NEAR(p().session().microphone->fromCentre.value, 0.10, 0.001);
    EXPECT_NEAR(p().session().microphone->angle.value, 2.5, 0.02);
    head->setFocus();
    const Metres height = p().session().microphone->height;
    QTest::keyClick(head, Qt::Key_PageUp);
    EXPECT_NEAR((p().session().microphone->height - height).value, 0.01, 1e-9);
    for (int i = 0; i < 10; ++i)
        QTest::keyClick(head, Qt::Key_PageDown);
    EXPECT_GE(p().session().microphone->height, kLowestMicrophone);
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("microphone stands")));
    p().click(QStringLiteral("closeMicrophone"));
    EXPECT_FALSE(p().session().microphone);
}

TEST_F(MufflingAndProof, ThePlanIsLaidAndReachesTheRing) {
    p().controller.perform(SetWish{{.longer = -1.0}});
    strike(3);
    ASSERT_TRUE(p().session().openRing);
    EXPECT_TRUE(text("ringDetail").contains(QStringLiteral("own damping")));
    view("mufflingViews", 1);
    EXPECT_FALSE(text("ringCauses").isEmpty());
    EXPECT_TRUE(text("way-4").contains(QStringLiteral("rebound")));
    const double wanted = ringWanted(briefOf(p().session())).value;
    ASSERT_GT(mufflingOf(p().session()).ringAfter.value, kRingReached * wanted); // else nothing is to be done
    p().click(QStringLiteral("take-4"));
    EXPECT_FALSE(p().session().pads.empty());
    EXPECT_LE(mufflingOf(p().session()).ringAfter.value, kRingReached * wanted);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("take-4"))->isEnabled()); // it lies
    p().click(QStringLiteral("take-1"));                                        // let it ring
    EXPECT_TRUE(p().session().pads.empty());
    p().click(QStringLiteral("take-3"));
    ASSERT_EQ(p().session().pads.size(), 1U);
    EXPECT_EQ(p().session().pads.front().kind.id, "loose-weight");
    p().press(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(p().session().pads.empty());
}

TEST_F(MufflingAndProof, AThingOfOnesOwnIsHeardAndKept) {
    view("mufflingViews", 2);
    auto* next = p().find<QPushButton>(QStringLiteral("ownNext"));
    EXPECT_FALSE(next->isEnabled());
    const auto drawn = [&] { return p().find<QWidget>(QStringLiteral("ownView"))->accessibleDescription(); };
    EXPECT_TRUE(drawn().startsWith(QStringLiteral("Heard without it: 0 of 4"))) << drawn().toStdString();
    strike(4);
    EXPECT_TRUE(drawn().startsWith(QStringLiteral("Heard without it: 4 of 4"))) << drawn().toStdString();
    p().click(QStringLiteral("ownNext"));
    EXPECT_TRUE(drawn().contains(QStringLiteral("without it: 4 of 4 strokes; with it: 0"))); // they are kept
    EXPECT_FALSE(next->isEnabled()); // it has no name yet
    auto* name = p().find<QLineEdit>(QStringLiteral("ownName"));
    name->setFocus();
    QTest::keyClicks(name, QStringLiteral("sponge"));
    p().click(QStringLiteral("ownNext"));
    ASSERT_EQ(p().session().pads.size(), 1U);
    strike(4);
    p().click(QStringLiteral("ownNext"));
    ASSERT_EQ(p().session().ownKinds.size(), 1U) << text("ownNow").toStdString();
    const PadKind kind = p().session().ownKinds.front();
    EXPECT_EQ(kind.id, "own:sponge");
    EXPECT_EQ(p().session().pads.front().kind, kind);
    // The practice drum's sponge weighs 6 g.
    EXPECT_NEAR(kind.mass.value, 0.006, 0.003);
    EXPECT_TRUE(text("ownKinds").contains(QStringLiteral("sponge")));
    auto* kinds = p().find<QComboBox>(QStringLiteral("padKind"));
    EXPECT_EQ(kinds->itemText(kinds->count() - 1), QStringLiteral("sponge"));
    EXPECT_LT(mufflingOf(p().session()).ringAfter, mufflingOf(p().session()).ringBefore);
}

TEST_F(MufflingAndProof, TwentyBackbeatsTellThePlayerFromTheDrum) {
    p().controller.goTo(Station::Proof);
    view("proofViews", 1);
    EXPECT_EQ(text("scatterNow"), QStringLiteral("Play twenty backbeats"));
    strike(3);
    EXPECT_TRUE(text("scatterFigures").contains(QStringLiteral("3 of 20")));
    p().settings.setPracticeSloppiness(0.0);
    p().controller.perform(
        SetStrainer{Turns{2.0}}); // strands that only hang there rattle each time otherwise
    strike(static_cast<int>(kBackbeats));
    // A machine's strokes, and a drum that does not change.
    const StrokeScatter scatter = scatterOf(p().session());
    EXPECT_EQ(scatter.verdict, PlayerOrDrum::Steady)
        << scatterFigures(scatterPicture(p().session())).toStdString();
    EXPECT_EQ(text("scatterNow"), QStringLiteral("Both are steady"));
    EXPECT_TRUE(p().find<ScatterView>(QStringLiteral("scatter"))
                    ->accessibleDescription()
                    .contains(QStringLiteral("Both are steady")));
    const QString steady = p().find<QWidget>(QStringLiteral("steadyView"))->accessibleDescription();
    EXPECT_EQ(steady.count(QStringLiteral(", steady")), 3) << steady.toStdString(); // level, place, ring
}

TEST_F(MufflingAndProof, HurriedHandsAreNotHeldAgainstTheDrum) {
    p().settings.setPracticeSloppiness(4.0);
    p().controller.goTo(Station::Proof);
    view("proofViews", 1);
    QSignalSpy heard(&p().controller.ear(), &Ear::readingHeard);
    for (int i = 1; p().session().strokes.size() < kBackbeats; ++i) { // some of such strokes cannot be read
        ASSERT_LT(i, 60);
        p().click(QStringLiteral("stroke"));
        ASSERT_TRUE(
            p().waitFor([&] { return heard.count() >= i && !p().controller.ear().listener().isReading(); }));
    }
    EXPECT_EQ(text("scatterNow"), QStringLiteral("The drum is fine, the strokes wander"))
        << text("scatterFigures").toStdString();
}

TEST_F(MufflingAndProof, OneChangeIsHeardAndPutBack) {
    p().controller.perform(SetStrainer{Turns{1.5}});
    p().controller.goTo(Station::Proof);
    view("proofViews", 2);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("experimentBegin"))->isEnabled());
    strike(2);
    auto* what = p().find<QLineEdit>(QStringLiteral("experimentWhat"));
    what->setFocus();
    QTest::keyClicks(what, QStringLiteral("pad at two"));
    p().click(QStringLiteral("experimentBegin"));
    ASSERT_TRUE(p().session().experiment);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("experimentKeep"))->isEnabled());
    EXPECT_TRUE(p().controller.ear().strokeSound(Take::Before));
    const auto addPads = [&](int count) {
        p().controller.goTo(Station::Muffling);
        view("mufflingViews", 0);
        for (int pad = 0; pad < count; ++pad)
            p().click(QStringLiteral("addPad"));
        p().controller.goTo(Station::Proof);
    };
    addPads(1);
    EXPECT_TRUE(text("experimentNow").contains(QStringLiteral("the same strokes again")));
    strike(2);
    // Two strokes with the wires on, in a room: what one small pad does is less than they differ by
    // themselves.
    EXPECT_TRUE(text("experimentNow").contains(QStringLiteral("no difference that these strokes tell")))
        << text("experimentBefore").toStdString() << text("experimentAfter").toStdString();
    addPads(4);
    strike(2);
    EXPECT_TRUE(text("experimentNow").contains(QStringLiteral("keep it, or put it back")))
        << text("experimentBefore").toStdString() << text("experimentAfter").toStdString();
    const auto drawn = [&] {
        return p().find<QWidget>(QStringLiteral("changeView"))->accessibleDescription();
    };
    for (const char* word : {"tone with wires: before ", "buzz: before ", ", after ", "±"})
        EXPECT_TRUE(drawn().contains(QString::fromUtf8(word))) << word << drawn().toStdString();
    EXPECT_TRUE(p().waitFor([&] { return p().controller.ear().strokeSound(Take::After).has_value(); }));
    EXPECT_TRUE(text("experimentAfter").contains(QStringLiteral("tone with wires")));
    p().click(QStringLiteral("experimentBack"));
    EXPECT_TRUE(drawn().isEmpty()); // nothing is compared any more
    EXPECT_TRUE(p().session().pads.empty());
    ASSERT_EQ(p().session().experiments.size(), 1U);
    EXPECT_TRUE(text("experimentResults").contains(QStringLiteral("pad at two (put back)")));
    // Both can be heard; there is no loudspeaker here, and that is said.
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("playFirst"))->isEnabled());
    p().click(QStringLiteral("playFirst"));
    if (Player::outputs().isEmpty()) {
        EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("no sound output")));
        EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("firstBetter"))->isEnabled());
    }
}

// What an old workbook kept of strokes states no error, and none is drawn up for it.
TEST(ChangePictureTest, AnErrorThatIsNotKnownIsNotSaid) {
    ChangePicture picture;
    picture.before.ring = Seconds{0.44};
    picture.before.strokes = 2;
    EXPECT_EQ(changeSummary(picture), QStringLiteral("ring: before %1 s").arg(number(0.44, 2)));
    picture.after = picture.before;
    picture.after.ringError = Seconds{0.03};
    EXPECT_TRUE(changeSummary(picture).contains(QStringLiteral("±"))) << changeSummary(picture).toStdString();
}

// What was recorded before and after goes out as sound files, sample by sample; a file that is there already
// stays.
TEST_F(MufflingAndProof, StrokesGoOutAsSoundFiles) {
    p().controller.goTo(Station::Proof);
    view("proofViews", 2);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("saveSounds"))->isEnabled());
    Recording stroke{44100.0, {}, QStringLiteral("2026-11-30T10:00:00+01:00")};
    for (int i = 0; i < 4410; ++i)
        stroke.samples.push_back(static_cast<float>(0.5 * std::exp(-i / 900.0) * std::sin(0.045 * i)));
    auto* book = p().controller.workbook();
    ASSERT_TRUE(book->keepRecording(p().controller.sessionId(), Take::Before, stroke));
    ASSERT_TRUE(book->keepRecording(p().controller.sessionId(), Take::After, stroke));
    emit p().controller.ear().strokeSoundKept();
    const auto save = [&] {
        testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
            dialog.selectFile(path("mine.wav"));
            QMetaObject::invokeMethod(&dialog, "accept");
        });
        p().click(QStringLiteral("saveSounds"));
    };
    save();
    for (const char* name : {"mine before.wav", "mine after.wav"}) {
        const auto read = readSoundFile(path(name).toStdString());
        ASSERT_TRUE(read) << name;
        EXPECT_EQ(read->sampleRate, 44100.0);
        ASSERT_EQ(read->samples.size(), stroke.samples.size());
        for (std::size_t i = 0; i < stroke.samples.size(); ++i)
            ASSERT_NEAR(read->samples[i], stroke.samples[i], 1e-6);
    }
    const QDateTime written = QFileInfo(path("mine before.wav")).lastModified();
    save();
    EXPECT_EQ(QFileInfo(path("mine before.wav")).lastModified(), written);
    EXPECT_TRUE(p().window.noticeBar()->isVisible()) << "it says that the file is there";
}

TEST_F(MufflingAndProof, FromPadsToProofToSavedSetup) {
    p().controller.perform(SetStrainer{Turns{2.0}});
    strike(2);
    view("mufflingViews", 0);
    p().click(QStringLiteral("addPad"));
    strike(2);
    p().press(Qt::Key_Space);
    ASSERT_EQ(p().session().station, Station::Proof);
    EXPECT_TRUE(reached("Ring").endsWith(QStringLiteral("|measured")));
    EXPECT_TRUE(reached("Buzz of the wires").startsWith(QStringLiteral("–")));
    strike(3);
    EXPECT_TRUE(reached("Buzz of the wires").endsWith(QStringLiteral("|measured")));
    p().click(QStringLiteral("star4"));
    EXPECT_EQ(p().session().stars, 4);
    p().click(QStringLiteral("star4")); // once more: not judged
    EXPECT_EQ(p().session().stars, 0);
    p().click(QStringLiteral("star5"));
    auto* page = qobject_cast<ProofPage*>(p().window.page(Station::Proof));
    ASSERT_NE(page, nullptr);
    ASSERT_TRUE(page->savePage(path("setup.pdf")));
    QFile pdf(path("setup.pdf"));
    ASSERT_TRUE(pdf.open(QIODevice::ReadOnly));
    const QByteArray bytes = pdf.readAll();
    EXPECT_TRUE(bytes.startsWith("%PDF-"));
    EXPECT_TRUE(bytes.contains("/Count 1")); // one page
    {
        const testing::FullDisk full(4000);
        EXPECT_FALSE(page->savePage(path("setup.pdf")));
        EXPECT_FALSE(page->savePage(path("other.pdf")));
    }
    ASSERT_TRUE(pdf.seek(0));
    EXPECT_EQ(pdf.readAll(), bytes); // the page of before is whole
    EXPECT_TRUE(QDir(p().folder.path()).entryList({QStringLiteral("other.pdf*")}).isEmpty());
    EXPECT_FALSE(page->savePage(path("no-such-folder/setup.pdf")));
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("Choose another folder")));
    const QString lines = sheetLines(p().session()).join(QLatin1Char('\n'));
    for (const char* part : {"gel pad", "Strainer: 2 turns", "Heard: ", "★★★★★"})
        EXPECT_TRUE(lines.contains(QString::fromUtf8(part))) << part;

    p().click(QStringLiteral("primary"));
    EXPECT_EQ(stationState(p().session(), Station::Proof), StationState::Done);
    const auto entries = p().controller.logEntries();
    ASSERT_FALSE(entries.empty());
    const Json summary = Json::parse(entries.front().summary.toStdString());
    EXPECT_EQ(summary["stars"], 5);
    std::vector<std::string> known;
    for (const Json& line : summary["proof"])
        if (line["known"].is_string())
            known.push_back(line["known"]);
    EXPECT_NE(std::find(known.begin(), known.end(), "measured"), known.end());
    EXPECT_NE(std::find(known.begin(), known.end(), "said"), known.end());
    // It comes back whole.
    ASSERT_TRUE(p().controller.openLogEntry(entries.front().id));
    EXPECT_EQ(p().session().pads.size(), 1U);
    EXPECT_EQ(p().session().stars, 5);
    EXPECT_EQ(p().session().wires.strainer, Turns{2.0});
}

TEST(RingWays, EveryCauseAndSchoolHasWords) {
    for (const RingCause cause : {RingCause::SplitPair, RingCause::WornHead, RingCause::OffCentreStrokes,
                                  RingCause::CloseMicrophone, RingCause::LowTuning, RingCause::Taste})
        EXPECT_FALSE(causeText({cause, 1.0, 12.0}).isEmpty());
    EXPECT_NE(causeText({RingCause::SplitPair, 1.0, 12.0}), causeText({RingCause::SplitPair, 1.0, {}}));
    RingPlan plan;
    plan.ring = Seconds{0.4};
    plan.buzz = Seconds{0.2};
    for (const RingSchool school : {RingSchool::TuneOut, RingSchool::LetRing, RingSchool::MaskWithWires,
                                    RingSchool::Shorten, RingSchool::Muffle}) {
        plan.school = school;
        EXPECT_FALSE(ringSchoolName(school).isEmpty());
        EXPECT_TRUE(ringPlanText(plan).contains(QStringLiteral(" s"))) << static_cast<int>(school);
    }
}

} // namespace muffling_and_proof_test
} // namespace bombo

/// The logbook: a season to walk through, the way back to an entry, what differs, words afterwards.
#include "answer_next.h"
#include "driver.h"

#include "app/logbook/logbook_page.h"
#include "app/logbook/season_view.h"
#include "app/logbook/set_list_dialog.h"
#include "app/proof/proof_words.h"
#include "app/proof/sheet_content.h"
#include "app/reminder/reminder_dialog.h"
#include "app/session/wording.h"
#include "core/procedure/head_rounds.h"
#include "core/record/heads_say.h"
#include "store/demo.h"
#include "store/exchange/exchange.h"
#include "store/usual_drum.h"
#include "support/raw_sql.h"

#include <QApplication>
#include <QDropEvent>
#include <QFile>
#include <QFileDialog>
#include <QLabel>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QRegularExpression>
#include <QTabBar>
#include <QWheelEvent>
#include <gtest/gtest.h>

namespace bombo {
namespace logbook_test {

using testing::Program;

class Logbook : public ::testing::Test {
protected:
    Logbook() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        open();
    }
    void open() { m_program = std::make_unique<Program>(book()); }
    void restart() {
        m_program.reset();
        open();
    }
    Program& p() { return *m_program; }
    const Session& session() { return p().session(); }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("season.bombo")); }
    SeasonView* season() { return p().find<SeasonView>(QStringLiteral("season")); }
    void walk(Qt::Key key, int times = 1) {
        for (int i = 0; i < times; ++i)
            QTest::keyClick(season(), key);
    }
    QString says(const char* label) { return p().find<QLabel>(QString::fromLatin1(label))->text(); }
    /// The entry of that day is in hand. @param day as in "2026-10-03"
    const Entry* chooseDay(const char* day) {
        const auto& entries = season()->picture().entries;
        for (std::size_t i = 0; i < entries.size(); ++i)
            if (QDateTime::fromSecsSinceEpoch(entries[i].at)
                    .toString(Qt::ISODate)
                    .startsWith(QLatin1String(day)))
                season()->choose(static_cast<int>(i));
        return season()->chosen();
    }
    void tapAsItStands(HeadSide side) {
        ASSERT_TRUE(p().controller.perform(ChooseCondition{side, HeadCondition::AsItStands}));
        while (session().head(side).stage == HeadStage::FingerTight)
            ASSERT_TRUE(p().controller.perform(Prepared{side}));
        p().controller.goTo(side == HeadSide::Batter ? Station::Batter : Station::SnareSide);
        ASSERT_TRUE(p().spaceUntil(side, [](const HeadWork& work) { return !work.history.empty(); }));
    }

private:
    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(Logbook, ArrowsWalkFromEntryToEntryAndTheWheelDrawsNearer) {
    p().click(QStringLiteral("logbook"));
    EXPECT_EQ(says("logTitle"), QStringLiteral("Plover: the season"));
    const int last = season()->picture().chosen;
    EXPECT_EQ(last, static_cast<int>(season()->picture().entries.size()) - 1);
    walk(Qt::Key_Left, 2);
    EXPECT_EQ(season()->picture().chosen, last - 2);
    walk(Qt::Key_Home);
    EXPECT_EQ(season()->picture().chosen, 0);
    EXPECT_LE(season()->picture().from, season()->chosen()->at); // it came into view
    walk(Qt::Key_Left);
    EXPECT_EQ(season()->picture().chosen, 0);
    walk(Qt::Key_End);
    EXPECT_EQ(season()->picture().chosen, last);
    const auto span = [&] { return season()->picture().to - season()->picture().from; };
    const std::int64_t before = span();
    const QPointF middle = QRectF(season()->rect()).center();
    const auto turn = [&](int by) {
        QWheelEvent wheel(middle, season()->mapToGlobal(middle), {}, QPoint(0, by), Qt::NoButton,
                          Qt::NoModifier, Qt::NoScrollPhase, false);
        QApplication::sendEvent(season(), &wheel);
    };
    turn(240);
    EXPECT_LT(span(), before);
    for (int i = 0; i < 40; ++i)
        turn(-240);
    EXPECT_LE(season()->picture().from, season()->picture().entries.front().at); // all of it
    EXPECT_TRUE(season()->accessibleDescription().contains(QStringLiteral("new batter head")));
    // A click on a mark takes that entry in hand.
    const SeasonLayout layout(drawnRect(*season()), season()->picture());
    p().clickAt(season(), QPointF(layout.xOf(season()->picture().entries[3].at), layout.batter.center().y()));
    EXPECT_EQ(season()->picture().chosen, 3);
}

/// The whole way: both heads heard, an entry chosen, its moves made, and the drum sounds as it did; on disk,
/// after undo, and after a restart.
TEST_F(Logbook, FromAnEntryToTheDrumBroughtBack) {
    tapAsItStands(HeadSide::SnareSide);
    tapAsItStands(HeadSide::Batter);
    p().click(QStringLiteral("logbook"));
    const Entry* entry = chooseDay("2026-10-03");
    ASSERT_NE(entry, nullptr);
    const HeardHead wanted = *entry->figures.batter.left;
    const HeardHead below = *entry->figures.snareSide.left;
    EXPECT_FALSE(says("backSteps").isEmpty());
    EXPECT_TRUE(says("backSteps").contains(QStringLiteral("1 1/2 turns from first contact")));
    // Both ends of the way are drawn: as it stands and as it stood.
    const QString drawn = p().find<QWidget>(QStringLiteral("wayBack"))->accessibleDescription();
    EXPECT_TRUE(drawn.contains(QStringLiteral("now: batter %1, snare side %2")
                                   .arg(hertzText(lastEstimate(session().batter)->mean),
                                        hertzText(lastEstimate(session().snareSide)->mean))))
        << drawn.toStdString();
    EXPECT_TRUE(drawn.contains(
        QStringLiteral("3 Oct: batter %1, snare side %2").arg(hertzText(wanted.edge), hertzText(below.edge))))
        << drawn.toStdString();
    p().press(Qt::Key_Space);
    EXPECT_EQ(session().station, Station::SnareSide);
    EXPECT_TRUE(session().goingBack);
    EXPECT_EQ(session().tone.id, "chase");
    EXPECT_NEAR(briefFor(session(), HeadSide::Batter).target.value, wanted.edge.value, 0.3);
    EXPECT_NEAR(briefFor(session(), HeadSide::SnareSide).target.value, below.edge.value, 0.4);
    const Work planned = session();
    p().controller.undoStack().undo();
    EXPECT_FALSE(session().goingBack);
    p().controller.undoStack().redo();
    EXPECT_EQ(static_cast<const Work&>(session()), planned);
    restart();
    EXPECT_EQ(static_cast<const Work&>(session()), planned);
    for (const HeadSide side : {HeadSide::SnareSide, HeadSide::Batter}) {
        p().controller.goTo(side == HeadSide::Batter ? Station::Batter : Station::SnareSide);
        ASSERT_TRUE(p().spaceUntil(side, [](const HeadWork& work) { return work.stage == HeadStage::Done; }));
        const double off = centsBetween(side == HeadSide::Batter ? wanted.edge : below.edge,
                                        lastEstimate(session().head(side))->mean)
                               .value;
        EXPECT_NEAR(off, 0.0, 8.0);
    }
    // Knob and mufflers are said at their stations, and one button makes them so.
    p().controller.goTo(Station::Wires);
    p().click(QStringLiteral("backStrainerSo"));
    EXPECT_EQ(session().wires.strainer, Turns{1.5});
    EXPECT_FALSE(p().window.findChild<QWidget*>(QStringLiteral("backStrainer"))->isVisible());
    p().controller.goTo(Station::Muffling);
    p().click(QStringLiteral("backPadsSo"));
    ASSERT_EQ(session().pads.size(), 1U);
    restart();
    EXPECT_EQ(session().pads.size(), 1U);
    p().click(QStringLiteral("logbook"));
    chooseDay("2026-10-03");
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("primary"))->isEnabled()); // it is there
    EXPECT_EQ(says("backHeadline"), QStringLiteral("It is there already"));
}

TEST_F(Logbook, WithoutARoundItIsForetoldAndSaidSo) {
    p().click(QStringLiteral("logbook"));
    chooseDay("2026-10-23");
    EXPECT_TRUE(says("backBut").contains(QStringLiteral("a round of taps makes it surer")))
        << says("backBut").toStdString();
    EXPECT_TRUE(says("tonight").contains(QStringLiteral("batter"))) << says("tonight").toStdString();
    const QString before = says("backSteps");
    p().choose(QStringLiteral("sameAs"), 2); // turns, that were never counted from one beginning
    EXPECT_TRUE(says("backBut").contains(QStringLiteral("not counted from one beginning")));
    p().choose(QStringLiteral("sameAs"), 0);
    EXPECT_EQ(says("backSteps"), before);
    // What differs, against another entry.
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(1);
    p().choose(QStringLiteral("compareWith"), 2);
    EXPECT_TRUE(p().find<QWidget>(QStringLiteral("differences"))
                    ->accessibleDescription()
                    .contains(QStringLiteral("can be heard")));
    EXPECT_TRUE(
        p().find<QPushButton>(QStringLiteral("hearBoth"))->isEnabled()); // both pitches are known in both
    p().choose(QStringLiteral("compareWith"), 0);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("hearBoth"))->isEnabled()); // nobody heard it today
    EXPECT_TRUE(
        p().find<QPushButton>(QStringLiteral("hearBoth"))->toolTip().contains(QStringLiteral("how high")));
}

TEST_F(Logbook, WordsAreKeptAndAnEntryDeletedCanBeHadBack) {
    p().click(QStringLiteral("logbook"));
    const qint64 id = chooseDay("2026-10-10")->id;
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(3);
    p().click(QStringLiteral("entryStar-2"));
    auto* note = p().find<QPlainTextEdit>(QStringLiteral("entryNote"));
    QTest::keyClicks(note, QStringLiteral("too bright for"));
    EXPECT_TRUE(p().waitFor([&] { // a pause keeps it, and one types on where one was
        for (const Entry& entry : p().controller.entries())
            if (entry.id == id)
                return entry.figures.words.note == "too bright for";
        return false;
    }));
    QTest::keyClicks(note, QStringLiteral(" the balcony"));
    walk(Qt::Key_Left); // going on keeps what was typed
    auto* tags = p().find<QLineEdit>(QStringLiteral("entryTags"));
    QTest::keyClicks(tags, QStringLiteral("dry, loud"));
    QTest::keyClick(tags, Qt::Key_Return);
    auto* hours = p().find<QDoubleSpinBox>(QStringLiteral("entryHours"));
    EXPECT_TRUE(hours->text().contains(QStringLiteral("usual"))); // nobody said
    hours->selectAll();
    QTest::keyClicks(hours, QStringLiteral("6"));
    QTest::keyClick(hours, Qt::Key_Return);
    const qint64 other = season()->chosen()->id;
    const auto wordsOf = [&](qint64 wanted) {
        for (const Entry& entry : p().controller.entries())
            if (entry.id == wanted)
                return entry.figures.words;
        ADD_FAILURE() << "no entry " << wanted;
        return EntryWords{};
    };
    restart();
    EXPECT_EQ(wordsOf(id).note, "too bright for the balcony");
    EXPECT_EQ(wordsOf(id).stars, 2);
    EXPECT_FALSE(wordsOf(id).hours);
    EXPECT_EQ(wordsOf(other).hours, 6.0);
    EXPECT_EQ(wordsOf(other).tags, (std::vector<std::string>{"dry", "loud"}));
    p().click(QStringLiteral("logbook"));
    chooseDay("2026-10-10");
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(3);
    const std::size_t before = p().controller.entries().size();
    p().click(QStringLiteral("entryDelete"));
    EXPECT_EQ(p().controller.entries().size(), before - 1);
    EXPECT_NE(season()->chosen()->id, id);
    p().click(QStringLiteral("entryRestore"));
    EXPECT_EQ(p().controller.entries().size(), before);
    EXPECT_EQ(season()->chosen()->id, id);
    restart();
    EXPECT_EQ(p().controller.entries().size(), before);
}

// The card is of the day of the entry, not of today; of an entry of figures alone it says what there is.
TEST_F(Logbook, AnEntrysSetupCardIsKeptAsOnePage) {
    p().click(QStringLiteral("station-6"));
    p().click(QStringLiteral("primary")); // the season's own entries are figures without their setup
    p().click(QStringLiteral("logbook"));
    const Entry* whole = nullptr;
    const auto& entries = season()->picture().entries;
    for (std::size_t i = 0; i < entries.size() && whole == nullptr; ++i)
        if (entries[i].isRestorable) {
            season()->choose(static_cast<int>(i));
            whole = season()->chosen();
        }
    ASSERT_NE(whole, nullptr);
    auto* button = p().find<QPushButton>(QStringLiteral("setupCard"));
    EXPECT_TRUE(button->isEnabled());
    const QString path = p().path(QStringLiteral("card.pdf"));
    testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
        dialog.selectFile(path);
        QMetaObject::invokeMethod(&dialog, "accept");
    });
    button->click();
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    const QByteArray bytes = file.readAll();
    EXPECT_TRUE(bytes.startsWith("%PDF-"));
    EXPECT_TRUE(bytes.contains("/Count 1"));
    const auto then = p().controller.setupOf(whole->id);
    ASSERT_TRUE(then);
    EXPECT_EQ(then->batter.rodTurns, whole->figures.batter.turns);
    const auto figures = std::find_if(entries.begin(), entries.end(), [](const Entry& one) {
        return !one.isRestorable && one.figures.batter.left.has_value();
    });
    ASSERT_NE(figures, entries.end());
    const SheetContent card =
        sheetOf(*figures, session().drum, QStringLiteral("Chase"), session(), QStringLiteral("that day"));
    EXPECT_EQ(card.batter.turns, figures->figures.batter.turns);
    EXPECT_FALSE(card.batter.load) << "of that day's film nobody said";
    const auto says = [&](const QString& what) {
        return std::any_of(card.rows.begin(), card.rows.end(),
                           [&](const QStringList& row) { return row.join(QLatin1Char('|')).contains(what); });
    };
    EXPECT_TRUE(says(proofValueText(ProofItem::BatterPitch, figures->figures.batter.left->edge.value)));
    EXPECT_FALSE(says(QStringLiteral("predicted")) && figures->figures.ringHeard);
    const QString other = p().path(QStringLiteral("figures.pdf"));
    season()->choose(static_cast<int>(figures - entries.begin()));
    testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
        dialog.selectFile(other);
        QMetaObject::invokeMethod(&dialog, "accept");
    });
    button->click();
    EXPECT_TRUE(QFile::exists(other));
}

/// What is due first is offered as a reminder; it outlasts a restart and ends when the part is new.
TEST_F(Logbook, WhatIsDueIsRemindedOf) {
    p().click(QStringLiteral("logbook"));
    testing::answerNext<ReminderDialog>([](ReminderDialog& dialog) {
        EXPECT_TRUE(QTest::qWaitForWindowActive(&dialog));
        QTest::keyClick(dialog.focusWidget(), Qt::Key_Space); // as its button says
    });
    p().click(QStringLiteral("dueRemind"));
    ASSERT_TRUE(session().reminder);
    EXPECT_EQ(session().reminder->kind, ReminderKind::BatterWorn); // it rings longest of the three
    EXPECT_GT(session().reminder->due, QDateTime::currentSecsSinceEpoch());
    restart();
    ASSERT_TRUE(session().reminder);
    const Reminder due{ReminderKind::BatterWorn, QDateTime::currentSecsSinceEpoch() - 60};
    p().controller.perform(SetReminder{due});
    EXPECT_TRUE(p().window.noticeBar()->text().contains(QStringLiteral("whether the batter head is worn")));
    p().controller.perform(FitHead{HeadSide::SnareSide, session().drum.snareSideHead, due.due});
    EXPECT_TRUE(session().reminder) << "of the other head";
    p().controller.perform(FitHead{HeadSide::Batter, session().drum.batterHead, due.due});
    EXPECT_FALSE(session().reminder);
    restart();
    EXPECT_FALSE(session().reminder);
}

/// What wears as events with an alarm: one a part that has a day, never in the past, each with its reason.
TEST_F(Logbook, WhatIsDueGoesOutToACalendar) {
    p().click(QStringLiteral("logbook"));
    const QString path = p().path(QStringLiteral("due.ics"));
    testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
        dialog.selectFile(path);
        QMetaObject::invokeMethod(&dialog, "accept");
    });
    p().click(QStringLiteral("dueCalendar"));
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    QByteArray text = file.readAll();
    text.replace("\r\n ", ""); // unfolded
    EXPECT_TRUE(text.startsWith("BEGIN:VCALENDAR\r\n"));
    EXPECT_TRUE(text.endsWith("END:VCALENDAR\r\n"));
    QStringList parts;
    QList<QDateTime> starts;
    QSet<QByteArray> ids;
    for (const QByteArray& line : text.split('\n')) {
        if (line.startsWith("SUMMARY:"))
            parts << QString::fromUtf8(line.mid(8).trimmed());
        if (line.startsWith("UID:"))
            ids << line;
        if (line.startsWith("DTSTART:")) {
            auto at = QDateTime::fromString(QString::fromLatin1(line.mid(8, 15)),
                                            QStringLiteral("yyyyMMdd'T'HHmmss"));
            at.setTimeSpec(Qt::UTC);
            starts << at;
            EXPECT_GT(at, QDateTime::currentDateTimeUtc().addSecs(-3600)) << line.toStdString();
        }
    }
    ASSERT_FALSE(parts.isEmpty());
    EXPECT_EQ(text.count("BEGIN:VEVENT"), parts.size());
    EXPECT_EQ(text.count("BEGIN:VALARM"), parts.size());
    EXPECT_EQ(ids.size(), parts.size());
    // Saved once more, each takes the place of its own.
    testing::answerNext<QFileDialog>([&](QFileDialog& dialog) {
        dialog.selectFile(p().path(QStringLiteral("again.ics")));
        QMetaObject::invokeMethod(&dialog, "accept");
    });
    p().click(QStringLiteral("dueCalendar"));
    QFile again(p().path(QStringLiteral("again.ics")));
    ASSERT_TRUE(again.open(QIODevice::ReadOnly));
    QSet<QByteArray> sameIds;
    for (const QByteArray& line : again.readAll().replace("\r\n ", "").split('\n'))
        if (line.startsWith("UID:"))
            sameIds << line;
    EXPECT_EQ(sameIds, ids);
    EXPECT_TRUE(parts[0].startsWith(QString::fromStdString(session().drum.name) +
                                    QStringLiteral(": look at the batter head\\, ")))
        << parts[0].toStdString();
    EXPECT_TRUE(text.contains("DESCRIPTION:rings ")) << text.toStdString();
    ASSERT_EQ(starts.size(), 2) << "the wires last for more shows than can be foreseen";
    // The demo's season lies as far back as it does: days grow with that, their ratio hardly.
    const QDateTime now = QDateTime::currentDateTimeUtc();
    EXPECT_GT(now.secsTo(starts[1]), 5 * now.secsTo(starts[0])) << "a worn batter long before the other head";
    EXPECT_TRUE(p().window.noticeBar()->text().contains(path));
}

TEST_F(Logbook, TheListIsSearchedSortedAndFiltered) {
    p().click(QStringLiteral("logbook"));
    p().click(QStringLiteral("asList"));
    auto* table = p().find<QTableView>(QStringLiteral("log"));
    const int all = table->model()->rowCount();
    EXPECT_GT(all, 15);
    QTest::keyClicks(p().find<QLineEdit>(QStringLiteral("logSearch")), QStringLiteral("heating"));
    EXPECT_GT(table->model()->rowCount(), 0);
    EXPECT_LT(table->model()->rowCount(), 5);
    p().find<QLineEdit>(QStringLiteral("logSearch"))->clear();
    table->sortByColumn(3, Qt::AscendingOrder); // by the batter's pitch, as a figure
    double before = 0.0;
    for (int row = 0; row < table->model()->rowCount(); ++row) {
        const double hertz = table->model()->index(row, 3).data(LogModel::kSortRole).toDouble();
        EXPECT_GE(hertz, before);
        before = hertz;
    }
    p().choose(QStringLiteral("logTone"), 1);
    EXPECT_LT(table->model()->rowCount(), all);
    p().choose(QStringLiteral("logTone"), 0);
    p().choose(QStringLiteral("logDrum"), 3); // all of them
    EXPECT_GE(table->model()->rowCount(), 40);
    table->selectRow(table->model()->rowCount() - 1);
    EXPECT_FALSE(says("backSteps").isEmpty());
}

TEST_F(Logbook, TheListIsFilteredByPlayerPlaceStarsAndWeather) {
    p().click(QStringLiteral("logbook"));
    p().click(QStringLiteral("asList"));
    p().choose(QStringLiteral("logDrum"), 3); // all of them
    auto* table = p().find<QTableView>(QStringLiteral("log"));
    const int all = table->model()->rowCount();
    const auto idsShown = [&] {
        std::vector<QString> rows;
        for (int row = 0; row < table->model()->rowCount(); ++row)
            rows.push_back(table->model()->index(row, 0).data(LogModel::kSearchRole).toString());
        return rows;
    };
    for (const char* box : {"logPlayer", "logPlace"}) {
        ASSERT_GT(p().find<QComboBox>(QLatin1String(box))->count(), 1) << box;
        p().choose(QLatin1String(box), 1);
        const QString name = p().find<QComboBox>(QLatin1String(box))->currentText();
        ASSERT_FALSE(idsShown().empty()) << box;
        for (const QString& row : idsShown())
            EXPECT_TRUE(row.contains(name)) << row.toStdString();
        EXPECT_LT(table->model()->rowCount(), all) << box;
        p().click(QStringLiteral("logShowAll"));
        EXPECT_EQ(table->model()->rowCount(), all);
    }
    p().choose(QStringLiteral("logStars"), 1);
    EXPECT_GT(table->model()->rowCount(), 0);
    for (const QString& row : idsShown())
        EXPECT_TRUE(row.contains(QString(5, QChar(0x2605))));
    p().choose(QStringLiteral("logAir"), 1); // cold, too
    const int both = table->model()->rowCount();
    p().choose(QStringLiteral("logStars"), 0);
    EXPECT_GE(table->model()->rowCount(), both);
    EXPECT_LT(table->model()->rowCount(), all);
    QTest::keyClicks(p().find<QLineEdit>(QStringLiteral("logSearch")), QStringLiteral("nowhere at all"));
    EXPECT_EQ(table->model()->rowCount(), 0); // and says so instead of a bare table
    p().find<QLineEdit>(QStringLiteral("logSearch"))->clear();
    p().click(QStringLiteral("logShowAll"));
    EXPECT_FALSE(p().window.findChild<QPushButton*>(QStringLiteral("logShowAll"))->isVisible());
}

// Two that are selected are compared with each other; several are deleted, and had back, in one go.
TEST_F(Logbook, SeveralEntriesAreWorkedOnTogether) {
    p().click(QStringLiteral("logbook"));
    p().click(QStringLiteral("asList"));
    auto* table = p().find<QTableView>(QStringLiteral("log"));
    const auto clickRow = [&](int row, Qt::KeyboardModifiers with) {
        table->scrollTo(table->model()->index(row, 0));
        QTest::mouseClick(table->viewport(), Qt::LeftButton, with,
                          table->visualRect(table->model()->index(row, 0)).center());
    };
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(1);
    clickRow(2, Qt::NoModifier);
    const QString first = table->model()->index(2, 0).data().toString();
    EXPECT_EQ(p().find<QComboBox>(QStringLiteral("compareWith"))->currentIndex(), 0);
    clickRow(5, Qt::ControlModifier);
    const auto* with = p().find<QComboBox>(QStringLiteral("compareWith"));
    const qint64 other = with->currentData().toLongLong();
    ASSERT_NE(other, 0);
    const auto entries = p().controller.entries();
    const auto kept =
        std::find_if(entries.begin(), entries.end(), [&](const auto& e) { return e.id == other; });
    ASSERT_NE(kept, entries.end());
    EXPECT_EQ(
        QLocale().toString(QDateTime::fromSecsSinceEpoch(kept->at), QStringLiteral("d MMM yyyy  hh:mm")),
        first);
    clickRow(7, Qt::ControlModifier);
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(3);
    EXPECT_TRUE(p().find<QPushButton>(QStringLiteral("entryDelete"))->text().contains(QLatin1Char('3')));
    p().click(QStringLiteral("asList")); // the picture knows one entry, and so does the button there
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("entryDelete"))->text().contains(QLatin1Char('3')));
    p().click(QStringLiteral("asList"));
    clickRow(2, Qt::NoModifier);
    clickRow(5, Qt::ControlModifier);
    clickRow(7, Qt::ControlModifier);
    const std::size_t before = p().controller.entries().size();
    p().click(QStringLiteral("entryDelete"));
    EXPECT_EQ(p().controller.entries().size(), before - 3);
    restart(); // as on the disk
    EXPECT_EQ(p().controller.entries().size(), before - 3);
}

TEST_F(Logbook, SeveralDeletedEntriesComeBackTogether) {
    p().click(QStringLiteral("logbook"));
    p().click(QStringLiteral("asList"));
    auto* table = p().find<QTableView>(QStringLiteral("log"));
    table->selectAll();
    const std::size_t rows = static_cast<std::size_t>(table->model()->rowCount());
    const std::size_t before = p().controller.entries().size();
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(3);
    p().click(QStringLiteral("entryDelete"));
    EXPECT_EQ(p().controller.entries().size(), before - rows);
    p().click(QStringLiteral("entryRestore"));
    EXPECT_EQ(p().controller.entries().size(), before);
    EXPECT_EQ(static_cast<std::size_t>(table->model()->rowCount()), rows);
    restart();
    EXPECT_EQ(p().controller.entries().size(), before);
}

/// A show: every own tone once to begin with; what is changed is kept, and a second drum saves the turning.
TEST_F(Logbook, AShowIsPlannedOverTheDrumsAndKept) {
    const auto view = [](SetListDialog& dialog) {
        return dialog.findChild<QWidget*>(QStringLiteral("showView"));
    };
    const auto press = [](SetListDialog& dialog, const char* name) {
        QTest::mouseClick(dialog.findChild<QPushButton*>(QString::fromLatin1(name)), Qt::LeftButton);
    };
    {
        SetListDialog dialog(p().controller);
        dialog.show();
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("numbers"));
        EXPECT_EQ(table->rowCount(), 5);
        EXPECT_TRUE(view(dialog)->accessibleDescription().contains(QStringLiteral("Storm:")));
        while (table->rowCount() > 2) {
            table->selectRow(table->rowCount() - 1);
            press(dialog, "removeNumber");
        }
        press(dialog, "addNumber");
        ASSERT_EQ(table->rowCount(), 3);
        auto* third = static_cast<QComboBox*>(table->cellWidget(2, 0));
        EXPECT_EQ(third->currentText(), QStringLiteral("Waltz")) << "the next that is not in it";
        third->setCurrentIndex(0);
        emit third->activated(0);
        auto* minutes = static_cast<QDoubleSpinBox*>(table->cellWidget(2, 1));
        minutes->setValue(0.0);
        // Storm, chase, storm with no minute between: two drums, and the sum says that it fits.
        EXPECT_TRUE(
            dialog.findChild<QLabel*>(QStringLiteral("showSum"))->text().contains(QStringLiteral("fits")))
            << dialog.findChild<QLabel*>(QStringLiteral("showSum"))->text().toStdString();
        table->selectRow(2);
        press(dialog, "earlier");
        EXPECT_EQ(table->currentRow(), 1);
        EXPECT_EQ(static_cast<QDoubleSpinBox*>(table->cellWidget(1, 1))->value(), 0.0);
        press(dialog, "later");
    }
    restart();
    SetListDialog again(p().controller);
    again.show();
    auto* table = again.findChild<QTableWidget*>(QStringLiteral("numbers"));
    ASSERT_EQ(table->rowCount(), 3);
    EXPECT_EQ(static_cast<QDoubleSpinBox*>(table->cellWidget(2, 1))->value(), 0.0);
    // What cannot be read is as if there were none.
    ASSERT_TRUE(
        p().controller.workbook()->setValue(QStringLiteral("set_list"), QStringLiteral("[1,{\"tone\":7}]")));
    SetListDialog odd(p().controller);
    EXPECT_EQ(odd.findChild<QTableWidget*>(QStringLiteral("numbers"))->rowCount(), 0);
    EXPECT_EQ(odd.findChild<QLabel*>(QStringLiteral("showSum"))->text(),
              QStringLiteral("Add the first tone."));
}

// The show at the stand: a move at a time, counted on the drum that it is made on, taken back by Backspace,
// and on disk when the window is gone.
TEST_F(Logbook, AShowIsPlayedAtTheStandAndCountedOnItsDrums) {
    Session before = p().session();
    Session after = before;
    std::string drum;
    {
        SetListDialog dialog(p().controller);
        dialog.show();
        auto* stand = dialog.findChild<QWidget*>(QStringLiteral("stand"));
        const auto says = [&](const char* words) {
            return stand->accessibleDescription().contains(QLatin1String(words));
        };
        QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("playShow")), Qt::LeftButton);
        ASSERT_TRUE(stand->isVisible());
        EXPECT_TRUE(says("1 of 5")) << stand->accessibleDescription().toStdString();
        // On to the first move of a batter.
        int presses = 0;
        while (!says("batter, every rod") && presses++ < 30)
            QTest::keyClick(stand, Qt::Key_Space);
        ASSERT_TRUE(says("batter, every rod"));
        const QString move = stand->accessibleDescription();
        // What the last steps on that drum left; the move is counted there and taken back.
        QTest::keyClick(stand, Qt::Key_PageDown);
        drum = p().session().drum.id;
        after = p().session();
        ASSERT_FALSE(after.batter.ledger.empty());
        const LedgerLine turned = after.batter.ledger.back();
        EXPECT_EQ(turned.cause, TurnCause::BothHeads);
        EXPECT_EQ(turned.rods.size(), after.batter.rodTurns.size());
        EXPECT_TRUE(move.contains(turnsText(Turns{std::abs(turned.turns.value)}))) << move.toStdString();
        QTest::keyClick(stand, Qt::Key_Backspace);
        EXPECT_EQ(stand->accessibleDescription(), move);
        EXPECT_EQ(p().session().batter.ledger.size() + 1, after.batter.ledger.size());
        QTest::keyClick(stand, Qt::Key_Space);
        EXPECT_EQ(p().session().batter.rodTurns, after.batter.rodTurns);
        // Left in the middle it goes on at the number at hand; to the end, the last drum stands in the last
        // tone.
        QTest::keyClick(stand, Qt::Key_Escape);
        EXPECT_FALSE(stand->isVisible());
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("numbers"));
        const int number = table->currentRow();
        ASSERT_TRUE(QTest::qWaitForWindowActive(&dialog));
        QTest::keyClick(&dialog, Qt::Key_F11);
        ASSERT_TRUE(stand->isVisible());
        EXPECT_TRUE(says(qPrintable(QStringLiteral("%1 of 5").arg(number + 1))));
        EXPECT_FALSE(says("batter, every rod")) << "it was made";
        for (presses = 0; stand->isVisible() && presses < 40; ++presses)
            QTest::keyClick(stand, Qt::Key_Space);
        EXPECT_FALSE(stand->isVisible());
        EXPECT_EQ(p().session().tone.id,
                  static_cast<QComboBox*>(table->cellWidget(4, 0))->currentData().toString().toStdString());
    }
    const auto turnsOf = [&] {
        p().controller.chooseDrum(drum);
        return p().session().batter.rodTurns;
    };
    const auto kept = turnsOf();
    EXPECT_GE(p().session().batter.ledger.size(), after.batter.ledger.size());
    restart();
    EXPECT_EQ(turnsOf(), kept);
}

// A head that resists is not tightened: the stand says so and goes on.
TEST_F(Logbook, AMoveThatCannotBeCountedIsSaidAtTheStand) {
    p().controller.newWorkbook(p().path(QStringLiteral("new.bombo")));
    DrumRow row;
    row.drum = usualDrum();
    row.drum.name = "Kestrel";
    ASSERT_TRUE(p().controller.addDrum(row));
    ASSERT_TRUE(p().controller.perform(BothTurned{Turns{0.125}, {}}));
    ASSERT_TRUE(p().controller.perform(Resists{HeadSide::Batter, true}));
    SetListDialog dialog(p().controller);
    dialog.show();
    auto* add = dialog.findChild<QPushButton*>(QStringLiteral("addNumber"));
    for (int number = 0; number < 2; ++number)
        QTest::mouseClick(add, Qt::LeftButton);
    auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("numbers"));
    auto* tone = static_cast<QComboBox*>(table->cellWidget(1, 0));
    for (int other = 1; other < tone->count(); ++other) { // one that asks for more
        tone->setCurrentIndex(other);
        emit tone->activated(other);
        if (dialog.findChild<QWidget*>(QStringLiteral("showView"))
                ->accessibleDescription()
                .contains(QRegularExpression(QStringLiteral("batter [^,;]* tighter"))))
            break;
    }
    table->selectRow(0);
    ASSERT_TRUE(QTest::qWaitForWindowActive(&dialog));
    QTest::keyClick(&dialog, Qt::Key_F11);
    auto* stand = dialog.findChild<QWidget*>(QStringLiteral("stand"));
    int said = 0;
    for (int presses = 0; stand->isVisible() && presses < 10; ++presses) {
        QTest::keyClick(stand, Qt::Key_Space);
        said += stand->accessibleDescription().contains(QStringLiteral("Not counted")) ? 1 : 0;
    }
    EXPECT_GE(said, 2) << "the show waits at that move: later ones would take for granted that it was made";
    EXPECT_TRUE(stand->isVisible());
    EXPECT_EQ(p().session().batter.ledger.size(), 1U) << "what was turned before";
}

// A drum that nobody heard is taken to stand in its own tone, and that is said.
TEST_F(Logbook, AShowOnADrumThatNobodyHeardSaysSo) {
    const auto sumOf = [&] {
        SetListDialog dialog(p().controller);
        return dialog.findChild<QLabel*>(QStringLiteral("showSum"))->text();
    };
    EXPECT_FALSE(sumOf().contains(QStringLiteral("never heard"))) << sumOf().toStdString();
    p().controller.newWorkbook(p().path(QStringLiteral("new.bombo")));
    DrumRow row;
    row.drum = usualDrum();
    row.drum.name = "Kestrel";
    ASSERT_TRUE(p().controller.addDrum(row));
    SetListDialog dialog(p().controller);
    QTest::mouseClick(dialog.findChild<QPushButton*>(QStringLiteral("addNumber")), Qt::LeftButton);
    const QString sum = dialog.findChild<QLabel*>(QStringLiteral("showSum"))->text();
    EXPECT_TRUE(sum.contains(QStringLiteral("Kestrel was never heard"))) << sum.toStdString();
}

/// Entries without a reading, from the future, without any weather; and a drum without entries.
/// A file let go over the window, as from a file manager.
void drop(QWidget& window, const QString& file) {
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(file)});
    QDragEnterEvent enter(QPoint(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&window, &enter);
    ASSERT_TRUE(enter.isAccepted());
    QDropEvent event(QPointF(100, 100), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&window, &event);
}

// A house's logbook is dropped on the window of a new workbook: left once, taken in once, and then nothing of
// it is new; all of it is there after a restart.
TEST_F(Logbook, ALogbookDroppedOnTheWindowIsTakenInOnce) {
    const QString parcel = p().path(QStringLiteral("season.json"));
    ASSERT_TRUE(exportTo(parcel, *p().controller.workbook(), std::nullopt));
    const std::size_t all = p().controller.entries().size();
    ASSERT_GT(all, 30U);

    const QString mine = p().path(QStringLiteral("mine.bombo"));
    ASSERT_TRUE(p().controller.newWorkbook(mine));
    DrumRow own;
    own.drum = usualDrum();
    own.drum.id = "mine";
    own.drum.name = "Mine";
    ASSERT_TRUE(p().controller.addDrum(own));
    QString said;
    const auto dropAndPress = [&](const char* button) {
        said.clear();
        testing::answerNext<QMessageBox>([&](QMessageBox& ask) {
            said = ask.text();
            ask.findChild<QPushButton*>(QLatin1String(button))->click();
        });
        ASSERT_NO_FATAL_FAILURE(drop(p().window, parcel));
        ASSERT_TRUE(p().waitFor([&] { return !said.isEmpty(); }));
    };
    ASSERT_NO_FATAL_FAILURE(dropAndPress("leaveIt"));
    EXPECT_TRUE(said.contains(QString::number(all)));
    EXPECT_TRUE(p().controller.entries().empty());
    ASSERT_NO_FATAL_FAILURE(dropAndPress("takeIn"));
    EXPECT_TRUE(p().waitFor([&] { return p().controller.entries().size() == all; }));
    EXPECT_EQ(p().controller.drums().size(), 4U);
    ASSERT_NO_FATAL_FAILURE(dropAndPress("leaveIt"));
    EXPECT_TRUE(said.startsWith(QStringLiteral("Nothing new to import")));

    Program again(mine);
    EXPECT_EQ(again.controller.entries().size(), all);
    EXPECT_EQ(again.controller.drums().size(), 4U);
}

TEST_F(Logbook, OddEntriesAreShownAndNothingFalls) {
    const LogEntry bare{
        0, QStringLiteral("2026-11-25T18:00:00+00:00"), "plover", "gone", QStringLiteral("{}"), false};
    const LogEntry future{
        0,
        QStringLiteral("2031-01-01T18:00:00+00:00"),
        "plover",
        "chase",
        QStringLiteral(R"({"batter":{"measured_hz":300},"snare_side":{"measured_hz":400}})"),
        false};
    ASSERT_TRUE(p().controller.workbook()->addLogEntry(bare));
    ASSERT_TRUE(p().controller.workbook()->addLogEntry(future));
    restart();
    p().click(QStringLiteral("logbook"));
    walk(Qt::Key_End);
    EXPECT_TRUE(
        says("backBut").contains(QStringLiteral("Nobody knows"))); // what comes later foretells nothing
    for (int i = 0; i < 6; ++i)
        walk(Qt::Key_Left);
    chooseDay("2026-11-25");
    EXPECT_TRUE(says("backBut").contains(QStringLiteral("does not say how high the batter was")))
        << says("backBut").toStdString();
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("primary"))->isEnabled());
    testing::runSql(book(), QStringLiteral("UPDATE log_entries SET deleted = 1"));
    testing::runSql(book(), QStringLiteral("DELETE FROM entry_lines"));
    restart();
    p().click(QStringLiteral("logbook"));
    EXPECT_EQ(season()->chosen(), nullptr);
    EXPECT_EQ(says("backHeadline"), QStringLiteral("Nothing to go back to yet"));
    walk(Qt::Key_Left);
    walk(Qt::Key_Plus);
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("primary"))->isEnabled());
}

} // namespace logbook_test
} // namespace bombo

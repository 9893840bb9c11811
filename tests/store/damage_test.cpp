/// Workbooks with a damaged part, as a disk or a stranger may hand them over: the rest works, and nothing is
/// thrown away.
#include "store/backups.h"
#include "store/demo.h"
#include "store/file_check.h"
#include "store/rescue.h"
#include "store/way_back.h"
#include "store/workbook.h"
#include "support/full_disk.h"
#include "support/raw_sql.h"
#include "support/sessions.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <functional>
#include <gtest/gtest.h>

namespace bombo {
namespace {

using testing::chase;
using testing::done;
using testing::fresh;
using testing::plover;

const QString kSavedAt = QStringLiteral("2026-11-25T18:00:00+01:00");

class Damage : public ::testing::Test {
protected:
    QString path() const { return QDir(m_folder.path()).filePath(QStringLiteral("test.bombo")); }
    QStringList files() const { return QDir(m_folder.path()).entryList(QDir::Files, QDir::Name); }

    /// A workbook with two drums, two tones and a session of five steps.
    void make() {
        auto book = Workbook::create(path()).value();
        Tone second = chase();
        second.id = "second";
        ASSERT_TRUE(book->addTone(chase()));
        ASSERT_TRUE(book->addTone(second));
        Drum other = plover();
        other.id = "wren";
        other.name = "Wren";
        ASSERT_TRUE(book->addDrum({plover(), 8, "chase"}));
        ASSERT_TRUE(book->addDrum({other, 9, "second"}));
        Session session = fresh();
        auto stored = book->startSession(session, session, kSavedAt).value();
        for (int stars = 1; stars <= 4; ++stars) {
            session = done(session, SetStars{stars});
            ASSERT_TRUE(
                book->appendStep(stored, QStringLiteral("set_stars"), session, session, {}, kSavedAt));
        }
    }
    /// Runs SQL on the closed file, as no Bombo would.
    void tamper(const QString& sql) const { testing::runSql(path(), sql); }
    QTemporaryDir m_folder;
};

TEST_F(Damage, ADrumOrToneIsSetAsideAndNamed) {
    make();
    tamper(QStringLiteral(
        "UPDATE drums SET description = '{\"id\":\"plover\",\"rods\":1e9}' WHERE id = 'plover'"));
    tamper(QStringLiteral("UPDATE tones SET description = 'rubbish' WHERE id = 'second'"));
    const auto book = Workbook::open(path()).value();
    const auto drums = book->drums();
    ASSERT_TRUE(drums);
    ASSERT_EQ(drums->size(), 1U);
    EXPECT_EQ(drums->front().drum.name, "Wren");
    EXPECT_EQ(book->tones()->size(), 1U);
    const auto left = book->takeSetAside();
    ASSERT_EQ(left.size(), 2U);
    EXPECT_EQ(left[0].what, SetAside::What::Drum);
    EXPECT_EQ(left[0].name, QStringLiteral("plover"));
    EXPECT_FALSE(left[0].why.isEmpty());
    EXPECT_EQ(left[1].what, SetAside::What::Tone);
    EXPECT_TRUE(book->takeSetAside().empty()); // said once
}

TEST_F(Damage, TheNearestStepBeforeADamagedOneIsInForce) {
    make();
    tamper(QStringLiteral("UPDATE steps SET state = '{\"batter\":7}' WHERE position >= 3"));
    const auto book = Workbook::open(path()).value();
    auto stored = book->loadSession(1);
    ASSERT_TRUE(stored) << problemText(stored.fault()).toStdString();
    EXPECT_EQ(stored->position, 2);
    EXPECT_EQ(stored->work.stars, 2);
    EXPECT_EQ(book->takeSetAside().size(), 2U);
    // Work goes on from there and is whole after a restart.
    const Session next = done({stored->work, stored->context, {}}, SetStars{5});
    ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("set_stars"), next, next, {}, kSavedAt));
    const auto again = Workbook::open(path()).value()->loadSession(1);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->work.stars, 5);
    EXPECT_EQ(again->position, 3);
}

TEST_F(Damage, UndoPassesOverADamagedStep) {
    make();
    tamper(QStringLiteral("UPDATE steps SET state = 'x' WHERE position = 3"));
    const auto book = Workbook::open(path()).value();
    auto stored = book->loadSession(1).value();
    EXPECT_EQ(stored.position, 4); // a damaged old step is no concern of the start
    EXPECT_TRUE(book->takeSetAside().empty());
    ASSERT_TRUE(book->moveTo(stored, 3));
    EXPECT_EQ(stored.position, 2);
    EXPECT_EQ(stored.work.stars, 2);
    ASSERT_TRUE(book->moveTo(stored, 3));
    EXPECT_EQ(stored.work.stars, 4); // and redo likewise
}

TEST_F(Damage, PlacesThatAreNoneAreMended) {
    for (const char* sql : {"UPDATE sessions SET position = -1", "UPDATE sessions SET position = 99999",
                            "DELETE FROM steps WHERE position = 4"}) {
        QFile::remove(path());
        make();
        tamper(QLatin1String(sql));
        const auto book = Workbook::open(path()).value();
        const auto stored = book->loadSession(1);
        ASSERT_TRUE(stored) << sql;
        EXPECT_GE(stored->position, 3) << sql;
        EXPECT_LT(stored->position, stored->steps.size()) << sql;
        EXPECT_FALSE(book->takeSetAside().empty()) << sql;
    }
}

TEST_F(Damage, AContextOrARigThatCannotBeLeavesTheWork) {
    make();
    tamper(QStringLiteral("UPDATE sessions SET context = '{\"station\":\"attic\"}'"));
    tamper(QStringLiteral("INSERT INTO rig VALUES('plover', '{\"layout\":{\"strands\":-3}}', 4)"));
    const auto book = Workbook::open(path()).value();
    const auto stored = book->loadSession(1);
    ASSERT_TRUE(stored);
    EXPECT_EQ(stored->work.stars, 4);
    EXPECT_EQ(stored->context, Context{});
    const auto rig = book->rig("plover", 1);
    ASSERT_TRUE(rig);
    EXPECT_FALSE(rig->rig.layout);
    EXPECT_EQ(rig->drumRevision, 4);
    EXPECT_EQ(book->takeSetAside().size(), 2U);
}

TEST_F(Damage, APackedStepNeedsNoneButItsBase) {
    {
        auto book = Workbook::create(path()).value();
        ASSERT_TRUE(book->addTone(chase()));
        ASSERT_TRUE(book->addDrum({plover(), 8, "chase"}));
        Session session = fresh();
        auto stored = book->startSession(session, session, kSavedAt).value();
        for (int step = 1; step <= 20; ++step) {
            session = done(session, SetStars{step % 5});
            ASSERT_TRUE(
                book->appendStep(stored, QStringLiteral("set_stars"), session, session, {}, kSavedAt));
        }
        // A base that is put right takes those that lean on it along.
        ASSERT_TRUE(book->moveTo(stored, 16));
        Work other = stored.work;
        other.stars = 5;
        ASSERT_TRUE(book->amendStep(stored, other));
        for (const int step : {17, 18, 19, 20}) {
            ASSERT_TRUE(book->moveTo(stored, step));
            EXPECT_EQ(stored.position, step);
            EXPECT_EQ(stored.work.stars, step % 5);
        }
    }
    tamper(QStringLiteral("UPDATE steps SET state = substr(state, 1, 40) WHERE position = 8"));
    const auto book = Workbook::open(path()).value();
    auto stored = book->loadSession(1).value();
    EXPECT_EQ(stored.position, 20); // its own base is 16
    ASSERT_TRUE(book->moveTo(stored, 16));
    EXPECT_EQ(stored.work.stars, 5);
    ASSERT_TRUE(book->moveTo(stored, 15)); // 15 to 8 are lost with 8
    EXPECT_EQ(stored.position, 7);
    EXPECT_EQ(stored.work.stars, 2);
}

TEST_F(Damage, WhatCanBeReadIsRescued) {
    make();
    tamper(QStringLiteral("UPDATE drums SET description = 'x' WHERE id = 'plover'")); // it has a session
    tamper(QStringLiteral("UPDATE tones SET description = 'x' WHERE id = 'second'"));
    tamper(QStringLiteral("UPDATE steps SET state = 'x' WHERE position = 4"));
    tamper(QStringLiteral("PRAGMA user_version = -7"));
    EXPECT_FALSE(Workbook::open(path()));
    const QByteArray before = [&] {
        QFile file(path());
        EXPECT_TRUE(file.open(QIODevice::ReadOnly));
        return file.readAll();
    }();
    const QString out = m_folder.filePath(QStringLiteral("rescued.bombo"));
    const auto rescued = rescueWorkbook(path(), out);
    ASSERT_TRUE(rescued) << problemText(rescued.fault()).toStdString();
    EXPECT_EQ(rescued->lost.size(), 3) << rescued->lost.join(QLatin1Char('\n')).toStdString();
    const auto book = Workbook::open(out).value();
    EXPECT_EQ(book->drums()->size(), 2U); // the one from its session
    EXPECT_EQ(book->tones()->size(), 1U);
    const auto session = book->loadSession(book->latestSession("plover").value().value());
    ASSERT_TRUE(session);
    EXPECT_EQ(session->work.stars, 3);
    QFile file(path());
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.readAll(), before);
    const auto again = rescueWorkbook(path(), out);
    ASSERT_FALSE(again);
    EXPECT_EQ(again.fault().fault, WorkbookFault::Exists);
}

TEST_F(Damage, AFileWithBrokenPagesGivesWhatIsAroundThem) {
    {
        auto book = Workbook::create(path()).value();
        ASSERT_TRUE(book->addTone(chase()));
        ASSERT_TRUE(book->addDrum({plover(), 8, "chase"}));
        Session session = fresh();
        auto stored = book->startSession(session, session, kSavedAt).value();
        for (int step = 1; step <= 150; ++step) {
            session = done(session, SetStars{step % 5});
            ASSERT_TRUE(
                book->appendStep(stored, QStringLiteral("set_stars"), session, session, {}, kSavedAt));
        }
    }
    QFile file(path());
    ASSERT_TRUE(file.open(QIODevice::ReadWrite));
    const qint64 pages = file.size() / 4096;
    ASSERT_GT(pages, 20);
    file.seek(4096 * (pages - 8)); // among the steps
    file.write(QByteArray(4096 * 2, '\x5a'));
    file.close();
    EXPECT_FALSE(Workbook::open(path()));
    const QString out = m_folder.filePath(QStringLiteral("rescued.bombo"));
    const auto rescued = rescueWorkbook(path(), out);
    ASSERT_TRUE(rescued) << problemText(rescued.fault()).toStdString();
    EXPECT_FALSE(rescued->lost.isEmpty());
    EXPECT_GT(rescued->rows.at(QStringLiteral("steps")), 50);
    const auto book = Workbook::open(out).value();
    EXPECT_EQ(book->drums()->size(), 1U);
    EXPECT_TRUE(book->loadSession(1)) << "no step is left";
    QFile rubbish(m_folder.filePath(QStringLiteral("rubbish")));
    ASSERT_TRUE(rubbish.open(QIODevice::WriteOnly));
    rubbish.write(QByteArray(9000, 'r'));
    rubbish.close();
    EXPECT_FALSE(rescueWorkbook(rubbish.fileName(), m_folder.filePath(QStringLiteral("none.bombo"))));
    EXPECT_FALSE(QFile::exists(m_folder.filePath(QStringLiteral("none.bombo"))));
}

TEST_F(Damage, VersionsThatAreNoneAreRefusedWithTheFileAsItWas) {
    make();
    for (const int version : {-1, 0}) {
        tamper(QStringLiteral("PRAGMA user_version = %1").arg(version));
        const auto opened = Workbook::open(path());
        ASSERT_FALSE(opened) << version;
        EXPECT_EQ(opened.fault().fault, WorkbookFault::Damaged) << version;
    }
    tamper(QStringLiteral("PRAGMA user_version = %1").arg(Workbook::newestVersion()));
    EXPECT_TRUE(Workbook::open(path()));
}

TEST_F(Damage, TheFirstWriteOfADayIsPrecededByACopy) {
    make();
    const QString today = dailyBackup(path(), QDate::currentDate());
    {
        const auto book = Workbook::open(path()).value();
        (void)book->drums();
        EXPECT_FALSE(QFile::exists(today)); // reading needs none
        auto stored = book->loadSession(1).value();
        Session next = done({stored.work, stored.context, {}}, SetStars{5});
        ASSERT_TRUE(book->appendStep(stored, QStringLiteral("set_stars"), next, next, {}, kSavedAt));
    }
    ASSERT_TRUE(QFile::exists(today));
    EXPECT_EQ(Workbook::open(path()).value()->loadSession(1)->work.stars, 5);
    EXPECT_EQ(Workbook::open(today).value()->loadSession(1)->work.stars, 4); // as it was before the write
    const QByteArray before = [&] {
        QFile file(today);
        EXPECT_TRUE(file.open(QIODevice::ReadOnly));
        return file.readAll();
    }();
    {
        const auto book = Workbook::open(path()).value();
        auto stored = book->loadSession(1).value();
        Session next = done({stored.work, stored.context, {}}, SetStars{1});
        ASSERT_TRUE(book->appendStep(stored, QStringLiteral("set_stars"), next, next, {}, kSavedAt));
    }
    QFile file(today);
    ASSERT_TRUE(file.open(QIODevice::ReadOnly));
    EXPECT_EQ(file.readAll(), before); // once a day
    EXPECT_EQ(backupsOf(path()).size(), 1U);
}

void write(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::WriteOnly));
    file.write(bytes);
}

void date(const QString& path, const QString& time) {
    QFile file(path);
    ASSERT_TRUE(file.open(QIODevice::ReadWrite));
    ASSERT_TRUE(
        file.setFileTime(QDateTime::fromString(time, Qt::ISODate), QFileDevice::FileModificationTime));
}

TEST_F(Damage, TheWayBackIsTheNewestWholeCopyAndSaysWhatItCosts) {
    EXPECT_FALSE(wayBack(path()));
    make();
    EXPECT_FALSE(wayBack(path())); // no copy yet
    const QString copy = dailyBackup(path(), QDate(2026, 11, 26));
    ASSERT_TRUE(QFile::copy(path(), copy));
    date(copy, QStringLiteral("2026-11-26T10:00:00+01:00"));
    const QString broken = dailyBackup(path(), QDate::currentDate()); // so that none is made below
    write(broken, QByteArray(9000, 'r'));
    date(broken, QStringLiteral("2026-11-27T10:00:00+01:00"));
    {
        const auto book = Workbook::open(path()).value();
        auto stored = book->loadSession(1).value();
        Session next = done({stored.work, stored.context, {}}, SetStars{5});
        const QString later = QStringLiteral("2026-11-26T09:30:00Z"); // half an hour after the copy
        ASSERT_TRUE(book->appendStep(stored, QStringLiteral("set_stars"), next, next, {}, later));
        ASSERT_TRUE(book->saveSetup(stored, QStringLiteral("mark_saved"), next,
                                    {0, later, "plover", "chase", QStringLiteral("{}"), true}));
    }
    const auto way = wayBack(path());
    ASSERT_TRUE(way);
    EXPECT_EQ(way->copy.path, copy);
    EXPECT_TRUE(way->isCounted);
    EXPECT_EQ(way->steps, 2);
    EXPECT_EQ(way->setups, 1);
    EXPECT_EQ(way->lastStep, QDateTime::fromString(QStringLiteral("2026-11-26T09:30:00Z"), Qt::ISODate));

    // A log that belongs to the damaged file must not be taken for the copy's.
    write(path() + QStringLiteral("-wal"), "of the damaged file");
    const auto aside = goBackTo(way->copy, path());
    ASSERT_TRUE(aside) << problemText(aside.fault()).toStdString();
    EXPECT_TRUE(QFile::exists(*aside));
    EXPECT_TRUE(QFile::exists(*aside + QStringLiteral("-wal")));
    EXPECT_FALSE(QFile::exists(path() + QStringLiteral("-wal")));
    EXPECT_TRUE(QFile::exists(copy));
    EXPECT_EQ(Workbook::open(path()).value()->loadSession(1)->work.stars, 4);
    const auto again = goBackTo(way->copy, path()); // nothing that stands there is written over
    ASSERT_TRUE(again);
    EXPECT_NE(*again, *aside);
}

TEST_F(Damage, ALargeFileIsOpenedAtOnceAndLookedThroughLater) {
    make();
    tamper(QStringLiteral("INSERT INTO recordings VALUES(1, 'before', '', 48000, zeroblob(20000000))"));
    const std::atomic<bool> run = false;
    const std::atomic<bool> stop = true;
    EXPECT_TRUE(Workbook::open(path()).value()->loadSession(1));
    EXPECT_FALSE(checkThoroughly(path(), run));
    QFile file(path());
    ASSERT_TRUE(file.open(QIODevice::ReadWrite));
    file.seek(file.size() - 3 * 4096); // in the recording: nothing of the start needs it
    file.write(QByteArray(8192, '\x5a'));
    file.close();
    const auto book = Workbook::open(path());
    ASSERT_TRUE(book);
    EXPECT_FALSE(book.value()->isChecked());
    EXPECT_TRUE(book.value()->loadSession(1));
    const auto problem = checkThoroughly(path(), run); // while it is open
    ASSERT_TRUE(problem);
    EXPECT_EQ(problem->fault, WorkbookFault::Damaged);
    EXPECT_FALSE(checkThoroughly(path(), stop));
}

TEST_F(Damage, ASavedSetupStandsInTheFileItself) {
    make();
    const auto book = Workbook::open(path()).value();
    auto stored = book->loadSession(1).value();
    const Session next = done({stored.work, stored.context, {}}, SetStars{5});
    ASSERT_TRUE(book->saveSetup(stored, QStringLiteral("mark_saved"), next,
                                {0, kSavedAt, "plover", "chase", QStringLiteral("{}"), true}));
    const QString alone = m_folder.filePath(QStringLiteral("alone.bombo"));
    ASSERT_TRUE(QFile::copy(path(), alone)); // as a file manager would while the window is open
    EXPECT_EQ(Workbook::open(alone).value()->logEntries()->size(), 1U);
}

TEST_F(Damage, SevenDailyCopiesAreKept) {
    make();
    const QDate today = QDate::currentDate();
    for (int day = 1; day <= 9; ++day)
        ASSERT_TRUE(QFile::copy(path(), dailyBackup(path(), today.addDays(-day))));
    ASSERT_TRUE(QFile::copy(path(), path() + QStringLiteral(".before-v4.bak")));
    const auto book = Workbook::open(path()).value();
    ASSERT_TRUE(book->setValue(QStringLiteral("a"), QStringLiteral("b")));
    EXPECT_EQ(backupsOf(path()).size(), 8U); // those, and the one before a new format
    EXPECT_TRUE(QFile::exists(dailyBackup(path(), today)));
    EXPECT_TRUE(QFile::exists(dailyBackup(path(), today.addDays(-6))));
    EXPECT_FALSE(QFile::exists(dailyBackup(path(), today.addDays(-7))));
}

TEST_F(Damage, ANewWorkbookIsWholeOrNotThere) {
    const auto failing = Workbook::create(path(), [](Workbook& book) -> std::optional<WorkbookProblem> {
        EXPECT_TRUE(book.addDrum({plover(), 8, "chase"}));
        return WorkbookProblem{WorkbookFault::DiskFull, book.path(), {}};
    });
    ASSERT_FALSE(failing);
    EXPECT_EQ(failing.fault().path, path()); // not the name it had while it was made
    EXPECT_TRUE(files().isEmpty()) << files().join(QLatin1Char(' ')).toStdString();
    // What a crash left is no hindrance.
    QFile left(path() + QStringLiteral(".making"));
    ASSERT_TRUE(left.open(QIODevice::WriteOnly));
    left.write("half");
    left.close();
    ASSERT_TRUE(createDemoWorkbook(path()));
    EXPECT_EQ(files(), QStringList{QStringLiteral("test.bombo")});
    const auto again = createDemoWorkbook(path());
    ASSERT_FALSE(again);
    EXPECT_EQ(again.fault().fault, WorkbookFault::Exists);
    EXPECT_EQ(Workbook::open(path()).value()->drums()->size(), 3U);
}

TEST_F(Damage, AFullDiskLeavesNoStumps) {
    make();
    write(dailyBackup(path(), QDate(2026, 11, 24)), [&] {
        QFile file(path());
        EXPECT_TRUE(file.open(QIODevice::ReadOnly));
        return file.readAll();
    }());
    const QStringList before = files();
    const auto way = wayBack(path());
    ASSERT_TRUE(way);
    {
        const auto book = Workbook::open(path()).value();
        const testing::FullDisk full(20000);
        const auto copied = book->copyTo(m_folder.filePath(QStringLiteral("copy.bombo")));
        ASSERT_FALSE(copied);
        EXPECT_TRUE(copied.fault().fault == WorkbookFault::DiskFull ||
                    copied.fault().fault == WorkbookFault::DiskFailing);
        EXPECT_FALSE(createDemoWorkbook(m_folder.filePath(QStringLiteral("demo.bombo"))));
        EXPECT_FALSE(goBackTo(way->copy, path()));
        EXPECT_FALSE(rescueWorkbook(path(), m_folder.filePath(QStringLiteral("rescued.bombo"))));
    }
    EXPECT_EQ(files(), before) << files().join(QLatin1Char(' ')).toStdString();
    EXPECT_EQ(Workbook::open(path()).value()->loadSession(1)->work.stars, 4);
}

TEST_F(Damage, AFileInAFolderThatCannotBeWrittenIsRead) {
    make();
    QFile folder(m_folder.path());
    ASSERT_TRUE(folder.setPermissions(QFile::ReadOwner | QFile::ExeOwner));
    const auto book = Workbook::open(path());
    ASSERT_TRUE(book) << problemText(book.fault()).toStdString();
    EXPECT_TRUE(book.value()->isReadOnly());
    EXPECT_EQ(book.value()->loadSession(1)->work.stars, 4);
    EXPECT_TRUE(folder.setPermissions(QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner));
}

} // namespace
} // namespace bombo

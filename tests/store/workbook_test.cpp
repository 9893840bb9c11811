#include "core/log/weather_then.h"
#include "core/record/entry_figures.h"
#include "core/record/heads_say.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "store/resources.h"
#include "support/raw_sql.h"
#include "support/sessions.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QtSql/QSqlQuery>
#include <gtest/gtest.h>
#include <sys/resource.h>

namespace bombo {
namespace {

using testing::chase;
using testing::done;
using testing::fresh;
using testing::plover;

const QString kNow = QStringLiteral("2026-11-25T18:00:00");

class WorkbookTest : public ::testing::Test {
protected:
    QString path(const QString& name = QStringLiteral("test.bombo")) const {
        return QDir(m_folder.path()).filePath(name);
    }
    std::unique_ptr<Workbook> made(const QString& name = QStringLiteral("test.bombo")) {
        auto book = Workbook::create(path(name));
        EXPECT_TRUE(book) << problemText(book.fault()).toStdString();
        EXPECT_TRUE(book.value()->addTone(chase()));
        EXPECT_TRUE(book.value()->addDrum({plover(), 8, "chase"}));
        return std::move(book).value();
    }
    static void write(const QString& file, const QByteArray& bytes) {
        QFile out(file);
        ASSERT_TRUE(out.open(QIODevice::WriteOnly));
        out.write(bytes);
    }
    static QByteArray bytesOf(const QString& file) {
        QFile in(file);
        EXPECT_TRUE(in.open(QIODevice::ReadOnly));
        return in.readAll();
    }

private:
    QTemporaryDir m_folder;
};

TEST_F(WorkbookTest, KeepsDrumsAndTones) {
    made();
    const auto book = Workbook::open(path());
    ASSERT_TRUE(book);
    const auto drums = book.value()->drums();
    ASSERT_TRUE(drums);
    ASSERT_EQ(drums->size(), 1U);
    EXPECT_EQ((*drums)[0].drum, plover());
    EXPECT_EQ((*drums)[0].practiceSeed, 8U);
    const auto tones = book.value()->tones();
    ASSERT_TRUE(tones);
    EXPECT_EQ((*tones)[0], chase());
}

TEST_F(WorkbookTest, StepsUndoneAndDoneAgainSurviveReopening) {
    qint64 id = 0;
    {
        auto book = made();
        auto stored = book->startSession(fresh(), {}, kNow);
        ASSERT_TRUE(stored);
        id = stored->id;
        Session s = fresh();
        for (int i = 0; i < 3; ++i) {
            s = done(s, SetStrainer{Turns{0.5 * (i + 1)}});
            ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("set_strainer"), s, {}, {}, kNow));
        }
        ASSERT_TRUE(book->moveTo(*stored, 1)); // two undone
    }
    auto book = Workbook::open(path());
    ASSERT_TRUE(book);
    auto stored = book.value()->loadSession(id);
    ASSERT_TRUE(stored);
    EXPECT_EQ(stored->position, 1);
    EXPECT_EQ(stored->steps.size(), 4); // what was undone can still be redone
    EXPECT_EQ(stored->work.wires.strainer, Turns{0.5});
    ASSERT_TRUE(book.value()->moveTo(*stored, 3));
    EXPECT_EQ(stored->work.wires.strainer, Turns{1.5});
    EXPECT_FALSE(book.value()->moveTo(*stored, 4));
    EXPECT_FALSE(book.value()->moveTo(*stored, -1));
    EXPECT_EQ(*book.value()->latestSession("plover").value(), id);
    EXPECT_FALSE(book.value()->latestSession("wren").value().has_value());
}

TEST_F(WorkbookTest, ANewStepDropsWhatWasUndoneWithItsReadings) {
    auto book = made();
    auto stored = book->startSession(fresh(), {}, kNow);
    ASSERT_TRUE(stored);
    RodReading heard;
    heard.frequency = Hertz{300};
    for (int i = 0; i < 3; ++i)
        ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("tap_heard"), fresh(), {},
                                     {{HeadSide::Batter, i, heard}}, kNow));
    EXPECT_EQ(*book->readingCount(stored->id), 3);
    ASSERT_TRUE(book->moveTo(*stored, 1));
    ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("tap_heard"), fresh(), {},
                                 {{HeadSide::Batter, 5, heard}}, kNow));
    EXPECT_EQ(*book->readingCount(stored->id), 2);
    EXPECT_EQ(stored->steps.size(), 3);
}

TEST_F(WorkbookTest, WhereOneIsIsNoStepAndOutlivesUndo) {
    auto book = made();
    auto stored = book->startSession(fresh(), {}, kNow);
    ASSERT_TRUE(stored);
    ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("set_strainer"),
                                 done(fresh(), SetStrainer{Turns{2}}), {}, {}, kNow));
    Context context{Station::Proof, SoundSource::File, 3, 99, Reminder{ReminderKind::Recheck, 7}, "keep me"};
    ASSERT_TRUE(book->keepContext(*stored, context));
    ASSERT_TRUE(book->moveTo(*stored, 0));
    ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("set_strainer"),
                                 done(fresh(), SetStrainer{Turns{1}}), stored->context, {}, kNow));
    const auto again = Workbook::open(path()).value()->loadSession(stored->id);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->steps.size(), 2);
    EXPECT_EQ(again->work.wires.strainer, Turns{1});
    EXPECT_TRUE(again->context == context);
    const auto reminders = book->reminders();
    ASSERT_EQ(reminders->size(), 1U);
    EXPECT_EQ(reminders->front().drumId, "plover");
    EXPECT_EQ(reminders->front().reminder.due, 7);
}

TEST_F(WorkbookTest, WhatIsAtHandIsKeptByDrumAndByPlace) {
    auto book = made();
    auto stored = book->rig("plover", 0);
    ASSERT_TRUE(stored);
    EXPECT_TRUE(stored->rig == Rig{});
    EXPECT_LT(stored->placeRevision, 0); // nobody has said anything yet
    Rig rig;
    rig.layout = WireLayout{};
    rig.gauge.name = "dial";
    rig.neighbours = {neighbourAt("tom", NeighbourKind::Tom, Hertz{110})};
    ASSERT_TRUE(book->keepRig(*stored, "plover", rig));
    auto late = book->rig("plover", 0);
    rig.leftHanded = true;
    ASSERT_TRUE(book->keepRig(*stored, "plover", rig));
    EXPECT_TRUE(Workbook::open(path()).value()->rig("plover", 0)->rig == rig);
    Rig elsewhere = book->rig("wren", 0)->rig; // the place is the same, the drum is not
    EXPECT_FALSE(elsewhere.layout);
    EXPECT_TRUE(elsewhere.gauge.name.empty());
    EXPECT_TRUE(static_cast<PlaceRig&>(elsewhere) == static_cast<PlaceRig&>(rig));
    // Another window that read it before may not overwrite it.
    Rig theirs = late->rig;
    theirs.leftHanded = false;
    theirs.neighbours.clear();
    EXPECT_EQ(book->keepRig(*late, "plover", theirs).fault().fault, WorkbookFault::ChangedElsewhere);
    EXPECT_TRUE(book->rig("plover", 0)->rig == rig);
}

TEST_F(WorkbookTest, PointsOfAGaugeBelongToTheSessionsThatFoundThem) {
    auto book = made();
    const qint64 one = book->startSession(fresh(), {}, kNow)->id;
    const qint64 two = book->startSession(fresh(), {}, kNow)->id;
    const GaugeRecord first{"dial", {{70.0, Tension{2800}}}};
    const GaugeRecord second{"dial", {{80.0, Tension{3300}}, {85.0, Tension{3500}}}};
    ASSERT_TRUE(book->keepGaugePoints(one, {first}));
    ASSERT_TRUE(book->keepGaugePoints(two, {second, {"other", {{1.0, Tension{1000}}}}}));
    const QString dial = QStringLiteral("dial");
    EXPECT_EQ(*book->gaugePoints(dial, one), second.points); // of the others: its own it knows
    EXPECT_EQ(*book->gaugePoints(dial, two), first.points);
    EXPECT_EQ(book->gaugePoints(dial, 0)->size(), 3U);
    EXPECT_EQ(*book->gaugeNames(), (QStringList{dial, QStringLiteral("other")}));
    ASSERT_TRUE(book->keepGaugePoints(two, {})); // undone
    EXPECT_EQ(*book->gaugePoints(dial, 0), first.points);
    EXPECT_EQ(*book->gaugeNames(), QStringList{dial});
}

TEST_F(WorkbookTest, TwoWindowsOnOneSessionCannotOverwriteEachOther) {
    auto one = made();
    auto mine = one->startSession(fresh(), {}, kNow);
    ASSERT_TRUE(mine);
    auto two = Workbook::open(path());
    ASSERT_TRUE(two);
    auto theirs = two.value()->loadSession(mine->id);
    ASSERT_TRUE(theirs);
    ASSERT_TRUE(two.value()->appendStep(*theirs, QStringLiteral("set_strainer"),
                                        done(fresh(), SetStrainer{Turns{2}}), {}, {}, kNow));
    const auto late = one->appendStep(*mine, QStringLiteral("set_strainer"),
                                      done(fresh(), SetStrainer{Turns{1}}), {}, {}, kNow);
    ASSERT_FALSE(late);
    EXPECT_EQ(late.fault().fault, WorkbookFault::ChangedElsewhere);
    EXPECT_EQ(one->amendStep(*mine, fresh()).fault().fault, WorkbookFault::ChangedElsewhere);
    EXPECT_EQ(one->keepContext(*mine, {}).fault().fault, WorkbookFault::ChangedElsewhere);
    EXPECT_EQ(mine->steps.size(), 1); // unchanged where it failed
    EXPECT_EQ(one->loadSession(mine->id)->work.wires.strainer, Turns{2});
}

TEST_F(WorkbookTest, LogEntriesNewestFirstByDrumAndRestorable) {
    auto book = made();
    const Session full = testing::fullSession();
    const QString summary = QString::fromStdString(setupSummary(full).dump());
    ASSERT_TRUE(
        book->addLogEntry({0, QStringLiteral("2026-10-01T18:00:00"), "plover", "chase", summary, false}));
    auto stored = book->startSession(fresh(), {}, kNow);
    const auto id =
        book->saveSetup(*stored, QStringLiteral("mark_saved"), full,
                        {0, QStringLiteral("2026-11-01T18:00:00"), "plover", "chase", summary, true});
    ASSERT_TRUE(id);
    const auto entries = book->logEntries();
    ASSERT_TRUE(entries);
    ASSERT_EQ(entries->size(), 2U);
    EXPECT_EQ((*entries)[0].id, *id);
    EXPECT_TRUE((*entries)[0].restorable);
    EXPECT_FALSE((*entries)[1].restorable);
    const auto setup = book->logSetup(*id);
    EXPECT_TRUE(setup->work == static_cast<const Work&>(full));
    EXPECT_EQ(setup->note, full.note);
    EXPECT_FALSE(book->logSetup((*entries)[1].id)); // figures only
    EXPECT_TRUE(book->logEntries("wren")->empty());
    EXPECT_FALSE(book->addLogEntry({0, kNow, "no-such-drum", "chase", summary, false})); // foreign keys hold
}

TEST_F(WorkbookTest, ASetupAndItsStepAreSavedBothOrNeither) {
    auto book = made();
    auto stored = book->startSession(fresh(), {}, kNow);
    const LogEntry bad{0, kNow, "no-such-drum", "chase", QStringLiteral("{}"), true};
    EXPECT_FALSE(book->saveSetup(*stored, QStringLiteral("mark_saved"), done(fresh(), MarkSaved{}), bad));
    EXPECT_EQ(stored->position, 0);
    EXPECT_EQ(book->loadSession(stored->id)->steps.size(), 1);
    EXPECT_TRUE(book->logEntries()->empty());
    // And the session goes on.
    ASSERT_TRUE(
        book->appendStep(*stored, QStringLiteral("set_stars"), done(fresh(), SetStars{3}), {}, {}, kNow));
}

TEST_F(WorkbookTest, TheNightTheClocksChangeIsInOrder) {
    auto book = made();
    for (const char* at :
         {"2026-10-25T02:50:00+02:00", "2026-10-25T02:10:00+01:00", "2026-10-25T03:00:00+01:00"})
        ASSERT_TRUE(
            book->addLogEntry({0, QLatin1String(at), "plover", "chase", QStringLiteral("{}"), false}));
    const auto entries = book->logEntries();
    EXPECT_EQ(entries->at(0).savedAt, QStringLiteral("2026-10-25T03:00:00+01:00"));
    EXPECT_EQ(entries->at(1).savedAt, QStringLiteral("2026-10-25T02:10:00+01:00")); // 20 minutes after
    EXPECT_EQ(entries->at(2).savedAt, QStringLiteral("2026-10-25T02:50:00+02:00"));
}

TEST_F(WorkbookTest, RecordingsOfASessionOneATake) {
    auto book = made();
    const auto session = book->startSession(fresh(), {}, kNow);
    ASSERT_TRUE(session);
    EXPECT_FALSE(book->recording(session->id, Take::Before).value());
    Recording stroke{44100.0, {0.0F, 0.5F, -0.25F, 1.0F}, kNow};
    ASSERT_TRUE(book->keepRecording(session->id, Take::Before, stroke));
    stroke.samples = {0.125F};
    ASSERT_TRUE(book->keepRecording(session->id, Take::After, stroke));
    const auto before = book->recording(session->id, Take::Before).value();
    ASSERT_TRUE(before);
    EXPECT_EQ(before->samples, (std::vector<float>{0.0F, 0.5F, -0.25F, 1.0F}));
    EXPECT_EQ(before->sampleRate, 44100.0);
    EXPECT_EQ(before->madeAt, kNow);
    stroke.samples = {0.75F};
    ASSERT_TRUE(book->keepRecording(session->id, Take::Before, stroke)); // a later one replaces it
    EXPECT_EQ(book->recording(session->id, Take::Before).value()->samples.size(), 1U);
    EXPECT_FALSE(book->keepRecording(9999, Take::Before, stroke)); // no such session
}

TEST_F(WorkbookTest, ValuesAndCopies) {
    auto book = made();
    ASSERT_TRUE(book->setValue(QStringLiteral("k"), QStringLiteral("one")));
    ASSERT_TRUE(book->setValue(QStringLiteral("k"), QStringLiteral("two")));
    EXPECT_EQ(book->value(QStringLiteral("k")), QStringLiteral("two"));
    EXPECT_TRUE(book->value(QStringLiteral("none")).isEmpty());
    ASSERT_TRUE(book->copyTo(path(QStringLiteral("copy.bombo"))));
    EXPECT_FALSE(book->copyTo(path(QStringLiteral("copy.bombo")))); // never over a file
    const auto copy = Workbook::open(path(QStringLiteral("copy.bombo")));
    ASSERT_TRUE(copy);
    EXPECT_EQ(copy.value()->value(QStringLiteral("k")), QStringLiteral("two"));
    EXPECT_EQ(copy.value()->drums()->size(), 1U);
}

TEST_F(WorkbookTest, NewWorkbookNeverReplacesAFile) {
    write(path(), "precious");
    const auto book = Workbook::create(path());
    ASSERT_FALSE(book);
    EXPECT_EQ(bytesOf(path()), "precious");
}

TEST_F(WorkbookTest, FilesThatAreNoWorkbookAreLeftAlone) {
    struct Row {
        const char* name;
        QByteArray bytes;
        WorkbookFault fault;
    };
    const Row rows[] = {{"text.bombo",
                         "this is a letter, not a database, and long enough to be looked at in full",
                         WorkbookFault::NotAWorkbook},
                        {"empty.bombo", "", WorkbookFault::NotAWorkbook},
                        {"binary.bombo", QByteArray(5000, '\xA7'), WorkbookFault::NotAWorkbook}};
    for (const Row& row : rows) {
        const QString file = path(QLatin1String(row.name));
        write(file, row.bytes);
        const auto book = Workbook::open(file);
        ASSERT_FALSE(book) << row.name;
        EXPECT_EQ(book.fault().fault, row.fault) << row.name;
        EXPECT_TRUE(problemText(book.fault()).contains(file)) << row.name; // the message names the file
        EXPECT_EQ(bytesOf(file), row.bytes) << row.name;
    }
    EXPECT_EQ(Workbook::open(path(QStringLiteral("missing.bombo"))).fault().fault, WorkbookFault::NotFound);
    EXPECT_FALSE(QFile::exists(path(QStringLiteral("missing.bombo"))));
}

TEST_F(WorkbookTest, AnotherProgramsDatabaseIsNoWorkbook) {
    {
        QSqlDatabase other = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("other"));
        other.setDatabaseName(path(QStringLiteral("other.db")));
        ASSERT_TRUE(other.open());
        QSqlQuery(other).exec(QStringLiteral("CREATE TABLE t(a)"));
        other.close();
    }
    QSqlDatabase::removeDatabase(QStringLiteral("other"));
    EXPECT_EQ(Workbook::open(path(QStringLiteral("other.db"))).fault().fault, WorkbookFault::NotAWorkbook);
}

TEST_F(WorkbookTest, DamagedFilesAreReportedAndLeftAlone) {
    made();
    QByteArray bytes = bytesOf(path());
    ASSERT_GT(bytes.size(), 12000);
    for (qsizetype i = 4096 * 2; i < bytes.size(); i += 3)
        bytes[i] = static_cast<char>(i * 37); // pages after the first two
    write(path(), bytes);
    const auto book = Workbook::open(path());
    ASSERT_FALSE(book);
    EXPECT_EQ(book.fault().fault, WorkbookFault::Damaged);
    EXPECT_EQ(bytesOf(path()), bytes);
}

void setVersion(const QString& file, int version) {
    testing::runSql(file, QStringLiteral("PRAGMA user_version = %1").arg(version));
}

TEST_F(WorkbookTest, ANewerVersionIsLeftAlone) {
    made();
    setVersion(path(), Workbook::newestVersion() + 1);
    const auto book = Workbook::open(path());
    ASSERT_FALSE(book);
    EXPECT_EQ(book.fault().fault, WorkbookFault::NewerVersion);
}

TEST_F(WorkbookTest, ReadOnlyCanBeReadNotWritten) {
    qint64 session = 0;
    {
        auto book = made();
        session = book->startSession(fresh(), {}, kNow)->id;
    }
    QFile::setPermissions(path(), QFile::ReadOwner | QFile::ReadUser);
    auto book = Workbook::open(path());
    ASSERT_TRUE(book) << problemText(book.fault()).toStdString();
    EXPECT_TRUE(book.value()->isReadOnly());
    EXPECT_EQ(book.value()->drums()->size(), 1U);
    auto stored = book.value()->loadSession(session);
    ASSERT_TRUE(stored);
    const auto refused = book.value()->appendStep(*stored, QStringLiteral("x"), fresh(), {}, {}, kNow);
    ASSERT_FALSE(refused);
    EXPECT_EQ(refused.fault().fault, WorkbookFault::ReadOnly);
    ASSERT_TRUE(
        book.value()->copyTo(path(QStringLiteral("mine.bombo")))); // the way out that the message names
    EXPECT_FALSE(Workbook::open(path(QStringLiteral("mine.bombo"))).value()->isReadOnly());
}

TEST_F(WorkbookTest, AFullDiskLosesNothing) {
    auto book = made();
    auto stored = book->startSession(fresh(), {}, kNow);
    ASSERT_TRUE(stored);
    book->limitSize(40);
    std::optional<WorkbookFault> fault;
    int written = 0;
    for (int i = 0; i < 200 && !fault; ++i) {
        const auto step = book->appendStep(*stored, QStringLiteral("set_strainer"),
                                           done(fresh(), SetStrainer{Turns{0.01 * i}}), {}, {}, kNow);
        if (step)
            ++written;
        else
            fault = step.fault().fault;
    }
    EXPECT_EQ(fault, WorkbookFault::DiskFull);
    EXPECT_GT(written, 3);
    EXPECT_EQ(stored->position, written);
    book->limitSize(100000); // space was freed
    ASSERT_TRUE(book->appendStep(*stored, QStringLiteral("set_strainer"), fresh(), {}, {}, kNow));
    EXPECT_EQ(static_cast<int>(book->loadSession(stored->id)->steps.size()), written + 2);
}

TEST_F(WorkbookTest, EveryMigrationFromEveryVersion) {
    // A file is built up to version v by the numbered files, opened, and must hold what was in it.
    const QStringList files = migrationFiles();
    ASSERT_GE(files.size(), 2);
    for (int version = 1; version < files.size(); ++version) {
        const QString file = path(QStringLiteral("v%1.bombo").arg(version));
        {
            QSqlDatabase raw = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("old"));
            raw.setDatabaseName(file);
            ASSERT_TRUE(raw.open());
            QSqlQuery query(raw);
            query.exec(QStringLiteral("PRAGMA application_id = %1").arg(0x426D626F));
            for (int i = 0; i < version; ++i)
                for (const QString& sql : statementsOf(files[i]))
                    ASSERT_TRUE(query.exec(sql)) << sql.toStdString();
            query.prepare(QStringLiteral("INSERT INTO drums(id, position, description, practice_seed, "
                                         "tone_id) VALUES('plover', 0, ?, 8, 'chase')"));
            query.addBindValue(QString::fromStdString(toJson(plover()).dump()));
            ASSERT_TRUE(query.exec());
            query.exec(QStringLiteral("PRAGMA user_version = %1").arg(version));
            raw.close();
        }
        QSqlDatabase::removeDatabase(QStringLiteral("old"));
        auto book = Workbook::open(file);
        ASSERT_TRUE(book) << problemText(book.fault()).toStdString();
        EXPECT_EQ(book.value()->drums()->at(0).drum, plover());
        EXPECT_TRUE(book.value()->logEntries()->empty());
        const QString backup = QStringLiteral("%1.before-v%2.bak").arg(file).arg(files.size());
        EXPECT_TRUE(QFile::exists(backup)); // a way back, and one is enough
        EXPECT_EQ(QFileInfo(file)
                      .dir()
                      .entryList({QFileInfo(file).fileName() + QStringLiteral(".before-*")})
                      .size(),
                  1);
        EXPECT_EQ(Workbook::open(file).value()->drums()->size(), 1U);
    }
}

/// A workbook that version 3 left behind after a whole job, with what that version knew at the end of it.
class OldWorkbook : public WorkbookTest {
protected:
    QString unpacked() const {
        const QString file = path(QStringLiteral("old.bombo"));
        write(file, qUncompress(bytesOf(QStringLiteral(BOMBO_TEST_DATA "/workbooks/whole_job_v3.bombo.z"))));
        return file;
    }
    Json known() const {
        return Json::parse(
            bytesOf(QStringLiteral(BOMBO_TEST_DATA "/workbooks/whole_job_v3.json")).toStdString());
    }
};

TEST_F(OldWorkbook, AStepOfAWholeJobTakesThreeKilobytesAtMost) {
    auto old = Workbook::open(unpacked()).value();
    auto stored = old->loadSession(old->latestSession("plover").value().value()).value();
    const auto steps = static_cast<int>(stored.steps.size());
    const QString file = path(QStringLiteral("new.bombo"));
    std::vector<Work> job;
    {
        auto book = Workbook::create(file).value();
        ASSERT_TRUE(book->addDrum({plover(), 8, "chase"}));
        ASSERT_TRUE(old->moveTo(stored, 0));
        job.push_back(stored.work);
        auto copied = book->startSession(stored.work, {}, kNow).value();
        for (int position = 1; position < steps; ++position) {
            ASSERT_TRUE(old->moveTo(stored, position));
            job.push_back(stored.work);
            ASSERT_TRUE(book->appendStep(copied, stored.steps[position], stored.work, {}, {}, kNow));
        }
    }
    EXPECT_LE(testing::runSql(file, QStringLiteral("SELECT AVG(LENGTH(state)) FROM steps")).toDouble(),
              3000.0);
    // And every one comes back as it was, after a restart too.
    auto again = Workbook::open(file).value();
    auto read = again->loadSession(1).value();
    for (int position = steps - 1; position >= 0; --position) {
        ASSERT_TRUE(again->moveTo(read, position));
        EXPECT_EQ(read.position, position);
        EXPECT_EQ(workText(read.work), workText(job[static_cast<std::size_t>(position)]));
    }
}

/// Without what is known of strokes only since.
Json asKeptThen(Json value) {
    if (value.is_array())
        for (Json& entry : value)
            for (const char* newer : {"centreError", "toneError", "buzzError"})
                if (entry.is_object() && entry.contains(newer) && entry[newer].is_null())
                    entry.erase(newer);
    return value;
}

TEST_F(OldWorkbook, OpensWithAllThatWasInIt) {
    const QString file = unpacked();
    Json old = known();
    for (Json& pad : old.at("pads")) // gel, kept before its loss was said to rise with the pitch
        pad.at("kind")["lossRises"] = 0.25;
    old.at("drum").at("shell").at("expansionPerHumidity") =
        1.3e-3; // wood, before plies were told from boards
    auto opened = Workbook::open(file);
    ASSERT_TRUE(opened) << problemText(opened.fault()).toStdString();
    Workbook& book = *opened.value();
    EXPECT_TRUE(QFile::exists(file + QStringLiteral(".before-v%1.bak").arg(migrationFiles().size())));
    const qint64 id = book.latestSession("plover").value().value();
    auto stored = book.loadSession(id);
    ASSERT_TRUE(stored) << problemText(stored.fault()).toStdString();
    // The work, key by key: nothing that was kept reads otherwise now.
    const Json work = Json::parse(workText(stored->work));
    for (const auto& [key, value] : old.items())
        if (work.contains(key) && key != "wires" && key != "batter" && key != "snareSide" && key != "drum") {
            EXPECT_EQ(asKeptThen(work.at(key)), value) << key;
        }
    for (const char* part : {"wires", "batter", "snareSide", "drum"})
        for (const auto& [key, value] : old.at(part).items())
            if (work.at(part).contains(key) && key != "history") {
                EXPECT_EQ(work.at(part).at(key), value) << part << ' ' << key;
            }
    EXPECT_EQ(stored->work.batter.history.size(), old.at("batter").at("history").size());
    for (const DrumRow& row : book.drums().value()) // on the shelf as in the work; metal stays as it is
        EXPECT_EQ(row.drum.shell.expansionPerHumidity, row.drum.id == "plover" ? 1.3e-3 : 0.0) << row.drum.id;
    EXPECT_EQ(stored->steps.size(), 220);
    EXPECT_EQ(stored->position, 218); // the last one was undone
    // Where one was.
    EXPECT_EQ(stored->context.station, Station::Proof);
    EXPECT_EQ(stored->context.source, SoundSource::File);
    EXPECT_EQ(stored->context.note, old.at("note").get<std::string>());
    EXPECT_EQ(stored->context.nearestRod, 3);
    ASSERT_TRUE(stored->context.reminder);
    EXPECT_EQ(stored->context.reminder->due, 1900000000);
    // What was at hand.
    const auto rig = book.rig("plover", id);
    ASSERT_TRUE(rig);
    ASSERT_TRUE(rig->rig.layout);
    EXPECT_NEAR(rig->rig.layout->strands.value, old.at("wires").at("layout").at("strands").get<double>(),
                1e-12);
    ASSERT_EQ(rig->rig.neighbours.size(), 1U);
    EXPECT_EQ(rig->rig.neighbours[0].name, "Rack tom");
    ASSERT_EQ(rig->rig.ownKinds.size(), 1U);
    EXPECT_EQ(rig->rig.ownKinds[0].id, "own:felt strip");
    EXPECT_TRUE(rig->rig.microphone);
    EXPECT_TRUE(rig->rig.leftHanded);
    EXPECT_EQ(rig->rig.gauge.name, "Lamp");
    EXPECT_EQ(rig->rig.gauge.points.size(), 1U); // kept before points were told apart by session
    // The other drum's session, the logbook and its setup.
    EXPECT_TRUE(book.latestSession("wren").value());
    const auto entries = book.logEntries();
    ASSERT_TRUE(entries);
    const auto setup = book.logSetup(entries->front().id);
    ASSERT_TRUE(setup) << problemText(setup.fault()).toStdString();
    EXPECT_EQ(setup->note, stored->context.note);
    EXPECT_EQ(setup->work.stars, 4);
    // Undone to the start and done again, step by step, as before.
    ASSERT_TRUE(book.moveTo(*stored, 219));
    EXPECT_EQ(stored->work.stars, 2);
    for (int position = 218; position >= 0; position -= 31)
        ASSERT_TRUE(book.moveTo(*stored, position)) << position;
    EXPECT_EQ(stored->context.note, old.at("note").get<std::string>());
}

TEST_F(OldWorkbook, APointOfAGaugeMovesToTheSessionThatFoundIt) {
    auto opened = Workbook::open(unpacked());
    Workbook& book = *opened.value();
    const auto stored = book.loadSession(book.latestSession("plover").value().value());
    Session session{stored->work, stored->context, book.rig("plover", stored->id)->rig};
    const auto found = gaugesFound(session);
    ASSERT_EQ(found.size(), 1U);
    const QString lamp = QStringLiteral("Lamp");
    EXPECT_EQ(book.gaugePoints(lamp, stored->id)->size(), 1U); // nobody knows yet whose it is
    ASSERT_TRUE(book.keepGaugePoints(stored->id, found));
    EXPECT_TRUE(book.gaugePoints(lamp, stored->id)->empty()); // its own, not counted twice
    EXPECT_EQ(book.gaugePoints(lamp, 0)->size(), 1U);
    ASSERT_TRUE(book.keepGaugePoints(stored->id, {})); // undone: gone for good
    EXPECT_TRUE(book.gaugePoints(lamp, 0)->empty());
}

TEST_F(OldWorkbook, TheDemoOfThenSortsItsEntriesByTime) {
    auto book = Workbook::open(unpacked());
    const auto entries = book.value()->logEntries();
    ASSERT_GE(entries->size(), 12U);
    for (std::size_t i = 1; i < entries->size(); ++i) // no clock was changed between them
        EXPECT_LE((*entries)[i].savedAt, (*entries)[i - 1].savedAt);
}

TEST_F(WorkbookTest, KilledAtAnyMomentLosesNothingAcknowledged) {
    // The child writes steps and says each number once it is acknowledged; we kill it at odd moments, many
    // times.
    const QString file = path();
    qint64 session = 0;
    session = made()->startSession(fresh(), {}, kNow)->id;
    int acknowledged = 0;
    for (int kill = 0; kill < 25; ++kill) {
        QProcess child;
        child.start(QStringLiteral(WRITER_CHILD), {file, QString::number(session)});
        ASSERT_TRUE(child.waitForStarted());
        QByteArray said;
        const int lines = 1 + kill % 7;
        while (said.count('\n') < lines && child.waitForReadyRead(20000))
            said += child.readAllStandardOutput();
        child.kill(); // SIGKILL: no destructor, no flush
        child.waitForFinished();
        said += child.readAllStandardOutput();
        const QList<QByteArray> complete = said.left(said.lastIndexOf('\n')).split('\n');
        ASSERT_FALSE(complete.isEmpty());
        acknowledged = complete.back().toInt();
        ASSERT_GT(acknowledged, 0);
        const auto book = Workbook::open(file);
        ASSERT_TRUE(book) << problemText(book.fault()).toStdString();
        const auto stored = book.value()->loadSession(session);
        ASSERT_TRUE(stored);
        EXPECT_GE(stored->position, acknowledged) << "after kill " << kill;
        EXPECT_EQ(static_cast<int>(stored->steps.size()), stored->position + 1);
        EXPECT_EQ(stored->work.clock, stored->position); // the state belongs to its step
        EXPECT_EQ(*book.value()->readingCount(session), stored->position);
    }
    EXPECT_GT(acknowledged, 40);
}

TEST_F(WorkbookTest, EveryProblemHasASentence) {
    for (WorkbookFault fault :
         {WorkbookFault::NotFound, WorkbookFault::NotAWorkbook, WorkbookFault::Damaged,
          WorkbookFault::NewerVersion, WorkbookFault::ReadOnly, WorkbookFault::DiskFull, WorkbookFault::Busy,
          WorkbookFault::ChangedElsewhere, WorkbookFault::Failed}) {
        const QString text = problemText({fault, QStringLiteral("/a/b.bombo"), QStringLiteral("why")});
        EXPECT_TRUE(text.contains(QStringLiteral("/a/b.bombo")));
        EXPECT_GT(text.size(), 25);
    }
}

TEST_F(WorkbookTest, DemoHoldsTheSeason) {
    auto book = createDemoWorkbook(path());
    ASSERT_TRUE(book) << problemText(book.fault()).toStdString();
    const auto drums = book.value()->drums();
    ASSERT_TRUE(drums);
    ASSERT_EQ(drums->size(), 3U);
    std::vector<int> rods;
    for (const DrumRow& row : *drums) {
        rods.push_back(row.drum.rods);
        for (const Tone& tone : *book.value()->tones())
            EXPECT_TRUE(targetsFor(row.drum, tone)) << row.drum.name << ' ' << tone.id;
    }
    EXPECT_EQ(rods, (std::vector<int>{8, 10, 6}));
    EXPECT_EQ(book.value()->tones()->size(), 5U);
    EXPECT_GE(book.value()->logEntries()->size(), 12U);
    EXPECT_FALSE(createDemoWorkbook(path())); // never over an existing one
}

TEST_F(WorkbookTest, TheDemosEntriesObeyTheFilmLimit) {
    auto book = createDemoWorkbook(path());
    ASSERT_TRUE(book);
    const auto drums = book.value()->drums();
    const auto entries = book.value()->logEntries();
    int looked = 0;
    for (const LogEntry& entry : *entries) {
        const auto figures = entryFiguresFrom(entry.summary.toStdString());
        ASSERT_TRUE(figures);
        const auto row = std::find_if(drums->begin(), drums->end(),
                                      [&](const DrumRow& r) { return r.drum.id == entry.drumId; });
        ASSERT_NE(row, drums->end());
        for (const HeadSide side : {HeadSide::Batter, HeadSide::SnareSide}) {
            const auto heard = figures->head(side).left;
            ASSERT_TRUE(heard) << entry.savedAt.toStdString();
            const Tension tension = tensionFromHeard(row->drum, side, heard->edge,
                                                     airAt(weatherThen(figures->weather, 0).weather));
            EXPECT_LE(filmLoad(row->drum.head(side), tension), kFilmLoadLimit)
                << entry.drumId << ' ' << entry.savedAt.toStdString() << ' ' << heard->edge.value << " Hz";
            ++looked;
        }
    }
    EXPECT_GE(looked, 24);
}

TEST(Catalogue, ShellsHoopsAndWiresAreWholeAndSourced) {
    const Catalogue known = catalogue();
    for (const ShellKind& kind : known.shells)
        EXPECT_FALSE(kind.name.empty() || kind.source.empty()) << kind.id;
    Drum drum = plover();
    for (const HoopKind& kind : known.hoops) {
        EXPECT_FALSE(kind.name.empty() || kind.source.empty());
        drum.hoop = kind.hoop;
        EXPECT_TRUE(checkedDrum(drum)) << kind.name;
    }
    for (const WireKind& kind : known.wires) {
        EXPECT_FALSE(kind.source.empty()) << kind.id;
        drum.wires = kind.wires;
        EXPECT_TRUE(checkedDrum(drum)) << kind.id;
    }
    for (const DrumRow& row : demoDrums()) // every shell of the demo is of a known material
        EXPECT_NE(row.drum.shell.expansionPerKelvin, 0.0);
}

TEST(Catalogue, EveryToneCanBeHadOnTheDemosDrums) {
    const auto tones = catalogueTones();
    EXPECT_EQ(tones.size(), 10U);
    for (const Tone& tone : tones) {
        EXPECT_FALSE(tone.reason.empty() || tone.muffling.empty() || tone.reasons.batter.empty() ||
                     tone.reasons.snareSide.empty() || tone.reasons.wires.empty() ||
                     tone.reasons.muffling.empty())
            << tone.id;
        EXPECT_NE(tone.name.find(": "), std::string::npos) << tone.id;
        for (const DrumRow& row : demoDrums()) {
            for (const double high : {-1.0, 0.0, 1.0})
                EXPECT_TRUE(targetsFor(row.drum, ToneBrief{tone, {.high = high}, {}}))
                    << row.drum.name << ' ' << tone.id << ' ' << high;
            // The thinnest film may cap the snare side, by less than a whole tone.
            const auto targets = targetsFor(row.drum, tone);
            EXPECT_GT(centsBetween(targets->snareSideWished, targets->snareSide.edgePitch).value, -200.0)
                << row.drum.name << ' ' << tone.id;
            // Pads only shorten: what is wanted must not be much longer than the open drum.
            const DrumState tuned = drumState(row.drum, targets->batter.tension, targets->snareSide.tension);
            EXPECT_LT(tone.ring / predictMuffling(row.drum, tuned, {}).ringBefore, 1.15)
                << row.drum.name << ' ' << tone.id;
        }
    }
}

TEST(Catalogue, HeadsAreWholeAndSourced) {
    const auto heads = catalogue().heads;
    EXPECT_GE(heads.size(), 6U);
    for (const HeadSpec& head : heads) {
        EXPECT_FALSE(head.source.empty()) << head.id;
        EXPECT_GT(head.arealDensity.value, 1300.0 * head.thickness.value)
            << head.id; // no lighter than bare film
        Drum drum = plover();
        drum.batterHead = head;
        EXPECT_TRUE(checkedDrum(drum)) << head.id;
    }
}

} // namespace
} // namespace bombo

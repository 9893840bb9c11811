/// A workbook of which one value was put in by somebody else.
#include "json_mutator.h"
#include "support/sessions.h"

#include "core/record/entry_figures.h"
#include "store/packed_text.h"
#include "store/workbook.h"

#include <QCoreApplication>
#include <QFile>
#include <QTemporaryDir>
#include <QtSql/QSqlQuery>
#include <cstdlib>

namespace {

using namespace bombo;

const QString kAt = QStringLiteral("2026-11-25T18:00:00+01:00");

struct Place {
    const char* table;
    const char* column;
    enum { Text, Packed, Number, Bytes } form;
};
constexpr Place kTampered[]{
    {"drums", "description", Place::Text},     {"tones", "description", Place::Text},
    {"steps", "state", Place::Text},           {"steps", "state", Place::Packed},
    {"sessions", "context", Place::Text},      {"rig", "value", Place::Text},
    {"log_entries", "summary", Place::Text},   {"log_entries", "session_state", Place::Text},
    {"workbook", "value", Place::Text},        {"sessions", "position", Place::Number},
    {"drums", "practice_seed", Place::Number}, {"drums", "id", Place::Text},
    {"log_entries", "saved_at", Place::Text},  {"entry_lines", "figures", Place::Bytes},
    {"log_entries", "words", Place::Text}};
constexpr std::size_t kTamperedCount = std::size(kTampered);

QString file(const char* name) {
    static const QTemporaryDir folder(QStringLiteral("/dev/shm/rows-XXXXXX"));
    return folder.filePath(QLatin1String(name));
}

/// A workbook with a bit of everything, made once.
const QByteArray& whole() {
    static const QByteArray bytes = [] {
        const QString path = file("whole.bombo");
        {
            auto book = Workbook::create(path).value();
            (void)book->addTone(testing::chase());
            (void)book->addDrum({testing::plover(), 8, "chase"});
            Session session = testing::fullSession();
            auto stored = book->startSession(session, session, kAt).value();
            for (int stars = 1; stars <= 3; ++stars) {
                session = testing::done(session, SetStars{stars});
                (void)book->appendStep(stored, QStringLiteral("set_stars"), session, session, {}, kAt);
            }
            (void)book->saveSetup(
                stored, QStringLiteral("mark_saved"), session,
                {0, kAt, "plover", "chase", QString::fromStdString(setupSummary(session).dump()), true});
            auto rig = book->rig("plover", stored.id).value();
            Rig changed = rig.rig;
            changed.leftHanded = true;
            (void)book->keepRig(rig, "plover", changed);
            (void)book->entries(std::nullopt); // makes their lines
            (void)book->setValue(QStringLiteral("current_drum"), QStringLiteral("plover"));
        }
        QFile made(path);
        return made.open(QIODevice::ReadOnly) ? made.readAll() : QByteArray();
    }();
    return bytes;
}

const fuzz::Seeds& seeds() {
    static const fuzz::Seeds all = [] {
        const Session full = testing::fullSession();
        fuzz::Seeds texts(kTamperedCount, "1");
        texts[0] = toJson(testing::plover()).dump();
        texts[1] = toJson(testing::chase()).dump();
        texts[2] = texts[3] = workText(full);
        texts[4] = contextText(full);
        texts[5] = drumRigText(full);
        texts[6] = setupSummary(full).dump();
        texts[7] = setupText(full);
        texts[14] = entryWordsText({"a note", "Ada", "the hall", {"good"}, 4, true});
        return texts;
    }();
    return all;
}

bool tamper(const QString& path, const Place& at, const QByteArray& value) {
    bool done = false;
    {
        QSqlDatabase raw = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), QStringLiteral("raw"));
        raw.setDatabaseName(path);
        if (raw.open()) {
            QSqlQuery query(raw);
            query.prepare(QStringLiteral("UPDATE %1 SET %2 = ?")
                              .arg(QLatin1String(at.table), QLatin1String(at.column)));
            if (at.form == Place::Text)
                query.addBindValue(QString::fromUtf8(value));
            else if (at.form == Place::Packed)
                query.addBindValue(value.size() % 2 == 0 ? value : packedText(value.toStdString()));
            else if (at.form == Place::Bytes)
                query.addBindValue(value);
            else
                query.addBindValue(value.toDouble());
            done = query.exec();
        }
    }
    QSqlDatabase::removeDatabase(QStringLiteral("raw"));
    return done;
}

void useAll(Workbook& book) {
    (void)book.drums();
    (void)book.tones();
    (void)book.reminders();
    (void)book.entries(std::nullopt);
    (void)book.rig("plover", 1);
    if (auto stored = book.loadSession(1)) {
        for (const int position : {0, 2, 4, 1})
            (void)book.moveTo(*stored, position);
    }
    if (const auto entries = book.logEntries())
        for (const LogEntry& entry : *entries)
            (void)book.logSetup(entry.id);
    (void)book.takeSetAside();
}

} // namespace

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t maxSize,
                                               unsigned seed) {
    return fuzz::mutateJson(data, size, maxSize, seed, seeds());
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static int argc = 0;
    static const QCoreApplication application(argc, nullptr);
    if (size < 1)
        return 0;
    const QString path = file("one.bombo");
    for (const char* part : {"", "-wal", "-shm"})
        QFile::remove(path + QLatin1String(part));
    {
        QFile copy(path);
        if (!copy.open(QIODevice::WriteOnly) || copy.write(whole()) != whole().size())
            std::abort();
    }
    const QByteArray value(reinterpret_cast<const char*>(data) + 1, static_cast<qsizetype>(size - 1));
    if (!tamper(path, kTampered[data[0] % kTamperedCount], value))
        return 0;
    if (const auto book = Workbook::open(path))
        useAll(**book);
    return 0;
}

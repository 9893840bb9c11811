#include "store/rescue.h"

#include "store/resources.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"
#include "store/times.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <algorithm>

namespace bombo {
namespace {

using Problem = std::optional<WorkbookProblem>;

/// In the order in which rows may refer to one another.
const QStringList kTables{
    QStringLiteral("workbook"),     QStringLiteral("drums"),       QStringLiteral("tones"),
    QStringLiteral("sessions"),     QStringLiteral("steps"),       QStringLiteral("rig"),
    QStringLiteral("readings"),     QStringLiteral("log_entries"), QStringLiteral("recordings"),
    QStringLiteral("gauge_points"), QStringLiteral("damaged")};

int versionOf(const QSqlDatabase& database) {
    Statement read(database, QStringLiteral("PRAGMA user_version"));
    const int version = read.ok() && read.query().next() ? read.query().value(0).toInt() : 0;
    return version >= 1 && version <= Workbook::newestVersion() ? version : Workbook::newestVersion();
}

/// An empty workbook of that version.
Problem makeEmpty(const QSqlDatabase& database, int version, const QString& path) {
    const QStringList files = migrationFiles();
    QStringList all{QStringLiteral("PRAGMA application_id = %1").arg(kApplicationId),
                    QStringLiteral("BEGIN")};
    for (int next = 0; next < version; ++next)
        all << statementsOf(files[next]);
    all << QStringLiteral("PRAGMA user_version = %1").arg(version) << QStringLiteral("COMMIT");
    for (const QString& sql : all)
        if (Statement run(database, sql); !run.ok())
            return problemOf(run.error(), path);
    return std::nullopt;
}

struct TableShape {
    QStringList columns;
    QStringList key;
};

TableShape shapeOf(const QSqlDatabase& database, const QString& table) {
    TableShape shape;
    Statement info(database, QStringLiteral("PRAGMA table_info(%1)").arg(table));
    while (info.ok() && info.query().next()) {
        shape.columns << info.query().value(1).toString();
        if (info.query().value(5).toInt() > 0)
            shape.key << info.query().value(1).toString();
    }
    return shape;
}

/// Rows one way until the end or until one cannot be read.
/// @return whether the end was reached
bool copyRows(const QSqlDatabase& from, const QSqlDatabase& to, const QString& table, const TableShape& shape,
              const QString& way, int& copied, int& refused) {
    QStringList order;
    for (const QString& column : shape.key)
        order << column + QLatin1Char(' ') + way;
    QSqlQuery read(from);
    read.setForwardOnly(true);
    if (!read.exec(
            QStringLiteral("SELECT %1 FROM %2 ORDER BY %3")
                .arg(shape.columns.join(QStringLiteral(", ")), table, order.join(QStringLiteral(", ")))))
        return false;
    QSqlQuery write(to);
    write.prepare(
        QStringLiteral("INSERT OR IGNORE INTO %1(%2) VALUES(%3)")
            .arg(table, shape.columns.join(QStringLiteral(", ")),
                 QStringList(shape.columns.size(), QStringLiteral("?")).join(QStringLiteral(", "))));
    while (read.next()) {
        for (int column = 0; column < shape.columns.size(); ++column)
            write.bindValue(column, read.value(column));
        if (!write.exec())
            ++refused;
        else
            copied += write.numRowsAffected();
    }
    return !read.lastError().isValid();
}

void copyTable(const QSqlDatabase& from, const QSqlDatabase& to, const QString& table, Rescued& rescued) {
    const TableShape shape = shapeOf(to, table);
    if (shape.columns.isEmpty())
        return; // not yet in that version
    Statement kind(from,
                   QStringLiteral("SELECT type = 'table' AND sql NOT LIKE '%VIRTUAL%' AND sql NOT LIKE "
                                  "'%GENERATED%' FROM sqlite_schema WHERE name = ?"),
                   {table});
    if (!kind.ok() || !kind.query().next() || !kind.query().value(0).toBool()) {
        rescued.lost << QStringLiteral("all of %1: it is no table of Bombo's").arg(table);
        return;
    }
    int copied = 0;
    int refused = 0;
    if (!copyRows(from, to, table, shape, QStringLiteral("ASC"), copied, refused)) {
        copyRows(from, to, table, shape, QStringLiteral("DESC"), copied, refused);
        rescued.lost << QStringLiteral("some or all of %1: the file cannot be read there").arg(table);
    }
    if (refused > 0)
        rescued.lost << QStringLiteral("%1 of %2: what they hold makes no row").arg(refused).arg(table);
    rescued.rows[table] = copied;
}

template <class T> std::optional<InputProblem> faultOf(const Result<T, InputProblem>& read) {
    return read ? std::nullopt : std::optional(read.fault());
}

/// Drums and tones that are no longer any are named, and kept among what is damaged.
void dropDamaged(const QSqlDatabase& database, Rescued& rescued) {
    for (const QString& table : {QStringLiteral("drums"), QStringLiteral("tones")}) {
        const bool drums = table == QLatin1String("drums");
        QStringList gone;
        Statement read(database, QStringLiteral("SELECT id, description FROM %1").arg(table));
        while (read.ok() && read.query().next()) {
            const Json json = parsedJson(read.query().value(1).toString().toStdString());
            const std::optional<InputProblem> problem =
                drums ? faultOf(drumFromJson(json, {})) : faultOf(toneFromJson(json));
            if (!problem)
                continue;
            gone << read.query().value(0).toString();
            rescued.lost << QStringLiteral("the %1 %2: %3")
                                .arg(drums ? QStringLiteral("drum") : QStringLiteral("tone"), gone.back(),
                                     QString::fromStdString(problem->text()));
        }
        for (const QString& id : gone) {
            const Statement keep(
                database,
                QStringLiteral("INSERT INTO damaged(part, place, value, set_aside_at) SELECT '%1', "
                               "id, description, ? FROM %1 WHERE id = ?")
                    .arg(table),
                {timeNow(), id});
            const Statement drop(database, QStringLiteral("DELETE FROM %1 WHERE id = ?").arg(table), {id});
        }
    }
}

} // namespace

namespace {

/// A copy of the file with its log, in a folder of its own: SQLite may tidy up what it opens. Where it cannot
/// be made, the folder for it is to blame and not the file.
std::optional<WorkbookProblem> copyAside(const QString& from, const QTemporaryDir& folder,
                                         const QString& source) {
    const auto full = [&] { return WorkbookProblem{WorkbookFault::DiskFull, folder.path(), {}}; };
    if (!folder.isValid())
        return full();
    QFile in(from);
    if (!in.open(QIODevice::ReadOnly))
        return WorkbookProblem{WorkbookFault::DiskFailing, from, in.errorString()};
    if (!in.copy(source))
        return full();
    if (const QString log = from + QStringLiteral("-wal"); QFileInfo::exists(log))
        if (!QFile::copy(log, source + QStringLiteral("-wal")))
            return full();
    return std::nullopt;
}

/// Sessions and entries whose drum is in none of the rows.
void bringBackDrums(SqliteWorkbook& book, const QString& making, Rescued& rescued) {
    QStringList wanted;
    {
        const Connection raw(making);
        Statement read(raw.database, QStringLiteral("SELECT drum_id FROM sessions UNION SELECT drum_id FROM "
                                                    "log_entries EXCEPT SELECT id FROM drums"));
        while (read.ok() && read.query().next())
            wanted << read.query().value(0).toString();
    }
    for (const QString& id : wanted) {
        const auto found = book.lostDrum(id.toStdString());
        if (found && book.addDrum(*found))
            rescued.rows[QStringLiteral("drums")]++;
        else
            rescued.lost << QStringLiteral("the drum %1: nothing that was done on it can be read").arg(id);
    }
}

} // namespace

Result<Rescued, WorkbookProblem> rescueWorkbook(const QString& link, const QString& to) {
    const QFileInfo file(link);
    if (!file.exists())
        return failure(WorkbookProblem{WorkbookFault::NotFound, link, {}});
    if (!file.isFile() || file.size() == 0)
        return failure(WorkbookProblem{WorkbookFault::NotAWorkbook, link, {}});
    if (QFileInfo::exists(to))
        return failure(WorkbookProblem{WorkbookFault::Exists, to, {}});
    const QString from = file.canonicalFilePath();
    // Beside the new one: there is room for it, or there is none for that either.
    const QTemporaryDir folder(QFileInfo(to).absoluteDir().filePath(QStringLiteral(".bombo-rescue-XXXXXX")));
    const QString source = folder.filePath(QStringLiteral("source"));
    if (auto problem = copyAside(from, folder, source))
        return failure(*problem);
    const QString making = folder.filePath(QStringLiteral("making"));
    Rescued rescued;
    {
        const Connection old(source, {}, true);
        const Connection made(making);
        Statement readable(old.database, QStringLiteral("SELECT COUNT(*) FROM sqlite_schema"));
        if (!old.isOpen || !readable.ok() || !readable.query().next())
            return failure(WorkbookProblem{WorkbookFault::NotAWorkbook, from, readable.error().text()});
        if (auto problem = makeEmpty(made.database, versionOf(old.database), to))
            return failure(*problem);
        const Statement begin(made.database, QStringLiteral("BEGIN"));
        for (const QString& table : kTables)
            copyTable(old.database, made.database, table, rescued);
        if (Statement end(made.database, QStringLiteral("COMMIT")); !end.ok())
            return failure(problemOf(end.error(), to));
    }
    {
        auto opened = SqliteWorkbook::open(making); // and brought to the newest version
        if (!opened)
            return failure(WorkbookProblem{opened.fault().fault, to, opened.fault().detail});
        auto& book = static_cast<SqliteWorkbook&>(**opened);
        {
            const Connection raw(making);
            dropDamaged(raw.database, rescued);
        }
        bringBackDrums(book, making, rescued);
        std::vector<qint64> sessions;
        {
            const Connection raw(making);
            Statement read(raw.database, QStringLiteral("SELECT id FROM sessions ORDER BY id DESC"));
            while (read.ok() && read.query().next())
                sessions.push_back(read.query().value(0).toLongLong());
        }
        for (const qint64 id : sessions) {
            const auto session = book.loadSession(id);
            for (const SetAside& one : book.takeSetAside())
                rescued.lost << QStringLiteral("session %1, %2: %3").arg(id).arg(one.name, one.why);
            if (!session)
                rescued.lost << QStringLiteral("session %1: %2").arg(id).arg(session.fault().detail);
        }
        if (const auto copied = book.copyTo(to); !copied) // tidy, and whole or not there
            return failure(copied.fault());
    }
    return rescued;
}

} // namespace bombo

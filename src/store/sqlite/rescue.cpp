#include "store/rescue.h"

#include "store/resources.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"

#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <algorithm>
#include <set>

namespace bombo {
namespace {

using Problem = std::optional<WorkbookProblem>;

/// In the order in which rows may refer to one another.
const QStringList kTables{QStringLiteral("workbook"),   QStringLiteral("drums"),
                          QStringLiteral("tones"),      QStringLiteral("sessions"),
                          QStringLiteral("steps"),      QStringLiteral("rig"),
                          QStringLiteral("readings"),   QStringLiteral("log_entries"),
                          QStringLiteral("recordings"), QStringLiteral("gauge_points")};

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

/// Drums and tones that are no longer any are left behind.
void dropDamaged(const QSqlDatabase& database, Rescued& rescued) {
    for (const QString& table : {QStringLiteral("drums"), QStringLiteral("tones")}) {
        const bool drums = table == QLatin1String("drums");
        QStringList gone;
        Statement read(database, QStringLiteral("SELECT id, description FROM %1").arg(table));
        while (read.ok() && read.query().next()) {
            const Json json = Json::parse(read.query().value(1).toString().toStdString(), nullptr, false);
            const std::optional<InputProblem> problem =
                drums ? faultOf(drumFromJson(json, {})) : faultOf(toneFromJson(json));
            if (!problem)
                continue;
            gone << read.query().value(0).toString();
            rescued.lost << QStringLiteral("the %1 %2: %3")
                                .arg(drums ? QStringLiteral("drum") : QStringLiteral("tone"), gone.back(),
                                     QString::fromStdString(problem->text()));
        }
        for (const QString& id : gone)
            const Statement drop(database, QStringLiteral("DELETE FROM %1 WHERE id = ?").arg(table), {id});
    }
}

} // namespace

Result<Rescued, WorkbookProblem> rescueWorkbook(const QString& from, const QString& to) {
    if (!QFileInfo::exists(from))
        return failure(WorkbookProblem{WorkbookFault::NotFound, from, {}});
    if (QFileInfo::exists(to))
        return failure(WorkbookProblem{WorkbookFault::Exists, to, {}});
    // Read from a copy: SQLite may tidy up what it opens.
    const QTemporaryDir folder;
    const QString source = folder.filePath(QStringLiteral("source"));
    if (!folder.isValid() || !QFile::copy(from, source))
        return failure(WorkbookProblem{WorkbookFault::DiskFailing, from, {}});
    if (const QString log = from + QStringLiteral("-wal"); QFileInfo::exists(log))
        QFile::copy(log, source + QStringLiteral("-wal"));
    const QString making = folder.filePath(QStringLiteral("making"));
    Rescued rescued;
    {
        const Connection old(source);
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
        auto opened = Workbook::open(making); // and brought to the newest version
        if (!opened)
            return failure(WorkbookProblem{opened.fault().fault, to, opened.fault().detail});
        Workbook& book = **opened;
        {
            const Connection raw(making);
            dropDamaged(raw.database, rescued);
        }
        // A drum that is lost stands in its sessions.
        std::set<std::string> known;
        for (const DrumRow& row : book.drums().value())
            known.insert(row.drum.id);
        std::vector<std::pair<qint64, QString>> sessions;
        {
            const Connection raw(making);
            Statement read(raw.database, QStringLiteral("SELECT id, drum_id FROM sessions ORDER BY id DESC"));
            while (read.ok() && read.query().next())
                sessions.emplace_back(read.query().value(0).toLongLong(), read.query().value(1).toString());
        }
        for (const auto& [id, drum] : sessions) {
            const auto session = book.loadSession(id);
            for (const SetAside& one : book.takeSetAside())
                rescued.lost << QStringLiteral("session %1, %2: %3").arg(id).arg(one.name, one.why);
            if (!session)
                rescued.lost << QStringLiteral("session %1: %2").arg(id).arg(session.fault().detail);
            else if (known.insert(drum.toStdString()).second)
                if (book.addDrum({session->work.drum, session->work.practiceSeed, session->work.tone.id}))
                    rescued.rows[QStringLiteral("drums")]++;
        }
        if (const auto copied = book.copyTo(to); !copied) // tidy, and whole or not there
            return failure(copied.fault());
    }
    return rescued;
}

} // namespace bombo

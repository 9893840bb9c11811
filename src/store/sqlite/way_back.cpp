#include "store/way_back.h"

#include "store/file_check.h"
#include "store/sqlite/sql.h"
#include "store/workbook.h"

#include <QFile>
#include <QFileInfo>
#include <QtSql/QSqlRecord>

namespace bombo {
namespace {

/// Rows of a table that the copy beside it lacks, by their key and time.
/// @return whether the whole table could be read
bool countMissing(const QSqlDatabase& file, const QString& table, const QString& key, const QString& time,
                  int& count, QDateTime& last) {
    Statement read(file, QStringLiteral("SELECT %2 FROM main.%1 EXCEPT SELECT %2 FROM copy.%1")
                             .arg(table, key + QStringLiteral(", ") + time));
    if (!read.ok())
        return false;
    const int at = read.query().record().count() - 1;
    while (read.query().next()) {
        ++count;
        const QDateTime made = QDateTime::fromString(read.query().value(at).toString(), Qt::ISODate);
        if (made.isValid() && (!last.isValid() || made > last))
            last = made;
    }
    return !read.brokeOff();
}

/// A free name beside the workbook.
QString asideOf(const QString& workbook) {
    const QString stem = workbook + QStringLiteral(".damaged");
    QString name = stem;
    for (int count = 2; QFileInfo::exists(name); ++count)
        name = stem + QStringLiteral("-%1").arg(count);
    return name;
}

} // namespace

std::optional<WayBack> wayBack(const QString& workbook) {
    const std::atomic<bool> stop = false;
    for (const Backup& copy : backupsOf(workbook)) {
        if (checkThoroughly(copy.path, stop))
            continue;
        WayBack way{copy, 0, 0, {}, false};
        const ReadOnlyPlace place = readOnlyPlace(workbook);
        const Connection file(place.name, place.options);
        const Statement attach(file.database, QStringLiteral("ATTACH ? AS copy"),
                               {readOnlyPlace(copy.path).name});
        if (file.isOpen && attach.ok()) {
            const bool steps = countMissing(file.database, QStringLiteral("steps"),
                                            QStringLiteral("session_id, position, command"),
                                            QStringLiteral("made_at"), way.steps, way.lastStep);
            QDateTime lastSetup; // a setup is a step as well
            const bool setups =
                countMissing(file.database, QStringLiteral("log_entries"), QStringLiteral("id"),
                             QStringLiteral("saved_at"), way.setups, lastSetup);
            way.isCounted = steps && setups;
        }
        return way;
    }
    return std::nullopt;
}

Result<QString, WorkbookProblem> goBackTo(const Backup& copy, const QString& workbook) {
    // The new file is whole before the old one moves: a full disk costs nothing.
    const QString making = workbook + QStringLiteral(".making");
    QFile::remove(making);
    if (!QFile::copy(copy.path, making)) {
        QFile::remove(making);
        return failure(WorkbookProblem{WorkbookFault::DiskFull, workbook, {}});
    }
    QFile::setPermissions(making, QFile::permissions(making) | QFile::WriteOwner | QFile::WriteUser);
    const QString aside = asideOf(workbook);
    if (QFileInfo::exists(workbook) && !QFile::rename(workbook, aside)) {
        QFile::remove(making);
        return failure(WorkbookProblem{WorkbookFault::Unreachable, workbook, {}});
    }
    // What stands in its log belongs to the damaged file; beside the copy it would be taken for the copy's.
    for (const char* part : {"-wal", "-shm", "-journal"})
        QFile::rename(workbook + QLatin1String(part), aside + QLatin1String(part));
    if (!QFile::rename(making, workbook))
        return failure(WorkbookProblem{WorkbookFault::Unreachable, workbook, {}});
    return aside;
}

} // namespace bombo

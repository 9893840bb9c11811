#include "store/sqlite/damage.h"

#include "store/file_check.h"

namespace bombo {

std::optional<WorkbookProblem> damageIn(const QSqlDatabase& database, const QString& table,
                                        const QString& path) {
    const QString what = table.isEmpty() ? QStringLiteral("1") : QStringLiteral("'%1'").arg(table);
    Statement check(database, QStringLiteral("PRAGMA quick_check(%1)").arg(what));
    if (!check.ok() || !check.query().next())
        return problemOf(check.error(), path);
    if (const QString found = check.query().value(0).toString(); found != QStringLiteral("ok"))
        return WorkbookProblem{WorkbookFault::Damaged, path,
                               found.section(QLatin1Char('\n'), -1)}; // after the name of the database
    return std::nullopt;
}

std::optional<WorkbookProblem> checkThoroughly(const QString& path, const std::atomic<bool>& stop) {
    const ReadOnlyPlace place = readOnlyPlace(path);
    const Connection file(place.name, place.options);
    if (!file.isOpen)
        return problemOf(file.database.lastError(), path);
    QStringList tables;
    Statement names(file.database, QStringLiteral("SELECT name FROM sqlite_schema WHERE type = 'table'"));
    if (!names.ok())
        return problemOf(names.error(), path);
    while (names.query().next())
        tables << names.query().value(0).toString();
    for (const QString& table : tables) {
        if (stop)
            return std::nullopt;
        if (auto problem = damageIn(file.database, table, path))
            return problem;
    }
    return std::nullopt;
}

} // namespace bombo

#pragma once
/// Copies of a workbook beside it: one a day, and one before each change of its format.
#include <QDateTime>
#include <QString>
#include <vector>

namespace bombo {

struct Backup {
    QString path;
    QDateTime madeAt;
};
/// The newest first.
std::vector<Backup> backupsOf(const QString& workbook);

/// Where the copy of a day stands.
QString dailyBackup(const QString& workbook, const QDate& day);
/// Removes the daily copies but for the newest. Those of days to come, from a clock that was ahead, go first;
/// that of `today` never.
void dropOldBackups(const QString& workbook, const QDate& today, int keep = 7);

} // namespace bombo

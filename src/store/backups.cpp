#include "store/backups.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QRegularExpression>

namespace bombo {
namespace {

/// Plain names: brackets and stars in the workbook's own name are no patterns.
QFileInfoList beside(const QString& workbook, const QString& ending) {
    const QFileInfo file(workbook);
    const QRegularExpression name(
        QRegularExpression::anchoredPattern(QRegularExpression::escape(file.fileName()) + ending));
    QFileInfoList found;
    for (const QFileInfo& one : file.absoluteDir().entryInfoList(QDir::Files, QDir::Time))
        if (name.match(one.fileName()).hasMatch())
            found << one;
    return found;
}

const QString kDaily = QStringLiteral("\\.\\d{4}-\\d{2}-\\d{2}\\.bak");

} // namespace

std::vector<Backup> backupsOf(const QString& workbook) {
    std::vector<Backup> backups;
    for (const QFileInfo& one :
         beside(workbook, QStringLiteral("\\.(\\d{4}-\\d{2}-\\d{2}|before-v\\d+)\\.bak")))
        backups.push_back({one.absoluteFilePath(), one.lastModified()});
    return backups;
}

QString dailyBackup(const QString& workbook, const QDate& day) {
    return QStringLiteral("%1.%2.bak").arg(workbook, day.toString(Qt::ISODate));
}

void dropOldBackups(const QString& workbook, const QDate& today, int keep) {
    QStringList daily; // the oldest first
    QStringList ahead;
    const QString now = dailyBackup(QFileInfo(workbook).absoluteFilePath(), today);
    for (const QFileInfo& one : beside(workbook, kDaily))
        (one.absoluteFilePath() > now ? ahead : daily) << one.absoluteFilePath();
    daily.sort(); // by their dates
    ahead.sort();
    daily = ahead + daily;
    for (qsizetype i = 0; i < daily.size() - keep; ++i)
        QFile::remove(daily[i]);
}

} // namespace bombo

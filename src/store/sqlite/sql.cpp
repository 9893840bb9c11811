#include "store/sqlite/sql.h"

#include <QFileInfo>
#include <QUrl>
#include <QtSql/QSqlDriver>
#include <atomic>
#include <sqlite3.h>

namespace bombo {

WorkbookProblem problemOf(const QSqlError& error, const QString& path) {
    // Primary result codes of SQLite; extended codes carry them in the low byte.
    switch (error.nativeErrorCode().toInt() & 0xFF) {
    case 5:
    case 6:
        return {WorkbookFault::Busy, path, error.text()};
    case 8:
        return {WorkbookFault::ReadOnly, path, error.text()};
    case 10: // an I/O error says nothing of the file
        return {WorkbookFault::DiskFailing, path, error.text()};
    case 11:
        return {WorkbookFault::Damaged, path, error.text()};
    case 14:
        return {WorkbookFault::Unreachable, path, error.text()};
    case 13:
        return {WorkbookFault::DiskFull, path, error.text()};
    case 26:
        return {WorkbookFault::NotAWorkbook, path, error.text()};
    default:
        return {WorkbookFault::Failed, path, error.text()};
    }
}

Statement::Statement(const QSqlDatabase& database, const QString& sql, std::initializer_list<QVariant> values)
    : m_query(database) {
    m_query.setForwardOnly(true);
    if (!m_query.prepare(sql))
        return;
    for (const QVariant& value : values)
        m_query.addBindValue(value);
    m_ok = m_query.exec();
}

Transaction::Transaction(const QSqlDatabase& database) : m_database(database) {
    QSqlQuery begin(m_database);
    m_open = begin.exec(QStringLiteral("BEGIN IMMEDIATE"));
    m_error = begin.lastError();
}

Transaction::~Transaction() {
    if (m_open)
        QSqlQuery(m_database).exec(QStringLiteral("ROLLBACK"));
}

bool Transaction::commit() {
    QSqlQuery end(m_database);
    if (!end.exec(QStringLiteral("COMMIT"))) {
        m_error = end.lastError();
        return false;
    }
    m_open = false;
    return true;
}

void harden(const QSqlDatabase& database, bool isRescue) {
    const QVariant handle = database.driver()->handle();
    if (!handle.isValid() || qstrcmp(handle.typeName(), "sqlite3*") != 0)
        return;
    sqlite3* file = *static_cast<sqlite3* const*>(handle.constData());
    sqlite3_db_config(file, SQLITE_DBCONFIG_DEFENSIVE, isRescue ? 0 : 1, nullptr);
    sqlite3_db_config(file, SQLITE_DBCONFIG_TRUSTED_SCHEMA, 0, nullptr);
    sqlite3_db_config(file, SQLITE_DBCONFIG_ENABLE_VIEW, 0, nullptr);
    sqlite3_db_config(file, SQLITE_DBCONFIG_ENABLE_TRIGGER, 0, nullptr);
    sqlite3_limit(file, SQLITE_LIMIT_LENGTH, kLargestValue);
}

Connection::Connection(const QString& file, const QString& options, bool isRescue) {
    static std::atomic<int> count = 0; // connection names must differ; nothing else is shared
    m_name = QStringLiteral("reading-%1").arg(++count);
    database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), m_name);
    database.setDatabaseName(file);
    database.setConnectOptions(options);
    isOpen = database.open();
    if (isOpen)
        harden(database, isRescue);
    if (isOpen && isRescue) // before the file is first read
        const Statement lenient(database, QStringLiteral("PRAGMA writable_schema = ON"));
}

Connection::~Connection() {
    database.close();
    database = QSqlDatabase();
    QSqlDatabase::removeDatabase(m_name);
}

ReadOnlyPlace readOnlyPlace(const QString& link) {
    // The log lies beside the file itself, not beside a link to it.
    const QString real = QFileInfo(link).canonicalFilePath();
    const QString file = real.isEmpty() ? link : real;
    const bool hasLog = QFileInfo::exists(file + QStringLiteral("-wal"));
    return {QString::fromUtf8(QUrl::fromLocalFile(QFileInfo(file).absoluteFilePath()).toEncoded()) +
                (hasLog ? QStringLiteral("?mode=ro") : QStringLiteral("?immutable=1")),
            QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000;QSQLITE_OPEN_READONLY;QSQLITE_OPEN_URI")};
}

} // namespace bombo

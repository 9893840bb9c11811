#include "store/sqlite/sql.h"

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

} // namespace bombo

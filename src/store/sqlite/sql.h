#pragma once
/// Small helpers around QSqlQuery for the workbook. Private to this folder.
#include "store/records.h"

#include <QVariant>
#include <QtSql/QSqlDatabase>
#include <QtSql/QSqlError>
#include <QtSql/QSqlQuery>

namespace bombo {

/// The database's error as a problem of this file.
WorkbookProblem problemOf(const QSqlError& error, const QString& path);

/// Prepares, binds and runs one statement.
class Statement {
public:
    Statement(const QSqlDatabase& database, const QString& sql, std::initializer_list<QVariant> values = {});
    bool ok() const { return m_ok; }
    QSqlQuery& query() { return m_query; }
    QSqlError error() const { return m_query.lastError(); }
    /// The rows ended because the file cannot be read there.
    bool brokeOff() const { return m_query.lastError().isValid(); }

private:
    QSqlQuery m_query;
    bool m_ok = false;
};

/// BEGIN IMMEDIATE .. COMMIT; rolls back when it goes out of scope uncommitted.
class Transaction {
public:
    explicit Transaction(const QSqlDatabase& database);
    ~Transaction();
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    bool begun() const { return m_open; }
    bool commit();
    const QSqlError& error() const { return m_error; }

private:
    QSqlDatabase m_database;
    QSqlError m_error;
    bool m_open = false;
};

/// A connection of its own for the thread that makes it, closed when it goes.
class Connection {
public:
    explicit Connection(const QString& file, const QString& options = {});
    ~Connection();
    Connection(const Connection&) = delete;
    Connection& operator=(const Connection&) = delete;

    QSqlDatabase database;
    bool isOpen = false;

private:
    QString m_name;
};

/// For reading alone: of a file with nothing pending nothing is made beside it.
struct ReadOnlyPlace {
    QString name;
    QString options;
};
ReadOnlyPlace readOnlyPlace(const QString& file);

} // namespace bombo

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
    /// One that cannot be begun.
    explicit Transaction(WorkbookProblem problem) : m_problem(std::move(problem)) {}
    ~Transaction();
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    bool begun() const { return m_open; }
    bool commit();
    WorkbookProblem problem(const QString& path) const {
        return m_problem ? *m_problem : problemOf(m_error, path);
    }

private:
    QSqlDatabase m_database;
    QSqlError m_error;
    std::optional<WorkbookProblem> m_problem;
    bool m_open = false;
};

/// What comes from a stranger stays inert: nothing in the schema is trusted, the schema itself cannot be
/// written, no value is larger than Bombo ever writes. To be called on every connection once it is open.
/// @param isRescue the schema is read whatever the head of the file says of its length
void harden(const QSqlDatabase& database, bool isRescue = false);
inline constexpr int kLargestValue = 32 << 20; ///< bytes, of a text or blob in a row

/// A connection of its own for the thread that makes it, closed when it goes.
class Connection {
public:
    /// @param isRescue the file is damaged: its schema is read whatever its head says of its length
    explicit Connection(const QString& file, const QString& options = {}, bool isRescue = false);
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

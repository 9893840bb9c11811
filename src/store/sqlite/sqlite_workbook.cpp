/// SqliteWorkbook: the file itself, opened, checked, brought to the newest version and copied.
#include "store/sqlite/sqlite_workbook.h"

#include "store/backups.h"
#include "store/resources.h"
#include "store/sqlite/damage.h"
#include "store/sqlite/sql.h"

#include <QFile>
#include <QFileInfo>
#include <atomic>
#include <utility>

namespace bombo {
namespace {

constexpr qint64 kCheckedAtOnce = 16 << 20; // bytes; read in a tenth of a second even from a slow disk

int pragma(const QSqlDatabase& database, const QString& name) {
    Statement read(database, QStringLiteral("PRAGMA ") + name);
    return read.ok() && read.query().next() ? read.query().value(0).toInt() : 0;
}

/// What is acknowledged is on disk, and references hold.
void makeDurable(const QSqlDatabase& database) {
    for (const char* setting : {"journal_mode = WAL", "synchronous = FULL", "foreign_keys = ON"})
        const Statement run(database, QStringLiteral("PRAGMA ") + QLatin1String(setting));
}

} // namespace

WorkbookProblem damaged(const QString& path, const InputProblem& problem) {
    return {WorkbookFault::Damaged, path, QString::fromStdString(problem.text())};
}

SqliteWorkbook::SqliteWorkbook(QString path) : m_path(std::move(path)) {
    static std::atomic<int> count = 0; // connection names must differ; nothing else is shared
    m_connection = QStringLiteral("workbook-%1").arg(++count);
}

SqliteWorkbook::~SqliteWorkbook() {
    m_database.close();
    m_database = QSqlDatabase();
    QSqlDatabase::removeDatabase(m_connection);
}

Workbook::Outcome<std::unique_ptr<Workbook>> Workbook::open(const QString& path) {
    return SqliteWorkbook::open(path);
}

Workbook::Outcome<std::unique_ptr<Workbook>> Workbook::create(const QString& path, const Fill& fill) {
    return SqliteWorkbook::create(path, fill);
}

int Workbook::newestVersion() {
    return static_cast<int>(migrationFiles().size());
}

SqliteWorkbook::Problem SqliteWorkbook::connect(bool mayCreate) {
    // A file without any write permission is left alone even where the system (root) would let us write.
    const QFileInfo info(m_path);
    // In a folder without it SQLite cannot keep its log beside the file.
    const QFileInfo folder(info.absolutePath());
    const auto closed = [](const QFileInfo& one) {
        return !one.isWritable() || !one.permission(QFile::WriteOwner);
    };
    m_readOnly = !mayCreate && (closed(info) || closed(folder));
    m_database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), m_connection);
    m_database.setDatabaseName(m_path);
    QString options = QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000");
    if (m_readOnly) {
        const ReadOnlyPlace place = readOnlyPlace(m_path);
        options = place.options;
        m_database.setDatabaseName(place.name);
    }
    m_database.setConnectOptions(options);
    if (!m_database.open())
        return problemOf(m_database.lastError(), m_path);
    return std::nullopt;
}

SqliteWorkbook::Problem SqliteWorkbook::checkFile() {
    // A large file takes seconds: it is looked through while one works already, see checkThoroughly.
    m_checked = QFileInfo(m_path).size() <= kCheckedAtOnce;
    if (m_checked) {
        if (auto problem = damageIn(m_database, {}, m_path))
            return problem;
    } else if (Statement head(m_database, QStringLiteral("SELECT COUNT(*) FROM sqlite_schema")); !head.ok()) {
        return problemOf(head.error(), m_path);
    }
    if (pragma(m_database, QStringLiteral("application_id")) != kApplicationId)
        return WorkbookProblem{WorkbookFault::NotAWorkbook, m_path, {}};
    const int version = pragma(m_database, QStringLiteral("user_version"));
    if (version > newestVersion())
        return WorkbookProblem{WorkbookFault::NewerVersion, m_path, {}};
    if (version < 1)
        return WorkbookProblem{WorkbookFault::Damaged, m_path, QStringLiteral("version %1").arg(version)};
    return std::nullopt;
}

SqliteWorkbook::Problem SqliteWorkbook::migrate() {
    const int version = pragma(m_database, QStringLiteral("user_version"));
    const QStringList files = migrationFiles();
    for (int next = version + 1; next <= files.size(); ++next) {
        if (version > 0) {
            const QString backup = QStringLiteral("%1.before-v%2.bak").arg(m_path).arg(next);
            if (!QFile::exists(backup))
                if (const auto copied = copyTo(backup); !copied)
                    return copied.fault();
        }
        Transaction transaction(m_database);
        if (!transaction.begun())
            return problemOf(transaction.error(), m_path);
        for (const QString& sql : statementsOf(files[next - 1])) {
            Statement run(m_database, sql);
            if (!run.ok())
                return problemOf(run.error(), m_path);
        }
        const Statement run(m_database, QStringLiteral("PRAGMA user_version = %1").arg(next));
        if (!transaction.commit())
            return problemOf(transaction.error(), m_path);
    }
    return std::nullopt;
}

SqliteWorkbook::Outcome<std::unique_ptr<Workbook>> SqliteWorkbook::open(const QString& path) {
    if (!QFileInfo::exists(path))
        return failure(WorkbookProblem{WorkbookFault::NotFound, path, {}});
    std::unique_ptr<SqliteWorkbook> book(new SqliteWorkbook(path));
    if (auto problem = book->connect(false))
        return failure(*problem);
    if (auto problem = book->checkFile())
        return failure(*problem);
    if (book->m_readOnly) {
        if (pragma(book->m_database, QStringLiteral("user_version")) < newestVersion())
            return failure(WorkbookProblem{WorkbookFault::ReadOnly, path, {}});
        return std::unique_ptr<Workbook>(std::move(book));
    }
    makeDurable(book->m_database);
    if (auto problem = book->migrate())
        return failure(*problem);
    book->m_backupDue = true;
    return std::unique_ptr<Workbook>(std::move(book));
}

/// Everything a new workbook holds, in a file that is closed again.
SqliteWorkbook::Problem SqliteWorkbook::build(const QString& path, const Fill& fill) {
    SqliteWorkbook book(path);
    if (auto problem = book.connect(true))
        return problem;
    Statement mark(book.m_database, QStringLiteral("PRAGMA application_id = %1").arg(kApplicationId));
    if (!mark.ok())
        return problemOf(mark.error(), path);
    makeDurable(book.m_database);
    if (auto problem = book.migrate())
        return problem;
    return fill ? fill(book) : std::nullopt;
}

SqliteWorkbook::Outcome<std::unique_ptr<Workbook>> SqliteWorkbook::create(const QString& path,
                                                                          const Fill& fill) {
    if (QFileInfo::exists(path))
        return failure(WorkbookProblem{WorkbookFault::Exists, path, {}});
    const QString making = path + QStringLiteral(".making");
    const auto clear = [&making] { // what a crash may have left is of no use to anybody
        for (const char* part : {"", "-wal", "-shm", "-journal"})
            QFile::remove(making + QLatin1String(part));
    };
    clear();
    if (auto problem = build(making, fill)) {
        clear();
        problem->path = path;
        return failure(*problem);
    }
    if (!QFile::rename(making, path)) { // never over another file
        clear();
        return failure(WorkbookProblem{WorkbookFault::Exists, path, {}});
    }
    auto opened = open(path);
    if (opened)
        static_cast<SqliteWorkbook&>(**opened).m_backupDue = false; // nothing in it that could be lost
    return opened;
}

Transaction SqliteWorkbook::writing() {
    beforeWriting();
    return Transaction(m_database);
}

/// Called by whatever writes. A copy that cannot be made is told and does not stop the work.
void SqliteWorkbook::beforeWriting() {
    if (!std::exchange(m_backupDue, false))
        return;
    const QString backup = dailyBackup(m_path, QDate::currentDate());
    if (QFileInfo::exists(backup))
        return;
    if (const auto copied = copyTo(backup); !copied) {
        setAside({SetAside::What::Backup, backup, copied.fault().detail});
        return;
    }
    dropOldBackups(m_path);
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::copyTo(const QString& path) const {
    if (QFileInfo::exists(path))
        return failure(WorkbookProblem{WorkbookFault::Exists, path, {}});
    // Beside it first: a full disk leaves no stump under the name.
    const QString making = path + QStringLiteral(".making");
    QFile::remove(making);
    Statement copy(m_database, QStringLiteral("VACUUM INTO ?"), {making});
    if (!copy.ok()) {
        QFile::remove(making);
        return failure(problemOf(copy.error(), path));
    }
    if (!QFile::rename(making, path)) {
        QFile::remove(making);
        return failure(WorkbookProblem{WorkbookFault::Unreachable, path, {}});
    }
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::setValue(const QString& key, const QString& value) {
    if (this->value(key) == value)
        return Done{};
    beforeWriting();
    Statement set(
        m_database,
        QStringLiteral(
            "INSERT INTO workbook VALUES(?, ?) ON CONFLICT(key) DO UPDATE SET value = excluded.value"),
        {key, value});
    if (!set.ok())
        return failure(problemOf(set.error(), m_path));
    return Done{};
}

QString SqliteWorkbook::value(const QString& key) const {
    Statement read(m_database, QStringLiteral("SELECT value FROM workbook WHERE key = ?"), {key});
    return read.ok() && read.query().next() ? read.query().value(0).toString() : QString();
}

void SqliteWorkbook::limitSize(int pages) {
    const Statement run(m_database, QStringLiteral("PRAGMA max_page_count = %1").arg(pages));
}

} // namespace bombo

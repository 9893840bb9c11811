/// SqliteWorkbook: the file itself, opened, checked, brought to the newest version and copied.
#include "store/sqlite/sqlite_workbook.h"

#include "store/backups.h"
#include "store/resources.h"
#include "store/sqlite/damage.h"
#include "store/sqlite/sql.h"

#include <QFile>
#include <QFileInfo>
#include <atomic>
#include <map>
#include <sys/stat.h>
#include <tuple>
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
    harden(m_database);
    return std::nullopt;
}

namespace {

using SchemaParts = std::map<QString, QString>; ///< name to what made it, white space aside

/// Nothing of SQLite's own: it makes that by itself.
std::optional<SchemaParts> schemaOf(const QSqlDatabase& database) {
    Statement read(database, QStringLiteral("SELECT type, name, sql FROM sqlite_schema WHERE name NOT LIKE "
                                            "'sqlite\\_%' ESCAPE '\\'"));
    if (!read.ok())
        return std::nullopt;
    SchemaParts parts;
    while (read.query().next())
        parts[read.query().value(0).toString() + QLatin1Char(' ') + read.query().value(1).toString()] =
            read.query().value(2).toString().simplified();
    return parts;
}

/// As the migrations up to a version make it.
SchemaParts knownSchema(int version) {
    const Connection empty(QStringLiteral(":memory:"));
    const QStringList files = migrationFiles();
    for (int next = 0; next < version; ++next)
        for (const QString& sql : statementsOf(files[next]))
            const Statement run(empty.database, sql);
    return schemaOf(empty.database).value_or(SchemaParts{});
}

} // namespace

/// Views, triggers and tables of a stranger are run by whatever reads or writes: the schema has to be the one
/// that its version has, word for word.
SqliteWorkbook::Problem SqliteWorkbook::foreignParts() const {
    const auto parts = schemaOf(m_database);
    if (!parts)
        return WorkbookProblem{WorkbookFault::Damaged, m_path, QStringLiteral("its schema cannot be read")};
    const SchemaParts known = knownSchema(pragma(m_database, QStringLiteral("user_version")));
    for (const auto& [name, sql] : *parts)
        if (const auto same = known.find(name); same == known.end() || same->second != sql)
            return WorkbookProblem{WorkbookFault::Foreign, m_path, name.left(80)};
    for (const auto& [name, sql] : known)
        if (!parts->contains(name))
            return WorkbookProblem{WorkbookFault::Damaged, m_path, QStringLiteral("it has no %1").arg(name)};
    return std::nullopt;
}

SqliteWorkbook::Problem SqliteWorkbook::checkFile() {
    // A large file takes seconds: it is looked through while one works already, see checkThoroughly.
    m_checked = QFileInfo(m_path).size() <= kCheckedAtOnce;
    if (Statement head(m_database, QStringLiteral("SELECT COUNT(*) FROM sqlite_schema")); !head.ok())
        return problemOf(head.error(), m_path);
    if (pragma(m_database, QStringLiteral("application_id")) != kApplicationId)
        return WorkbookProblem{WorkbookFault::NotAWorkbook, m_path, {}};
    const int version = pragma(m_database, QStringLiteral("user_version"));
    if (version > newestVersion())
        return WorkbookProblem{WorkbookFault::NewerVersion, m_path, {}};
    if (version < 1)
        return WorkbookProblem{WorkbookFault::Damaged, m_path, QStringLiteral("version %1").arg(version)};
    if (auto problem = foreignParts())
        return problem;
    return m_checked ? damageIn(m_database, {}, m_path) : std::nullopt;
}

/// All versions that are missing in one go, after one copy: a full disk leaves the file as it was.
SqliteWorkbook::Problem SqliteWorkbook::migrate() {
    const int version = pragma(m_database, QStringLiteral("user_version"));
    const QStringList files = migrationFiles();
    if (version >= files.size())
        return std::nullopt;
    if (version > 0) {
        const QString backup = QStringLiteral("%1.before-v%2.bak").arg(m_path).arg(files.size());
        if (!QFile::exists(backup))
            if (const auto copied = copyTo(backup); !copied)
                return copied.fault();
    }
    Transaction transaction(m_database);
    if (!transaction.begun())
        return transaction.problem(m_path);
    for (qsizetype next = version; next < files.size(); ++next)
        for (const QString& sql : statementsOf(files[next]))
            if (Statement run(m_database, sql); !run.ok())
                return problemOf(run.error(), m_path);
    const Statement run(m_database, QStringLiteral("PRAGMA user_version = %1").arg(files.size()));
    if (!transaction.commit())
        return transaction.problem(m_path);
    return std::nullopt;
}

SqliteWorkbook::Outcome<std::unique_ptr<Workbook>> SqliteWorkbook::open(const QString& path) {
    const QFileInfo file(path);
    if (!file.exists())
        return failure(WorkbookProblem{WorkbookFault::NotFound, path, {}});
    if (!file.isFile()) // a pipe would be waited for, a device never ends
        return failure(WorkbookProblem{WorkbookFault::NotAWorkbook, path, {}});
    // Through a link: log and copies lie beside the file itself.
    std::unique_ptr<SqliteWorkbook> book(new SqliteWorkbook(file.canonicalFilePath()));
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
    book->noteIdentity();
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
    // To the database such a name is no file.
    if (path.startsWith(QLatin1Char(':')) || path.startsWith(QLatin1String("file:"), Qt::CaseInsensitive))
        return failure(WorkbookProblem{WorkbookFault::Unreachable, path, {}});
    if (QFileInfo::exists(path))
        return failure(WorkbookProblem{WorkbookFault::Exists, path, {}});
    const QString making = QFileInfo(path).absoluteFilePath() + QStringLiteral(".making");
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
        static_cast<SqliteWorkbook&>(**opened).m_copiedOn = QDate::currentDate(); // nothing to lose in it yet
    return opened;
}

Transaction SqliteWorkbook::writing() {
    if (auto problem = beforeWriting())
        return Transaction(std::move(*problem));
    return Transaction(m_database);
}

namespace {

std::optional<std::pair<quint64, quint64>> identityOf(const QString& path) {
    struct stat found {};
    if (::stat(QFile::encodeName(path).constData(), &found) != 0)
        return std::nullopt;
    return std::pair{static_cast<quint64>(found.st_dev), static_cast<quint64>(found.st_ino)};
}

} // namespace

void SqliteWorkbook::noteIdentity() {
    if (const auto found = identityOf(m_path))
        std::tie(m_device, m_inode) = *found;
}

/// The open file goes on being written even when it was deleted: nobody would find what is in it again.
SqliteWorkbook::Problem SqliteWorkbook::isMoved() const {
    if (m_inode == 0 || identityOf(m_path) == std::pair{m_device, m_inode})
        return std::nullopt;
    return WorkbookProblem{WorkbookFault::Moved, m_path, {}};
}

/// Called by whatever writes. A copy that cannot be made is told, does not stop the work, and is tried again.
SqliteWorkbook::Problem SqliteWorkbook::beforeWriting() {
    if (auto problem = isMoved())
        return problem;
    constexpr int again = 600; // seconds
    const QDateTime now = QDateTime::currentDateTime();
    if (m_inode == 0 || m_copiedOn == now.date() ||
        (m_copyTried.isValid() && std::abs(m_copyTried.secsTo(now)) < again))
        return std::nullopt;
    const QString backup = dailyBackup(m_path, now.date());
    if (!QFileInfo::exists(backup))
        if (const auto copied = copyTo(backup); !copied) {
            m_copyTried = now;
            setAside({SetAside::What::Backup, backup, copied.fault().detail});
            return std::nullopt;
        }
    m_copyTried = {};
    m_copiedOn = now.date();
    dropOldBackups(m_path, now.date());
    return std::nullopt;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::writeAgain() {
    if (!isMoved())
        return Done{};
    if (const auto copied = copyTo(m_path); !copied)
        return copied;
    m_database.close();
    m_database = QSqlDatabase();
    QSqlDatabase::removeDatabase(m_connection);
    if (auto problem = connect(false))
        return failure(*problem);
    makeDurable(m_database);
    noteIdentity();
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::copyTo(const QString& path) const {
    if (QFileInfo::exists(path))
        return failure(WorkbookProblem{WorkbookFault::Exists, path, {}});
    // Beside it first: a full disk leaves no stump under the name.
    const QString making = path + QStringLiteral(".making");
    const auto clear = [&making] {
        for (const char* part : {"", "-journal"})
            QFile::remove(making + QLatin1String(part));
    };
    clear();
    Statement copy(m_database, QStringLiteral("VACUUM INTO ?"), {making});
    if (!copy.ok()) {
        clear();
        return failure(problemOf(copy.error(), path));
    }
    if (!QFile::rename(making, path)) {
        clear();
        return failure(WorkbookProblem{WorkbookFault::Unreachable, path, {}});
    }
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::setValue(const QString& key, const QString& value) {
    if (this->value(key) == value)
        return Done{};
    if (auto problem = beforeWriting())
        return failure(*problem);
    Statement set(
        m_database,
        QStringLiteral(
            "INSERT INTO workbook VALUES(?, ?) ON CONFLICT(key) DO UPDATE SET value = excluded.value"),
        {key, value});
    if (!set.ok())
        return failure(problemOf(set.error(), m_path));
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::changeValue(const QString& key, const QString& before,
                                                          const QString& value) {
    Transaction change = writing();
    if (!change.begun())
        return failure(change.problem(m_path));
    if (this->value(key) != before)
        return failure(WorkbookProblem{WorkbookFault::ChangedElsewhere, m_path, {}});
    Statement set(m_database,
                  QStringLiteral("INSERT INTO workbook VALUES(?, ?) ON CONFLICT(key) DO UPDATE SET "
                                 "value = excluded.value"),
                  {key, value});
    if (!set.ok())
        return failure(problemOf(set.error(), m_path));
    if (!change.commit())
        return failure(change.problem(m_path));
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

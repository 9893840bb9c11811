#include "store/workbook.h"

#include "core/record/json_values.h"
#include "store/resources.h"
#include "store/sql.h"

#include <QFile>
#include <QFileInfo>
#include <QUrl>
#include <atomic>
#include <cstring>

namespace bombo {
namespace {

constexpr int kApplicationId = 0x426D626F; // "Bmbo", so that the file is known as a workbook

WorkbookProblem damaged(const QString& path, const InputProblem& problem) {
    return {WorkbookFault::Damaged, path, QString::fromStdString(problem.text())};
}

int pragma(const QSqlDatabase& database, const QString& name) {
    Statement read(database, QStringLiteral("PRAGMA ") + name);
    return read.ok() && read.query().next() ? read.query().value(0).toInt() : 0;
}

/// What is acknowledged is on disk, and references hold.
void makeDurable(const QSqlDatabase& database) {
    for (const char* setting : {"journal_mode = WAL", "synchronous = FULL", "foreign_keys = ON"})
        const Statement run(database, QStringLiteral("PRAGMA ") + QLatin1String(setting));
}

QString text(const Json& json) {
    return QString::fromStdString(json.dump());
}

} // namespace

QString problemText(const WorkbookProblem& problem) {
    const QString name = problem.path;
    switch (problem.fault) {
    case WorkbookFault::NotFound:
        return QStringLiteral("%1 is not there. Choose another workbook or make a new one.").arg(name);
    case WorkbookFault::NotAWorkbook:
        return QStringLiteral(
                   "%1 is not a Bombo workbook. It was left as it is; choose a file that Bombo saved.")
            .arg(name);
    case WorkbookFault::Damaged:
        return QStringLiteral("%1 is damaged (%2). It was left as it is; open the newest backup beside it, "
                              "or copy it before trying a repair.")
            .arg(name, problem.detail);
    case WorkbookFault::NewerVersion:
        return QStringLiteral(
                   "%1 was written by a newer Bombo. It was left as it is; update Bombo to open it.")
            .arg(name);
    case WorkbookFault::ReadOnly:
        return QStringLiteral("%1 can be read but not written. Save a copy in a folder of your own to go on.")
            .arg(name);
    case WorkbookFault::DiskFull:
        return QStringLiteral("The disk with %1 is full. Nothing saved was lost; free some space, then do "
                              "the last step again.")
            .arg(name);
    case WorkbookFault::Busy:
        return QStringLiteral("Another program is writing to %1. Wait a moment, then do the last step again.")
            .arg(name);
    case WorkbookFault::ChangedElsewhere:
        return QStringLiteral("Another window has gone on with this session in %1. Its steps were loaded; do "
                              "your last step again if it is still wanted.")
            .arg(name);
    case WorkbookFault::Failed:
        break;
    }
    return QStringLiteral("%1 could not be used: %2.").arg(name, problem.detail);
}

Workbook::Workbook(QString path) : m_path(std::move(path)) {
    static std::atomic<int> count = 0; // connection names must differ; nothing else is shared
    m_connection = QStringLiteral("workbook-%1").arg(++count);
}

Workbook::~Workbook() {
    m_database.close();
    m_database = QSqlDatabase();
    QSqlDatabase::removeDatabase(m_connection);
}

int Workbook::newestVersion() {
    return static_cast<int>(migrationFiles().size());
}

std::optional<WorkbookProblem> Workbook::connect(bool mayCreate) {
    // A file without any write permission is left alone even where the system (root) would let us write.
    const QFileInfo info(m_path);
    m_readOnly = !mayCreate && (!info.isWritable() || !info.permission(QFile::WriteOwner));
    m_database = QSqlDatabase::addDatabase(QStringLiteral("QSQLITE"), m_connection);
    m_database.setDatabaseName(m_path);
    QString options = QStringLiteral("QSQLITE_BUSY_TIMEOUT=3000");
    if (m_readOnly) {
        options += QStringLiteral(";QSQLITE_OPEN_READONLY");
        if (!QFileInfo::exists(m_path + QStringLiteral("-wal"))) { // nothing pending: needs no lock files
            options += QStringLiteral(";QSQLITE_OPEN_URI");
            m_database.setDatabaseName(
                QString::fromUtf8(QUrl::fromLocalFile(info.absoluteFilePath()).toEncoded()) +
                QStringLiteral("?immutable=1"));
        }
    }
    m_database.setConnectOptions(options);
    if (!m_database.open())
        return problemOf(m_database.lastError(), m_path);
    return std::nullopt;
}

std::optional<WorkbookProblem> Workbook::checkFile() {
    Statement check(m_database, QStringLiteral("PRAGMA quick_check(1)"));
    if (!check.ok())
        return problemOf(check.error(), m_path);
    if (!check.query().next() || check.query().value(0).toString() != QStringLiteral("ok"))
        return WorkbookProblem{WorkbookFault::Damaged, m_path, check.query().value(0).toString()};
    if (pragma(m_database, QStringLiteral("application_id")) != kApplicationId)
        return WorkbookProblem{WorkbookFault::NotAWorkbook, m_path, {}};
    if (pragma(m_database, QStringLiteral("user_version")) > newestVersion())
        return WorkbookProblem{WorkbookFault::NewerVersion, m_path, {}};
    return std::nullopt;
}

std::optional<WorkbookProblem> Workbook::migrate() {
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

Workbook::Outcome<std::unique_ptr<Workbook>> Workbook::open(const QString& path) {
    if (!QFileInfo::exists(path))
        return failure(WorkbookProblem{WorkbookFault::NotFound, path, {}});
    std::unique_ptr<Workbook> book(new Workbook(path));
    if (auto problem = book->connect(false))
        return failure(*problem);
    if (auto problem = book->checkFile())
        return failure(*problem);
    if (book->m_readOnly) {
        if (pragma(book->m_database, QStringLiteral("user_version")) < newestVersion())
            return failure(WorkbookProblem{WorkbookFault::ReadOnly, path, {}});
        return book;
    }
    makeDurable(book->m_database);
    if (auto problem = book->migrate())
        return failure(*problem);
    return book;
}

Workbook::Outcome<std::unique_ptr<Workbook>> Workbook::create(const QString& path) {
    if (QFileInfo::exists(path))
        return failure(
            WorkbookProblem{WorkbookFault::Failed, path, QStringLiteral("a file of that name exists")});
    std::unique_ptr<Workbook> book(new Workbook(path));
    if (auto problem = book->connect(true))
        return failure(*problem);
    Statement mark(book->m_database, QStringLiteral("PRAGMA application_id = %1").arg(kApplicationId));
    if (!mark.ok())
        return failure(problemOf(mark.error(), path));
    makeDurable(book->m_database);
    if (auto problem = book->migrate())
        return failure(*problem);
    return book;
}

Workbook::Outcome<std::vector<DrumRow>> Workbook::drums() const {
    Statement read(m_database,
                   QStringLiteral("SELECT description, practice_seed, tone_id FROM drums ORDER BY position"));
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<DrumRow> rows;
    while (read.query().next()) {
        const Json json = Json::parse(read.query().value(0).toString().toStdString(), nullptr, false);
        auto drum = drumFromJson(json, {});
        if (!drum)
            return failure(damaged(m_path, drum.fault()));
        rows.push_back({*drum, static_cast<std::uint64_t>(read.query().value(1).toLongLong()),
                        read.query().value(2).toString().toStdString()});
    }
    return rows;
}

Workbook::Outcome<std::vector<Tone>> Workbook::tones() const {
    Statement read(m_database, QStringLiteral("SELECT description FROM tones ORDER BY position"));
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<Tone> tones;
    while (read.query().next()) {
        const Json json = Json::parse(read.query().value(0).toString().toStdString(), nullptr, false);
        auto tone = toneFromJson(json);
        if (!tone)
            return failure(damaged(m_path, tone.fault()));
        tones.push_back(*tone);
    }
    return tones;
}

Workbook::Outcome<Done> Workbook::addDrum(const DrumRow& row) {
    Statement add(m_database,
                  QStringLiteral("INSERT INTO drums(id, position, description, practice_seed, tone_id) "
                                 "VALUES(?, (SELECT COUNT(*) FROM drums), ?, ?, ?)"),
                  {QString::fromStdString(row.drum.id), text(toJson(row.drum)),
                   static_cast<qint64>(row.practiceSeed), QString::fromStdString(row.toneId)});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return Done{};
}

Workbook::Outcome<Done> Workbook::addTone(const Tone& tone) {
    Statement add(
        m_database,
        QStringLiteral(
            "INSERT INTO tones(id, position, description) VALUES(?, (SELECT COUNT(*) FROM tones), ?)"),
        {QString::fromStdString(tone.id), text(toJson(tone))});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return Done{};
}

Workbook::Outcome<StoredSession> Workbook::startSession(const Session& start, const QString& now) {
    Transaction transaction(m_database);
    if (!transaction.begun())
        return failure(problemOf(transaction.error(), m_path));
    Statement add(m_database, QStringLiteral("INSERT INTO sessions(drum_id, started_at) VALUES(?, ?)"),
                  {QString::fromStdString(start.drum.id), now});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    const qint64 id = add.query().lastInsertId().toLongLong();
    Statement step(m_database, QStringLiteral("INSERT INTO steps VALUES(?, 0, 'start', ?, ?)"),
                   {id, now, QString::fromStdString(sessionText(start))});
    if (!step.ok())
        return failure(problemOf(step.error(), m_path));
    if (!transaction.commit())
        return failure(problemOf(transaction.error(), m_path));
    return StoredSession{id, 0, 0, {{QStringLiteral("start"), start}}};
}

Workbook::Outcome<StoredSession> Workbook::loadSession(qint64 id) const {
    Statement head(m_database, QStringLiteral("SELECT position, revision FROM sessions WHERE id = ?"), {id});
    if (!head.ok())
        return failure(problemOf(head.error(), m_path));
    if (!head.query().next())
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("session %1 is not in it").arg(id)});
    StoredSession stored{id, head.query().value(1).toLongLong(), head.query().value(0).toInt(), {}};
    Statement steps(m_database,
                    QStringLiteral("SELECT command, state FROM steps WHERE session_id = ? ORDER BY position"),
                    {id});
    if (!steps.ok())
        return failure(problemOf(steps.error(), m_path));
    while (steps.query().next()) {
        auto state = sessionFromText(steps.query().value(1).toString().toStdString());
        if (!state)
            return failure(damaged(m_path, state.fault()));
        stored.steps.push_back({steps.query().value(0).toString(), std::move(state).value()});
    }
    if (stored.position >= static_cast<int>(stored.steps.size()))
        return failure(WorkbookProblem{WorkbookFault::Damaged, m_path,
                                       QStringLiteral("steps of session %1 are missing").arg(id)});
    return stored;
}

Workbook::Outcome<std::optional<qint64>> Workbook::latestSession(const std::string& drumId) const {
    Statement read(m_database,
                   QStringLiteral("SELECT id FROM sessions WHERE drum_id = ? ORDER BY id DESC LIMIT 1"),
                   {QString::fromStdString(drumId)});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    if (!read.query().next())
        return std::optional<qint64>();
    return std::optional(read.query().value(0).toLongLong());
}

Workbook::Outcome<Done> Workbook::appendStep(StoredSession& stored, const QString& command,
                                             const Session& state, const std::vector<ReadingRow>& readings,
                                             const QString& now) {
    const int position = stored.position + 1;
    Transaction transaction(m_database);
    if (!transaction.begun())
        return failure(problemOf(transaction.error(), m_path));
    if (auto problem = claim(stored, position))
        return failure(*problem);
    for (const char* table : {"steps", "readings"}) { // what was undone and is now overtaken
        Statement drop(
            m_database,
            QStringLiteral("DELETE FROM %1 WHERE session_id = ? AND position >= ?").arg(QLatin1String(table)),
            {stored.id, position});
        if (!drop.ok())
            return failure(problemOf(drop.error(), m_path));
    }
    Statement step(m_database, QStringLiteral("INSERT INTO steps VALUES(?, ?, ?, ?, ?)"),
                   {stored.id, position, command, now, QString::fromStdString(sessionText(state))});
    if (!step.ok())
        return failure(problemOf(step.error(), m_path));
    for (const ReadingRow& row : readings) {
        Statement add(
            m_database,
            QStringLiteral(
                "INSERT INTO readings(session_id, position, heard_at, head, rod, frequency_hz, t60_s) "
                "VALUES(?, ?, ?, ?, ?, ?, ?)"),
            {stored.id, position, now,
             row.side == HeadSide::Batter ? QStringLiteral("batter") : QStringLiteral("snare_side"), row.rod,
             row.reading.frequency.value, row.reading.t60 ? QVariant(row.reading.t60->value) : QVariant()});
        if (!add.ok())
            return failure(problemOf(add.error(), m_path));
    }
    if (!transaction.commit())
        return failure(problemOf(transaction.error(), m_path));
    stored.steps.resize(static_cast<std::size_t>(position));
    stored.steps.push_back({command, state});
    stored.position = position;
    ++stored.revision;
    return Done{};
}

/// Takes the next revision of a session, unless another program has taken it first.
std::optional<WorkbookProblem> Workbook::claim(const StoredSession& stored, int position) {
    Statement take(
        m_database,
        QStringLiteral(
            "UPDATE sessions SET position = ?, revision = revision + 1 WHERE id = ? AND revision = ?"),
        {position, stored.id, stored.revision});
    if (!take.ok())
        return problemOf(take.error(), m_path);
    if (take.query().numRowsAffected() != 1)
        return WorkbookProblem{WorkbookFault::ChangedElsewhere, m_path, {}};
    return std::nullopt;
}

Workbook::Outcome<Done> Workbook::amendStep(StoredSession& stored, const Session& state) {
    Transaction transaction(m_database);
    if (!transaction.begun())
        return failure(problemOf(transaction.error(), m_path));
    if (auto problem = claim(stored, stored.position))
        return failure(*problem);
    Statement amend(m_database,
                    QStringLiteral("UPDATE steps SET state = ? WHERE session_id = ? AND position = ?"),
                    {QString::fromStdString(sessionText(state)), stored.id, stored.position});
    if (!amend.ok())
        return failure(problemOf(amend.error(), m_path));
    if (!transaction.commit())
        return failure(problemOf(transaction.error(), m_path));
    stored.steps[static_cast<std::size_t>(stored.position)].state = state;
    ++stored.revision;
    return Done{};
}

Workbook::Outcome<Done> Workbook::moveTo(StoredSession& stored, int position) {
    if (position < 0 || position >= static_cast<int>(stored.steps.size()))
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("there is no step %1").arg(position)});
    if (auto problem = claim(stored, position))
        return failure(*problem);
    stored.position = position;
    ++stored.revision;
    return Done{};
}

Workbook::Outcome<qint64> Workbook::addLogEntry(const LogEntry& entry, const Session* session) {
    Statement add(m_database,
                  QStringLiteral("INSERT INTO log_entries(saved_at, drum_id, tone_id, summary, "
                                 "session_state) VALUES(?, ?, ?, ?, ?)"),
                  {entry.savedAt, QString::fromStdString(entry.drumId), QString::fromStdString(entry.toneId),
                   entry.summary,
                   session ? QVariant(QString::fromStdString(sessionText(*session))) : QVariant()});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return add.query().lastInsertId().toLongLong();
}

Workbook::Outcome<std::vector<LogEntry>>
Workbook::logEntries(const std::optional<std::string>& drumId) const {
    const QString columns = QStringLiteral(
        "SELECT id, saved_at, drum_id, tone_id, summary, session_state IS NOT NULL FROM log_entries ");
    const QString order = QStringLiteral(" ORDER BY saved_at DESC, id DESC");
    Statement read = drumId ? Statement(m_database, columns + QStringLiteral("WHERE drum_id = ?") + order,
                                        {QString::fromStdString(*drumId)})
                            : Statement(m_database, columns + order);
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<LogEntry> entries;
    QSqlQuery& row = read.query();
    while (row.next())
        entries.push_back({row.value(0).toLongLong(), row.value(1).toString(),
                           row.value(2).toString().toStdString(), row.value(3).toString().toStdString(),
                           row.value(4).toString(), row.value(5).toBool()});
    return entries;
}

Workbook::Outcome<Session> Workbook::logSession(qint64 id) const {
    Statement read(m_database, QStringLiteral("SELECT session_state FROM log_entries WHERE id = ?"), {id});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    if (!read.query().next() || read.query().isNull(0))
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("entry %1 holds no setup").arg(id)});
    auto session = sessionFromText(read.query().value(0).toString().toStdString());
    if (!session)
        return failure(damaged(m_path, session.fault()));
    return std::move(session).value();
}

Workbook::Outcome<int> Workbook::readingCount(qint64 sessionId) const {
    Statement read(m_database, QStringLiteral("SELECT COUNT(*) FROM readings WHERE session_id = ?"),
                   {sessionId});
    if (!read.ok() || !read.query().next())
        return failure(problemOf(read.error(), m_path));
    return read.query().value(0).toInt();
}

Workbook::Outcome<Done> Workbook::copyTo(const QString& path) const {
    Statement copy(m_database, QStringLiteral("VACUUM INTO ?"), {path});
    if (!copy.ok())
        return failure(problemOf(copy.error(), path));
    return Done{};
}

namespace {

QString takeName(Take take) {
    return take == Take::Before ? QStringLiteral("before") : QStringLiteral("after");
}

} // namespace

Workbook::Outcome<Done> Workbook::keepRecording(qint64 sessionId, Take take, const Recording& recording) {
    // Little-endian 32-bit floats, as every machine that this is built for has them.
    const QByteArray samples(reinterpret_cast<const char*>(recording.samples.data()),
                             static_cast<qsizetype>(recording.samples.size() * sizeof(float)));
    Statement keep(m_database, QStringLiteral("INSERT OR REPLACE INTO recordings VALUES(?, ?, ?, ?, ?)"),
                   {sessionId, takeName(take), recording.madeAt, recording.sampleRate, samples});
    if (!keep.ok())
        return failure(problemOf(keep.error(), m_path));
    return Done{};
}

Workbook::Outcome<std::optional<Recording>> Workbook::recording(qint64 sessionId, Take take) const {
    Statement find(
        m_database,
        QStringLiteral("SELECT made_at, sample_rate, samples FROM recordings WHERE session_id = ? AND "
                       "take = ?"),
        {sessionId, takeName(take)});
    if (!find.ok())
        return failure(problemOf(find.error(), m_path));
    if (!find.query().next())
        return std::optional<Recording>();
    Recording recording;
    recording.madeAt = find.query().value(0).toString();
    recording.sampleRate = find.query().value(1).toDouble();
    const QByteArray samples = find.query().value(2).toByteArray();
    recording.samples.resize(static_cast<std::size_t>(samples.size()) / sizeof(float));
    std::memcpy(recording.samples.data(), samples.constData(), recording.samples.size() * sizeof(float));
    return std::optional(std::move(recording));
}

Workbook::Outcome<Done> Workbook::setValue(const QString& key, const QString& value) {
    Statement set(
        m_database,
        QStringLiteral(
            "INSERT INTO workbook VALUES(?, ?) ON CONFLICT(key) DO UPDATE SET value = excluded.value"),
        {key, value});
    if (!set.ok())
        return failure(problemOf(set.error(), m_path));
    return Done{};
}

QString Workbook::value(const QString& key) const {
    Statement read(m_database, QStringLiteral("SELECT value FROM workbook WHERE key = ?"), {key});
    return read.ok() && read.query().next() ? read.query().value(0).toString() : QString();
}

void Workbook::limitSize(int pages) {
    const Statement run(m_database, QStringLiteral("PRAGMA max_page_count = %1").arg(pages));
}

} // namespace bombo

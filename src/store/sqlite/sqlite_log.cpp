/// SqliteWorkbook: the logbook, and strokes as they sounded.
#include "store/packed_text.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"

#include <QDateTime>
#include <cstring>

namespace bombo {

SqliteWorkbook::Outcome<qint64> SqliteWorkbook::insertEntry(const LogEntry& entry, const QVariant& setup) {
    const qint64 utc = QDateTime::fromString(entry.savedAt, Qt::ISODate).toSecsSinceEpoch();
    Statement add(m_database,
                  QStringLiteral("INSERT INTO log_entries(saved_at, saved_utc, drum_id, tone_id, summary, "
                                 "session_state) VALUES(?, ?, ?, ?, ?, ?)"),
                  {entry.savedAt, utc, QString::fromStdString(entry.drumId),
                   QString::fromStdString(entry.toneId), entry.summary, setup});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    return add.query().lastInsertId().toLongLong();
}

SqliteWorkbook::Outcome<qint64> SqliteWorkbook::addLogEntry(const LogEntry& entry) {
    beforeWriting();
    return insertEntry(entry, {});
}

SqliteWorkbook::Outcome<std::vector<LogEntry>>
SqliteWorkbook::logEntries(const std::optional<std::string>& drumId, int most) const {
    const QString columns = QStringLiteral(
        "SELECT id, saved_at, drum_id, tone_id, summary, session_state IS NOT NULL FROM log_entries ");
    const QString order =
        QStringLiteral(" ORDER BY saved_utc DESC, id DESC LIMIT %1").arg(most > 0 ? most : -1);
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
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return entries;
}

SqliteWorkbook::Outcome<Setup> SqliteWorkbook::logSetup(qint64 id) const {
    Statement read(m_database, QStringLiteral("SELECT session_state FROM log_entries WHERE id = ?"), {id});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    if (!read.query().next() || read.query().isNull(0))
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("entry %1 holds no setup").arg(id)});
    const QVariant kept = read.query().value(0);
    const bool packed = kept.typeId() == QMetaType::QByteArray && isPacked(kept.toByteArray());
    const auto text =
        packed ? unpackedText(kept.toByteArray()) : std::optional(kept.toString().toStdString());
    if (!text)
        return failure(WorkbookProblem{WorkbookFault::Damaged, m_path,
                                       QStringLiteral("entry %1 cannot be unpacked").arg(id)});
    auto setup = setupFromText(*text);
    if (!setup)
        return failure(damaged(m_path, setup.fault()));
    return std::move(setup).value();
}

SqliteWorkbook::Outcome<int> SqliteWorkbook::readingCount(qint64 sessionId) const {
    Statement read(m_database, QStringLiteral("SELECT COUNT(*) FROM readings WHERE session_id = ?"),
                   {sessionId});
    if (!read.ok() || !read.query().next())
        return failure(problemOf(read.error(), m_path));
    return read.query().value(0).toInt();
}

namespace {

QString takeName(Take take) {
    return take == Take::Before ? QStringLiteral("before") : QStringLiteral("after");
}

} // namespace

SqliteWorkbook::Outcome<Done> SqliteWorkbook::keepRecording(qint64 sessionId, Take take,
                                                            const Recording& recording) {
    beforeWriting();
    // Little-endian 32-bit floats, as every machine that this is built for has them.
    const QByteArray samples(reinterpret_cast<const char*>(recording.samples.data()),
                             static_cast<qsizetype>(recording.samples.size() * sizeof(float)));
    Statement keep(m_database, QStringLiteral("INSERT OR REPLACE INTO recordings VALUES(?, ?, ?, ?, ?)"),
                   {sessionId, takeName(take), recording.madeAt, recording.sampleRate, samples});
    if (!keep.ok())
        return failure(problemOf(keep.error(), m_path));
    return Done{};
}

SqliteWorkbook::Outcome<std::optional<Recording>> SqliteWorkbook::recording(qint64 sessionId,
                                                                            Take take) const {
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

} // namespace bombo

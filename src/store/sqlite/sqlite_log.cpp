/// SqliteWorkbook: the logbook, and strokes as they sounded.
#include "core/record/entry_figures.h"
#include "store/packed_figures.h"
#include "store/packed_text.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"

#include <QDateTime>
#include <algorithm>
#include <cstring>

namespace bombo {

namespace {

constexpr qsizetype kLongestSummary = 1 << 20; ///< characters; far beyond what a setup says

/// Seconds east of UTC of the clock that an entry was saved by; of this machine's where it does not say.
int utcOffsetOf(const QString& savedAt) {
    return QDateTime::fromString(savedAt, Qt::ISODate).offsetFromUtc();
}

/// Read from the summary, with the words that were put in their place since.
EntryFigures figuresOf(const QString& summary, const QVariant& words) {
    auto read = entryFiguresFrom(summary.toStdString());
    EntryFigures figures = read ? std::move(read).value() : EntryFigures{};
    if (!words.isNull())
        if (auto said = entryWordsFrom(words.toString().toStdString()))
            figures.words = std::move(said).value();
    return figures;
}

} // namespace

SqliteWorkbook::Outcome<qint64> SqliteWorkbook::insertEntry(const LogEntry& entry, const QVariant& setup) {
    if (entry.summary.size() > kLongestSummary)
        return failure(unreadable({"summary", "is larger than Bombo would read again"}));
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
    if (auto problem = beforeWriting())
        return failure(*problem);
    return insertEntry(entry, {});
}

SqliteWorkbook::Outcome<std::vector<LogEntry>>
SqliteWorkbook::logEntries(const std::optional<std::string>& drumId, int most) const {
    const auto ids = entryIds(drumId, false, most);
    if (!ids)
        return failure(ids.fault());
    std::vector<LogEntry> entries;
    QSqlQuery read(m_database);
    read.setForwardOnly(true);
    read.prepare(
        QStringLiteral("SELECT id, saved_at, drum_id, tone_id, summary, session_state IS NOT NULL FROM "
                       "log_entries WHERE id = ?"));
    for (const qint64 id : *ids) {
        read.bindValue(0, id);
        if (read.exec() && read.next())
            entries.push_back({read.value(0).toLongLong(), read.value(1).toString(),
                               read.value(2).toString().toStdString(), read.value(3).toString().toStdString(),
                               read.value(4).toString(), read.value(5).toBool()});
        else // one that cannot be read costs only itself
            setAside({SetAside::What::Entry, QString::number(id), read.lastError().text()});
        read.finish();
    }
    return entries;
}

/// The newest first.
SqliteWorkbook::Outcome<std::vector<qint64>>
SqliteWorkbook::entryIds(const std::optional<std::string>& drumId, bool areDeleted, int most) const {
    Statement read(
        m_database,
        QStringLiteral("SELECT id FROM log_entries WHERE deleted = ? AND (? OR drum_id = ?) ORDER BY "
                       "saved_utc DESC, id DESC LIMIT ?"),
        {areDeleted ? 1 : 0, !drumId, QString::fromStdString(drumId.value_or("")), most > 0 ? most : -1});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<qint64> ids;
    while (read.query().next())
        ids.push_back(read.query().value(0).toLongLong());
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return ids;
}

SqliteWorkbook::Outcome<std::vector<Entry>>
SqliteWorkbook::entries(const std::optional<std::string>& drumId) const {
    Statement lost(m_database, QStringLiteral("SELECT id FROM log_entries WHERE deleted = 0 EXCEPT "
                                              "SELECT entry_id FROM entry_lines"));
    if (!lost.ok())
        return failure(problemOf(lost.error(), m_path));
    std::vector<qint64> missing;
    while (lost.query().next())
        missing.push_back(lost.query().value(0).toLongLong());

    const QString columns = QStringLiteral(
        "SELECT entry_id, at, drum_id, tone_id, restorable, figures, utc_offset FROM entry_lines");
    Statement read = drumId ? Statement(m_database, columns + QStringLiteral(" WHERE drum_id = ?"),
                                        {QString::fromStdString(*drumId)})
                            : Statement(m_database, columns);
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<Entry> entries;
    QSqlQuery& row = read.query();
    while (row.next()) {
        auto figures = unpackedFigures(row.value(5).toByteArray());
        if (!figures) {
            missing.push_back(row.value(0).toLongLong());
            continue;
        }
        entries.push_back({row.value(0).toLongLong(), row.value(1).toLongLong(),
                           row.value(2).toString().toStdString(), row.value(3).toString().toStdString(),
                           row.value(4).toBool(), std::move(*figures), row.value(6).toInt()});
    }
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    readLines(missing, drumId, entries);
    std::sort(entries.begin(), entries.end(), [](const Entry& one, const Entry& other) {
        return std::pair(one.at, one.id) < std::pair(other.at, other.id);
    });
    return entries;
}

/// From the entries themselves; and keeps their lines for the next time where the file can be written. One
/// that cannot be read costs only itself.
void SqliteWorkbook::readLines(const std::vector<qint64>& ids, const std::optional<std::string>& drumId,
                               std::vector<Entry>& entries) const {
    if (ids.empty())
        return;
    std::optional<Transaction> keeping;
    if (!m_readOnly && !isMoved())
        keeping.emplace(m_database);
    for (const qint64 id : ids) {
        auto entry = entryNumber(id);
        if (!entry) {
            setAside({SetAside::What::Entry, QString::number(id), entry.fault().detail});
            continue;
        }
        if (keeping && keeping->begun())
            keepLine(*entry);
        if (!drumId || entry->drumId == *drumId)
            entries.push_back(std::move(entry).value());
    }
    if (keeping && keeping->begun())
        keeping->commit(); // a copy alone: without it they are read from the entries once more
}

SqliteWorkbook::Outcome<Entry> SqliteWorkbook::entryNumber(qint64 id) const {
    Statement find(
        m_database,
        QStringLiteral("SELECT saved_utc, drum_id, tone_id, session_state IS NOT NULL, summary, words, "
                       "saved_at FROM log_entries WHERE id = ?"),
        {id});
    if (!find.ok())
        return failure(problemOf(find.error(), m_path));
    if (!find.query().next())
        return failure(find.brokeOff()
                           ? problemOf(find.error(), m_path)
                           : WorkbookProblem{WorkbookFault::Failed, m_path,
                                             QStringLiteral("there is no entry %1 in the logbook").arg(id)});
    const QSqlQuery& row = find.query();
    return Entry{id,
                 row.value(0).toLongLong(),
                 row.value(1).toString().toStdString(),
                 row.value(2).toString().toStdString(),
                 row.value(3).toBool(),
                 figuresOf(row.value(4).toString(), row.value(5)),
                 utcOffsetOf(row.value(6).toString())};
}

bool SqliteWorkbook::keepLine(const Entry& entry) const {
    return Statement(m_database,
                     QStringLiteral("INSERT OR REPLACE INTO entry_lines VALUES(?, ?, ?, ?, ?, ?, ?)"),
                     {static_cast<qint64>(entry.id), QString::fromStdString(entry.drumId),
                      static_cast<qint64>(entry.at), entry.utcOffset, QString::fromStdString(entry.toneId),
                      entry.isRestorable, packedFigures(entry.figures)})
        .ok();
}

/// After a change to entries that can no longer be told from their lines.
SqliteWorkbook::Problem SqliteWorkbook::dropLine(qint64 id) {
    Statement drop(m_database, QStringLiteral("DELETE FROM entry_lines WHERE entry_id = ?"), {id});
    return drop.ok() ? std::nullopt : Problem(problemOf(drop.error(), m_path));
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::keepWords(qint64 id, const EntryWords& before,
                                                        const EntryWords& words) {
    const std::string said = entryWordsText(words);
    if (const auto back = entryWordsFrom(said); !back || *back != words)
        return failure(unreadable({"words", "a note, a name or a tag is too long"}));
    Transaction change = writing();
    if (!change.begun())
        return failure(change.problem(m_path));
    const auto entry = entryNumber(id);
    if (!entry)
        return failure(entry.fault());
    if (entry->figures.words != before) // another program has said something else meanwhile
        return failure(WorkbookProblem{WorkbookFault::ChangedElsewhere, m_path, {}});
    Statement kept(m_database, QStringLiteral("SELECT words FROM log_entries WHERE id = ?"), {id});
    if (kept.ok() && kept.query().next() && !kept.query().isNull(0) &&
        !entryWordsFrom(kept.query().value(0).toString().toStdString()))
        if (auto problem = keepDamaged(QStringLiteral("words"), QStringLiteral("entry %1").arg(id),
                                       kept.query().value(0)))
            return failure(*problem);
    if (auto problem = changeEntries(QStringLiteral("words = ?"), QString::fromStdString(said), {id}))
        return failure(*problem);
    if (!change.commit())
        return failure(change.problem(m_path));
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::deleteEntries(const std::vector<qint64>& ids, bool areDeleted) {
    Transaction change = writing();
    if (!change.begun())
        return failure(change.problem(m_path));
    if (auto problem = changeEntries(QStringLiteral("deleted = ?"), areDeleted ? 1 : 0, ids))
        return failure(*problem);
    if (!change.commit())
        return failure(change.problem(m_path));
    return Done{};
}

SqliteWorkbook::Outcome<std::vector<Entry>> SqliteWorkbook::bin() const {
    const auto ids = entryIds(std::nullopt, true, 0);
    if (!ids)
        return failure(ids.fault());
    std::vector<Entry> entries;
    for (const qint64 id : *ids)
        if (auto entry = entryNumber(id))
            entries.push_back(std::move(entry).value());
    return entries;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::emptyBin() {
    if (auto problem = beforeWriting())
        return failure(*problem);
    Statement empty(m_database, QStringLiteral("DELETE FROM log_entries WHERE deleted <> 0"));
    if (!empty.ok())
        return failure(problemOf(empty.error(), m_path));
    return Done{};
}

/// Within a transaction.
SqliteWorkbook::Problem SqliteWorkbook::changeEntries(const QString& what, const QVariant& value,
                                                      const std::vector<qint64>& ids) {
    for (const qint64 id : ids) {
        Statement mark(m_database, QStringLiteral("UPDATE log_entries SET %1 WHERE id = ?").arg(what),
                       {value, id});
        if (!mark.ok())
            return problemOf(mark.error(), m_path);
        if (Problem problem = dropLine(id))
            return problem;
    }
    return std::nullopt;
}

SqliteWorkbook::Outcome<std::string> SqliteWorkbook::setupTextOf(const QVariant& kept, qint64 id) const {
    const bool packed = kept.typeId() == QMetaType::QByteArray && isPacked(kept.toByteArray());
    auto text = packed ? unpackedText(kept.toByteArray()) : std::optional(kept.toString().toStdString());
    if (!text)
        return failure(WorkbookProblem{WorkbookFault::Damaged, m_path,
                                       QStringLiteral("entry %1 cannot be unpacked").arg(id)});
    return std::move(*text);
}

SqliteWorkbook::Outcome<Setup> SqliteWorkbook::logSetup(qint64 id) const {
    Statement read(m_database, QStringLiteral("SELECT session_state FROM log_entries WHERE id = ?"), {id});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    if (!read.query().next() || read.query().isNull(0))
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("entry %1 holds no setup").arg(id)});
    const auto text = setupTextOf(read.query().value(0), id);
    if (!text)
        return failure(text.fault());
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
    if (auto problem = beforeWriting())
        return failure(*problem);
    // Little-endian 32-bit floats, as every machine that this is built for has them.
    const QByteArray samples(reinterpret_cast<const char*>(recording.samples.data()),
                             static_cast<qsizetype>(recording.samples.size() * sizeof(float)));
    Statement keep(m_database, QStringLiteral("INSERT OR REPLACE INTO recordings VALUES(?, ?, ?, ?, ?)"),
                   {sessionId, takeName(take), recording.madeAt, recording.sampleRate, samples});
    if (!keep.ok())
        return failure(problemOf(keep.error(), m_path));
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::dropRecordings(qint64 sessionId) {
    if (auto problem = beforeWriting())
        return failure(*problem);
    Statement drop(m_database, QStringLiteral("DELETE FROM recordings WHERE session_id = ?"), {sessionId});
    if (!drop.ok())
        return failure(problemOf(drop.error(), m_path));
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

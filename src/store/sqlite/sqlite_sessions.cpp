/// SqliteWorkbook: sessions, their steps, and where one is in them.
#include "store/packed_text.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"
#include "store/times.h"

namespace bombo {
namespace {

QString text(const std::string& text) {
    return QString::fromStdString(text);
}

constexpr int kMostDamaged = 10; // steps in a row that are looked at for one that can be read
constexpr qsizetype kMostLookedAt = 16
                                    << 20; // bytes of them: packed, a few kilobytes may stand for megabytes

} // namespace

SqliteWorkbook::Outcome<StoredSession> SqliteWorkbook::startSession(const Work& work, const Context& context,
                                                                    const QString& now) {
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    const auto state = readableText(work);
    if (!state)
        return failure(unreadable(state.fault()));
    Statement add(m_database,
                  QStringLiteral("INSERT INTO sessions(drum_id, started_at, context, opened) VALUES(?, ?, ?, "
                                 "(SELECT COALESCE(MAX(opened), 0) + 1 FROM sessions))"),
                  {text(work.drum.id), now, text(contextText(context))});
    if (!add.ok())
        return failure(problemOf(add.error(), m_path));
    const qint64 id = add.query().lastInsertId().toLongLong();
    Statement step(m_database, QStringLiteral("INSERT INTO steps VALUES(?, 0, 'start', ?, ?)"),
                   {id, now, packedText(*state)});
    if (!step.ok())
        return failure(problemOf(step.error(), m_path));
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    return StoredSession{id, 0, 0, {QStringLiteral("start")}, work, context, otherRow(work.drum)};
}

/// The drum as its row has it, where that is another than this one.
std::optional<Drum> SqliteWorkbook::otherRow(const Drum& drum) const {
    Statement read(m_database, QStringLiteral("SELECT description FROM drums WHERE id = ?"), {text(drum.id)});
    if (!read.ok() || !read.query().next())
        return std::nullopt;
    auto kept = drumFromJson(parsedJson(read.query().value(0).toString().toStdString()), {});
    return kept && *kept != drum ? std::optional(std::move(kept).value()) : std::nullopt;
}

namespace {

/// Every so many steps stand for themselves, and those in between need the one before them that does: a
/// damaged step takes at most seven with it.
constexpr int kStandsAlone = 8;

int basePosition(int position) {
    return position - position % kStandsAlone;
}

} // namespace

/// What is stored of a step, as text.
SqliteWorkbook::Outcome<std::string> SqliteWorkbook::stateAt(qint64 sessionId, int position) const {
    Statement read(m_database,
                   QStringLiteral("SELECT state FROM steps WHERE session_id = ? AND position = ?"),
                   {sessionId, position});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    const auto wrong = [&](const QString& what) {
        return failure(WorkbookProblem{
            WorkbookFault::Damaged, m_path,
            QStringLiteral("step %1 of session %2 %3").arg(position).arg(sessionId).arg(what)});
    };
    if (!read.query().next())
        return wrong(QStringLiteral("is missing"));
    const QVariant state = read.query().value(0);
    if (state.typeId() != QMetaType::QByteArray || !isPacked(state.toByteArray()))
        return state.toString().toStdString(); // as it was kept before version 5
    std::string base;
    if (const auto at = basePositionOf(state.toByteArray())) {
        if (*at >= position || *at % kStandsAlone != 0) // no chain that could go round
            return wrong(QStringLiteral("is packed with a step that cannot be"));
        auto found = stateAt(sessionId, *at);
        if (!found)
            return found;
        base = std::move(found).value();
    }
    auto text = unpackedText(state.toByteArray(), base);
    if (!text)
        return wrong(QStringLiteral("cannot be unpacked"));
    return std::move(*text);
}

/// The state of a step as it is stored at its place. A base that cannot be read is done without.
QByteArray SqliteWorkbook::packedState(qint64 sessionId, int position, const std::string& state) const {
    if (const int base = basePosition(position); base != position)
        if (const auto text = stateAt(sessionId, base))
            return packedText(state, *text, base);
    return packedText(state);
}

SqliteWorkbook::Problem SqliteWorkbook::writeState(qint64 sessionId, int position, const QByteArray& packed) {
    Statement write(m_database,
                    QStringLiteral("UPDATE steps SET state = ? WHERE session_id = ? AND position = ?"),
                    {packed, sessionId, position});
    return write.ok() ? std::nullopt : Problem(problemOf(write.error(), m_path));
}

SqliteWorkbook::Outcome<StoredSession> SqliteWorkbook::loadSession(qint64 id) const {
    Statement head(m_database,
                   QStringLiteral("SELECT position, revision, context FROM sessions WHERE id = ?"), {id});
    if (!head.ok())
        return failure(problemOf(head.error(), m_path));
    if (!head.query().next())
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("session %1 is not in it").arg(id)});
    StoredSession stored{id, head.query().value(1).toLongLong(), head.query().value(0).toInt(), {}, {}, {}};
    const auto context = contextFromText(head.query().value(2).toString().toStdString());
    Statement steps(
        m_database,
        QStringLiteral("SELECT position, command FROM steps WHERE session_id = ? ORDER BY position"), {id});
    if (!steps.ok())
        return failure(problemOf(steps.error(), m_path));
    while (steps.query().next() && steps.query().value(0).toLongLong() == stored.steps.size())
        stored.steps << steps.query().value(1).toString();
    if (steps.brokeOff())
        setAside({SetAside::What::Step, QString::number(stored.steps.size()), steps.error().text()});
    const auto last = static_cast<int>(stored.steps.size()) - 1; // none after a gap counts
    const int from = stored.position < 0 || stored.position > last ? last : stored.position;
    if (from != stored.position)
        setAside({SetAside::What::Step, QString::number(stored.position),
                  QStringLiteral("there is no such step")});
    const auto found = nearestReadable(stored, from, -1);
    if (!found)
        return failure(WorkbookProblem{WorkbookFault::Damaged, m_path,
                                       QStringLiteral("no step of session %1 can be read").arg(id)});
    stored.position = *found;
    stored.rowDrum = otherRow(stored.work.drum);
    if (context)
        stored.context = *context;
    else
        setAside(
            {SetAside::What::Session, QString::number(id), QString::fromStdString(context.fault().text())});
    if (stored.context.nearestRod && *stored.context.nearestRod >= stored.work.drum.rods)
        stored.context.nearestRod.reset();
    return stored;
}

/// Puts the work of the first step into `stored` that can be read, from `position` on in steps of `way`.
std::optional<int> SqliteWorkbook::nearestReadable(StoredSession& stored, int position, int way) const {
    qsizetype lookedAt = 0;
    for (int damaged = 0; position >= 0 && position < stored.steps.size(); position += way) {
        if (lookedAt > kMostLookedAt || damaged > kMostDamaged)
            position = way < 0 ? 0 : static_cast<int>(stored.steps.size()) - 1; // the end, and no more
        WorkbookProblem problem;
        if (const auto state = stateAt(stored.id, position); !state) {
            problem = state.fault();
        } else {
            lookedAt += static_cast<qsizetype>(state->size());
            auto work = workFromText(*state);
            if (work) {
                stored.work = std::move(work).value();
                return position;
            }
            problem = bombo::damaged(m_path, work.fault());
        }
        setAside({SetAside::What::Step, QString::number(position), problem.detail});
        ++damaged;
    }
    return std::nullopt;
}

SqliteWorkbook::Outcome<std::optional<qint64>>
SqliteWorkbook::latestSession(const std::string& drumId) const {
    Statement read(
        m_database,
        QStringLiteral("SELECT id FROM sessions WHERE drum_id = ? ORDER BY opened DESC, id DESC LIMIT 1"),
        {QString::fromStdString(drumId)});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    if (!read.query().next())
        return std::optional<qint64>();
    return std::optional(read.query().value(0).toLongLong());
}

SqliteWorkbook::Outcome<std::vector<SessionLine>>
SqliteWorkbook::sessionsOf(const std::string& drumId) const {
    Statement read(
        m_database,
        QStringLiteral("SELECT id, started_at, context, "
                       "(SELECT made_at FROM steps WHERE session_id = sessions.id ORDER BY position "
                       "DESC LIMIT 1), "
                       "(SELECT MAX(position) FROM steps WHERE session_id = sessions.id) "
                       "FROM sessions WHERE drum_id = ? ORDER BY opened DESC, id DESC"),
        {text(drumId)});
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<SessionLine> lines;
    while (read.query().next()) {
        const QSqlQuery& row = read.query();
        SessionLine line{row.value(0).toLongLong(), row.value(1).toString(), row.value(3).toString(),
                         row.value(4).toInt()};
        if (const auto context = contextFromText(row.value(2).toString().toStdString()))
            line.station = context->station;
        line.isInFront = lines.empty();
        lines.push_back(std::move(line));
    }
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return lines;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::bringForward(qint64 sessionId) {
    if (auto problem = beforeWriting())
        return failure(*problem);
    Statement mark(
        m_database,
        QStringLiteral("UPDATE sessions SET opened = (SELECT MAX(opened) + 1 FROM sessions) WHERE id = ?"),
        {sessionId});
    if (!mark.ok())
        return failure(problemOf(mark.error(), m_path));
    return Done{};
}

WorkbookProblem SqliteWorkbook::unreadable(const InputProblem& problem) const {
    return {WorkbookFault::Unreadable, m_path, QString::fromStdString(problem.text())};
}

SqliteWorkbook::Problem SqliteWorkbook::keepDamaged(const QString& part, const QString& place,
                                                    const QVariant& value) {
    Statement keep(m_database,
                   QStringLiteral("INSERT INTO damaged(part, place, value, set_aside_at) VALUES(?, ?, ?, ?)"),
                   {part, place, value, timeNow()});
    return keep.ok() ? std::nullopt : Problem(problemOf(keep.error(), m_path));
}

/// Steps that were undone are dropped when another takes their place; but where one among them is damaged it
/// was not the user who left it, and all of them are kept as they are: some may be packed with another.
SqliteWorkbook::Problem SqliteWorkbook::keepDamagedSteps(qint64 sessionId, int from) {
    Statement later(
        m_database,
        QStringLiteral("SELECT position, command, made_at, state FROM steps WHERE session_id = ? AND "
                       "position >= ? ORDER BY position"),
        {sessionId, from});
    struct Row {
        QString place;
        QVariant state;
    };
    std::vector<Row> rows;
    bool isDamaged = false;
    while (later.ok() && later.query().next()) {
        const int position = later.query().value(0).toInt();
        const QString place = QStringLiteral("session %1, step %2, %3, %4")
                                  .arg(sessionId)
                                  .arg(position)
                                  .arg(later.query().value(1).toString(), later.query().value(2).toString());
        rows.push_back({place, later.query().value(3)});
        if (!isDamaged) {
            const auto state = stateAt(sessionId, position);
            isDamaged = !state || !workFromText(*state);
        }
    }
    for (const Row& row : rows)
        if (isDamaged)
            if (auto problem = keepDamaged(QStringLiteral("step"), row.place, row.state))
                return problem;
    return std::nullopt;
}

SqliteWorkbook::Problem SqliteWorkbook::insertStep(const StoredSession& stored, const QString& command,
                                                   const Work& work, const Context& context,
                                                   const std::vector<ReadingRow>& readings,
                                                   const QString& now) {
    const int position = stored.position + 1;
    const auto state = readableText(work);
    if (!state)
        return unreadable(state.fault());
    if (auto problem = claim(stored, position))
        return problem;
    if (auto problem = keepDamagedSteps(stored.id, position))
        return problem;
    for (const char* table : {"steps", "readings"}) { // what was undone and is now overtaken
        Statement drop(
            m_database,
            QStringLiteral("DELETE FROM %1 WHERE session_id = ? AND position >= ?").arg(QLatin1String(table)),
            {stored.id, position});
        if (!drop.ok())
            return problemOf(drop.error(), m_path);
    }
    Statement step(m_database, QStringLiteral("INSERT INTO steps VALUES(?, ?, ?, ?, ?)"),
                   {stored.id, position, command, now, packedState(stored.id, position, *state)});
    if (!step.ok())
        return problemOf(step.error(), m_path);
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
            return problemOf(add.error(), m_path);
    }
    if (auto problem = followDrum(stored.work.drum, work.drum, stored.rowDrum))
        return problem;
    return context == stored.context ? std::nullopt : writeContext(stored.id, context);
}

SqliteWorkbook::Problem SqliteWorkbook::writeContext(qint64 sessionId, const Context& context) {
    const auto state = readableText(context);
    if (!state)
        return unreadable(state.fault());
    Statement before(m_database, QStringLiteral("SELECT context FROM sessions WHERE id = ?"), {sessionId});
    if (before.ok() && before.query().next() &&
        !contextFromText(before.query().value(0).toString().toStdString()))
        if (auto problem = keepDamaged(QStringLiteral("context"), QStringLiteral("session %1").arg(sessionId),
                                       before.query().value(0)))
            return problem;
    Statement write(m_database, QStringLiteral("UPDATE sessions SET context = ? WHERE id = ?"),
                    {text(*state), sessionId});
    return write.ok() ? std::nullopt : Problem(problemOf(write.error(), m_path));
}

namespace {

/// What is stored now, once the transaction holds.
void stepOn(StoredSession& stored, const QString& command, const Work& work, const Context& context) {
    stored.steps.resize(++stored.position);
    stored.steps << command;
    if (stored.work.drum != work.drum)
        stored.rowDrum.reset();
    stored.work = work;
    stored.context = context;
    ++stored.revision;
}

} // namespace

SqliteWorkbook::Outcome<Done> SqliteWorkbook::appendStep(StoredSession& stored, const QString& command,
                                                         const Work& work, const Context& context,
                                                         const std::vector<ReadingRow>& readings,
                                                         const QString& now) {
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    if (auto problem = insertStep(stored, command, work, context, readings, now))
        return failure(*problem);
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    stepOn(stored, command, work, context);
    return Done{};
}

SqliteWorkbook::Outcome<qint64> SqliteWorkbook::saveSetup(StoredSession& stored, const QString& command,
                                                          const Session& after, const LogEntry& entry) {
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    if (auto problem = insertStep(stored, command, after, after, {}, entry.savedAt))
        return failure(*problem);
    const auto setup = readableSetup(after);
    if (!setup)
        return failure(unreadable(setup.fault()));
    const auto id = insertEntry(entry, packedText(*setup));
    if (!id)
        return id;
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    // What is saved stands in the file itself, so that a copy of it alone has the logbook.
    const Statement settle(m_database, QStringLiteral("PRAGMA wal_checkpoint(PASSIVE)"));
    stepOn(stored, command, after, after);
    return id;
}

/// Takes the next revision of a session, unless another program has taken it first.
SqliteWorkbook::Problem SqliteWorkbook::claim(const StoredSession& stored, int position) {
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

SqliteWorkbook::Outcome<Done> SqliteWorkbook::keepContext(StoredSession& stored, const Context& context) {
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    if (auto problem = claim(stored, stored.position))
        return failure(*problem);
    if (auto problem = writeContext(stored.id, context))
        return failure(*problem);
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    stored.context = context;
    ++stored.revision;
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::amendStep(StoredSession& stored, const Work& work) {
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    if (auto problem = claim(stored, stored.position))
        return failure(*problem);
    const auto amended = readableText(work);
    if (!amended)
        return failure(unreadable(amended.fault()));
    // Steps that were undone may be packed with this one: they are packed again.
    std::vector<std::pair<int, std::string>> after;
    for (int later = stored.position + 1;
         later < stored.steps.size() && basePosition(later) == stored.position; ++later)
        if (auto state = stateAt(stored.id, later))
            after.emplace_back(later, std::move(state).value());
    if (auto problem =
            writeState(stored.id, stored.position, packedState(stored.id, stored.position, *amended)))
        return failure(*problem);
    for (const auto& [later, state] : after)
        if (auto problem = writeState(stored.id, later, packedState(stored.id, later, state)))
            return failure(*problem);
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    stored.work = work;
    ++stored.revision;
    return Done{};
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::moveTo(StoredSession& stored, int position) {
    if (position < 0 || position >= stored.steps.size())
        return failure(WorkbookProblem{WorkbookFault::Failed, m_path,
                                       QStringLiteral("there is no step %1").arg(position)});
    StoredSession moved = stored;
    const auto found = nearestReadable(moved, position, position < stored.position ? -1 : 1);
    if (!found)
        return failure(WorkbookProblem{WorkbookFault::Damaged, m_path,
                                       QStringLiteral("no step on that side can be read")});
    Transaction transaction = writing();
    if (!transaction.begun())
        return failure(transaction.problem(m_path));
    if (auto problem = claim(stored, *found))
        return failure(*problem);
    if (auto problem = followDrum(stored.work.drum, moved.work.drum, stored.rowDrum))
        return failure(*problem);
    if (!transaction.commit())
        return failure(transaction.problem(m_path));
    if (stored.work.drum != moved.work.drum)
        stored.rowDrum.reset();
    stored.work = std::move(moved.work);
    stored.position = *found;
    ++stored.revision;
    return Done{};
}

SqliteWorkbook::Outcome<std::vector<DrumReminder>> SqliteWorkbook::reminders() const {
    Statement read(m_database, QStringLiteral("SELECT drum_id, context FROM sessions AS one WHERE id = "
                                              "(SELECT id FROM sessions WHERE drum_id = one.drum_id "
                                              "ORDER BY opened DESC, id DESC LIMIT 1)"));
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::vector<DrumReminder> found;
    while (read.query().next()) {
        const auto context = contextFromText(read.query().value(1).toString().toStdString());
        if (context && context->reminder) // a damaged one is told when its session is opened
            found.push_back({read.query().value(0).toString().toStdString(), *context->reminder});
    }
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
    return found;
}

} // namespace bombo

#include "app/session/session_journal.h"

#include "app/session/wording.h"
#include "core/record/commands/rig.h"
#include "core/record/heads_say.h"
#include "store/times.h"

namespace bombo {
/// Undo stack entry: holds the place of its step in the chain, no widget and no state of its own.
class SessionJournal::Step : public QUndoCommand {
public:
    Step(SessionJournal& journal, const QString& label, int position)
        : QUndoCommand(label), m_journal(journal), m_position(position) {}
    void redo() override {
        if (m_stored)
            m_journal.moveTo(m_position);
        m_stored = true; // the first redo comes from push(), after the step was stored
    }
    void undo() override { m_journal.moveTo(m_position - 1); }

private:
    SessionJournal& m_journal;
    int m_position;
    bool m_stored = false;
};

SessionJournal::SessionJournal(QObject* parent) : QObject(parent) {}
SessionJournal::~SessionJournal() = default;

void SessionJournal::setWorkbook(std::unique_ptr<Workbook> workbook) {
    m_undo.clear();
    m_stored = {};
    m_rig = {};
    m_workbook = std::move(workbook);
}

SessionJournal::Problem SessionJournal::begin(const Work& work, const Context& context) {
    auto rig = m_workbook->rig(work.drum.id, 0);
    if (!rig)
        return rig.fault();
    const bool left = rig->placeRevision < 0 ? m_usuallyLeft : rig->rig.leftHanded;
    const Session start = SetHand{left}.carryOut({work, context, rig->rig}).value();
    if (m_workbook->isReadOnly()) // to look at; steps will be refused
        return adopt({0, 0, 0, {QStringLiteral("start")}, start, start});
    auto stored = m_workbook->startSession(start, start, timeNow());
    if (!stored)
        return stored.fault();
    return adopt(std::move(stored).value());
}

SessionJournal::Problem SessionJournal::resume(qint64 id) {
    auto stored = m_workbook->loadSession(id);
    if (!stored)
        return stored.fault();
    return adopt(std::move(stored).value());
}

SessionJournal::Problem SessionJournal::adopt(StoredSession stored) {
    auto rig = m_workbook->rig(stored.work.drum.id, stored.id);
    if (!rig)
        return rig.fault();
    m_stored = std::move(stored);
    m_rig = std::move(rig).value();
    if (m_rig.placeRevision < 0)
        m_rig.rig.leftHanded = m_usuallyLeft;
    compose();
    m_gaugesKept
        .clear(); // whatever was found is kept once more: a crash may have come between it and its points
    Problem problem = keepGauges();
    if (const auto points =
            m_workbook->gaugePoints(QString::fromStdString(m_session.gauge.name), m_stored.id)) {
        m_rig.rig.gauge.points = *points; // of others, now that this session's own are told apart
        compose();
    } else {
        problem = points.fault();
    }
    rebuildUndo();
    emit changed();
    return problem;
}

void SessionJournal::compose() {
    static_cast<Work&>(m_session) = m_stored.work;
    static_cast<Context&>(m_session) = m_stored.context;
    static_cast<Rig&>(m_session) = m_rig.rig;
    m_reckoned.emplace(m_session);
}

SessionJournal::Problem SessionJournal::put(const QString& command, Touches touches, const Session& after,
                                            const std::vector<ReadingRow>& readings) {
    const Rig& rig = after;
    const bool wordsOnly = touches == Touches::Context && after.station == m_session.station;
    if (m_workbook->isReadOnly() && touches == Touches::Context) {
        m_stored.context = after; // looking around is free; forgotten when the file is closed
    } else if (touches == Touches::Work) {
        if (const auto done = m_workbook->appendStep(m_stored, command, after, after, readings, timeNow());
            !done)
            return reloadAfter(done.fault());
        pushStep(command);
    } else if (touches == Touches::Context) {
        if (const auto done = m_workbook->keepContext(m_stored, after); !done)
            return reloadAfter(done.fault());
    } else {
        if (const auto done = m_workbook->keepRig(m_rig, after.drum.id, rig); !done)
            return reloadAfter(done.fault());
        if (const Work& work = after; work != m_stored.work) // which way round its next taps go
            if (const auto done = m_workbook->amendStep(m_stored, work); !done)
                return reloadAfter(done.fault());
    }
    if (wordsOnly) { // nothing is reckoned from them, and a note is shown where it is typed
        Context before = m_session;
        static_cast<Context&>(m_session) = m_stored.context;
        before.note = m_session.note;
        before.noteAt = m_session.noteAt;
        if (before != m_stored.context)
            emit changed();
        return std::nullopt;
    }
    compose();
    const Problem problem = keepGauges();
    emit changed();
    return problem;
}

SessionJournal::Problem SessionJournal::putWithEntry(const QString& command, const Session& after,
                                                     const LogEntry& entry) {
    if (const auto done = m_workbook->saveSetup(m_stored, command, after, entry); !done)
        return reloadAfter(done.fault());
    pushStep(command);
    compose();
    emit changed();
    return std::nullopt;
}

/// What this session found of gauges goes into the workbook for the others, and out of it when it is undone.
SessionJournal::Problem SessionJournal::keepGauges() {
    if (m_workbook->isReadOnly())
        return std::nullopt;
    std::vector<GaugeRecord> found = gaugesFound(m_session);
    if (found == m_gaugesKept)
        return std::nullopt;
    if (const auto done = m_workbook->keepGaugePoints(m_stored.id, found); !done)
        return done.fault();
    m_gaugesKept = std::move(found);
    return std::nullopt;
}

void SessionJournal::pushStep(const QString& command) {
    m_undo.push(new Step(*this, commandLabel(command), m_stored.position));
}

void SessionJournal::moveTo(int position) {
    if (m_replaying)
        return;
    if (const auto done = m_workbook->moveTo(m_stored, position); !done) {
        // Not now: the stack is in the middle of its own call.
        QMetaObject::invokeMethod(
            this,
            [this, problem = done.fault()] {
                reloadAfter(problem);
                rebuildUndo();
                emit changed();
                emit failed(problem);
            },
            Qt::QueuedConnection);
        return;
    }
    compose();
    const Problem problem = keepGauges();
    emit changed();
    if (problem)
        emit failed(*problem);
    if (m_stored.position != position) // a damaged step was passed over; not now, as above
        QMetaObject::invokeMethod(
            this, [this] { rebuildUndo(); }, Qt::QueuedConnection);
}

/// Where another program has gone on with the session, its steps are the truth.
SessionJournal::Problem SessionJournal::reloadAfter(const WorkbookProblem& problem) {
    if (problem.fault == WorkbookFault::ChangedElsewhere)
        if (auto fresh = resume(m_stored.id))
            return fresh;
    return problem;
}

void SessionJournal::rebuildUndo() {
    m_replaying = true;
    m_undo.clear();
    for (int position = 1; position < m_stored.steps.size(); ++position)
        m_undo.push(new Step(*this, commandLabel(m_stored.steps[position]), position));
    m_undo.setIndex(m_stored.position);
    m_replaying = false;
}

} // namespace bombo

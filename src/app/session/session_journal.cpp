#include "app/session/session_journal.h"

#include "app/session/wording.h"

#include <QDateTime>

namespace bombo {
namespace {

QString now() {
    return QDateTime::currentDateTime().toString(Qt::ISODate);
}

} // namespace

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
    m_workbook = std::move(workbook);
}

SessionJournal::Problem SessionJournal::begin(const Session& start) {
    if (m_workbook->isReadOnly()) { // to look at; steps will be refused
        m_stored = {0, 0, 0, {{QStringLiteral("start"), start}}};
        rebuildUndo();
        emit changed();
        return std::nullopt;
    }
    auto stored = m_workbook->startSession(start, now());
    if (!stored)
        return stored.fault();
    m_stored = std::move(stored).value();
    rebuildUndo();
    emit changed();
    return std::nullopt;
}

SessionJournal::Problem SessionJournal::resume(qint64 id) {
    auto stored = m_workbook->loadSession(id);
    if (!stored)
        return stored.fault();
    m_stored = std::move(stored).value();
    rebuildUndo();
    emit changed();
    return std::nullopt;
}

SessionJournal::Problem SessionJournal::add(const QString& command, const Session& after,
                                            const std::vector<ReadingRow>& readings) {
    if (const auto done = m_workbook->appendStep(m_stored, command, after, readings, now()); !done)
        return reloadAfter(done.fault());
    m_undo.push(new Step(*this, commandLabel(command), m_stored.position));
    emit changed();
    return std::nullopt;
}

SessionJournal::Problem SessionJournal::amend(const Session& state) {
    if (const auto done = m_workbook->amendStep(m_stored, state); !done)
        return reloadAfter(done.fault());
    emit changed();
    return std::nullopt;
}

void SessionJournal::amendInMemory(const Session& state) {
    m_stored.steps[static_cast<std::size_t>(m_stored.position)].state = state;
    emit changed();
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
    emit changed();
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
    for (int position = 1; position < static_cast<int>(m_stored.steps.size()); ++position)
        m_undo.push(new Step(*this, commandLabel(m_stored.steps[static_cast<std::size_t>(position)].command),
                             position));
    m_undo.setIndex(m_stored.position);
    m_replaying = false;
}

} // namespace bombo

#pragma once
/// The session as a chain of stored steps: every acknowledged action is on disk, and can be undone.
#include "store/workbook.h"

#include <QObject>
#include <QUndoStack>
#include <memory>

namespace bombo {

class SessionJournal : public QObject {
    Q_OBJECT
public:
    explicit SessionJournal(QObject* parent = nullptr);
    ~SessionJournal() override;

    void setWorkbook(std::unique_ptr<Workbook> workbook);
    Workbook* workbook() const { return m_workbook.get(); }
    bool hasSession() const { return !m_stored.steps.empty(); }
    /// @pre hasSession()
    const Session& session() const {
        return m_stored.steps[static_cast<std::size_t>(m_stored.position)].state;
    }
    QUndoStack& undoStack() { return m_undo; }
    qint64 sessionId() const { return m_stored.id; }

    using Problem = std::optional<WorkbookProblem>;
    Problem begin(const Session& start);
    Problem resume(qint64 id);
    /// Stores the step, then makes it the present. Nothing changes if it cannot be stored.
    Problem add(const QString& command, const Session& after, const std::vector<ReadingRow>& readings);
    /// Changes the present without a step of its own: where one is, what one has noted.
    Problem amend(const Session& state);
    /// The same for a file that can only be read: forgotten when it is closed.
    void amendInMemory(const Session& state);

signals:
    void changed();
    /// Undo or redo could not be stored; the session was read anew from the file.
    void failed(const bombo::WorkbookProblem& problem);

private:
    class Step;
    void moveTo(int position);
    void rebuildUndo();
    Problem reloadAfter(const WorkbookProblem& problem);

    std::unique_ptr<Workbook> m_workbook;
    StoredSession m_stored;
    QUndoStack m_undo;
    bool m_replaying = false; ///< the stack is being rebuilt: its calls store nothing
};

} // namespace bombo

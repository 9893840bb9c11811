#pragma once
/// The session in its workbook: work as a chain of steps that can be undone, context and rig beside it. What
/// is acknowledged is on disk.
#include "core/record/commands/touches.h"
#include "core/record/reckoned.h"
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
    /// For workbooks that nobody has told the hand of yet.
    void setUsualHand(bool left) { m_usuallyLeft = left; }
    bool hasSession() const { return !m_stored.steps.empty(); }
    /// @pre hasSession()
    const Session& session() const { return m_session; }
    const Reckoned& reckoned() const { return *m_reckoned; }
    QUndoStack& undoStack() { return m_undo; }
    qint64 sessionId() const { return m_stored.id; }

    using Problem = std::optional<WorkbookProblem>;
    /// A new session. What is at hand for its drum comes from the workbook.
    Problem begin(const Work& work, const Context& context);
    Problem resume(qint64 id);
    /// Stores what a command made of the session, then makes it the present: of work a step, of context and
    /// rig their own rows. Nothing changes if it cannot be stored.
    Problem put(const QString& command, Touches touches, const Session& after,
                const std::vector<ReadingRow>& readings);
    /// The same, with an entry of the logbook, both or neither.
    Problem putWithEntry(const QString& command, const Session& after, const LogEntry& entry);

signals:
    void changed();
    /// Undo or redo could not be stored; the session was read anew from the file.
    void failed(const bombo::WorkbookProblem& problem);

private:
    class Step;
    Problem adopt(StoredSession stored);
    void moveTo(int position);
    void compose();
    void pushStep(const QString& command);
    void rebuildUndo();
    Problem reloadAfter(const WorkbookProblem& problem);
    Problem keepGauges();

    std::unique_ptr<Workbook> m_workbook;
    StoredSession m_stored;
    StoredRig m_rig;
    Session m_session;                  ///< both of them as one value
    std::optional<Reckoned> m_reckoned; ///< what follows from it; made anew when more than words changed
    std::vector<GaugeRecord> m_gaugesKept;
    QUndoStack m_undo;
    bool m_usuallyLeft = false;
    bool m_replaying = false; ///< the stack is being rebuilt: its calls store nothing
};

} // namespace bombo

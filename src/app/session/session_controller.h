#pragma once
/// The one object every widget talks to: the session in front, the shelf, the workbook; and those who listen,
/// strike, play and watch the clock for it.
#include "app/session/session_journal.h"
#include "app/settings.h"
#include "core/record/commands/command.h"
#include "core/record/reckoned.h"

namespace bombo {

class Ear;
class PracticePlayer;
class SoundOutput;
class WallClock;
class DamageWatch;
struct WayBack;

/// One line for the user, with what to do.
struct Notice {
    enum class Kind { Note, Problem };
    Kind kind = Kind::Note;
    QString text;
};

class SessionController : public QObject {
    Q_OBJECT
public:
    explicit SessionController(Settings& settings, QObject* parent = nullptr);

    // The workbook. Each returns false after a notice that names the file and says what to do.
    bool openWorkbook(const QString& path);
    bool newWorkbook(const QString& path);
    /// The demo, made on first use in the user's data folder.
    bool openDemo();
    static QString demoPath(); ///< where it stands, once it was opened
    /// The user's own workbook, in the folder of documents; made when it is not there.
    bool openOwn();
    static QString ownWorkbookPath();
    /// A simulated drum to learn on, in a workbook of its own in the user's data folder.
    bool openPractice();
    /// Nothing is open then; what was done is on disk.
    void closeWorkbook();
    /// The work stays in this workbook; in the copy only where this one cannot be written any more.
    bool saveCopy(const QString& path);
    /// Puts the open workbook back where it was moved or deleted from.
    bool writeAgain();
    /// Puts the newest whole copy in the place of a damaged workbook, which is kept, and opens it.
    bool goBackTo(const WayBack& way, const QString& path);
    /// Brings what can be read of a damaged workbook into a new one beside it, and opens that.
    bool rescue(const QString& path);
    bool hasWorkbook() const { return m_journal.workbook() != nullptr; }
    /// Something in the open workbook was damaged and left out.
    bool hasLeftOut() const { return m_hasLeftOut; }
    bool isReadOnly() const { return hasWorkbook() && m_journal.workbook()->isReadOnly(); }
    QString workbookPath() const { return hasWorkbook() ? m_journal.workbook()->path() : QString(); }
    const std::vector<DrumRow>& drums() const { return m_drums; }
    /// Those of the workbook first, then those that are always at hand.
    const std::vector<Tone>& tones() const { return m_tones; }
    std::size_t ownTones() const { return m_ownTones; }
    /// Keeps a tone in the workbook under a name and chooses it.
    bool addTone(Tone tone, const QString& name);

    // The session.
    bool hasSession() const { return m_journal.hasSession(); }
    /// @pre hasSession()
    const Session& session() const { return m_journal.session(); }
    /// The session with what was reckoned from it since it changed last. @pre hasSession()
    const Reckoned& reckoned() const { return m_journal.reckoned(); }
    qint64 sessionId() const { return m_journal.sessionId(); }
    QUndoStack& undoStack() { return m_journal.undoStack(); }
    /// Goes on with the drum's latest session, or starts its first.
    void chooseDrum(const std::string& id);
    void startFresh();
    /// All of the drum's sessions, the one in front first.
    std::vector<SessionLine> sessions();
    /// Goes on with an earlier session of the drum in front.
    bool openSession(qint64 id);
    bool addDrum(const DrumRow& row);
    /// A drum that is no longer played; not the last one. Another one comes in front.
    bool retireDrum(const std::string& id, bool isRetired);
    /// Applies, stores and shows a command. @return false after a notice when it was refused or not stored
    bool perform(const Command& command);
    void goTo(Station station);
    void setNote(const QString& note);

    /// The head at hand, on a head station.
    std::optional<HeadSide> headAtHand() const;
    Ear& ear() { return *m_ear; }
    PracticePlayer& practice() { return *m_practice; }
    SoundOutput& output() { return *m_output; }

    /// The plan before a show begins now and ends in so many minutes.
    bool beginHurry(double minutes);

    // Gauges, kept in the workbook by name with what their marks stand for.
    QStringList gaugeNames();
    void chooseGauge(const QString& name);
    /// From now on, in this session and those to come.
    void setLeftHanded(bool left);
    /// Lays the hoop out from the strainer again, or from the rod before which the user stands. Not a step to
    /// undo.
    void setNearestRod(std::optional<int> rod);

    // The logbook.
    bool saveToLog();
    /// Of one drum or of all, the newest first. @param most 0: all
    std::vector<LogEntry> logEntries(const std::optional<std::string>& drumId = std::nullopt, int most = 0);
    bool openLogEntry(qint64 id);
    /// The drum as it was when an entry was saved; empty after a notice.
    std::optional<Session> setupOf(qint64 id);
    /// Of every drum, with their figures, the oldest first.
    std::vector<Entry> entries();
    /// @param before as it was shown: what another window has said meanwhile is not written over
    bool keepWords(qint64 id, const EntryWords& before, const EntryWords& words);
    bool deleteEntries(const std::vector<qint64>& ids, bool areDeleted);
    /// Deleted entries, the newest first.
    std::vector<Entry> bin();
    bool emptyBin();
    /// Drums, tones and entries of another logbook, all or none. @param progress may give up
    bool takeIn(const Parcel& parcel, const std::function<bool(double)>& progress = {});
    /// The moves of a plan are at hand on both heads, and the work goes on at the first head that has one.
    bool goBack(const BackTo& plan, const Entry& then, const QString& name);

    /// Shows a problem that arose in a page, with what to do about it.
    void tell(const QString& problem) { say(problem, Notice::Kind::Problem); }
    void say(const QString& text, Notice::Kind kind = Notice::Kind::Note);

    Settings& settings() { return m_settings; }
    /// The open workbook, for what has no verb of its own here; may be null.
    Workbook* workbook() { return m_journal.workbook(); }

signals:
    void workbookChanged();
    /// A workbook cannot be opened, or the open one was found damaged: ask what to do about it.
    void damageFound(const QString& path);
    /// The open workbook is no longer where it was opened: ask what to do about it.
    void workbookMoved(const QString& path);
    void sessionChanged();
    void notice(const bombo::Notice& notice);
    void logChanged();

private:
    bool said(const SessionJournal::Problem& problem);
    bool adopt(std::unique_ptr<Workbook> book);
    void onOpenFailed(const WorkbookProblem& problem);
    void noteRecent();
    bool loadShelf();
    void fillShelf(std::vector<DrumRow> drums, std::vector<Tone> tones);
    void saySetAside();
    void beginOn(const DrumRow& row);
    const DrumRow* inFront(const std::string& wished) const;
    void keepInFront(const std::string& drumId);
    double sayPlayed(const std::string& drumId);
    bool isSaved(const LogEntry& entry);
    void onSessionChanged();
    void followVerdict();

    Settings& m_settings;
    SessionJournal m_journal;
    Ear* m_ear; ///< a child of this, like the next three
    PracticePlayer* m_practice;
    SoundOutput* m_output;
    WallClock* m_wallClock;
    DamageWatch* m_damageWatch;
    std::vector<DrumRow> m_drums;
    std::vector<Tone> m_tones;
    std::size_t m_ownTones = 0;
    bool m_hasLeftOut = false;
};

} // namespace bombo

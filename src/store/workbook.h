#pragma once
/// The workbook: one SQLite file with drums, tones, sessions, readings and the logbook.
#include "core/record/session.h"
#include "core/units/result.h"

#include <QString>
#include <QtSql/QSqlDatabase>
#include <memory>
#include <optional>
#include <vector>

namespace bombo {

enum class WorkbookFault {
    NotFound,
    NotAWorkbook, ///< some other file, or not SQLite at all
    Damaged,
    NewerVersion, ///< written by a newer Bombo
    ReadOnly,
    DiskFull,
    Busy,             ///< another program holds it
    ChangedElsewhere, ///< another window went on with the same session
    Failed,
};
struct WorkbookProblem {
    WorkbookFault fault = WorkbookFault::Failed;
    QString path;
    QString detail; ///< the database's own words; may be empty
};
/// The problem as one English sentence that names the file and says what to do.
QString problemText(const WorkbookProblem& problem);

struct DrumRow {
    Drum drum;
    std::uint64_t practiceSeed = 1;
    std::string toneId;
};

struct StoredStep {
    QString command;
    Session state;
};
/// A session as stored: every step with the state after it; `position` steps are in force, later ones undone.
struct StoredSession {
    qint64 id = 0;
    qint64 revision = 0;
    int position = 0;
    std::vector<StoredStep> steps; ///< steps[0] is the start
};

struct LogEntry {
    qint64 id = 0;
    QString savedAt; ///< ISO 8601, local time
    std::string drumId;
    std::string toneId;
    QString summary;         ///< JSON, see docs/workbook.md
    bool restorable = false; ///< the whole session was kept with it
};

/// A reading to be filed beside a step.
struct ReadingRow {
    HeadSide side = HeadSide::Batter;
    int rod = 0; ///< 0-based
    RodReading reading;
};

/// Which of two strokes that are compared.
enum class Take { Before, After };
/// A stroke as it sounded.
struct Recording {
    double sampleRate = 48000;  ///< Hz
    std::vector<float> samples; ///< full scale = 1
    QString madeAt;             ///< ISO 8601, local time
};

struct Done {};

/// Not thread-safe; use it from the thread that opened it. Every writing call is one transaction: when it
/// returns a value, the change is on disk.
class Workbook {
public:
    template <class T> using Outcome = Result<T, WorkbookProblem>;

    /// Opens and, if need be, migrates (after a backup beside the file). Falls back to reading only when the
    /// file cannot be written.
    static Outcome<std::unique_ptr<Workbook>> open(const QString& path);
    /// Makes a new, empty workbook; refuses to write over a file.
    static Outcome<std::unique_ptr<Workbook>> create(const QString& path);
    ~Workbook();
    Workbook(const Workbook&) = delete;
    Workbook& operator=(const Workbook&) = delete;

    const QString& path() const { return m_path; }
    bool isReadOnly() const { return m_readOnly; }
    static int newestVersion();

    Outcome<std::vector<DrumRow>> drums() const;
    Outcome<std::vector<Tone>> tones() const;
    Outcome<Done> addDrum(const DrumRow& row);
    Outcome<Done> addTone(const Tone& tone);

    Outcome<StoredSession> startSession(const Session& start, const QString& now);
    Outcome<StoredSession> loadSession(qint64 id) const;
    /// The newest session of a drum, if there is one.
    Outcome<std::optional<qint64>> latestSession(const std::string& drumId) const;
    /// Adds a step after stored.position and drops what was undone; updates `stored` on success only.
    Outcome<Done> appendStep(StoredSession& stored, const QString& command, const Session& state,
                             const std::vector<ReadingRow>& readings, const QString& now);
    /// Changes the state of the step in force without a step of its own: where one is, what one has noted.
    Outcome<Done> amendStep(StoredSession& stored, const Session& state);
    /// Undo or redo: puts another step in force.
    Outcome<Done> moveTo(StoredSession& stored, int position);

    Outcome<qint64> addLogEntry(const LogEntry& entry, const Session* session);
    Outcome<std::vector<LogEntry>> logEntries(const std::optional<std::string>& drumId = std::nullopt) const;
    Outcome<Session> logSession(qint64 id) const;
    Outcome<int> readingCount(qint64 sessionId) const;

    /// Keeps a stroke of a session; an earlier one of the same take is replaced.
    Outcome<Done> keepRecording(qint64 sessionId, Take take, const Recording& recording);
    Outcome<std::optional<Recording>> recording(qint64 sessionId, Take take) const;

    /// A whole, tidy copy at `path`, which must not exist.
    Outcome<Done> copyTo(const QString& path) const;

    Outcome<Done> setValue(const QString& key, const QString& value);
    QString value(const QString& key) const;

    /// For tests of a full disk: caps the file at `pages` pages.
    void limitSize(int pages);

private:
    explicit Workbook(QString path);
    std::optional<WorkbookProblem> connect(bool mayCreate);
    std::optional<WorkbookProblem> checkFile();
    std::optional<WorkbookProblem> migrate();
    std::optional<WorkbookProblem> claim(const StoredSession& stored, int position);

    QString m_path;
    QString m_connection;
    QSqlDatabase m_database;
    bool m_readOnly = false;
};

} // namespace bombo

#pragma once
/// The workbook: drums, tones, sessions, what is at hand, and the logbook; as one file or another kind of
/// store.
#include "core/record/state_text.h"
#include "store/records.h"

#include <functional>
#include <memory>

namespace bombo {

/// Not thread-safe; use it from the thread that opened it. Every writing call is one transaction: when it
/// returns a value, the change is on disk.
class Workbook {
public:
    template <class T> using Outcome = Result<T, WorkbookProblem>;

    /// Opens a file and, if need be, migrates it (after a backup beside it). Falls back to reading only when
    /// it or its folder cannot be written. Before the first write of a day it is copied beside itself, see
    /// backups().
    static Outcome<std::unique_ptr<Workbook>> open(const QString& path);
    using Fill = std::function<std::optional<WorkbookProblem>(Workbook&)>;
    /// Makes a new one, whole or not at all: it gets its name once it is filled. Refuses to write over a
    /// file.
    static Outcome<std::unique_ptr<Workbook>> create(const QString& path, const Fill& fill = {});
    static int newestVersion();

    Workbook() = default;
    Workbook(const Workbook&) = delete;
    Workbook& operator=(const Workbook&) = delete;
    virtual ~Workbook() = default;

    /// What the user knows it by.
    virtual const QString& path() const = 0;
    virtual bool isReadOnly() const = 0;
    /// The file was looked through when it was opened; of a large one only its head, see checkThoroughly.
    virtual bool isChecked() const = 0;

    /// A damaged drum, tone, step or rig is set aside, see takeSetAside.
    virtual Outcome<std::vector<DrumRow>> drums() const = 0;
    virtual Outcome<std::vector<Tone>> tones() const = 0;
    /// What was damaged in all that was read since the last call.
    virtual std::vector<SetAside> takeSetAside() = 0;
    virtual Outcome<Done> addDrum(const DrumRow& row) = 0;
    virtual Outcome<Done> addTone(const Tone& tone) = 0;
    virtual Outcome<Done> retireDrum(const std::string& id, bool isRetired) = 0;

    virtual Outcome<StoredSession> startSession(const Work& work, const Context& context,
                                                const QString& now) = 0;
    /// With the step in force, or where that is damaged the nearest before it that is not.
    virtual Outcome<StoredSession> loadSession(qint64 id) const = 0;
    /// The session of a drum that a start goes on with: the one that was begun or opened last.
    virtual Outcome<std::optional<qint64>> latestSession(const std::string& drumId) const = 0;
    /// All of a drum, the one in front first, then the newest.
    virtual Outcome<std::vector<SessionLine>> sessionsOf(const std::string& drumId) const = 0;
    /// From now on a start goes on with this one.
    virtual Outcome<Done> bringForward(qint64 sessionId) = 0;
    /// Adds a step after stored.position and drops what was undone. Like the three below it updates `stored`
    /// on success only. Where a step changes the drum itself (a new head), so does the drum's row, and back
    /// again by moveTo.
    virtual Outcome<Done> appendStep(StoredSession& stored, const QString& command, const Work& work,
                                     const Context& context, const std::vector<ReadingRow>& readings,
                                     const QString& now) = 0;
    /// Where one is, what one has noted: no step.
    virtual Outcome<Done> keepContext(StoredSession& stored, const Context& context) = 0;
    /// Puts another state in the place of the step in force.
    virtual Outcome<Done> amendStep(StoredSession& stored, const Work& work) = 0;
    /// Undo or redo: puts another step in force; past damaged ones to the next that can be read.
    virtual Outcome<Done> moveTo(StoredSession& stored, int position) = 0;
    /// A step, and an entry of the logbook with the setup after it, both or neither. @return the entry's id
    virtual Outcome<qint64> saveSetup(StoredSession& stored, const QString& command, const Session& after,
                                      const LogEntry& entry) = 0;
    /// Those of every drum's newest session.
    virtual Outcome<std::vector<DrumReminder>> reminders() const = 0;

    /// What is at hand for a drum, the points of its gauge from other sessions than this one included.
    virtual Outcome<StoredRig> rig(const std::string& drumId, qint64 sessionId) const = 0;
    /// Updates `stored` on success only.
    virtual Outcome<Done> keepRig(StoredRig& stored, const std::string& drumId, const Rig& rig) = 0;
    virtual Outcome<QStringList> gaugeNames() const = 0;
    /// Points that sessions other than this one found of a gauge.
    virtual Outcome<std::vector<GaugePoint>> gaugePoints(const QString& gauge, qint64 sessionId) const = 0;
    /// All that a session found of gauges, in place of what it found before.
    virtual Outcome<Done> keepGaugePoints(qint64 sessionId, const std::vector<GaugeRecord>& found) = 0;

    virtual Outcome<qint64> addLogEntry(const LogEntry& entry) = 0;
    /// The newest first. @param most 0: all
    virtual Outcome<std::vector<LogEntry>> logEntries(const std::optional<std::string>& drumId = std::nullopt,
                                                      int most = 0) const = 0;
    /// All that are not deleted, of one drum or of all, the oldest first, with their figures. What is damaged
    /// has none.
    virtual Outcome<std::vector<Entry>> entries(const std::optional<std::string>& drumId) const = 0;
    /// In place of what was said before; the figures stay. Refused as ChangedElsewhere where `before` is no
    /// longer what is kept.
    virtual Outcome<Done> keepWords(qint64 id, const EntryWords& before, const EntryWords& words) = 0;
    /// Deleted entries lie in the bin until it is emptied, and can be restored.
    virtual Outcome<Done> deleteEntries(const std::vector<qint64>& ids, bool areDeleted) = 0;
    /// Those in the bin, the newest first.
    virtual Outcome<std::vector<Entry>> bin() const = 0;
    virtual Outcome<Done> emptyBin() = 0;
    /// Everything that is kept of the logbook, with drums and tones; of one drum, or of all. What is in the
    /// bin comes with it, marked; what is damaged is left out and named.
    virtual Outcome<Parcel> parcel(const std::optional<std::string>& drumId,
                                   Setups setups = Setups::Included) const = 0;
    /// All of it is added, or nothing. An entry that is marked as deleted is taken out of the bin here.
    virtual Outcome<Done> takeIn(const Parcel& parcel, const std::function<bool(double)>& progress = {}) = 0;
    virtual Outcome<Setup> logSetup(qint64 id) const = 0;
    virtual Outcome<int> readingCount(qint64 sessionId) const = 0;

    /// Keeps a stroke of a session; an earlier one of the same take is replaced.
    virtual Outcome<Done> keepRecording(qint64 sessionId, Take take, const Recording& recording) = 0;
    /// Both takes of a session.
    virtual Outcome<Done> dropRecordings(qint64 sessionId) = 0;
    virtual Outcome<std::optional<Recording>> recording(qint64 sessionId, Take take) const = 0;

    /// A whole, tidy copy at `path`, which must not exist.
    virtual Outcome<Done> copyTo(const QString& path) const = 0;

    /// The file is written again where it stood; refused as Exists where another one is there now.
    virtual Outcome<Done> writeAgain() = 0;

    virtual Outcome<Done> setValue(const QString& key, const QString& value) = 0;
    /// The same, refused as ChangedElsewhere where `before` is no longer what is kept.
    virtual Outcome<Done> changeValue(const QString& key, const QString& before, const QString& value) = 0;
    virtual QString value(const QString& key) const = 0;

    /// For tests of a full disk: caps the file at `pages` pages.
    virtual void limitSize(int pages) = 0;
};

} // namespace bombo

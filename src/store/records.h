#pragma once
/// What a workbook holds, as values.
#include "core/log/entry.h"
#include "core/record/session.h"
#include "core/units/result.h"

#include <QString>
#include <QStringList>
#include <optional>
#include <vector>

namespace bombo {

enum class WorkbookFault {
    NotFound,
    Unreachable,  ///< rights, or a folder that is not there
    NotAWorkbook, ///< some other file, or not SQLite at all
    Damaged,
    NewerVersion, ///< written by a newer Bombo
    ReadOnly,
    DiskFull,
    DiskFailing,      ///< reading or writing went wrong; the file itself may be whole
    Busy,             ///< another program holds it
    Exists,           ///< a file stands where a new one was to be made
    ChangedElsewhere, ///< another window went on with the same session, or said something else meanwhile
    Moved,            ///< the open file is no longer where it was opened, or another one is there
    Foreign,          ///< it holds parts that no Bombo makes (views, triggers, other tables)
    Unreadable,       ///< what was to be written could not be read again: nothing was written
    GivenUp,          ///< by the user, in the middle: nothing was written
    Failed,
};
struct WorkbookProblem {
    WorkbookFault fault = WorkbookFault::Failed;
    QString path;
    QString detail; ///< the database's own words; may be empty
};
/// The problem as one sentence that names the file and says what to do, in the language of the program
/// (English where none was chosen, as on the command line).
QString problemText(const WorkbookProblem& problem);

struct DrumRow {
    Drum drum;
    std::uint64_t practiceSeed = 1;
    std::string toneId;
    bool isRetired = false; ///< no longer played; its logbook stays
};

/// A session of a drum, for a list of them.
struct SessionLine {
    qint64 id = 0;
    QString startedAt; ///< ISO 8601
    QString lastAt;    ///< of its last step
    int steps = 0;     ///< taken after the start
    Station station = Station::Drum;
    bool isInFront = false; ///< the one that a start goes on with
};

/// A session as stored: its steps by name and the work after the one in force; later ones were undone.
struct StoredSession {
    qint64 id = 0;
    qint64 revision = 0;
    int position = 0;
    QStringList steps; ///< steps[0] is the start
    Work work;
    Context context;
    std::optional<Drum> rowDrum{}; ///< as the drum's row had it when this was read, where that is another
};

/// What could not be read and was left where it is, so that the rest works.
struct SetAside {
    enum class What { Drum, Tone, Step, Session, Rig, Backup, Entry };
    What what = What::Step;
    QString name; ///< of the drum or tone, as far as it can be told; the number of a step
    QString why;  ///< English
    bool operator==(const SetAside&) const = default;
};

/// What is at hand, as stored; a change is refused when another window has made one meanwhile.
struct StoredRig {
    Rig rig;
    qint64 drumRevision = 0;
    qint64 placeRevision = 0;
};

struct LogEntry {
    qint64 id = 0;
    QString savedAt; ///< ISO 8601 with its offset from UTC; without one in entries of old versions
    std::string drumId;
    std::string toneId;
    QString summary;         ///< JSON, see docs/workbook.md
    bool restorable = false; ///< the whole setup was kept with it
};

/// An entry with all that is kept with it.
struct KeptEntry {
    LogEntry entry;
    std::optional<EntryWords> words; ///< said afterwards, in place of those of the summary
    std::string setup;               ///< setupText; empty for an entry of figures only
    std::optional<qint64> utc{};     ///< seconds since 1970, where the workbook knows better than the text
    bool isDeleted = false;          ///< it lies in the bin
};
/// What goes from one workbook to another.
struct Parcel {
    std::vector<DrumRow> drums;
    std::vector<Tone> tones;
    std::vector<KeptEntry> entries; ///< in order of time
    QStringList leftOut{};          ///< what was damaged and is not in it, a sentence each; English
};

/// Whether the setups of entries come along: without them it is told quickly what is there.
enum class Setups { Included, LeftOut };

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
    QString madeAt;             ///< ISO 8601 with its offset from UTC
};

struct DrumReminder {
    std::string drumId;
    Reminder reminder;
};

struct Done {};

} // namespace bombo

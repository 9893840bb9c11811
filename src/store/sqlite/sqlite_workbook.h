#pragma once
/// A workbook as one SQLite file. Private to this folder: everybody else knows the interface alone.
#include "core/record/json_values.h"
#include "store/workbook.h"

#include <QDateTime>
#include <QtSql/QSqlDatabase>

namespace bombo {

class Transaction;

inline constexpr int kApplicationId = 0x426D626F; ///< "Bmbo", so that the file is known as a workbook

class SqliteWorkbook : public Workbook {
public:
    static Outcome<std::unique_ptr<Workbook>> open(const QString& path);
    static Outcome<std::unique_ptr<Workbook>> create(const QString& path, const Fill& fill);
    ~SqliteWorkbook() override;

    const QString& path() const override { return m_path; }
    bool isReadOnly() const override { return m_readOnly; }
    bool isChecked() const override { return m_checked; }

    Outcome<std::vector<DrumRow>> drums() const override;
    Outcome<std::vector<Tone>> tones() const override;
    std::vector<SetAside> takeSetAside() override;
    Outcome<Done> addDrum(const DrumRow& row) override;
    Outcome<Done> addTone(const Tone& tone) override;
    Outcome<Done> retireDrum(const std::string& id, bool isRetired) override;

    Outcome<StoredSession> startSession(const Work& work, const Context& context,
                                        const QString& now) override;
    Outcome<StoredSession> loadSession(qint64 id) const override;
    Outcome<std::optional<qint64>> latestSession(const std::string& drumId) const override;
    Outcome<std::vector<SessionLine>> sessionsOf(const std::string& drumId) const override;
    Outcome<Done> bringForward(qint64 sessionId) override;
    Outcome<Done> appendStep(StoredSession& stored, const QString& command, const Work& work,
                             const Context& context, const std::vector<ReadingRow>& readings,
                             const QString& now) override;
    Outcome<Done> keepContext(StoredSession& stored, const Context& context) override;
    Outcome<Done> amendStep(StoredSession& stored, const Work& work) override;
    Outcome<Done> moveTo(StoredSession& stored, int position) override;
    Outcome<qint64> saveSetup(StoredSession& stored, const QString& command, const Session& after,
                              const LogEntry& entry) override;
    Outcome<std::vector<DrumReminder>> reminders() const override;

    Outcome<StoredRig> rig(const std::string& drumId, qint64 sessionId) const override;
    Outcome<Done> keepRig(StoredRig& stored, const std::string& drumId, const Rig& rig) override;
    Outcome<QStringList> gaugeNames() const override;
    Outcome<std::vector<GaugePoint>> gaugePoints(const QString& gauge, qint64 sessionId) const override;
    Outcome<Done> keepGaugePoints(qint64 sessionId, const std::vector<GaugeRecord>& found) override;

    Outcome<qint64> addLogEntry(const LogEntry& entry) override;
    Outcome<std::vector<LogEntry>> logEntries(const std::optional<std::string>& drumId,
                                              int most) const override;
    Outcome<std::vector<Entry>> entries(const std::optional<std::string>& drumId) const override;
    Outcome<Done> keepWords(qint64 id, const EntryWords& before, const EntryWords& words) override;
    Outcome<Done> deleteEntries(const std::vector<qint64>& ids, bool areDeleted) override;
    Outcome<std::vector<Entry>> bin() const override;
    Outcome<Done> emptyBin() override;
    Outcome<Parcel> parcel(const std::optional<std::string>& drumId, Setups setups) const override;
    Outcome<Done> takeIn(const Parcel& parcel, const std::function<bool(double)>& progress) override;
    Outcome<Setup> logSetup(qint64 id) const override;
    Outcome<int> readingCount(qint64 sessionId) const override;
    Outcome<Done> keepRecording(qint64 sessionId, Take take, const Recording& recording) override;
    Outcome<Done> dropRecordings(qint64 sessionId) override;
    Outcome<std::optional<Recording>> recording(qint64 sessionId, Take take) const override;

    Outcome<Done> copyTo(const QString& path) const override;
    Outcome<Done> writeAgain() override;
    Outcome<Done> setValue(const QString& key, const QString& value) override;
    Outcome<Done> changeValue(const QString& key, const QString& before, const QString& value) override;
    QString value(const QString& key) const override;
    void limitSize(int pages) override;

    /// A drum whose row is lost, from its newest session or else its newest entry that can be read.
    std::optional<DrumRow> lostDrum(const std::string& id) const;

private:
    using Problem = std::optional<WorkbookProblem>;

    explicit SqliteWorkbook(QString path);
    Problem connect(bool mayCreate);
    Problem checkFile();
    Problem migrate();
    Problem foreignParts() const;
    Problem isMoved() const;
    void noteIdentity();
    static Problem build(const QString& path, const Fill& fill);
    Problem beforeWriting();
    /// A transaction that writes. What writes without one calls beforeWriting() itself.
    Transaction writing();
    Problem claim(const StoredSession& stored, int position);
    Problem insertStep(const StoredSession& stored, const QString& command, const Work& work,
                       const Context& context, const std::vector<ReadingRow>& readings, const QString& now);
    Outcome<std::string> stateAt(qint64 sessionId, int position) const;
    QByteArray packedState(qint64 sessionId, int position, const std::string& state) const;
    Problem writeState(qint64 sessionId, int position, const QByteArray& packed);
    std::optional<int> nearestReadable(StoredSession& stored, int position, int way) const;
    /// Keeps what is damaged and has to make room, as it is.
    Problem keepDamaged(const QString& part, const QString& place, const QVariant& value);
    Problem keepDamagedSteps(qint64 sessionId, int from);
    void setAside(SetAside one) const;
    void setAside(SetAside::What what, const Json& json, const InputProblem& problem) const;
    Problem followDrum(const Drum& before, const Drum& after, const std::optional<Drum>& rowDrum);
    std::optional<Drum> otherRow(const Drum& drum) const;
    Problem makeRoom(const QString& table, const QString& id);
    Problem writeContext(qint64 sessionId, const Context& context);
    WorkbookProblem unreadable(const InputProblem& problem) const;
    Problem writeRig(const QString& drumId, const std::string& value, qint64 revision);
    void readLines(const std::vector<qint64>& ids, const std::optional<std::string>& drumId,
                   std::vector<Entry>& entries) const;
    Outcome<Entry> entryNumber(qint64 id) const;
    Outcome<KeptEntry> keptEntry(qint64 id, Parcel& parcel, Setups setups) const;
    bool keepLine(const Entry& entry) const;
    Problem dropLine(qint64 id);
    Outcome<std::vector<qint64>> entryIds(const std::optional<std::string>& drumId, bool areDeleted,
                                          int most) const;
    Problem changeEntries(const QString& what, const QVariant& value, const std::vector<qint64>& ids);
    Outcome<std::string> setupTextOf(const QVariant& kept, qint64 id) const;
    Outcome<qint64> insertEntry(const LogEntry& entry, const QVariant& setup);

    QString m_path;
    QString m_connection;
    QSqlDatabase m_database;
    bool m_readOnly = false;
    bool m_checked = false;
    QDate m_copiedOn;      ///< the day for which a copy was last made, or not needed
    QDateTime m_copyTried; ///< when the last one failed; not valid: none did
    quint64 m_device = 0;  ///< of the open file, with the next: told from any other
    quint64 m_inode = 0;
    mutable std::vector<SetAside> m_setAside; ///< noted by whatever reads
};

/// What is wrong with the file, as found in one of its texts.
WorkbookProblem damaged(const QString& path, const InputProblem& problem);

} // namespace bombo

#pragma once
/// The one object every widget talks to: holds the session, hears the taps, keeps the workbook.
#include "app/listening/listener.h"
#include "app/session/session_journal.h"
#include "app/settings.h"
#include "audio/player.h"
#include "core/practice/practice_drum.h"
#include "core/preview/stroke_sound.h"

#include <QTimer>

namespace bombo {

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
    /// The user's own workbook, in the folder of documents; made when it is not there.
    bool openOwn();
    static QString ownWorkbookPath();
    bool saveCopy(const QString& path);
    bool hasWorkbook() const { return m_journal.workbook() != nullptr; }
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
    qint64 sessionId() const { return m_journal.sessionId(); }
    QUndoStack& undoStack() { return m_journal.undoStack(); }
    /// Goes on with the drum's latest session, or starts its first.
    void chooseDrum(const std::string& id);
    void startFresh();
    bool addDrum(const DrumRow& row);
    /// Applies, stores and shows a command. @return false after a notice when it was refused or not stored
    bool perform(const Command& command);
    void goTo(Station station);
    void setNote(const QString& note);

    // Listening.
    Listener& listener() { return m_listener; }
    void chooseSource(SoundSource source);
    void chooseMicrophone(const QByteArray& device);
    /// Strikes the practice drum in front of the rod that is due.
    void strikePractice();
    /// Reads the gauge of the practice drum beside the rod that is due.
    void readPracticeGauge();
    /// Strikes it once in the middle as it stands, wires and pads on, at a station that hears whole strokes.
    void strikeWhole();
    /// Strikes it with the wires on, and files what they did.
    void strikeWires(StrokePlace place, Dynamic dynamic);
    /// A hum beside the drum, from the microphone or the practice drum; voiceChanged follows. The first one
    /// is with the lever off; when the second was heard, with it on, the answer is filed.
    void hearVoice(bool leverOn);
    void hearVoiceFile(bool leverOn, const QString& path);
    bool isHearingVoice() const { return m_voiceHeldFor.has_value(); }
    /// Hiss over the voice with the lever off, dB, while the other one is waited for.
    const std::optional<double>& voiceWithout() const { return m_voiceWithout; }
    /// Reads them one after the other until the round is full.
    void openSoundFiles(const QStringList& paths);
    /// Reads the hits of a file, away from the window; hitsRead follows, or a notice.
    void readHits(const QString& path);
    /// Plays a stroke as the model predicts it.
    void hear(const PreviewStroke& stroke);
    /// Plays a sound. @return false after a notice where there is no output
    bool playSound(const std::vector<float>& samples, double rate);

    // Before and after a change.
    /// The stroke that was heard last, as it sounded; empty before one was.
    bool hasStrokeSound() const { return !m_strokeSound.samples.empty(); }
    /// Keeps it in the workbook with this session. @return false after a notice
    bool keepStrokeSound(Take take);
    std::optional<Recording> strokeSound(Take take);
    /// The head at hand, on a head station.
    std::optional<HeadSide> headAtHand() const;
    /// A tap would be taken now.
    bool isTapDue() const;
    /// At the stations after the heads whole strokes are heard, whenever one comes.
    bool hearsStrokes() const;
    /// While the pitch card is open its places are due, not the rods of a round.
    void openCard(bool open);
    bool isCardOpen() const { return m_cardOpen; }
    /// While a clock is compared the microphone is open, its clock not corrected.
    void calibrate(bool on);
    /// While a microphone is checked its taps go to lookedAt and nowhere else.
    enum class Checked { Nothing, Microphone, Practice };
    void beginCheck(Checked what);
    void endCheck() { beginCheck(Checked::Nothing); }
    /// Taps the practice drum for the check of its microphone.
    void strikeForCheck();
    const std::optional<Reading>& lastReading() const { return m_lastReading; }
    /// The last whole stroke, where strokes are heard; empty when it could not be read.
    const std::optional<HitPortrait>& lastStroke() const { return m_lastStroke; }

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
    std::vector<LogEntry> logEntries();
    bool openLogEntry(qint64 id);

    /// Shows a problem that arose in a page, with what to do about it.
    void tell(const QString& problem) { say(problem, Notice::Kind::Problem); }

    Settings& settings() { return m_settings; }
    /// The open workbook, for what has no verb of its own here; may be null.
    Workbook* workbook() { return m_journal.workbook(); }

signals:
    void workbookChanged();
    void sessionChanged();
    void notice(const bombo::Notice& notice);
    void readingHeard(const bombo::Reading& reading);
    void lookedAt(const bombo::TapAtMicrophone& tap);
    void hitsRead(const QString& path, const std::vector<bombo::HitPortrait>& hits);
    void logChanged();
    void voiceChanged();
    /// Before or after a change, in the workbook now.
    void strokeSoundKept();

private:
    void say(const QString& text, Notice::Kind kind = Notice::Kind::Note);
    bool said(const SessionJournal::Problem& problem);
    bool adopt(std::unique_ptr<Workbook> book);
    bool loadShelf();
    void onSessionChanged();
    PracticeSound practiceSound() const; ///< in which room a tap on the practice drum is heard
    void onHeard(const HeardTap& tap);
    bool takeStroke(const HeardTap& tap);
    void onVoice(bool leverOn, const Result<double, VoiceFault>& hiss);
    void forgetReading();
    void onFileDone(const FileReport& report);
    void onHitsDone(const HitReport& report);
    void readNextFile();
    void onMicrophoneFailed(Microphone::Fault fault, const QString& name);
    void playAloud(const std::vector<float>& samples, double rate);
    void followSource();
    void listenForWhatIsDue();
    bool amend(const Session& state);
    Session handed(const Session& start) const;
    void followClock();
    void keepReminder();
    void sayOtherReminders();
    void dropMetReminder();
    std::vector<GaugeRecord> gauges();
    void keepGauge();

    Settings& m_settings;
    SessionJournal m_journal;
    Listener m_listener;
    Player m_player;
    Player m_cuePlayer;
    std::vector<DrumRow> m_drums;
    std::vector<Tone> m_tones;
    std::size_t m_ownTones = 0;
    std::optional<Reading> m_lastReading;
    std::optional<HitPortrait> m_lastStroke;
    Recording m_strokeSound;
    std::optional<bool> m_voiceHeldFor; ///< lever state of the hum that the microphone hears now
    std::optional<double> m_voiceWithout;
    QStringList m_filesWaiting;
    int m_takenFromFile = 0; ///< taps of the file that is being read
    QTimer m_clock;
    QString m_keptReminder; ///< as it was stored last
    qint64 m_saidFor = 0;   ///< the time for which something was said last
    bool m_cardOpen = false;
    bool m_calibrating = false;
    Checked m_checked = Checked::Nothing;
    std::uint64_t m_strokes = 0; ///< so that a repeated practice stroke is not the same stroke
};

} // namespace bombo

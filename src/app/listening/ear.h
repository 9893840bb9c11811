#pragma once
/// What is heard in the window, from which source, and where it goes: a ticket goes out with each order to
/// the listener, and what comes back under it is filed or put aside.
#include "app/listening/listener.h"
#include "app/listening/played_hours.h"
#include "core/record/ticket.h"
#include "store/records.h"

#include <QStringList>

namespace bombo {

class SessionController;

class Ear : public QObject {
    Q_OBJECT
public:
    Ear(SessionController& controller, QObject* parent);

    Listener& listener() { return m_listener; }
    PlayedHours& played() { return m_played; }
    bool isReading() const { return m_listener.isReading(); }
    /// The session in front changed, or another one came.
    void follow();
    /// Another place: what was heard before is not shown there.
    void forget();

    // Where sound comes from.
    void chooseSource(SoundSource source);
    void chooseMicrophone(const QByteArray& device);
    /// A stretch of sound that was made for just what is due. @param known what else is known of the stroke
    void readSamples(std::vector<float> samples, double sampleRate,
                     const std::optional<WireAnswer>& known = std::nullopt);
    /// Reads them one after the other until the round is full.
    void openSoundFiles(const QStringList& paths);
    /// Reads the hits of a file, away from the window; hitsRead follows, or a notice.
    void readHits(const QString& path);

    // What it is listened for.
    /// A tap would be taken now.
    bool isTapDue() const;
    /// At the stations after the heads whole strokes are heard, whenever one comes.
    bool hearsStrokes() const;
    /// While the pitch card is open its places are due, not the rods of a round.
    void openCard(bool open);
    bool isCardOpen() const { return m_attention.card; }
    /// Whose strokes are heard at the wires.
    void listenTo(StrokesOf strokes);
    /// What the ear is used for beside the work: then nothing is filed.
    enum class Use {
        Work,
        Clock,           ///< a clock is compared: the microphone is open, its clock not corrected
        CheckMicrophone, ///< taps go to lookedAt
        CheckPractice,   ///< likewise, of the practice drum
        Backbeats,       ///< whole strokes go to backbeatHeard, from either source
        EdgeTaps         ///< taps near the edge go to readingHeard alone, likewise
    };
    void useFor(Use use);
    /// Edge taps where the batter is expected so. @see Use::EdgeTaps
    void useForEdgeTaps(const Expectation& expected);

    const std::optional<Reading>& lastReading() const { return m_lastReading; }
    /// The last whole stroke, where strokes are heard; empty when it could not be read.
    const std::optional<HitPortrait>& lastStroke() const { return m_lastStroke; }

    // Voices beside the drum.
    /// A hum, from the microphone or the practice drum; voiceChanged follows. The first one is with the lever
    /// off; when the second was heard, with it on, the answer is filed.
    void hearVoice(bool leverOn);
    void hearVoiceFile(bool leverOn, const QString& path);
    bool isHearingVoice() const { return m_voiceHeldFor.has_value(); }
    /// Hiss over the voice with the lever off, dB, while the other one is waited for.
    std::optional<double> voiceWithout() const;

    // Before and after a change.
    /// The stroke that was heard last, as it sounded; empty before one was.
    bool hasStrokeSound() const { return !m_strokeSound.samples.empty(); }
    /// Keeps it in the workbook with this session. @return false after a notice
    bool keepStrokeSound(Take take);
    void dropStrokeSounds();
    /// What was heard belongs to a workbook that is no longer open.
    void forgetWorkbook();
    std::optional<Recording> strokeSound(Take take);

signals:
    void readingHeard(const bombo::Reading& reading);
    void lookedAt(const bombo::TapAtMicrophone& tap);
    void backbeatHeard(const bombo::HeardStroke& stroke);
    void hitsRead(const QString& path, const std::vector<bombo::HitPortrait>& hits);
    void voiceChanged();
    /// Before or after a change, in the workbook now.
    void strokeSoundKept();
    /// The microphone was pulled, or is back.
    void sourceChanged();

private:
    void listenForWhatIsDue();
    void followSource();
    Due due() const;
    bool isOfThisSession(const Ticket& ticket) const;
    void sayAside();
    void onHeard(const HeardTap& tap);
    void file(const Heard& heard);
    void onSoundDone(const SoundReport& report);
    void onFileDone(const FileReport& report);
    void onHitsDone(const HitReport& report);
    void onVoiceReport(const VoiceReport& report);
    void onVoice(bool leverOn, const Result<double, VoiceFault>& hiss);
    void onMicrophoneFailed(Microphone::Fault fault, const QString& name);
    void readNextFile();

    SessionController& m_controller;
    Listener m_listener;
    PlayedHours m_played;
    Attention m_attention;
    Use m_use = Use::Work;
    Expectation m_edgeExpected; ///< of edge taps
    std::int64_t m_tickets = 0;
    std::optional<Reading> m_lastReading;
    std::optional<HitPortrait> m_lastStroke;
    Recording m_strokeSound;
    QStringList m_filesWaiting;
    Ticket m_filesFor;       ///< where they were given
    int m_takenFromFile = 0; ///< taps of the file that is being read
    struct OpenHum {
        double hissDb;
        qint64 session;
    };
    std::optional<bool> m_voiceHeldFor; ///< lever state of the hum that the microphone hears now
    std::optional<OpenHum> m_voiceWithout;
};

} // namespace bombo

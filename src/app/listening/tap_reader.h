#pragma once
/// The worker that turns sound into readings, on a thread of its own. Values in, values out.
#include "audio/sample_ring.h"
#include "core/reading/hit_portrait.h"
#include "core/reading/microphone_check.h"
#include "core/reading/read_tap.h"
#include "core/reading/steady_tone.h"
#include "core/reading/voice_answer.h"
#include "core/record/ticket.h"
#include "store/sound_file.h"

#include <QObject>
#include <QString>
#include <QTimer>
#include <functional>
#include <memory>
#include <optional>

namespace bombo {

/// What the next sound is to be read as.
enum class EarTask { Tap, WholeStroke, Check };

/// What is asked of the sound from now on.
struct EarOrder {
    EarTask task = EarTask::Tap;
    Ticket ticket{};
    ReadingOptions options{};
};

/// A tap as it was read, with the ticket under which it was made.
struct HeardTap {
    Ticket ticket;
    Heard heard;
    EarTask task = EarTask::Tap;
    bool rodIsSure = false;     ///< made in front of the rod, or at the place, that was due
    std::vector<float> sound{}; ///< likewise, as it sounded from the onset on
    double sampleRate = 48000;  ///< of it
    std::optional<TapAtMicrophone> look = std::nullopt; ///< while a microphone is checked
};

/// What became of one stretch of sound.
struct SoundReport {
    Ticket ticket;
    int taps = 0;
    std::optional<WireAnswer> known; ///< as it was given with the sound
};

/// What became of a sound file.
struct FileReport {
    Ticket ticket;
    QString path;
    std::optional<SoundProblem> problem;
    SoundSummary summary;
    int clear = 0;
    std::vector<Verdict> unclear;
};

/// The hits of a sound file that could be read.
struct HitReport {
    Ticket ticket;
    QString path;
    std::optional<SoundProblem> problem;
    std::vector<HitPortrait> hits;
};

/// What a steady tone through the microphone was.
struct ToneReport {
    std::optional<SteadyTone> tone;
    SteadyFault fault = SteadyFault::NoTone; ///< without a tone
};

/// How much hiss there was over a voice through the microphone.
struct VoiceReport {
    Ticket ticket;
    std::optional<double> hissDb;
    VoiceFault fault = VoiceFault::TooQuiet; ///< without a figure
};

/// Lives on the reading thread; every slot is called queued.
class TapReader : public QObject {
    Q_OBJECT
public:
    /// @param ring filled by the audio thread; outlives the reader
    explicit TapReader(SampleRing& ring);

    /// Holds for every sound that begins from now on; one that began before is still the earlier order's.
    void setOrder(const EarOrder& order);
    /// One stretch of sound from start to end, made by the practice drum for just what is due.
    /// @param known what else is known of the stroke
    void readSamples(const std::vector<float>& samples, double sampleRate,
                     const std::optional<WireAnswer>& known);
    /// Taps of a file until `mostClear` clear ones were found.
    void readFile(const QString& path, int mostClear);
    /// Every hit of a file, as a whole.
    void readHits(const QString& path);
    /// @param sampleRate as the device's clock was found to run
    void startStream(double sampleRate);
    void stopStream();
    /// Takes the next seconds of the stream for a steady tone; toneMeasured follows. Taps are not read
    /// meanwhile. Without a stream it waits for one.
    void measureTone(Hertz near, Seconds length);
    void giveUpTone() { m_gathering.reset(); }
    /// Takes the next seconds of the stream for a voice; voiceHeard follows. Taps are not read meanwhile.
    void hearVoice(Seconds length);

signals:
    void heard(const bombo::HeardTap& tap);
    void samplesDone(const bombo::SoundReport& report);
    void fileDone(const bombo::FileReport& report);
    void hitsDone(const bombo::HitReport& report);
    void level(double db);
    /// The ring ran over: so much of the stream was not heard.
    void soundLost(bombo::Seconds length);
    void toneMeasured(const bombo::ToneReport& report);
    void voiceHeard(const bombo::VoiceReport& report);

private:
    void drain();
    void noticeLoss();
    void gather(std::span<const float> samples);
    HeardTap read(const Tap& tap, const EarOrder& order) const;
    const EarOrder& orderOf(const Tap& tap) const;

    SampleRing& m_ring;
    EarOrder m_order;
    EarOrder m_earlier;       ///< the one before it
    Seconds m_orderSince{};   ///< when m_order came, in the stream's time
    std::size_t m_pushed = 0; ///< samples of the stream so far
    /// A stretch of the stream that is taken as a whole.
    struct Gathering {
        std::size_t wanted;
        std::function<void(const std::vector<float>&)> whole;
        std::vector<float> samples{};
    };
    std::unique_ptr<TapSplitter> m_splitter;
    double m_rate = 48000;
    std::optional<Gathering> m_gathering;
    std::vector<float> m_block;
    QTimer m_timer;
    int m_sinceLevel = 0;
    std::size_t m_lostBefore = 0; ///< samples that the ring had dropped when it was looked at last
};

} // namespace bombo

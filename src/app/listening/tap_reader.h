#pragma once
/// The worker that turns sound into readings, on a thread of its own. Values in, values out.
#include "audio/sample_ring.h"
#include "core/reading/hit_portrait.h"
#include "core/reading/microphone_check.h"
#include "core/reading/read_tap.h"
#include "core/reading/steady_tone.h"
#include "core/reading/voice_answer.h"
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

/// A tap as it was read, and the rod that a marker in its file named (0-based).
struct HeardTap {
    Reading reading;
    std::optional<int> rod;
    EarTask task = EarTask::Tap;
    std::optional<HitPortrait> stroke = std::nullopt;   ///< of a whole stroke that could be read
    std::vector<float> sound{};                         ///< likewise, as it sounded from the onset on
    double sampleRate = 48000;                          ///< of it
    std::optional<TapAtMicrophone> look = std::nullopt; ///< while a microphone is checked
};

/// What became of a sound file.
struct FileReport {
    QString path;
    std::optional<SoundProblem> problem;
    SoundSummary summary;
    int clear = 0;
    std::vector<Verdict> unclear;
};

/// The hits of a sound file that could be read.
struct HitReport {
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
    std::optional<double> hissDb;
    VoiceFault fault = VoiceFault::TooQuiet; ///< without a figure
};

/// Lives on the reading thread; every slot is called queued.
class TapReader : public QObject {
    Q_OBJECT
public:
    /// @param ring filled by the audio thread; outlives the reader
    explicit TapReader(SampleRing& ring);

    void setTask(EarTask task, const ReadingOptions& options) {
        m_task = task;
        m_options = options;
    }
    /// One stretch of sound from start to end.
    void readSamples(const std::vector<float>& samples, double sampleRate);
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
    void samplesDone(int taps);
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
    HeardTap read(const Tap& tap) const;

    SampleRing& m_ring;
    EarTask m_task = EarTask::Tap;
    ReadingOptions m_options;
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

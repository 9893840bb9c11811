#pragma once
/// The worker that turns sound into readings, on a thread of its own. Values in, values out.
#include "audio/sample_ring.h"
#include "core/reading/read_tap.h"
#include "store/sound_file.h"

#include <QObject>
#include <QString>
#include <QTimer>
#include <memory>
#include <optional>

namespace bombo {

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

/// Lives on the reading thread; every slot is called queued.
class TapReader : public QObject {
    Q_OBJECT
public:
    /// @param ring filled by the audio thread; outlives the reader
    explicit TapReader(SampleRing& ring);

    void setOptions(const ReadingOptions& options) { m_options = options; }
    /// One stretch of sound from start to end.
    void readSamples(const std::vector<float>& samples, double sampleRate);
    /// Taps of a file until `mostClear` clear ones were found.
    void readFile(const QString& path, int mostClear);
    /// Every hit of a file, as a whole.
    void readHits(const QString& path);
    void startStream(double sampleRate);
    void stopStream();

signals:
    void heard(const bombo::Reading& reading);
    void samplesDone(int taps);
    void fileDone(const bombo::FileReport& report);
    void hitsDone(const bombo::HitReport& report);
    void level(double db);

private:
    void drain();
    void read(const Tap& tap);

    SampleRing& m_ring;
    ReadingOptions m_options;
    std::unique_ptr<TapSplitter> m_splitter;
    std::vector<float> m_block;
    QTimer m_timer;
    int m_sinceLevel = 0;
};

} // namespace bombo

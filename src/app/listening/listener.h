#pragma once
/// The ear of the program: one interface to practice drum, sound files and microphone.
#include "app/listening/tap_reader.h"
#include "audio/microphone.h"

#include <QObject>
#include <QThread>
#include <functional>

namespace bombo {

/// Main-thread face of the audio and reading threads.
class Listener : public QObject {
    Q_OBJECT
public:
    explicit Listener(QObject* parent = nullptr);
    ~Listener() override;

    /// What is listened for, under which ticket, and where the model expects it; for every sound from now on.
    void setOrder(const EarOrder& order);
    /// @param known what else is known of the stroke
    void readSamples(std::vector<float> samples, double sampleRate,
                     const std::optional<WireAnswer>& known = std::nullopt);
    void readFile(const QString& path, int mostClear);
    void readHits(const QString& path);
    /// @param clockOf by how much the clock of a device reads sharp, by its id
    void startMicrophone(const QByteArray& device, const std::function<Cents(const QByteArray&)>& clockOf);
    void stopMicrophone();
    /// The next three seconds are taken for a steady tone near this pitch; toneMeasured follows.
    void measureTone(Hertz near);
    void giveUpTone();
    /// The next three seconds of the microphone are taken for a voice; voiceHeard follows.
    void hearVoice();

    bool isReading() const { return m_pending > 0; }
    bool isMicrophoneOn() const { return m_microphoneOn; }
    /// It was pulled and is waited for.
    bool isMicrophoneAway() const { return m_microphoneAway; }
    QString microphoneName() const { return m_microphoneName; }
    QByteArray microphoneId() const { return m_microphoneId; }

signals:
    void heard(const bombo::HeardTap& tap);
    void samplesDone(const bombo::SoundReport& report);
    void fileDone(const bombo::FileReport& report);
    void hitsDone(const bombo::HitReport& report);
    void level(double db);
    void soundLost(bombo::Seconds length);
    void toneMeasured(const bombo::ToneReport& report);
    void voiceHeard(const bombo::VoiceReport& report);
    void microphoneStarted(const QString& name);
    /// After it was pulled.
    void microphoneBack(const QString& name);
    void microphoneFailed(bombo::Microphone::Fault fault, const QString& name);

private:
    SampleRing m_ring;
    QThread m_audioThread;
    QThread m_readingThread;
    TapReader* m_reader;      ///< lives on m_readingThread, deleted when it finishes
    Microphone* m_microphone; ///< lives on m_audioThread, likewise
    int m_pending = 0;
    bool m_microphoneOn = false;
    bool m_microphoneAway = false;
    QString m_microphoneName;
    QByteArray m_microphoneId;
    std::function<Cents(const QByteArray&)> m_clockOf;
};

} // namespace bombo

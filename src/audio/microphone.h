#pragma once
/// The microphone: Qt Multimedia on a thread of its own, straight into a SampleRing.
#include "audio/sample_ring.h"

#include <QAudioDevice>
#include <QAudioSource>
#include <QObject>
#include <QTimer>
#include <memory>

namespace bombo {

/// The device that QAudioSource writes to. Converts to mono floats and copies into the ring; nothing else.
class RingDevice : public QIODevice {
    Q_OBJECT
public:
    RingDevice(SampleRing& ring, const QAudioFormat& format, QObject* parent = nullptr);

protected:
    qint64 readData(char* data, qint64 size) override;
    qint64 writeData(const char* data, qint64 size) override;

private:
    SampleRing& m_ring;
    QAudioFormat m_format;
};

struct InputDevice {
    QByteArray id;
    QString name;
};

/// Lives on the audio thread; use queued calls and signals.
class Microphone : public QObject {
    Q_OBJECT
public:
    enum class Fault { NoDevice, CannotOpen, Unplugged };
    Q_ENUM(Fault)

    /// @param ring outlives the microphone
    explicit Microphone(SampleRing& ring, QObject* parent = nullptr);
    ~Microphone() override;

    /// Devices that can be listened to, the default first. Callable from the main thread.
    static QList<InputDevice> devices();

public slots:
    /// A device that is pulled while it is listened to is waited for: `failed(Unplugged)`, and `started`
    /// again once it is back.
    /// @param id of a device, or empty for the default one
    void start(const QByteArray& id);
    void stop();

signals:
    void started(double sampleRate, const QByteArray& id, const QString& deviceName);
    void failed(bombo::Microphone::Fault fault, const QString& deviceName);

private:
    void checkPluggedIn();
    void open();
    void close();
    void pulled();
    void stateChanged(QAudio::State state);

    SampleRing& m_ring;
    QTimer m_watch;
    std::unique_ptr<QAudioSource> m_source;
    std::unique_ptr<RingDevice> m_sink;
    QAudioDevice m_device;
    bool m_waits = false; ///< for m_device to come back
};

} // namespace bombo

#include "app/listening/listener.h"

#include <utility>

namespace bombo {
namespace {

constexpr std::size_t kRingSamples = 1 << 19; // over 2 s at 192 kHz: a stalled reader catches up

} // namespace

Listener::Listener(QObject* parent)
    : QObject(parent), m_ring(kRingSamples), m_reader(new TapReader(m_ring)),
      m_microphone(new Microphone(m_ring)) {
    qRegisterMetaType<HeardTap>();
    qRegisterMetaType<TapAtMicrophone>();
    qRegisterMetaType<SoundReport>();
    qRegisterMetaType<FileReport>();
    qRegisterMetaType<ToneReport>();
    qRegisterMetaType<VoiceReport>();
    qRegisterMetaType<HitReport>();
    qRegisterMetaType<Seconds>("bombo::Seconds");
    m_readingThread.setObjectName(QStringLiteral("reading"));
    m_audioThread.setObjectName(QStringLiteral("audio"));
    m_reader->moveToThread(&m_readingThread);
    m_microphone->moveToThread(&m_audioThread);
    connect(&m_readingThread, &QThread::finished, m_reader, &QObject::deleteLater);
    connect(&m_audioThread, &QThread::finished, m_microphone, &QObject::deleteLater);

    connect(m_reader, &TapReader::heard, this, &Listener::heard);
    connect(m_reader, &TapReader::soundLost, this, &Listener::soundLost);
    connect(m_reader, &TapReader::level, this, &Listener::level);
    connect(m_reader, &TapReader::samplesDone, this, [this](const SoundReport& report) {
        --m_pending;
        emit samplesDone(report);
    });
    connect(m_reader, &TapReader::fileDone, this, [this](const FileReport& report) {
        --m_pending;
        emit fileDone(report);
    });
    connect(m_reader, &TapReader::hitsDone, this, [this](const HitReport& report) {
        --m_pending;
        emit hitsDone(report);
    });
    connect(m_reader, &TapReader::toneMeasured, this, &Listener::toneMeasured);
    connect(m_reader, &TapReader::voiceHeard, this, &Listener::voiceHeard);
    connect(m_microphone, &Microphone::failed, m_reader, [reader = m_reader] { reader->stopStream(); });
    connect(m_microphone, &Microphone::started, this,
            [this](double rate, const QByteArray& id, const QString& name) {
                m_microphoneName = name;
                m_microphoneId = id;
                const bool back = std::exchange(m_microphoneAway, false);
                const double arriving = trueRate(rate, m_clockOf ? m_clockOf(id) : Cents{});
                QMetaObject::invokeMethod(m_reader,
                                          [reader = m_reader, arriving] { reader->startStream(arriving); });
                emit microphoneStarted(name);
                if (back)
                    emit microphoneBack(name);
            });
    connect(m_microphone, &Microphone::failed, this, [this](Microphone::Fault fault, const QString& name) {
        m_microphoneAway = fault == Microphone::Fault::Unplugged; // then it is waited for
        m_microphoneOn = m_microphoneAway;
        emit microphoneFailed(fault, name);
    });
    m_readingThread.start();
    m_audioThread.start(QThread::TimeCriticalPriority);
}

Listener::~Listener() {
    QMetaObject::invokeMethod(
        m_microphone, [m = m_microphone] { m->stop(); }, Qt::BlockingQueuedConnection);
    for (QThread* thread : {&m_audioThread, &m_readingThread}) {
        thread->quit();
        thread->wait();
    }
}

void Listener::setOrder(const EarOrder& order) {
    QMetaObject::invokeMethod(m_reader, [reader = m_reader, order] { reader->setOrder(order); });
}

void Listener::readSamples(std::vector<float> samples, double sampleRate,
                           const std::optional<WireAnswer>& known) {
    ++m_pending;
    QMetaObject::invokeMethod(m_reader, [reader = m_reader, samples = std::move(samples), sampleRate, known] {
        reader->readSamples(samples, sampleRate, known);
    });
}

void Listener::readFile(const QString& path, int mostClear) {
    ++m_pending;
    QMetaObject::invokeMethod(m_reader,
                              [reader = m_reader, path, mostClear] { reader->readFile(path, mostClear); });
}

void Listener::readHits(const QString& path) {
    ++m_pending;
    QMetaObject::invokeMethod(m_reader, [reader = m_reader, path] { reader->readHits(path); });
}

void Listener::startMicrophone(const QByteArray& device,
                               const std::function<Cents(const QByteArray&)>& clockOf) {
    m_microphoneOn = true; // until it fails
    m_microphoneAway = false;
    m_clockOf = clockOf;
    QMetaObject::invokeMethod(m_microphone, [m = m_microphone, device] { m->start(device); });
}

void Listener::stopMicrophone() {
    m_microphoneOn = false;
    m_microphoneAway = false;
    QMetaObject::invokeMethod(m_microphone, [m = m_microphone] { m->stop(); });
    QMetaObject::invokeMethod(m_reader, [reader = m_reader] { reader->stopStream(); });
}

void Listener::measureTone(Hertz near) {
    QMetaObject::invokeMethod(m_reader,
                              [reader = m_reader, near] { reader->measureTone(near, Seconds{3.0}); });
}

void Listener::hearVoice() {
    QMetaObject::invokeMethod(m_reader, [reader = m_reader] { reader->hearVoice(Seconds{3.0}); });
}

void Listener::giveUpTone() {
    QMetaObject::invokeMethod(m_reader, [reader = m_reader] { reader->giveUpTone(); });
}

} // namespace bombo

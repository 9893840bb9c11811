#include "app/listening/listener.h"

namespace bombo {
namespace {

constexpr std::size_t kRingSamples = 1 << 19; // over 2 s at 192 kHz: a stalled reader catches up

} // namespace

Listener::Listener(QObject* parent)
    : QObject(parent), m_ring(kRingSamples), m_reader(new TapReader(m_ring)),
      m_microphone(new Microphone(m_ring)) {
    qRegisterMetaType<Reading>();
    qRegisterMetaType<FileReport>();
    qRegisterMetaType<HitReport>();
    m_readingThread.setObjectName(QStringLiteral("reading"));
    m_audioThread.setObjectName(QStringLiteral("audio"));
    m_reader->moveToThread(&m_readingThread);
    m_microphone->moveToThread(&m_audioThread);
    connect(&m_readingThread, &QThread::finished, m_reader, &QObject::deleteLater);
    connect(&m_audioThread, &QThread::finished, m_microphone, &QObject::deleteLater);

    connect(m_reader, &TapReader::heard, this, &Listener::heard);
    connect(m_reader, &TapReader::level, this, &Listener::level);
    connect(m_reader, &TapReader::samplesDone, this, [this](int taps) {
        --m_pending;
        emit samplesDone(taps);
    });
    connect(m_reader, &TapReader::fileDone, this, [this](const FileReport& report) {
        --m_pending;
        emit fileDone(report);
    });
    connect(m_reader, &TapReader::hitsDone, this, [this](const HitReport& report) {
        --m_pending;
        emit hitsDone(report);
    });
    connect(m_microphone, &Microphone::started, m_reader,
            [reader = m_reader](double rate) { reader->startStream(rate); });
    connect(m_microphone, &Microphone::failed, m_reader, [reader = m_reader] { reader->stopStream(); });
    connect(m_microphone, &Microphone::started, this, [this](double, const QString& name) {
        m_microphoneName = name;
        emit microphoneStarted(name);
    });
    connect(m_microphone, &Microphone::failed, this, [this](Microphone::Fault fault, const QString& name) {
        m_microphoneOn = false;
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

void Listener::setOptions(const ReadingOptions& options) {
    QMetaObject::invokeMethod(m_reader, [reader = m_reader, options] { reader->setOptions(options); });
}

void Listener::readSamples(std::vector<float> samples, double sampleRate) {
    ++m_pending;
    QMetaObject::invokeMethod(m_reader, [reader = m_reader, samples = std::move(samples), sampleRate] {
        reader->readSamples(samples, sampleRate);
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

void Listener::startMicrophone(const QByteArray& device) {
    m_microphoneOn = true; // until it fails
    QMetaObject::invokeMethod(m_microphone, [m = m_microphone, device] { m->start(device); });
}

void Listener::stopMicrophone() {
    m_microphoneOn = false;
    QMetaObject::invokeMethod(m_microphone, [m = m_microphone] { m->stop(); });
    QMetaObject::invokeMethod(m_reader, [reader = m_reader] { reader->stopStream(); });
}

} // namespace bombo

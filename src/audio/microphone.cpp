#include "audio/microphone.h"

#include <QMediaDevices>
#include <algorithm>
#include <array>
#include <cstring>

namespace bombo {
namespace {

template <class Sample> float toFloat(const char* at) {
    Sample value;
    std::memcpy(&value, at, sizeof value);
    if constexpr (std::is_same_v<Sample, float>)
        return value;
    else if constexpr (std::is_same_v<Sample, quint8>)
        return (static_cast<float>(value) - 128.0F) / 128.0F;
    else
        return static_cast<float>(value) / static_cast<float>(std::numeric_limits<Sample>::max());
}

float sampleAt(const char* at, QAudioFormat::SampleFormat format) {
    switch (format) {
    case QAudioFormat::UInt8:
        return toFloat<quint8>(at);
    case QAudioFormat::Int16:
        return toFloat<qint16>(at);
    case QAudioFormat::Int32:
        return toFloat<qint32>(at);
    case QAudioFormat::Float:
        return toFloat<float>(at);
    default:
        return 0.0F;
    }
}

/// 48 kHz mono floats where the device has them, else what it likes best.
QAudioFormat formatFor(const QAudioDevice& device) {
    QAudioFormat wish;
    wish.setSampleRate(48000);
    wish.setChannelCount(1);
    wish.setSampleFormat(QAudioFormat::Float);
    return device.isFormatSupported(wish) ? wish : device.preferredFormat();
}

} // namespace

RingDevice::RingDevice(SampleRing& ring, const QAudioFormat& format, QObject* parent)
    : QIODevice(parent), m_ring(ring), m_format(format) {
    open(QIODevice::WriteOnly | QIODevice::Unbuffered);
}

qint64 RingDevice::readData(char*, qint64) {
    return -1;
}

qint64 RingDevice::writeData(const char* data, qint64 size) {
    const int channels = m_format.channelCount();
    const int width = m_format.bytesPerSample();
    const qint64 frames = size / (static_cast<qint64>(channels) * width);
    std::array<float, 512> block{};
    std::size_t filled = 0;
    for (qint64 frame = 0; frame < frames; ++frame) {
        float sum = 0.0F;
        for (int channel = 0; channel < channels; ++channel)
            sum += sampleAt(data + (frame * channels + channel) * width, m_format.sampleFormat());
        block[filled++] = sum / static_cast<float>(channels);
        if (filled == block.size()) {
            m_ring.push(block);
            filled = 0;
        }
    }
    m_ring.push(std::span(block).first(filled));
    return size;
}

Microphone::Microphone(SampleRing& ring, QObject* parent) : QObject(parent), m_ring(ring), m_watch(this) {
    // Asked every second: the sound server moves our stream to another device without a word when ours is
    // pulled, and Qt 6.4 does not announce that the list has changed.
    m_watch.setInterval(1000);
    connect(&m_watch, &QTimer::timeout, this, &Microphone::checkPluggedIn);
}

Microphone::~Microphone() {
    stop();
}

QList<InputDevice> Microphone::devices() {
    QList<InputDevice> list;
    const QAudioDevice standard = QMediaDevices::defaultAudioInput();
    if (!standard.isNull())
        list.append({standard.id(), standard.description()});
    for (const QAudioDevice& device : QMediaDevices::audioInputs())
        if (device.id() != standard.id())
            list.append({device.id(), device.description()});
    return list;
}

void Microphone::start(const QByteArray& id) {
    stop();
    m_device = QMediaDevices::defaultAudioInput();
    for (const QAudioDevice& device : QMediaDevices::audioInputs())
        if (!id.isEmpty() && device.id() == id)
            m_device = device;
    if (m_device.isNull())
        emit failed(Fault::NoDevice, {});
    else
        open();
}

void Microphone::open() {
    const QAudioFormat format = formatFor(m_device);
    m_sink = std::make_unique<RingDevice>(m_ring, format);
    m_source = std::make_unique<QAudioSource>(m_device, format);
    m_source->setBufferSize(format.bytesForDuration(50'000));
    m_source->start(m_sink.get());
    if (m_source->error() != QAudio::NoError) {
        close();
        if (!m_waits) // while waiting it is tried again
            emit failed(Fault::CannotOpen, m_device.description());
        return;
    }
    m_waits = false;
    m_watch.start();
    connect(m_source.get(), &QAudioSource::stateChanged, this, &Microphone::stateChanged);
    emit started(format.sampleRate(), m_device.id(), m_device.description());
}

void Microphone::close() {
    if (!m_source)
        return;
    m_source->disconnect(this);
    m_source->stop();
    // Qt 6.4's PulseAudio backend was seen to write once more to the device of a source that was just stopped
    // and destroyed, when one is started right after another: both live on a moment, stopped.
    constexpr int moment = 2000; // ms
    QAudioSource* source = m_source.release();
    m_sink.release()->setParent(source);
    QTimer::singleShot(moment, source, &QObject::deleteLater);
}

void Microphone::stop() {
    m_watch.stop();
    m_waits = false;
    close();
}

void Microphone::pulled() {
    close();
    m_waits = true;
    m_watch.start();
    emit failed(Fault::Unplugged, m_device.description());
}

void Microphone::checkPluggedIn() {
    const auto devices = QMediaDevices::audioInputs();
    const auto there = std::find_if(devices.begin(), devices.end(),
                                    [this](const QAudioDevice& d) { return d.id() == m_device.id(); });
    if (m_source && there == devices.end()) {
        pulled();
    } else if (m_waits && there != devices.end()) {
        m_device = *there;
        open();
    }
}

void Microphone::stateChanged(QAudio::State state) {
    if (state != QAudio::StoppedState || !m_source || m_source->error() == QAudio::NoError)
        return;
    // Not from inside the source's own signal: it must not be destroyed while it speaks.
    QMetaObject::invokeMethod(
        this,
        [this] {
            if (m_source)
                pulled();
        },
        Qt::QueuedConnection);
}

} // namespace bombo

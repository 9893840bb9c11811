#include "audio/player.h"

#include <QAudioDevice>
#include <QMediaDevices>
#include <algorithm>
#include <cmath>

namespace bombo {

Player::Player(QObject* parent) : QObject(parent) {}

Player::~Player() {
    if (m_sink)
        m_sink->stop();
}

QList<Player::Output> Player::outputs() {
    QList<Output> list;
    const QAudioDevice standard = QMediaDevices::defaultAudioOutput();
    if (!standard.isNull())
        list.append({standard.id(), standard.description()});
    for (const QAudioDevice& device : QMediaDevices::audioOutputs())
        if (device.id() != standard.id())
            list.append({device.id(), device.description()});
    return list;
}

bool Player::play(const std::vector<float>& samples, double sampleRate, const QByteArray& output) {
    QAudioDevice device = output.isEmpty() ? QMediaDevices::defaultAudioOutput() : QAudioDevice();
    for (const QAudioDevice& candidate : QMediaDevices::audioOutputs())
        if (!output.isEmpty() && candidate.id() == output)
            device = candidate;
    QAudioFormat format;
    format.setSampleRate(static_cast<int>(std::lround(sampleRate)));
    format.setChannelCount(1);
    format.setSampleFormat(QAudioFormat::Int16);
    if (device.isNull() || !device.isFormatSupported(format))
        return false;
    if (m_sink)
        m_sink->stop();
    QByteArray bytes;
    bytes.reserve(static_cast<qsizetype>(2 * samples.size()));
    for (float sample : samples) {
        const auto value = static_cast<qint16>(std::lround(std::clamp(sample, -1.0F, 1.0F) * 32767.0F));
        bytes.append(reinterpret_cast<const char*>(&value), sizeof value);
    }
    m_sink = std::make_unique<QAudioSink>(device, format);
    m_buffer = std::make_unique<QBuffer>();
    m_buffer->setData(bytes);
    m_buffer->open(QIODevice::ReadOnly);
    m_sink->start(m_buffer.get());
    return true;
}

} // namespace bombo

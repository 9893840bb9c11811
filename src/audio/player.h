#pragma once
/// Plays one sound at a time through the default output or another one.
#include <QAudioSink>
#include <QBuffer>
#include <QObject>
#include <memory>
#include <vector>

namespace bombo {

class Player : public QObject {
    Q_OBJECT
public:
    explicit Player(QObject* parent = nullptr);
    ~Player() override;

    /// Stops what plays and plays this.
    /// @param output id of a device; empty: the default one
    /// @return false when there is no such output to play it on
    bool play(const std::vector<float>& samples, double sampleRate, const QByteArray& output = {});

    struct Output {
        QByteArray id;
        QString name;
    };
    /// The default one first.
    static QList<Output> outputs();

private:
    std::unique_ptr<QBuffer> m_buffer;
    std::unique_ptr<QAudioSink> m_sink;
};

} // namespace bombo

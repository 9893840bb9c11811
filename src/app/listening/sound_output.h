#pragma once
/// What the program plays: strokes as predicted, recordings, the practice drum and the confirmation sounds.
#include "audio/player.h"

#include <QObject>
#include <vector>

namespace bombo {

class Settings;
class SessionController;
struct PreviewStroke;

class SoundOutput : public QObject {
    Q_OBJECT
public:
    SoundOutput(SessionController& controller, QObject* parent);

    /// Plays a stroke as the model predicts it.
    void hear(const PreviewStroke& stroke);
    /// One after the other, equally loud.
    void hear(const PreviewStroke& one, const PreviewStroke& other);
    /// @return false after a notice where there is no output
    bool play(const std::vector<float>& samples, double rate);
    /// The practice drum, where it is to be heard.
    void playPractice(const std::vector<float>& samples, double rate);
    /// Whether what was heard was taken, on an output of its own.
    void confirm(bool taken);

private:
    SessionController& m_controller;
    Player m_player;
    Player m_cuePlayer;
};

} // namespace bombo

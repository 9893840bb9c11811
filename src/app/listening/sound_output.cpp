#include "app/listening/sound_output.h"

#include "app/listening/cue_sounds.h"
#include "app/session/session_controller.h"
#include "core/preview/stroke_sound.h"

namespace bombo {

SoundOutput::SoundOutput(SessionController& controller, QObject* parent)
    : QObject(parent), m_controller(controller) {}

void SoundOutput::hear(const PreviewStroke& stroke) {
    const StrokeSound sound;
    play(strokeSound(m_controller.session().drum, stroke, sound), sound.sampleRate);
}

void SoundOutput::hear(const PreviewStroke& one, const PreviewStroke& other) {
    const StrokeSound sound;
    const Drum& drum = m_controller.session().drum;
    std::vector<float> both = strokeSound(drum, one, sound);
    const std::vector<float> second = strokeSound(drum, other, sound);
    both.insert(both.end(), second.begin(), second.end());
    play(both, sound.sampleRate);
}

bool SoundOutput::play(const std::vector<float>& samples, double rate) {
    if (m_player.play(samples, rate))
        return true;
    m_controller.tell(tr("There is no sound output to play it on; plug in a loudspeaker or headphones."));
    return false;
}

void SoundOutput::playPractice(const std::vector<float>& samples, double rate) {
    if (m_controller.settings().practiceAudible())
        m_player.play(samples, rate);
}

void SoundOutput::confirm(bool taken) {
    if (const QByteArray output = m_controller.settings().cueOutput(); !output.isEmpty())
        m_cuePlayer.play(cueSound(taken ? Cue::Heard : Cue::Again), kCueRate, output);
}

} // namespace bombo

#include "app/wires/voice_panel.h"

#include "app/files/file_questions.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

VoicePanel::VoicePanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("Does it answer a voice?")));
    m_off = secondaryButton(tr("Hum, lever off"));
    m_off->setObjectName(QStringLiteral("voiceOff"));
    connect(m_off, &QPushButton::clicked, this, [this] { hear(false); });
    m_on = secondaryButton(tr("Hum, lever on"));
    m_on->setObjectName(QStringLiteral("voiceOn"));
    connect(m_on, &QPushButton::clicked, this, [this] { hear(true); });
    auto* row = new QHBoxLayout;
    row->addWidget(m_off);
    row->addWidget(m_on);
    column->addLayout(row);
    m_says = textLabel("quiet");
    m_says->setObjectName(QStringLiteral("voiceSays"));
    m_says->setWordWrap(true);
    column->addWidget(m_says);
    connect(&controller.ear(), &Ear::voiceChanged, this, &VoicePanel::refresh);
}

void VoicePanel::hear(bool leverOn) {
    if (m_controller.session().source != SoundSource::File) {
        m_controller.ear().hearVoice(leverOn);
        return;
    }
    const QString path =
        askWhichFile(m_controller.settings(), FileKind::Sound, this,
                     leverOn ? tr("The hum with the lever on") : tr("The hum with the lever off"),
                     tr("Sound (*.wav *.flac *.ogg *.aiff);;All files (*)"));
    if (!path.isEmpty())
        m_controller.ear().hearVoiceFile(leverOn, path);
}

void VoicePanel::refresh() {
    if (!m_controller.hasSession())
        return;
    const bool hearing = m_controller.ear().isHearingVoice();
    m_off->setEnabled(!hearing);
    m_on->setEnabled(!hearing && m_controller.ear().voiceWithout().has_value());
    const auto& voice = m_controller.session().wires.voice;
    if (hearing)
        m_says->setText(tr("Three seconds: one steady low oo, an arm's length away."));
    else if (m_controller.ear().voiceWithout())
        m_says->setText(tr("Now the same hum with the lever on."));
    else if (!voice)
        m_says->setText(tr("The same low oo twice, an arm's length away. Sensitive wires hiss along."));
    else {
        const QString heard = tr("%1 dB more hiss with the lever on").arg(number(voice->gainDb, 0));
        const QString at = turnsText(voice->strainer);
        m_says->setText(
            voice->answers()
                ? tr("They answer: %1, knob at %2.").arg(heard, at)
                : tr("No answer: %1, knob at %2. Looser, or a tighter snare side, answers sooner.")
                      .arg(heard, at));
    }
}

} // namespace bombo

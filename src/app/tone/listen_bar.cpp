#include "app/tone/listen_bar.h"
#include "app/listening/sound_output.h"

#include "app/theme/parts.h"
#include "app/tone/blind_dialog.h"
#include "core/record/session_sound.h"

#include <QHBoxLayout>
#include <QRandomGenerator>

namespace bombo {

ListenBar::ListenBar(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(6);
    auto add = [&](const QString& text, const char* name, const QString& meaning) {
        QPushButton* button = secondaryButton(text);
        button->setObjectName(QLatin1String(name));
        button->setToolTip(meaning);
        row->addWidget(button);
        return button;
    };
    m_wanted = add(tr("Hear it"), "hearWanted", tr("One stroke as the targets promise it"));
    m_wiresOff = add(tr("Wires off"), "hearWiresOff", tr("The same with the lever off"));
    m_present = add(tr("As it is"), "hearPresent", tr("The drum as far as it is known now"));
    m_blind = add(tr("Blind…"), "hearBlind", tr("Both in a hidden order: can you tell them apart?"));
    connect(m_wanted, &QPushButton::clicked, this,
            [this] { m_controller.output().hear(wantedStroke(m_controller.session())); });
    connect(m_wiresOff, &QPushButton::clicked, this, [this] {
        PreviewStroke stroke = wantedStroke(m_controller.session());
        stroke.buzz.reset();
        m_controller.output().hear(stroke);
    });
    connect(m_present, &QPushButton::clicked, this, [this] {
        if (const auto stroke = presentStroke(m_controller.session()))
            m_controller.output().hear(*stroke);
    });
    connect(m_blind, &QPushButton::clicked, this, [this] {
        const auto present = presentStroke(m_controller.session());
        if (!present)
            return;
        auto* dialog = new BlindDialog(wantedStroke(m_controller.session()), *present,
                                       QRandomGenerator::global()->generate(), this);
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        connect(dialog, &BlindDialog::play, this,
                [this](const PreviewStroke& stroke) { m_controller.output().hear(stroke); });
        dialog->open();
    });
}

void ListenBar::refresh(bool reachable) {
    const bool there = reachable && presentStroke(m_controller.session()).has_value();
    m_wanted->setEnabled(reachable);
    m_wiresOff->setEnabled(reachable && !m_controller.session().tone.wiresOff);
    m_present->setEnabled(there);
    m_blind->setEnabled(there);
}

} // namespace bombo

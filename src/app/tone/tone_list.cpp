#include "app/tone/tone_list.h"

#include "app/files/file_questions.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/tone/name_tone_dialog.h"
#include "core/reading/hits_together.h"
#include "core/record/session_sound.h"

#include <QFileInfo>
#include <QVBoxLayout>

namespace bombo {
namespace {

/// What a tone asks of this drum, or that it cannot be had.
QString askOf(const Session& session, const Tone& tone) {
    const auto targets = targetsFor(session.drum, tone, airAt(session.weather));
    if (!targets)
        return ToneList::tr("out of reach of this drum");
    return ToneList::tr("%1 over %2 Hz, ring %3 s")
        .arg(number(targets->batter.edgePitch.value, 0))
        .arg(number(targets->snareSide.edgePitch.value, 0))
        .arg(number(tone.ring.value, 2));
}

} // namespace

ToneList::ToneList(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* outer = new QVBoxLayout(this);
    outer->setContentsMargins(8, 8, 8, 8);
    outer->setSpacing(6);
    m_scroll = new QScrollArea;
    m_scroll->setWidgetResizable(true);
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_scroll->setFocusPolicy(Qt::NoFocus);
    m_scroll->setAccessibleName(tr("Tones"));
    auto* inside = new QWidget;
    m_column = new QVBoxLayout(inside);
    m_column->setContentsMargins(0, 0, 4, 0);
    m_column->setSpacing(2);
    m_scroll->setWidget(inside);
    outer->addWidget(m_scroll, 1);
    QPushButton* recording = secondaryButton(tr("From a recording…"));
    recording->setObjectName(QStringLiteral("fromRecording"));
    recording->setToolTip(tr("A sound file with one or more hits becomes a tone"));
    connect(recording, &QPushButton::clicked, this, &ToneList::openRecording);
    outer->addWidget(recording);
    m_keep = secondaryButton(tr("Keep this setup as a tone…"));
    m_keep->setObjectName(QStringLiteral("keepSetup"));
    connect(m_keep, &QPushButton::clicked, this, &ToneList::keepSetup);
    outer->addWidget(m_keep);
    connect(&controller.ear(), &Ear::hitsRead, this, &ToneList::onHitsRead);
}

void ToneList::rebuild() {
    m_shown = m_controller.tones();
    m_askedOf.reset();
    m_buttons.clear();
    while (QLayoutItem* item = m_column->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    auto heading = [this](const QString& text) {
        auto* label = textLabel("quiet", text);
        label->setContentsMargins(12, 6, 0, 0);
        m_column->addWidget(label);
    };
    for (std::size_t i = 0; i < m_shown.size(); ++i) {
        if (i == 0 && m_controller.ownTones() > 0)
            heading(tr("Of this workbook"));
        if (i == m_controller.ownTones())
            heading(tr("Always at hand"));
        auto* button = new ToneButton(m_shown[i]);
        connect(button, &QAbstractButton::clicked, this,
                [this, tone = m_shown[i]] { emit toneChosen(tone); });
        m_buttons.push_back(button);
        m_column->addWidget(button);
    }
    m_column->addStretch();
}

void ToneList::refresh() {
    if (m_shown != m_controller.tones())
        rebuild();
    const Session& session = m_controller.session();
    if (m_askedOf != session.drum || m_askedIn != session.weather) { // an inverse problem a tone
        m_askedOf = session.drum;
        m_askedIn = session.weather;
        for (std::size_t i = 0; i < m_shown.size(); ++i)
            m_buttons[i]->showAsk(askOf(session, m_shown[i]));
    }
    for (std::size_t i = 0; i < m_shown.size(); ++i) {
        const bool chosen = m_shown[i].id == session.tone.id;
        if (chosen && !m_buttons[i]->isChecked())
            m_scroll->ensureWidgetVisible(m_buttons[i], 0, 20);
        m_buttons[i]->setChecked(chosen);
    }
    m_keep->setEnabled(!m_controller.isReadOnly() && !session.batter.history.empty());
    m_keep->setToolTip(m_keep->isEnabled() ? tr("The drum as it stands becomes a tone of this workbook")
                                           : tr("Once the batter was heard"));
}

void ToneList::openRecording() {
    const QString path = askWhichFile(m_controller.settings(), FileKind::Sound, this, tr("A recorded hit"),
                                      tr("Sound (*.wav *.flac);;All files (*)"));
    if (!path.isEmpty())
        m_controller.ear().readHits(path);
}

void ToneList::onHitsRead(const QString& path, const std::vector<HitPortrait>& hits) {
    const Session& session = m_controller.session();
    const HitPortrait hit = together(hits);
    const ToneFromHit made = toneFromHit(session.drum, hit, airAt(session.weather));
    const auto targets = targetsFor(session.drum, made.tone, airAt(session.weather));
    Seconds open{};
    if (targets)
        open = predictMuffling(session.drum, tunedState(session.drum, *targets, airAt(session.weather)), {})
                   .ringBefore;
    auto* dialog =
        new NameToneDialog(tr("Tone from %1").arg(QFileInfo(path).fileName()),
                           QFileInfo(path).completeBaseName(), recordingWords(hit, made, open), this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this,
            [this, dialog, tone = made.tone] { m_controller.addTone(tone, dialog->name()); });
    dialog->open();
}

void ToneList::keepSetup() {
    const Tone tone = toneOfSetup(m_controller.session());
    const QStringList says{
        tr("Kept: edge pitches as heard, ring as predicted with the pads that lie there, and "
           "how tight the wires stand in their span. It scales to other drums.")};
    auto* dialog = new NameToneDialog(tr("Keep this setup as a tone"), {}, says, this);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    connect(dialog, &QDialog::accepted, this,
            [this, dialog, tone] { m_controller.addTone(tone, dialog->name()); });
    dialog->open();
}

} // namespace bombo

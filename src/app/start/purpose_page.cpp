#include "app/start/purpose_page.h"

#include "app/drum/draft_picture.h"
#include "app/listening/microphone_dialog.h"

#include <QKeyEvent>
#include <QVBoxLayout>

namespace bombo {

PurposePage::PurposePage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(48, 40, 48, 28);
    column->setSpacing(14);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("purposeTitle"));
    m_title->setWordWrap(true);
    column->addWidget(m_title);
    column->addSpacing(6);
    auto* both = new QHBoxLayout;
    both->setSpacing(36);
    auto* ways = new QVBoxLayout;
    ways->setSpacing(12);
    const auto add = [&](QVBoxLayout* into, ChoiceButton* button, const char* name) {
        button->setObjectName(QLatin1String(name));
        into->addWidget(button);
        return button;
    };
    m_tune = add(
        ways, new ChoiceButton(tr("Tune it now"), tr("Choose a tone, then head by head."), tr("Space"), true),
        "tuneNow");
    connect(m_tune, &QPushButton::clicked, this, &PurposePage::tuneChosen);
    m_card = add(ways,
                 new ChoiceButton(tr("Hear what it is"), tr("Middle and edge of both heads, in a minute."),
                                  QStringLiteral("2")),
                 "hearIt");
    connect(m_card, &QPushButton::clicked, this, &PurposePage::cardChosen);
    m_hurry = add(ways,
                  new ChoiceButton(tr("In minutes, before a show"),
                                   tr("The little that helps most, by the clock."), QStringLiteral("3")),
                  "inMinutes");
    connect(m_hurry, &QPushButton::clicked, this, &PurposePage::hurryChosen);
    m_faults = add(ways,
                   new ChoiceButton(tr("Find what is wrong"), tr("A few questions, the telling ones first."),
                                    QStringLiteral("4")),
                   "findFault");
    connect(m_faults, &QPushButton::clicked, this, &PurposePage::faultsChosen);
    ways->addStretch();
    both->addLayout(ways, 5);

    auto* ears = new QVBoxLayout;
    ears->setSpacing(12);
    ears->addWidget(textLabel("heading", tr("What listens?")));
    m_microphone = add(ears,
                       new ChoiceButton(tr("A microphone"), tr("Five taps tell whether it hears well."),
                                        QStringLiteral("5")),
                       "checkMicrophone");
    connect(m_microphone, &QPushButton::clicked, this, &PurposePage::listen);
    m_practice =
        add(ears,
            new ChoiceButton(tr("No microphone"), tr("Strike a simulated drum like it, to try it out."),
                             QStringLiteral("6")),
            "withoutMicrophone");
    connect(m_practice, &QPushButton::clicked, this,
            [this] { m_controller.perform(ChooseSource{SoundSource::Practice}); });
    m_ear = textLabel("quiet");
    m_ear->setObjectName(QStringLiteral("earNow"));
    m_ear->setWordWrap(true);
    ears->addWidget(m_ear);
    ears->addStretch();
    both->addLayout(ears, 4);
    column->addLayout(both);
    m_picture = new DraftPicture;
    column->addWidget(m_picture, 1);
}

void PurposePage::refresh() {
    const Session& session = m_controller.session();
    m_title->setText(
        tr("%1 is in the workbook. What for, today?").arg(QString::fromStdString(session.drum.name)));
    m_picture->show(session.drum);
    m_ear->setText(
        session.source == SoundSource::Microphone
            ? tr("The microphone listens. It can be changed at every station, below the step at hand.")
            : tr("The simulated drum is struck. A tension gauge or the ear work as well: say so at "
                 "the head, beside the round."));
}

void PurposePage::listen() {
    MicrophoneDialog(m_controller, this).exec();
    m_controller.perform(ChooseSource{SoundSource::Microphone});
}

void PurposePage::keyPressEvent(QKeyEvent* event) {
    ChoiceButton* const all[]{m_card, m_hurry, m_faults, m_microphone, m_practice};
    const int index = event->key() - Qt::Key_2;
    if (index >= 0 && index < 5 && !event->isAutoRepeat())
        return all[index]->press();
    QWidget::keyPressEvent(event);
}

} // namespace bombo

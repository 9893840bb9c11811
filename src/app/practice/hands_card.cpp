#include "app/practice/hands_card.h"

#include "app/listening/ear.h"

#include <QDateTime>
#include <QVBoxLayout>

namespace bombo {

HandsCard::HandsCard(SessionController& controller, const QString& title, QWidget* picture)
    : m_controller(controller) {
    auto* outside = new QVBoxLayout(this);
    outside->setContentsMargins(0, 0, 0, 0);
    QFrame* frame = card();
    outside->addWidget(frame);
    auto* column = new QVBoxLayout(frame);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(8);
    column->addWidget(textLabel("figure", title));
    m_said = textLabel("lead");
    m_said->setObjectName(QStringLiteral("handsSaid"));
    m_said->setWordWrap(true);
    column->addWidget(m_said);
    column->addWidget(picture, 1);
    m_again = new AnswerButton(tr("Space"));
    m_again->setObjectName(QStringLiteral("handsTap"));
    connect(m_again, &QPushButton::clicked, this, [this] {
        if (isDone())
            begin(m_who);
        else if (isPractice())
            strikePractice();
    });
    column->addWidget(m_again);
    m_stop = secondaryButton({});
    m_stop->setObjectName(QStringLiteral("handsStop"));
    connect(m_stop, &QPushButton::clicked, this, [this] {
        leave();
        emit left();
    });
    column->addWidget(m_stop);
}

bool HandsCard::isPractice() const {
    return m_controller.session().source != SoundSource::Microphone;
}

void HandsCard::begin(const QString& who) {
    m_who = who;
    forget();
    m_isListening = true;
    listen();
    refresh();
    m_again->setFocus(Qt::OtherFocusReason);
}

void HandsCard::leave() {
    if (m_isListening)
        m_controller.ear().useFor(Ear::Use::Work);
    m_isListening = false;
}

void HandsCard::keep(const char* exercise, double value, double error, int trials) {
    EarResult result;
    result.at = QDateTime::currentSecsSinceEpoch();
    result.who = m_who.toStdString();
    result.exercise = exercise;
    result.threshold = value;
    result.error = error;
    result.trials = trials;
    m_controller.perform(KeepEarResult{result});
}

void HandsCard::show(const QString& said, const QString& gesture) {
    m_said->setText(said);
    m_again->setText(isDone() ? tr("Another round") : isPractice() ? gesture : tr("Listening…"));
    m_again->setEnabled(isDone() || isPractice());
    m_stop->setText(isDone() ? tr("Back to the exercises") : tr("Stop here; this round is not kept"));
}

} // namespace bombo

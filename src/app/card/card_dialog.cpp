#include "app/card/card_dialog.h"
#include "app/listening/ear.h"
#include "app/practice/practice_player.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/record/strokes_say.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QVBoxLayout>

namespace bombo {

CardView::CardView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Pitch card"));
    setFocusPolicy(Qt::TabFocus);
    setMinimumSize(640, 300);
}

void CardView::show(const CardPicture& picture) {
    m_picture = picture;
    describe(this, cardSummary(picture));
    update();
}

void CardView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintCard(painter, *this);
    paintCardPicture(painter, drawnRect(*this).adjusted(8, 6, -8, -6), m_picture);
}

CardDialog::CardDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setWindowTitle(tr("Pitch card"));
    setObjectName(QStringLiteral("cardDialog"));
    resize(920, 600);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(10);
    m_now = textLabel("now");
    m_now->setObjectName(QStringLiteral("cardNow"));
    column->addWidget(m_now);
    m_how = textLabel("quiet");
    m_how->setObjectName(QStringLiteral("cardHow"));
    column->addWidget(m_how);
    m_card = new CardView;
    column->addWidget(m_card, 3);

    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    QFrame* panel = card();
    auto* words = new QVBoxLayout(panel);
    words->setContentsMargins(18, 12, 18, 12);
    words->addWidget(textLabel("heading", tr("What it says")));
    m_says = textLabel("quiet");
    m_says->setObjectName(QStringLiteral("cardSays"));
    m_says->setWordWrap(true);
    words->addWidget(m_says);
    words->addStretch();
    lower->addWidget(panel, 5);
    m_listening = new ListeningStrip(controller);
    lower->addWidget(m_listening, 5);
    column->addLayout(lower, 2);

    auto* foot = new QHBoxLayout;
    m_again = secondaryButton(tr("Begin anew"));
    m_again->setObjectName(QStringLiteral("cardAgain"));
    connect(m_again, &QPushButton::clicked, this, [this] { m_controller.perform(StartCard{}); });
    m_undo = secondaryButton(tr("Take back the last tap"));
    m_undo->setObjectName(QStringLiteral("cardUndo"));
    connect(m_undo, &QPushButton::clicked, this, [this] { m_controller.perform(TakeBackCardTap{}); });
    auto* close = secondaryButton(tr("Close"));
    close->setObjectName(QStringLiteral("cardClose"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    m_tap = primaryButton();
    m_tap->setObjectName(QStringLiteral("cardTap"));
    connect(m_tap, &QPushButton::clicked, this, &CardDialog::act);
    foot->addWidget(m_again);
    foot->addWidget(m_undo);
    foot->addWidget(close);
    foot->addStretch();
    foot->addWidget(m_tap);
    column->addLayout(foot);

    m_controller.ear().openCard(true);
    connect(&controller, &SessionController::sessionChanged, this, &CardDialog::refresh);
    refresh();
    m_tap->setFocus();
}

CardDialog::~CardDialog() {
    m_controller.ear().openCard(false);
}

void CardDialog::refresh() {
    if (!m_controller.hasSession()) {
        reject();
        return;
    }
    const Session& session = m_controller.session();
    const CardPicture picture = cardPicture(session.card);
    m_card->show(picture);
    const auto place = nextPlace(session.card);
    m_now->setText(place ? tr("Now %1: %2").arg(placeWords(*place).toLower(), placeHold(*place))
                         : tr("The card is full"));
    const auto taps = place ? static_cast<int>(session.card.at(*place).size()) : kCardTaps;
    m_how->setText(!place ? tr("Every place was heard. It stays with the session and counts in the proof.")
                   : taps < kCardTaps
                       ? tr("Tap %1 of %2 here. Wires off, let each tap ring out: the middle one counts.")
                             .arg(taps + 1)
                             .arg(kCardTaps)
                       : tr("One tap more: those before did not agree. Same place, same strength."));
    const auto says = cardSays(session);
    m_says->setText(says ? cardSentences(session.drum, *says).join(QLatin1Char('\n'))
                         : tr("Both tensions follow from these places, and whether they fit each other."));
    const bool listens = session.source == SoundSource::Microphone;
    m_tap->setText(!place                                    ? tr("Done")
                   : session.source == SoundSource::Practice ? tr("Tap")
                   : listens                                 ? tr("Listening")
                                                             : tr("Give sound files\u2026"));
    m_tap->setEnabled(!place || !listens);
    const bool begun = !session.card.at(CardPlace::BatterEdge).empty();
    m_again->setEnabled(begun);
    m_undo->setEnabled(begun);
    m_listening->refresh();
}

void CardDialog::act() {
    const Session& session = m_controller.session();
    if (!nextPlace(session.card))
        accept();
    else if (session.source == SoundSource::Practice)
        m_controller.practice().strike();
    else if (session.source == SoundSource::File)
        m_listening->askForFiles();
}

/// As everywhere: the space bar, and what page-turners and foot keys send.
void CardDialog::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Space || event->key() == Qt::Key_PageDown) {
        if (!event->isAutoRepeat())
            m_tap->press();
    } else
        QDialog::keyPressEvent(event);
}

} // namespace bombo

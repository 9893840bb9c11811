#include "app/listening/listening_strip.h"

#include "app/files/file_questions.h"
#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/practice/practice_player.h"

#include "app/listening/heard_words.h"
#include "app/listening/microphone_dialog.h"
#include "app/listening/tap_paint.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

namespace bombo {

TapView::TapView(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Last tap, its partials"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
}

void TapView::show(const std::optional<Reading>& reading) {
    m_reading = reading;
    describe(this, reading ? partialsSummary(*reading) : tr("Nothing was heard yet."));
    update();
}

void TapView::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    constexpr int least = 40; // in less nothing can be told apart
    if (m_reading && drawnRect(*this).height() >= least)
        paintPartials(painter, drawnRect(*this), *m_reading);
}

LevelMeter::LevelMeter(QWidget* parent) : QWidget(parent) {
    setFixedHeight(22);
    setAccessibleName(tr("Input level"));
}

void LevelMeter::show(double db) {
    m_db = db;
    update();
}

void LevelMeter::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    paintLevel(painter, drawnRect(*this).adjusted(1, 0, -1, 0), m_db);
}

ListeningStrip::ListeningStrip(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    setAccessibleName(tr("Listening"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 12, 18, 12);
    column->setSpacing(4);

    m_source = new QComboBox;
    m_source->setObjectName(QStringLiteral("source"));
    m_source->setAccessibleName(tr("Source of sound"));
    m_source->setFocusPolicy(Qt::TabFocus);
    for (const SoundSource source : {SoundSource::Practice, SoundSource::File, SoundSource::Microphone})
        m_source->addItem(sourceName(source), static_cast<int>(source));
    connect(m_source, &QComboBox::activated, this, [this](int index) {
        m_controller.ear().chooseSource(static_cast<SoundSource>(m_source->itemData(index).toInt()));
    });
    m_device = new QComboBox;
    m_device->setObjectName(QStringLiteral("device"));
    m_device->setAccessibleName(tr("Microphone"));
    m_device->setFocusPolicy(Qt::TabFocus);
    m_device->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_device->setMinimumContentsLength(6);
    connect(m_device, &QComboBox::activated, this, [this](int index) {
        m_controller.ear().chooseMicrophone(m_device->itemData(index).toByteArray());
    });
    auto* sources = new QHBoxLayout;
    sources->addWidget(m_source);
    sources->addWidget(m_device, 1);
    sources->addStretch();
    m_check = secondaryButton(tr("Is it hearing me?"));
    m_check->setProperty("small", true);
    m_check->setObjectName(QStringLiteral("check"));
    connect(m_check, &QPushButton::clicked, this, [this] {
        MicrophoneDialog dialog(m_controller, window());
        dialog.exec();
        refresh();
    });
    m_check->hide();
    sources->addWidget(m_check);
    m_stroke = secondaryButton({});
    m_stroke->setProperty("small", true);
    m_stroke->setObjectName(QStringLiteral("stroke"));
    connect(m_stroke, &QPushButton::clicked, this, [this] {
        if (m_controller.session().source == SoundSource::Practice)
            m_controller.practice().strikeWhole();
        else
            askForFiles();
    });
    m_stroke->hide();
    sources->addWidget(m_stroke);
    column->addLayout(sources);
    m_level = new LevelMeter;
    column->addWidget(m_level);

    m_figure = textLabel("figure");
    m_figure->setObjectName(QStringLiteral("heardFigure"));
    m_note = textLabel("heading");
    auto* figures = new QHBoxLayout;
    figures->addWidget(m_figure);
    figures->addSpacing(8);
    figures->addWidget(m_note, 0, Qt::AlignBottom);
    figures->addStretch();
    column->addLayout(figures);
    m_verdict = textLabel("heading");
    m_verdict->setWordWrap(true);
    m_verdict->setObjectName(QStringLiteral("verdict"));
    column->addWidget(m_verdict);
    m_remedy = textLabel("quiet");
    m_remedy->setWordWrap(true);
    for (QLabel* label : {m_verdict, m_remedy}) { // all their lines before the picture gets the rest
        QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
        policy.setHeightForWidth(true);
        label->setSizePolicy(policy);
    }
    column->addWidget(m_remedy);
    m_tap = new TapView;
    column->addWidget(m_tap, 1);

    connect(&controller.ear(), &Ear::readingHeard, this,
            [this](const Reading& reading) { showReading(reading); });
    connect(&controller.ear().listener(), &Listener::level, m_level, &LevelMeter::show);
    connect(&controller.ear().listener(), &Listener::microphoneStarted, this, [this] {
        fillDevices();
        offerCheck();
    });
}

void ListeningStrip::fillDevices() {
    const QByteArray chosen = m_controller.settings().inputDevice();
    m_device->clear();
    for (const InputDevice& device : Microphone::devices()) {
        m_device->addItem(device.name, device.id);
        if (device.id == chosen)
            m_device->setCurrentIndex(m_device->count() - 1);
    }
}

void ListeningStrip::offerCheck() {
    if (!m_controller.hasSession())
        return;
    const bool good = m_controller.settings().checkOf(m_controller.ear().listener().microphoneId()) ==
                      QStringLiteral("good");
    m_check->setVisible(m_controller.session().source == SoundSource::Microphone &&
                        m_controller.ear().listener().isMicrophoneOn() && !good);
}

void ListeningStrip::refresh() {
    const SoundSource source = m_controller.session().source;
    m_source->setCurrentIndex(m_source->findData(static_cast<int>(source)));
    if (source == SoundSource::Microphone && m_device->count() == 0)
        fillDevices(); // a page that was made after the source was chosen
    m_device->setVisible(source == SoundSource::Microphone);
    m_level->setVisible(source == SoundSource::Microphone);
    m_stroke->setText(source == SoundSource::Practice ? tr("Strike it") : tr("Give files\u2026"));
    m_stroke->setVisible(m_controller.ear().hearsStrokes() && source != SoundSource::Microphone);
    offerCheck();
    showReading(m_controller.ear().lastReading());
}

void ListeningStrip::showStroke() {
    const auto& stroke = m_controller.ear().lastStroke();
    const auto& reading = m_controller.ear().lastReading();
    const bool away = m_controller.ear().listener().isMicrophoneAway();
    const bool heard = stroke && !away;
    m_tap->show(away ? std::nullopt : reading);
    m_figure->setVisible(heard && stroke->ring);
    m_note->setVisible(heard && stroke->ring);
    if (heard && stroke->ring) {
        m_figure->setText(tr("%1 s").arg(number(stroke->ring->value, 2)));
        m_note->setText(tr("tone"));
    }
    const Session& session = m_controller.session();
    const HeardWords words = away      ? waitingWords(m_controller.ear().listener().microphoneName())
                             : stroke  ? strokeWords(*stroke, session)
                             : reading ? heardWords(*reading, session.source)
                                       : noStrokeWords(session);
    m_verdict->setText(words.verdict);
    m_remedy->setText(words.remedy);
    m_remedy->setVisible(!words.remedy.isEmpty());
}

/// The head in front was tapped before.
bool ListeningStrip::wasHeard() const {
    const auto side = m_controller.headAtHand();
    return side && !m_controller.session().head(*side).history.empty();
}

void ListeningStrip::showReading(const std::optional<Reading>& reading) {
    if (m_controller.ear().hearsStrokes()) {
        showStroke();
        return;
    }
    const bool away = m_controller.ear().listener().isMicrophoneAway();
    const bool clear = reading && !away && reading->hasFigure();
    m_tap->show(away ? std::nullopt : reading);
    m_figure->setVisible(clear);
    m_note->setVisible(clear);
    const SoundSource source = m_controller.session().source;
    if (clear) {
        m_figure->setText(hertzText(*reading->frequency));
        m_note->setText(noteWords(*reading->frequency));
    }
    const HeardWords words = away      ? waitingWords(m_controller.ear().listener().microphoneName())
                             : reading ? heardWords(*reading, source)
                                       : silentWords(source, wasHeard());
    m_verdict->setText(words.verdict);
    m_remedy->setText(words.remedy);
    m_remedy->setVisible(!words.remedy.isEmpty());
}

void ListeningStrip::askForFiles() {
    const QStringList paths = askWhichFiles(m_controller.settings(), FileKind::Sound, this, tr("Edge taps"),
                                            tr("Sound (*.wav *.flac *.ogg *.aiff);;All files (*)"));
    m_controller.ear().openSoundFiles(paths);
}

} // namespace bombo

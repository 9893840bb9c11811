#include "app/listening/microphone_dialog.h"
#include "app/listening/ear.h"
#include "app/practice/practice_player.h"

#include "app/listening/listening_strip.h"
#include "app/listening/microphone_words.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"

#include <QFormLayout>
#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr int kMark = 30;       // px across
constexpr int kTwoLines = 38;   // of a remedy: its longest sentence
constexpr int kPatience = 8000; // ms without a tap before help is offered

} // namespace

TapMarks::TapMarks(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("tapMarks"));
    show({});
}

void TapMarks::show(const std::vector<TapAtMicrophone>& taps) {
    m_taps = taps;
    describe(this, tr("%1 of %2 taps heard").arg(taps.size()).arg(kTapsOfACheck));
    update();
}

QSize TapMarks::sizeHint() const {
    return scaled(QSize(kTapsOfACheck * (kMark + 12), kMark + 4));
}

void TapMarks::paintEvent(QPaintEvent*) {
    PicturePainter painter(this);
    for (int i = 0; i < kTapsOfACheck; ++i) {
        const QRectF mark(2 + i * (kMark + 12), 2, kMark, kMark);
        const bool heard = static_cast<std::size_t>(i) < m_taps.size();
        painter.setPen(QPen(heard ? ink().accent : ink().quiet, 2.0));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(mark);
        if (!heard)
            continue;
        painter.setBrush(ink().accent);
        if (m_taps[static_cast<std::size_t>(i)].clipped) // cut off at the top
            painter.drawChord(mark, 150 * 16, 240 * 16);
        else
            painter.drawEllipse(mark);
    }
}

MicrophoneDialog::MicrophoneDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setWindowTitle(tr("Is it hearing me?"));
    setObjectName(QStringLiteral("microphoneDialog"));
    setMinimumWidth(720);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 14, 20, 14);
    column->setSpacing(10);
    auto* why =
        textLabel("quiet", tr("Lever off. Hold the microphone a hand's width over the edge of the head "
                              "and tap lightly beside it, five times, a second apart."));
    why->setWordWrap(true);
    column->addWidget(why);

    m_device = new QComboBox;
    m_device->setObjectName(QStringLiteral("checkDevice"));
    m_device->setAccessibleName(tr("Microphone"));
    for (const InputDevice& device : Microphone::devices())
        m_device->addItem(device.name, device.id);
    if (controller.hasSession())
        m_device->addItem(tr("The practice drum's microphone"));
    connect(m_device, &QComboBox::activated, this, &MicrophoneDialog::choose);
    m_level = new LevelMeter;
    auto* form = new QFormLayout;
    form->addRow(tr("Microphone"), m_device);
    m_levelName = new QLabel(tr("Level"));
    form->addRow(m_levelName, m_level);
    column->addLayout(form);

    m_marks = new TapMarks;
    column->addWidget(m_marks, 0, Qt::AlignLeft);
    m_verdict = textLabel("heading");
    m_verdict->setObjectName(QStringLiteral("checkVerdict"));
    m_verdict->setWordWrap(true);
    m_remedy = textLabel("quiet");
    m_remedy->setObjectName(QStringLiteral("checkRemedy"));
    m_remedy->setWordWrap(true);
    m_remedy->setMinimumHeight(kTwoLines); // its longest sentence
    m_remedy->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_further = textLabel("quiet");
    m_further->setWordWrap(true);
    for (QLabel* label : {m_verdict, m_remedy, m_further})
        column->addWidget(label);

    auto* foot = new QHBoxLayout;
    m_again = secondaryButton(tr("Check again"));
    m_again->setObjectName(QStringLiteral("checkAgain"));
    connect(m_again, &QPushButton::clicked, this, &MicrophoneDialog::begin);
    m_strike = secondaryButton(tr("Strike it"));
    m_strike->setObjectName(QStringLiteral("checkStrike"));
    connect(m_strike, &QPushButton::clicked, &controller.practice(), &PracticePlayer::strikeForCheck);
    auto* close = secondaryButton(tr("Close"));
    close->setObjectName(QStringLiteral("checkClose"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    foot->addWidget(m_again);
    foot->addStretch();
    foot->addWidget(m_strike);
    foot->addWidget(close);
    column->addLayout(foot);

    connect(&controller.ear(), &Ear::lookedAt, this, &MicrophoneDialog::take);
    connect(&controller.ear().listener(), &Listener::level, m_level, &LevelMeter::show);
    connect(&controller.ear().listener(), &Listener::microphoneFailed, this, &MicrophoneDialog::showFailure);
    m_nothingYet.setSingleShot(true);
    m_nothingYet.setInterval(kPatience);
    connect(&m_nothingYet, &QTimer::timeout, this, [this] {
        m_verdict->setText(tr("Nothing was heard yet"));
        m_remedy->setText(tr("Does the level move when you speak? If not, it is muted, or it is another one: "
                             "choose it above."));
    });
    const int before = m_device->findData(controller.settings().inputDevice());
    m_device->setCurrentIndex(std::max(0, before));
    choose(m_device->currentIndex());
}

MicrophoneDialog::~MicrophoneDialog() {
    m_controller.ear().useFor(Ear::Use::Work);
}

bool MicrophoneDialog::isPractice() const {
    return m_device->count() > 0 && !m_device->currentData().isValid();
}

void MicrophoneDialog::choose(int index) {
    const bool practice = isPractice();
    m_strike->setVisible(practice);
    m_level->setVisible(!practice);
    m_levelName->setVisible(!practice);
    if (index >= 0 && !practice)
        m_controller.ear().chooseMicrophone(m_device->itemData(index).toByteArray());
    begin();
    if (m_device->count() == 0)
        showFailure(Microphone::Fault::NoDevice, {});
    else
        m_controller.ear().useFor(practice ? Ear::Use::CheckPractice : Ear::Use::CheckMicrophone);
}

void MicrophoneDialog::begin() {
    m_taps.clear();
    m_marks->show(m_taps);
    m_again->setEnabled(false);
    m_strike->setEnabled(true);
    m_verdict->setText(tr("Tap five times"));
    m_remedy->clear();
    m_further->clear();
    m_nothingYet.start();
}

void MicrophoneDialog::take(const TapAtMicrophone& tap) {
    if (m_taps.size() >= static_cast<std::size_t>(kTapsOfACheck))
        return;
    m_nothingYet.stop();
    m_taps.push_back(tap);
    m_marks->show(m_taps);
    m_again->setEnabled(true);
    if (const int left = kTapsOfACheck - static_cast<int>(m_taps.size()); left > 0)
        m_verdict->setText(tr("Heard. %n more", nullptr, left));
    else
        showResult();
}

void MicrophoneDialog::showResult() {
    const MicrophoneCheck check = checkMicrophone(m_taps);
    const HeardWords words = microphoneWords(check);
    m_strike->setEnabled(false);
    m_verdict->setText(words.verdict);
    m_remedy->setText(words.remedy);
    m_further->setText(furtherFaults(check));
    if (!isPractice())
        m_controller.settings().setCheckOf(m_controller.ear().listener().microphoneId(), storedCheck(check));
}

void MicrophoneDialog::showFailure(Microphone::Fault fault, const QString& name) {
    m_nothingYet.stop();
    m_again->setEnabled(false);
    m_verdict->setText(fault == Microphone::Fault::NoDevice    ? tr("There is no microphone")
                       : fault == Microphone::Fault::Unplugged ? tr("%1 is gone").arg(name)
                                                               : tr("%1 cannot be opened").arg(name));
    m_remedy->setText(fault == Microphone::Fault::CannotOpen
                          ? tr("Another program may hold it: close that, or choose another one above.")
                          : tr("Plug one in and open this again. Without one, sound files can be read."));
}

} // namespace bombo

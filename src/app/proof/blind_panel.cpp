#include "app/proof/blind_panel.h"

#include "app/files/file_questions.h"
#include "app/listening/ear.h"
#include "app/listening/sound_output.h"

#include "app/theme/parts.h"
#include "core/preview/level_match.h"
#include "store/sound_file.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QRandomGenerator>
#include <QVBoxLayout>

namespace bombo {

BlindPanel::BlindPanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    // Sessions are numbered by workbook: the same number in another one is another session.
    connect(&controller, &SessionController::workbookChanged, this, [this] { m_session = 0; });
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("Hear both, blind")));
    m_now = textLabel("now");
    m_now->setObjectName(QStringLiteral("blindNow"));
    m_now->setWordWrap(true);
    column->addWidget(m_now);
    auto* grid = new QGridLayout;
    const auto button = [&](const QString& text, const char* name, int row, int at) {
        auto* one = secondaryButton(text);
        one->setObjectName(QString::fromLatin1(name));
        grid->addWidget(one, row, at);
        return one;
    };
    m_keepBefore = button(tr("Last stroke is before"), "keepBefore", 0, 0);
    m_keepAfter = button(tr("Last stroke is after"), "keepAfter", 0, 1);
    m_first = button(tr("Play the first"), "playFirst", 1, 0);
    m_second = button(tr("Play the second"), "playSecond", 1, 1);
    m_firstBetter = button(tr("First is better"), "firstBetter", 2, 0);
    m_secondBetter = button(tr("Second is better"), "secondBetter", 2, 1);
    m_same = button(tr("No difference"), "noDifference", 3, 0);
    m_reveal = button(tr("Tell me which was which"), "reveal", 3, 1);
    m_save = secondaryButton(tr("Save as sound files…"));
    m_save->setObjectName(QStringLiteral("saveSounds"));
    m_save->setProperty("small", true);
    grid->addWidget(m_save, 4, 0, 1, 2);
    connect(m_save, &QPushButton::clicked, this, &BlindPanel::saveSounds);
    column->addLayout(grid);
    m_result = textLabel("quiet");
    m_result->setObjectName(QStringLiteral("blindResult"));
    m_result->setWordWrap(true);
    column->addWidget(m_result);
    column->addStretch();
    connect(m_keepBefore, &QPushButton::clicked, this, [this] { keep(Take::Before); });
    connect(m_keepAfter, &QPushButton::clicked, this, [this] { keep(Take::After); });
    connect(m_first, &QPushButton::clicked, this, [this] { play(true); });
    connect(m_second, &QPushButton::clicked, this, [this] { play(false); });
    connect(m_firstBetter, &QPushButton::clicked, this, [this] { judge(true); });
    connect(m_secondBetter, &QPushButton::clicked, this, [this] { judge(false); });
    connect(m_same, &QPushButton::clicked, this, [this] { judge(std::nullopt); });
    connect(m_reveal, &QPushButton::clicked, this, &BlindPanel::reveal);
    connect(&controller.ear(), &Ear::strokeSoundKept, this, [this] {
        load();
        refresh();
    });
    newTrial();
}

void BlindPanel::load() {
    m_session = m_controller.sessionId();
    m_before = m_controller.ear().strokeSound(Take::Before);
    m_after = m_controller.ear().strokeSound(Take::After);
    if (m_before && m_after)
        matchLevels(m_before->samples, m_before->sampleRate, m_after->samples, m_after->sampleRate);
    m_counts = {};
    newTrial();
}

void BlindPanel::newTrial() {
    m_afterFirst = QRandomGenerator::global()->bounded(2) == 1;
    m_firstHeard = m_secondHeard = false;
}

void BlindPanel::keep(Take take) {
    m_controller.ear().keepStrokeSound(take);
}

void BlindPanel::saveSounds() {
    QString path =
        askWhereToSave(m_controller.settings(), FileKind::Sound, this,
                       tr("Save the strokes before and after"), tr("stroke.wav"), tr("Sound (*.wav)"));
    if (path.isEmpty())
        return;
    if (path.endsWith(QStringLiteral(".wav"), Qt::CaseInsensitive))
        path.chop(4);
    QStringList written;
    for (const auto& [take, name] :
         {std::pair(Take::Before, tr("before")), std::pair(Take::After, tr("after"))}) {
        const auto sound = m_controller.ear().strokeSound(take);
        if (!sound)
            continue;
        const QString file = QStringLiteral("%1 %2.wav").arg(path, name);
        const auto done =
            writeSoundFile(file.toStdString(), sound->samples, sound->sampleRate, {}, Replace::No);
        if (!done)
            return m_controller.tell(QString::fromStdString(problemText(done.fault())));
        written << QFileInfo(file).fileName();
    }
    m_controller.say(tr("Written: %1.").arg(written.join(QStringLiteral(", "))));
}

void BlindPanel::play(bool first) {
    const auto& take = first == m_afterFirst ? m_after : m_before;
    if (m_controller.output().play(take->samples, take->sampleRate))
        (first ? m_firstHeard : m_secondHeard) = true;
    refresh();
}

void BlindPanel::judge(std::optional<bool> firstIsBetter) {
    ++m_counts.trials;
    if (firstIsBetter)
        ++(*firstIsBetter == m_afterFirst ? m_counts.after : m_counts.before);
    newTrial();
    refresh();
}

void BlindPanel::reveal() {
    m_controller.perform(JudgeBlind{m_counts});
    m_counts = {};
    newTrial();
    refresh();
}

void BlindPanel::refresh() {
    if (m_session != m_controller.sessionId())
        load();
    const bool both = m_before && m_after;
    const bool heard = m_firstHeard && m_secondHeard;
    m_keepBefore->setEnabled(m_controller.ear().hasStrokeSound());
    m_keepAfter->setEnabled(m_controller.ear().hasStrokeSound());
    m_keepBefore->setText(m_before ? tr("Replace before") : tr("Last stroke is before"));
    m_keepAfter->setText(m_after ? tr("Replace after") : tr("Last stroke is after"));
    m_first->setEnabled(both);
    m_second->setEnabled(both);
    for (QPushButton* button : {m_firstBetter, m_secondBetter, m_same})
        button->setEnabled(both && heard);
    m_reveal->setEnabled(m_counts.trials > 0);
    m_save->setEnabled(m_before || m_after);
    m_now->setText(!m_before  ? tr("Play a stroke as it was, and keep it")
                   : !m_after ? tr("Now a stroke with the change, and keep it")
                   : heard    ? tr("Which is better?")
                              : tr("Listen to both, equally loud"));
    const auto& told = m_controller.session().blind;
    m_result->setText(m_counts.trials > 0
                          ? tr("Judged %1 times; five or more tell something.").arg(m_counts.trials)
                      : told ? tr("Judged %1 times: after was better %2, before %3, no difference %4.")
                                   .arg(told->trials)
                                   .arg(told->after)
                                   .arg(told->before)
                                   .arg(told->trials - told->after - told->before)
                             : QString());
}

} // namespace bombo

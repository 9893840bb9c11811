#include "app/proof/experiment_panel.h"
#include "app/listening/ear.h"

#include "app/proof/proof_words.h"
#include "app/theme/parts.h"
#include "core/record/strokes_say.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

ExperimentPanel::ExperimentPanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("Change one thing")));
    m_now = textLabel("now");
    m_now->setObjectName(QStringLiteral("experimentNow"));
    m_now->setWordWrap(true);
    column->addWidget(m_now);
    m_what = new QLineEdit;
    m_what->setObjectName(QStringLiteral("experimentWhat"));
    m_what->setAccessibleName(tr("What is changed"));
    m_what->setPlaceholderText(tr("what you change, e.g. pad to 3 o'clock"));
    m_what->setMaxLength(60);
    column->addWidget(m_what);
    m_before = textLabel("quiet");
    m_before->setObjectName(QStringLiteral("experimentBefore"));
    m_after = textLabel("quiet");
    m_after->setObjectName(QStringLiteral("experimentAfter"));
    for (QLabel* label : {m_before, m_after}) {
        label->setWordWrap(true);
        column->addWidget(label);
    }
    m_begin = secondaryButton(tr("Begin"));
    m_begin->setObjectName(QStringLiteral("experimentBegin"));
    connect(m_begin, &QPushButton::clicked, this, &ExperimentPanel::begin);
    m_keep = secondaryButton(tr("Keep it"));
    m_keep->setObjectName(QStringLiteral("experimentKeep"));
    connect(m_keep, &QPushButton::clicked, this, [this] { end(true); });
    m_back = secondaryButton(tr("Put it back"));
    m_back->setObjectName(QStringLiteral("experimentBack"));
    connect(m_back, &QPushButton::clicked, this, [this] { end(false); });
    auto* buttons = new QHBoxLayout;
    for (QPushButton* button : {m_begin, m_keep, m_back})
        buttons->addWidget(button);
    buttons->addStretch();
    column->addLayout(buttons);
    m_results = textLabel("quiet");
    m_results->setObjectName(QStringLiteral("experimentResults"));
    m_results->setWordWrap(true);
    column->addWidget(m_results);
    m_change = new ChangeView;
    column->addWidget(m_change, 1);
    // After the stroke was filed.
    connect(&controller.ear(), &Ear::readingHeard, this, &ExperimentPanel::keepAfter, Qt::QueuedConnection);
}

void ExperimentPanel::begin() {
    const QString what = m_what->text().trimmed();
    if (!m_controller.perform(BeginExperiment{(what.isEmpty() ? tr("a change") : what).toStdString()}))
        return;
    m_controller.ear().dropStrokeSounds(); // those of an earlier experiment are not this one's
    if (!m_controller.ear().keepStrokeSound(Take::Before))
        m_controller.say(
            tr("The sound of the strokes before is no longer there. Play one more before you change "
               "anything if you want to compare by ear."));
}

/// The last stroke before the change and the last one with it are what is heard side by side.
void ExperimentPanel::keepAfter() {
    if (!m_controller.hasSession() || !m_controller.session().experiment ||
        !m_controller.ear().hearsStrokes() || !strokesHold(m_controller.session()))
        return;
    const bool isBefore = changedSince(m_controller.session()) == Changed::Nothing;
    m_controller.ear().keepStrokeSound(isBefore ? Take::Before : Take::After);
}

void ExperimentPanel::end(bool keep) {
    if (m_controller.perform(EndExperiment{keep}))
        m_what->clear();
}

void ExperimentPanel::refresh() {
    const Session& session = m_controller.session();
    const bool running = session.experiment.has_value();
    m_what->setVisible(!running);
    m_begin->setVisible(!running);
    m_keep->setVisible(running);
    m_back->setVisible(running);
    m_before->setVisible(running);
    m_after->setVisible(running);
    if (!running) {
        m_change->show({});
        const bool heard = strokesSay(session).strokes > 0;
        m_begin->setEnabled(heard);
        m_now->setText(heard ? tr("Say what you change, then begin")
                             : tr("First play some strokes as it is"));
    } else {
        m_before->setText(tr("Before: %1").arg(strokesSayText(session.experiment->before)));
        const Changed changed = changedSince(session);
        const StrokesSay after = changed == Changed::Nothing ? StrokesSay{} : strokesSay(session);
        m_after->setText(tr("After: %1").arg(strokesSayText(after)));
        m_change->show({session.experiment->before, after});
        const QString what = QString::fromStdString(session.experiment->what);
        switch (changed) {
        case Changed::Nothing:
            m_now->setText(tr("%1: change it now, on the head or at the strainer").arg(what));
            break;
        case Changed::Several:
            m_now->setText(
                tr("%1: more than one thing is changed, so nobody will know which did it").arg(what));
            break;
        default:
            m_now->setText(
                after.strokes == 0 ? tr("%1: now the same strokes again").arg(what)
                : differ(session.experiment->before, after)
                    ? tr("%1: keep it, or put it back").arg(what)
                    : tr("%1: no difference that these strokes tell. Play a few more, or put it back")
                          .arg(what));
        }
        m_keep->setEnabled(changed != Changed::Nothing);
    }
    QStringList results;
    for (auto result = session.experiments.rbegin();
         result != session.experiments.rend() && results.size() < 4; ++result)
        results << tr("%1 (%2): %3 → %4")
                       .arg(QString::fromStdString(result->what), result->kept ? tr("kept") : tr("put back"),
                            strokesSayText(result->before), strokesSayText(result->after));
    m_results->setText(results.join(QLatin1Char('\n')));
}

} // namespace bombo

#include "app/tone/correction_panel.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/heads_say.h"

#include <QGridLayout>
#include <QScrollArea>
#include <QVBoxLayout>

namespace bombo {
namespace {

QDoubleSpinBox* hertzBox(const char* name, const QString& meaning) {
    auto* box = new NumberBox;
    box->setRange(0.0, 1500.0);
    box->setDecimals(1);
    box->setSuffix(QObject::tr(" Hz"));
    box->setSpecialValueText(QObject::tr("not heard"));
    box->setKeyboardTracking(false);
    box->setObjectName(QLatin1String(name));
    box->setAccessibleName(meaning);
    return box;
}

QString turnWords(const QString& head, const CorrectionStep& step) {
    if (step.turns.value == 0.0)
        return CorrectionPanel::tr("%1: leave it.").arg(head);
    return (step.turns.value > 0.0 ? CorrectionPanel::tr("%1: %2 ± %3 tighter on every rod.")
                                   : CorrectionPanel::tr("%1: %2 ± %3 looser on every rod."))
        .arg(head, turnsText(step.turns))
        .arg(number(step.error.value, 2));
}

QString pitchWords(const NamedPitches& pitches) {
    return CorrectionPanel::tr("edge %1, centre %2, ratio %3")
        .arg(hertzText(pitches.batterEdge), hertzText(pitches.centre))
        .arg(number(pitches.edgeOverCentre, 2));
}

} // namespace

CorrectionPanel::CorrectionPanel(QWidget* parent) : QWidget(parent) {
    m_batterEdge = hertzBox("heardBatterEdge", tr("Batter edge pitch heard"));
    m_snareSideEdge = hertzBox("heardSnareSideEdge", tr("Snare-side edge pitch heard, batter muted"));
    m_centre = hertzBox("heardCentre", tr("Centre pitch heard, both heads free"));
    m_how = new QComboBox;
    m_how->addItem(tr("snare side muted"));
    m_how->addItem(tr("both heads free"));
    m_how->setObjectName(QStringLiteral("heardHow"));
    m_how->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_how->setMinimumContentsLength(20);
    m_advice = textLabel("quiet");
    m_advice->setWordWrap(true);
    m_advice->setObjectName(QStringLiteral("correction"));
    m_advice->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    m_done = secondaryButton(tr("Both are turned"));
    m_done->setObjectName(QStringLiteral("bothTurned"));

    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(14, 10, 14, 8);
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(6);
    grid->addWidget(textLabel("strong", tr("Batter edge")), 0, 0);
    grid->addWidget(m_batterEdge, 0, 1);
    grid->addWidget(m_how, 0, 2);
    grid->addWidget(textLabel("strong", tr("Snare-side edge")), 1, 0);
    grid->addWidget(m_snareSideEdge, 1, 1);
    grid->addWidget(textLabel("quiet", tr("batter muted")), 1, 2);
    grid->addWidget(textLabel("strong", tr("Centre")), 2, 0);
    grid->addWidget(m_centre, 2, 1);
    grid->addWidget(textLabel("quiet", tr("both heads free")), 2, 2);
    grid->addWidget(m_done, 3, 0, 1, 2, Qt::AlignLeft);
    auto* scroll = new QScrollArea; // at the smallest window the advice is longer than its place
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setWidget(m_advice);
    grid->addWidget(scroll, 0, 3, 4, 1);
    grid->setColumnStretch(3, 1);
    for (QDoubleSpinBox* box : {m_batterEdge, m_snareSideEdge, m_centre})
        connect(box, &QDoubleSpinBox::valueChanged, this, &CorrectionPanel::compute);
    connect(m_how, &QComboBox::currentIndexChanged, this, &CorrectionPanel::compute);
    connect(m_done, &QPushButton::clicked, this, [this] {
        if (m_correction)
            emit bothTurned(m_correction->batter.turns, m_correction->snareSide.turns);
    });
}

void CorrectionPanel::show(const Session& session, const Targets& targets) {
    m_session = session;
    m_targets = targets;
    const std::tuple of{session.drum.id, session.batterHeardAt, session.snareSideHeardAt, session.batterAt,
                        session.snareSideAt};
    if (of != m_prefilled) { // what was typed stays until the drum sounds otherwise
        m_prefilled = of;
        const auto heard = [](const HeadWork& work) { // no rod turned since
            const auto last = lastEstimate(work);
            return last && work.history.back().rodTurns == work.rodTurns ? last->mean.value : 0.0;
        };
        m_batterEdge->setValue(heard(session.batter));
        m_snareSideEdge->setValue(heard(session.snareSide));
        m_centre->setValue(0.0);
        m_how->setCurrentIndex(0);
    }
    compute();
}

void CorrectionPanel::compute() {
    m_correction.reset();
    m_done->setEnabled(false);
    if (!m_session)
        return;
    if (m_batterEdge->value() <= 0.0 || (m_snareSideEdge->value() <= 0.0 && m_centre->value() <= 0.0)) {
        m_advice->setText(
            tr("Give the batter's edge pitch and the centre or snare-side pitch. Rounds heard at "
               "the head stations are filled in."));
        return;
    }
    HeardDrum heard;
    heard.batterEdge = Hertz{m_batterEdge->value()};
    heard.edgeHeardOpen = m_how->currentIndex() == 1;
    if (m_snareSideEdge->value() > 0.0)
        heard.snareSideEdge = Hertz{m_snareSideEdge->value()};
    if (m_centre->value() > 0.0)
        heard.centre = Hertz{m_centre->value()};
    const auto correction =
        correctBoth(m_session->drum, heard, m_targets->batter.tension, m_targets->snareSide.tension,
                    turnModelOf(*m_session), airAt(m_session->weather));
    if (!correction) {
        m_advice->setText(
            correction.fault() == CorrectionFault::NothingToGoBy
                ? tr("With both heads free the centre pitch is needed beside the edge.")
                : tr("No tension of these heads sounds like that. Was a tap misread, or is another "
                     "drum or head on?"));
        return;
    }
    const bool turns = correction->batter.turns.value != 0.0 || correction->snareSide.turns.value != 0.0;
    QStringList lines;
    if (turns)
        lines << turnWords(tr("Batter"), correction->batter)
              << turnWords(tr("Snare side"), correction->snareSide)
              << tr("Then %1.").arg(pitchWords(correction->after))
              << tr("Batter alone: %1. Snare side alone: %2.")
                     .arg(pitchWords(correction->batter.alone), pitchWords(correction->snareSide.alone));
    else
        lines << tr("Both heads stand where the tone wants them: %1.").arg(pitchWords(correction->now));
    if (correction->disagrees && std::abs(correction->disagrees->value) > kCentresDisagree.value)
        lines << tr("The centre was heard %1 cents from what the edges imply: hear it again.")
                     .arg(centsText(*correction->disagrees));
    m_advice->setText(lines.join(QLatin1Char('\n')));
    const bool begun = m_session->batter.stage != HeadStage::FingerTight &&
                       m_session->snareSide.stage != HeadStage::FingerTight;
    m_done->setEnabled(turns && begun); // the ledger counts from finger-tight
    m_correction = *correction;
}

} // namespace bombo

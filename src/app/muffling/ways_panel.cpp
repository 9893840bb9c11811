#include "app/muffling/ways_panel.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/heads_say.h"
#include "core/record/muffling_says.h"

#include <QGridLayout>
#include <QVBoxLayout>

namespace bombo {
namespace {

constexpr std::array kSchools{RingSchool::TuneOut, RingSchool::LetRing, RingSchool::MaskWithWires,
                              RingSchool::Shorten, RingSchool::Muffle};

QString secondsText(Seconds time) {
    return WaysPanel::tr("%1 s").arg(number(time.value, 2));
}

QString padKindsOf(const std::vector<Pad>& pads) {
    QStringList kinds;
    for (const Pad& pad : pads)
        kinds << kindName(pad.kind);
    return kinds.join(QStringLiteral(", "));
}

} // namespace

QString causeText(const RingFinding& finding) {
    const double figure = finding.figure.value_or(0.0);
    switch (finding.cause) {
    case RingCause::SplitPair:
        return finding.figure
                   ? WaysPanel::tr("The batter is uneven by %1 cents, and close partials beat. Even it "
                                   "before anything is laid on it.")
                         .arg(number(figure, 0))
                   : WaysPanel::tr("Two close partials beat: even the batter before anything is laid on "
                                   "it.");
    case RingCause::WornHead:
        return WaysPanel::tr(
            "The head rings longer than its kind should: it is worn. A fresh one helps more than "
            "pads.");
    case RingCause::OffCentreStrokes:
        return WaysPanel::tr(
            "The strokes land off the middle, where the edge sounds with them: move the drum, not "
            "the pads.");
    case RingCause::CloseMicrophone:
        return WaysPanel::tr(
                   "The microphone hears %1 times the ring of the room: turn it, or the pad, by some "
                   "degrees.")
            .arg(number(figure, 1));
    case RingCause::LowTuning:
        return WaysPanel::tr(
                   "Tuned this low (%1) one distinct boom stands alone: higher, its partials crowd and "
                   "shorten.")
            .arg(hertzText(Hertz{figure}));
    case RingCause::Taste:
        return WaysPanel::tr("Nothing is wrong with it: how long it rings is taste.");
    }
    return {};
}

QString ringSchoolName(RingSchool school) {
    switch (school) {
    case RingSchool::TuneOut:
        return WaysPanel::tr("Tune it out");
    case RingSchool::LetRing:
        return WaysPanel::tr("Let it ring");
    case RingSchool::MaskWithWires:
        return WaysPanel::tr("Mask it with wires");
    case RingSchool::Shorten:
        return WaysPanel::tr("Shorten it");
    case RingSchool::Muffle:
        return WaysPanel::tr("Muffle it");
    }
    return {};
}

QString ringPlanText(const RingPlan& plan) {
    const QString notEnough =
        plan.reaches ? QString() : QLatin1Char(' ') + WaysPanel::tr("Not quite enough.");
    const QString ring = secondsText(plan.ring);
    switch (plan.school) {
    case RingSchool::TuneOut:
        if (plan.batter.value <= 0.0)
            return WaysPanel::tr("%1. Higher would not shorten it.").arg(ring);
        return WaysPanel::tr("%1. Batter %2 up: centre %3 cents, film load %4 %.")
                   .arg(ring, turnsText(plan.batter), centsText(plan.centre))
                   .arg(std::lround(100.0 * plan.filmLoad)) +
               notEnough;
    case RingSchool::LetRing:
        return WaysPanel::tr("%1. Costs nothing.").arg(ring);
    case RingSchool::MaskWithWires: {
        const QString hiss = secondsText(*plan.buzz);
        return (plan.knob.value < 0.0
                    ? WaysPanel::tr("%1 of hiss over %2 of ring, knob %3 looser.")
                          .arg(hiss, ring, turnsText(-plan.knob))
                    : WaysPanel::tr("%1 of hiss over %2 of ring, as they stand.").arg(hiss, ring)) +
               notEnough;
    }
    case RingSchool::Shorten:
        return WaysPanel::tr("%1 with a loose weight; the stroke stays whole.").arg(ring) + notEnough;
    case RingSchool::Muffle:
        return (plan.pads.empty() ? WaysPanel::tr("%1 with nothing on the head.").arg(ring)
                                  : WaysPanel::tr("%1: %2. Stroke %3 dB, rebound %4 % less.")
                                        .arg(ring, padKindsOf(plan.pads))
                                        .arg(number(plan.startDb, 1).replace(QLatin1Char('-'), QChar(0x2212)))
                                        .arg(std::lround(100.0 * plan.reboundLoss))) +
               notEnough;
    }
    return {};
}

WaysPanel::WaysPanel(SessionController& controller, QWidget* parent)
    : QFrame(parent), m_controller(controller) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 8, 14, 10);
    column->setSpacing(6);
    column->addWidget(textLabel("heading", tr("A fault, or taste?")));
    m_causes = textLabel("quiet");
    m_causes->setObjectName(QStringLiteral("ringCauses"));
    m_causes->setWordWrap(true);
    column->addWidget(m_causes);
    column->addWidget(textLabel("heading", tr("Ways to the ring that is wanted")));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(10);
    grid->setVerticalSpacing(6);
    grid->setColumnStretch(0, 1);
    for (const RingSchool school : kSchools) {
        Line line{textLabel("quiet"), secondaryButton(tr("Do it"))};
        line.text->setWordWrap(true);
        line.text->setTextFormat(Qt::RichText);
        line.text->setObjectName(QStringLiteral("way-%1").arg(static_cast<int>(school)));
        line.take->setProperty("small", true);
        line.take->setObjectName(QStringLiteral("take-%1").arg(static_cast<int>(school)));
        line.take->setAccessibleName(tr("%1: do it").arg(ringSchoolName(school)));
        connect(line.take, &QPushButton::clicked, this, [this, school] { take(school); });
        const int row = static_cast<int>(m_lines.size());
        grid->addWidget(line.text, row, 0);
        grid->addWidget(line.take, row, 1, Qt::AlignVCenter);
        m_lines.push_back(line);
    }
    column->addLayout(grid);
    column->addSpacing(8);
    m_view = new WaysView;
    column->addWidget(m_view, 1);
}

void WaysPanel::take(RingSchool school) {
    for (const RingPlan& plan : m_plans) {
        if (plan.school != school)
            continue;
        switch (school) {
        case RingSchool::TuneOut:
            m_controller.goTo(Station::Tone); // a higher tone is a tone of its own
            break;
        case RingSchool::LetRing:
        case RingSchool::Shorten:
        case RingSchool::Muffle:
            m_controller.perform(LayPads{plan.pads});
            break;
        case RingSchool::MaskWithWires:
            m_controller.goTo(Station::Wires);
            break;
        }
        return;
    }
}

void WaysPanel::refresh() {
    const Session& session = m_controller.session();
    QStringList causes;
    for (const RingFinding& finding : ringCauses(ringEvidence(m_controller.reckoned())))
        if (causes.size() < 2)
            causes << causeText(finding);
    m_causes->setText(causes.isEmpty() ? tr("The ring is as wanted.") : causes.join(QLatin1Char('\n')));
    m_plans = ringPlansOf(m_controller.reckoned());
    m_view->show({ringWanted(briefOf(session)), m_plans});
    for (std::size_t i = 0; i < m_lines.size(); ++i) {
        const auto plan = std::find_if(m_plans.begin(), m_plans.end(),
                                       [&](const RingPlan& p) { return p.school == kSchools.at(i); });
        const Line& line = m_lines[i];
        line.text->setVisible(plan != m_plans.end());
        line.take->setVisible(plan != m_plans.end());
        if (plan == m_plans.end())
            continue;
        line.text->setText(QStringLiteral("<b>%1</b>&nbsp; %2")
                               .arg(ringSchoolName(plan->school), ringPlanText(*plan).toHtmlEscaped()));
        const bool lies = plan->pads == session.pads;
        line.take->setText(plan->school == RingSchool::TuneOut         ? tr("To Tone")
                           : plan->school == RingSchool::MaskWithWires ? tr("To Wires")
                           : lies                                      ? tr("As it is")
                                                                       : tr("Do it"));
        const bool laysPads =
            plan->school != RingSchool::TuneOut && plan->school != RingSchool::MaskWithWires;
        line.take->setEnabled(!laysPads || !lies);
    }
}

} // namespace bombo

#include "app/head/begin_tools.h"

#include "app/head/begin_words.h"
#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QGridLayout>
#include <QInputDialog>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr std::array kTolerances{Cents{5.0}, Cents{8.0}, Cents{12.0}}; ///< to choose from

int nearestTolerance(Cents wanted) {
    std::size_t nearest = 0;
    for (std::size_t i = 0; i < kTolerances.size(); ++i)
        if (std::abs(kTolerances[i].value - wanted.value) <
            std::abs(kTolerances[nearest].value - wanted.value))
            nearest = i;
    return static_cast<int>(nearest);
}

} // namespace

QComboBox* toolBox(const char* name, const QString& says, const QStringList& choices) {
    auto* combo = new QComboBox;
    combo->setObjectName(QString::fromLatin1(name));
    combo->setAccessibleName(says);
    combo->setFocusPolicy(Qt::TabFocus);
    combo->addItems(choices);
    return combo;
}

BeginTools::BeginTools(SessionController& controller, HeadSide side, QWidget* parent)
    : QWidget(parent), m_controller(controller), m_side(side) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    m_says = textLabel("quiet");
    m_says->setObjectName(QStringLiteral("beginSentence"));
    m_says->setWordWrap(true);
    row->addWidget(m_says, 1);
    m_boxes = new QWidget;
    row->addWidget(m_boxes, 1);
    auto* grid = new QGridLayout(m_boxes);
    grid->setContentsMargins(0, 0, 0, 0);
    m_condition = toolBox("beginWith", tr("What the work begins with"),
                          Choices<HeadCondition>{{tr("A new head"), HeadCondition::New},
                                                 {tr("Same, from slack"), HeadCondition::FromSlack},
                                                 {tr("Same, as it stands"), HeadCondition::AsItStands}});
    m_condition->setToolTip(tr("As it stands: nothing is slackened, the first thing is a round of taps."));
    m_wires = toolBox("wiresAway", tr("How the wires are kept away"),
                      Choices<WiresAway>{{tr("Stick under wires"), WiresAway::Stick},
                                         {tr("Wires lifted"), WiresAway::Lifted},
                                         {tr("Wires taken off"), WiresAway::Removed}});
    m_seating = toolBox("seating", tr("How a new head is seated"),
                        Choices<Seating>{{tr("Seat by palm"), Seating::Palm},
                                         {tr("Rest overnight"), Seating::RestOvernight},
                                         {tr("No seating"), Seating::None},
                                         {tr("Stretch overnight"), Seating::StretchOvernight}});
    m_seating->setToolTip(
        tr("Stretch: the batter is taken about a minor third above pitch, evened there, left "
           "overnight, and brought down again."));
    m_path = toolBox("turnPath", tr("In which order rods are turned"),
                     Choices<Path>{{tr("Pairs, two keys"), Path::OppositePairs},
                                   {tr("Across, one key"), Path::Star},
                                   {tr("Round, one key"), Path::OnceRound},
                                   {tr("Your own skip\u2026"), Path::OwnSkip}});
    m_path->setToolTip(tr("Across or in pairs the film stays centred; round the head only in small steps."));
    m_strays = toolBox("strays", tr("Correct rods"),
                       Choices<StrayRule>{{tr("Correct both ways"), StrayRule::ToTarget},
                                          {tr("Tighten only"), StrayRule::RaiseOnly},
                                          {tr("Loosen only"), StrayRule::LowerOnly}});
    m_strays->setToolTip(
        tr("Tighten only ends a little above pitch, and never leaves slack behind; loosen only ends below: "
           "press the head afterwards."));
    QStringList tolerances;
    for (const Cents c : kTolerances)
        tolerances << tr("Even to \u00b1%1 cents").arg(c.value);
    m_tolerance = toolBox("evenWithin", tr("How even the head is to be"), tolerances);
    m_tolerance->setToolTip(tr("Five takes a pass more; twelve is enough for a dead or noisy sound."));
    m_step = toolBox(
        "largestStep", tr("How far a round turns the rods at most"),
        {tr("Steps to 1 turn"), tr("Steps to 1/2 turn"), tr("Steps to 1/4 turn"), tr("Steps of 1/8 turn")});
    m_step->setToolTip(tr("They get smaller by themselves towards the target. Small ones keep the hoop level "
                          "and take longer."));
    m_skip = secondaryButton(tr("Finger-tight already"));
    m_skip->setObjectName(QStringLiteral("fingerTight"));
    m_skip->setToolTip(tr("Leaves the steps before it out and starts the count."));
    connect(m_skip, &QPushButton::clicked, this, [this] { m_controller.perform(FingerTight{m_side}); });
    int place = 0;
    for (QWidget* tool : {m_condition, m_wires, m_seating, m_path, m_strays, m_tolerance, m_step}) {
        grid->addWidget(tool, place / 4, place % 4);
        ++place;
    }
    grid->setColumnStretch(4, 1);
    m_change = secondaryButton({});
    m_change->setObjectName(QStringLiteral("changeBegin"));
    connect(m_change, &QPushButton::clicked, this, [this] { showBoxes(m_boxes->isHidden()); });
    auto* buttons = new QVBoxLayout;
    buttons->addWidget(m_change);
    buttons->addWidget(m_skip);
    row->addLayout(buttons);
    showBoxes(false);
    connect(m_condition, &QComboBox::activated, this, [this] {
        m_controller.perform(ChooseCondition{m_side, chosenIn<HeadCondition>(m_condition)});
    });
    for (QComboBox* combo : {m_wires, m_seating, m_strays, m_tolerance, m_step})
        connect(combo, &QComboBox::activated, this, [this] { choose(); });
    connect(m_path, &QComboBox::activated, this, [this] {
        if (chosenIn<Path>(m_path) == Path::OwnSkip)
            askForSkip();
        else
            choose();
    });
}

void BeginTools::showBoxes(bool areShown) {
    m_says->hide(); // hide before show: showing lays out at once
    m_boxes->setVisible(areShown);
    m_says->setVisible(!areShown);
    m_change->setText(areShown ? tr("That is how") : tr("Change\u2026"));
    m_change->setToolTip(areShown ? tr("Says it as a sentence again") : tr("How you go about this head"));
}

void BeginTools::hideEvent(QHideEvent*) {
    showBoxes(false);
}

/// A skip that misses rods is not taken, and they are named.
void BeginTools::askForSkip() {
    const int rods = m_controller.session().drum.rods;
    bool given = false;
    const int skip =
        QInputDialog::getInt(this, tr("Your own skip"), tr("Go on by how many rods? 1 is round the head:"),
                             m_skipped, 1, rods - 1, 1, &given);
    const auto missed = missedRods(rods, skip);
    if (given && missed.empty()) {
        m_skipped = skip;
        choose();
    } else {
        refresh();
        if (given)
            emit m_controller.notice(
                {Notice::Kind::Problem,
                 tr("A skip of %1 on %2 rods never comes to %3. Take one that shares no divisor "
                    "with %2.")
                     .arg(skip)
                     .arg(rods)
                     .arg(rodsText(missed))});
    }
}

void BeginTools::choose() {
    m_controller.perform(ChooseHandling{
        chosenIn<Path>(m_path), kTolerances.at(static_cast<std::size_t>(m_tolerance->currentIndex())),
        chosenIn<Seating>(m_seating), chosenIn<WiresAway>(m_wires), chosenIn<StrayRule>(m_strays), m_skipped,
        kSteps.at(static_cast<std::size_t>(m_step->currentIndex()))});
}

void BeginTools::refresh() {
    const Session& session = m_controller.session();
    const HeadWork& work = session.head(m_side);
    const bool pairs = session.drum.rods % 2 == 0;
    bombo::choose(m_condition, work.condition);
    bombo::choose(m_wires, session.wiresAway);
    bombo::choose(m_seating, session.seating);
    const bool batter = m_side == HeadSide::Batter;
    m_seating->setEnabled(work.condition != HeadCondition::AsItStands);
    renameChoice(m_seating, Seating::Palm, batter ? tr("Seat by palm") : tr("No palm (thin)"));
    renameChoice(m_seating, Seating::StretchOvernight,
                 batter ? tr("Stretch overnight") : tr("Stretch batter only"));
    renameChoice(m_path, Path::OppositePairs, pairs ? tr("Pairs, two keys") : tr("Far apart, one key"));
    m_skipped = work.skip;
    renameChoice(m_path, Path::OwnSkip,
                 session.path == Path::OwnSkip ? tr("Your own skip, %1\u2026").arg(work.skip)
                                               : tr("Your own skip\u2026"));
    bombo::choose(m_path, session.path);
    bombo::choose(m_strays, session.strays);
    m_tolerance->setCurrentIndex(nearestTolerance(session.tolerance));
    const auto step = std::find(kSteps.begin(), kSteps.end(), session.largestStep);
    m_step->setCurrentIndex(static_cast<int>(step - kSteps.begin()));
    m_says->setText(beginSentence(session, m_side));
    m_skip->setEnabled(work.condition != HeadCondition::AsItStands);
}

} // namespace bombo

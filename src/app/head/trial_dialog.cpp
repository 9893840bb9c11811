#include "app/head/trial_dialog.h"
#include "app/numbers/numbers.h"
#include "app/theme/choices.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"
#include "core/record/heads_say.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <cmath>

namespace bombo {
namespace {

QString movesText(const UnevenTrial& trial) {
    QStringList parts;
    std::vector<RodMove> rest = trial.moves;
    while (!rest.empty()) { // rods that get the same in one breath
        const Turns turns = rest.front().turns;
        std::vector<int> rods;
        for (auto move = rest.begin(); move != rest.end();)
            if (move->turns == turns) {
                rods.insert(rods.end(), move->rods.begin(), move->rods.end());
                move = rest.erase(move);
            } else {
                ++move;
            }
        parts << (turns.value > 0.0 ? TrialDialog::tr("%1 %2 tighter") : TrialDialog::tr("%1 %2 looser"))
                     .arg(rodsText(rods), turnsText(turns));
    }
    return parts.join(QStringLiteral("; "));
}

QString costText(TrialKind kind) {
    switch (kind) {
    case TrialKind::SlackenNear:
        return TrialDialog::tr(
            "Costs: the head is no longer even, rods there back off sooner, and soft strokes near "
            "them speak less.");
    case TrialKind::SlackenBeds:
        return TrialDialog::tr("Costs: slower wires and less snap, most of all at the edge.");
    case TrialKind::TightenBeds:
        return TrialDialog::tr(
            "Costs: more load on thin film beside the beds, and buzz with other drums comes back.");
    }
    return {};
}

} // namespace

QString trialText(const TrialPrediction& prediction) {
    return TrialDialog::tr(
               "Edge pitch %1 cents in the mean; its two partials %2 cents apart: the ring wavers %3 times "
               "a second and dies sooner.")
        .arg(centsText(prediction.meanShift))
        .arg(std::lround(prediction.pairSplit.value))
        .arg(number(prediction.beat.value, 1));
}

TrialDialog::TrialDialog(SessionController& controller, HeadSide side, QWidget* parent)
    : QDialog(parent), m_controller(controller), m_side(side) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("trialDialog"));
    setWindowTitle(tr("Uneven on purpose"));
    resize(680, 380);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    auto* lead = textLabel(
        "quiet", tr("A trial, not a setting: it is logged, heard afterwards, and one key takes all of "
                    "it back."));
    lead->setWordWrap(true);
    column->addWidget(lead);
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("trialKind"));
    m_kind->setAccessibleName(tr("What to try"));
    addChoices<TrialKind>(
        m_kind, {{tr("Near rods slack, the others a little up: low and dead"), TrialKind::SlackenNear},
                 {tr("Rods beside the beds slacker: less buzz"), TrialKind::SlackenBeds},
                 {tr("Rods beside the beds tighter: more snap"), TrialKind::TightenBeds}});
    choose(m_kind, side == HeadSide::Batter ? TrialKind::SlackenNear : TrialKind::SlackenBeds);
    column->addWidget(m_kind);
    auto* row = new QHBoxLayout;
    m_count = new QComboBox;
    m_count->setObjectName(QStringLiteral("trialCount"));
    m_count->setAccessibleName(tr("How many rods"));
    m_count->addItems({tr("one rod"), tr("two rods"), tr("three rods")});
    m_count->setCurrentIndex(1);
    m_first = new QSpinBox;
    m_first->setObjectName(QStringLiteral("trialFirst"));
    m_first->setAccessibleName(tr("From which rod on"));
    m_first->setRange(1, controller.session().drum.rods);
    m_first->setPrefix(tr("from rod "));
    m_first->setValue(controller.session().nearestRod.value_or(0) + 1);
    m_amount = new QComboBox;
    m_amount->setObjectName(QStringLiteral("trialAmount"));
    m_amount->setAccessibleName(tr("By how much each"));
    for (const double turns : {0.125, 0.25, 0.5, 0.75, 1.0})
        m_amount->addItem(turnsText(Turns{turns}), turns);
    m_amount->setCurrentIndex(side == HeadSide::Batter ? 2 : 1);
    for (QWidget* part : std::initializer_list<QWidget*>{m_count, m_first, m_amount})
        row->addWidget(part);
    row->addStretch();
    column->addLayout(row);
    m_moves = textLabel("heading");
    m_does = textLabel("quiet");
    m_does->setObjectName(QStringLiteral("trialDoes"));
    m_costs = textLabel("quiet");
    for (QLabel* label : {m_moves, m_does, m_costs}) {
        label->setWordWrap(true);
        column->addWidget(label);
    }
    column->addStretch();
    m_begin = primaryButton();
    m_begin->setText(tr("Try it"));
    m_begin->setObjectName(QStringLiteral("beginTrial"));
    connect(m_begin, &QPushButton::clicked, this, [this] {
        if (m_controller.perform(wish()))
            accept();
    });
    auto* buttons = new QHBoxLayout;
    buttons->addStretch();
    buttons->addWidget(m_begin);
    column->addLayout(buttons);
    for (QComboBox* combo : {m_kind, m_count, m_amount})
        connect(combo, &QComboBox::currentIndexChanged, this, &TrialDialog::refresh);
    connect(m_first, &QSpinBox::valueChanged, this, &TrialDialog::refresh);
    refresh();
}

BeginTrial TrialDialog::wish() const {
    BeginTrial wish{m_side, chosenIn<TrialKind>(m_kind), {}, Turns{m_amount->currentData().toDouble()}};
    const int rods = m_controller.session().drum.rods;
    for (int i = 0; i <= m_count->currentIndex(); ++i)
        wish.rods.push_back((m_first->value() - 1 + i) % rods);
    return wish;
}

void TrialDialog::refresh() {
    const BeginTrial wished = wish();
    const bool near = wished.kind == TrialKind::SlackenNear;
    m_count->setEnabled(near);
    m_first->setEnabled(near);
    const auto trial = trialOn(m_controller.session(), wished);
    m_begin->setEnabled(static_cast<bool>(trial));
    m_costs->setText(costText(wished.kind));
    if (!trial) {
        m_moves->setText(refusalText(trial.fault()));
        m_does->clear();
        return;
    }
    m_moves->setText(movesText(*trial));
    m_does->setText(trialText(trialPrediction(m_controller.reckoned(), m_side, *trial)));
}

} // namespace bombo

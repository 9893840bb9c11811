#include "app/head/ledger_dialog.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace bombo {
namespace {

QString causeText(const LedgerLine& line) {
    switch (line.cause) {
    case TurnCause::Round:
        return LedgerDialog::tr("counted round");
    case TurnCause::Move:
        return LedgerDialog::tr("after round %1").arg(line.round);
    case TurnCause::BothHeads:
        return LedgerDialog::tr("correction of both heads");
    case TurnCause::Trial:
        return LedgerDialog::tr("trial, uneven on purpose");
    case TurnCause::Correction:
        return LedgerDialog::tr("count corrected");
    }
    return {};
}

QString signedTurns(Turns turns) {
    return (turns.value < 0.0 ? QStringLiteral("\u2212") : QStringLiteral("+")) + turnsText(turns);
}

QTableWidget* table(const char* name, const QStringList& headers) {
    auto* made = new QTableWidget(0, static_cast<int>(headers.size()));
    made->setObjectName(QString::fromLatin1(name));
    made->setHorizontalHeaderLabels(headers);
    made->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    made->horizontalHeader()->setStretchLastSection(true);
    made->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    made->verticalHeader()->hide();
    made->setEditTriggers(QAbstractItemView::NoEditTriggers);
    made->setSelectionBehavior(QAbstractItemView::SelectRows);
    made->setSelectionMode(QAbstractItemView::SingleSelection);
    made->setShowGrid(false);
    made->setAlternatingRowColors(true);
    return made;
}

} // namespace

LedgerDialog::LedgerDialog(SessionController& controller, HeadSide side, QWidget* parent)
    : QDialog(parent), m_controller(controller), m_side(side) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("ledger"));
    setWindowTitle(side == HeadSide::Batter ? tr("Turns of the batter") : tr("Turns of the snare side"));
    resize(860, 560);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    m_lead = textLabel("quiet");
    m_lead->setWordWrap(true);
    column->addWidget(m_lead);
    auto* row = new QHBoxLayout;
    row->setSpacing(14);
    m_net = table("net", {tr("Rod"), tr("Stands at")});
    m_net->setMinimumWidth(300); // the longest count in the longest language
    m_net->setAccessibleName(tr("Where each rod stands"));
    auto* left = new QVBoxLayout;
    left->addWidget(m_net, 1);
    auto* corrections = new QHBoxLayout;
    for (const double by : {-0.125, 0.125}) {
        auto* button = secondaryButton(by < 0.0 ? tr("Count \u2212"
                                                     "1/8")
                                                : tr("Count +1/8"));
        button->setObjectName(by < 0.0 ? QStringLiteral("countLess") : QStringLiteral("countMore"));
        button->setToolTip(by < 0.0 ? tr("The chosen rod was turned an eighth less than was counted.")
                                    : tr("The chosen rod was turned an eighth more than was counted."));
        connect(button, &QPushButton::clicked, this, [this, by] { correct(Turns{by}); });
        corrections->addWidget(button);
    }
    left->addLayout(corrections);
    row->addLayout(left, 2);
    m_lines = table("lines", {tr("Rods"), tr("Turned"), tr("Why")});
    m_lines->setAccessibleName(tr("Every turn, the latest first"));
    m_lines->horizontalHeader()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    row->addWidget(m_lines, 5);
    column->addLayout(row, 1);
    auto* again = secondaryButton(tr("Start this head again"));
    again->setObjectName(QStringLiteral("again"));
    again->setToolTip(tr("A new head, or the count is lost: back to the first step. Undo brings it back."));
    connect(again, &QPushButton::clicked, this, [this] {
        if (m_controller.perform(StartHeadAgain{m_side}))
            accept();
    });
    m_retrace = secondaryButton(tr("Retrace from finger-tight"));
    m_retrace->setObjectName(QStringLiteral("retrace"));
    m_retrace->setToolTip(
        tr("It was dropped, or let down: leads every rod from finger-tight to where it stood, "
           "then asks for taps."));
    connect(m_retrace, &QPushButton::clicked, this, [this] {
        if (m_controller.perform(RetraceHead{m_side}))
            accept();
    });
    auto* close = primaryButton();
    close->setText(tr("Close"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(again);
    buttons->addWidget(m_retrace);
    buttons->addStretch();
    buttons->addWidget(close);
    column->addLayout(buttons);
    connect(&controller, &SessionController::sessionChanged, this, &LedgerDialog::refresh);
    refresh();
}

void LedgerDialog::correct(Turns by) {
    if (const int rod = m_net->currentRow(); rod >= 0)
        m_controller.perform(CorrectCount{m_side, rod, by});
}

void LedgerDialog::refresh() {
    const HeadWork& work = m_controller.session().head(m_side);
    const bool standing = work.condition == HeadCondition::AsItStands;
    m_lead->setText(standing
                        ? tr("Counted from how the head was found standing.")
                        : tr("Counted from finger-tight. To find the sound again by hand: finger-tight all "
                             "round, then each rod to its figure, in opposite pairs and small steps."));
    const int chosen = std::max(0, m_net->currentRow());
    m_net->setRowCount(static_cast<int>(work.rodTurns.size()));
    for (int rod = 0; rod < m_net->rowCount(); ++rod) {
        m_net->setItem(rod, 0, new QTableWidgetItem(QString::number(rod + 1)));
        m_net->setItem(rod, 1,
                       new QTableWidgetItem(signedTurns(work.rodTurns[static_cast<std::size_t>(rod)])));
    }
    m_net->setCurrentCell(chosen, 0);
    m_lines->setRowCount(static_cast<int>(work.ledger.size()));
    for (int row = 0; row < m_lines->rowCount(); ++row) {
        const LedgerLine& line = work.ledger[work.ledger.size() - 1 - static_cast<std::size_t>(row)];
        const bool every = line.rods.size() == work.rodTurns.size();
        m_lines->setItem(row, 0, new QTableWidgetItem(every ? tr("every rod") : rodsText(line.rods)));
        m_lines->setItem(row, 1, new QTableWidgetItem(signedTurns(line.turns)));
        m_lines->setItem(row, 2, new QTableWidgetItem(causeText(line)));
    }
    m_retrace->setEnabled(!standing && !work.ledger.empty());
}

} // namespace bombo

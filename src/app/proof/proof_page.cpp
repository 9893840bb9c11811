#include "app/proof/proof_page.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace bombo {
namespace {

QString itemName(ProofItem item) {
    switch (item) {
    case ProofItem::SnareSidePitch:
        return ProofPage::tr("Snare-side edge pitch");
    case ProofItem::SnareSideEvenness:
        return ProofPage::tr("Snare side even within");
    case ProofItem::BatterPitch:
        return ProofPage::tr("Batter edge pitch");
    case ProofItem::BatterEvenness:
        return ProofPage::tr("Batter even within");
    case ProofItem::CentrePitch:
        return ProofPage::tr("Centre pitch");
    case ProofItem::EdgeOverCentre:
        return ProofPage::tr("Edge over centre");
    case ProofItem::Strainer:
        return ProofPage::tr("Strainer, from first contact");
    case ProofItem::Ring:
        return ProofPage::tr("Ring of the whole tone");
    }
    return {};
}

QString valueText(ProofItem item, double value) {
    switch (item) {
    case ProofItem::SnareSidePitch:
    case ProofItem::BatterPitch:
    case ProofItem::CentrePitch:
        return pitchText(Hertz{value});
    case ProofItem::SnareSideEvenness:
    case ProofItem::BatterEvenness:
        return ProofPage::tr("± %1 cents").arg(value, 0, 'f', 0);
    case ProofItem::EdgeOverCentre:
        return QString::number(value, 'f', 2);
    case ProofItem::Strainer:
        return turnsText(Turns{value});
    case ProofItem::Ring:
        return ProofPage::tr("%1 s").arg(value, 0, 'f', 2);
    }
    return {};
}

QString knownText(const ProofLine& line) {
    if (!line.reached)
        return {};
    switch (line.known) {
    case Known::Measured:
        return ProofPage::tr("measured");
    case Known::Predicted:
        return ProofPage::tr("predicted");
    case Known::Said:
        return ProofPage::tr("as counted");
    case Known::ByGauge:
        return ProofPage::tr("by gauge, provisional");
    }
    return {};
}

/// Shape and word, never colour alone.
QString verdictWords(const ProofLine& line) {
    QString text;
    switch (line.verdict) {
    case ProofVerdict::Settled:
        text = ProofPage::tr("● settled");
        break;
    case ProofVerdict::Near:
        text = ProofPage::tr("◐ near");
        break;
    case ProofVerdict::Off:
        text = ProofPage::tr("○ off");
        break;
    case ProofVerdict::NotMeasured:
        return ProofPage::tr("–  not measured");
    }
    return line.isStale ? text + ProofPage::tr(", △ check again") : text;
}

} // namespace

ProofPage::ProofPage(SessionController& controller, QWidget* parent) : StationPage(controller, parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(12);
    column->addWidget(textLabel("title", tr("Is it what was asked for?")));
    m_brief = textLabel("quiet");
    m_brief->setWordWrap(true);
    column->addWidget(m_brief);
    m_table = new QTableWidget(0, 5);
    m_table->setObjectName(QStringLiteral("proof"));
    m_table->setAccessibleName(tr("Brief against what was reached"));
    m_table->setHorizontalHeaderLabels(
        {tr("What"), tr("Wanted"), tr("Reached"), tr("How known"), tr("So it is")});
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(46);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::Stretch);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionMode(QAbstractItemView::NoSelection);
    m_table->setFocusPolicy(Qt::TabFocus);
    m_table->setTabKeyNavigation(false);
    m_table->setShowGrid(false);
    m_table->setAlternatingRowColors(true);
    column->addWidget(m_table, 1);

    auto* lower = new QHBoxLayout;
    lower->setSpacing(14);
    auto* noteSide = new QVBoxLayout;
    auto* noteLabel = textLabel("quiet", tr("In your own words, for the next time"));
    noteLabel->setWordWrap(true);
    noteSide->addWidget(noteLabel);
    m_note = new QPlainTextEdit;
    m_note->setObjectName(QStringLiteral("note"));
    m_note->setAccessibleName(tr("Note"));
    m_note->setMinimumHeight(84);
    m_note->setTabChangesFocus(true);
    connect(m_note, &QPlainTextEdit::textChanged, this,
            [this] { this->controller().setNote(m_note->toPlainText()); });
    noteSide->addWidget(m_note);
    lower->addLayout(noteSide, 4);
    m_listening = new ListeningStrip(controller);
    lower->addWidget(m_listening, 5);
    auto* saveSide = new QVBoxLayout;
    m_summary = textLabel("heading");
    m_summary->setWordWrap(true);
    saveSide->addWidget(m_summary);
    saveSide->addStretch();
    m_primary = primaryButton();
    connect(m_primary, &QPushButton::clicked, this, [this] { this->controller().saveToLog(); });
    saveSide->addWidget(m_primary, 0, Qt::AlignRight);
    lower->addLayout(saveSide, 3);
    column->addLayout(lower);
}

void ProofPage::refresh() {
    m_listening->refresh();
    m_brief->setText(
        tr("%1 on %2.")
            .arg(QString::fromStdString(session().tone.name), QString::fromStdString(session().drum.name)));
    if (m_note->toPlainText() != QString::fromStdString(session().note))
        m_note->setPlainText(QString::fromStdString(session().note));
    if (!targetsOf(session())) {
        m_table->setRowCount(0);
        m_summary->setText(outOfReachText(targetsOf(session()).fault()));
        m_primary->setEnabled(false);
        return;
    }
    const auto lines = proofLines(session());
    m_table->setRowCount(static_cast<int>(lines.size()));
    int settled = 0;
    for (int row = 0; row < static_cast<int>(lines.size()); ++row) {
        const ProofLine& line = lines[static_cast<std::size_t>(row)];
        const QStringList cells{itemName(line.item), valueText(line.item, line.wanted),
                                line.reached ? valueText(line.item, *line.reached) : QStringLiteral("–"),
                                knownText(line), verdictWords(line)};
        for (int c = 0; c < static_cast<int>(cells.size()); ++c)
            m_table->setItem(row, c, new QTableWidgetItem(cells[c]));
        settled += line.verdict == ProofVerdict::Settled && !line.isStale ? 1 : 0;
    }
    m_summary->setText(tr("%1 of %2 settled").arg(settled).arg(lines.size()));
    const bool saved = stationState(session(), Station::Proof) == StationState::Done;
    m_primary->setText(saved ? tr("Save once more") : tr("Save to the logbook"));
    m_primary->setEnabled(true);
}

} // namespace bombo

#include "app/drum/fit_dialog.h"

#include "app/language/language.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"
#include "store/resources.h"

#include <QFormLayout>
#include <QVBoxLayout>
#include <cmath>

namespace bombo {

namespace {

constexpr int kUsedFrom = 1000; // numbers of the used ones, behind those of the catalogue

} // namespace

FitDialog::FitDialog(const Drum& drum, std::optional<HeadSide> side, std::vector<UsedHead> used,
                     const std::vector<DrumRow>& drums, QWidget* parent)
    : QDialog(parent), m_catalogue(catalogue()), m_used(std::move(used)) {
    keepWordsWhole(this);
    setWindowTitle(!side                       ? tr("New wires")
                   : *side == HeadSide::Batter ? tr("New batter head")
                                               : tr("New snare-side head"));
    setMinimumWidth(460);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(12);
    auto* words = textLabel(
        "quiet",
        side ? tr("Work on this side begins anew. The turns of the old head, and what they taught, stay "
                  "with it in the workbook. Undo takes it back.")
             : tr("The strainer begins anew at first contact. Undo takes it back."));
    words->setWordWrap(true);
    column->addWidget(words);
    auto* form = new QFormLayout;
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("fitKind"));
    if (side) {
        const bool isBatter = *side == HeadSide::Batter;
        for (std::size_t i = 0; i < m_catalogue.heads.size(); ++i) {
            const HeadSpec& head = m_catalogue.heads[i];
            if ((head.thickness >= kThinnestBatter) != isBatter)
                continue;
            m_kind->addItem(catalogueText(head.name), static_cast<int>(i));
            if (head.id == drum.head(*side).id)
                m_kind->setCurrentIndex(m_kind->count() - 1);
        }
        addUsed(drums);
        form->addRow(tr("Which one"), m_kind);
        m_before = new NumberBox;
        m_before->setObjectName(QStringLiteral("playedBefore"));
        m_before->setRange(0.0, kMostPlayedBefore);
        m_before->setDecimals(0);
        m_before->setSuffix(tr(" hours"));
        m_before->setSpecialValueText(tr("no, it is new"));
        m_before->setToolTip(
            tr("How long a used head was played before, as well as you know; it counts in how "
               "long it will last."));
        form->addRow(tr("Played before"), m_before);
        connect(m_kind, &QComboBox::currentIndexChanged, this, [this] {
            const UsedHead* head = usedOne();
            m_before->setValue(head != nullptr ? head->hours : 0.0);
        });
    } else {
        for (std::size_t i = 0; i < m_catalogue.wires.size(); ++i) {
            m_kind->addItem(catalogueText(m_catalogue.wires[i].name), static_cast<int>(i));
            if (m_catalogue.wires[i].wires == drum.wires)
                m_kind->setCurrentIndex(m_kind->count() - 1);
        }
        form->addRow(tr("Which set"), m_kind);
    }
    m_day = new QDateEdit(QDate::currentDate());
    m_day->setObjectName(QStringLiteral("fitDay"));
    m_day->setCalendarPopup(true);
    m_day->setMaximumDate(QDate::currentDate());
    m_day->setMinimumDate(QDate(1970, 1, 2));
    form->addRow(tr("On since"), m_day);
    column->addLayout(form);
    auto* row = new QHBoxLayout;
    auto* leave = secondaryButton(tr("Leave it"));
    leave->setAutoDefault(false); // Return takes it, as the space bar does
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    row->addStretch();
    row->addWidget(leave);
    auto* take = primaryButton();
    take->setText(tr("It is on"));
    take->setObjectName(QStringLiteral("fitIt"));
    take->setDefault(true);
    connect(take, &QPushButton::clicked, this, &QDialog::accept);
    row->addWidget(take);
    column->addLayout(row);
}

void FitDialog::addUsed(const std::vector<DrumRow>& drums) {
    if (!m_used.empty())
        m_kind->insertSeparator(m_kind->count());
    for (std::size_t i = 0; i < m_used.size(); ++i) {
        const UsedHead& used = m_used[i];
        QString drum;
        for (const DrumRow& row : drums)
            if (row.drum.id == used.drumId)
                drum = QString::fromStdString(row.drum.name);
        const int hours = static_cast<int>(std::lround(used.hours));
        m_kind->addItem((used.isOn ? tr("%1, from %2, played %n hours", nullptr, hours)
                                   : tr("%1, taken off %2, played %n hours", nullptr, hours))
                            .arg(catalogueText(used.head.name), drum),
                        kUsedFrom + static_cast<int>(i));
    }
}

const UsedHead* FitDialog::usedOne() const {
    const int chosen = m_kind->currentData().toInt();
    return chosen >= kUsedFrom ? &m_used[static_cast<std::size_t>(chosen - kUsedFrom)] : nullptr;
}

double FitDialog::hoursBefore() const {
    return m_before != nullptr ? m_before->value() : 0.0;
}

HeadSpec FitDialog::head() const {
    if (const UsedHead* used = usedOne())
        return used->head;
    return m_catalogue.heads[static_cast<std::size_t>(m_kind->currentData().toInt())];
}

WireSet FitDialog::wires() const {
    return m_catalogue.wires[static_cast<std::size_t>(m_kind->currentData().toInt())].wires;
}

std::int64_t FitDialog::at() const {
    const QDate day = m_day->date();
    // Of today the hour is known; of another day noon will do.
    return day == QDate::currentDate() ? QDateTime::currentSecsSinceEpoch()
                                       : QDateTime(day, QTime(12, 0)).toSecsSinceEpoch();
}

} // namespace bombo

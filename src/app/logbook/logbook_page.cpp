#include "app/logbook/logbook_page.h"
#include "app/numbers/numbers.h"

#include "app/theme/parts.h"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QVBoxLayout>

namespace bombo {
LogbookPage::LogbookPage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 16, 28, 16);
    column->setSpacing(12);
    auto* header = new QHBoxLayout;
    header->addWidget(textLabel("title", tr("Logbook")));
    header->addStretch();
    header->addWidget(textLabel("quiet", tr("Show")));
    m_drum = new QComboBox;
    m_drum->setObjectName(QStringLiteral("logDrum"));
    m_drum->setAccessibleName(tr("Show entries of"));
    connect(m_drum, &QComboBox::activated, this, &LogbookPage::fill);
    header->addWidget(m_drum);
    column->addLayout(header);

    m_entries = new LogModel(this);
    m_table = new QTableView;
    m_table->setModel(m_entries);
    m_table->setObjectName(QStringLiteral("log"));
    m_table->setAccessibleName(tr("Saved setups"));
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setSectionResizeMode(QHeaderView::Fixed);
    m_table->verticalHeader()->setDefaultSectionSize(34);
    m_table->horizontalHeader()->setResizeContentsPrecision(0); // by the rows in view: an old logbook is long
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(LogModel::kColumns - 1, QHeaderView::Stretch);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setShowGrid(false);
    m_table->setAlternatingRowColors(true);
    m_table->setTabKeyNavigation(false);
    connect(m_table->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &LogbookPage::showChosen);
    column->addWidget(m_table, 1);

    auto* foot = new QHBoxLayout;
    m_detail = textLabel("quiet");
    m_detail->setWordWrap(true);
    m_detail->setMinimumHeight(42);
    foot->addWidget(m_detail, 1);
    m_open = primaryButton();
    m_open->setText(tr("Bring this setup back"));
    connect(m_open, &QPushButton::clicked, this, [this] {
        if (const LogEntry* entry = chosen())
            if (m_controller.openLogEntry(entry->id))
                emit setupOpened();
    });
    foot->addWidget(m_open);
    column->addLayout(foot);
    connect(&controller, &SessionController::logChanged, this, &LogbookPage::refresh);
    connect(&controller, &SessionController::workbookChanged, this, &LogbookPage::refresh);
}

void LogbookPage::refresh() {
    const QVariant kept = m_drum->currentData();
    m_drum->clear();
    m_drum->addItem(tr("all drums"), QString());
    for (const DrumRow& row : m_controller.drums())
        m_drum->addItem(QString::fromStdString(row.drum.name), QString::fromStdString(row.drum.id));
    m_drum->setCurrentIndex(std::max(0, m_drum->findData(kept)));
    fill();
}

void LogbookPage::fill() {
    const std::string only = m_drum->currentData().toString().toStdString();
    m_entries->show(m_controller.logEntries(only.empty() ? std::nullopt : std::optional(only)),
                    m_controller.drums(), m_controller.tones());
    if (m_entries->rowCount() > 0)
        m_table->selectRow(0);
    showChosen();
}

const LogEntry* LogbookPage::chosen() const {
    return m_entries->entry(m_table->currentIndex().row());
}

void LogbookPage::showChosen() {
    const LogEntry* entry = chosen();
    m_open->setEnabled(entry != nullptr && entry->restorable);
    if (entry == nullptr) {
        m_detail->setText(tr("Nothing saved yet. The last station, Proof, saves a setup here."));
        return;
    }
    const EntryFigures& figures = m_entries->figures(m_table->currentIndex().row());
    const QString none = QStringLiteral("–");
    QString detail = QString::fromStdString(figures.words.note);
    detail += QLatin1Char('\n') +
              tr("Ring %1, %2.")
                  .arg(figures.ringPredicted ? number(figures.ringPredicted->value, 2) + tr(" s") : none,
                       figures.weather.temperature ? number(figures.weather.temperature->value, 0) + tr(" °C")
                                                   : none);
    if (!entry->restorable)
        detail += QLatin1Char(' ') + tr("An entry of figures only: it can be read, but not brought back.");
    m_detail->setText(detail.trimmed());
}

} // namespace bombo

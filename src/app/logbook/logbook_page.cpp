#include "app/logbook/logbook_page.h"
#include "app/numbers/numbers.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/json_values.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLocale>
#include <QVBoxLayout>

namespace bombo {
namespace {

/// A number inside the summary by JSON pointer, or a dash; never throws on an odd summary.
QString numberText(const Json& summary, const char* pointer, int digits, const QString& unit) {
    const Json::json_pointer at(pointer);
    if (!summary.contains(at) || !summary.at(at).is_number())
        return QStringLiteral("–");
    return number(summary.at(at).get<double>(), digits) + unit;
}

QString turnsCell(const Json& summary) {
    if (!summary.is_object() || !summary.contains("strainer_turns") || !summary["strainer_turns"].is_number())
        return QStringLiteral("–");
    return turnsText(Turns{summary["strainer_turns"].get<double>()});
}

QString noteOf(const Json& summary) {
    return summary.is_object() && summary.contains("note") && summary["note"].is_string()
               ? QString::fromStdString(summary["note"].get<std::string>())
               : QString();
}

} // namespace

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

    m_table = new QTableWidget(0, 8);
    m_table->setObjectName(QStringLiteral("log"));
    m_table->setAccessibleName(tr("Saved setups"));
    m_table->setHorizontalHeaderLabels({tr("When"), tr("Drum"), tr("Tone"), tr("Batter"), tr("Snare side"),
                                        tr("Even to"), tr("Strainer"), tr("Note")});
    m_table->verticalHeader()->hide();
    m_table->verticalHeader()->setDefaultSectionSize(34);
    m_table->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
    m_table->horizontalHeader()->setSectionResizeMode(7, QHeaderView::Stretch);
    m_table->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setSelectionBehavior(QAbstractItemView::SelectRows);
    m_table->setSelectionMode(QAbstractItemView::SingleSelection);
    m_table->setShowGrid(false);
    m_table->setAlternatingRowColors(true);
    m_table->setTabKeyNavigation(false);
    connect(m_table, &QTableWidget::itemSelectionChanged, this, &LogbookPage::showChosen);
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
    m_entries.clear();
    for (LogEntry& entry : m_controller.logEntries())
        if (only.empty() || entry.drumId == only)
            m_entries.push_back(std::move(entry));
    m_table->setRowCount(static_cast<int>(m_entries.size()));
    for (int row = 0; row < static_cast<int>(m_entries.size()); ++row) {
        const LogEntry& entry = m_entries[static_cast<std::size_t>(row)];
        const Json summary = Json::parse(entry.summary.toStdString(), nullptr, false);
        QString drum = QString::fromStdString(entry.drumId);
        for (const DrumRow& known : m_controller.drums())
            if (known.drum.id == entry.drumId)
                drum = QString::fromStdString(known.drum.name);
        const QDateTime when = QDateTime::fromString(entry.savedAt, Qt::ISODate);
        const QStringList cells{QLocale().toString(when, QStringLiteral("d MMM yyyy  hh:mm")),
                                drum,
                                cueName(entry.toneId, m_controller.tones()),
                                numberText(summary, "/batter/measured_hz", 1, tr(" Hz")),
                                numberText(summary, "/snare_side/measured_hz", 1, tr(" Hz")),
                                QStringLiteral("± ") +
                                    numberText(summary, "/batter/widest_cents", 0, tr(" cents")),
                                turnsCell(summary),
                                noteOf(summary).simplified()};
        for (int c = 0; c < static_cast<int>(cells.size()); ++c) {
            auto* item = new QTableWidgetItem(cells[c]);
            item->setToolTip(cells[c]);
            m_table->setItem(row, c, item);
        }
    }
    if (!m_entries.empty())
        m_table->selectRow(0);
    showChosen();
}

const LogEntry* LogbookPage::chosen() const {
    const int row = m_table->currentRow();
    return row >= 0 && row < static_cast<int>(m_entries.size()) ? &m_entries[static_cast<std::size_t>(row)]
                                                                : nullptr;
}

void LogbookPage::showChosen() {
    const LogEntry* entry = chosen();
    m_open->setEnabled(entry != nullptr && entry->restorable);
    if (entry == nullptr) {
        m_detail->setText(tr("Nothing saved yet. The last station, Proof, saves a setup here."));
        return;
    }
    const Json summary = Json::parse(entry->summary.toStdString(), nullptr, false);
    QString detail = noteOf(summary);
    detail += QLatin1Char('\n') + tr("Ring %1, %2.")
                                      .arg(numberText(summary, "/ring_predicted_s", 2, tr(" s")),
                                           numberText(summary, "/temperature_c", 0, tr(" °C")));
    if (!entry->restorable)
        detail += QLatin1Char(' ') + tr("An entry of figures only: it can be read, but not brought back.");
    m_detail->setText(detail.trimmed());
}

} // namespace bombo

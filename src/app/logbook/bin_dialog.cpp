#include "app/logbook/bin_dialog.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLocale>
#include <QMessageBox>
#include <QVBoxLayout>

namespace bombo {

BinDialog::BinDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("binDialog"));
    setWindowTitle(tr("Deleted entries"));
    resize(560, 420);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    auto* words = textLabel("quiet", tr("Deleted entries stay here until you empty the bin."));
    words->setWordWrap(true);
    column->addWidget(words);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("binList"));
    m_list->setAccessibleName(tr("Deleted entries"));
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    column->addWidget(m_list, 1);
    m_empty = secondaryButton(tr("Empty the bin…"));
    m_empty->setObjectName(QStringLiteral("emptyBin"));
    connect(m_empty, &QPushButton::clicked, this, [this] {
        const auto answer = QMessageBox::question(
            this, tr("Empty the bin"), tr("Remove %n entries for good?", nullptr, m_list->count()),
            QMessageBox::Yes | QMessageBox::Cancel, QMessageBox::Cancel);
        if (answer == QMessageBox::Yes && m_controller.emptyBin())
            fill();
    });
    m_restore = primaryButton();
    m_restore->setText(tr("Restore"));
    m_restore->setObjectName(QStringLiteral("restoreFromBin"));
    connect(m_restore, &QPushButton::clicked, this, [this] {
        if (m_controller.deleteEntries(selected(), false))
            fill();
    });
    connect(m_list, &QListWidget::itemSelectionChanged, this,
            [this] { m_restore->setEnabled(!m_list->selectedItems().isEmpty()); });
    auto* close = secondaryButton(tr("Close"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_empty);
    buttons->addStretch();
    buttons->addWidget(close);
    buttons->addWidget(m_restore);
    column->addLayout(buttons);
    fill();
}

void BinDialog::fill() {
    m_list->clear();
    for (const Entry& entry : m_controller.bin()) {
        QString drum = QString::fromStdString(entry.drumId);
        for (const DrumRow& row : m_controller.drums())
            if (row.drum.id == entry.drumId)
                drum = QString::fromStdString(row.drum.name);
        const QString when =
            QLocale().toString(QDateTime::fromSecsSinceEpoch(entry.at), QStringLiteral("d MMM yyyy, hh:mm"));
        auto* item = new QListWidgetItem(
            tr("%1: %2, %3").arg(when, drum, cueName(entry.toneId, m_controller.tones())), m_list);
        item->setData(Qt::UserRole, QVariant::fromValue<qint64>(entry.id));
    }
    m_list->selectAll();
    m_restore->setEnabled(m_list->count() > 0);
    m_empty->setEnabled(m_list->count() > 0 && !m_controller.isReadOnly());
}

std::vector<qint64> BinDialog::selected() const {
    std::vector<qint64> ids;
    for (const QListWidgetItem* item : m_list->selectedItems())
        ids.push_back(item->data(Qt::UserRole).toLongLong());
    return ids;
}

} // namespace bombo

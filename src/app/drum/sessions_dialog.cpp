#include "app/drum/sessions_dialog.h"

#include "app/session/wording.h"
#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLocale>
#include <QVBoxLayout>

namespace bombo {
namespace {

QString when(const QString& iso) {
    return QLocale().toString(QDateTime::fromString(iso, Qt::ISODate).toLocalTime(),
                              QStringLiteral("d MMM yyyy, hh:mm"));
}

} // namespace

SessionsDialog::SessionsDialog(SessionController& controller, QWidget* parent)
    : QDialog(parent), m_controller(controller) {
    keepWordsWhole(this);
    setObjectName(QStringLiteral("sessionsDialog"));
    setWindowTitle(tr("Sessions of %1").arg(QString::fromStdString(controller.session().drum.name)));
    resize(560, 420);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(20, 16, 20, 16);
    column->setSpacing(12);
    auto* words =
        textLabel("quiet", tr("Each session keeps its turns, taps and undo. Nothing is lost when you "
                              "switch between them."));
    words->setWordWrap(true);
    column->addWidget(words);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("sessionList"));
    m_list->setAccessibleName(tr("Sessions"));
    for (const SessionLine& line : controller.sessions()) {
        const QString steps = line.steps == 0 ? tr("no steps yet") : tr("%n steps", nullptr, line.steps);
        QString text = tr("%1, at %2, %3").arg(when(line.lastAt), stationName(line.station), steps);
        if (line.id == controller.sessionId())
            text = tr("%1 (open now)").arg(text);
        auto* item = new QListWidgetItem(text, m_list);
        item->setData(Qt::UserRole, QVariant::fromValue<qint64>(line.id));
        item->setToolTip(tr("Started %1").arg(when(line.startedAt)));
    }
    m_list->setCurrentRow(0);
    connect(m_list, &QListWidget::itemActivated, this, &SessionsDialog::open);
    column->addWidget(m_list, 1);
    auto* cancel = secondaryButton(tr("Cancel"));
    connect(cancel, &QPushButton::clicked, this, &QDialog::reject);
    auto* go = primaryButton();
    go->setText(tr("Open session"));
    go->setObjectName(QStringLiteral("openSession"));
    connect(go, &QPushButton::clicked, this, &SessionsDialog::open);
    auto* buttons = new QHBoxLayout;
    buttons->addStretch();
    buttons->addWidget(cancel);
    buttons->addWidget(go);
    column->addLayout(buttons);
}

void SessionsDialog::open() {
    if (const QListWidgetItem* item = m_list->currentItem();
        item != nullptr && m_controller.openSession(item->data(Qt::UserRole).toLongLong()))
        accept();
}

} // namespace bombo

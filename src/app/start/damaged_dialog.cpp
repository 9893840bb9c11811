#include "app/start/damaged_dialog.h"

#include "app/theme/fitted_dialog.h"
#include "app/theme/parts.h"

#include <QFileInfo>
#include <QGuiApplication>
#include <QVBoxLayout>

namespace bombo {
namespace {

QString when(const QDateTime& time) {
    return QLocale().toString(time.toLocalTime(), QStringLiteral("d MMM yyyy, hh:mm"));
}

QLabel* wrapped(const QString& text) {
    QLabel* label = textLabel("quiet", text);
    label->setWordWrap(true);
    return label;
}

} // namespace

QString lossText(const WayBack& way) {
    if (way.steps == 0 && way.setups == 0)
        return way.isCounted ? DamagedDialog::tr("Nothing that was done after it stands in the damaged file.")
                             : DamagedDialog::tr("What was done after it is lost; it cannot be counted.");
    QStringList lost;
    if (way.steps > 0)
        lost << DamagedDialog::tr("%n steps", nullptr, way.steps);
    if (way.setups > 0)
        lost << DamagedDialog::tr("%n saved setups", nullptr, way.setups);
    const QString what = lost.join(DamagedDialog::tr(" and "));
    const QString last = way.lastStep.isValid() ? when(way.lastStep) : when(way.copy.madeAt);
    return way.isCounted
               ? DamagedDialog::tr("What was done after it is lost: %1, the last on %2.").arg(what, last)
               : DamagedDialog::tr("What was done after it is lost: at least %1, the last on %2.")
                     .arg(what, last);
}

DamagedDialog::DamagedDialog(SessionController& controller, const QString& path, QWidget* parent)
    : QDialog(parent), m_controller(controller), m_path(path) {
    keepWordsWhole(this);
    QGuiApplication::setOverrideCursor(Qt::WaitCursor);
    m_way = wayBack(path);
    QGuiApplication::restoreOverrideCursor();
    setWindowTitle(tr("Damaged workbook"));
    setMinimumWidth(560);
    auto* column = new QVBoxLayout(this);
    column->setSpacing(10);
    auto* title = textLabel("heading", tr("%1 is damaged").arg(QFileInfo(path).completeBaseName()));
    title->setWordWrap(true);
    column->addWidget(title);
    column->addWidget(wrapped(tr("Nothing in it was changed. Whatever you choose, the damaged file stays.")));
    column->addSpacing(8);
    if (m_way) {
        auto* back = primaryButton();
        back->setText(tr("Go on with the copy of %1").arg(when(m_way->copy.madeAt)));
        back->setObjectName(QStringLiteral("goBackToCopy"));
        connect(back, &QPushButton::clicked, this, [this] {
            if (m_controller.goBackTo(*m_way, m_path))
                accept();
        });
        column->addWidget(back);
        auto* loss = wrapped(lossText(*m_way));
        loss->setObjectName(QStringLiteral("lostByGoingBack"));
        column->addWidget(loss);
    } else {
        column->addWidget(wrapped(tr("There is no whole copy of it beside it.")));
    }
    column->addSpacing(8);
    auto* rescue = secondaryButton(tr("Bring what can be read into a new workbook"));
    rescue->setObjectName(QStringLiteral("rescueWorkbook"));
    connect(rescue, &QPushButton::clicked, this, [this] {
        QGuiApplication::setOverrideCursor(Qt::WaitCursor);
        const bool done = m_controller.rescue(m_path);
        QGuiApplication::restoreOverrideCursor();
        if (done)
            accept();
    });
    column->addWidget(rescue);
    column->addWidget(wrapped(tr("It is made beside the damaged one; what is missing is named.")));
    column->addSpacing(8);
    auto* leave = secondaryButton(tr("Leave it for now"));
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    column->addWidget(leave);
}

} // namespace bombo

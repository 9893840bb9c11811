#include "app/start/start_page.h"

#include "app/drum/new_drum_dialog.h"
#include "app/theme/parts.h"

#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QVBoxLayout>

namespace bombo {

StartPage::StartPage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(28, 60, 28, 28);
    column->setSpacing(14);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("startTitle"));
    column->addWidget(m_title);
    m_words = textLabel("quiet");
    m_words->setWordWrap(true);
    column->addWidget(m_words);
    m_mine = primaryButton();
    m_mine->setObjectName(QStringLiteral("addFirstDrum"));
    connect(m_mine, &QPushButton::clicked, this, &StartPage::addDrum);
    column->addWidget(m_mine, 0, Qt::AlignLeft);
    m_place = textLabel("quiet");
    m_place->setWordWrap(true);
    column->addWidget(m_place);
    column->addSpacing(18);
    m_demo = secondaryButton(tr("Open the demo"));
    m_demo->setObjectName(QStringLiteral("openDemo"));
    connect(m_demo, &QPushButton::clicked, this, [this] { m_controller.openDemo(); });
    column->addWidget(m_demo, 0, Qt::AlignLeft);
    m_open = secondaryButton(tr("Open a workbook\u2026"));
    m_open->setObjectName(QStringLiteral("openWorkbook"));
    connect(m_open, &QPushButton::clicked, this, &StartPage::openFile);
    column->addWidget(m_open, 0, Qt::AlignLeft);
    column->addStretch();
}

void StartPage::refresh() {
    const bool open = m_controller.hasWorkbook();
    const QString own = QDir::toNativeSeparators(SessionController::ownWorkbookPath());
    m_title->setText(
        open ? tr("%1 holds no drum yet").arg(QFileInfo(m_controller.workbookPath()).completeBaseName())
             : tr("Which drum is in front of you?"));
    m_words->setText(tr("A workbook is one file with your drums, your tones, the work under way and the "
                        "logbook."));
    m_mine->setText(open ? tr("Add a drum\u2026") : tr("My own drum\u2026"));
    m_mine->setEnabled(!open || !m_controller.isReadOnly());
    m_place->setText(open ? tr("Its size, rods, heads and wires; all can be guessed at first.")
                     : QFileInfo::exists(own) ? tr("Opens your workbook %1.").arg(own)
                                              : tr("It goes into a new workbook, %1.").arg(own));
}

void StartPage::addDrum() {
    if (!m_controller.hasWorkbook() && !m_controller.openOwn())
        return;
    if (!m_controller.drums().empty())
        return; // the workbook had some: they are in front now
    NewDrumDialog dialog(m_controller.drums(), this);
    if (dialog.exec() == QDialog::Accepted)
        m_controller.addDrum(dialog.row());
}

void StartPage::openFile() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a workbook"), {},
                                                      tr("Bombo workbooks (*.bombo);;All files (*)"));
    if (!path.isEmpty())
        m_controller.openWorkbook(path);
}

} // namespace bombo

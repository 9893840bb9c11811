#include "app/start/start_page.h"

#include "app/files/file_questions.h"
#include "app/language/language.h"
#include "app/session/wording.h"
#include "app/start/start_picture.h"
#include "app/theme/scale.h"

#include <QDir>
#include <QDragEnterEvent>
#include <QFileInfo>
#include <QKeyEvent>
#include <QMimeData>

namespace bombo {
namespace {

/// A workbook that was open, to open again: its drum, and what stood there.
class RecentButton : public ChoiceButton {
public:
    RecentButton(const RecentWorkbook& workbook, const QString& key) : ChoiceButton(workbook.drum, {}, key) {
        const int station = std::clamp(workbook.station, 0, static_cast<int>(std::size(kStations)) - 1);
        const QString when =
            QLocale().toString(QDateTime::fromSecsSinceEpoch(workbook.at), QStringLiteral("d MMM, hh:mm"));
        say(workbook.drum,
            StartPage::tr("%1, at %2, %3")
                .arg(catalogueText(workbook.tone.toStdString()).section(QLatin1Char(':'), 0, 0),
                     stationName(kStations[static_cast<std::size_t>(station)]), when));
        setToolTip(QDir::toNativeSeparators(workbook.path));
    }
    QSize sizeHint() const override { return {ChoiceButton::sizeHint().width(), scaled(66)}; }
};

} // namespace

StartPage::StartPage(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    setAcceptDrops(true);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(48, 32, 48, 24);
    row->setSpacing(48);
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("startTitle"));
    m_title->setProperty("role", "poster");
    m_title->setWordWrap(true);
    left->addWidget(m_title);
    m_words = textLabel("heading");
    m_words->setProperty("role", "lead");
    m_words->setWordWrap(true);
    left->addWidget(m_words);
    left->addWidget(new StartPicture, 1);
    row->addLayout(left, 6);

    auto* right = new QVBoxLayout;
    right->setSpacing(12);
    right->addStretch(1);
    const auto add = [&](ChoiceButton* button, const char* name) {
        button->setObjectName(QLatin1String(name));
        right->addWidget(button);
        return button;
    };
    m_mine = add(new ChoiceButton({}, {}, tr("Space"), true), "addFirstDrum");
    connect(m_mine, &QPushButton::clicked, this, &StartPage::goToMine);
    m_place = textLabel("quiet");
    m_place->setObjectName(QStringLiteral("ownPlace"));
    m_place->setWordWrap(true);
    right->addWidget(m_place);
    m_practice =
        add(new ChoiceButton(tr("A practice drum"), tr("Simulated, uneven, in a room. Nothing can break."),
                             QStringLiteral("2")),
            "openPractice");
    connect(m_practice, &QPushButton::clicked, this, [this] {
        emit firstJobBegun();
        m_controller.openPractice();
    });
    m_demo =
        add(new ChoiceButton(tr("The picture house"), tr("The demo: a band's three drums, and their season."),
                             QStringLiteral("3")),
            "openDemo");
    connect(m_demo, &QPushButton::clicked, this, [this] { m_controller.openDemo(); });
    m_open = add(new ChoiceButton(tr("Open a workbook\u2026"), tr("Or drop one here."), QStringLiteral("4")),
                 "openWorkbook");
    connect(m_open, &QPushButton::clicked, this, &StartPage::openFile);
    m_lately = textLabel("heading", tr("Lately"));
    right->addSpacing(6);
    right->addWidget(m_lately);
    m_recent = new QVBoxLayout;
    m_recent->setSpacing(8);
    right->addLayout(m_recent);
    right->addStretch(2);
    row->addLayout(right, 5);
}

void StartPage::refresh() {
    const bool open = m_controller.hasWorkbook();
    const QString own = QDir::toNativeSeparators(SessionController::ownWorkbookPath());
    const bool hasOwn = QFileInfo::exists(own);
    m_title->setText(
        open ? tr("%1 holds no drum yet").arg(QFileInfo(m_controller.workbookPath()).completeBaseName())
             : QStringLiteral("Bombo"));
    m_words->setText(open ? tr("Describe one; all of it can be guessed at first.")
                          : tr("From the tone you want to a drum that has it, and back to it tomorrow."));
    if (!open && hasOwn)
        m_mine->say(tr("My drums"), tr("Go on where you left them."));
    else
        m_mine->say(tr("My drum"), tr("Pick it by sight, in a minute. No rule needed."));
    m_mine->setEnabled(!open || !m_controller.isReadOnly());
    m_place->setText(open ? QString()
                     : hasOwn
                         ? tr("Your workbook is %1.").arg(own)
                         : tr("It will stand in a new workbook, %1. Move it whenever you like.").arg(own));
    m_place->setVisible(!open);
    showRecent();
}

void StartPage::showRecent() {
    while (QLayoutItem* item = m_recent->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    constexpr int most = 3;
    for (const RecentWorkbook& one : m_controller.settings().recentWorkbooks()) {
        if (m_recent->count() == most || one.path == m_controller.workbookPath() ||
            !QFileInfo::exists(one.path))
            continue;
        auto* button = new RecentButton(one, QString::number(5 + m_recent->count()));
        button->setObjectName(QStringLiteral("recent-%1").arg(m_recent->count()));
        connect(
            button, &QPushButton::clicked, this, [this, path = one.path] { m_controller.openWorkbook(path); },
            Qt::QueuedConnection); // the button itself goes with the list
        m_recent->addWidget(button);
    }
    m_lately->setVisible(m_recent->count() > 0);
}

void StartPage::goToMine() {
    if (m_controller.hasWorkbook() || !QFileInfo::exists(SessionController::ownWorkbookPath())) {
        emit firstJobBegun();
        emit describeDrum();
        return;
    }
    if (m_controller.openOwn() && m_controller.drums().empty())
        emit describeDrum();
}

void StartPage::openFile() {
    const QString path = askWhichFile(m_controller.settings(), FileKind::Workbook, this,
                                      tr("Open a workbook"), tr("Bombo workbooks (*.bombo);;All files (*)"));
    if (!path.isEmpty())
        m_controller.openWorkbook(path);
}

void StartPage::keyPressEvent(QKeyEvent* event) {
    const int key = event->key() - Qt::Key_0;
    ChoiceButton* const fixed[]{m_practice, m_demo, m_open};
    if (!event->isAutoRepeat() && key >= 2 && key <= 4)
        return fixed[key - 2]->press();
    if (!event->isAutoRepeat() && key >= 5 && key < 5 + m_recent->count())
        return static_cast<ChoiceButton*>(m_recent->itemAt(key - 5)->widget())->press();
    QWidget::keyPressEvent(event);
}

void StartPage::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->urls().size() == 1 && event->mimeData()->urls().front().isLocalFile())
        event->acceptProposedAction();
}

void StartPage::dropEvent(QDropEvent* event) {
    const QList<QUrl> dropped = event->mimeData()->urls();
    event->acceptProposedAction();
    if (!dropped.isEmpty())
        m_controller.openWorkbook(dropped.front().toLocalFile());
}

} // namespace bombo

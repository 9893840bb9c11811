#include "app/language/windows.h"

#include "app/language/language.h"
#include "app/numbers/numbers.h"

#include <QApplication>
#include <QScreen>
#include <QTimer>
#include <algorithm>

namespace bombo {

namespace {

constexpr int kFramed = 250; // ms, in which a desktop puts its frame around a window
constexpr int kTries = 8;
constexpr int kSmallScreen = 1024;

/// A window whose frame reaches beyond the screen gets as large as fits.
void fitOnScreen(MainWindow& window, const QSize& frame) {
    const QRect room = window.screen()->availableGeometry();
    if (room.width() < kSmallScreen || window.isMaximized() || window.isFullScreen())
        return;
    const QSize most = room.size() - frame;
    if (window.width() > most.width() || window.height() > most.height())
        window.resize(window.size().boundedTo(most));
    const QRect within = window.frameGeometry();
    window.move(std::clamp(within.left(), room.left(), std::max(room.left(), room.right() - within.width())),
                std::clamp(within.top(), room.top(), std::max(room.top(), room.bottom() - within.height())));
}

/// As soon as it has a frame; without one there is nothing to do.
void keepOnScreen(MainWindow& window, int tries) {
    QTimer::singleShot(kFramed, &window, [&window, tries] {
        const QSize frame = window.frameGeometry().size() - window.size();
        if (!frame.isNull())
            fitOnScreen(window, frame);
        else if (tries > 1)
            keepOnScreen(window, tries - 1);
    });
}

} // namespace

Windows::Windows(QApplication& application, SessionController& controller)
    : m_application(application), m_controller(controller) {
    show();
}

void Windows::show() {
    speak(m_application, m_controller.settings().language());
    useNumbersOf(m_controller.settings().language());
    const QByteArray geometry = m_window ? m_window->saveGeometry() : QByteArray();
    // The new one is shown before the old one goes: without a window the program would end.
    auto next = std::make_unique<MainWindow>(m_controller);
    if (!geometry.isEmpty())
        next->restoreGeometry(geometry);
    if (m_window)
        for (const Notice& unread : m_window->noticeBar()->notices())
            next->noticeBar()->show(unread);
    next->show();
    m_window = std::move(next);
    keepOnScreen(*m_window, kTries);
    // Queued: the menu that was chosen from belongs to the window that goes.
    connect(
        m_window.get(), &MainWindow::languageChosen, this,
        [this](const QString& code) {
            m_controller.settings().setLanguage(code);
            show();
        },
        Qt::QueuedConnection);
}

} // namespace bombo

#include "app/language/windows.h"

#include "app/language/language.h"

#include <QApplication>

namespace bombo {

Windows::Windows(QApplication& application, SessionController& controller)
    : m_application(application), m_controller(controller) {
    show();
}

void Windows::show() {
    speak(m_application, m_controller.settings().language());
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

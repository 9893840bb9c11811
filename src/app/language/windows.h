#pragma once
/// Shows the main window, and makes it anew in another language when the user chooses one.
#include "app/main_window.h"

#include <QObject>
#include <memory>

class QApplication;

namespace bombo {

class Windows : public QObject {
    Q_OBJECT
public:
    /// Shows the first, in the language of the settings.
    Windows(QApplication& application, SessionController& controller);
    MainWindow& window() { return *m_window; }

private:
    void show();

    QApplication& m_application;
    SessionController& m_controller;
    std::unique_ptr<MainWindow> m_window;
};

} // namespace bombo

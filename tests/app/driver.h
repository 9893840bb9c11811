#pragma once
/// Drives the real window as a person would: clicks, keys, and waiting for what they set going.
#include "app/main_window.h"
#include "app/practice/deal.h"

#include <QDir>
#include <QTemporaryDir>
#include <QTest>
#include <functional>

namespace bombo::testing {

/// What is written in English with the decimal mark of the language that the test runs under.
QString shown(const QString& english);

/// A screen that is large enough for every window, without a monitor; before the application is made. A
/// platform that is asked for in the environment stays.
void useLargeScreen();

/// A program with its own settings and workbook in a temporary folder.
struct Program {
    explicit Program(const QString& workbook = {}, QSize size = {1280, 800});

    Session const& session() const { return controller.session(); }
    QString path(const QString& name) const { return QDir(folder.path()).filePath(name); }

    /// The named child of the page in front; fails loudly when it is not there.
    template <class T> T* find(const QString& name) {
        T* found = nullptr;
        for (T* candidate : window.findChildren<T*>(name))
            if (candidate->isVisible())
                found = candidate;
        if (found == nullptr)
            throw std::runtime_error("no visible widget " + name.toStdString());
        return found;
    }
    void click(const QString& name);
    void clickAt(QWidget* widget, QPointF at);
    /// Chooses in a box by the arrow keys.
    void choose(const QString& name, int index);
    /// Presses a key where the focus is.
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    bool waitFor(const std::function<bool()>& condition, int milliseconds = 10000);
    /// Space bar until the head's work has the stage, waiting for each tap to be read.
    bool spaceUntil(HeadSide side, const std::function<bool(const HeadWork&)>& done, int most = 400);
    bool spaceUntil(const std::function<bool()>& done, int most = 100);

    /// Practice draws by it: every run draws alike.
    struct Dealt {
        Dealt() { practiceDeal().seed(20261130); }
    } dealt;
    QTemporaryDir folder;
    Settings settings;
    SessionController controller;
    MainWindow window;
};

} // namespace bombo::testing

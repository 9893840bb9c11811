/// Clicks, types and chooses at random in the window for a while: nothing may crash, hang or grow.
///   bombo-random SECONDS [SEED]
#include "app/main_window.h"
#include "app/numbers/numbers.h"

#include "store/demo.h"

#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QDialog>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileDialog>
#include <QLineEdit>
#include <QMenuBar>
#include <QTabBar>
#include <QTemporaryDir>
#include <QTest>
#include <QTimer>
#include <cstdio>
#include <functional>
#include <random>
#include <unistd.h>

namespace {

using namespace bombo;

class Stranger {
public:
    Stranger(QWidget& window, unsigned seed) : m_window(window), m_random(seed) {}

    void actOnce() {
        QWidget* front = QApplication::activeModalWidget();
        if (front == nullptr)
            front = &m_window;
        switch (below(12)) {
        case 0:
            return type(*front);
        case 1:
            return pressKey(*front);
        case 2:
            return chooseAction();
        case 3:
            return clickAnywhere(*front);
        default:
            return click(*front);
        }
    }

    /// What is open in front for long is closed; a file is never chosen.
    void leaveDialogs() {
        auto* dialog = qobject_cast<QDialog*>(QApplication::activeModalWidget());
        if (dialog != nullptr && (qobject_cast<QFileDialog*>(dialog) != nullptr || below(6) == 0))
            dialog->reject();
        if (QWidget* popup = QApplication::activePopupWidget())
            popup->close();
    }

private:
    int below(int count) { return std::uniform_int_distribution<int>(0, count - 1)(m_random); }

    template <class T> T* anyOf(QWidget& front) {
        QList<T*> usable;
        for (T* one : front.findChildren<T*>())
            if (one->isVisible() && one->isEnabled())
                usable << one;
        return usable.isEmpty() ? nullptr : usable[below(static_cast<int>(usable.size()))];
    }

    void click(QWidget& front) {
        if (auto* button = anyOf<QAbstractButton>(front))
            QTest::mouseClick(button, Qt::LeftButton);
    }
    void clickAnywhere(QWidget& front) {
        if (auto* widget = anyOf<QWidget>(front))
            QTest::mouseClick(widget, Qt::LeftButton, Qt::NoModifier,
                              QPoint(below(widget->width() + 1), below(widget->height() + 1)));
    }
    void type(QWidget& front) {
        static const QStringList texts{QStringLiteral("0"),
                                       QStringLiteral("-1"),
                                       QStringLiteral("1e9"),
                                       QStringLiteral("72,5"),
                                       QStringLiteral("<b>x"),
                                       QString(600, u'w'),
                                       QStringLiteral("\u202e\u0000z"),
                                       QString()};
        if (auto* line = anyOf<QLineEdit>(front); line != nullptr && !line->isReadOnly()) {
            line->selectAll();
            line->insert(texts[below(static_cast<int>(texts.size()))]);
            QTest::keyClick(line, Qt::Key_Return);
        }
    }
    void pressKey(QWidget& front) {
        static constexpr Qt::Key keys[]{Qt::Key_Space,  Qt::Key_Tab,   Qt::Key_Down, Qt::Key_Up,
                                        Qt::Key_Left,   Qt::Key_Right, Qt::Key_Plus, Qt::Key_Minus,
                                        Qt::Key_Delete, Qt::Key_Return};
        QWidget* at = QApplication::focusWidget();
        QTest::keyClick(at != nullptr ? at : &front, keys[below(std::size(keys))],
                        below(5) == 0 ? Qt::ControlModifier : Qt::NoModifier);
    }
    void chooseAction() {
        if (QApplication::activeModalWidget() != nullptr)
            return;
        QList<QAction*> all;
        for (QMenu* menu : m_window.findChildren<QMenu*>())
            for (QAction* action : menu->actions())
                if (action->isEnabled() && action->menu() == nullptr && !action->isSeparator() &&
                    action->shortcut() != QKeySequence(QKeySequence::Quit))
                    all << action;
        if (!all.isEmpty())
            all[below(static_cast<int>(all.size()))]->trigger();
    }

    QWidget& m_window;
    std::mt19937 m_random;
};

double residentMegabytes() {
    QFile file(QStringLiteral("/proc/self/statm"));
    if (!file.open(QIODevice::ReadOnly))
        return 0;
    return file.readAll().split(' ')[1].toDouble() * static_cast<double>(sysconf(_SC_PAGESIZE)) / 1e6;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    const int seconds = argc > 1 ? QByteArray(argv[1]).toInt() : 60;
    const unsigned seed = argc > 2 ? QByteArray(argv[2]).toUInt() : 1;
    const QTemporaryDir home;
    qputenv("XDG_DATA_HOME", home.path().toLocal8Bit());
    QDir::setCurrent(home.path()); // a name typed into a dialog for files leaves no file where it was started
    Settings settings(home.filePath(QStringLiteral("settings.ini")));
    settings.setPracticeAudible(false);
    useNumbersOf();
    PrimaryButton::setBounce(0);
    const QString book = home.filePath(QStringLiteral("random.bombo"));
    (void)createDemoWorkbook(book).value();
    SessionController controller(settings);
    MainWindow window(controller);
    window.show();
    controller.openWorkbook(book);

    Stranger stranger(window, seed);
    QElapsedTimer clock;
    clock.start();
    int actions = 0;
    qint64 longest = 0;
    qint64 told = 0;
    int depth = 0;
    // Each asks for the next before it acts: a timer does not fire again inside the dialog that it opened.
    std::function<void()> next = [&] {
        QTimer::singleShot(5, &window, next);
        if (clock.elapsed() / 1000 >= told + 60) {
            told = clock.elapsed() / 1000;
            std::printf("%5lld s: %7d actions, %6.1f MB, longest %lld ms\n", static_cast<long long>(told),
                        actions, residentMegabytes(), static_cast<long long>(longest));
            std::fflush(stdout);
        }
        if (clock.elapsed() > 1000LL * seconds && depth == 0)
            QCoreApplication::quit();
        const bool wasInDialog = QApplication::activeModalWidget() != nullptr;
        if (clock.elapsed() > 1000LL * seconds || wasInDialog)
            stranger.leaveDialogs();
        QElapsedTimer one;
        one.start();
        ++depth; // an action may open a dialog, whose loop comes back here
        stranger.actOnce();
        --depth;
        if (!wasInDialog && depth == 0 && QApplication::activeModalWidget() == nullptr)
            longest = std::max(longest, one.elapsed());
        ++actions;
    };
    QTimer::singleShot(0, &window, next);
    const int code = QApplication::exec();
    std::printf("%d actions in %d s, %.1f MB, nothing crashed\n", actions, seconds, residentMegabytes());
    return code;
}

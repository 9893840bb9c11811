#include "driver.h"

#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/theme/scale.h"

#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QLocale>
#include <QRegularExpression>
#include <QScopeGuard>
#include <stdexcept>

namespace bombo::testing {

QString shown(const QString& english) {
    static const QRegularExpression mark(QStringLiteral("(?<=\\d)\\.(?=\\d)"));
    return QString(english).replace(mark, QLocale().decimalPoint());
}

void useLargeScreen() {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen:configfile=" BOMBO_TEST_SCREEN);
}

Program::Program(const QString& workbook, QSize size)
    : settings(path(QStringLiteral("settings.ini"))), controller(settings), window(controller) {
    settings.setPracticeAudible(false);
    PrimaryButton::setBounce(0);
    useNumbersOf();
    window.resize(size);
    window.show();
    if (!QTest::qWaitForWindowActive(&window))
        throw std::runtime_error("the window did not come up");
    if (settings.wordsPercent() == 0 && !waitFor([&] { return scale() == scaleFor(size); }))
        throw std::runtime_error("the words do not fit the window");
    if (!workbook.isEmpty())
        controller.openWorkbook(workbook);
}

void Program::click(const QString& name) {
    auto* button = find<QAbstractButton>(name);
    QTest::mouseClick(button, Qt::LeftButton);
}

void Program::clickAt(QWidget* widget, QPointF at) {
    QTest::mouseClick(widget, Qt::LeftButton, Qt::NoModifier, at.toPoint());
}

void Program::choose(const QString& name, int index) {
    auto* box = find<QComboBox>(name);
    box->setFocus();
    while (box->currentIndex() != index)
        QTest::keyClick(box, box->currentIndex() < index ? Qt::Key_Down : Qt::Key_Up);
}

void Program::press(Qt::Key key, Qt::KeyboardModifiers modifiers) {
    QWidget* target = QApplication::focusWidget();
    QTest::keyClick(target != nullptr ? target : &window, key, modifiers);
}

bool Program::waitFor(const std::function<bool()>& condition, int milliseconds) {
    return QTest::qWaitFor(condition, milliseconds);
}

bool Program::spaceUntil(const std::function<bool()>& done, int most) {
    bool heard = false; // a tap that is refused changes nothing else: it is made again
    const auto listening =
        QObject::connect(&controller.ear(), &Ear::readingHeard, [&heard] { heard = true; });
    const auto deaf = qScopeGuard([&] { QObject::disconnect(listening); });
    for (int i = 0; i < most && !done(); ++i) {
        heard = false;
        const int before = session().clock;
        const Station station = session().station;
        press(Qt::Key_Space);
        if (!waitFor([&] {
                return done() || ((heard || session().clock != before || session().station != station) &&
                                  !controller.ear().listener().isReading());
            }))
            return false;
    }
    return done();
}

bool Program::spaceUntil(HeadSide side, const std::function<bool(const HeadWork&)>& done, int most) {
    return spaceUntil([&] { return done(session().head(side)); }, most);
}

} // namespace bombo::testing

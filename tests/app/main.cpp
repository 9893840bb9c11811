#include "app/theme/palette.h"

#include <QApplication>
#include <gtest/gtest.h>

int main(int argc, char** argv) {
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM"))
        qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("bombo-tests"));
    bombo::applyTheme(application, bombo::ThemeChoice::Day);
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}

#include "app/theme/palette.h"
#include "driver.h"

#include <QApplication>
#include <gtest/gtest.h>

int main(int argc, char** argv) {
    bombo::testing::useLargeScreen();
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("bombo-tests"));
    bombo::applyTheme(application, bombo::ThemeChoice::Day);
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}

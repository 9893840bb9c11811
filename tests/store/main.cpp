#include <QCoreApplication>
#include <gtest/gtest.h>

int main(int argc, char** argv) {
    const QCoreApplication application(argc, argv); // the SQL driver is a plug-in
    ::testing::InitGoogleTest(&argc, argv);
    return RUN_ALL_TESTS();
}

#include "app/numbers/numbers.h"

#include <QApplication>
#include <QLineEdit>
#include <QScopeGuard>
#include <QTest>
#include <gtest/gtest.h>

namespace bombo {
namespace numbers_test {

/// Runs under another language's figures and gives the old ones back.
template <class F> void under(QLocale locale, F run) {
    const QLocale before;
    const auto back = qScopeGuard([&] { QLocale::setDefault(before); });
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    QLocale::setDefault(locale);
    run();
}

const QLocale kGerman(QLocale::German, QLocale::Germany);
const QLocale kEnglish(QLocale::English, QLocale::UnitedKingdom);

TEST(Numbers, AreWrittenAsTheLanguageWritesThem) {
    under(kGerman, [] {
        EXPECT_EQ(number(1234.56, 1), QStringLiteral("1234,6"));
        EXPECT_EQ(figures(0.25, 2), QStringLiteral("0,25"));
    });
    under(kEnglish, [] { EXPECT_EQ(number(1234.56, 1), QStringLiteral("1234.6")); });
}

TEST(Numbers, BothMarksAreUnderstood) {
    for (const char* text : {"72,5", "72.5", " 72,5 "})
        EXPECT_EQ(numberTyped(QString::fromLatin1(text)), 72.5) << text;
    EXPECT_EQ(numberTyped(QStringLiteral("\u2212"
                                         "3,25")),
              -3.25);
    for (const char* text : {"", "drum", "1.234,5", "7 2", "nan"})
        EXPECT_FALSE(numberTyped(QString::fromLatin1(text)) > -1e300) << text;
}

TEST(Numbers, ABoxTakesEitherMarkInEveryLanguage) {
    for (const QLocale& locale : {kGerman, kEnglish})
        under(locale, [&] {
            for (const char* typed : {"72,5", "72.5"}) {
                NumberBox box;
                box.setRange(0.0, 200.0);
                box.setDecimals(1);
                box.setSuffix(QStringLiteral(" Hz"));
                box.show();
                box.selectAll();
                QTest::keyClicks(&box, QString::fromLatin1(typed));
                QTest::keyClick(&box, Qt::Key_Return);
                EXPECT_EQ(box.value(), 72.5) << typed;
                EXPECT_EQ(box.text(),
                          QStringLiteral("72%1 Hz").arg(locale.decimalPoint() + QStringLiteral("5")));
            }
        });
}

TEST(Numbers, ABoxRefusesWhatIsNoFigureOrTooFine) {
    NumberBox box;
    box.setRange(0.0, 200.0);
    box.setDecimals(1);
    box.setValue(10.0);
    box.show();
    box.selectAll();
    QTest::keyClicks(&box, QStringLiteral("7x2,54")); // the letter and the second decimal are not taken
    QTest::keyClick(&box, Qt::Key_Return);
    EXPECT_EQ(box.value(), 72.5);
    box.selectAll();
    QTest::keyClicks(&box, QStringLiteral("999"));
    QTest::keyClick(&box, Qt::Key_Return);
    EXPECT_LE(box.value(), 200.0);
}

} // namespace numbers_test
} // namespace bombo

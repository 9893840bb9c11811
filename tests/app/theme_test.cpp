#include "app/settings.h"
#include "app/theme/load_wedge.h"
#include "app/theme/palette.h"

#include <QApplication>
#include <QFontInfo>
#include <QPainter>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace bombo {
namespace theme_test {

TEST(Theme, EveryTextIsReadable) {
    for (const Palette* p : {&dayPalette(), &nightPalette()}) {
        for (const QColor& text : {p->ink, p->quiet, p->accent, p->batter, p->snareSide})
            for (const QColor& ground : {p->paper, p->card, p->rail})
                EXPECT_GE(contrast(text, ground), text == p->accent && ground == p->rail ? 3.0 : 4.5)
                    << text.name().toStdString() << " on " << ground.name().toStdString();
        EXPECT_GE(contrast(p->onAccent, p->accent), 4.5);
        EXPECT_GE(contrast(p->ink, p->accentSoft), 4.5);
        EXPECT_GE(contrast(p->ink, p->band), 4.5);
    }
}

TEST(Theme, ContrastOfKnownPairs) {
    EXPECT_NEAR(contrast(Qt::white, Qt::black), 21.0, 1e-9);
    EXPECT_NEAR(contrast(Qt::red, Qt::red), 1.0, 1e-9);
    EXPECT_DOUBLE_EQ(contrast(Qt::white, Qt::blue), contrast(Qt::blue, Qt::white));
}

TEST(Theme, TypefaceShipsWithTheProgram) {
    const QFontInfo info(typeface(18, QFont::Bold));
    EXPECT_EQ(info.family(), QStringLiteral("Inter"));
    EXPECT_EQ(info.pixelSize(), 18);
}

TEST(Theme, SwitchesAsAWhole) {
    applyTheme(*qApp, ThemeChoice::Night);
    EXPECT_EQ(ink(), nightPalette());
    EXPECT_EQ(QApplication::palette().color(QPalette::Window), nightPalette().paper);
    EXPECT_FALSE(qApp->styleSheet().contains(QLatin1Char('@'))); // every colour name was filled in
    applyTheme(*qApp, ThemeChoice::Day);
    EXPECT_EQ(ink(), dayPalette());
}

TEST(SettingsFile, RemembersAndStartsWithDefaults) {
    const QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("s.ini"));
    {
        Settings settings(file);
        EXPECT_TRUE(settings.lastWorkbook().isEmpty());
        EXPECT_EQ(settings.theme(), ThemeChoice::System);
        EXPECT_TRUE(settings.practiceAudible());
        settings.setLastWorkbook(QStringLiteral("/a/b.bombo"));
        settings.setTheme(ThemeChoice::Night);
        settings.setInputDevice("mic-7");
        settings.setPracticeAudible(false);
    }
    const Settings again(file);
    EXPECT_EQ(again.lastWorkbook(), QStringLiteral("/a/b.bombo"));
    EXPECT_EQ(again.theme(), ThemeChoice::Night);
    EXPECT_EQ(again.inputDevice(), QByteArray("mic-7"));
    EXPECT_FALSE(again.practiceAudible());
}

int darkPixels(double load) {
    QImage image(240, 40, QImage::Format_RGB32);
    image.fill(dayPalette().card);
    QPainter painter(&image);
    paintLoadWedge(painter, QRectF(10, 10, 200, 20), load, HeadSide::Batter);
    painter.end();
    int count = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            count += image.pixelColor(x, y) == dayPalette().batter;
    return count;
}

TEST(LoadWedgePaint, FillsWithTheLoad) {
    EXPECT_EQ(darkPixels(0.0), 0);
    EXPECT_GT(darkPixels(0.1), 50);
    EXPECT_GT(darkPixels(0.7), 3 * darkPixels(0.2));
    EXPECT_EQ(darkPixels(1.5), darkPixels(1.0)); // past yield it cannot be fuller
}

} // namespace theme_test
} // namespace bombo

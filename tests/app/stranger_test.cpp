/// A workbook from somebody else, or from a failing disk, in the real window.
#include "answer_next.h"
#include "driver.h"

#include "app/start/damaged_dialog.h"
#include "app/start/start_page.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "support/raw_sql.h"

#include <QAbstractButton>
#include <QFile>
#include <QHelpEvent>
#include <QLabel>
#include <QPushButton>
#include <QToolTip>
#include <gtest/gtest.h>

namespace bombo {
namespace stranger_test {

using testing::answerNext;
using testing::Program;

class Stranger : public ::testing::Test {
protected:
    Stranger() { EXPECT_TRUE(createDemoWorkbook(book())); }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("season.bombo")); }
    void tamper(const QString& sql) const { testing::runSql(book(), sql); }
    QTemporaryDir m_folder;
};

TEST_F(Stranger, ADamagedDrumIsNamedAndTheOthersWork) {
    tamper(QStringLiteral("UPDATE drums SET description = '{}' WHERE id = 'plover'"));
    Program p(book());
    EXPECT_EQ(p.controller.drums().size(), 2U);
    EXPECT_TRUE(p.controller.hasSession());
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("Damaged in this workbook")))
        << p.window.noticeBar()->text().toStdString();
    p.click(QStringLiteral("station-1"));
    EXPECT_TRUE(p.controller.perform(SetStars{3}));
}

TEST_F(Stranger, AStateThatCannotBeIsLeftForTheOneBefore) {
    std::string crafted;
    {
        Program p(book());
        ASSERT_TRUE(p.controller.perform(SetStars{1}));
        ASSERT_TRUE(p.controller.perform(SetStars{2}));
        Json state = Json::parse(workText(p.session()));
        state["batter"]["moves"] = Json::array({{{"rods", {100000000}}, {"turns", 0.5}}});
        state["batter"]["stage"] = "turning";
        crafted = state.dump();
    }
    tamper(QStringLiteral("UPDATE steps SET state = '%1' WHERE position = 2")
               .arg(QString::fromStdString(crafted).replace(QLatin1Char('\''), QStringLiteral("''"))));
    {
        Program p(book());
        EXPECT_EQ(p.session().stars, 1);
        EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("step 2")))
            << p.window.noticeBar()->text().toStdString();
        for (int station = 0; station < 7; ++station)
            p.click(QStringLiteral("station-%1").arg(station));
        ASSERT_TRUE(p.controller.perform(SetStars{4}));
    }
    Program again(book());
    EXPECT_EQ(again.session().stars, 4);
    again.controller.undoStack().undo();
    EXPECT_EQ(again.session().stars, 1);
}

TEST_F(Stranger, ADrumWithoutAReadableSessionGetsAFreshOne) {
    { Program p(book()); }
    tamper(QStringLiteral("UPDATE steps SET state = 'gone'"));
    Program p(book());
    ASSERT_TRUE(p.controller.hasSession());
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("a fresh one was begun")))
        << p.window.noticeBar()->text().toStdString();
    EXPECT_TRUE(p.controller.perform(SetStars{3}));
}

TEST_F(Stranger, ANameIsNoPageWithPictures) {
    const QString name = QStringLiteral("<img src=\"/dev/zero\"><b>Wren</b>");
    tamper(QStringLiteral("UPDATE drums SET description = json_set(description, '$.name', '%1')").arg(name));
    tamper(QStringLiteral("UPDATE log_entries SET summary = json_set(summary, '$.note', '%1')").arg(name));
    tamper(QStringLiteral("DELETE FROM entry_lines")); // the copies of what the entries say
    Program p(book());
    int seen = 0; // labels that show the name
    for (const char* place : {"station-0", "logbook", "station-6"}) {
        p.click(QString::fromLatin1(place));
        for (const auto* label : p.window.findChildren<QLabel*>()) {
            const bool rich = label->textFormat() == Qt::RichText ||
                              (label->textFormat() == Qt::AutoText && Qt::mightBeRichText(label->text()));
            seen += label->isVisible() && label->text().contains(name);
            EXPECT_FALSE(label->isVisible() && rich && label->text().contains(QStringLiteral("img")))
                << label->text().toStdString();
        }
    }
    EXPECT_GT(seen, 0);
    QWidget tipped(&p.window);
    tipped.setToolTip(name);
    tipped.resize(50, 50);
    tipped.show();
    QHelpEvent ask(QEvent::ToolTip, QPoint(5, 5), tipped.mapToGlobal(QPoint(5, 5)));
    QApplication::sendEvent(&tipped, &ask);
    EXPECT_EQ(QToolTip::text(), name.toHtmlEscaped()); // shows the marks as they are written
    QToolTip::hideText();
}

TEST_F(Stranger, ADamagedDemoIsMadeAnewAndTheOldOneKept) {
    const QString home = m_folder.filePath(QStringLiteral("data"));
    qputenv("XDG_DATA_HOME", home.toLocal8Bit());
    Program p;
    const QString demo = QDir(QStandardPaths::writableLocation(QStandardPaths::AppDataLocation))
                             .filePath(QStringLiteral("picture-house.bombo"));
    ASSERT_TRUE(demo.startsWith(home));
    ASSERT_TRUE(QDir().mkpath(QFileInfo(demo).path()));
    QFile stump(demo); // what a kill at the first start used to leave
    ASSERT_TRUE(stump.open(QIODevice::WriteOnly));
    stump.write("half a demo");
    stump.close();
    p.click(QStringLiteral("openDemo"));
    EXPECT_TRUE(p.controller.hasSession());
    EXPECT_EQ(p.controller.drums().size(), 3U);
    EXPECT_TRUE(QFile::exists(demo + QStringLiteral(".damaged")));
    EXPECT_TRUE(p.window.noticeBar()->text().contains(QStringLiteral("made anew")));
    qunsetenv("XDG_DATA_HOME");
}

void press(DamagedDialog& dialog, const char* name) {
    auto* button = dialog.findChild<QPushButton*>(QLatin1String(name));
    ASSERT_NE(button, nullptr) << name;
    QTest::mouseClick(button, Qt::LeftButton);
}

class BrokenPages : public Stranger {
protected:
    /// A step is noted, then pages of the file are lost.
    void breakBook(const QString& bulk = {}) {
        {
            Program p(book());
            EXPECT_TRUE(p.controller.perform(SetStars{3})); // and today's copy is made before it
        }
        if (!bulk.isEmpty())
            tamper(bulk);
        QFile file(book());
        ASSERT_TRUE(file.open(QIODevice::ReadWrite));
        file.seek(file.size() - 3 * 4096);
        file.write(QByteArray(8192, '\x5a'));
    }
};

TEST_F(BrokenPages, TheNewestCopyIsOfferedWithItsPrice) {
    breakBook();
    QString price;
    bool isAsked = false;
    answerNext<DamagedDialog>([&](DamagedDialog& dialog) {
        isAsked = true;
        price = dialog.findChild<QLabel*>(QStringLiteral("lostByGoingBack"))->text();
        press(dialog, "goBackToCopy");
    });
    {
        Program p(book());
        EXPECT_FALSE(p.controller.hasSession());
        ASSERT_TRUE(p.waitFor([&] { return isAsked && p.controller.hasSession(); }));
        EXPECT_EQ(p.session().stars, 0);
        EXPECT_TRUE(price.contains(QStringLiteral("lost"))) << price.toStdString();
        EXPECT_TRUE(p.controller.perform(SetStars{5}));
    }
    EXPECT_TRUE(QFile::exists(book() + QStringLiteral(".damaged")));
    Program again(book());
    EXPECT_EQ(again.session().stars, 5);
}

TEST_F(BrokenPages, WhatCanBeReadComesOutOnTheSpot) {
    breakBook();
    answerNext<DamagedDialog>([](DamagedDialog& dialog) { press(dialog, "rescueWorkbook"); });
    Program p(book());
    ASSERT_TRUE(p.waitFor([&] { return p.controller.hasSession(); }));
    EXPECT_TRUE(p.controller.workbookPath().endsWith(QStringLiteral("season, rescued.bombo")));
    EXPECT_EQ(p.controller.drums().size(), 3U);
    EXPECT_TRUE(QFile::exists(book()));
}

TEST_F(BrokenPages, DamageFarFromTheWorkIsFoundWhileOneWorks) {
    breakBook(QStringLiteral("INSERT INTO recordings VALUES(1, 'before', '', 48000, zeroblob(20000000))"));
    bool isAsked = false;
    answerNext<DamagedDialog>([&](DamagedDialog& dialog) {
        isAsked = true;
        dialog.reject();
    });
    Program p(book());
    ASSERT_TRUE(p.controller.hasSession());
    EXPECT_EQ(p.session().stars, 3);
    ASSERT_TRUE(p.waitFor([&] { return isAsked; }));
    EXPECT_TRUE(p.controller.hasSession()); // left for now: the work goes on
    answerNext<DamagedDialog>([](DamagedDialog& dialog) { press(dialog, "goBackToCopy"); });
    emit p.controller.damageFound(book());
    ASSERT_TRUE(p.waitFor([&] { return p.session().stars == 0; }));
    EXPECT_TRUE(p.controller.perform(SetStars{2}));
}

TEST_F(BrokenPages, WithoutAWholeCopyNothingIsPromised) {
    breakBook();
    for (const Backup& copy : backupsOf(book()))
        QFile::remove(copy.path);
    bool hasWay = true;
    answerNext<DamagedDialog>([&](DamagedDialog& dialog) {
        hasWay = dialog.findChild<QPushButton*>(QStringLiteral("goBackToCopy")) != nullptr;
        dialog.reject();
    });
    Program p(book());
    ASSERT_TRUE(p.waitFor([&] { return !hasWay; }));
    EXPECT_FALSE(p.controller.hasSession());
}

} // namespace stranger_test
} // namespace bombo

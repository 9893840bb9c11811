/// The manual inside the program: F1 finds the page of what is in front, links lead somewhere, words are
/// found, every key is named.
#include "answer_next.h"
#include "driver.h"

#include "app/head/hoop_view.h"
#include "app/help/help_window.h"
#include "app/help/manual.h"
#include "app/help/report.h"
#include "app/help/what_is_this.h"
#include "store/demo.h"

#include <gtest/gtest.h>

#include <QApplication>
#include <QHelpEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenuBar>
#include <QMessageBox>
#include <QRegularExpression>
#include <QTabBar>
#include <QTextBrowser>
#include <QWhatsThis>
#include <set>

namespace bombo {
namespace help_test {

using testing::Program;

class Help : public ::testing::Test {
protected:
    Help() {
        EXPECT_TRUE(createDemoWorkbook(m_folder.filePath(QStringLiteral("house.bombo"))));
        m_program = std::make_unique<Program>(m_folder.filePath(QStringLiteral("house.bombo")));
    }
    Program& p() { return *m_program; }
    QString pageByF1() {
        p().window.activateWindow();
        QTest::keyClick(&p().window, Qt::Key_F1);
        auto* help = p().window.findChild<HelpWindow*>();
        return help != nullptr && help->isVisible() ? help->page() : QString();
    }

    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(Help, FOneOpensThePageOfWhatIsInFront) {
    const std::vector<std::pair<Station, const char*>> rows{
        {Station::Drum, "drum.md"},    {Station::Tone, "tone.md"},   {Station::SnareSide, "heads.md"},
        {Station::Batter, "heads.md"}, {Station::Wires, "wires.md"}, {Station::Muffling, "muffling.md"},
        {Station::Proof, "proof.md"}};
    for (const auto& [station, page] : rows) {
        p().click(QStringLiteral("station-%1").arg(static_cast<int>(station)));
        EXPECT_EQ(pageByF1(), QLatin1String(page));
    }
    for (const char* beside : {"logbook", "faults", "practice"}) {
        p().click(QLatin1String(beside));
        EXPECT_EQ(pageByF1(), QLatin1String(beside) + QStringLiteral(".md"));
    }
    p().controller.closeWorkbook();
    EXPECT_EQ(pageByF1(), QStringLiteral("first-job.md"));
}

TEST_F(Help, EveryPageIsThereAndEveryLinkLeadsToOne) {
    const std::vector<ManualPage>& pages = manualPages();
    ASSERT_EQ(pages.size(), 13U);
    static const QRegularExpression link(QStringLiteral("\\]\\(([^)]*)\\)"));
    int pictures = 0;
    int links = 0;
    for (const ManualPage& page : pages) {
        EXPECT_FALSE(page.title.isEmpty()) << page.file.toStdString();
        if (page.file != QStringLiteral("keys.md") && page.file != QStringLiteral("care.md")) {
            // One task a page, with a picture, steps, and what to do when it fails.
            for (const char* part : {"![", "**The task: ", "\n1. ", "## If something goes wrong", "## More"})
                EXPECT_TRUE(page.text.contains(QLatin1String(part)))
                    << page.file.toStdString() << ' ' << part;
            EXPECT_LT(page.text.split(QRegularExpression(QStringLiteral("\\s+"))).size(), 700)
                << page.file.toStdString() << " is short enough to be read";
        }
        for (auto found = link.globalMatch(page.text); found.hasNext(); ++links) {
            const QString to = found.next().captured(1);
            if (to.endsWith(QStringLiteral(".png"))) {
                EXPECT_FALSE(
                    QImage(QStringLiteral(":/screenshots/") + to.section(QLatin1Char('/'), -1)).isNull())
                    << to.toStdString();
                ++pictures;
                continue;
            }
            EXPECT_TRUE(std::any_of(pages.begin(), pages.end(),
                                    [&](const ManualPage& one) { return one.file == to; }))
                << page.file.toStdString() << " -> " << to.toStdString();
        }
    }
    EXPECT_GE(links, 5);
    EXPECT_GE(pictures, 10);
    // And a click on one goes there.
    ASSERT_EQ(pageByF1(), QStringLiteral("drum.md"));
    auto* help = p().window.findChild<HelpWindow*>();
    help->open(QStringLiteral("first-job.md"));
    auto* text = help->findChild<QTextBrowser*>(QStringLiteral("helpText"));
    emit text->anchorClicked(QUrl(QStringLiteral("wires.md")));
    EXPECT_EQ(help->page(), QStringLiteral("wires.md"));
    emit text->anchorClicked(QUrl(QStringLiteral("nowhere.md")));
    EXPECT_EQ(help->page(), QStringLiteral("wires.md"));
}

TEST_F(Help, WhatADrummerWouldTypeIsFound) {
    for (const char* word :
         {"ring", "choked",      "note", "gauge",     "buzz",        "cold",    "worn head",
          "RODS", "foot",        "lug",  "overtones", "ghost notes", "drifted", "backup",
          "dark", "temperature", "gel",  "slipping",  "dent",        "phone"})
        EXPECT_FALSE(searchManual(QLatin1String(word)).empty()) << word;
    // Found by another name, the paragraph is shown as it is read.
    const ManualFind lug = searchManual(QStringLiteral("lug")).front();
    EXPECT_EQ(manualPages()[static_cast<std::size_t>(lug.page)].file, QStringLiteral("heads.md"));
    EXPECT_TRUE(lug.line.contains(QStringLiteral("rods")) && lug.word.isEmpty()) << lug.line.toStdString();
    EXPECT_TRUE(searchManual(QStringLiteral("saxophone")).empty());
    EXPECT_TRUE(searchManual(QStringLiteral("  ?")).empty());
    EXPECT_LE(searchManual(QStringLiteral("a")).size(), 30U);

    pageByF1();
    auto* help = p().window.findChild<HelpWindow*>();
    auto* list = help->findChild<QListWidget*>(QStringLiteral("helpPages"));
    auto* search = help->findChild<QLineEdit*>(QStringLiteral("helpSearch"));
    EXPECT_EQ(list->count(), 13);
    QTest::keyClicks(search, QStringLiteral("choked"));
    ASSERT_GE(list->count(), 1);
    auto* text = help->findChild<QTextBrowser*>(QStringLiteral("helpText"));
    EXPECT_EQ(help->page(), QStringLiteral("wires.md"));
    EXPECT_EQ(text->textCursor().selectedText().toLower(), QStringLiteral("choked")); // marked in its line
    EXPECT_TRUE(text->textCursor().block().text().contains(QStringLiteral("looser")));
    EXPECT_TRUE(list->item(0)->text().contains(QStringLiteral("Choked"))) << "and shown in the list";
    search->clear();
    QTest::keyClicks(search, QStringLiteral("Ctrl+E")); // in a table
    EXPECT_EQ(help->page(), QStringLiteral("logbook.md"));
    EXPECT_EQ(text->textCursor().selectedText(), QStringLiteral("Ctrl"));
    for (const ManualPage& page : manualPages()) {
        help->open(page.file);
        EXPECT_FALSE(text->toPlainText().contains(QStringLiteral("also:"))) << page.file.toStdString();
    }
    search->clear();
    EXPECT_EQ(list->count(), 13);
    QTest::keyClicks(search, QStringLiteral("xyzzy"));
    EXPECT_EQ(list->count(), 1); // says that there is nothing
}

// Every picture and figure of the pages says what it is.
TEST_F(Help, WhatIsThisHasAnAnswerForEveryPicture) {
    std::set<QString> kinds;
    const auto look = [&] {
        for (const QWidget* widget : p().window.findChildren<QWidget*>()) {
            const QString kind =
                QString::fromLatin1(widget->metaObject()->className()).section(QStringLiteral("::"), -1);
            static const QRegularExpression picture(
                QStringLiteral("(View|Wedge|Dial|Meter|Strip|HeadFromAbove|ProofPicture)$"));
            if (!widget->isVisible() || !picture.match(kind).hasMatch() || kind.startsWith(QLatin1Char('Q')))
                continue;
            EXPECT_FALSE(explanationOf(*widget).isEmpty()) << kind.toStdString();
            kinds.insert(kind);
        }
    };
    for (int station = 0; station < 7; ++station) {
        p().click(QStringLiteral("station-%1").arg(station));
        look();
        for (const char* tabs : {"wireViews", "mufflingViews", "proofViews"})
            if (auto* bar = p().window.findChild<QTabBar*>(QLatin1String(tabs));
                bar != nullptr && bar->isVisible())
                for (int view = 0; view < bar->count(); ++view) {
                    bar->setCurrentIndex(view);
                    look();
                }
    }
    for (const char* beside : {"logbook", "practice"}) {
        p().click(QLatin1String(beside));
        look();
    }
    EXPECT_GE(kinds.size(), 12U);
}

TEST_F(Help, WhatIsThisIsAskedByKeyAndAnsweredByAClick) {
    p().click(QStringLiteral("station-3"));
    p().press(Qt::Key_F1, Qt::ShiftModifier);
    ASSERT_TRUE(QWhatsThis::inWhatsThisMode());
    QWhatsThis::leaveWhatsThisMode();
    auto* rods = p().find<HoopView>(QStringLiteral("hoop"));
    EXPECT_TRUE(rods->whatsThis().contains(QStringLiteral("cents")));
    QHelpEvent ask(QEvent::WhatsThis, QPoint(20, 20), rods->mapToGlobal(QPoint(20, 20)));
    QApplication::sendEvent(rods, &ask);
    const auto tops = QApplication::topLevelWidgets();
    EXPECT_TRUE(std::any_of(tops.begin(), tops.end(), [](const QWidget* top) {
        return top->isVisible() &&
               QLatin1String(top->metaObject()->className()) == QLatin1String("QWhatsThat");
    }));
    QWhatsThis::hideText();
}

// A key that works and is not listed would never be found.
TEST_F(Help, EveryKeyOfTheMenusIsNamed) {
    const auto keys = std::find_if(manualPages().begin(), manualPages().end(), [](const ManualPage& page) {
        return page.file == QStringLiteral("keys.md");
    });
    ASSERT_NE(keys, manualPages().end());
    int named = 0;
    for (const QAction* action : p().window.findChildren<QAction*>()) {
        const QString key = action->shortcut().toString(QKeySequence::PortableText);
        static const QRegularExpression station(QStringLiteral("^Ctrl\\+[1-7]$"));
        if (key.isEmpty() || station.match(key).hasMatch())
            continue;
        ++named;
        EXPECT_TRUE(keys->text.contains(key)) << key.toStdString();
    }
    EXPECT_GE(named, 14);
}

TEST_F(Help, AReportTellsOfTheProgramAndOfNobody) {
    p().controller.setNote(QStringLiteral("Ida says it chokes"));
    p().click(QStringLiteral("station-1"));
    ASSERT_TRUE(p().controller.perform(SetStars{3}));
    const QString report = reportText(p().controller);
    EXPECT_TRUE(report.contains(QStringLiteral("Qt 6")));
    EXPECT_TRUE(report.contains(QStringLiteral("drums 3")));
    EXPECT_TRUE(report.contains(QStringLiteral("stars"))); // the last step
    for (const QString& name : {QStringLiteral("Ida"), QStringLiteral("Plover"), QStringLiteral("Nightjar"),
                                QStringLiteral("house"), QDir::homePath()})
        EXPECT_FALSE(report.contains(name)) << name.toStdString();
    p().controller.closeWorkbook();
    EXPECT_TRUE(reportText(p().controller).contains(QStringLiteral("no workbook")));
}

TEST_F(Help, AboutSaysLicenceAndVersion) {
    QString said;
    testing::answerNext<QMessageBox>([&](QMessageBox& about) {
        said = about.text() + about.informativeText();
        about.close();
    });
    showAbout(&p().window);
    EXPECT_TRUE(said.contains(QStringLiteral("General Public License")));
    EXPECT_TRUE(said.contains(QStringLiteral("Open Font License")));
}

} // namespace help_test
} // namespace bombo

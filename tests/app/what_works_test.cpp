/// What several evenings say together: two entries of any drums, what got the stars, an order of the show.
#include "core/record/heads_say.h"
#include "driver.h"

#include "app/listening/ear.h"
#include "app/logbook/liked_panel.h"
#include "app/logbook/set_list_dialog.h"
#include "app/tone/name_tone_dialog.h"
#include "store/demo.h"

#include <QCheckBox>
#include <QComboBox>
#include <QTabBar>
#include <QTableView>
#include <QTableWidget>
#include <gtest/gtest.h>

namespace bombo {
namespace what_works_test {

using testing::Program;

class WhatWorks : public ::testing::Test {
protected:
    WhatWorks() {
        EXPECT_TRUE(createDemoWorkbook(book()));
        open();
    }
    void open() { m_program = std::make_unique<Program>(book()); }
    void restart() {
        m_program.reset();
        open();
    }
    Program& p() { return *m_program; }
    QString book() const { return QDir(m_folder.path()).filePath(QStringLiteral("works.bombo")); }
    QString says(const char* label) { return p().find<QLabel>(QString::fromLatin1(label))->text(); }

private:
    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

TEST_F(WhatWorks, TwoEntriesOfDifferentDrumsAreCompared) {
    p().click(QStringLiteral("logbook"));
    p().click(QStringLiteral("asList"));
    p().choose(QStringLiteral("logDrum"), 3); // all of them
    auto* table = p().find<QTableView>(QStringLiteral("log"));
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(1);
    table->sortByColumn(1, Qt::AscendingOrder); // by drum
    const auto drumOf = [&](int row) { return table->model()->index(row, 1).data().toString(); };
    const int last = table->model()->rowCount() - 1;
    ASSERT_NE(drumOf(0), drumOf(last));
    const auto clickRow = [&](int row, Qt::KeyboardModifiers with) {
        table->scrollTo(table->model()->index(row, 0));
        QTest::mouseClick(table->viewport(), Qt::LeftButton, with,
                          table->visualRect(table->model()->index(row, 0)).center());
    };
    clickRow(0, Qt::NoModifier);
    clickRow(last, Qt::ControlModifier);
    const auto* with = p().find<QComboBox>(QStringLiteral("compareWith"));
    EXPECT_TRUE(with->currentText().startsWith(drumOf(0))) << with->currentText().toStdString();
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("hearBoth"))->isEnabled());
    const auto entries = p().controller.entries();
    const auto find = [&](qint64 id) {
        return *std::find_if(entries.begin(), entries.end(), [id](const Entry& one) { return one.id == id; });
    };
    const Entry other = find(with->currentData().toLongLong());
    const QString said = p().find<QWidget>(QStringLiteral("differences"))->accessibleDescription();
    EXPECT_TRUE(said.contains(QString::number(other.figures.batter.left->edge.value, 'f', 1)))
        << said.toStdString();
    // The same kind of head on two drums is no other head, whenever each was put on.
    const QString day = table->model()->index(last, 0).data().toString();
    const auto inHand = std::find_if(entries.begin(), entries.end(), [&](const Entry& one) {
        return one.drumId != other.drumId && QLocale().toString(QDateTime::fromSecsSinceEpoch(one.at),
                                                                QStringLiteral("d MMM yyyy  hh:mm")) == day;
    });
    ASSERT_NE(inHand, entries.end());
    EXPECT_NE(inHand->figures.batter.fittedAt, other.figures.batter.fittedAt);
    EXPECT_EQ(said.contains(QStringLiteral("batter head:")),
              inHand->figures.batter.kind != other.figures.batter.kind)
        << said.toStdString();
}

TEST_F(WhatWorks, WhatGotTheStarsBecomesATone) {
    p().click(QStringLiteral("logbook"));
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(2);
    // The newest entry is a Chase, of which there are many.
    QTest::keyClick(p().find<QWidget>(QStringLiteral("season")), Qt::Key_End);
    const auto* view = p().find<QWidget>(QStringLiteral("likedView"));
    ASSERT_TRUE(view->isVisible());
    EXPECT_TRUE(view->accessibleDescription().contains(QStringLiteral("Hz")))
        << says("likedSays").toStdString();
    std::vector<double> liked;
    for (const Entry& entry : p().controller.entries())
        if (entry.drumId == p().session().drum.id && entry.toneId == "chase" &&
            entry.figures.words.stars >= 4)
            liked.push_back(entry.figures.batter.left->edge.value);
    ASSERT_GE(liked.size(), 5U);
    p().click(QStringLiteral("likedTone"));
    auto* dialog = p().window.findChild<NameToneDialog*>();
    ASSERT_NE(dialog, nullptr);
    QTest::keyClicks(dialog->findChild<QLineEdit*>(QStringLiteral("toneName")),
                     QStringLiteral("As we like it"));
    dialog->accept();
    restart(); // as on the disk
    const Tone tone = p().session().tone;
    EXPECT_EQ(tone.name, "As we like it");
    const double here = tone.batterEdgeAt14.value * 14.0 / 13.0;
    EXPECT_GE(here, *std::min_element(liked.begin(), liked.end()) - 1e-6);
    EXPECT_LE(here, *std::max_element(liked.begin(), liked.end()) + 1e-6);
    const auto& tones = p().controller.tones();
    EXPECT_TRUE(
        std::any_of(tones.begin(), tones.end(), [](const Tone& one) { return one.name == "As we like it"; }));
}

TEST_F(WhatWorks, AtTheToneStationItIsOfferedAndGivenBack) {
    p().controller.goTo(Station::Tone);
    p().click(QStringLiteral("tone-chase"));
    const Tone came = p().session().tone;
    ASSERT_EQ(came.id, "chase");
    std::vector<double> liked;
    for (const Entry& entry : p().controller.entries())
        if (entry.drumId == p().session().drum.id && entry.toneId == "chase" &&
            entry.figures.words.stars >= 4)
            liked.push_back(entry.figures.batter.left->edge.value);
    const auto [low, high] = std::minmax_element(liked.begin(), liked.end());
    EXPECT_TRUE(says("likedOffer").contains(QString::number(*low, 'f', 1)))
        << says("likedOffer").toStdString();
    EXPECT_TRUE(says("likedOffer").contains(QString::number(*high, 'f', 1)));
    EXPECT_TRUE(says("likedOffer").contains(QStringLiteral("%1 evenings").arg(liked.size())));
    p().click(QStringLiteral("aimAtLiked"));
    const Tone taken = p().session().tone;
    EXPECT_EQ(taken.id, "chase");
    EXPECT_EQ(taken.name, came.name);
    const double aimed = targetsOf(p().session())->batter.edgePitch.value;
    EXPECT_GE(aimed, *low - 0.1);
    EXPECT_LE(aimed, *high + 0.1);
    EXPECT_TRUE(says("likedOffer").startsWith(QStringLiteral("Aimed at")));
    restart();
    p().controller.goTo(Station::Tone);
    EXPECT_EQ(p().session().tone, taken); // as on the disk
    EXPECT_TRUE(says("likedOffer").startsWith(QStringLiteral("Aimed at")));
    p().click(QStringLiteral("aimAtLiked"));
    EXPECT_EQ(p().session().tone, came);
    p().controller.undoStack().undo();
    EXPECT_EQ(p().session().tone, taken);
    // A tone that nobody starred is offered nothing.
    p().click(QStringLiteral("tone-newsreel"));
    EXPECT_FALSE(p().window.findChild<QLabel*>(QStringLiteral("likedOffer"))->isVisible());
}

TEST_F(WhatWorks, WithoutStarsItSaysHowToGetThere) {
    p().click(QStringLiteral("logbook"));
    for (const Entry& entry : p().controller.entries()) {
        EntryWords words = entry.figures.words;
        words.stars = 0;
        p().controller.keepWords(entry.id, entry.figures.words, words);
    }
    p().find<QTabBar>(QStringLiteral("logTabs"))->setCurrentIndex(2);
    EXPECT_FALSE(p().window.findChild<QWidget*>(QStringLiteral("likedView"))->isVisible());
    EXPECT_FALSE(p().find<QPushButton>(QStringLiteral("likedTone"))->isEnabled());
    EXPECT_TRUE(says("likedSays").contains(QStringLiteral("0 evenings"))) << says("likedSays").toStdString();
}

TEST_F(WhatWorks, AnOrderOfTheShowSavesTurningAndCanBeGivenBack) {
    ASSERT_TRUE(p().controller.workbook()->setValue(
        QStringLiteral("set_list"),
        QStringLiteral(
            R"([{"tone":"chase","minutes":0},{"tone":"ghost","minutes":9},{"tone":"chase","minutes":8},
                           {"tone":"ghost","minutes":7},{"tone":"waltz","minutes":6},{"tone":"chase","minutes":5,"stays":true}])")));
    for (const DrumRow& row : std::vector<DrumRow>(p().controller.drums())) // one drum for all of it
        if (row.drum.id != p().session().drum.id) {
            ASSERT_TRUE(p().controller.retireDrum(row.drum.id, true));
        }
    const auto tones = [](SetListDialog& dialog) {
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("numbers"));
        std::vector<QString> all;
        for (int row = 0; row < table->rowCount(); ++row)
            all.push_back(static_cast<QComboBox*>(table->cellWidget(row, 0))->currentData().toString());
        return all;
    };
    std::vector<QString> was;
    std::vector<QString> better;
    {
        SetListDialog dialog(p().controller);
        dialog.show();
        was = tones(dialog);
        auto* order = dialog.findChild<QPushButton*>(QStringLiteral("betterOrder"));
        QTest::mouseClick(order, Qt::LeftButton);
        better = tones(dialog);
        EXPECT_NE(better, was);
        EXPECT_EQ(better.back(), was.back()) << "it stays";
        EXPECT_TRUE(std::is_permutation(better.begin(), better.end(), was.begin()));
        auto* table = dialog.findChild<QTableWidget*>(QStringLiteral("numbers"));
        EXPECT_EQ(static_cast<QDoubleSpinBox*>(table->cellWidget(1, 1))->value(), 9.0) << "minutes stay";
        const QString sum = dialog.findChild<QLabel*>(QStringLiteral("showSum"))->text();
        EXPECT_TRUE(sum.startsWith(QStringLiteral("This order saves"))) << sum.toStdString();
        QTest::mouseClick(order, Qt::LeftButton);
        EXPECT_EQ(tones(dialog), was);
        QTest::mouseClick(order, Qt::LeftButton);
        EXPECT_EQ(tones(dialog), better);
    }
    restart();
    SetListDialog again(p().controller);
    again.show();
    EXPECT_EQ(tones(again), better);
    auto* table = again.findChild<QTableWidget*>(QStringLiteral("numbers"));
    EXPECT_TRUE(static_cast<QCheckBox*>(table->cellWidget(5, 2))->isChecked());
    auto* order = again.findChild<QPushButton*>(QStringLiteral("betterOrder"));
    QTest::mouseClick(order, Qt::LeftButton);
    EXPECT_EQ(tones(again), better) << "there is none that is better still";
}

/// What the microphone heard being played goes into the next entry, and is not counted twice.
TEST_F(WhatWorks, HoursThatWereHeardStandInTheEntry) {
    const auto play = [&](double seconds) {
        for (double at = 0.0; at <= seconds; at += 1.0)
            p().controller.ear().played().strokeHeardAt(Seconds{at});
    };
    play(3600.0);
    restart(); // all but the last half minute is on the disk
    EXPECT_NEAR(p().controller.ear().played().sinceEntry(), 1.0, 0.01);
    play(1800.0);
    ASSERT_TRUE(p().controller.saveToLog());
    const auto newest = [&] {
        const std::string drum = p().session().drum.id;
        const auto entries = p().controller.entries();
        return *std::find_if(entries.rbegin(), entries.rend(),
                             [&](const Entry& one) { return one.drumId == drum; });
    };
    ASSERT_TRUE(newest().figures.words.hours);
    EXPECT_NEAR(*newest().figures.words.hours, 1.5, 1e-9);
    EXPECT_EQ(p().controller.ear().played().sinceEntry(), 0.0);
    restart();
    EXPECT_NEAR(newest().figures.words.hours.value_or(0.0), 1.5, 1e-9);
    EXPECT_EQ(p().controller.ear().played().sinceEntry(), 0.0);
    play(20.0); // less than a tenth of an hour is not worth a word
    ASSERT_TRUE(p().controller.perform(SetNote{"after the show"}));
    ASSERT_TRUE(p().controller.saveToLog());
    EXPECT_FALSE(newest().figures.words.hours);
}

} // namespace what_works_test
} // namespace bombo

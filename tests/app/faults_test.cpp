/// The station Faults as a drummer uses it: from a complaint to a cause, its remedy and a proof; undo,
/// restart.
#include "driver.h"

#include "app/faults/fault_drawing.h"
#include "app/faults/fault_words.h"
#include "app/faults/faults_page.h"
#include "core/faults/fault_search.h"
#include "store/demo.h"
#include "store/resources.h"

#include <gtest/gtest.h>

#include <QLabel>
#include <QPushButton>

namespace bombo {
namespace faults_test {

using testing::Program;

class Faults : public ::testing::Test {
protected:
    Faults() {
        PrimaryButton::setBounce(0);
        EXPECT_TRUE(createDemoWorkbook(m_folder.filePath(QStringLiteral("house.bombo"))));
        open();
    }
    ~Faults() override { PrimaryButton::setBounce(PrimaryButton::kBounce); }

    void open() {
        m_program.reset();
        m_program = std::make_unique<Program>(m_folder.filePath(QStringLiteral("house.bombo")));
    }
    Program& p() { return *m_program; }
    const std::optional<FaultCase>& search() { return p().session().faults; }
    QString text(const char* name) { return p().find<QLabel>(QLatin1String(name))->text(); }
    bool isThere(const char* name) {
        const auto* widget = p().window.findChild<QWidget*>(QLatin1String(name));
        return widget != nullptr && widget->isVisible();
    }
    void complain(const char* what) {
        p().click(QStringLiteral("faults"));
        p().click(QStringLiteral("complaint-%1").arg(QLatin1String(what)));
    }
    /// Answers as a cause shows itself, until one stands.
    void answerAs(const std::string& cause) {
        const FaultNet& net = faultNet();
        const std::size_t index = *indexOf(net.causes, cause);
        for (int questions = 0; questions < 9 && isThere("faultQuestion"); ++questions) {
            const FaultTest* asked = nullptr;
            for (const FaultTest& test : net.tests)
                if (testTitle(test.id) == text("faultQuestion"))
                    asked = &test;
            ASSERT_NE(asked, nullptr) << text("faultQuestion").toStdString();
            const std::vector<double>& shows =
                asked->under[index].empty() ? asked->usual : asked->under[index];
            const auto level = std::max_element(shows.begin(), shows.end()) - shows.begin();
            p().press(static_cast<Qt::Key>(Qt::Key_1 + level));
        }
    }

    QTemporaryDir m_folder;
    std::unique_ptr<Program> m_program;
};

// Key in hand, two metres away: the question, what to do and the answers' keys.
TEST_F(Faults, IsAskedInTheStandViewToo) {
    complain("wrinkle");
    p().press(Qt::Key_F11);
    ASSERT_TRUE(p().waitFor([&] { return p().window.isStandViewOpen(); }));
    auto* stand = p().find<StandView>(QStringLiteral("stand"));
    const auto asked = [&] {
        return testTitle(
            faultNet().tests[p().window.findChild<FaultsPage*>()->finder().says().next->test].id);
    };
    const QString first = asked();
    EXPECT_TRUE(stand->accessibleDescription().contains(first))
        << stand->accessibleDescription().toStdString();
    QTest::keyClick(stand, Qt::Key_1);
    ASSERT_EQ(search()->answers.size(), 1U);
    EXPECT_TRUE(stand->hasFocus()) << "the next key is for the stand again";
    QTest::keyClick(stand, Qt::Key_Space);
    EXPECT_EQ(search()->answers.size(), 2U);
    EXPECT_FALSE(search()->answers.back().level) << "not sure";
    QTest::keyClick(stand, Qt::Key_Backspace);
    EXPECT_EQ(search()->answers.size(), 1U);
    answerAs("head_off_centre");
    QTest::keyClick(stand, Qt::Key_Escape);
    ASSERT_TRUE(p().waitFor([&] { return !p().window.isStandViewOpen(); }));
    EXPECT_TRUE(isThere("faultQuestion") || isThere("verdictTitle")) << "Faults is still in front";
}

TEST_F(Faults, FromAComplaintToACauseToARemedyToAProof) {
    complain("wrinkle");
    ASSERT_TRUE(search());
    EXPECT_EQ(search()->complaint, "wrinkle");
    answerAs("head_off_centre");
    ASSERT_TRUE(isThere("verdictTitle"));
    EXPECT_EQ(text("verdictTitle"), causeName("head_off_centre"));
    EXPECT_LE(search()->answers.size(), 8U);
    p().press(Qt::Key_Space); // mend it
    EXPECT_EQ(search()->cause, "head_off_centre");
    ASSERT_TRUE(p().waitFor([&] { return isThere("remedyStep-0"); }));
    EXPECT_EQ(text("remedyStep-0"), remedyStepText("centre_head"));
    p().press(Qt::Key_Space); // to its station
    EXPECT_EQ(p().session().station, Station::Batter);
    EXPECT_FALSE(isThere("verdictTitle"));

    open(); // after a restart the search goes on where it was
    p().click(QStringLiteral("faults"));
    ASSERT_TRUE(isThere("verdictTitle"));
    p().press(Qt::Key_1); // it is gone
    EXPECT_EQ(search()->ended, Helped::Gone);
    ASSERT_EQ(p().session().foundCauses.size(), 1U);
    EXPECT_EQ(p().session().foundCauses[0].cause, "head_off_centre");
    EXPECT_EQ(p().session().foundCauses[0].drumId, p().session().drum.id);
    p().press(Qt::Key_Space); // back to the work
    EXPECT_FALSE(isThere("verdictTitle"));

    open();
    EXPECT_EQ(p().session().foundCauses.size(), 1U);
}

TEST_F(Faults, WhatHelpedMakesItLikelierNextTime) {
    const auto first = [&] {
        return faultsSay(faultNet(), begunCase("wrinkle", 0), {}, p().session().foundCauses,
                         p().session().drum.id);
    };
    const double before = first().causes[0].odds;
    complain("wrinkle");
    p().click(QStringLiteral("faultAnswer-0"));
    answerAs("hoop_bent");
    p().press(Qt::Key_Space);
    p().press(Qt::Key_1);
    ASSERT_EQ(p().session().foundCauses.size(), 1U);
    EXPECT_EQ(p().session().foundCauses[0].cause, "hoop_bent");
    EXPECT_GT(first().causes[0].odds, before);
}

TEST_F(Faults, ARemedyThatDidNotHelpIsNotProposedAgain) {
    complain("lever_will_not_close");
    answerAs("clamped_short");
    p().press(Qt::Key_Space);
    p().press(Qt::Key_3); // still there
    ASSERT_EQ(search()->tried, std::vector<std::string>{"clamped_short"});
    EXPECT_TRUE(search()->cause.empty());
    EXPECT_TRUE(p().session().foundCauses.empty());
}

TEST_F(Faults, AnswersAreTakenBackUndoneAndChanged) {
    complain("buzz_always");
    const QString firstQuestion = text("faultQuestion");
    p().press(Qt::Key_1);
    ASSERT_EQ(search()->answers.size(), 1U);
    EXPECT_NE(text("faultQuestion"), firstQuestion);
    p().click(QStringLiteral("faultBack"));
    EXPECT_TRUE(search()->answers.empty());
    EXPECT_EQ(text("faultQuestion"), firstQuestion);
    p().controller.undoStack().undo(); // what was taken back is there again
    EXPECT_EQ(search()->answers.size(), 1U);
    p().press(Qt::Key_Backspace);
    p().press(Qt::Key_Backspace); // nothing but the complaint: that too
    EXPECT_FALSE(search());
    EXPECT_TRUE(isThere("complaint-dull"));
}

// What is measured while a search is under way counts at once.
TEST_F(Faults, AMeasureTakenMeanwhileMovesTheOdds) {
    complain("late_wires");
    auto* page = p().window.findChild<FaultsPage*>();
    ASSERT_NE(page, nullptr);
    const auto odds = [&] {
        for (const CauseOdds& one : page->finder().says().causes)
            if (faultNet().causes[one.cause].id == "wires_off_centre")
                return one.odds;
        return -1.0;
    };
    WireLayout layout = p().session().layout.value_or(WireLayout{});
    layout.strainerGap = Metres{0.006};
    layout.buttGap = Metres{0.006};
    ASSERT_TRUE(p().controller.perform(MeasureWires{layout}));
    const double centred = odds();
    layout.strainerGap = Metres{0.015};
    ASSERT_TRUE(p().controller.perform(MeasureWires{layout}));
    EXPECT_GT(odds(), 2.0 * centred);
}

TEST_F(Faults, NotSureAllTheWayEndsHonestly) {
    complain("never_same");
    for (int i = 0; i < 20 && isThere("faultQuestion"); ++i)
        p().press(Qt::Key_Space);
    ASSERT_TRUE(isThere("verdictTitle"));
    EXPECT_GE(search()->answers.size(), 4U);
    for (const FaultAnswer& answer : search()->answers)
        EXPECT_FALSE(answer.level);
    EXPECT_TRUE(isThere("verdictReasons"));
    p().click(QStringLiteral("faultOther"));
    EXPECT_FALSE(search());
}

TEST_F(Faults, AnotherDrumHasItsOwnSearch) {
    complain("dull");
    p().press(Qt::Key_1);
    const std::string here = p().session().drum.id;
    for (const DrumRow& row : p().controller.drums())
        if (row.drum.id != here) {
            p().controller.chooseDrum(row.drum.id);
            break;
        }
    EXPECT_NE(p().session().drum.id, here);
    EXPECT_FALSE(search());
    p().controller.chooseDrum(here);
    ASSERT_TRUE(search());
    EXPECT_EQ(search()->answers.size(), 1U);
}

TEST_F(Faults, WithoutAWorkbookTheQuestionsAloneTell) {
    p().controller.closeWorkbook();
    ASSERT_FALSE(p().controller.hasSession());
    p().press(Qt::Key_F, Qt::ControlModifier);
    p().click(QStringLiteral("complaint-rod_tight_low"));
    answerAs("rod_bent");
    ASSERT_TRUE(isThere("verdictTitle"));
    EXPECT_EQ(text("verdictTitle"), causeName("rod_bent"));
    p().press(Qt::Key_Space);
    p().press(Qt::Key_2); // better
    EXPECT_TRUE(text("verdictTitle").contains(causeName("rod_bent")));
    p().click(QStringLiteral("faultOther"));
    EXPECT_TRUE(isThere("complaint-dull"));
    p().click(QStringLiteral("faultsLeave"));
    EXPECT_FALSE(isThere("complaint-dull"));
    EXPECT_TRUE(isThere("startTitle"));
}

TEST_F(Faults, EverythingInTheNetHasWordsAndADrawing) {
    const FaultNet& net = faultNet();
    const auto hasWords = [](const QString& words, const std::string& id) {
        EXPECT_FALSE(words.isEmpty() || words == QString::fromStdString(id)) << id;
    };
    for (const FaultCause& cause : net.causes) {
        hasWords(causeName(cause.id), cause.id);
        hasWords(causeMeaning(cause.id), cause.id);
        for (const RemedyStep& step : cause.remedy)
            hasWords(remedyStepText(step.step), step.step);
    }
    std::size_t grouped = 0;
    for (const ComplaintGroup& group : complaintGroups())
        for (const std::string& id : group.complaints) {
            EXPECT_TRUE(indexOf(net.complaints, id)) << id;
            hasWords(complaintName(id), id);
            ++grouped;
        }
    EXPECT_EQ(grouped, net.complaints.size());
    for (const FaultTest& test : net.tests) {
        hasWords(testTitle(test.id), test.id);
        hasWords(testHow(test.id), test.id);
        EXPECT_TRUE(hasFaultDrawing(test.drawing)) << test.drawing;
        EXPECT_LE(test.answers.size(), 3U);
        for (const std::string& answer : test.answers)
            hasWords(answerName(answer), answer);
    }
}

} // namespace faults_test
} // namespace bombo

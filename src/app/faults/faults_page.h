#pragma once
/// The station Faults, beside the route: from a complaint by one question at a time to the cause and its
/// remedy.
#include "app/faults/fault_finder.h"
#include "app/head/stand_view.h"
#include "app/theme/parts.h"

#include <QStackedWidget>

namespace bombo {

class CausesStrip;
class ComplaintChooser;
class QuestionCard;
class VerdictCard;

class FaultsPage : public QWidget {
    Q_OBJECT
public:
    explicit FaultsPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    PrimaryButton* primary();
    FaultFinder& finder() { return m_finder; }
    /// The question at hand, or what it was, to be read at two metres.
    StandWords standWords();
    /// 1 to 3 answer, Backspace takes back. @return whether the key was one of them
    bool takeKey(int key);

signals:
    void stationChosen(bombo::Station station);
    void left();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* searchSide();
    bool isAsking();
    int rods() const;
    int strands() const;
    void showQuestion();
    void showStrip();
    void showWhy();
    void knowIt();

    SessionController& m_controller;
    FaultFinder m_finder;
    QLabel* m_title;
    QLabel* m_what;
    QPushButton* m_leave; ///< where no rail leads away
    QStackedWidget* m_stack;
    ComplaintChooser* m_chooser;
    QStackedWidget* m_cards;
    QuestionCard* m_question;
    VerdictCard* m_verdict;
    CausesStrip* m_strip;
    QLabel* m_whyTitle;
    QLabel* m_why;
    QPushButton* m_back;
    QPushButton* m_know;
    QPushButton* m_other;
};

} // namespace bombo

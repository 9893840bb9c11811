#pragma once
/// What is in front while no drum is: no workbook is open, or the one that is holds no drum yet.
#include "app/session/session_controller.h"
#include "app/theme/choice_button.h"

#include <QVBoxLayout>

namespace bombo {

class StartPage : public QWidget {
    Q_OBJECT
public:
    explicit StartPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    PrimaryButton* primary() { return m_mine; }

signals:
    /// A first drum is to be described.
    void describeDrum();
    /// A drum of one's own or the practice drum was chosen.
    void firstJobBegun();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    void goToMine();
    void openFile();
    void showRecent();

    SessionController& m_controller;
    QLabel* m_title;
    QLabel* m_words;
    ChoiceButton* m_mine;
    ChoiceButton* m_practice;
    ChoiceButton* m_demo;
    ChoiceButton* m_open;
    QLabel* m_place;
    QLabel* m_lately;
    QVBoxLayout* m_recent;
};

} // namespace bombo

#pragma once
/// What is in front while no drum is: no workbook is open, or the one that is holds no drum yet.
#include "app/session/session_controller.h"

#include <QLabel>
#include <QPushButton>

namespace bombo {

class StartPage : public QWidget {
    Q_OBJECT
public:
    explicit StartPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

private:
    void addDrum();
    void openFile();

    SessionController& m_controller;
    QLabel* m_title;
    QLabel* m_words;
    QPushButton* m_mine;
    QPushButton* m_open;
    QPushButton* m_demo;
    QLabel* m_place;
};

} // namespace bombo

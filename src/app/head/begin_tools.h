#pragma once
/// How the work on a head begins and is handled, chosen before the count starts.
#include "app/session/session_controller.h"
#include "app/theme/choices.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace bombo {

/// A choice in a row of tools: keeps its hands off the focus unless it is reached by Tab.
QComboBox* toolBox(const char* name, const QString& says, const QStringList& choices = {});
template <class Value>
QComboBox* toolBox(const char* name, const QString& says, const Choices<Value>& choices) {
    QComboBox* box = toolBox(name, says);
    addChoices(box, choices);
    return box;
}

class BeginTools : public QWidget {
    Q_OBJECT
public:
    BeginTools(SessionController& controller, HeadSide side, QWidget* parent = nullptr);
    void refresh();

protected:
    void hideEvent(QHideEvent* event) override;

private:
    void showBoxes(bool areShown);
    void choose();
    void askForSkip();

    SessionController& m_controller;
    HeadSide m_side;
    QLabel* m_says; ///< all of it as a sentence
    QWidget* m_boxes;
    QPushButton* m_change;
    QComboBox* m_condition;
    QComboBox* m_wires;
    QComboBox* m_seating;
    QComboBox* m_path;
    QComboBox* m_strays;
    QComboBox* m_tolerance;
    QComboBox* m_step;
    QPushButton* m_skip;
    int m_skipped = 1; ///< rods from one to the next, on a path of one's own
};

} // namespace bombo

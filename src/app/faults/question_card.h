#pragma once
/// One question, large, with a drawing of what to do and its answers.
#include "app/theme/answer_button.h"
#include "core/faults/fault_net.h"

#include <array>

namespace bombo {

class FaultDrawing;

class QuestionCard : public QFrame {
    Q_OBJECT
public:
    static constexpr int kMostAnswers = 3;

    explicit QuestionCard(QWidget* parent = nullptr);
    void show(const FaultTest& test, int rods, int strands);
    PrimaryButton* notSure() { return m_notSure; }
    /// The answer that a key gives; false where it is none of them.
    bool press(int answer);

signals:
    /// @param level -1: not sure
    void answered(int level);

private:
    QLabel* m_title;
    QLabel* m_how;
    FaultDrawing* m_drawing;
    std::array<AnswerButton*, kMostAnswers> m_answers{};
    AnswerButton* m_notSure;
};

} // namespace bombo

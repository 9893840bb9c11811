#pragma once
/// The station Practice: what the ear tells apart, on the practice drum at the pitch of one's own.
#include "app/ears/ears_picture.h"
#include "app/session/session_controller.h"
#include "app/theme/answer_button.h"
#include "core/practice/ear_exercise.h"
#include "core/practice/listener_threshold.h"

#include <QLineEdit>
#include <QStackedWidget>
#include <memory>

namespace bombo {

class ChoiceButton;

class EarsPage : public QWidget {
    Q_OBJECT
public:
    explicit EarsPage(SessionController& controller, QWidget* parent = nullptr);
    /// @pre the controller has a session
    void refresh();
    PrimaryButton* primary();
    /// 1 and 2 answer, or choose an exercise. @return whether the key was one of them
    bool takeKey(int key);
    /// For tests: whether the second of the pair at hand is the one that is asked for.
    bool isSecondDue() const { return m_pair.isSecond; }
    double difference() const { return m_difference; }

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* chooserSide();
    QWidget* roundSide();
    void testLevel();
    void begin(EarExercise exercise);
    void nextPair();
    void play();
    void answer(bool second);
    bool isUnderWay() const { return m_staircase && !m_staircase->isDone(); }
    void finish();
    void stop();
    void showPicture();
    EarsPicture pictureOf(EarExercise exercise) const;
    std::vector<EarResult> resultsOf(EarExercise exercise) const;
    QString who() const;

    SessionController& m_controller;
    EarExercise m_exercise = EarExercise::Higher;
    std::unique_ptr<ListenerThreshold> m_staircase; ///< of the round at hand, done or under way
    std::vector<EarTrial> m_trials;
    EarPair m_pair;
    double m_difference = 0;
    std::uint64_t m_seed;
    QString m_reply;
    bool m_isKept = false;
    bool m_isSilent = false; ///< a pair of this round could not be played: it is not kept

    QLabel* m_title;
    QLabel* m_what;
    QStackedWidget* m_stack;
    QLineEdit* m_who;
    std::vector<ChoiceButton*> m_choices;
    std::vector<EarsView*> m_histories;
    PrimaryButton* m_level;
    QLabel* m_question;
    QLabel* m_said;
    EarsView* m_view;
    AnswerButton* m_first;
    AnswerButton* m_second;
    AnswerButton* m_again;
    QPushButton* m_stop;
};

} // namespace bombo

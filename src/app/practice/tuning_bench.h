#pragma once
/// A practice drum with something planted in it, under the user's hands: tap, turn, and at the end how it
/// went.
#include "app/head/hoop_view.h"
#include "app/practice/keyed_bench.h"
#include "app/session/session_controller.h"
#include "app/theme/answer_button.h"
#include "app/wires/sweep_picture.h"
#include "core/practice/tuning_job.h"

#include <QElapsedTimer>
#include <QStackedWidget>
#include <QTimer>
#include <memory>

namespace bombo {

class TuningBench : public KeyedBench {
    Q_OBJECT
public:
    explicit TuningBench(SessionController& controller, QWidget* parent = nullptr);
    void begin(TuningTask task, TuningHelp help, const QString& who);
    /// Nothing of what is at hand is kept.
    void stop();
    PrimaryButton* primary() { return m_tap; }
    /// Arrows choose a rod and turn it. @return whether the key was one of the bench's
    bool takeKey(int key, Qt::KeyboardModifiers modifiers) override;
    /// For tests.
    const TuningJob& job() const { return *m_job; }
    /// What the clock does when the time of the task is over.
    void finish();

signals:
    void left();

private:
    void press(); ///< the big button: tap, whisper, or another one
    void tapHere();
    void strike(Dynamic dynamic);
    void hearGoal();
    void fitFreshHead();
    void turn(Turns turns);
    void choose(int rod);
    void refresh();
    void play(const std::vector<float>& samples);
    HoopPicture hoop() const;
    QString clockText() const;
    Seconds took() const;
    bool showsFigures() const { return m_help != TuningHelp::Ear; }

    SessionController& m_controller;
    std::unique_ptr<TuningJob> m_job;
    TuningHelp m_help = TuningHelp::Figures;
    QString m_who;
    std::optional<MovePlan> m_advice; ///< of the round before the turns
    std::optional<TuningScore> m_score;
    QString m_reply;
    int m_rod = 0;
    bool m_isSilent = false;
    QElapsedTimer m_began;
    Seconds m_took;
    QTimer m_second;

    QLabel* m_title;
    QLabel* m_clock;
    QLabel* m_goal;
    QLabel* m_said;
    QStackedWidget* m_pictures;
    HoopView* m_hoop;
    SweepView* m_sweep;
    AnswerButton* m_tap;
    AnswerButton* m_loud;
    AnswerButton* m_hearGoal;
    AnswerButton* m_freshHead;
    AnswerButton* m_done;
    std::vector<AnswerButton*> m_turns;
    QPushButton* m_leave;
};

} // namespace bombo

#pragma once
/// A tom that sets the wires of a practice drum going, under the user's hands: strike, turn, and at the end
/// what it cost.
#include "app/practice/keyed_bench.h"
#include "app/session/session_controller.h"
#include "app/theme/answer_button.h"
#include "app/wires/buzz_picture.h"
#include "core/practice/tom_job.h"

#include <QElapsedTimer>
#include <QStackedWidget>
#include <QTabBar>
#include <memory>

namespace bombo {

class TomBench : public KeyedBench {
    Q_OBJECT
public:
    explicit TomBench(SessionController& controller, QWidget* parent = nullptr);
    void begin(TuningHelp help, const QString& who);
    /// Nothing of what is at hand is kept.
    void stop() { m_job.reset(); }
    PrimaryButton* primary() { return m_strike; }
    /// Arrows to the sides choose what is turned, up and down turn it. @return whether the key was one of
    /// them
    bool takeKey(int key, Qt::KeyboardModifiers modifiers) override;
    /// For tests.
    const TomJob& job() const { return *m_job; }

signals:
    void left();

private:
    void strikeTom();
    void strikeDrum(Dynamic dynamic);
    void turn(Turns turns);
    void finish();
    void refresh();
    void play(std::vector<float> samples);
    TomHandle handle() const { return static_cast<TomHandle>(m_handles->currentIndex()); }
    bool showsFigures() const { return m_help != TuningHelp::Ear; }
    Neighbour namedTom() const;
    QString adviceText() const;

    SessionController& m_controller;
    std::unique_ptr<TomJob> m_job;
    TuningHelp m_help = TuningHelp::Figures;
    QString m_who;
    QString m_reply;
    bool m_isOver = false;
    bool m_isSilent = false;
    QElapsedTimer m_began;

    QLabel* m_title;
    QLabel* m_shown;
    QLabel* m_goal;
    QLabel* m_said;
    QTabBar* m_handles;
    BuzzView* m_picture;
    AnswerButton* m_strike;
    std::vector<AnswerButton*> m_meanwhile; ///< there until it is over
    QPushButton* m_leave;
};

} // namespace bombo

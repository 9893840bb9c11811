#pragma once
/// Before and after, equally loud, without knowing which is which.
#include "app/session/session_controller.h"

#include <QFrame>
#include <QLabel>
#include <QPushButton>

namespace bombo {

class BlindPanel : public QFrame {
    Q_OBJECT
public:
    explicit BlindPanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    /// For tests: which take is played as the first one of the trial at hand.
    Take firstTake() const { return m_afterFirst ? Take::After : Take::Before; }

private:
    void keep(Take take);
    /// As sound files, as they were recorded.
    void saveSounds();
    void play(bool first);
    void judge(std::optional<bool> firstIsBetter);
    void reveal();
    void newTrial();
    void load();

    SessionController& m_controller;
    QLabel* m_now;
    QLabel* m_result;
    QPushButton* m_keepBefore;
    QPushButton* m_keepAfter;
    QPushButton* m_first;
    QPushButton* m_second;
    QPushButton* m_firstBetter;
    QPushButton* m_secondBetter;
    QPushButton* m_same;
    QPushButton* m_reveal;
    QPushButton* m_save;
    std::optional<Recording> m_before;
    std::optional<Recording> m_after;
    qint64 m_session = 0; ///< that they belong to
    bool m_afterFirst = false;
    bool m_firstHeard = false;
    bool m_secondHeard = false;
    BlindResult m_counts;
};

} // namespace bombo

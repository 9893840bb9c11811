#pragma once
/// A show at the stand: one number, one move, read at two metres. What was turned is counted on its drum.
#include "app/head/stand_view.h"
#include "core/log/set_list.h"

namespace bombo {

class SessionController;

/// A plan with what its indices stand for.
struct ShowAtHand {
    std::vector<DrumInShow> drums;
    std::vector<Tone> tones;
    std::vector<ShowNumber> numbers;
    std::vector<ShowStep> steps;
    int before = 0; ///< numbers of the list that are left out ahead of these
};

class ShowStand : public StandView {
    Q_OBJECT
public:
    ShowStand(SessionController& controller, QWidget* parent);
    /// Begins with the first move of a show that has one.
    void begin(ShowAtHand show);
    /// The number of the list that is at hand.
    int number() const;

private:
    void onwards();
    void backwards();
    void refresh();
    /// The drum that plays a move's number, in front; null where none can have its tone.
    const DrumInShow* bringInFront(const ShowMove& move);
    /// Counts a move on its drum, where it changes anything there. @return whether it is a step of that drum
    /// @return whether it is a step of that drum's session; empty where it was refused
    std::optional<bool> count(const ShowMove& move);
    StandWords words() const;

    SessionController& m_controller;
    ShowAtHand m_show;
    std::vector<ShowMove> m_moves;
    std::vector<bool> m_counted; ///< by move that was made: it is a step of its drum
    QString m_problem;           ///< why the last move could not be counted
};

} // namespace bombo

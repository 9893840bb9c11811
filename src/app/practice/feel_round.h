#pragma once
/// A quarter turn by feel, tighter and looser in turn: the drum says what it was.
#include "app/practice/hands_card.h"
#include "app/theme/scale.h"
#include "core/practice/turn_feel.h"
#include "core/reading/read_tap.h"
#include "core/record/reckoned.h"
#include "core/units/dice.h"

namespace bombo {

/// A bar for each turn against the quarter that was asked for.
class FeelView : public QWidget {
    Q_OBJECT
public:
    explicit FeelView(QWidget* parent = nullptr);
    void show(const std::optional<TurnFeel>& feel, const QString& words);
    QSize minimumSizeHint() const override { return scaled(QSize(300, 200)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<TurnFeel> m_feel;
};

class FeelRound : public HandsCard {
    Q_OBJECT
public:
    explicit FeelRound(SessionController& controller);
    /// For tests: what the practice drum's hand really turned.
    const std::vector<Turns>& truth() const { return m_truth; }

private:
    FeelRound(SessionController& controller, FeelView* view);
    void forget() override;
    bool isDone() const override { return static_cast<int>(m_taps.size()) > kTurnsByFeel; }
    void strikePractice() override;
    void listen() override;
    void refresh() override;
    void take(const Reading& reading);

    std::vector<FeelTap> m_taps;
    std::vector<Turns> m_truth; ///< of the practice drum
    Dice m_hand;
    double m_habit = 1.0; ///< of that hand: what a quarter is to it
    bool m_wasUnclear = false;
    FeelView* m_view;
};

/// What a turn of one batter rod does in front of itself, as far as is known of the drum at hand.
RodPull rodPullOf(const Reckoned& reckoned);

} // namespace bombo

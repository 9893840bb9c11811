#pragma once
/// Backbeats again and again, to be as alike as the goal wants them: in loudness, place and ring.
#include "app/practice/hands_card.h"
#include "app/proof/scatter_picture.h"

namespace bombo {

/// Backbeats of a round.
inline constexpr std::size_t kBackbeatsOfAHand = 12;

struct BackbeatGoal {
    double levelDb = 3.0; ///< spread of the level
    double place = 0.1;   ///< spread of the place, share of the radius
};
/// A tenth better than the best day so far; never finer than ears tell.
BackbeatGoal backbeatGoal(const PlaceRig& rig, const QString& who);

class BackbeatRound : public HandsCard {
    Q_OBJECT
public:
    explicit BackbeatRound(SessionController& controller);

private:
    BackbeatRound(SessionController& controller, ScatterView* view);
    void forget() override;
    bool isDone() const override { return m_strokes.size() >= kBackbeatsOfAHand; }
    void strikePractice() override;
    void listen() override;
    void refresh() override;
    void take(const HeardStroke& stroke);
    ScatterPicture picture() const;

    BackbeatGoal m_goal;
    std::vector<HeardStroke> m_strokes;
    ScatterView* m_view;
};

} // namespace bombo

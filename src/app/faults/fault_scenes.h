#pragma once
/// Sides from which a drum is drawn, without marks.
#include <QPointF>
#include <QRectF>

class QPainter;

namespace bombo {

enum class FaultScene {
    Underside,  ///< from below: wires across
    Above,      ///< the batter from above
    Section,    ///< cut through
    Slack,      ///< cut through, the batter loose
    Lifted,     ///< cut through, the batter's hoop in the air
    Strainer,   ///< the shell from the side: lever, knob, clamp
    Rod,        ///< one rod in its lug
    TwoDrums,   ///< this one and another
    Microphone, ///< from the side, a microphone over the hoop
    Listener,   ///< the drum, and somebody four steps away
    Hoop,       ///< a bare hoop on a table
    Walls,      ///< the drum between walls
    Sky,        ///< thermometer, and a drop
    Calendar,
};

/// A square that shows the part of a scene in which something is, as large as an area allows; places are
/// shares of its sides.
struct SceneBox {
    SceneBox(const QRectF& area, FaultScene scene);
    QPointF at(double x, double y) const {
        return {box.left() + x * box.width(), box.top() + y * box.height()};
    }
    double length(double share) const { return share * box.width(); }
    QRectF box;
};

void paintScene(QPainter& painter, const SceneBox& s, FaultScene scene, int rods, int strands);

} // namespace bombo

#pragma once
/// The drum cut through, at true proportions, each figure where it lives.
#include "app/tone/head_motion.h"
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QRectF>
#include <QString>

class QPainter;

namespace bombo {

struct CutawayHead {
    Hertz wanted;             ///< with the other head muted
    Hertz open;               ///< the same with both heads free
    std::optional<Hertz> now; ///< last measured mean, muted
    double filmLoad = 0;
    Turns turns; ///< expected from finger-tight
    Turns turnsError;
    Tension tension;
    bool capped = false; ///< a limit stood in the way of the wish
};

struct CutawayPicture {
    Shell shell;
    CutawayHead batter;
    CutawayHead snareSide;
    Hertz centre;                   ///< lowest mode, both heads open
    std::optional<Hertz> centreNow; ///< predicted from what was heard of both heads
    double edgeOverCentre = 1;
    bool ratioReversed = false;
    int strands = 0;
    bool wiresOff = false;
    std::optional<Turns> strainer;
    std::vector<HeadMotion> motions; ///< by MotionKind
};

CutawayPicture cutawayPicture(const Reckoned& reckoned, const Targets& targets);
QString cutawaySummary(const CutawayPicture& picture);

/// Drum lengths to pixels: the shell sits in the left part, figures stand to its right.
class CutawayMap {
public:
    CutawayMap(QRectF area, const Shell& shell);
    QRectF shell() const { return m_shell; } ///< outline between the heads
    double figuresX() const { return m_figuresX; }
    QRectF area() const { return m_area; }

private:
    QRectF m_area;
    QRectF m_shell;
    double m_figuresX;
};

/// How the heads are drawn: at rest with a faint bow, or moving in one mode.
struct CutawayMoment {
    std::optional<MotionKind> motion;
    double phase = 0; ///< of the motion, in radians
};

void paintCutaway(QPainter& painter, const CutawayMap& map, const CutawayPicture& picture,
                  const CutawayMoment& moment = {});

} // namespace bombo

#pragma once
/// What the unrolled hoop shows, drawn from the session; and how it is painted.
#include "app/head/hoop_map.h"
#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QString>

class QPainter;

namespace bombo {

struct HoopPeg {
    std::optional<Cents> heard;    ///< against the target
    std::optional<Cents> expected; ///< what the moves promise
    Turns turned;                  ///< net since finger-tight
    std::optional<Turns> wanted;   ///< what would have done; among turns only
    std::optional<Hertz> frequency;
    std::optional<Cents> error; ///< one standard error of `heard`, while its round goes on
    int taps = 0;               ///< that were made here
    int outliers = 0;           ///< of them, left out
    bool byOpposite = false;    ///< not tapped in a half round: reads as the opposite rod does
    bool inMove = false;        ///< to be turned now
    bool moved = false;         ///< of this pass, turned already
    bool due = false;           ///< to be tapped now
};

struct HoopPicture {
    HeadSide side = HeadSide::Batter;
    HeadStage stage = HeadStage::FingerTight;
    std::vector<HoopPeg> pegs;
    Cents tolerance{8.0};
    Turns countedTotal;         ///< height of the turns columns while raising
    bool fromStanding = false;  ///< turns count from how it was found, not from finger-tight
    bool isNet = false;         ///< turned up and down: no rounds to frame
    std::optional<int> nearest; ///< rod before which the user stands
    bool showsCents = false;    ///< pegs in cents; otherwise columns of turns
    std::optional<int> selected;
    std::optional<int> marked; ///< rod beside the badge or a strip of tape
};

/// What is to be seen of one head's work now.
HoopPicture hoopPicture(const Reckoned& reckoned, HeadSide side);
/// The same in words, for who cannot see it.
QString hoopSummary(const HoopPicture& picture);
/// One rod in words: "rod 3: 298.2 Hz  D4 +12, 4 cents above target, turned 2 1/8 turns".
QString rodSummary(const HoopPicture& picture, int rod);

HoopLayout hoopLayout(const HoopPicture& picture);
HoopMap hoopMap(const HoopPicture& picture, QRectF area);
void paintHoop(QPainter& painter, const HoopMap& map, const HoopPicture& picture);

} // namespace bombo

#pragma once
/// Minutes before a show: the best that can be done to the drum as it stands, with nothing that cannot be
/// taken back.
#include "core/drum/drum.h"
#include "core/procedure/paths.h"

#include <vector>

namespace bombo {

enum class QuickKind { TapHalf, Moves, TapAgain, Wires, Rest };

/// After any of them one may be called away: nothing is left half done.
struct QuickStep {
    QuickKind kind = QuickKind::TapHalf;
    HeadSide side = HeadSide::Batter;
    int count = 0; ///< rods to tap, moves to make, strokes to play
    Seconds takes;
    Seconds from; ///< since the start
    bool operator==(const QuickStep&) const = default;
};

inline constexpr double kFewestMinutes = 2.0;
inline constexpr double kMostMinutes = 30.0;
inline constexpr Turns kQuickMove{0.25}; ///< the most that any rod is turned
inline constexpr Cents kQuickTolerance{12.0};

/// What fits into the minutes: half a round on the batter, its largest moves, the same taps again, both once
/// more where there is time, the wires; the snare side before it when there is time for both. Times are those
/// of a practised hand: 6 s a tap, 12 s a pair with two keys, 20 s with one, 15 s to put the wires off and to
/// mute; docs/physics.md, section 16.
/// @param minutes kFewestMinutes to kMostMinutes
std::vector<QuickStep> quickPlan(const Drum& drum, Path path, double minutes);

/// Moves that the plan has room for on a head; 0 when it leaves that head alone.
int quickMoves(const std::vector<QuickStep>& plan, HeadSide side);

} // namespace bombo

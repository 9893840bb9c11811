#pragma once
/// Orders in which rods are visited. Every one visits each rod exactly once, odd counts included.
#include "core/units/quantities.h"

#include <vector>

namespace bombo {

enum class Path { OppositePairs, Star, OnceRound, OwnSkip };
enum class Direction { Clockwise, CounterClockwise };

/// Groups of rods (0-based) in the order to turn them: pairs for OppositePairs on even counts, else single
/// rods.
/// @param rods 3..40
/// @param skip of OwnSkip: from each rod to the next, 1..rods - 1, missing none
std::vector<std::vector<int>> turningOrder(int rods, Path path, int skip = 1);

/// Rods (0-based) that going on by `skip` from the first one never reaches: a fixed skip misses some wherever
/// it shares a divisor with the count. @param skip any whole number
std::vector<int> missedRods(int rods, int skip);

/// Rods (0-based) in the order of a round of taps from `start`.
std::vector<int> tappingOrder(int rods, int start, Direction direction);

/// Amounts of the counted rounds that bring a head from finger-tight to `total`: half turns while slack,
/// quarters from a clear tone on, an eighth to finish; full turns at first where the school allows them.
/// Sums to `total` rounded down to eighths.
/// @param largest no round turns further; 1/8 to 1
std::vector<Turns> countedRounds(Turns total, Turns largest = Turns{0.5});

} // namespace bombo

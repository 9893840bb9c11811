#pragma once
/// Checks of a stored head and of readings; part of state_check.
#include "core/procedure/head_work.h"
#include "core/procedure/pitch_card.h"
#include "core/record/sieve.h"

namespace bombo {

inline constexpr double kHighestPitchKept = 20000.0; ///< Hz

void sift(Sieve& sieve, const std::string& at, const RodReading& reading);
void sift(Sieve& sieve, const std::string& at, const Weather& weather);
void sift(Sieve& sieve, const std::string& at, const RoundWay& way, int rods);
/// @param rods of the drum, @param path in which they are turned
void sift(Sieve& sieve, const std::string& at, const HeadWork& head, int rods, Path path);

} // namespace bombo

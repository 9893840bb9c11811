#pragma once
/// What a round of taps says of a head, for the logbook and for the way back.
#include "core/procedure/head_work.h"

namespace bombo {

/// The first round of taps on a head that was found standing, no rod turned before it.
const FinishedRound* asFound(const HeadWork& work);
/// One standard error of it, the rods' own and what is common to a round.
Cents errorOf(const FinishedRound& round);
/// Each rod's pitch against the mean, cents; a rod that was not tapped reads as its opposite.
std::vector<double> rodsOf(const FinishedRound& round);

} // namespace bombo

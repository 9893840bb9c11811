#pragma once
/// What the finished rounds of a head say together; for the work on it, beside what head_work.h offers to
/// all.
#include "core/procedure/head_work.h"

namespace bombo {

Turns meanOf(const std::vector<Turns>& turns);
/// The last round, with what a gauge read just before it with no turn between: together they know each rod.
/// @pre work.history is not empty
EvennessEstimate estimateNow(const HeadWork& work, const GaugeScale& scale);
/// How unequal turns were heard, from every two full rounds of taps of one kind that follow each other.
EveningShare eveningOf(const HeadWork& work, const TurnResponse& response);

} // namespace bombo

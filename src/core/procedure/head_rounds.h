#pragma once
/// What the finished rounds of a head say together; for the work on it, beside what head_work.h offers to
/// all.
#include "core/procedure/head_work.h"

namespace bombo {

Turns meanOf(const std::vector<Turns>& turns);
/// What evenness is told from.
std::vector<std::optional<RodPitches>> pitchesOf(const std::vector<std::optional<RodReading>>& readings);
/// What unequal turns between two rounds did. @param before, after net turns by rod
EveningObservation observationOf(const EvennessEstimate& was, const EvennessEstimate& is,
                                 const std::vector<Turns>& before, const std::vector<Turns>& after,
                                 double centsPerTurn);
/// What a round says by itself.
EvennessEstimate estimateOf(const FinishedRound& round);
/// The last round of taps with what was read beside the rods in silence just before or after it, no turn
/// between: together they know each rod. Where nothing was heard there, the silent round by itself.
/// @pre work.history is not empty
EvennessEstimate estimateNow(const HeadWork& work, const HeadBrief& brief);
/// The round of taps that was heard as the rods stood at the last round; null if none was.
/// @pre work.history is not empty
const FinishedRound* heardHere(const HeadWork& work);
/// What a silent round says of each rod alone. @pre isSilent(round.way.kind)
LocalReadings localOf(const HeadWork& work, const FinishedRound& round, const HeadBrief& brief);
/// How unequal turns were heard, from every two full rounds of taps of one kind that follow each other.
EveningShare eveningOf(const HeadWork& work, const HeadBrief& brief, const TurnResponse& response);

} // namespace bombo

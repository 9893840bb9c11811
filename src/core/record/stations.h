#pragma once
/// How far a session has come on its route.
#include "core/record/context.h"
#include "core/record/reckoned.h"

namespace bombo {

enum class StationState { Open, Doing, Done, Stale };

/// Where the work goes on after a station, by the school's order of the heads; the last one follows itself.
Station stationAfter(const Session& session, Station station);
StationState stationState(const Reckoned& reckoned, Station station);

} // namespace bombo

#pragma once
/// What a session says by its whole strokes and by the pitch card. Derived, never stored.
#include "core/faults/player_or_drum.h"
#include "core/procedure/pitch_card.h"
#include "core/record/reckoned.h"
#include "core/record/work.h"

#include <optional>
#include <vector>

namespace bombo {

/// Whether the strokes heard are of the drum as it stands: neither heads nor pads were moved since.
bool strokesHold(const Session& session);
/// Empty throughout when none was heard, or they no longer hold.
StrokesSay strokesSay(const Session& session);
/// Whether strokes before and after a change tell them apart: a figure that both have differs by more than
/// twice the error of the difference, of which half is common to both and does not count.
bool differ(const StrokesSay& before, const StrokesSay& after);
/// The strokes of the drum as it stands, as backbeats, in order of time; empty when they no longer hold.
std::vector<Backbeat> backbeatsOf(const Session& session);
StrokeScatter scatterOf(const Session& session);
/// What differs from when the experiment began. @pre session.experiment
Changed changedSince(const Session& session);
/// Where the model expects the partials of a whole stroke, both heads free.
Expectation strokeExpectation(const Reckoned& reckoned);
/// Where the model expects the partials of the next tap of the pitch card. @pre a place is due
Expectation cardExpectation(const Reckoned& reckoned);
/// What the pitch card says, compared in the weather of its taps; empty while neither edge was heard.
std::optional<CardSays> cardSays(const Session& session);

} // namespace bombo

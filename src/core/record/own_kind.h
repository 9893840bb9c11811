#pragma once
/// A thing of the user's own, calibrated by strokes without and with it.
#include "core/muffling/calibration.h"
#include "core/record/session.h"

namespace bombo {

/// The circular partials (m = 0) that were heard both times, each the median of its strokes, lever off. Pairs
/// are left out: which member a stroke sounds is chance.
std::vector<HeardBoth> heardBoth(const std::vector<HeardStroke>& without,
                                 const std::vector<HeardStroke>& with);

/// Strokes that are asked for, each time.
inline constexpr std::size_t kCalibrationStrokes = 4;

/// The kind as the session's last pad of that name lies, from strokes without it and those heard since, by
/// their circular partials. Not from the ring of the whole tone: pairs turn away from what lies on the head,
/// and once it damps more than they notice the whole tone no longer tells how much.
/// @pre a pad of that kind lies on the head
Result<PadKind, CalibrationFault> calibratedKind(const Session& session, const std::string& id,
                                                 const std::vector<HeardStroke>& without);

} // namespace bombo

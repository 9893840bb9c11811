#pragma once
/// Where a partial began that ended lower: toms and hard strokes glide further than a fit of one decay
/// follows.
#include "core/units/quantities.h"

#include <optional>
#include <span>

namespace bombo {

/// By how much a partial began above where it settled, followed window by window (50 ms, the first from 5 ms
/// on) back from its end and from there to the blow by its own pace; empty where the way back breaks off,
/// goes down again, or ends within 25 cents. Source: docs/physics.md, section 9.
/// @param after the sound from the onset on
/// @param settled where the partial ends, Hz
std::optional<Cents> glideFollowed(std::span<const float> after, double sampleRate, Hertz settled);

} // namespace bombo

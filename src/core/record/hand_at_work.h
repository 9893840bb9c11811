#pragma once
/// What is known of the hand that taps: it makes each reading less sure where it is less alike than usual.
#include "core/reading/rod_reading.h"
#include "core/record/rig.h"

namespace bombo {

/// Spread of a tap that estimateEvenness reckons with anyway.
inline constexpr Cents kUsualHand{2.0};

/// By the newest round of equal taps, whoever made it: what its spread has beyond a usual hand's, as a root
/// of the difference of squares; 0 where nobody practised.
Cents handBeyondUsual(const PlaceRig& rig);

/// The same reading with that in its standard error; one without an error gets it as such.
RodReading withHand(RodReading reading, const PlaceRig& rig);

} // namespace bombo

#include "core/record/hand_at_work.h"

#include "core/record/hand_exercise.h"

#include <cmath>
#include <numbers>

namespace bombo {

Cents handBeyondUsual(const PlaceRig& rig) {
    const EarResult* newest = nullptr;
    for (const EarResult& result : rig.earResults)
        if (result.exercise == kSameTap && (newest == nullptr || result.at >= newest->at))
            newest = &result;
    if (newest == nullptr || newest->threshold <= kUsualHand.value)
        return {};
    return Cents{std::sqrt(newest->threshold * newest->threshold - kUsualHand.value * kUsualHand.value)};
}

RodReading withHand(RodReading reading, const PlaceRig& rig) {
    const Cents hand = handBeyondUsual(rig);
    if (hand.value <= 0.0 || reading.gauge)
        return reading;
    const double hertz = reading.frequency.value * hand.value * std::numbers::ln2 / 1200.0;
    reading.standardError =
        Hertz{std::hypot(reading.standardError ? reading.standardError->value : 0.0, hertz)};
    return reading;
}

} // namespace bombo

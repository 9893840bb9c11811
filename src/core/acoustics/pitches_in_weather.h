#pragma once
/// What a tuned drum sounds like where it is taken to.
#include "core/acoustics/pitches.h"
#include "core/acoustics/weather.h"

#include <algorithm>

namespace bombo {

struct PitchesInWeather {
    Tension batter;
    Tension snareSide;
    NamedPitches pitches;
    NamedPitches above; ///< with the tensions one standard error up: shell and film of one drum err together

    /// A head that swells more than it was drawn down; the pitches mean nothing then.
    bool isSlack() const { return batter.value < 1.0 || snareSide.value < 1.0; }
};

/// No rod turned on the way. @param batter, snareSide tensions in the weather `from`
inline PitchesInWeather pitchesInWeather(const Drum& drum, Tension batter, Tension snareSide,
                                         const Weather& from, const Weather& to, ShellFollows follows) {
    const CarriedTension top = tensionInWeather(drum, HeadSide::Batter, batter, from, to, follows);
    const CarriedTension below = tensionInWeather(drum, HeadSide::SnareSide, snareSide, from, to, follows);
    const auto pitchesAt = [&](Tension up, Tension down) {
        const Tension least{1.0};
        return namedPitches(drumState(drum, std::max(least, up), std::max(least, down), airAt(to)));
    };
    return {top.tension, below.tension, pitchesAt(top.tension, below.tension),
            pitchesAt(top.tension + top.standardError, below.tension + below.standardError)};
}

} // namespace bombo

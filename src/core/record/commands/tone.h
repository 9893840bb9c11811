#pragma once
/// What is aimed at, in which weather, and how the heads are handled.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

struct ChooseTone {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "choose_tone";
    Tone tone;
    Outcome carryOut(Session session) const;
};

struct SetWish {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "set_wish";
    Wish wish;
    Outcome carryOut(Session session) const;
};

struct ChooseSchool {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "choose_school";
    School school;
    Outcome carryOut(Session session) const;
};

/// The weather at hand; readings from before count as heard in theirs.
struct SetWeather {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "set_weather";
    Weather weather;
    Outcome carryOut(Session session) const;
};

/// In which order the rods of both heads are turned, by one key or two, and how even they are to be.
struct ChooseHandling {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "choose_handling";
    Path path = Path::OppositePairs;
    Cents tolerance{8.0};
    Seating seating = Seating::Palm;
    WiresAway wiresAway = WiresAway::Lifted;
    StrayRule strays = StrayRule::ToTarget;
    int skip = 1; ///< of Path::OwnSkip
    Turns largestStep{0.5};
    Outcome carryOut(Session session) const;
};
inline constexpr std::array kSteps{Turns{1.0}, Turns{0.5}, Turns{0.25}, Turns{0.125}}; ///< to choose from
inline constexpr Cents kFinestTolerance{3.0};
inline constexpr Cents kCoarsestTolerance{30.0};

} // namespace bombo

#pragma once
/// The drum's pitch card: middle and edge of both heads, heard in a minute, and what they say together.
#include "core/acoustics/weather.h"
#include "core/drum/drum.h"
#include "core/reading/rod_reading.h"
#include "core/units/quantities.h"

#include <array>

namespace bombo {

struct DrumState;

/// In the order in which they are heard: the drum is turned over once.
enum class CardPlace { BatterEdge, BatterMiddle, SnareSideEdge, SnareSideMiddle };
inline constexpr std::array kCardPlaces{CardPlace::BatterEdge, CardPlace::BatterMiddle,
                                        CardPlace::SnareSideEdge, CardPlace::SnareSideMiddle};
/// Taps that must agree at each place.
inline constexpr int kCardTaps = 3;

/// Edge: in front of any one rod, other head muted. Middle: both heads free. Wires off throughout.
struct PitchCard {
    std::array<std::vector<RodReading>, 4> taps; ///< by place
    Weather weather{};
    bool operator==(const PitchCard&) const = default;

    std::vector<RodReading>& at(CardPlace place) { return taps[static_cast<std::size_t>(place)]; }
    const std::vector<RodReading>& at(CardPlace place) const { return taps[static_cast<std::size_t>(place)]; }
};

/// The place whose tap is due; empty when the card is full.
std::optional<CardPlace> nextPlace(const PitchCard& card);
inline bool isMiddle(CardPlace place) {
    return place == CardPlace::BatterMiddle || place == CardPlace::SnareSideMiddle;
}
inline HeadSide headOf(CardPlace place) {
    return place == CardPlace::BatterEdge || place == CardPlace::BatterMiddle ? HeadSide::Batter
                                                                              : HeadSide::SnareSide;
}
/// The middle of the taps at a place; empty before one was heard.
std::optional<SettledTaps> settledAt(const PitchCard& card, CardPlace place);

/// Where the model expects the partials at a place, from what the card holds already and, for the rest, from
/// the drum as it is believed to stand.
Expectation expectationAt(const Drum& drum, const PitchCard& card, CardPlace place,
                          const DrumState& believed);

/// What the places say together.
struct CardSays {
    std::optional<Tension> batter;
    std::optional<Tension> snareSide;
    bool snareSideInferred = false; ///< from the batter's edge and middle, since its own edge was not heard
    std::optional<Hertz> centre;    ///< both heads free; the mean of the two sides where both were heard
    std::optional<Cents>
        sidesApart; ///< middle of the snare side above that of the batter: one and the same mode
    std::optional<Cents> centreOffModel; ///< heard centre pitch above the one that both edges imply
};
/// Empty while the batter's edge was not heard.
std::optional<CardSays> whatItSays(const Drum& drum, const PitchCard& card);

} // namespace bombo

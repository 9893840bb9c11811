#include "core/procedure/pitch_card.h"

#include "core/tuning/inverse.h"
#include "core/tuning/targets.h"

#include <cmath>

namespace bombo {
namespace {

constexpr Cents kUnheard{350.0}; ///< how sure the believed state is before anything of it was heard
constexpr Cents kHeard{120.0};   ///< and once the edge of the same head was

std::optional<Tension> tensionAt(const Drum& drum, const PitchCard& card, CardPlace edge) {
    const auto heard = settledAt(card, edge);
    if (!heard)
        return std::nullopt;
    return tensionFromHeard(drum, headOf(edge), heard->middle.frequency, airAt(card.weather));
}

} // namespace

std::optional<CardPlace> nextPlace(const PitchCard& card) {
    for (const CardPlace place : kCardPlaces)
        if (!isSettled(card.at(place), kCardTaps))
            return place;
    return std::nullopt;
}

std::optional<SettledTaps> settledAt(const PitchCard& card, CardPlace place) {
    if (card.at(place).empty())
        return std::nullopt;
    return settle(card.at(place));
}

Expectation expectationAt(const Drum& drum, const PitchCard& card, CardPlace place,
                          const DrumState& believed) {
    const auto batter = tensionAt(drum, card, CardPlace::BatterEdge);
    const auto snareSide = tensionAt(drum, card, CardPlace::SnareSideEdge);
    const DrumState state = drumState(drum, batter.value_or(believed.batter.tension),
                                      snareSide.value_or(believed.snareSide.tension), believed.air);
    Expectation expected;
    expected.modes = expectedModes(isMiddle(place) ? coupledModes(state) : mutedModes(state, headOf(place)));
    expected.wanted = isMiddle(place) ? Mode{0, 1} : Mode{1, 1};
    const bool known = place == CardPlace::BatterMiddle ? batter.has_value() : batter && snareSide;
    expected.spread = isMiddle(place) && known ? kHeard : kUnheard;
    return expected;
}

std::optional<CardSays> whatItSays(const Drum& drum, const PitchCard& card) {
    const Air air = airAt(card.weather);
    const auto batterEdge = settledAt(card, CardPlace::BatterEdge);
    if (!batterEdge)
        return std::nullopt;
    CardSays says;
    says.batter = tensionAt(drum, card, CardPlace::BatterEdge);
    says.snareSide = tensionAt(drum, card, CardPlace::SnareSideEdge);
    const auto above = settledAt(card, CardPlace::BatterMiddle);
    const auto below = settledAt(card, CardPlace::SnareSideMiddle);
    if (above && below) {
        says.centre = Hertz{std::sqrt(above->middle.frequency.value * below->middle.frequency.value)};
        says.sidesApart = centsBetween(above->middle.frequency, below->middle.frequency);
    } else if (above || below) {
        says.centre = (above ? above : below)->middle.frequency;
    }
    if (says.snareSide && says.centre) {
        const Hertz implied = namedPitches(drumState(drum, *says.batter, *says.snareSide, air)).centre;
        says.centreOffModel = centsBetween(implied, *says.centre);
    } else if (says.centre) {
        if (const auto pair =
                tensionsFromHeard(drum, {batterEdge->middle.frequency, false, *says.centre}, air)) {
            says.snareSide = pair->second;
            says.snareSideInferred = true;
        }
    }
    return says;
}

} // namespace bombo

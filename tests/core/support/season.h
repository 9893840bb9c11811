#pragma once
/// A drum over a season with a hidden truth, for tests: what weather, new film, rods and chance do to a head
/// between two evenings. No formula is shared with core/log: weather by forces that come to rest, film that
/// settles with the logarithm of time, damp that a shell takes on bit by bit.
#include "core/log/what_moved.h"
#include "core/units/dice.h"

#include <array>

namespace bombo::testing {

struct HiddenSeason {
    explicit HiddenSeason(std::uint64_t seed, int rods = 8);
    HiddenSeason(Drum described, std::uint64_t seed);

    /// What a round of taps hears now.
    HeadReading hear(HeadSide side);
    /// What an hour and a weather make of it: the drum is left alone until then, and played where it says so.
    struct Parts {
        double weather = 0, settled = 0, backedOff = 0, other = 0; ///< cents of the edge pitch
        int rod = -1;                                              ///< that lost turns
    };
    std::array<Parts, 2> leaveUntil(std::int64_t later, const Weather& there, bool played);
    void fit(HeadSide side, std::int64_t when, double tension);
    void fitBatter(std::int64_t when, double tension) { fit(HeadSide::Batter, when, tension); }
    void turn(HeadSide side, const std::vector<Turns>& turns);

    Hertz truePitch(HeadSide side) const;

    Drum drum; ///< as the user describes it
    std::int64_t now = 1'790'000'000;
    Weather weather{Celsius{20}, 0.5, Pascal{101325}};
    std::array<double, 2> perTurn{}; ///< N/m
    std::array<std::vector<double>, 2> tensions;

private:
    static std::size_t of(HeadSide side) { return side == HeadSide::Batter ? 0 : 1; }
    double mean(HeadSide side) const;
    double creptBy(HeadSide side, std::int64_t when) const;

    Dice m_dice;
    Drum m_true;                         ///< as it is
    double m_shellDamp = 0.5;            ///< that the shell has taken on
    double m_follows = 36.0;             ///< hours in which it does
    std::array<double, 2> m_creep{};     ///< cents in ten days
    std::array<double, 2> m_creepFrom{}; ///< hours
    std::array<double, 2> m_heardShare{};
};

} // namespace bombo::testing

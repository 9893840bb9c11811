#pragma once
/// The drum as an object: shell, heads, rods, wires. Values only.
#include "core/units/quantities.h"
#include "core/units/result.h"

#include <cstdint>
#include <string>

namespace bombo {

enum class HeadSide { Batter, SnareSide };

/// A head of the catalogue (data/heads.json).
struct HeadSpec {
    std::string id;            ///< stored name, untranslated
    std::string name;          ///< what it is, in plain words; no maker
    Metres thickness;          ///< of the load-bearing film, all plies
    ArealDensity arealDensity; ///< film with coating
    Pascal modulus;            ///< Young's modulus of the film
    double poisson = 0.38;     ///< Poisson's ratio of the film
    Pascal yield;              ///< where the film starts to creep
    double lossFactor = 0.005; ///< share of energy lost per radian by film and collar
    std::string source;        ///< where the figures come from, or "estimate"
    int plies = 1;
    std::string coating = "clear";      ///< plain word: clear, coated, textured, cloth
    std::string reinforcement = "none"; ///< plain word: none, ring, dot
    int vents = 0;                      ///< small holes near the hoop
    double modulusPerKelvin = -0.0025;  ///< relative change of the modulus, 1/K, from 20 C
    double expansionPerKelvin = 17e-6;  ///< of the film, 1/K
    double expansionPerHumidity = 6e-4; ///< from dry (0) to saturated (1)

    bool operator==(const HeadSpec&) const = default;
};

struct Shell {
    Metres diameter;                   ///< head diameter, 0.2 to 0.5 m
    Metres depth;                      ///< edge to edge
    std::string material;              ///< plain word, e.g. "ash"
    double expansionPerKelvin = 5e-6;  ///< of the bearing edge's circle, 1/K
    double expansionPerHumidity = 0.0; ///< from dry (0) to saturated (1)

    Metres radius() const { return diameter / 2.0; }
    bool operator==(const Shell&) const = default;
};

/// Hoop with what gives along with it.
struct Hoop {
    std::string kind = "pressed steel"; ///< plain words
    Tension perTurn{1800}; ///< tension a turn of every rod would give on a rigid film: hoop, collar, lugs
    bool operator==(const Hoop&) const = default;
};

struct WireSet {
    int strands = 20;
    std::string material = "steel";
    Kilograms mass{0.016};   ///< of the strands together
    double slackTurns = 0.0; ///< knob turns that stretched strands have eaten up
    bool operator==(const WireSet&) const = default;
};

inline constexpr double kLatestTime = 4102444800.0; ///< seconds since 1970: the year 2100

/// When what wears was put on, in seconds since 1970; 0: not known.
struct FittedAt {
    std::int64_t batter = 0;
    std::int64_t snareSide = 0;
    std::int64_t wires = 0;
    bool operator==(const FittedAt&) const = default;
};

/// Hours that a head was played before it came onto this drum.
struct PlayedBefore {
    double batter = 0;
    double snareSide = 0;
    bool operator==(const PlayedBefore&) const = default;
};
inline constexpr double kMostPlayedBefore = 20000.0;

/// What its owner does not know; usual figures stand in for it.
struct Guessed {
    bool shell = false; ///< its material
    bool batter = false;
    bool snareSide = false;
    bool wires = false;
    bool hoop = false;
    bool any() const { return shell || batter || snareSide || wires || hoop; }
    bool operator==(const Guessed&) const = default;
};

struct Drum {
    std::string id;   ///< stored name, untranslated
    std::string name; ///< what its owner calls it
    Shell shell;
    int rods = 8; ///< a side
    HeadSpec batterHead;
    HeadSpec snareSideHead;
    WireSet wires;
    Hoop hoop{}; ///< both sides alike
    FittedAt fittedAt{};
    PlayedBefore playedBefore{};
    Guessed guessed{};
    int markedRod = 0; ///< the rod beside the badge or a strip of tape, 1-based; 0: none is marked

    const HeadSpec& head(HeadSide side) const {
        return side == HeadSide::Batter ? batterHead : snareSideHead;
    }
    bool operator==(const Drum&) const = default;
};

inline constexpr int kFewestRods = 5;
inline constexpr int kMostRods = 12;

/// Angle of rod `index` (0-based) from the strainer, seen from the batter side. Rod 1 stands half a space on.
inline Radians rodAngle(int index, int rods) {
    return {2.0 * std::numbers::pi * (index + 0.5) / rods};
}

/// A drum that can be computed, or the first field that cannot be, with its limits.
Result<Drum, InputProblem> checkedDrum(Drum drum);

} // namespace bombo

#pragma once
/// From a pair of wishes about pitch to both tensions, with what they hang on and how sure they are.
#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"
#include "core/tuning/turn_response.h"

#include <array>
#include <variant>

namespace bombo {

enum class TargetLimit {
    None,
    SnareSideFilm,
    BatterFilm,
    BatterFingerTight,
    SnareSideFingerTight,
    RatioReversed, ///< beyond here the lowest (1,1) is the snare side's and the ratio turns round
    NoSuchPair,    ///< within all limits, yet no pair of tensions gives both figures
};

struct BothEdges { ///< each with the other head muted
    Hertz batter;
    Hertz snareSide;
};
struct EdgeAndInterval {
    Hertz batterEdge;
    Cents snareSideAbove;
};
struct CentreAndRatio {
    Hertz centre;
    double edgeOverCentre; ///< both heads open
};
struct CentreAndInterval {
    Hertz centre;
    Cents snareSideAbove; ///< of the muted edge pitches
};
struct EdgeAndFilmLoad {
    Hertz batterEdge;
    double snareSideLoad; ///< share of yield
};
struct CountedTurns { ///< since finger-tight
    Turns batter;
    Turns snareSide;
};
using PitchWish = std::variant<BothEdges, EdgeAndInterval, CentreAndRatio, CentreAndInterval, EdgeAndFilmLoad,
                               CountedTurns>;

/// What rod turns do on each head, as far as known.
struct TurnModel {
    TurnResponse batter;
    TurnResponse snareSide;

    const TurnResponse& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
};
/// Before anything was learned of the drum.
TurnModel turnModelPrior(const Drum& drum);

/// d log(quantity) / d log(tension of the batter, of the snare side).
struct Sensitivities {
    std::array<double, 2> batterEdge{};    ///< muted
    std::array<double, 2> snareSideEdge{}; ///< muted
    std::array<double, 2> centre{};
    std::array<double, 2> edgeOverCentre{};
};
Sensitivities sensitivitiesAt(const DrumState& state);

/// What the error bars come from, one standard error each: a head's areal density, the model's edge pitches,
/// and its centre pitch, which the stand, the vent and wires on the film move most. Estimates.
inline constexpr double kArealDensitySpread = 0.03;
inline constexpr double kModelPitchSpread = 0.005;
inline constexpr double kCentrePitchSpread = 0.012;

struct TensionPair {
    Tension batter;
    Tension snareSide;
    double batterLoad = 0; ///< share of yield
    double snareSideLoad = 0;
    NamedPitches pitches;
    bool ratioReversed = false; ///< the lowest (1,1) is the snare side's own
    Tension batterError;        ///< standard error
    Tension snareSideError;
    Sensitivities sensitivities;
};

struct Impossible {
    TargetLimit limit;   ///< what stands in the way
    TensionPair nearest; ///< the nearest that can be had within all limits
};

/// Both tensions for a pair of wishes. Bounds: finger-tight and kFilmLoadLimit of either head; for a ratio
/// also that the lowest (1,1) stays the batter's. A wish that is met only beyond a bound is Impossible.
/// @pre frequencies and ratio > 0
Result<TensionPair, Impossible> solveTensions(const Drum& drum, const PitchWish& wish, const Air& air,
                                              const TurnModel& turns);
/// The same with the turn model's prior.
Result<TensionPair, Impossible> solveTensions(const Drum& drum, const PitchWish& wish, const Air& air = {});

/// The drum at these tensions, without a wish: pitches, loads, sensitivities; errors are zero.
TensionPair tensionPairAt(const Drum& drum, Tension batter, Tension snareSide, const Air& air);

/// Both tensions from an edge pitch of the batter and the centre pitch that were heard, wherever they lie
/// between slack and yield; empty when no pair of tensions sounds like that.
struct HeardPair {
    Hertz batterEdge;
    bool edgeHeardOpen = false; ///< the snare side was free when the edge was tapped
    Hertz centre;               ///< both heads free
};
std::optional<std::pair<Tension, Tension>> tensionsFromHeard(const Drum& drum, const HeardPair& heard,
                                                             const Air& air);

/// Stable name for files and the command line, e.g. "snare_side_film".
const char* limitName(TargetLimit limit);

} // namespace bombo

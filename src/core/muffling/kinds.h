#pragma once
/// What can be laid on a head to calm it, or lean on it, or be part of it.
#include "core/drum/drum.h"

#include <optional>
#include <span>
#include <string>
#include <vector>

namespace bombo {

/// Which part of the head something touches.
enum class Footprint {
    Disc,   ///< round a place of its own
    Ring,   ///< all along the hoop
    Across, ///< a strip over the whole diameter
    Arc     ///< a flap from the hoop inward
};

/// Figures of kinds; docs/physics.md, section 12 says which are weighed and which are estimates.
struct PadKind {
    std::string id = "gel-pad"; ///< stored name, untranslated; the user's own begin with "own:"
    Kilograms mass{0.0022};     ///< of a ring or a strip: on a head of kKindRadius, and so in proportion
    double lossFactor = 0.55;   ///< share of the energy of its own motion lost a radian, at kLossAt
    double lossRises = 0.25;    ///< exponent with which that grows with the pitch
    Metres radius{0.0125};      ///< disc: its radius; ring: its width; across: half its width; arc: its reach
    Footprint footprint = Footprint::Disc;
    double resistance = 0;    ///< drag on the head over its whole face, N s/m
    double stiffness = 0;     ///< of a spring that leans on the head from a fixed place, N/m
    Seconds delay{};          ///< thrown off by the stroke, it is back so late
    bool withTension = false; ///< trapped under the hoop: its drag grows with the head's tension
    bool beneath = false;     ///< leans on the head from inside: the stick may land over it
    bool partOfHead = false;  ///< comes and goes with the head
    bool operator==(const PadKind&) const = default;
};
inline constexpr Hertz kLossAt{400.0};
inline constexpr Metres kKindRadius{0.1778};   ///< of a 14 in head
inline constexpr Tension kKindTension{2500.0}; ///< at which the drag of a trapped cloth is given

/// All that ship with the program, the whole gel pad first.
std::span<const PadKind> padKinds();
/// Empty if none has that name.
std::optional<PadKind> padKindNamed(const std::string& id);
inline bool isOwnKind(const PadKind& kind) {
    return kind.id.starts_with("own:");
}

/// Up to this radius a disc lifts and tilts with the film and does no more.
inline constexpr Metres kSmallDisc{0.015};
/// Whether it is too stiff to follow the film's bends: a disc heavier than 5 kg/m^2, a wallet.
bool isPlate(const PadKind& kind);
/// Half the angle that an arc takes, rad.
inline constexpr double kArcHalf = 0.45;

/// Something at its place on the batter, seen from above.
struct Pad {
    Metres fromCentre; ///< of a disc; the others do without
    Radians angle;     ///< counter-clockwise from the strainer; a ring does without
    PadKind kind{};
    bool operator==(const Pad&) const = default;
};

inline constexpr std::size_t kMostPads = 9; ///< on one head

enum class PadProblem { None, BeyondHoop, OnLandingArea, Overlaps };
/// Sticks land within this share of the radius.
inline constexpr double kLandingArea = 0.25;
/// Whether `pad` may lie there beside `others`. What lies beneath disturbs only what lies beneath.
PadProblem checkPad(const Pad& pad, const std::vector<Pad>& others, const Shell& shell);

/// A part of a pad's face.
struct FacePoint {
    double radius = 0; ///< share of the head's, 0..1
    double angle = 0;  ///< rad
    double weight = 0; ///< share of the face; they sum to 1
};
std::vector<FacePoint> facePoints(const Pad& pad, Metres headRadius);

/// What it weighs on a head of this size.
Kilograms massOn(const PadKind& kind, Metres headRadius);

} // namespace bombo

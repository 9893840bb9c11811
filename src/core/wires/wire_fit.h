#pragma once
/// Where the strands lie under the drum: lengths, gaps, straps, and what travel the knob has left.
#include "core/drum/drum.h"

#include <optional>
#include <vector>

namespace bombo {

enum class Attachment { Strap, Cord };
/// How strands are refitted: clamped at the strainer first with the lever off and the knob mid-way, or at the
/// butt plate first with the lever on and the knob near its loose end.
enum class RefitSchool { StrainerFirst, ButtFirst };

/// What a rule says, along the line from strainer to butt plate.
struct WireLayout {
    Metres strands{0.305};     ///< between the end plates
    Metres plate{0.020};       ///< length of each end plate along the strands
    Metres wall{0.006};        ///< of the shell, at its edge
    Metres strainerDrop{0.03}; ///< from the bearing edge down to the clamp
    Metres buttDrop{0.03};
    Attachment attachment = Attachment::Strap;
    RefitSchool school = RefitSchool::StrainerFirst;
    std::optional<Turns> travel;       ///< of the knob from its loose to its tight end
    std::optional<Turns> knob;         ///< where it stands at first contact, from its loose end
    Metres perTurn{0.0008};            ///< that a turn of the knob draws in
    std::optional<Metres> strainerGap; ///< end plate to the shell's outer face, as it lies now
    std::optional<Metres> buttGap;     ///< likewise
    bool operator==(const WireLayout&) const = default;
};

/// The first length that no drum has, with its limits.
std::optional<InputProblem> checkLayout(const WireLayout& layout);

enum class FitProblem {
    LongerThanShell, ///< the plates would stand over the shell's outer face
    StrandsOnEdge,   ///< strands reach over the inner wall: they ride on the edge and choke
    PlatesOnFilm,    ///< the plates end inside the wall: they lie on the film and may cut it
    OffCentre,       ///< more than 2 mm apart from end to end
    GapsDisagree,    ///< gaps and lengths do not add up to the shell: one of them is wrong
    TravelUnknown,   ///< what is left each way cannot be said
    LittleTighter,   ///< less than a turn is left to tighten
    LittleLooser     ///< less than half a turn is left to loosen
};

struct WireFit {
    Metres length;        ///< strands and both plates
    Metres endGap;        ///< plate to the shell's outer face at both ends once centred; < 0 beyond it
    Metres strainerStrap; ///< free length from plate to clamp; of a cord twice that
    Metres buttStrap;
    Metres towardsStrainer;   ///< shift that centres them, positive towards the strainer; 0 if not measured
    Turns knobBeforeClamping; ///< from its loose end; 0 if the travel is unknown
    std::optional<Turns> tighter; ///< travel left once fitted so, or as the knob stands now
    std::optional<Turns> looser;
    std::vector<FitProblem> problems; ///< the gravest first
};

/// @pre checkLayout finds nothing
WireFit fitWires(const Shell& shell, const WireLayout& layout);

enum class WireSymptom { LeverWillNotClose, NoContactWhenOn, LooseAtFullTravel, PlateStandsUp };
enum class WireRemedy {
    LoosenKnob,     ///< by `turns`
    TightenKnob,    ///< by `turns`
    GiveOutStrap,   ///< by `length`, at the clamp
    TakeInStrap,    ///< by `length`
    ResetRange,     ///< knob back to where it stands before clamping, strap taken in by `length`
    ReplaceStrands, ///< stretched
    CentreWires,    ///< by `length`
    UseStraps,      ///< flat ones lie lower than cord
    LevelClamps     ///< both straps must leave the plate in the plane of the film
};
struct FitStep {
    WireRemedy remedy = WireRemedy::ResetRange;
    Turns turns;
    Metres length;
    bool operator==(const FitStep&) const = default;
};
/// What to do about it, in the order to try.
std::vector<FitStep> diagnoseWires(WireSymptom symptom, const Shell& shell, const WireLayout& layout);

} // namespace bombo

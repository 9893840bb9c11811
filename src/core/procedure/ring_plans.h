#pragma once
/// A ring that is too long, school by school: each a plan with what it gives and what it costs.
#include "core/muffling/least_muffling.h"
#include "core/tuning/turn_response.h"
#include "core/wires/wire_response.h"

namespace bombo {

enum class RingSchool { TuneOut, LetRing, MaskWithWires, Shorten, Muffle };

struct RingPlan {
    RingSchool school = RingSchool::LetRing;
    Seconds ring;                  ///< of the whole tone afterwards
    bool reaches = false;          ///< the wanted one
    std::vector<Pad> pads{};       ///< LetRing, Shorten, Muffle: all that lie then
    Turns batter{};                ///< TuneOut: every rod of the batter
    Cents centre{};                ///< TuneOut: how far the centre pitch moves
    double filmLoad = 0;           ///< TuneOut: of the batter, share of yield
    Turns knob{};                  ///< MaskWithWires: by so much, below 0 looser
    std::optional<Seconds> buzz{}; ///< MaskWithWires: of the wires then
    double startDb = 0;            ///< Shorten, Muffle: what the stroke itself loses
    double reboundLoss = 0;        ///< likewise, of the stick's rebound
};

struct RingPlanWish {
    Seconds ring;            ///< wanted
    std::vector<Pad> laid{}; ///< as the head stands
    Tension perTurn;         ///< of the batter
    HearingPoint point{};
    double damping = 1.0;        ///< see Muffler
    std::optional<Turns> knob{}; ///< of the strainer from first contact; empty: wires off or not set yet
    Turns whisperChoke{};        ///< of the middle, on the knob
    Turns contact{};             ///< where the strainer's pull begins
    Turns loosest{};             ///< that is still clean
};

/// One plan a school, in the order of RingSchool. Tuning out stops at the film's limit and at a fifth.
/// @pre wish.ring > 0
std::vector<RingPlan> ringPlans(const Drum& drum, const DrumState& state, const RingPlanWish& wish);

} // namespace bombo

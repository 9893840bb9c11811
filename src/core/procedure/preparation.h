#pragma once
/// What is done to a head before the count starts: look it over, put it on, bring it to where turns count.
#include "core/drum/drum.h"
#include "core/procedure/paths.h"

#include <vector>

namespace bombo {

/// How the work on a head begins.
enum class HeadCondition {
    New,       ///< a fresh head: the old one comes off first
    FromSlack, ///< the same head, let down to finger-tight and brought up again
    AsItStands ///< the same head at the tension it has: the count starts there
};
enum class Seating {
    Palm,          ///< the middle pressed with the flat of the hand at finger tension
    RestOvernight, ///< left overnight at pitch and tapped again the next day
    None,
    StretchOvernight ///< a batter taken well above pitch, left there overnight, and brought down again
};
/// How the strands are kept off the snare-side head while it is tuned.
enum class WiresAway {
    Stick,  ///< a smooth stick under them, loosened first
    Lifted, ///< by hand
    Removed
};

enum class PrepKind {
    WiresAway,
    LookOver,
    LetDown, ///< opposite pairs, half a turn at a time, until the fingers can do it
    TakeOff,
    PutOn,
    Touch,
    FingerTight,
    Centre,
    Seat
};

/// One step: which rods in which order and by how much, where rods are turned at all.
struct PrepStep {
    PrepKind kind = PrepKind::LookOver;
    std::vector<std::vector<int>> rods; ///< groups in the order to turn them; empty where none is turned
    Turns each;                         ///< of every pass; 0 where the fingers decide
    bool operator==(const PrepStep&) const = default;
};

/// The steps before the count starts. Never empty: every job begins with a look.
/// @param rods 3..40
std::vector<PrepStep> preparation(HeadCondition condition, HeadSide side, Seating seating, int rods,
                                  Path path, int skip = 1);

} // namespace bombo

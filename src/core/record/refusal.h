#pragma once
/// Why a command cannot be carried out; said to the user in app/session/refusal_words.
#include "core/units/result.h"

namespace bombo {

enum class Refusal {
    WrongStage,
    NoSuchRod,
    RoundFull,
    HalfNeedsEvenRods,
    TapsOutOfRange,
    RoundUnderWay, ///< another path would lose the count of a round that is half turned
    ToleranceOutOfRange,
    StepOutOfRange,
    NotByGauge,
    MarkOutOfRange,
    HeadResists,
    NothingToRetrace,
    MinutesOutOfRange,
    SkipMissesRods,
    TrialUnderWay,
    NotStretched,
    TrialNeedsNeighbours, ///< one to three rods side by side
    TrialTurnsOutOfRange,
    TrialWouldSlacken,
    TrialPassesFilm,
    CardFull,
    CardEmpty,
    ToneOutOfReach,
    WeatherOutOfRange,
    StrainerOutOfRange,
    LayoutOutOfRange,
    NeighbourOutOfRange,
    PadBeyondHoop,
    PadOnLandingArea,
    PadsOverlap,
    NoSuchPad,
    TooManyPads,
    MicrophoneOutOfRange,
    KindOutOfRange,
    NothingHeardYet, ///< an experiment compares with what was heard before it
    ExperimentUnderWay,
    NoExperiment,
    HeadsTurnedInIt, ///< pads and strainer can be put back, heads cannot
    StarsOutOfRange,
    TooLongAName,
    NoteTooLong,
    NothingLookedFor, ///< no fault is being looked for, or its cause is found
    NoSuchDrum,       ///< a drum that cannot be computed, or another one
};

struct Session;
/// The session after a command, or why it cannot be.
using Outcome = Result<Session, Refusal>;

} // namespace bombo

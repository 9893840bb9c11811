#pragma once
/// From what the drum is now to what an entry says: the net moves, in the order of work.
#include "core/log/what_moved.h"
#include "core/muffling/kinds.h"
#include "core/tuning/evenness.h"
#include "core/tuning/tone.h"

#include <span>

namespace bombo {

/// How a head is known to stand.
enum class KnownBy { Heard, Counted, Foretold, Nothing };

struct HeadNow {
    KnownBy by = KnownBy::Nothing;
    Tension tension;                      ///< now, in the weather of the drum
    Tension error;                        ///< one standard error
    std::optional<EvennessEstimate> rods; ///< of the last round, no rod turned since
    std::vector<Turns> turns;             ///< net count of each rod
    bool countedFromSlack = false;        ///< else from how the head was found standing
    TurnResponse response;
    Turns floor; ///< net count below which a rod would be slack
    EveningShare evening{};
};

/// A drum as far as is known.
struct DrumNow {
    Drum drum;
    HeadNow batter;
    HeadNow snareSide;
    std::optional<Turns> strainer; ///< from first contact
    std::vector<Pad> pads;
    WeatherThen weather;
    HeadOrder order = HeadOrder::SnareSideFirst;
    Cents tolerance{8.0};

    const HeadNow& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
};

/// What is to be the same.
enum class SameAs {
    Pitches,  ///< as heard
    Tensions, ///< as it felt under the stick
    Counts,   ///< by the count, where it was begun alike
};

/// What cannot be brought back, or not so.
enum class NotTheSame {
    NoFigures,    ///< the entry says nothing of this head
    HeadChanged,  ///< another kind is on
    FreshHead,    ///< one of the same kind, put on since
    TooTight,     ///< the film would pass its limit: as near as it goes
    TooSlack,     ///< likewise, finger-tight
    FeelsHarder,  ///< the same pitch needs more tension today
    FeelsSofter,  ///< or less
    CountsDiffer, ///< turns were not counted from one beginning: by the pitch instead
    NotHeard,     ///< nothing is known of how the head stands now: tap a round first
    OtherDrum,    ///< pitches are scaled by the size
    OtherWires,
    WiresStretched, ///< the knob stands elsewhere for the same pull
    NoStrainer,     ///< the entry does not say where it stood
    UnknownPad,     ///< of a kind that is not at hand
    StrainerBeyond, ///< where it stood lies beyond the knob's way
    PadOffDrum,     ///< it would not lie on this drum where it lay
};
struct Reservation {
    NotTheSame what = NotTheSame::NoFigures;
    std::optional<HeadSide> side{};
    double amount = 0; ///< TooTight, TooSlack: cents short; FeelsHarder, -Softer: share of tension;
                       ///< WiresStretched: turns; OtherDrum: factor of pitch
    bool operator==(const Reservation&) const = default;
};

struct HeadBack {
    Turns all;                ///< what every rod is turned first
    std::vector<RodMove> own; ///< and then some of them, in the order to make them
    std::vector<Turns> net;   ///< by rod: both together
    Turns error;              ///< one standard error of the mean turn
    Hertz now;                ///< edge pitches
    Hertz wanted;
    Cents off;        ///< from now to wanted
    Cents afterError; ///< of the pitch after the moves, one standard error
    Tension tensionNow;
    Tension tensionWanted;
    KnownBy by = KnownBy::Nothing;

    bool isThere() const { return all.value == 0.0 && own.empty(); }
};

struct BackTo {
    std::optional<HeadBack> batter; ///< empty where nothing can be said, see `but`
    std::optional<HeadBack> snareSide;
    HeadOrder order = HeadOrder::SnareSideFirst;
    std::optional<Hertz> batterThen; ///< edge pitch that the entry asks for on this drum; empty: none
    std::optional<Hertz> snareSideThen;
    std::optional<Turns> strainerTo;          ///< from first contact
    std::optional<Turns> strainerBy;          ///< from where it stands; empty where that is not known
    std::optional<std::vector<Pad>> padsThen; ///< all that lay there; empty where nobody wrote it down
    std::vector<Pad> takeOff;
    std::vector<Pad> layOn;
    std::vector<Reservation> but;

    const std::optional<HeadBack>& head(HeadSide side) const {
        return side == HeadSide::Batter ? batter : snareSide;
    }
    /// The edge pitch to aim at: what the moves reach, else what the entry says.
    std::optional<Hertz> pitchOf(HeadSide side) const {
        const auto& then = side == HeadSide::Batter ? batterThen : snareSideThen;
        return head(side) ? std::optional(head(side)->wanted) : then;
    }
    /// Nothing is to be done, as far as is known.
    bool isThere() const;
};

/// A share of tension more or less is felt from here (estimate).
inline constexpr double kFeltFrom = 0.04;

/// @param heads that can be had, to know what an entry's head was @param pads kinds at hand
BackTo backTo(const DrumNow& now, const Entry& then, SameAs same, std::span<const HeadSpec> heads,
              std::span<const PadKind> pads);

} // namespace bombo

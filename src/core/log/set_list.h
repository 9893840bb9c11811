#pragma once
/// A show: tones in the order of the evening, and what is done to which drum between them.
#include "core/muffling/kinds.h"
#include "core/tuning/inverse.h"

#include <optional>
#include <string>
#include <vector>

namespace bombo {

/// A drum in a tone, as far as hands have to do with it.
struct DrumInTone {
    Tension batter;
    Tension snareSide;
    std::optional<Turns> strainer;        ///< from first contact; empty where it is not known
    std::optional<std::vector<Pad>> pads; ///< likewise
};

struct DrumInShow {
    Drum drum;
    TurnModel turns; ///< what a turn does, as learned
    DrumInTone now;
    bool isGuessed = false; ///< nobody heard or counted a head: `now` is where its own tone wants it
    /// By tone of the show; empty where the drum cannot have it.
    std::vector<std::optional<DrumInTone>> tones;
};

/// From one tone to the next on the same heads, by the count alone.
struct ToneChange {
    Turns batter; ///< every rod
    Turns snareSide;
    std::optional<Turns> strainer; ///< by so much
    int padsMoved = 0;
    bool snareSideStays = false; ///< there is no time to turn the drum over
    Cents snareSideOff;          ///< how far it then is from what the tone asks
    Cents batterError;           ///< one standard error after it, all turns since it was heard together
    Cents snareSideError;
    Seconds takes;
};

// Times of a practised hand with one key (docs/physics.md, section 16; estimates).
inline constexpr Seconds kPairTakes{20.0};
inline constexpr Seconds kTurnOverTakes{35.0}; ///< wires off, turned over, turned back
inline constexpr Seconds kKnobTakes{5.0};
inline constexpr Seconds kPadTakes{6.0};

/// @param seconds that there are; with less than both heads need the snare side stays as it is
ToneChange changeBetween(const DrumInShow& drum, const DrumInTone& from, const DrumInTone& to,
                         Seconds seconds);

/// A snare side that stays has another interval to the batter than the tone asks.
inline constexpr Cents kOffInterval{25.0};
inline bool isOffInterval(const ToneChange& change) {
    return change.snareSideStays &&
           (change.snareSideOff > kOffInterval || change.snareSideOff < -kOffInterval);
}

struct ShowNumber {
    std::size_t tone = 0; ///< index into DrumInShow::tones
    double minutes = 0;   ///< before it, free for the drum
};
struct ShowStep {
    std::optional<std::size_t> drum; ///< empty where none can have the tone
    ToneChange change;
    bool fits = false; ///< in the minutes
};

/// The choice of drum for each number that leaves the fewest changes without time, then the fewest snare
/// sides off, then uses drums that nobody heard least, then costs the least time, then the fewest turns. One
/// of the best where there are several. Every choice is looked at as long as the drums can stand in at most
/// 1,000 ways after a number; in a longer show the 1,000 cheapest are gone on with.
std::vector<ShowStep> planShow(const std::vector<DrumInShow>& drums, const std::vector<ShowNumber>& numbers);

/// An order of the tones; the minutes belong to the places in the evening and stay there.
struct ShowOrder {
    std::vector<std::size_t> numbers; ///< by place: index of the number that is played there
    int misfitsLess = 0;              ///< changes without time, than in the order as it was
    int offLess = 0;                  ///< numbers with the snare side off
    Seconds less;                     ///< of turning; below 0: it is what the others cost
    Turns turnsLess;                  ///< of every rod in all, likewise
    bool isBetter() const {
        return misfitsLess > 0 || offLess > 0 || less.value >= 1.0 || turnsLess.value >= 1.0 / 16.0;
    }
};
/// The order that costs least of those that were tried: each number put elsewhere, pairs exchanged and runs
/// reversed as long as it helps. Never worse than as it was. @param stays by number: it keeps its place
ShowOrder leastOrder(const std::vector<DrumInShow>& drums, const std::vector<ShowNumber>& numbers,
                     const std::vector<bool>& stays);

enum class ShowMoveKind { SnareSide, Batter, Strainer, Pads, Play };
/// One thing to do in a show: what hands do in one go, or the number itself.
struct ShowMove {
    std::size_t number = 0; ///< index of the step
    ShowMoveKind what = ShowMoveKind::Play;
    Turns turns; ///< of every rod of the head, or of the knob
    bool operator==(const ShowMove&) const = default;
};
/// The moves of a plan in the order of work; each number ends with being played.
std::vector<ShowMove> showMoves(const std::vector<ShowStep>& steps);

} // namespace bombo

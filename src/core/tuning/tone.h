#pragma once
/// What is wanted, apart from any drum: the tone (its style), the player's own wish within it, and the
/// school.
#include "core/units/quantities.h"

#include <optional>
#include <string>

namespace bombo {

struct ToneReasons {
    std::string batter;
    std::string snareSide;
    std::string wires;
    std::string muffling;
    bool operator==(const ToneReasons&) const = default;
};

/// A tone by what it does: the middle of each range and how far it goes to either side. Pitch is stated for a
/// 14 in drum and scales with 1/diameter.
struct Tone {
    std::string id;              ///< stored name, untranslated
    std::string name;            ///< ear words: "Chase: tight, dry, quick"
    std::string reason;          ///< why these figures, in one sentence
    Hertz batterEdgeAt14{290.0}; ///< batter edge pitch, snare side muted
    Cents snareSideAbove{500.0}; ///< snare-side edge pitch above the batter's
    Seconds ring{0.6};           ///< ring time wanted of the whole tone
    double wireMargin = 0.5;     ///< 0: as loose as clean allows; 1: as tight as still answers

    Cents pitchSpan{120.0};    ///< of the batter edge pitch, to either side
    Cents intervalSpan{150.0}; ///< of snareSideAbove, to either side
    double ringSpan = 1.3;     ///< factor to either side, >= 1
    double wireSpan = 0.2;     ///< of wireMargin, to either side

    ToneReasons reasons;
    std::string muffling;             ///< how it is usually muffled, plain words; may be empty
    bool wiresOff = false;            ///< played with the lever off
    std::string origin = "catalogue"; ///< stored name: catalogue, own, recording
    std::optional<Seconds> buzz;      ///< of a recording: how long its wires sound
    std::optional<Hertz> brightness;  ///< of a recording: centre of its spectrum; noted, not aimed at

    bool operator==(const Tone&) const = default;
};

/// The four plain questions. Each -1 to 1 inside the tone's own range; 0 is the tone as it stands.
struct Wish {
    double high = 0;   ///< how high: lower to higher
    double longer = 0; ///< how long: shorter to longer
    double wire = 0;   ///< how much wire: plenty and loose (1) to dry and tight (-1)
    double feel = 0;   ///< under the stick: softer to harder, at the same centre pitch
    bool operator==(const Wish&) const = default;
};

/// How high the snare side stands. Each school of thought gives its own target.
enum class SnareSideLevel {
    AsTone,         ///< the interval that the tone asks
    Interval,       ///< an interval of the player's own above the batter
    LittleAbove,    ///< a semitone above the batter
    Matched,        ///< the batter's own edge pitch
    NearLimit,      ///< kNearLimitLoad of the film's yield
    EdgeOverCentre, ///< until edge pitch over centre pitch is as wished
    CountedTurns,   ///< a quarter turn a rod more than the batter
};
enum class HeadOrder { SnareSideFirst, BatterFirst, BothAsOne };

struct School {
    SnareSideLevel level = SnareSideLevel::AsTone;
    Cents interval{500.0};       ///< for Interval
    double edgeOverCentre = 1.5; ///< for EdgeOverCentre
    HeadOrder order = HeadOrder::SnareSideFirst;
    bool operator==(const School&) const = default;
};

inline constexpr double kNearLimitLoad = 0.65;
inline constexpr Cents kLittleAbove{100.0};
inline constexpr Turns kCountedMore{0.25};

/// All three together.
struct ToneBrief {
    Tone tone;
    Wish wish{};
    School school{};
    bool operator==(const ToneBrief&) const = default;
};

/// Ring time wanted: the tone's, moved by the wish.
Seconds ringWanted(const ToneBrief& brief);
/// Wire margin wanted, 0 to 1: the tone's, moved by the wish.
double wireMarginWanted(const ToneBrief& brief);

/// How long the wires buzz against the tone's ring at a margin, and back. A rule of thumb: near the loose end
/// (0.3) they last as long as the ring, near the tight end (0.8) a third of it.
Seconds buzzAt(double wireMargin, Seconds ring);
double wireMarginFor(Seconds buzz, Seconds ring);

} // namespace bombo

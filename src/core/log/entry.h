#pragma once
/// What an entry of the logbook says of a drum, as values; every figure may be missing.
#include "core/acoustics/air.h"
#include "core/drum/drum.h"

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace bombo {

/// A head as a round of taps heard it.
struct HeardHead {
    Hertz edge;              ///< the mean over the rods
    Cents error{2.0};        ///< one standard error of it
    std::vector<Cents> rods; ///< each rod's pitch against it; empty where only the mean was written down
    bool operator==(const HeardHead&) const = default;
};
/// Where an entry states none.
inline constexpr Cents kErrorUnstated{3.0};

/// What was seen of a head's wear.
struct HeadLook {
    std::optional<int> coating{};   ///< 0 as new, 1 worn, 2 gone or dented
    std::optional<bool> isDished{}; ///< slackened, it stays dished in the middle
    bool operator==(const HeadLook&) const = default;
};

struct HeadFigures {
    std::optional<Hertz> wanted;      ///< edge pitch
    std::optional<HeardHead> found;   ///< before a rod was turned that day
    std::optional<HeardHead> left;    ///< as it was when the entry was made
    std::optional<Cents> evenTo;      ///< the farthest rod from the mean
    std::vector<Turns> turns;         ///< net count of each rod
    bool countedFromSlack = false;    ///< else from how the head was found standing
    std::optional<Tension> perTurn{}; ///< what a turn of every rod gave, as learned by then
    Tension perTurnError;             ///< one standard error of it
    std::string kind;                 ///< id of the head; empty where it was not written down
    std::int64_t fittedAt = 0;        ///< seconds since 1970; 0: not known
    HeadLook look{};
    double playedBefore = 0; ///< hours played on it before it was put on this drum
    bool operator==(const HeadFigures&) const = default;
};

struct LaidPad {
    std::string kind;
    Metres fromCentre;
    Radians angle;
    bool operator==(const LaidPad&) const = default;
};

/// The weather as far as somebody said or measured it.
struct WeatherSaid {
    std::optional<Celsius> temperature;
    std::optional<double> humidity; ///< relative, 0 to 1
    std::optional<Pascal> pressure;
    bool operator==(const WeatherSaid&) const = default;
};

/// What people say of it, then and afterwards.
struct EntryWords {
    std::string note;
    std::string player;
    std::string place;
    std::vector<std::string> tags;
    int stars = 0; ///< 1 to 5; 0: not judged
    bool isPinned = false;
    std::optional<double> hours{}; ///< played on it that day, as somebody said
    bool operator==(const EntryWords&) const = default;
};

struct EntryFigures {
    HeadFigures batter;
    HeadFigures snareSide;
    std::optional<Turns> strainer;        ///< from first contact
    std::optional<Seconds> ringPredicted; ///< with what lies on the head
    std::optional<Seconds> ringHeard;     ///< of strokes with the wires off
    std::vector<LaidPad> pads;
    bool padsKnown = false;           ///< else nobody wrote down whether something lay on the head
    std::optional<Turns> wiresSlack;  ///< knob turns that the strands had eaten up
    std::int64_t wiresFittedAt = 0;   ///< seconds since 1970; 0: not known
    std::string wires;                ///< strands and material, "20 steel"; empty: not written down
    std::optional<Metres> diameter{}; ///< of the drum
    WeatherSaid weather;
    EntryWords words;

    const HeadFigures& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
    HeadFigures& head(HeadSide side) { return side == HeadSide::Batter ? batter : snareSide; }
    bool operator==(const EntryFigures&) const = default;
};

/// An entry with its figures.
struct Entry {
    std::int64_t id = 0;
    std::int64_t at = 0; ///< seconds since 1970, UTC
    std::string drumId;
    std::string toneId;
    bool isRestorable = false; ///< the whole setup was kept with it
    EntryFigures figures{};
    int utcOffset = 0; ///< seconds east of UTC of the clock that it was saved by
    bool operator==(const Entry&) const = default;
};

/// How an entry names the wires.
inline std::string wiresText(const WireSet& wires) {
    return std::to_string(wires.strands) + ' ' + wires.material;
}

/// The evening that an entry belongs to, as a count of days: by the clock of the place, and until five in the
/// morning still the one before.
inline std::int64_t eveningOf(const Entry& entry) {
    constexpr std::int64_t dayBegins = 5 * 3600;
    constexpr std::int64_t day = 86400;
    const std::int64_t local = entry.at + entry.utcOffset - dayBegins;
    return local / day - (local % day < 0 ? 1 : 0);
}

inline constexpr double kSecondsAnHour = 3600.0;
inline constexpr double kSecondsADay = 86400.0;

} // namespace bombo

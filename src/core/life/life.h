#pragma once
/// How worn heads and wires are, and for how many more shows they are good; each with its reason.
#include "core/log/entry.h"

#include <optional>
#include <span>

namespace bombo {

/// A show or a session, as far as it was counted or told.
struct Play {
    std::int64_t at = 0; ///< seconds since 1970, UTC
    double hours = 0;
};

/// Usual length of a show, where nobody says another. Estimate.
inline constexpr double kShowHours = 2.5;
/// An evening with an entry is a show, of the hours that its entries say together, else of so many; it is
/// played after the last of them.
std::vector<Play> playsOf(std::span<const Entry> entries, double showHours = kShowHours);
double hoursPlayed(std::span<const Play> plays, std::int64_t from, std::int64_t to);

enum class Part { Batter, SnareSide, Wires };
enum class DueBecause {
    RingsLonger, ///< amount: by which share longer than when it was new
    Looks,       ///< amount: 1 coating worn, 2 gone or dented, 3 dished when slack
    Age,         ///< amount: hours played on it
    Creeps,      ///< of wires; amount: knob turns that the strands have eaten up since they were new
    NotKnown,    ///< when it was put on
};

/// In how many shows a part is due. The true number lies between `low` and `high` in two of three.
struct PartLife {
    Part part = Part::Batter;
    double used = 0; ///< share of its life that is over, 0 to 1 and more
    double low = 0;  ///< shows
    double high = 0;
    double hours = 0; ///< played on it
    int shows = 0;
    DueBecause because = DueBecause::NotKnown;
    double amount = 0;
    bool isDue() const { return high <= 0.5; }
};

// What counts as worn (estimates; docs/physics.md, section 19a).
inline constexpr double kWornRing = 1.25; ///< ring against when it was new
inline constexpr Turns kWornSlack{1.0};   ///< of the wires

/// @param entries of one drum, in order of time @param now seconds since 1970, UTC
PartLife lifeOf(const Drum& drum, Part part, std::span<const Entry> entries, std::span<const Play> plays,
                std::int64_t now, double showHours = kShowHours);

/// Days from now until a part is due.
struct DueDays {
    double low = 0;
    double high = 0;
};

inline constexpr std::size_t kPaceShows = 24; ///< so many of the newest shows make the pace

/// At the pace of the newest shows; nights in bunches make it wide. The true day lies between `low` and
/// `high` in two of three as long as shows go on as they did. Empty: it is not known when the part was put
/// on, or there were fewer than four shows. @param plays in order of time @param now seconds since 1970, UTC
std::optional<DueDays> daysUntilDue(const PartLife& life, std::span<const Play> plays, std::int64_t now);

} // namespace bombo

#pragma once
/// What works here: the settings that got the stars, and where they were liked otherwise.
#include "core/log/compare.h"
#include "core/log/entry_filter.h"
#include "core/tuning/tone.h"

#include <array>
#include <span>

namespace bombo {

inline constexpr int kLikedStars = 4;    ///< so many and more: it was liked
inline constexpr int kFewestLiked = 5;   ///< entries that make a range
inline constexpr int kFewestInGroup = 4; ///< liked entries on either side of a comparison

/// The figures that are looked at, in the order of work.
inline constexpr std::array kLikedFigures{Differs::BatterPitch, Differs::Interval, Differs::Evenness,
                                          Differs::Strainer, Differs::Ring};

/// One figure over the entries that got stars.
struct LikedFigure {
    struct Point {
        double value = 0; ///< in the figure's own unit, see Difference
        int stars = 0;
        bool isLiked() const { return stars >= kLikedStars; }
        bool operator==(const Point&) const = default;
    };
    Differs what = Differs::BatterPitch;
    std::vector<Point> points; ///< in the order of the entries
    double low = 0;            ///< of the liked ones, where there are any
    double middle = 0;         ///< their median
    double high = 0;
    int liked = 0;
    bool isRange() const { return liked >= kFewestLiked; }
};

/// A figure that was liked otherwise in one sort of evening than in all others.
struct LikedShift {
    enum class When { Cold, WithPlayer, InPlace };
    When when = When::Cold;
    std::string name; ///< of player or place
    Differs what = Differs::BatterPitch;
    double by = 0;    ///< mean there less the mean of the others: cents for a pitch, else the figure's unit
    double error = 0; ///< one standard error of it
    int there = 0;    ///< liked entries
    int others = 0;
};

struct Liked {
    std::vector<LikedFigure> figures; ///< that an entry with stars knows
    std::vector<LikedShift> shifts;   ///< the surest of each figure, the surest first
    int starred = 0;                  ///< entries with stars
    /// Null where too few were liked to make a range.
    const LikedFigure* range(Differs what) const;
};

/// Over the entries of one drum and tone, without looking for shifts.
Liked likedRanges(std::span<const Entry> entries);
/// With the shifts, too. One is said where chance would make as large a one in fewer
/// than one of twenty logbooks, over all that was looked at: by drawing the groups anew (a permutation test),
/// or by the errors of the means where both are large; Holm's steps (1979).
Liked likedOf(std::span<const Entry> entries);

/// The tone with what was liked in place of its own figures, as wide as that reached.
/// @return empty where neither a pitch nor a ring is known well enough
std::optional<Tone> likedTone(const Liked& liked, const Tone& tone, Metres diameter);

} // namespace bombo

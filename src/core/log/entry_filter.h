#pragma once
/// Which entries of the logbook somebody wants to see.
#include "core/log/entry.h"

#include <span>

namespace bombo {

/// What the air was like, as somebody said it; an entry may be cold and damp.
enum class AirThen {
    Any,
    Cold, ///< below 15 C
    Warm, ///< above 25 C
    Damp, ///< above 60 %
    Dry,  ///< below 35 %
    NotSaid
};
inline constexpr Celsius kColdBelow{15.0};
inline constexpr Celsius kWarmAbove{25.0};
inline constexpr double kDampAbove = 0.60;
inline constexpr double kDryBelow = 0.35;

/// What is empty, 0 or Any lets all through.
struct EntryFilter {
    std::string drumId{};
    std::string toneId{};
    std::string player{};
    std::string place{};
    int leastStars = 0;
    AirThen air = AirThen::Any;
    bool operator==(const EntryFilter&) const = default;
};

bool passes(const Entry& entry, const EntryFilter& filter);
std::vector<Entry> passing(std::span<const Entry> entries, const EntryFilter& filter);

/// The newest entry of a drum; null without one. @param entries in order of time
const Entry* newestOf(std::span<const Entry> entries, const std::string& drumId);

/// The names that entries say, each once, in the order of the alphabet.
std::vector<std::string> playersIn(std::span<const Entry> entries);
std::vector<std::string> placesIn(std::span<const Entry> entries);

} // namespace bombo

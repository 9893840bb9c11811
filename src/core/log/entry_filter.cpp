#include "core/log/entry_filter.h"

#include <algorithm>
#include <set>

namespace bombo {
namespace {

bool wasLike(const WeatherSaid& weather, AirThen air) {
    switch (air) {
    case AirThen::Cold:
        return weather.temperature && *weather.temperature < kColdBelow;
    case AirThen::Warm:
        return weather.temperature && *weather.temperature > kWarmAbove;
    case AirThen::Damp:
        return weather.humidity && *weather.humidity > kDampAbove;
    case AirThen::Dry:
        return weather.humidity && *weather.humidity < kDryBelow;
    case AirThen::NotSaid:
        return !weather.temperature && !weather.humidity;
    case AirThen::Any:
        break;
    }
    return true;
}

std::vector<std::string> namesIn(std::span<const Entry> entries, std::string EntryWords::*name) {
    std::set<std::string> names;
    for (const Entry& entry : entries)
        if (const std::string& said = entry.figures.words.*name; !said.empty())
            names.insert(said);
    return {names.begin(), names.end()};
}

} // namespace

bool passes(const Entry& entry, const EntryFilter& filter) {
    const auto isAsked = [](const std::string& asked, const std::string& is) {
        return asked.empty() || asked == is;
    };
    const EntryWords& words = entry.figures.words;
    return isAsked(filter.drumId, entry.drumId) && isAsked(filter.toneId, entry.toneId) &&
           isAsked(filter.player, words.player) && isAsked(filter.place, words.place) &&
           words.stars >= filter.leastStars && wasLike(entry.figures.weather, filter.air);
}

std::vector<Entry> passing(std::span<const Entry> entries, const EntryFilter& filter) {
    std::vector<Entry> kept;
    std::copy_if(entries.begin(), entries.end(), std::back_inserter(kept),
                 [&](const Entry& entry) { return passes(entry, filter); });
    return kept;
}

const Entry* newestOf(std::span<const Entry> entries, const std::string& drumId) {
    const auto newest = std::find_if(entries.rbegin(), entries.rend(),
                                     [&](const Entry& entry) { return entry.drumId == drumId; });
    return newest == entries.rend() ? nullptr : &*newest;
}

std::vector<std::string> playersIn(std::span<const Entry> entries) {
    return namesIn(entries, &EntryWords::player);
}
std::vector<std::string> placesIn(std::span<const Entry> entries) {
    return namesIn(entries, &EntryWords::place);
}

} // namespace bombo

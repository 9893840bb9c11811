#pragma once
/// Every place in a JSON value, for tests that change one after the other.
#include "core/units/json.h"

#include <vector>

namespace bombo::testing {

inline void addPlaces(const nlohmann::json& json, const nlohmann::json::json_pointer& at,
                      std::vector<nlohmann::json::json_pointer>& places) {
    places.push_back(at);
    if (json.is_object())
        for (const auto& [key, value] : json.items())
            addPlaces(value, at / key, places);
    if (json.is_array())
        for (std::size_t i = 0; i < json.size(); ++i)
            addPlaces(json[i], at / i, places);
}

/// The whole first, then what is in it.
inline std::vector<nlohmann::json::json_pointer> placesIn(const nlohmann::json& json) {
    std::vector<nlohmann::json::json_pointer> places;
    addPlaces(json, nlohmann::json::json_pointer(), places);
    return places;
}

} // namespace bombo::testing

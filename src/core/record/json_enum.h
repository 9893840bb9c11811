#pragma once
/// Stored names of an enumeration, one for one: an unknown name is refused, not taken for the first.
#include "core/record/json_values.h"

#include <algorithm>
#include <string>
#include <utility>

namespace bombo {

/// An unknown stored name; caught where states are read.
struct UnknownName : Json::exception {
    explicit UnknownName(const std::string& name)
        : Json::exception(599, ("no such name: " + name.substr(0, 60)).c_str()) {}
};

} // namespace bombo

/// As NLOHMANN_JSON_SERIALIZE_ENUM, for names that come from files.
// NOLINTNEXTLINE(cppcoreguidelines-macro-usage): adl functions for each type
#define BOMBO_STORED_NAMES(Enum, ...)                                                                        \
    inline void to_json(Json& json, const Enum& value) {                                                     \
        static const std::pair<Enum, const char*> names[] = __VA_ARGS__;                                     \
        for (const auto& one : names)                                                                        \
            if (one.first == value)                                                                          \
                json = one.second;                                                                           \
    }                                                                                                        \
    inline void from_json(const Json& json, Enum& value) {                                                   \
        static const std::pair<Enum, const char*> names[] = __VA_ARGS__;                                     \
        for (const auto& one : names)                                                                        \
            if (json.is_string() && json.get_ref<const std::string&>() == one.second) {                      \
                value = one.first;                                                                           \
                return;                                                                                      \
            }                                                                                                \
        throw UnknownName(json.is_string() ? json.get<std::string>() : std::string("not a text"));           \
    }

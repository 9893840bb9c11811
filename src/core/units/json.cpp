#include "core/units/json.h"

template class nlohmann::detail::lexer<nlohmann::json, nlohmann::detail::TextOfString>;
template class nlohmann::detail::parser<nlohmann::json, nlohmann::detail::TextOfString>;
template class nlohmann::detail::serializer<nlohmann::json>;
template class nlohmann::basic_json<>;

namespace bombo {

bool nestsTooDeeply(std::string_view text) {
    int depth = 0;
    bool inString = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (inString) {
            if (c == '\\')
                ++i; // whatever it escapes ends no string
            else if (c == '"')
                inString = false;
        } else if (c == '"') {
            inString = true;
        } else if (c == '[' || c == '{') {
            if (++depth > kDeepestJson)
                return true;
        } else if (c == ']' || c == '}') {
            --depth;
        }
    }
    return false;
}

Json parsedJson(std::string_view text) {
    return nestsTooDeeply(text) ? Json(Json::value_t::discarded) : Json::parse(text, nullptr, false);
}

} // namespace bombo

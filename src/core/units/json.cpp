#include "core/units/json.h"

template class nlohmann::detail::lexer<nlohmann::json, nlohmann::detail::TextOfString>;
template class nlohmann::detail::parser<nlohmann::json, nlohmann::detail::TextOfString>;
template class nlohmann::detail::serializer<nlohmann::json>;
template class nlohmann::basic_json<>;

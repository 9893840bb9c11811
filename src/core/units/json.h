#pragma once
/// JSON. What most files use of the library is built once, in json.cpp: parsing and writing alone would
/// otherwise cost seconds of compiling in every one of them.
#include <nlohmann/json.hpp>
#include <string>

namespace nlohmann::detail {
using TextOfString = iterator_input_adapter<std::string::const_iterator>;
extern template class lexer<json, TextOfString>;
extern template class parser<json, TextOfString>;
extern template class serializer<json>;
} // namespace nlohmann::detail
extern template class nlohmann::basic_json<>;

namespace bombo {

using Json = nlohmann::json;

} // namespace bombo

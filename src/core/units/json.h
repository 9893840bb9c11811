#pragma once
/// JSON. What most files use of the library is built once, in json.cpp: parsing and writing alone would
/// otherwise cost seconds of compiling in every one of them.
#include <nlohmann/json.hpp>
#include <string>
#include <string_view>

namespace nlohmann::detail {
using TextOfString = iterator_input_adapter<std::string::const_iterator>;
extern template class lexer<json, TextOfString>;
extern template class parser<json, TextOfString>;
extern template class serializer<json>;
} // namespace nlohmann::detail
extern template class nlohmann::basic_json<>;

namespace bombo {

using Json = nlohmann::json;

/// Deeper than anything that Bombo writes; far below where copying or writing a tree runs out of stack.
inline constexpr int kDeepestJson = 64;
/// The text as JSON, or a discarded value where it is none or nests too deeply. Every text from outside is
/// parsed by this.
Json parsedJson(std::string_view text);
/// Whether arrays and objects nest further than `kDeepestJson`; strings are passed over.
bool nestsTooDeeply(std::string_view text);

} // namespace bombo

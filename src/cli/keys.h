#pragma once
/// Every key that a verb reads, in one table: what is given is checked against it, `--help` and docs/cli.md
/// are made from it.
#include "core/record/json_values.h"

#include <limits>
#include <string>
#include <vector>

namespace bombo::cli {

/// What may stand at a key; several together where either will do.
enum Form : unsigned {
    kNumber = 1,
    kWhole = 2,
    kText = 4,
    kFlag = 8,
    kObject = 16,
    kList = 32,
    kNumbers = 64,
    kFree = 128
};

inline constexpr double kNoLimit = std::numeric_limits<double>::infinity();

struct Key {
    Key(std::string at, unsigned forms = kNumber, double low = -kNoLimit, double high = kNoLimit,
        std::string of = {}, std::string what = {})
        : path(std::move(at)), form(forms), lowest(low), highest(high), choices(std::move(of)),
          words(std::move(what)) {}

    std::string path; ///< from the top: "heard.centre_hz"; "tests[].turns" of each entry of a list
    unsigned form;
    double lowest; ///< of a number, or of each of a list of numbers
    double highest;
    std::string choices; ///< of a text, "a|b|c"; any where empty
    std::string words;   ///< what it is, its unit where the key does not end in it, what is taken without it
};

/// Of a verb that reads JSON; empty for any other. In the order in which they are shown.
const std::vector<Key>& keysOf(const std::string& verb);
/// The verbs that read JSON.
const std::vector<std::string>& verbsWithKeys();

/// The first thing that the verb does not know or that is of another form or size, with the nearest that it
/// knows.
std::optional<InputProblem> checkKeys(const std::string& verb, const Json& in);

/// The text of one JSON object, checked so.
Result<Json, InputProblem> inputOf(const std::string& verb, const std::string& text);

/// For people: one line a key.
std::string keysAsText(const std::string& verb);
/// As a part of docs/cli.md.
std::string keysAsMarkdown();

} // namespace bombo::cli

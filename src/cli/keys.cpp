#include "cli/keys.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace bombo::cli {
namespace {

/// The edit distance: letters put in, left out or changed.
std::size_t distance(const std::string& a, const std::string& b) {
    std::vector<std::size_t> row(b.size() + 1);
    for (std::size_t j = 0; j <= b.size(); ++j)
        row[j] = j;
    for (std::size_t i = 1; i <= a.size(); ++i) {
        std::size_t diagonal = row[0];
        row[0] = i;
        for (std::size_t j = 1; j <= b.size(); ++j) {
            const std::size_t above = row[j];
            row[j] = std::min({above + 1, row[j - 1] + 1, diagonal + (a[i - 1] != b[j - 1])});
            diagonal = above;
        }
    }
    return row[b.size()];
}

std::string lastPart(const std::string& path) {
    const auto dot = path.rfind('.');
    return dot == std::string::npos ? path : path.substr(dot + 1);
}

/// "tests[]." of "tests[].turns"; empty at the top.
std::string parentOf(const std::string& path) {
    const auto dot = path.rfind('.');
    return dot == std::string::npos ? std::string() : path.substr(0, dot + 1);
}

struct FormName {
    Form form;
    const char* asked; ///< of who gave something else
    const char* listed;
};
constexpr FormName kFormNames[]{{kNumber, "a number without quotes or unit", "number"},
                                {kWhole, "a whole number", "whole"},
                                {kText, "a text in quotes", "text"},
                                {kFlag, "true or false", "true/false"},
                                {kObject, "an object", "object"},
                                {kList, "a list of objects", "objects"},
                                {kNumbers, "a list of numbers", "numbers"},
                                {kFree, "anything", "anything"}};

std::string formsOf(const Key& key, const char* FormName::*words) {
    std::string forms;
    for (const FormName& one : kFormNames)
        if ((key.form & one.form) != 0)
            forms += (forms.empty() ? "" : " or ") + std::string(one.*words);
    return forms;
}

/// "a|b|c" with `between` in place of the bars.
std::string choicesWith(std::string choices, const std::string& between) {
    for (std::size_t bar = choices.find('|'); bar != std::string::npos; bar = choices.find('|', bar))
        choices.replace(bar, 1, between);
    return choices;
}

class KeyCheck {
public:
    KeyCheck(const std::string& verb, const std::vector<Key>& keys) : m_verb(verb), m_keys(keys) {}

    /// @param pattern as in the table, with its dot; @param place as the user counts, likewise
    std::optional<InputProblem> object(const Json& in, const std::string& pattern,
                                       const std::string& place) const {
        for (const auto& [name, value] : in.items()) {
            const auto key = std::find_if(m_keys.begin(), m_keys.end(),
                                          [&](const Key& known) { return known.path == pattern + name; });
            if (key == m_keys.end())
                return unknown(name, pattern, place);
            if (auto problem = at(*key, value, place + name))
                return problem;
        }
        return std::nullopt;
    }

private:
    InputProblem unknown(const std::string& name, const std::string& pattern,
                         const std::string& place) const {
        const std::string shown = name.substr(0, 60);
        std::string nearest;
        std::size_t best = std::numeric_limits<std::size_t>::max();
        for (const Key& key : m_keys) {
            if (parentOf(key.path) != pattern)
                continue;
            const std::string known = lastPart(key.path);
            const std::size_t off =
                known.starts_with(shown + "_") ? 1 : distance(shown, known); // a unit left out
            if (off < best) {
                best = off;
                nearest = known;
            }
        }
        return {place + shown,
                fmt::format("is not a key of {}{}; see bombo-cli {} --help", m_verb,
                            nearest.empty() ? "" : fmt::format(" here; the nearest is \"{}\"", nearest),
                            m_verb)};
    }

    static std::optional<InputProblem> number(const Key& key, const Json& value, const std::string& place) {
        const double figure = value.get<double>();
        if (!(figure >= key.lowest && figure <= key.highest))
            return InputProblem{place,
                                fmt::format("{:g} is outside {:g} to {:g}", figure, key.lowest, key.highest)};
        return std::nullopt;
    }

    std::optional<InputProblem> at(const Key& key, const Json& value, const std::string& place) const {
        if ((key.form & kFree) != 0)
            return std::nullopt;
        if (value.is_number() && (key.form & (kNumber | kWhole)) != 0) {
            const double figure = value.get<double>();
            if ((key.form & kWhole) != 0 && figure != std::floor(figure))
                return InputProblem{place, "must be a whole number"};
            return number(key, value, place);
        }
        if (value.is_string() && (key.form & kText) != 0)
            return choice(key, value.get<std::string>(), place);
        if (value.is_boolean() && (key.form & kFlag) != 0)
            return std::nullopt;
        if (value.is_object() && (key.form & kObject) != 0)
            return object(value, key.path + ".", place + ".");
        if (value.is_array() && (key.form & (kList | kNumbers)) != 0)
            return list(key, value, place);
        return InputProblem{place, "must be " + formsOf(key, &FormName::asked)};
    }

    std::optional<InputProblem> list(const Key& key, const Json& values, const std::string& place) const {
        constexpr std::size_t most = 10000;
        if (values.size() > most)
            return InputProblem{place, fmt::format("holds more than {} entries", most)};
        for (std::size_t i = 0; i < values.size(); ++i) {
            const std::string each = fmt::format("{}[{}]", place, i);
            if ((key.form & kNumbers) != 0) {
                if (!values[i].is_number())
                    return InputProblem{each, "must be a number"};
                if (auto problem = number(key, values[i], each))
                    return problem;
            } else if (!values[i].is_object()) {
                return InputProblem{each, "must be an object"};
            } else if (auto problem = object(values[i], key.path + "[].", each + ".")) {
                return problem;
            }
        }
        return std::nullopt;
    }

    static std::optional<InputProblem> choice(const Key& key, const std::string& text,
                                              const std::string& place) {
        const bool isOne = text.find('|') == std::string::npos &&
                           ("|" + key.choices + "|").find("|" + text + "|") != std::string::npos;
        if (key.choices.empty() || isOne)
            return std::nullopt;
        return InputProblem{place, "must be one of " + choicesWith(key.choices, ", ")};
    }

    std::string m_verb;
    const std::vector<Key>& m_keys;
};

std::string rangeWords(const Key& key) {
    if (!key.choices.empty())
        return key.choices;
    if ((key.form & (kNumber | kWhole | kNumbers)) == 0 || std::isinf(key.lowest))
        return {};
    return fmt::format("{:g} to {:g}", key.lowest, key.highest);
}

} // namespace

std::optional<InputProblem> checkKeys(const std::string& verb, const Json& in) {
    return KeyCheck(verb, keysOf(verb)).object(in, "", "");
}

Result<Json, InputProblem> inputOf(const std::string& verb, const std::string& text) {
    try {
        if (nestsTooDeeply(text))
            return failure(
                InputProblem{"", fmt::format("the input nests deeper than {} levels", kDeepestJson)});
        Json json = Json::parse(text);
        if (!json.is_object())
            return failure(InputProblem{"", "the input must be one JSON object"});
        if (auto problem = checkKeys(verb, json))
            return failure(*problem);
        return json;
    } catch (const Json::out_of_range&) {
        return failure(InputProblem{"", "the input holds a number that is too large"});
    } catch (const Json::exception& error) {
        return failure(InputProblem{"", std::string("the input is not JSON: ") + error.what()});
    }
}

std::string keysAsText(const std::string& verb) {
    std::string text = "Keys:\n";
    for (const Key& key : keysOf(verb)) {
        const std::string range = rangeWords(key);
        text += fmt::format("  {:<34} {}{}{}\n", key.path, formsOf(key, &FormName::listed),
                            range.empty() ? "" : ", " + range, key.words.empty() ? "" : "; " + key.words);
    }
    return text;
}

std::string keysAsMarkdown() {
    std::string text;
    for (const std::string& verb : verbsWithKeys()) {
        text += fmt::format("### `{}`\n\n| key | form | range | what it is |\n|---|---|---|---|\n", verb);
        for (const Key& key : keysOf(verb)) {
            const std::string range = choicesWith(rangeWords(key), ", ");
            text += fmt::format("| `{}` | {} | {} | {} |\n", key.path, formsOf(key, &FormName::listed), range,
                                key.words);
        }
        text += "\n";
    }
    return text;
}

} // namespace bombo::cli

#include "core/record/json_reader.h"

#include <cmath>
#include <fmt/format.h>

namespace bombo {
namespace {

/// "frequency" of "frequency_hz": what is left when a known unit is taken off the end.
std::string withoutUnit(const std::string& key) {
    for (const char* unit : {"_kg_per_m2", "_n_per_m", "_hz", "_deg", "_cents", "_pa", "_kg", "_m", "_s"})
        if (key.size() > std::string(unit).size() && key.ends_with(unit))
            return key.substr(0, key.size() - std::string(unit).size());
    return key;
}

InputProblem missing(const Json& j, const std::string& key) {
    const std::string stem = withoutUnit(key);
    for (const auto& [other, value] : j.items())
        if (other != key && (other == stem || other.starts_with(stem + "_")))
            return {key,
                    fmt::format("found \"{}\" instead; give the value in the unit of \"{}\"", other, key)};
    return {key, "is missing; add it"};
}

} // namespace

Result<double, InputProblem> numberAt(const Json& j, const std::string& key) {
    if (!j.is_object())
        return failure(InputProblem{key, "an object with this key was expected"});
    const auto found = j.find(key);
    if (found == j.end())
        return failure(missing(j, key));
    if (!found->is_number())
        return failure(InputProblem{key, "must be a number without quotes or unit"});
    const double value = found->get<double>();
    if (!std::isfinite(value))
        return failure(InputProblem{key, "must be a finite number"});
    return value;
}

Result<std::string, InputProblem> textAt(const Json& j, const std::string& key) {
    if (!j.is_object())
        return failure(InputProblem{key, "an object with this key was expected"});
    const auto found = j.find(key);
    if (found == j.end())
        return failure(missing(j, key));
    if (!found->is_string())
        return failure(InputProblem{key, "must be a text in quotes"});
    return found->get<std::string>();
}

InputProblem within(const std::string& key, InputProblem problem) {
    problem.key = problem.key.empty() ? key : key + "." + problem.key;
    return problem;
}

} // namespace bombo

#pragma once
/// Reads the fields of a JSON object one after the other; the first problem is kept and named.
#include "core/record/json_values.h"

namespace bombo {

class Reader {
public:
    explicit Reader(const Json& j) : m_json(j) {}
    double number(const std::string& key) { return take(numberAt(m_json, key), 0.0); }
    double number(const std::string& key, double fallback) {
        return m_json.is_object() && m_json.contains(key) ? number(key) : fallback;
    }
    std::string text(const std::string& key) { return take(textAt(m_json, key), std::string()); }
    std::string text(const std::string& key, const std::string& fallback) {
        return m_json.is_object() && m_json.contains(key) ? text(key) : fallback;
    }
    bool flag(const std::string& key, bool fallback) {
        if (!m_json.is_object() || !m_json.contains(key))
            return fallback;
        if (!m_json[key].is_boolean())
            refuse({key, "must be true or false"});
        return m_json[key].is_boolean() ? m_json[key].get<bool>() : fallback;
    }
    void needs(const std::string& key, bool holds, const char* message) {
        if (!holds)
            refuse({key, message});
    }
    void refuse(InputProblem problem) {
        if (!m_problem)
            m_problem = std::move(problem);
    }
    const std::optional<InputProblem>& problem() const { return m_problem; }

private:
    template <class T> T take(Result<T, InputProblem> result, T fallback) {
        if (result)
            return std::move(result).value();
        refuse(result.fault());
        return fallback;
    }
    const Json& m_json;
    std::optional<InputProblem> m_problem;
};

/// The problem of an object that stands at `key` of another.
InputProblem within(const std::string& key, InputProblem problem);

} // namespace bombo

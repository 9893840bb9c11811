#pragma once
/// Keeps the first thing that does not hold.
#include "core/units/quantities.h"
#include "core/units/result.h"

#include <cstddef>
#include <optional>
#include <string>

namespace bombo {

class Sieve {
public:
    void needs(bool holds, const std::string& at, const char* message) {
        if (!holds && !m_problem)
            m_problem = InputProblem{at, message};
    }
    /// Not a number never lies between.
    void between(double value, double lowest, double highest, const std::string& at) {
        needs(value >= lowest && value <= highest, at, "is beyond what can be");
    }
    template <class Tag>
    void between(Quantity<Tag> value, double lowest, double highest, const std::string& at) {
        between(value.value, lowest, highest, at);
    }
    template <class Tag>
    void between(const std::optional<Quantity<Tag>>& value, double lowest, double highest,
                 const std::string& at) {
        if (value)
            between(value->value, lowest, highest, at);
    }
    void index(int value, std::size_t size, const std::string& at) {
        needs(value >= 0 && static_cast<std::size_t>(value) < size, at, "points at nothing");
    }
    void atMost(std::size_t size, std::size_t most, const std::string& at) {
        needs(size <= most, at, "is longer than it can be");
    }
    void take(const std::optional<InputProblem>& problem, const std::string& at) {
        if (problem && !m_problem)
            m_problem = InputProblem{at + "." + problem->key, problem->message};
    }
    /// Whoever goes on looking may do without once something was found.
    bool holds() const { return !m_problem; }
    const std::optional<InputProblem>& problem() const { return m_problem; }

private:
    std::optional<InputProblem> m_problem;
};

} // namespace bombo

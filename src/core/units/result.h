#pragma once
/// A value, or the reason why there is none. Stands in for std::expected, which GCC 12 lacks.
#include <string>
#include <utility>
#include <variant>

namespace bombo {

template <class Fault> struct Failure { Fault fault; };
template <class Fault> Failure<std::decay_t<Fault>> failure(Fault&& fault) {
    return {std::forward<Fault>(fault)};
}

template <class Value, class Fault> class [[nodiscard]] Result {
public:
    Result(Value value) : m_content(std::in_place_index<0>, std::move(value)) {}
    Result(Failure<Fault> failure) : m_content(std::in_place_index<1>, std::move(failure.fault)) {}

    explicit operator bool() const { return m_content.index() == 0; }
    /// Only when the result holds a value; a bug otherwise (std::bad_variant_access).
    const Value& value() const& { return std::get<0>(m_content); }
    Value& value() & { return std::get<0>(m_content); }
    /// By value, so that a loop over a passing result does not outlive it.
    Value value() && { return std::get<0>(std::move(m_content)); }
    const Value& operator*() const& { return value(); }
    Value& operator*() & { return value(); }
    Value operator*() && { return std::move(*this).value(); }
    const Value* operator->() const { return &value(); }
    Value* operator->() { return &value(); }
    const Fault& fault() const { return std::get<1>(m_content); }

private:
    std::variant<Value, Fault> m_content;
};

/// What is wrong with something a person wrote: where, and what to do about it.
struct InputProblem {
    std::string key;     ///< the field, e.g. "batter.tension_n_per_m"; untranslated
    std::string message; ///< one sentence with the limit and the remedy; English

    std::string text() const { return key.empty() ? message : key + ": " + message; }
};

} // namespace bombo

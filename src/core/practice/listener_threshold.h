#pragma once
/// How small a difference a listener still tells, found trial by trial.
#include <cstdint>
#include <vector>

namespace bombo {

/// A Bayesian staircase over the logarithm of the difference that is told in three of four: two sounds, which
/// is the higher (longer, wavering) one. Chance right at a difference d of a threshold t: Phi(0.674 d / t)
/// with one answer in twenty-five a slip (Green and Swets 1966; Watson and Pelli, Percept. Psychophys. 33,
/// 1983). Among m sounds it is the integral of phi(x - 0.954 d / t) Phi(x)^(m - 1), the same listener's. One
/// sound that is named by one of three names d apart: the nearest name to what is heard is said, right in
/// (4 Phi(0.887 d / t) - 1) / 3, which is three in four at d = t.
class ListenerThreshold {
public:
    enum class Telling { Which, Name };
    /// @param usual threshold of usual listeners @param smallest, largest that can be found or tried
    /// @param answers among which one is right; of names always three
    ListenerThreshold(double usual, double smallest, double largest, int answers = 2,
                      Telling telling = Telling::Which);

    /// The difference that is expected to tell most; within the limits.
    double next() const;
    /// @param difference that was tried
    void answer(double difference, bool isRight);

    double threshold() const; ///< the median, in the unit of the differences
    double error() const;     ///< one standard deviation of its natural logarithm
    int trials() const { return m_trials; }
    /// Further trials would hardly sharpen it.
    bool isDone() const;

private:
    double differenceAt(std::size_t index) const;
    double chanceRight(double difference, double threshold) const;
    std::vector<double> m_logs;    ///< of thresholds
    std::vector<double> m_chances; ///< sum to 1
    std::vector<double> m_right;   ///< chance of a right answer over the logarithm of d / t
    int m_trials = 0;
};

/// After so many it ends.
inline constexpr int kMostTrials = 40;
/// And not before so many.
inline constexpr int kFewestTrials = 20;

} // namespace bombo

#pragma once
#include <vector>

namespace bombo {

/// A figure with one standard error, of any unit.
struct WithError {
    double value;
    double error;
};

/// Median of figures of one thing with its error: what they show between them (1.48 times the median
/// deviation over the root of their number) together with half of the variance that one alone states, since
/// what they have in common (a microphone's place, a room) does not average out. @pre not empty
WithError medianWithError(const std::vector<WithError>& figures);

} // namespace bombo

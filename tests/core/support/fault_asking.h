#pragma once
/// Searches for planted faults, for a test and a benchmark: asks as the program would, or in the order of the
/// likeliest causes.
#include "core/faults/fault_search.h"
#include "support/faulty_drums.h"

namespace bombo::testing {

struct AskedScore {
    int cases = 0;
    int first = 0; ///< times the planted cause was the likeliest
    int two = 0;   ///< or the second
    std::vector<int> questions;
    double foretold = 0;             ///< sum of the questions that were said to be left before the first
    double stated = 0;               ///< sum of the odds of what was likeliest
    std::vector<std::string> missed; ///< "cause taken for complaint: other"
    double slowestMs = 0;            ///< of one look at the net

    int medianQuestions() const;
    int mostQuestions() const;
};

enum class AskingOrder { Telling, Fixed };

/// @param seed of the slips of the one who answers
void searchFor(const FaultNet& net, const FaultyDrum& drum, const std::string& complaint,
               std::span<const FaultFigure> figures, std::uint64_t seed, AskingOrder order,
               AskedScore& score);

/// data/faults.json.
FaultNet faultNetOf(const std::string& folder);

} // namespace bombo::testing

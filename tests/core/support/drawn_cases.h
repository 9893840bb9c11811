#pragma once
/// Cases of a net of faults drawn by dice: what the odds of the search are compared with.
#include "core/faults/fault_net.h"

#include <cstdint>
#include <utility>
#include <vector>

namespace bombo::testing {

struct DrawnOdds {
    double cases = 0;            ///< that brought the complaint and gave those answers
    std::vector<double> brought; ///< by cause: share of them in which it was what brought it
};

/// As many drums as `draws`, each with the causes that fall to it, of which some bring the complaint; kept
/// are those on which the tests give these answers, slips included.
/// @param answers tests and the index of the answer of each
DrawnOdds drawnOdds(const FaultNet& net, std::size_t complaint,
                    const std::vector<std::pair<const FaultTest*, int>>& answers, int draws,
                    std::uint64_t seed);

} // namespace bombo::testing

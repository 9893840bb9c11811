#pragma once
/// Where the snare beds lie among the rods.
#include "core/drum/drum.h"

#include <algorithm>
#include <cmath>
#include <vector>

namespace bombo {

/// Rods nearest to the strainer and to the butt plate, 0-based ascending: those beside the snare beds.
/// @param rods 3..40
inline std::vector<int> rodsBesideBeds(int rods) {
    const auto distance = [rods](int rod) { // to the nearer bed, rad
        return std::abs(std::asin(std::sin(rodAngle(rod, rods).value)));
    };
    double nearest = 4.0;
    for (int rod = 0; rod < rods; ++rod)
        nearest = std::min(nearest, distance(rod));
    std::vector<int> beside;
    for (int rod = 0; rod < rods; ++rod)
        if (distance(rod) < nearest + 1e-6)
            beside.push_back(rod);
    return beside;
}

} // namespace bombo

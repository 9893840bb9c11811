#pragma once
/// Where the snare beds lie among the rods.
#include "core/drum/drum.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <vector>

namespace bombo {

/// Rods nearest to the strainer and to the butt plate, 0-based ascending: those beside the snare beds.
/// @param rods 3..40
inline std::vector<int> rodsBesideBeds(int rods) {
    // Each bed has its own nearest rods: on an odd count one bed lies at a rod, the other between two.
    const auto distance = [rods](int rod, double bed) { // rad
        return std::abs(std::remainder(rodAngle(rod, rods).value - bed, 2.0 * std::numbers::pi));
    };
    std::vector<int> beside;
    const auto isBeside = [&](int rod, double bed) {
        double nearest = 4.0;
        for (int other = 0; other < rods; ++other)
            nearest = std::min(nearest, distance(other, bed));
        return distance(rod, bed) < nearest + 1e-6;
    };
    for (int rod = 0; rod < rods; ++rod)
        if (isBeside(rod, 0.0) || isBeside(rod, std::numbers::pi))
            beside.push_back(rod);
    return beside;
}

} // namespace bombo

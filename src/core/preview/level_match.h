#pragma once
/// Two sounds made equally loud, so that an ear judges the sound and not the level.
#include <vector>

namespace bombo {

/// Scales both to the same root mean square over the first 300 ms, as loud as the peak of either allows below
/// 0.9 of full scale, and at most `level`. A silent one stays silent. Samples: full scale = 1, mono.
void matchLevels(std::vector<float>& one, double oneRate, std::vector<float>& other, double otherRate,
                 double level = 0.1);

} // namespace bombo

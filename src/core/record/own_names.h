#pragma once
#include <cstddef>

namespace bombo {

// Bytes, of what the user writes.
inline constexpr std::size_t kLongestName = 120; ///< of a player, a place, a tag, an experiment
inline constexpr std::size_t kLongestNote = 4000;

} // namespace bombo

#pragma once
#include <cstddef>

namespace bombo {

inline constexpr std::size_t kLongestName = 120; ///< bytes, of what the user names

} // namespace bombo

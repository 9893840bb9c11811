#pragma once
/// How far a long reading or writing is, and whether to go on with it.
#include <functional>

namespace bombo {

/// Called now and then with the share that is done, 0 to 1, from the thread that works. @return false: give
/// up
using Progress = std::function<bool(double)>;

/// Whether to go on; asked every so many items, for asking costs.
inline bool goesOn(const Progress& progress, std::size_t done, std::size_t all) {
    constexpr std::size_t every = 256;
    return !progress || done % every != 0 ||
           progress(all == 0 ? 1.0 : static_cast<double>(done) / static_cast<double>(all));
}

} // namespace bombo

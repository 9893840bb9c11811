#pragma once
#include <algorithm>
#include <vector>

namespace bombo {

/// The middle one; of an even number the mean of the two in the middle. @pre not empty
template <class T> T medianOf(std::vector<T> values) {
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return values.size() % 2 == 1 ? *middle : 0.5 * (*middle + *std::max_element(values.begin(), middle));
}

} // namespace bombo

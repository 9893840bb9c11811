#include "app/session/units_shown.h"

namespace bombo {
namespace {

UnitsShown& current() {
    static UnitsShown units;
    return units;
}

} // namespace

const UnitsShown& unitsShown() {
    return current();
}

void setUnitsShown(const UnitsShown& units) {
    current() = units;
}

} // namespace bombo

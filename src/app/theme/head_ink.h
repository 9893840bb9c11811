#pragma once
/// The two heads told apart by colour and by line.
#include "app/theme/palette.h"
#include "core/drum/drum.h"

namespace bombo {

inline QColor headColour(HeadSide side) {
    return side == HeadSide::Batter ? ink().batter : ink().snareSide;
}
inline Qt::PenStyle headLine(HeadSide side) {
    return side == HeadSide::Batter ? Qt::SolidLine : Qt::DashLine;
}

} // namespace bombo

#pragma once
/// Whether pictures may move: off for those whom it disturbs, and where the desktop asks for less movement.
#include <optional>

namespace bombo {

bool picturesMove();
/// Main thread only. @param move empty: as the desktop says
void setPicturesMove(std::optional<bool> move);

} // namespace bombo

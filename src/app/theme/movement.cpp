#include "app/theme/movement.h"

#include <QApplication>
#include <QStyle>

namespace bombo {
namespace {

std::optional<bool> g_picturesMove;

} // namespace

bool picturesMove() {
    return g_picturesMove.value_or(QApplication::style()->styleHint(QStyle::SH_Widget_Animate) != 0);
}

void setPicturesMove(std::optional<bool> move) {
    g_picturesMove = move;
}

} // namespace bombo

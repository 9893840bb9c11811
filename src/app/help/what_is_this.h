#pragma once
#include <QString>

class QWidget;

namespace bombo {

/// Gives every figure and picture of a window its explanation: what it means, how it is known, its unit.
void explainAll(QWidget& window);
/// Of one, by its kind; empty where it needs none.
QString explanationOf(const QWidget& widget);

} // namespace bombo

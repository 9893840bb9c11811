#pragma once
/// What one sees of a drum's parts, drawn: to tell by, and to choose by.
#include "core/drum/catalogue.h"

#include <QRectF>
#include <QString>

class QPainter;

namespace bombo {

/// What can be told of a head from across a table.
enum class HeadSight { Coated, Clear, Textured, Dot, Ring, Vents, TwoClear, TwoCoated, Cloth };
inline constexpr HeadSight kHeadSights[]{HeadSight::Coated,   HeadSight::Clear,    HeadSight::Dot,
                                         HeadSight::Ring,     HeadSight::TwoClear, HeadSight::TwoCoated,
                                         HeadSight::Textured, HeadSight::Vents,    HeadSight::Cloth};
HeadSight sightOf(const HeadSpec& head);
QString sightName(HeadSight sight);
/// From above.
void paintHeadSight(QPainter& painter, const QRectF& area, HeadSight sight);

/// What a shell is made of, as far as one sees it.
enum class ShellSight { Wood, Metal, Clear };
inline constexpr ShellSight kShellSights[]{ShellSight::Wood, ShellSight::Metal, ShellSight::Clear};
ShellSight sightOf(const std::string& material);
QString sightName(ShellSight sight);
void paintShellSight(QPainter& painter, const QRectF& area, ShellSight sight);

/// A drum of this size seen from the side, at a scale of its area's height to `tallest`.
void paintSize(QPainter& painter, const QRectF& area, Metres diameter, Metres depth, Metres widest);
/// The hoop from above with its rods.
void paintRods(QPainter& painter, const QRectF& area, int rods, int markedRod = 0);
/// Strands side by side.
void paintStrands(QPainter& painter, const QRectF& area, int strands);

} // namespace bombo

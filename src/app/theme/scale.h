#pragma once
/// One scale for words, strokes and targets: 1 in a window of 1280x800, more in a larger one, so that the
/// step at hand is read as far off as the window is large. Lengths in the code are those at scale 1.
#include <QPainter>
#include <QSize>

class QApplication;
class QWidget;

namespace bombo {

inline constexpr double kSmallestScale = 0.8;
inline constexpr double kLargestScale = 3.0;

/// The scale in force. Set by setScale; main thread only.
double scale();

/// @return a length or size at scale 1, in pixels of the widget
int scaled(double length);
QSize scaled(const QSize& size);

/// What a window of that size affords, kSmallestScale to kLargestScale in steps of 1/32: 1 as long as the
/// pages fit in every language, more beyond 1280x800, less in a window that is smaller than the pages.
double scaleFor(const QSize& window);

/// Redraws the whole program at that scale: type, style sheet, fixed lengths, margins, pictures.
void setScale(QApplication& application, double scale);

/// A widget's area in the lengths it is drawn with.
QRectF drawnRect(const QWidget& widget);
/// A place in a widget, as a mouse event tells it, in the lengths it is drawn with.
QPointF drawnPoint(const QPointF& pixel);

/// A smooth painter on a widget, in the lengths it is drawn with.
class PicturePainter : public QPainter {
public:
    explicit PicturePainter(QWidget* widget);
};

} // namespace bombo

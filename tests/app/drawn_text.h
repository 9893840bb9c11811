#pragma once
/// What text a widget draws and where: finds words that are cut, whoever paints them.
#include <QRectF>
#include <QString>
#include <vector>

class QWidget;

namespace bombo::testing {

struct DrawnText {
    QString text;
    QRectF where; ///< as wide as its letters, in the widget's own pixels
    QRectF shown; ///< what the painter lets through of them; null if all
};

/// Paints the widget, without its children, on a device that keeps texts alone.
std::vector<DrawnText> drawnText(QWidget& widget);

/// The texts in a window or part of one that run over the edge of their widget or end in three dots that the
/// program did not write; each with the widget's name. What scrolls may run over.
QStringList cutTexts(QWidget& window);

} // namespace bombo::testing

#include "app/theme/fitted_type.h"

#include <QFontMetricsF>

namespace bombo {

QFont typefaceFor(const QString& text, double width, int pixels, QFont::Weight weight) {
    constexpr int smallest = 11;
    while (pixels > smallest && QFontMetricsF(typeface(pixels, weight)).horizontalAdvance(text) > width)
        --pixels;
    return typeface(pixels, weight);
}

} // namespace bombo

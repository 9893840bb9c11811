#include "app/tone/wish_slider.h"

#include "app/theme/palette.h"
#include "app/theme/scale.h"

#include <QMouseEvent>
#include <QPainter>
#include <cmath>

namespace bombo {
namespace {

constexpr double kMargin = 10.0;

} // namespace

WishSlider::WishSlider(QWidget* parent) : QSlider(Qt::Horizontal, parent) {
    setCursor(Qt::PointingHandCursor);
    setFocusPolicy(Qt::TabFocus);
}

double WishSlider::xOf(double value) const {
    return kMargin +
           (drawnRect(*this).width() - 2.0 * kMargin) * (value - minimum()) / (maximum() - minimum());
}

int WishSlider::valueAt(double x) const {
    const double share = (x - kMargin) / (drawnRect(*this).width() - 2.0 * kMargin);
    return minimum() + static_cast<int>(std::lround(std::clamp(share, 0.0, 1.0) * (maximum() - minimum())));
}

void WishSlider::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton)
        return;
    setSliderDown(true);
    setValue(valueAt(drawnPoint(event->position()).x()));
}

void WishSlider::mouseMoveEvent(QMouseEvent* event) {
    if (isSliderDown())
        setValue(valueAt(drawnPoint(event->position()).x()));
}

void WishSlider::mouseReleaseEvent(QMouseEvent*) {
    setSliderDown(false); // tells sliderReleased
}

void WishSlider::paintEvent(QPaintEvent*) {
    const Palette& p = ink();
    PicturePainter painter(this);
    if (hasFocus()) {
        painter.setPen(QPen(p.ink, 2));
        painter.drawRoundedRect(drawnRect(*this).adjusted(1, 1, -1, -1), 4, 4);
    }
    const double y = 0.5 * drawnRect(*this).height() + 5;
    painter.setPen(QPen(p.quiet, 1));
    painter.setBrush(p.band);
    painter.drawRect(QRectF(QPointF(xOf(minimum()), y - 4), QPointF(xOf(maximum()), y + 4)));
    const double middle = xOf(0.5 * (minimum() + maximum()));
    painter.drawLine(QPointF(middle, y - 8), QPointF(middle, y + 8));
    const double x = xOf(value());
    painter.setPen(Qt::NoPen);
    painter.setBrush(isSliderDown() ? p.accent : p.ink);
    painter.drawPolygon(QPolygonF{QPointF(x, y), QPointF(x - 8, y - 15), QPointF(x + 8, y - 15)});
}

} // namespace bombo

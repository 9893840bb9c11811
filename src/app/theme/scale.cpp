#include "app/theme/scale.h"

#include "app/theme/scaled_lengths.h"

#include <QWidget>
#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

double g_scale = 1.0; // main thread only

constexpr QSize kUsualWindow(1280, 800);
constexpr QSize kLeastWindow(1160, 700); // all pages in the language with the longest words
constexpr double kStep = 1.0 / 32.0;

double shareOf(const QSize& window, const QSize& room) {
    return std::min(static_cast<double>(window.width()) / room.width(),
                    static_cast<double>(window.height()) / room.height());
}

} // namespace

double scale() {
    return g_scale;
}

void rememberScale(double scale) {
    g_scale = scale;
}

int scaled(double length) {
    return static_cast<int>(std::lround(g_scale * length));
}

QSize scaled(const QSize& size) {
    return {scaled(size.width()), scaled(size.height())};
}

double scaleFor(const QSize& window) {
    const double affords =
        std::max(shareOf(window, kUsualWindow), std::min(1.0, shareOf(window, kLeastWindow)));
    return std::clamp(kStep * std::floor(affords / kStep), kSmallestScale, kLargestScale);
}

QRectF drawnRect(const QWidget& widget) {
    return {0.0, 0.0, widget.width() / g_scale, widget.height() / g_scale};
}

QPointF drawnPoint(const QPointF& pixel) {
    return pixel / g_scale;
}

PicturePainter::PicturePainter(QWidget* widget) : QPainter(widget) {
    setRenderHint(QPainter::Antialiasing);
    scale(g_scale, g_scale);
}

} // namespace bombo

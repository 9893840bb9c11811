#pragma once
/// The batter from above: head plane, metres and angle from the strainer, to pixels. The strainer lies to the
/// left.
#include "core/muffling/muffling.h"

#include <QPointF>
#include <QRectF>
#include <cmath>

namespace bombo {

class HeadMap {
public:
    HeadMap(QRectF area, Metres radius)
        : m_centre(area.center()),
          m_scale((0.5 * std::min(area.width(), area.height()) - 34.0) / radius.value), m_radius(radius) {}

    QPointF centre() const { return m_centre; }
    double pixels(Metres length) const { return m_scale * length.value; }
    Metres radius() const { return m_radius; }
    QPointF toPixel(Metres fromCentre, Radians angle) const {
        const double r = pixels(fromCentre);
        return m_centre + QPointF(-r * std::cos(angle.value), r * std::sin(angle.value));
    }
    /// The pad moved so that its middle lies under the pixel.
    Pad padAt(Pad pad, QPointF pixel) const {
        const QPointF d = pixel - m_centre;
        if (pad.kind.footprint == Footprint::Disc) // the others reach from the hoop by themselves
            pad.fromCentre = Metres{std::hypot(d.x(), d.y()) / m_scale};
        pad.angle = Radians{std::atan2(d.y(), -d.x())};
        return pad;
    }

private:
    QPointF m_centre;
    double m_scale;
    Metres m_radius;
};

/// Hour on a clock face laid on the head, 12 at the far side: the strainer is at 9. 0 < hour <= 12.
inline double clockHour(Radians angle) {
    const double hour = std::fmod(9.0 - angle.value * 6.0 / std::numbers::pi + 24.0, 12.0);
    return hour < 0.25 ? 12.0 : hour;
}

} // namespace bombo

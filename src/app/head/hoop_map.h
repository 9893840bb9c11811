#pragma once
/// The hoop cut open at the strainer and laid flat: where a rod and a value lie on the page.
#include <QPointF>
#include <QRectF>
#include <optional>

namespace bombo {

/// In which order the rods lie from left to right: as one sees them who stands before the drum, going round
/// it counter-clockwise. The numbers of the upturned snare side run against that.
struct HoopLayout {
    int rods = 8;
    bool isUpturned = false;
    std::optional<int> nearest; ///< lies in the middle; else the hoop is cut at the strainer

    int placeOf(int rod) const {
        const auto along = [this](int r) { return isUpturned ? rods - 1 - r : r; };
        return nearest ? ((along(rod) - along(*nearest) + rods / 2) % rods + rods) % rods : along(rod);
    }
    int rodAt(int place) const {
        for (int rod = 0; rod < rods; ++rod)
            if (placeOf(rod) == place)
                return rod;
        return 0;
    }
    /// Places to the left of the strainer: 0 where the hoop is cut there.
    int placesBeforeStrainer() const { return nearest ? placeOf(isUpturned ? rods - 1 : 0) : 0; }
};

class HoopMap {
public:
    /// @param area   of the whole picture
    /// @param low,high  values (cents, or turns) at the lower and upper end of the peg field
    HoopMap(QRectF area, const HoopLayout& layout, double low, double high)
        : m_area(area), m_layout(layout), m_low(low), m_high(high) {}

    QRectF area() const { return m_area; }
    /// Where pegs stand.
    QRectF field() const {
        return {m_area.left() + 64, m_area.top() + 36, m_area.width() - 84, m_area.height() - 132};
    }
    /// The strip of the hoop below them.
    QRectF strip() const { return {m_area.left() + 20, field().bottom() + 12, m_area.width() - 40, 34}; }
    double xOf(int rod) const {
        const QRectF f = field();
        return f.left() + f.width() * (m_layout.placeOf(rod) + 0.5) / rods();
    }
    double yOf(double value) const {
        const QRectF f = field();
        const double share = (value - m_low) / (m_high - m_low);
        return f.bottom() - f.height() * std::min(1.0, std::max(0.0, share));
    }
    std::optional<int> rodAt(QPointF pixel) const {
        if (!m_area.contains(pixel))
            return std::nullopt;
        const QRectF f = field();
        const int place = static_cast<int>((pixel.x() - f.left()) / f.width() * rods());
        return place >= 0 && place < rods() && pixel.x() >= f.left() ? std::optional(m_layout.rodAt(place))
                                                                     : std::nullopt;
    }
    double low() const { return m_low; }
    double high() const { return m_high; }
    int rods() const { return m_layout.rods; }
    const HoopLayout& layout() const { return m_layout; }
    /// Where the hoop passes the strainer.
    double strainerX() const {
        const QRectF f = field();
        return f.left() + f.width() * m_layout.placesBeforeStrainer() / rods();
    }

private:
    QRectF m_area;
    HoopLayout m_layout;
    double m_low;
    double m_high;
};

} // namespace bombo

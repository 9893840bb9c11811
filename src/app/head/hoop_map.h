#pragma once
/// The hoop cut open at the strainer and laid flat: where a rod and a value lie on the page.
#include <QPointF>
#include <QRectF>
#include <optional>

namespace bombo {

class HoopMap {
public:
    /// @param area   of the whole picture
    /// @param low,high  values (cents, or turns) at the lower and upper end of the peg field
    HoopMap(QRectF area, int rods, double low, double high)
        : m_area(area), m_rods(rods), m_low(low), m_high(high) {}

    QRectF area() const { return m_area; }
    /// Where pegs stand.
    QRectF field() const {
        return {m_area.left() + 64, m_area.top() + 36, m_area.width() - 84, m_area.height() - 132};
    }
    /// The strip of the hoop below them.
    QRectF strip() const { return {m_area.left() + 20, field().bottom() + 12, m_area.width() - 40, 34}; }
    double xOf(int rod) const {
        const QRectF f = field();
        return f.left() + f.width() * (rod + 0.5) / m_rods;
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
        const int rod = static_cast<int>((pixel.x() - f.left()) / f.width() * m_rods);
        return rod >= 0 && rod < m_rods && pixel.x() >= f.left() ? std::optional(rod) : std::nullopt;
    }
    double low() const { return m_low; }
    double high() const { return m_high; }
    int rods() const { return m_rods; }

private:
    QRectF m_area;
    int m_rods;
    double m_low;
    double m_high;
};

} // namespace bombo

#pragma once
/// The sweep chart: strainer turns across, whisper to loud as bands, what was tried, what may be used.
#include "app/theme/scale.h"

#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QRectF>
#include <QString>
#include <QWidget>

class QPainter;

namespace bombo {

struct SweepPicture {
    Turns current;
    bool begun = false;
    WireAdvice advice;
    std::vector<WireTest> tests;
    std::vector<RattleTest> rattles;
    bool isAdvised = true; ///< else only what was tried is to be seen
};
SweepPicture sweepPicture(const Reckoned& reckoned);
QString sweepSummary(const SweepPicture& picture);

inline constexpr double kChartTurns = 5.0; ///< right end of the chart

class SweepMap {
public:
    explicit SweepMap(QRectF area) : m_area(area) {}
    QRectF field() const {
        return {m_area.left() + 96, m_area.top() + 58, m_area.width() - 120, m_area.height() - 152};
    }
    double xOf(Turns turns) const { return field().left() + field().width() * turns.value / kChartTurns; }
    /// Row of a stroke: whisper at the bottom, the edge below the middle.
    QRectF row(StrokePlace place, Dynamic dynamic) const {
        const double height = field().height() / 8.0;
        const int index = 2 * (3 - static_cast<int>(dynamic)) + (place == StrokePlace::Edge ? 1 : 0);
        return {field().left(), field().top() + index * height, field().width(), height};
    }
    QRectF area() const { return m_area; }

private:
    QRectF m_area;
};

void paintSweep(QPainter& painter, const SweepMap& map, const SweepPicture& picture);

class SweepView : public QWidget {
    Q_OBJECT
public:
    explicit SweepView(QWidget* parent = nullptr);
    void show(const SweepPicture& picture);
    QSize minimumSizeHint() const override { return scaled(QSize(440, 290)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    SweepPicture m_picture;
};

} // namespace bombo

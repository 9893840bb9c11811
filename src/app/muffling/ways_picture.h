#pragma once
/// What each way would make of the ring: how the tone dies away, against what is wanted.
#include "app/theme/scale.h"
#include "core/procedure/ring_plans.h"

#include <QWidget>

class QPainter;

namespace bombo {

struct WaysPicture {
    Seconds wanted;
    std::vector<RingPlan> plans;
};
void paintWays(QPainter& painter, const QRectF& area, const WaysPicture& picture);

class WaysView : public QWidget {
    Q_OBJECT
public:
    explicit WaysView(QWidget* parent = nullptr);
    void show(WaysPicture picture);
    QSize minimumSizeHint() const override { return {0, 0}; } ///< gives way to the words

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    WaysPicture m_picture;
};

} // namespace bombo

#pragma once
#include "app/theme/scale.h"

#include "core/drum/drum.h"

#include <QWidget>

class QPainter;

namespace bombo {

/// A wedge that fills as the film nears its yield, with a mark at the limit.
/// @param load share of yield, 0..1
void paintLoadWedge(QPainter& painter, const QRectF& area, double load, HeadSide side);

class LoadWedge : public QWidget {
    Q_OBJECT
public:
    explicit LoadWedge(QWidget* parent = nullptr);
    void show(HeadSide side, double load, bool isKnown);
    QSize sizeHint() const override { return scaled(QSize(380, 34)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    HeadSide m_side = HeadSide::Batter;
    double m_load = 0;
    bool m_known = false;
};

} // namespace bombo

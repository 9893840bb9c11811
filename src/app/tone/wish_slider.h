#pragma once
#include "app/theme/scale.h"

#include <QSlider>

namespace bombo {

/// A slider about a middle: the tone as it stands is marked, the handle is a wedge that points at the span.
class WishSlider : public QSlider {
    Q_OBJECT
public:
    explicit WishSlider(QWidget* parent = nullptr);
    QSize sizeHint() const override { return scaled(QSize(160, 30)); }
    QSize minimumSizeHint() const override { return scaled(QSize(90, 30)); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    double xOf(double value) const;
    int valueAt(double x) const;
};

} // namespace bombo

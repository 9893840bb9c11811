#pragma once
/// The way back drawn on the drum: what each rod of both heads is turned, and where the knob goes.
#include "app/theme/scale.h"
#include "core/log/back_to.h"

#include <QWidget>

class QPainter;

namespace bombo {

/// Rods side by side, as one sees them who goes round the drum from the strainer; the snare side hangs below.
void paintWay(QPainter& painter, const QRectF& area, const BackTo& plan, int rods);

class WayView : public QWidget {
    Q_OBJECT
public:
    explicit WayView(QWidget* parent = nullptr);
    void show(const std::optional<BackTo>& plan, int rods);
    QSize minimumSizeHint() const override { return scaled(QSize(250, 150)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<BackTo> m_plan;
    int m_rods = 8;
};

} // namespace bombo

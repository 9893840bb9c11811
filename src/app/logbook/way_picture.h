#pragma once
/// The way back drawn on the drum: how it stands and how it stood, what each rod of both heads is turned, and
/// where the knob goes.
#include "app/logbook/now_and_then.h"
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
    /// @param drums drawn where the height affords it, else only told
    void show(const std::optional<BackTo>& plan, const std::optional<NowAndThen>& drums, int rods);
    QSize minimumSizeHint() const override { return scaled(QSize(250, 150)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::optional<BackTo> m_plan;
    std::optional<NowAndThen> m_drums;
    int m_rods = 8;
};

} // namespace bombo

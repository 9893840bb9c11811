#pragma once
/// The underside seen from below, at true scale: strands, plates, gaps and straps between strainer and butt.
#include "app/theme/scale.h"

#include "core/record/session.h"

#include <QRectF>
#include <QWidget>

class QPainter;

namespace bombo {

struct UndersidePicture {
    Shell shell;
    int strands = 20;
    int rods = 8;
    std::optional<int> markedRod; ///< beside the badge or a strip of tape
    WireLayout layout;
    bool isMeasured = false; ///< else the figures are usual ones, not this drum's
    WireFit fit;
};
/// "6.5 mm": to a tenth, where there is one.
QString millimetresText(Metres length);
UndersidePicture undersidePicture(const Session& session);
/// What a rule has not said yet, for this drum.
WireLayout usualLayout(const Drum& drum);
QString undersideSummary(const UndersidePicture& picture);

/// Metres along the wires from the middle, towards the butt plate positive, and across them, to pixels.
class UndersideMap {
public:
    UndersideMap(QRectF area, Metres radius)
        : m_centre(area.center().x(), area.center().y() - 10.0),
          m_scale(0.5 * std::min(area.width() / 1.6, area.height() - 60.0) / radius.value) {}
    QPointF toPixel(double along, double across) const {
        return m_centre + QPointF(along * m_scale, across * m_scale);
    }
    double pixels(double metres) const { return metres * m_scale; }

private:
    QPointF m_centre;
    double m_scale; ///< pixels per metre
};

void paintUnderside(QPainter& painter, const UndersideMap& map, const UndersidePicture& picture);

class UndersideView : public QWidget {
    Q_OBJECT
public:
    explicit UndersideView(QWidget* parent = nullptr);
    void show(const UndersidePicture& picture);
    QSize minimumSizeHint() const override { return scaled(QSize(400, 290)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    UndersidePicture m_picture;
};

} // namespace bombo

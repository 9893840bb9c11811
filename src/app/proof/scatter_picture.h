#pragma once
/// Twenty backbeats: where on the head each landed, and how loud it was.
#include "app/theme/scale.h"

#include "core/faults/player_or_drum.h"
#include "core/record/session.h"

#include <QRectF>
#include <QString>
#include <QWidget>

class QPainter;

namespace bombo {

struct ScatterPicture {
    StrokeScatter scatter;
    std::vector<Backbeat> strokes;
    Metres radius;
};
ScatterPicture scatterPicture(const Session& session);
QString scatterSummary(const ScatterPicture& picture);
/// "level ± 1.2 dB, place ± 8 mm, ring ± 6 %".
QString scatterFigures(const ScatterPicture& picture);
/// From the middle of the head to the hoop across, level against the usual one up; each stroke a dot, one
/// whose place is not known a tick at the left.
void paintScatter(QPainter& painter, const QRectF& area, const ScatterPicture& picture);

class ScatterView : public QWidget {
    Q_OBJECT
public:
    explicit ScatterView(QWidget* parent = nullptr);
    void show(const ScatterPicture& picture);
    QSize minimumSizeHint() const override { return scaled(QSize(360, 200)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    ScatterPicture m_picture;
};

} // namespace bombo

#pragma once
#include "core/muffling/muffling.h"

#include <QRectF>
#include <QString>
#include <QWidget>

class QPainter;

namespace bombo {

struct RingPicture {
    MufflingPrediction prediction;
    Seconds wanted;
    bool hasPads = false;
};

QString ringSummary(const RingPicture& picture);
/// Ring time of each partial as a bar by pitch, before (outline) and after (filled), the whole tone on top,
/// the wanted time as a rule across.
void paintRing(QPainter& painter, const QRectF& area, const RingPicture& picture);

class RingView : public QWidget {
    Q_OBJECT
public:
    explicit RingView(QWidget* parent = nullptr);
    void show(const RingPicture& picture);
    QSize minimumSizeHint() const override { return {360, 260}; }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    RingPicture m_picture;
};

} // namespace bombo

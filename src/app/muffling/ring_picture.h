#pragma once
#include "app/theme/scale.h"

#include "core/record/reckoned.h"
#include "core/record/session.h"

#include <QRectF>
#include <QString>
#include <QWidget>

class QPainter;

namespace bombo {

/// The whole ring where somebody or something listens.
struct RingThere {
    HeardFrom from = HeardFrom::Player;
    Seconds before;
    Seconds after;
};
struct RingPicture {
    MufflingPrediction prediction;
    Seconds wanted;
    bool hasPads = false;
    std::vector<RingThere> there; ///< player, room, and the microphone if there is one
};
/// Without the rings of those who listen.
RingPicture ringPicture(const Reckoned& reckoned);
std::vector<RingThere> ringsThere(const Reckoned& reckoned);

QString ringSummary(const RingPicture& picture);
/// Every partial that counts as a decay along time: a wedge as high as the partial is loud, as long as it
/// rings; before as an outline, after filled, the whole tone on top, the wanted time as a rule across.
void paintRing(QPainter& painter, const QRectF& area, const RingPicture& picture);

class RingView : public QWidget {
    Q_OBJECT
public:
    explicit RingView(QWidget* parent = nullptr);
    void show(const RingPicture& picture);
    QSize minimumSizeHint() const override { return scaled(QSize(360, 260)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    RingPicture m_picture;
};

} // namespace bombo

#pragma once
/// The step at hand as a drawing: a key and its swept angle, a tap's place, or that it is done.
#include "core/procedure/preparation.h"

#include <QWidget>

class QPainter;

namespace bombo {

enum class StepKind { Fingers, Prepare, Turn, Tap, Gauge, HoopGap, Feel, Settled, Limit };

/// What the steps of rounds draw: a tap's place, or what is read beside a rod in silence.
void paintReading(QPainter& painter, const QRectF& area, StepKind kind);
inline bool isReading(StepKind kind) {
    return kind >= StepKind::Tap && kind <= StepKind::Feel;
}

void paintTurn(QPainter& painter, const QRectF& area, Turns turns);
void paintTapPlace(QPainter& painter, const QRectF& area);

class StepDial : public QWidget {
    Q_OBJECT
public:
    explicit StepDial(QWidget* parent = nullptr);
    void show(StepKind kind, Turns turns = {}, PrepKind prep = PrepKind::LookOver,
              HeadSide side = HeadSide::Batter);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    StepKind m_kind = StepKind::Fingers;
    Turns m_turns;
    PrepKind m_prep = PrepKind::LookOver; ///< of Prepare
    HeadSide m_side = HeadSide::Batter;
};

} // namespace bombo

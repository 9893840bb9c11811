#pragma once
/// The step at hand as a drawing: a key and its swept angle, a tap's place, or that it is done.
#include "core/units/quantities.h"

#include <QWidget>

class QPainter;

namespace bombo {

enum class StepKind { Fingers, Turn, Tap, Settled, Limit };

void paintTurn(QPainter& painter, const QRectF& area, Turns turns);
void paintTapPlace(QPainter& painter, const QRectF& area);

class StepDial : public QWidget {
    Q_OBJECT
public:
    explicit StepDial(QWidget* parent = nullptr);
    void show(StepKind kind, Turns turns = {});

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    StepKind m_kind = StepKind::Fingers;
    Turns m_turns;
};

} // namespace bombo

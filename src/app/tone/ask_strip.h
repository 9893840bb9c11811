#pragma once
/// What the tone asks besides the pitches: ring, wires, and about how many turns it will take.
#include "core/record/session.h"

#include <QWidget>

class QPainter;

namespace bombo {

struct AskPicture {
    Seconds ring;
    Seconds openRing; ///< predicted of the tuned drum without pads
    double wireMargin = 0.5;
    Turns batterTurns; ///< expected from finger-tight
    Turns batterError;
    Turns snareSideTurns;
    Turns snareSideError;
};
AskPicture askPicture(const Session& session, const Targets& targets);
QString askSummary(const AskPicture& picture);
void paintAsk(QPainter& painter, const QRectF& area, const AskPicture& picture);

class AskStrip : public QWidget {
    Q_OBJECT
public:
    explicit AskStrip(QWidget* parent = nullptr);
    void show(const AskPicture& picture);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    AskPicture m_picture;
};

} // namespace bombo

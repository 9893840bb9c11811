#pragma once
/// The one thing to do, drawn: the drum from a side that shows it, and a mark where the hand, eye or ear
/// goes.
#include "core/drum/drum.h"

#include <QRectF>
#include <QWidget>
#include <string>

class QPainter;

namespace bombo {

/// What there is to draw, by the drawings of data/faults.json.
bool hasFaultDrawing(const std::string& drawing);

/// @param rods, strands of the drum at hand, so that it is that one
void paintFaultDrawing(QPainter& painter, const QRectF& area, const std::string& drawing, int rods,
                       int strands);

class FaultDrawing : public QWidget {
    Q_OBJECT
public:
    explicit FaultDrawing(QWidget* parent = nullptr);
    /// @param words what it shows, for those who do not see it
    void show(const std::string& drawing, const QString& words, int rods, int strands);
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::string m_drawing;
    int m_rods = 8;
    int m_strands = 20;
};

} // namespace bombo

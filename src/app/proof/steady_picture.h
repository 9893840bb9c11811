#pragma once
/// Who wanders: level, place and ring of the strokes, each against what counts as steady.
#include "app/proof/scatter_picture.h"

namespace bombo {

void paintSteady(QPainter& painter, const QRectF& area, const ScatterPicture& picture);

class SteadyView : public QWidget {
    Q_OBJECT
public:
    explicit SteadyView(QWidget* parent = nullptr);
    void show(const ScatterPicture& picture);
    QSize minimumSizeHint() const override { return {0, 0}; } ///< gives way to the words

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    ScatterPicture m_picture;
};

} // namespace bombo

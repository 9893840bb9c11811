#pragma once
/// A small picture with its name, to choose among others by sight.
#include <QAbstractButton>
#include <functional>

class QPainter;

namespace bombo {

class PictureTile : public QAbstractButton {
    Q_OBJECT
public:
    using Paint = std::function<void(QPainter&, const QRectF&)>;
    PictureTile(const QString& name, Paint paint, QSize picture = {64, 44});
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Paint m_paint;
    QSize m_picture;
};

} // namespace bombo

#pragma once
/// What strokes said before a change and say after it, a line a figure: two marks with how sure each is.
#include "app/theme/scale.h"
#include "core/record/work.h"

#include <QWidget>

namespace bombo {

struct ChangePicture {
    StrokesSay before;
    StrokesSay after; ///< without strokes until some were heard
};

void paintChange(QPainter& painter, const QRectF& area, const ChangePicture& picture);
/// "ring: before 0.44 ± 0.05 s, after 0.36 ± 0.04 s"; the same in words.
QString changeSummary(const ChangePicture& picture);

class ChangeView : public QWidget {
    Q_OBJECT
public:
    explicit ChangeView(QWidget* parent = nullptr);
    void show(const ChangePicture& picture);
    QSize minimumSizeHint() const override { return {0, 0}; } ///< gives way to the words

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    ChangePicture m_picture;
};

} // namespace bombo

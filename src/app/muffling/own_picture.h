#pragma once
/// The two hearings of a thing of one's own: strokes without it, strokes with it, and how each dies away.
#include "app/theme/scale.h"
#include "core/units/quantities.h"

#include <QWidget>

#include <array>
#include <optional>

class QPainter;

namespace bombo {

struct OwnHearing {
    int strokes = 0;
    std::optional<Seconds> tone; ///< how long it rang, where it was heard
    bool isNow = false;          ///< it is being played
};
struct OwnPicture {
    std::array<OwnHearing, 2> hearings; ///< without, with
    int wanted = 4;                     ///< strokes of each
};
void paintOwn(QPainter& painter, const QRectF& area, const OwnPicture& picture);

class OwnView : public QWidget {
    Q_OBJECT
public:
    explicit OwnView(QWidget* parent = nullptr);
    void show(const OwnPicture& picture);
    QSize minimumSizeHint() const override { return {0, 0}; } ///< gives way to the words

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    OwnPicture m_picture;
};

} // namespace bombo

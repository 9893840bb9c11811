#pragma once
#include "app/theme/scale.h"
#include "app/tone/cutaway.h"

#include <QAbstractButton>
#include <QTimer>
#include <QWidget>

namespace bombo {

/// The cutaway with buttons that let its heads swing slowly in one mode.
class CutawayView : public QWidget {
    Q_OBJECT
public:
    explicit CutawayView(QWidget* parent = nullptr);
    void show(const std::optional<CutawayPicture>& picture);
    void setMotion(std::optional<MotionKind> motion);
    std::optional<MotionKind> motion() const { return m_moment.motion; }
    bool isMoving() const { return m_timer.isActive(); }
    QSize minimumSizeHint() const override { return scaled(QSize(500, 300)); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void hideEvent(QHideEvent* event) override;

private:
    std::optional<CutawayPicture> m_picture;
    CutawayMoment m_moment;
    QTimer m_timer;
    std::vector<QAbstractButton*> m_buttons; ///< still, then by MotionKind
};

} // namespace bombo

#pragma once
/// The season to look at and to walk through: arrows go from entry to entry, the wheel draws nearer.
#include "app/logbook/season_picture.h"
#include "app/theme/scale.h"

#include <QWidget>

namespace bombo {

class SeasonView : public QWidget {
    Q_OBJECT
public:
    explicit SeasonView(QWidget* parent = nullptr);
    void show(SeasonPicture picture);
    const SeasonPicture& picture() const { return m_picture; }
    /// Null where nothing is.
    const Entry* chosen() const;
    void choose(int index);
    /// @param factor less than 1: nearer @param around share of the width that stays where it is
    void zoom(double factor, double around);
    QSize minimumSizeHint() const override { return scaled(QSize(420, 190)); }

signals:
    void entryChosen();

protected:
    void paintEvent(QPaintEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void hover(int index);
    void pan(double byWidths);
    void keepWithin();
    void bringIntoView();

    SeasonPicture m_picture;
    std::int64_t m_first = 0; ///< all there is to see
    std::int64_t m_last = 0;
    std::optional<double> m_dragged; ///< where a hand holds it
};

} // namespace bombo

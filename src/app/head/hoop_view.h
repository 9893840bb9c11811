#pragma once
#include "app/head/hoop_picture.h"
#include "app/theme/scale.h"

#include <QWidget>

namespace bombo {

/// The unrolled hoop on screen. Left and right choose a rod, Enter reports it.
class HoopView : public QWidget {
    Q_OBJECT
public:
    explicit HoopView(QWidget* parent = nullptr);
    void show(const HoopPicture& picture);
    const HoopPicture& picture() const { return m_picture; }
    std::optional<int> selected() const { return m_picture.selected; }
    void select(std::optional<int> rod);
    HoopMap map() const;
    QSize minimumSizeHint() const override { return scaled(QSize(600, 190)); }

signals:
    void rodSelected(std::optional<int> rod);

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    HoopPicture m_picture;
};

} // namespace bombo

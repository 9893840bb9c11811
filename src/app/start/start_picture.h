#pragma once
/// The drum cut through, at large: two heads, one air between them, the wires, a stick on its way.
#include "app/theme/scale.h"

#include <QWidget>

namespace bombo {

class StartPicture : public QWidget {
    Q_OBJECT
public:
    explicit StartPicture(QWidget* parent = nullptr);
    QSize sizeHint() const override { return scaled(QSize(560, 420)); }
    QSize minimumSizeHint() const override { return scaled(QSize(320, 220)); }

protected:
    void paintEvent(QPaintEvent* event) override;
};

} // namespace bombo

#pragma once
#include "app/theme/scale.h"

#include "core/drum/drum.h"

#include <QWidget>

namespace bombo {

/// The drum as described so far: from the side, and its rods from above.
class DraftPicture : public QWidget {
    Q_OBJECT
public:
    explicit DraftPicture(QWidget* parent = nullptr);
    void show(const Drum& drum);
    QSize sizeHint() const override { return scaled(QSize(480, 420)); }
    QSize minimumSizeHint() const override { return scaled(QSize(280, 180)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Drum m_drum;
};

} // namespace bombo

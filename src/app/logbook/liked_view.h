#pragma once
/// Every starred entry as a mark on a line a figure: how high it stands is how many stars it got.
#include "app/theme/scale.h"
#include "core/log/liked.h"

#include <QWidget>
#include <array>

namespace bombo {

struct LikedPicture {
    Liked liked;
    std::array<std::optional<double>, kLikedFigures.size()> now; ///< of the drum as it is
};

class LikedView : public QWidget {
    Q_OBJECT
public:
    explicit LikedView(QWidget* parent = nullptr);
    void show(LikedPicture picture);
    QSize minimumSizeHint() const override { return scaled(QSize(300, 90)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    LikedPicture m_picture;
};

} // namespace bombo

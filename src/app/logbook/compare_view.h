#pragma once
/// What differs between two entries: a line a difference, and both laid over each other in pictures.
#include "app/theme/scale.h"
#include "core/log/compare.h"
#include "core/wires/wire_sweep.h"

#include <QWidget>

namespace bombo {

struct ComparePicture {
    std::vector<Difference> differences;
    EntryFigures inHand;
    EntryFigures other;
    /// Of the drum as it is known now: where a knob may stand.
    std::optional<WireAdvice> wires;
};

class CompareView : public QWidget {
    Q_OBJECT
public:
    explicit CompareView(QWidget* parent = nullptr);
    void show(ComparePicture picture);
    QSize minimumSizeHint() const override { return scaled(QSize(300, 110)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    ComparePicture m_picture;
};

} // namespace bombo

#pragma once
/// What moved a head, as one bar in parts.
#include "app/theme/scale.h"
#include "core/log/what_moved.h"

#include <QWidget>

namespace bombo {

class MovedBar : public QWidget {
    Q_OBJECT
public:
    explicit MovedBar(QWidget* parent = nullptr);
    /// @param heading what is explained
    void explain(const QString& heading, HeadSide side, const Moved& moved);
    QSize sizeHint() const override { return scaled(QSize(380, 76)); }
    QSize minimumSizeHint() const override { return scaled(QSize(260, 76)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString m_heading;
    HeadSide m_side = HeadSide::Batter;
    Moved m_moved;
};

/// "weather −14 ± 4, new film −6 ± 3, rod 5 −5 ± 2, not explained −1 ± 4 cents".
QString movedText(const Moved& moved);

} // namespace bombo

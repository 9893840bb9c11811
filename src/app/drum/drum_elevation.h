#pragma once
#include "app/theme/scale.h"

#include "core/drum/drum.h"

#include <QAbstractButton>

class QPainter;

namespace bombo {

/// A drum from the side at true proportions; all drums of a list share one scale.
void paintElevation(QPainter& painter, const QRectF& area, const Drum& drum);

/// A drum to choose.
class DrumButton : public QAbstractButton {
    Q_OBJECT
public:
    DrumButton(const Drum& drum, QWidget* parent = nullptr);
    /// How it stands by the logbook, and what is to be done about it; either may be empty.
    void say(const QString& state, const QString& due);
    QSize sizeHint() const override { return scaled(QSize(560, 168)); }
    QSize minimumSizeHint() const override { return scaled(QSize(380, 116)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    Drum m_drum;
    QString m_state;
    QString m_due;
};

} // namespace bombo

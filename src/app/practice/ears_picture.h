#pragma once
/// Trials of a round and thresholds of earlier days, on one axis of difference.
#include "app/theme/scale.h"

#include <QString>
#include <QWidget>
#include <optional>
#include <vector>

class QPainter;

namespace bombo {

struct EarTrial {
    double difference = 0; ///< in the exercise's unit
    bool isRight = false;
};

struct EarsDay {
    double value = 0;
    double error = 0; ///< of its logarithm
};

struct EarsPicture {
    double smallest = 1; ///< of the axis, a logarithm
    double largest = 300;
    std::vector<double> marks;   ///< of the axis
    std::vector<QString> labels; ///< of the marks
    std::vector<EarTrial> trials;
    double threshold = 0;      ///< of this round so far
    double error = 0;          ///< of its logarithm
    std::vector<EarsDay> days; ///< of this listener, the oldest first
    QString whereNone;         ///< what will stand where nothing stands yet; empty: what is told apart
};

/// Trials from the left, a full dot right and a ring wrong; the band is what is known of the threshold; at
/// the right, or all over where there are no trials, the days before.
void paintEars(QPainter& painter, const QRectF& area, const EarsPicture& picture);

class EarsView : public QWidget {
    Q_OBJECT
public:
    explicit EarsView(QWidget* parent = nullptr);
    void show(EarsPicture picture, const QString& words);
    QSize minimumSizeHint() const override { return scaled(QSize(240, 180)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    EarsPicture m_picture;
};

} // namespace bombo

#pragma once
/// The causes, likeliest first, with their odds as bars that move with each answer.
#include "app/theme/scale.h"

#include <QString>
#include <QVariantAnimation>
#include <QWidget>
#include <vector>

class QPainter;

namespace bombo {

struct CauseBar {
    QString name;
    double odds = 0;
    double before = 0; ///< without the last answer
    QString why;
};
/// "46 in 100"; "under 1 in 100".
QString oddsText(double odds);

/// As many as fit.
void paintCauses(QPainter& painter, const QRectF& area, const std::vector<CauseBar>& bars, double progress,
                 bool areBefore);

class CausesStrip : public QWidget {
    Q_OBJECT
public:
    explicit CausesStrip(QWidget* parent = nullptr);
    /// @param areBefore the bars of before are shown thin beside them
    void show(std::vector<CauseBar> bars, bool areBefore);
    bool isMoving() const { return m_moving.state() == QAbstractAnimation::Running; }
    QSize minimumSizeHint() const override { return scaled(QSize(260, 300)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<CauseBar> m_bars;
    bool m_areBefore = false;
    QVariantAnimation m_moving; ///< 0 to 1
};

} // namespace bombo

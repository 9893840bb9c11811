#pragma once
#include "app/head/head_page.h"
#include "core/record/reckoned.h"

#include <QWidget>

namespace bombo {

/// What the stand view shows of any station: the one next thing, readable at two metres.
struct StandWords {
    StepKind kind = StepKind::Fingers;
    Turns turns;
    QString now;
    QString figure;
    QString count;
    QString heard;  ///< last reading, or what to do again
    QString button; ///< what the space bar does
    PrepKind prep = PrepKind::LookOver;
    HeadSide side = HeadSide::Batter;
    QStringList answers{}; ///< to a question; then `now` asks and `heard` says how
    std::string drawing{}; ///< of what to do, as of Faults
    int rods = 8;
    int strands = 20;
};
StandWords standWords(const Reckoned& reckoned, const std::optional<Reading>& reading,
                      const QPushButton* primary);
void paintStand(QPainter& painter, const QRectF& area, const StandWords& words);

/// Covers its parent, whatever the size; space goes on, F11 or Escape leaves, Page up and Backspace go back
/// where somebody listens to that; other keys are the window's.
class StandView : public QWidget {
    Q_OBJECT
public:
    explicit StandView(QWidget* parent);
    void show(const StandWords& words);

signals:
    void goOn();
    void goBack();
    void leave();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

private:
    StandWords m_words;
};

} // namespace bombo

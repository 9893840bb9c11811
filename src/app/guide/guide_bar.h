#pragma once
/// A line above the page that walks along with a first job: what to do here, and why. It never blocks
/// anything.
#include "app/guide/guide_step.h"

#include <QFrame>

class QLabel;

namespace bombo {

class GuideBar : public QFrame {
    Q_OBJECT
public:
    explicit GuideBar(QWidget* parent = nullptr);
    void show(GuideStep step);

signals:
    void moreWanted();
    void dismissed();

private:
    QLabel* m_gesture;
    QLabel* m_reason;
};

} // namespace bombo

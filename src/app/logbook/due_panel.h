#pragma once
/// What wears, for how many more shows it is good, and what to expect of the drum tonight.
#include "app/logbook/biography.h"

#include <QFrame>
#include <QLabel>

namespace bombo {

class DueView;

class DuePanel : public QFrame {
    Q_OBJECT
public:
    explicit DuePanel(QWidget* parent = nullptr);
    void show(Biography& biography);

private:
    DueView* m_view;
    QLabel* m_tonight;
};

} // namespace bombo

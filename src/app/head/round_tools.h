#pragma once
/// How the rounds on a head are tapped, or read off a gauge.
#include "app/session/session_controller.h"

#include <QComboBox>
#include <QWidget>

namespace bombo {

class RoundTools : public QWidget {
    Q_OBJECT
public:
    RoundTools(SessionController& controller, HeadSide side, QWidget* parent = nullptr);
    void refresh();

private:
    void choose();
    void chooseGauge(int index);

    SessionController& m_controller;
    HeadSide m_side;
    QComboBox* m_kind;
    QComboBox* m_extent;
    QComboBox* m_taps;
    QComboBox* m_gauge;
};

} // namespace bombo

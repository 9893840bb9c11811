#pragma once
/// A thing of the user's own: heard without it, heard with it, kept by its name.
#include "app/muffling/own_picture.h"
#include "app/session/session_controller.h"
#include "core/muffling/calibration.h"

#include <QDoubleSpinBox>
#include <QFrame>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace bombo {

class OwnPanel : public QFrame {
    Q_OBJECT
public:
    explicit OwnPanel(SessionController& controller, QWidget* parent = nullptr);
    void refresh();

private:
    enum class Step { HearWithout, Lay, HearWith };
    Step step() const;
    OwnPicture picture() const;
    void act();
    static QString whyNot(CalibrationFault fault);
    std::string id() const;

    SessionController& m_controller;
    QLineEdit* m_name;
    QDoubleSpinBox* m_across;
    QLabel* m_now;
    QLabel* m_known;
    QPushButton* m_next;
    OwnView* m_view;
    std::vector<HeardStroke> m_without;
    qint64 m_session = 0; ///< that they belong to
    std::string m_laid;   ///< the kind that is being calibrated
};

} // namespace bombo

#pragma once
/// A drum was just described: what for?
#include "app/session/session_controller.h"
#include "app/theme/choice_button.h"

namespace bombo {

class DraftPicture;

class PurposePage : public QWidget {
    Q_OBJECT
public:
    explicit PurposePage(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    PrimaryButton* primary() { return m_tune; }

signals:
    void tuneChosen();
    void cardChosen();
    void hurryChosen();
    void faultsChosen();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void listen();

    SessionController& m_controller;
    QLabel* m_title;
    ChoiceButton* m_tune;
    ChoiceButton* m_card;
    ChoiceButton* m_hurry;
    ChoiceButton* m_faults;
    ChoiceButton* m_microphone;
    ChoiceButton* m_practice;
    QLabel* m_ear;
    DraftPicture* m_picture;
};

} // namespace bombo

#pragma once
/// The guided minute: middle and edge of both heads, three taps each.
#include "app/card/card_picture.h"
#include "app/listening/listening_strip.h"
#include "app/session/session_controller.h"
#include "app/theme/parts.h"

#include <QDialog>
#include <QLabel>
#include <QPushButton>

namespace bombo {

class CardView : public QWidget {
    Q_OBJECT
public:
    explicit CardView(QWidget* parent = nullptr);
    void show(const CardPicture& picture);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    CardPicture m_picture;
};

class CardDialog : public QDialog {
    Q_OBJECT
public:
    explicit CardDialog(SessionController& controller, QWidget* parent = nullptr);
    ~CardDialog() override;

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void refresh();
    void act();

    SessionController& m_controller;
    QLabel* m_now;
    QLabel* m_how;
    CardView* m_card;
    QLabel* m_says;
    ListeningStrip* m_listening;
    PrimaryButton* m_tap;
    QPushButton* m_again;
    QPushButton* m_undo;
};

} // namespace bombo

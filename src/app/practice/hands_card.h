#pragma once
/// What the exercises of the hands look like: a sentence that says what to do, a picture, one gesture.
#include "app/session/session_controller.h"
#include "app/theme/answer_button.h"

#include <QWidget>

namespace bombo {

class HandsCard : public QWidget {
    Q_OBJECT
public:
    HandsCard(SessionController& controller, const QString& title, QWidget* picture);
    /// Listens from now on to the source of the session.
    void begin(const QString& who);
    /// The ear goes back to the work.
    void leave();
    PrimaryButton* primary() { return m_again; }

signals:
    void left();

protected:
    /// What was heard so far is forgotten.
    virtual void forget() = 0;
    virtual bool isDone() const = 0;
    /// A stroke on the practice drum.
    virtual void strikePractice() = 0;
    /// For what the ear is used with either source.
    virtual void listen() = 0;
    virtual void refresh() = 0;

    bool isPractice() const;
    const QString& who() const { return m_who; }
    bool isListening() const { return m_isListening; }
    /// @param gesture on the button while the practice drum is struck
    void show(const QString& said, const QString& gesture);
    void keep(const char* exercise, double value, double error, int trials);

    SessionController& m_controller;

private:
    QString m_who;
    bool m_isListening = false;
    QLabel* m_said;
    AnswerButton* m_again;
    QPushButton* m_stop;
};

} // namespace bombo

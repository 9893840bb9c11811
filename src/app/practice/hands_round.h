#pragma once
/// The same place tapped again and again: how far one tap of this hand differs from the next.
#include "app/practice/ears_picture.h"
#include "app/session/session_controller.h"
#include "app/theme/answer_button.h"
#include "app/theme/scale.h"
#include "core/practice/hand_spread.h"

#include <QWidget>

namespace bombo {

/// A dot a tap: its pitch against the middle above, its loudness below.
class HandsView : public QWidget {
    Q_OBJECT
public:
    explicit HandsView(QWidget* parent = nullptr);
    void show(std::vector<TapAtMicrophone> taps, const std::optional<HandSpread>& spread,
              const QString& words);
    QSize minimumSizeHint() const override { return scaled(QSize(300, 200)); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<TapAtMicrophone> m_taps;
    std::optional<HandSpread> m_spread;
};

class HandsRound : public QWidget {
    Q_OBJECT
public:
    explicit HandsRound(SessionController& controller, QWidget* parent = nullptr);
    /// Listens from now on to the source of the session.
    void begin(const QString& who);
    /// The ear goes back to the work.
    void leave();
    PrimaryButton* primary() { return m_again; }

signals:
    void left();

private:
    void take(const TapAtMicrophone& tap);
    void press();
    void refresh();
    bool isPractice() const;
    bool isDone() const { return static_cast<int>(m_taps.size()) >= kTapsOfAHand; }

    SessionController& m_controller;
    QString m_who;
    std::vector<TapAtMicrophone> m_taps;
    bool m_isListening = false;

    QLabel* m_title;
    QLabel* m_said;
    HandsView* m_view;
    AnswerButton* m_again;
    QPushButton* m_stop;
};

/// The days before, of one who practises.
EarsPicture handsPicture(const PlaceRig& rig, const QString& who);
/// Stored among the results of the ear, in cents.
inline constexpr const char* kSameTap = "same_tap";

} // namespace bombo

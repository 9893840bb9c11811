#pragma once
/// The same place tapped again and again: how far one tap of this hand differs from the next.
#include "app/practice/ears_picture.h"
#include "app/practice/hands_card.h"
#include "app/theme/scale.h"
#include "core/practice/hand_spread.h"
#include "core/record/hand_exercise.h"

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

class HandsRound : public HandsCard {
    Q_OBJECT
public:
    explicit HandsRound(SessionController& controller);

private:
    explicit HandsRound(SessionController& controller, HandsView* view);
    void forget() override { m_taps.clear(); }
    bool isDone() const override { return static_cast<int>(m_taps.size()) >= kTapsOfAHand; }
    void strikePractice() override;
    void listen() override;
    void refresh() override;
    void take(const TapAtMicrophone& tap);

    std::vector<TapAtMicrophone> m_taps;
    HandsView* m_view;
};

/// The days before, of one who practises.
/// @param exercise its stored name
EarsPicture handsPicture(const PlaceRig& rig, const char* exercise, const QString& who);

} // namespace bombo

#pragma once
/// What got the stars on this drum for the tone at hand, offered as what is aimed at.
#include "app/session/session_controller.h"
#include "core/tuning/tone.h"

#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace bombo {

class LikedOffer : public QWidget {
    Q_OBJECT
public:
    explicit LikedOffer(SessionController& controller, QWidget* parent = nullptr);
    /// Hidden where too few evenings of this drum and tone got their stars.
    void refresh();

signals:
    void toneTaken(const bombo::Tone& tone);

private:
    void reckon();

    SessionController& m_controller;
    QString m_reckonedFor; ///< drum and tone; empty: the logbook changed since
    std::optional<Tone> m_asItCame;
    std::optional<Tone> m_liked; ///< under the name of the tone
    QString m_ranges;
    QLabel* m_says;
    QPushButton* m_take;
};

} // namespace bombo

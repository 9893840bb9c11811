#pragma once
/// The practice drum in the window: it is struck as the session's ledger says it stands, in its room, and the
/// ear hears it as it hears a file.
#include "core/practice/practice_drum.h"
#include "core/wires/wire_sweep.h"

#include <QObject>

namespace bombo {

class SessionController;
struct PracticeSound;

class PracticePlayer : public QObject {
    Q_OBJECT
public:
    PracticePlayer(SessionController& controller, QObject* parent);

    /// In front of the rod, or at the place of the card, that is due.
    void strike();
    /// Once in the middle as it stands, wires and pads on, at a station that hears whole strokes.
    void strikeWhole();
    /// With the wires on, and files what they did.
    void strikeWires(StrokePlace place, Dynamic dynamic);
    /// Lightly, for the check of its microphone.
    void strikeForCheck();
    /// Once more at the same place, with the hands that were chosen: to see how alike they are.
    /// @param turned rod 1, since the work left it
    void strikeSamePlace(Turns turned = {});
    /// A backbeat by those hands, while backbeats are listened to.
    void strikeBackbeat();
    /// Reads its gauge beside the rod that is due.
    void readGauge();
    /// Hums beside it, lever on or off.
    std::vector<float> hum(bool leverOn, double& sampleRate);

private:
    PracticeSound sound() const; ///< in which room a tap on it is heard
    std::uint64_t nextStroke();
    void send(std::vector<float> samples, double rate);

    SessionController& m_controller;
    std::uint64_t m_strokes = 0; ///< so that a repeated stroke is not the same stroke
};

} // namespace bombo

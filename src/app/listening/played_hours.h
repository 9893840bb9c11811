#pragma once
/// How long each drum was heard being played since its newest entry; kept in the workbook.
#include "core/life/play_time.h"

#include <QElapsedTimer>
#include <QObject>

namespace bombo {

class SessionController;

class PlayedHours : public QObject {
    Q_OBJECT
public:
    PlayedHours(SessionController& controller, QObject* parent);

    /// The microphone heard one of the drum in front, where whole strokes are listened for.
    void strokeHeard();
    /// As strokeHeard(), so long after the program began. For tests, which are quicker than a show.
    void strokeHeardAt(Seconds at);
    /// Of the drum in front, in hours.
    double sinceEntry() const;
    /// They stand in an entry now.
    void begin();

    static constexpr double kLeast = 0.05; ///< hours; less is not worth a word

private:
    QString key() const;
    void keep(double hours);

    SessionController& m_controller;
    QElapsedTimer m_clock;
    QString m_of; ///< workbook and drum of m_time
    PlayTime m_time;
    Seconds m_kept; ///< of m_time, that stand in the workbook
};

} // namespace bombo

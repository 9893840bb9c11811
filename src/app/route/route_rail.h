#pragma once
/// The route of stations along the left edge, and what lies beside it.
#include "app/route/station_button.h"
#include "app/session/session_controller.h"

#include <QLabel>
#include <QPushButton>

namespace bombo {

class RouteRail : public QWidget {
    Q_OBJECT
public:
    explicit RouteRail(SessionController& controller, QWidget* parent = nullptr);
    /// What stands in front beside the route.
    enum class Beside { Nothing, Logbook, Faults, Practice };
    void refresh(Beside inFront);

signals:
    void stationChosen(bombo::Station station);
    void logbookChosen();
    void faultsChosen();
    void practiceChosen();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    SessionController& m_controller;
    QLabel* m_drum;
    QLabel* m_facts;
    std::vector<StationButton*> m_stations;
    QPushButton* m_logbook;
    QPushButton* m_faults;
    QPushButton* m_practice;
};

} // namespace bombo

#include "app/route/route_rail.h"
#include "app/language/language.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"

#include <QKeyEvent>
#include <QVBoxLayout>

namespace bombo {

RouteRail::RouteRail(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    setObjectName(QStringLiteral("rail"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedWidth(180);
    setAccessibleName(tr("Route"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 18, 0, 12);
    column->setSpacing(0);
    m_drum = textLabel("title");
    m_drum->setContentsMargins(18, 0, 8, 0);
    m_drum->setWordWrap(true);
    m_facts = textLabel("quiet");
    m_facts->setContentsMargins(18, 0, 8, 10);
    m_facts->setWordWrap(true);
    column->addWidget(m_drum);
    column->addWidget(m_facts);
    for (const Station station : kStations) {
        auto* button = new StationButton(station);
        button->setObjectName(QStringLiteral("station-%1").arg(static_cast<int>(station)));
        button->setEnds(station == Station::Drum, station == Station::Proof);
        connect(button, &QAbstractButton::clicked, this, [this, station] { emit stationChosen(station); });
        m_stations.push_back(button);
        column->addWidget(button);
    }
    column->addStretch();
    m_logbook = secondaryButton(tr("Logbook"));
    m_logbook->setObjectName(QStringLiteral("logbook"));
    m_logbook->setProperty("plain", true);
    m_logbook->setCheckable(true);
    connect(m_logbook, &QPushButton::clicked, this, &RouteRail::logbookChosen);
    auto* beside = new QHBoxLayout;
    beside->setContentsMargins(10, 0, 10, 0);
    beside->addWidget(m_logbook);
    column->addLayout(beside);
    auto* stand = textLabel("quiet", tr("F11  stand view"));
    stand->setContentsMargins(18, 6, 8, 0);
    column->addWidget(stand);
}

void RouteRail::refresh(bool inLogbook) {
    const Session& session = m_controller.session();
    m_drum->setText(QString::fromStdString(session.drum.name));
    m_facts->setText(tr("%1, %2, %3 rods")
                         .arg(sizeText(session.drum.shell))
                         .arg(catalogueText(session.drum.shell.material))
                         .arg(session.drum.rods));
    for (StationButton* button : m_stations) {
        const Station station = button->station();
        const StationState state = stationState(m_controller.reckoned(), station);
        QString detail = stateName(state);
        if (station == Station::Tone && state == StationState::Done)
            detail = cueName(session.tone);
        button->show(state, !inLogbook && session.station == station, detail);
    }
    m_logbook->setChecked(inLogbook);
}

void RouteRail::keyPressEvent(QKeyEvent* event) {
    const int step = event->key() == Qt::Key_Down ? 1 : event->key() == Qt::Key_Up ? -1 : 0;
    for (std::size_t i = 0; step != 0 && i < m_stations.size(); ++i)
        if (m_stations[i]->hasFocus()) {
            const auto next = static_cast<std::size_t>(
                std::clamp<int>(static_cast<int>(i) + step, 0, static_cast<int>(m_stations.size()) - 1));
            m_stations[next]->setFocus(Qt::TabFocusReason);
            return;
        }
    QWidget::keyPressEvent(event);
}

} // namespace bombo

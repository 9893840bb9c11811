#include "app/route/route_rail.h"
#include "app/language/language.h"

#include "app/session/wording.h"
#include "app/theme/parts.h"
#include "core/record/stations.h"

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
    auto* beside = new QVBoxLayout;
    beside->setContentsMargins(10, 0, 10, 0);
    beside->setSpacing(0);
    const auto add = [&](const QString& text, const char* name) {
        QPushButton* button = secondaryButton(text);
        button->setObjectName(QLatin1String(name));
        button->setProperty("plain", true);
        button->setCheckable(true);
        beside->addWidget(button);
        return button;
    };
    m_logbook = add(tr("Logbook"), "logbook");
    connect(m_logbook, &QPushButton::clicked, this, &RouteRail::logbookChosen);
    m_faults = add(tr("Faults"), "faults");
    connect(m_faults, &QPushButton::clicked, this, &RouteRail::faultsChosen);
    m_practice = add(tr("Practice"), "practice");
    connect(m_practice, &QPushButton::clicked, this, &RouteRail::practiceChosen);
    column->addLayout(beside);
    auto* stand = textLabel("quiet", tr("F11  stand view"));
    stand->setContentsMargins(18, 6, 8, 0);
    column->addWidget(stand);
}

void RouteRail::refresh(Beside inFront) {
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
        button->show(state, inFront == Beside::Nothing && session.station == station, detail);
    }
    m_logbook->setChecked(inFront == Beside::Logbook);
    m_faults->setChecked(inFront == Beside::Faults);
    m_practice->setChecked(inFront == Beside::Practice);
    const auto& search = session.faults;
    m_faults->setText(search && !search->ended ? tr("Faults: under way") : tr("Faults"));
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

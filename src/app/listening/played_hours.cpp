#include "app/listening/played_hours.h"

#include "app/session/session_controller.h"
#include "core/log/entry.h"

namespace bombo {
namespace {

constexpr Seconds kKeptEvery{30.0}; // of playing: at most so much is lost

} // namespace

PlayedHours::PlayedHours(SessionController& controller, QObject* parent)
    : QObject(parent), m_controller(controller) {
    m_clock.start();
}

QString PlayedHours::key() const {
    return QStringLiteral("played_hours/") + QString::fromStdString(m_controller.session().drum.id);
}

void PlayedHours::strokeHeard() {
    strokeHeardAt(Seconds{1e-3 * static_cast<double>(m_clock.elapsed())});
}

void PlayedHours::strokeHeardAt(Seconds at) {
    if (m_controller.isReadOnly())
        return;
    if (const QString of = m_controller.workbookPath() + key(); of != m_of) {
        m_of = of;
        m_time = {};
        m_kept = {};
    }
    m_time.stroke(at);
    if (const Seconds fresh = m_time.played() - m_kept; fresh >= kKeptEvery) {
        keep(sinceEntry());
        m_kept = m_time.played();
    }
}

double PlayedHours::sinceEntry() const {
    const double kept = m_controller.workbook()->value(key()).toDouble();
    const bool isOfDrum = m_of == m_controller.workbookPath() + key();
    return kept + (isOfDrum ? (m_time.played() - m_kept).value / kSecondsAnHour : 0.0);
}

void PlayedHours::begin() {
    keep(0.0);
    m_time = {};
    m_kept = {};
}

void PlayedHours::keep(double hours) {
    if (const auto kept = m_controller.workbook()->setValue(key(), QString::number(hours, 'g', 8)); !kept)
        m_controller.tell(problemText(kept.fault()));
}

} // namespace bombo

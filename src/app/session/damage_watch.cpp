#include "app/session/damage_watch.h"

#include "store/file_check.h"

namespace bombo {

void DamageWatch::begin(const QString& path) {
    end();
    m_stop = false;
    m_thread = std::thread([this, path] {
        const auto problem = checkThoroughly(path, m_stop);
        // Not a lock held by another program, not a disk that is away: of those the next write tells.
        if (!m_stop && problem && problem->fault == WorkbookFault::Damaged)
            QMetaObject::invokeMethod(this, [this, problem] { emit found(*problem); });
    });
}

void DamageWatch::end() {
    m_stop = true;
    if (m_thread.joinable())
        m_thread.join();
}

} // namespace bombo

#include "app/session/damage_watch.h"

#include "store/file_check.h"

namespace bombo {

void DamageWatch::begin(const QString& path) {
    end();
    m_stop = false;
    m_thread = std::thread([this, path] {
        const auto problem = checkThoroughly(path, m_stop);
        if (m_stop)
            return;
        // Not a lock held by another program, not a disk that is away: of those the next write tells.
        const bool isDamaged = problem && problem->fault == WorkbookFault::Damaged;
        QMetaObject::invokeMethod(this, [this, problem, isDamaged] {
            if (isDamaged)
                emit found(*problem);
            else if (!problem)
                emit passed();
        });
    });
}

void DamageWatch::end() {
    m_stop = true;
    if (m_thread.joinable())
        m_thread.join();
}

} // namespace bombo

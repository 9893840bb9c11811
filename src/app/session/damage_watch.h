#pragma once
/// Looks through a large workbook for damage while it is in use.
#include "store/records.h"

#include <QObject>
#include <atomic>
#include <thread>

namespace bombo {

class DamageWatch : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    ~DamageWatch() override { end(); }
    /// In a thread of its own; what ran before is ended.
    void begin(const QString& path);
    void end();

signals:
    void found(const bombo::WorkbookProblem& problem);

private:
    std::thread m_thread;
    std::atomic<bool> m_stop = false;
};

} // namespace bombo

#pragma once
#include <QDateTime>

namespace bombo {

/// The time on the wall with its offset from UTC, ISO 8601: sorts and compares even when clocks are changed.
inline QString timeNow() {
    const QDateTime now = QDateTime::currentDateTime();
    return now.toOffsetFromUtc(now.offsetFromUtc()).toString(Qt::ISODate);
}

} // namespace bombo

#pragma once
/// How a drum stands by its logbook, in a line.
#include "core/log/what_moved.h"

#include <QString>

namespace bombo {

struct DrumStateLine {
    QString text; ///< empty without entries
    QString due;  ///< what is to be changed within a few shows; empty where nothing is
};

/// "21 Nov: Chase, batter now −2 ± 6 cents"; "Soon due: batter head, 0 to 13 more shows".
/// @param entries of every drum, in order of time @param weather of the room @param now seconds since 1970,
/// UTC
DrumStateLine drumStateLine(const Drum& drum, const std::vector<Entry>& entries, const QString& tone,
                            const Weather& weather, std::int64_t now);

} // namespace bombo

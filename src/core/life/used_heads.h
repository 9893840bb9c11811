#pragma once
/// Heads that were played already: on another drum of the workbook, or taken off one.
#include "core/log/entry.h"

#include <span>

namespace bombo {

struct UsedHead {
    std::string drumId; ///< that it is on, or was last
    HeadSpec head;
    bool isOn = false;
    double hours = 0; ///< played in all, as far as the logbook knows
    bool operator==(const UsedHead&) const = default;
};

/// Those that fit: of drums with the same diameter, for the same side, without the one that is on; those on
/// other drums first, then the ones taken off, the newest first.
/// @param drums of the workbook, `onto` among them @param entries of all drums, in order of time
/// @param kinds that can be had @param now seconds since 1970, UTC
std::vector<UsedHead> usedHeads(const Drum& onto, HeadSide side, std::span<const Drum> drums,
                                std::span<const Entry> entries, std::span<const HeadSpec> kinds,
                                std::int64_t now);

} // namespace bombo

#pragma once
/// Where one is in the work and what one noted: one row a session, never undone, never lost.
#include <array>
#include <cstdint>
#include <optional>
#include <string>

namespace bombo {

enum class Station { Drum, Tone, SnareSide, Batter, Wires, Muffling, Proof };
inline constexpr std::array kStations{Station::Drum,  Station::Tone,     Station::SnareSide, Station::Batter,
                                      Station::Wires, Station::Muffling, Station::Proof};
enum class SoundSource { Practice, File, Microphone };

/// When to look at the drum again.
enum class ReminderKind { RestOver, Recheck, BatterWorn, SnareSideWorn, WiresWorn };
struct Reminder {
    ReminderKind kind = ReminderKind::Recheck;
    std::int64_t due = 0; ///< seconds since 1970, UTC
    bool operator==(const Reminder&) const = default;
};

struct Context {
    Station station = Station::Drum;
    SoundSource source = SoundSource::Practice;
    std::optional<int> nearestRod; ///< 0-based: the one that the user stands before, if it was said
    std::int64_t showAt = 0; ///< when the minutes before a show are over, seconds since 1970, UTC; 0: no show
    std::optional<Reminder> reminder;
    std::string note;
    int noteAt = 0; ///< clock of the work when the note was written, see noteNow
    bool operator==(const Context&) const = default;
};

} // namespace bombo

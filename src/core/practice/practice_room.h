#pragma once
/// The room that the practice drum stands in, and the microphone that hears it there. Shares nothing with the
/// ear.
#include "core/units/quantities.h"

#include <array>
#include <cstdint>
#include <span>
#include <string_view>
#include <vector>

namespace bombo {

enum class RoomKind { Dry, Bedroom, Rehearsal, Hall };
enum class RoomDistance { Near, Far };
enum class MicrophoneKind {
    Good,
    BuiltIn,     ///< of a laptop: no bass, a floor of its own, its driver's gate shuts when it grows quiet
    FollowsGain, ///< of a headset: its driver turns the gain down for a blow and up again in the quiet
};

struct PracticeRoom {
    RoomKind kind = RoomKind::Rehearsal;
    RoomDistance distance = RoomDistance::Near;
    MicrophoneKind microphone = MicrophoneKind::Good;
    std::uint64_t seed = 1; ///< where in the room drum and microphone stand
    bool operator==(const PracticeRoom&) const = default;
};

/// Names for settings and the command line.
inline constexpr std::array<std::string_view, 3> kMicrophoneNames{"good", "built_in", "follows_gain"};
inline constexpr std::array<std::string_view, 4> kRoomNames{"dry", "bedroom", "rehearsal", "hall"};

/// What is stated of a room.
struct RoomNature {
    std::array<double, 3> size; ///< m
    Seconds rt60;               ///< at 500 Hz
    double floorDb;             ///< of fan, street and neighbours against the tap's peak
    Metres near;                ///< from drum to microphone
    Metres far;
};
const RoomNature& natureOf(RoomKind kind); ///< @pre not Dry

/// Impulse response from drum to microphone, the direct sound 1 and at 0: image sources up to 45 ms, then
/// noise that dies at the room's rate, its treble faster. Source: Allen and Berkley, J. Acoust. Soc. Am. 65
/// (1979); level of the tail after Kuttruff, Room Acoustics, chapter 4.
/// @param aside by which the sounding place lies off the drum's middle, m; what the room makes of it changes
/// a little
/// @pre not Dry
std::vector<double> roomResponse(const PracticeRoom& room, double sampleRate, double asideX = 0.0,
                                 double asideY = 0.0);

/// A dry sound as the microphone hears it; as it is in a dry room. @param lead samples before the blow, left
/// alone
void hearInRoom(std::vector<float>& sound, const PracticeRoom& room, double sampleRate, std::size_t lead,
                double asideX, double asideY, std::uint64_t stroke);

/// What the microphone's driver makes of all that it hears, hum and floor too; nothing with a good one.
/// @param lead samples before the blow
void passDriver(std::vector<float>& sound, const PracticeRoom& room, double sampleRate, std::size_t lead);

} // namespace bombo

#pragma once

namespace bombo {

/// Stored names of the exercises of the hands, among the results of the ear: in cents, in dB, in turns.
inline constexpr const char* kSameTap = "same_tap";
inline constexpr const char* kEvenBackbeats = "even_backbeats";
inline constexpr const char* kTurnByFeel = "turn_by_feel";

} // namespace bombo

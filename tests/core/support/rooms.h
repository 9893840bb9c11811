#pragma once
/// Taps in rooms with known truth, made by the tests themselves: no image sources and no drum model of the
/// program's. Deterministic by seed.
#include "core/reading/name_partials.h"
#include "core/tap/tap_splitter.h"

#include <cstdint>
#include <vector>

namespace bombo::testing {

/// A drum of another nature than the program's model: ratios, decays and strengths drawn at random around
/// those of heads, film that starts sharp, pairs that split.
struct RoomTap {
    double edge = 300;      ///< Hz, where the (1,1) settles; of a pair its mean, weighted by amplitude
    double t60 = 0.4;       ///< s, of the (1,1)
    double glide = 0;       ///< cents at the start
    double pair = 0;        ///< Hz between the two of the (1,1)
    double secondCents = 0; ///< by which the others stand against the (1,1)
    std::uint64_t seed = 1; ///< of ratios, phases, contact
};

struct TestRoom {
    double rt60 = 0.45;  ///< s
    double directDb = 6; ///< of the direct sound over all that follows
    double snrDb = 35;   ///< of the tap's first 50 ms over the floor
    double rate = 48000;
    std::uint64_t seed = 1; ///< the place of drum and microphone
};

inline constexpr double kRoomLead = 0.35; ///< s before the tap

/// The tap as the microphone hears it, `length` seconds after the lead.
std::vector<float> tapInRoom(const RoomTap& tap, const TestRoom& room, double length = 1.0);

/// What a model might expect of it, `off` cents beside the truth: the mean of the ratios that are drawn from.
Expectation expectingInRoom(double edge, double off);

/// The highest bin within 120 cents of `near` of a plain Hann spectrum of the half second after the onset,
/// refined by a parabola: the simple method to beat.
double hannPeak(const Tap& tap, double near);

} // namespace bombo::testing

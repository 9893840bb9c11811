#pragma once
/// What the practice drum's sounds are put together from.
#include "core/practice/practice_drum.h"
#include "core/units/dice.h"

namespace bombo {

struct Voice {
    double frequency; ///< Hz
    double rate;      ///< of decay, 1/s
    double amplitude;
    double bend = 0.0; ///< share by which the frequency starts higher; falls with the square of the amplitude
};

/// Sum of damped sines from the end of the lead-in on.
std::vector<double> voicesSummed(const std::vector<Voice>& voices, const PracticeSound& sound);
/// The same sound with this highest value.
std::vector<float> scaledTo(double peak, const std::vector<double>& sum);
/// Noise and hum of the room, against this peak.
void addRoom(std::vector<float>& samples, const PracticeSound& sound, double peak, Dice& dice);
/// A dry sound as it comes out of the microphone, with the floor, the hum and what its driver does.
/// @param peak of an ordinary blow, that floor and hum are stated against
void hearHere(std::vector<float>& samples, const PracticeSound& sound, double radius, double angle,
              std::uint64_t stroke, double peak, Dice& dice);

} // namespace bombo

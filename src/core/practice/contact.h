#pragma once
/// What touches the film for a moment, and what hands do beside it.
#include "core/units/quantities.h"

#include <array>
#include <string_view>
#include <vector>

namespace bombo {

class Dice;
struct PracticeSound;

enum class Striker { Finger, Key, Stick, Mallet };
/// Names for the command line.
inline constexpr std::array<std::string_view, 4> kStrikerNames{"finger", "key", "stick", "mallet"};

/// Share of a partial's strength that is left by a touch that lasts: of a half sine of force, its spectrum
/// (half a period at 1/2T gives pi/4, the first zero lies at 3/2T); a fingertip gives way, and its force has
/// no corners. Source: docs/physics.md, section 9.
double throughContact(Striker striker, double hertz);

/// The noise of the touch itself, on top of the sound from the end of the lead-in on: skin on film, the
/// clatter of a key, the tip and the body of a stick, felt.
/// @param peak of the blow
void addContact(std::vector<float>& samples, const PracticeSound& sound, Striker striker, double peak,
                Dice& dice);

/// Hands on drum and stand while it sounds: two to four dull knocks and a rustle of sleeves, some 20 to 34 dB
/// below the blow, anywhere but in the 80 ms about it.
void addHandling(std::vector<float>& samples, const PracticeSound& sound, double peak, Dice& dice);

} // namespace bombo

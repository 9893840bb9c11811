#pragma once
/// A simulated stand-in for a drum on a stool: it has a nature of its own that the advice does not know.
#include "core/acoustics/weather.h"
#include "core/drum/drum.h"
#include "core/muffling/muffling.h"
#include "core/practice/contact.h"
#include "core/practice/practice_room.h"
#include "core/wires/wire_sweep.h"

#include <cstdint>
#include <optional>
#include <vector>

namespace bombo {

/// Hidden nature of one head, drawn from the seed.
struct HiddenHead {
    double fingerTension = 250;      ///< N/m when the user says "finger-tight"
    double perTurn = 1500;           ///< N/m per turn
    std::vector<double> unevenTurns; ///< what each rod is really ahead or behind
    std::vector<double> friction;    ///< share of each turn that a rod loses
    double neighbourShare = 0.05;    ///< of a rod's pull that its two neighbours take, each
    double anisotropy1 = 1.0;        ///< how strongly unevenness splits (1,1)
    double anisotropy2 = 1.0;        ///< and (2,1)
    double damping = 1.0;            ///< factor on the decay rates
    double glide = 6.0;  ///< cents by which a usual tap starts sharp; with the square of the strength
    double pitchOff = 0; ///< share by which its modes lie above what the model says: no drum is the model's
    Turns standing{2.0}; ///< above finger-tight, when it is found standing and nobody counted
};
/// What its knob does to the wires' pull. The strands straighten first, then cord and strands stretch, softer
/// or stiffer the further they are drawn: (x^2 / (x + slack))^power at x turns from where it begins.
struct HiddenStrainer {
    Turns begins;       ///< where the knob begins to pull, from what is counted as first contact
    double slack = 0.0; ///< turns over which the strands straighten
    double power = 1.0;

    double pullAt(Turns knob) const; ///< in units of its own; 0 and more
    Turns knobAt(double pull) const; ///< the inverse
};
struct HiddenNature {
    HiddenHead batter;
    HiddenHead snareSide;
    HiddenStrainer strainer;
    Turns whisperChoke;        ///< strainer turns beyond which a whisper near the edge is not answered
    Turns rattle;              ///< strainer turns below which a loud stroke rattles on
    double dynamicDb = 10.0;   ///< from one dynamic to the next louder one
    double edgeDb = 7.5;       ///< by which a stroke near the edge throws the wires less
    double padLoss = 1.0;      ///< factor on what a pad takes at 400 Hz
    double padLossSlope = 0.0; ///< exponent of frequency on that
    double filmGives = 1.0;    ///< factor on the springs of film under what lies on the head
    double gaugeGain = 0.02;   ///< marks of the gauge that hangs beside it, per N/m
    double gaugePower = 1.0;   ///< exponent of tension on them
    double swells = 0;         ///< what its shell takes on of the damp in an evening, as expansionPerHumidity
    double centreOff = 0;      ///< as pitchOff, for what both heads do together without diameters

    const HiddenHead& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
};

/// Strainer turns beyond which a stroke is no longer answered.
Turns chokeOf(const HiddenNature& nature, StrokePlace place, Dynamic dynamic);
/// And a voice that sings into the drum, a dynamic softer than a whisper in the middle.
Turns voiceChokeOf(const HiddenNature& nature);

HiddenNature drawNature(const Drum& drum, std::uint64_t seed);

/// In which the hidden nature holds; elsewhere film and shell swell and shrink.
inline constexpr Weather kPracticeWeather{Celsius{20.0}, 0.5, Pascal{101325.0}};

/// What the hands have done to the drum.
struct PracticeState {
    std::vector<Turns> batterTurns; ///< net since finger-tight, one a rod
    std::vector<Turns> snareSideTurns;
    Turns strainer; ///< from first contact
    std::vector<Pad> pads{};
    bool batterStood = false; ///< its turns count from how it was found standing
    bool snareSideStood = false;
    bool leverOn = true; ///< else the wires hang free of the film

    const std::vector<Turns>& turns(HeadSide side) const {
        return side == HeadSide::Batter ? batterTurns : snareSideTurns;
    }
    std::vector<Turns>& turns(HeadSide side) {
        return side == HeadSide::Batter ? batterTurns : snareSideTurns;
    }
    bool stood(HeadSide side) const { return side == HeadSide::Batter ? batterStood : snareSideStood; }
};

/// Whose hands tap: 0 a machine's, 1 a usual pair, 3 hurried ones.
struct PracticeHands {
    double sloppiness = 1.0; ///< scales how place and strength scatter; from 2 on one tap in eight goes
                             ///< wrong: a second blow, too soft, or far from the rod
    bool finger = true;      ///< a light one on the middle of the head that is tapped
    bool mutes = true;       ///< the other head
    double loosely = 0.0;    ///< how far the hand gives that mutes it, 0 to 1: a wall, or hardly there
    bool backbeat = false;   ///< a whole stroke lands a little out of the middle, as in a song
    Striker striker = Striker::Finger;
    bool fidgets = false; ///< hands knock and rustle on drum and stand while it sounds
};

struct PracticeSound {
    double sampleRate = 48000;
    double noiseDb = -52.0; ///< room noise against the tap's peak
    double humDb = -200.0;  ///< 50 Hz and harmonics, likewise
    Seconds length{0.9};
    Seconds leadIn{0.15}; ///< room noise before the tap
    PracticeRoom room{.kind =
                          RoomKind::Dry}; ///< elsewhere than in the dry, film glides and decays in two stages
};

/// As it sounds in a room, drum and microphone somewhere in it by the seed.
PracticeSound soundIn(const PracticeRoom& room, double sampleRate, std::uint64_t seed);

/// A tap on one head 0.86 of the radius out in front of a rod, or in the middle; wires off, microphone over
/// it. Deterministic by nature and `stroke`.
struct PracticeTap {
    HeadSide side = HeadSide::Batter;
    std::optional<int> rod = 0; ///< 0-based; empty: the middle
    std::uint64_t stroke = 0;   ///< the number of the stroke in the session
    PracticeHands hands{};
    std::optional<double> radius = std::nullopt; ///< from the middle, share of the head's; empty: as above
};
std::vector<float> practiceTap(const Drum& drum, const HiddenNature& nature, const PracticeState& state,
                               const PracticeTap& tap, const Weather& weather = kPracticeWeather,
                               const PracticeSound& sound = {});

struct PracticeWireStroke {
    std::vector<float> samples;
    bool answered = false;
    bool rattled = false;
};
/// A stroke on the batter with the wires on, at a strainer stop; with the lever off a backbeat a little out
/// of the middle, and neither answered nor rattled. Hands scatter in place and strength.
PracticeWireStroke practiceWireStroke(const Drum& drum, const HiddenNature& nature,
                                      const PracticeState& state, StrokePlace place, Dynamic dynamic,
                                      std::uint64_t stroke, const Weather& weather = kPracticeWeather,
                                      const PracticeSound& sound = {},
                                      const PracticeHands& hands = {.sloppiness = 0.0});

/// Three seconds of a hum beside the drum, lever on or off. It throws the wires a dynamic less than a whisper
/// in the middle does: they hiss with it while the strainer stands that much below its choke.
std::vector<float> practiceVoice(const HiddenNature& nature, const PracticeState& state, std::uint64_t stroke,
                                 const PracticeSound& sound = {});

/// What the gauge beside the practice drum shows at a rod: to half a mark, repeating to half a per cent.
double practiceGauge(const HiddenNature& nature, const PracticeState& state, HeadSide side, int rod,
                     std::uint64_t stroke);

/// The gap from hoop to shell at a rod, mm: to a hundredth, repeating to three. A hoop that is not flat, and
/// turns that went into friction, show in it.
double practiceGap(const HiddenNature& nature, const PracticeState& state, HeadSide side, int rod,
                   std::uint64_t stroke);
/// How the film beside a rod gives under the thumb against the rest, in the steps of localFromFeel.
double practiceFeel(const HiddenNature& nature, const PracticeState& state, HeadSide side, int rod,
                    std::uint64_t stroke);

// The truth: for tests and benchmarks, never for advice.
/// Each rod's own against the mean tension, in cents of pitch.
std::vector<Cents> trueOwnDeviation(const HiddenNature& nature, const PracticeState& state, HeadSide side);
/// As heard: edge deviation at each rod, cents against their mean.
std::vector<Cents> trueEdgeDeviation(const HiddenNature& nature, const PracticeState& state, HeadSide side);
/// Turns of each rod, counted as `state` counts them, at which every rod of the head pulls alike.
std::vector<Turns> evenTurns(const HiddenNature& nature, const PracticeState& state, HeadSide side,
                             Tension tension);
/// Tension in front of each rod, N/m.
std::vector<Tension> trueRodTensions(const HiddenNature& nature, const PracticeState& state, HeadSide side);
/// True mean tension of a head in kPracticeWeather.
double trueMeanTension(const HiddenNature& nature, const PracticeState& state, HeadSide side);

} // namespace bombo

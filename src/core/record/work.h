#pragma once
/// What the hands did and the ears heard on one drum towards one tone: every step of it is kept, undone and
/// redone.
#include "core/faults/fault_case.h"
#include "core/muffling/muffling.h"
#include "core/procedure/head_work.h"
#include "core/procedure/pitch_card.h"
#include "core/reading/voice_answer.h"
#include "core/wires/wire_sweep.h"

#include <cstdint>
#include <string>
#include <vector>

namespace bombo {

/// Whether the wires answered a voice beside the drum.
struct VoiceAnswer {
    double gainDb = 0; ///< by how much more they hissed with the lever on
    Turns strainer;    ///< where the knob stood
    bool answers() const { return gainDb >= kVoiceAnswersFrom; }
    bool operator==(const VoiceAnswer&) const = default;
};

/// What one stroke said of the wires; empty where it says nothing.
struct WireAnswer {
    StrokePlace place = StrokePlace::Middle;
    Dynamic dynamic = Dynamic::Whisper;
    std::optional<bool> answered;
    std::optional<bool> rattled;
    bool operator==(const WireAnswer&) const = default;
};

struct WireWork {
    Turns strainer; ///< of the knob from first contact
    bool begun = false;
    std::vector<WireTest> tests;
    std::vector<RattleTest> rattles;
    WireJudging judging = WireJudging::AsTone;
    std::optional<VoiceAnswer> voice;
    bool operator==(const WireWork&) const = default;
};

/// A partial of a whole stroke, where the model could name it.
struct StrokePartial {
    int m = 0;
    int order = 1;
    Hertz frequency;
    Seconds t60;
    double levelDb = 0; ///< against the strongest of the stroke
    bool operator==(const StrokePartial&) const = default;
};

/// One whole stroke at the stations after the heads, as far as it is kept.
struct HeardStroke {
    Hertz centre;
    std::optional<Seconds> tone; ///< of the whole tone, 60 dB; empty where noise hid the decay
    std::optional<Seconds> buzz; ///< of the wires, likewise; empty without wires
    double levelDb = 0;
    bool wires = false; ///< they were heard
    Turns strainer;     ///< where the knob stood
    std::vector<StrokePartial> partials{};
    std::optional<Hertz>
        centreError{}; ///< one standard error; empty in strokes of old workbooks; likewise below
    std::optional<Seconds> toneError{};
    std::optional<Seconds> buzzError{};
    bool operator==(const HeardStroke&) const = default;
};
/// More would say nothing new of the drum as it stands.
inline constexpr std::size_t kMostStrokes = 40;

/// What the strokes say of the drum as it stands, each the median of them.
struct StrokesSay {
    std::optional<Seconds> ring; ///< of the whole tone with the wires off: wires take some of it
    std::optional<Seconds> tone; ///< with the wires on, at this stop of the knob
    std::optional<Seconds> buzz; ///< likewise
    std::optional<Hertz> centre; ///< of all
    int strokes = 0;
    std::optional<Seconds> ringError{}; ///< one standard error, see medianWithError; likewise below
    std::optional<Seconds> toneError{};
    std::optional<Seconds> buzzError{};
    std::optional<Hertz> centreError{};
    bool operator==(const StrokesSay&) const = default;
};

/// The ring of the head without anything laid on it, as heard, with what was predicted of it.
struct OpenRing {
    Seconds heard;
    Seconds predicted;
    int at = 0; ///< clock
    bool operator==(const OpenRing&) const = default;
};

/// One thing is changed, and both are heard.
struct Experiment {
    std::string what; ///< the user's words
    std::vector<Pad> pads;
    Turns strainer;
    StrokesSay before;
    int at = 0; ///< clock
    bool operator==(const Experiment&) const = default;
};
struct ExperimentResult {
    std::string what;
    StrokesSay before;
    StrokesSay after;
    bool kept = false;
    bool operator==(const ExperimentResult&) const = default;
};
enum class Changed { Nothing, Pads, Strainer, Heads, Several };

/// Before and after, heard level-matched without knowing which is which.
struct BlindResult {
    int trials = 0;
    int before = 0; ///< times the earlier one was liked better; the rest of the trials: no difference
    int after = 0;
    bool operator==(const BlindResult&) const = default;
};
inline constexpr int kMostStars = 5;

/// Minutes before a show; how the heads were worked on otherwise comes back when it is over.
struct Hurry {
    double minutes = 5.0;
    Cents tolerance{8.0}; ///< before it began; likewise below
    std::optional<RoundWay> batterWay;
    std::optional<RoundWay> snareSideWay;
    bool operator==(const Hurry&) const = default;
};

/// Where knob and pads were in the entry that one goes back to.
struct GoingBack {
    std::string to; ///< what the user knows the entry by
    std::optional<Turns> strainer;
    std::optional<std::vector<Pad>> pads; ///< empty where nobody wrote down what lay there
    bool operator==(const GoingBack&) const = default;
};

struct Work {
    Drum drum;
    Tone tone;
    Wish wish{};
    School school{};
    Weather weather{};
    Path path = Path::OppositePairs;
    Cents tolerance{8.0};
    StrayRule strays = StrayRule::ToTarget;
    Turns largestStep{0.5}; ///< of the rounds that raise a head
    Seating seating = Seating::Palm;
    WiresAway wiresAway = WiresAway::Lifted;
    std::optional<Hurry> hurry;
    std::uint64_t practiceSeed = 1;
    HeadWork snareSide;
    HeadWork batter;
    WireWork wires;
    PitchCard card;
    std::vector<Pad> pads;
    std::vector<HeardStroke> strokes; ///< of the drum as it stands since strokesAt
    std::optional<OpenRing> openRing;
    std::optional<Experiment> experiment;
    std::vector<ExperimentResult> experiments;
    std::optional<BlindResult> blind;
    std::optional<GoingBack> goingBack;
    std::optional<FaultCase> faults; ///< what is being looked for
    int stars = 0;                   ///< 1 to kMostStars; 0: not judged

    int clock = 0;  ///< steps taken so far
    int toneAt = 0; ///< clock when tone, wish or school was chosen; 0 never; likewise below
    int weatherAt = 0;
    int snareSideAt = 0;
    int batterAt = 0;
    int snareSideHeardAt = 0; ///< clock when a round of taps on it was last finished
    int batterHeardAt = 0;
    int wiresAt = 0;
    int padsAt = 0;
    int cardAt = 0;    ///< clock of the card's last tap
    int strokesAt = 0; ///< clock of the last of `strokes`
    int savedAt = 0;
    int setupAt = 0; ///< clock when the setup at hand began: the first change after the one before was saved

    const HeadWork& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
    HeadWork& head(HeadSide side) { return side == HeadSide::Batter ? batter : snareSide; }
    bool operator==(const Work&) const = default;
};

} // namespace bombo

#pragma once
/// The usable span of the strainer, from a model of the wires and the user's own answers.
#include "core/drum/drum.h"

#include <array>
#include <optional>
#include <vector>

namespace bombo {

enum class Dynamic { Whisper, Soft, Medium, Loud };
enum class StrokePlace { Middle, Edge };
inline constexpr std::array kDynamics{Dynamic::Whisper, Dynamic::Soft, Dynamic::Medium, Dynamic::Loud};
inline constexpr std::array kPlaces{StrokePlace::Middle, StrokePlace::Edge};

/// One stroke at one strainer stop.
struct WireTest {
    Turns turns; ///< of the knob from first contact
    StrokePlace place = StrokePlace::Middle;
    Dynamic dynamic = Dynamic::Whisper;
    bool answered = false;
    bool operator==(const WireTest&) const = default;
};
/// Whether a loud stroke at a stop was clean, or the wires rattled on after it.
struct RattleTest {
    Turns turns;
    bool rattled = false;
    bool operator==(const RattleTest&) const = default;
};

enum class StrainerAdvice { Tighten, Loosen, Leave, TestMore };

/// By what the setting is judged.
enum class WireJudging {
    AsTone,       ///< so far into the clean span as the tone wants
    LoosestClean, ///< the loosest clean setting that still answers a whisper
    EqualLengths, ///< buzz as long as the drum's tone
    Dry,          ///< the tightest that answers a whisper near the edge
    Wet           ///< a quarter turn below clean: a loud stroke may rattle on a little
};

/// A place on the knob with what it is known to.
struct KnobPlace {
    Turns turns; ///< from first contact
    Turns error; ///< one standard error
};

/// Where a stroke chokes; far out its errors are unlike.
struct ChokePlace : KnobPlace {
    Turns from; ///< one in six lies below,
    Turns to;   ///< one in six above
};

struct WireAdvice {
    StrainerAdvice advice = StrainerAdvice::TestMore;
    Turns recommended; ///< of the knob from first contact, in eighths
    Turns error;       ///< one standard error of it
    Turns rattleBelow; ///< looser than this, a loud stroke rattles on
    Turns chokeAbove;  ///< tighter than this, a whisper near the edge is not answered
    std::array<std::array<ChokePlace, kDynamics.size()>, kPlaces.size()> chokes{}; ///< see choke()
    KnobPlace rattle{};            ///< as found; rattleBelow is never below first contact
    std::optional<Turns> nextTest; ///< the stop whose answers would tell most; empty if nothing is gained
    Turns contact;                 ///< where the pull begins, as the answers have it
    bool contradictory = false;    ///< a stroke answered where by the others it should long be choked, or the
                                   ///< other way about: one of the answers is wrong
    bool onePlaceOnly =
        false; ///< strokes at the middle or the edge alone: the other is taken from usual drums
    bool noUsableSpan =
        false; ///< rattle begins before choke ends: tighten the snare side or change the wires

    /// From contact to where a whisper near the edge chokes.
    Turns reach() const { return chokeAbove - contact; }
    /// Where a stroke chokes.
    const ChokePlace& choke(StrokePlace place, Dynamic dynamic) const {
        return chokes[static_cast<std::size_t>(place)][static_cast<std::size_t>(dynamic)];
    }
};

inline constexpr double kFarthestStrainer = 6.0; ///< turns from first contact

/// By how much a stroke throws the wires less than the next louder one, and less near the edge than in the
/// middle: of a usual drum; what the answers say of this one counts more.
inline constexpr double kDynamicDb = 10.0;
inline constexpr double kEdgeDb = 7.5;

/// The strainer pulls in a straight line from `contact` on: cord or strap and strands are springs in series.
/// @return the pull at `knob` over that at `other`, dB; near and below contact as a twentieth of a turn
/// further
double pullDb(Turns knob, Turns other, Turns contact);

/// Turns beyond which a stroke is no longer answered, given the whisper-at-the-middle choke point: where the
/// pull is as much higher as the stroke is stronger.
Turns chokeTurns(Turns whisperMiddle, StrokePlace place, Dynamic dynamic, Turns contact,
                 double dynamicDb = kDynamicDb, double edgeDb = kEdgeDb);

/// What is known of the wires of a drum: before any stroke, and of the strokes that were tried.
struct Sweep {
    double slackTurns = 0;        ///< that stretched strands have eaten up
    double snareSideFilmLoad = 0; ///< a tighter head throws the strands harder
    double margin = 0.5; ///< 0: loosest clean setting; 1: tightest that answers a whisper at the edge
    Turns current;       ///< of the knob, from first contact
    WireJudging judging = WireJudging::AsTone; ///< else `margin` does not count
    std::optional<KnobPlace> equalLengths{};   ///< where buzz and tone last alike, for that judging
    std::vector<WireTest> tests{};             ///< one a stroke and stop
    std::vector<RattleTest> rattles{};
};

/// Stops that are tried at most before the best one is taken as found.
inline constexpr int kMostTestStops = 5;

/// Threshold model: strands stay on the head while the pull, which grows along the knob in a straight line,
/// outweighs the head's acceleration. Gaussian prior over the logarithms (choke of a whisper near the edge,
/// dynamic, edge), over the place of first contact and over the rattle, logistic answers with a share of
/// slips, posterior on a grid.
/// Source: docs/physics.md, section 11.
WireAdvice adviseWires(const Sweep& sweep);

/// A stroke to try; `asksRattle`: loud at the middle, and whether the wires rattle on after it.
struct Stroke {
    StrokePlace place = StrokePlace::Edge;
    Dynamic dynamic = Dynamic::Whisper;
    bool asksRattle = false;
    bool operator==(const Stroke&) const = default;
};
/// The stroke at this stop whose answer would tell most of the setting that is wanted; empty when none that
/// was not tried there tells enough, or after kMostStrokesAStop.
std::optional<Stroke> nextStroke(const Sweep& sweep);
inline constexpr int kMostStrokesAStop = 6;

/// Where to go with the knob: while a stop that was not tried tells something, there; then to the best one,
/// unless it stands within an eighth of it already.
Turns nextStopOf(const WireAdvice& advice, const Sweep& sweep);

} // namespace bombo

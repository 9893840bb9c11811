#pragma once
/// The whole state of the work on one drum towards one tone: one value, changed only by commands.
#include "core/faults/player_or_drum.h"
#include "core/faults/ring_causes.h"
#include "core/muffling/muffling.h"
#include "core/procedure/head_work.h"
#include "core/procedure/pitch_card.h"
#include "core/procedure/quick_plan.h"
#include "core/procedure/ring_plans.h"
#include "core/reading/voice_answer.h"
#include "core/wires/sympathy.h"
#include "core/wires/wire_fit.h"
#include "core/wires/wire_sweep.h"

#include <cstdint>
#include <string>
#include <variant>
#include <vector>

namespace bombo {

enum class Station { Drum, Tone, SnareSide, Batter, Wires, Muffling, Proof };
inline constexpr std::array kStations{Station::Drum,  Station::Tone,     Station::SnareSide, Station::Batter,
                                      Station::Wires, Station::Muffling, Station::Proof};
enum class StationState { Open, Doing, Done, Stale };
enum class SoundSource { Practice, File, Microphone };

/// Whether the wires answered a voice beside the drum.
struct VoiceAnswer {
    double gainDb = 0; ///< by how much more they hissed with the lever on
    Turns strainer;    ///< where the knob stood
    bool answers() const { return gainDb >= kVoiceAnswersFrom; }
    bool operator==(const VoiceAnswer&) const = default;
};

struct WireWork {
    Turns strainer; ///< of the knob from first contact
    bool begun = false;
    std::vector<WireTest> tests;
    std::vector<RattleTest> rattles;
    std::optional<WireLayout> layout;  ///< as measured; empty until someone took a rule
    std::vector<Neighbour> neighbours; ///< instruments that may set them going
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
    std::optional<Seconds> tone; ///< tone length, 60 dB; empty where noise hid the decay
    std::optional<Seconds> buzz; ///< of the wires, likewise; empty without wires
    double levelDb = 0;
    bool wires = false; ///< they were heard
    Turns strainer;     ///< where the knob stood
    std::vector<StrokePartial> partials{};
    bool operator==(const HeardStroke&) const = default;
};
/// More would say nothing new of the drum as it stands.
inline constexpr std::size_t kMostStrokes = 40;

/// What the strokes say of the drum as it stands, each the median of them.
struct StrokesSay {
    std::optional<Seconds> ring; ///< tone length with the wires off: wires take some of it
    std::optional<Seconds> tone; ///< with the wires on, at this stop of the knob
    std::optional<Seconds> buzz; ///< likewise
    std::optional<Hertz> centre; ///< of all
    int strokes = 0;
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

/// When to look at the drum again.
enum class ReminderKind { RestOver, Recheck };
struct Reminder {
    ReminderKind kind = ReminderKind::Recheck;
    std::int64_t due = 0; ///< seconds since 1970, UTC
    bool operator==(const Reminder&) const = default;
};

/// Minutes before a show; what the session was like otherwise comes back when it is over.
struct Hurry {
    double minutes = 5.0;
    std::int64_t until = 0; ///< seconds since 1970, UTC
    Cents tolerance{8.0};   ///< before it began
    bool operator==(const Hurry&) const = default;
};

/// A tension gauge and what is known of it.
struct GaugeRecord {
    std::string name;               ///< the user's
    std::vector<GaugePoint> points; ///< from earlier sessions
    bool operator==(const GaugeRecord&) const = default;
};

struct Session {
    Drum drum;
    Tone tone;
    Wish wish{};
    School school{};
    Weather weather{};
    Station station = Station::Drum;
    Path path = Path::OppositePairs;
    Cents tolerance{8.0};
    StrayRule strays = StrayRule::ToTarget;
    Turns largestStep{0.5}; ///< of the rounds that raise a head
    Seating seating = Seating::Palm;
    WiresAway wiresAway = WiresAway::Lifted;
    bool leftHanded = false;       ///< rounds of taps run clockwise, as a left hand goes on
    std::optional<int> nearestRod; ///< 0-based: the one that the user stands before, if it was said
    GaugeRecord gauge;
    std::optional<Reminder> reminder;
    std::optional<Hurry> hurry;
    SoundSource source = SoundSource::Practice;
    std::uint64_t practiceSeed = 1;
    HeadWork snareSide;
    HeadWork batter;
    WireWork wires;
    PitchCard card;
    std::vector<Pad> pads;
    std::vector<HeardStroke> strokes;          ///< of the drum as it stands since strokesAt
    std::vector<PadKind> ownKinds;             ///< calibrated by the user, newest last
    std::optional<MicrophonePlace> microphone; ///< close to the batter, if one is set up
    std::optional<OpenRing> openRing;
    std::optional<Experiment> experiment;
    std::vector<ExperimentResult> experiments;
    std::optional<BlindResult> blind;
    int stars = 0; ///< 1 to kMostStars; 0: not judged
    std::string note;

    int clock = 0;  ///< commands applied so far
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

    const HeadWork& head(HeadSide side) const { return side == HeadSide::Batter ? batter : snareSide; }
    HeadWork& head(HeadSide side) { return side == HeadSide::Batter ? batter : snareSide; }
};

Session newSession(Drum drum, Tone tone, std::uint64_t practiceSeed);

// Commands. Values only; each is one thing the user did and can undo.
struct GoTo {
    Station station = Station::Drum;
};
struct ChooseTone {
    Tone tone;
};
struct SetWish {
    Wish wish;
};
struct ChooseSchool {
    School school;
};
/// The weather at hand; readings from before count as heard in theirs.
struct SetWeather {
    Weather weather;
};
struct ChooseSource {
    SoundSource source = SoundSource::Practice;
};
struct FingerTight {
    HeadSide side = HeadSide::Batter;
};
struct GroupTurned {
    HeadSide side = HeadSide::Batter;
};
struct BeginTapping {
    HeadSide side = HeadSide::Batter;
    int startRod = 0;
    Direction direction = Direction::CounterClockwise;
};
struct TapHeard {
    HeadSide side = HeadSide::Batter;
    RodReading reading;
    std::optional<int> rod = std::nullopt; ///< 0-based, where a marker names it; else the one that is due
};
struct MoveMade {
    HeadSide side = HeadSide::Batter;
};
struct CorrectCount {
    HeadSide side = HeadSide::Batter;
    int rod = 0;
    Turns by;
};
struct StartHeadAgain {
    HeadSide side = HeadSide::Batter;
};
/// Another way of tapping the rounds on a head.
struct ChooseWay {
    HeadSide side = HeadSide::Batter;
    RoundWay way;
};
/// One more tap at this rod, out of turn.
struct AskAgain {
    HeadSide side = HeadSide::Batter;
    int rod = 0;
};
/// In which order the rods of both heads are turned, by one key or two, and how even they are to be.
struct ChooseHandling {
    Path path = Path::OppositePairs;
    Cents tolerance{8.0};
    Seating seating = Seating::Palm;
    WiresAway wiresAway = WiresAway::Lifted;
    StrayRule strays = StrayRule::ToTarget;
    int skip = 1; ///< of Path::OwnSkip
    Turns largestStep{0.5};
};
inline constexpr std::array kSteps{Turns{1.0}, Turns{0.5}, Turns{0.25}, Turns{0.125}}; ///< to choose from
inline constexpr Cents kFinestTolerance{3.0};
inline constexpr Cents kCoarsestTolerance{30.0};
/// A clear tap for the place of the pitch card that is due.
struct CardTapHeard {
    RodReading reading;
};
/// The pitch card is begun anew.
struct StartCard {};
/// A whole stroke, at the stations after the heads.
struct StrokeHeard {
    HeardStroke stroke;
};
/// How the work on a head begins.
struct ChooseCondition {
    HeadSide side = HeadSide::Batter;
    HeadCondition condition = HeadCondition::New;
};
/// The step of the preparation that is at hand is done.
struct Prepared {
    HeadSide side = HeadSide::Batter;
};
/// The mark of the gauge beside the rod that is due.
struct GaugeRead {
    HeadSide side = HeadSide::Batter;
    double mark = 0;
};
/// Another gauge: what is known of it comes along.
struct ChooseGauge {
    GaugeRecord gauge;
};
/// The resistance of the rods jumped; or the cause was found.
struct Resists {
    HeadSide side = HeadSide::Batter;
    bool resists = true;
};
/// From finger-tight back to where the ledger says.
struct RetraceHead {
    HeadSide side = HeadSide::Batter;
};
/// The night is over for a head that was stretched to seat it.
struct Rested {
    HeadSide side = HeadSide::Batter;
};
struct SetHand {
    bool left = false;
};
/// The head is made uneven on purpose.
struct BeginTrial {
    HeadSide side = HeadSide::Batter;
    TrialKind kind = TrialKind::SlackenNear;
    std::vector<int> rods; ///< 0-based; of SlackenNear
    Turns amount{0.5};
};
/// The way back.
struct EndTrial {
    HeadSide side = HeadSide::Batter;
};
struct SetNearestRod {
    std::optional<int> rod; ///< 0-based; empty: the hoop is laid out from the strainer
};
struct SetReminder {
    std::optional<Reminder> reminder;
};
/// A few minutes are left: heads are heard as they stand, by half rounds, and moved a little.
struct BeginHurry {
    double minutes = 5.0;
    std::int64_t until = 0; ///< seconds since 1970, UTC
};
struct EndHurry {};
/// Every rod of both heads was turned by these amounts, as a correction of both at once.
struct BothTurned {
    Turns batter;
    Turns snareSide;
};
struct SetStrainer {
    Turns turns;
};
struct AnswerWires {
    StrokePlace place = StrokePlace::Middle;
    Dynamic dynamic = Dynamic::Whisper;
    bool answered = false;
};
struct AnswerRattle {
    bool rattled = false;
};
/// Where the wires lie, by a rule.
struct MeasureWires {
    WireLayout layout;
};
/// The instruments around the drum.
struct SetNeighbours {
    std::vector<Neighbour> neighbours;
};
inline constexpr std::size_t kMostNeighbours = 12;
/// By what the strainer's setting is judged.
struct JudgeWires {
    WireJudging judging = WireJudging::AsTone;
};
/// A voice was heard with the lever off and on.
struct VoiceHeard {
    double gainDb = 0;
};
/// All that lies on the batter at once, e.g. as a plan says.
struct LayPads {
    std::vector<Pad> pads;
};
inline constexpr std::size_t kMostPads = 9;
/// Where the close microphone stands; empty: there is none.
struct PlaceMicrophone {
    std::optional<MicrophonePlace> microphone;
};
/// A thing of the user's own, calibrated; one of the same name is replaced.
struct KeepKind {
    PadKind kind;
};
struct BeginExperiment {
    std::string what;
};
/// Kept as it is, or put back: pads and strainer stand as before then.
struct EndExperiment {
    bool keep = true;
};
struct JudgeBlind {
    BlindResult result;
};
struct SetStars {
    int stars = 0;
};
struct AddPad {
    Pad pad;
};
struct MovePad {
    int index = 0;
    Pad pad;
};
struct RemovePad {
    int index = 0;
};
struct SetNote {
    std::string note;
};
struct MarkSaved {};

using Command =
    std::variant<GoTo, ChooseTone, ChooseSource, FingerTight, GroupTurned, BeginTapping, TapHeard, MoveMade,
                 CorrectCount, StartHeadAgain, SetStrainer, AnswerWires, AnswerRattle, AddPad, MovePad,
                 RemovePad, SetNote, MarkSaved, SetWish, ChooseSchool, SetWeather, BothTurned, ChooseWay,
                 AskAgain, CardTapHeard, StartCard, ChooseHandling, StrokeHeard, ChooseCondition, Prepared,
                 GaugeRead, ChooseGauge, Resists, RetraceHead, SetNearestRod, SetReminder, BeginHurry,
                 EndHurry, BeginTrial, EndTrial, SetHand, Rested, MeasureWires, SetNeighbours, JudgeWires,
                 VoiceHeard, LayPads, PlaceMicrophone, KeepKind, BeginExperiment, EndExperiment, JudgeBlind,
                 SetStars>;

enum class Refusal {
    WrongStage,
    NoSuchRod,
    RoundFull,
    HalfNeedsEvenRods,
    TapsOutOfRange,
    RoundUnderWay, ///< another path would lose the count of a round that is half turned
    ToleranceOutOfRange,
    StepOutOfRange,
    NotByGauge,
    MarkOutOfRange,
    HeadResists,
    NothingToRetrace,
    MinutesOutOfRange,
    SkipMissesRods,
    TrialUnderWay,
    NotStretched,
    TrialNeedsNeighbours, ///< one to three rods side by side
    TrialTurnsOutOfRange,
    TrialWouldSlacken,
    TrialPassesFilm,
    CardFull,
    ToneOutOfReach,
    WeatherOutOfRange,
    StrainerOutOfRange,
    LayoutOutOfRange,
    NeighbourOutOfRange,
    PadBeyondHoop,
    PadOnLandingArea,
    PadsOverlap,
    NoSuchPad,
    TooManyPads,
    MicrophoneOutOfRange,
    KindOutOfRange,
    NothingHeardYet, ///< an experiment compares with what was heard before it
    ExperimentUnderWay,
    NoExperiment,
    HeadsTurnedInIt, ///< pads and strainer can be put back, heads cannot
    StarsOutOfRange,
    TooLongAName,
};

/// The session after the command, or why it cannot be. Pure: equal input, equal output.
Result<Session, Refusal> apply(Session session, const Command& command);
/// Stable name of a command for the journal, e.g. "tap_heard"; untranslated.
const char* commandName(const Command& command);

// Derived, never stored.
inline ToneBrief briefOf(const Session& session) {
    return {session.tone, session.wish, session.school};
}
/// What turns do on both heads, as learned in this session.
TurnModel turnModelOf(const Session& session);
Result<Targets, OutOfReach> targetsOf(const Session& session);
/// @pre the tone is within reach of the drum (see targetsOf)
HeadBrief briefFor(const Session& session, HeadSide side);
/// What is to be done before the show. @pre session.hurry
std::vector<QuickStep> quickPlanOf(const Session& session);
/// A trial on a head as it stands, before it is begun.
Result<UnevenTrial, Refusal> trialOn(const Session& session, const BeginTrial& wish);
TrialPrediction trialPrediction(const Session& session, HeadSide side, const UnevenTrial& trial);
/// Where the work goes on after a station, by the school's order of the heads; the last one follows itself.
Station stationAfter(const Session& session, Station station);
StationState stationState(const Session& session, Station station);
/// Both heads as far as is known now.
DrumState knownState(const Session& session);
/// What is known of the wires.
Sweep sweepOf(const Session& session);
WireAdvice wireAdviceOf(const Session& session);
/// What calms the wires beside the session's neighbours; see calmings().
std::vector<Calming> calmingsOf(const Session& session);
/// What is known of the gauge at hand, from earlier sessions and this one.
std::vector<GaugePoint> gaugePoints(const Session& session);
/// Whether the strokes heard are of the drum as it stands: neither heads nor pads were moved since.
bool strokesHold(const Session& session);
/// Empty throughout when none was heard, or they no longer hold.
StrokesSay strokesSay(const Session& session);
/// Factor on the batter's own decay rates that its open ring teaches, 1 before one was heard, or when the
/// heads were turned since.
double dampingLearned(const Session& session);
/// What lies on the batter and what it does, by all that is known.
MufflingPrediction mufflingOf(const Session& session, HeardFrom from = HeardFrom::Head);
/// Where the wish of a plan comes from: the session as it stands.
std::vector<RingPlan> ringPlansOf(const Session& session);
RingEvidence ringEvidence(const Session& session);
/// The strokes of the drum as it stands, as backbeats, in order of time; empty when they no longer hold.
std::vector<Backbeat> backbeatsOf(const Session& session);
StrokeScatter scatterOf(const Session& session);
/// What differs from when the experiment began. @pre session.experiment
Changed changedSince(const Session& session);
/// Where the model expects the partials of a whole stroke, both heads free.
Expectation strokeExpectation(const Session& session);
/// Where the model expects the partials of the next tap of the pitch card. @pre a place is due
Expectation cardExpectation(const Session& session);
/// What the pitch card says, compared in the weather of its taps; empty while neither edge was heard.
std::optional<CardSays> cardSays(const Session& session);

inline constexpr Celsius kColdest{-20.0};
inline constexpr Celsius kHottest{50.0};
inline constexpr Metres kHighest{6000.0}; ///< above the sea

} // namespace bombo

/// What a command is called when it is undone, and why one was refused.
#include "app/session/wording.h"
#include "core/procedure/quick_plan.h"
#include "core/record/commands/command.h"
#include "core/record/own_names.h"

#include <QCoreApplication>
#include <QHash>

namespace bombo {
namespace {

struct RefusalWordsText {
    Q_DECLARE_TR_FUNCTIONS(RefusalWords)
};

} // namespace

QString commandLabel(const QString& storedName) {
    static const QHash<QString, const char*> labels{
        {QStringLiteral("choose_tone"), QT_TRANSLATE_NOOP("RefusalWords", "choice of tone")},
        {QStringLiteral("set_wish"), QT_TRANSLATE_NOOP("RefusalWords", "wish")},
        {QStringLiteral("choose_school"), QT_TRANSLATE_NOOP("RefusalWords", "school")},
        {QStringLiteral("set_weather"), QT_TRANSLATE_NOOP("RefusalWords", "weather")},
        {QStringLiteral("both_turned"), QT_TRANSLATE_NOOP("RefusalWords", "turn of both heads")},
        {QStringLiteral("finger_tight"), QT_TRANSLATE_NOOP("RefusalWords", "finger-tight")},
        {QStringLiteral("group_turned"), QT_TRANSLATE_NOOP("RefusalWords", "turn")},
        {QStringLiteral("begin_tapping"), QT_TRANSLATE_NOOP("RefusalWords", "start of round")},
        {QStringLiteral("tap_heard"), QT_TRANSLATE_NOOP("RefusalWords", "tap")},
        {QStringLiteral("move_made"), QT_TRANSLATE_NOOP("RefusalWords", "turn")},
        {QStringLiteral("correct_count"), QT_TRANSLATE_NOOP("RefusalWords", "corrected count")},
        {QStringLiteral("start_again"), QT_TRANSLATE_NOOP("RefusalWords", "fresh start of head")},
        {QStringLiteral("set_strainer"), QT_TRANSLATE_NOOP("RefusalWords", "strainer")},
        {QStringLiteral("answer_wires"), QT_TRANSLATE_NOOP("RefusalWords", "wire answer")},
        {QStringLiteral("answer_rattle"), QT_TRANSLATE_NOOP("RefusalWords", "rattle answer")},
        {QStringLiteral("add_pad"), QT_TRANSLATE_NOOP("RefusalWords", "pad laid")},
        {QStringLiteral("move_pad"), QT_TRANSLATE_NOOP("RefusalWords", "pad moved")},
        {QStringLiteral("remove_pad"), QT_TRANSLATE_NOOP("RefusalWords", "pad taken off")},
        {QStringLiteral("choose_way"), QT_TRANSLATE_NOOP("RefusalWords", "way of tapping")},
        {QStringLiteral("ask_again"), QT_TRANSLATE_NOOP("RefusalWords", "asked again")},
        {QStringLiteral("choose_handling"), QT_TRANSLATE_NOOP("RefusalWords", "order and tolerance")},
        {QStringLiteral("card_tap"), QT_TRANSLATE_NOOP("RefusalWords", "tap for the card")},
        {QStringLiteral("card_tap_back"), QT_TRANSLATE_NOOP("RefusalWords", "tap of the card taken back")},
        {QStringLiteral("start_card"), QT_TRANSLATE_NOOP("RefusalWords", "new pitch card")},
        {QStringLiteral("choose_condition"), QT_TRANSLATE_NOOP("RefusalWords", "beginning of head")},
        {QStringLiteral("prepared"), QT_TRANSLATE_NOOP("RefusalWords", "step of preparation")},
        {QStringLiteral("gauge_read"), QT_TRANSLATE_NOOP("RefusalWords", "mark of gauge")},
        {QStringLiteral("choose_gauge"), QT_TRANSLATE_NOOP("RefusalWords", "choice of gauge")},
        {QStringLiteral("resists"), QT_TRANSLATE_NOOP("RefusalWords", "resistance")},
        {QStringLiteral("retrace"), QT_TRANSLATE_NOOP("RefusalWords", "retraced turns")},
        {QStringLiteral("nearest_rod"), QT_TRANSLATE_NOOP("RefusalWords", "nearest rod")},
        {QStringLiteral("reminder"), QT_TRANSLATE_NOOP("RefusalWords", "reminder")},
        {QStringLiteral("begin_hurry"), QT_TRANSLATE_NOOP("RefusalWords", "minutes before the show")},
        {QStringLiteral("end_hurry"), QT_TRANSLATE_NOOP("RefusalWords", "end of the hurry")},
        {QStringLiteral("begin_trial"), QT_TRANSLATE_NOOP("RefusalWords", "uneven trial")},
        {QStringLiteral("end_trial"), QT_TRANSLATE_NOOP("RefusalWords", "way back")},
        {QStringLiteral("set_hand"), QT_TRANSLATE_NOOP("RefusalWords", "left or right hand")},
        {QStringLiteral("rested"), QT_TRANSLATE_NOOP("RefusalWords", "night's rest")},
        {QStringLiteral("measure_wires"), QT_TRANSLATE_NOOP("RefusalWords", "measures of the wires")},
        {QStringLiteral("set_neighbours"), QT_TRANSLATE_NOOP("RefusalWords", "instruments around")},
        {QStringLiteral("judge_wires"), QT_TRANSLATE_NOOP("RefusalWords", "judging of the wires")},
        {QStringLiteral("voice_heard"), QT_TRANSLATE_NOOP("RefusalWords", "answer to a voice")},
        {QStringLiteral("lay_pads"), QT_TRANSLATE_NOOP("RefusalWords", "muffling as planned")},
        {QStringLiteral("microphone"), QT_TRANSLATE_NOOP("RefusalWords", "place of the microphone")},
        {QStringLiteral("keep_kind"), QT_TRANSLATE_NOOP("RefusalWords", "own muffling")},
        {QStringLiteral("stroke_heard"), QT_TRANSLATE_NOOP("RefusalWords", "stroke")},
        {QStringLiteral("begin_experiment"), QT_TRANSLATE_NOOP("RefusalWords", "experiment begun")},
        {QStringLiteral("end_experiment"), QT_TRANSLATE_NOOP("RefusalWords", "experiment ended")},
        {QStringLiteral("judge_blind"), QT_TRANSLATE_NOOP("RefusalWords", "blind comparison")},
        {QStringLiteral("set_stars"), QT_TRANSLATE_NOOP("RefusalWords", "stars")},
        {QStringLiteral("describe_drum"), QT_TRANSLATE_NOOP("RefusalWords", "description of the drum")},
        {QStringLiteral("fit_head"), QT_TRANSLATE_NOOP("RefusalWords", "new head")},
        {QStringLiteral("fit_wires"), QT_TRANSLATE_NOOP("RefusalWords", "new wires")},
        {QStringLiteral("go_back"), QT_TRANSLATE_NOOP("RefusalWords", "way back to an entry")},
        {QStringLiteral("complain"), QT_TRANSLATE_NOOP("RefusalWords", "complaint")},
        {QStringLiteral("answer_fault"), QT_TRANSLATE_NOOP("RefusalWords", "answer about the fault")},
        {QStringLiteral("take_cause"), QT_TRANSLATE_NOOP("RefusalWords", "cause taken")},
        {QStringLiteral("judge_remedy"), QT_TRANSLATE_NOOP("RefusalWords", "whether it helped")},
        {QStringLiteral("step_back_in_faults"), QT_TRANSLATE_NOOP("RefusalWords", "answer taken back")},
        {QStringLiteral("leave_faults"), QT_TRANSLATE_NOOP("RefusalWords", "end of the search")},
        {QStringLiteral("keep_found"), QT_TRANSLATE_NOOP("RefusalWords", "what it was")},
        {QStringLiteral("keep_ear_result"), QT_TRANSLATE_NOOP("RefusalWords", "result of the practice room")},
        {QStringLiteral("keep_tuning_result"),
         QT_TRANSLATE_NOOP("RefusalWords", "result of a practice drum")},
        {QStringLiteral("mark_saved"), QT_TRANSLATE_NOOP("RefusalWords", "saved to logbook")}};
    const auto found = labels.constFind(storedName);
    return found == labels.constEnd() ? storedName : RefusalWordsText::tr(*found);
}

QString refusalText(Refusal refusal) {
    switch (refusal) {
    case Refusal::WrongStage:
        return RefusalWordsText::tr("That does not fit the step at hand; nothing was changed.");
    case Refusal::NoSuchRod:
        return RefusalWordsText::tr("There is no such rod on this drum.");
    case Refusal::RoundFull:
        return RefusalWordsText::tr("Every rod of this round has been heard.");
    case Refusal::HalfNeedsEvenRods:
        return RefusalWordsText::tr(
            "Half a round needs an even number of rods: with an odd one no rod stands opposite another.");
    case Refusal::TapsOutOfRange:
        return RefusalWordsText::tr("A rod is tapped one to %1 times.").arg(kMostTapsPerRod);
    case Refusal::RoundUnderWay:
        return RefusalWordsText::tr("A counted round is half turned; finish it, then choose another order.");
    case Refusal::ToleranceOutOfRange:
        return RefusalWordsText::tr("Heads are evened to between %1 and %2 cents.")
            .arg(kFinestTolerance.value)
            .arg(kCoarsestTolerance.value);
    case Refusal::StepOutOfRange:
        return RefusalWordsText::tr("Rounds go by full, half, quarter or eighth turns at most.");
    case Refusal::NotStretched:
        return RefusalWordsText::tr("This head was not taken above pitch, or is not even there yet.");
    case Refusal::NotByGauge:
        return RefusalWordsText::tr(
            "This round is heard, not read off a gauge; choose how it is done first.");
    case Refusal::MarkOutOfRange:
        return RefusalWordsText::tr(
            "No gauge shows that. A mark is more than 0, a gap from lug to hoop 0.1 to 60 mm; enter "
            "what stands beside the rod.");
    case Refusal::HeadResists:
        return RefusalWordsText::tr(
            "This head resists: nothing is tightened until the cause is found and cleared.");
    case Refusal::NothingToRetrace:
        return RefusalWordsText::tr("No rod has been turned an eighth yet; there is nothing to retrace.");
    case Refusal::MinutesOutOfRange:
        return RefusalWordsText::tr("A plan before the show is made for %1 to %2 minutes.")
            .arg(kFewestMinutes)
            .arg(kMostMinutes);
    case Refusal::SkipMissesRods:
        return RefusalWordsText::tr(
            "That skip misses rods on this drum; take one that shares no divisor with their number.");
    case Refusal::TrialUnderWay:
        return RefusalWordsText::tr("A trial is on this head already; turn it back first.");
    case Refusal::TrialNeedsNeighbours:
        return RefusalWordsText::tr("One to three rods side by side are slackened; choose them so.");
    case Refusal::TrialTurnsOutOfRange:
        return RefusalWordsText::tr("A trial turns rods by 1/8 to %1.").arg(turnsText(kLargestTrial));
    case Refusal::TrialWouldSlacken:
        return RefusalWordsText::tr("A rod would hang loose and back off in use; slacken by less.");
    case Refusal::TrialPassesFilm:
        return RefusalWordsText::tr("The film would pass its safe load at a rod; turn by less.");
    case Refusal::CardFull:
        return RefusalWordsText::tr("The pitch card is full; begin a new one to hear the drum again.");
    case Refusal::CardEmpty:
        return RefusalWordsText::tr("The pitch card holds no tap to take back.");
    case Refusal::ToneOutOfReach:
        return RefusalWordsText::tr("This drum cannot reach that tone; choose another or another drum.");
    case Refusal::WeatherOutOfRange:
        return RefusalWordsText::tr(
                   "Weather is taken from %1 to %2 °C, 0 to 100 % damp and up to %3 m above the sea.")
            .arg(kColdest.value)
            .arg(kHottest.value)
            .arg(kHighest.value);
    case Refusal::StrainerOutOfRange:
        return RefusalWordsText::tr("The strainer is counted from 0 (first contact) to %1 turns.")
            .arg(kFarthestStrainer);
    case Refusal::LayoutOutOfRange:
        return RefusalWordsText::tr(
            "No drum has wires of such lengths, or the knob stands beyond its travel; measure again in "
            "millimetres.");
    case Refusal::NeighbourOutOfRange:
        return RefusalWordsText::tr(
                   "Up to %1 instruments with partials of 20 to 4000 Hz that last 0.01 to 30 s can be set "
                   "beside "
                   "the drum.")
            .arg(kMostNeighbours);
    case Refusal::PadBeyondHoop:
        return RefusalWordsText::tr("The pad would lie over the hoop; move it in.");
    case Refusal::PadOnLandingArea:
        return RefusalWordsText::tr("The stick lands there; move the pad out of the inner circle.");
    case Refusal::PadsOverlap:
        return RefusalWordsText::tr("Two pads would overlap; leave a gap between them.");
    case Refusal::NoSuchPad:
        return RefusalWordsText::tr("That pad is no longer there.");
    case Refusal::TooManyPads:
        return RefusalWordsText::tr("Up to %1 things can lie on the head; take one off first.")
            .arg(kMostPads);
    case Refusal::MicrophoneOutOfRange:
        return RefusalWordsText::tr(
                   "A close microphone stands %1 to %2 mm over the head and at most %3 mm from its middle.")
            .arg(qRound(1e3 * kLowestMicrophone.value))
            .arg(qRound(1e3 * kHighestMicrophone.value))
            .arg(qRound(1e3 * kFarthestMicrophone.value));
    case Refusal::KindOutOfRange:
        return RefusalWordsText::tr(
            "Nothing that lies on a head weighs or damps so much; hear both again, without and with it.");
    case Refusal::NothingHeardYet:
        return RefusalWordsText::tr(
            "Nothing was heard of the drum as it stands. Play a few strokes first, then change one thing.");
    case Refusal::ExperimentUnderWay:
        return RefusalWordsText::tr("An experiment is under way; keep it or put it back first.");
    case Refusal::NoExperiment:
        return RefusalWordsText::tr("No experiment is under way.");
    case Refusal::HeadsTurnedInIt:
        return RefusalWordsText::tr(
            "A head was turned in the experiment, and rods cannot be put back from here. Keep it, or undo "
            "the turns first.");
    case Refusal::StarsOutOfRange:
        return RefusalWordsText::tr("One to %1 stars, or none.").arg(kMostStars);
    case Refusal::NothingLookedFor:
        return RefusalWordsText::tr("Nothing is being looked for; say first what is wrong with the drum.");
    case Refusal::NoSuchDrum:
        return RefusalWordsText::tr("Such a drum cannot be computed. Check its size, rods and heads.");
    case Refusal::NoteTooLong:
        return RefusalWordsText::tr("That note is too long. Keep it under %1 characters.").arg(kLongestNote);
    case Refusal::TooLongAName:
        return RefusalWordsText::tr(
            "That is too long for a name; use a few words, the rest goes into the note.");
    }
    return {};
}

} // namespace bombo

#include "app/practice/tuning_words.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct TuningText {
    Q_DECLARE_TR_FUNCTIONS(Tuning)
};

QString cents(double value) {
    return TuningText::tr("%1 cents").arg(number(std::abs(value), 0));
}

double nearness(const TuningResult& result) {
    return std::max({1.0, result.widestAfter, std::abs(result.offAfter)});
}

std::vector<TuningResult> resultsOf(const PlaceRig& rig, std::string_view task, const QString& who) {
    std::vector<TuningResult> own;
    for (const TuningResult& result : rig.tuningResults)
        if (result.task == task && result.who == who.toStdString())
            own.push_back(result);
    return own;
}

/// Where something answers or not, how near means nothing: how often one turned does.
bool isCountedByTurns(std::string_view task) {
    return task == tuningTaskName(TuningTask::ChokedWires) || task == kTomTask;
}

} // namespace

QString taskTitle(TuningTask task) {
    switch (task) {
    case TuningTask::OneRod:
        return TuningText::tr("One rod is low");
    case TuningTask::Uneven:
        return TuningText::tr("Uneven all round");
    case TuningTask::ChokedWires:
        return TuningText::tr("Choked wires");
    case TuningTask::SlackSnareSide:
        return TuningText::tr("Slack snare side");
    case TuningTask::StickingRod:
        return TuningText::tr("A rod that sticks");
    case TuningTask::WornHead:
        return TuningText::tr("Dull: is it the head?");
    case TuningTask::FiveMinutes:
        break;
    }
    return TuningText::tr("Five minutes");
}

QString taskGoal(const TuningJob& job) {
    switch (job.task()) {
    case TuningTask::OneRod:
        return TuningText::tr("Find it and bring it up; leave the others alone.");
    case TuningTask::Uneven:
        return TuningText::tr("Bring every rod of the batter to %1.").arg(pitchText(job.goal()));
    case TuningTask::ChokedWires:
        return TuningText::tr(
            "Turn the knob until a whisper near the edge is answered and a loud stroke does "
            "not rattle on.");
    case TuningTask::SlackSnareSide:
        return TuningText::tr("It hangs about a turn too low. Bring every rod to %1.")
            .arg(pitchText(job.goal()));
    case TuningTask::StickingRod:
        return TuningText::tr("One rod is low and does not do what it is turned. Bring it to the others.");
    case TuningTask::WornHead:
        return TuningText::tr(
                   "It sounds dull. Bring every rod of the batter to %1, and fit a fresh head only "
                   "if this one is worn out.")
            .arg(pitchText(job.goal()));
    case TuningTask::FiveMinutes:
        break;
    }
    return TuningText::tr("The show begins in five minutes. Bring every rod of the batter to %1.")
        .arg(pitchText(job.goal()));
}

QString helpName(TuningHelp help) {
    switch (help) {
    case TuningHelp::Advice:
        return TuningText::tr("Figures and advice");
    case TuningHelp::Figures:
        return TuningText::tr("Figures alone");
    case TuningHelp::Ear:
        break;
    }
    return TuningText::tr("By ear alone");
}

QString movesText(const MovePlan& plan) {
    if (plan.moves.empty())
        return TuningText::tr("Nothing need be turned any more.");
    QStringList parts;
    for (const RodMove& move : plan.moves)
        parts << (move.turns.value > 0.0 ? TuningText::tr("%1, %2 tighter") : TuningText::tr("%1, %2 looser"))
                     .arg(rodsText(move.rods), turnsText(Turns{std::abs(move.turns.value)}));
    return TuningText::tr("Bombo would turn: %1.").arg(parts.join(QStringLiteral("; ")));
}

QString clockWords(Seconds seconds) {
    const int whole = static_cast<int>(std::lround(seconds.value));
    return TuningText::tr("%1 min %2 s").arg(whole / 60).arg(whole % 60);
}

QStringList scoreLines(const TuningJob& job, const TuningScore& score, Seconds took) {
    QStringList lines;
    if (job.isTorn())
        return {
            TuningText::tr("The head has torn: its film was pulled beyond what it bears. On your own drum "
                           "Bombo stops long before.")};
    if (score.isWires) {
        lines << (score.rattles ? TuningText::tr("Too loose: a loud stroke still rattles on.")
                  : score.answers
                      ? TuningText::tr("Right: a whisper is answered, and a loud stroke is clean.")
                      : TuningText::tr("Too tight: a whisper near the edge is not answered."));
        const Turns once = score.best.front();
        const QString way = turnsText(Turns{std::abs(once.value)});
        lines << TuningText::tr("The knob was turned %n time(s).", nullptr, score.placements) +
                     QLatin1Char(' ') +
                     (once.value < 0.0 ? TuningText::tr("Once would have done: %1 looser.").arg(way)
                                       : TuningText::tr("Once would have done: %1 tighter.").arg(way));
        lines << TuningText::tr("It took %1.").arg(clockWords(took));
        return lines;
    }
    lines << (score.isDone ? TuningText::tr("Done: within the tolerance of this drum.")
                           : TuningText::tr("Not there yet."));
    lines << TuningText::tr(
                 "The rod that was farthest off: %1 before, %2 now; the head as a whole %3 from the goal.")
                 .arg(cents(score.widestBefore.value), cents(score.widestAfter.value),
                      cents(score.offAfter.value));
    lines << TuningText::tr("%n pass(es) of turning.", nullptr, score.passes) + QLatin1Char(' ') +
                 TuningText::tr("The key was set %n time(s).", nullptr, score.placements) + QLatin1Char(' ') +
                 TuningText::tr("Who knows what was planted sets it %n time(s).", nullptr, score.fewest);
    lines << TuningText::tr("Film load at most %1 %. It took %2.")
                 .arg(number(100.0 * score.load, 0), clockWords(took));
    if (job.task() == TuningTask::StickingRod)
        lines << TuningText::tr(
            "Half of what it was turned was lost in the thread: clean and oil such a rod.");
    if (job.task() == TuningTask::WornHead)
        lines << (score.wasWorn
                      ? score.isFreshHead
                            ? TuningText::tr("The head was worn out: a fresh one was the answer.")
                            : TuningText::tr("The head was worn out: even at its pitch it stays dull. Only a "
                                             "fresh one helps.")
                  : score.isFreshHead
                      ? TuningText::tr("The old head was still good, only too low: a fresh one was wasted.")
                      : TuningText::tr("The head was good, only too low."));
    return lines;
}

QString benchSilence() {
    return TuningText::tr("Nothing can be heard: plug in a loudspeaker or headphones, or begin again with "
                          "figures. This one will not be kept.");
}

QString wireReply(Dynamic dynamic, bool answered, bool rattled, bool showsFigures) {
    const bool isLoud = dynamic == Dynamic::Loud;
    if (!showsFigures)
        return isLoud ? TuningText::tr("You hear a loud stroke in the middle.")
                      : TuningText::tr("You hear a whisper near the edge.");
    if (isLoud)
        return rattled ? TuningText::tr("They rattle on after it.")
                       : TuningText::tr("Clean: nothing rattles on.");
    return answered ? TuningText::tr("The wires answer.") : TuningText::tr("No answer.");
}

QString ringText(const RoundRing& ring) {
    return TuningText::tr("The taps ring %1 s; a fresh head rings about %2 s at this pitch.")
        .arg(number(ring.heard.value, 2), number(ring.fresh.value, 2));
}

EarsPicture tuningPicture(const PlaceRig& rig, const char* task, const QString& who) {
    const bool isWires = isCountedByTurns(task);
    EarsPicture picture;
    picture.smallest = 1;
    picture.largest = isWires ? 20 : 100;
    picture.marks = isWires ? std::vector<double>{1, 2, 5, 10, 20} : std::vector<double>{1, 3, 10, 30, 100};
    for (const double mark : picture.marks)
        picture.labels.push_back(
            isWires ? TuningText::tr("key set %n time(s)", nullptr, static_cast<int>(mark)) : cents(mark));
    for (const TuningResult& result : resultsOf(rig, task, who))
        picture.days.push_back({isWires ? std::max(1.0, 1.0 * result.placements) : nearness(result), 0.0});
    picture.whereNone = TuningText::tr("here stands how near you came, day by day");
    return picture;
}

QString lastTime(const PlaceRig& rig, const char* task, const QString& who) {
    const std::vector<TuningResult> all = resultsOf(rig, task, who);
    if (all.empty())
        return {};
    const TuningResult& last = all.back();
    if (isCountedByTurns(task))
        return last.isDone ? TuningText::tr("Last time right; key set %n time(s)", nullptr, last.placements)
                           : TuningText::tr("Last time not right");
    return TuningText::tr("Last time %1 off").arg(cents(nearness(last)));
}

} // namespace bombo

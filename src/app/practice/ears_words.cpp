#include "app/practice/ears_words.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct EarsText {
    Q_DECLARE_TR_FUNCTIONS(Ears)
};

QString amount(EarExercise exercise, double value) {
    const double shown = unitOf(exercise) == EarUnit::AsShare ? 100.0 * value : value;
    const bool isWhole = std::abs(shown - std::round(shown)) < 1e-6;
    const int decimals = unitOf(exercise) == EarUnit::InTurns ? 2 : shown < 10.0 && !isWhole ? 1 : 0;
    return number(shown, decimals);
}

} // namespace

QString earQuestion(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return EarsText::tr("Which is higher?");
    case EarExercise::LowRod:
        return EarsText::tr("Which rod is low?");
    case EarExercise::Wavers:
        return EarsText::tr("Which one wavers?");
    case EarExercise::FasterBeat:
        return EarsText::tr("Which beats faster?");
    case EarExercise::NearerEdge:
        return EarsText::tr("Which was nearer the edge?");
    case EarExercise::LooserWires:
        return EarsText::tr("Which wires are looser?");
    case EarExercise::Interval:
        return EarsText::tr("How far apart are the heads?");
    case EarExercise::Longer:
        break;
    }
    return EarsText::tr("Which rings longer?");
}

QString earPurpose(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return EarsText::tr("For evening by ear");
    case EarExercise::LowRod:
        return EarsText::tr("Taps side by side, as on the drum");
    case EarExercise::Wavers:
        return EarsText::tr("An uneven head beats");
    case EarExercise::FasterBeat:
        return EarsText::tr("The slower it beats, the nearer");
    case EarExercise::NearerEdge:
        return EarsText::tr("Where a stroke landed");
    case EarExercise::LooserWires:
        return EarsText::tr("Choked, right or loose");
    case EarExercise::Interval:
        return EarsText::tr("Name the interval between them");
    case EarExercise::Longer:
        break;
    }
    return EarsText::tr("For muffling: shorter, or not?");
}

QString earDifference(EarExercise exercise, double difference) {
    if (unitOf(exercise) == EarUnit::AsShare)
        return EarsText::tr("%1 %").arg(amount(exercise, difference));
    return (unitOf(exercise) == EarUnit::InTurns ? EarsText::tr("%1 turns") : EarsText::tr("%1 cents"))
        .arg(amount(exercise, difference));
}

QString earThreshold(EarExercise exercise, double threshold, double error) {
    if (exercise == EarExercise::Interval)
        return EarsText::tr("You name three of four right that lie %1 apart; it may be %2 to %3.")
            .arg(earDifference(exercise, threshold), amount(exercise, threshold * std::exp(-error)),
                 earDifference(exercise, threshold * std::exp(error)));
    return EarsText::tr("You tell %1 apart in three of four; it may be %2 to %3.")
        .arg(earDifference(exercise, threshold), amount(exercise, threshold * std::exp(-error)),
             earDifference(exercise, threshold * std::exp(error)));
}

QString earMeaning(EarExercise exercise, double threshold, double tolerance) {
    switch (exercise) {
    case EarExercise::Higher:
    case EarExercise::LowRod:
        return threshold <= tolerance
                   ? EarsText::tr("Finer than the tolerance of this drum, %1 cents: you can even it by ear.")
                         .arg(number(tolerance, 0))
                   : EarsText::tr(
                         "The tolerance of this drum is %1 cents: the last round is the microphone's.")
                         .arg(number(tolerance, 0));
    case EarExercise::Wavers:
        return EarsText::tr("A head that is split by less sounds even to you.");
    case EarExercise::FasterBeat:
        return EarsText::tr("Turn until the beat slows down by that much: then you are sure of the way.");
    case EarExercise::NearerEdge:
        return EarsText::tr("Of the head's radius: a stroke that strays by less sounds the same to you.");
    case EarExercise::LooserWires:
        return EarsText::tr("Turn the knob by that much before you listen again.");
    case EarExercise::Interval:
        return threshold <= 150.0
                   ? EarsText::tr("You hear which interval a drum is tuned to.")
                   : EarsText::tr(
                         "Sing both pitches, one after the other: the voice knows more than the ear.");
    case EarExercise::Longer:
        break;
    }
    return EarsText::tr("A pad that shortens the ring by less is not worth its place.");
}

QString earAnswer(EarExercise exercise, const EarSounds& sounds, int which) {
    if (exercise == EarExercise::Interval)
        return intervalName(sounds.intervals[static_cast<std::size_t>(which)]);
    if (exercise == EarExercise::LowRod)
        return EarsText::tr("Rod %1").arg(which + 1);
    return which == 0 ? EarsText::tr("The first") : EarsText::tr("The second");
}

QString earReply(EarExercise exercise, const EarSounds& sounds, double difference, bool isRight) {
    const int due = sounds.due;
    if (exercise == EarExercise::Interval) {
        const QString name = intervalName(sounds.intervals[static_cast<std::size_t>(due)]);
        return isRight ? EarsText::tr("Right: %1.").arg(name) : EarsText::tr("No: it was %1.").arg(name);
    }
    const QString by = earDifference(exercise, difference);
    const QString which = exercise == EarExercise::LowRod ? rodsText({due})
                          : due == 1                      ? EarsText::tr("the second")
                                                          : EarsText::tr("the first");
    return isRight ? EarsText::tr("Right: it was %1, by %2.").arg(which, by)
                   : EarsText::tr("No: it was %1, by %2.").arg(which, by);
}

std::vector<double> earMarks(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return {1, 3, 10, 30, 100, 300};
    case EarExercise::LowRod:
        return {1, 3, 10, 30, 100};
    case EarExercise::Wavers:
        return {2, 5, 10, 20, 50, 100, 200};
    case EarExercise::FasterBeat:
        return {0.03, 0.1, 0.3, 1.0, 2.0};
    case EarExercise::NearerEdge:
        return {0.02, 0.05, 0.1, 0.2, 0.5};
    case EarExercise::LooserWires:
        return {0.05, 0.1, 0.25, 0.5, 1.0, 2.0};
    case EarExercise::Interval:
        return {100, 200, 300, 500};
    case EarExercise::Longer:
        break;
    }
    return {0.02, 0.05, 0.1, 0.2, 0.5, 1.0, 2.0};
}

} // namespace bombo

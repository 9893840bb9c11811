#include "app/ears/ears_words.h"

#include "app/numbers/numbers.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct EarsText {
    Q_DECLARE_TR_FUNCTIONS(Ears)
};

QString amount(EarExercise exercise, double value) {
    const double shown = exercise == EarExercise::Longer ? 100.0 * value : value;
    const bool isWhole = std::abs(shown - std::round(shown)) < 1e-6;
    return number(shown, shown < 10.0 && !isWhole ? 1 : 0);
}

} // namespace

QString earQuestion(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return EarsText::tr("Which is higher?");
    case EarExercise::Wavers:
        return EarsText::tr("Which one wavers?");
    case EarExercise::Longer:
        break;
    }
    return EarsText::tr("Which rings longer?");
}

QString earPurpose(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return EarsText::tr("For evening by ear");
    case EarExercise::Wavers:
        return EarsText::tr("An uneven head beats");
    case EarExercise::Longer:
        break;
    }
    return EarsText::tr("For muffling: shorter, or not?");
}

QString earDifference(EarExercise exercise, double difference) {
    return exercise == EarExercise::Longer ? EarsText::tr("%1 %").arg(amount(exercise, difference))
                                           : EarsText::tr("%1 cents").arg(amount(exercise, difference));
}

QString earThreshold(EarExercise exercise, double threshold, double error) {
    return EarsText::tr("You tell %1 apart in three of four; it may be %2 to %3.")
        .arg(earDifference(exercise, threshold), amount(exercise, threshold * std::exp(-error)),
             earDifference(exercise, threshold * std::exp(error)));
}

QString earMeaning(EarExercise exercise, double threshold, double tolerance) {
    switch (exercise) {
    case EarExercise::Higher:
        return threshold <= tolerance
                   ? EarsText::tr("Finer than the tolerance of this drum, %1 cents: you can even it by ear.")
                         .arg(number(tolerance, 0))
                   : EarsText::tr(
                         "The tolerance of this drum is %1 cents: the last round is the microphone's.")
                         .arg(number(tolerance, 0));
    case EarExercise::Wavers:
        return EarsText::tr("A head that is split by less sounds even to you.");
    case EarExercise::Longer:
        break;
    }
    return EarsText::tr("A pad that shortens the ring by less is not worth its place.");
}

QString earReply(EarExercise exercise, double difference, bool isSecond, bool isRight) {
    const QString by = earDifference(exercise, difference);
    const QString which = isSecond ? EarsText::tr("the second") : EarsText::tr("the first");
    return isRight ? EarsText::tr("Right: it was %1, by %2.").arg(which, by)
                   : EarsText::tr("No: it was %1, by %2.").arg(which, by);
}

std::vector<double> earMarks(EarExercise exercise) {
    switch (exercise) {
    case EarExercise::Higher:
        return {1, 3, 10, 30, 100, 300};
    case EarExercise::Wavers:
        return {2, 5, 10, 20, 50, 100, 200};
    case EarExercise::Longer:
        break;
    }
    return {0.02, 0.05, 0.1, 0.2, 0.5, 1.0, 2.0};
}

} // namespace bombo

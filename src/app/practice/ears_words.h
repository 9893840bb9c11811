#pragma once
/// What the exercises of the ear are called, and their figures.
#include "core/practice/ear_exercise.h"

#include <QString>
#include <vector>

namespace bombo {

/// "Which is higher?"
QString earQuestion(EarExercise exercise);
/// What it is good for.
QString earPurpose(EarExercise exercise);
/// "12 cents", "15 % longer".
QString earDifference(EarExercise exercise, double difference);
/// "You tell 9 cents apart in three of four, 7 to 12."
QString earThreshold(EarExercise exercise, double threshold, double error);
/// What that means for the work.
QString earMeaning(EarExercise exercise, double threshold, double tolerance);
/// After an answer: what it was.
QString earReply(EarExercise exercise, const EarSounds& sounds, double difference, bool isRight);
/// On the button of an answer, 0-based.
QString earAnswer(EarExercise exercise, const EarSounds& sounds, int which);
/// Marks of an axis of differences.
std::vector<double> earMarks(EarExercise exercise);

} // namespace bombo

#include "store/exchange/practice_csv.h"

#include "core/practice/ear_exercise.h"
#include "core/record/hand_exercise.h"
#include "store/exchange/csv_cell.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

QString lineOf(const EarResult& result) {
    const auto exercise = earExerciseNamed(result.exercise); // of the hands: none
    const EarUnit in = exercise                         ? unitOf(*exercise)
                       : result.exercise == kTurnByFeel ? EarUnit::InTurns
                                                        : EarUnit::InCents;
    const bool share = in == EarUnit::AsShare;
    const QString unit = result.exercise == kEvenBackbeats ? QStringLiteral("dB")
                         : share                           ? QStringLiteral("percent")
                         : in == EarUnit::InTurns          ? QStringLiteral("turns")
                                                           : QStringLiteral("cents");
    const double scale = share ? 100.0 : 1.0;
    return QStringList{when(result.at),
                       quoted(QString::fromStdString(result.who)),
                       quoted(QString::fromStdString(result.exercise)),
                       {},
                       figure(scale * result.threshold, 3),
                       figure(scale * result.threshold * std::exp(-result.error), 3),
                       figure(scale * result.threshold * std::exp(result.error), 3),
                       unit,
                       QString::number(result.trials),
                       {},
                       {},
                       {},
                       {},
                       {},
                       {}}
        .join(QLatin1Char(','));
}

QString lineOf(const TuningResult& result) {
    const double off = std::max(result.widestAfter, std::abs(result.offAfter));
    return QStringList{when(result.at),
                       quoted(QString::fromStdString(result.who)),
                       quoted(QString::fromStdString(result.task)),
                       quoted(QString::fromStdString(result.help)),
                       figure(off, 1),
                       {},
                       {},
                       QStringLiteral("cents"),
                       {},
                       result.isDone ? QStringLiteral("yes") : QStringLiteral("no"),
                       QString::number(result.passes),
                       QString::number(result.placements),
                       QString::number(result.fewest),
                       figure(100.0 * result.load, 0),
                       figure(result.seconds, 0)}
        .join(QLatin1Char(','));
}

} // namespace

QString practiceCsv(const PlaceRig& rig) {
    std::vector<std::pair<std::int64_t, QString>> lines;
    for (const EarResult& result : rig.earResults)
        lines.emplace_back(result.at, lineOf(result));
    for (const TuningResult& result : rig.tuningResults)
        lines.emplace_back(result.at, lineOf(result));
    std::stable_sort(lines.begin(), lines.end(),
                     [](const auto& one, const auto& other) { return one.first < other.first; });
    QString text =
        QStringLiteral("date,who,exercise,help,result,from,to,unit,trials,done,passes,key_placements,"
                       "fewest_placements,film_load_percent,seconds\n");
    for (const auto& [at, line] : lines)
        text += line + QLatin1Char('\n');
    return text;
}

} // namespace bombo

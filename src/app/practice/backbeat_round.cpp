#include "app/practice/backbeat_round.h"

#include "app/listening/ear.h"
#include "app/numbers/numbers.h"
#include "app/practice/hands_round.h"
#include "app/practice/practice_player.h"
#include "core/record/backbeats.h"
#include "core/record/strokes_say.h"

#include <cmath>

namespace bombo {

BackbeatGoal backbeatGoal(const PlaceRig& rig, const QString& who) {
    constexpr double finestDb = 1.0;
    BackbeatGoal goal;
    double best = goal.levelDb / 0.9;
    for (const EarResult& result : rig.earResults)
        if (result.exercise == kEvenBackbeats && result.who == who.toStdString())
            best = std::min(best, result.threshold);
    const double share = std::max(finestDb, 0.9 * best) / goal.levelDb;
    return {share * goal.levelDb, share * goal.place};
}

BackbeatRound::BackbeatRound(SessionController& controller) : BackbeatRound(controller, new ScatterView) {}

BackbeatRound::BackbeatRound(SessionController& controller, ScatterView* view)
    : HandsCard(controller, tr("Even backbeats"), view), m_view(view) {
    connect(&controller.ear(), &Ear::backbeatHeard, this, &BackbeatRound::take);
}

void BackbeatRound::forget() {
    m_strokes.clear();
    m_goal = backbeatGoal(m_controller.session(), who());
}

void BackbeatRound::listen() {
    m_controller.ear().useFor(Ear::Use::Backbeats);
}

void BackbeatRound::strikePractice() {
    m_controller.practice().strikeBackbeat();
}

ScatterPicture BackbeatRound::picture() const {
    const std::vector<Backbeat> strokes = backbeatsFrom(m_strokes);
    return {scatterOf(strokes), strokes, m_controller.session().drum.shell.radius()};
}

void BackbeatRound::take(const HeardStroke& stroke) {
    if (!isListening() || isDone())
        return;
    m_strokes.push_back(stroke);
    if (isDone()) {
        const StrokeScatter scatter = picture().scatter;
        const auto strokes = static_cast<double>(scatter.strokes);
        keep(kEvenBackbeats, std::max(0.05, scatter.levelDb), 1.0 / std::sqrt(2.0 * (strokes - 1.0)),
             static_cast<int>(scatter.strokes));
    }
    refresh();
}

void BackbeatRound::refresh() {
    const ScatterPicture now = picture();
    const double radius = 1e3 * now.radius.value;
    const QString goal = tr("Goal: loudness within %1 dB, place within %2 mm.")
                             .arg(number(m_goal.levelDb, 1), number(m_goal.place * radius, 0));
    QString said;
    if (!isDone()) {
        said = (isPractice() ? tr("The practice drum is struck by the hands that Listen gives it.")
                             : tr("Play twelve backbeats as in a song, all alike, two seconds apart.")) +
               QLatin1Char(' ') + goal;
        if (!m_strokes.empty())
            said += QLatin1Char(' ') + tr("%n of 12 heard.", nullptr, static_cast<int>(m_strokes.size()));
    } else {
        const StrokeScatter& scatter = now.scatter;
        const bool isLevel = scatter.levelDb <= m_goal.levelDb;
        const bool isPlace = !scatter.place || *scatter.place <= m_goal.place;
        said = scatterFigures(now) + QStringLiteral(". ") +
               (isLevel && isPlace ? tr("Goal reached: the next one is finer.")
                : isLevel          ? tr("As loud as each other, but they wander: mark the place you aim at.")
                : isPlace ? tr("At one place, but not equally loud: let the stick fall from one height.")
                          : tr("Slower, and from one height: first the place, then the loudness.")) +
               QLatin1Char(' ') + goal;
    }
    m_view->show(now);
    show(said, tr("Strike it"));
}

} // namespace bombo

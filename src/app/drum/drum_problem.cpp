#include "app/drum/drum_problem.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct DrumProblemText {
    Q_DECLARE_TR_FUNCTIONS(DrumProblem)
};

struct Figure {
    const char* key;
    const char* name;
};

// Keys of a head stand behind "batter." or "snare_side.".
constexpr Figure kFigures[]{
    {"diameter_m", QT_TRANSLATE_NOOP("DrumProblem", "diameter of the shell")},
    {"depth_m", QT_TRANSLATE_NOOP("DrumProblem", "depth of the shell")},
    {"rods", QT_TRANSLATE_NOOP("DrumProblem", "number of rods")},
    {"marked_rod", QT_TRANSLATE_NOOP("DrumProblem", "marked rod")},
    {"fitted_at", QT_TRANSLATE_NOOP("DrumProblem", "day on which a head or the wires went on")},
    {"played_before_hours", QT_TRANSLATE_NOOP("DrumProblem", "hours that a head was played before")},
    {"thickness_m", QT_TRANSLATE_NOOP("DrumProblem", "thickness of the film")},
    {"areal_density_kg_per_m2", QT_TRANSLATE_NOOP("DrumProblem", "weight of the film")},
    {"modulus_pa", QT_TRANSLATE_NOOP("DrumProblem", "stiffness of the film")},
    {"poisson", QT_TRANSLATE_NOOP("DrumProblem", "Poisson's ratio of the film")},
    {"yield_pa", QT_TRANSLATE_NOOP("DrumProblem", "strength of the film")},
    {"hoop.per_turn_n_per_m", QT_TRANSLATE_NOOP("DrumProblem", "tension that a turn of every rod adds")},
    {"wires.strands", QT_TRANSLATE_NOOP("DrumProblem", "number of strands")},
    {"wires.mass_kg", QT_TRANSLATE_NOOP("DrumProblem", "weight of the wires")},
    {"wires.slack_turns", QT_TRANSLATE_NOOP("DrumProblem", "slack of the wires")}};

} // namespace

QString drumProblemText(const InputProblem& problem) {
    const QString key = QString::fromStdString(problem.key);
    for (const QString& head : {QStringLiteral("batter."), QStringLiteral("snare_side.")})
        for (const Figure& figure : kFigures) {
            const QString plain = QLatin1String(figure.key);
            if (key != plain && key != head + plain)
                continue;
            const QString name = DrumProblemText::tr(figure.name);
            if (key == plain)
                return DrumProblemText::tr("No drum is made like this. To be checked: %1.").arg(name);
            return head == QLatin1String("batter.")
                       ? DrumProblemText::tr("No drum is made like this. To be checked on the batter: %1.")
                             .arg(name)
                       : DrumProblemText::tr(
                             "No drum is made like this. To be checked on the snare side: %1.")
                             .arg(name);
        }
    return DrumProblemText::tr("No drum is made like this. Go through its figures once more.");
}

} // namespace bombo

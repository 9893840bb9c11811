#include "app/practice/tom_words.h"

#include "app/numbers/numbers.h"
#include "app/practice/tuning_words.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct TomText {
    Q_DECLARE_TR_FUNCTIONS(TomBench)
};

QString centsMoved(Cents by) {
    return TomText::tr("%1 cents").arg(number(std::abs(by.value), 0));
}

} // namespace

QString tomTitle() {
    return TomText::tr("A tom makes the wires buzz");
}

QString tomGoal() {
    return TomText::tr(
        "Silence them with the least harm: a whisper must still be answered, a loud stroke must "
        "not rattle on, and the snare drum should keep its tone.");
}

QString handleName(TomHandle handle) {
    switch (handle) {
    case TomHandle::DrumRods:
        return TomText::tr("Both heads of the drum");
    case TomHandle::Knob:
        return TomText::tr("The knob");
    case TomHandle::TomRods:
        break;
    }
    return TomText::tr("The tom");
}

QString handleText(const TomJob& job, TomHandle handle) {
    const Turns turned = job.turned(handle);
    const QString by = turnsText(Turns{std::abs(turned.value)});
    switch (handle) {
    case TomHandle::Knob:
        return TomText::tr("The knob stands at %1.").arg(turnsText(job.knob()));
    case TomHandle::DrumRods:
        return turned.value == 0.0  ? TomText::tr("All rods of the drum stand as they did.")
               : turned.value > 0.0 ? TomText::tr("All rods of the drum %1 tighter than they were.").arg(by)
                                    : TomText::tr("All rods of the drum %1 looser than they were.").arg(by);
    case TomHandle::TomRods:
        break;
    }
    return turned.value == 0.0  ? TomText::tr("All rods of the tom stand as they did.")
           : turned.value > 0.0 ? TomText::tr("All rods of the tom %1 tighter than they were.").arg(by)
                                : TomText::tr("All rods of the tom %1 looser than they were.").arg(by);
}

QStringList tomLines(const TomScore& score, Seconds took) {
    QStringList lines;
    lines << (score.buzzes    ? TomText::tr("They still buzz as the tom is struck.")
              : score.rattles ? TomText::tr("They lie still, but rattle on after a loud stroke.")
              : score.answers ? TomText::tr("Right: they lie still, and a whisper is answered.")
                              : TomText::tr("They lie still, but choked: a whisper is not answered."));
    lines << TomText::tr("The tom was moved by %1, the snare drum by %2.")
                 .arg(centsMoved(score.tomMoved), centsMoved(score.drumMoved));
    if (score.least) {
        const QString way = turnsText(Turns{std::abs(score.least->value)});
        lines << (score.least->value > 0.0
                      ? TomText::tr("Every rod of the tom %1 tighter would have done, and nothing else.")
                            .arg(way)
                      : TomText::tr("Every rod of the tom %1 looser would have done, and nothing else.")
                            .arg(way));
    }
    lines << TomText::tr("The key was set %n time(s).", nullptr, score.placements) + QLatin1Char(' ') +
                 TomText::tr("It took %1.").arg(clockWords(took));
    return lines;
}

} // namespace bombo

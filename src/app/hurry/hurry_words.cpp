#include "app/hurry/hurry_words.h"

#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct HurryWordsText {
    Q_DECLARE_TR_FUNCTIONS(HurryWords)
};

} // namespace

QString quickText(const QuickStep& step) {
    const QString side = sideName(step.side);
    switch (step.kind) {
    case QuickKind::TapHalf:
        return HurryWordsText::tr(
                   "Wires off, tap %1 rods of the %2: of every pair one, the other sounds the same")
            .arg(step.count)
            .arg(side);
    case QuickKind::Moves:
        return HurryWordsText::tr("At most %1 moves on the %2, none over %3")
            .arg(step.count)
            .arg(side, turnsText(kQuickMove));
    case QuickKind::TapAgain:
        return HurryWordsText::tr("The same %1 taps again, to know where it stands").arg(step.count);
    case QuickKind::Wires:
        return HurryWordsText::tr(
            "Wires on: a whisper and a loud stroke; a quarter turn of the knob if one of them fails");
    case QuickKind::Rest:
        return HurryWordsText::tr("Key in the pocket, walk on");
    }
    return {};
}

QString minutesText(Seconds time) {
    const int seconds = static_cast<int>(std::lround(time.value));
    return QStringLiteral("%1:%2").arg(seconds / 60).arg(seconds % 60, 2, 10, QLatin1Char('0'));
}

} // namespace bombo

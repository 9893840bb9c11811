#include "app/logbook/show_words.h"

#include "app/logbook/back_words.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <cmath>

namespace bombo {
namespace {

struct SetListText {
    Q_DECLARE_TR_FUNCTIONS(SetList)
};

QString turned(Turns turns, bool isBatter) {
    const QString size = turnsText(Turns{std::abs(turns.value)});
    if (isBatter)
        return turns.value > 0.0 ? SetListText::tr("batter %1 tighter").arg(size)
                                 : SetListText::tr("batter %1 looser").arg(size);
    return turns.value > 0.0 ? SetListText::tr("snare side %1 tighter").arg(size)
                             : SetListText::tr("snare side %1 looser").arg(size);
}

} // namespace

QString showStepText(const ShowStep& step) {
    if (!step.drum)
        return SetListText::tr("no drum here can have it");
    const ToneChange& change = step.change;
    QStringList parts;
    if (change.batter.value != 0.0)
        parts << turned(change.batter, true);
    if (change.snareSide.value != 0.0)
        parts << turned(change.snareSide, false);
    if (change.strainer)
        parts << (change.strainer->value > 0.0
                      ? SetListText::tr("strainer %1 tighter").arg(turnsText(*change.strainer))
                      : SetListText::tr("strainer %1 looser").arg(turnsText(Turns{-change.strainer->value})));
    if (change.padsMoved > 0)
        parts << SetListText::tr("%n mufflers", nullptr, change.padsMoved);
    if (parts.isEmpty())
        return SetListText::tr("as it stands");
    QString text = parts.join(QStringLiteral(", ")) + QLatin1Char('\n') +
                   SetListText::tr("%1 s, sure to %2 cents")
                       .arg(number(change.takes.value, 0), number(std::ceil(change.batterError.value), 0));
    if (const QString stays = stayText(change); !stays.isEmpty())
        text += QStringLiteral(", ") + stays;
    if (!step.fits)
        text += QStringLiteral(", ") + SetListText::tr("no time for it");
    return text;
}

QString sureText(const ToneChange& change) {
    return SetListText::tr("sure to %1 cents").arg(number(std::ceil(change.batterError.value), 0));
}

QString stayText(const ToneChange& change) {
    return change.snareSideStays && std::abs(change.snareSideOff.value) >= 1.0
               ? SetListText::tr("snare side stays %1 cents off").arg(centsText(change.snareSideOff))
               : QString();
}

QString showMoveText(const ShowMove& move, const std::vector<Pad>& pads) {
    if (move.what == ShowMoveKind::Pads)
        return pads.empty() ? SetListText::tr("Take everything off") : padList(pads);
    const QString size = turnsText(Turns{std::abs(move.turns.value)});
    return move.turns.value > 0.0 ? SetListText::tr("%1 tighter").arg(size)
                                  : SetListText::tr("%1 looser").arg(size);
}

QString showMovePlace(const ShowMove& move, const std::vector<Pad>& pads) {
    switch (move.what) {
    case ShowMoveKind::SnareSide:
        return SetListText::tr("snare side, every rod: turn it over, lever off");
    case ShowMoveKind::Batter:
        return SetListText::tr("batter, every rod");
    case ShowMoveKind::Strainer:
        return SetListText::tr("the strainer's knob");
    case ShowMoveKind::Pads:
        return pads.empty() ? SetListText::tr("of the batter")
                            : SetListText::tr("on the batter, nothing else");
    case ShowMoveKind::Play:
        break;
    }
    return {};
}

} // namespace bombo

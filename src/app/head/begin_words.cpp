#include "app/head/begin_words.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QCoreApplication>
#include <QStringList>

namespace bombo {
namespace {

struct BeginText {
    Q_DECLARE_TR_FUNCTIONS(BeginTools)
};

QString conditionWords(HeadCondition condition) {
    switch (condition) {
    case HeadCondition::New:
        return BeginText::tr("A new head");
    case HeadCondition::FromSlack:
        return BeginText::tr("The same head from slack");
    case HeadCondition::AsItStands:
        break;
    }
    return BeginText::tr("The same head as it stands");
}

QString wiresWords(WiresAway away) {
    switch (away) {
    case WiresAway::Stick:
        return BeginText::tr("a stick under the wires");
    case WiresAway::Lifted:
        return BeginText::tr("the wires lifted");
    case WiresAway::Removed:
        break;
    }
    return BeginText::tr("the wires taken off");
}

QString seatingWords(Seating seating, HeadSide side) {
    const bool isBatter = side == HeadSide::Batter;
    switch (seating) {
    case Seating::Palm:
        return isBatter ? BeginText::tr("seated by palm") : BeginText::tr("not pressed, for it is thin");
    case Seating::RestOvernight:
        return BeginText::tr("left overnight");
    case Seating::StretchOvernight:
        return isBatter ? BeginText::tr("stretched overnight")
                        : BeginText::tr("not stretched, for it is thin");
    case Seating::None:
        break;
    }
    return BeginText::tr("not seated");
}

QString pathWords(Path path, int skip, int rods) {
    switch (path) {
    case Path::OppositePairs:
        return rods % 2 == 0 ? BeginText::tr("in pairs with two keys")
                             : BeginText::tr("far apart with one key");
    case Path::Star:
        return BeginText::tr("across with one key");
    case Path::OnceRound:
        return BeginText::tr("round the head with one key");
    case Path::OwnSkip:
        break;
    }
    return BeginText::tr("by your own skip of %1 with one key").arg(skip);
}

QString straysWords(StrayRule strays) {
    switch (strays) {
    case StrayRule::ToTarget:
        return BeginText::tr("corrected both ways");
    case StrayRule::RaiseOnly:
        return BeginText::tr("only ever tightened");
    case StrayRule::LowerOnly:
        break;
    }
    return BeginText::tr("only ever loosened");
}

} // namespace

QString beginSentence(const Session& session, HeadSide side) {
    const HeadWork& work = session.head(side);
    QStringList begins{conditionWords(work.condition), wiresWords(session.wiresAway)};
    if (work.condition != HeadCondition::AsItStands)
        begins << seatingWords(session.seating, side);
    return BeginText::tr("%1. Turned %2, at most %3 at a time, %4, until it is even to ±%5 cents.")
        .arg(begins.join(QStringLiteral(", ")), pathWords(session.path, work.skip, session.drum.rods),
             turnsText(session.largestStep), straysWords(session.strays), number(session.tolerance.value, 0));
}

} // namespace bombo

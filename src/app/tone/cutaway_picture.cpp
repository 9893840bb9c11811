#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/tone/cutaway.h"
#include "core/record/heads_say.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct CutawayPictureText {
    Q_DECLARE_TR_FUNCTIONS(CutawayPicture)
};

CutawayHead headOf(const Session& session, const Targets& targets, HeadSide side, const TurnModel& turns) {
    const bool batter = side == HeadSide::Batter;
    const HeadTarget& target = targets.head(side);
    const TurnResponse& response = turns.head(side);
    CutawayHead head;
    head.wanted = target.edgePitch;
    head.open = batter ? targets.pitches.batterEdgeOpen : targets.pitches.snareSideEdgeOpen;
    head.filmLoad = target.filmLoad;
    head.tension = target.tension;
    head.turns = response.turnsFor(target.tension);
    head.turnsError = Turns{response.spreadAt(head.turns).value / response.perTurn().value};
    head.capped = !batter && targets.limit != TargetLimit::None;
    if (const auto estimate = lastEstimate(session.head(side)))
        head.now = estimate->mean;
    return head;
}

QString headSummary(const CutawayHead& head) {
    QStringList text{CutawayPictureText::tr("%1 with the other head muted, film load %2 percent")
                         .arg(pitchText(head.wanted))
                         .arg(qRound(100 * head.filmLoad))};
    if (head.now)
        text << CutawayPictureText::tr("now %1").arg(hertzText(*head.now));
    return text.join(QStringLiteral(", "));
}

} // namespace

CutawayPicture cutawayPicture(const Reckoned& reckoned, const Targets& targets) {
    const Session& session = reckoned.session();
    const TurnModel turns = turnModelOf(reckoned);
    CutawayPicture picture;
    picture.shell = session.drum.shell;
    picture.batter = headOf(session, targets, HeadSide::Batter, turns);
    picture.snareSide = headOf(session, targets, HeadSide::SnareSide, turns);
    picture.centre = targets.pitches.centre;
    if (picture.batter.now && picture.snareSide.now)
        picture.centreNow = namedPitches(knownState(reckoned)).centre;
    picture.edgeOverCentre = targets.pitches.edgeOverCentre;
    picture.ratioReversed = targets.pitches.ratioReversed;
    picture.strands = session.drum.wires.strands;
    picture.wiresOff = session.tone.wiresOff;
    if (session.wires.begun)
        picture.strainer = session.wires.strainer;
    picture.motions = headMotions(tunedState(session.drum, targets, airAt(session.weather)));
    return picture;
}

QString cutawaySummary(const CutawayPicture& picture) {
    return CutawayPictureText::
        tr("Drum cut through. Batter edge pitch %1. Centre pitch %2, edge over centre %3. Snare-side edge "
           "pitch %4.")
            .arg(headSummary(picture.batter), pitchText(picture.centre))
            .arg(number(picture.edgeOverCentre, 2))
            .arg(headSummary(picture.snareSide));
}

} // namespace bombo

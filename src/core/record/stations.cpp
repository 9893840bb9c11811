#include "core/record/stations.h"

#include "core/record/session.h"
#include "core/record/wires_say.h"

#include <algorithm>

namespace bombo {
namespace {

StationState headState(const HeadWork& work, int heardAt, int toneAt) {
    if (work.stage == HeadStage::FingerTight)
        return work.prepared > 0 ? StationState::Doing : StationState::Open;
    // What no ear confirmed is not done, nor what still stands above pitch.
    if (work.stage != HeadStage::Done || isProvisional(work) || work.above)
        return StationState::Doing;
    return heardAt < toneAt ? StationState::Stale : StationState::Done;
}

StationState laterState(bool begun, bool finished, int at, int lastTurned) {
    if (!begun)
        return StationState::Open;
    if (at < lastTurned)
        return StationState::Stale;
    return finished ? StationState::Done : StationState::Doing;
}

} // namespace

Station stationAfter(const Session& session, Station station) {
    const bool batterFirst = session.school.order == HeadOrder::BatterFirst;
    const Station first = batterFirst ? Station::Batter : Station::SnareSide;
    const Station second = batterFirst ? Station::SnareSide : Station::Batter;
    if (station == Station::Tone)
        return first;
    if (station == first)
        return second;
    if (station == second)
        return Station::Wires;
    return station == Station::Proof ? station : static_cast<Station>(static_cast<int>(station) + 1);
}

StationState stationState(const Reckoned& reckoned, Station station) {
    const Session& session = reckoned.session();
    const int lastTurned = std::max(session.batterAt, session.snareSideAt);
    const int wantedAt = std::max(session.toneAt, session.weatherAt);
    switch (station) {
    case Station::Drum:
        return StationState::Done;
    case Station::Tone:
        return session.toneAt > 0 ? StationState::Done : StationState::Open;
    case Station::SnareSide:
        return headState(session.snareSide, session.snareSideHeardAt, wantedAt);
    case Station::Batter:
        return headState(session.batter, session.batterHeardAt, wantedAt);
    case Station::Wires:
        return laterState(session.wires.begun, wireAdviceOf(reckoned).advice == StrainerAdvice::Leave,
                          session.wiresAt, lastTurned);
    case Station::Muffling:
        return laterState(session.padsAt > 0, true, session.padsAt, lastTurned);
    case Station::Proof:
        return laterState(session.savedAt > 0, true, session.savedAt,
                          std::max({lastTurned, session.wiresAt, session.padsAt, wantedAt}));
    }
    return StationState::Open;
}

} // namespace bombo

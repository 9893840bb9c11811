#include "core/record/commands/card.h"

namespace bombo {

Outcome CardTapHeard::carryOut(Session session) const {
    const auto place = nextPlace(session.card);
    if (!place)
        return failure(Refusal::CardFull);
    session.card.at(*place).push_back(reading);
    session.card.weather = session.weather;
    session.cardAt = session.clock;
    return session;
}

Outcome TakeBackCardTap::carryOut(Session session) const {
    for (auto place = kCardPlaces.rbegin(); place != kCardPlaces.rend(); ++place)
        if (std::vector<RodReading>& taps = session.card.at(*place); !taps.empty()) {
            taps.pop_back();
            session.cardAt = session.clock;
            return session;
        }
    return failure(Refusal::CardEmpty);
}

Outcome StartCard::carryOut(Session session) const {
    session.card = {};
    session.cardAt = session.clock;
    return session;
}

} // namespace bombo

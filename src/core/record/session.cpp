#include "core/record/session.h"

namespace bombo {

const std::string& noteNow(const Session& session) {
    static const std::string none;
    const bool wasSaved = session.savedAt > session.noteAt;
    const bool isOfEarlier = session.setupAt > session.noteAt;
    return wasSaved && isOfEarlier ? none : session.note;
}

Session newSession(Drum drum, Tone tone, std::uint64_t practiceSeed) {
    Session session;
    session.batter = freshHead(drum.rods);
    session.snareSide = freshHead(drum.rods);
    session.drum = std::move(drum);
    session.tone = std::move(tone);
    session.practiceSeed = practiceSeed;
    session.weather.relativeHumidity = 0.5; // a usual room
    return session;
}

} // namespace bombo

#include "core/record/commands/context.h"

#include "core/record/own_names.h"

namespace bombo {

Outcome GoTo::carryOut(Session session) const {
    session.station = station;
    return session;
}

Outcome ChooseSource::carryOut(Session session) const {
    session.source = source;
    return session;
}

Outcome SetNote::carryOut(Session session) const {
    if (note.size() > kLongestNote)
        return failure(Refusal::NoteTooLong);
    session.note = note;
    session.noteAt = session.clock;
    return session;
}

Outcome SetNearestRod::carryOut(Session session) const {
    if (rod && (*rod < 0 || *rod >= session.drum.rods))
        return failure(Refusal::NoSuchRod);
    session.nearestRod = rod;
    return session;
}

Outcome SetReminder::carryOut(Session session) const {
    session.reminder = reminder;
    return session;
}

} // namespace bombo

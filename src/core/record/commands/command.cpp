#include "core/record/commands/command.h"

namespace bombo {
namespace {

bool isOtherSetup(const Work& one, const Work& other) {
    return one.tone != other.tone || one.wish != other.wish || one.drum != other.drum ||
           one.batter.rodTurns != other.batter.rodTurns ||
           one.snareSide.rodTurns != other.snareSide.rodTurns || one.wires.strainer != other.wires.strainer ||
           one.pads != other.pads;
}

/// What was said of one setup is not said of the next: once it was saved, or where another tone is chosen,
/// stars, blind hearing and experiments begin again with the first change; so does the note, see noteNow.
void beginNextSetup(const Session& before, Session& after) {
    const bool wasSaved = before.savedAt > before.setupAt;
    if (!isOtherSetup(before, after) || (!wasSaved && before.tone.id == after.tone.id))
        return;
    after.setupAt = after.clock;
    after.stars = 0;
    after.blind.reset();
    after.experiments.clear();
}

} // namespace

Outcome apply(Session session, const Command& command) {
    if (touchedBy(command) != Touches::Work)
        return std::visit([&](const auto& c) { return c.carryOut(std::move(session)); }, command);
    ++session.clock;
    Outcome after = std::visit([&](const auto& c) { return c.carryOut(session); }, command);
    if (after && !std::holds_alternative<CorrectCount>(command)) // the count was wrong, not the drum
        beginNextSetup(session, *after);
    return after;
}

Touches touchedBy(const Command& command) {
    return std::visit([](const auto& c) { return c.touches; }, command);
}

const char* commandName(const Command& command) {
    return std::visit([](const auto& c) { return c.name; }, command);
}

} // namespace bombo

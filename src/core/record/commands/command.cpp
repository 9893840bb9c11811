#include "core/record/commands/command.h"

namespace bombo {

Outcome apply(Session session, const Command& command) {
    if (touchedBy(command) == Touches::Work)
        ++session.clock;
    return std::visit([&](const auto& c) { return c.carryOut(std::move(session)); }, command);
}

Touches touchedBy(const Command& command) {
    return std::visit([](const auto& c) { return c.touches; }, command);
}

const char* commandName(const Command& command) {
    return std::visit([](const auto& c) { return c.name; }, command);
}

} // namespace bombo

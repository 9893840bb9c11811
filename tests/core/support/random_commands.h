#pragma once
/// Sequences of all the commands there are, as hands and slips of hands would give them: for the law that
/// what is written can be read.
#include "core/record/commands/command.h"
#include "core/units/dice.h"

#include <vector>

namespace bombo::testing {

/// A drum of 5 to 12 rods, now and then one that has worked before.
Session randomStart(Dice& dice);
/// Mostly the next step of the work, else any command with any figures, some of them beyond what is allowed.
Command randomCommand(Dice& dice, const Session& session);

/// Stored name of the command at that place of the list.
std::string nameOf(std::size_t index);

/// What is wrong with a session as it would be kept: not read again, or read as another one.
std::optional<std::string> unreadable(const Session& session);

/// A sequence that leads to a state which cannot be read again, as short as it can be made by leaving steps
/// out.
struct Counterexample {
    std::vector<Command> commands; ///< those that were carried out
    std::string why;
};
std::optional<Counterexample> playSequence(std::uint64_t seed, int length,
                                           std::vector<int>* carriedOut = nullptr);

} // namespace bombo::testing

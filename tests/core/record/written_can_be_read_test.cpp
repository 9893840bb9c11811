/// What is written can be read: whatever is done, in whatever order, every step comes back as it was.
#include "support/random_commands.h"

#include <cstdlib>
#include <gtest/gtest.h>

namespace bombo {
namespace {

/// By hand for longer: BOMBO_SEQUENCES=100000
int sequences() {
    const char* wished = std::getenv("BOMBO_SEQUENCES");
    return wished != nullptr ? std::atoi(wished) : 150;
}

TEST(WrittenCanBeRead, AfterAnySequenceOfCommands) {
    std::vector<int> carriedOut(std::variant_size_v<Command>);
    constexpr int length = 50;
    for (int seed = 1; seed <= sequences(); ++seed) {
        const auto found = testing::playSequence(static_cast<std::uint64_t>(seed), length, &carriedOut);
        if (!found)
            continue;
        std::string told = "seed " + std::to_string(seed) + ": " + found->why + ", after";
        for (const Command& command : found->commands)
            told += std::string(" ") + commandName(command);
        ADD_FAILURE() << told;
    }
    // Every command was among them: a sequence that never gets there proves nothing.
    for (std::size_t i = 0; i < carriedOut.size(); ++i)
        EXPECT_GT(carriedOut[i], 0) << testing::nameOf(i) << " was never carried out";
}

} // namespace
} // namespace bombo

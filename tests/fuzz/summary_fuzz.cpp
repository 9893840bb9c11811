/// The summary of an entry of the logbook.
#include "json_mutator.h"
#include "support/sessions.h"

#include "core/record/entry_figures.h"
#include "core/record/json_values.h"

#include <cstdlib>

namespace {

const bombo::fuzz::Seeds& seeds() {
    static const bombo::fuzz::Seeds all{bombo::setupSummary(bombo::testing::fullSession()).dump()};
    return all;
}

} // namespace

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t maxSize,
                                               unsigned seed) {
    return bombo::fuzz::mutateJson(data, size, maxSize, seed, seeds());
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const std::string text(reinterpret_cast<const char*>(data), size);
    const auto figures = bombo::entryFiguresFrom(text.empty() ? text : text.substr(1));
    if (figures && figures->batter.left &&
        !(figures->batter.left->edge.value > 0.0 && figures->batter.left->edge.value < 1e5))
        std::abort();
    return 0;
}

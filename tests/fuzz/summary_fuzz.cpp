/// The summary of an entry of the logbook.
#include "json_mutator.h"
#include "support/sessions.h"

#include "core/life/life.h"
#include "core/log/compare.h"
#include "core/log/what_moved.h"
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
    if (!figures)
        return 0;
    // Whatever it says can be asked everything that the logbook asks.
    const bombo::Entry entry{1, 1790000000, "plover", "chase", false, *figures};
    bombo::Entry later = entry;
    later.at += 3 * 86400;
    const std::vector<bombo::Entry> entries{entry, later};
    const bombo::Drum drum = bombo::testing::plover();
    for (const bombo::HeadSide side : {bombo::HeadSide::Batter, bombo::HeadSide::SnareSide}) {
        const auto stays = bombo::staysOf(entries, side);
        const auto settling = bombo::settlingOf(drum, side, stays, bombo::Tension{1500});
        for (const bombo::Stay& stay : stays)
            (void)bombo::whatMoved(drum, side, stay.left, stay.found, stay.fittedAt, settling,
                                   bombo::Tension{1500});
    }
    for (const bombo::Part part : {bombo::Part::Batter, bombo::Part::SnareSide, bombo::Part::Wires})
        (void)bombo::lifeOf(drum, part, entries, bombo::playsOf(entries), later.at);
    if (!bombo::differences(*figures, *figures).empty())
        std::abort();
    return 0;
}

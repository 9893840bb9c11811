/// How well faults are found on drums whose fault was planted, as a table for docs/performance.md, against
/// asking the checks in the order of the likeliest causes with the same belief. Run:
/// build/release/bench/bombo-faults [drums] [first seed] [missed]
#include "support/fault_asking.h"

#include <cstdio>
#include <cstdlib>
#include <map>
#include <numeric>

namespace {

using namespace bombo;
using namespace bombo::testing;

void print(const char* name, const AskedScore& score) {
    const double n = score.cases;
    std::printf("| %s | %d | %.0f %% | %.0f %% | %d | %.1f (%.1f) | %d | %.0f %% | %.1f ms |\n", name,
                score.cases, 100 * score.first / n, 100 * score.two / n, score.medianQuestions(),
                std::accumulate(score.questions.begin(), score.questions.end(), 0.0) / n, score.foretold / n,
                score.mostQuestions(), 100 * score.stated / n, score.slowestMs);
}

} // namespace

int main(int argc, char** argv) {
    const int drums = argc > 1 ? std::atoi(argv[1]) : 300;
    const std::uint64_t from = argc > 2 ? std::strtoull(argv[2], nullptr, 10) : 900'000;
    const FaultNet net = faultNetOf(BOMBO_DATA);
    AskedScore known;
    AskedScore unknown;
    AskedScore fixed;
    for (int i = 0; i < drums; ++i) {
        const std::uint64_t seed = from + static_cast<std::uint64_t>(i);
        Dice dice(seed * 31 + 5);
        const FaultyDrum drum(net.causes[static_cast<std::size_t>(i) % net.causes.size()].id, seed);
        const std::string complaint = drum.complains(dice);
        searchFor(net, drum, complaint, {}, seed, AskingOrder::Telling, unknown);
        searchFor(net, drum, complaint, {}, seed, AskingOrder::Fixed, fixed);
        searchFor(net, drum, complaint, drum.figures(dice), seed, AskingOrder::Telling, known);
    }
    std::printf(
        "| | drums | first | first two | questions, median | mean (foretold) | most | stated | slowest |\n");
    print("nothing known of the drum", unknown);
    print("a workbook that knows it", known);
    print("in a fixed order", fixed);
    std::map<std::string, int> missed;
    for (const std::string& one : unknown.missed)
        ++missed[one];
    if (argc > 3)
        for (const auto& [one, times] : missed)
            std::printf("%s: %d\n", one.c_str(), times);
    return 0;
}

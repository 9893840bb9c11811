/// What the advice predicts of the ring against what a practice drum's own hidden damping does, as it is
/// heard: with nothing learned, and after the open ring was heard once. And how long the search for the least
/// muffling takes. A table for docs/performance.md. Run: build/release/bench/bombo-muffling [drums]
#include "core/muffling/least_muffling.h"
#include "core/practice/practice_drum.h"
#include "core/reading/hit_portrait.h"
#include "core/tap/taps_in.h"
#include "core/tuning/targets.h"
#include "support/drums.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <vector>

namespace {

using namespace bombo;

double medianOf(std::vector<double> values) {
    if (values.empty())
        return 0.0;
    const auto middle = values.begin() + static_cast<std::ptrdiff_t>(values.size() / 2);
    std::nth_element(values.begin(), middle, values.end());
    return *middle;
}
double quantileOf(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values.empty() ? 0.0
                          : values[static_cast<std::size_t>(share * static_cast<double>(values.size() - 1))];
}

/// Ring of the whole tone as the program hears it: the median of five strokes with the lever off.
std::optional<double> heardRing(const Drum& drum, const HiddenNature& nature, const PracticeState& state) {
    std::vector<double> rings;
    for (std::uint64_t stroke = 0; stroke < 5; ++stroke) {
        const PracticeWireStroke struck = practiceWireStroke(drum, nature, state, StrokePlace::Middle,
                                                             Dynamic::Medium, stroke, kPracticeWeather);
        for (const Tap& tap : tapsIn(struck.samples, PracticeSound{}.sampleRate))
            if (const auto ring = lengthsOf(tap).tone)
                rings.push_back(ring->value);
    }
    if (rings.empty())
        return std::nullopt;
    return medianOf(rings);
}

struct Row {
    const char* what;
    std::vector<Pad> pads;
    std::vector<double> blind; ///< relative errors, nothing learned
    std::vector<double> taught;
};

Pad padOf(const char* kind, double inward, double degrees, const Shell& shell) {
    Pad pad{{}, Radians{degrees * 3.14159265358979 / 180.0}, padKindNamed(kind).value()};
    if (pad.kind.footprint == Footprint::Disc)
        pad.fromCentre = shell.radius() - pad.kind.radius - Metres{inward};
    return pad;
}

void timeSearch(const Drum& drum, const DrumState& state) {
    std::vector<double> milliseconds;
    for (const double share : {0.9, 0.7, 0.5, 0.35, 0.2})
        for (int repeat = 0; repeat < 5; ++repeat) {
            const auto start = std::chrono::steady_clock::now();
            const Muffler muffler(drum, state);
            MufflingWish wish;
            wish.ring = share * muffler.ringWith({});
            const MufflingPlan plan = leastMuffling(muffler, drum.shell, wish);
            const std::chrono::duration<double, std::milli> took = std::chrono::steady_clock::now() - start;
            milliseconds.push_back(took.count() + 0.0 * plan.ring.value);
        }
    std::printf("search for the least muffling: %.0f ms in the median, %.0f at most\n",
                medianOf(milliseconds), quantileOf(milliseconds, 1.0));
}

} // namespace

int main(int argc, char** argv) {
    const int drums = argc > 1 ? std::atoi(argv[1]) : 60;
    const Drum drum = bombo::testing::plover();
    const Shell& shell = drum.shell;
    std::vector<Row> rows{
        {"nothing", {}, {}, {}},
        {"a gel pad, 20 mm in", {padOf("gel-pad", 0.02, 40, shell)}, {}, {}},
        {"two, across", {padOf("gel-pad", 0.02, 40, shell), padOf("gel-pad", 0.02, 130, shell)}, {}, {}},
        {"a doubled one, 40 mm in", {padOf("gel-pad-doubled", 0.04, 40, shell)}, {}, {}},
        {"a film ring", {padOf("film-ring", 0, 0, shell)}, {}, {}},
        {"cloth under the hoop", {padOf("hoop-cloth", 0, 90, shell)}, {}, {}}};
    for (int i = 0; i < drums; ++i) {
        const HiddenNature nature = drawNature(drum, static_cast<std::uint64_t>(1000 + i));
        PracticeState state;
        state.batterTurns.assign(8, Turns{2.2});
        state.snareSideTurns.assign(8, Turns{2.2});
        state.leverOn = false;
        // The advice knows the tensions as after a round of taps, not the damping.
        const DrumState known = drumState(drum, Tension{trueMeanTension(nature, state, HeadSide::Batter)},
                                          Tension{trueMeanTension(nature, state, HeadSide::SnareSide)});
        const auto open = heardRing(drum, nature, state);
        if (!open)
            continue;
        const double damping = predictMuffling(drum, known, {}).ringBefore.value / *open;
        for (Row& row : rows) {
            state.pads = row.pads;
            const auto heard = heardRing(drum, nature, state);
            if (!heard)
                continue;
            const auto off = [&](double factor) {
                return std::abs(predictMuffling(drum, known, row.pads, {}, factor).ringAfter.value / *heard -
                                1.0);
            };
            row.blind.push_back(off(1.0));
            row.taught.push_back(off(damping));
        }
    }
    std::printf("| on the head | nothing learned: median, 90 of 100 | open ring heard: median, 90 of 100 "
                "|\n|---|---|---|\n");
    for (const Row& row : rows)
        std::printf("| %s | %.0f %%, %.0f %% | %.0f %%, %.0f %% |\n", row.what, 100.0 * medianOf(row.blind),
                    100.0 * quantileOf(row.blind, 0.9), 100.0 * medianOf(row.taught),
                    100.0 * quantileOf(row.taught, 0.9));
    timeSearch(drum, drumState(drum, Tension{3000}, Tension{3600}));
    return 0;
}

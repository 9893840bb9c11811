/// How many stops of the strainer it takes to the best setting, on practice drums that the advice has not
/// seen and with answers some of which are wrong, beside going up by quarter turns. A table for
/// docs/performance.md. Run: build/release/bench/bombo-stops [drums a row]
#include "core/acoustics/film.h"
#include "core/practice/practice_drum.h"
#include "core/units/dice.h"
#include "support/drums.h"

#include <algorithm>
#include <cstdio>
#include <cstdlib>
#include <vector>

namespace {

using namespace bombo;

/// A drum, its hidden thresholds, and a player who is wrong now and then.
struct Player {
    HiddenNature nature;
    double slips;
    Dice dice;

    bool says(bool truth) { return dice.uniform(0.0, 1.0) < slips ? !truth : truth; }
    bool answers(Turns at, const Stroke& stroke) {
        return says(at < chokeOf(nature, stroke.place, stroke.dynamic));
    }
    bool rattles(Turns at) { return says(at < nature.rattle); }
};

/// The best setting for someone who knows the thresholds.
Turns bestOf(const HiddenNature& nature, double margin) {
    constexpr double guard = 0.125;
    const double low = nature.rattle.value + guard;
    const double high = nature.whisperChoke.value - guard;
    return Turns{high < low ? 0.5 * (low + high) : low + margin * (high - low)};
}

struct Outcome {
    int stops = 0;
    int strokes = 0;
    double off = 0; ///< turns
};

/// As the Wires station leads: the stop that tells most, its strokes, until nothing is gained; then the best.
Outcome advised(const Drum& drum, double load, double margin, Player player) {
    Outcome outcome;
    Sweep sweep{
        .slackTurns = drum.wires.slackTurns, .snareSideFilmLoad = load, .margin = margin, .current = {}};
    sweep.current = nextStopOf(adviseWires(sweep), sweep);
    for (;;) {
        ++outcome.stops;
        while (const auto stroke = nextStroke(sweep)) {
            ++outcome.strokes;
            if (stroke->asksRattle)
                sweep.rattles.push_back({sweep.current, player.rattles(sweep.current)});
            else
                sweep.tests.push_back(
                    {sweep.current, stroke->place, stroke->dynamic, player.answers(sweep.current, *stroke)});
        }
        const Turns next = nextStopOf(adviseWires(sweep), sweep);
        if (next == sweep.current || outcome.stops == 12) {
            outcome.off = std::abs((sweep.current - bestOf(player.nature, margin)).value);
            return outcome;
        }
        sweep.current = next;
    }
}

/// Up from first contact by quarter turns, all strokes at each, until the loud one is clean and a whisper
/// near the edge is no longer answered; then to the wished place between.
Outcome stepped(double margin, Player player) {
    Outcome outcome;
    double clean = -1.0;
    double choked = -1.0;
    for (double at = 0.25; at <= 5.0 && choked < 0.0; at += 0.25) {
        ++outcome.stops;
        outcome.strokes += 2;
        if (clean < 0.0 && !player.rattles(Turns{at}))
            clean = at;
        if (clean >= 0.0 && !player.answers(Turns{at}, {StrokePlace::Edge, Dynamic::Whisper}))
            choked = at;
    }
    const double low = std::max(clean, 0.25);
    const double high = std::max(choked - 0.25, low);
    outcome.off = std::abs(low + margin * (high - low) - bestOf(player.nature, margin).value);
    return outcome;
}

template <class Run> void line(const char* name, const char* way, int drums, Run run) {
    std::vector<Outcome> all;
    for (int i = 0; i < drums; ++i)
        all.push_back(run(i));
    int within = 0;
    int quick = 0;
    double strokes = 0.0;
    std::vector<int> stops;
    for (const Outcome& one : all) {
        within += one.off <= 0.25 + 1e-9;
        quick += one.off <= 0.25 + 1e-9 && one.stops <= kMostTestStops + 1;
        strokes += one.strokes;
        stops.push_back(one.stops);
    }
    std::sort(stops.begin(), stops.end());
    std::printf("| %s | %s | %d | %d | %.0f | %.0f %% | %.0f %% |\n", name, way, stops[stops.size() / 2],
                stops[stops.size() * 95 / 100], strokes / drums, 100.0 * within / drums,
                100.0 * quick / drums);
}

} // namespace

int main(int argc, char** argv) {
    const int drums = argc > 1 ? std::max(1, std::atoi(argv[1])) : 300;
    std::printf(
        "| answers | way | stops, median | stops, 95 of 100 | strokes | within a quarter turn | so in six "
        "stops |\n|---|---|---|---|---|---|---|\n");
    for (const double slips : {0.0, 0.08, 0.15}) {
        char name[32];
        std::snprintf(name, sizeof name, "%.0f %% wrong", 100.0 * slips);
        const auto player = [&](int i) {
            Drum drum = i % 2 == 0 ? bombo::testing::plover() : bombo::testing::plover(6);
            return std::pair{drum, Player{drawNature(drum, static_cast<std::uint64_t>(7000 + i)), slips,
                                          Dice(static_cast<std::uint64_t>(90000 + i))}};
        };
        const auto margin = [](int i) { return 0.25 * (i % 4); };
        line(name, "advised", drums, [&](int i) {
            auto [drum, one] = player(i);
            return advised(drum, 0.3 + 0.1 * (i % 4), margin(i), one);
        });
        line(name, "by quarter turns", drums, [&](int i) { return stepped(margin(i), player(i).second); });
    }
    return 0;
}

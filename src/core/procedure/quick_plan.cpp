#include "core/procedure/quick_plan.h"

#include <algorithm>

namespace bombo {
namespace {

constexpr double kTap = 6.0;    // s
constexpr double kSetUp = 15.0; // wires off, other head muted
constexpr double kTurnOver = 20.0;
constexpr double kWires = 40.0;   // whisper and loud, a quarter turn of the knob, both again
constexpr double kReserve = 20.0; // to walk on

/// One head: taps, moves, taps.
struct HeadTimes {
    double taps;
    double move;
    double withMoves(int moves) const { return 2.0 * taps + moves * move; }
};

void add(std::vector<QuickStep>& plan, QuickKind kind, HeadSide side, int count, double takes) {
    const double from = plan.empty() ? 0.0 : (plan.back().from + plan.back().takes).value;
    plan.push_back({kind, side, count, Seconds{takes}, Seconds{from}});
}

void addHead(std::vector<QuickStep>& plan, HeadSide side, int tapped, const HeadTimes& times, double setUp,
             int moves, int passes) {
    add(plan, QuickKind::TapHalf, side, tapped, setUp + times.taps);
    // Pairs are turned whole, so that even in the middle of them the head is pulled alike on both sides.
    for (int pass = 0; pass < passes && moves > 0; ++pass) {
        add(plan, QuickKind::Moves, side, moves, moves * times.move);
        add(plan, QuickKind::TapAgain, side, tapped, times.taps);
    }
}

} // namespace

std::vector<QuickStep> quickPlan(const Drum& drum, Path path, double minutes) {
    const int tapped = drum.rods % 2 == 0 ? drum.rods / 2 : drum.rods;
    const bool twoKeys = path == Path::OppositePairs && drum.rods % 2 == 0;
    const HeadTimes times{kTap * tapped, twoKeys ? 12.0 : drum.rods % 2 == 0 ? 20.0 : 10.0};
    const int handles = tapped;
    double left = 60.0 * std::clamp(minutes, kFewestMinutes, kMostMinutes) - kReserve - kWires - kSetUp;

    // The head that is played first; the other one only when both get all their moves.
    const bool both = left >= 2.0 * times.withMoves(handles) + 2.0 * kTurnOver;
    std::vector<QuickStep> plan;
    if (both) {
        addHead(plan, HeadSide::SnareSide, tapped, times, kSetUp + kTurnOver, handles, 1);
        addHead(plan, HeadSide::Batter, tapped, times, kTurnOver, handles, 1);
    } else {
        const int moves = std::clamp(static_cast<int>((left - 2.0 * times.taps) / times.move), 0, handles);
        const double pass = times.taps + moves * times.move;
        const int passes =
            moves < handles ? 1 : std::clamp(static_cast<int>((left - times.taps) / pass), 1, 2);
        addHead(plan, HeadSide::Batter, tapped, times, kSetUp, moves, passes);
    }
    add(plan, QuickKind::Wires, HeadSide::SnareSide, 2, kWires);
    add(plan, QuickKind::Rest, HeadSide::Batter, 0, kReserve);
    return plan;
}

int quickMoves(const std::vector<QuickStep>& plan, HeadSide side) {
    for (const QuickStep& step : plan)
        if (step.kind == QuickKind::Moves && step.side == side)
            return step.count;
    return 0;
}

} // namespace bombo

#include "core/procedure/ring_plans.h"

#include "core/acoustics/film.h"
#include "core/acoustics/pitches.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kStep = 0.125;      // turns: an eighth on every rod
constexpr double kFurthestUp = 2.25; // of the tension: a fifth of pitch

RingPlan tuneOut(const Drum& drum, const DrumState& state, const RingPlanWish& wish) {
    RingPlan plan{.school = RingSchool::TuneOut, .ring = {}};
    const Hertz centre = namedPitches(state).centre;
    const Tension highest =
        std::min(tensionAtLoad(drum.batterHead, kFilmLoadLimit), kFurthestUp * state.batter.tension);
    DrumState best = state;
    plan.ring = Muffler(drum, state, wish.point, wish.damping).ringWith(wish.laid);
    plan.reaches = plan.ring.value <= kRingReached * wish.ring.value;
    for (double turns = kStep; !plan.reaches; turns += kStep) {
        DrumState there = state;
        there.batter.tension = state.batter.tension + turns * wish.perTurn;
        if (there.batter.tension > highest)
            break;
        const Seconds ring = Muffler(drum, there, wish.point, wish.damping).ringWith(wish.laid);
        if (ring < plan.ring) {
            plan.ring = ring;
            plan.batter = Turns{turns};
            best = there;
        }
        plan.reaches = ring.value <= kRingReached * wish.ring.value;
    }
    plan.centre = centsBetween(centre, namedPitches(best).centre);
    plan.filmLoad = filmLoad(drum.batterHead, best.batter.tension);
    return plan;
}

RingPlan withPads(RingSchool school, const Muffler& muffler, const Shell& shell, const RingPlanWish& wish,
                  std::vector<PadKind> kinds, int most) {
    const MufflingPlan found = leastMuffling(
        muffler, shell, {.ring = wish.ring, .kinds = std::move(kinds), .laid = wish.laid, .mostItems = most});
    const MufflingPrediction prediction = muffler.with(found.pads);
    RingPlan plan{.school = school, .ring = found.ring};
    plan.reaches = found.reaches;
    plan.pads = found.pads;
    plan.startDb = prediction.startDb;
    plan.reboundLoss = prediction.reboundLoss;
    return plan;
}

/// Looser until the wires strike as long as the heads ring.
RingPlan maskWithWires(const Drum& drum, const DrumState& state, const RingPlanWish& wish, Seconds ring) {
    RingPlan plan{.school = RingSchool::MaskWithWires, .ring = ring};
    const auto modes = strokeModes(drum, state, StrokePlace::Middle);
    const auto buzzAt = [&](Turns knob) {
        return strikeLength(
            modes, pullDb(chokeTurns(wish.whisperChoke, StrokePlace::Middle, Dynamic::Medium, wish.contact),
                          knob, wish.contact));
    };
    Turns knob = *wish.knob;
    // Ring is a fall by 60 dB; what the ear is left with after half of that is masked by the room.
    const Seconds needed = 0.5 * ring;
    while (buzzAt(knob) < needed && knob.value - kStep >= wish.loosest.value)
        knob = knob - Turns{kStep};
    plan.knob = knob - *wish.knob;
    plan.buzz = buzzAt(knob);
    plan.reaches = *plan.buzz >= needed;
    return plan;
}

} // namespace

std::vector<RingPlan> ringPlans(const Drum& drum, const DrumState& state, const RingPlanWish& wish) {
    const Muffler muffler(drum, state, wish.point, wish.damping);
    const Seconds now = muffler.ringWith(wish.laid);
    std::vector<RingPlan> plans{tuneOut(drum, state, wish)};
    plans.push_back({.school = RingSchool::LetRing, .ring = now});
    plans.back().pads = wish.laid;
    plans.back().reaches = now.value <= kRingReached * wish.ring.value;
    if (wish.knob)
        plans.push_back(maskWithWires(drum, state, wish, now));
    plans.push_back(
        withPads(RingSchool::Shorten, muffler, drum.shell, wish, {padKindNamed("loose-weight").value()}, 1));
    plans.push_back(withPads(RingSchool::Muffle, muffler, drum.shell, wish, {}, 3));
    return plans;
}

} // namespace bombo

#include "core/record/heads_say.h"
#include "core/record/own_kind.h"
#include "support/sessions.h"

#include <gtest/gtest.h>

namespace bombo {
namespace own_kind_test {

using testing::done;
using testing::fresh;

HeardStroke stroke(double ring, double hertz, bool wires = false, double circular = 0.3) {
    HeardStroke heard{Hertz{hertz}, Seconds{ring}, std::nullopt, -12.0, wires, {}, {}};
    heard.partials = {{0, 1, Hertz{hertz}, Seconds{circular}, 0.0}, {1, 1, Hertz{300}, Seconds{0.4}, -6.0}};
    return heard;
}
Pad spongeUnknown() {
    Pad pad{Metres{0.12}, Radians{1.0}, {}};
    pad.kind = PadKind{.id = "own:sponge", .mass = Kilograms{}, .lossFactor = 0.0};
    return pad;
}

TEST(HeardBoth, CircularPartialsOfStrokesWithoutWires) {
    const auto both = heardBoth(
        {stroke(0.5, 200), stroke(0.5, 202), stroke(0.5, 201), stroke(0.5, 500, true)}, {stroke(0.3, 198)});
    ASSERT_EQ(both.size(), 1U);
    EXPECT_EQ(both[0].without, Hertz{201});
    EXPECT_EQ(both[0].with, Hertz{198});
    EXPECT_TRUE(heardBoth({}, {stroke(0.3, 198)}).empty());
}

TEST(CalibratedKind, MassByThePitchAndDragByTheDecay) {
    Session s = done(fresh(), GoTo{Station::Muffling});
    // What a sponge of 5 g and 3 N s/m does by the model, as if it were heard.
    Pad truth = spongeUnknown();
    truth.kind.mass = Kilograms{0.005};
    truth.kind.resistance = 3.0;
    const MufflingPrediction with = predictMuffling(s.drum, knownState(s), {truth}, {}, 1.2);
    const auto centre = [](const MufflingPrediction& p, bool after) {
        for (const MuffledPartial& partial : p.partials)
            if (partial.m == 0)
                return (after ? partial.frequencyAfter : partial.frequencyBefore).value;
        return 0.0;
    };
    const auto circular = [](const MufflingPrediction& p, bool after) {
        for (const MuffledPartial& partial : p.partials)
            if (partial.m == 0)
                return (after ? partial.t60After : partial.t60Before).value;
        return 0.0;
    };
    const std::vector<HeardStroke> without(
        4, stroke(with.ringBefore.value, centre(with, false), false, circular(with, false)));
    s = done(s, LayPads{{spongeUnknown()}});
    for (int i = 0; i < 4; ++i)
        s = done(s,
                 StrokeHeard{stroke(with.ringAfter.value, centre(with, true), false, circular(with, true))});
    const auto kind = calibratedKind(s, "own:sponge", without);
    ASSERT_TRUE(kind);
    EXPECT_NEAR(kind->mass.value, 0.005, 1e-5);
    EXPECT_NEAR(kind->resistance, 3.0, 0.02);
    EXPECT_EQ(kind->radius, spongeUnknown().kind.radius);
}

TEST(CalibratedKind, SaysWhyItCannot) {
    Session s = done(done(fresh(), GoTo{Station::Muffling}), LayPads{{spongeUnknown()}});
    EXPECT_EQ(calibratedKind(s, "own:sponge", {}).fault(), CalibrationFault::TooFewPartials);
    s = done(s, StrokeHeard{stroke(0.5, 200)});
    EXPECT_EQ(calibratedKind(s, "own:sponge", {stroke(0.5, 200)}).fault(), CalibrationFault::NothingChanged);
}

} // namespace own_kind_test
} // namespace bombo

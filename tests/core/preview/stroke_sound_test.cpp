#include "core/preview/stroke_sound.h"
#include "core/reading/hit_portrait.h"
#include "core/tap/taps_in.h"
#include "support/drums.h"

#include <cmath>
#include <gtest/gtest.h>

namespace bombo {
namespace stroke_sound_test {

using testing::chase;
using testing::plover;

PreviewStroke open() {
    const Targets targets = targetsFor(plover(), chase()).value();
    return {drumState(plover(), targets.batter.tension, targets.snareSide.tension), {}, 1.0, {}, {}};
}

/// The stroke as the ear of the program hears it.
HitPortrait heard(const PreviewStroke& stroke) {
    const auto taps = tapsIn(strokeSound(plover(), stroke));
    EXPECT_EQ(taps.size(), 1U);
    return portraitOf(taps.at(0)).value();
}

TEST(StrokeSound, SoundsAtTheModelsPitches) {
    const HitPortrait hit = heard(open());
    const NamedPitches pitches = targetsFor(plover(), chase())->pitches;
    EXPECT_NEAR(centsBetween(pitches.centre, hit.centre).value, 0.0, 3.0);
    ASSERT_TRUE(hit.edge);
    EXPECT_NEAR(centsBetween(pitches.batterEdgeOpen, *hit.edge).value, 0.0, 3.0);
    EXPECT_FALSE(hit.buzz);
}

TEST(StrokeSound, RingsAsLongAsPredictedOrAsWished) {
    PreviewStroke stroke = open();
    const Seconds predicted = predictMuffling(plover(), stroke.heads, {}).ringAfter;
    const HitPortrait plain = heard(stroke);
    ASSERT_TRUE(plain.ring);
    EXPECT_NEAR(*plain.ring / predicted, 1.0, 0.12); // frames of 12 ms against the sum of squares
    stroke.ring = predicted * 0.5;
    EXPECT_NEAR(*heard(stroke).ring / *stroke.ring, 1.0, 0.25); // over 0.1 s a single beat of the pair counts
    stroke.ring = predicted * 3.0;                              // nothing lengthens a head
    EXPECT_EQ(strokeSound(plover(), stroke), strokeSound(plover(), open()));
}

TEST(StrokeSound, WiresAnswerForTheirTime) {
    PreviewStroke stroke = open();
    stroke.buzz = Seconds{0.3};
    const HitPortrait hit = heard(stroke);
    ASSERT_TRUE(hit.buzz);
    EXPECT_NEAR(hit.buzz->value, 0.3, 0.05);
    EXPECT_GT(hit.brightness, heard(open()).brightness);
}

TEST(StrokeSound, PadsShortenIt) {
    PreviewStroke stroke = open();
    stroke.pads = {Pad{Metres{0.13}, Radians{1.0}, {}}, Pad{Metres{0.13}, Radians{2.5}, {}}};
    EXPECT_LT(*heard(stroke).ring, *heard(open()).ring);
}

TEST(StrokeSound, LevelsMatchAndNothingIsCutOff) {
    for (const double ring : {0.1, 0.25, 0.6})
        for (const bool wires : {false, true}) {
            PreviewStroke stroke = open();
            stroke.ring = Seconds{ring};
            if (wires)
                stroke.buzz = Seconds{0.2};
            const auto samples = strokeSound(plover(), stroke);
            double sum = 0.0;
            for (std::size_t i = 960; i < 960 + 14400; ++i) // 300 ms after the 20 ms before the stroke
                sum += static_cast<double>(samples[i]) * samples[i];
            EXPECT_NEAR(std::sqrt(sum / 14400), StrokeSound{}.level, 0.05 * StrokeSound{}.level);
            for (float s : samples)
                ASSERT_LT(std::abs(s), 0.99F) << ring;
        }
}

} // namespace stroke_sound_test
} // namespace bombo

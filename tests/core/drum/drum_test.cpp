#include "core/drum/drum.h"
#include "support/drums.h"

#include <gtest/gtest.h>
#include <limits>

namespace bombo {
namespace drum_test {

using testing::plover;

TEST(CheckedDrum, TakesEveryRodCountOfTheTrade) {
    for (int rods = kFewestRods; rods <= kMostRods; ++rods)
        EXPECT_TRUE(checkedDrum(plover(rods))) << rods;
}

struct BadDrum {
    const char* key;
    void (*spoil)(Drum&);
};

TEST(CheckedDrum, RefusesWithTheKeyAndTheNearestValue) {
    const double nan = std::numeric_limits<double>::quiet_NaN();
    static double notANumber = nan;
    const BadDrum rows[] = {
        {"diameter_m", [](Drum& d) { d.shell.diameter = Metres{0.0}; }},
        {"diameter_m", [](Drum& d) { d.shell.diameter = Metres{3.0}; }},
        {"diameter_m", [](Drum& d) { d.shell.diameter = Metres{notANumber}; }},
        {"depth_m", [](Drum& d) { d.shell.depth = Metres{0.0}; }},
        {"depth_m", [](Drum& d) { d.shell.depth = Metres{-0.1}; }},
        {"rods", [](Drum& d) { d.rods = 0; }},
        {"rods", [](Drum& d) { d.rods = 40; }},
        {"batter.thickness_m", [](Drum& d) { d.batterHead.thickness = Metres{0.01}; }},
        {"batter.areal_density_kg_per_m2", [](Drum& d) { d.batterHead.arealDensity = ArealDensity{-1.0}; }},
        {"snare_side.modulus_pa", [](Drum& d) { d.snareSideHead.modulus = Pascal{0.0}; }},
        {"snare_side.poisson", [](Drum& d) { d.snareSideHead.poisson = 0.6; }},
        {"snare_side.yield_pa", [](Drum& d) { d.snareSideHead.yield = Pascal{0.0}; }},
        {"wires.strands", [](Drum& d) { d.wires.strands = 0; }},
        {"wires.mass_kg", [](Drum& d) { d.wires.mass = Kilograms{5.0}; }},
    };
    for (const BadDrum& row : rows) {
        Drum drum = plover();
        row.spoil(drum);
        const auto checked = checkedDrum(drum);
        ASSERT_FALSE(checked) << row.key;
        EXPECT_EQ(checked.fault().key, row.key);
        EXPECT_NE(checked.fault().message.find("nearest usable value"), std::string::npos)
            << checked.fault().message;
    }
}

TEST(RodAngle, SpreadsRodsEvenlyAndLeavesTheStrainerFree) {
    for (int rods : {5, 6, 7, 8, 10, 12}) {
        const double space = 2.0 * std::numbers::pi / rods;
        EXPECT_NEAR(rodAngle(0, rods).value, 0.5 * space, 1e-12);
        EXPECT_NEAR(rodAngle(rods - 1, rods).value, 2.0 * std::numbers::pi - 0.5 * space, 1e-12);
        if (rods % 2 == 0) {
            EXPECT_NEAR(rodAngle(rods / 2, rods).value - rodAngle(0, rods).value, std::numbers::pi, 1e-12);
        }
    }
}

TEST(DrumValue, HeadBySide) {
    const Drum drum = plover();
    EXPECT_EQ(drum.head(HeadSide::Batter), drum.batterHead);
    EXPECT_EQ(drum.head(HeadSide::SnareSide), drum.snareSideHead);
    EXPECT_DOUBLE_EQ(drum.shell.radius().value, 0.5 * drum.shell.diameter.value);
}

} // namespace drum_test
} // namespace bombo

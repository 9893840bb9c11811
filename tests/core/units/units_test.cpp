#include "core/units/dice.h"
#include "core/units/pitch.h"
#include "core/units/result.h"

#include <gtest/gtest.h>

namespace bombo {
namespace units_test {

TEST(Quantities, ArithmeticKeepsTheUnit) {
    EXPECT_DOUBLE_EQ((Hertz{200.0} + Hertz{20.0}).value, 220.0);
    EXPECT_DOUBLE_EQ((Turns{0.5} - Turns{0.125}).value, 0.375);
    EXPECT_DOUBLE_EQ((2.0 * Metres{0.1}).value, 0.2);
    EXPECT_DOUBLE_EQ(Tension{300.0} / Tension{200.0}, 1.5);
    EXPECT_LT(Hertz{199.0}, Hertz{200.0});
}

TEST(Quantities, InchesRoundTrip) {
    EXPECT_DOUBLE_EQ(inches(14).value, 0.3556);
    EXPECT_DOUBLE_EQ(toInches(inches(6.5)), 6.5);
}

TEST(Quantities, CentsOfKnownIntervals) {
    EXPECT_NEAR(centsBetween(Hertz{220}, Hertz{440}).value, 1200.0, 1e-9);
    EXPECT_NEAR(centsBetween(Hertz{200}, Hertz{300}).value, 701.955, 1e-3); // pure fifth
    EXPECT_NEAR(centsBetween(Hertz{300}, Hertz{200}).value, -701.955, 1e-3);
    for (const double interval : {-1200.0, -37.0, 0.0, 5.0, 498.0})
        EXPECT_NEAR(centsBetween(Hertz{261.6}, moved(Hertz{261.6}, Cents{interval})).value, interval, 1e-9);
}

struct NoteRow {
    double hz;
    const char* name;
    double offset;
};

TEST(Pitch, NamesNotesOfEqualTemperament) {
    for (const NoteRow& row :
         {NoteRow{440.0, "A4", 0.0}, NoteRow{261.6256, "C4", 0.0}, NoteRow{27.5, "A0", 0.0},
          NoteRow{446.4, "A4", 25.0}, NoteRow{185.0, "F#3", 0.0}, NoteRow{311.127, "D#4", 0.0}}) {
        const NoteName note = nearestNote(Hertz{row.hz});
        EXPECT_EQ(note.name, row.name) << row.hz;
        EXPECT_NEAR(note.offset.value, row.offset, 0.1) << row.hz;
    }
}

TEST(Pitch, ReferenceShiftsEveryNote) {
    EXPECT_NEAR(nearestNote(Hertz{440.0}, Hertz{442.0}).offset.value, -7.85, 0.01);
    EXPECT_EQ(noteText(Hertz{442.0}, Hertz{442.0}), "A4");
    EXPECT_EQ(noteText(Hertz{443.0}, Hertz{442.0}), "A4 +4");
}

TEST(Pitch, OffsetsStayWithinHalfASemitone) {
    for (double hz = 60.0; hz < 2000.0; hz *= 1.013) {
        const NoteName note = nearestNote(Hertz{hz});
        EXPECT_LE(std::abs(note.offset.value), 50.0 + 1e-9) << hz;
    }
}

TEST(ResultType, HoldsAValueOrAFault) {
    const Result<int, std::string> good = 3;
    const Result<int, std::string> bad = failure(std::string("no"));
    ASSERT_TRUE(good);
    EXPECT_EQ(*good, 3);
    ASSERT_FALSE(bad);
    EXPECT_EQ(bad.fault(), "no");
    EXPECT_THROW((void)bad.value(), std::bad_variant_access); // asking the wrong side is a bug, not a guess
}

TEST(ResultType, SameTypeOnBothSidesStaysApart) {
    const Result<std::string, std::string> good = std::string("value");
    const Result<std::string, std::string> bad = failure(std::string("fault"));
    EXPECT_TRUE(good);
    EXPECT_FALSE(bad);
}

TEST(InputProblemType, NamesItsKey) {
    EXPECT_EQ((InputProblem{"depth_m", "is missing"}).text(), "depth_m: is missing");
    EXPECT_EQ((InputProblem{"", "is no object"}).text(), "is no object");
}

TEST(Dice, RoughNumbersHaveTheMeanAndVarianceOfNormalOnes) {
    Dice dice(11);
    constexpr int many = 200000;
    double sum = 0.0;
    double squares = 0.0;
    for (int i = 0; i < many; ++i) {
        const double x = dice.rough();
        EXPECT_LT(std::abs(x), 3.5);
        sum += x;
        squares += x * x;
    }
    // Standard errors: 1 / sqrt(n) of the mean, below sqrt(2 / n) of the variance; four of each.
    EXPECT_NEAR(sum / many, 0.0, 4.0 / std::sqrt(many));
    EXPECT_NEAR(squares / many, 1.0, 4.0 * std::sqrt(2.0 / many));
}

} // namespace units_test
} // namespace bombo

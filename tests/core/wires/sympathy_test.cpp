#include "core/acoustics/damping.h"
#include "core/acoustics/pitches.h"
#include "core/practice/wire_contact.h"
#include "core/wires/sympathy.h"
#include "core/wires/wire_response.h"
#include "support/drums.h"

#include <complex>
#include <gtest/gtest.h>
#include <numbers>

namespace bombo {
namespace sympathy_test {

using testing::plover;

DrumState tuned() {
    return drumState(plover(), Tension{3700}, Tension{3000}, {});
}

Hertz lowestOf(const DrumState& state, int m) {
    for (const CoupledMode& mode : coupledModes(state))
        if (mode.m == m && mode.order == 1)
            return mode.frequency;
    return {};
}

Hertz highOfTheMiddle(const DrumState& state) {
    for (const CoupledMode& mode : coupledModes(state))
        if (mode.m == 0 && mode.order == 2)
            return mode.frequency;
    return {};
}

Neighbour oneTone(Hertz pitch, double t60 = 0.8) {
    return {"floor tom", NeighbourKind::Tom, {{pitch, Seconds{t60}, 0.0}}};
}

TEST(Sympathy, DrivenEnergyIsThatOfTheEnvelopeEquation) {
    // u' = -(a + i d) u + exp(-b t), u(0) = 0, stepped by its exact solution over small steps.
    for (const auto& [a, b, d] :
         {std::array{20.0, 8.0, 0.0}, std::array{20.0, 8.0, 60.0}, std::array{5.0, 30.0, 12.0}}) {
        const std::complex<double> pole(-a, -d);
        double sum = 0.0;
        const double step = 1e-5;
        for (double t = 0.5 * step; t < 3.0; t += step) {
            const std::complex<double> u = (std::exp(-b * t) - std::exp(pole * t)) / (-b - pole);
            sum += std::norm(u) * step;
        }
        EXPECT_NEAR(drivenEnergy(a, b, d) / sum, 1.0, 1e-4) << a << ' ' << b << ' ' << d;
    }
}

TEST(Sympathy, TheNearestMeetingIsTheStrongestOfOneMode) {
    const DrumState state = tuned();
    const Hertz ours = highOfTheMiddle(state);
    double before = 1e300;
    for (const double cents : {0.0, 40.0, 100.0, 250.0}) {
        double energy = 0.0;
        for (const Meeting& meeting : meetings(plover(), state, {oneTone(moved(ours, Cents{cents}))}))
            if (meeting.m == 0 && meeting.order == 2)
                energy = meeting.energy;
        EXPECT_GT(energy, 0.0);
        EXPECT_LT(energy, before) << cents;
        before = energy;
    }
}

TEST(Sympathy, ModesWithManyDiametersTakeLittleOfALowSound) {
    const DrumState state = tuned();
    const auto energyOn = [&](int m) {
        double energy = 0.0;
        for (const Meeting& meeting : meetings(plover(), state, {oneTone(lowestOf(state, m))}))
            if (meeting.m == m && meeting.order == 1)
                energy = meeting.energy;
        return energy;
    };
    EXPECT_LT(energyOn(3), 0.1 * energyOn(1));
}

TEST(Sympathy, ADrumTakesWhatPlaneWavesFromAboveDoToIt) {
    // The same by brute force: complex pressure summed over both heads and the acceleration over the wires,
    // for sources spread evenly over the upper half of the sky. Modes in the ratio of what they take of one
    // tone.
    const DrumState state = tuned();
    const double t60 = 0.8;
    const Hertz tone{176.0};
    const double k = 2.0 * std::numbers::pi * tone.value / state.air.soundSpeed;
    const double a = state.radius.value;
    Drum drum = plover();
    drum.wires.mass = Kilograms{1e-6}; // what they do to the modes has a test of its own
    const auto found = meetings(drum, state, {oneTone(tone, t60)});
    double reference = 0.0; // of the first mode, both ways
    double reckonedReference = 0.0;
    for (const CoupledMode& mode : coupledModes(state, {.highestM = 1, .perM = 2})) {
        double energy = 0.0;
        constexpr int ups = 24, bearings = 24, radii = 24, angles = 24;
        for (int u = 0; u < ups; ++u)
            for (int b = 0; b < bearings; ++b) {
                const double up = (u + 0.5) / ups;
                const double flat = std::sqrt(1.0 - up * up);
                const double bearing = 2.0 * std::numbers::pi * (b + 0.5) / bearings;
                std::complex<double> force[2]{};
                for (int i = 0; i < radii; ++i)
                    for (int j = 0; j < angles; ++j) {
                        const double r = (i + 0.5) / radii;
                        const double angle = 2.0 * std::numbers::pi * (j + 0.5) / angles;
                        const std::complex<double> wave = std::exp(
                            std::complex<double>(0.0, -k * a * r * flat * std::cos(angle - bearing)));
                        const std::complex<double> later =
                            wave * std::exp(std::complex<double>(0.0, -k * state.depth.value * up));
                        const std::complex<double> pressed = wave * shapeAt(mode.m, mode.batterShape, r) -
                                                             later * shapeAt(mode.m, mode.snareSideShape, r);
                        force[0] += pressed * std::cos(mode.m * angle) * r;
                        force[1] += pressed * std::sin(mode.m * angle) * r;
                    }
                // Only the member with its antinode along the wires moves under them.
                energy += std::norm(force[0]);
            }
        double under = 0.0;
        for (int i = 0; i < 200; ++i)
            under += std::pow(shapeAt(mode.m, mode.snareSideShape, (i + 0.5) / 200), 2);
        const double apart = 2.0 * std::numbers::pi * (tone - mode.frequency).value;
        energy *= under / std::pow(mode.modalMass.value, 2) *
                  drivenEnergy(decayRate(mode, plover()), rateOfT60(Seconds{t60}), apart);
        double reckoned = 0.0;
        for (const Meeting& meeting : found)
            if (meeting.m == mode.m && meeting.order == mode.order)
                reckoned = meeting.energy;
        if (reference == 0.0) {
            reference = energy;
            reckonedReference = reckoned;
        }
        // Four heights of the source against 24: half a decibel.
        EXPECT_NEAR(10.0 * std::log10(reckoned / reckonedReference), 10.0 * std::log10(energy / reference),
                    0.5)
            << mode.m << ' ' << mode.order;
    }
}

/// By time steps: bodies on springs, pulled so hard that none of them leaves the head.
double ringingWithBodies(const CoupledMode& mode, double carried) {
    std::array<ContactMode, kContactModes> modes{};
    for (ContactMode& other : modes)
        other = {.frequency = 5000.0, .rate = 1000.0, .mass = 1e6}; // do not take part
    modes[0] = {.frequency = mode.frequency.value, .rate = 2.0, .mass = mode.modalMass.value, .blow = 1e-4};
    for (std::size_t place = 0; place < kWirePlaces.size(); ++place)
        modes[0].under[place] = shapeAt(mode.m, mode.snareSideShape, std::abs(kWirePlaces[place]));
    const double rate = 96000.0;
    const WireContact contact = wireContact(modes, {.mass = carried, .pull = 1e4, .seed = 3}, rate, 0.3);
    EXPECT_EQ(contact.apart, 0.0);
    double first = 0.0;
    double last = 0.0;
    int crossings = -1;
    for (std::size_t i = 2000; i + 1 < contact.head.size(); ++i)
        if (contact.head[i] < 0.0 && contact.head[i + 1] >= 0.0) {
            last = static_cast<double>(i) + contact.head[i] / (contact.head[i] - contact.head[i + 1]);
            first = crossings < 0 ? last : first;
            ++crossings;
        }
    return crossings * rate / (last - first);
}

// The wires make what they lie on heavier: with the four places of the bodies in the sum, the same shift; the
// sum over the whole line by itself.
TEST(Sympathy, WiresThatLieOnTheFilmLowerItsModes) {
    const Drum drum = plover();
    const double carried = kWiresThatPress * drum.wires.mass.value;
    for (const CoupledMode& mode : coupledModes(tuned(), {.highestM = 2, .perM = 2})) {
        const auto meanSquare = [&](const auto& places) {
            double sum = 0.0;
            for (const double place : places)
                sum += std::pow(shapeAt(mode.m, mode.snareSideShape, std::abs(place)), 2);
            return sum / static_cast<double>(places.size());
        };
        const auto shift = [&](double square) {
            return -600.0 * std::log2(1.0 + carried * square / mode.modalMass.value);
        };
        const double stepped = 1200.0 * std::log2(ringingWithBodies(mode, carried) / mode.frequency.value);
        // A body on its contact spring, 2.5 kHz, swings a little more than what it lies on.
        const double sprung =
            1.0 / (1.0 - std::pow(mode.frequency.value * std::exp2(stepped / 1200.0) / 2500.0, 2));
        EXPECT_NEAR(shift(sprung * meanSquare(kWirePlaces)), stepped, std::max(1.0, 0.01 * std::abs(stepped)))
            << mode.m << ' ' << mode.order;
        std::vector<double> line;
        for (int i = 0; i < 500; ++i)
            line.push_back((i + 0.5) / 500.0);
        EXPECT_NEAR(centsBetween(mode.frequency, withWiresOn(mode, drum).frequency).value,
                    shift(meanSquare(line)), 1.0);
    }
}

TEST(Sympathy, LongerTonesGiveMore) {
    const DrumState state = tuned();
    const Hertz ours = lowestOf(state, 1);
    EXPECT_GT(wireEnergy(meetings(plover(), state, {oneTone(ours, 1.6)})),
              wireEnergy(meetings(plover(), state, {oneTone(ours, 0.8)})));
    const Neighbour tone = oneTone(ours);
    EXPECT_EQ(shortened(tone, 0.5).partials[0].t60, Seconds{0.4});
}

TEST(Sympathy, StrongestFirstAndEveryPartialBesideEveryMode) {
    const DrumState state = tuned();
    const auto found = meetings(plover(), state,
                                {neighbourAt("tom", NeighbourKind::Tom, Hertz{180}),
                                 neighbourAt("bass", NeighbourKind::BassNote, Hertz{82})});
    EXPECT_TRUE(std::is_sorted(found.begin(), found.end(),
                               [](const Meeting& a, const Meeting& b) { return a.energy > b.energy; }));
    const std::size_t modes = found.size() / 7; // three partials and four
    EXPECT_EQ(found.size(), 7 * modes);
    EXPECT_GE(modes, 5U);
    EXPECT_TRUE(meetings(plover(), state, {}).empty());
}

TEST(Sympathy, WhatIsAdvisedDoesWhatIsSaid) {
    const DrumState state = tuned();
    const std::vector<Neighbour> others{oneTone(moved(highOfTheMiddle(state), Cents{15.0}))};
    const double before = wireEnergy(meetings(plover(), state, others));
    const auto remedies = calmings(plover(), state, others, {.tighter = Turns{0.5}});
    ASSERT_GE(remedies.size(), 3U);
    EXPECT_TRUE(std::is_sorted(remedies.begin(), remedies.end(),
                               [](const Calming& a, const Calming& b) { return a.kind < b.kind; }));
    EXPECT_EQ(remedies.back().kind, CalmingKind::LeverOff);
    for (const Calming& remedy : remedies) {
        if (remedy.kind == CalmingKind::RetuneNeighbour) {
            const auto after = meetings(plover(), state, {retuned(others[0], remedy.by)});
            EXPECT_NEAR(10.0 * std::log10(before / wireEnergy(after)), remedy.gainDb, 1e-9);
            EXPECT_NEAR(centsBetween(others[0].partials[0].frequency, remedy.to).value, remedy.by.value,
                        1e-9);
            // Enough, or the best there is: no other step that is allowed gains more.
            double best = 0.0;
            for (double by = -300.0; by <= 300.0; by += 10.0)
                best = std::max(
                    best, 10.0 * std::log10(before / wireEnergy(meetings(plover(), state,
                                                                         {retuned(others[0], Cents{by})}))));
            EXPECT_GE(remedy.gainDb, std::min(10.0, best - 1e-9));
        }
        if (remedy.kind == CalmingKind::ShortenNeighbour) {
            const auto after = meetings(plover(), state, {shortened(others[0], 0.5)});
            EXPECT_NEAR(10.0 * std::log10(before / wireEnergy(after)), remedy.gainDb, 1e-9);
        }
        EXPECT_LE(remedy.turns, Turns{0.5});
        EXPECT_GE(remedy.gainDb, 3.0);
    }
}

TEST(Sympathy, NotesOfThePieceAreNotRetuned) {
    const DrumState state = tuned();
    const std::vector<Neighbour> voice{neighbourAt("singer", NeighbourKind::Voice, Hertz{220})};
    for (const Calming& remedy : calmings(plover(), state, voice, {}))
        EXPECT_LT(remedy.neighbour, 0);
    EXPECT_TRUE(calmings(plover(), state, {}, {}).empty());
}

TEST(Sympathy, WithoutRoomToChokeTheKnobIsNotTightened) {
    const DrumState state = tuned();
    const auto remedies = calmings(plover(), state, {oneTone(lowestOf(state, 1))}, {.tighter = Turns{0.0}});
    EXPECT_TRUE(std::none_of(remedies.begin(), remedies.end(),
                             [](const Calming& c) { return c.kind == CalmingKind::TightenWires; }));
}

} // namespace sympathy_test
} // namespace bombo

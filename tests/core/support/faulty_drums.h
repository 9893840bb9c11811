#pragma once
/// Drums with a planted fault, for tests: what is complained of, what a test shows and what an ear in a room
/// reads follow from lengths, pulls and decays, never from a table of chances.
#include "core/faults/fault_case.h"
#include "core/faults/fault_net.h"
#include "core/practice/practice_drum.h"
#include "core/units/dice.h"

#include <string>
#include <vector>

namespace bombo::testing {

/// What is the matter with drum, hands and place; in lengths, turns and shares.
struct Ailments {
    double snareTension = 1; ///< against what the tone wants
    double batterTension = 1;
    double dish = 0;       ///< mm, of the slackened batter
    double hours = 40;     ///< played on the batter
    double days = 60;      ///< since it was put on
    double knob = 1;       ///< turns from first contact, stretch and clamps not counted
    double plateAside = 0; ///< mm out of the middle
    double plateUp = 0;    ///< mm
    int bent = 0;          ///< strands
    double stretch = 0;    ///< turns of the knob that it eats up
    double clamped = 0;    ///< mm too long; below 0 too short
    double rodDrag = 0;    ///< share of each turn that one rod loses beyond its usual
    double rodBow = 0;     ///< mm
    double hoopOut = 0;    ///< mm
    double headAside = 0;  ///< mm
    double grit = 0;       ///< mm
    double lostTurns = 0;  ///< of rods, together
    int lostRods = 0;
    double colder = 0;           ///< K since it was good
    double apart = 300;          ///< cents from the nearest neighbour's mode
    double neighbourRings = 0.7; ///< s
    double play = 0;             ///< mm of a loose screw
    double strokeDb = 1.5;       ///< spread of the strokes' level
    double strokePlace = 0.08;   ///< share of the radius from the middle
    double padsTurned = 0;       ///< share of what a pad takes that the microphone does not hear of
    double microphoneDb = 0;     ///< by which it hears ring louder than a listener
    double roomDb = 0;           ///< likewise the room
    double poor = 0;             ///< 0 to 1
    double padTakes = 0.1; ///< nepers by which ring is shorter for what lies there beyond what is wanted
};

struct FaultyDrum {
    FaultyDrum(const std::string& cause, std::uint64_t seed);

    /// How much is to be complained of, 1 is plain, by complaint; with the lever off no wires speak.
    double complaint(const std::string& id, const Ailments& as, bool leverOff = false) const;
    /// What somebody says of it: the more it is to be heard, the likelier.
    std::string complains(Dice& dice) const;
    /// What somebody finds who tries a test: level of the answer. One time in ten something else.
    int answer(const FaultTest& test, const std::string& complaint, Dice& dice, double wrong = 0.1) const;
    /// What a workbook would know: its pitches read by the ear from taps in a rehearsal room.
    std::vector<FaultFigure> figures(Dice& dice) const;

    std::string cause;
    Drum drum;
    HiddenNature nature;
    PracticeState state;
    Ailments ails;

private:
    double finds(const std::string& test, const std::string& complaint, Dice& dice, double& low,
                 double& high) const;
    std::vector<double> rodCents() const;
    void plant(Dice& dice);
    void bringTo(HeadSide side, double tension, double uneven, Dice& dice);
    double choke(StrokePlace place) const;
    double rattle(const Ailments& as) const;
    double pull(const Ailments& as) const;
};

} // namespace bombo::testing

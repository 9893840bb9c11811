#pragma once
/// A tom sets the wires of a practice drum going: to be silenced by hand, with as little harm as can be.
#include "core/practice/practice_tom.h"
#include "core/practice/tuning_job.h"

namespace bombo {

class Dice;

/// Stored name among the tasks of a drum to put right.
inline constexpr const char* kTomTask = "buzzing_tom";

/// What the key is set to.
enum class TomHandle {
    TomRods,  ///< all rods of the tom alike
    DrumRods, ///< all rods of both heads of the snare drum alike
    Knob,     ///< of the strainer
};
inline constexpr std::array kTomHandles{TomHandle::TomRods, TomHandle::DrumRods, TomHandle::Knob};

struct TomScore {
    bool buzzes = false;           ///< the wires still leave the head as the tom is struck
    bool answers = false;          ///< a whisper near the edge
    bool rattles = false;          ///< after a loud stroke
    std::array<Turns, 3> turned{}; ///< by handle
    Cents tomMoved;
    Cents drumMoved;            ///< edge pitch of the batter
    std::optional<Turns> least; ///< the smallest turn of the tom alone that would have done
    int placements = 0;
    int passes = 0;
    bool isDone = false; ///< lies still, answers, does not rattle
};

class TomJob {
public:
    /// The tom is in tune with a mode of the drum that the wires feel, and loud enough to throw them.
    /// @param batter, snareSide tensions, N/m, as the user's own drum stands
    TomJob(const Drum& drum, Tension batter, Tension snareSide, std::uint64_t seed);

    const Drum& drum() const { return m_drum; }
    /// As it sounds now; no secret, anybody can hear it.
    Neighbour tom() const;
    /// As the model has the heads after what was turned: what advice and picture go by.
    DrumState heads() const;
    Turns turned(TomHandle handle) const;
    Turns knob() const { return m_state.strainer; }

    /// @return false where it does not go: the end of the knob, or further than kTomReach either way
    bool turn(TomHandle handle, Turns turns);
    PracticeTomStroke strikeTom(double sampleRate);
    /// A whisper near the edge or a loud stroke in the middle.
    PracticeWireStroke strikeDrum(Dynamic dynamic, double sampleRate);

    /// What Bombo would do, the least harmful first; by its own reckoning, not by what is planted.
    std::vector<Calming> advice() const;
    const std::vector<KeyPlacement>& placements() const { return m_placements; }
    TomScore score() const;

private:
    TomBeside beside(Turns tomTurned) const;
    PracticeState stateNow() const;
    bool plant(std::uint64_t seed, double thrown);
    double tuneTom(const DrumUnderTom& under, Dice& dice);
    std::optional<Turns> leastMove() const;

    Drum m_drum;
    HiddenNature m_nature;
    PracticeState m_state; ///< as it was found, with the knob as it stands
    Tension m_batter;
    Tension m_snareSide;
    TomBeside m_planted;
    Turns m_knobBegin;
    std::array<Turns, 3> m_turned{};
    std::vector<KeyPlacement> m_placements; ///< rod: the handle
    bool m_hasStruck = true;                ///< since the last turn
    std::uint64_t m_stroke;
};

/// Of tom and drum, either way.
inline constexpr Turns kTomReach{1.0};
/// Of the tom's pitch by one turn of all its rods: an estimate for a tom at usual pitch.
inline constexpr Cents kTomPerTurn{240.0};

} // namespace bombo

#pragma once
/// The modes of a head with things on it, coupled to each other by them.
#include "core/acoustics/damping.h"
#include "core/muffling/pad_parts.h"

namespace bombo {

enum class Care {
    Rough,  ///< to a hundred-thousandth of the pitch; strongly coupled, two modes may be led to one motion
    Smooth, ///< to a thousand-millionth, the same else
    Apart   ///< and no motion twice, which may take ten times as long
};

/// One member of a mode under the pads; a mode without diameters has one.
struct PaddedMember {
    double omega = 0;    ///< rad/s
    double rate = 0;     ///< of decay, 1/s
    double antinode = 0; ///< rad
    double answers = 0;  ///< amplitude over a blow of the generalised force 1 N s, m
    /// How the modes move in it, by index, in the basis cos(m theta), sin(m theta); its own by 1.
    std::vector<Eigen::Vector2cd> moves;
};

/// Modes under things, each by its ways to move. The pads' forces are eliminated exactly: with D_k the
/// dynamic stiffness of a mode, Z that of the things, G the receptance of all other modes and of the film
/// beyond them, a pair moves where D_k + Phi_k' (1 + Z G)^-1 Z Phi_k is singular; so that a pad may resonate
/// on the film under it. Source: docs/physics.md, section 12.
class PaddedModes {
public:
    /// @param modes kept by reference
    PaddedModes(const std::vector<DampedMode>& modes, const std::vector<PadParts>& things,
                const DrumState& state);
    /// One or both members of each of these modes; without things those of a pair lie along 0 and 90 / m
    /// degrees.
    std::vector<std::vector<PaddedMember>> membersOf(const std::vector<std::size_t>& indices,
                                                     Care care = Care::Apart) const;

private:
    using Complex = std::complex<double>;
    struct Load; ///< of the things on a pair at one pitch
    struct Followed {
        std::size_t place; ///< among those asked for
        std::size_t index;
        PaddedMember found;
    };
    Load load(std::size_t index, Complex omega) const;
    std::vector<PaddedMember> alone(std::size_t index) const;
    /// From the mode by itself to where it moves with the things, by secants.
    /// @param settled share of its pitch within which it is found
    PaddedMember follow(std::size_t index, std::size_t member, double settled) const;
    /// All motions by one dense eigenproblem, losses as they are at one pitch.
    std::vector<PaddedMember> motionsAt(double omega) const;
    /// Finds anew what the secants lost, and with Care::Apart what they found twice.
    void mend(std::vector<Followed>& followed, Care care) const;

    const std::vector<DampedMode>& m_modes;
    std::vector<PadParts> m_things;
    std::vector<std::size_t> m_thingOf; ///< by way
    Eigen::MatrixXd m_reach;            ///< of both members of every mode, two columns each, along every way
    Eigen::MatrixXd m_film;             ///< gives way beyond the modes, m/N
};

} // namespace bombo

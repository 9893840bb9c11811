#pragma once
/// Things on the head cut into parts that each move as the film under them does.
#include "core/acoustics/coupled_modes.h"
#include "core/muffling/kinds.h"

#include <Eigen/Core>
#include <complex>

namespace bombo {

/// A thing on the film, cut into the ways in which the film under it can carry it: polynomials over its face,
/// orthonormal there, so that the square of the film's motion over the face is the sum of their squares. Lift
/// and tilt of what is small; bends of what is wide, too.
struct PadParts {
    std::vector<FacePoint> points;
    double patch =
        0; ///< radius of a disc of the area that a point of average weight stands for, share of the head's
    Eigen::MatrixXd moves; ///< ways by points: polynomial times the share of the face
    double mass = 0;       ///< kg
    double loss = 0;       ///< at kLossAt
    double lossRises = 0;  ///< exponent
    double drag = 0;       ///< N s/m
    double stiffness = 0;  ///< N/m
};
PadParts partsOf(const Pad& pad, const DrumState& state);

/// What lies on a head, sorted: rings along the hoop mix the modes, the rest moves with the film under it.
struct Laid {
    std::vector<Pad> rings;
    std::vector<PadParts> things;
};
Laid laidOut(const std::vector<Pad>& pads, const DrumState& state);

/// Force over deflection, -omega^2 m (1 - i h) + i omega R + K. @param omega rad/s, time as exp(i omega t)
std::complex<double> dynamicStiffness(const PadParts& parts, std::complex<double> omega);

/// How far the film gives way along every way of every thing where another presses, m/N, at rest: the Green's
/// function of a clamped disc, ln(...) / (2 pi T), at a point its mean over the patch, [ln((a^2 - r^2) / (a
/// b)) + 1/4] / (2 pi T), less what the air shut in between the heads takes. Source: docs/physics.md,
/// section 12.
Eigen::MatrixXd filmGivesWay(const std::vector<PadParts>& things, const DrumState& state);

} // namespace bombo

#pragma once
/// What of a mode reaches an ear or a microphone.
#include "core/muffling/hearing_point.h"

#include <Eigen/Core>
#include <span>

namespace bombo {

/// Of 1 m of amplitude. Head: 1. Far: the radial part of the Rayleigh integral, integral of shape
/// J_m(k r sin theta) r dr. Close: the Rayleigh field itself by its Hankel transform, integral of W(x) J_m(x
/// r) exp(-sqrt(x^2 - k^2) z) x / sqrt(x^2 - k^2) dx, which below k travels instead of dying away. Source:
/// docs/physics.md, section 12.
HeardParts heardParts(const CoupledMode& mode, const DrumState& state, const HearingPoint& point);

/// A shape that moves, in the basis cos(m theta), sin(m theta), m.
struct Motion {
    int m = 0;
    const HeardParts* parts = nullptr;
    Eigen::Vector2cd by{};
};
/// Level of shapes that move together at one pitch, in units of the point's own; levels of one point compare
/// with each other. Head: omega times the root of the sum of squares; the rest omega^2 times what arrives, of
/// which those of one m add up, and at a microphone all.
double heardLevel(std::span<const Motion> motions, double omega, const HearingPoint& point);

/// Of 1 m of a mode's own amplitude. @param member direction of an antinode, rad; only a close microphone
/// hears it
double hearingGain(const CoupledMode& mode, const DrumState& state, const HearingPoint& point, double member);

} // namespace bombo

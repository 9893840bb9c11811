#pragma once
/// A second way to the modes of a drum, for tests: polynomials instead of Bessel functions for heads and
/// cavity, the Rayleigh integral in space instead of in wavenumbers, no closed form anywhere. Converges
/// exponentially with its size; slow.
#include "core/acoustics/coupled_modes.h"

#include <Eigen/Core>
#include <functional>
#include <vector>

namespace bombo::testing {

/// One m-family of the drum.
class ReferenceDrum {
public:
    /// @param size  polynomials a head; the cavity has size + 2 radially times `axial` along the shell
    ReferenceDrum(const DrumState& state, int m, AirCoupling air, int size = 10, int axial = 12);
    /// Lowest `count` natural frequencies in Hz, to 1e-5, found by counting from 10 Hz on.
    std::vector<double> lowestHz(int count) const;

private:
    int countBelow(double omega) const;

    DrumState m_state;
    int m_m;
    AirCoupling m_air;
    Eigen::MatrixXd m_stiffness;
    Eigen::MatrixXd m_mass;
    Eigen::VectorXd m_cavity;         ///< squared wavenumbers of the rigid-walled cavity, ascending
    Eigen::MatrixXd m_batterCoupling; ///< head polynomials on cavity modes
    Eigen::MatrixXd m_snareSideCoupling;
};

/// Rayleigh integral over a baffled unit disc: sum over the disc of shape(r) cos(m theta) cos or sin(k R)/(2
/// pi R) felt by shape'(r') cos(m theta), per azimuthal factor. In polar coordinates around each listening
/// point, where the integrand is smooth.
struct SpaceLoad {
    Eigen::MatrixXd mass;
    Eigen::MatrixXd resistance;
};
/// @param shape  value of shape 0..count-1 at a radius of 0 to 1
SpaceLoad rayleighInSpace(int m, double ka, int count, const std::function<double(int, double)>& shape);

} // namespace bombo::testing

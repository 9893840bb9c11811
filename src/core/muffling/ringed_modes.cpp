#include "core/muffling/ringed_modes.h"

#include "core/dense/dense.h"

#include <cmath>

namespace bombo {
namespace {

/// Of the modes of one m.
using Square = Eigen::Matrix<double, Eigen::Dynamic, Eigen::Dynamic, 0, 2 * kRadialShapes, 2 * kRadialShapes>;
using Column = Eigen::Matrix<double, Eigen::Dynamic, 1, 0, 2 * kRadialShapes, 1>;

/// The modes of one m with the rings on, in place.
void mixUnderRings(const std::vector<DampedMode*>& modes, const std::vector<Pad>& rings,
                   const DrumState& state) {
    const auto count = static_cast<Eigen::Index>(modes.size());
    const auto at = [&](Eigen::Index i) -> DampedMode& { return *modes[static_cast<std::size_t>(i)]; };
    const int m = at(0).mode.m;
    Square stiffness = Square::Zero(count, count);
    Square mass = stiffness;
    Square loss = stiffness; // of what lies on it: mass times loss factor
    Square drag = stiffness;
    for (const Pad& ring : rings) {
        const PadKind& kind = ring.kind;
        const double weight = massOn(kind, state.radius).value;
        Square under = Square::Zero(count, count);
        for (const FacePoint& point : facePoints(ring, state.radius)) {
            Column shape(count);
            for (Eigen::Index i = 0; i < count; ++i)
                shape[i] = shapeAt(m, at(i).mode.batterShape, point.radius);
            under += shape * shape.transpose() * (point.weight * (m == 0 ? 1.0 : 0.5));
        }
        mass += weight * under;
        stiffness += kind.stiffness * under;
        loss += weight * kind.lossFactor * under;
        drag += kind.resistance * under;
    }
    Column rates(count);
    Column own(count);
    for (Eigen::Index i = 0; i < count; ++i) {
        own[i] = at(i).mode.modalMass.value;
        mass(i, i) += own[i];
        stiffness(i, i) += own[i] * at(i).omega * at(i).omega;
        rates[i] = own[i] * at(i).rate;
    }
    const SymmetricAxes axes = symmetricAxes(stiffness, mass);
    std::vector<DampedMode> mixed;
    std::vector<bool> taken(modes.size(), false);
    for (Eigen::Index i = 0; i < count; ++i) {
        Column v = axes.vectors.col(i); // v' M v = 1
        Eigen::Index most = -1;
        for (Eigen::Index k = 0; k < count; ++k)
            if (!taken[static_cast<std::size_t>(k)] &&
                (most < 0 || own[k] * v[k] * v[k] > own[most] * v[most] * v[most]))
                most = k;
        taken[static_cast<std::size_t>(most)] = true;
        const double size = v[most]; // its own shape by 1
        v /= size;
        DampedMode mode = at(most);
        mode.mode.modalMass = Kilograms{1.0 / (size * size)};
        mode.omega = std::sqrt(axes.values[i]);
        mode.rate = (v.dot(rates.cwiseProduct(v)) + 0.5 * (mode.omega * v.dot(loss * v) + v.dot(drag * v))) *
                    size * size;
        mode.mode.batterShape = {};
        mode.mode.snareSideShape = {};
        for (Eigen::Index k = 0; k < count; ++k)
            for (std::size_t n = 0; n < kRadialShapes; ++n) {
                mode.mode.batterShape[n] += v[k] * at(k).mode.batterShape[n];
                mode.mode.snareSideShape[n] += v[k] * at(k).mode.snareSideShape[n];
            }
        mixed.push_back(std::move(mode));
    }
    for (DampedMode& mode : mixed)
        for (DampedMode* place : modes)
            if (place->mode.order == mode.mode.order)
                *place = mode;
}

} // namespace

std::vector<DampedMode> withRings(const std::vector<DampedMode>& modes, const std::vector<Pad>& rings,
                                  const DrumState& state) {
    std::vector<DampedMode> mixed = modes;
    if (rings.empty())
        return mixed;
    for (int m = 0; m <= kHighestM; ++m) {
        std::vector<DampedMode*> these;
        for (DampedMode& mode : mixed)
            if (mode.mode.m == m)
                these.push_back(&mode);
        if (!these.empty())
            mixUnderRings(these, rings, state);
    }
    return mixed;
}

} // namespace bombo

#include "core/acoustics/exterior.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

namespace bombo {
namespace {

/// Chebyshev coefficients in millionths: [m][part][depth][ka]. Of the own load what differs from a baffled
/// head's. Made by bench/exterior_air.cpp.
constexpr std::int32_t kTable[] = {
#include "core/acoustics/exterior_table.inc"
};

void addTo(ShapeMatrix& matrix, const double* six) {
    int next = 0;
    for (int i = 0; i < kExteriorShapes; ++i)
        for (int j = i; j < kExteriorShapes; ++j) {
            matrix(i, j) += six[next];
            if (i != j)
                matrix(j, i) += six[next];
            ++next;
        }
}

} // namespace

ExteriorAir::ExteriorAir(int m, double depth) : m_m(m) {
    static_assert(std::size(kTable) ==
                  std::size_t{kHighestM + 1} * kExteriorParts * kExteriorDepths * kExteriorTerms);
    const double within = std::clamp(depth, kLeastDepth, kMostDepth);
    const double x = 2.0 * std::log(within / kLeastDepth) / std::log(kMostDepth / kLeastDepth) - 1.0;
    std::array<double, kExteriorDepths> chebyshev{1.0, x};
    for (std::size_t i = 2; i < kExteriorDepths; ++i)
        chebyshev[i] = 2.0 * x * chebyshev[i - 1] - chebyshev[i - 2];
    const std::int32_t* entry =
        kTable + static_cast<std::ptrdiff_t>(m) * kExteriorParts * kExteriorDepths * kExteriorTerms;
    for (Parts& term : m_terms)
        term.setZero();
    for (int part = 0; part < kExteriorParts; ++part)
        for (const double weight : chebyshev)
            for (Parts& term : m_terms)
                term[part] += 1e-6 * weight * *entry++;
}

ExteriorLoad ExteriorAir::at(double ka) const {
    const double x = 2.0 * std::clamp(ka, 0.0, kLargestExteriorKa) / kLargestExteriorKa - 1.0;
    Parts sum = m_terms[0] + x * m_terms[1];
    double before = 1.0;
    double now = x;
    for (std::size_t k = 2; k < kExteriorTerms; ++k) {
        const double next = 2.0 * x * now - before;
        sum += next * m_terms[k];
        before = now;
        now = next;
    }
    ExteriorLoad load{{radiationMass(m_m, ka), radiationResistance(m_m, ka)},
                      {ShapeMatrix::Zero(), ShapeMatrix::Zero()}};
    addTo(load.own.mass, sum.data());
    addTo(load.across.mass, sum.data() + 6);
    addTo(load.own.resistance, sum.data() + 12);
    addTo(load.across.resistance, sum.data() + 18);
    return load;
}

} // namespace bombo

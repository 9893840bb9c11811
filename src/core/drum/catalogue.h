#pragma once
/// What a drum can be made of: heads, shells, hoops and wires, without makers (data/*.json).
#include "core/drum/drum.h"

#include <vector>

namespace bombo {

struct ShellKind {
    std::string id; ///< also the plain word in Shell::material
    std::string name;
    double expansionPerKelvin = 5e-6;
    double expansionPerHumidity = 0.0; ///< from dry (0) to saturated (1)
    std::string source;
};
struct HoopKind {
    std::string name;
    Hoop hoop;
    std::string source;
};
struct WireKind {
    std::string id;
    std::string name;
    WireSet wires;
    std::string source;
};

struct Catalogue {
    std::vector<HeadSpec> heads;
    std::vector<ShellKind> shells;
    std::vector<HoopKind> hoops;
    std::vector<WireKind> wires;
};

/// Film thinner than this is only made for the snare side.
inline constexpr Metres kThinnestBatter{1e-4};

} // namespace bombo

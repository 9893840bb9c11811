#pragma once
/// Drums for tests: figures of the demo's, spelled out so that the core tests need no files.
#include "core/drum/drum.h"
#include "core/tuning/targets.h"

namespace bombo::testing {

inline HeadSpec coated25() {
    return {"single-coated-25",
            "single ply 0.25 mm, coated",
            Metres{0.00025},
            ArealDensity{0.385},
            Pascal{4.5e9},
            0.38,
            Pascal{1e8},
            0.004,
            "test"};
}
inline HeadSpec film76() {
    return {"snare-film-76", "snare-side film 0.076 mm",
            Metres{7.62e-5}, ArealDensity{0.106},
            Pascal{4.5e9},   0.38,
            Pascal{1e8},     0.003,
            "test"};
}
inline Drum plover(int rods = 8) {
    Drum drum;
    drum.id = "plover";
    drum.name = "Plover";
    drum.shell = {inches(13), inches(6), "ash"};
    drum.rods = rods;
    drum.batterHead = coated25();
    drum.snareSideHead = film76();
    return drum;
}
inline Tone chase() {
    Tone tone;
    tone.id = "chase";
    tone.name = "Chase: tight, dry, quick";
    tone.batterEdgeAt14 = Hertz{280};
    tone.snareSideAbove = Cents{500};
    tone.ring = Seconds{0.36};
    tone.wireMargin = 0.6;
    return tone;
}

} // namespace bombo::testing

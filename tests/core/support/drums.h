#pragma once
/// Drums for tests: figures of the demo's, spelled out so that the core tests need no files.
#include "core/drum/drum.h"
#include "core/tuning/targets.h"

namespace bombo::testing {

inline HeadSpec film(const char* id, double thickness, double arealDensity, double lossFactor) {
    HeadSpec head;
    head.id = id;
    head.name = id;
    head.thickness = Metres{thickness};
    head.arealDensity = ArealDensity{arealDensity};
    head.modulus = Pascal{4.5e9};
    head.poisson = 0.38;
    head.yield = Pascal{1e8};
    head.lossFactor = lossFactor;
    head.source = "test";
    return head;
}
inline HeadSpec coated25() {
    return film("single-coated-25", 0.00025, 0.385, 0.004);
}
inline HeadSpec film76() {
    return film("snare-film-76", 7.62e-5, 0.106, 0.003);
}
inline Drum plover(int rods = 8) {
    Drum drum;
    drum.id = "plover";
    drum.name = "Plover";
    drum.shell.diameter = inches(13);
    drum.shell.depth = inches(6);
    drum.shell.material = "ash";
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

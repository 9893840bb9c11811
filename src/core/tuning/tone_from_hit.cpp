#include "core/tuning/tone_from_hit.h"

namespace bombo {
namespace {

constexpr Cents kUsualInterval{500.0};

} // namespace

ToneFromHit toneFromHit(const Drum& drum, const HitPortrait& hit, const Air& air) {
    ToneFromHit made;
    made.centreHeard = hit.centre;
    PitchWish wish = CentreAndInterval{hit.centre, kUsualInterval};
    if (hit.edge) {
        made.edgeOverCentreHeard = *hit.edge / hit.centre;
        wish = CentreAndRatio{hit.centre, *made.edgeOverCentreHeard};
    }
    const auto solved = solveTensions(drum, wish, air);
    const TensionPair& pair = solved ? *solved : solved.fault().nearest;
    made.limit = solved ? TargetLimit::None : solved.fault().limit;
    made.centreReached = pair.pitches.centre;
    made.edgeOverCentreReached = pair.pitches.edgeOverCentre;

    Tone& tone = made.tone;
    tone.origin = "recording";
    tone.batterEdgeAt14 = pair.pitches.batterEdge * (drum.shell.diameter / inches(14));
    tone.snareSideAbove = centsBetween(pair.pitches.batterEdge, pair.pitches.snareSideEdge);
    made.ringTaken = hit.ring.has_value();
    if (hit.ring)
        tone.ring = *hit.ring;
    if (hit.buzz) {
        tone.buzz = hit.buzz;
        tone.wireMargin = wireMarginFor(*hit.buzz, tone.ring);
    }
    tone.wiresOff = !hit.buzz;
    tone.brightness = hit.brightness;
    return made;
}

} // namespace bombo

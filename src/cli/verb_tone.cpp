#include "cli/verbs.h"
#include "core/muffling/muffling.h"
#include "core/reading/hits_together.h"
#include "core/tuning/targets.h"
#include "core/tuning/tone_from_hit.h"
#include "store/sound_file.h"

#include <fmt/format.h>

namespace bombo::cli {

Answer toneFrom(const std::string& file, const std::string& drumName, const Shelf& shelf) {
    const auto drum = drumAt(Json{{"drum", drumName}}, shelf);
    if (!drum)
        return drum.fault();
    const auto hits = hitsOf(file);
    if (!hits)
        return Cannot{problemText(hits.fault())};
    if (hits->empty())
        return Cannot{
            fmt::format("{} holds no hit that can be read; record one clear stroke near the middle, "
                        "not clipped, with silence after it",
                        file)};
    const HitPortrait hit = together(*hits);
    ToneFromHit made = toneFromHit(*drum, hit);
    made.tone.id = "from-recording";
    made.tone.name = std::filesystem::path(file).stem().string();
    Json warnings = Json::array();
    if (made.limit != TargetLimit::None)
        warnings.push_back(fmt::format("this drum cannot do both: {}; centre {:.1f} Hz instead of {:.1f} Hz",
                                       limitWords(made.limit), made.centreReached.value,
                                       made.centreHeard.value));
    if (!made.edgeOverCentreHeard)
        warnings.push_back("no edge pitch was heard in the hit; a fourth between the heads was taken");
    if (!made.ringTaken)
        warnings.push_back("noise hides the ring; the usual ring was taken");
    const auto targets = targetsFor(*drum, made.tone);
    Json open;
    if (targets) {
        open = predictMuffling(*drum, tunedState(*drum, *targets), {}).ringBefore.value;
        if (made.tone.ring.value > 1.15 * open.get<double>())
            warnings.push_back(fmt::format("the hit rings {:.2f} s; this drum, left open, about {:.2f} s",
                                           made.tone.ring.value, open.get<double>()));
    }
    return Json{{"tone", toJson(made.tone)},
                {"hits", hits->size()},
                {"heard",
                 {{"centre_hz", hit.centre.value},
                  {"centre_error_hz", hit.centreError.value},
                  {"edge_hz", valueOrNull(hit.edge)},
                  {"edge_error_hz", valueOrNull(hit.edgeError)},
                  {"ring_s", valueOrNull(hit.ring)},
                  {"ring_error_s", valueOrNull(hit.ringError)},
                  {"buzz_s", valueOrNull(hit.buzz)},
                  {"buzz_error_s", valueOrNull(hit.buzzError)},
                  {"brightness_hz", hit.brightness.value}}},
                {"reached",
                 {{"centre_hz", made.centreReached.value},
                  {"edge_over_centre", made.edgeOverCentreReached},
                  {"open_ring_s", open}}},
                {"limit", limitName(made.limit)},
                {"warnings", warnings}};
}

} // namespace bombo::cli

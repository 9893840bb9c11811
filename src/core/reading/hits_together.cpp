#include "core/reading/hits_together.h"

#include "core/units/median.h"
#include "core/units/with_error.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kSameCents = 35.0; ///< two strokes at different strengths glide apart by as much
constexpr double kMost = 0.6;       ///< of the hits

bool same(Hertz a, Hertz b) {
    return std::abs(centsBetween(a, b).value) < kSameCents;
}

/// The hit's strongest partial at a pitch, if it belongs to the body of its sound.
const Partial* strongAt(const HitPortrait& hit, Hertz pitch) {
    double loudest = 0.0;
    const Partial* there = nullptr;
    for (const Partial& partial : hit.partials) {
        loudest = std::max(loudest, loudness(partial));
        if (same(pitch, partial.frequency) && (there == nullptr || loudness(partial) > loudness(*there)))
            there = &partial;
    }
    return there != nullptr && loudness(*there) >= kBodyShare * loudest ? there : nullptr;
}

/// The pitch near `pitch` by every hit that has it: as measured where that hit chose it, as its band has it
/// elsewhere.
std::vector<WithError> heardAt(const std::vector<HitPortrait>& hits, Hertz pitch,
                               std::optional<Hertz> (*chosen)(const HitPortrait&),
                               Hertz (*chosenError)(const HitPortrait&)) {
    constexpr double unsure = 0.006; // of the frequency: 10 cents
    std::vector<WithError> heard;
    for (const HitPortrait& hit : hits) {
        const auto own = chosen(hit);
        if (own && same(pitch, *own))
            heard.push_back({own->value, chosenError(hit).value});
        else if (const Partial* partial = strongAt(hit, pitch))
            heard.push_back({partial->frequency.value, unsure * partial->frequency.value});
    }
    return heard;
}

std::vector<WithError> centresAt(const std::vector<HitPortrait>& hits, Hertz pitch) {
    return heardAt(
        hits, pitch,
        [](const HitPortrait& hit) { return hit.centreFound ? std::optional(hit.centre) : std::nullopt; },
        [](const HitPortrait& hit) { return hit.centreError; });
}

std::vector<WithError> edgesAt(const std::vector<HitPortrait>& hits, Hertz pitch) {
    return heardAt(
        hits, pitch, [](const HitPortrait& hit) { return hit.edge; },
        [](const HitPortrait& hit) { return hit.edgeError.value_or(Hertz{}); });
}

WithError centreOf(const std::vector<HitPortrait>& hits) {
    const double most = kMost * static_cast<double>(hits.size());
    std::vector<Hertz> own;
    for (const HitPortrait& hit : hits)
        own.push_back(hit.centre);
    std::sort(own.begin(), own.end());
    const Hertz middle = own[own.size() / 2];
    const auto agree =
        std::count_if(own.begin(), own.end(), [&](Hertz centre) { return same(middle, centre); });
    if (static_cast<double>(agree) >= most)
        return medianWithError(centresAt(hits, middle));
    for (const Hertz candidate : own) // ascending: the lowest that most of them hold
        if (auto held = centresAt(hits, candidate); static_cast<double>(held.size()) >= most)
            return medianWithError(held);
    // No partial is common to them: their middle, and as unsure as they are far apart.
    const Cents apart = centsBetween(own.front(), own.back());
    return {middle.value, 0.5 * apart.value / kCentsOfFrequency * middle.value};
}

std::optional<WithError> edgeOf(const std::vector<HitPortrait>& hits, double centre) {
    std::optional<WithError> best;
    std::size_t most = 0;
    double loudest = 0.0;
    for (const HitPortrait& hit : hits)
        for (const Partial& partial : hit.partials) {
            const double ratio = partial.frequency.value / centre;
            if (ratio <= kLowestEdgeRatio || ratio >= kHighestEdgeRatio)
                continue;
            const auto held = edgesAt(hits, partial.frequency);
            if (held.size() < most || (held.size() == most && loudness(partial) <= loudest))
                continue;
            most = held.size();
            loudest = loudness(partial);
            if (2 * held.size() > hits.size())
                best = medianWithError(held);
        }
    return best;
}

/// Median of an optional length over the hits that have it.
std::optional<WithError> lengthOf(const std::vector<HitPortrait>& hits,
                                  std::optional<Seconds> HitPortrait::*length,
                                  std::optional<Seconds> HitPortrait::*error) {
    std::vector<WithError> figures;
    for (const HitPortrait& hit : hits)
        if (hit.*length)
            figures.push_back({(hit.*length)->value, (hit.*error).value_or(Seconds{}).value});
    return figures.empty() ? std::nullopt : std::optional(medianWithError(figures));
}

} // namespace

HitPortrait together(const std::vector<HitPortrait>& hits) {
    HitPortrait all = hits.front();
    if (hits.size() == 1)
        return all;
    all.hits = static_cast<int>(hits.size());
    const WithError centre = centreOf(hits);
    all.centre = Hertz{centre.value};
    all.centreError = Hertz{centre.error};
    all.centreFound =
        std::any_of(hits.begin(), hits.end(), [](const HitPortrait& hit) { return hit.centreFound; });
    const auto edge = edgeOf(hits, centre.value);
    all.edge = edge ? std::optional(Hertz{edge->value}) : std::nullopt;
    all.edgeError = edge ? std::optional(Hertz{edge->error}) : std::nullopt;
    const auto put = [](const std::optional<WithError>& known, std::optional<Seconds>& length,
                        std::optional<Seconds>& error) {
        length = known ? std::optional(Seconds{known->value}) : std::nullopt;
        error = known ? std::optional(Seconds{known->error}) : std::nullopt;
    };
    put(lengthOf(hits, &HitPortrait::ring, &HitPortrait::ringError), all.ring, all.ringError);
    const auto withBuzz =
        std::count_if(hits.begin(), hits.end(), [](const auto& hit) { return hit.buzz.has_value(); });
    const bool buzzes = 2 * withBuzz > all.hits; // wires count as on when most hits had them
    put(buzzes ? lengthOf(hits, &HitPortrait::buzz, &HitPortrait::buzzError) : std::nullopt, all.buzz,
        all.buzzError);
    std::vector<Hertz> brightness;
    for (const HitPortrait& hit : hits)
        brightness.push_back(hit.brightness);
    all.brightness = medianOf(std::move(brightness));
    // The partials of the stroke that comes nearest stand for all.
    const auto nearest =
        std::min_element(hits.begin(), hits.end(), [&](const HitPortrait& a, const HitPortrait& b) {
            return std::abs(a.centre.value - centre.value) < std::abs(b.centre.value - centre.value);
        });
    all.partials = nearest->partials;
    all.wires =
        2 * std::count_if(hits.begin(), hits.end(), [](const auto& hit) { return hit.wires; }) > all.hits;
    return all;
}

} // namespace bombo

#include "core/faults/player_or_drum.h"

#include "core/acoustics/bessel.h"

#include "core/units/median.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr double kMiddle = 0.35; // of the radius: farther out the edge sounds with every stroke

/// Standard deviation from the median deviation.
double spreadOf(const std::vector<double>& values) {
    const double middle = medianOf(values);
    std::vector<double> off;
    for (const double value : values)
        off.push_back(std::abs(value - middle));
    return 1.4826 * medianOf(std::move(off));
}

double correlation(const std::vector<double>& a, const std::vector<double>& b) {
    const auto mean = [](const std::vector<double>& values) {
        double sum = 0.0;
        for (const double value : values)
            sum += value;
        return sum / static_cast<double>(values.size());
    };
    const double ma = mean(a);
    const double mb = mean(b);
    double ab = 0.0;
    double aa = 0.0;
    double bb = 0.0;
    for (std::size_t i = 0; i < a.size(); ++i) {
        ab += (a[i] - ma) * (b[i] - mb);
        aa += (a[i] - ma) * (a[i] - ma);
        bb += (b[i] - mb) * (b[i] - mb);
    }
    return aa > 0.0 && bb > 0.0 ? ab / std::sqrt(aa * bb) : 0.0;
}

double edgeOverMiddle(double radius) {
    return besselJ(1, besselZeros(1, 1).front() * radius) / besselJ(0, besselZeros(0, 1).front() * radius);
}

} // namespace

double placeFromBalance(double balanceDb, double usual) {
    const double wanted = edgeOverMiddle(usual) * std::pow(10.0, balanceDb / 20.0);
    double low = 0.0;
    double high = 0.95;
    for (int i = 0; i < 40; ++i) { // it grows all the way, from 0 to 1.24 at the edge
        const double middle = 0.5 * (low + high);
        (edgeOverMiddle(middle) < wanted ? low : high) = middle;
    }
    return 0.5 * (low + high);
}

StrokeScatter scatterOf(const std::vector<Backbeat>& strokes) {
    StrokeScatter scatter;
    scatter.strokes = strokes.size();
    if (strokes.size() < kFewestBackbeats)
        return scatter;
    std::vector<double> levels;
    std::vector<double> places;
    std::vector<double> rings;
    std::vector<double> placesOfRings;
    std::vector<double> ringsOfPlaces;
    for (const Backbeat& stroke : strokes) {
        levels.push_back(stroke.levelDb);
        if (stroke.place)
            places.push_back(*stroke.place);
        if (stroke.ring)
            rings.push_back(stroke.ring->value);
        if (stroke.place && stroke.ring) {
            placesOfRings.push_back(*stroke.place);
            ringsOfPlaces.push_back(stroke.ring->value);
        }
    }
    scatter.levelDb = spreadOf(levels);
    if (places.size() >= kFewestBackbeats) {
        scatter.place = spreadOf(places);
        scatter.meanPlace = medianOf(places);
    }
    if (rings.size() >= kFewestBackbeats)
        scatter.ring = spreadOf(rings) / medianOf(rings);
    if (placesOfRings.size() >= kFewestBackbeats)
        scatter.ringByPlace = correlation(placesOfRings, ringsOfPlaces);
    const bool handsWander = scatter.levelDb > kSteadyLevel || scatter.place.value_or(0.0) > kSteadyPlace;
    const bool ringWanders = scatter.ring.value_or(0.0) > kSteadyRing;
    if (handsWander)
        scatter.verdict = PlayerOrDrum::StrokesWander;
    else if (ringWanders)
        scatter.verdict = scatter.place ? PlayerOrDrum::DrumWanders : PlayerOrDrum::Unclear;
    else if (scatter.meanPlace.value_or(0.0) > kMiddle)
        scatter.verdict = PlayerOrDrum::OffMiddle;
    else
        scatter.verdict = PlayerOrDrum::Steady;
    return scatter;
}

} // namespace bombo

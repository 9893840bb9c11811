#pragma once
/// What a tension gauge and callipers say where nothing can be heard.
#include "core/tuning/turn_response.h"

#include <optional>
#include <vector>

namespace bombo {

/// A mark of the gauge, mean over the rods, and the tension that was heard there.
struct GaugePoint {
    double mark = 0;
    Tension tension;
    bool operator==(const GaugePoint&) const = default;
};

inline constexpr double kLowestMark = 0.01; ///< of a dial, exclusive of what no gauge shows
inline constexpr double kHighestMark = 10000.0;

/// Gaussian belief about log(T / 1 N/m) over log(mark). A gauge pressed into the film reads
/// about in proportion to its tension, so that the prior of the slope is 1 with a deviation of 0.3; of its
/// start nothing is known before the gauge was read beside a pitch.
struct GaugeScale {
    LineBelief line{.slope = 1.0};
    bool isKnown = false; ///< at least one point: a mark stands for a tension

    /// @pre isKnown, mark > 0
    Tension at(double mark) const;
    /// One standard deviation of at(mark) as a share of it, reading noise included.
    double spreadAt(double mark) const;
};

/// @param points each trusted to 3 %; marks and tensions > 0
GaugeScale learnGaugeScale(const std::vector<GaugePoint>& points);

/// What was measured beside each rod alone, not through the whole head: it sees the odd part, too.
struct LocalReadings {
    std::vector<std::optional<Cents>> deviation; ///< by rod, of its own pitch against the mean of all
    Cents spread;                                ///< one standard deviation of each
};
/// @param marks by rod; empty where none was read. @pre marks > 0
LocalReadings localFromGauge(const std::vector<std::optional<double>>& marks, const GaugeScale& scale);
/// A hoop that sits a thread pitch lower at a rod has pulled one turn more there.
/// @param gaps from hoop to shell, by rod, trusted to 0.05 mm
/// @param turns net of the rods, mean
LocalReadings localFromHoopGap(const std::vector<std::optional<Metres>>& gaps, const TurnResponse& response,
                               Turns turns);

/// How a rod turns in the fingers, or the film beside it gives under the thumb, against the others: -2 much
/// looser to 2 much tighter. Hands tell a difference and its sign, hardly its size: each step is taken for 40
/// cents, trusted to as many.
/// @param steps by rod, kLoosestFeel to kTightestFeel
LocalReadings localFromFeel(const std::vector<std::optional<double>>& steps);
inline constexpr double kLoosestFeel = -2.0;
inline constexpr double kTightestFeel = 2.0;
inline constexpr Cents kFeelStep{40.0};

} // namespace bombo

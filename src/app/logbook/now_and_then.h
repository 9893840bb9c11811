#pragma once
/// The drum as it stands and as it stood in an entry, both cut through, side by side.
#include "core/log/back_to.h"

#include <QString>

#include <array>

class QPainter;
class QRectF;

namespace bombo {

struct DrumSketch {
    QString when;
    Shell shell;
    std::optional<Hertz> batter{}; ///< edge pitches
    std::optional<Hertz> snareSide{};
    std::optional<Turns> strainer{}; ///< from first contact
    std::optional<std::vector<Pad>> pads{};

    const std::optional<Hertz>& head(HeadSide side) const {
        return side == HeadSide::Batter ? batter : snareSide;
    }
};

using NowAndThen = std::array<DrumSketch, 2>;

/// @param plan the way from now to the entry @param then of that entry
/// @param padsNow what lies on the batter
NowAndThen nowAndThen(const BackTo& plan, const EntryFigures& then, const std::vector<Pad>& padsNow,
                      const Shell& shellNow, const Shell& shellThen);
/// "now batter 302.1 Hz, snare side 402.1 Hz"
QString sketchText(const DrumSketch& sketch);
void paintNowAndThen(QPainter& painter, const QRectF& area, const NowAndThen& drums);

} // namespace bombo

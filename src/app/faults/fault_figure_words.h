#pragma once
/// What a measured figure and an answer say, in half a sentence.
#include "core/faults/fault_search.h"

#include <QString>

namespace bombo {

/// "240 cents under its target".
QString figureText(const FaultFigure& figure);
/// The strongest thing that is known of a cause, e.g. "you found: Gives easily"; that nothing is, without
/// one.
QString reasonText(const FaultNet& net, const FaultCase& faultCase, const std::vector<FaultFigure>& figures,
                   const CauseOdds& cause);
QString reasonText(const FaultNet& net, const FaultCase& faultCase, const std::vector<FaultFigure>& figures,
                   const FaultReason& reason);
/// The name of an answer that was given; empty for one that the net does not know.
QString answerText(const FaultNet& net, const FaultAnswer& answer);

} // namespace bombo

#pragma once
/// The lines of the proof in words, for the window and for the page that is printed.
#include "core/faults/player_or_drum.h"
#include "core/record/proof.h"

#include <QString>

namespace bombo {

QString proofItemWords(ProofItem item);
/// With its unit.
QString proofValueText(ProofItem item, double value);
/// Where the figure comes from; empty where there is none.
QString knownWords(const ProofLine& line);
/// Shape and word, never colour alone.
QString verdictWords(const ProofLine& line);
/// "4 stars" as shapes: filled and open.
QString starsText(int stars);
QString playerOrDrumName(PlayerOrDrum verdict);
/// What to do about it.
QString playerOrDrumAdvice(PlayerOrDrum verdict);
/// "0.52 ± 0.03", without the error where none is known.
QString withErrorText(double value, const std::optional<double>& error, int decimals);
/// "ring 0.52 ± 0.03 s, buzz 0.31 ± 0.02 s"; "not heard" where nothing was.
QString strokesSayText(const StrokesSay& says);

} // namespace bombo

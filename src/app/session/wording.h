#pragma once
/// What the core's values are called on screen, those that several pages show; what one page alone says is in
/// its own *_words.
#include "core/reading/read_tap.h"
#include "core/record/session.h"
#include "core/record/stations.h"
#include "store/records.h"

#include <QString>

namespace bombo {

/// "Chase" of "Chase: tight, dry, quick".
QString cueName(const Tone& tone);
/// The same by id; the id itself for a tone that is not known.
QString cueName(const std::string& id, const std::vector<Tone>& tones);
QString stationName(Station station);
QString stateName(StationState state);
QString sideName(HeadSide side);
QString sourceName(SoundSource source);
QString dynamicName(Dynamic dynamic);
QString placeName(StrokePlace place);
/// By what the strainer is judged, and what that means.
QString judgingName(WireJudging judging);
QString judgingMeaning(WireJudging judging);
/// "half a gel pad"; the user's name for a thing of their own.
QString kindName(const PadKind& kind);
/// Where a ring is heard from.
QString heardFromName(HeardFrom from);

/// What of a workbook is damaged and was left out, and how the rest is saved.
QString setAsideText(const std::vector<SetAside>& left);

/// What was undone, from a command's stored name.
QString commandLabel(const QString& storedName);
/// Why a command was refused, and what to do.
QString refusalText(Refusal refusal);
/// Why a tone cannot be had on a drum, with the nearest that can.
QString outOfReachText(const OutOfReach& problem);
/// "Heard clearly", or what was wrong with the tap.
QString verdictText(Verdict verdict);
/// What to do about it; empty for a clear tap.
QString remedyText(Verdict verdict);

/// "1 3/8 turns", "1/16 turn"; always positive.
QString turnsText(Turns turns);
/// The same without the word: "1 1/8".
QString turnsFigure(Turns turns);
/// "+12", "-3", "0": whole cents with a real minus sign.
QString centsText(Cents cents);
/// "262.3 Hz".
QString hertzText(Hertz frequency);
/// "C4 +2", with real sharps and minus signs.
QString noteWords(Hertz frequency);
/// "262.3 Hz  C4 +2".
QString pitchText(Hertz frequency);
/// "13 × 6 in" or "330 × 152 mm", across and deep.
QString sizeText(const Shell& shell);
/// "fourth", "octave": the nearest name, from unison to octave.
QString intervalName(Cents interval);
/// "3362 N/m".
QString tensionText(Tension tension);
/// What stands in the way, as half a sentence.
QString limitWords(TargetLimit limit);
/// How high the snare side stands by a school, and what that costs.
QString schoolName(SnareSideLevel level);
QString schoolCost(SnareSideLevel level);
QString orderName(HeadOrder order);
/// "loose end of the clean span".
QString wireWords(double margin);

/// "20:05" of seconds since 1970, in the user's time zone.
QString clockText(std::int64_t seconds);
/// "rod 3", "rods 2 and 6"; 1-based.
QString rodsText(const std::vector<int>& rods);

} // namespace bombo

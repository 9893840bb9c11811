#pragma once
/// A show in words.
#include "core/log/set_list.h"

#include <QString>

namespace bombo {

/// What is done before a number, and how sure that is.
QString showStepText(const ShowStep& step);
/// One move, as it is read at the stand: "1/8 turn tighter"; of mufflers what is to lie there.
QString showMoveText(const ShowMove& move, const std::vector<Pad>& pads);
/// Where: "batter, every rod".
QString showMovePlace(const ShowMove& move, const std::vector<Pad>& pads);
/// How far off the batter may be after a change.
QString sureText(const ToneChange& change);
/// How far off a snare side stays that there is no time for; empty where it does not.
QString stayText(const ToneChange& change);

} // namespace bombo

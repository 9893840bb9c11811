#pragma once
/// What an entry of the logbook says in figures, read from its summary (docs/workbook.md).
#include "core/log/entry.h"
#include "core/record/own_names.h"
#include "core/units/result.h"

#include <array>

namespace bombo {

/// A figure that is not there, not one, or beyond what a drum can have is empty.
/// @return the fault where the text holds no JSON object at all
Result<EntryFigures, InputProblem> entryFiguresFrom(const std::string& summary);

/// Words as they are kept beside the summary, and back; what is not there is empty.
std::string entryWordsText(const EntryWords& words);
Result<EntryWords, InputProblem> entryWordsFrom(const std::string& text);

/// How a coating looks, as stored, by HeadLook::coating.
inline constexpr std::array kCoatingLooks{"as_new", "worn", "gone_or_dented"};

inline constexpr std::size_t kMostTags = 20;
inline constexpr double kMostHours = 24.0; ///< played in a day

} // namespace bombo

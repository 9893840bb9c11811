#pragma once
/// The kinds of state as texts (JSON inside), for the workbook.
#include "core/record/session.h"
#include "core/units/result.h"

#include <string>
#include <vector>

namespace bombo {

// Text of each kind of state, and back, as the workbook keeps them. A text from a damaged file is refused
// with the place and reason; what an earlier version did not know takes its usual value.
std::string workText(const Work& work);
Result<Work, InputProblem> workFromText(const std::string& text);
/// What an entry of the logbook keeps to be brought back: the work and the note.
struct Setup {
    Work work;
    std::string note;
};
std::string setupText(const Session& session);
Result<Setup, InputProblem> setupFromText(const std::string& text);
std::string contextText(const Context& context);
Result<Context, InputProblem> contextFromText(const std::string& text);
/// The same, checked by what reads it: the text that is written, or why it could not be read again.
Result<std::string, InputProblem> readableText(const Work& work);
Result<std::string, InputProblem> readableText(const Context& context);
Result<std::string, InputProblem> readableText(const DrumRig& rig);
Result<std::string, InputProblem> readableText(const PlaceRig& rig);
Result<std::string, InputProblem> readableSetup(const Session& session);
/// A longer text is no state of Bombo's, bytes.
inline constexpr std::size_t kLongestState = std::size_t{4} << 20U;

/// What could be read of a rig, part by part, and what could not.
template <class Rig> struct AsFarAsRead {
    Rig rig{};
    std::vector<InputProblem> damage{};
};
AsFarAsRead<DrumRig> drumRigAsFarAsRead(const std::string& text);
AsFarAsRead<PlaceRig> placeRigAsFarAsRead(const std::string& text);
/// Of a gauge only its name is kept with a drum; its points are kept apart, by the sessions that found them.
std::string drumRigText(const DrumRig& rig);
Result<DrumRig, InputProblem> drumRigFromText(const std::string& text);
std::string placeRigText(const PlaceRig& rig);
Result<PlaceRig, InputProblem> placeRigFromText(const std::string& text);

} // namespace bombo

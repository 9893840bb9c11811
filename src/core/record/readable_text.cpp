#include "core/record/json_values.h"

namespace bombo {
namespace {

template <class Read> Result<std::string, InputProblem> ifReadable(const std::string& text, Read read) {
    if (text.size() > kLongestState)
        return failure(InputProblem{"", "is larger than Bombo would read again"});
    if (const auto back = read(text); !back)
        return failure(back.fault());
    return text;
}

} // namespace

Result<std::string, InputProblem> readableText(const Work& work) {
    return ifReadable(workText(work), workFromText);
}

Result<std::string, InputProblem> readableText(const Context& context) {
    return ifReadable(contextText(context), contextFromText);
}

Result<std::string, InputProblem> readableText(const DrumRig& rig) {
    return ifReadable(drumRigText(rig), drumRigFromText);
}

Result<std::string, InputProblem> readableText(const PlaceRig& rig) {
    return ifReadable(placeRigText(rig), placeRigFromText);
}

Result<std::string, InputProblem> readableSetup(const Session& session) {
    return ifReadable(setupText(session), setupFromText);
}

} // namespace bombo

/// A stored state of whatever kind: refused, or fit to be worked on.
#include "json_mutator.h"
#include "support/exercise.h"
#include "support/sessions.h"

#include "core/record/state_text.h"

namespace {

using namespace bombo;

const fuzz::Seeds& seeds() {
    static const fuzz::Seeds all = [] {
        const Session full = testing::fullSession();
        return fuzz::Seeds{workText(full),    workText(testing::fresh()), contextText(full),
                           drumRigText(full), placeRigText(full),         setupText(full)};
    }();
    return all;
}

} // namespace

extern "C" std::size_t LLVMFuzzerCustomMutator(std::uint8_t* data, std::size_t size, std::size_t maxSize,
                                               unsigned seed) {
    return bombo::fuzz::mutateJson(data, size, maxSize, seed, seeds());
}

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    if (size < 1)
        return 0;
    const std::string text(reinterpret_cast<const char*>(data) + 1, size - 1);
    Session session = testing::fresh();
    switch (data[0] % seeds().size()) {
    case 0:
    case 1:
        if (auto work = workFromText(text))
            static_cast<Work&>(session) = *work;
        else
            return 0;
        break;
    case 2:
        if (auto context = contextFromText(text))
            static_cast<Context&>(session) = *context;
        else
            return 0;
        break;
    case 3:
        if (auto rig = drumRigFromText(text))
            static_cast<DrumRig&>(session) = *rig;
        else
            return 0;
        break;
    case 4:
        if (auto rig = placeRigFromText(text))
            static_cast<PlaceRig&>(session) = *rig;
        else
            return 0;
        break;
    default:
        if (auto setup = setupFromText(text)) {
            static_cast<Work&>(session) = setup->work;
            session.note = setup->note;
        } else {
            return 0;
        }
    }
    testing::exercise(session);
    return 0;
}

#include "core/procedure/preparation.h"

namespace bombo {
namespace {

constexpr Turns kLetDownStep{-0.5}; // half a turn at a time: a one-sided pull warps the hoop

} // namespace

std::vector<PrepStep> preparation(HeadCondition condition, HeadSide side, Seating seating, int rods,
                                  Path path, int skip) {
    std::vector<PrepStep> steps{{PrepKind::WiresAway, {}, {}}, {PrepKind::LookOver, {}, {}}};
    if (condition == HeadCondition::AsItStands)
        return steps;
    const auto byPath = turningOrder(rods, path, skip);
    // Fingers work across the head whatever the keys do later: the collar is made here.
    const auto across = turningOrder(rods, Path::OppositePairs);
    steps.push_back({PrepKind::LetDown, across, kLetDownStep});
    if (condition == HeadCondition::New) {
        steps.push_back({PrepKind::TakeOff, {}, {}});
        steps.push_back({PrepKind::PutOn, {}, {}});
        steps.push_back({PrepKind::Touch, byPath, {}});
    }
    steps.push_back({PrepKind::FingerTight, across, {}});
    steps.push_back({PrepKind::Centre, {}, {}});
    // The thin film is not pressed.
    if (seating == Seating::Palm && side == HeadSide::Batter)
        steps.push_back({PrepKind::Seat, {}, {}});
    return steps;
}

} // namespace bombo

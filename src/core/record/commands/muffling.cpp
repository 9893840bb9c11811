#include "core/record/commands/muffling.h"

namespace bombo {
namespace {

Refusal refusalOf(PadProblem problem) {
    switch (problem) {
    case PadProblem::OnLandingArea:
        return Refusal::PadOnLandingArea;
    case PadProblem::Overlaps:
        return Refusal::PadsOverlap;
    case PadProblem::BeyondHoop:
    case PadProblem::None:
        break;
    }
    return Refusal::PadBeyondHoop;
}

Outcome withPads(Session session, std::vector<Pad> others, const Pad& pad, std::size_t at) {
    const PadProblem problem = checkPad(pad, others, session.drum.shell);
    if (problem != PadProblem::None)
        return failure(refusalOf(problem));
    others.insert(others.begin() + static_cast<std::ptrdiff_t>(at), pad);
    session.pads = std::move(others);
    session.padsAt = session.clock;
    return session;
}

} // namespace

Outcome AddPad::carryOut(Session session) const {
    if (session.pads.size() >= kMostPads)
        return failure(Refusal::TooManyPads);
    return withPads(session, session.pads, pad, session.pads.size());
}

Outcome MovePad::carryOut(Session session) const {
    if (index < 0 || index >= static_cast<int>(session.pads.size()))
        return failure(Refusal::NoSuchPad);
    std::vector<Pad> others = session.pads;
    others.erase(others.begin() + index);
    return withPads(session, std::move(others), pad, static_cast<std::size_t>(index));
}

Outcome RemovePad::carryOut(Session session) const {
    if (index < 0 || index >= static_cast<int>(session.pads.size()))
        return failure(Refusal::NoSuchPad);
    session.pads.erase(session.pads.begin() + index);
    session.padsAt = session.clock;
    return session;
}

Outcome LayPads::carryOut(Session session) const {
    if (pads.size() > kMostPads)
        return failure(Refusal::TooManyPads);
    std::vector<Pad> laid;
    for (const Pad& pad : pads) {
        const PadProblem problem = checkPad(pad, laid, session.drum.shell);
        if (problem != PadProblem::None)
            return failure(refusalOf(problem));
        laid.push_back(pad);
    }
    session.pads = std::move(laid);
    session.padsAt = session.clock;
    return session;
}

} // namespace bombo

#include "core/record/commands/faults.h"

namespace bombo {

Outcome Complain::carryOut(Session session) const {
    if (complaint.empty())
        return failure(Refusal::NothingLookedFor);
    session.faults = begunCase(complaint, at);
    return session;
}

Outcome AnswerFault::carryOut(Session session) const {
    if (answer.level && (*answer.level < 0 || *answer.level > kHighestAnswer))
        return failure(Refusal::NothingLookedFor);
    if (!session.faults || session.faults->ended || session.faults->answers.size() >= kMostFaultAnswers)
        return failure(Refusal::NothingLookedFor);
    session.faults = answered(std::move(*session.faults), answer);
    return session;
}

Outcome TakeCause::carryOut(Session session) const {
    if (!session.faults || cause.empty())
        return failure(Refusal::NothingLookedFor);
    session.faults = remedied(std::move(*session.faults), cause, before);
    return session;
}

Outcome JudgeRemedy::carryOut(Session session) const {
    if (!session.faults || session.faults->cause.empty())
        return failure(Refusal::NothingLookedFor);
    session.faults = judged(std::move(*session.faults), helped);
    return session;
}

Outcome StepBackInFaults::carryOut(Session session) const {
    if (!session.faults)
        return failure(Refusal::NothingLookedFor);
    session.faults = steppedBack(std::move(*session.faults));
    return session;
}

Outcome LeaveFaults::carryOut(Session session) const {
    session.faults.reset();
    return session;
}

Outcome KeepFound::carryOut(Session session) const {
    std::erase_if(session.foundCauses, [&](const FoundCause& known) {
        return known.caseAt == found.caseAt && known.drumId == found.drumId;
    });
    if (!found.cause.empty())
        session.foundCauses.push_back(found);
    if (session.foundCauses.size() > kMostFound)
        session.foundCauses.erase(session.foundCauses.begin());
    return session;
}

} // namespace bombo

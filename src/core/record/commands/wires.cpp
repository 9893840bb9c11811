#include "core/record/commands/wires.h"

#include "core/record/commands/with_answer.h"

namespace bombo {
Outcome SetStrainer::carryOut(Session session) const {
    if (turns.value < 0.0 || turns.value > kFarthestStrainer)
        return failure(Refusal::StrainerOutOfRange);
    session.wires.strainer = turns;
    session.wires.begun = true;
    session.wiresAt = session.clock;
    return session;
}

Outcome AnswerWires::carryOut(Session session) const {
    return withAnswer(std::move(session), answer);
}

Outcome JudgeWires::carryOut(Session session) const {
    session.wires.judging = judging;
    return session;
}

Outcome VoiceHeard::carryOut(Session session) const {
    session.wires.voice = VoiceAnswer{gainDb, session.wires.strainer};
    return session;
}

} // namespace bombo

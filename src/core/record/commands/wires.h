#pragma once
/// The knob of the strainer, and whether the wires answer.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

struct SetStrainer {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "set_strainer";
    Turns turns;
    Outcome carryOut(Session session) const;
};

/// What one stroke at this stop said of the wires.
struct AnswerWires {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "answer_wires";
    WireAnswer answer;
    Outcome carryOut(Session session) const;
};

/// By what the strainer's setting is judged.
struct JudgeWires {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "judge_wires";
    WireJudging judging = WireJudging::AsTone;
    Outcome carryOut(Session session) const;
};

/// A voice was heard with the lever off and on.
struct VoiceHeard {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "voice_heard";
    double gainDb = 0;
    Outcome carryOut(Session session) const;
};

} // namespace bombo

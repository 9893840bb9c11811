#pragma once
/// The search for what is wrong.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

struct Complain {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "complain";
    std::string complaint;
    std::int64_t at = 0; ///< seconds since 1970, UTC
    Outcome carryOut(Session session) const;
};

struct AnswerFault {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "answer_fault";
    FaultAnswer answer;
    Outcome carryOut(Session session) const;
};

/// This is what it is: its remedy begins.
struct TakeCause {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "take_cause";
    std::string cause;
    std::vector<FaultFigure> before; ///< what is known now
    Outcome carryOut(Session session) const;
};

struct JudgeRemedy {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "judge_remedy";
    Helped helped = Helped::Gone;
    Outcome carryOut(Session session) const;
};

/// The last thing that was said is taken back.
struct StepBackInFaults {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "step_back_in_faults";
    Outcome carryOut(Session session) const;
};

struct LeaveFaults {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "leave_faults";
    Outcome carryOut(Session session) const;
};

/// What a case turned out to be, for the odds of later ones; said again it replaces what was said before.
struct KeepFound {
    static constexpr Touches touches = Touches::Rig;
    static constexpr const char* name = "keep_found";
    FoundCause found; ///< without a cause: this case found none
    Outcome carryOut(Session session) const;
};

} // namespace bombo

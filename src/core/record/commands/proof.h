#pragma once
/// Whole strokes that were heard, experiments, and the verdict.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// A whole stroke, at the stations after the heads.
struct StrokeHeard {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "stroke_heard";
    HeardStroke stroke;
    std::optional<WireAnswer> answer = std::nullopt; ///< what it said of the wires, where that was asked
    Outcome carryOut(Session session) const;
};

struct BeginExperiment {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "begin_experiment";
    std::string what;
    Outcome carryOut(Session session) const;
};

/// Kept as it is, or put back: pads and strainer stand as before then.
struct EndExperiment {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "end_experiment";
    bool keep = true;
    Outcome carryOut(Session session) const;
};

struct JudgeBlind {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "judge_blind";
    BlindResult result;
    Outcome carryOut(Session session) const;
};

struct SetStars {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "set_stars";
    int stars = 0;
    Outcome carryOut(Session session) const;
};

struct MarkSaved {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "mark_saved";
    Outcome carryOut(Session session) const;
};

} // namespace bombo

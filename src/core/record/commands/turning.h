#pragma once
/// Beginning a head, turning its rods, and taking turns back.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// How the work on a head begins.
struct ChooseCondition {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "choose_condition";
    HeadSide side = HeadSide::Batter;
    HeadCondition condition = HeadCondition::New;
    Outcome carryOut(Session session) const;
};

/// The step of the preparation that is at hand is done.
struct Prepared {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "prepared";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

struct FingerTight {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "finger_tight";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

struct GroupTurned {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "group_turned";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

struct MoveMade {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "move_made";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

/// Every rod of both heads was turned by these amounts, as a correction of both at once.
struct BothTurned {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "both_turned";
    Turns batter;
    Turns snareSide;
    Outcome carryOut(Session session) const;
};

struct CorrectCount {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "correct_count";
    HeadSide side = HeadSide::Batter;
    int rod = 0;
    Turns by;
    Outcome carryOut(Session session) const;
};

/// The resistance of the rods jumped; or the cause was found.
struct Resists {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "resists";
    HeadSide side = HeadSide::Batter;
    bool resists = true;
    Outcome carryOut(Session session) const;
};

/// From finger-tight back to where the ledger says.
struct RetraceHead {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "retrace";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

/// The night is over for a head that was stretched to seat it.
struct Rested {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "rested";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

struct StartHeadAgain {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "start_again";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

/// The head is made uneven on purpose.
struct BeginTrial {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "begin_trial";
    HeadSide side = HeadSide::Batter;
    TrialKind kind = TrialKind::SlackenNear;
    std::vector<int> rods; ///< 0-based; of SlackenNear
    Turns amount{0.5};
    Outcome carryOut(Session session) const;
};

/// The way back.
struct EndTrial {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "end_trial";
    HeadSide side = HeadSide::Batter;
    Outcome carryOut(Session session) const;
};

/// A trial on a head as it stands, before it is begun.
Result<UnevenTrial, Refusal> trialOn(const Session& session, const BeginTrial& wish);

} // namespace bombo

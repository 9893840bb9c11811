#pragma once
/// Minutes before a show.
#include "core/record/commands/touches.h"
#include "core/record/session.h"

namespace bombo {

/// A few minutes are left: heads are heard as they stand, by half rounds, and moved a little.
struct BeginHurry {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "begin_hurry";
    double minutes = 5.0;
    std::int64_t until = 0; ///< seconds since 1970, UTC
    Outcome carryOut(Session session) const;
};

struct EndHurry {
    static constexpr Touches touches = Touches::Work;
    static constexpr const char* name = "end_hurry";
    Outcome carryOut(Session session) const;
};

} // namespace bombo

#pragma once
/// Brief against what was reached, line by line.
#include "core/record/reckoned.h"
#include "core/record/session.h"

namespace bombo {

enum class ProofItem {
    SnareSidePitch,
    SnareSideEvenness,
    BatterPitch,
    BatterEvenness,
    CentrePitch,
    EdgeOverCentre,
    Strainer,
    WireMargin,
    Ring,
    Buzz,
    Sympathy
};
enum class ProofVerdict { Settled, Near, Off, NotMeasured };
enum class Known { Measured, Predicted, Said, ByGauge };

struct ProofLine {
    ProofItem item;
    double wanted = 0;             ///< Hz, cents, ratio, turns, seconds or instruments, by item
    std::optional<double> reached; ///< same unit; empty when not known
    Known known = Known::Measured; ///< where `reached` comes from
    ProofVerdict verdict = ProofVerdict::NotMeasured;
    bool isStale = false; ///< something before it was changed since
    /// How far `reached` stands off, in units of what still counts as settled: 0 is what was wanted, from -1
    /// to 1 is settled. Where any amount on one side will do (evenness, turns left) only what is above 1 is
    /// off.
    std::optional<double> off{};
    /// One standard error of `off`, in its units; empty where none is known (what was counted, or answered).
    std::optional<double> error{};
    bool isOneSided = false;
};

/// @pre the tone is within reach of the drum
std::vector<ProofLine> proofLines(const Reckoned& reckoned);

/// Stable names for files, untranslated.
const char* proofItemName(ProofItem item);
const char* proofVerdictName(ProofVerdict verdict);

} // namespace bombo

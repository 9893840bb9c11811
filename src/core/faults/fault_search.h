#pragma once
/// From a complaint and all that is known to the causes with their odds, and to the next test.
#include "core/faults/fault_case.h"
#include "core/faults/fault_net.h"

#include <span>

namespace bombo {

/// How an answer or a figure speaks for a cause: the logarithm of how much likelier it is with the cause
/// alone than with none.
struct FaultReason {
    bool isFigure = false;
    std::size_t index = 0; ///< of the answers or figures of the case
    double weight = 0;     ///< above 0: for it
};

struct CauseOdds {
    std::size_t cause = 0;
    double odds = 0;                  ///< chance that it is what is complained of
    double before = 0;                ///< the same without the last answer
    std::vector<FaultReason> reasons; ///< the strongest first; none that says nothing
};

/// An answer and a figure that speak against each other about a cause.
struct FaultContradiction {
    std::size_t cause = 0;
    std::size_t answer = 0; ///< index of the answers
    std::size_t figure = 0; ///< index of the figures
};

struct NextTest {
    std::size_t test = 0;
    double bits = 0; ///< that its answer is expected to tell
};

struct FaultsSay {
    std::vector<CauseOdds> causes;     ///< every cause, likeliest first
    double unexplained = 0;            ///< chance that it is none of them; with the causes they sum to 1
    std::optional<std::size_t> stands; ///< the cause that is likely enough to be remedied
    std::optional<NextTest> next;      ///< that tells most for the least effort; empty: nothing tells more
    std::vector<NextTest> after;       ///< what would be asked then, the best first, three at most
    std::vector<FaultContradiction> contradictions;
    int toGo = 0; ///< about so many questions more
};

/// How likely a cause has to be to stand, and how far above the second one.
inline constexpr double kStandsFrom = 0.8;
/// A test that is expected to tell less is not asked.
inline constexpr double kFewestBits = 0.04;
/// After so many answers the likeliest cause stands.
inline constexpr std::size_t kMostQuestions = 8;

/// Sums over no cause, each, and every two at work together. A complaint is a noisy-or of its causes, an
/// answer a noisy-max (Pearl 1988, chapter 4; Henrion 1989), a figure a normal distribution whose mean and
/// variance the causes add to. The odds of a cause are those of its being the one that brought the complaint:
/// where two are at work, in proportion to what each would alone.
/// @pre the complaint is one of the net's
/// @param found of earlier cases: on this drum each counts as three, elsewhere in the house as one, against
///        twenty that the net's shares count for
FaultsSay faultsSay(const FaultNet& net, const FaultCase& faultCase, std::span<const FaultFigure> figures,
                    std::span<const FoundCause> found = {}, const std::string& drumId = {});

/// Odds of all causes before anything was asked, likeliest first.
std::vector<CauseOdds> priorOdds(const FaultNet& net, const std::string& complaint);

} // namespace bombo

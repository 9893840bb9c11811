#pragma once
/// One search for what is wrong: the complaint, what was answered, what is known, how it ended. Values with
/// pure transitions.
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace bombo {

/// What was seen or heard when a test was tried.
struct FaultAnswer {
    std::string test;
    std::optional<int> level; ///< index of the answer; empty: not sure
    bool operator==(const FaultAnswer&) const = default;
};

/// A figure that the workbook knows, in the unit of its measure.
struct FaultFigure {
    std::string measure;
    double value = 0;
    double error = 0; ///< one standard error
    bool operator==(const FaultFigure&) const = default;
};

/// What became of a remedy.
enum class Helped { Gone, Better, No };

struct FaultCase {
    std::int64_t begunAt = 0; ///< seconds since 1970, UTC: names the case
    std::string complaint;
    std::vector<FaultAnswer> answers; ///< in the order they were given
    std::string cause;                ///< that is being remedied; empty while it is looked for
    std::vector<FaultFigure> before;  ///< what was known when its remedy began
    std::vector<std::string> tried;   ///< causes whose remedy did not help, in order
    std::optional<Helped> ended;      ///< Gone or Better: the search is over
    bool operator==(const FaultCase&) const = default;
};

/// A search begins.
FaultCase begunCase(std::string complaint, std::int64_t at);
/// A test was tried; tried before, its answer is the new one.
FaultCase answered(FaultCase faultCase, FaultAnswer answer);
/// A cause is being remedied. @param before what is known now
FaultCase remedied(FaultCase faultCase, std::string cause, std::vector<FaultFigure> before);
/// Whether its remedy helped; if not, the search goes on. @pre a cause is being remedied
FaultCase judged(FaultCase faultCase, Helped helped);
/// The last thing that was said is taken back: that it is over, the cause, or an answer; empty where there
/// was only the complaint.
std::optional<FaultCase> steppedBack(FaultCase faultCase);

/// What a case turned out to be: from it the odds of later ones move.
struct FoundCause {
    std::int64_t caseAt = 0; ///< begunAt of the case
    std::string drumId;
    std::string cause;
    bool operator==(const FoundCause&) const = default;
};

/// More would say nothing new.
inline constexpr std::size_t kMostFaultAnswers = 60;
inline constexpr int kHighestAnswer = 9; ///< level of an answer; the net has fewer
inline constexpr std::size_t kMostFound = 500;

} // namespace bombo

#include "core/faults/fault_case.h"

#include <algorithm>

namespace bombo {

FaultCase begunCase(std::string complaint, std::int64_t at) {
    FaultCase begun;
    begun.complaint = std::move(complaint);
    begun.begunAt = at;
    return begun;
}

FaultCase answered(FaultCase faultCase, FaultAnswer answer) {
    const auto before = std::find_if(faultCase.answers.begin(), faultCase.answers.end(),
                                     [&](const FaultAnswer& a) { return a.test == answer.test; });
    if (before != faultCase.answers.end())
        *before = std::move(answer);
    else
        faultCase.answers.push_back(std::move(answer));
    return faultCase;
}

FaultCase remedied(FaultCase faultCase, std::string cause, std::vector<FaultFigure> before) {
    faultCase.cause = std::move(cause);
    faultCase.before = std::move(before);
    faultCase.ended.reset();
    return faultCase;
}

FaultCase judged(FaultCase faultCase, Helped helped) {
    if (helped != Helped::No) {
        faultCase.ended = helped;
        return faultCase;
    }
    faultCase.tried.push_back(faultCase.cause);
    faultCase.cause.clear();
    faultCase.before.clear();
    faultCase.ended.reset();
    return faultCase;
}

std::optional<FaultCase> steppedBack(FaultCase faultCase) {
    if (faultCase.ended) {
        faultCase.ended.reset();
    } else if (!faultCase.cause.empty()) {
        faultCase.cause.clear();
        faultCase.before.clear();
    } else if (!faultCase.answers.empty()) {
        faultCase.answers.pop_back();
    } else {
        return std::nullopt;
    }
    return faultCase;
}

} // namespace bombo

#include "core/wires/wire_fit.h"

#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace bombo {
namespace {

constexpr double kClearance = 0.001; // m that a plate keeps from the shell's outer face, for hoop and gate
constexpr double kCentred = 0.002;   // m between the two gaps that count as the same
constexpr double kRuleError = 0.004; // m: three lengths read off a rule
constexpr double kStrapStep = 0.002; // m that a strap is given out or taken in at a time
constexpr Turns kWorthTightening{1.0};
constexpr Turns kWorthLoosening{0.5};
constexpr double kNearLooseEnd = 0.125; // of the travel

Turns beforeClamping(const WireLayout& layout) {
    const Turns travel = layout.travel.value_or(Turns{});
    return layout.school == RefitSchool::StrainerFirst ? travel / 2.0 : kNearLooseEnd * travel;
}

} // namespace

std::optional<InputProblem> checkLayout(const WireLayout& layout) {
    struct Limit {
        const char* key;
        double value;
        double lowest;
        double highest;
    };
    const Limit limits[]{{"strands_m", layout.strands.value, 0.10, 0.60},
                         {"plate_m", layout.plate.value, 0.005, 0.06},
                         {"wall_m", layout.wall.value, 0.0005, 0.04},
                         {"strainer_drop_m", layout.strainerDrop.value, 0.0, 0.25},
                         {"butt_drop_m", layout.buttDrop.value, 0.0, 0.25},
                         {"m_per_turn", layout.perTurn.value, 0.0001, 0.005},
                         {"travel_turns", layout.travel.value_or(Turns{5.0}).value, 0.5, 60.0},
                         {"knob_turns", layout.knob.value_or(Turns{}).value, 0.0, 60.0},
                         {"strainer_gap_m", layout.strainerGap.value_or(Metres{}).value, -0.05, 0.15},
                         {"butt_gap_m", layout.buttGap.value_or(Metres{}).value, -0.05, 0.15}};
    for (const Limit& limit : limits)
        if (!(limit.value >= limit.lowest && limit.value <= limit.highest))
            return InputProblem{limit.key,
                                fmt::format("must lie between {} and {}", limit.lowest, limit.highest)};
    if (layout.travel && layout.knob && *layout.knob > *layout.travel)
        return InputProblem{"knob_turns", "is beyond the travel of the knob"};
    return std::nullopt;
}

WireFit fitWires(const Shell& shell, const WireLayout& layout) {
    WireFit fit;
    const double half = 0.5 * shell.diameter.value;
    const double inner = half - layout.wall.value;
    const double halfStrands = 0.5 * layout.strands.value;
    fit.length = layout.strands + 2.0 * layout.plate;
    fit.endGap = Metres{half - 0.5 * fit.length.value};
    const double runs = layout.attachment == Attachment::Cord ? 2.0 : 1.0;
    fit.strainerStrap = runs * (fit.endGap + layout.strainerDrop);
    fit.buttStrap = runs * (fit.endGap + layout.buttDrop);

    if (fit.endGap.value < kClearance)
        fit.problems.push_back(FitProblem::LongerThanShell);
    if (halfStrands > inner)
        fit.problems.push_back(FitProblem::StrandsOnEdge);
    if (halfStrands + layout.plate.value < inner)
        fit.problems.push_back(FitProblem::PlatesOnFilm);
    if (layout.strainerGap && layout.buttGap) {
        fit.towardsStrainer = (*layout.strainerGap - *layout.buttGap) / 2.0;
        if (2.0 * std::abs(fit.towardsStrainer.value) > kCentred)
            fit.problems.push_back(FitProblem::OffCentre);
        const double sum = layout.strainerGap->value + layout.buttGap->value + fit.length.value;
        if (std::abs(sum - shell.diameter.value) > kRuleError)
            fit.problems.push_back(FitProblem::GapsDisagree);
    }
    if (!layout.travel) {
        fit.problems.push_back(FitProblem::TravelUnknown);
        return fit;
    }
    fit.knobBeforeClamping = beforeClamping(layout);
    const Turns stands = layout.knob.value_or(fit.knobBeforeClamping);
    fit.tighter = *layout.travel - stands;
    fit.looser = stands;
    if (*fit.tighter < kWorthTightening)
        fit.problems.push_back(FitProblem::LittleTighter);
    if (*fit.looser < kWorthLoosening)
        fit.problems.push_back(FitProblem::LittleLooser);
    return fit;
}

std::vector<FitStep> diagnoseWires(WireSymptom symptom, const Shell& shell, const WireLayout& layout) {
    const WireFit fit = fitWires(shell, layout);
    const bool knobKnown = layout.travel && layout.knob;
    std::vector<FitStep> steps;
    switch (symptom) {
    case WireSymptom::LeverWillNotClose: // clamped too short
        if (knobKnown && *layout.knob >= kWorthLoosening)
            steps.push_back({WireRemedy::LoosenKnob, *layout.knob, {}});
        steps.push_back({WireRemedy::GiveOutStrap, {}, Metres{kStrapStep}});
        break;
    case WireSymptom::NoContactWhenOn: // clamped too long
        if (knobKnown && *fit.tighter >= kWorthTightening)
            steps.push_back({WireRemedy::TightenKnob, *fit.tighter / 2.0, {}});
        steps.push_back({WireRemedy::TakeInStrap, {}, Metres{kStrapStep}});
        break;
    case WireSymptom::LooseAtFullTravel: { // the range first, the strands second
        const Turns back = layout.travel ? *layout.travel - beforeClamping(layout) : Turns{3.0};
        steps.push_back({WireRemedy::ResetRange, back, Metres{back.value * layout.perTurn.value}});
        steps.push_back({WireRemedy::ReplaceStrands, {}, {}});
        break;
    }
    case WireSymptom::PlateStandsUp:
        if (fit.towardsStrainer.value != 0.0)
            steps.push_back({WireRemedy::CentreWires, {}, fit.towardsStrainer});
        steps.push_back({WireRemedy::LevelClamps, {}, {}});
        if (layout.attachment == Attachment::Cord)
            steps.push_back({WireRemedy::UseStraps, {}, {}});
        steps.push_back({WireRemedy::ReplaceStrands, {}, {}});
        break;
    }
    return steps;
}

} // namespace bombo

#include "core/record/setup_figures.h"

#include "core/record/json_values.h"

namespace bombo {
namespace {

template <class T>
std::optional<T> figureAt(const Json& summary, const char* place, double lowest, double highest) {
    const Json::json_pointer at(place);
    if (!summary.contains(at) || !summary.at(at).is_number())
        return std::nullopt;
    const double value = summary.at(at).get<double>();
    return value >= lowest && value <= highest ? std::optional(T{value}) : std::nullopt;
}

} // namespace

Result<SetupFigures, InputProblem> setupFiguresFrom(const std::string& text) {
    const Json summary = Json::parse(text, nullptr, false);
    if (!summary.is_object())
        return failure(InputProblem{"summary", "is no JSON object"});
    SetupFigures figures;
    figures.batter = figureAt<Hertz>(summary, "/batter/measured_hz", 1.0, 5000.0);
    figures.snareSide = figureAt<Hertz>(summary, "/snare_side/measured_hz", 1.0, 5000.0);
    figures.evenTo = figureAt<Cents>(summary, "/batter/widest_cents", 0.0, 12000.0);
    figures.strainer = figureAt<Turns>(summary, "/strainer_turns", -100.0, 100.0);
    figures.ring = figureAt<Seconds>(summary, "/ring_predicted_s", 0.0, 60.0);
    figures.temperature = figureAt<Celsius>(summary, "/temperature_c", -100.0, 100.0);
    if (summary.contains("note") && summary["note"].is_string())
        figures.note = summary["note"].get<std::string>();
    return figures;
}

} // namespace bombo

#include "cli/verbs.h"
#include "core/acoustics/weather.h"
#include "core/record/json_reader.h"

#include <array>
#include <fmt/format.h>

namespace bombo::cli {
namespace {

constexpr std::array kLevels{std::pair{"as_tone", SnareSideLevel::AsTone},
                             std::pair{"interval", SnareSideLevel::Interval},
                             std::pair{"little_above", SnareSideLevel::LittleAbove},
                             std::pair{"matched", SnareSideLevel::Matched},
                             std::pair{"near_limit", SnareSideLevel::NearLimit},
                             std::pair{"edge_over_centre", SnareSideLevel::EdgeOverCentre},
                             std::pair{"counted_turns", SnareSideLevel::CountedTurns}};

Result<School, InputProblem> schoolFrom(const Json& j) {
    Reader read(j);
    School school;
    const std::string level = read.text("level", "as_tone");
    school.interval = Cents{read.number("interval_cents", school.interval.value)};
    school.edgeOverCentre = read.number("edge_over_centre", school.edgeOverCentre);
    if (read.problem())
        return failure(*read.problem());
    std::string known;
    for (const auto& [name, value] : kLevels) {
        school.level = value;
        if (level == name)
            return school;
        known += (known.empty() ? "" : ", ") + std::string(name);
    }
    return failure(
        InputProblem{"level", fmt::format("there is no level \"{}\"; known are {}", level, known)});
}

/// Two numbers above 0 of these names.
Result<std::pair<double, double>, InputProblem> pairAt(const Json& in, const char* first, const char* second,
                                                       bool secondMayBeNegative = false) {
    Reader read(in);
    const double a = read.number(first);
    const double b = read.number(second);
    read.needs(first, a > 0.0, "must be above 0");
    read.needs(second, b > 0.0 || secondMayBeNegative, "must be above 0");
    if (read.problem())
        return failure(*read.problem());
    return std::pair{a, b};
}

} // namespace

Result<Weather, InputProblem> weatherAt(const Json& in, const char* key, const Weather& usual) {
    Weather weather = usual;
    if (!in.contains(key))
        return weather;
    Reader read(in[key]);
    weather.temperature = Celsius{read.number("temperature_c", weather.temperature.value)};
    weather.relativeHumidity = read.number("relative_humidity", weather.relativeHumidity);
    const bool isAsUsual = !in[key].is_object() || !in[key].contains("altitude_m");
    const Metres altitude{read.number("altitude_m", 0.0)};
    read.needs("temperature_c", weather.temperature >= kColdest && weather.temperature <= kHottest,
               "must lie between -20 and 50");
    read.needs("relative_humidity", weather.relativeHumidity >= 0.0 && weather.relativeHumidity <= 1.0,
               "must lie between 0 and 1");
    read.needs("altitude_m", altitude.value >= -500.0 && altitude <= kHighest,
               "must lie between -500 and 6000");
    if (read.problem())
        return failure(within(key, *read.problem()));
    if (!isAsUsual)
        weather.pressure = pressureAt(altitude);
    return weather;
}

Result<ToneBrief, InputProblem> briefAt(const Json& in, const Shelf& shelf) {
    const auto tone = toneAt(in, shelf);
    if (!tone)
        return failure(tone.fault());
    ToneBrief brief{*tone, {}, {}};
    if (in.contains("wish")) {
        Reader read(in["wish"]);
        for (const auto& [key, part] : {std::pair{"high", &brief.wish.high},
                                        {"longer", &brief.wish.longer},
                                        {"wire", &brief.wish.wire},
                                        {"feel", &brief.wish.feel}}) {
            *part = read.number(key, 0.0);
            read.needs(key, std::abs(*part) <= 1.0, "must lie between -1 and 1, the tone's own range");
        }
        if (read.problem())
            return failure(within("wish", *read.problem()));
    }
    if (in.contains("school")) {
        const auto school = schoolFrom(in["school"]);
        if (!school)
            return failure(within("school", school.fault()));
        brief.school = *school;
    }
    return brief;
}

Result<std::optional<PitchWish>, InputProblem> pitchWishAt(const Json& in) {
    auto made = [](const auto& pair, auto make) -> Result<std::optional<PitchWish>, InputProblem> {
        if (!pair)
            return failure(pair.fault());
        return std::optional<PitchWish>(make(pair->first, pair->second));
    };
    if (in.contains("batter_turns"))
        return made(pairAt(in, "batter_turns", "snare_side_turns"), [](double a, double b) {
            return CountedTurns{Turns{a}, Turns{b}};
        });
    if (in.contains("centre_hz") && in.contains("interval_cents"))
        return made(pairAt(in, "centre_hz", "interval_cents", true), [](double a, double b) {
            return CentreAndInterval{Hertz{a}, Cents{b}};
        });
    if (in.contains("centre_hz"))
        return made(pairAt(in, "centre_hz", "edge_over_centre"), [](double a, double b) {
            return CentreAndRatio{Hertz{a}, b};
        });
    if (in.contains("batter_edge_hz") && in.contains("interval_cents"))
        return made(pairAt(in, "batter_edge_hz", "interval_cents", true), [](double a, double b) {
            return EdgeAndInterval{Hertz{a}, Cents{b}};
        });
    if (in.contains("batter_edge_hz") && in.contains("snare_side_film_load"))
        return made(pairAt(in, "batter_edge_hz", "snare_side_film_load"), [](double a, double b) {
            return EdgeAndFilmLoad{Hertz{a}, b};
        });
    if (in.contains("batter_edge_hz"))
        return made(pairAt(in, "batter_edge_hz", "snare_side_edge_hz"), [](double a, double b) {
            return BothEdges{Hertz{a}, Hertz{b}};
        });
    return std::optional<PitchWish>();
}

std::string limitWords(TargetLimit limit) {
    const int percent = static_cast<int>(100 * kFilmLoadLimit);
    switch (limit) {
    case TargetLimit::SnareSideFilm:
        return fmt::format("the snare-side film would pass {} % of its yield", percent);
    case TargetLimit::BatterFilm:
        return fmt::format("the batter's film would pass {} % of its yield", percent);
    case TargetLimit::BatterFingerTight:
        return "the batter would be looser than finger-tight";
    case TargetLimit::SnareSideFingerTight:
        return "the snare side would be looser than finger-tight";
    case TargetLimit::RatioReversed:
        return "beyond that the lowest edge mode is the snare side's and the ratio turns round";
    case TargetLimit::NoSuchPair:
        return "no pair of tensions gives both figures";
    case TargetLimit::None:
        break;
    }
    return "within all limits";
}

} // namespace bombo::cli

/// Rounds of taps as the command line gives them.
#include "cli/round_inputs.h"
#include "core/reading/rod_reading.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

using MaybePitches = std::vector<std::optional<RodPitches>>;

Result<double, InputProblem> pitchIn(const Json& entry, const char* key, const std::string& where) {
    const auto found = entry.find(key);
    if (found == entry.end() || !found->is_number() || found->get<double>() <= 0.0)
        return failure(InputProblem{where + "." + key, "must be a pitch above 0"});
    return found->get<double>();
}

double numberIn(const Json& entry, const char* key, double otherwise) {
    const Json value = entry.is_object() ? entry.value(key, Json()) : Json();
    return value.is_number() ? value.get<double>() : otherwise;
}

/// The (2,1) pair: the strongest partial 1.25 to 1.5 times above the edge pitch.
std::optional<Hertz> secondIn(const Json& entry, double edge) {
    std::optional<Hertz> second;
    double strongest = 0;
    for (const Json& partial : entry.value("partials", Json::array())) {
        const double hz = numberIn(partial, "frequency_hz", 0.0);
        const double amplitude = numberIn(partial, "amplitude", 1.0);
        if (hz > 1.25 * edge && hz < 1.5 * edge && amplitude > strongest) {
            second = Hertz{hz};
            strongest = amplitude;
        }
    }
    return second;
}

/// Of opposite rods one is enough on even counts.
Result<MaybePitches, InputProblem> complete(MaybePitches pitches, const std::string& key) {
    const std::size_t rods = pitches.size();
    std::string missing;
    for (std::size_t i = 0; i < rods; ++i) {
        const bool opposite = rods % 2 == 0 && pitches[(i + rods / 2) % rods];
        if (!pitches[i] && !opposite)
            missing += fmt::format("{}{}", missing.empty() ? "" : ", ", i + 1);
    }
    if (!missing.empty())
        return failure(InputProblem{
            key, "has no tap at rod " + missing +
                     (rods % 2 == 0 ? ", nor opposite; tap one rod of each pair" : "; tap each of them")});
    return pitches;
}

Result<MaybePitches, InputProblem> fromReadings(const Json& list, int rods, const std::string& key) {
    if (!list.is_array())
        return failure(InputProblem{key, "must be a list of {\"rod\", \"frequency_hz\"}"});
    std::vector<std::vector<RodReading>> taps(static_cast<std::size_t>(rods));
    for (std::size_t i = 0; i < list.size(); ++i) {
        const std::string where = fmt::format("{}[{}]", key, i);
        const Json rod = list[i].is_object() ? list[i].value("rod", Json()) : Json();
        if (!rod.is_number_integer() || rod.get<int>() < 1 || rod.get<int>() > rods)
            return failure(InputProblem{where + ".rod", fmt::format("must be a rod from 1 to {}", rods)});
        const auto edge = pitchIn(list[i], "frequency_hz", where);
        if (!edge)
            return failure(edge.fault());
        RodReading reading;
        reading.frequency = Hertz{*edge};
        reading.second = secondIn(list[i], *edge);
        taps[static_cast<std::size_t>(rod.get<int>() - 1)].push_back(reading);
    }
    MaybePitches pitches;
    for (const auto& atRod : taps) {
        if (atRod.empty()) {
            pitches.push_back(std::nullopt);
            continue;
        }
        const RodReading middle = settle(atRod).middle;
        pitches.push_back(RodPitches{middle.frequency, middle.second});
    }
    return complete(std::move(pitches), key);
}

} // namespace

Result<MaybePitches, InputProblem> roundAt(const Json& in, int rods, const std::string& where) {
    if (in.contains("readings"))
        return fromReadings(in["readings"], rods, where + "readings");
    const auto edges = numbersAt(in, "rods_hz", rods);
    if (!edges)
        return failure(edges.fault());
    MaybePitches pitches;
    for (double hz : *edges) {
        if (hz <= 0.0)
            return failure(InputProblem{"rods_hz", "every pitch must be above 0"});
        pitches.push_back(RodPitches{Hertz{hz}, std::nullopt});
    }
    if (in.contains("second_hz")) {
        const auto second = numbersAt(in, "second_hz", rods);
        if (!second)
            return failure(second.fault());
        for (std::size_t i = 0; i < second->size(); ++i)
            if ((*second)[i] > 0.0)
                pitches[i]->second = Hertz{(*second)[i]};
    }
    return pitches;
}

Result<std::vector<std::optional<double>>, InputProblem> besideRodsAt(const Json& in, const std::string& key,
                                                                      int rods) {
    std::vector<std::optional<double>> figures;
    if (!in.contains(key))
        return figures;
    const auto given = numbersAt(in, key, rods);
    if (!given)
        return failure(given.fault());
    for (const double figure : *given) {
        if (figure <= 0.0)
            return failure(InputProblem{key, "every figure must be above 0"});
        figures.push_back(figure);
    }
    return figures;
}

Result<std::vector<PastRound>, InputProblem> historyAt(const Json& in, const std::vector<double>& turnsNow) {
    std::vector<PastRound> rounds;
    const Json history = in.value("history", Json::array());
    if (!history.is_array())
        return failure(InputProblem{"history", "must be a list of {\"moves\", \"readings\"}, oldest first"});
    const int rods = static_cast<int>(turnsNow.size());
    std::vector<double> stood = turnsNow; // before the moves of the entry at hand: walked back from now
    for (std::size_t i = history.size(); i-- > 0;) {
        const std::string where = fmt::format("history[{}].", i);
        const Json moves = history[i].is_object() ? history[i].value("moves", Json::array()) : Json();
        if (!moves.is_array())
            return failure(InputProblem{where + "moves", "must be a list of {\"rod\", \"turns\"}"});
        for (const Json& move : moves) {
            const Json rod = move.is_object() ? move.value("rod", Json()) : Json();
            const Json turns = move.is_object() ? move.value("turns", Json()) : Json();
            if (!rod.is_number_integer() || rod.get<int>() < 1 || rod.get<int>() > rods)
                return failure(
                    InputProblem{where + "moves.rod", fmt::format("must be a rod from 1 to {}", rods)});
            if (!turns.is_number())
                return failure(InputProblem{where + "moves.turns", "must be a number of turns"});
            stood[static_cast<std::size_t>(rod.get<int>() - 1)] -= turns.get<double>();
        }
        auto heard = roundAt(history[i], rods, where);
        if (!heard)
            return failure(heard.fault());
        rounds.push_back({stood, std::move(heard).value()});
    }
    return rounds;
}

} // namespace bombo::cli

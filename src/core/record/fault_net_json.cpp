/// The net of data/faults.json.
#include "core/record/json_reader.h"
#include "core/record/json_values.h"

#include <algorithm>
#include <cmath>

namespace bombo {
namespace {

constexpr std::array<std::pair<const char*, CauseKind>, 10> kKinds{{{"snare_side", CauseKind::SnareSide},
                                                                    {"batter", CauseKind::Batter},
                                                                    {"wires", CauseKind::Wires},
                                                                    {"fittings", CauseKind::Fittings},
                                                                    {"weather", CauseKind::Weather},
                                                                    {"neighbours", CauseKind::Neighbours},
                                                                    {"player", CauseKind::Player},
                                                                    {"microphone", CauseKind::Microphone},
                                                                    {"room", CauseKind::Room},
                                                                    {"worth", CauseKind::Worth}}};
constexpr std::array<std::pair<const char*, Harm>, 3> kHarms{
    {{"none", Harm::None}, {"turned", Harm::Turned}, {"irreversible", Harm::Irreversible}}};

template <class E, std::size_t N>
E named(Reader& reader, const std::string& key, const std::array<std::pair<const char*, E>, N>& names) {
    const std::string said = reader.text(key);
    for (const auto& [name, value] : names)
        if (said == name)
            return value;
    reader.refuse({key, "is not a known word"});
    return names.front().second;
}

/// Chances that sum to one.
bool areChances(const Json& json, std::size_t count) {
    if (!json.is_array() || json.size() != count || count < 2)
        return false;
    double sum = 0.0;
    for (const Json& one : json) {
        if (!one.is_number() || one.get<double>() < 0.0)
            return false;
        sum += one.get<double>();
    }
    return std::abs(sum - 1.0) < 1e-6;
}

bool isChance(const Json& json) {
    return json.is_number() && json.get<double>() >= 0.0 && json.get<double>() < 1.0;
}

struct NetReader {
    FaultNet net;

    std::optional<InputProblem> readCause(const Json& json) {
        Reader reader(json);
        FaultCause cause;
        cause.id = reader.text("id");
        cause.kind = named(reader, "kind", kKinds);
        cause.share = reader.number("share");
        reader.needs("share", cause.share > 0.0 && cause.share < 0.5, "lies above 0 and below 0.5");
        reader.needs("remedy",
                     json.is_object() && json.contains("remedy") && json["remedy"].is_array() &&
                         !json["remedy"].empty(),
                     "must be an array of steps");
        reader.needs("id", !indexOf(net.causes, cause.id), "is there twice");
        if (reader.problem())
            return reader.problem();
        for (const Json& entry : json["remedy"]) {
            Reader step(entry);
            cause.remedy.push_back({step.text("station"), step.text("step")});
            if (step.problem())
                return within("remedy", *step.problem());
        }
        net.causes.push_back(std::move(cause));
        return std::nullopt;
    }

    /// The object `causes`: by cause, what `read` makes of its value.
    template <class Read> std::optional<InputProblem> eachCause(const Json& json, Read read) {
        if (!json.is_object() || !json.contains("causes") || !json["causes"].is_object())
            return InputProblem{"causes", "must be an object"};
        for (const auto& [id, value] : json["causes"].items()) {
            const auto cause = indexOf(net.causes, id);
            if (!cause)
                return InputProblem{"causes." + id, "is no cause"};
            if (!read(*cause, value))
                return InputProblem{"causes." + id, "is not what it should be"};
        }
        return std::nullopt;
    }

    std::optional<InputProblem> readComplaint(const Json& json) {
        Reader reader(json);
        Complaint complaint;
        complaint.id = reader.text("id");
        complaint.unexplained = reader.number("unexplained");
        reader.needs("unexplained", complaint.unexplained > 0.0 && complaint.unexplained < 1.0,
                     "lies above 0 and below 1");
        reader.needs("id", !indexOf(net.complaints, complaint.id), "is there twice");
        if (reader.problem())
            return reader.problem();
        complaint.by.assign(net.causes.size(), 0.0);
        const auto problem = eachCause(json, [&](std::size_t cause, const Json& value) {
            if (isChance(value))
                complaint.by[cause] = value.get<double>();
            return isChance(value);
        });
        net.complaints.push_back(std::move(complaint));
        return problem;
    }

    std::optional<InputProblem> readTest(const Json& json) {
        Reader reader(json);
        FaultTest test;
        test.id = reader.text("id");
        test.drawing = reader.text("drawing");
        test.seconds = reader.number("seconds");
        test.harm = named(reader, "harm", kHarms);
        if (json.is_object() && json.contains("known_by")) {
            test.knownBy = reader.text("known_by");
            reader.needs("known_by", indexOf(net.measures, test.knownBy).has_value(), "is no measure");
        }
        reader.needs("seconds", test.seconds > 0.0, "lies above 0");
        reader.needs("id", !indexOf(net.tests, test.id), "is there twice");
        if (reader.problem())
            return reader.problem();
        if (!json.contains("answers") || !json["answers"].is_array())
            return InputProblem{"answers", "must be an array of names"};
        for (const Json& answer : json["answers"]) {
            if (!answer.is_string())
                return InputProblem{"answers", "must be an array of names"};
            test.answers.push_back(answer.get<std::string>());
        }
        if (!json.contains("usual") || !areChances(json["usual"], test.answers.size()))
            return InputProblem{"usual", "must be one chance an answer, 1 together"};
        test.usual = json["usual"].get<std::vector<double>>();
        test.under.resize(net.causes.size());
        if (auto problem = eachCause(json, [&](std::size_t cause, const Json& value) {
                if (!areChances(value, test.answers.size()))
                    return false;
                test.under[cause] = value.get<std::vector<double>>();
                return true;
            }))
            return problem;
        if (auto problem = readAsked(json, test))
            return problem;
        net.tests.push_back(std::move(test));
        return std::nullopt;
    }

    std::optional<InputProblem> readAsked(const Json& json, FaultTest& test) const {
        test.asked.assign(net.complaints.size(), !json.contains("complaints"));
        if (!json.contains("complaints"))
            return std::nullopt;
        for (const Json& id : json["complaints"]) {
            const auto complaint =
                id.is_string() ? indexOf(net.complaints, id.get<std::string>()) : std::nullopt;
            if (!complaint)
                return InputProblem{"complaints", "names one that is not there"};
            test.asked[*complaint] = true;
        }
        return std::nullopt;
    }

    std::optional<InputProblem> readMeasure(const Json& json) {
        Reader reader(json);
        FaultMeasure measure;
        measure.id = reader.text("id");
        measure.unit = reader.text("unit");
        measure.usual = reader.number("usual");
        measure.spread = reader.number("spread");
        reader.needs("spread", measure.spread > 0.0, "lies above 0");
        reader.needs("id", !indexOf(net.measures, measure.id), "is there twice");
        if (reader.problem())
            return reader.problem();
        measure.under.resize(net.causes.size());
        const auto problem = eachCause(json, [&](std::size_t cause, const Json& value) {
            Reader moved(value);
            measure.under[cause] = {moved.number("shift"), moved.number("spread")};
            return !moved.problem() && measure.under[cause]->spread >= 0.0;
        });
        net.measures.push_back(std::move(measure));
        return problem;
    }
};

} // namespace

Result<FaultNet, InputProblem> faultNetFromJson(const Json& json) {
    NetReader reader;
    const auto slip = numberAt(json, "slip");
    if (!slip)
        return failure(slip.fault());
    if (!(*slip > 0.0) || !(*slip < 0.5))
        return failure(InputProblem{"slip", "lies above 0 and below 0.5"});
    reader.net.slip = *slip;
    using Read = std::optional<InputProblem> (NetReader::*)(const Json&);
    constexpr std::array<std::pair<const char*, Read>, 4> lists{{{"causes", &NetReader::readCause},
                                                                 {"complaints", &NetReader::readComplaint},
                                                                 {"measures", &NetReader::readMeasure},
                                                                 {"tests", &NetReader::readTest}}};
    for (const auto& [key, read] : lists) {
        if (!json.contains(key) || !json[key].is_array() || json[key].empty())
            return failure(InputProblem{key, "must be an array"});
        int index = 0;
        for (const Json& entry : json[key]) {
            if (auto problem = (reader.*read)(entry))
                return failure(within(std::string(key) + "[" + std::to_string(index) + "]", *problem));
            ++index;
        }
    }
    return std::move(reader.net);
}

} // namespace bombo

#include "cli/muffling_inputs.h"

#include <fmt/format.h>

namespace bombo::cli {
namespace {

constexpr double kDegree = std::numbers::pi / 180.0;

const char* padProblemText(PadProblem problem) {
    switch (problem) {
    case PadProblem::BeyondHoop:
        return "reaches beyond the hoop; move it in";
    case PadProblem::OnLandingArea:
        return "lies where the stick lands; move it out";
    case PadProblem::Overlaps:
        return "overlaps another one; move it away";
    case PadProblem::None:
        break;
    }
    return "";
}

/// A number within limits.
Result<double, InputProblem> between(const Json& in, const char* key, double low, double high) {
    const auto value = numberAt(in, key);
    if (value && (*value < low || *value > high))
        return failure(InputProblem{key, fmt::format("must lie between {} and {}", low, high)});
    return value;
}

Result<PadKind, InputProblem> ownKindAt(const Json& in) {
    const auto name = textAt(in, "name");
    if (!name)
        return failure(name.fault());
    PadKind kind;
    kind.id = "own:" + *name;
    const auto mass = between(in, "mass_kg", 0.0, 0.5);
    const auto loss = between(in, "loss_factor", 0.0, 2.0);
    const auto across = between(in, "across_m", 0.002, 0.3);
    for (const auto* value : {&mass, &loss, &across})
        if (!*value)
            return failure(value->fault());
    kind.mass = Kilograms{*mass};
    kind.lossFactor = *loss;
    kind.lossRises = 0.0;
    kind.radius = Metres{0.5 * *across};
    if (in.contains("resistance_ns_m")) {
        const auto drag = between(in, "resistance_ns_m", 0.0, 500.0);
        if (!drag)
            return failure(drag.fault());
        kind.resistance = *drag;
    }
    return kind;
}

Result<PadKind, InputProblem> kindAt(const Json& entry) {
    if (entry.contains("kind") && entry["kind"].is_object()) {
        const auto own = ownKindAt(entry["kind"]);
        return own ? own : failure(InputProblem{"kind." + own.fault().key, own.fault().message});
    }
    const auto name = textAt(entry, "kind");
    if (!name)
        return failure(name.fault());
    if (const auto kind = padKindNamed(*name))
        return *kind;
    std::string names;
    for (const PadKind& kind : padKinds())
        names += (names.empty() ? "" : ", ") + kind.id;
    return failure(InputProblem{"kind", "must be an object or one of " + names});
}

Result<Pad, InputProblem> itemAt(const Json& entry) {
    const auto kind = kindAt(entry);
    if (!kind)
        return failure(kind.fault());
    Pad pad{{}, {}, *kind};
    if (kind->footprint == Footprint::Disc) {
        const auto radius = between(entry, "radius_m", 0.0, 0.5);
        if (!radius)
            return failure(radius.fault());
        pad.fromCentre = Metres{*radius};
    }
    if (kind->footprint != Footprint::Ring) {
        const auto angle = numberAt(entry, "angle_deg");
        if (!angle)
            return failure(angle.fault());
        pad.angle = Radians{*angle * kDegree};
    }
    return pad;
}

} // namespace

Result<std::vector<Pad>, InputProblem> itemsAt(const Json& in, const Shell& shell) {
    std::vector<Pad> pads;
    if (!in.contains("items"))
        return pads;
    if (!in["items"].is_array())
        return failure(InputProblem{"items", "must be an array"});
    for (const Json& entry : in["items"]) {
        const std::string at = fmt::format("items[{}]", pads.size());
        const auto pad = itemAt(entry);
        if (!pad)
            return failure(InputProblem{at + "." + pad.fault().key, pad.fault().message});
        const PadProblem problem = checkPad(*pad, pads, shell);
        if (problem != PadProblem::None)
            return failure(InputProblem{at, padProblemText(problem)});
        pads.push_back(*pad);
    }
    return pads;
}

Json itemsJson(const std::vector<Pad>& pads) {
    Json items = Json::array();
    for (const Pad& pad : pads)
        items.push_back({{"kind", pad.kind.id},
                         {"radius_m", pad.fromCentre.value},
                         {"angle_deg", pad.angle.value / kDegree}});
    return items;
}

Result<std::optional<MicrophonePlace>, InputProblem> microphoneAt(const Json& in) {
    if (!in.contains("microphone"))
        return std::optional<MicrophonePlace>();
    const Json& entry = in["microphone"];
    const auto angle = numberAt(entry, "angle_deg");
    const auto distance = between(entry, "distance_m", 0.0, kFarthestMicrophone.value);
    const auto height = between(entry, "height_m", kLowestMicrophone.value, kHighestMicrophone.value);
    for (const auto* value : {&angle, &distance, &height})
        if (!*value)
            return failure(InputProblem{"microphone." + value->fault().key, value->fault().message});
    return std::optional(MicrophonePlace{Radians{*angle * kDegree}, Metres{*distance}, Metres{*height}});
}

Result<CalibrationInput, InputProblem> calibrationAt(const Json& in) {
    CalibrationInput calibration;
    const auto name = textAt(in, "name");
    if (!name)
        return failure(name.fault());
    const auto radius = between(in, "radius_m", 0.0, 0.5);
    const auto angle = numberAt(in, "angle_deg");
    const auto across = between(in, "across_m", 0.002, 0.3);
    for (const auto* value : {&radius, &angle, &across})
        if (!*value)
            return failure(value->fault());
    calibration.pad.fromCentre = Metres{*radius};
    calibration.pad.angle = Radians{*angle * kDegree};
    calibration.pad.kind.id = "own:" + *name;
    calibration.pad.kind.radius = Metres{0.5 * *across};
    if (!in.contains("partials") || !in["partials"].is_array())
        return failure(InputProblem{"partials", "must be an array of what was heard both times"});
    for (const Json& entry : in["partials"]) {
        const std::string at = fmt::format("partials[{}].", calibration.partials.size());
        std::array<double, 6> values{};
        constexpr std::array keys{"m", "order", "without_hz", "with_hz", "t60_without_s", "t60_with_s"};
        for (std::size_t i = 0; i < keys.size(); ++i) {
            const auto value = between(entry, keys.at(i), i == 0 ? 0.0 : 1e-3, 5000.0);
            if (!value)
                return failure(InputProblem{at + value.fault().key, value.fault().message});
            values.at(i) = *value;
        }
        calibration.partials.push_back({static_cast<int>(values[0]), static_cast<int>(values[1]),
                                        Hertz{values[2]}, Hertz{values[3]}, Seconds{values[4]},
                                        Seconds{values[5]}});
    }
    return calibration;
}

Json kindJson(const PadKind& kind) {
    return {{"name", kind.id.substr(4)},
            {"mass_kg", kind.mass.value},
            {"loss_factor", kind.lossFactor},
            {"resistance_ns_m", kind.resistance},
            {"across_m", 2.0 * kind.radius.value}};
}

} // namespace bombo::cli

#pragma once
/// JSON for the core's values, as the workbook stores them. The exchange formats of the command line are
/// apart.
#include "core/drum/catalogue.h"
#include "core/faults/fault_net.h"
#include "core/record/session.h"
#include "core/record/state_text.h"
#include "core/units/json.h"

namespace nlohmann {
template <class T> struct adl_serializer<std::optional<T>> {
    static void to_json(json& j, const std::optional<T>& value) {
        if (value)
            j = *value;
        else
            j = nullptr;
    }
    static void from_json(const json& j, std::optional<T>& value) {
        if (j.is_null())
            value.reset();
        else
            value = j.get<T>();
    }
};
} // namespace nlohmann

namespace bombo {

template <class Tag> void to_json(Json& j, const Quantity<Tag>& q) {
    j = q.value;
}
template <class Tag> void from_json(const Json& j, Quantity<Tag>& q) {
    q.value = j.get<double>();
}

/// A head of data/heads.json; docs/cli.md lists the keys of heads, tones and drums.
Result<HeadSpec, InputProblem> headFromJson(const Json& j);
/// A tone of data/tones.json.
Result<Tone, InputProblem> toneFromJson(const Json& j);
/// The four files of the catalogue: {"heads": [...]}, {"shells": [...]}, {"hoops": [...]}, {"wires": [...]}.
Result<Catalogue, InputProblem> catalogueFromJson(const Json& heads, const Json& shells, const Json& hoops,
                                                  const Json& wires);
/// The net of data/faults.json.
Result<FaultNet, InputProblem> faultNetFromJson(const Json& json);
/// A drum. Its heads and hoop may be named, and what its material does in the weather be left out: both are
/// then looked up in the catalogue. Checked by checkedDrum.
Result<Drum, InputProblem> drumFromJson(const Json& j, const Catalogue& catalogue);
Json toJson(const HeadSpec& head);
Json toJson(const Tone& tone);
Json toJson(const Drum& drum);
/// A log entry's summary of one session: what was aimed at and what was reached.
Json setupSummary(const Session& session);

/// The number at `key`, or a problem that names it. Also refuses a key whose unit is wrong (see unitHint).
Result<double, InputProblem> numberAt(const Json& j, const std::string& key);
Result<std::string, InputProblem> textAt(const Json& j, const std::string& key);

} // namespace bombo

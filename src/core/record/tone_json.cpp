#include "core/record/json_reader.h"

namespace bombo {

Result<Tone, InputProblem> toneFromJson(const Json& j) {
    Reader read(j);
    const Tone usual;
    Tone tone;
    tone.id = read.text("id");
    tone.name = read.text("name");
    tone.reason = read.text("reason", "");
    tone.batterEdgeAt14 = Hertz{read.number("batter_edge_at_14_in_hz")};
    tone.pitchSpan = Cents{read.number("batter_edge_span_cents", usual.pitchSpan.value)};
    tone.snareSideAbove = Cents{read.number("snare_side_above_cents")};
    tone.intervalSpan = Cents{read.number("snare_side_span_cents", usual.intervalSpan.value)};
    tone.ring = Seconds{read.number("ring_s")};
    tone.ringSpan = read.number("ring_span_factor", usual.ringSpan);
    tone.wireMargin = read.number("wire_margin");
    tone.wireSpan = read.number("wire_span", usual.wireSpan);
    tone.muffling = read.text("muffling", "");
    tone.origin = read.text("origin", usual.origin);
    tone.wiresOff = read.flag("wires_off", false);
    if (j.is_object() && j.contains("buzz_s"))
        tone.buzz = Seconds{read.number("buzz_s")};
    if (j.is_object() && j.contains("brightness_hz"))
        tone.brightness = Hertz{read.number("brightness_hz")};
    if (j.is_object() && j.contains("reasons")) {
        Reader reasons(j["reasons"]);
        tone.reasons = {reasons.text("batter", ""), reasons.text("snare_side", ""), reasons.text("wires", ""),
                        reasons.text("muffling", "")};
        if (reasons.problem())
            read.refuse(within("reasons", *reasons.problem()));
    }
    read.needs("batter_edge_at_14_in_hz", tone.batterEdgeAt14.value > 0.0, "must be above 0");
    read.needs("ring_s", tone.ring.value > 0.0, "must be above 0");
    read.needs("wire_margin", tone.wireMargin >= 0.0 && tone.wireMargin <= 1.0, "must lie between 0 and 1");
    read.needs("batter_edge_span_cents", tone.pitchSpan.value >= 0.0, "must be 0 or more");
    read.needs("snare_side_span_cents", tone.intervalSpan.value >= 0.0, "must be 0 or more");
    read.needs("ring_span_factor", tone.ringSpan >= 1.0, "must be 1 or more");
    read.needs("wire_span", tone.wireSpan >= 0.0, "must be 0 or more");
    if (read.problem())
        return failure(*read.problem());
    return tone;
}

Json toJson(const Tone& tone) {
    Json j{{"id", tone.id},
           {"name", tone.name},
           {"reason", tone.reason},
           {"batter_edge_at_14_in_hz", tone.batterEdgeAt14.value},
           {"batter_edge_span_cents", tone.pitchSpan.value},
           {"snare_side_above_cents", tone.snareSideAbove.value},
           {"snare_side_span_cents", tone.intervalSpan.value},
           {"ring_s", tone.ring.value},
           {"ring_span_factor", tone.ringSpan},
           {"wire_margin", tone.wireMargin},
           {"wire_span", tone.wireSpan},
           {"reasons",
            {{"batter", tone.reasons.batter},
             {"snare_side", tone.reasons.snareSide},
             {"wires", tone.reasons.wires},
             {"muffling", tone.reasons.muffling}}},
           {"muffling", tone.muffling},
           {"wires_off", tone.wiresOff},
           {"origin", tone.origin}};
    if (tone.buzz)
        j["buzz_s"] = tone.buzz->value;
    if (tone.brightness)
        j["brightness_hz"] = tone.brightness->value;
    return j;
}

} // namespace bombo

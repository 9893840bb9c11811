#include "store/exchange/parcel_json.h"

#include "core/record/entry_figures.h"

#include <QDateTime>

namespace bombo {
namespace {

constexpr const char* kFormat = "bombo-parcel";

Json wordsJson(const EntryWords& words) {
    return parsedJson(entryWordsText(words));
}

Json entryJson(const KeptEntry& kept) {
    Json json{{"saved_at", kept.entry.savedAt.toStdString()},
              {"drum", kept.entry.drumId},
              {"tone", kept.entry.toneId}};
    Json summary = parsedJson(kept.entry.summary.toStdString());
    json["setup"] = summary.is_object() ? std::move(summary) : Json::object();
    if (kept.words)
        json["words"] = wordsJson(*kept.words);
    if (!kept.setup.empty())
        if (Json work = parsedJson(kept.setup); !work.is_discarded())
            json["work"] = std::move(work);
    return json;
}

InputProblem at(const std::string& place, const InputProblem& problem) {
    return {problem.key.empty() ? place : place + '.' + problem.key, problem.message};
}

/// One that cannot be read costs only itself, and is named.
template <class Value, class Read>
std::optional<InputProblem> readList(const Json& json, const char* key, std::vector<Value>& into,
                                     QStringList& leftOut, Read read) {
    if (!json.contains(key))
        return std::nullopt;
    if (!json[key].is_array())
        return InputProblem{key, "must be a list"};
    std::size_t i = 0;
    for (const Json& one : json[key]) {
        const std::string place = std::string(key) + '.' + std::to_string(i++);
        Result<Value, InputProblem> value =
            one.is_object() ? read(one)
                            : Result<Value, InputProblem>(failure(InputProblem{"", "must be an object"}));
        if (value)
            into.push_back(std::move(value).value());
        else
            leftOut << QString::fromStdString(at(place, value.fault()).text());
    }
    return std::nullopt;
}

Result<DrumRow, InputProblem> drumRowFrom(const Json& json) {
    auto drum = drumFromJson(json, {});
    if (!drum)
        return failure(drum.fault());
    DrumRow row;
    row.drum = std::move(drum).value();
    if (row.drum.id.empty())
        return failure(InputProblem{"id", "is missing"});
    const auto whole = [&](const char* key) { return json.contains(key) && json[key].is_number_unsigned(); };
    if (whole("practice_seed"))
        row.practiceSeed = json["practice_seed"].get<std::uint64_t>();
    if (json.contains("tone") && json["tone"].is_string())
        row.toneId = json["tone"].get<std::string>();
    row.isRetired = json.contains("retired") && json["retired"] == true;
    return row;
}

Result<KeptEntry, InputProblem> entryFrom(const Json& json) {
    KeptEntry kept;
    for (const auto& [key, into] :
         {std::pair{"drum", &kept.entry.drumId}, std::pair{"tone", &kept.entry.toneId}}) {
        auto text = textAt(json, key);
        if (!text)
            return failure(text.fault());
        *into = std::move(text).value();
    }
    const auto savedAt = textAt(json, "saved_at");
    if (!savedAt)
        return failure(savedAt.fault());
    kept.entry.savedAt = QString::fromStdString(*savedAt);
    if (!QDateTime::fromString(kept.entry.savedAt, Qt::ISODate).isValid())
        return failure(InputProblem{"saved_at", "must be a time like 2026-11-29T20:15:00+01:00"});
    if (!json.contains("setup") || !json["setup"].is_object())
        return failure(InputProblem{"setup", "is missing; give an object with what was reached"});
    kept.entry.summary =
        QString::fromStdString(json["setup"].dump(-1, ' ', false, Json::error_handler_t::replace));
    if (json.contains("words")) {
        auto words = entryWordsFrom(json["words"].dump(-1, ' ', false, Json::error_handler_t::replace));
        if (!words)
            return failure(InputProblem{"words", "must be an object"});
        kept.words = std::move(words).value();
    }
    if (json.contains("work")) {
        kept.setup = json["work"].dump(-1, ' ', false, Json::error_handler_t::replace);
        if (const auto setup = setupFromText(kept.setup); !setup)
            return failure(at("work", setup.fault()));
        kept.entry.restorable = true;
    }
    return kept;
}

} // namespace

Json parcelJson(const Parcel& parcel) {
    Json json{{"format", kFormat}, {"version", kParcelVersion}};
    json["drums"] = Json::array();
    for (const DrumRow& row : parcel.drums) {
        Json drum = toJson(row.drum);
        drum["practice_seed"] = row.practiceSeed;
        drum["tone"] = row.toneId;
        if (row.isRetired)
            drum["retired"] = true;
        json["drums"].push_back(std::move(drum));
    }
    json["tones"] = Json::array();
    for (const Tone& tone : parcel.tones)
        json["tones"].push_back(toJson(tone));
    json["entries"] = Json::array();
    for (const KeptEntry& kept : parcel.entries)
        if (!kept.isDeleted)
            json["entries"].push_back(entryJson(kept));
    return json;
}

Result<Parcel, InputProblem> parcelFromJson(const Json& json) {
    if (!json.is_object() || !json.contains("format") || json["format"] != kFormat)
        return failure(
            InputProblem{"format", "is no export of a logbook; \"format\" must be \"bombo-parcel\""});
    if (!json.contains("version") || !json["version"].is_number_integer())
        return failure(InputProblem{"version", "is missing"});
    if (json["version"].get<std::int64_t>() > kParcelVersion)
        return failure(InputProblem{"version", "was written by a newer Bombo; take it in with that one"});
    Parcel parcel;
    auto problem = readList(json, "drums", parcel.drums, parcel.leftOut, drumRowFrom);
    if (!problem)
        problem = readList(json, "tones", parcel.tones, parcel.leftOut, toneFromJson);
    if (!problem)
        problem = readList(json, "entries", parcel.entries, parcel.leftOut, entryFrom);
    if (problem)
        return failure(*problem);
    return parcel;
}

Result<Parcel, InputProblem> parcelFromText(const std::string& text) {
    // A byte-order mark is no JSON, but editors put one there.
    const std::string_view mark = "\xEF\xBB\xBF";
    const std::string_view bare = text.starts_with(mark) ? std::string_view(text).substr(mark.size()) : text;
    const Json json = parsedJson(bare);
    if (json.is_discarded())
        return failure(InputProblem{"", "The file is no JSON; choose one that was exported from a logbook."});
    return parcelFromJson(json);
}

} // namespace bombo

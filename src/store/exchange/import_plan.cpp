#include "store/exchange/import_plan.h"

#include "core/record/entry_figures.h"
#include "core/record/json_values.h"

#include <QDateTime>
#include <algorithm>
#include <map>
#include <set>

namespace bombo {
namespace {

/// When and of what.
std::string placeOf(const KeptEntry& kept) {
    return std::to_string(QDateTime::fromString(kept.entry.savedAt, Qt::ISODate).toSecsSinceEpoch()) + '|' +
           kept.entry.drumId + '|' + kept.entry.toneId;
}

/// The same with all that it holds, whatever its number and however its time is written.
std::string keyOf(const KeptEntry& kept) {
    const Json summary = Json::parse(kept.entry.summary.toStdString(), nullptr, false);
    return placeOf(kept) + '|' +
           (summary.is_discarded() ? std::string()
                                   : summary.dump(-1, ' ', false, Json::error_handler_t::replace));
}

/// Only the first of several that are one and the same.
template <class Value, class Id>
void addOnce(std::vector<Value>& into, std::set<std::string>& seen, Value value, Id id) {
    if (seen.insert(id).second)
        into.push_back(std::move(value));
}

} // namespace

ImportPlan planImport(const Parcel& here, const Parcel& given) {
    ImportPlan plan;
    std::set<std::string> drums;
    for (const DrumRow& row : given.drums) {
        const auto same = std::find_if(here.drums.begin(), here.drums.end(),
                                       [&](const DrumRow& one) { return one.drum.id == row.drum.id; });
        if (same == here.drums.end())
            addOnce(plan.adds.drums, drums, row, row.drum.id);
        else if (toJson(same->drum) == toJson(row.drum))
            ++plan.same;
        else
            plan.differs << QString::fromStdString(row.drum.name);
    }
    std::set<std::string> tones;
    for (const Tone& tone : given.tones) {
        const auto same = std::find_if(here.tones.begin(), here.tones.end(),
                                       [&](const Tone& one) { return one.id == tone.id; });
        if (same == here.tones.end())
            addOnce(plan.adds.tones, tones, tone, tone.id);
        else if (*same == tone)
            ++plan.same;
        else
            plan.differs << QString::fromStdString(tone.name);
    }
    std::map<std::string, const KeptEntry*> known;
    std::set<std::string> places;
    for (const KeptEntry& kept : here.entries) {
        known.emplace(keyOf(kept), &kept);
        places.insert(placeOf(kept));
    }
    std::set<std::string> entries;
    for (const KeptEntry& kept : given.entries) {
        const auto isIt = [&](const DrumRow& row) { return row.drum.id == kept.entry.drumId; };
        const bool hasDrum = std::any_of(here.drums.begin(), here.drums.end(), isIt) ||
                             std::any_of(given.drums.begin(), given.drums.end(), isIt);
        const std::string key = keyOf(kept);
        if (!hasDrum) {
            plan.refused << QStringLiteral("%1: there is no drum \"%2\"")
                                .arg(kept.entry.savedAt, QString::fromStdString(kept.entry.drumId));
        } else if (const auto same = known.find(key); same != known.end()) {
            if (kept.words && kept.words != same->second->words)
                plan.differs << kept.entry.savedAt;
            else
                ++plan.same;
        } else if (places.contains(placeOf(kept))) {
            plan.differs << kept.entry.savedAt; // a table says less than what is here
        } else {
            addOnce(plan.adds.entries, entries, kept, key);
        }
    }
    return plan;
}

} // namespace bombo

#include "store/exchange/import_plan.h"

#include "core/record/entry_doubt.h"
#include "core/record/entry_figures.h"
#include "core/record/json_values.h"

#include <QDateTime>
#include <algorithm>
#include <map>
#include <set>

namespace bombo {
namespace {

/// When and of what.
std::string placeOf(const KeptEntry& kept, std::optional<qint64> utc = std::nullopt) {
    const qint64 at = utc ? *utc : QDateTime::fromString(kept.entry.savedAt, Qt::ISODate).toSecsSinceEpoch();
    return std::to_string(at) + '|' + kept.entry.drumId + '|' + kept.entry.toneId;
}

/// The same with all that it holds, whatever its number and however its time is written.
std::string keyOf(const KeptEntry& kept, std::optional<qint64> utc = std::nullopt) {
    const Json summary = parsedJson(kept.entry.summary.toStdString());
    return placeOf(kept, utc) + '|' +
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

namespace {

/// Asks of each entry whether it can be: when, and of that drum.
class Doubts {
public:
    Doubts(const Parcel& here, const Parcel& given, qint64 now) : m_now(now) {
        for (const Parcel* parcel : {&given, &here}) // what is here counts where both have it
            for (const DrumRow& row : parcel->drums)
                m_drums[row.drum.id] = &row.drum;
    }

    /// @return empty: it can be
    QString of(const KeptEntry& kept) {
        const auto drum = m_drums.find(kept.entry.drumId);
        if (drum == m_drums.end())
            return QStringLiteral("there is no drum \"%1\"").arg(QString::fromStdString(kept.entry.drumId));
        const qint64 at = QDateTime::fromString(kept.entry.savedAt, Qt::ISODate).toSecsSinceEpoch();
        constexpr qint64 earliest = 631152000; // 1990
        if (at < earliest || at > m_now + 86400)
            return QStringLiteral("saved_at: must lie between 1990 and tomorrow");
        const auto figures = entryFiguresFrom(kept.entry.summary.toStdString());
        if (!figures)
            return {};
        auto spans = m_spans.find(kept.entry.drumId);
        if (spans == m_spans.end())
            spans =
                m_spans
                    .emplace(kept.entry.drumId, std::pair{pitchSpanOf(*drum->second, HeadSide::Batter),
                                                          pitchSpanOf(*drum->second, HeadSide::SnareSide)})
                    .first;
        const auto doubt = doubtIn(*figures, *drum->second, spans->second.first, spans->second.second);
        return doubt ? QString::fromStdString(doubt->text()) : QString();
    }

private:
    qint64 m_now;
    std::map<std::string, const Drum*> m_drums;
    std::map<std::string, std::pair<PitchSpan, PitchSpan>> m_spans;
};

} // namespace

std::optional<ImportPlan> planImport(const Parcel& here, const Parcel& given, qint64 now,
                                     const Progress& progress) {
    ImportPlan plan;
    plan.refused = given.leftOut;
    Doubts doubts(here, given, now);
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
    std::map<std::string, const KeptEntry*> places;
    // A time without its offset is read by the clock of today; the workbook knows which moment it was.
    const std::size_t all = here.entries.size() + given.entries.size();
    std::size_t done = 0;
    for (const KeptEntry& kept : here.entries) {
        if (!goesOn(progress, done++, all))
            return std::nullopt;
        known.emplace(keyOf(kept), &kept);
        places.emplace(placeOf(kept), &kept);
        if (kept.utc && placeOf(kept, kept.utc) != placeOf(kept)) {
            known.emplace(keyOf(kept, kept.utc), &kept);
            places.emplace(placeOf(kept, kept.utc), &kept);
        }
    }
    std::set<qint64> fromBin;
    const auto isHere = [&](const KeptEntry& kept, const KeptEntry& same) {
        if (same.isDeleted && fromBin.insert(same.entry.id).second) {
            plan.adds.entries.push_back(same);
            ++plan.restored;
        } else if (kept.words && kept.words != same.words) {
            plan.differs << kept.entry.savedAt;
        } else {
            ++plan.same;
        }
    };
    std::set<std::string> entries;
    for (const KeptEntry& kept : given.entries) {
        if (!goesOn(progress, done++, all))
            return std::nullopt;
        const std::string key = keyOf(kept);
        if (const QString why = doubts.of(kept); !why.isEmpty()) {
            plan.refused << QStringLiteral("%1: %2").arg(kept.entry.savedAt, why);
        } else if (const auto same = known.find(key); same != known.end()) {
            isHere(kept, *same->second);
        } else if (const auto near = places.find(placeOf(kept)); near != places.end()) {
            if (near->second->isDeleted) // a table says less than what is in the bin
                isHere(kept, *near->second);
            else
                plan.differs << kept.entry.savedAt; // or than what is here
        } else {
            addOnce(plan.adds.entries, entries, kept, key);
        }
    }
    return plan;
}

} // namespace bombo

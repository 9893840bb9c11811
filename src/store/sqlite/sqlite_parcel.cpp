/// SqliteWorkbook: what goes from one workbook to another.
#include "core/record/entry_figures.h"
#include "store/exchange/progress.h"
#include "store/packed_text.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"

#include <QDateTime>
#include <algorithm>
#include <set>

namespace bombo {

/// An entry as it is kept, as far as it can be read; what is left out of it is noted in the parcel.
SqliteWorkbook::Outcome<KeptEntry> SqliteWorkbook::keptEntry(qint64 id, Parcel& parcel, Setups setups) const {
    Statement read(
        m_database,
        QStringLiteral("SELECT saved_at, drum_id, tone_id, summary, session_state, words, saved_utc, "
                       "deleted FROM log_entries WHERE id = ?"),
        {id});
    if (!read.ok() || !read.query().next())
        return failure(problemOf(read.error(), m_path));
    const QSqlQuery& row = read.query();
    KeptEntry kept;
    kept.entry = {id,
                  row.value(0).toString(),
                  row.value(1).toString().toStdString(),
                  row.value(2).toString().toStdString(),
                  row.value(3).toString(),
                  !row.isNull(4)};
    kept.utc = row.value(6).toLongLong();
    kept.isDeleted = row.value(7).toInt() != 0;
    const auto leaveOut = [&](const QString& what, const QString& why) {
        parcel.leftOut
            << QStringLiteral("entry %1 of %2: %3 (%4)").arg(id).arg(kept.entry.savedAt, what, why);
    };
    if (!row.isNull(4) && setups == Setups::Included) {
        const auto text = setupTextOf(row.value(4), id);
        const auto setup =
            text ? setupFromText(*text)
                 : Result<Setup, InputProblem>(failure(InputProblem{"", "it cannot be unpacked"}));
        if (setup)
            kept.setup = *text;
        else
            leaveOut(QStringLiteral("its setup is damaged, its figures are here"),
                     QString::fromStdString(setup.fault().text()));
        kept.entry.restorable = bool(setup);
    }
    if (!row.isNull(5)) {
        auto words = entryWordsFrom(row.value(5).toString().toStdString());
        if (words)
            kept.words = std::move(words).value();
        else
            leaveOut(QStringLiteral("its words are damaged"), QString::fromStdString(words.fault().text()));
    }
    return kept;
}

SqliteWorkbook::Outcome<Parcel> SqliteWorkbook::parcel(const std::optional<std::string>& drumId,
                                                       Setups setups) const {
    Parcel parcel;
    auto rows = drums();
    if (!rows)
        return failure(rows.fault());
    for (DrumRow& row : *rows)
        if (!drumId || row.drum.id == *drumId)
            parcel.drums.push_back(std::move(row));
    std::set<std::string> used;
    std::set<std::string> lost;
    for (const bool areDeleted : {false, true}) {
        const auto ids = entryIds(drumId, areDeleted, 0);
        if (!ids)
            return failure(ids.fault());
        for (auto id = ids->rbegin(); id != ids->rend(); ++id) {
            auto kept = keptEntry(*id, parcel, setups);
            if (!kept) {
                parcel.leftOut << QStringLiteral("entry %1: %2").arg(*id).arg(kept.fault().detail);
                continue;
            }
            used.insert(kept->entry.toneId);
            const auto isIt = [&](const DrumRow& row) { return row.drum.id == kept->entry.drumId; };
            if (std::none_of(parcel.drums.begin(), parcel.drums.end(), isIt) &&
                lost.insert(kept->entry.drumId).second) {
                auto found = setups == Setups::Included ? lostDrum(kept->entry.drumId) : std::nullopt;
                parcel.leftOut << QStringLiteral("the drum %1: its row is damaged%2")
                                      .arg(QString::fromStdString(kept->entry.drumId),
                                           found ? QStringLiteral("; it was taken from its work")
                                                 : QStringLiteral(", and its entries have no drum"));
                if (found)
                    parcel.drums.push_back(std::move(*found));
            }
            parcel.entries.push_back(std::move(kept).value());
        }
    }
    for (const DrumRow& drum : parcel.drums)
        used.insert(drum.toneId);
    auto own = tones();
    if (!own)
        return failure(own.fault());
    for (Tone& tone : *own)
        if (!drumId || used.contains(tone.id))
            parcel.tones.push_back(std::move(tone));
    return parcel;
}

SqliteWorkbook::Outcome<Done> SqliteWorkbook::takeIn(const Parcel& parcel,
                                                     const std::function<bool(double)>& progress) {
    Transaction taking = writing();
    if (!taking.begun())
        return failure(taking.problem(m_path));
    for (const Tone& tone : parcel.tones)
        if (const auto added = addTone(tone); !added)
            return failure(added.fault());
    for (const DrumRow& row : parcel.drums) {
        if (const auto added = addDrum(row); !added)
            return failure(added.fault());
        if (row.isRetired)
            if (const auto retired = retireDrum(row.drum.id, true); !retired)
                return failure(retired.fault());
    }
    std::size_t done = 0;
    for (const KeptEntry& kept : parcel.entries) {
        if (!goesOn(progress, done++, parcel.entries.size()))
            return failure(WorkbookProblem{WorkbookFault::GivenUp, m_path, {}});
        if (kept.isDeleted) { // it lies in the bin here
            if (auto problem = changeEntries(QStringLiteral("deleted = ?"), 0, {kept.entry.id}))
                return failure(*problem);
            continue;
        }
        const auto id =
            insertEntry(kept.entry, kept.setup.empty() ? QVariant() : QVariant(packedText(kept.setup)));
        if (!id)
            return failure(id.fault());
        if (!kept.words)
            continue;
        Statement words(m_database, QStringLiteral("UPDATE log_entries SET words = ? WHERE id = ?"),
                        {QString::fromStdString(entryWordsText(*kept.words)), *id});
        if (!words.ok())
            return failure(problemOf(words.error(), m_path));
    }
    if (!taking.commit())
        return failure(taking.problem(m_path));
    return Done{};
}

} // namespace bombo

/// SqliteWorkbook: what goes from one workbook to another.
#include "core/record/entry_figures.h"
#include "store/packed_text.h"
#include "store/sqlite/sql.h"
#include "store/sqlite/sqlite_workbook.h"

#include <QDateTime>
#include <algorithm>
#include <set>

namespace bombo {

SqliteWorkbook::Outcome<Parcel> SqliteWorkbook::parcel(const std::optional<std::string>& drumId) const {
    Parcel parcel;
    auto rows = drums();
    if (!rows)
        return failure(rows.fault());
    for (DrumRow& row : *rows)
        if (!drumId || row.drum.id == *drumId)
            parcel.drums.push_back(std::move(row));
    const QString columns = QStringLiteral(
        "SELECT id, saved_at, drum_id, tone_id, summary, session_state, words FROM log_entries "
        "WHERE deleted = 0 ");
    const QString order = QStringLiteral(" ORDER BY saved_utc, id");
    Statement read = drumId ? Statement(m_database, columns + QStringLiteral("AND drum_id = ?") + order,
                                        {QString::fromStdString(*drumId)})
                            : Statement(m_database, columns + order);
    if (!read.ok())
        return failure(problemOf(read.error(), m_path));
    std::set<std::string> used;
    QSqlQuery& row = read.query();
    while (row.next()) {
        KeptEntry kept;
        const qint64 id = row.value(0).toLongLong();
        kept.entry = {id,
                      row.value(1).toString(),
                      row.value(2).toString().toStdString(),
                      row.value(3).toString().toStdString(),
                      row.value(4).toString(),
                      !row.isNull(5)};
        if (!row.isNull(5)) {
            auto setup = setupTextOf(row.value(5), id);
            if (!setup)
                return failure(setup.fault());
            kept.setup = std::move(setup).value();
        }
        if (!row.isNull(6))
            if (auto words = entryWordsFrom(row.value(6).toString().toStdString()))
                kept.words = std::move(words).value();
        used.insert(kept.entry.toneId);
        parcel.entries.push_back(std::move(kept));
    }
    if (read.brokeOff())
        return failure(problemOf(read.error(), m_path));
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

SqliteWorkbook::Outcome<Done> SqliteWorkbook::takeIn(const Parcel& parcel) {
    Transaction taking = writing();
    if (!taking.begun())
        return failure(problemOf(taking.error(), m_path));
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
    for (const KeptEntry& kept : parcel.entries) {
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
        return failure(problemOf(taking.error(), m_path));
    return Done{};
}

} // namespace bombo

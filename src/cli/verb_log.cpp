#include "cli/verbs.h"
#include "core/record/entry_figures.h"
#include "store/exchange/entries_csv.h"
#include "store/exchange/names.h"
#include "store/resources.h"

#include <algorithm>

namespace bombo::cli {

Answer listLog(const std::string& workbookPath) {
    const auto book = Workbook::open(QString::fromStdString(workbookPath));
    if (!book)
        return Cannot{problemText(book.fault()).toStdString()};
    const auto entries = book.value()->logEntries();
    if (!entries)
        return Cannot{problemText(entries.fault()).toStdString()};
    const auto figures = book.value()->entries({});
    if (!figures)
        return Cannot{problemText(figures.fault()).toStdString()};
    const auto wordsOf = [&](qint64 id) { // as they were changed since
        const auto found =
            std::find_if(figures->begin(), figures->end(), [id](const Entry& one) { return one.id == id; });
        return found == figures->end() ? Json() : parsedJson(entryWordsText(found->figures.words));
    };
    // A summary that is no JSON is named by its entry; the others are listed all the same.
    const auto setupOf = [](const LogEntry& entry) {
        Json setup = parsedJson(entry.summary.toStdString());
        return setup.is_discarded() ? Json{{"damaged", true}} : setup;
    };
    Json out = Json::array();
    for (const LogEntry& entry : *entries)
        out.push_back({{"id", entry.id},
                       {"saved_at", entry.savedAt.toStdString()},
                       {"drum", entry.drumId},
                       {"tone", entry.toneId},
                       {"words", wordsOf(entry.id)},
                       {"setup", setupOf(entry)}});
    return out;
}

Answer saveLog(const std::string& workbookPath, const Json& in, const std::string& now) {
    const auto drum = textAt(in, "drum");
    if (!drum)
        return drum.fault();
    const auto tone = textAt(in, "tone");
    if (!tone)
        return tone.fault();
    if (!in.contains("setup") || !in["setup"].is_object())
        return InputProblem{"setup", "is missing; give an object with what was reached"};
    if (auto problem = faultInSetup(in["setup"]))
        return *problem;
    const auto book = Workbook::open(QString::fromStdString(workbookPath));
    if (!book)
        return Cannot{problemText(book.fault()).toStdString()};
    const auto drums = book.value()->drums();
    const auto tones = book.value()->tones();
    if (!drums || !tones)
        return Cannot{problemText(drums ? tones.fault() : drums.fault()).toStdString()};
    Names drumNames;
    for (const DrumRow& row : *drums)
        drumNames.add(row.drum.id, row.drum.name);
    Names toneNames;
    for (const Tone& one : withCatalogueTones(*tones))
        toneNames.add(one.id, one.name);
    const auto drumId = drumNames.idOf("drum", *drum);
    if (!drumId)
        return drumId.fault();
    const auto toneId = toneNames.idOf("tone", *tone);
    if (!toneId)
        return toneId.fault();
    const LogEntry entry{
        0,
        QString::fromStdString(now),
        *drumId,
        *toneId,
        QString::fromStdString(in["setup"].dump(-1, ' ', false, Json::error_handler_t::replace)),
        false};
    const auto id = book.value()->addLogEntry(entry);
    if (!id)
        return Cannot{problemText(id.fault()).toStdString()};
    return Json{{"id", *id}};
}

} // namespace bombo::cli
